#include "core/plan/warm_up.h"

#include "core/base/least_squares.h"

#include <algorithm>
#include <cmath>

namespace lantern {

namespace {

constexpr size_t kFewest = 5;
constexpr double kShortestTau = 1;
constexpr double kLongestTau = 60;
constexpr int kTaus = 60;
constexpr double kUsualTau = 8;         ///< minutes; common practice: 15 to 30 until warm
constexpr double kUsualTauSpread = 0.7; ///< of its logarithm
constexpr double kSignificant = 4;      ///< standard errors of the drift's size
constexpr double kCoverage = 2;         ///< standard errors that a hidden drift is given
constexpr double kLikely = 6;           ///< of chi-square: time constants up to it are possible
constexpr double kWorthASlope = 16;     ///< of chi-square, with three degrees of freedom
constexpr double kUsualSlowTau = 45;    ///< minutes; common practice
constexpr double kLongestTauBesideSlope = 30;

/// Least-squares fit of value = end * (1 + size * exp(-t / tau) + slope * (t - last)) for each of
/// X, Y, Z; without slope if so asked.
struct Fit {
    double tau = 0;
    bool hasSlope = false;
    double last = 0;                                  ///< minutes
    Vec3 size = Vec3::Zero(), slope = Vec3::Zero();   ///< relative, slope per minute
    Vec3 scatter = Vec3::Zero();                      ///< of the readings about the fit, relative
    Eigen::Matrix3d spread = Eigen::Matrix3d::Zero(); ///< of end, size, slope at unit variance
    double residual = INFINITY;

    /// Weights of size and slope in the change of the next kWarmOutlookMinutes.
    [[nodiscard]] Vec3 outlook() const
    {
        return {0, -std::exp(-last / tau) * (1 - std::exp(-kWarmOutlookMinutes / tau)),
                hasSlope ? kWarmOutlookMinutes : 0};
    }
    /// Change to come of each of X, Y, Z, relative, and its standard error.
    [[nodiscard]] Vec3 change() const { return outlook()[1] * size + outlook()[2] * slope; }
    [[nodiscard]] Vec3 changeError() const
    {
        return scatter * std::sqrt(outlook().dot(spread * outlook()));
    }
};

Fit fitAt(const std::vector<TimedWhite> &whites, double tau, bool hasSlope)
{
    const auto n = static_cast<Eigen::Index>(whites.size());
    const int unknowns = hasSlope ? 3 : 2;
    Eigen::MatrixXd a(n, unknowns);
    Eigen::MatrixXd b(n, 3);
    const double last = whites.back().minutes;
    for (Eigen::Index i = 0; i < n; ++i) {
        const TimedWhite &w = whites[static_cast<size_t>(i)];
        a(i, 0) = 1;
        a(i, 1) = std::exp(-w.minutes / tau);
        if (hasSlope)
            a(i, 2) = w.minutes - last;
        b.row(i) = vec(w.white).cwiseQuotient(vec(whites.front().white)).transpose();
    }
    const Eigen::MatrixXd x = leastSquares(a, b).x;
    const Eigen::MatrixXd error = b - a * x;
    Fit fit;
    fit.tau = tau;
    fit.hasSlope = hasSlope;
    fit.last = last;
    fit.residual = error.squaredNorm();
    fit.spread.topLeftCorner(unknowns, unknowns) = inverseOf(a.transpose() * a);
    for (int k = 0; k < 3; ++k) {
        fit.size[k] = x(1, k) / x(0, k);
        if (hasSlope)
            fit.slope[k] = x(2, k) / x(0, k);
        const double variance = error.col(k).squaredNorm() / static_cast<double>(n - unknowns);
        fit.scatter[k] = std::sqrt(variance) / std::abs(x(0, k));
    }
    return fit;
}

/// Fits of many time constants, evenly spaced in their logarithm.
std::vector<Fit> fitsUpTo(const std::vector<TimedWhite> &whites, double longest, bool hasSlope)
{
    std::vector<Fit> fits;
    const double ratio = std::max(longest / kShortestTau, 1.0);
    for (int i = 0; i < kTaus; ++i)
        fits.push_back(
            fitAt(whites, kShortestTau * std::pow(ratio, double(i) / (kTaus - 1)), hasSlope));
    return fits;
}

double leastResidual(const std::vector<Fit> &fits)
{
    double least = INFINITY;
    for (const Fit &f : fits)
        least = std::min(least, f.residual);
    return least;
}

/// Of all time constants the likeliest, given the readings and what displays are usually like: a
/// few readings alone cannot tell slow from quick.
Fit likeliest(const std::vector<Fit> &fits, double variance)
{
    const auto cost = [&](const Fit &fit) {
        const double unusual = std::log(fit.tau / kUsualTau) / kUsualTauSpread;
        return fit.residual / variance + unusual * unusual;
    };
    return *std::min_element(fits.begin(), fits.end(),
                             [&](const Fit &a, const Fit &b) { return cost(a) < cost(b); });
}

Fit forecast(const std::vector<TimedWhite> &whites)
{
    const std::vector<Fit> plain = fitsUpTo(whites, kLongestTau, false);
    const double n = 3.0 * static_cast<double>(whites.size());
    const Fit simple = likeliest(plain, std::max(leastResidual(plain) / (n - 7), 1e-12));
    if (whites.back().minutes < kLeastWatchMinutes)
        return simple;
    const std::vector<Fit> sloped = fitsUpTo(whites, kLongestTauBesideSlope, true);
    const double variance = std::max(leastResidual(sloped) / (n - 10), 1e-12);
    const Fit both = likeliest(sloped, variance);
    return simple.residual - both.residual > kWorthASlope * variance ? both : simple;
}

/// Largest change in the next kWarmOutlookMinutes that the readings leave possible.
double upperBound(const std::vector<TimedWhite> &whites)
{
    const std::vector<Fit> fits = fitsUpTo(whites, whites.back().minutes / 3, true);
    const double freedom = 3.0 * static_cast<double>(whites.size()) - 10;
    const double least = leastResidual(fits);
    const double variance = std::max(least / freedom, 1e-12);
    double bound = 0;
    for (const Fit &f : fits)
        if (f.residual - least <= kLikely * variance)
            bound =
                std::max(bound, (f.change().cwiseAbs() + kCoverage * f.changeError()).maxCoeff());
    return bound;
}

/// A slope fades too, as slow parts usually do.
double minutesUntilWarm(const Fit &fit)
{
    const double approach = std::abs(fit.outlook()[1]) * fit.size.cwiseAbs().maxCoeff();
    const double slope = fit.outlook()[2] * fit.slope.cwiseAbs().maxCoeff();
    double low = 0;
    double high = 240;
    constexpr int kHalvings = 40;
    for (int i = 0; i < kHalvings; ++i) {
        const double t = (low + high) / 2;
        const double left =
            approach * std::exp(-t / fit.tau) + slope * std::exp(-t / kUsualSlowTau);
        (left > kWarmDrift ? low : high) = t;
    }
    return low;
}

} // namespace

WarmUp judgeWarmUp(const std::vector<TimedWhite> &whites)
{
    WarmUp verdict;
    if (whites.size() < kFewest || whites.front().white.Y <= 0)
        return verdict;
    const Fit best = forecast(whites);
    const Vec3 change = best.change();
    const Vec3 error = best.changeError();
    for (int k = 0; k < 3; ++k)
        if (std::abs(change[k]) >= kSignificant * error[k])
            verdict.drift = std::max(verdict.drift, std::abs(change[k]));
    verdict.atMost = verdict.drift;
    if (whites.back().minutes >= kLeastWatchMinutes) {
        verdict.atMost = std::max(verdict.drift, upperBound(whites));
        verdict.warm = verdict.atMost < kWarmDrift;
    }
    verdict.enough = verdict.warm || verdict.drift >= kWarmDrift;
    if (verdict.enough && !verdict.warm)
        verdict.minutesToWarm = minutesUntilWarm(best);
    return verdict;
}

PlanStep WarmUpPlan::next() const
{
    if (m_verdict.warm || m_minutes > kLongestMinutes)
        return Finished{};
    if (!m_waited)
        return Wait{kIntervalSeconds};
    return ReadPatch{{255, 255, 255}};
}

void WarmUpPlan::accept(const Reading &reading)
{
    if (!m_whites.empty())
        m_minutes += (kIntervalSeconds + reading.integrationSeconds) / 60;
    m_whites.push_back({m_minutes, reading.xyz});
    m_verdict = judgeWarmUp(m_whites);
    m_waited = false;
}

int WarmUpPlan::readingsLeft() const
{
    if (!m_verdict.enough)
        return std::max(1, static_cast<int>(kFewest) - readingsDone());
    return static_cast<int>(std::ceil(
        std::min(m_verdict.minutesToWarm, kLongestMinutes - m_minutes) * 60 / kIntervalSeconds));
}

} // namespace lantern
