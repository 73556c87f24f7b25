#include "app/views/pages/scan_code.h"

#include <QPainter>

#include <memory>
#include <qrencode.h>

namespace lantern::app {

namespace {

constexpr int kSide = 132; ///< points
constexpr int kQuiet = 4;  ///< squares around it, ISO/IEC 18004:2015, 5.3.8

} // namespace

ScanCode::ScanCode(QWidget *parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("scanCode"));
    setAccessibleName(tr("Address and code, to be scanned"));
    setFixedSize(kSide, kSide);
}

void ScanCode::setText(const QString &text)
{
    if (m_text == text)
        return;
    m_text = text;
    m_image = {};
    setAccessibleDescription(text);
    update();
    if (text.isEmpty())
        return;
    const std::unique_ptr<QRcode, decltype(&QRcode_free)> code(
        QRcode_encodeString(text.toUtf8().constData(), 0, QR_ECLEVEL_M, QR_MODE_8, 1),
        &QRcode_free);
    if (!code)
        return;
    m_image = QImage(code->width + 2 * kQuiet, code->width + 2 * kQuiet, QImage::Format_RGB32);
    m_image.fill(Qt::white);
    for (int y = 0; y < code->width; ++y)
        for (int x = 0; x < code->width; ++x)
            if (code->data[y * code->width + x] & 1)
                m_image.setPixel(x + kQuiet, y + kQuiet, qRgb(0, 0, 0));
}

void ScanCode::paintEvent(QPaintEvent *)
{
    if (m_image.isNull())
        return;
    // Whole pixels for each square: a blurred one is not read.
    const double ratio = devicePixelRatioF();
    const int squares = m_image.width();
    const int step = std::max(1, static_cast<int>(kSide * ratio) / squares);
    const double side = step * squares / ratio;
    QPainter painter(this);
    painter.drawImage(QRectF(width() - side, (height() - side) / 2, side, side), m_image);
}

} // namespace lantern::app
