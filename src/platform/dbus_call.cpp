#include "platform/dbus_call.h"

#include <QDBusPendingCall>
#include <QElapsedTimer>
#include <QThread>

namespace lantern::platform {

QDBusMessage ask(const QDBusConnection &bus, const QDBusMessage &message, int patienceMs)
{
    if (!bus.isConnected())
        return QDBusMessage::createError(QDBusError::Disconnected,
                                         QStringLiteral("There is no bus."));
    const QDBusPendingCall pending = bus.asyncCall(message, patienceMs);
    QElapsedTimer since;
    since.start();
    // The answer comes in a thread of the toolkit's, which offers no wait that ends.
    while (!pending.isFinished()) {
        if (since.elapsed() > patienceMs)
            return QDBusMessage::createError(
                QDBusError::NoReply, QStringLiteral("%1 does not answer.").arg(message.service()));
        QThread::msleep(1);
    }
    return pending.reply();
}

bool isServed(const QDBusConnection &bus, const QString &service)
{
    constexpr int kPatienceMs = 2000; // of the bus itself
    QDBusMessage call = QDBusMessage::createMethodCall(
        QStringLiteral("org.freedesktop.DBus"), QStringLiteral("/org/freedesktop/DBus"),
        QStringLiteral("org.freedesktop.DBus"), QStringLiteral("NameHasOwner"));
    call << service;
    return ask(bus, call, kPatienceMs).arguments().value(0).toBool();
}

} // namespace lantern::platform
