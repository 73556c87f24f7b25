#include "app/views/by_eye/match_target.h"

#include <QPainter>

#include <algorithm>
#include <cmath>

namespace lantern::app {

namespace {

constexpr int kSteps = 8;
constexpr int kStepCode = 3; ///< from one step to the next

QRgb inChannel(int channel, int code)
{
    return qRgb(channel == 0 || channel == 3 ? code : 0, channel == 1 || channel == 3 ? code : 0,
                channel == 2 || channel == 3 ? code : 0);
}

} // namespace

MatchTarget::MatchTarget(QWidget *parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("matchTarget"));
    setMinimumSize(110, 200);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setAttribute(Qt::WA_OpaquePaintEvent);
}

void MatchTarget::showHalfLight(int channel, double code)
{
    m_what = What::HalfLight;
    m_channel = channel;
    m_code = code;
    setAccessibleName(tr("Lined field with a solid one in its middle"));
    update();
}

void MatchTarget::showSteps(What what)
{
    m_what = what;
    setAccessibleName(what == What::BlackSteps ? tr("Dark bars on black")
                                               : tr("Light bars on white"));
    update();
}

void MatchTarget::showNeutral(const Vec3 &balance)
{
    m_what = What::Neutral;
    m_balance = balance;
    setAccessibleName(tr("Grey fields"));
    update();
}

void MatchTarget::paintEvent(QPaintEvent *)
{
    const double ratio = devicePixelRatioF();
    QImage image(static_cast<int>(std::lround(width() * ratio)),
                 static_cast<int>(std::lround(height() * ratio)), QImage::Format_RGB32);
    image.setDevicePixelRatio(ratio);
    switch (m_what) {
    case What::BlackSteps:
    case What::WhiteSteps:
        paintSteps(image);
        break;
    case What::HalfLight:
        paintHalfLight(image);
        break;
    case What::Neutral:
        paintNeutral(image);
        break;
    }
    QPainter(this).drawImage(0, 0, image);
}

/// Bars each a little further from black or white than the one before.
void MatchTarget::paintSteps(QImage &image) const
{
    const bool dark = m_what == What::BlackSteps;
    image.fill(dark ? Qt::black : Qt::white);
    const int step = image.width() / (kSteps + 1);
    for (int i = 0; i < kSteps; ++i) {
        const int code = dark ? kStepCode * (i + 1) : 255 - kStepCode * (i + 1);
        const QRect bar(step / 2 + i * step + step / 6, image.height() / 5, 2 * step / 3,
                        3 * image.height() / 5);
        for (int y = bar.top(); y <= bar.bottom(); ++y)
            for (int x = bar.left(); x <= bar.right(); ++x)
                image.setPixel(x, y, qRgb(code, code, code));
    }
}

/// Whole lines, since neighbouring pixels of one line may influence each other on their way to the
/// panel.
void MatchTarget::paintHalfLight(QImage &image) const
{
    const QRect solid(image.width() / 3, image.height() / 3, image.width() / 3, image.height() / 3);
    const QRgb field = inChannel(m_channel, static_cast<int>(std::lround(m_code)));
    const QRgb full = inChannel(m_channel, 255);
    for (int y = 0; y < image.height(); ++y) {
        auto *line = reinterpret_cast<QRgb *>(image.scanLine(y));
        const QRgb lined = y % 2 == 0 ? full : qRgb(0, 0, 0);
        for (int x = 0; x < image.width(); ++x)
            line[x] = solid.contains(x, y) ? field : lined;
    }
}

void MatchTarget::paintNeutral(QImage &image) const
{
    image.fill(Qt::black);
    constexpr int kFields = 4;
    const int margin = image.width() / 20;
    const int w = (image.width() - margin) / kFields - margin;
    for (int i = 0; i < kFields; ++i) {
        const double grey = 64.0 + 48 * i;
        Vec3 code = grey * m_balance;
        code = code.cwiseMax(0).cwiseMin(255);
        const QRgb colour =
            qRgb(static_cast<int>(std::lround(code[0])), static_cast<int>(std::lround(code[1])),
                 static_cast<int>(std::lround(code[2])));
        const int left = margin + i * (w + margin);
        for (int y = image.height() / 5; y < 4 * image.height() / 5; ++y)
            for (int x = left; x < left + w; ++x)
                image.setPixel(x, y, colour);
    }
}

} // namespace lantern::app
