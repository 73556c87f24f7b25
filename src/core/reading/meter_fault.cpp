#include "core/reading/meter_fault.h"

#include "core/base/error.h"

#include <array>
#include <utility>

namespace lantern {

namespace {

constexpr std::array<std::pair<MeterFault, const char *>, 10> kNames = {
    {{MeterFault::None, "none"},
     {MeterFault::Unplugged, "unplugged"},
     {MeterFault::TimedOut, "timed-out"},
     {MeterFault::Saturated, "saturated"},
     {MeterFault::Garbage, "garbage"},
     {MeterFault::OffPatch, "off-patch"},
     {MeterFault::WantsZeroing, "wants-zeroing"},
     {MeterFault::DriverDied, "driver-died"},
     {MeterFault::CannotDo, "cannot-do"},
     {MeterFault::Stuck, "stuck"}}};

} // namespace

std::string meterFaultText(MeterFault fault, const std::string &meter)
{
    switch (fault) {
    case MeterFault::None:
        return {};
    case MeterFault::Unplugged:
        return meter + " does not answer: it is unplugged. Plug it in again, check that it still "
                       "hangs on the patch, then go on.";
    case MeterFault::TimedOut:
        return meter + " took too long over a reading. Check its cable, then go on.";
    case MeterFault::Saturated:
        return meter +
               " saw more light than it can measure. Lower the display's brightness or keep "
               "lamps away from the screen, then go on.";
    case MeterFault::Garbage:
        return meter +
               " sent numbers that are no colour. Unplug it and plug it in again, then go on.";
    case MeterFault::OffPatch:
        return meter + " does not see the patch. Put it back on the patch, then go on.";
    case MeterFault::WantsZeroing:
        return meter +
               " wants to be zeroed. Cover its opening or lay it on a dark flat place, then "
               "go on.";
    case MeterFault::DriverDied:
        return "The driver of " + meter + " has stopped. Go on to start it again.";
    case MeterFault::CannotDo:
        return meter + " cannot do this. Use another meter, or enter the numbers by hand.";
    case MeterFault::Stuck:
        return meter + " gives the same numbers for different colours. Unplug it and plug it in "
                       "again, check that it hangs on the patch, then go on.";
    }
    return {};
}

std::string meterFaultName(MeterFault fault)
{
    for (const auto &[value, name] : kNames)
        if (value == fault)
            return name;
    return {};
}

MeterFault meterFaultByName(const std::string &name)
{
    std::string known;
    for (const auto &[value, text] : kNames) {
        if (text == name)
            return value;
        known += (known.empty() ? "" : ", ") + std::string(text);
    }
    throw Error(ErrorKind::BadInput, "meter fault", "\"" + name + "\" is not known",
                "Choose one of: " + known + ".");
}

} // namespace lantern
