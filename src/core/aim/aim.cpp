#include "core/aim/aim.h"

#include "core/base/error.h"
#include "core/base/text.h"
#include "core/colour/white.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <cmath>

namespace lantern {

namespace {

template <class... F> struct Overloaded : F... {
    using F::operator()...;
};
template <class... F> Overloaded(F...) -> Overloaded<F...>;

/// Of aim files up to November 2026: the inverse of a camera's curve, which no display is to have.
constexpr const char *kCameraCurve = "rec709";

WhiteAim whiteFromJson(JsonObject &root)
{
    const Json &raw = root.raw("white");
    if (raw.is_string()) {
        root.oneOf("white", {"native"});
        return NativeWhite{};
    }
    JsonObject white = root.object("white");
    WhiteAim result;
    if (white.has("daylight"))
        result = DaylightWhite{white.number("daylight", 4000, 24900)};
    else if (white.has("blackbody"))
        result = BlackbodyWhite{white.number("blackbody", kMinCct, kMaxCct)};
    else if (white.has("xy")) {
        const auto v = white.numbers("xy", 2, 0.01, 0.9);
        if (v[0] + v[1] > 1)
            white.fail("xy", "x + y is above 1; no colour has that chromaticity");
        result = Chromaticity{v[0], v[1]};
    } else if (white.has("uv")) {
        const auto v = white.numbers("uv", 2, 0.01, 0.65);
        result = UvPrime{v[0], v[1]};
    } else
        root.fail("white", "needs one of the keys daylight, blackbody, xy, uv, or is \"native\"");
    white.finish();
    return result;
}

ToneCurve toneFromJson(JsonObject &root)
{
    if (root.raw("tone").is_string()) {
        root.oneOf("tone", {"native"});
        return NativeTone{};
    }
    JsonObject tone = root.object("tone");
    ToneCurve result;
    if (tone.has("gamma"))
        result = GammaTone{tone.number("gamma", 1, 4)};
    else {
        std::vector<std::string> keys;
        for (const ToneName &name : toneNames())
            keys.emplace_back(name.key);
        keys.emplace_back(kCameraCurve);
        const std::string curve = tone.oneOf("curve", keys);
        for (const ToneName &name : toneNames())
            if (curve == name.key)
                result = name.tone;
        if (curve == kCameraCurve)
            result = NamedTone::Bt1886;
    }
    tone.finish();
    return result;
}

Json whiteToJson(const WhiteAim &white)
{
    return std::visit(Overloaded{[](const DaylightWhite &w) -> Json {
                                     return {{"daylight", w.kelvin}};
                                 },
                                 [](const BlackbodyWhite &w) -> Json {
                                     return {{"blackbody", w.kelvin}};
                                 },
                                 [](const Chromaticity &w) -> Json {
                                     return {{"xy", {w.x, w.y}}};
                                 },
                                 [](const UvPrime &w) -> Json {
                                     return {{"uv", {w.u, w.v}}};
                                 },
                                 [](const NativeWhite &) -> Json { return "native"; }},
                      white);
}

Json toneToJson(const ToneCurve &tone)
{
    return std::visit(Overloaded{[](const GammaTone &t) -> Json {
                                     return {{"gamma", t.gamma}};
                                 },
                                 [](NamedTone t) -> Json {
                                     for (const ToneName &name : toneNames())
                                         if (name.tone == t)
                                             return {{"curve", name.key}};
                                     return nullptr;
                                 },
                                 [](const NativeTone &) -> Json { return "native"; }},
                      tone);
}

} // namespace

Chromaticity nominalChromaticity(const Aim &aim, const Chromaticity &native)
{
    return std::visit(Overloaded{[](const DaylightWhite &w) { return daylightNominal(w.kelvin); },
                                 [](const BlackbodyWhite &w) { return planckian(w.kelvin); },
                                 [](const Chromaticity &w) { return w; },
                                 [](const UvPrime &w) { return chromaticity(w); },
                                 [&](const NativeWhite &) { return native; }},
                      aim.white);
}

Chromaticity aimChromaticity(const Aim &aim, const Chromaticity &native)
{
    const Chromaticity nominal = nominalChromaticity(aim, native);
    if (!aim.matchedByEye)
        return nominal;
    const UvPrime uv = uvPrime(nominal);
    return chromaticity(UvPrime{uv.u + aim.matchedByEye->u, uv.v + aim.matchedByEye->v});
}

Aim matchedByEye(Aim aim, const Chromaticity &white)
{
    if (std::holds_alternative<NativeWhite>(aim.white))
        return aim;
    const UvPrime nominal = uvPrime(nominalChromaticity(aim, white));
    const UvPrime seen = uvPrime(white);
    aim.matchedByEye = UvPrime{std::clamp(seen.u - nominal.u, -kMostOffset, kMostOffset),
                               std::clamp(seen.v - nominal.v, -kMostOffset, kMostOffset)};
    return aim;
}

Message remarkOnOldAim(const Json &json)
{
    const auto tone = json.find("tone");
    if (tone == json.end() || !tone->is_object() || tone->value("curve", "") != kCameraCurve)
        return {};
    return "This aim asked for the inverse of the Rec. 709 camera curve. Displays are to follow "
           "BT.1886, so that is what it asks for now.";
}

std::string whiteName(const WhiteAim &white)
{
    return std::visit(
        Overloaded{[](const DaylightWhite &w) -> std::string {
                       const double hundreds = w.kelvin / 100;
                       if (hundreds == std::floor(hundreds) && w.kelvin < 10000)
                           return "D" + shortNumber(hundreds);
                       return "daylight " + shortNumber(w.kelvin) + " K";
                   },
                   [](const BlackbodyWhite &w) -> std::string {
                       return "black body " + shortNumber(w.kelvin) + " K";
                   },
                   [](const Chromaticity &w) -> std::string {
                       return "x " + fixedNumber(w.x, 4) + " y " + fixedNumber(w.y, 4);
                   },
                   [](const UvPrime &w) -> std::string {
                       return "u' " + fixedNumber(w.u, 4) + " v' " + fixedNumber(w.v, 4);
                   },
                   [](const NativeWhite &) -> std::string { return "native white"; }},
        white);
}

std::string aimSummary(const Aim &aim)
{
    const std::string luminance =
        aim.luminanceCdM2 ? shortNumber(*aim.luminanceCdM2) + " cd/m²" : "native luminance";
    const std::string black =
        aim.contrastRatio ? "contrast " + shortNumber(*aim.contrastRatio) + ":1" : "native black";
    std::string white = whiteName(aim.white);
    if (aim.matchedByEye)
        white += " matched by eye (Δu'v' " +
                 fixedNumber(std::hypot(aim.matchedByEye->u, aim.matchedByEye->v), 4) + ")";
    return white + " · " + luminance + " · " + toneName(aim.tone) + " · " + black;
}

namespace {

PrimarySet primariesFromJson(JsonObject object)
{
    PrimarySet primaries;
    size_t i = 0;
    for (const char *key : {"red", "green", "blue"}) {
        const auto xy = object.numbers(key, 2, 0, 1);
        if (xy[1] <= 0 || xy[0] + xy[1] > 1)
            object.fail(key, "is no chromaticity: y must be above 0 and x + y at most 1");
        primaries[i++] = {xy[0], xy[1]};
    }
    object.finish();
    return primaries;
}

} // namespace

Aim aimFromJson(const Json &json, const std::string &source)
{
    JsonObject root(json, source);
    root.expectFormat("bold-lantern-aim", 1);
    Aim aim;
    aim.name = root.string("name");
    if (aim.name.empty() || aim.name.size() > 200)
        root.fail("name", "must have 1 to 200 characters");
    aim.white = whiteFromJson(root);
    if (root.raw("luminance").is_string()) {
        root.oneOf("luminance", {"native"});
        aim.luminanceCdM2.reset();
    } else
        aim.luminanceCdM2 = root.number("luminance", kMinAimLuminance, kMaxAimLuminance);
    aim.tone = toneFromJson(root);
    if (root.raw("black").is_string())
        root.oneOf("black", {"native"});
    else {
        JsonObject black = root.object("black");
        aim.contrastRatio = black.number("contrast", 50, 100000);
        black.finish();
    }
    if (root.has("matched_by_eye")) {
        JsonObject offset = root.object("matched_by_eye");
        aim.matchedByEye = UvPrime{offset.number("du", -kMostOffset, kMostOffset),
                                   offset.number("dv", -kMostOffset, kMostOffset)};
        offset.finish();
    }
    if (root.has("primaries")) { // left out by the first aim files
        if (root.raw("primaries").is_string())
            root.oneOf("primaries", {"native"});
        else
            aim.primaries = primariesFromJson(root.object("primaries"));
    }
    root.finish();
    return aim;
}

Json aimToJson(const Aim &aim)
{
    Json json = {{"format", "bold-lantern-aim"}, {"version", 1}, {"name", aim.name}};
    json["white"] = whiteToJson(aim.white);
    json["luminance"] = aim.luminanceCdM2 ? Json(*aim.luminanceCdM2) : Json("native");
    if (aim.matchedByEye)
        json["matched_by_eye"] = {{"du", aim.matchedByEye->u}, {"dv", aim.matchedByEye->v}};
    json["tone"] = toneToJson(aim.tone);
    json["primaries"] = "native";
    if (aim.primaries) {
        const auto pair = [&](size_t i) {
            return Json{(*aim.primaries)[i].x, (*aim.primaries)[i].y};
        };
        json["primaries"] = {{"red", pair(0)}, {"green", pair(1)}, {"blue", pair(2)}};
    }
    json["black"] = aim.contrastRatio ? Json{{"contrast", *aim.contrastRatio}} : Json("native");
    return json;
}

std::vector<Aim> aimPresets()
{
    // Common practice: 120 cd/m² in a normally lit room, 100 in a dim one. Beside prints: white
    // paper (L* 94, 0.85) in a booth of 500 lx, ISO 3664:2009 P2 (from memory), is 135 cd/m².
    return {
        {.name = "Image editing",
         .white = DaylightWhite{6500},
         .luminanceCdM2 = 120,
         .tone = GammaTone{2.2}},
        {.name = kBesideThePrint,
         .white = DaylightWhite{5000},
         .luminanceCdM2 = 135,
         .tone = NamedTone::LStar},
        {.name = "Web and office",
         .white = DaylightWhite{6500},
         .luminanceCdM2 = 120,
         .tone = NamedTone::Srgb},
        {.name = "Film in a dim room",
         .white = DaylightWhite{6500},
         .luminanceCdM2 = 100,
         .tone = NamedTone::Bt1886},
        {.name = "As the display is",
         .white = NativeWhite{},
         .luminanceCdM2 = {},
         .tone = GammaTone{2.2}},
    };
}

} // namespace lantern
