#include "core/plan/control_response.h"

#include <algorithm>
#include <cmath>

namespace lantern {

void ControlResponse::learn(const MonitorControls &before, const Vec3 &driveBefore,
                            const MonitorControls &after, const Vec3 &driveAfter)
{
    constexpr double kTelling = 5; // turns smaller than this teach more noise than sense
    const Vec3 factor = driveAfter.cwiseQuotient(driveBefore);

    // What brightness did shows in the channels whose gain stayed as it was.
    double common = 0;
    int kept = 0;
    for (int c = 0; c < 3; ++c)
        if (after.*kGainFields[c] == before.*kGainFields[c]) {
            common += factor[c];
            ++kept;
        }
    const double b0 = before.brightness;
    const double b1 = after.brightness;
    double level = backlight(b1) / backlight(b0);
    if (kept > 0) {
        level = common / kept;
        // level = (m + (1-m) b1) / (m + (1-m) b0), solved for m
        const double d = (1 - level) - (b1 - level * b0) / 100;
        const bool sensible = (level > 1) == (b1 > b0);
        if (std::abs(b1 - b0) >= kTelling && sensible && std::abs(d) > 1e-6)
            lowest = std::clamp(-(b1 - level * b0) / 100 / d, 0.0, 0.95);
    }
    for (int c = 0; c < 3; ++c) {
        const double g0 = before.*kGainFields[c];
        const double g1 = after.*kGainFields[c];
        if (g0 > 0 && g1 > 0 && std::abs(g1 - g0) >= kTelling && factor[c] > 0 && level > 0)
            exponent[c] = std::clamp(std::log(factor[c] / level) / std::log(g1 / g0), 0.5, 6.0);
    }
}

} // namespace lantern
