#include "core/reading/stray_light.h"

#include "core/base/error.h"

#include <numbers>

namespace lantern {

StrayLight StrayLight::fromRoom(double illuminanceLux, double reflectance, const Chromaticity &room)
{
    return {fromChromaticity(room, reflectance * illuminanceLux / std::numbers::pi)};
}

StrayLight StrayLight::fromReadings(const std::vector<Reading> &contact,
                                    const std::vector<Reading> &distant, const std::string &source)
{
    Vec3 sum = Vec3::Zero();
    int n = 0;
    for (const Reading &d : distant)
        for (const Reading &c : contact)
            if (c.rgb == d.rgb) {
                sum += vec(d.xyz) - vec(c.xyz);
                ++n;
                break;
            }
    if (n == 0)
        throw Error(ErrorKind::BadInput, source, "shares no patch with the readings in contact",
                    "Read at least black from where the eye is.");
    return {toXyz((sum / n).cwiseMax(0))};
}

std::vector<Reading> StrayLight::seen(const std::vector<Reading> &readings) const
{
    std::vector<Reading> out = readings;
    for (Reading &r : out)
        r.xyz = toXyz(vec(r.xyz) + vec(reflected));
    return out;
}

} // namespace lantern
