#include "core/reading.h"

#include "core/error.h"

#include <Eigen/LU>
#include <cmath>

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

Mat3 primariesFromReadings(const XYZ &red, const XYZ &green, const XYZ &blue, const XYZ &black)
{
    Mat3 primaries;
    primaries << vec(red) - vec(black), vec(green) - vec(black), vec(blue) - vec(black);
    const double light = std::cbrt(std::abs(primaries.determinant()));
    constexpr double kFlat = 0.01; // of the light of all three: the volume real primaries exceed
    if (!(light > kFlat * primaries.row(1).sum()))
        throw Error(ErrorKind::Device, "display",
                    "red, green and blue were read as the same colour",
                    "Check that the meter sits on the patch and that the patch is not covered.");
    return primaries;
}

} // namespace lantern
