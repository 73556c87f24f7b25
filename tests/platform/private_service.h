#pragma once

#include "runner.h"

#include <QDBusConnection>
#include <QDBusConnectionInterface>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>

namespace lantern::test {

/// The real colour service on a bus of its own.
class PrivateService {
public:
    static constexpr char kName[] = "org.freedesktop.ColorManager";
    static QString daemon() { return QStringLiteral("/usr/libexec/colord"); }

    /// Why it cannot be had here; empty: it runs.
    QString start(const QStringList &arguments = {})
    {
        if (!QFile::exists(daemon()))
            return QStringLiteral("no colour service on this machine");
        QFile conf(m_folder.filePath(QStringLiteral("bus.conf")));
        if (!conf.open(QIODevice::WriteOnly))
            return QStringLiteral("no folder");
        conf.write(
            "<!DOCTYPE busconfig PUBLIC \"-//freedesktop//DTD D-Bus Bus Configuration 1.0//EN\" "
            "\"http://www.freedesktop.org/standards/dbus/1.0/busconfig.dtd\">\n"
            "<busconfig><type>custom</type><listen>unix:tmpdir=" +
            m_folder.path().toUtf8() +
            "</listen><policy context=\"default\"><allow send_destination=\"*\"/>"
            "<allow receive_sender=\"*\"/><allow own=\"*\"/></policy></busconfig>\n");
        conf.close();
        m_bus.start(QStringLiteral("dbus-daemon"),
                    {QStringLiteral("--nofork"), QStringLiteral("--print-address"),
                     QStringLiteral("--config-file=") + conf.fileName()});
        if (!m_bus.waitForReadyRead(5000))
            return QStringLiteral("no bus");
        m_address = QString::fromUtf8(m_bus.readLine()).trimmed();
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        environment.insert(QStringLiteral("DBUS_SYSTEM_BUS_ADDRESS"), m_address);
        m_daemon.setProcessEnvironment(environment);
        m_daemon.start(daemon(), arguments);
        const QDBusConnection bus = connect(QStringLiteral("colour-test"));
        const bool there = waitUntil([&] {
            return bus.interface()->isServiceRegistered(QLatin1String(kName)).value() ||
                   m_daemon.state() == QProcess::NotRunning;
        });
        return there && m_daemon.state() == QProcess::Running
                   ? QString()
                   : QStringLiteral("the colour service does not start here");
    }
    void end()
    {
        m_daemon.kill();
        m_daemon.waitForFinished(3000);
    }
    ~PrivateService()
    {
        QDBusConnection::disconnectFromBus(QStringLiteral("colour-test"));
        for (QProcess *p : {&m_daemon, &m_bus}) {
            p->terminate();
            if (!p->waitForFinished(3000))
                p->kill();
            p->waitForFinished(3000);
        }
    }
    [[nodiscard]] QDBusConnection connect(const QString &name) const
    {
        return QDBusConnection::connectToBus(m_address, name);
    }
    [[nodiscard]] static QDBusConnection bus()
    {
        return QDBusConnection(QStringLiteral("colour-test"));
    }
    [[nodiscard]] QString path(const QString &name) const { return m_folder.filePath(name); }

private:
    QTemporaryDir m_folder;
    QProcess m_bus, m_daemon;
    QString m_address;
};

} // namespace lantern::test
