#include "core/plan/chart.h"

#include "core/base/error.h"
#include "core/colour/spaces.h"
#include "core/profile/reference_set.h"

#include <algorithm>
#include <cmath>
#include <set>
#include <tuple>

namespace lantern {

namespace {

/// Radical inverse of `index` in `base`: the Halton sequence. Halton, Numer. Math. 2 (1960) 84-90.
double radicalInverse(int index, int base)
{
    double result = 0;
    double digit = 1.0 / base;
    for (; index > 0; index /= base, digit /= base)
        result += (index % base) * digit;
    return result;
}

/// Collects different patches of whole code values, in the order they were offered.
class PatchCollector {
public:
    explicit PatchCollector(size_t limit) : m_limit(limit) {}

    void add(double r, double g, double b)
    {
        const DeviceRgb patch{std::round(r), std::round(g), std::round(b)};
        if (!full() && m_seen.emplace(patch.r, patch.g, patch.b).second)
            m_patches.push_back(patch);
    }
    [[nodiscard]] bool full() const { return m_patches.size() >= m_limit; }
    std::vector<DeviceRgb> take() { return std::move(m_patches); }

private:
    size_t m_limit;
    std::set<std::tuple<double, double, double>> m_seen;
    std::vector<DeviceRgb> m_patches;
};

} // namespace

std::vector<DeviceRgb> makeChart(int count)
{
    if (count < kMinChart || count > kMaxChart)
        throw Error(
            ErrorKind::BadInput, "chart",
            {"%1 patches; a chart has %2 to %3",
             {std::to_string(count), std::to_string(kMinChart), std::to_string(kMaxChart)}});
    PatchCollector patches(static_cast<size_t>(count));
    for (int i = 7; i >= 0; --i)
        patches.add((i & 4) ? 255 : 0, (i & 2) ? 255 : 0, (i & 1) ? 255 : 0);
    const int greys = std::clamp(count / 9, 7, 65);
    for (const DeviceRgb &grey : greyRamp(greys))
        patches.add(grey.r, grey.g, grey.b);
    const int steps = std::clamp(count / 24, 2, 33);
    for (int i = 1; i < steps; ++i) {
        const double v = 255.0 * i / steps;
        patches.add(v, 0, 0);
        patches.add(0, v, 0);
        patches.add(0, 0, v);
    }
    for (int i = 1; !patches.full(); ++i) {
        Vec3 p(radicalInverse(i, 2), radicalInverse(i, 3), radicalInverse(i, 5));
        if (i % 5 == 0) // towards the neutral of the same mean
            p = 0.3 * p + Vec3::Constant(0.7 * p.mean());
        else if (i % 5 == 1) // towards the shadows
            p *= p.maxCoeff();
        patches.add(255 * p[0], 255 * p[1], 255 * p[2]);
    }
    return patches.take();
}

std::vector<DeviceRgb> regularGrid(int levels)
{
    constexpr int kMost = 22; // 22^3 patches are the last below kMaxChart
    if (levels < 2 || levels > kMost)
        throw Error(ErrorKind::BadInput, "chart",
                    {"a grid of %1 levels; 2 to %2 are possible",
                     {std::to_string(levels), std::to_string(kMost)}});
    std::vector<DeviceRgb> out;
    auto value = [&](int i) { return std::round(255.0 * i / (levels - 1)); };
    for (int r = levels - 1; r >= 0; --r)
        for (int g = levels - 1; g >= 0; --g)
            for (int b = levels - 1; b >= 0; --b)
                out.push_back({value(r), value(g), value(b)});
    return out;
}

std::vector<DeviceRgb> renditionChart()
{
    std::vector<DeviceRgb> out;
    for (const ReferenceColour &c : chart24().colours)
        out.push_back(
            toDeviceRgb(vec(srgbCodesFromPcs(c.lab)).array().round().cwiseMax(0).cwiseMin(255)));
    return out;
}

std::vector<DeviceRgb> measuringOrder(const std::vector<DeviceRgb> &patches)
{
    const DeviceRgb white{255, 255, 255};
    const DeviceRgb black{0, 0, 0};
    const LuminanceOutlook usual;
    std::vector<DeviceRgb> rest;
    for (const DeviceRgb &p : patches)
        if (!(p == white) && !(p == black))
            rest.push_back(p);
    std::stable_sort(rest.begin(), rest.end(), [&](const DeviceRgb &a, const DeviceRgb &b) {
        return usual.luminance(a) > usual.luminance(b);
    });
    const size_t blockSize = std::clamp<size_t>(rest.size() / 12, 6, 40);
    const size_t blocks = std::max<size_t>(2, (rest.size() + blockSize - 1) / blockSize);
    constexpr size_t kMostBlacks = 6;
    const size_t blackEvery = std::max<size_t>(1, (blocks / 2 + kMostBlacks - 1) / kMostBlacks);
    std::vector<DeviceRgb> out = {white};
    for (size_t block = 0; block < blocks; ++block) {
        std::vector<DeviceRgb> part;
        for (size_t i = block; i < rest.size(); i += blocks)
            part.push_back(rest[i]);
        const bool darkening = block % 2 == 0;
        if (!darkening)
            std::reverse(part.begin(), part.end());
        out.insert(out.end(), part.begin(), part.end());
        if (darkening && (block / 2) % blackEvery == 0)
            out.push_back(black);
        if (!darkening || block + 1 == blocks)
            out.push_back(white);
    }
    return out;
}

double MeterTiming::readingSeconds(double luminanceCdM2) const
{
    const double t = luminanceCdM2 > 0
                         ? std::clamp(t0Seconds * y0CdM2 / luminanceCdM2, tMinSeconds, tMaxSeconds)
                         : tMaxSeconds;
    return settleSeconds + t;
}

double LuminanceOutlook::luminance(const DeviceRgb &rgb) const
{
    double light = 0;
    for (int c = 0; c < 3; ++c)
        light += shares[c] * toneLuminance(tone, vec(rgb)[c] / 255, {0, whiteCdM2});
    return blackCdM2 + light * (whiteCdM2 - blackCdM2);
}

double estimatedSeconds(const std::vector<DeviceRgb> &patches, const LuminanceOutlook &outlook,
                        const MeterTiming &timing)
{
    double sum = 0;
    for (const DeviceRgb &p : patches)
        sum += timing.readingSeconds(outlook.luminance(p));
    return sum;
}

std::vector<DeviceRgb> greyRamp(int levels)
{
    std::vector<DeviceRgb> ramp;
    for (int i = levels - 1; i >= 0; --i) {
        const double v = std::round(255.0 * i / (levels - 1));
        ramp.push_back({v, v, v});
    }
    return ramp;
}

} // namespace lantern
