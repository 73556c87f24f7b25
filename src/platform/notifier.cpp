#include "platform/notifier.h"

#include "platform/dbus_call.h"

#include <QCoreApplication>
#include <QDBusConnection>
#include <QDBusMessage>
#include <QDBusReply>

namespace lantern::platform {

namespace {

const QString kService = QStringLiteral("org.freedesktop.Notifications");
const QString kPath = QStringLiteral("/org/freedesktop/Notifications");
constexpr int kPatienceMs = 3000; ///< it may have to be started

QDBusMessage callOf(const char *method)
{
    return QDBusMessage::createMethodCall(kService, kPath, kService, QLatin1String(method));
}

} // namespace

Notifier::Notifier(QObject *parent) : QObject(parent)
{
    QDBusConnection bus = QDBusConnection::sessionBus();
    bus.connect(kService, kPath, kService, QStringLiteral("ActionInvoked"), this,
                SLOT(onAction(uint, QString)));
    bus.connect(kService, kPath, kService, QStringLiteral("NotificationClosed"), this,
                SLOT(onClosed(uint, uint)));
}

bool Notifier::show(const QString &about, const QString &title, const QString &text,
                    const QList<Offer> &offers, std::function<void(const QString &)> chosen)
{
    const auto before = m_shown.find(about);
    QStringList actions;
    for (const Offer &o : offers)
        actions << o.key << o.label;
    QDBusMessage call = callOf("Notify");
    call << QStringLiteral("Bold Lantern") << (before == m_shown.end() ? 0U : before->second.id)
         << QStringLiteral("bold-lantern") << title << text.toHtmlEscaped() << actions
         << QVariantMap{{QStringLiteral("desktop-entry"), QStringLiteral("bold-lantern")}}
         << 0; // stays until it is dealt with
    const QDBusReply<uint> reply = ask(QDBusConnection::sessionBus(), call, kPatienceMs);
    if (!reply.isValid())
        return false;
    m_shown[about] = {reply.value(), std::move(chosen)};
    return true;
}

void Notifier::withdraw(const QString &about)
{
    const auto it = m_shown.find(about);
    if (it == m_shown.end())
        return;
    QDBusMessage call = callOf("CloseNotification");
    call << it->second.id;
    call.setAutoStartService(false);
    QDBusConnection::sessionBus().call(call, QDBus::NoBlock);
    m_shown.erase(it);
}

void Notifier::onAction(uint id, const QString &key)
{
    for (auto it = m_shown.begin(); it != m_shown.end(); ++it)
        if (it->second.id == id) {
            const auto chosen = std::move(it->second.chosen);
            m_shown.erase(it);
            chosen(key);
            return;
        }
}

void Notifier::onClosed(uint id, uint)
{
    std::erase_if(m_shown, [&](const auto &s) { return s.second.id == id; });
}

} // namespace lantern::platform
