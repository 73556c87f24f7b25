#include "platform/as_found.h"

#include "core/base/error.h"
#include "run/file/files.h"

#include <QFile>
#include <QStandardPaths>
#include <QUrl>

namespace lantern::platform {

QString AsFound::usualFolder()
{
    return QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) +
           QStringLiteral("/bold-lantern/as-found");
}

QString AsFound::fileOf(const QString &output) const
{
    return m_folder + QLatin1Char('/') + QString::fromLatin1(QUrl::toPercentEncoding(output));
}

struct AsFound::Kept {
    QByteArray profile, lut;
    std::optional<double> brightness;
};

void AsFound::note(const QString &output, run::VideoLutDevice *lut, ProfileHome &store,
                   run::ControlsDevice *light)
{
    run::makeFolder(m_folder);
    bool cannotBeMade = false;
    if (!lockOf(output, &cannotBeMade) && cannotBeMade)
        throw Error(ErrorKind::Device, m_folder.toStdString(),
                    "what the display has now cannot be noted there",
                    "Is the disk full, or the folder not yours to write?");
    if (m_locks.count(output) == 0)
        throw Error(ErrorKind::Device, output.toStdString(),
                    "another program is measuring this display",
                    "Wait until it is done, or stop it there.");
    if (QFile::exists(fileOf(output)))
        return;
    const QByteArray profile = store.inUse();
    QByteArray head = QByteArray::number(profile.size());
    if (const auto now = light ? light->read() : std::nullopt)
        head += ' ' + QByteArray::number(now->brightness);
    run::writeFile(fileOf(output), head + '\n' + profile + (lut ? lut->save() : QByteArray()));
}

/// Nothing where the file is missing or damaged: nothing is known to put back.
std::optional<AsFound::Kept> AsFound::kept(const QString &output) const
{
    if (!QFile::exists(fileOf(output)))
        return std::nullopt;
    const QByteArray all = run::readFile(fileOf(output));
    const qsizetype line = all.indexOf('\n');
    const QByteArrayList head = all.left(line).split(' ');
    bool ok = false;
    const qsizetype size = head.front().toLongLong(&ok);
    if (!ok || line < 0 || size < 0 || all.size() < line + 1 + size)
        return std::nullopt;
    Kept k{all.mid(line + 1, size), all.mid(line + 1 + size), {}};
    if (const double brightness = head.value(1).toDouble(&ok); ok)
        k.brightness = brightness;
    return k;
}

void AsFound::putBack(const QString &output, run::VideoLutDevice *lut, ProfileHome &store,
                      run::ControlsDevice *light)
{
    if (!QFile::exists(fileOf(output)) || !lockOf(output))
        return;
    if (const auto k = kept(output)) {
        store.declare(k->profile);
        if (lut)
            lut->restore(k->lut);
        putLightBack(output, light);
    }
    forget(output);
}

void AsFound::putLightBack(const QString &output, run::ControlsDevice *light)
{
    const auto k = kept(output);
    if (!light || !k || !k->brightness)
        return;
    MonitorControls controls;
    controls.brightness = *k->brightness;
    light->write(controls);
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

QLockFile *AsFound::lockOf(const QString &output, bool *cannotBeMade)
{
    if (const auto it = m_locks.find(output); it != m_locks.end())
        return it->second.get();
    auto lock = std::make_unique<QLockFile>(fileOf(output) + QStringLiteral(".lock"));
    lock->setStaleLockTime(0); // a run may take as long as it likes
    if (!lock->tryLock(0)) {
        if (cannotBeMade)
            *cannotBeMade = lock->error() != QLockFile::LockFailedError;
        return nullptr;
    }
    return m_locks.emplace(output, std::move(lock)).first->second.get();
}

} // namespace lantern::platform
