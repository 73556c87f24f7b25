#pragma once

#include "core/aim/display_state.h"
#include "core/judge/first_look.h"

#include <optional>
#include <string>
#include <vector>

namespace lantern {

/// Patches that tell a monitor's picture modes apart in under a minute: white, black, primaries and
/// their mixtures, greys.
std::vector<DeviceRgb> modePatches();

/// A picture mode as it was read.
struct ReadMode {
    std::string name;
    std::vector<Reading> readings; ///< of modePatches()
};

/// What a mode is worth for an aim.
struct ModeWorth {
    std::string name;
    DisplayState state;
    /// Mean ΔE00 between mixtures of the channels and the sum of their lights, of those at full
    /// drive or the softer ones, whichever is worse; a mode that works on colours does not add them
    /// up.
    std::optional<double> additivity;
    double luminance = 0; ///< cd/m², the most it gives at the aimed white by its channels alone
    double coverage = 0; ///< share of the aimed primaries' u'v' triangle, else of the widest mode's
    double lost = 0; ///< what it costs to start from here, see judgeModes(); the least is the best
    std::vector<Message> against; ///< what speaks against it, the weightiest first
};

/// Which of a monitor's modes to start from for an aim; the best first. Each fault costs: what the
/// first look finds and no calibration mends 10; light missing at the aimed white 20 for half of
/// it; gamut missing 20 for half of it where the aim asks for primaries, half of that where it does
/// not; colours that do not add up 3 for each ΔE00 above one; a tone curve away from the aim's 6
/// for each unit of its exponent; a white away from the aim's 1 for each 0.005 Δu'v'; contrast
/// below the aim's 10 for half of it. Rules and weights are our own.
std::vector<ModeWorth> judgeModes(const std::vector<ReadMode> &modes, const Aim &aim);

} // namespace lantern
