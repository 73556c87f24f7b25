#include "cli/log_words.h"

#include "cli/inputs.h"
#include "cli/said.h"
#include "core/base/error.h"
#include "core/base/text.h"
#include "core/judge/uncertainty.h"

#include <nlohmann/json.hpp>

#include <QDateTime>

#include <algorithm>
#include <array>
#include <cmath>
#include <iostream>

namespace lantern::cli {

namespace {

std::string isoDay(double day)
{
    return QDateTime::fromSecsSinceEpoch(static_cast<qint64>(86'400 * day), Qt::UTC)
        .toString(Qt::ISODate)
        .toStdString();
}

Json labJson(const Lab &lab)
{
    return Json{lab.L, lab.a, lab.b};
}

Json stateToJson(const run::DeskState &s)
{
    const XYZ white = toXyz(s.change * vec(s.white));
    return {{"display", s.displayName.toStdString()},
            {"display_id", s.displayId.toStdString()},
            {"run", s.run},
            {"read_in", s.readIn},
            {"read_at", s.readAt.toStdString()},
            {"meter", s.meter.toStdString()},
            {"white", {white.X, white.Y, white.Z}},
            {"profile_error", s.profileError}};
}

} // namespace

ReferenceSet referenceMeant(const std::string &reference, const run::DeskState &first)
{
    const ProfileFile profile({first.profile.begin(), first.profile.end()}, "profile");
    if (auto set = referenceByKey(reference, asTold(profile)))
        return *set;
    return referenceFromList(readText(reference), reference);
}

Json trendToJson(const run::FigureTrend &t)
{
    const auto number = [](const std::optional<double> &v) { return v ? Json(*v) : Json(nullptr); };
    Json j = {{"display", t.displayName.toStdString()},
              {"display_id", t.displayId.toStdString()},
              {"figure", t.figure.key},
              {"unit", t.figure.unit},
              {"readings", t.readings.size()},
              {"low", number(t.low)},
              {"high", number(t.high)},
              {"points", Json::array()},
              {"per_month", number(t.perMonth())}};
    for (const run::TrendReading &r : t.readings)
        j["points"].push_back({{"run", r.run},
                               {"at", isoDay(r.day)},
                               {"value", r.value},
                               {"uncertainty", number(r.uncertainty)},
                               {"meter", r.meter.toStdString()},
                               {"kind", run::runKindKey(r.kind).toStdString()},
                               {"odd", r.isOdd}});
    if (t.trend) {
        j[t.figure.isByShare ? "per_day_log" : "per_day"] = t.trend->perDay;
        j[t.figure.isByShare ? "per_day_log_error" : "per_day_error"] = t.trend->perDayError;
    }
    if (t.forecast) {
        constexpr std::array kStates = {"steady", "leaves", "left"};
        j["forecast"] = {{"state", kStates[static_cast<size_t>(t.forecast->state)]}};
        if (t.forecast->state == Forecast::State::Leaves) {
            j["forecast"]["in_days"] = t.forecast->day - t.today;
            j["forecast"]["earliest_in_days"] = t.forecast->earliest - t.today;
            j["forecast"]["latest_in_days"] =
                t.forecast->latest ? Json(*t.forecast->latest - t.today) : Json(nullptr);
        }
    }
    if (const auto next = run::nextCheck(t))
        j["next_check"] = next->toString(Qt::ISODate).toStdString();
    return j;
}

void tellTrend(const run::FigureTrend &t, bool asJson)
{
    if (asJson) {
        std::cout << trendToJson(t).dump() << '\n';
        return;
    }
    std::cout << shown(t.displayName) << ": ";
    const std::string count = std::to_string(t.readings.size());
    if (!t.trend) {
        std::cout << said({"%1 readings are too few to tell a drift: it takes three, two of them "
                           "after one calibration",
                           {count}})
                  << '\n';
        return;
    }
    const double month = t.perMonth().value();
    const std::string share = fixedNumber(100 * std::abs(month), 2);
    const std::vector<std::string> change = {t.figure.key, compactNumber(std::abs(month)),
                                             t.figure.unit};
    if (t.figure.isByShare)
        std::cout << (month < 0 ? said({"white loses %1 % in 30 days", {share}})
                                : said({"white gains %1 % in 30 days", {share}}));
    else
        std::cout << (month < 0 ? said({"%1 falls by %2 %3 in 30 days", change})
                                : said({"%1 rises by %2 %3 in 30 days", change}));
    std::cout << ' ' << said({"(%1 readings)", {count}});
    if (!t.trend->odd.empty())
        std::cout << ", "
                  << said({"%1 left out that fit nothing around them",
                           {std::to_string(t.trend->odd.size())}});
    if (t.trend->jump)
        std::cout << "; " << said("it jumped once: a control, a mode, the meter's place");
    std::cout << "; ";
    if (!t.forecast) {
        std::cout << said("no limit is known") << '\n';
        return;
    }
    const auto days = [&](double day) { return fixedNumber(std::max(0.0, day - t.today), 0); };
    switch (t.forecast->state) {
    case Forecast::State::Left:
        std::cout << said("it is outside its limits now");
        break;
    case Forecast::State::Steady:
        std::cout << said("it stays within its limits as far as can be told");
        break;
    case Forecast::State::Leaves:
        std::cout << said({"outside its limits in about %1 days (%2 to %3, eight times of ten)",
                           {days(t.forecast->day), days(t.forecast->earliest),
                            t.forecast->latest ? days(*t.forecast->latest) : said("never")}});
    }
    std::cout << '\n';
}

run::TrendFigure trendFigureMeant(const std::string &key)
{
    const auto &figures = run::trendFigures();
    const auto figure =
        std::ranges::find_if(figures, [&](const run::TrendFigure &f) { return key == f.key; });
    if (figure != figures.end())
        return *figure;
    std::string known;
    for (const run::TrendFigure &f : figures)
        known += (known.empty() ? "" : ", ") + std::string(f.key);
    throw Error(ErrorKind::BadInput, "--figure " + key, "no such figure is followed",
                {"There are: %1.", {known}});
}

void tellAgreement(const run::DeskState &a, const run::DeskState &b, const std::string &reference,
                   Viewing viewing, bool asJson)
{
    const Agreement g = run::agreementOf(a, b, referenceMeant(reference, a), viewing);
    const bool isAlone = viewing == Viewing::EachAlone;
    if (asJson) {
        Json j = {{"first", stateToJson(a)},
                  {"second", stateToJson(b)},
                  {"viewing", isAlone ? "each-alone" : "side-by-side"},
                  {"white_delta_uv", g.whiteDeltaUv},
                  {"white_delta_uv_uncertainty", g.whiteDeltaUvError},
                  {"luminance_ratio", g.luminanceRatio},
                  {"luminance_ratio_uncertainty", g.luminanceRatioError},
                  {"mean", g.deltaE00.mean},
                  {"mean_uncertainty", g.meanError},
                  {"p95", g.deltaE00.p95},
                  {"max", g.deltaE00.max},
                  {"meters_known", g.isMeterKnown},
                  {"colours", Json::array()}};
        for (const AgreedColour &c : g.colours)
            j["colours"].push_back({{"name", c.asked.name},
                                    {"asked", labJson(c.asked.lab)},
                                    {"first", labJson(c.first)},
                                    {"second", labJson(c.second)},
                                    {"delta_e_2000", c.deltaE00},
                                    {"uncertainty", c.uncertainty},
                                    {"reachable", c.isReachable}});
        std::cout << j.dump() << '\n';
        return;
    }
    const auto told = [](const run::DeskState &s) {
        return said(
            {"%1 (read %2 by %3)", {shown(s.displayName), s.readAt.toStdString(), shown(s.meter)}});
    };
    const auto range = [](double value, double error, int decimals) {
        return saidFigures(fixedNumber(value, decimals) + " ± " +
                           fixedNumber(kCoverageFactor * error, decimals));
    };
    std::cout << (isAlone ? said({"%1 and %2, each seen by itself:", {told(a), told(b)}})
                          : said({"%1 and %2, side by side:", {told(a), told(b)}}))
              << '\n'
              << said({"predicted ΔE00 mean %1 (k = 2), 95 % %2, largest %3 (%4)",
                       {range(g.deltaE00.mean, g.meanError, 2), fixedNumber(g.deltaE00.p95, 2),
                        fixedNumber(g.deltaE00.max, 2), g.colours[*g.worst].asked.name}})
              << '\n'
              << said({"whites Δu'v' %1, luminance of the second over the first's %2",
                       {range(g.whiteDeltaUv, g.whiteDeltaUvError, 4),
                        range(g.luminanceRatio, g.luminanceRatioError, 3)}})
              << '\n';
    if (!g.isMeterKnown)
        std::cout << said("What the meters may be off by is not known and not in these ranges.")
                  << '\n';
}

void printRuns(const std::vector<run::LeftRun> &runs, const std::string &what)
{
    for (const run::LeftRun &r : runs)
        std::cout << what << ' ' << shown(r.run) << ": " << said(r.problem) << '\n';
}

} // namespace lantern::cli
