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

Message meterFaultText(MeterFault fault, const std::string &meter)
{
    switch (fault) {
    case MeterFault::None:
        break;
    case MeterFault::Unplugged:
        return {"%1 does not answer: it is unplugged. Plug it in again, check that it still hangs "
                "on the patch, then go on.",
                {meter}};
    case MeterFault::TimedOut:
        return {"%1 took too long over a reading. Check its cable, then go on.", {meter}};
    case MeterFault::Saturated:
        return {"%1 saw more light than it can measure. Lower the display's brightness or keep "
                "lamps away from the screen, then go on.",
                {meter}};
    case MeterFault::Garbage:
        return {"%1 sent numbers that are no colour. Unplug it and plug it in again, then go on.",
                {meter}};
    case MeterFault::OffPatch:
        return {"%1 does not see the patch. Put it back on the patch, then go on.", {meter}};
    case MeterFault::WantsZeroing:
        return {"%1 wants to be zeroed. Cover its opening or lay it on a dark flat place, then go "
                "on.",
                {meter}};
    case MeterFault::DriverDied:
        return {"The driver of %1 has stopped. Go on to start it again.", {meter}};
    case MeterFault::CannotDo:
        return {"%1 cannot do this. Use another meter, or enter the numbers by hand.", {meter}};
    case MeterFault::Stuck:
        return {"%1 gives the same numbers for different colours. Unplug it and plug it in again, "
                "check that it hangs on the patch, then go on.",
                {meter}};
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
    throw Error(ErrorKind::BadInput, "meter fault", {"\"%1\" is not known", {name}},
                {"Choose one of: %1.", {known}});
}

} // namespace lantern
