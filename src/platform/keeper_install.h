#pragma once

#include <QString>
#include <QStringList>

namespace lantern::platform {

/// Starts the Keeper at every login: an autostart entry for every desktop (Desktop Application
/// Autostart Specification) and a systemd user unit, which starts it again should it fail. Where
/// both are honoured, the second one finds the first running and ends.
class KeeperInstall {
public:
    /// The files that install() writes, whether or not they are there.
    static QStringList files();
    static bool isInstalled();
    /// Writes the files and starts it now. \param program its path \throws Error Device
    static void install(const QString &program);
    /// Removes the files and ends it. \throws Error Device
    static void remove();
    static bool isRunning();

    /// Held by the one that runs for this display server.
    static QString lockPath();
    /// The Keeper beside this program, else the one that is found; empty: there is none.
    static QString program();
};

} // namespace lantern::platform
