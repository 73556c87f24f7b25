#pragma once

#include "core/colour/colour.h"

#include <cstddef>
#include <string>
#include <vector>

namespace lantern {

/// Colour differences between two CIELAB colours under the same white. L* in 0..100 (not clamped),
/// a* and b* any finite value. The result is >= 0 and dimensionless; NaN in gives NaN out.

/// CIE 1976 ΔE*ab. Source: CIE 15:2018, 8.2.1.
[[nodiscard]] double deltaE76(const Lab &a, const Lab &b) noexcept;

/// CIE 1994, graphic-arts weights (kL = 1, K1 = 0.045, K2 = 0.015); `reference` sets the weights,
/// so the formula is not symmetric. Source: CIE 116-1995.
[[nodiscard]] double deltaE94(const Lab &reference, const Lab &sample) noexcept;

/// CMC(l:c), `reference` sets the weights. l, c > 0; 2:1 is usual for acceptability.
/// Source: Clarke, McDonald, Rigg, J. Soc. Dyers Colour. 100 (1984) 128-132.
[[nodiscard]] double deltaECmc(const Lab &reference, const Lab &sample, double l = 2,
                               double c = 1) noexcept;

/// CIEDE2000 with kL = kC = kH = 1. Symmetric. Neutral colours have no hue; their hue difference is
/// 0. Source: CIE 142-2001; branch rules after Sharma, Wu, Dalal, Color Res. Appl. 30 (2005) 21-30,
/// eqs. 2-22. Checked in tests/reference.
[[nodiscard]] double deltaE2000(const Lab &a, const Lab &b) noexcept;

/// CIEDE2000 as a vector whose length is ΔE00: lightness, chroma and hue, the rotation term split
/// between the last two (completing the square). For searches that need more than a distance.
[[nodiscard]] Vec3 difference2000Vector(const Lab &a, const Lab &b) noexcept;

/// The formulas that colours can be judged by.
enum class DifferenceFormula { De2000, De76, De94, Cmc, Itp };
const std::vector<DifferenceFormula> &differenceFormulas();
std::string formulaKey(DifferenceFormula formula);    ///< "2000", "76", "94", "cmc", "itp"
std::string formulaSymbol(DifferenceFormula formula); ///< "ΔE00", "ΔE76" …
/// \throws Error BadInput listing the keys there are
DifferenceFormula formulaByKey(const std::string &key);
/// Difference of two PCS colours (Lab, D50) of a display by a formula; CMC is 2:1.
/// \param white what the colours are relative to, cd/m²: ΔE ITP is of emitters
[[nodiscard]] double difference(DifferenceFormula formula, const Lab &reference, const Lab &sample,
                                const XYZ &white);

/// Lab colours as three arrays of equal length, for working through many at once.
struct LabArrays {
    const float *L, *a, *b;
};

/// CIEDE2000 of `count` pairs into `out`, single precision: within 1e-3 of deltaE2000, but for hues
/// that stand within a degree of opposite. Uses wide registers where the processor has them.
void deltaE2000(const LabArrays &a, const LabArrays &b, float *out, size_t count) noexcept;

/// ΔE ITP between two emitters in cd/m². Negative cone signals count as 0.
/// Source: ITU-R BT.2124-0, with ICtCp (PQ) of ITU-R BT.2100-2.
[[nodiscard]] double deltaEItp(const XYZ &a, const XYZ &b) noexcept;

} // namespace lantern
