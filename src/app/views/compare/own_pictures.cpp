#include "app/views/compare/own_pictures.h"

#include <QCoreApplication>
#include <QLinearGradient>
#include <QPainter>
#include <QPainterPath>
#include <QRadialGradient>

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace lantern::app {

namespace {

constexpr QSize kSize(1200, 780);

/// One pressed leaf: a blade with a midrib and side veins, pointing up from its stalk.
void paintLeaf(QPainter &p, QPointF stalk, double length, double width, double degrees,
               const QColor &blade)
{
    p.save();
    p.translate(stalk);
    p.rotate(degrees);
    QPainterPath path;
    path.moveTo(0, 0);
    path.cubicTo(-width, -0.25 * length, -0.8 * width, -0.75 * length, 0, -length);
    path.cubicTo(0.8 * width, -0.75 * length, width, -0.25 * length, 0, 0);
    QLinearGradient shade(-width, 0, width, 0);
    shade.setColorAt(0, blade.darker(125));
    shade.setColorAt(0.5, blade.lighter(112));
    shade.setColorAt(1, blade.darker(110));
    p.setPen(QPen(blade.darker(170), 1.2));
    p.setBrush(shade);
    p.drawPath(path);
    p.setPen(QPen(blade.lighter(140), 2));
    p.drawLine(QPointF(0, 0.12 * length), QPointF(0, -0.94 * length));
    p.setPen(QPen(blade.lighter(125), 1));
    for (int i = 1; i < 9; ++i) {
        const double y = -length * i / 10.0;
        const double reach = 0.62 * width * std::sin(std::numbers::pi * i / 10);
        p.drawLine(QPointF(0, y), QPointF(-reach, y - 0.07 * length));
        p.drawLine(QPointF(0, y), QPointF(reach, y - 0.07 * length));
    }
    p.restore();
}

void paintSpray(QPainter &p, QPointF foot, int leaves, double scale,
                const std::array<QColor, 3> &colours)
{
    p.setPen(QPen(colours[0].darker(150), 3));
    p.drawLine(foot, foot + QPointF(0, -46.0 * scale * leaves / 2));
    for (int i = 0; i < leaves; ++i) {
        const QPointF at = foot + QPointF(0, -22.0 * scale * i);
        const double side = i % 2 ? 1 : -1;
        paintLeaf(p, at, 120 * scale, 26 * scale, side * (62 - 2.5 * i), colours[i % 3]);
    }
}

void paintCloth(QPainter &p, const QRectF &r, const QColor &colour)
{
    QLinearGradient folds(r.topLeft(), r.topRight());
    for (int i = 0; i <= 12; ++i) {
        const double t = i / 12.0;
        const double light = 100 + 38 * std::sin(9 * t + 2 * std::sin(4 * t));
        folds.setColorAt(t, light > 100 ? colour.lighter(int(light))
                                        : colour.darker(int(200 - light)));
    }
    p.fillRect(r, folds);
}

QImage platePicture()
{
    QImage image(kSize, QImage::Format_RGB32);
    image.fill(QColor(0xf3, 0xee, 0xe2));
    QPainter p(&image);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(QColor(0xc9, 0xc0, 0xac), 3));
    p.drawRect(QRectF(24, 24, kSize.width() - 48, 520));
    paintSpray(p, {230, 500}, 15, 1.1,
               {QColor(0x5c, 0x7a, 0x3a), QColor(0x74, 0x86, 0x3e), QColor(0x49, 0x66, 0x38)});
    paintSpray(p, {600, 505}, 13, 1.25,
               {QColor(0x9a, 0x58, 0x2c), QColor(0xb9, 0x7a, 0x36), QColor(0x7d, 0x3c, 0x2a)});
    paintSpray(p, {970, 500}, 15, 1.1,
               {QColor(0x3d, 0x6b, 0x5c), QColor(0x55, 0x82, 0x70), QColor(0x2d, 0x52, 0x4a)});
    const std::array<QColor, 8> skins = {QColor(0xf2, 0xd3, 0xc0), QColor(0xe6, 0xbd, 0xa2),
                                         QColor(0xd3, 0xa1, 0x82), QColor(0xb9, 0x84, 0x64),
                                         QColor(0x9a, 0x67, 0x4b), QColor(0x7c, 0x50, 0x3a),
                                         QColor(0x5a, 0x3b, 0x2d), QColor(0x40, 0x2b, 0x23)};
    for (int i = 0; i < 8; ++i) {
        const QPointF c(110 + 140 * i, 628);
        QRadialGradient light(c + QPointF(-16, -18), 74);
        light.setColorAt(0, skins[i].lighter(112));
        light.setColorAt(1, skins[i].darker(112));
        p.setPen(Qt::NoPen);
        p.setBrush(light);
        p.drawEllipse(c, 50, 62);
    }
    paintCloth(p, {24, 706, 370, 60}, QColor(0xb4, 0x2c, 0x38));
    paintCloth(p, {415, 706, 370, 60}, QColor(0xd8, 0xa4, 0x2c));
    paintCloth(p, {806, 706, 370, 60}, QColor(0x2c, 0x50, 0x9c));
    return image;
}

/// Eight skins from light to dark, each lit from the side, on plain grounds.
QImage skinPicture()
{
    QImage image(kSize, QImage::Format_RGB32);
    image.fill(QColor(0x58, 0x58, 0x58));
    QPainter p(&image);
    p.setRenderHint(QPainter::Antialiasing);
    const std::array<QColor, 8> skins = {QColor(0xf4, 0xd8, 0xc6), QColor(0xe8, 0xc1, 0xa6),
                                         QColor(0xd6, 0xa6, 0x86), QColor(0xbd, 0x88, 0x68),
                                         QColor(0x9d, 0x6a, 0x4e), QColor(0x7e, 0x53, 0x3c),
                                         QColor(0x5c, 0x3d, 0x2f), QColor(0x41, 0x2c, 0x24)};
    for (int i = 0; i < 8; ++i) {
        const QRectF ground(20 + 292 * (i % 4), 20 + 380 * (i / 4), 276, 360);
        p.fillRect(ground,
                   QColor(0x30 + 0x18 * (i % 4), 0x30 + 0x18 * (i % 4), 0x30 + 0x18 * (i % 4)));
        const QColor &skin = skins[i];
        const QPointF c = ground.center();
        QRadialGradient light(c + QPointF(-48, -70), 230);
        light.setColorAt(0, skin.lighter(122));
        light.setColorAt(0.45, skin);
        light.setColorAt(1, skin.darker(190));
        p.setPen(Qt::NoPen);
        p.setBrush(light);
        p.drawEllipse(c, 96, 132);
        QRadialGradient glow(c + QPointF(34, 36), 46); // blood under it
        QColor blush = skin.lighter(104);
        blush.setRed(std::min(255, blush.red() + 22));
        blush.setAlpha(150);
        glow.setColorAt(0, blush);
        blush.setAlpha(0);
        glow.setColorAt(1, blush);
        p.setBrush(glow);
        p.drawEllipse(c + QPointF(34, 36), 46, 46);
    }
    return image;
}

/// Steps and shapes that part only where deep shadows do.
QImage shadowPicture()
{
    QImage image(kSize, QImage::Format_RGB32);
    image.fill(Qt::black);
    QPainter p(&image);
    p.setRenderHint(QPainter::Antialiasing);
    for (int i = 0; i < 24; ++i)
        p.fillRect(QRectF(40 + 140 * (i % 8), 40 + 110 * (i / 8), 120, 90),
                   QColor(i + 1, i + 1, i + 1));
    const std::array<QColor, 3> tints = {QColor(24, 10, 8), QColor(10, 20, 8), QColor(10, 10, 28)};
    for (int k = 0; k < 3; ++k)
        paintSpray(p, {220.0 + 370 * k, 760}, 12, 1.0,
                   {tints[k], tints[k].lighter(140), tints[k].darker(130)});
    return image;
}

/// The same at the light end.
QImage highlightPicture()
{
    QImage image(kSize, QImage::Format_RGB32);
    image.fill(Qt::white);
    QPainter p(&image);
    p.setRenderHint(QPainter::Antialiasing);
    for (int i = 0; i < 24; ++i)
        p.fillRect(QRectF(40 + 140 * (i % 8), 40 + 110 * (i / 8), 120, 90),
                   QColor(254 - i, 254 - i, 254 - i));
    for (int i = 0; i < 3; ++i) { // white cloth
        QLinearGradient folds(40 + 380 * i, 0, 400 + 380 * i, 0);
        for (int k = 0; k <= 14; ++k) {
            const int v = 240 + int(14 * std::sin(2.4 * k + i));
            folds.setColorAt(k / 14.0, QColor(v, v, v - 3 * i));
        }
        p.fillRect(QRectF(40 + 380 * i, 400, 360, 340), folds);
    }
    return image;
}

/// Slow ramps in which any step shows.
QImage gradientPicture()
{
    QImage image(kSize, QImage::Format_RGB32);
    const std::array<QColor, 6> ends = {QColor(255, 255, 255), QColor(255, 0, 0),
                                        QColor(0, 255, 0),     QColor(0, 0, 255),
                                        QColor(120, 160, 200), QColor(200, 150, 120)};
    const int band = kSize.height() / int(ends.size());
    for (int y = 0; y < kSize.height(); ++y) {
        auto *line = reinterpret_cast<QRgb *>(image.scanLine(y));
        const QColor &end = ends[std::min<size_t>(ends.size() - 1, size_t(y / band))];
        for (int x = 0; x < kSize.width(); ++x) {
            const double t = double(x) / (kSize.width() - 1);
            line[x] = qRgb(int(std::lround(t * end.red())), int(std::lround(t * end.green())),
                           int(std::lround(t * end.blue())));
        }
    }
    return image;
}

/// Text small and large, light on dark and dark on light, and lines of one pixel.
QImage textPicture()
{
    QImage image(kSize, QImage::Format_RGB32);
    image.fill(Qt::white);
    QPainter p(&image);
    p.fillRect(QRectF(600, 0, 600, 780), QColor(0x1c, 0x1c, 0x1c));
    const QString words = QStringLiteral("Carex, Juncus, Salicornia: plates 1 to 48");
    for (const bool dark : {false, true}) {
        double y = 40;
        for (const int size : {8, 9, 10, 12, 14, 18, 24, 32}) {
            QFont font(QStringLiteral("Open Sans"));
            font.setPixelSize(size);
            p.setFont(font);
            for (const int contrast : {255, 140}) {
                const int v = dark ? 28 + contrast * 227 / 255 : 255 - contrast;
                p.setPen(QColor(v, v, v));
                p.drawText(QPointF(dark ? 620 : 20, y), words.left(size > 20 ? 22 : 41));
                y += size + 6;
            }
        }
        p.setPen(dark ? Qt::white : Qt::black);
        const double left = dark ? 620 : 20;
        for (int i = 0; i < 90; ++i) {
            p.drawLine(QPointF(left + 2 * i, 540), QPointF(left + 2 * i, 620));
            p.drawLine(QPointF(left + 220, 540 + i),
                       QPointF(left + 220 + (i % 2 ? 80 : 40), 540 + i));
        }
        p.setRenderHint(QPainter::Antialiasing);
        for (int i = 0; i < 24; ++i)
            p.drawLine(QPointF(left + 430, 640), QPointF(left + 430 + 120 * std::cos(i * 0.131),
                                                         640 - 120 * std::sin(i * 0.131)));
        p.setRenderHint(QPainter::Antialiasing, false);
    }
    return image;
}

QImage wedgePicture()
{
    QImage image(kSize, QImage::Format_RGB32);
    image.fill(QColor(0x60, 0x60, 0x60));
    QPainter p(&image);
    QLinearGradient ramp(40, 0, kSize.width() - 40, 0);
    ramp.setColorAt(0, Qt::black);
    ramp.setColorAt(1, Qt::white);
    p.fillRect(QRectF(40, 40, kSize.width() - 80, 120), ramp);
    constexpr int kSteps = 17;
    const double w = (kSize.width() - 80.0) / kSteps;
    for (int i = 0; i < kSteps; ++i) {
        const int v = 255 * i / (kSteps - 1);
        p.fillRect(QRectF(40 + i * w, 180, w, 120), QColor(v, v, v));
    }
    const double half = (kSize.width() - 100) / 2.0;
    for (int i = 0; i < 8; ++i) {
        const int dark = 2 + 4 * i;
        const int light = 225 + 4 * i;
        p.fillRect(QRectF(40 + i * half / 8, 320, half / 8, 140), QColor(dark, dark, dark));
        p.fillRect(QRectF(60 + half + i * half / 8, 320, half / 8, 140),
                   QColor(light, light, light));
    }
    for (int x = 40; x < kSize.width() - 40; ++x) {
        const float hue = float(x - 40) / float(kSize.width() - 80);
        for (int band = 0; band < 4; ++band)
            p.fillRect(QRectF(x, 480 + 65 * band, 1, 65),
                       QColor::fromHsvF(std::min(hue, 0.999F),
                                        std::array{1.F, .7F, .4F, .18F}[band],
                                        std::array{.95F, .9F, .8F, .7F}[band]));
    }
    return image;
}

} // namespace

std::vector<OwnPicture> ownPictures()
{
    return {{QCoreApplication::translate("Compare", "Plate: leaves, skin, cloth"), platePicture},
            {QCoreApplication::translate("Compare", "Skin from light to dark"), skinPicture},
            {QCoreApplication::translate("Compare", "Wedge: greys, hues"), wedgePicture},
            {QCoreApplication::translate("Compare", "Deep shadow"), shadowPicture},
            {QCoreApplication::translate("Compare", "Highlights"), highlightPicture},
            {QCoreApplication::translate("Compare", "Gradients"), gradientPicture},
            {QCoreApplication::translate("Compare", "Text and fine lines"), textPicture}};
}

} // namespace lantern::app
