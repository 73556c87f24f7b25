#pragma once

#include "core/base/message.h"

#include <string>

namespace lantern {

/// Ways in which a reading can fail.
enum class MeterFault {
    None,
    Unplugged,
    TimedOut,
    Saturated,
    Garbage,  ///< numbers that are no colour
    OffPatch, ///< the meter sees the room instead of the patch
    WantsZeroing,
    DriverDied,
    CannotDo, ///< asked for what this meter has not got
    Stuck,    ///< the same numbers for different colours
};

/// What was wrong and what to do, one or two sentences.
Message meterFaultText(MeterFault fault, const std::string &meterName);

/// File name style of a fault: "unplugged", "timed-out" …; and back. \throws Error BadInput.
std::string meterFaultName(MeterFault fault);
MeterFault meterFaultByName(const std::string &name);

} // namespace lantern
