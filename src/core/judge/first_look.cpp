#include "core/judge/first_look.h"

#include "core/aim/display_state.h"
#include "core/base/text.h"
#include "core/colour/white.h"
#include "core/reading/mean_reading.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <optional>

namespace lantern {

namespace {

/// Mean luminance of a patch, black taken off.
struct Light {
    std::map<double, double> greys; ///< by code value, 0 and 255 included
    std::optional<double> red, green, blue;
    std::optional<XYZ> white;
    double black = 0;
};

std::optional<Light> lightOf(const std::vector<Reading> &readings)
{
    Light light;
    light.white = meanOf(readings, {kDeviceTop, kDeviceTop, kDeviceTop});
    const auto black = meanOf(readings, {0, 0, 0});
    if (!light.white || !black || light.white->Y <= black->Y)
        return std::nullopt;
    light.black = black->Y;
    for (const Reading &r : readings)
        if (isNeutral(r.rgb))
            light.greys[r.rgb.r] = meanOf(readings, r.rgb)->Y - light.black;
    const auto primary = [&](const DeviceRgb &rgb) -> std::optional<double> {
        const auto xyz = meanOf(readings, rgb);
        return xyz ? std::optional(xyz->Y - light.black) : std::nullopt;
    };
    light.red = primary({kDeviceTop, 0, 0});
    light.green = primary({0, kDeviceTop, 0});
    light.blue = primary({0, 0, kDeviceTop});
    return light;
}

/// Exponent of a grey against white.
double exponentOf(double code, double light, double white)
{
    return std::log(light / white) / std::log(code / kDeviceTop);
}

/// Exponents of the greys in the middle, where neither end counts.
std::vector<double> middleExponents(const Light &light)
{
    std::vector<double> out;
    const double white = light.greys.at(kDeviceTop);
    for (const auto &[code, y] : light.greys)
        if (code >= 0.25 * kDeviceTop && code <= 0.8 * kDeviceTop && y > 0)
            out.push_back(exponentOf(code, y, white));
    return out;
}

void lookAtEnds(const Light &light, double exponent, std::vector<FirstSight> &out)
{
    const double white = light.greys.at(kDeviceTop);
    bool top = false;
    bool bottom = false;
    std::string topFigure;
    std::string bottomFigure;
    // The lightest step below white, and the darkest above black.
    auto below = light.greys.find(kDeviceTop);
    if (below != light.greys.begin()) {
        --below;
        const double expected = std::pow(below->first / kDeviceTop, exponent);
        const double got = below->second / white;
        constexpr double kEaten = 0.25; // of the step: no smooth curve loses more
        top = below->first > 0.8 * kDeviceTop && (1 - got) < kEaten * (1 - expected);
        topFigure = fixedNumber(100 * got, 1);
    }
    auto above = light.greys.upper_bound(0);
    if (above != light.greys.end() && above->first < 0.2 * kDeviceTop) {
        const double expected = white * std::pow(above->first / kDeviceTop, exponent);
        constexpr double kLeft = 0.2; // of what the curve of the middle would give
        bottom = above->second < kLeft * expected;
        bottomFigure = fixedNumber(100 * above->second / expected, 0);
    }
    using K = FirstSight::Kind;
    if (top && bottom)
        out.push_back({K::BothEndsClipped,
                       {"Both ends of the scale are cut off: the lightest step has %1 % of white's "
                        "light, the darkest %2 % of what it should have.",
                        {topFigure, bottomFigure}},
                       "The display takes a full signal for one of limited range (16 to 235).",
                       "Set the graphics card or the monitor's input to full range (0 to 255), "
                       "then start again."});
    else if (top)
        out.push_back({K::LightEndClipped,
                       {"The lightest greys are alike: the step below white has %1 % of its light.",
                        {topFigure}},
                       "The monitor's contrast is set too high, or a picture mode stretches it.",
                       "Lower the contrast until the lightest steps part, or choose a plain mode, "
                       "then start again."});
    else if (bottom)
        out.push_back({K::DarkEndCrushed,
                       {"The darkest greys are alike: the first step above black has %1 % of the "
                        "light it should have.",
                        {bottomFigure}},
                       "The monitor's black level or brightness control eats them, or a picture "
                       "mode deepens its shadows.",
                       "Raise the black level if there is one, or choose a plain mode, then start "
                       "again."});
}

/// Three code values further the light must have grown.
void lookAtSteps(const Light &light, const std::vector<double> &exponents,
                 std::vector<FirstSight> &out)
{
    const auto from = light.greys.find(kCoarseFrom.r);
    const auto to = light.greys.find(kCoarseTo.r);
    if (from == light.greys.end() || to == light.greys.end() || from->second <= 0)
        return;
    double exponent = 0;
    for (const double e : exponents)
        exponent += e / static_cast<double>(exponents.size());
    const double expected = std::pow(kCoarseTo.r / kCoarseFrom.r, exponent) - 1;
    const double got = to->second / from->second - 1;
    constexpr double kLeft = 0.25; // of the step
    if (got < kLeft * expected)
        out.push_back({FirstSight::Kind::CoarseSteps,
                       {"Code values %1 and %2 give the same light; the step should be %3 %.",
                        {shortNumber(kCoarseFrom.r), shortNumber(kCoarseTo.r),
                         fixedNumber(100 * expected, 1)}},
                       "The panel, or what drives it, has only six bits a channel.",
                       "Set the graphics card to 8 or 10 bits and look for dithering in its "
                       "settings; else smooth gradients will show bands, and each correction by "
                       "the video LUT costs steps."});
}

void lookAtWhite(const Light &light, std::vector<FirstSight> &out)
{
    using K = FirstSight::Kind;
    const double white = light.greys.at(kDeviceTop);
    if (light.red && light.green && light.blue) {
        const double sum = *light.red + *light.green + *light.blue;
        const std::string share = fixedNumber(100 * white / sum, 0);
        constexpr double kMore = 1.08;
        constexpr double kLess = 0.88;
        if (white > kMore * sum)
            out.push_back({K::WhiteBoosted,
                           {"White has %1 % of the light of its primaries together.", {share}},
                           "A white subpixel, or a mode that boosts white: no profile can make "
                           "its colours as light as its white.",
                           "Switch such a mode off if it can be; else colours stay darker than "
                           "they should be beside white."});
        else if (white < kLess * sum)
            out.push_back({K::WhiteHeldBack,
                           {"White has only %1 % of the light of its primaries together.", {share}},
                           "The panel holds back large bright areas, or a mode limits its power.",
                           "Switch power saving and dynamic brightness off; a lower luminance "
                           "leaves room."});
    }
    const Cct cct = correlatedColourTemperature(chromaticity(*light.white));
    constexpr double kFarDuv = 0.02;
    constexpr double kBluest = 15'000;
    constexpr double kReddest = 3'000;
    if (std::abs(cct.duv) > kFarDuv || cct.kelvin > kBluest || cct.kelvin < kReddest)
        out.push_back({K::WhiteFarOff,
                       {"White is far from any daylight (x %1 y %2).",
                        {fixedNumber(chromaticity(*light.white).x, 3),
                         fixedNumber(chromaticity(*light.white).y, 3)}},
                       "A colour filter, a night light, or gains that were turned far.",
                       "Switch tints off and set the gains back, then start again."});
}

} // namespace

std::vector<FirstSight> firstLook(const std::vector<Reading> &readings, double patchGain)
{
    std::vector<FirstSight> out;
    const auto light = lightOf(readings);
    if (!light)
        return out;
    const std::vector<double> exponents = middleExponents(*light);
    if (exponents.size() >= 3) {
        double mean = 0;
        for (const double e : exponents)
            mean += e / static_cast<double>(exponents.size());
        lookAtEnds(*light, mean, out);
        const auto [least, most] = std::minmax_element(exponents.begin(), exponents.end());
        constexpr double kBent = 0.45;
        if (*most - *least > kBent && out.empty())
            out.push_back({FirstSight::Kind::CurveBent,
                           {"The tone curve bends: its exponent goes from %1 to %2 between dark "
                            "and light greys.",
                            {fixedNumber(*least, 2), fixedNumber(*most, 2)}},
                           "A picture mode (vivid, film, dynamic contrast) is at work.",
                           "Choose the plainest mode; what such a mode does with colours cannot "
                           "be calibrated away."});
        // A lifted signal rises ever more slowly towards black, once black is taken off.
        constexpr double kRaised = 0.0025; // of white
        constexpr double kSlower = 0.12;   // of the exponent
        const auto dark = light->greys.upper_bound(0);
        const bool isSlow =
            dark != light->greys.end() && dark->first < 0.2 * kDeviceTop && dark->second > 0 &&
            exponentOf(dark->first, dark->second, light->greys.at(kDeviceTop)) < mean - kSlower;
        if (light->black > kRaised * light->white->Y && isSlow && out.empty())
            out.push_back({FirstSight::Kind::BlackRaised,
                           {"Black has %1 % of white's light, and the greys above it rise flatly.",
                            {fixedNumber(100 * light->black / light->white->Y, 2)}},
                           "A signal of limited range (16 to 235) is shown as if it were full, or "
                           "light falls on the screen.",
                           "Set the graphics card or the monitor's input to full range, and keep "
                           "light off the screen."});
    }
    if (!exponents.empty())
        lookAtSteps(*light, exponents, out);
    lookAtWhite(*light, out);
    constexpr double kDims = 1.06; // flare of a white screen works the other way
    if (patchGain > kDims)
        out.push_back({FirstSight::Kind::AreaDims,
                       {"White in a small patch is %1 % lighter than on the whole screen.",
                        {fixedNumber(100 * (patchGain - 1), 0)}},
                       "The display holds back large bright areas to save power or spare itself.",
                       "Switch power saving and dynamic brightness off if it can be, or aim at a "
                       "luminance that the whole screen reaches; else large bright pictures are "
                       "darker than what is measured."});
    return out;
}

} // namespace lantern
