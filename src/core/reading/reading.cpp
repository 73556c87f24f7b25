#include "core/reading/reading.h"

#include "core/base/error.h"
#include "core/base/text.h"

#include <Eigen/LU>
#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <set>

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

namespace {

std::string nameOf(const DeviceRgb &c)
{
    return "RGB " + shortNumber(c.r) + " " + shortNumber(c.g) + " " + shortNumber(c.b);
}

} // namespace

void checkReadings(const std::vector<Reading> &readings, const std::string &source)
{
    const double white = whiteOf(readings, source).Y;
    const double black = blackOf(readings, source).Y;
    if (white <= black)
        throw Error(ErrorKind::BadInput, source,
                    {"white was read with %1 cd/m², black with %2: white is not the brighter one",
                     {shortNumber(white), shortNumber(black)}},
                    "Are the columns in order, and is the display not inverted?");
    constexpr double kBelowNothing = 0.005; // of white; the scatter of usual meters is far less
    constexpr double kUnlike = 0.5;         // of the larger of two readings of one patch
    constexpr double kDark = 0.01;          // of white; below it scatter may be all there is
    using Key = std::array<double, 3>;
    std::map<Key, Vec3> byPatch;
    std::map<Key, std::vector<const Reading *>> byLight;
    for (const Reading &r : readings) {
        if (!isFinite(r.xyz) || !vec(r.rgb).allFinite())
            throw Error(ErrorKind::BadInput, source, "a reading is not a finite number");
        const Vec3 xyz = vec(r.xyz);
        if (xyz.minCoeff() < -kBelowNothing * white)
            throw Error(ErrorKind::BadInput, source,
                        {"%1 was read as less than no light (%2 cd/m²)",
                         {nameOf(r.rgb), shortNumber(xyz.minCoeff())}},
                        "Zero the meter and measure again.");
        const auto [same, first] = byPatch.try_emplace({r.rgb.r, r.rgb.g, r.rgb.b}, xyz);
        const double before = same->second[1];
        const double most = std::max(before, xyz[1]);
        if (!first && most > kDark * white && std::abs(before - xyz[1]) > kUnlike * most)
            throw Error(ErrorKind::BadInput, source,
                        {"%1 was read with %2 and with %3 cd/m²",
                         {nameOf(r.rgb), shortNumber(before), shortNumber(xyz[1])}},
                        "One of the two is wrong: take it out, or measure the patch again.");
        if (xyz[1] > kDark * white)
            byLight[{xyz[0], xyz[1], xyz[2]}].push_back(&r);
    }
    // Numbers with three digits repeat by chance, all of many different patches do not.
    constexpr size_t kStuck = 4;
    for (const auto &[light, alike] : byLight) {
        std::set<Key> patches;
        DeviceRgb other = alike.front()->rgb;
        double furthest = 0;
        for (const Reading *r : alike) {
            patches.insert({r->rgb.r, r->rgb.g, r->rgb.b});
            const double apart = (vec(r->rgb) - vec(alike.front()->rgb)).cwiseAbs().maxCoeff();
            if (apart > furthest) {
                furthest = apart;
                other = r->rgb;
            }
        }
        constexpr double kQuiteDifferent = 64; // code values
        if (patches.size() >= kStuck && furthest >= kQuiteDifferent)
            throw Error(
                ErrorKind::BadInput, source,
                {"%1 different patches, %2 and %3 among them, were read with the very same numbers",
                 {std::to_string(patches.size()), nameOf(alike.front()->rgb), nameOf(other)}},
                "The meter was stuck: unplug it, plug it in again, and measure anew.");
    }
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
