#pragma once

#include "bench/bench.h"
#include "core/error.h"
#include "core/profile_file.h"
#include "core/profile_writer.h"
#include "run/files.h"

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

inline bench::DisplayDescription readDisplay(const std::string &path)
{
    return bench::displayFromJson(parseJson(readText(path), path), path);
}

inline MonitorControls readControls(const std::string &path)
{
    const Json json = parseJson(readText(path), path);
    return controlsFromJson(JsonObject(json, path));
}

/// "table" or "matrix".
inline ProfileKind profileKind(const std::string &name)
{
    return name == "matrix" ? ProfileKind::Matrix : ProfileKind::Table;
}

inline void requireIcc4(int version)
{
    if (version != 4)
        throw Error(ErrorKind::BadInput, "--icc " + std::to_string(version),
                    "only ICC version 4 profiles are written so far", "Leave the option out.");
}

} // namespace lantern::cli
