#include "run/book/match.h"

#include "core/base/json_object.h"
#include "run/file/files.h"

#include <nlohmann/json.hpp>

#include <QFileInfo>

namespace lantern::run {

namespace {

constexpr const char *kFormat = "bold-lantern-match";

} // namespace

Match readMatch(const QString &path)
{
    if (!QFileInfo::exists(path))
        return {};
    const std::string source = path.toStdString();
    const Json json = parseJson(readFile(path).toStdString(), source);
    JsonObject root(json, source);
    root.expectFormat(kFormat, 1);
    Match match;
    for (const Json &id : root.raw("displays")) {
        if (!id.is_string() || match.displays.size() >= kMostMatched)
            root.fail("displays", "holds something that is no display, or too many of them");
        match.displays << QString::fromStdString(id.get<std::string>());
    }
    const QString begun = QString::fromStdString(root.string("begun_at"));
    if (!begun.isEmpty()) {
        match.begunAt = QDateTime::fromString(begun, Qt::ISODate);
        if (!match.begunAt.isValid())
            root.fail("begun_at", "is no time");
    }
    match.aim = aimFromJson(root.raw("aim"), source + ", key \"aim\"");
    root.finish();
    return match;
}

void writeMatch(const QString &path, const Match &match)
{
    Json json = {{"format", kFormat},
                 {"version", 1},
                 {"displays", Json::array()},
                 {"begun_at", match.begunAt.toString(Qt::ISODate).toStdString()},
                 {"aim", aimToJson(match.aim)}};
    for (const QString &id : match.displays)
        json["displays"].push_back(id.toStdString());
    makeFolder(QFileInfo(path).absolutePath());
    writeFile(path, QByteArray::fromStdString(json.dump(2) + "\n"));
}

} // namespace lantern::run
