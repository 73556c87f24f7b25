#include "core/aim/aim_reach.h"

#include "core/aim/display_state.h"
#include "core/base/error.h"
#include "core/base/text.h"

#include <Eigen/LU>
#include <algorithm>
#include <array>
#include <cmath>

namespace lantern {

namespace {

constexpr double kGamutReached = 0.97;     ///< common practice: the rest is not seen in pictures
constexpr double kShortfallAllowed = 0.01; // of luminance or contrast: within what an aim is met to

std::optional<XYZ> mean(const std::vector<Reading> &readings, const DeviceRgb &rgb)
{
    Vec3 sum = Vec3::Zero();
    int n = 0;
    for (const Reading &r : readings)
        if (r.rgb == rgb) {
            sum += vec(r.xyz);
            ++n;
        }
    return n > 0 ? std::optional(toXyz(sum / n)) : std::nullopt;
}

} // namespace

std::optional<DisplayReach> DisplayReach::fromReadings(const std::vector<Reading> &readings,
                                                       bool brightnessCanRise)
{
    const auto white = mean(readings, {255, 255, 255});
    const auto black = mean(readings, {0, 0, 0});
    const auto red = mean(readings, {255, 0, 0});
    const auto green = mean(readings, {0, 255, 0});
    const auto blue = mean(readings, {0, 0, 255});
    if (!white || !black || !red || !green || !blue || !(white->Y > 0))
        return std::nullopt;
    try {
        return DisplayReach{*white, *black, primariesFromReadings(*red, *green, *blue, *black),
                            brightnessCanRise};
    } catch (const Error &) { // the meter saw the same thing three times
        return std::nullopt;
    }
}

DisplayReach::Limit DisplayReach::limit(const Chromaticity &xy) const
{
    const Mat3 inverse = primaries.inverse();
    const Vec3 perLuminance = inverse * vec(fromChromaticity(xy, 1));
    const Vec3 full = inverse * vec(white); // black included: it is there in the aimed white too
    std::array<std::pair<double, int>, 3> reach;
    for (int c = 0; c < 3; ++c) {
        if (perLuminance[c] <= 0)
            return {};
        reach[c] = {full[c] / perLuminance[c], c};
    }
    std::sort(reach.begin(), reach.end());
    Limit out{std::min(reach[0].first, white.Y), std::nullopt};
    constexpr double kClearly = 1.05; // one channel alone is to blame
    if (reach[1].first > kClearly * reach[0].first)
        out.channel = reach[0].second;
    return out;
}

/// \param most cd/m² that the display reaches, \param out channel that runs out first
Message tooBright(const Aim &aim, const std::string &most, const std::optional<int> &out)
{
    const std::vector<std::string> arguments = {shortNumber(*aim.luminanceCdM2),
                                                whiteName(aim.white), most};
    if (!out)
        return {"the aim asks for %1 cd/m² at %2, the display reaches %3 there. Raise its "
                "brightness, or aim at %3 cd/m² or less, or at a white nearer to its own.",
                arguments};
    switch (*out) {
    case 0:
        return {"the aim asks for %1 cd/m² at %2, the display reaches %3 there because no red is "
                "left. Raise its brightness, or aim at %3 cd/m² or less, or at a white nearer to "
                "its own.",
                arguments};
    case 1:
        return {"the aim asks for %1 cd/m² at %2, the display reaches %3 there because no green is "
                "left. Raise its brightness, or aim at %3 cd/m² or less, or at a white nearer to "
                "its own.",
                arguments};
    default:
        return {"the aim asks for %1 cd/m² at %2, the display reaches %3 there because no blue is "
                "left. Raise its brightness, or aim at %3 cd/m² or less, or at a white nearer to "
                "its own.",
                arguments};
    }
}

std::optional<Message> whyOutOfReach(const Aim &aim, const DisplayReach &reach)
{
    const Chromaticity xy = aimChromaticity(aim, chromaticity(reach.white));
    const DisplayReach::Limit limit = reach.limit(xy);
    if (limit.luminance <= 0)
        return Message{"the aimed white (x %1, y %2) lies outside what its primaries can mix. "
                       "Choose a white nearer to its own.",
                       {fixedNumber(xy.x, 4), fixedNumber(xy.y, 4)}};
    if (aim.luminanceCdM2 && !reach.brightnessCanRise &&
        *aim.luminanceCdM2 > limit.luminance * (1 + kShortfallAllowed)) {
        const std::string most = fixedNumber(std::floor(limit.luminance * 10) / 10, 1);
        return tooBright(aim, most, limit.channel);
    }
    if (aim.contrastRatio && reach.black.Y > 0) {
        const double own = reach.white.Y / reach.black.Y;
        if (*aim.contrastRatio > own * (1 + kShortfallAllowed))
            return Message{"the display's own contrast was read as %1:1; a limit can only lower "
                           "it. Ask for %1:1 or less, or leave black as native.",
                           {fixedNumber(own, 0)}};
    }
    if (aim.primaries) {
        PrimarySet own;
        for (int c = 0; c < 3; ++c)
            own[static_cast<size_t>(c)] = chromaticity(toXyz(reach.primaries.col(c)));
        const double covered = gamutCoverage(own, *aim.primaries);
        if (covered < kGamutReached)
            return Message{"the aimed primaries span a gamut of which this panel covers %1 %. "
                           "Choose a smaller one, or leave the primaries as native.",
                           {fixedNumber(100 * covered, 0)}};
    }
    return std::nullopt;
}

} // namespace lantern
