#include "core/judge/expectation.h"

#include "core/reading/mean_reading.h"

#include <Eigen/LU>

#include <algorithm>
#include <cmath>

namespace lantern {

std::optional<Expectation> Expectation::of(const std::vector<Reading> &found, const XYZ &white,
                                           const ToneCurve &tone)
{
    const auto red = meanOf(found, {kDeviceTop, 0, 0});
    const auto green = meanOf(found, {0, kDeviceTop, 0});
    const auto blue = meanOf(found, {0, 0, kDeviceTop});
    const auto black = meanOf(found, {0, 0, 0});
    if (!red || !green || !blue || !black || !(white.Y > black->Y) ||
        std::holds_alternative<NativeTone>(tone))
        return std::nullopt;
    Expectation e;
    e.m_white = white;
    e.m_black = *black;
    e.m_tone = tone;
    e.m_light << vec(*red) - vec(*black), vec(*green) - vec(*black), vec(*blue) - vec(*black);
    if (std::abs(e.m_light.determinant()) < 1e-9 * std::pow(white.Y, 3))
        return std::nullopt;
    const Vec3 shares = e.m_light.inverse() * (vec(white) - vec(*black));
    e.m_light = e.m_light * shares.asDiagonal();
    return e;
}

XYZ Expectation::expected(const DeviceRgb &rgb) const
{
    // Black is added apart: the curve between it and white without it.
    const ToneRange range{m_black.Y / m_white.Y, m_white.Y};
    const double black = toneLuminance(m_tone, 0, range);
    Vec3 light;
    for (int c = 0; c < 3; ++c)
        light[c] =
            (toneLuminance(m_tone, std::clamp(vec(rgb)[c] / kDeviceTop, 0.0, 1.0), range) - black) /
            (1 - black);
    return toXyz(vec(m_black) + m_light * light);
}

} // namespace lantern
