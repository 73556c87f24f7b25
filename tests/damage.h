#pragma once

#include <nlohmann/json.hpp>

#include <functional>
#include <string>
#include <vector>

namespace lantern::test {

/// Calls `use` with copies of a JSON value that are damaged in one place each, in every way that
/// keeps the text well-formed: another type, numbers out of all bounds, lists that are too short or
/// too long, keys that are missing or unknown. Of lists the first and the last element are damaged.
/// \param use gets the copy and where it is damaged
inline void eachDamage(const nlohmann::json &whole,
                       const std::function<void(const nlohmann::json &, const std::string &)> &use)
{
    using Json = nlohmann::json;
    using Pointer = Json::json_pointer;
    const auto with = [&](const Pointer &place, const Json &value) {
        Json copy = whole;
        copy[place] = value;
        use(copy, place.to_string() + " = " + value.dump().substr(0, 40));
    };
    const std::function<void(const Pointer &)> visit = [&](const Pointer &place) {
        const Json &here = whole[place];
        for (const Json &other :
             {Json(nullptr), Json(-1), Json(0), Json(1e9), Json(1'000'000'000), Json(1e300),
              Json(-9e18), Json(true), Json("x"), Json(""), Json::array(), Json::object()})
            if (other != here)
                with(place, other);
        if (here.is_array() && !here.empty()) {
            Json shorter = here;
            shorter.erase(shorter.size() - 1);
            with(place, shorter);
            Json longer = here;
            longer.push_back(here.back());
            with(place, longer);
            std::vector<size_t> visited = {0};
            if (here.size() > 1)
                visited.push_back(here.size() - 1);
            for (const size_t i : visited)
                visit(place / i);
        } else if (here.is_object()) {
            for (const auto &[key, value] : here.items()) {
                Json without = here;
                without.erase(key);
                with(place, without);
                visit(place / key);
            }
            Json more = here;
            more["zz"] = 1;
            with(place, more);
        }
    };
    visit(Pointer());
}

} // namespace lantern::test
