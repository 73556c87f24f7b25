#include "run/book/named_files.h"

#include "core/base/error.h"
#include "run/file/files.h"

#include <nlohmann/json.hpp>

#include <QDir>
#include <QFile>
#include <QUrl>

namespace lantern::run {

QString NamedFiles::path(const QString &name) const
{
    return m_folder + QLatin1Char('/') + QString::fromLatin1(QUrl::toPercentEncoding(name)) +
           QStringLiteral(".json");
}

void NamedFiles::read(const std::function<void(const Json &, const std::string &)> &take,
                      QStringList *broken) const
{
    const QDir dir(m_folder);
    for (const QString &name : dir.entryList({QStringLiteral("*.json")}, QDir::Files, QDir::Name)) {
        const QString file = dir.filePath(name);
        try {
            const std::string source = file.toStdString();
            take(parseJson(readFile(file).toStdString(), source), source);
        } catch (const Error &e) {
            if (broken)
                *broken << QString::fromUtf8(e.what());
        }
    }
}

void NamedFiles::keep(const std::string &name, const Json &value) const
{
    makeFolder(m_folder);
    writeFile(path(QString::fromStdString(name)), QByteArray::fromStdString(value.dump(2) + "\n"));
}

void NamedFiles::remove(const QString &name) const
{
    QFile file(path(name));
    if (file.exists() && !file.remove())
        throw Error(ErrorKind::Device, file.fileName().toStdString(),
                    {"cannot be removed: %1", {file.errorString().toStdString()}});
}

} // namespace lantern::run
