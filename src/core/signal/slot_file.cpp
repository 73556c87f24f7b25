#include "core/signal/slot_file.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <array>

namespace lantern {

namespace {
constexpr std::array kChannels = {"red", "green", "blue"};
}

SlotTable slotFromJson(const Json &json, const std::string &source)
{
    JsonObject root(json, source);
    root.expectFormat("bold-lantern-slot", 1);
    SlotTable table{};
    for (int c = 0; c < 3; ++c) {
        const auto values = root.numbers(kChannels[c], SlotTable::kSize, 0, 1);
        std::copy(values.begin(), values.end(), table.channels[c].begin());
    }
    if (root.has("mix")) { // monitors that mix their primaries
        const auto mix = root.numbers("mix", 9, -4, 4);
        std::copy(mix.begin(), mix.end(), table.mix.begin());
        table.exponent = root.number("exponent", 0.5, 5);
    }
    root.finish();
    if (!table.isMonotonic())
        root.fail("red, green, blue", "must not fall anywhere");
    return table;
}

Json slotToJson(const SlotTable &table)
{
    Json j = {{"format", "bold-lantern-slot"}, {"version", 1}};
    for (int c = 0; c < 3; ++c)
        j[kChannels[c]] = table.channels[c];
    if (table.mixes()) {
        j["mix"] = table.mix;
        j["exponent"] = table.exponent;
    }
    return j;
}

} // namespace lantern
