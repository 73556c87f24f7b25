#include "cli/commands.h"
#include "cli/inputs.h"
#include "cli/line_input.h"
#include "core/base/text.h"
#include "core/signal/slot_file.h"

#include <nlohmann/json.hpp>

#include <iostream>

namespace lantern::cli {

namespace {

/// A display as the profile and controls set it up, fully warm.
bench::DisplayCondition condition(const bench::Display &display, const std::string &controls,
                                  const std::optional<VideoLut> &lut)
{
    bench::DisplayCondition c = display.initialCondition();
    if (!controls.empty())
        c.controls = readControls(controls);
    c.lut = lut;
    return c;
}

} // namespace

int simulate(const SimulateOptions &o)
{
    const bench::Display display(readDisplay(o.display), o.display);
    std::optional<VideoLut> lut;
    if (!o.profile.empty())
        lut = ProfileFile(readBytes(o.profile), o.profile).videoLut();
    bench::DisplayCondition state = condition(display, o.controls, lut);
    if (o.minutes >= 0)
        state.minutesOn = o.minutes;
    if (!o.slot.empty())
        state.memorySlot = slotFromJson(parseJson(readText(o.slot), o.slot), o.slot);
    Json all = Json::array();
    forEachLine(3, [&](const std::vector<double> &v) {
        const XYZ c = display.emitted({v[0], v[1], v[2]}, state);
        if (o.json)
            all.push_back({c.X, c.Y, c.Z});
        else
            std::cout << exactNumber(c.X) << ' ' << exactNumber(c.Y) << ' ' << exactNumber(c.Z)
                      << '\n';
    });
    if (o.json)
        std::cout << Json{{"display", display.description().id}, {"xyz", all}}.dump() << '\n';
    return 0;
}

} // namespace lantern::cli
