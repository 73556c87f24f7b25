#pragma once

#include "core/judge/verdict.h"
#include "core/profile/profile_file.h"
#include "core/reading/stray_light.h"

#include <optional>
#include <vector>

namespace lantern {

/// Patches of the one-minute check: white three times, black, five greys, the primaries and six
/// saturated colours between them.
std::vector<DeviceRgb> checkFirstPatches();

/// A change of up to so many times its limit is a drift; more wants a new run. Common practice.
inline constexpr double kDriftsUpTo = 2;

/// What a check found. Figures are against the time of the last run, not against the aim.
struct CheckFirst {
    enum class Verdict { Holds, Drifting, Redo };
    struct Patch {
        DeviceRgb rgb;
        XYZ now;          ///< cd/m², mean of all its readings
        Lab then, nowLab; ///< relative to the white of then, so that lost light counts
        double deltaE00 = 0;
    };
    Verdict verdict = Verdict::Holds;
    /// White (Δu'v'), luminance, greys with white's change taken out, colours mean and worst, each
    /// against its limit.
    lantern::Verdict figures;
    double meanDeltaE00 = 0, worstDeltaE00 = 0;
    double uncertainty = 0;     ///< of the mean, k = 1; 0: not known. Scatter is taken off the mean
    double whiteDeltaUv = 0;    ///< Δu'v' of white
    double luminanceRatio = 1;  ///< white's luminance now over then
    double blackRatio = 1;      ///< the same of black
    double greyDeltaE00 = 0;    ///< mean of the greys' change with white's change taken out
    bool closeCall = false;     ///< another check might say otherwise
    std::vector<Patch> patches; ///< white once
};

/// What a check is held against.
struct CheckRequest {
    std::vector<Reading> readings; ///< of checkFirstPatches()
    const ProfileFile &profile;    ///< of the last run
    XYZ white, black;              ///< of the last run through its calibration, cd/m²
    Tolerance tolerance;
    /// Scatter: what this check itself shows of it is used where nothing is given. What the meter
    /// is off by as it was then (certificate, correction) cancels and is left out.
    ErrorSources errors = {};
    PrimarySet primaries = kSrgbPrimaries; ///< of the display
    std::optional<StrayLight> room = {};   ///< that the profile was made for
};

/// Compares the readings with what the last run's profile says of them.
/// \throws Error BadInput when white or black was not read
CheckFirst judgeCheck(const CheckRequest &request);

} // namespace lantern
