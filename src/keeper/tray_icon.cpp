#include "keeper/tray_icon.h"

#include "platform/dbus_call.h"

#include <QCoreApplication>
#include <QDBusArgument>
#include <QDBusMessage>
#include <QDBusMetaType>
#include <QDBusObjectPath>
#include <QDBusVariant>
#include <QTimer>

namespace lantern::keeper {

namespace {

const QString kHost = QStringLiteral("org.kde.StatusNotifierWatcher");
const QString kHostPath = QStringLiteral("/StatusNotifierWatcher");
const QString kItemPath = QStringLiteral("/StatusNotifierItem");
const QString kMenuPath = QStringLiteral("/StatusNotifierMenu");
const QString kItem = QStringLiteral("org.kde.StatusNotifierItem");
const QString kMenu = QStringLiteral("com.canonical.dbusmenu");
const QString kProperties = QStringLiteral("org.freedesktop.DBus.Properties");

/// (sa(iiay)ss): an icon's name, its pixels (none: the theme has it), title and text.
struct ToolTip {
    QString icon, title, text;
};

/// (ia{sv}av): an entry of a menu with those below it.
struct Entry {
    int id = 0;
    QVariantMap properties;
    QVariantList below; ///< entries
};

/// (ia{sv})
struct EntryProperties {
    int id = 0;
    QVariantMap properties;
};

struct Pixels {
    int width = 0, height = 0;
    QByteArray argb;
};

QDBusArgument &operator<<(QDBusArgument &to, const Pixels &p)
{
    to.beginStructure();
    to << p.width << p.height << p.argb;
    to.endStructure();
    return to;
}
const QDBusArgument &operator>>(const QDBusArgument &from, Pixels &)
{
    return from; // never read
}

QDBusArgument &operator<<(QDBusArgument &to, const ToolTip &t)
{
    to.beginStructure();
    to << t.icon << QList<Pixels>() << t.title << t.text;
    to.endStructure();
    return to;
}
const QDBusArgument &operator>>(const QDBusArgument &from, ToolTip &)
{
    return from; // never read
}

QDBusArgument &operator<<(QDBusArgument &to, const Entry &e)
{
    to.beginStructure();
    to << e.id << e.properties;
    to.beginArray(QMetaType::fromType<QDBusVariant>());
    for (const QVariant &below : e.below)
        to << QDBusVariant(below);
    to.endArray();
    to.endStructure();
    return to;
}
const QDBusArgument &operator>>(const QDBusArgument &from, Entry &)
{
    return from; // never read
}

QDBusArgument &operator<<(QDBusArgument &to, const EntryProperties &e)
{
    to.beginStructure();
    to << e.id << e.properties;
    to.endStructure();
    return to;
}
const QDBusArgument &operator>>(const QDBusArgument &from, EntryProperties &)
{
    return from; // never read
}

void registerTypes()
{
    qDBusRegisterMetaType<Pixels>();
    qDBusRegisterMetaType<QList<Pixels>>();
    qDBusRegisterMetaType<ToolTip>();
    qDBusRegisterMetaType<Entry>();
    qDBusRegisterMetaType<EntryProperties>();
    qDBusRegisterMetaType<QList<EntryProperties>>();
}

QVariantMap menuProperties()
{
    return {{QStringLiteral("Version"), 3U},
            {QStringLiteral("Status"), QStringLiteral("normal")},
            {QStringLiteral("TextDirection"), QStringLiteral("ltr")}};
}

} // namespace

TrayIcon::TrayIcon(Menu menu, std::function<void()> activated, const QDBusConnection &bus,
                   QObject *parent)
    : QDBusVirtualObject(parent),
      m_menu(std::move(menu)),
      m_activated(std::move(activated)),
      m_bus(bus)
{
    registerTypes();
    m_service =
        QStringLiteral("org.kde.StatusNotifierItem-%1-1").arg(QCoreApplication::applicationPid());
    if (!m_bus.isConnected() || !m_bus.registerService(m_service)) {
        m_service.clear();
        return;
    }
    m_bus.registerVirtualObject(kItemPath, this);
    m_bus.registerVirtualObject(kMenuPath, this);
    // The desktop's panel may start later, or anew.
    m_host.setConnection(m_bus);
    m_host.setWatchMode(QDBusServiceWatcher::WatchForRegistration);
    m_host.addWatchedService(kHost);
    connect(&m_host, &QDBusServiceWatcher::serviceRegistered, this, &TrayIcon::introduce);
    if (platform::isServed(m_bus, kHost))
        introduce();
}

TrayIcon::~TrayIcon()
{
    if (!m_service.isEmpty())
        m_bus.unregisterService(m_service);
}

void TrayIcon::introduce()
{
    QDBusMessage call = QDBusMessage::createMethodCall(
        kHost, kHostPath, kHost, QStringLiteral("RegisterStatusNotifierItem"));
    call << m_service;
    call.setAutoStartService(false);
    m_bus.call(call, QDBus::NoBlock);
}

void TrayIcon::say(bool needsAttention, const QString &text)
{
    if (m_needsAttention == needsAttention && m_text == text)
        return; // nobody is woken for nothing
    m_needsAttention = needsAttention;
    m_text = text;
    if (m_service.isEmpty())
        return;
    signal("NewToolTip");
    signal("NewStatus", {itemProperties()[QStringLiteral("Status")]});
}

void TrayIcon::signal(const char *name, const QVariantList &arguments)
{
    QDBusMessage message = QDBusMessage::createSignal(kItemPath, kItem, QLatin1String(name));
    message.setArguments(arguments);
    m_bus.send(message);
}

QVariantMap TrayIcon::itemProperties() const
{
    const QString icon = QStringLiteral("bold-lantern");
    return {{QStringLiteral("Category"), QStringLiteral("Hardware")},
            {QStringLiteral("Id"), icon},
            {QStringLiteral("Title"), QStringLiteral("Bold Lantern")},
            {QStringLiteral("Status"),
             m_needsAttention ? QStringLiteral("NeedsAttention") : QStringLiteral("Active")},
            {QStringLiteral("WindowId"), 0},
            {QStringLiteral("IconName"), icon},
            {QStringLiteral("AttentionIconName"), icon},
            {QStringLiteral("ItemIsMenu"), false},
            {QStringLiteral("Menu"), QVariant::fromValue(QDBusObjectPath(kMenuPath))},
            {QStringLiteral("ToolTip"),
             QVariant::fromValue(ToolTip{icon, QStringLiteral("Bold Lantern"), m_text})}};
}

QString TrayIcon::introspect(const QString &path) const
{
    if (path == kMenuPath)
        return QStringLiteral(R"xml(<interface name="com.canonical.dbusmenu">
<property name="Version" type="u" access="read"/><property name="Status" type="s" access="read"/>
<property name="TextDirection" type="s" access="read"/>
<method name="GetLayout"><arg type="i" direction="in"/><arg type="i" direction="in"/>
<arg type="as" direction="in"/><arg type="u" direction="out"/>
<arg type="(ia{sv}av)" direction="out"/></method>
<method name="GetGroupProperties"><arg type="ai" direction="in"/><arg type="as" direction="in"/>
<arg type="a(ia{sv})" direction="out"/></method>
<method name="Event"><arg type="i" direction="in"/><arg type="s" direction="in"/>
<arg type="v" direction="in"/><arg type="u" direction="in"/></method>
<method name="AboutToShow"><arg type="i" direction="in"/><arg type="b" direction="out"/></method>
</interface>)xml");
    return QStringLiteral(R"xml(<interface name="org.kde.StatusNotifierItem">
<property name="Category" type="s" access="read"/><property name="Id" type="s" access="read"/>
<property name="Title" type="s" access="read"/><property name="Status" type="s" access="read"/>
<property name="WindowId" type="i" access="read"/><property name="IconName" type="s" access="read"/>
<property name="AttentionIconName" type="s" access="read"/>
<property name="ItemIsMenu" type="b" access="read"/><property name="Menu" type="o" access="read"/>
<property name="ToolTip" type="(sa(iiay)ss)" access="read"/>
<method name="Activate"><arg type="i" direction="in"/><arg type="i" direction="in"/></method>
<method name="SecondaryActivate"><arg type="i" direction="in"/><arg type="i" direction="in"/></method>
<method name="ContextMenu"><arg type="i" direction="in"/><arg type="i" direction="in"/></method>
<method name="Scroll"><arg type="i" direction="in"/><arg type="s" direction="in"/></method>
<signal name="NewStatus"><arg type="s"/></signal><signal name="NewToolTip"/>
</interface>)xml");
}

bool TrayIcon::handleMessage(const QDBusMessage &message, const QDBusConnection &connection)
{
    const bool isMenu = message.path() == kMenuPath;
    if (message.interface() == kProperties) {
        const QVariantMap properties = isMenu ? menuProperties() : itemProperties();
        if (message.member() == QLatin1String("GetAll"))
            return connection.send(message.createReply(properties));
        const QString name = message.arguments().value(1).toString();
        if (message.member() != QLatin1String("Get") || !properties.contains(name))
            return false;
        return connection.send(
            message.createReply(QVariant::fromValue(QDBusVariant(properties[name]))));
    }
    if (isMenu)
        return answerMenu(message, connection);
    if (message.member() == QLatin1String("Activate")) {
        connection.send(message.createReply());
        m_activated();
        return true;
    }
    const bool isKnown = message.member() == QLatin1String("SecondaryActivate") ||
                         message.member() == QLatin1String("ContextMenu") ||
                         message.member() == QLatin1String("Scroll");
    return isKnown && connection.send(message.createReply());
}

bool TrayIcon::answerMenu(const QDBusMessage &message, const QDBusConnection &connection)
{
    const auto propertiesOf = [this](int id) -> QVariantMap {
        if (id == 0)
            return {{QStringLiteral("children-display"), QStringLiteral("submenu")}};
        return {{QStringLiteral("label"), m_menu[size_t(id - 1)].first}};
    };
    const int count = static_cast<int>(m_menu.size());
    if (message.member() == QLatin1String("GetLayout")) {
        Entry root{0, propertiesOf(0), {}};
        for (int id = 1; id <= count; ++id)
            root.below << QVariant::fromValue(Entry{id, propertiesOf(id), {}});
        return connection.send(message.createReply({1U, QVariant::fromValue(root)}));
    }
    if (message.member() == QLatin1String("GetGroupProperties")) {
        QList<EntryProperties> all;
        for (int id = 0; id <= count; ++id)
            all << EntryProperties{id, propertiesOf(id)};
        return connection.send(message.createReply(QVariant::fromValue(all)));
    }
    if (message.member() == QLatin1String("AboutToShow"))
        return connection.send(message.createReply(false));
    if (message.member() != QLatin1String("Event"))
        return false;
    connection.send(message.createReply());
    const int id = message.arguments().value(0).toInt();
    if (message.arguments().value(1).toString() == QLatin1String("clicked") && id >= 1 &&
        id <= count) // once the answer is on its way: the entry may end the program
        QTimer::singleShot(0, this, m_menu[size_t(id - 1)].second);
    return true;
}

} // namespace lantern::keeper
