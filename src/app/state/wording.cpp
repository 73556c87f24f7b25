#include "app/state/wording.h"

#include "core/base/message.h"

#include "core/colour/white.h"

#include <QCoreApplication>
#include <QLocale>
#include <QRegularExpression>

#include <algorithm>
#include <cmath>

namespace lantern::app {

namespace {

struct Wording {
    Q_DECLARE_TR_FUNCTIONS(Wording)
};

} // namespace

QString dash()
{
    return QStringLiteral("—");
}

QString fromCore(const std::string &text)
{
    return QCoreApplication::translate("Core", text.c_str());
}

QString figure(const std::optional<double> &value, int decimals)
{
    if (!value || !std::isfinite(*value))
        return dash();
    QLocale locale;
    locale.setNumberOptions(QLocale::OmitGroupSeparator);
    return locale.toString(*value, 'f', decimals);
}

QString readingText(const XYZ &reading)
{
    constexpr double kTooDark =
        0.02; // cd/m²: what usual colorimeters scatter by, from common practice
    if (!(std::min({reading.X, reading.Y, reading.Z}) > 0) || reading.Y < kTooDark)
        return Wording::tr("%1 cd/m², too dark to tell its colour")
            .arg(figure(std::max(0.0, reading.Y), 2));
    const Chromaticity c = chromaticity(reading);
    return Wording::tr("x %1  y %2  %3 cd/m²")
        .arg(figure(c.x, 4), figure(c.y, 4), figure(reading.Y, 2));
}

QString timeLeftText(double seconds)
{
    if (seconds <= 0)
        return {};
    if (seconds < 90)
        return Wording::tr("about %1 s left").arg(std::max(1.0, std::ceil(seconds)));
    return Wording::tr("about %1 min left").arg(std::round(seconds / 60));
}

std::optional<double> aimedKelvin(const Aim &aim)
{
    if (std::holds_alternative<NativeWhite>(aim.white))
        return std::nullopt;
    if (!aim.matchedByEye) { // else it is no longer that
        if (const auto *daylight = std::get_if<DaylightWhite>(&aim.white))
            return daylight->kelvin;
        if (const auto *blackbody = std::get_if<BlackbodyWhite>(&aim.white))
            return blackbody->kelvin;
    }
    return correlatedColourTemperature(aimChromaticity(aim, {})).kelvin;
}

QString shownDateText(const SessionState &state)
{
    if (!state.showsEarlierRun())
        return {};
    const QDateTime at =
        QDateTime::fromString(QString::fromStdString(state.shown().setup.startedAt), Qt::ISODate)
            .toLocalTime();
    const QString display = QString::fromStdString(state.shown().setup.displayName);
    return (state.opened() ? Wording::tr("%1, run of %2, %3, opened from the logbook").arg(display)
                           : Wording::tr("Run of %1, %2"))
        .arg(QLocale().toString(at.date(), QLocale::LongFormat),
             QLocale().toString(at.time(), QLocale::ShortFormat));
}

QString colourInWords(const Chromaticity &colour)
{
    const Cct cct = correlatedColourTemperature(colour);
    return std::abs(cct.duv) <= kMostDuv
               ? Wording::tr("%1 K").arg(figure(cct.kelvin, 0))
               : Wording::tr("x %1 y %2").arg(figure(colour.x, 4), figure(colour.y, 4));
}

QString lightInWords(const run::RoomLight &light)
{
    return Wording::tr("%1 lx · %2")
        .arg(figure(light.illuminanceLux, 0), colourInWords(light.chromaticity));
}

std::optional<run::RoomLight> lightOf(const SessionState &state)
{
    if (!state.roomReadings.empty())
        return run::meanLight(state.roomReadings);
    const run::KeptLight *used = state.lights.usedLight();
    return used ? std::optional(used->light) : std::nullopt;
}

} // namespace lantern::app
