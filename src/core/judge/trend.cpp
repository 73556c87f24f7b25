#include "core/judge/trend.h"

#include "core/base/student.h"

#include <Eigen/Dense>

#include <algorithm>
#include <cmath>
#include <map>
#include <utility>

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

/// The points fitted: a column for the slope, one for each level, one for each meter but the first.
struct Fit {
    Eigen::MatrixXd inverse; ///< of the normal equations, a generalised one
    Eigen::VectorXd found, off, leverage;
    double residual = 0; ///< sum of squares
    int freedom = 0;     ///< of that
    std::map<std::string, Eigen::Index> levels, meters;
    double middle = 0; ///< days are counted from there

    /// The row of the model for a day, a level and a meter that were read together.
    [[nodiscard]] Eigen::VectorXd row(double day, const std::string &level,
                                      const std::string &meter) const
    {
        Eigen::VectorXd x = Eigen::VectorXd::Zero(found.size());
        x[0] = day - middle;
        x[levels.at(level)] = 1;
        if (const auto m = meters.find(meter); m != meters.end())
            x[m->second] = 1;
        return x;
    }
    [[nodiscard]] bool tellsSlope() const { return inverse.size() > 0; }
};

Fit fit(const std::vector<TrendPoint> &points)
{
    Fit f;
    Eigen::Index columns = 1;
    for (const TrendPoint &p : points) {
        if (f.levels.emplace(p.level, columns).second)
            ++columns;
        f.middle += p.day / static_cast<double>(points.size());
    }
    for (const TrendPoint &p : points)
        if (p.meter != points.front().meter && f.meters.emplace(p.meter, columns).second)
            ++columns;
    f.found = Eigen::VectorXd::Zero(columns);
    const auto count = static_cast<Eigen::Index>(points.size());
    Eigen::MatrixXd model(count, columns);
    Eigen::VectorXd values(count);
    for (Eigen::Index i = 0; i < count; ++i) {
        const TrendPoint &p = points[static_cast<size_t>(i)];
        model.row(i) = f.row(p.day, p.level, p.meter).transpose();
        values[i] = p.value;
    }
    // In units in which no column outweighs the others.
    const double reach = std::max(1e-9, model.col(0).cwiseAbs().maxCoeff());
    model.col(0) /= reach;
    const Eigen::CompleteOrthogonalDecomposition<Eigen::MatrixXd> solver(model);
    const Eigen::MatrixXd pseudo = solver.pseudoInverse();
    // The slope is told when its column is none of what the others make.
    Eigen::VectorXd slope = Eigen::VectorXd::Zero(columns);
    slope[0] = 1;
    const Eigen::VectorXd told = pseudo * model * slope;
    constexpr double kWhole = 1e-6;
    if ((told - slope).norm() > kWhole)
        return f;
    f.found = pseudo * values;
    f.off = values - model * f.found;
    f.residual = f.off.squaredNorm();
    f.freedom = static_cast<int>(count - solver.rank());
    f.inverse = pseudo * pseudo.transpose();
    f.leverage = (model * f.inverse).cwiseProduct(model).rowwise().sum();
    f.found[0] /= reach;
    f.inverse.row(0) /= reach;
    f.inverse.col(0) /= reach;
    return f;
}

/// Scatter that is known, and what it counts for.
struct Known {
    double scatter = 0;
    int freedom = 0;
};

/// Variance of single readings: what is known and what the points show, together. Nothing where
/// neither tells.
std::optional<double> variance(double residual, int freedom, const Known &known)
{
    if (known.freedom + freedom < 1)
        return std::nullopt;
    return (known.freedom * known.scatter * known.scatter + residual) / (known.freedom + freedom);
}

/// The point that fits least, if it stands clearly apart from what all the others foretell.
std::optional<size_t> oddOne(const std::vector<TrendPoint> &points, const Known &known)
{
    constexpr size_t kEnough = 5;
    constexpr double kApart = 5; // standard deviations
    if (points.size() < kEnough)
        return std::nullopt;
    const Fit f = fit(points);
    if (!f.tellsSlope())
        return std::nullopt;
    std::optional<size_t> odd;
    double most = kApart;
    for (Eigen::Index i = 0; i < f.off.size(); ++i) {
        // Without it: R. D. Cook, S. Weisberg, Residuals and Influence (1982), 2.2.
        constexpr double kAlone = 1e-6;
        const double left = 1 - f.leverage[i];
        if (left < kAlone)
            continue; // the only one of its kind
        const auto v =
            variance(std::max(0.0, f.residual - f.off[i] * f.off[i] / left), f.freedom - 1, known);
        if (!v || *v <= 0)
            continue;
        const double t = std::abs(f.off[i]) / std::sqrt(*v * left);
        if (t > most) {
            most = t;
            odd = static_cast<size_t>(i);
        }
    }
    return odd;
}

/// Where the newest level is best cut in two, if the step between is clear. Points by day.
std::optional<size_t> jumpIn(const std::vector<TrendPoint> &points, const std::string &newest,
                             const Known &known)
{
    constexpr double kClear = 4.5; // standard errors
    std::optional<size_t> jump;
    double most = kClear;
    bool begun = false;
    for (size_t i = 0; i < points.size(); ++i) {
        if (points[i].level != newest || !std::exchange(begun, true))
            continue; // before its first there is nothing to jump from
        std::vector<TrendPoint> cut = points;
        for (size_t k = i; k < cut.size(); ++k)
            if (cut[k].level == newest)
                cut[k].level = newest + " "; // another one
        const Fit f = fit(cut);
        const auto v = variance(f.residual, f.freedom, known);
        if (!f.tellsSlope() || f.freedom < 1 || !v || *v <= 0)
            continue;
        const Eigen::VectorXd step = f.row(0, newest + " ", "") - f.row(0, newest, "");
        const double error = std::sqrt(*v * step.dot(f.inverse * step));
        const double t = std::abs(step.dot(f.found)) / error;
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
    return quantile(1 - share, freedom) * scatter *
           std::sqrt(std::max(0.0, valueShare + 2 * away * bothShare + away * away * slopeShare));
}

std::optional<Trend> trendOf(std::vector<TrendPoint> points, std::optional<double> scatter)
{
    constexpr size_t kEnough = 3;
    if (points.size() < kEnough)
        return std::nullopt;
    const Known known = scatter ? Known{*scatter, kKnownFreedom} : Known{};
    std::vector<size_t> places(points.size()); // in what was given
    for (size_t i = 0; i < places.size(); ++i)
        places[i] = i;
    std::ranges::stable_sort(places, {}, [&](size_t i) { return points[i].day; });
    std::vector<TrendPoint> sorted;
    for (const size_t i : places)
        sorted.push_back(points[i]);
    Trend t;
    const std::string newest = sorted.back().level;
    while (const auto odd = oddOne(sorted, known)) {
        // The newest may be the first of a jump: later readings will tell.
        t.odd.push_back(places[*odd]);
        sorted.erase(sorted.begin() + static_cast<std::ptrdiff_t>(*odd));
        places.erase(places.begin() + static_cast<std::ptrdiff_t>(*odd));
    }
    std::string level = newest;
    if (const auto jump = jumpIn(sorted, newest, known)) {
        t.jump = places[*jump];
        level += " ";
        for (size_t k = *jump; k < sorted.size(); ++k)
            if (sorted[k].level == newest)
                sorted[k].level = level;
    }
    const auto last = std::ranges::find_if(sorted.rbegin(), sorted.rend(),
                                           [&](const TrendPoint &p) { return p.level == level; });
    if (sorted.size() < kEnough || last == sorted.rend())
        return std::nullopt; // all of the newest level are odd
    const Fit f = fit(sorted);
    const auto v = variance(f.residual, f.freedom, known);
    if (!f.tellsSlope() || !v)
        return std::nullopt;
    int count = 0;
    for (const TrendPoint &p : sorted)
        if (p.level == level) {
            t.middleDay += p.day;
            ++count;
        }
    t.middleDay /= count;
    t.scatter = std::sqrt(*v);
    t.freedom = known.freedom + f.freedom;
    const Eigen::VectorXd middle = f.row(t.middleDay, level, last->meter);
    Eigen::VectorXd slope = Eigen::VectorXd::Zero(f.found.size());
    slope[0] = 1;
    t.perDay = f.found[0];
    t.middleValue = middle.dot(f.found);
    t.valueShare = middle.dot(f.inverse * middle);
    t.slopeShare = slope.dot(f.inverse * slope);
    t.bothShare = middle.dot(f.inverse * slope);
    t.perDayError = t.scatter * std::sqrt(t.slopeShare);
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
