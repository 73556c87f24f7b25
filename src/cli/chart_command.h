#pragma once

#include "core/colour/colour.h"

#include <string>
#include <vector>

namespace lantern::cli {

/// Patches of a list of colours (CGATS, CxF3, CSV) with white, black and greys added.
/// \param profile of the display, to find code values for Lab colours; empty: as sRGB
/// \throws Error BadInput
std::vector<DeviceRgb> chartFromFile(const std::string &path, const std::string &profile);

} // namespace lantern::cli
