#pragma once

#include <string>
#include <variant>
#include <vector>

namespace lantern {

/// Relative luminance asked for at a relative code value.
///
/// All curves run from 0 at 0 to 1 at 1 and are taken between the display's black and white: see
/// toneLuminance. `Native` keeps the display's own curve.
struct GammaTone {
    double gamma = 2.2; ///< 1..4
    bool operator==(const GammaTone &) const = default;
};
enum class NamedTone {
    Srgb,   ///< IEC 61966-2-1
    LStar,  ///< L* of CIE 15:2018 proportional to the code value
    Bt1886, ///< ITU-R BT.1886 with the display's own black
    Gsdf,   ///< greyscale standard display function of DICOM PS3.14
};
struct NativeTone {
    /// Mean of the channels' measured curves, sampled evenly over 0..1; empty before measuring.
    std::vector<double> samples = {};
    bool operator==(const NativeTone &) const = default;
};
using ToneCurve = std::variant<GammaTone, NamedTone, NativeTone>;

/// Light that a tone curve runs between.
struct ToneRange {
    double black = 0;       ///< luminance relative to white, 0 <= black < 1
    double whiteCdM2 = 100; ///< only Gsdf depends on it
};

/// Relative luminance (white = 1) at code value `v` (0..1, clamped).
///
/// Black is an output offset: fully there at code 0, fading with (1 - curve)^4, so that it lifts
/// the deepest shadows off the panel's own black without greying those above, and the slope nowhere
/// falls below half of the bare curve's. BT.1886 and GSDF have their own rules for black.
/// A NativeTone without samples throws std::logic_error.
/// Sources: IEC 61966-2-1:1999; CIE 15:2018; ITU-R BT.1886 Annex 1; DICOM
/// PS3.14, 7.1.
double toneLuminance(const ToneCurve &curve, double v, const ToneRange &range);

/// Luminance (cd/m²) of DICOM's just-noticeable-difference index 1..1023, and the index of a
/// luminance 0.05..3993.4 cd/m² (clamped). Source: DICOM PS3.14, 7.1, equations 1 and 2.
double gsdfLuminance(double index);
double gsdfIndex(double luminanceCdM2);

/// A named curve's name in files: "srgb" ...
struct ToneName {
    NamedTone tone;
    const char *key;
    const char *title;
};
const std::vector<ToneName> &toneNames();

/// Short name for people and files: "gamma 2.2", "sRGB", "L*", "BT.1886", "native".
std::string toneName(const ToneCurve &curve);

} // namespace lantern
