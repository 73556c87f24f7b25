#include "cli/commands.h"
#include "cli/inputs.h"
#include "cli/line_input.h"
#include "core/report.h"
#include "core/slot_file.h"
#include "core/text.h"

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

int validate(const ValidateOptions &o)
{
    const bench::Display display(readDisplay(o.display), o.display);
    const ProfileFile profile(readBytes(o.profile), o.profile);
    const ReferenceSet set = o.reference == "lantern40" ? lantern40()
                             : o.reference == "chart24"
                                 ? chart24()
                                 : referenceFromList(readText(o.reference), o.reference);
    const Tolerance &tolerance = toleranceByName(o.tolerance.empty() ? "studio" : o.tolerance);
    bench::DisplayCondition state = condition(display, o.controls, profile.videoLut());
    if (!o.slot.empty())
        state.memorySlot = slotFromJson(parseJson(readText(o.slot), o.slot), o.slot);
    const auto aimed = aimedPatches(set, profile);
    std::vector<Reading> readings;
    for (const DeviceRgb &rgb : validationPatches(aimed))
        readings.push_back({rgb, display.emitted(rgb, state)});
    const Validation v = lantern::validate(set.name, aimed, readings, tolerance);
    if (o.json)
        std::cout << validationToJson(v).dump() << '\n';
    else {
        for (const ValidatedPatch &p : v.patches)
            std::cout << p.aimed.reference.name << '\t' << fixedNumber(p.deltaE00, 3) << '\n';
        std::cout << "mean " << fixedNumber(v.deltaE00.mean, 3) << ", median "
                  << fixedNumber(v.deltaE00.median, 3) << ", 95 % "
                  << fixedNumber(v.deltaE00.p95, 3) << ", worst " << fixedNumber(v.deltaE00.max, 3)
                  << " ΔE00\n";
    }
    if (o.tolerance.empty() || v.within())
        return 0;
    std::cerr << "Not within " << tolerance.title << ": mean " << fixedNumber(v.deltaE00.mean, 2)
              << " (limit " << shortNumber(tolerance.meanDeltaE00) << "), worst "
              << fixedNumber(v.deltaE00.max, 2) << " (limit " << shortNumber(tolerance.maxDeltaE00)
              << ") ΔE00.\n";
    return static_cast<int>(ErrorKind::NotGoodEnough);
}

} // namespace lantern::cli
