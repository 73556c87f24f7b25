#include "core/judge/trend.h"

#include "core/base/student.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace lantern {

namespace {

constexpr int kKnownFreedom = 10; // that the known scatter counts as

/// The t that is exceeded on both sides together with that probability.
double quantile(double twoSided, int freedom)
{
    double low = 0;
    double high = 1;
    while (studentTwoSided(high, freedom) > twoSided)
        high *= 2;
    constexpr int kHalvings = 60;
    for (int i = 0; i < kHalvings; ++i) {
        const double middle = (low + high) / 2;
        (studentTwoSided(middle, freedom) > twoSided ? low : high) = middle;
    }
    return high;
}

struct Group {
    int count = 0;
    double day = 0, value = 0; ///< means
};

struct Fit {
    std::map<std::string, Group> groups;
    double slope = 0, spread = 0, residual = 0; ///< residual: sum of squares
    int freedom = 0;                            ///< of the residual
};

std::optional<Fit> fit(const std::vector<TrendPoint> &points)
{
    Fit f;
    for (const TrendPoint &p : points) {
        Group &g = f.groups[p.level];
        ++g.count;
        g.day += p.day;
        g.value += p.value;
    }
    for (auto &[level, g] : f.groups) {
        g.day /= g.count;
        g.value /= g.count;
    }
    double product = 0;
    for (const TrendPoint &p : points) {
        const Group &g = f.groups[p.level];
        f.spread += (p.day - g.day) * (p.day - g.day);
        product += (p.day - g.day) * (p.value - g.value);
    }
    f.freedom = static_cast<int>(points.size()) - static_cast<int>(f.groups.size()) - 1;
    if (f.spread <= 0 || f.freedom < 0)
        return std::nullopt;
    f.slope = product / f.spread;
    for (const TrendPoint &p : points) {
        const Group &g = f.groups[p.level];
        const double off = p.value - g.value - f.slope * (p.day - g.day);
        f.residual += off * off;
    }
    return f;
}

/// Variance of single readings: what is known and what the points show, together.
double variance(const Fit &f, double scatter)
{
    return (kKnownFreedom * scatter * scatter + f.residual) / (kKnownFreedom + f.freedom);
}

/// The point that fits least, if it stands clearly apart from all the others.
std::optional<size_t> oddOne(const std::vector<TrendPoint> &points, double scatter)
{
    constexpr size_t kEnough = 5;
    constexpr double kApart = 5; // standard deviations of what the others foretell
    if (points.size() < kEnough)
        return std::nullopt;
    std::optional<size_t> odd;
    double most = kApart;
    for (size_t i = 0; i < points.size(); ++i) {
        std::vector<TrendPoint> others = points;
        others.erase(others.begin() + static_cast<std::ptrdiff_t>(i));
        const auto f = fit(others);
        const auto g =
            f ? f->groups.find(points[i].level) : std::map<std::string, Group>::const_iterator();
        if (!f || g == f->groups.end())
            continue;
        const double away = points[i].day - g->second.day;
        const double foretold = g->second.value + f->slope * away;
        const double sigma = std::sqrt(variance(*f, scatter) *
                                       (1 + 1.0 / g->second.count + away * away / f->spread));
        const double t = std::abs(points[i].value - foretold) / sigma;
        if (t > most) {
            most = t;
            odd = i;
        }
    }
    return odd;
}

/// Where the newest level is best cut in two, if the step between is clear. Points by day.
std::optional<size_t> jumpIn(const std::vector<TrendPoint> &points, const std::string &newest,
                             double scatter)
{
    const auto whole = fit(points);
    if (!whole)
        return std::nullopt;
    constexpr double kClear = 4.5; // standard errors
    std::optional<size_t> jump;
    double most = kClear;
    for (size_t i = 1; i < points.size(); ++i) {
        if (points[i].level != newest || points[i - 1].level != newest)
            continue;
        std::vector<TrendPoint> cut = points;
        for (size_t k = i; k < cut.size(); ++k)
            if (cut[k].level == newest)
                cut[k].level = newest + " "; // another one
        const auto f = fit(cut);
        if (!f || f->freedom < 1)
            continue;
        const Group &before = f->groups.at(newest);
        const Group &after = f->groups.at(newest + " ");
        const double away = after.day - before.day;
        const double step = after.value - before.value - f->slope * away;
        const double error =
            std::sqrt(variance(*f, scatter) *
                      (1.0 / before.count + 1.0 / after.count + away * away / f->spread));
        const double t = std::abs(step) / error;
        if (t > most) {
            most = t;
            jump = i;
        }
    }
    return jump;
}

} // namespace

double Trend::halfRange(double day, double share) const
{
    const double away = day - middleDay;
    return quantile(1 - share, freedom) * scatter * std::sqrt(1.0 / newest + away * away / spread);
}

std::optional<Trend> trendOf(std::vector<TrendPoint> points, double scatter)
{
    constexpr size_t kEnough = 3;
    if (points.size() < kEnough)
        return std::nullopt;
    std::vector<size_t> places(points.size()); // in what was given
    for (size_t i = 0; i < places.size(); ++i)
        places[i] = i;
    std::ranges::stable_sort(places, {}, [&](size_t i) { return points[i].day; });
    std::vector<TrendPoint> sorted;
    for (const size_t i : places)
        sorted.push_back(points[i]);
    Trend t;
    const std::string newest = sorted.back().level;
    while (const auto odd = oddOne(sorted, scatter)) {
        // The newest may be the first of a jump: later readings will tell.
        t.odd.push_back(places[*odd]);
        sorted.erase(sorted.begin() + static_cast<std::ptrdiff_t>(*odd));
        places.erase(places.begin() + static_cast<std::ptrdiff_t>(*odd));
    }
    std::string level = newest;
    if (const auto jump = jumpIn(sorted, newest, scatter)) {
        t.jump = places[*jump];
        level += " ";
        for (size_t k = *jump; k < sorted.size(); ++k)
            if (sorted[k].level == newest)
                sorted[k].level = level;
    }
    const auto f = fit(sorted);
    const auto g = f ? f->groups.find(level) : std::map<std::string, Group>::const_iterator();
    if (!f || sorted.size() < kEnough || g == f->groups.end())
        return std::nullopt;
    t.scatter = std::sqrt(variance(*f, scatter));
    t.freedom = kKnownFreedom + f->freedom;
    t.perDay = f->slope;
    t.perDayError = t.scatter / std::sqrt(f->spread);
    t.spread = f->spread;
    t.middleDay = g->second.day;
    t.middleValue = g->second.value;
    t.newest = g->second.count;
    return t;
}

Forecast forecast(const Trend &trend, double today, double low, double high, double share)
{
    constexpr double kHorizonDays = 3650;
    Forecast f;
    const auto isOut = [&](double value) { return value > high || value < low; };
    if (isOut(trend.at(today))) {
        f.state = Forecast::State::Left;
        f.day = f.earliest = today;
        f.latest = today;
        return f;
    }
    // Once the whole range is outside on the side it drifts to, it has left for certain.
    bool certain = false;
    for (double day = today; day <= today + kHorizonDays && !certain; ++day) {
        const double value = trend.at(day);
        const double half = trend.halfRange(day, share);
        if (f.earliest == 0 && (isOut(value + half) || isOut(value - half)))
            f.earliest = day;
        if (f.state == Forecast::State::Steady && isOut(value)) {
            f.state = Forecast::State::Leaves;
            f.day = day;
        }
        certain = value - half > high || value + half < low;
        if (certain)
            f.latest = day;
    }
    return f;
}

} // namespace lantern
