#pragma once

#include "core/judge/verdict.h"
#include "core/profile/profile_file.h"
#include "core/profile/reference_set.h"
#include "core/profile/target_space.h"
#include "core/reading/reading.h"
#include "core/reading/repeatability.h"
#include "core/reading/stray_light.h"

#include <optional>
#include <string>
#include <vector>

namespace lantern {

/// Distribution of a set of numbers.
struct Statistics {
    double mean = 0, median = 0, p90 = 0, p95 = 0, max = 0;
    double deviation = 0; ///< standard deviation, n - 1
};

/// Means of the lowest nine tenths and of the highest tenth, as proofs are quoted; at least one
/// value in each. `values` must not be empty.
struct Tails {
    double best = 0, lowest90 = 0, highest10 = 0;
};
Tails tails(std::vector<double> values);

/// Percentiles by linear interpolation between order statistics (Hyndman, Fan, Am. Stat. 50 (1996)
/// 361-365, type 7). `values` must not be empty.
Statistics statistics(std::vector<double> values);

/// A reference colour and the code values that a profile shows it with.
struct AimedPatch {
    ReferenceColour reference;
    DeviceRgb rgb; ///< whole code values
    Lab reachable; ///< nearest colour of all that the profile says the display can show
    Lab sent = {}; ///< what it says is shown for the values it sends, before rounding
};

/// Sends reference colours through a profile.
std::vector<AimedPatch> aimedPatches(const ReferenceSet &set, const ProfileFile &profile);

/// The same by the perceptual intent with black point compensation. What is aimed at is what the
/// profile says is shown for the code values it sends: where it moves a colour to is its rendering,
/// no error.
std::vector<AimedPatch> perceptualPatches(const ReferenceSet &set, const ProfileFile &profile);

/// Sends them to a display that claims to be a space, without a profile: what is aimed at is what
/// the space says of the whole code values sent, colours outside it being brought to its surface.
std::vector<AimedPatch> patchesOfSpace(const ReferenceSet &set, const TargetSpace &space);

struct ValidatedPatch {
    AimedPatch aimed;
    XYZ measured;
    Lab lab; ///< PCS Lab of the measured colour
    double deltaE76 = 0;
    double deltaE00 = 0;
    double outOfGamut = 0;   ///< ΔE00 from the reference to what the display can reach
    double profileError = 0; ///< ΔE00 from there to what the profile's own inverse sends
    double uncertainty = 0;  ///< of deltaE00 from the meter's scatter, k = 1; 0: not known
};

/// A colour counts as within the display's gamut up to this ΔE00.
inline constexpr double kReachable = 0.5;

/// What a validation found.
struct Validation {
    std::string referenceName;
    XYZ white; ///< cd/m²; the Lab values are relative to it: measured, or the aimed one
    bool isAbsolute = false; ///< relative to the aimed white, so that its error is in every colour
    std::string against;     ///< what the colours were sent through; empty: a profile
    std::vector<ValidatedPatch> patches;
    Statistics deltaE00, deltaE76;
    /// Those that the display can show (within kReachable by its profile), which the verdict is
    /// about, and the others; ΔE00.
    Statistics reachable, unreachable;
    int reachableCount = 0;
    /// Mean of the reachable ones with what the meter's scatter adds taken off, see estimates().
    std::optional<double> meanDeltaE00;
    DisplayState state; ///< white, black and greys as they are now, against the aim
    Verdict verdict;
};

/// What a validation needs to know.
struct ValidationRequest {
    std::string referenceName;
    std::vector<AimedPatch> aimed;
    /// Of validationPatches(), in order; those after the colours may be missing.
    std::vector<Reading> readings;
    Tolerance tolerance;
    std::optional<Aim> aim = {};           ///< nothing: only the profile is judged
    ErrorSources errors = {};              ///< drift is found from the readings
    PrimarySet primaries = kSrgbPrimaries; ///< of the display
    std::optional<StrayLight> room = {}; ///< that the profile was made for: colours are seen in it
    bool isAbsolute = false;             ///< against the aimed white, as far as the aim names one
    std::string against = {}; ///< name of a space that `aimed` was sent to; empty: a profile
};

/// Compares readings with aims. \throws Error BadInput when the numbers of readings and patches do
/// not match.
Validation validate(const ValidationRequest &request);

/// Difference of a patch by the formula of the verdict's tolerance.
double differenceOf(const ValidatedPatch &patch, const Validation &validation);

/// Patches to read for validate(): white, those of `aimed`, then ten greys down to black and white
/// again, which tell whether the display is still what was aimed at.
std::vector<DeviceRgb> validationPatches(const std::vector<AimedPatch> &aimed);

} // namespace lantern
