#include "cli/commands.h"
#include "cli/inputs.h"
#include "cli/line_input.h"
#include "cli/verdict_text.h"
#include "core/aim/aim.h"
#include "core/base/text.h"
#include "core/report/report.h"
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

/// The aim to judge by: the one given, else the one that the profile was made for.
std::optional<Aim> aimFor(const ValidateOptions &o, const ProfileFile &profile)
{
    if (!o.aim.empty())
        return readAim(o.aim);
    const auto metadata = profile.metadata();
    const auto it = metadata.find("AIM");
    if (it == metadata.end())
        return std::nullopt;
    const std::string source = o.profile + ", aim in its metadata";
    return aimFromJson(parseJson(it->second, source), source);
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
    const auto known = referenceByKey(o.reference, profile);
    const ReferenceSet set = known ? *known : referenceFromList(readText(o.reference), o.reference);
    const Tolerance &tolerance = toleranceByName(o.tolerance.empty() ? "studio" : o.tolerance);
    bench::DisplayCondition state = condition(display, o.controls, profile.videoLut());
    if (!o.slot.empty())
        state.memorySlot = slotFromJson(parseJson(readText(o.slot), o.slot), o.slot);
    const auto aimed =
        o.intent == "perceptual" ? perceptualPatches(set, profile) : aimedPatches(set, profile);
    std::vector<Reading> readings;
    for (const DeviceRgb &rgb : validationPatches(aimed))
        readings.push_back({rgb, display.emitted(rgb, state)});
    ValidationRequest request{
        .referenceName = set.name, .aimed = aimed, .readings = readings, .tolerance = tolerance};
    request.aim = aimFor(o, profile);
    const Validation v = lantern::validate(request);
    if (o.json)
        std::cout << validationToJson(v).dump() << '\n';
    else {
        for (const ValidatedPatch &p : v.patches)
            std::cout << p.aimed.reference.name << '\t' << fixedNumber(p.deltaE00, 3) << '\n';
        std::cout << "mean " << fixedNumber(v.deltaE00.mean, 3) << ", median "
                  << fixedNumber(v.deltaE00.median, 3) << ", 95 % "
                  << fixedNumber(v.deltaE00.p95, 3) << ", worst " << fixedNumber(v.deltaE00.max, 3)
                  << " ΔE00\n";
        if (const auto beyond = v.patches.size() - static_cast<size_t>(v.reachableCount))
            std::cout << v.reachableCount << " within the display's gamut: mean "
                      << fixedNumber(v.reachable.mean, 3) << ", worst "
                      << fixedNumber(v.reachable.max, 3) << "; " << beyond << " beyond it: mean "
                      << fixedNumber(v.unreachable.mean, 3) << ", worst "
                      << fixedNumber(v.unreachable.max, 3) << '\n';
    }
    if (!o.json)
        printVerdict(v.verdict, std::cout);
    if (o.tolerance.empty() || v.verdict.overall() != Call::Over)
        return 0;
    std::cerr << "Not within " << tolerance.title << ": the aim is "
              << callTitle(v.verdict.half(Half::Aim)) << ", the profile is "
              << callTitle(v.verdict.half(Half::Profile)) << ".\n";
    return static_cast<int>(ErrorKind::NotGoodEnough);
}

} // namespace lantern::cli
