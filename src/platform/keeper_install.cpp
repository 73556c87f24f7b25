#include "platform/keeper_install.h"

#include "core/base/error.h"
#include "run/file/files.h"

#include <QCoreApplication>
#include <QFile>
#include <QFileInfo>
#include <QLockFile>
#include <QProcess>
#include <QStandardPaths>

#include <csignal>
#include <cstring>

namespace lantern::platform {

namespace {

const QString kName = QStringLiteral("bold-lantern-keeper");

QString configFolder()
{
    return QStandardPaths::writableLocation(QStandardPaths::GenericConfigLocation);
}

QString autostartFile()
{
    return configFolder() + QStringLiteral("/autostart/") + kName + QStringLiteral(".desktop");
}

QString unitFile()
{
    return configFolder() + QStringLiteral("/systemd/user/") + kName + QStringLiteral(".service");
}

/// What enabling a unit makes.
QString wantsFile()
{
    return configFolder() + QStringLiteral("/systemd/user/graphical-session.target.wants/") +
           kName + QStringLiteral(".service");
}

/// In quotes, with what these files' formats give a meaning of its own made plain.
QByteArray quoted(const QString &program, const char *special)
{
    QByteArray out = "\"";
    for (const char c : program.toUtf8()) {
        if (std::strchr(special, c))
            out += '\\';
        out += c;
        if (c == '%') // a field code otherwise
            out += '%';
    }
    return out + '"';
}

} // namespace

QStringList KeeperInstall::files()
{
    return {autostartFile(), unitFile(), wantsFile()};
}

bool KeeperInstall::isInstalled()
{
    return QFile::exists(autostartFile());
}

void KeeperInstall::install(const QString &program)
{
    if (program.isEmpty())
        throw Error(ErrorKind::Device, kName.toStdString(), "it is not installed here",
                    "Install the whole program.");
    run::makeFolder(QFileInfo(unitFile()).path());
    run::writeFile(unitFile(), "[Unit]\n"
                               "Description=Keeps display profiles in force\n"
                               "PartOf=graphical-session.target\n"
                               "After=graphical-session.target\n\n"
                               "[Service]\n"
                               "ExecStart=" +
                                   quoted(program, "\"\\") +
                                   "\n"
                                   "Restart=on-failure\n\n"
                                   "[Install]\n"
                                   "WantedBy=graphical-session.target\n");
    run::makeFolder(QFileInfo(wantsFile()).path());
    QFile::remove(wantsFile());
    if (!QFile::link(unitFile(), wantsFile()))
        throw Error(ErrorKind::Device, wantsFile().toStdString(), "the link cannot be made",
                    "May this folder be written?");
    run::makeFolder(QFileInfo(autostartFile()).path());
    run::writeFile(autostartFile(), "[Desktop Entry]\n"
                                    "Type=Application\n"
                                    "Name=Bold Lantern Keeper\n"
                                    "Comment=Keeps display profiles in force\n"
                                    "Exec=" +
                                        quoted(program, "\"\\`$") +
                                        "\n"
                                        "NoDisplay=true\n");
    QProcess::startDetached(program, {});
}

void KeeperInstall::remove()
{
    for (const QString &file : files())
        if (QFileInfo info(file); (info.exists() || info.isSymLink()) && !QFile::remove(file))
            throw Error(ErrorKind::Device, file.toStdString(), "it cannot be removed",
                        "May this folder be written?");
    QLockFile lock(lockPath());
    qint64 pid = 0;
    QString host, name;
    if (isRunning() && lock.getLockInfo(&pid, &host, &name) && pid > 1)
        ::kill(static_cast<pid_t>(pid), SIGTERM);
}

bool KeeperInstall::isRunning()
{
    QLockFile lock(lockPath());
    lock.setStaleLockTime(0);
    if (!QFile::exists(lockPath()))
        return false;
    return !lock.tryLock(0);
}

QString KeeperInstall::lockPath()
{
    QString display = qEnvironmentVariable("DISPLAY");
    for (QChar &c : display)
        if (!c.isLetterOrNumber())
            c = QLatin1Char('_');
    return QStandardPaths::writableLocation(QStandardPaths::RuntimeLocation) + QLatin1Char('/') +
           kName + display + QStringLiteral(".lock");
}

QString KeeperInstall::program()
{
    // Beside this one when installed, one folder up when built.
    const QString here = QCoreApplication::applicationDirPath();
    for (const QString &path :
         {here + QLatin1Char('/') + kName, here + QStringLiteral("/../keeper/") + kName})
        if (QFileInfo(path).isExecutable())
            return QFileInfo(path).canonicalFilePath();
    return QStandardPaths::findExecutable(kName);
}

} // namespace lantern::platform
