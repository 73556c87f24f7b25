#include "run/book/profile_request.h"

#include "core/base/error.h"
#include "core/base/text.h"
#include "core/plan/chart_reader.h"
#include "core/profile/profile_file.h"
#include "core/reading/readings_file.h"

#include <nlohmann/json.hpp>

namespace lantern::run {

DriftCorrection profileReadings(const RunResults &r)
{
    DriftCorrection steady = steadyReadings(r.chart);
    if (const auto room = roomOf(r.setup))
        steady.readings = room->seen(steady.readings);
    return steady;
}

ProfileRequest profileRequest(const RunResults &r)
{
    ProfileRequest request;
    request.kind = r.setup.profileKind;
    request.version = r.setup.iccVersion;
    request.grid = r.setup.grid;
    request.name = profileName(r.setup);
    request.copyright = r.setup.copyright;
    request.model = r.setup.displayName;
    request.date = iccDate(r.setup);
    request.path = signalPathOf(r);
    ReadingSet kept = chartReadings(r);
    kept.keywords.erase("CREATED"); // the header has the date; nothing else may differ between runs
    request.measurements = readingsToCgats(kept, NumberStyle::Compact);
    request.metadata = {{"AIM", aimToJson(r.setup.aim).dump()},
                        {"DISPLAY", r.setup.displayName},
                        {"DISPLAY_SERIAL", r.setup.serial},
                        {"METER", r.setup.meterName},
                        {"METER_CORRECTION", r.setup.correction},
                        {"READINGS", std::to_string(r.chart.size())},
                        {"GREY_MEAN_DE2000", compactNumber(r.calibration->meanDeltaE00)}};
    // For the desktop's colour service: that this was measured, by what, and of which display.
    request.metadata.insert(request.metadata.end(), {{"DATA_source", "calib"},
                                                     {"CMF_product", "Bold Lantern"},
                                                     {"CMF_binary", "bold-lantern"},
                                                     {"CMF_version", LANTERN_VERSION}});
    request.metadata.insert(request.metadata.end(), r.setup.mapping.begin(), r.setup.mapping.end());
    if (r.setup.intoSlot)
        request.metadata.emplace_back(kSlotKey, std::to_string(r.setup.slot + 1));
    if (r.setup.roomLight)
        request.metadata.emplace_back("ROOM_ILLUMINANCE_LUX",
                                      compactNumber(r.setup.roomLight->illuminanceLux));
    request.scatter = r.repeatability;
    return request;
}

std::optional<int> slotOfProfile(const QByteArray &icc)
{
    if (icc.isEmpty())
        return std::nullopt;
    try {
        const ProfileFile profile({icc.begin(), icc.end()}, "profile");
        const auto slot = profile.metadata().find(kSlotKey);
        if (slot == profile.metadata().end())
            return std::nullopt;
        const auto number = parseNumber(slot->second);
        return number && *number >= 1 ? std::optional(static_cast<int>(*number) - 1) : std::nullopt;
    } catch (const Error &) {
        return std::nullopt;
    }
}

} // namespace lantern::run
