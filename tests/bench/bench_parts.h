#pragma once

#include "bench/bench.h"

#include <nlohmann/json.hpp>

namespace lantern::test {

using namespace bench;

inline Json northJson()
{
    return parseJson(builtInText("north-desk.json"), "north-desk.json");
}

inline Display display(const Json &json)
{
    return Display(displayFromJson(json, "d.json"), "d.json");
}

/// North desk without anything that spoils it.
inline Json plainJson()
{
    Json j = northJson();
    j["black_ratio"] = 0;
    j["crosstalk"] = {{0, 0, 0}, {0, 0, 0}, {0, 0, 0}};
    j["hours"] = 0;
    j["controls"]["brightness"] = 100;
    for (const char *c : {"red", "green", "blue"})
        j["tone"][c] = {2.2, 0};
    j["panel_bits"] = 16;
    j["link_bits"] = 16;
    return j;
}

inline Json reedJson()
{
    return parseJson(builtInText("reed.json"), "reed.json");
}

inline Bench benchWith(const Json &displayJson, const Json &meterJson,
                       const std::string &technology, uint64_t seed)
{
    return Bench(displayFromJson(displayJson, "d"), "d", meterFromJson(meterJson, "m"), technology,
                 seed);
}

inline MeterReading good(const MeterOutcome &outcome)
{
    return std::get<MeterReading>(outcome);
}

} // namespace lantern::test
