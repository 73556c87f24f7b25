#pragma once

#include "core/colour/colour.h"

namespace lantern {

/// Range in which correlated colour temperatures are given, kelvin.
inline constexpr double kMinCct = 1000;
inline constexpr double kMaxCct = 25000;

/// Second radiation constant, m·K. Source: ITS-90 value 1.4388e-2 as used by CIE 15:2018.
inline constexpr double kPlanckC2 = 1.4388e-2;

/// Correlated colour temperature and distance from the Planckian locus.
struct Cct {
    double kelvin = 0;
    double duv = 0; ///< CIE 1960 u,v distance; positive on the green side (above the locus)
};

/// Farther from the Planckian locus than this a colour temperature has no meaning. Source: CIE
/// 15:2018, 9.5.
inline constexpr double kMostDuv = 0.05;

/// Chromaticity of a blackbody at `kelvin` > 0: Planck's law summed with the 2° functions, 5 nm.
/// Source: CIE 15:2018, 9.4.
Chromaticity planckian(double kelvin);

/// Chromaticity of a CIE daylight phase. \param kelvin 4000..25000, on the ITS-90 scale; so D65 is
/// 6504 K. Source: CIE 15:2018, 4.1.2.
Chromaticity daylight(double kelvin);

/// Daylight by its nominal name: 6500 gives D65 itself, by the scale change 1.4388/1.4380 of CIE
/// 15:2018, 4.1.2 note. \param nominalKelvin 4000..24986.
Chromaticity daylightNominal(double nominalKelvin);

/// CCT by the nearest point of the Planckian locus in CIE 1960 u,v, to 1 K or better inside
/// kMinCct..kMaxCct; the ends are returned for colours beyond.
/// Source: definition of CIE 15:2018, 9.5; sign of Duv after ANSI C78.377.
Cct correlatedColourTemperature(const Chromaticity &c);

/// Chromaticity at the given temperature and distance from the Planckian locus.
Chromaticity fromCct(const Cct &cct);

} // namespace lantern
