#pragma once

#include "core/colour/colour.h"
#include "core/colour/tone_curve.h"

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

/// Every combination of `levels` evenly spaced values of each channel, whole code values; white
/// first, black last. levels 2..22. \throws Error BadInput
std::vector<DeviceRgb> regularGrid(int levels);

/// The 24-patch rendition chart as code values of sRGB, rounded. See chart24().
std::vector<DeviceRgb> renditionChart();

/// Puts patches into the order of measuring and adds re-readings. The patches are dealt into blocks
/// that run from light to dark and back, so luminance never jumps far; white is read at the start,
/// at the light end of every second block and last, black where the dark ends meet, so that drift
/// and the meter's scatter can be told. White and black of the chart itself count among them.
std::vector<DeviceRgb> measuringOrder(const std::vector<DeviceRgb> &patches);

/// A meter's speed: a reading takes settle + clamp(t0 * y0 / Y, tMin, tMax) seconds at luminance Y.
struct MeterTiming {
    double t0Seconds = 0.4, y0CdM2 = 20, tMinSeconds = 0.2, tMaxSeconds = 4, settleSeconds = 0.25;
    [[nodiscard]] double readingSeconds(double luminanceCdM2) const;
};

/// What is known of a display before its chart is measured, enough to foresee luminances.
struct LuminanceOutlook {
    double whiteCdM2 = 120;
    double blackCdM2 = 0.1;
    Vec3 shares = {0.2126, 0.7152, 0.0722}; ///< of red, green, blue in white's luminance; sum 1
    ToneCurve tone = GammaTone{};
    [[nodiscard]] double luminance(const DeviceRgb &rgb) const;
};

/// How long reading the patches will take, seconds.
double estimatedSeconds(const std::vector<DeviceRgb> &patches, const LuminanceOutlook &outlook,
                        const MeterTiming &timing);

/// `levels` greys from white down to black, evenly spaced, whole code values. levels >= 2.
std::vector<DeviceRgb> greyRamp(int levels);

} // namespace lantern
