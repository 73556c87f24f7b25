#include "run/device/meters/driver_message.h"

#include "core/base/error.h"

#include <algorithm>
#include <cmath>

namespace lantern::run {

namespace {

[[noreturn]] void refuse(const char *what)
{
    throw Error(ErrorKind::BadInput, "driver", {"sent something else than %1", {what}},
                "Look for a newer driver.");
}

double number(const Json &object, const char *key)
{
    const auto found = object.is_object() ? object.find(key) : object.end();
    if (found == object.end() || !found->is_number() || !std::isfinite(found->get<double>()))
        refuse(key);
    return found->get<double>();
}

std::string textOf(const Json &object, const char *key)
{
    const auto found = object.is_object() ? object.find(key) : object.end();
    return found != object.end() && found->is_string() ? found->get<std::string>() : std::string();
}

} // namespace

DriverLine driverLine(const std::string &line, DriverReply &reply)
{
    Json message;
    try {
        message = parseJson(line, "driver");
    } catch (const Error &) {
        return DriverLine::Garbage;
    }
    if (!message.is_object())
        return DriverLine::Garbage;
    const auto id = message.find("id");
    if (id == message.end() || !id->is_number_integer())
        return DriverLine::Other;
    reply = {};
    reply.id = id->get<int64_t>();
    const auto error = message.find("error");
    reply.isError = error != message.end() && !error->is_null();
    if (!reply.isError) {
        if (const auto result = message.find("result"); result != message.end())
            reply.result = *result;
        return DriverLine::Reply;
    }
    reply.problem = textOf(*error, "message");
    if (!error->is_object())
        return DriverLine::Reply;
    reply.fault = MeterFault::Garbage; // unless it is one that we know
    const auto data = error->find("data");
    const std::string name = data == error->end() ? std::string() : textOf(*data, "fault");
    try {
        if (!name.empty())
            reply.fault = meterFaultByName(name);
    } catch (const Error &) { // a kind of fault that we have not got
    }
    return DriverLine::Reply;
}

DriverGreeting driverGreeting(const Json &result)
{
    if (number(result, "protocol") != 1)
        refuse("protocol");
    DriverGreeting g;
    g.name = textOf(result, "name");
    const auto abilities = result.find("abilities");
    if (!result.contains("name") || abilities == result.end() || !abilities->is_array())
        refuse("abilities");
    const auto can = [&](const char *what) {
        return std::find(abilities->begin(), abilities->end(), Json(what)) != abilities->end();
    };
    g.zero = can("zero");
    g.room = can("room");
    g.scene = can("scene");
    g.state = can("state");
    g.wait = can("wait");
    g.technology = can("technology");
    const auto byItself = result.find("zeroes_by_itself");
    g.zeroesByItself =
        !g.zero || byItself == result.end() || !byItself->is_boolean() || byItself->get<bool>();
    return g;
}

DriverReading driverReading(const Json &result)
{
    DriverReading r;
    r.xyz = {number(result, "X"), number(result, "Y"), number(result, "Z")};
    r.state = textOf(result, "state");
    if (result.contains("seconds"))
        r.seconds = number(result, "seconds");
    if (!(r.seconds >= 0 && r.seconds <= kLongestReadingSeconds))
        refuse("seconds");
    return r;
}

DriverRoom driverRoom(const Json &result)
{
    const DriverRoom r{number(result, "lux"), {number(result, "x"), number(result, "y")}};
    if (r.light.y <= 0 || r.light.x < 0 || r.light.x + r.light.y > 1 || r.lux < 0)
        refuse("lux");
    return r;
}

} // namespace lantern::run
