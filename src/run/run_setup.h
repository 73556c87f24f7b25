#pragma once

#include "core/adjustment.h"
#include "core/aim.h"
#include "core/profile_writer.h"

#include <optional>
#include <string>

namespace lantern::run {

enum class AdjustMode { Automatic, ByHand, Skip };

/// Everything decided before a run starts. Stored with it, so that it can go on after a crash.
struct RunSetup {
    std::string displayId, displayName, serial, technology;
    std::string meterName, correction;
    Aim aim;
    int chartPatches = 96;
    ProfileKind profileKind = ProfileKind::Table;
    AdjustMode adjust = AdjustMode::Automatic;
    ControlCapabilities controls;
    std::optional<MonitorControls> startControls; ///< nothing: the display has none we can reach
    std::optional<int> linkBits;
    std::string tolerance = "studio";
    std::string profileTitle;                       ///< empty: the suggested one
    std::string startedAt = "2000-01-01T00:00:00Z"; ///< ISO 8601, UTC; also the profile's date
    uint64_t seed = 1;                              ///< of the simulated meter; 0 for real ones
    bool operator==(const RunSetup &) const;
};

Json setupToJson(const RunSetup &setup);
/// \throws Error BadInput
RunSetup setupFromJson(const Json &json, const std::string &source);

/// The profile's name: the given title, else one made of display, date and aim.
std::string profileName(const RunSetup &setup);

/// The date part of setup.startedAt for a profile's header.
IccDate iccDate(const RunSetup &setup);

} // namespace lantern::run
