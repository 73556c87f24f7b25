#pragma once

#include "core/base/json_object.h"
#include "core/colour/colour.h"
#include "core/reading/meter_fault.h"

#include <nlohmann/json.hpp>

#include <cstdint>
#include <string>

namespace lantern::run {

// What a meter's driver says, see docs/meter-driver.md. A driver is another program: whatever it
// sends is looked at here before anybody believes it. Pure functions, without the program itself.

/// An answer to a request.
struct DriverReply {
    int64_t id = 0;
    bool isError = false;
    Json result = Json::object(); ///< where it is no error
    std::string problem;          ///< of an error, may be empty
    MeterFault fault = MeterFault::TimedOut;
};
enum class DriverLine {
    Garbage, ///< no JSON object
    Other,   ///< a notification, or something without a number
    Reply,
};
/// \param line without its end \param reply filled where it is one
DriverLine driverLine(const std::string &line, DriverReply &reply);

struct DriverGreeting {
    std::string name;
    bool zero = false, room = false, scene = false, state = false, wait = false, technology = false;
    bool zeroesByItself = true;
};
/// \throws Error BadInput where it is not of version 1
DriverGreeting driverGreeting(const Json &result);

inline constexpr double kLongestReadingSeconds = 3600;
struct DriverReading {
    XYZ xyz; ///< cd/m²
    double seconds = 0;
    std::string state; ///< empty: none was sent
};
/// \throws Error BadInput
DriverReading driverReading(const Json &result);

struct DriverRoom {
    double lux = 0;
    Chromaticity light;
};
/// \throws Error BadInput
DriverRoom driverRoom(const Json &result);

} // namespace lantern::run
