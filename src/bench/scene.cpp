#include "bench/scene.h"

#include <nlohmann/json.hpp>

namespace lantern::bench {

Json sceneToJson(const Bench::SeenColours &seen, const Bench &bench)
{
    Json json;
    json["seen"] = Json::array();
    for (const auto &[rgb, share] : seen)
        json["seen"].push_back({rgb.r, rgb.g, rgb.b, share});
    const DisplayCondition &condition = bench.condition();
    if (condition.lut)
        json["lut"] = condition.lut->channels;
    if (condition.memorySlot)
        json["slot"] = condition.memorySlot->channels;
    if (condition.memorySlot && condition.memorySlot->mixes()) {
        json["slot_mix"] = condition.memorySlot->mix;
        json["slot_exponent"] = condition.memorySlot->exponent;
    }
    if (condition.litArea)
        json["lit_area"] = *condition.litArea;
    if (condition.mode)
        json["mode"] = *condition.mode;
    if (condition.evened)
        json["evened"] = true;
    if (bench.meterPlace().x != 0 || bench.meterPlace().y != 0)
        json["meter_place"] = {bench.meterPlace().x, bench.meterPlace().y};
    json["controls"] = controlsToJson(condition.controls);
    json["room"] = {bench.room().illuminanceLux, bench.room().chromaticity.x,
                    bench.room().chromaticity.y};
    return json;
}

Bench::SeenColours applyScene(const Json &json, const std::string &source, Bench &bench)
{
    JsonObject root(json, source);
    const auto rows = [&](const std::string &key, size_t count, double max) {
        const Json &raw = root.raw(key);
        if (!raw.is_array() || raw.size() != 3)
            root.fail(key, "three rows are expected");
        std::array<std::vector<double>, 3> out;
        for (size_t c = 0; c < 3; ++c) {
            const Json row = {{key, raw[c]}};
            out[c] = JsonObject(row, source).numbers(key, count, 0, max);
        }
        return out;
    };
    Bench::SeenColours seen;
    const Json &colours = root.raw("seen");
    if (!colours.is_array())
        root.fail("seen", "rows of R, G, B, share are expected");
    for (const Json &colour : colours) {
        const Json row = {{"seen", colour}};
        const auto v = JsonObject(row, source).numbers("seen", 4, 0, 255);
        seen.push_back({{v[0], v[1], v[2]}, v[3]});
    }
    DisplayCondition &condition = bench.condition();
    condition.lut.reset();
    condition.memorySlot.reset();
    if (root.has("lut")) {
        const auto lut = rows("lut", 256, 65535);
        VideoLut loaded;
        for (size_t c = 0; c < 3; ++c)
            for (size_t i = 0; i < loaded.channels[c].size(); ++i)
                loaded.channels[c][i] = static_cast<uint16_t>(lut[c][i]);
        condition.lut = loaded;
    }
    if (root.has("slot")) {
        const auto slot = rows("slot", 1024, 1);
        SlotTable table;
        for (size_t c = 0; c < 3; ++c)
            std::copy(slot[c].begin(), slot[c].end(), table.channels[c].begin());
        if (root.has("slot_mix")) {
            const auto mix = root.numbers("slot_mix", 9, -4, 4);
            std::copy(mix.begin(), mix.end(), table.mix.begin());
            table.exponent = root.number("slot_exponent", 0.5, 5);
        }
        condition.memorySlot = table;
    }
    condition.litArea.reset();
    if (root.has("lit_area"))
        condition.litArea = root.number("lit_area", 0, 1);
    condition.mode.reset();
    if (root.has("mode"))
        condition.mode = static_cast<size_t>(root.integer("mode", 0, 31));
    condition.evened = root.has("evened") && root.boolean("evened");
    bench.meterPlace() = {};
    if (root.has("meter_place")) {
        const auto place = root.numbers("meter_place", 2, -1, 1);
        bench.meterPlace() = {place[0], place[1]};
    }
    condition.controls = controlsFromJson(root.object("controls"));
    const auto room = root.numbers("room", 3, 0, 1e6);
    bench.room() = {room[0], {room[1], room[2]}};
    root.finish();
    return seen;
}

} // namespace lantern::bench
