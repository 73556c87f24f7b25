#pragma once

#include "core/base/json_object.h"
#include "core/colour/colour.h"
#include "core/profile/reference_set.h"

#include <string>
#include <vector>

namespace lantern::run {

/// Patches as [R, G, B] each, reference colours as [name, L*, a*, b*].
Json patchesToJson(const std::vector<DeviceRgb> &patches);
Json coloursToJson(const std::vector<ReferenceColour> &colours);
/// \throws Error BadInput naming the key
std::vector<DeviceRgb> patchesFromJson(JsonObject &json, const std::string &key);
std::vector<ReferenceColour> coloursFromJson(JsonObject &json, const std::string &key);

} // namespace lantern::run
