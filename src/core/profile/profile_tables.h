#pragma once

#include "core/model/display_model.h"

#include <array>
#include <cstdint>
#include <optional>
#include <vector>

namespace lantern {

/// Grid sizes that tables may have, points a side.
inline constexpr int kMinGrid = 17;
inline constexpr int kMaxGrid = 45;

/// How a table profile's numbers are laid out. XYZ is the connection space of both versions: the
/// 16-bit Lab encoding ends at a*, b* of -128..127, which the blue and green of common displays
/// exceed, and many programs that take a profile's colorants read no other.
struct TableLayout {
    int grid = 33;   ///< points a side, odd
    int version = 4; ///< of ICC: black of the perceptual tables differs, see makeTables
};

/// One direction of a table profile: curves, grid, curves; all values as 16-bit words for 0..1.
/// From XYZ a matrix comes first.
struct TableTransform {
    int grid = 0;
    std::optional<Mat3> matrix;
    std::array<std::vector<uint16_t>, 3> before;
    std::vector<uint16_t> nodes; ///< first channel slowest
    std::array<std::vector<uint16_t>, 3> after;
};

struct ProfileTables {
    TableTransform forward;           ///< A2B1: what the display shows
    TableTransform forwardPerceptual; ///< A2B0 of v2; in v4 A2B1 serves
    TableTransform inverse;           ///< B2A1: the same colour, else a near one that can be shown
    TableTransform inversePerceptual; ///< B2A0: compressed, see GamutCompression
};

/// Samples a model.
///
/// Device curves hold the video LUT's steps, so whole code values are exact; grids on the device's
/// side stand on channel lightness, in which the display is nearly linear. The grid from XYZ stands
/// on the light that each channel would need, as lightness: inside the gamut it is nearly the
/// identity, and the gamut's walls lie on grid planes. PCS white is the point (1, 1, 1), also where
/// a display's white is not the sum of its channels. Everything at and below the display's black
/// becomes 0 0 0, white 255 255 255.
///
/// Colours that need negative light of a channel get none of it; those that need more than there is
/// become the displayable colour of least ΔE00. Fades into the gamut thus never turn back.
///
/// Perceptual colours: the sRGB gamut is compressed into the display's. Black in v4 tables is the
/// display's own, as in A2B1: with colorants in the profile, programs that compensate black take it
/// from there. In v2 it is no light at all.
ProfileTables makeTables(const DisplayModel &model, const TableLayout &layout);

} // namespace lantern
