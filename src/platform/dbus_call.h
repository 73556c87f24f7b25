#pragma once

#include <QDBusConnection>
#include <QDBusMessage>
#include <QString>

namespace lantern::platform {

/// Asks over D-Bus and waits for the answer, or for an error: not for longer than so long, also
/// where the bus itself ends in mid-call (the toolkit's own blocking call, Qt 6.4, then waits for
/// ever).
QDBusMessage ask(const QDBusConnection &bus, const QDBusMessage &message, int patienceMs);

/// Whether somebody answers to a service's name. Services are not started.
bool isServed(const QDBusConnection &bus, const QString &service);

} // namespace lantern::platform
