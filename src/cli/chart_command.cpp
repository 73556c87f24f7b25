#include "cli/chart_command.h"

#include "cli/commands.h"
#include "cli/inputs.h"
#include "cli/said.h"
#include "core/base/text.h"
#include "core/plan/chart_sources.h"
#include "core/reading/key_colours.h"
#include "paper/picture_colours.h"

#include <nlohmann/json.hpp>

#include <cmath>
#include <iostream>

namespace lantern::cli {

namespace {

/// The profile that colours are placed by; nothing: as those of sRGB.
std::optional<ProfileFile> placer(const std::string &profile)
{
    if (profile.empty())
        return std::nullopt;
    return ProfileFile(readBytes(profile), profile);
}

} // namespace

std::vector<DeviceRgb> chartFromFile(const std::string &path, const std::string &profile)
{
    const auto by = placer(profile);
    return mixedChart(chartFromList(readText(path), path, by ? &*by : nullptr));
}

int chart(const ChartOptions &o)
{
    std::vector<DeviceRgb> patches;
    if (!o.picture.empty()) {
        const auto by = placer(o.profile);
        std::vector<Lab> keys;
        for (const KeyColour &key :
             keyColours(paper::coloursOfPicture(QString::fromStdString(o.picture)), o.count))
            keys.push_back(key.lab);
        patches = mixedChart(patchesFor(keys, by ? &*by : nullptr));
    } else if (!o.list.empty())
        patches = chartFromFile(o.list, o.profile);
    else if (o.kind == "grid")
        patches = regularGrid(static_cast<int>(std::cbrt(o.count + 0.5)));
    else if (o.kind == "rendition24")
        patches = mixedChart(renditionChart());
    else
        patches = makeChart(o.count);
    const std::vector<DeviceRgb> order = measuringOrder(patches);

    LuminanceOutlook outlook;
    outlook.whiteCdM2 = o.luminance;
    outlook.blackCdM2 = o.luminance / 1000;
    const double seconds = estimatedSeconds(order, outlook, MeterTiming{});

    run::writeFile(QString::fromStdString(o.out),
                   QByteArray::fromStdString(chartToCgats(
                       patches, "Chart of " + std::to_string(patches.size()) + " patches")));
    if (o.json)
        std::cout << Json{{"chart", o.out},
                          {"patches", patches.size()},
                          {"readings", order.size()},
                          {"estimated_seconds", seconds}}
                         .dump()
                  << '\n';
    else
        std::cout << said({"%1: %2 patches, %3 readings with the repeated ones, about %4 minutes",
                           {o.out, std::to_string(patches.size()), std::to_string(order.size()),
                            fixedNumber(seconds / 60, 1)}})
                  << '\n';
    return 0;
}

} // namespace lantern::cli
