#include "run/book/file_kind.h"

#include "core/base/error.h"
#include "core/base/json_object.h"
#include "run/file/files.h"

#include <QFile>

#include <map>

namespace lantern::run {

namespace {

constexpr qint64 kHead = 65536; ///< bytes; formats of text name their fields well before

FileKind kindOfJson(const QString &path)
{
    static const std::map<std::string, FileKind> kinds = {
        {"bold-lantern-aim", FileKind::Aim},
        {"bold-lantern-tolerance", FileKind::Tolerance},
        {"bold-lantern-report", FileKind::Report},
        {"bold-lantern-correction", FileKind::Correction},
        {"bold-lantern-certificate", FileKind::Certificate},
    };
    const Json json = parseJson(readFile(path).toStdString(), path.toStdString());
    const auto format = json.find("format"); // of the whole: reports hold an aim, too
    if (format == json.end() || !format->is_string())
        return FileKind::Unknown;
    const auto kind = kinds.find(format->get<std::string>());
    return kind == kinds.end() ? FileKind::Unknown : kind->second;
}

FileKind kindOfCgats(const QByteArray &head)
{
    const qsizetype begin = head.indexOf("BEGIN_DATA_FORMAT");
    const QByteArray fields = head.mid(begin, head.indexOf("END_DATA_FORMAT", begin) - begin);
    if (fields.contains("CMYK_C"))
        return FileKind::Characterisation;
    if (fields.contains("RGB_R") && fields.contains("XYZ_X"))
        return FileKind::Readings;
    return FileKind::Colours;
}

} // namespace

FileKind fileKind(const QString &path)
{
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly))
        throw Error(ErrorKind::BadInput, path.toStdString(), "cannot be read",
                    "Look whether it is there and may be read.");
    const QByteArray head = file.read(kHead);
    if (head.mid(36, 4) == "acsp")
        return head.mid(12, 4) == "mntr" ? FileKind::DisplayProfile : FileKind::OutputProfile;
    if (head.startsWith(QByteArray("SQLite format 3\0", 16)))
        return FileKind::Logbook;
    if (head.startsWith("\x89PNG") || head.startsWith("\xff\xd8\xff") ||
        head.startsWith(QByteArray("II*\0", 4)) || head.startsWith(QByteArray("MM\0*", 4)) ||
        (head.startsWith("RIFF") && head.mid(8, 4) == "WEBP"))
        return FileKind::Picture;
    if (head.contains("BEGIN_DATA_FORMAT"))
        return kindOfCgats(head);
    const QByteArray text = head.trimmed();
    if (text.startsWith('{'))
        return kindOfJson(path);
    if (text.startsWith("<?xml") && text.contains("CxF"))
        return FileKind::Colours;
    if (path.endsWith(QLatin1String(".csv"), Qt::CaseInsensitive))
        return FileKind::Colours;
    return FileKind::Unknown;
}

} // namespace lantern::run
