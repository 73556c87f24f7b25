#include "core/profile/colour_cube.h"

#include "core/model/display_model.h"

#include <algorithm>
#include <cmath>

namespace lantern {

ColourCube ColourCube::before(const std::vector<Reading> &before, const ProfileFile &profile,
                              const XYZ &nowWhite)
{
    const DisplayModel model = DisplayModel::fit(before, {.full = false}, "readings before");
    const XYZ oldWhite = model.white();
    // Both whites with Y = 1: how far the old one exceeds a channel of the new one.
    auto nowLab = [&](const XYZ &c, double dim) {
        return pcsLab(toXyz(vec(c) / oldWhite.Y * nowWhite.Y * dim), nowWhite);
    };
    double dim = 1;
    constexpr double kStep = 0.99;
    constexpr double kDarkest = 0.5;
    auto clipped = [&](double d) {
        const Lab wanted = nowLab(oldWhite, d);
        const Lab got = profile.toLab(profile.toDevice(wanted));
        return std::hypot(wanted.L - got.L, wanted.a - got.a, wanted.b - got.b) > 0.7;
    };
    while (dim > kDarkest && clipped(dim))
        dim *= kStep;

    ColourCube cube;
    cube.m_nodes.reserve(static_cast<size_t>(kNodes) * kNodes * kNodes);
    for (int r = 0; r < kNodes; ++r)
        for (int g = 0; g < kNodes; ++g)
            for (int b = 0; b < kNodes; ++b) {
                const DeviceRgb code = toDeviceRgb(255 * Vec3(r, g, b) / (kNodes - 1));
                const XYZ light = displayXyz(model.lab(code), oldWhite);
                const DeviceRgb out = profile.toDevice(nowLab(light, dim));
                cube.m_nodes.push_back({static_cast<float>(out.r), static_cast<float>(out.g),
                                        static_cast<float>(out.b)});
            }
    return cube;
}

std::array<uint8_t, 3> ColourCube::apply(uint8_t r, uint8_t g, uint8_t b) const
{
    const std::array<uint8_t, 3> in = {r, g, b};
    std::array<int, 3> at{};
    std::array<float, 3> f{};
    for (int c = 0; c < 3; ++c) {
        const float position = static_cast<float>(in[c]) / 255 * (kNodes - 1);
        at[c] = std::min(static_cast<int>(position), kNodes - 2);
        f[c] = position - static_cast<float>(at[c]);
    }
    std::array<float, 3> sum{};
    for (int corner = 0; corner < 8; ++corner) {
        float weight = 1;
        size_t index = 0;
        for (int c = 0; c < 3; ++c) {
            const int up = (corner >> c) & 1;
            weight *= up ? f[c] : 1 - f[c];
            index = index * kNodes + static_cast<size_t>(at[c] + up);
        }
        for (int c = 0; c < 3; ++c)
            sum[c] += weight * m_nodes[index][c];
    }
    return {static_cast<uint8_t>(std::lround(sum[0])), static_cast<uint8_t>(std::lround(sum[1])),
            static_cast<uint8_t>(std::lround(sum[2]))};
}

} // namespace lantern
