#pragma once

#include "bench/bench.h"
#include "bench/embedded_files.h"
#include "cli/commands.h"
#include "cli/said.h"
#include "core/aim/aim.h"
#include "core/base/error.h"
#include "core/base/text.h"
#include "core/profile/profile_file.h"
#include "core/profile/profile_writer.h"
#include "core/reading/meter_correction.h"
#include "core/reading/stray_light.h"
#include "run/file/files.h"

#include <QFileInfo>

#include <iostream>
#include <optional>
#include <string>
#include <vector>

namespace lantern::cli {

inline std::string readText(const std::string &path)
{
    return run::readFile(QString::fromStdString(path)).toStdString();
}

inline std::vector<uint8_t> readBytes(const std::string &path)
{
    const QByteArray bytes = run::readFile(QString::fromStdString(path));
    return {bytes.begin(), bytes.end()};
}

/// Says on standard error what a person should know of an old file.
inline Aim readAim(const std::string &path)
{
    const Json json = parseJson(readText(path), path);
    if (const Message remark = remarkOnOldAim(json); !remark.empty())
        std::cerr << path << ": " << said(remark) << '\n';
    return aimFromJson(json, path);
}

inline MeterCorrection readCorrection(const std::string &path)
{
    return correctionFromJson(parseJson(readText(path), path), path);
}

/// \param name of a file, or of a display of the demo without its ending, such as "north-desk"
inline bench::DisplayDescription readDisplay(const std::string &name)
{
    if (!QFileInfo(QString::fromStdString(name)).isFile())
        for (const bench::EmbeddedFile &f : bench::embeddedFiles())
            if (f.name == name + ".json")
                return bench::displayFromJson(parseJson(f.text, name), name);
    return bench::displayFromJson(parseJson(readText(name), name), name);
}

inline MonitorControls readControls(const std::string &path)
{
    const Json json = parseJson(readText(path), path);
    return controlsFromJson(JsonObject(json, path));
}

/// Two numbers x,y of a chromaticity. \throws Error BadInput
inline Chromaticity chromaticityOption(const std::string &name, const std::string &text)
{
    const size_t comma = text.find(',');
    const auto x = parseNumber(text.substr(0, comma));
    const auto y = comma == std::string::npos ? std::nullopt : parseNumber(text.substr(comma + 1));
    if (!x || !y || *x <= 0 || *y <= 0 || *x + *y > 1)
        throw Error(ErrorKind::BadInput, name + " " + text, "x,y of a chromaticity is expected",
                    "For example 0.3457,0.3585.");
    return {*x, *y};
}

/// The room's light in the screen, or nothing when no illuminance was given.
inline std::optional<StrayLight> roomLight(const RoomOptions &o)
{
    if (o.lux <= 0)
        return std::nullopt;
    return StrayLight::fromRoom(o.lux, o.reflectance, chromaticityOption("--room-white", o.white));
}

} // namespace lantern::cli
