#include "core/signal/controls.h"

#include <nlohmann/json.hpp>

namespace lantern {

MonitorControls controlsFromJson(JsonObject object)
{
    MonitorControls c;
    c.brightness = object.number("brightness", 0, 100);
    c.contrast = object.number("contrast", 0, 100);
    c.redGain = object.number("red_gain", 0, 100);
    c.greenGain = object.number("green_gain", 0, 100);
    c.blueGain = object.number("blue_gain", 0, 100);
    object.finish();
    return c;
}

Json controlsToJson(const MonitorControls &c)
{
    return {{"brightness", c.brightness},
            {"contrast", c.contrast},
            {"red_gain", c.redGain},
            {"green_gain", c.greenGain},
            {"blue_gain", c.blueGain}};
}

} // namespace lantern
