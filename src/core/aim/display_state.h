#pragma once

#include "core/aim/aim.h"
#include "core/colour/white.h"
#include "core/reading/reading.h"

#include <array>
#include <optional>
#include <vector>

namespace lantern {

/// Primaries of IEC 61966-2-1 (sRGB) and SMPTE EG 432-1 (P3).
inline constexpr PrimarySet kSrgbPrimaries = {{{0.64, 0.33}, {0.30, 0.60}, {0.15, 0.06}}};
inline constexpr PrimarySet kP3Primaries = {{{0.680, 0.320}, {0.265, 0.690}, {0.150, 0.060}}};

/// Share (0..1) of the u'v' triangle of `space` that the triangle of `display` covers.
double gamutCoverage(const PrimarySet &display, const PrimarySet &space);

/// Share (0..1) of the u'v' triangle of `space` that all of the displays cover together.
double commonCoverage(const std::vector<PrimarySet> &displays, const PrimarySet &space);

/// What a display is like at one moment, as far as the readings tell.
struct DisplayState {
    std::optional<XYZ> white, black;
    std::optional<Cct> cct;           ///< only where it has a meaning: |Duv| up to kMostDuv
    std::optional<double> deltaUv;    ///< Δu'v' of white from the aim
    std::optional<double> contrast;   ///< white over black luminance
    std::optional<double> gamma;      ///< exponent that fits the greys best, 10 % to 90 %
    std::optional<double> aimedGamma; ///< the same of the aimed curve between this white and black
    std::optional<double> toneError;  ///< mean |luminance / aimed - 1|, greys from 5 % up
    std::optional<double> toneWorst;  ///< the same, of the worst of them
    /// For GSDF aims: largest deviation of contrast per just-noticeable step, see gsdfStepError().
    std::optional<double> stepError;
    std::optional<double> greyBalance; ///< mean ΔE00 of the greys' tint, from 5 % up
    std::optional<double> greyWorst;   ///< the same, of the worst of them
    std::optional<PrimarySet> primaries;
    std::optional<double> srgbCoverage, p3Coverage;
    std::vector<Reading> greys; ///< by falling code value, white and black included
};

/// How much of a state to work out.
enum class StateDetail {
    Everything,
    Figures, ///< without colour temperature and gamut, which take a hundred times as long
};

/// Reads a state out of readings of white, black, greys and primaries; what is not there stays
/// empty. Several readings of the same patch are averaged.
/// \param reflectedCdM2 light of the room on the screen, for stepError alone
DisplayState displayState(const std::vector<Reading> &readings, const Aim &aim,
                          StateDetail detail = StateDetail::Everything, double reflectedCdM2 = 0);

/// Largest |contrast per just-noticeable step / that of DICOM's greyscale standard display function
/// - 1| from one grey to the next, the room's light added to both; greys by falling code value,
/// from white to black. Nothing for fewer than three. Source: AAPM OR-03 (task group 18,
/// 2005), 4.3.4.2; entered from memory.
std::optional<double> gsdfStepError(const std::vector<Reading> &greys, double reflectedCdM2);

/// Patches that displayState needs: white, black, primaries and nine greys.
std::vector<DeviceRgb> statePatches();
/// The same and, after its 128, a grey that is told from that unless the panel has only six bits.
std::vector<DeviceRgb> firstPatches();
inline constexpr DeviceRgb kCoarseFrom{128, 128, 128}, kCoarseTo{131, 131, 131};

} // namespace lantern
