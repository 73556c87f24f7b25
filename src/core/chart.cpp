#include "core/chart.h"

#include "core/error.h"

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
        throw Error(ErrorKind::BadInput, "chart",
                    std::to_string(count) + " patches; a chart has " + std::to_string(kMinChart) +
                        " to " + std::to_string(kMaxChart));
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
