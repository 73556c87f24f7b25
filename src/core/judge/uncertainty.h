#pragma once

#include "core/aim/display_state.h"
#include "core/base/normal.h"
#include "core/reading/light_uncertainty.h"
#include "core/reading/repeatability.h"

#include <array>
#include <functional>
#include <optional>
#include <string>
#include <vector>

namespace lantern {

/// Where the readings may be off. Standard uncertainties (k = 1).
struct ErrorSources {
    std::optional<Repeatability> scatter;
    std::optional<LightUncertainty> certificate;
    LightUncertainty mismatch;
    Vec3 drift = Vec3::Zero(); ///< relative change of X, Y, Z of white from first to last reading
};

inline constexpr double kCoverageFactor = 2;

/// Standard uncertainty (k = 1) of one figure, by source.
struct Budget {
    double scatter = 0, certificate = 0, mismatch = 0, drift = 0;
    [[nodiscard]] double total() const;
    [[nodiscard]] bool isKnown() const { return total() > 0; }
    bool operator==(const Budget &) const = default;
};

/// Relative change of white from the first to the last time it was read, as far as it stands out
/// from the meter's scatter. Zero where white was read once.
Vec3 whiteDrift(const std::vector<Reading> &readings, const std::optional<Repeatability> &scatter);

/// Figures made of readings; what cannot be told is NaN.
using FiguresOf = std::function<std::vector<double>(const std::vector<Reading> &)>;

/// One figure and what it is worth.
struct Estimate {
    double value = 0;  ///< with what the meter's scatter adds to it taken off
    double asRead = 0; ///< as the readings give it
    Budget uncertainty;
};

/// One draw of what a meter of that uncertainty makes of a display's light: a factor for column
/// XYZ, see estimates(). \param white of the display, in whatever unit
Mat3 misreading(const PrimarySet &primaries, const Vec3 &white, const LightUncertainty &u,
                Normal &normal);

/// Each figure with its budget by Monte Carlo (JCGM 101:2008): the readings are disturbed by one
/// source at a time and the figures computed anew; the budget is their standard deviation. Always
/// the same for the same readings. The sources act so:
/// - scatter: on each reading by itself;
/// - certificate and mismatch: on the light of the display's primaries, the same in all readings:
///   the X, Y and Z of each are off by relative amounts of which one part is common to all and one
///   its own, so that white's x and y are off as stated; luminance of white is off by one factor;
/// - drift: in proportion to the place in the list.
///
/// Scatter adds to a distance, which is never negative. Its square grows in proportion to the
/// scatter's, so the square that one more helping of scatter adds (mean of the draws) is taken off
/// that of the reading: simulation and extrapolation, Cook, Stefanski, J. Am. Stat. Assoc. 89
/// (1994) 1314-1328. Where hardly anything is left, the uncertainty of the square decides. \param
/// primaries of the display \param areDistances which of the figures are such
std::vector<Estimate> estimates(const std::vector<Reading> &readings, const PrimarySet &primaries,
                                const ErrorSources &sources, const FiguresOf &figures,
                                const std::vector<bool> &areDistances);

} // namespace lantern
