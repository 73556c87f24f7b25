#pragma once

#include "core/colour/spectra.h"

#include <optional>
#include <string>

namespace lantern {

/// Relative spectral power at kCmfFirstNm + i * kCmfStepNm.
using SpectralPower = std::array<double, kCmfCount>;

/// CIE illuminant A: a blackbody at 2848 K x 1.4350/1.4388. Source: CIE 15:2018, 4.1.1, eq. 4.1.
SpectralPower illuminantA();

/// A CIE daylight phase. \param kelvin 4000..25000, on the ITS-90 scale as for daylight(); so D65
/// is 6504 K. M1 and M2 are rounded to three decimals as the standard says.
/// Source: CIE 15:2018, 4.1.2 and Table T.2 (S0, S1, S2; 5 nm by linear interpolation).
SpectralPower daylightSpectrum(double kelvin);

/// Tristimulus values of a light, Y = 1.
RelXYZ whiteOf(const SpectralPower &light, const ColourMatchingFunctions &observer);

/// White of "A", "D50", "D55", "D65", "D75" or "E" under the 2 degree observer, Y = 1; D50 is
/// that of the ICC connection space and D65 that of IEC 61966-2-1, to their printed digits.
/// Empty for other names.
std::optional<RelXYZ> namedWhite(const std::string &name);

} // namespace lantern
