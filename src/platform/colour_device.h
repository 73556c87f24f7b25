#pragma once

#include "platform/output.h"

#include <QDBusConnection>
#include <QDBusObjectPath>
#include <QString>

#include <optional>

namespace lantern::platform {

/// A display as the desktop's colour service (org.freedesktop.ColorManager) has it. Where no
/// service answers nothing is done, and that is told; nothing here throws. Services are not
/// started.
class ColourDevice {
public:
    explicit ColourDevice(const Output &output,
                          const QDBusConnection &bus = QDBusConnection::systemBus());

    /// Somebody answers to the service's name.
    [[nodiscard]] bool isServed() const;
    /// Makes the profile in a file the display's default, introducing display and profile where the
    /// service does not know them yet. \returns why it is not; empty: it is, read back
    QString setDefault(const QString &profilePath);
    /// File of the display's default profile; nothing: none, not served, or not known there.
    [[nodiscard]] std::optional<QString> defaultProfile() const;
    /// Takes all profiles away from the display.
    void withdraw();
    /// Copies the profile of that file to where all users of the machine find it, if the service's
    /// own authorisation allows it. \returns why not; empty: done
    QString installForAll(const QString &profilePath);
    /// Until release(), or the end of this program, nobody applies a profile on this display: it is
    /// being measured. True where the service agreed.
    bool inhibit();
    void release();

private:
    [[nodiscard]] std::optional<QDBusObjectPath> find() const;
    std::optional<QDBusObjectPath> findOrMake(QString *problem);
    std::optional<QDBusObjectPath> profileOf(const QString &path, QString *problem);

    QDBusConnection m_bus;
    QString m_id, m_model, m_vendor, m_serial, m_output, m_md5;
    bool m_inhibits = false;
};

/// The command that does what installForAll() does, for whoever may.
QString commandToInstallForAll(const QString &profilePath);

} // namespace lantern::platform
