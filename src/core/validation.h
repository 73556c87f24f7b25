#pragma once

#include "core/profile_file.h"
#include "core/reading.h"
#include "core/reference_set.h"
#include "core/repeatability.h"

#include <cmath>
#include <optional>
#include <string>
#include <vector>

namespace lantern {

/// Distribution of a set of numbers.
struct Statistics {
    double mean = 0, median = 0, p90 = 0, p95 = 0, max = 0;
    double deviation = 0; ///< standard deviation, n - 1
};

/// Percentiles by linear interpolation between order statistics (Hyndman, Fan, Am. Stat. 50 (1996)
/// 361-365, type 7). `values` must not be empty.
Statistics statistics(std::vector<double> values);

/// Limits of a validation.
struct Tolerance {
    std::string name;  ///< as the command line takes it
    std::string title; ///< for people
    double meanDeltaE00 = 0;
    double maxDeltaE00 = 0;
};

/// studio 1.0/3.0, general 2.0/5.0, basic 3.0/8.0 (mean/max). The numbers are common practice.
const std::vector<Tolerance> &tolerances();

/// \throws Error BadInput listing the names there are.
const Tolerance &toleranceByName(const std::string &name);

/// A reference colour and the code values that a profile shows it with.
struct AimedPatch {
    ReferenceColour reference;
    DeviceRgb rgb; ///< whole code values
    Lab reachable; ///< nearest colour of all that the profile says the display can show
    Lab sent = {}; ///< what it says is shown for the values it sends, before rounding
};

/// Sends reference colours through a profile.
std::vector<AimedPatch> aimedPatches(const ReferenceSet &set, const ProfileFile &profile);

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

struct Validation {
    std::string referenceName;
    XYZ white; ///< measured, cd/m²; the Lab values are relative to it
    std::vector<ValidatedPatch> patches;
    Statistics deltaE00, deltaE76;
    double meanUncertainty = 0; ///< of the mean ΔE00, k = 1, from the meter's scatter; 0: not known
    Tolerance tolerance;
    [[nodiscard]] bool within() const
    {
        return deltaE00.mean <= tolerance.meanDeltaE00 && deltaE00.max <= tolerance.maxDeltaE00;
    }
    /// The mean lies nearer to its limit than twice its uncertainty: another run might say
    /// otherwise.
    [[nodiscard]] bool isCloseCall() const
    {
        return std::abs(deltaE00.mean - tolerance.meanDeltaE00) < 2 * meanUncertainty;
    }
};

/// Compares readings with aims. \param readings white (255, 255, 255) first, then one for each
/// patch, in order. \param scatter of the meter, if known \throws Error BadInput when the numbers
/// of readings and patches do not match.
Validation validate(const std::string &referenceName, const std::vector<AimedPatch> &aimed,
                    const std::vector<Reading> &readings, const Tolerance &tolerance,
                    const std::optional<Repeatability> &scatter = {});

/// Patches to read for validate(): white, then those of `aimed`.
std::vector<DeviceRgb> validationPatches(const std::vector<AimedPatch> &aimed);

} // namespace lantern
