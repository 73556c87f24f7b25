#pragma once

#include "core/reading/repeatability.h"

#include <optional>
#include <vector>

namespace lantern {

/// Readings with the display's drift taken out.
struct DriftCorrection {
    std::vector<Reading> readings; ///< all, in the order they were taken
    double drift = 0;              ///< largest relative change of light that was taken out; 0: none
    /// Of one reading, from what repeated patches leave about the drift. The one estimate that
    /// weights, uncertainties and expected errors use. Nothing where no patch was read three times.
    std::optional<Repeatability> scatter;
};

/// White read again and again along a chart tells how the display drifts. Its relative changes in
/// X, Y and Z are fitted over time by a curve of straight pieces and steps, weighted by integration
/// time; each piece or step is added only if it is worth it
/// (Student's t of its coefficient in any of the three, one in a hundred for the whole curve by
/// chance, after Bonferroni). All readings are divided by the curve; the mean white stays. Noise is
/// thus no drift, and a straight ramp is found from three readings of white on.
DriftCorrection correctDrift(const std::vector<Reading> &readings);

} // namespace lantern
