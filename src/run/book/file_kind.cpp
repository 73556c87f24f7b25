#include "run/book/file_kind.h"

#include "core/base/error.h"
#include "core/base/json_object.h"

#include <nlohmann/json.hpp>

#include <QFile>

#include <map>

namespace lantern::run {

namespace {

constexpr qint64 kHead = 1 << 20; ///< bytes; by then any file has said what it is

/// Reads until the whole has told its format: reports hold an aim, too.
class FormatFinder : public nlohmann::json_sax<Json> {
public:
    std::string format; ///< empty: none
    bool hasFailed = false;

    bool start_object(std::size_t) override { return enter(); }
    bool start_array(std::size_t) override { return enter(); }
    bool end_object() override { return leave(); }
    bool end_array() override { return leave(); }
    bool key(string_t &name) override
    {
        m_isNext = m_depth == 1 && name == "format";
        return true;
    }
    bool string(string_t &value) override
    {
        if (m_isNext)
            format = value;
        return !m_isNext;
    }
    bool null() override { return other(); }
    bool boolean(bool) override { return other(); }
    bool number_integer(number_integer_t) override { return other(); }
    bool number_unsigned(number_unsigned_t) override { return other(); }
    bool number_float(number_float_t, const string_t &) override { return other(); }
    bool binary(binary_t &) override { return other(); }
    bool parse_error(std::size_t, const std::string &, const nlohmann::detail::exception &) override
    {
        hasFailed = true;
        return false;
    }

private:
    bool enter()
    {
        ++m_depth;
        return other();
    }
    bool leave()
    {
        --m_depth;
        return true;
    }
    bool other()
    {
        m_isNext = false;
        return true;
    }

    int m_depth = 0;
    bool m_isNext = false;
};

/// \param head of the file, or all of it
FileKind kindOfJson(const QByteArray &head, const QString &path)
{
    static const std::map<std::string, FileKind> kinds = {
        {"bold-lantern-aim", FileKind::Aim},
        {"bold-lantern-tolerance", FileKind::Tolerance},
        {"bold-lantern-report", FileKind::Report},
        {"bold-lantern-correction", FileKind::Correction},
        {"bold-lantern-certificate", FileKind::Certificate},
    };
    FormatFinder finder;
    Json::sax_parse(head.begin(), head.end(), &finder);
    if (finder.hasFailed && head.size() < kHead)
        (void)parseJson(head.toStdString(), path.toStdString()); // says where it is broken
    const auto kind = kinds.find(finder.format);
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
    const QByteArray text = head.trimmed();
    if (text.startsWith('{'))
        return kindOfJson(head, path);
    if (head.contains("BEGIN_DATA_FORMAT"))
        return kindOfCgats(head);
    if (text.startsWith("<?xml") && text.contains("CxF"))
        return FileKind::Colours;
    if (path.endsWith(QLatin1String(".csv"), Qt::CaseInsensitive))
        return FileKind::Colours;
    return FileKind::Unknown;
}

} // namespace lantern::run
