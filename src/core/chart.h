#pragma once

#include "core/colour.h"

#include <vector>

namespace lantern {

/// Sizes of charts, in patches.
inline constexpr int kMinChart = 24;
inline constexpr int kMaxChart = 12000;

/// A chart of `count` different patches for profiling: white and black, the corners of the RGB
/// cube, a grey ramp, ramps of each channel, and the rest spread evenly through the cube by a
/// low-discrepancy sequence, a part of it drawn towards the neutrals and the shadows. Whole code
/// values; white first. The same count always gives the same chart.
/// \throws Error BadInput when count is outside kMinChart..kMaxChart.
std::vector<DeviceRgb> makeChart(int count);

/// `levels` greys from white down to black, evenly spaced, whole code values. levels >= 2.
std::vector<DeviceRgb> greyRamp(int levels);

} // namespace lantern
