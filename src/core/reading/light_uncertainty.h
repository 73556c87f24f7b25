#pragma once

#include <string>

namespace lantern {

/// How far a meter may be off for one kind of light.
struct LightUncertainty {
    double luminance = 0; ///< relative
    double x = 0, y = 0;  ///< CIE 1931 chromaticity
    bool operator==(const LightUncertainty &) const = default;
};

/// How a meter's numbers were made to fit the display's light.
enum class CorrectionKind {
    None,       ///< a meter that needs none, or nobody knows
    Technology, ///< the average of displays of one technology
    Spectra,    ///< computed from the meter's sensitivities and a panel's spectrum
    Display,    ///< read on this very display against a better meter
};

/// Key in files, "none", "technology" …, and back. \throws Error BadInput
std::string correctionKindKey(CorrectionKind kind);
CorrectionKind correctionKindByKey(const std::string &key);

/// What a correction of that kind still leaves (k = 1). An average of a technology: x and y of
/// white as the bench's displays have it with the simulated colorimeter, root mean square (phosphor
/// LEDs 0.0009, lamps 0.0010, wide-gamut LEDs 0.0014, OLED 0.0017; 14, 2, 2 and 3 displays),
/// luminance 1 % by common practice; from spectra of another specimen twice that, common practice
/// too. Not measured on real displays.
LightUncertainty correctionMismatch(CorrectionKind kind, const std::string &technology);

} // namespace lantern
