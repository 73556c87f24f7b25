#include "core/plan/chart_sources.h"

#include "core/base/cgats.h"
#include "core/base/error.h"
#include "core/base/text.h"
#include "core/colour/spaces.h"

#include <set>
#include <tuple>

namespace lantern {

namespace {

DeviceRgb placed(const Lab &lab, const ProfileFile *profile)
{
    const DeviceRgb rgb = profile ? profile->toDevice(lab) : srgbCodesFromPcs(lab);
    return toDeviceRgb(vec(rgb).array().round().cwiseMax(0).cwiseMin(255));
}

void checkSize(size_t patches, const std::string &source)
{
    if (patches > static_cast<size_t>(kMaxChart))
        throw Error(ErrorKind::BadInput, source,
                    {"%1 patches; a chart has at most %2",
                     {std::to_string(patches), std::to_string(kMaxChart)}});
}

} // namespace

std::vector<DeviceRgb> patchesFor(const std::vector<ListedColour> &colours,
                                  const ProfileFile *profile)
{
    std::vector<DeviceRgb> out;
    for (const ListedColour &c : colours)
        out.push_back(c.rgb ? toDeviceRgb(vec(*c.rgb).array().round()) : placed(*c.lab, profile));
    return out;
}

std::vector<DeviceRgb> patchesFor(const std::vector<Lab> &colours, const ProfileFile *profile)
{
    std::vector<DeviceRgb> out;
    for (const Lab &lab : colours)
        out.push_back(placed(lab, profile));
    return out;
}

std::vector<DeviceRgb> mixedChart(const std::vector<DeviceRgb> &patches, int spread)
{
    std::vector<DeviceRgb> all = makeChart(spread);
    all.insert(all.end(), patches.begin(), patches.end());
    std::vector<DeviceRgb> out;
    std::set<std::tuple<double, double, double>> seen;
    for (const DeviceRgb &p : all)
        if (seen.emplace(p.r, p.g, p.b).second)
            out.push_back(p);
    checkSize(out.size(), "chart");
    return out;
}

std::string chartToCgats(const std::vector<DeviceRgb> &patches, const std::string &name)
{
    CgatsTable table;
    table.keywords["DESCRIPTOR"] = name;
    table.fields = {"SAMPLE_ID", "RGB_R", "RGB_G", "RGB_B"};
    int id = 0;
    for (const DeviceRgb &p : patches)
        table.rows.push_back(
            {{std::to_string(++id)}, {shortNumber(p.r)}, {shortNumber(p.g)}, {shortNumber(p.b)}});
    return writeCgats(table);
}

std::vector<DeviceRgb> chartFromList(const std::string &text, const std::string &source,
                                     const ProfileFile *profile)
{
    const auto patches = patchesFor(parseColourList(text, source), profile);
    checkSize(patches.size(), source);
    return patches;
}

} // namespace lantern
