#pragma once

#include "core/reading.h"

#include <optional>
#include <vector>

namespace lantern {

/// How much a meter's readings scatter: for each of X, Y and Z the variance is
/// (floor^2 + shot * value) / integration seconds. Readings without a time count as one second.
struct Repeatability {
    Vec3 floor = Vec3::Zero(); ///< cd/m², at one second
    Vec3 shot = Vec3::Zero();  ///< cd/m², at one second

    /// Standard uncertainty (k = 1) of each of X, Y, Z in cd/m².
    [[nodiscard]] Vec3 standardUncertainty(const Reading &reading) const;
};

/// Estimates the scatter from patches that were read several times. Nothing where no patch was read
/// at least three times.
std::optional<Repeatability> estimateRepeatability(const std::vector<Reading> &readings);

/// Root mean square ΔE00 that the scatter of one reading causes; k = 1.
/// \param white of the display, cd/m²
double uncertaintyDeltaE00(const Reading &reading, const XYZ &white, const Repeatability &r);

/// Readings with the display's drift taken out.
struct DriftCorrection {
    std::vector<Reading> readings; ///< all, in the order they were taken
    double drift = 0;              ///< largest relative change of white that was taken out; 0: none
};

/// White read again and again along a chart tells how the display drifts: each reading is divided
/// by white on the straight line between the whites before and after it, and multiplied by the mean
/// white, for X, Y and Z apart. Where the whites scatter no more than from one to the next (ratio
/// of von Neumann, Ann. Math. Stat. 12 (1941) 367-395) nothing is changed: noise is no drift.
DriftCorrection correctDrift(const std::vector<Reading> &readings);

} // namespace lantern
