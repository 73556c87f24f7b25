#include "core/signal/technology.h"

#include "core/base/text.h"

#include <algorithm>
#include <cmath>

namespace lantern {

namespace {

/// Common practice, not measured: with more than this share of sRGB's area in u'v' a white LED with
/// plain phosphors does not do.
constexpr double kWideShare = 1.15;
/// Common practice: white LEDs took over from fluorescent lamps in these years.
constexpr int kLastLampYear = 2009;

double triangle(const Chromaticity &r, const Chromaticity &g, const Chromaticity &b)
{
    const UvPrime p = uvPrime(r);
    const UvPrime q = uvPrime(g);
    const UvPrime s = uvPrime(b);
    return std::abs((q.u - p.u) * (s.v - p.v) - (s.u - p.u) * (q.v - p.v)) / 2;
}

bool saysOled(std::string name)
{
    std::transform(name.begin(), name.end(), name.begin(),
                   [](unsigned char c) { return static_cast<char>(std::toupper(c)); });
    return name.find("OLED") != std::string::npos;
}

} // namespace

const std::vector<std::string> &technologies()
{
    static const std::vector<std::string> names = {"led-phosphor", "led-wide", "ccfl", "oled",
                                                   "other"};
    return names;
}

bool equalMayLookDifferent(const std::string &technology)
{
    return technology == "led-wide" || technology == "oled";
}

TechnologyGuess guessTechnology(const Edid &edid)
{
    if (saysOled(edid.name))
        return {"oled", "Its name says so."};
    // IEC 61966-2-1, table 1
    const double srgb = triangle({0.64, 0.33}, {0.30, 0.60}, {0.15, 0.06});
    const double share = triangle(edid.red, edid.green, edid.blue) / srgb;
    const std::string percent = shortNumber(std::round(100 * share));
    if (share < 0.2)
        return {"led-phosphor", "It does not tell its primaries; most displays are of this kind."};
    if (share > kWideShare)
        return {
            "led-wide",
            {"Its primaries span %1 % of sRGB's area, more than plain white LEDs can.", {percent}}};
    if (edid.year > 1990 && edid.year <= kLastLampYear)
        return {"ccfl",
                {"It was made in %1, when fluorescent lamps were the rule.",
                 {std::to_string(edid.year)}}};
    return {"led-phosphor",
            {"Its primaries span %1 % of sRGB's area, as white LEDs do.", {percent}}};
}

} // namespace lantern
