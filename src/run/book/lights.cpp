#include "run/book/lights.h"

#include "run/file/files.h"

#include <nlohmann/json.hpp>

#include <QFile>
#include <QFileInfo>
#include <QStandardPaths>

#include <algorithm>
#include <array>

namespace lantern::run {

namespace {

constexpr const char *kFormat = "bold-lantern-lights";
/// By SeenIn.
const std::array<std::string, 3> kSeenIn = {"dark", "light", "measured"};

} // namespace

const KeptLight *Lights::usedLight() const
{
    const auto it =
        std::find_if(kept.begin(), kept.end(), [&](const KeptLight &l) { return l.name == used; });
    return it == kept.end() ? nullptr : &*it;
}

void Lights::keep(const KeptLight &light)
{
    remove(light.name);
    kept.insert(
        std::upper_bound(kept.begin(), kept.end(), light,
                         [](const KeptLight &a, const KeptLight &b) { return a.name < b.name; }),
        light);
    used = light.name;
}

void Lights::remove(const std::string &name)
{
    std::erase_if(kept, [&](const KeptLight &l) { return l.name == name; });
    if (used == name)
        used.clear();
}

Json lightsToJson(const Lights &lights)
{
    Json json = {{"format", kFormat},
                 {"version", 1},
                 {"used", lights.used},
                 {"paper_lightness", lights.paperLightness},
                 {"seen_in", kSeenIn[static_cast<size_t>(lights.seenIn)]},
                 {"reflectance", lights.reflectance},
                 {"watch_minutes", lights.watchMinutes}};
    json["lights"] = Json::array();
    for (const KeptLight &l : lights.kept)
        json["lights"].push_back({{"name", l.name},
                                  {"illuminance", l.light.illuminanceLux},
                                  {"xy", {l.light.chromaticity.x, l.light.chromaticity.y}},
                                  {"readings", l.readings},
                                  {"taken_at", l.takenAt}});
    json["stray"] = Json::object();
    for (const auto &[display, xyz] : lights.stray)
        json["stray"][display] = {xyz.X, xyz.Y, xyz.Z};
    return json;
}

Lights lightsFromJson(const Json &json, const std::string &source)
{
    JsonObject root(json, source);
    root.expectFormat(kFormat, 1);
    Lights lights;
    lights.used = root.string("used");
    lights.paperLightness = root.number("paper_lightness", 0, 100);
    const auto seen = std::find(kSeenIn.begin(), kSeenIn.end(),
                                root.oneOf("seen_in", {kSeenIn[0], kSeenIn[1], kSeenIn[2]}));
    lights.seenIn = static_cast<SeenIn>(seen - kSeenIn.begin());
    lights.reflectance = root.number("reflectance", 0, 1);
    lights.watchMinutes = root.integer("watch_minutes", 0, 10'000);
    if (!root.raw("lights").is_array() || !root.raw("stray").is_object())
        root.fail("lights", "is no list, or stray no object");
    for (const Json &each : root.raw("lights")) {
        JsonObject l(each, source);
        KeptLight light;
        light.name = l.string("name");
        const auto xy = l.numbers("xy", 2, 0.01, 0.9);
        light.light = {l.number("illuminance", 0, 200'000), {xy[0], xy[1]}};
        light.readings = l.integer("readings", 1, 100'000);
        light.takenAt = l.string("taken_at");
        l.finish();
        lights.kept.push_back(light);
    }
    JsonObject stray(root.raw("stray"), source);
    for (const auto &[display, value] : root.raw("stray").items()) {
        const auto xyz = stray.numbers(display.c_str(), 3, 0, 10'000);
        lights.stray[display] = {xyz[0], xyz[1], xyz[2]};
    }
    root.finish();
    return lights;
}

QString usualLightsFile()
{
    return QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) +
           QStringLiteral("/bold-lantern/lights.json");
}

Lights readLights(const QString &path)
{
    if (!QFile::exists(path))
        return {};
    const std::string source = path.toStdString();
    return lightsFromJson(parseJson(readFile(path).toStdString(), source), source);
}

void writeLights(const QString &path, const Lights &lights)
{
    makeFolder(QFileInfo(path).absolutePath());
    writeFile(path, QByteArray::fromStdString(lightsToJson(lights).dump(2) + "\n"));
}

} // namespace lantern::run
