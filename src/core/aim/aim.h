#pragma once

#include "core/base/json_object.h"
#include "core/colour/colour.h"
#include "core/colour/tone_curve.h"

#include <optional>
#include <string>
#include <variant>
#include <vector>

namespace lantern {

struct DaylightWhite {
    double kelvin = 6500; ///< nominal: 6500 is D65; 4000..24900
    bool operator==(const DaylightWhite &) const = default;
};
struct BlackbodyWhite {
    double kelvin = 6500; ///< kMinCct..kMaxCct
    bool operator==(const BlackbodyWhite &) const = default;
};
struct NativeWhite {
    bool operator==(const NativeWhite &) const = default;
};
using WhiteAim = std::variant<DaylightWhite, BlackbodyWhite, Chromaticity, UvPrime, NativeWhite>;

/// What a display should become. Empty optionals mean "native": leave it as it is.
struct Aim {
    std::string name = "Image editing";
    WhiteAim white = DaylightWhite{};
    std::optional<double> luminanceCdM2 = 120; ///< 10..2000
    ToneCurve tone = GammaTone{};
    std::optional<double> contrastRatio = {}; ///< limit, 50..100000
    std::optional<PrimarySet> primaries = {}; ///< for monitors that mix them in their own memory
    /// What the eye wanted added to the white in u'v', so that it looks like a print or another
    /// display: with narrow-band lights equal figures need not look equal.
    std::optional<UvPrime> matchedByEye = {};
    bool operator==(const Aim &) const = default;
};

/// Range of luminance aims, cd/m².
inline constexpr double kMinAimLuminance = 10;
inline constexpr double kMaxAimLuminance = 2000;

/// Largest u' or v' of a match by eye.
inline constexpr double kMostOffset = 0.05;

/// The aimed chromaticity; `native` is what a native white means on this display.
Chromaticity aimChromaticity(const Aim &aim, const Chromaticity &native);

/// The same without what was matched by eye.
Chromaticity nominalChromaticity(const Aim &aim, const Chromaticity &native);

/// The aim with the match by eye that makes this white the aimed one; the offset is held to
/// kMostOffset. A native white stays as it is.
Aim matchedByEye(Aim aim, const Chromaticity &white);

/// What a person should know of an aim file of an older version; mostly empty.
Message remarkOnOldAim(const Json &json);

/// One line for people: "D65 · 120 cd/m² · gamma 2.2 · native black".
std::string aimSummary(const Aim &aim);

/// The white alone: "D65", "black body 5000 K", "x 0.3127 y 0.3290", "native".
std::string whiteName(const WhiteAim &white);

/// Aim files, format "bold-lantern-aim" version 1; every key checked.
/// \throws Error BadInput naming source, key, value and range.
Aim aimFromJson(const Json &json, const std::string &source);
Json aimToJson(const Aim &aim);

/// Name of the preset that follows a viewing booth.
inline constexpr const char *kBesideThePrint = "Beside the print";

/// The presets by job, most general first; never empty. Their numbers are common practice.
std::vector<Aim> aimPresets();

} // namespace lantern
