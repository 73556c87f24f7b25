#pragma once

#include "core/reading/reading.h"

#include <string>

namespace lantern {

/// Readings from a CGATS text with the fields RGB_R RGB_G RGB_B (0..255) and XYZ_X XYZ_Y XYZ_Z
/// (cd/m²), in any order, others ignored.
/// \throws Error BadInput naming source, line, field and value.
ReadingSet readingsFromCgats(const std::string &text, const std::string &source);

enum class NumberStyle {
    Exact,   ///< 17 digits: reads back the same
    Compact, ///< 7 digits: enough for any meter, for use inside profiles
};

/// Writes readings; where the path is known, as keywords LINK_BITS, PANEL_BITS, GAIN_* and as
/// further tables of the file, VIDEO_LUT_* (256 rows, 0..65535) and SLOT_* (1024 rows, 0..1).
std::string readingsToCgats(const ReadingSet &set, NumberStyle style = NumberStyle::Exact);

} // namespace lantern
