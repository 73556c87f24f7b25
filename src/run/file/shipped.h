#pragma once

#include <QCoreApplication>
#include <QDir>
#include <QFileInfo>
#include <QString>

namespace lantern::run {

/// A file or folder that ships with the program, such as "translations/bold-lantern_de.qm": beside
/// the installed program in ../share/bold-lantern, in a build tree in a folder share above it.
/// \returns the path; empty: it is not there
inline QString shipped(const QString &name)
{
    QDir folder(QCoreApplication::applicationDirPath());
    do {
        for (const char *share : {"share/bold-lantern/", "share/"}) {
            const QString path = folder.filePath(QLatin1String(share) + name);
            if (QFileInfo::exists(path))
                return path;
        }
    } while (folder.dirName() != QLatin1String("build") && folder.cdUp() && !folder.isRoot());
    return {};
}

} // namespace lantern::run
