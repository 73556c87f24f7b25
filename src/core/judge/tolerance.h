#pragma once

#include "core/base/json_object.h"
#include "core/colour/difference.h"

#include <map>
#include <optional>
#include <string>
#include <vector>

namespace lantern {

/// What a display may be off by: the one list of limits that Desk, Ledger, validation, report,
/// command line and check judge by. Nothing means that the set does not ask for it.
struct Tolerance {
    std::string name;   ///< as the command line takes it
    std::string title;  ///< for people
    std::string source; ///< where the numbers come from

    // The aim.
    std::optional<double> whiteDeltaUv;   ///< Δu'v' of white from the aim
    std::optional<double> luminance;      ///< of white, relative to the aim
    std::optional<double> leastLuminance; ///< cd/m², whatever the aim says
    std::optional<double> leastContrast;  ///< white over black, where the aim names none
    std::optional<double> contrast;       ///< relative to the aim, where it names one
    std::optional<double> toneMean;       ///< mean relative luminance error of the greys from 5 %
    std::optional<double> greySteps;      ///< contrast per just-noticeable step, of GSDF aims
    std::optional<double> greyMean;       ///< ΔE00 of the greys' tint against the measured white
    std::optional<double> greyWorst;      ///< the same, of the worst of them
    // The profile.
    std::optional<double> colourMean; ///< ΔE00 relative to the measured white
    std::optional<double> colour95;   ///< ΔE00 that 95 % are below
    std::optional<double> colourWorst;
    // The screen against its middle, worst field.
    std::optional<double> evenLight = {};  ///< relative difference in luminance
    std::optional<double> evenTint = {};   ///< Δu'v'
    std::optional<double> evenColour = {}; ///< ΔE00
    /// What the colours' differences are, for the three limits on them.
    DifferenceFormula formula = DifferenceFormula::De2000;
    /// Where single limits come from, by the keys of their figures; the others are of `source`.
    std::map<std::string, std::string> limitSources = {};
    bool operator==(const Tolerance &) const = default;
};

const std::vector<Tolerance> &tolerances();

/// Files of format "bold-lantern-tolerance" version 1; every key checked. A set without any limit
/// is refused. \throws Error BadInput naming source, key, value and range
Tolerance toleranceFromJson(const Json &json, const std::string &source);
Json toleranceToJson(const Tolerance &tolerance);

/// \throws Error BadInput listing the names there are.
const Tolerance &toleranceByName(const std::string &name);

} // namespace lantern
