#include "run/file/files.h"

#include "core/base/error.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QSaveFile>
#include <QStorageInfo>

#include <algorithm>

#include <fcntl.h>
#include <unistd.h>

namespace lantern::run {

namespace {

constexpr qint64 kLargestFile = 64LL * 1024 * 1024;

[[noreturn]] void cannotWrite(const QString &path, const QString &reason, qint64 bytes)
{
    const QStorageInfo disk(QFileInfo(path).absolutePath());
    if (disk.isValid() && disk.bytesAvailable() < bytes)
        throw Error(ErrorKind::Device, path.toStdString(), "cannot be written: the disk is full",
                    "Make room on it, then try again.");
    throw Error(ErrorKind::Device, path.toStdString(),
                {"cannot be written: %1", {reason.toStdString()}},
                "Check the folder's permissions and the free space on the disk.");
}

/// The new name lasts over a power cut only when the folder is on the disk, too. Some file systems
/// cannot; the file itself is there all the same.
void syncFolder(const QString &path)
{
    const int folder =
        ::open(QFile::encodeName(path).constData(), O_RDONLY | O_DIRECTORY | O_CLOEXEC);
    if (folder < 0)
        return;
    ::fsync(folder);
    ::close(folder);
}

} // namespace

QByteArray readFile(const QString &path)
{
    QFile file(path);
    const std::string where = path.toStdString();
    if (!file.exists())
        throw Error(ErrorKind::BadInput, where, "there is no such file", "Check the path.");
    if (QFileInfo(path).isDir())
        throw Error(ErrorKind::BadInput, where, "is a folder; a file is expected");
    if (!file.open(QIODevice::ReadOnly))
        throw Error(ErrorKind::BadInput, where,
                    {"cannot be read: %1", {file.errorString().toStdString()}});
    if (file.size() > kLargestFile)
        throw Error(ErrorKind::BadInput, where, "is larger than 64 MB",
                    "No file that this program uses is that large.");
    // In parts: a pipe does not tell its size, and as much memory as is asked for is taken.
    constexpr qint64 kPart = 1 << 16;
    QByteArray content;
    while (content.size() <= kLargestFile) {
        const QByteArray part = file.read(std::max(kPart, file.size()));
        if (part.isEmpty())
            return content;
        content += part;
    }
    throw Error(ErrorKind::BadInput, where, "is larger than 64 MB");
    return content;
}

void writeFile(const QString &path, const QByteArray &content)
{
    // Without a buffer: what only a flush finds out (a full disk) is not told by commit(), which
    // then puts a shorter file in the old one's place.
    QSaveFile file(path);
    if (!file.open(QIODevice::WriteOnly | QIODevice::Unbuffered))
        cannotWrite(path, file.errorString(), content.size());
    if (file.write(content) != content.size() || !file.commit())
        cannotWrite(path, file.errorString(), content.size());
    syncFolder(QFileInfo(path).absolutePath());
}

void makeFolder(const QString &path)
{
    if (!QDir().mkpath(path))
        throw Error(ErrorKind::Device, path.toStdString(), "this folder cannot be made",
                    "Check the permissions of the folder above it.");
}

} // namespace lantern::run
