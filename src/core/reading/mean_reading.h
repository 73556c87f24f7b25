#pragma once

#include "core/reading/reading.h"

#include <optional>
#include <vector>

namespace lantern {

/// Mean of all readings of a patch; nothing where it was not read.
std::optional<XYZ> meanOf(const std::vector<Reading> &readings, const DeviceRgb &rgb);

} // namespace lantern
