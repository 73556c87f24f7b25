#pragma once

#include "core/reading.h"

#include <string>

namespace lantern {

/// Readings from a CGATS text with the fields RGB_R RGB_G RGB_B (0..255) and XYZ_X XYZ_Y XYZ_Z
/// (cd/m²), in any order, others ignored.
/// \throws Error BadInput naming source, line, field and value.
ReadingSet readingsFromCgats(const std::string &text, const std::string &source);

/// The same back, with SAMPLE_ID; numbers are written so that they read back exactly.
std::string readingsToCgats(const ReadingSet &set);

} // namespace lantern
