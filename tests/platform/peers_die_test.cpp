#include "core/base/error.h"
#include "platform/colour_device.h"
#include "platform/desktop.h"
#include "platform/notifier.h"
#include "platform/sensor_meter.h"
#include "platform/sensors.h"
#include "platform/summons.h"
#include "platform/wayland/shell_gamma.h"
#include "private_bus.h"
#include "runner.h"

#include <QElapsedTimer>
#include <QSignalSpy>
#include <QTemporaryFile>

#include <atomic>
#include <csignal>

namespace lantern::test {

namespace {

/// Everybody's stand-in: the first thing that is asked of it ends the whole bus, in mid-call.
class Dying : public QDBusVirtualObject {
public:
    std::atomic<qint64> bus = 0;
    std::atomic<int> asked = 0;

    [[nodiscard]] QString introspect(const QString &) const override { return {}; }
    bool handleMessage(const QDBusMessage &, const QDBusConnection &) override
    {
        if (++asked == 1)
            ::kill(static_cast<pid_t>(bus), SIGKILL);
        return true; // and no answer ever comes
    }
};

/// A bus of its own on which everybody's name is taken by the stand-in.
struct DyingBus {
    DyingBus() : standIn(new Dying), bus(standIn)
    {
        standIn->bus = bus.processId();
        for (const char *name :
             {"org.freedesktop.ColorManager", "org.gnome.Mutter.DisplayConfig",
              "org.freedesktop.Notifications", "org.freedesktop.ScreenSaver",
              "org.freedesktop.login1", "org.boldlantern.Window", "org.freedesktop.UPower"})
            bus.offer(QLatin1String(name));
    }
    [[nodiscard]] QDBusConnection connection() const
    {
        return QDBusConnection::connectToBus(bus.address(), QString::number(standIn->bus));
    }
    Dying *standIn;
    PrivateBus bus;
};

} // namespace

/// Whoever is asked over D-Bus may end in mid-call: that is told, soon, and nothing hangs or falls.
class PeersDieTest : public QObject {
    Q_OBJECT
private slots:
    void theColourService()
    {
        const DyingBus dying;
        platform::Output output;
        output.name = QStringLiteral("DP-1");
        platform::ColourDevice device(output, dying.connection());
        QVERIFY(device.isServed());
        QTemporaryFile profile;
        QVERIFY(profile.open());
        QElapsedTimer since;
        since.start();
        QVERIFY(!device.setDefault(profile.fileName()).isEmpty());
        QVERIFY(dying.standIn->asked > 0);
        QVERIFY(!device.inhibit() && !device.defaultProfile());
        QVERIFY(!device.installForAll(profile.fileName()).isEmpty());
        device.release();
        device.withdraw();
        QVERIFY(since.elapsed() < 5000); // no call waits for its patience
    }

    void theDesktopShell()
    {
        const DyingBus dying;
        QVERIFY(!platform::ShellGammaLut::find(QStringLiteral("DP-1"), dying.connection()));
        QVERIFY(dying.standIn->asked > 0);
    }

    void theMeterBehindTheService()
    {
        const DyingBus dying;
        const platform::Sensors sensors(dying.connection());
        QVERIFY(sensors.list().empty());
        platform::SensorMeter meter(QStringLiteral("reed"), dying.connection());
        QSignalSpy failed(&meter, &run::Meter::failed);
        meter.startGreeting(1);
        QVERIFY(waitUntil([&] { return !failed.isEmpty(); }));
        QVERIFY(dying.standIn->asked > 0);
        meter.startReading(2, {255, 255, 255});
        QVERIFY(waitUntil([&] { return failed.size() == 2; }));
    }

    /// Those that the session's own bus has: notifications, screen saver, a window that is open.
    void theSession()
    {
        const DyingBus dying;
        dying.bus.makeItThe("DBUS_SESSION_BUS_ADDRESS");
        dying.bus.makeItThe("DBUS_SYSTEM_BUS_ADDRESS");
        platform::Notifier notifier;
        QVERIFY(!notifier.show(QStringLiteral("a"), QStringLiteral("b"), QStringLiteral("c"), {},
                               [](const QString &) {}));
        QVERIFY(dying.standIn->asked > 0);
        notifier.withdraw(QStringLiteral("a"));
        platform::Desktop desktop;
        QVERIFY(!desktop.inhibit(QStringLiteral("a test")) && !desktop.isInhibited());
        QVERIFY(!desktop.nightLight() && !desktop.onBattery());
        QVERIFY(!platform::Summons::call({}, {}));
    }
};

static const Register<PeersDieTest> registered("PeersDieTest");

} // namespace lantern::test

#include "peers_die_test.moc"
