#include "core/profile/reference_set.h"

#include "core/colour/spaces.h"
#include "core/reading/colour_list.h"

#include <array>
#include <cmath>
#include <numbers>

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

ReferenceSet lantern72(const ProfileFile &profile)
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
        set.colours.push_back({cellName('G', static_cast<int>(i)), profile.toLab(corners[i])});
    for (size_t i = 0; i < edges.size(); ++i)
        set.colours.push_back({cellName('H', static_cast<int>(i)), profile.toLab(edges[i])});
    // Odd code values, spread by the sequence of Roberts (2018) in three dimensions.
    constexpr std::array<double, 3> kSteps = {0.8191725133961645, 0.6710436067037893,
                                              0.5497004779019703};
    for (int i = 0; i < 8; ++i) {
        Vec3 code;
        for (int c = 0; c < 3; ++c) {
            const double at = std::fmod(0.5 + (i + 1) * kSteps[static_cast<size_t>(c)], 1.0);
            code[c] = 2 * std::floor(at * 127) + 1;
        }
        set.colours.push_back({cellName('I', i), profile.toLab(toDeviceRgb(code))});
    }
    return set;
}

std::optional<ReferenceSet> referenceByKey(const std::string &key, const ProfileFile &profile)
{
    if (key == "lantern40")
        return lantern40();
    if (key == "lantern72")
        return lantern72(profile);
    if (key == "chart24")
        return chart24();
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
