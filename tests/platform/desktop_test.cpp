#include "platform/desktop.h"
#include "private_bus.h"
#include "runner.h"

#include <QDBusMessage>
#include <QDBusVariant>

#include <memory>
#include <mutex>

namespace lantern::test {

namespace {

/// A desktop on a bus of its own: answers what it is told to, remembers what it was asked.
class PretendedDesktop : public QDBusVirtualObject {
public:
    std::map<QString, QVariant> properties;
    QStringList inhibitions;
    std::mutex mutex;

    [[nodiscard]] QString introspect(const QString &) const override { return {}; }
    bool handleMessage(const QDBusMessage &message, const QDBusConnection &connection) override
    {
        const std::lock_guard lock(mutex);
        const auto arguments = message.arguments();
        if (message.member() == QLatin1String("Get")) {
            const auto it = properties.find(arguments.value(1).toString());
            if (it == properties.end())
                return false;
            return connection.send(
                message.createReply(QVariant::fromValue(QDBusVariant(it->second))));
        }
        if (message.member() == QLatin1String("Inhibit")) {
            inhibitions << arguments.value(1).toString();
            return connection.send(message.createReply(QVariant::fromValue(uint(77))));
        }
        if (message.member() == QLatin1String("UnInhibit")) {
            inhibitions << QStringLiteral("released %1").arg(arguments.value(0).toUInt());
            return connection.send(message.createReply());
        }
        return false;
    }
};

} // namespace

class DesktopTest : public QObject {
    Q_OBJECT
    std::unique_ptr<PrivateBus> m_bus;
    PretendedDesktop *m_pretended = nullptr;

    void say(const QString &property, const QVariant &value)
    {
        const std::lock_guard lock(m_pretended->mutex);
        m_pretended->properties[property] = value;
    }

private slots:
    void initTestCase()
    {
        m_pretended = new PretendedDesktop;
        m_bus = std::make_unique<PrivateBus>(m_pretended);
        m_bus->makeItThe("DBUS_SESSION_BUS_ADDRESS");
        m_bus->makeItThe("DBUS_SYSTEM_BUS_ADDRESS");
    }
    void cleanupTestCase() { m_bus.reset(); }

    void whatNobodyTellsStaysOpen()
    {
        const platform::Desktop desktop;
        QVERIFY(!desktop.nightLight().has_value());
        QVERIFY(!desktop.onBattery().has_value());
        QVERIFY(!desktop.hasLightSensor().has_value());
        platform::Desktop quiet;
        QVERIFY(!quiet.inhibit(QStringLiteral("measuring")));
        QVERIFY(!quiet.isInhibited());
    }

    void nightLightAndBatteryAreRead()
    {
        for (const char *service :
             {"org.gnome.SettingsDaemon.Color", "org.freedesktop.UPower", "net.hadess.SensorProxy"})
            m_bus->offer(QLatin1String(service));
        say(QStringLiteral("NightLightActive"), true);
        say(QStringLiteral("OnBattery"), false);
        say(QStringLiteral("HasAmbientLight"), true);
        const platform::Desktop desktop;
        QCOMPARE(desktop.nightLight(), std::optional(true));
        QCOMPARE(desktop.onBattery(), std::optional(false));
        QCOMPARE(desktop.hasLightSensor(), std::optional(true));
        say(QStringLiteral("NightLightActive"), false);
        QCOMPARE(desktop.nightLight(), std::optional(false));
    }

    void theScreenSaverIsHeldOffAndLetGo()
    {
        m_bus->offer(QStringLiteral("org.freedesktop.ScreenSaver"));
        {
            platform::Desktop desktop;
            QVERIFY(desktop.inhibit(QStringLiteral("A display is being measured")));
            QVERIFY(desktop.isInhibited());
            QVERIFY(desktop.inhibit(QStringLiteral("again"))); // once is enough
        } // whoever forgets to let go lets go at the end
        QVERIFY(waitUntil([this] {
            const std::lock_guard lock(m_pretended->mutex);
            return m_pretended->inhibitions.size() == 2;
        }));
        QCOMPARE(m_pretended->inhibitions,
                 (QStringList{QStringLiteral("A display is being measured"),
                              QStringLiteral("released 77")}));
    }
};

static const Register<DesktopTest> registered("DesktopTest");

} // namespace lantern::test

#include "desktop_test.moc"
