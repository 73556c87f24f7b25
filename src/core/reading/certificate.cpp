#include "core/reading/certificate.h"

#include "core/signal/technology.h"

#include <nlohmann/json.hpp>

#include <charconv>
#include <chrono>

namespace lantern {

namespace {

constexpr const char *kFormat = "bold-lantern-certificate";

/// Whether it is a day of the calendar written as 2027-03-31.
bool isIsoDate(const std::string &text)
{
    const auto number = [&](size_t at, size_t length) {
        unsigned value = 0;
        const char *end = text.data() + at + length;
        const auto read = std::from_chars(text.data() + at, end, value);
        return read.ec == std::errc() && read.ptr == end ? static_cast<int>(value) : -1;
    };
    if (text.size() != 10 || text[4] != '-' || text[7] != '-')
        return false;
    const int year = number(0, 4);
    const int month = number(5, 2);
    const int day = number(8, 2);
    if (year < 0 || month < 0 || day < 0)
        return false;
    return std::chrono::year_month_day(std::chrono::year(year),
                                       std::chrono::month(static_cast<unsigned>(month)),
                                       std::chrono::day(static_cast<unsigned>(day)))
        .ok();
}

std::string dateFrom(JsonObject &root, const std::string &key)
{
    std::string date = root.string(key);
    if (!isIsoDate(date))
        root.fail(key, {"\"%1\" is no date", {date}}, "Write it as 2027-03-31.");
    return date;
}

} // namespace

std::optional<LightUncertainty> Certificate::standard(const std::string &technology) const
{
    auto it = lights.find(technology);
    if (it == lights.end())
        it = lights.find(kAnyLight);
    if (it == lights.end())
        return std::nullopt;
    const LightUncertainty &u = it->second;
    return LightUncertainty{u.luminance / coverageFactor, u.x / coverageFactor,
                            u.y / coverageFactor};
}

bool Certificate::isOverdue(const std::string &today) const
{
    constexpr size_t kDateLength = 10; // ISO dates compare as text
    return today.substr(0, kDateLength) > due;
}

Certificate certificateFromJson(const Json &json, const std::string &source)
{
    JsonObject root(json, source);
    root.expectFormat(kFormat, 1);
    Certificate c;
    c.meter = root.string("meter");
    c.serial = root.string("serial");
    c.laboratory = root.string("laboratory");
    c.number = root.string("number");
    c.issued = dateFrom(root, "issued");
    c.due = dateFrom(root, "due");
    if (c.due < c.issued)
        root.fail("due", "lies before the date of issue");
    c.coverageFactor = root.number("coverage_factor", 1, 5);
    JsonObject lights = root.object("lights");
    std::vector<std::string> kinds = technologies();
    kinds.emplace_back(Certificate::kAnyLight);
    for (const std::string &kind : kinds) {
        if (!lights.has(kind))
            continue;
        JsonObject light = lights.object(kind);
        constexpr double kMostPercent = 50;
        constexpr double kMostXy = 0.1;
        c.lights[kind] = {light.number("luminance_percent", 0, kMostPercent) / 100,
                          light.number("x", 0, kMostXy), light.number("y", 0, kMostXy)};
        light.finish();
    }
    lights.finish();
    if (c.lights.empty())
        root.fail("lights", "states nothing", "Give at least \"any\".");
    root.finish();
    return c;
}

Json certificateToJson(const Certificate &c)
{
    Json lights = Json::object();
    for (const auto &[kind, u] : c.lights)
        lights[kind] = {{"luminance_percent", 100 * u.luminance}, {"x", u.x}, {"y", u.y}};
    return {{"format", kFormat},
            {"version", 1},
            {"meter", c.meter},
            {"serial", c.serial},
            {"laboratory", c.laboratory},
            {"number", c.number},
            {"issued", c.issued},
            {"due", c.due},
            {"coverage_factor", c.coverageFactor},
            {"lights", lights}};
}

} // namespace lantern
