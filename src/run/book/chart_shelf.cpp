#include "run/book/chart_shelf.h"

#include "core/base/error.h"
#include "core/plan/chart_sources.h"
#include "run/file/files.h"

#include <QDir>
#include <QUrl>

namespace lantern::run {

namespace {

const QString kEnding = QStringLiteral(".cgats");

} // namespace

QString ChartShelf::path(const QString &name) const
{
    return m_folder + QLatin1Char('/') + QString::fromLatin1(QUrl::toPercentEncoding(name)) +
           kEnding;
}

QStringList ChartShelf::names() const
{
    QStringList out;
    for (const QString &file : QDir(m_folder).entryList({QLatin1Char('*') + kEnding}, QDir::Files))
        out << QUrl::fromPercentEncoding(file.chopped(kEnding.size()).toLatin1());
    out.sort(Qt::CaseInsensitive);
    return out;
}

std::vector<DeviceRgb> ChartShelf::read(const QString &name) const
{
    return chartFromList(readFile(path(name)).toStdString(), path(name).toStdString(), nullptr);
}

void ChartShelf::keep(const QString &name, const std::vector<DeviceRgb> &patches) const
{
    makeFolder(m_folder);
    writeFile(path(name), QByteArray::fromStdString(chartToCgats(patches, name.toStdString())));
}

void ChartShelf::remove(const QString &name) const
{
    QFile file(path(name));
    if (file.exists() && !file.remove())
        throw Error(ErrorKind::Device, file.fileName().toStdString(),
                    {"cannot be removed: %1", {file.errorString().toStdString()}});
}

} // namespace lantern::run
