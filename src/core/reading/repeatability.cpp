#include "core/reading/repeatability.h"

#include "core/colour/difference.h"

#include <Eigen/Eigenvalues>

#include <algorithm>
#include <array>
#include <cmath>
#include <map>

namespace lantern {

namespace {

/// Scatter of one patch read several times.
struct Group {
    Vec3 mean = Vec3::Zero();
    Mat3 covariance = Mat3::Zero(); ///< times the integration time
    double freedom = 0;
    double seconds = 0;
};

double median(std::vector<double> values)
{
    const auto middle = values.begin() + static_cast<long>(values.size() / 2);
    std::nth_element(values.begin(), middle, values.end());
    return *middle;
}

/// Without those that stand far off the middle of all: a glance of light, a slipped meter.
std::vector<Vec3> believable(const std::vector<Vec3> &values)
{
    constexpr double kFar = 8;          // times the deviation
    constexpr double kDeviation = 1.48; // of a normal distribution, over the median distance
    std::vector<bool> keep(values.size(), true);
    for (int k = 0; k < 3; ++k) {
        std::vector<double> v;
        for (const Vec3 &value : values)
            v.push_back(value[k]);
        const double middle = median(v);
        for (double &d : v)
            d = std::abs(d - middle);
        const double limit = kFar * kDeviation * median(v);
        for (size_t i = 0; i < v.size(); ++i)
            if (limit > 0 && v[i] > limit)
                keep[i] = false;
    }
    std::vector<Vec3> out;
    for (size_t i = 0; i < values.size(); ++i)
        if (keep[i])
            out.push_back(values[i]);
    return out;
}

std::vector<Group> groups(const std::vector<Reading> &readings, int fitted)
{
    std::map<std::array<double, 3>, std::vector<const Reading *>> byPatch;
    for (const Reading &r : readings)
        byPatch[{r.rgb.r, r.rgb.g, r.rgb.b}].push_back(&r);
    constexpr size_t kFewest = 3;
    std::vector<Group> out;
    for (const auto &[patch, all] : byPatch) {
        std::vector<Vec3> values;
        for (const Reading *r : all)
            values.push_back(vec(r->xyz));
        values = believable(values);
        if (values.size() < kFewest)
            continue;
        Group g;
        const auto n = static_cast<double>(values.size());
        for (const Vec3 &v : values)
            g.mean += v / n;
        for (const Reading *r : all)
            g.seconds += secondsOf(*r) / static_cast<double>(all.size());
        g.freedom = n - 1;
        for (const Vec3 &v : values)
            g.covariance += (v - g.mean) * (v - g.mean).transpose() * g.seconds / g.freedom;
        out.push_back(g);
    }
    // Drift was found in the light patches: nearly all that it took away was theirs.
    if (fitted > 0 && !out.empty()) {
        Group &lightest =
            *std::max_element(out.begin(), out.end(),
                              [](const Group &a, const Group &b) { return a.mean[1] < b.mean[1]; });
        const double left = std::max(1.0, lightest.freedom - fitted);
        lightest.covariance *= lightest.freedom / left;
        lightest.freedom = left;
    }
    return out;
}

/// Variance = a + b * value by least squares; a sample variance is uncertain in proportion to
/// itself, so weights follow from the fit before.
std::pair<double, double> varianceLaw(const std::vector<Group> &all, int k)
{
    double a = 0;
    double b = 0;
    constexpr int kRounds = 4;
    for (int round = 0; round < kRounds; ++round) {
        double w0 = 0, w1 = 0, w2 = 0, v0 = 0, v1 = 0;
        for (const Group &g : all) {
            const double x = std::max(0.0, g.mean[k]);
            const double expected = round == 0 ? 1e-4 + x * x : a + b * x + 1e-14;
            const double w = g.freedom / (round == 0 ? expected : expected * expected);
            w0 += w;
            w1 += w * x;
            w2 += w * x * x;
            v0 += w * g.covariance(k, k);
            v1 += w * x * g.covariance(k, k);
        }
        const double det = w0 * w2 - w1 * w1;
        const bool apart = det > 1e-9 * w0 * w2;
        a = apart ? (v0 * w2 - v1 * w1) / det : 0;
        b = apart ? (v1 * w0 - v0 * w1) / det : (w1 > 0 ? v0 / w1 : 0);
        if (a < 0) {
            a = 0;
            b = w2 > 0 ? v1 / w2 : 0;
        } else if (b < 0) {
            b = 0;
            a = v0 / w0;
        }
    }
    return {a, b};
}

/// Those whose scatter is mostly that of the light.
std::vector<Group> lightOnes(const std::vector<Group> &all)
{
    constexpr double kShare = 0.05;
    double lightest = 0;
    for (const Group &g : all)
        lightest = std::max(lightest, g.mean[1]);
    std::vector<Group> out;
    for (const Group &g : all)
        if (g.mean[1] > kShare * lightest && g.covariance.diagonal().minCoeff() > 0)
            out.push_back(g);
    return out;
}

/// Correlation of X, Y, Z, shrunk by what few readings leave open.
Mat3 correlationOf(const std::vector<Group> &light)
{
    Mat3 sum = Mat3::Zero();
    double freedom = 0;
    for (const Group &g : light) {
        const Vec3 deviation = g.covariance.diagonal().cwiseSqrt();
        sum += g.freedom * g.covariance.cwiseQuotient((deviation * deviation.transpose()).eval());
        freedom += g.freedom;
    }
    Mat3 out = Mat3::Identity();
    if (freedom < 2)
        return out;
    sum /= freedom;
    double squares = 0;
    double variance = 0;
    for (const auto &[i, j] : {std::pair(0, 1), std::pair(1, 2), std::pair(2, 0)}) {
        squares += sum(i, j) * sum(i, j);
        variance += std::pow(1 - sum(i, j) * sum(i, j), 2) / (freedom - 1);
    }
    const double keep = squares > 0 ? std::max(0.0, 1 - variance / squares) : 0;
    for (int i = 0; i < 3; ++i)
        for (int j = 0; j < 3; ++j)
            if (i != j)
                out(i, j) = keep * sum(i, j);
    return out;
}

/// Relative deviation that X, Y and Z of light patches have in common; 0 where they hang together
/// no more than a meter's matrix makes them.
double flickerOf(const std::vector<Group> &light)
{
    constexpr double kCommon = 0.8;
    const Mat3 correlation = correlationOf(light);
    if (light.empty() || correlation.minCoeff() < kCommon)
        return 0;
    const Group &lightest =
        *std::max_element(light.begin(), light.end(),
                          [](const Group &a, const Group &b) { return a.mean[1] < b.mean[1]; });
    const Vec3 relative = (lightest.covariance.diagonal() / lightest.seconds)
                              .cwiseSqrt()
                              .cwiseQuotient(lightest.mean);
    const Mat3 covariance = relative.asDiagonal() * correlation * relative.asDiagonal();
    return std::sqrt(covariance.minCoeff());
}

} // namespace

double secondsOf(const Reading &reading)
{
    return reading.integrationSeconds > 0 ? reading.integrationSeconds : 1;
}

Mat3 Repeatability::covariance(const Reading &reading) const
{
    const Vec3 value = vec(reading.xyz).cwiseMax(0);
    const Vec3 light = shot.cwiseProduct(value).cwiseSqrt();
    Mat3 own = light.asDiagonal() * shotCorrelation * light.asDiagonal();
    own.diagonal() += floor.cwiseAbs2();
    return own / secondsOf(reading) + flicker * flicker * value * value.transpose();
}

Vec3 Repeatability::standardUncertainty(const Reading &reading) const
{
    return covariance(reading).diagonal().cwiseSqrt();
}

std::optional<Repeatability> estimateRepeatability(const std::vector<Reading> &readings, int fitted)
{
    std::vector<Group> all = groups(readings, fitted);
    if (all.empty())
        return std::nullopt;
    Repeatability r;
    const std::vector<Group> light = lightOnes(all);
    for (const Group &g : light.empty() ? all : light)
        r.freedom += static_cast<int>(std::lround(g.freedom));
    r.flicker = flickerOf(light);
    for (Group &g : all) {
        g.covariance -= r.flicker * r.flicker * g.seconds * g.mean * g.mean.transpose();
        g.covariance.diagonal() = g.covariance.diagonal().cwiseMax(0);
    }
    for (int k = 0; k < 3; ++k) {
        const auto [a, b] = varianceLaw(all, k);
        r.floor[k] = std::sqrt(a);
        r.shot[k] = b;
    }
    if (r.flicker == 0) // what is left beside flicker says nothing of how it hangs together
        r.shotCorrelation = correlationOf(lightOnes(all));
    return r;
}

double uncertaintyDeltaE00(const Reading &reading, const XYZ &white, const Repeatability &r)
{
    const Lab at = pcsLab(reading.xyz, white);
    // ΔE00 squared is a quadratic form for so small a change: along the axes of the covariance.
    const Eigen::SelfAdjointEigenSolver<Mat3> axes(r.covariance(reading));
    double squares = 0;
    for (int k = 0; k < 3; ++k) {
        const Vec3 change =
            std::sqrt(std::max(0.0, axes.eigenvalues()[k])) * axes.eigenvectors().col(k);
        squares += std::pow(deltaE2000(at, pcsLab(toXyz(vec(reading.xyz) + change), white)), 2);
    }
    return std::sqrt(squares);
}

} // namespace lantern
