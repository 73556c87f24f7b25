#pragma once

#include "core/colour/illuminant.h"
#include "core/colour/spectral_table.h"

#include <string>

namespace lantern {

/// What a panel's white has to be so that it equals another light for large fields.
struct TenDegreeMatch {
    Chromaticity light; ///< of the other light, 2° observer
    Chromaticity panel; ///< of the panel's white that matches it, 2° observer, as meters read it
    UvPrime offset;     ///< from the first to the second: for Aim::matchedByEye
};

/// The mixture of a panel's red, green and blue that has the same chromaticity as a light for the
/// CIE 1964 10° observer, which sheets of paper and whole screens are nearer to than the 2° one
/// that aims and meters use. Source of both: CIE 15:2018, tables T.4 and T.5.
/// \param panel curves named red, green and blue, on one scale
/// \throws Error BadInput when a curve is missing or no mixture has that chromaticity
TenDegreeMatch tenDegreeMatch(const SpectralTable &panel, const std::string &source,
                              const SpectralPower &light);

} // namespace lantern
