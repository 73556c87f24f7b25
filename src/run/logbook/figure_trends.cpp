#include "run/logbook/figure_trends.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>
#include <map>

namespace lantern::run {

namespace {

/// White comes back to that from day to day, relative (k = 1): warm-up, how the meter hangs. Common
/// practice; weighed against what the readings show.
constexpr double kDayToDay = 0.002;
/// Readings that the drift is found in, the newest; what was years ago says little of today.
constexpr size_t kMost = 120;
constexpr double kShare = 0.8;

double dayOf(const QString &time)
{
    const QDateTime at = QDateTime::fromString(time, Qt::ISODate);
    return at.isValid() ? static_cast<double>(at.toSecsSinceEpoch()) / 86'400
                        : std::numeric_limits<double>::quiet_NaN();
}

bool isWhite(const TrendFigure &figure)
{
    return std::string(figure.key) == "luminance";
}

/// Setup of a run; nothing when its row is damaged.
std::optional<RunSetup> setupOf(Logbook &book, qint64 run)
{
    try {
        return book.setup(run);
    } catch (const Error &e) {
        if (e.kind == ErrorKind::Device)
            throw;
        return std::nullopt;
    }
}

/// The band that the figure is judged by, from the newest run that was judged by one.
void takeBand(Logbook &book, const std::vector<LogLine> &lines, FigureTrend &t)
{
    const Figure judged = t.figure.judged.value_or(Figure::Luminance);
    if (!t.figure.judged && !isWhite(t.figure))
        return;
    for (const LogLine &line : lines) {
        if (line.displayId != t.displayId)
            continue;
        for (const FigureRow &f : line.figures) {
            if (f.name != figureKey(judged) || !f.limit)
                continue;
            if (!isWhite(t.figure)) {
                (judged == Figure::Contrast || judged == Figure::BareContrast ? t.low : t.high) =
                    *f.limit;
                return;
            }
            const auto setup = setupOf(book, line.id);
            if (!setup || !setup->aim.luminanceCdM2)
                continue; // the run before it will tell
            t.low = *setup->aim.luminanceCdM2 * (1 - *f.limit);
            t.high = *setup->aim.luminanceCdM2 * (1 + *f.limit);
            return;
        }
    }
}

TrendReading readingOf(const DatedFigure &f)
{
    return {f.run,          RunKind::Calibration, dayOf(f.takenAt),
            f.figure.value, f.figure.uncertainty, f.meter};
}

/// The uncertainty of white's luminance is kept with its error from the aim, as a share.
void addUncertainties(Logbook &book, FigureTrend &t)
{
    std::map<qint64, double> shares;
    for (const DatedFigure &f :
         book.figures(t.displayId, QString::fromStdString(figureKey(Figure::Luminance))))
        if (f.figure.uncertainty)
            shares[f.run] = *f.figure.uncertainty;
    for (TrendReading &r : t.readings)
        if (const auto share = shares.find(r.run); share != shares.end())
            r.uncertainty = share->second * r.value;
}

/// White as checks read it: a ratio to that of the run they are held against.
void addChecks(Logbook &book, const std::map<qint64, const LogLine *> &runs, FigureTrend &t)
{
    std::map<qint64, double> whites;
    for (const TrendReading &r : t.readings)
        whites[r.run] = r.value;
    for (const DatedFigure &f :
         book.figures(t.displayId, QStringLiteral("check_luminance_ratio"))) {
        const auto line = runs.find(f.run);
        if (line == runs.end())
            continue;
        const auto white = whites.find(line->second->referenceRun);
        if (white == whites.end())
            continue;
        TrendReading r = readingOf(f);
        r.value *= white->second;
        t.readings.push_back(r);
    }
}

/// The newest level and meter, and what came before, as the drift is found from it.
void findDrift(FigureTrend &t, const std::vector<double> &calibrated)
{
    const size_t first = t.readings.size() - std::min(kMost, t.readings.size());
    std::vector<TrendPoint> points;
    for (size_t i = first; i < t.readings.size(); ++i) {
        const TrendReading &r = t.readings[i];
        const auto level = std::ranges::upper_bound(calibrated, r.day) - calibrated.begin();
        points.push_back({r.day, t.figure.isByShare ? std::log(r.value) : r.value,
                          std::to_string(level), r.meter.toStdString()});
    }
    t.trend = trendOf(points, t.figure.isByShare ? std::optional(kDayToDay) : std::nullopt);
    if (!t.trend)
        return;
    for (const size_t odd : t.trend->odd)
        t.readings[first + odd].isOdd = true;
    if (!t.low && !t.high)
        return;
    constexpr double kNoEdge = std::numeric_limits<double>::infinity();
    const auto edge = [&](const std::optional<double> &v, double none) {
        return !v ? none : t.figure.isByShare ? std::log(*v) : *v;
    };
    t.forecast = forecast(*t.trend, t.today, edge(t.low, -kNoEdge), edge(t.high, kNoEdge), kShare);
}

} // namespace

const std::vector<TrendFigure> &trendFigures()
{
    static const std::vector<TrendFigure> all = {
        {"luminance", "proved_white_luminance", {}, "cd/m²", true},
        {"white", "white_delta_uv", Figure::White},
        {"contrast", "contrast", Figure::Contrast},
        {"tone", "tone_error", Figure::ToneMean},
        {"grey-mean", "grey_mean", Figure::GreyMean, "ΔE00"},
        {"grey-worst", "grey_worst", Figure::GreyWorst, "ΔE00"},
        {"colour-mean", "colour_mean", Figure::ColourMean, "ΔE00"},
        {"colour-95", "colour_95", Figure::Colour95, "ΔE00"},
        {"colour-worst", "colour_worst", Figure::ColourWorst, "ΔE00"},
        {"black", "proved_black_luminance", {}, "cd/m²"},
        {"p3", "proved_gamut_p3", {}},
        {"even-light", "even_light", Figure::EvenLight},
        {"even-tint", "even_delta_uv", Figure::EvenTint},
        {"even-colour", "even_delta_e_2000", Figure::EvenColour, "ΔE00"},
    };
    return all;
}

std::optional<double> FigureTrend::perMonth() const
{
    constexpr double kDays = 30;
    if (!trend)
        return std::nullopt;
    return figure.isByShare ? std::expm1(kDays * trend->perDay) : kDays * trend->perDay;
}

std::optional<FigureTrend::Range> FigureTrend::at(double day) const
{
    if (!trend)
        return std::nullopt;
    const double value = trend->at(day);
    const double half = trend->halfRange(day, kShare);
    if (figure.isByShare)
        return Range{std::exp(value), std::exp(value - half), std::exp(value + half)};
    return Range{value, value - half, value + half};
}

FigureTrend figureTrend(Logbook &book, const std::vector<LogLine> &lines, const QString &displayId,
                        const TrendFigure &figure, const QDateTime &now)
{
    FigureTrend t;
    t.displayId = displayId;
    t.figure = figure;
    t.today = static_cast<double>(now.toSecsSinceEpoch()) / 86'400;
    std::map<qint64, const LogLine *> runs;
    std::vector<double> calibrated;
    for (const LogLine &line : lines) { // newest first
        if (line.displayId != displayId)
            continue;
        if (runs.empty())
            t.displayName = line.displayName;
        runs[line.id] = &line;
        if (line.kind == RunKind::Calibration)
            calibrated.push_back(dayOf(line.startedAt));
    }
    std::ranges::sort(calibrated);
    for (const DatedFigure &f : book.figures(displayId, QString::fromLatin1(figure.row)))
        t.readings.push_back(readingOf(f));
    if (isWhite(figure)) {
        addUncertainties(book, t);
        addChecks(book, runs, t);
    }
    std::erase_if(t.readings, [&](const TrendReading &r) { // damaged
        return !std::isfinite(r.day) || !std::isfinite(r.value) ||
               (figure.isByShare && r.value <= 0);
    });
    std::ranges::stable_sort(t.readings, {}, &TrendReading::day);
    for (TrendReading &r : t.readings)
        if (const auto line = runs.find(r.run); line != runs.end())
            r.kind = line->second->kind;
    takeBand(book, lines, t);
    findDrift(t, calibrated);
    return t;
}

std::vector<FigureTrend> lightTrends(Logbook &book, const std::vector<LogLine> &lines,
                                     const QDateTime &now)
{
    std::map<QString, bool> displays;
    for (const LogLine &line : lines)
        displays.emplace(line.displayId, true);
    std::vector<FigureTrend> out;
    for (const auto &[id, there] : displays) {
        FigureTrend t = figureTrend(book, lines, id, trendFigures().front(), now);
        if (!t.readings.empty())
            out.push_back(std::move(t));
    }
    return out;
}

std::vector<TrendEvent> trendEvents(Logbook &book, const std::vector<LogLine> &lines,
                                    const QString &displayId)
{
    using Kind = TrendEvent::Kind;
    std::vector<TrendEvent> out;
    QString meter;
    std::optional<Aim> aim;
    std::map<std::string, QString> due; // dates, of which meter
    for (auto line = lines.rbegin(); line != lines.rend(); ++line) {
        if (line->displayId != displayId)
            continue;
        const double day = dayOf(line->startedAt);
        if (!std::isfinite(day))
            continue;
        if (!line->note.isEmpty())
            out.push_back({Kind::Note, day, line->note});
        if (line->kind != RunKind::Calibration && line->kind != RunKind::Validation &&
            line->kind != RunKind::Check)
            continue;
        if (!meter.isEmpty() && line->meter != meter)
            out.push_back({Kind::NewMeter, day, line->meter});
        meter = line->meter;
        if (line->kind != RunKind::Calibration)
            continue;
        const auto setup = setupOf(book, line->id);
        const bool isOther = setup && aim && !(setup->aim == *aim);
        out.push_back({isOther ? Kind::NewAim : Kind::Calibration, day,
                       setup ? QString::fromStdString(setup->aim.name) : QString()});
        if (!setup)
            continue;
        aim = setup->aim;
        if (setup->certificate)
            due[setup->certificate->due] = line->meter;
    }
    for (const auto &[date, of] : due)
        if (const double day = dayOf(QString::fromStdString(date)); std::isfinite(day))
            out.push_back({Kind::CertificateDue, day, of});
    std::ranges::stable_sort(out, {}, &TrendEvent::day);
    return out;
}

std::optional<QDateTime> nextCheck(const FigureTrend &light)
{
    if (!light.forecast || light.forecast->earliest == 0)
        return std::nullopt;
    return QDateTime::fromSecsSinceEpoch(
        static_cast<qint64>(86'400 * std::max(light.today, light.forecast->earliest)), Qt::UTC);
}

} // namespace lantern::run
