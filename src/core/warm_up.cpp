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
constexpr double kSignificant = 4; ///< standard errors of the drift's size

/// Least-squares fit of value = end * (1 + size * exp(-t / tau)) for each of X, Y, Z.
struct Fit {
    double tau = 0;
    Vec3 end, size;    ///< size relative
    Vec3 sizeError;    ///< standard error of size
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
    }
    return fit;
}

} // namespace

WarmUp judgeWarmUp(const std::vector<TimedWhite> &whites)
{
    WarmUp verdict;
    if (whites.size() < kFewest || whites.front().white.Y <= 0)
        return verdict;
    Fit best;
    for (int i = 0; i < kTaus; ++i) {
        const Fit fit = fitAt(whites, kShortestTau * std::pow(kLongestTau / kShortestTau,
                                                              double(i) / (kTaus - 1)));
        if (fit.residual < best.residual)
            best = fit;
    }
    verdict.enough = true;
    const double since = whites.back().minutes;
    for (int k = 0; k < 3; ++k) {
        if (std::abs(best.size[k]) < kSignificant * best.sizeError[k])
            continue;
        verdict.drift = std::max(verdict.drift, std::abs(best.size[k]) * std::exp(-since / best.tau));
    }
    verdict.warm = verdict.drift < kWarmDrift;
    if (!verdict.warm)
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
        return static_cast<int>(kFewest - m_whites.size());
    return static_cast<int>(
        std::ceil(std::min(m_verdict.minutesToWarm, kLongestMinutes - m_minutes) * 60 /
                  kIntervalSeconds));
}

} // namespace lantern
