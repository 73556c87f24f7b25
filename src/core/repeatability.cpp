#include "core/repeatability.h"

#include "core/difference.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>

namespace lantern {

namespace {

constexpr DeviceRgb kWhite{255, 255, 255};

double secondsOf(const Reading &r)
{
    return r.integrationSeconds > 0 ? r.integrationSeconds : 1;
}

/// Scatter of one patch read several times.
struct Group {
    Vec3 mean = Vec3::Zero();
    Vec3 variance = Vec3::Zero(); ///< times the integration time
    double freedom = 0;
};

std::vector<Group> groups(const std::vector<Reading> &readings)
{
    std::map<std::array<double, 3>, std::vector<Reading>> byPatch;
    for (const Reading &r : readings)
        byPatch[{r.rgb.r, r.rgb.g, r.rgb.b}].push_back(r);
    constexpr size_t kFewest = 3;
    std::vector<Group> out;
    for (const auto &[patch, all] : byPatch) {
        if (all.size() < kFewest)
            continue;
        Group g;
        double seconds = 0;
        for (const Reading &r : all) {
            g.mean += vec(r.xyz) / static_cast<double>(all.size());
            seconds += secondsOf(r) / static_cast<double>(all.size());
        }
        g.freedom = static_cast<double>(all.size() - 1);
        for (const Reading &r : all)
            g.variance += (vec(r.xyz) - g.mean).cwiseAbs2() * seconds / g.freedom;
        out.push_back(g);
    }
    return out;
}

} // namespace

Vec3 Repeatability::standardUncertainty(const Reading &reading) const
{
    const Vec3 value = vec(reading.xyz).cwiseMax(0);
    return ((floor.cwiseAbs2() + shot.cwiseProduct(value)) / secondsOf(reading)).cwiseSqrt();
}

std::optional<Repeatability> estimateRepeatability(const std::vector<Reading> &readings)
{
    const std::vector<Group> all = groups(readings);
    if (all.empty())
        return std::nullopt;
    Repeatability r;
    for (int k = 0; k < 3; ++k) {
        // Least squares of variance = a + b * value; a sample variance is uncertain in proportion
        // to itself, so weights follow from the fit before.
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
                v0 += w * g.variance[k];
                v1 += w * x * g.variance[k];
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
        r.floor[k] = std::sqrt(a);
        r.shot[k] = b;
    }
    return r;
}

double uncertaintyDeltaE00(const Reading &reading, const XYZ &white, const Repeatability &r)
{
    const Lab at = pcsLab(reading.xyz, white);
    const Vec3 u = r.standardUncertainty(reading);
    double squares = 0;
    for (int k = 0; k < 3; ++k) {
        Vec3 moved = vec(reading.xyz);
        moved[k] += u[k];
        const double d = deltaE2000(at, pcsLab(toXyz(moved), white));
        squares += d * d;
    }
    return std::sqrt(squares);
}

DriftCorrection correctDrift(const std::vector<Reading> &readings)
{
    DriftCorrection out{readings, 0};
    std::vector<std::pair<size_t, Vec3>> whites; // runs of whites side by side count once
    for (size_t i = 0; i < readings.size(); ++i)
        if (readings[i].rgb == kWhite && vec(readings[i].xyz).minCoeff() > 0)
            whites.emplace_back(i, vec(readings[i].xyz));
    constexpr size_t kFewest = 4;
    if (whites.size() < kFewest)
        return out;
    Vec3 mean = Vec3::Zero();
    for (const auto &[at, white] : whites)
        mean += white / static_cast<double>(whites.size());
    double steps = 0;
    double spread = 0;
    double largest = 0;
    for (size_t i = 0; i < whites.size(); ++i) {
        const Vec3 off = whites[i].second.cwiseQuotient(mean) - Vec3::Ones();
        spread += off.squaredNorm() / static_cast<double>(whites.size() - 1);
        largest = std::max(largest, off.cwiseAbs().maxCoeff());
        if (i > 0)
            steps += (whites[i].second - whites[i - 1].second).cwiseQuotient(mean).squaredNorm() /
                     static_cast<double>(whites.size() - 1);
    }
    // Pure scatter has a ratio of 2; its spread falls with the number of whites.
    const double limit = 2 - 3.3 / std::sqrt(static_cast<double>(whites.size()) + 1);
    if (spread <= 0 || steps / spread > limit)
        return out;
    out.drift = largest;
    size_t next = 0;
    for (size_t i = 0; i < readings.size(); ++i) {
        while (next < whites.size() && whites[next].first < i)
            ++next;
        Vec3 white;
        if (next == 0)
            white = whites.front().second;
        else if (next == whites.size())
            white = whites.back().second;
        else {
            const auto &[at0, w0] = whites[next - 1];
            const auto &[at1, w1] = whites[next];
            const double f = static_cast<double>(i - at0) / static_cast<double>(at1 - at0);
            white = w0 + f * (w1 - w0);
        }
        out.readings[i].xyz = toXyz(vec(readings[i].xyz).cwiseQuotient(white).cwiseProduct(mean));
    }
    return out;
}

} // namespace lantern
