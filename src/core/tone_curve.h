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
};
struct NativeTone {
    /// Mean of the channels' measured curves, sampled evenly over 0..1; empty before measuring.
    std::vector<double> samples = {};
    bool operator==(const NativeTone &) const = default;
};
using ToneCurve = std::variant<GammaTone, NamedTone, NativeTone>;

/// Relative luminance (white = 1) at code value `v` (0..1, clamped) of a display whose black has
/// the relative luminance `black` (0 <= black < 1).
///
/// Black is an output offset, black + (1 - black) * curve(v); BT.1886 has its own rule for it.
/// A NativeTone without samples throws std::logic_error.
/// Sources: IEC 61966-2-1:1999; CIE 15:2018; ITU-R BT.1886 Annex 1.
double toneLuminance(const ToneCurve &curve, double v, double black);

/// Short name for people and files: "gamma 2.2", "sRGB", "L*", "BT.1886", "native".
std::string toneName(const ToneCurve &curve);

} // namespace lantern
