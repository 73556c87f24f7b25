#include "run/book/lists_json.h"

#include <nlohmann/json.hpp>

namespace lantern::run {

Json patchesToJson(const std::vector<DeviceRgb> &patches)
{
    Json json = Json::array();
    for (const DeviceRgb &p : patches)
        json.push_back({p.r, p.g, p.b});
    return json;
}

Json coloursToJson(const std::vector<ReferenceColour> &colours)
{
    Json json = Json::array();
    for (const ReferenceColour &c : colours)
        json.push_back({c.name, c.lab.L, c.lab.a, c.lab.b});
    return json;
}

std::vector<DeviceRgb> patchesFromJson(JsonObject &json, const std::string &key)
{
    std::vector<DeviceRgb> patches;
    for (const Json &p : json.raw(key)) {
        if (!p.is_array() || p.size() != 3 || !p[0].is_number() || !p[1].is_number() ||
            !p[2].is_number())
            json.fail(key, "holds something that is no patch");
        patches.push_back({p[0].get<double>(), p[1].get<double>(), p[2].get<double>()});
    }
    return patches;
}

std::vector<ReferenceColour> coloursFromJson(JsonObject &json, const std::string &key)
{
    std::vector<ReferenceColour> colours;
    for (const Json &c : json.raw(key)) {
        if (!c.is_array() || c.size() != 4 || !c[0].is_string() || !c[1].is_number() ||
            !c[2].is_number() || !c[3].is_number())
            json.fail(key, "holds something that is no colour");
        colours.push_back({c[0].get<std::string>(),
                           {c[1].get<double>(), c[2].get<double>(), c[3].get<double>()}});
    }
    return colours;
}

} // namespace lantern::run
