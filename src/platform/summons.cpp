#include "platform/summons.h"

#include "platform/dbus_call.h"

#include <QDBusConnection>
#include <QDBusMessage>

namespace lantern::platform {

namespace {

const QString kService = QStringLiteral("org.boldlantern.Window");
const QString kPath = QStringLiteral("/org/boldlantern/Window");
constexpr int kPatienceMs = 2000;

} // namespace

bool Summons::call(const QString &display, const QString &page, const QStringList &files)
{
    QDBusMessage call =
        QDBusMessage::createMethodCall(kService, kPath, kService, QStringLiteral("Show"));
    call.setAutoStartService(false);
    call << display << page << files;
    const QDBusConnection bus = QDBusConnection::sessionBus();
    return bus.isConnected() && ask(bus, call, kPatienceMs).type() == QDBusMessage::ReplyMessage;
}

void Summons::answer()
{
    QDBusConnection bus = QDBusConnection::sessionBus();
    bus.registerObject(kPath, this, QDBusConnection::ExportScriptableSlots);
    bus.registerService(kService);
}

void Summons::Show(const QString &display, const QString &page, const QStringList &files)
{
    emit wanted(display, page, files);
}

} // namespace lantern::platform
