#include "run/book/aim_shelf.h"

#include "core/base/error.h"
#include "run/file/files.h"

#include <nlohmann/json.hpp>

#include <QDir>
#include <QFile>
#include <QUrl>

#include <algorithm>

namespace lantern::run {

QString AimShelf::path(const QString &name) const
{
    return m_folder + QLatin1Char('/') + QString::fromLatin1(QUrl::toPercentEncoding(name)) +
           QStringLiteral(".json");
}

std::vector<Aim> AimShelf::aims(QStringList *broken) const
{
    std::vector<Aim> out;
    const QDir dir(m_folder);
    for (const QString &name : dir.entryList({QStringLiteral("*.json")}, QDir::Files, QDir::Name)) {
        const QString file = dir.filePath(name);
        try {
            const std::string source = file.toStdString();
            out.push_back(aimFromJson(parseJson(readFile(file).toStdString(), source), source));
        } catch (const Error &e) {
            if (broken)
                *broken << QString::fromUtf8(e.what());
        }
    }
    std::sort(out.begin(), out.end(), [](const Aim &a, const Aim &b) { return a.name < b.name; });
    return out;
}

void AimShelf::keep(const Aim &aim) const
{
    makeFolder(m_folder);
    writeFile(path(QString::fromStdString(aim.name)),
              QByteArray::fromStdString(aimToJson(aim).dump(2) + "\n"));
}

void AimShelf::remove(const QString &name) const
{
    QFile file(path(name));
    if (file.exists() && !file.remove())
        throw Error(ErrorKind::Device, file.fileName().toStdString(),
                    {"cannot be removed: %1", {file.errorString().toStdString()}});
}

} // namespace lantern::run
