#pragma once

#include "core/reading/reading.h"

#include <optional>
#include <vector>

namespace lantern {

/// How much a meter's readings scatter. The covariance of X, Y, Z of one reading of the value v is
///   (diag(floor²) + √(shot v) · shotCorrelation · √(shot v)) / integration seconds + flicker² v vᵀ
/// Readings without a time count as one second.
struct Repeatability {
    Vec3 floor = Vec3::Zero(); ///< cd/m², at one second
    Vec3 shot = Vec3::Zero();  ///< cd/m², at one second
    double flicker = 0;        ///< relative, the same in X, Y and Z of a reading
    Mat3 shotCorrelation = Mat3::Identity();
    int freedom = 0; ///< degrees of freedom that the light's part was found with; 0: known well

    /// cd²/m⁴
    [[nodiscard]] Mat3 covariance(const Reading &reading) const;
    /// Standard uncertainty (k = 1) of each of X, Y, Z in cd/m².
    [[nodiscard]] Vec3 standardUncertainty(const Reading &reading) const;
};

/// Integration time in s; 1 where the reading has none.
double secondsOf(const Reading &reading);

/// Estimates the scatter from patches that were read at least three times, nothing where there are
/// none. Single readings far off the others of their patch are left out. Correlations of few
/// readings are shrunk (Schäfer, Strimmer, Stat. Appl. Genet. Mol. Biol. 4 (2005) 32); what is left
/// above 0.8 in all three is taken for flicker of the light, in proportion to it.
/// \param readings free of drift, see correctDrift()
/// \param fitted degrees of freedom of each channel that taking drift out of them took
std::optional<Repeatability> estimateRepeatability(const std::vector<Reading> &readings,
                                                   int fitted = 0);

/// Root mean square ΔE00 that the scatter of one reading causes; k = 1.
/// \param white of the display, cd/m²
double uncertaintyDeltaE00(const Reading &reading, const XYZ &white, const Repeatability &r);

} // namespace lantern
