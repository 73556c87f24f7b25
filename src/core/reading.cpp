#include "core/reading.h"

#include "core/error.h"

namespace lantern {

namespace {

bool meanOf(const std::vector<Reading> &readings, double level, XYZ &mean)
{
    Vec3 sum = Vec3::Zero();
    int n = 0;
    for (const Reading &r : readings) {
        if (r.rgb == DeviceRgb{level, level, level}) {
            sum += vec(r.xyz);
            ++n;
        }
    }
    if (n > 0)
        mean = toXyz(sum / n);
    return n > 0;
}

} // namespace

bool isNeutral(const DeviceRgb &rgb)
{
    return rgb.r == rgb.g && rgb.g == rgb.b;
}

XYZ whiteOf(const std::vector<Reading> &readings, const std::string &source)
{
    XYZ white;
    if (!meanOf(readings, 255, white))
        throw Error(ErrorKind::BadInput, source, "no reading of white (RGB 255 255 255)",
                    "Measure a chart that holds white, black and some greys.");
    if (!(white.Y > 0))
        throw Error(ErrorKind::BadInput, source, "white was read as having no light",
                    "Check where the meter sat and measure again.");
    return white;
}

XYZ blackOf(const std::vector<Reading> &readings, const std::string &source)
{
    XYZ black;
    if (!meanOf(readings, 0, black))
        throw Error(ErrorKind::BadInput, source, "no reading of black (RGB 0 0 0)",
                    "Measure a chart that holds white, black and some greys.");
    return black;
}

} // namespace lantern
