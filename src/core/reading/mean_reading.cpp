#include "core/reading/mean_reading.h"

namespace lantern {

std::optional<XYZ> meanOf(const std::vector<Reading> &readings, const DeviceRgb &rgb)
{
    Vec3 sum = Vec3::Zero();
    int count = 0;
    for (const Reading &r : readings)
        if (r.rgb == rgb) {
            sum += vec(r.xyz);
            ++count;
        }
    return count > 0 ? std::optional(toXyz(sum / count)) : std::nullopt;
}

} // namespace lantern
