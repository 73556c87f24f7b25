#include "app/views/fine_tune/tune_sheet.h"

#include "app/theme.h"
#include "app/views/fine_tune/fine_tune_model.h"
#include "core/colour/spaces.h"

#include <QKeyEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace lantern::app {

namespace {

constexpr int kFarther = 4; ///< steps at once with Shift

QColor grey(double lightness)
{
    const int code = static_cast<int>(std::lround(srgbCodesFromPcs({lightness, 0, 0}).g));
    return {code, code, code};
}

} // namespace

QImage greySheet(const QSize &size)
{
    QImage image(size, QImage::Format_RGB32);
    image.fill(grey(50));
    QPainter p(&image);
    const double w = size.width(), h = size.height();
    p.fillRect(QRectF(0.08 * w, 0.1 * h, 0.36 * w, 0.46 * h), grey(95));
    p.fillRect(QRectF(0.56 * w, 0.1 * h, 0.36 * w, 0.46 * h), grey(75));
    constexpr int kSteps = 12; // none of them is the ground
    for (int i = 0; i < kSteps; ++i)
        p.fillRect(QRectF(w * (0.08 + 0.84 * i / kSteps), 0.68 * h, 0.84 * w / kSteps + 1, 0.2 * h),
                   grey(100.0 * i / (kSteps - 1)));
    return image;
}

TuneSheet::TuneSheet(QWidget *parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("tuneSheet"));
    setFocusPolicy(Qt::StrongFocus);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setAccessibleName(tr("Sheet to compare with a print or another display"));
    setAccessibleDescription(
        tr("Left and Right: cooler and warmer; Up and Down: greener and pinker; Page Up and Page "
           "Down: light; + and -: middle greys; Shift: farther; Space held: as before; Home: back "
           "to the calibration."));
}

void TuneSheet::setSheet(const QImage &sheet)
{
    m_sheet = sheet;
    render();
}

void TuneSheet::setRendition(std::shared_ptr<const Rendition> rendition)
{
    m_rendition = std::move(rendition);
    render();
}

void TuneSheet::setWords(const QString &words)
{
    m_words = words;
    update();
}

void TuneSheet::resizeEvent(QResizeEvent *event)
{
    QWidget::resizeEvent(event);
    render();
}

void TuneSheet::render()
{
    const QSize dots = (QSizeF(size()) * devicePixelRatioF()).toSize();
    if (dots.isEmpty())
        return;
    QImage image = m_sheet.isNull()
                       ? greySheet(dots)
                       : m_sheet.scaled(dots, Qt::KeepAspectRatio, Qt::SmoothTransformation)
                             .convertToFormat(QImage::Format_RGB32);
    if (m_rendition)
        for (int y = 0; y < image.height(); ++y)
            m_rendition->apply(image.constScanLine(y), image.scanLine(y),
                               static_cast<size_t>(image.width()));
    image.setDevicePixelRatio(devicePixelRatioF());
    m_shown = image;
    update();
}

void TuneSheet::paintEvent(QPaintEvent *)
{
    QPainter p(this);
    p.fillRect(rect(), QColor(60, 60, 60));
    const QSizeF shown = m_shown.deviceIndependentSize();
    p.drawImage(QPointF((width() - shown.width()) / 2, (height() - shown.height()) / 2), m_shown);
    if (m_words.isEmpty())
        return;
    const QRect strip(0, height() - 30, width(), 30);
    p.fillRect(strip, QColor(30, 30, 30));
    p.setPen(theme::kMuted);
    p.setFont(theme::font(theme::kSmall));
    p.drawText(strip, Qt::AlignCenter, m_words);
}

void TuneSheet::keyPressEvent(QKeyEvent *event)
{
    const int by = event->modifiers() & Qt::ShiftModifier ? kFarther : 1;
    const auto step = [&](Knob knob, int steps) { emit stepped(static_cast<int>(knob), steps); };
    switch (event->key()) {
    case Qt::Key_Left:
        step(Knob::Warmth, -by);
        break;
    case Qt::Key_Right:
        step(Knob::Warmth, by);
        break;
    case Qt::Key_Up:
        step(Knob::Tint, by);
        break;
    case Qt::Key_Down:
        step(Knob::Tint, -by);
        break;
    case Qt::Key_PageUp:
        step(Knob::Luminance, by);
        break;
    case Qt::Key_PageDown:
        step(Knob::Luminance, -by);
        break;
    case Qt::Key_Plus:
    case Qt::Key_Equal:
        step(Knob::Lightness, 1);
        break;
    case Qt::Key_Minus:
        step(Knob::Lightness, -1);
        break;
    case Qt::Key_Home:
        emit resetWanted();
        break;
    case Qt::Key_Escape:
        emit leaveWanted();
        break;
    case Qt::Key_Space:
        if (!event->isAutoRepeat() && !std::exchange(m_holds, true))
            emit held(true);
        break;
    default:
        QWidget::keyPressEvent(event);
    }
}

void TuneSheet::keyReleaseEvent(QKeyEvent *event)
{
    if (event->key() == Qt::Key_Space && !event->isAutoRepeat() && std::exchange(m_holds, false))
        emit held(false);
    else
        QWidget::keyReleaseEvent(event);
}

void TuneSheet::focusOutEvent(QFocusEvent *event)
{
    if (std::exchange(m_holds, false))
        emit held(false);
    QWidget::focusOutEvent(event);
}

} // namespace lantern::app
