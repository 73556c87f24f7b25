#pragma once

#include "core/colour/colour.h"

#include <cstddef>
#include <vector>

namespace lantern {

/// How a figure lies over units of a kind.
struct Spread {
    size_t count = 0;
    double mean = 0;
    double deviation = 0; ///< standard deviation of the sample; 0 for fewer than two
    double median = 0, least = 0, most = 0;
};
/// \param values finite; none: all zero
Spread spreadOf(std::vector<double> values);

/// How far each value stands from the others: 0.6745 (x - median) / MAD, where MAD is the median of
/// the distances from the median; where more than half of the values are alike, by the mean of the
/// distances (0.7979 (x - median) / mean). Source: Iglewicz and Hoaglin, How to Detect and Handle
/// Outliers (ASQC 1993); NIST/SEMATECH e-Handbook of Statistical Methods, 1.3.5.17.
/// \param smallest distances up to that are nothing: what the meter scatters by; >= 0
/// \returns one for each value, 0 for those within `smallest`
std::vector<double> outlierScores(const std::vector<double> &values, double smallest = 0);

/// Beyond it a value is an outlier. Source: as above.
inline constexpr double kOutlierScore = 3.5;
/// Of fewer values none is called one (our own choice).
inline constexpr size_t kFewestForOutliers = 5;

/// What a meter made of a display that stays the same, since it read it first.
struct MeterDrift {
    double luminanceRatio = 1; ///< now over then
    double deltaUv = 0;        ///< Δu'v'
    bool isNoticeable = false; ///< beyond the limits below
};
/// Our own choice: a third of what a usual tolerance allows a white.
inline constexpr double kMostLightDrift = 0.02;
inline constexpr double kMostTintDrift = 0.0015; ///< Δu'v'
/// \param first, now of the same white, Y > 0
MeterDrift meterDrift(const XYZ &first, const XYZ &now);

} // namespace lantern
