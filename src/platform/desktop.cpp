#include "platform/desktop.h"

#include "platform/dbus_call.h"

#include <QDBusConnection>
#include <QDBusInterface>
#include <QDBusReply>
#include <QDBusUnixFileDescriptor>

#include <unistd.h>

namespace lantern::platform {

namespace {

constexpr int kPatienceMs = 500;

/// A property of a D-Bus object; nothing when nobody answers. Does not start services.
QVariant busProperty(const QDBusConnection &bus, const char *service, const char *path,
                     const char *interface, const char *name)
{
    if (!bus.isConnected())
        return {};
    QDBusMessage call = QDBusMessage::createMethodCall(
        QLatin1String(service), QLatin1String(path),
        QStringLiteral("org.freedesktop.DBus.Properties"), QStringLiteral("Get"));
    call << QLatin1String(interface) << QLatin1String(name);
    call.setAutoStartService(false);
    const QDBusReply<QDBusVariant> reply = ask(bus, call, kPatienceMs);
    return reply.isValid() ? reply.value().variant() : QVariant();
}

std::optional<bool> flag(const QVariant &value)
{
    return value.isValid() ? std::optional(value.toBool()) : std::nullopt;
}

QDBusMessage screenSaverCall(const char *method)
{
    QDBusMessage call = QDBusMessage::createMethodCall(
        QStringLiteral("org.freedesktop.ScreenSaver"),
        QStringLiteral("/org/freedesktop/ScreenSaver"),
        QStringLiteral("org.freedesktop.ScreenSaver"), QLatin1String(method));
    call.setAutoStartService(false);
    return call;
}

} // namespace

Desktop::Desktop(QObject *parent) : QObject(parent) {}

Desktop::~Desktop()
{
    release();
}

std::optional<bool> Desktop::nightLight() const
{
    const QDBusConnection bus = QDBusConnection::sessionBus();
    // The interfaces of the two widespread desktops; each is there only under its own.
    const auto first =
        flag(busProperty(bus, "org.gnome.SettingsDaemon.Color", "/org/gnome/SettingsDaemon/Color",
                         "org.gnome.SettingsDaemon.Color", "NightLightActive"));
    if (first)
        return first;
    return flag(
        busProperty(bus, "org.kde.KWin", "/ColorCorrect", "org.kde.kwin.ColorCorrect", "running"));
}

std::optional<bool> Desktop::onBattery() const
{
    return flag(busProperty(QDBusConnection::systemBus(), "org.freedesktop.UPower",
                            "/org/freedesktop/UPower", "org.freedesktop.UPower", "OnBattery"));
}

std::optional<bool> Desktop::hasLightSensor() const
{
    return flag(busProperty(QDBusConnection::systemBus(), "net.hadess.SensorProxy",
                            "/net/hadess/SensorProxy", "net.hadess.SensorProxy",
                            "HasAmbientLight"));
}

bool Desktop::inhibit(const QString &reason)
{
    const QString program = QStringLiteral("Bold Lantern");
    if (!m_screenSaverCookie && QDBusConnection::sessionBus().isConnected()) {
        QDBusMessage call = screenSaverCall("Inhibit");
        call << program << reason;
        const QDBusReply<uint> reply = ask(QDBusConnection::sessionBus(), call, kPatienceMs);
        if (reply.isValid())
            m_screenSaverCookie = reply.value();
    }
    if (m_sleepLock < 0 && QDBusConnection::systemBus().isConnected()) {
        QDBusMessage call = QDBusMessage::createMethodCall(
            QStringLiteral("org.freedesktop.login1"), QStringLiteral("/org/freedesktop/login1"),
            QStringLiteral("org.freedesktop.login1.Manager"), QStringLiteral("Inhibit"));
        call << QStringLiteral("sleep:idle") << program << reason << QStringLiteral("block");
        call.setAutoStartService(false);
        const QDBusReply<QDBusUnixFileDescriptor> reply =
            ask(QDBusConnection::systemBus(), call, kPatienceMs);
        if (reply.isValid())
            m_sleepLock = dup(reply.value().fileDescriptor());
    }
    return isInhibited();
}

void Desktop::release()
{
    if (m_screenSaverCookie) {
        QDBusMessage call = screenSaverCall("UnInhibit");
        call << *m_screenSaverCookie;
        QDBusConnection::sessionBus().call(call, QDBus::NoBlock);
        m_screenSaverCookie.reset();
    }
    if (m_sleepLock >= 0) {
        close(m_sleepLock);
        m_sleepLock = -1;
    }
}

bool Desktop::isInhibited() const
{
    return m_screenSaverCookie.has_value() || m_sleepLock >= 0;
}

} // namespace lantern::platform
