#include "core/warm_up.h"

#include <Eigen/LU>
#include <Eigen/QR>
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

/// Least-squares fit of value = end * (1 + size * exp(-t / tau)) for each of X, Y, Z.
struct Fit {
    double tau = 0;
    Vec3 end, size; ///< size relative
    Vec3 sizeError; ///< standard error of size
    Vec3 scatter;   ///< of the readings about the fit, relative
    double residual = INFINITY;
};

Fit fitAt(const std::vector<TimedWhite> &whites, double tau)
{
    const auto n = static_cast<Eigen::Index>(whites.size());
    Eigen::MatrixX2d a(n, 2);
    Eigen::MatrixX3d b(n, 3);
    for (Eigen::Index i = 0; i < n; ++i) {
        a.row(i) << 1, std::exp(-whites[i].minutes / tau);
        b.row(i) = vec(whites[i].white).transpose() / whites.front().white.Y;
    }
    const Eigen::Matrix<double, 2, 3> x = a.colPivHouseholderQr().solve(b);
    const Eigen::MatrixX3d error = b - a * x;
    const double spread = (a.transpose() * a).inverse()(1, 1);
    Fit fit;
    fit.tau = tau;
    fit.residual = error.squaredNorm();
    for (int k = 0; k < 3; ++k) {
        fit.end[k] = x(0, k) * whites.front().white.Y;
        fit.size[k] = x(1, k) / x(0, k);
        const double variance = error.col(k).squaredNorm() / static_cast<double>(n - 2);
        fit.sizeError[k] = std::sqrt(variance * spread) / std::abs(x(0, k));
        fit.scatter[k] = std::sqrt(variance) / std::abs(x(0, k));
    }
    return fit;
}

/// Of all time constants the likeliest, given the readings and what displays are usually like: a
/// few readings alone cannot tell slow from quick.
Fit likeliestFit(const std::vector<TimedWhite> &whites)
{
    std::vector<Fit> fits;
    double least = INFINITY;
    for (int i = 0; i < kTaus; ++i) {
        fits.push_back(fitAt(
            whites, kShortestTau * std::pow(kLongestTau / kShortestTau, double(i) / (kTaus - 1))));
        least = std::min(least, fits.back().residual);
    }
    const double freedom = 3.0 * static_cast<double>(whites.size()) - 7; // two a channel, and tau
    const double variance = std::max(least / freedom, 1e-12);
    const auto cost = [&](const Fit &fit) {
        const double unusual = std::log(fit.tau / kUsualTau) / kUsualTauSpread;
        return fit.residual / variance + unusual * unusual;
    };
    return *std::min_element(fits.begin(), fits.end(),
                             [&](const Fit &a, const Fit &b) { return cost(a) < cost(b); });
}

/// Standard error of a straight line's relative slope per minute through readings that scatter as
/// these do about the fit; the worst of X, Y, Z.
double slopeError(const std::vector<TimedWhite> &whites, const Fit &fit)
{
    const auto n = static_cast<double>(whites.size());
    double mean = 0;
    for (const TimedWhite &w : whites)
        mean += w.minutes / n;
    double spread = 0;
    for (const TimedWhite &w : whites)
        spread += std::pow(w.minutes - mean, 2);
    return fit.scatter.maxCoeff() / std::sqrt(spread);
}

} // namespace

WarmUp judgeWarmUp(const std::vector<TimedWhite> &whites)
{
    WarmUp verdict;
    if (whites.size() < kFewest || whites.front().white.Y <= 0)
        return verdict;
    const Fit best = likeliestFit(whites);
    const double share = std::exp(-whites.back().minutes / best.tau) *
                         (1 - std::exp(-kWarmOutlookMinutes / best.tau));
    for (int k = 0; k < 3; ++k)
        if (std::abs(best.size[k]) >= kSignificant * best.sizeError[k])
            verdict.drift = std::max(verdict.drift, std::abs(best.size[k]) * share);
    const double hidden = kCoverage * kWarmOutlookMinutes * slopeError(whites, best);
    verdict.warm = verdict.drift + hidden < kWarmDrift;
    verdict.enough = verdict.warm || verdict.drift >= kWarmDrift;
    if (verdict.enough && !verdict.warm)
        verdict.minutesToWarm = best.tau * std::log(verdict.drift / kWarmDrift);
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
