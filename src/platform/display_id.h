#pragma once

#include "core/signal/edid.h"
#include "platform/output.h"

#include <optional>

namespace lantern::platform {

/// What the display on an output says of itself; nothing where it says nothing, or garbles it.
std::optional<Edid> edidOf(const Output &output);

/// The same after a restart and on another output: the EDID's identity; else the output's name.
QString displayId(const Output &output);

/// For people.
QString displayName(const Output &output);

} // namespace lantern::platform
