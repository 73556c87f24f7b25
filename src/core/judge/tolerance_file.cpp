#include "core/base/error.h"
#include "core/judge/verdict.h"

#include <nlohmann/json.hpp>

#include <algorithm>

namespace lantern {

namespace {

constexpr const char *kFormat = "bold-lantern-tolerance";

/// Largest limit that means anything.
double mostOf(Figure figure)
{
    switch (figure) {
    case Figure::White:
    case Figure::EvenTint:
        return 0.5;
    case Figure::Luminance:
    case Figure::Contrast:
    case Figure::ToneMean:
    case Figure::GreySteps:
    case Figure::EvenLight:
        return 10;
    case Figure::Brightness:
        return 10'000;
    case Figure::BareContrast:
        return 1'000'000;
    default:
        return 200;
    }
}

} // namespace

Json toleranceToJson(const Tolerance &t)
{
    Json limits = Json::object();
    for (const Figure f : allFigures())
        if (const auto &limit = limitIn(t, f)) {
            const std::string key = figureKey(f);
            limits[key] = {{"limit", *limit}};
            if (const auto source = t.limitSources.find(key); source != t.limitSources.end())
                limits[key]["source"] = source->second;
        }
    return {{"format", kFormat}, {"version", 1},       {"name", t.name},
            {"title", t.title},  {"source", t.source}, {"formula", formulaKey(t.formula)},
            {"limits", limits}};
}

Tolerance toleranceFromJson(const Json &json, const std::string &source)
{
    JsonObject root(json, source);
    root.expectFormat(kFormat, 1);
    Tolerance t;
    t.title = root.string("title");
    t.name = root.has("name") ? root.string("name") : t.title;
    if (t.title.empty() || t.name.empty())
        root.fail("title", "is empty", "A set of limits needs a name to be called by.");
    t.source = root.string("source");
    if (root.has("formula"))
        t.formula = formulaByKey(root.oneOf("formula", {"2000", "76", "94", "cmc", "itp"}));
    JsonObject limits = root.object("limits");
    bool any = false;
    for (const Figure f : allFigures()) {
        const std::string key = figureKey(f);
        if (!limits.has(key))
            continue;
        JsonObject one = limits.object(key);
        limitIn(t, f) = one.number("limit", 0, mostOf(f));
        if (one.has("source"))
            t.limitSources[key] = one.string("source");
        one.finish();
        any = true;
    }
    limits.finish();
    root.finish();
    if (!any)
        root.fail("limits", "holds no limit", "Give at least one, such as \"colour_mean\".");
    return t;
}

} // namespace lantern
