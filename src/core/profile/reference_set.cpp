#include "core/profile/reference_set.h"

#include "core/base/error.h"
#include "core/base/text.h"
#include "core/colour/spaces.h"
#include "core/reading/colour_list.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>
#include <random>
#include <sstream>

namespace lantern {

namespace {

Lab polar(double lightness, double chroma, double hueDegrees)
{
    const double h = hueDegrees * std::numbers::pi / 180;
    return {lightness, chroma * std::cos(h), chroma * std::sin(h)};
}

std::string cellName(char row, int column)
{
    return std::string(1, row) + std::to_string(column + 1);
}

} // namespace

ReferenceSet lantern40()
{
    ReferenceSet set{"Lantern 40", {}};
    const std::array<double, 8> greys = {100, 87, 74, 61, 48, 35, 22, 10};
    const std::array<Lab, 8> skins = {polar(84, 16, 62), polar(77, 21, 60), polar(69, 25, 57),
                                      polar(61, 28, 58), polar(52, 28, 56), polar(44, 25, 54),
                                      polar(35, 19, 52), polar(27, 13, 50)};
    const std::array<Lab, 8> saturated = {
        polar(47, 66, 32),  polar(63, 66, 58),  polar(80, 68, 86),  polar(60, 55, 138),
        polar(57, 30, 200), polar(47, 38, 262), polar(33, 52, 296), polar(47, 58, 345)};
    for (int i = 0; i < 8; ++i)
        set.colours.push_back({cellName('A', i), {greys[i], 0, 0}});
    for (int i = 0; i < 8; ++i)
        set.colours.push_back({cellName('B', i), skins[i]});
    for (int i = 0; i < 8; ++i)
        set.colours.push_back({cellName('C', i), polar(70, 24, 20 + 45.0 * i)});
    for (int i = 0; i < 8; ++i)
        set.colours.push_back({cellName('D', i), polar(54, 33, 20 + 45.0 * i)});
    for (int i = 0; i < 8; ++i)
        set.colours.push_back({cellName('E', i), saturated[i]});
    return set;
}

ReferenceSet lantern72(const ToLab &toLab)
{
    ReferenceSet set = lantern40();
    set.name = "Lantern 72";
    for (int i = 0; i < 8; ++i)
        set.colours.push_back({cellName('F', i), {8.0 - i, 0, 0}});
    const std::array<DeviceRgb, 8> corners = {{{255, 0, 0},
                                               {255, 255, 0},
                                               {0, 255, 0},
                                               {0, 255, 255},
                                               {0, 0, 255},
                                               {255, 0, 255},
                                               {88, 0, 0},
                                               {0, 0, 88}}};
    const std::array<DeviceRgb, 8> edges = {{{255, 128, 0},
                                             {128, 255, 0},
                                             {0, 255, 128},
                                             {0, 128, 255},
                                             {128, 0, 255},
                                             {255, 0, 128},
                                             {255, 255, 128},
                                             {255, 128, 255}}};
    for (size_t i = 0; i < corners.size(); ++i)
        set.colours.push_back({cellName('G', static_cast<int>(i)), toLab(corners[i])});
    for (size_t i = 0; i < edges.size(); ++i)
        set.colours.push_back({cellName('H', static_cast<int>(i)), toLab(edges[i])});
    // Odd code values, spread by the sequence of Roberts (2018) in three dimensions.
    constexpr std::array<double, 3> kSteps = {0.8191725133961645, 0.6710436067037893,
                                              0.5497004779019703};
    for (int i = 0; i < 8; ++i) {
        Vec3 code;
        for (int c = 0; c < 3; ++c) {
            const double at = std::fmod(0.5 + (i + 1) * kSteps[static_cast<size_t>(c)], 1.0);
            code[c] = 2 * std::floor(at * 127) + 1;
        }
        set.colours.push_back({cellName('I', i), toLab(toDeviceRgb(code))});
    }
    return set;
}

ReferenceSet skinSet()
{
    ReferenceSet set{"Skin", {}};
    struct Tone {
        double lightness, chroma, hue;
    };
    constexpr std::array<Tone, 8> kTones = {{{80, 18, 60},
                                             {73, 22, 60},
                                             {66, 24, 58},
                                             {59, 26, 57},
                                             {51, 27, 56},
                                             {44, 24, 54},
                                             {36, 19, 52},
                                             {28, 13, 48}}};
    for (size_t i = 0; i < kTones.size(); ++i) {
        const Tone &t = kTones[i];
        const std::string name = "tone " + std::to_string(i + 1);
        set.colours.push_back({name, polar(t.lightness, t.chroma, t.hue)});
        set.colours.push_back(
            {name + ", lit", polar(std::min(95.0, t.lightness + 12), 0.8 * t.chroma, t.hue + 6)});
        set.colours.push_back(
            {name + ", shade", polar(0.6 * t.lightness, 1.05 * t.chroma, t.hue - 8)});
    }
    return set;
}

ReferenceSet greyReferences(int count)
{
    ReferenceSet set{"Grey ramp, " + std::to_string(count) + " steps", {}};
    for (int i = 0; i < count; ++i) {
        const double lightness = 100.0 * (count - 1 - i) / (count - 1);
        set.colours.push_back(
            {"L* " + shortNumber(std::round(10 * lightness) / 10), {lightness, 0, 0}});
    }
    return set;
}

namespace {

struct Corner {
    const char *name;
    DeviceRgb rgb;
};
constexpr std::array<Corner, 6> kCorners = {{{"red", {255, 0, 0}},
                                             {"yellow", {255, 255, 0}},
                                             {"green", {0, 255, 0}},
                                             {"cyan", {0, 255, 255}},
                                             {"blue", {0, 0, 255}},
                                             {"magenta", {255, 0, 255}}}};

} // namespace

ReferenceSet primariesSet(const ToLab &toLab)
{
    ReferenceSet set{"Primaries and secondaries", {{"white", toLab({255, 255, 255})}}};
    for (const Corner &c : kCorners)
        set.colours.push_back({c.name, toLab(c.rgb)});
    set.colours.push_back({"black", toLab({0, 0, 0})});
    return set;
}

ReferenceSet saturationSweeps(const ToLab &toLab)
{
    ReferenceSet set{"Saturation sweeps", {}};
    for (const Corner &c : kCorners) {
        const RelXYZ full = xyzFromLab(toLab(c.rgb), kD50);
        for (const double share : {0.25, 0.5, 0.75, 1.0}) {
            const RelXYZ mixed{share * full.X + (1 - share) * full.Y * kD50.X, full.Y,
                               share * full.Z + (1 - share) * full.Y * kD50.Z};
            set.colours.push_back({std::string(c.name) + " " + shortNumber(100 * share) + " %",
                                   labFromXyz(mixed, kD50)});
        }
    }
    return set;
}

ReferenceSet randomSet(int count, uint64_t seed, const ToLab &toLab)
{
    ReferenceSet set{"Random colours, " + std::to_string(count), {}};
    std::mt19937_64 random(seed); // the same everywhere, unlike the library's distributions
    for (int i = 0; i < count; ++i) {
        Vec3 code;
        for (int c = 0; c < 3; ++c)
            code[c] = static_cast<double>(random() >> 56);
        set.colours.push_back({"random " + std::to_string(i + 1), toLab(toDeviceRgb(code))});
    }
    return set;
}

ToLab asTold(const ProfileFile &profile)
{
    return [&profile](const DeviceRgb &rgb) { return profile.toLab(rgb); };
}

namespace {

/// "greys:31" and the like, in parts.
std::vector<std::string> partsOf(const std::string &key)
{
    std::vector<std::string> parts;
    std::istringstream in(key);
    for (std::string part; std::getline(in, part, ':');)
        parts.push_back(part);
    return parts;
}

uint64_t wholeNumber(const std::string &key, const std::string &part, double least, double most)
{
    const auto value = parseNumber(part);
    if (!value || *value != std::floor(*value) || *value < least || *value > most)
        throw Error(ErrorKind::BadInput, key,
                    {"\"%1\" is no whole number from %2 to %3",
                     {part, compactNumber(least), compactNumber(most)}});
    return static_cast<uint64_t>(*value);
}

} // namespace

std::optional<ReferenceSet> referenceByKey(const std::string &key, const ToLab &toLab)
{
    const auto parts = partsOf(key);
    if (parts.empty())
        return std::nullopt;
    const std::string &kind = parts.front();
    constexpr double kMostSeed = 9e15; // a double holds it exactly
    if (kind == "random" && parts.size() == 3)
        return randomSet(static_cast<int>(wholeNumber(key, parts[1], 1, 10'000)),
                         wholeNumber(key, parts[2], 0, kMostSeed), toLab);
    if (kind == "greys" && parts.size() <= 2)
        return greyReferences(
            parts.size() == 2 ? static_cast<int>(wholeNumber(key, parts[1], 2, 256)) : 21);
    if (parts.size() > 1)
        return std::nullopt;
    if (kind == "lantern40")
        return lantern40();
    if (kind == "lantern72")
        return lantern72(toLab);
    if (kind == "chart24")
        return chart24();
    if (kind == "skin")
        return skinSet();
    if (kind == "primaries")
        return primariesSet(toLab);
    if (kind == "sweeps")
        return saturationSweeps(toLab);
    return std::nullopt;
}

ReferenceSet chart24()
{
    struct Row {
        const char *name;
        double x, y, Y;
    };
    static constexpr std::array<Row, 24> rows = {
        {{"dark skin", .400, .350, 10.1},    {"light skin", .377, .345, 35.8},
         {"blue sky", .247, .251, 19.3},     {"foliage", .337, .422, 13.3},
         {"blue flower", .265, .240, 24.3},  {"bluish green", .261, .343, 43.1},
         {"orange", .506, .407, 30.1},       {"purplish blue", .211, .175, 12.0},
         {"moderate red", .453, .306, 19.8}, {"purple", .285, .202, 6.6},
         {"yellow green", .380, .489, 44.3}, {"orange yellow", .473, .438, 43.1},
         {"blue", .187, .129, 6.1},          {"green", .305, .478, 23.4},
         {"red", .539, .313, 12.0},          {"yellow", .448, .470, 59.1},
         {"magenta", .364, .233, 19.8},      {"cyan", .196, .252, 19.8},
         {"white", .310, .316, 90.0},        {"neutral 8", .310, .316, 59.1},
         {"neutral 6.5", .310, .316, 36.2},  {"neutral 5", .310, .316, 19.8},
         {"neutral 3.5", .310, .316, 9.0},   {"black", .310, .316, 3.1}}};
    // Illuminant C, 2°: x 0.31006, y 0.31616. Source: CIE 15:2018, Table T.3.
    const XYZ illuminantC = fromChromaticity({0.31006, 0.31616}, 100);
    ReferenceSet set{"24-patch rendition chart", {}};
    for (const Row &row : rows)
        set.colours.push_back(
            {row.name, pcsLab(fromChromaticity({row.x, row.y}, row.Y), illuminantC)});
    return set;
}

ReferenceSet referenceFromList(const std::string &text, const std::string &source)
{
    ReferenceSet set{source, {}};
    for (ListedColour &c : parseColourList(text, source))
        set.colours.push_back({std::move(c.name), c.lab ? *c.lab : pcsFromSrgb(*c.rgb)});
    return set;
}

} // namespace lantern
