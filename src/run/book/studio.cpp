#include "run/book/studio.h"

#include "core/base/error.h"
#include "core/base/json_object.h"
#include "run/file/files.h"

#include <nlohmann/json.hpp>

#include <QByteArray>
#include <QFileInfo>

namespace lantern::run {

namespace {

constexpr const char *kFormat = "bold-lantern-studio";

/// By its first bytes; empty: none of those that reports take.
std::string mediaTypeOf(const QByteArray &bytes)
{
    if (bytes.startsWith("\x89PNG\r\n\x1a\n"))
        return "image/png";
    if (bytes.startsWith("\xff\xd8\xff"))
        return "image/jpeg";
    if (bytes.left(1000).contains("<svg"))
        return "image/svg+xml";
    return {};
}

} // namespace

ReportStyle readReportStyle(const QString &path)
{
    if (!QFileInfo::exists(path))
        return {};
    const std::string source = path.toStdString();
    const Json json = parseJson(readFile(path).toStdString(), source);
    JsonObject root(json, source);
    root.expectFormat(kFormat, 1);
    ReportStyle style;
    style.letter = root.oneOf("page", {"a4", "letter"}) == "letter";
    Studio &s = style.studio;
    s.name = root.string("name");
    s.text = root.string("text");
    s.logoType = root.string("logo_type");
    s.logo = QByteArray::fromBase64(QByteArray::fromStdString(root.string("logo"))).toStdString();
    root.finish();
    return style;
}

void writeReportStyle(const QString &path, const ReportStyle &style)
{
    const Studio &s = style.studio;
    const Json json = {{"format", kFormat},
                       {"version", 1},
                       {"page", style.letter ? "letter" : "a4"},
                       {"name", s.name},
                       {"text", s.text},
                       {"logo_type", s.logoType},
                       {"logo", QByteArray::fromStdString(s.logo).toBase64().toStdString()}};
    makeFolder(QFileInfo(path).absolutePath());
    writeFile(path, QByteArray::fromStdString(json.dump(2) + "\n"));
}

void takeLogo(const QString &path, Studio &studio)
{
    const std::string place = path.toStdString();
    if (QFileInfo(path).size() > kMostLogo)
        throw Error(ErrorKind::BadInput, place, "is too large for a logo",
                    "Take one of two megabytes at most.");
    const QByteArray bytes = readFile(path);
    const std::string type = mediaTypeOf(bytes);
    if (type.empty())
        throw Error(ErrorKind::BadInput, place, "is no picture that reports take",
                    "Take a PNG, JPEG or SVG file.");
    studio.logo = bytes.toStdString();
    studio.logoType = type;
}

} // namespace lantern::run
