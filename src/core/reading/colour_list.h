#pragma once

#include "core/colour/colour.h"

#include <optional>
#include <string>
#include <vector>

namespace lantern {

/// A colour of a list made elsewhere: a name, and what the list says of it.
struct ListedColour {
    std::string name;
    std::optional<Lab> lab;       ///< D50
    std::optional<DeviceRgb> rgb; ///< code values 0..255
};

/// Reads a list of colours. The kind is told by the content:
/// - CGATS (ISO 28178): LAB_L LAB_A LAB_B, or XYZ_X XYZ_Y XYZ_Z (D50, white Y = 100), and/or RGB_R
///   RGB_G RGB_B (0..255); names from SAMPLE_NAME or SAMPLE_ID.
/// - CxF3 (ISO 17972-1): each Object's ColorCIELab, ColorCIEXYZ or ColorSRGB; spot colours have
///   their names there.
/// - CSV: a first line with the columns name, L, a, b and/or R, G, B (any order, any case);
///   separated by comma, semicolon or tabulator.
/// \throws Error BadInput naming source and place: nothing usable, numbers out of range, more than
///         100,000 colours.
std::vector<ListedColour> parseColourList(const std::string &text, const std::string &source);

} // namespace lantern
