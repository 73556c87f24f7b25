#pragma once

#include "core/base/json_object.h"

#include <string>

namespace lantern {

/// A monitor's own controls, each 0..100 in the monitor's units; whole numbers
/// on real monitors.
struct MonitorControls {
    double brightness = 100;
    double contrast = 100;
    double redGain = 100;
    double greenGain = 100;
    double blueGain = 100;
    bool operator==(const MonitorControls &) const = default;
};

/// Keys brightness, contrast, red_gain, green_gain, blue_gain; all required, nothing else allowed.
/// \throws Error BadInput
MonitorControls controlsFromJson(JsonObject object);
Json controlsToJson(const MonitorControls &controls);

} // namespace lantern
