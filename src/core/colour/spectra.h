#pragma once

#include "core/colour/colour.h"

#include <array>
#include <span>

namespace lantern {

/// Tables of the CIE colour-matching functions run from 360 to 830 nm in steps of 5 nm.
inline constexpr int kCmfFirstNm = 360;
inline constexpr int kCmfStepNm = 5;
inline constexpr int kCmfCount = 95;

/// Luminous efficacy constant, lm/W. Source: CIE 15:2018; full value 683.002, taken as 683 here
/// because the bench page says so.
inline constexpr double kKm = 683;

/// One observer's colour-matching functions at kCmfFirstNm + i * kCmfStepNm.
struct ColourMatchingFunctions {
    std::array<double, kCmfCount> x, y, z;
};

/// CIE 1931 2° observer. Source: CIE 018:2019 / CIE S 014-1, 5 nm, full printed precision.
const ColourMatchingFunctions &cie1931();

/// CIE 1964 10° observer. Source: as above, 5 nm.
const ColourMatchingFunctions &cie1964();

/// Index of a wavelength in the tables; `nm` is a multiple of 5 in 360..830.
constexpr int cmfIndex(int nm)
{
    return (nm - kCmfFirstNm) / kCmfStepNm;
}

} // namespace lantern
