#pragma once

#include "core/profile_file.h"
#include "core/reading.h"
#include "core/repeatability.h"

#include <optional>
#include <vector>

namespace lantern {

/// Patches of the one-minute check: white three times, black, five greys, the primaries and six
/// saturated colours between them.
std::vector<DeviceRgb> checkFirstPatches();

/// What a check found. Figures are against the time of the last run, not against the aim.
struct CheckFirst {
    enum class Verdict { Holds, Drifting, Redo };
    struct Patch {
        DeviceRgb rgb;
        XYZ now;          ///< cd/m²
        Lab then, nowLab; ///< relative to the white of then, so that lost light counts
        double deltaE00 = 0;
    };
    Verdict verdict = Verdict::Holds;
    double meanDeltaE00 = 0, worstDeltaE00 = 0;
    double uncertainty = 0;    ///< of the mean, k = 1, from the meter's scatter; 0: not known
    double whiteDeltaUv = 0;   ///< Δu'v' of white
    double luminanceRatio = 1; ///< white's luminance now over then
    double blackRatio = 1;     ///< the same of black
    double greyDeltaE00 = 0;   ///< mean of the greys' change with white's change taken out
    bool closeCall = false;    ///< another check might say otherwise
    std::vector<Patch> patches;
};

/// Limits of the verdict; common practice, the tighter ones what a careful studio asks for.
struct CheckLimits {
    double meanDeltaE00, whiteDeltaUv, luminance; ///< luminance as a relative change
};
inline constexpr CheckLimits kHolds{1.0, 0.003, 0.05};
inline constexpr CheckLimits kDrifts{2.0, 0.006, 0.12};

/// Compares readings of checkFirstPatches() with what the last run's profile says of them.
/// \param white of the last run through its calibration, cd/m²; \param black the same
/// \param scatter of the meter; what this check itself shows of it is used where nothing is given
/// \throws Error BadInput when white or black was not read
CheckFirst judgeCheck(const std::vector<Reading> &readings, const ProfileFile &profile,
                      const XYZ &white, const XYZ &black,
                      const std::optional<Repeatability> &scatter);

} // namespace lantern
