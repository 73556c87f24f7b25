#pragma once

#include "core/base/json_object.h"
#include "core/signal/video_lut.h"

namespace lantern {

/// Files of format "bold-lantern-slot" version 1: red, green, blue, 1024 numbers 0..1 each, rising.
/// \throws Error BadInput
SlotTable slotFromJson(const Json &json, const std::string &source);
Json slotToJson(const SlotTable &table);

} // namespace lantern
