#include "app/state/ready_points.h"

#include <QCoreApplication>
#include <QDate>
#include <QLocale>

#include <cmath>

namespace lantern::app {

namespace {

constexpr double kWarmMinutes = 30; // common practice: 15 to 30 minutes

struct ReadyWords {
    Q_DECLARE_TR_FUNCTIONS(ReadyWords)
};

QString number(double value, int decimals = 0)
{
    return QLocale().toString(value, 'f', decimals);
}

/// Done if the machine says so, else if the person does.
void settle(ReadyPoint &point, const std::optional<bool> &good, const QString &whenGood,
            const QString &whenBad, const std::set<QString> &ticked)
{
    point.automatic = good.has_value();
    point.done = good ? *good : ticked.count(point.key) != 0;
    if (good)
        point.finding = *good ? whenGood : whenBad;
}

std::optional<bool> negated(const std::optional<bool> &value)
{
    return value ? std::optional(!*value) : std::nullopt;
}

ReadyPoint warmPoint(const ReadyFacts &facts, const std::optional<WarmUp> &warmUp,
                     const std::set<QString> &ticked)
{
    ReadyPoint p{QStringLiteral("warm"), ReadyWords::tr("Display warm"),
                 ReadyWords::tr("Colour and luminance drift while a panel warms up.")};
    p.errand = ReadyErrand::WatchWarmUp;
    if (warmUp && warmUp->enough) {
        p.automatic = true;
        p.done = warmUp->warm;
        p.finding = warmUp->warm
                        ? ReadyWords::tr("White is stable: it changes by less than %1 % in ten minutes.")
                              .arg(number(100 * kWarmDrift, 1))
                        : ReadyWords::tr("Still warming, about %1 minutes more: white drifts by %2 % in ten.")
                              .arg(number(std::ceil(warmUp->minutesToWarm)),
                                   number(100 * warmUp->drift, 1));
        return p;
    }
    std::optional<bool> longOn;
    if (facts.minutesOn && *facts.minutesOn >= kWarmMinutes)
        longOn = true;
    settle(p, longOn,
           facts.minutesOn ? ReadyWords::tr("On for %1 minutes.").arg(number(std::floor(*facts.minutesOn)))
                           : QString(),
           {}, ticked);
    if (!longOn && facts.minutesOn)
        p.finding = ReadyWords::tr("Known to be on for %1 minutes.").arg(number(std::floor(*facts.minutesOn)));
    return p;
}

ReadyPoint meterPoint(const ReadyFacts &facts, const std::set<QString> &ticked)
{
    ReadyPoint p{QStringLiteral("meter"), ReadyWords::tr("Meter connected"),
                 ReadyWords::tr("Without it nothing can be measured.")};
    settle(p, facts.meterAnswers, ReadyWords::tr("%1 answers.").arg(facts.meterName),
           facts.meterSays.isEmpty() ? ReadyWords::tr("%1 does not answer.").arg(facts.meterName)
                                     : facts.meterSays,
           ticked);
    return p;
}

ReadyPoint certificatePoint(const ReadyFacts &facts)
{
    ReadyPoint p{QStringLiteral("certificate"), ReadyWords::tr("The meter's certificate is in force"),
                 ReadyWords::tr("Past its date nobody vouches for the meter's uncertainty.")};
    p.automatic = true;
    p.done = !facts.certificateOverdue;
    const QString due = QLocale().toString(QDate::fromString(facts.certificateDue, Qt::ISODate),
                                           QLocale::ShortFormat);
    p.finding = facts.certificateOverdue ? ReadyWords::tr("It ran out on %1. Have it calibrated.").arg(due)
                                         : ReadyWords::tr("Until %1.").arg(due);
    return p;
}

ReadyPoint correctionPoint(const ReadyFacts &facts, const std::set<QString> &ticked)
{
    ReadyPoint p{QStringLiteral("correction"), ReadyWords::tr("The meter fits this panel"),
                 ReadyWords::tr("A colorimeter without a correction misreads some kinds of panel. The Meter "
                    "menu makes one; a spectral meter needs none.")};
    std::optional<bool> good;
    if (facts.needsNoCorrection || !facts.correction.isEmpty())
        good = true;
    settle(p, good, facts.correction.isEmpty() ? ReadyWords::tr("It needs no correction.") : facts.correction,
           {}, ticked);
    return p;
}

ReadyPoint hangsPoint(const std::optional<Placement> &placement, const std::set<QString> &ticked)
{
    ReadyPoint p{QStringLiteral("hangs"), ReadyWords::tr("Meter hangs flat on the patch"),
                 ReadyWords::tr("A gap lets in light and reads too dark.")};
    p.errand = ReadyErrand::FindMeter;
    std::optional<bool> good;
    if (placement)
        good = placement->isSteady() && !placement->letsLightIn();
    settle(p, good, ReadyWords::tr("Found, steady, and the patch has been put under it."),
           placement && !placement->isSteady()
               ? ReadyWords::tr("Its readings swing: it hangs crooked or moves. Tilt the screen back a little.")
               : ReadyWords::tr("Light leaks in, or black is unusually bright here."),
           ticked);
    return p;
}

} // namespace

std::vector<ReadyPoint> readyPoints(const ReadyFacts &facts, const std::optional<WarmUp> &warmUp,
                                    const std::optional<Placement> &placement,
                                    const std::set<QString> &ticked)
{
    std::vector<ReadyPoint> points = {meterPoint(facts, ticked)};
    if (!facts.certificateDue.isEmpty())
        points.push_back(certificatePoint(facts));
    points.push_back(correctionPoint(facts, ticked));
    points.push_back(warmPoint(facts, warmUp, ticked));
    const auto ask = [&](const char *key, const QString &title, const QString &reason,
                         const std::optional<bool> &good = {}, const QString &whenGood = {},
                         const QString &whenBad = {}) {
        ReadyPoint p{QLatin1String(key), title, reason};
        settle(p, good, whenGood, whenBad, ticked);
        points.push_back(p);
    };
    if (!facts.builtIn)
        ask("factory", ReadyWords::tr("Monitor at its factory settings"),
            ReadyWords::tr("Picture modes and dynamic contrast hide or move the controls."));
    ask("night-light", ReadyWords::tr("Night light off"), ReadyWords::tr("A night light tints everything that is shown."),
        negated(facts.nightLight), ReadyWords::tr("It is off."),
        ReadyWords::tr("It is on. Switch it off in the desktop's settings."));
    ask("automatic", ReadyWords::tr("Automatic brightness and HDR mode off"),
        facts.lightSensor.value_or(false)
            ? ReadyWords::tr("This machine has a light sensor that may turn the brightness.")
            : ReadyWords::tr("Whatever moves light or colour by itself spoils the readings."));
    ask("awake", ReadyWords::tr("Screen saver and dimming off"),
        ReadyWords::tr("If the screen goes dark, readings are wasted."), facts.keptAwake,
        ReadyWords::tr("Held off while measuring."), {});
    if (facts.onBattery)
        ask("mains", ReadyWords::tr("On mains power"), ReadyWords::tr("On battery a laptop dims its panel."),
            negated(facts.onBattery), ReadyWords::tr("It is."), ReadyWords::tr("It runs on its battery. Plug it in."));
    if (facts.foreignLut.value_or(false))
        ask("lut", ReadyWords::tr("No other program's video LUT"),
            ReadyWords::tr("It is put aside while measuring; a program that loads it again spoils the run."));
    ask("light", ReadyWords::tr("No light on the screen"),
        ReadyWords::tr("The meter reads light that falls on the glass as the screen's own."));
    points.push_back(hangsPoint(placement, ticked));
    return points;
}

} // namespace lantern::app
