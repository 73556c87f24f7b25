#pragma once

#include "core/display_model.h"

#include <array>
#include <cstdint>
#include <optional>
#include <vector>

namespace lantern {

/// Grid sizes that tables may have, points a side.
inline constexpr int kMinGrid = 17;
inline constexpr int kMaxGrid = 45;

/// How a table profile's numbers are laid out.
struct TableLayout {
    int grid = 33; ///< points a side, odd
    /// False: ICC v4, XYZ as the connection space, tables of the mAB/mBA kind. True: ICC v2, Lab as
    /// the connection space in the 16-bit encoding with 100 at 0xFF00, tables of the mft2 kind;
    /// colours with a* or b* beyond -128..127, which saturated primaries have, are cut off there.
    bool lab = false;
};

/// A 3x3 matrix and an offset.
struct MatrixStage {
    Mat3 matrix;
    Vec3 offset;
};

/// One direction of a table profile: curves, grid, curves; all values as 16-bit words for 0..1.
/// From XYZ a matrix comes first.
struct TableTransform {
    int grid = 0;
    std::optional<MatrixStage> matrix;
    std::array<std::vector<uint16_t>, 3> before;
    std::vector<uint16_t> nodes; ///< first channel slowest
    std::array<std::vector<uint16_t>, 3> after;
};

struct ProfileTables {
    TableTransform forward;           ///< A2B1: what the display shows
    TableTransform forwardPerceptual; ///< A2B0; the same in v2
    TableTransform inverse;           ///< B2A1: the same colour, else that of least ΔE00
    TableTransform inversePerceptual; ///< B2A0: compressed, see GamutCompression
};

/// Samples a model.
///
/// Device curves hold the video LUT's steps, so whole code values are exact; grids on the device's
/// side stand on channel lightness, in which the display is nearly linear. The grid from XYZ stands
/// on the light that each channel would need, as lightness: inside the gamut it is nearly the
/// identity, and the gamut's walls lie on grid planes. Three tenths of the points lie outside.
///
/// Perceptual colours: the sRGB gamut is compressed into the display's. In v4 the black of the
/// perceptual reference medium (ICC.1:2022, 6.3.4.4 and Annex D; Y = 0.0034731) stands for the
/// display's own, by scaling XYZ linearly between white and black.
ProfileTables makeTables(const DisplayModel &model, const TableLayout &layout);

} // namespace lantern
