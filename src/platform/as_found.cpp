#include "platform/as_found.h"

#include "core/base/error.h"
#include "run/file/files.h"

#include <QFile>
#include <QUrl>

namespace lantern::platform {

QString AsFound::fileOf(const QString &output) const
{
    return m_folder + QLatin1Char('/') + QString::fromLatin1(QUrl::toPercentEncoding(output));
}

void AsFound::note(const QString &output, X11VideoLut *lut, X11ProfileStore &store)
{
    run::makeFolder(m_folder);
    if (!lockOf(output))
        throw Error(ErrorKind::Device, output.toStdString(),
                    "another program is measuring this display",
                    "Wait until it is done, or stop it there.");
    if (QFile::exists(fileOf(output)))
        return;
    const QByteArray profile = store.inUse();
    run::writeFile(fileOf(output), QByteArray::number(profile.size()) + '\n' + profile +
                                       (lut ? lut->save() : QByteArray()));
}

void AsFound::putBack(const QString &output, X11VideoLut *lut, X11ProfileStore &store)
{
    if (!QFile::exists(fileOf(output)) || !lockOf(output))
        return;
    const QByteArray kept = run::readFile(fileOf(output));
    const qsizetype line = kept.indexOf('\n');
    bool ok = false;
    const qsizetype size = kept.left(line).toLongLong(&ok);
    if (ok && line >= 0 && size >= 0 && kept.size() >= line + 1 + size) {
        store.declare(kept.mid(line + 1, size));
        if (lut)
            lut->restore(kept.mid(line + 1 + size));
    } // else a damaged file: nothing is known to put back
    forget(output);
}

void AsFound::forget(const QString &output)
{
    if (m_locks.count(output) == 0)
        return;
    QFile::remove(fileOf(output));
    m_locks.erase(output);
}

bool AsFound::isOthers(const QString &output)
{
    if (m_locks.count(output) != 0 || !QFile::exists(fileOf(output)))
        return false; // nothing was noted: nobody is at it
    if (!lockOf(output))
        return true;
    m_locks.erase(output); // it was only looked at
    return false;
}

QLockFile *AsFound::lockOf(const QString &output)
{
    if (const auto it = m_locks.find(output); it != m_locks.end())
        return it->second.get();
    auto lock = std::make_unique<QLockFile>(fileOf(output) + QStringLiteral(".lock"));
    lock->setStaleLockTime(0); // a run may take as long as it likes
    if (!lock->tryLock(0))
        return nullptr;
    return m_locks.emplace(output, std::move(lock)).first->second.get();
}

} // namespace lantern::platform
