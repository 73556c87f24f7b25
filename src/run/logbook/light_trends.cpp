#include "run/logbook/light_trends.h"

#include <QDateTime>

#include <algorithm>
#include <cmath>
#include <map>

namespace lantern::run {

namespace {

/// White comes back to that from day to day, relative (k = 1): warm-up, how the meter hangs. Common
/// practice; weighed against what the readings show.
constexpr double kDayToDay = 0.002;
/// Readings that are looked at, the newest; what was years ago says little of today.
constexpr size_t kMost = 120;

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
            std::optional<double> aim;
            try {
                aim = book.setup(line.id).aim.luminanceCdM2;
            } catch (const Error &e) {
                if (e.kind == ErrorKind::Device)
                    throw;
            } // a damaged row: the run before it will tell
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

std::vector<LightTrend> lightTrends(Logbook &book, const std::vector<LogLine> &lines,
                                    const QDateTime &now)
{
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
        t.today = dayOf(now);
        std::vector<QString> calibrated; // times, in order
        for (auto line = lines.rbegin(); line != lines.rend(); ++line)
            if (line->displayId == id && line->kind == RunKind::Calibration)
                calibrated.push_back(line->startedAt);
        std::vector<TrendPoint> points;
        for (size_t i = whites.size() - std::min(kMost, whites.size()); i < whites.size(); ++i) {
            const DatedFigure &white = whites[i];
            const QDateTime at = QDateTime::fromString(white.takenAt, Qt::ISODate);
            if (!at.isValid() || white.figure.value <= 0)
                continue; // damaged
            const auto calibrations =
                std::ranges::upper_bound(calibrated, white.takenAt) - calibrated.begin();
            points.push_back({dayOf(at), std::log(white.figure.value),
                              std::to_string(calibrations) + " " + white.meter.toStdString()});
        }
        if (points.empty())
            continue;
        t.readings = static_cast<int>(points.size());
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
