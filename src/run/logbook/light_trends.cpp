#include "run/logbook/light_trends.h"

#include <QDateTime>

#include <cmath>
#include <map>

namespace lantern::run {

namespace {

/// White comes back to that from day to day, relative (k = 1): warm-up, how the meter hangs. Common
/// practice; weighed against what the readings show.
constexpr double kDayToDay = 0.002;

double dayOf(const QDateTime &at)
{
    return static_cast<double>(at.toSecsSinceEpoch()) / 86'400;
}

/// Aim and limit of white's luminance, from the newest run that was judged by one.
void takeBand(Logbook &book, const std::vector<LogLine> &lines, LightTrend &t)
{
    for (const LogLine &line : lines) {
        if (line.displayId != t.displayId)
            continue;
        for (const FigureRow &f : line.figures) {
            if (f.name != figureKey(Figure::Luminance) || !f.limit)
                continue;
            const auto aim = book.setup(line.id).aim.luminanceCdM2;
            if (!aim)
                continue;
            t.low = *aim * (1 - *f.limit);
            t.high = *aim * (1 + *f.limit);
            return;
        }
    }
}

} // namespace

std::optional<double> LightTrend::perMonth() const
{
    constexpr double kDays = 30;
    return trend ? std::optional(std::expm1(kDays * trend->perDay)) : std::nullopt;
}

std::vector<LightTrend> lightTrends(Logbook &book, const QDateTime &now)
{
    const std::vector<LogLine> lines = book.lines(); // newest first
    std::map<QString, QString> displays;
    for (const LogLine &line : lines)
        displays.emplace(line.displayId, line.displayName);
    std::vector<LightTrend> out;
    for (const auto &[id, name] : displays) {
        const auto whites = book.figures(id, QStringLiteral("proved_white_luminance"));
        if (whites.empty())
            continue;
        LightTrend t;
        t.displayId = id;
        t.displayName = name;
        t.readings = static_cast<int>(whites.size());
        t.today = dayOf(now);
        std::vector<TrendPoint> points;
        for (const DatedFigure &white : whites) {
            int calibrations = 0;
            for (const LogLine &line : lines)
                calibrations += line.displayId == id && line.kind == RunKind::Calibration &&
                                line.startedAt <= white.takenAt;
            points.push_back({dayOf(QDateTime::fromString(white.takenAt, Qt::ISODate)),
                              std::log(white.figure.value),
                              std::to_string(calibrations) + " " + white.meter.toStdString()});
        }
        t.firstDay = points.front().day;
        t.trend = trendOf(points, kDayToDay);
        takeBand(book, lines, t);
        if (t.trend && t.low && t.high)
            t.forecast = forecast(*t.trend, t.today, std::log(*t.low), std::log(*t.high));
        out.push_back(std::move(t));
    }
    return out;
}

} // namespace lantern::run
