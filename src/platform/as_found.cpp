#include "platform/as_found.h"

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
    if (QFile::exists(fileOf(output)))
        return;
    run::makeFolder(m_folder);
    const QByteArray profile = store.inUse();
    run::writeFile(fileOf(output), QByteArray::number(profile.size()) + '\n' + profile +
                                       (lut ? lut->save() : QByteArray()));
}

void AsFound::putBack(const QString &output, X11VideoLut *lut, X11ProfileStore &store)
{
    if (!QFile::exists(fileOf(output)))
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
    QFile::remove(fileOf(output));
}

} // namespace lantern::platform
