#include "core/base/error.h"
#include "platform/backlight.h"
#include "private_bus.h"
#include "runner.h"

#include <QDBusError>
#include <QDBusMessage>
#include <QDir>
#include <QFile>
#include <QTemporaryDir>

#include <atomic>

namespace lantern::test {

namespace {

const QString kLogin = QStringLiteral("org.freedesktop.login1");

void write(const QString &path, const QByteArray &text)
{
    QFile file(path);
    QVERIFY(file.open(QIODevice::WriteOnly));
    file.write(text);
}

/// The part of logind that turns backlights: does so in a folder, or refuses.
class PretendedLogin : public QDBusVirtualObject {
public:
    QString folder;
    std::atomic<bool> refuses = false;
    std::atomic<int> calls = 0;

    [[nodiscard]] QString introspect(const QString &) const override { return {}; }
    bool handleMessage(const QDBusMessage &message, const QDBusConnection &connection) override
    {
        const auto a = message.arguments();
        if (message.path() != QLatin1String("/org/freedesktop/login1/session/auto") ||
            message.interface() != QLatin1String("org.freedesktop.login1.Session") ||
            message.member() != QLatin1String("SetBrightness") ||
            message.signature() != QLatin1String("ssu") ||
            a[0].toString() != QLatin1String("backlight"))
            return false;
        ++calls;
        if (refuses)
            return connection.send(message.createErrorReply(
                QDBusError::AccessDenied, QStringLiteral("Not the session of this seat")));
        write(folder + QLatin1Char('/') + a[1].toString() + QStringLiteral("/brightness"),
              QByteArray::number(a[2].toUInt()));
        return connection.send(message.createReply());
    }
};

} // namespace

/// The light behind a laptop's panel: a made-up kernel's folder, and logind on a bus of its own.
class BacklightTest : public QObject {
    Q_OBJECT
    std::unique_ptr<QTemporaryDir> m_folder;
    std::unique_ptr<PrivateBus> m_bus;
    PretendedLogin *m_login = nullptr;

    [[nodiscard]] QString folder() const
    {
        return m_folder->filePath(QStringLiteral("class/backlight"));
    }
    /// \param device the link's target: "card0-eDP-1" for a graphics driver's
    void add(const QString &name, const QByteArray &type, int top, int level, const QString &device)
    {
        const QString here = folder() + QLatin1Char('/') + name;
        const QString target = m_folder->filePath(QStringLiteral("devices/") + device);
        QVERIFY(QDir().mkpath(here) && QDir().mkpath(target));
        write(here + QStringLiteral("/max_brightness"), QByteArray::number(top) + '\n');
        write(here + QStringLiteral("/brightness"), QByteArray::number(level) + '\n');
        write(here + QStringLiteral("/type"), type + '\n');
        QVERIFY(QFile::link(target, here + QStringLiteral("/device")));
    }
    [[nodiscard]] int level(const QString &name) const
    {
        QFile file(folder() + QLatin1Char('/') + name + QStringLiteral("/brightness"));
        return file.open(QIODevice::ReadOnly) ? file.readAll().trimmed().toInt() : -1;
    }
    [[nodiscard]] std::unique_ptr<platform::Backlight> find(const char *connector)
    {
        m_reason.clear();
        return platform::Backlight::find(QLatin1String(connector), &m_reason, folder());
    }
    QString m_reason;

private slots:
    void initTestCase()
    {
        m_login = new PretendedLogin;
        m_bus = std::make_unique<PrivateBus>(m_login);
        m_bus->makeItThe("DBUS_SYSTEM_BUS_ADDRESS");
    }
    void cleanupTestCase() { m_bus.reset(); }
    void init()
    {
        m_folder = std::make_unique<QTemporaryDir>();
        QVERIFY(QDir().mkpath(folder()));
        m_login->refuses = false;
        m_login->calls = 0;
        m_login->folder = folder();
        m_bus->offer(kLogin);
    }

    void itIsTurnedThroughLogin()
    {
        add(QStringLiteral("intern_backlight"), "raw", 19200, 9600, QStringLiteral("card0-eDP-1"));
        const auto light = find("eDP-1");
        QVERIFY(light);
        QVERIFY(light->capabilities().brightness && !light->capabilities().gains);
        QCOMPARE(light->capabilities().brightnessStep, 0.1);
        QCOMPARE(light->read()->brightness, 50.0);
        light->write({.brightness = 41.3});
        QCOMPARE(level(QStringLiteral("intern_backlight")), 7930); // 41.3 % of 19200 is 7929.6
        QCOMPARE(m_login->calls, 1);
        QCOMPARE(light->read()->brightness, 41.3);
        light->write({.brightness = 41.3}); // it stands there
        QCOMPARE(m_login->calls, 1);
        light->write({.brightness = 0}); // never all dark
        QCOMPARE(level(QStringLiteral("intern_backlight")), 1);
    }

    /// What was written is what is read, for each of few levels.
    void everyLevelComesBack()
    {
        add(QStringLiteral("few"), "firmware", 15, 15, QStringLiteral("panel"));
        const auto light = find("eDP-1");
        QVERIFY(light);
        const double step = light->capabilities().brightnessStep;
        QCOMPARE(step, 100.0 / 15);
        for (int i = 1; i <= 15; ++i) {
            light->write({.brightness = i * step});
            QCOMPARE(level(QStringLiteral("few")), i);
            QCOMPARE(light->read()->brightness, std::min(100.0, i * step));
        }
    }

    /// The kernel's documentation: firmware before platform before raw.
    void ofSeveralTheRightOneIsTaken_data()
    {
        QTest::addColumn<QString>("connector");
        QTest::addColumn<QStringList>("types"); // name=type=device
        QTest::addColumn<QString>("taken");
        const QString raw = QStringLiteral("raw=raw=card0-eDP-1");
        QTest::newRow("firmware's first")
            << "eDP-1" << QStringList{raw, QStringLiteral("acpi=firmware=pci")} << "acpi";
        QTest::newRow("platform's before the driver's")
            << "eDP-1" << QStringList{raw, QStringLiteral("plat=platform=wmi")} << "plat";
        QTest::newRow("of two panels the one asked for")
            << "eDP-2" << QStringList{raw, QStringLiteral("second=raw=card1-eDP-2")} << "second";
        QTest::newRow("the display server leaves the hyphen out")
            << "eDP1" << QStringList{raw, QStringLiteral("second=raw=card1-LVDS-1")} << "raw";
        QTest::newRow("and the number") << "eDP" << QStringList{raw} << "raw";
        QTest::newRow("another panel's only") << "LVDS-1" << QStringList{raw} << QString();
        QTest::newRow("none") << "eDP-1" << QStringList{} << QString();
    }
    void ofSeveralTheRightOneIsTaken()
    {
        QFETCH(QString, connector);
        QFETCH(QStringList, types);
        QFETCH(QString, taken);
        for (const QString &t : types) {
            const QStringList parts = t.split(QLatin1Char('='));
            add(parts[0], parts[1].toLatin1(), 100, 50, parts[2]);
        }
        const auto light = find(connector.toLatin1().constData());
        QCOMPARE(light != nullptr, !taken.isEmpty());
        QCOMPARE(m_reason.isEmpty(), light != nullptr);
        if (!light)
            return;
        light->write({.brightness = 77});
        QCOMPARE(level(taken), 77);
    }

    void withoutLoginTheKernelsFileIsWritten()
    {
        m_bus->withdraw(kLogin);
        add(QStringLiteral("panel"), "firmware", 200, 100, QStringLiteral("panel"));
        find("eDP-1")->write({.brightness = 25});
        QCOMPARE(level(QStringLiteral("panel")), 50);
    }

    void whoMayNotTurnItIsTold()
    {
        m_login->refuses = true;
        add(QStringLiteral("panel"), "firmware", 200, 100, QStringLiteral("panel"));
        const auto light = find("eDP-1");
        const QString file = folder() + QStringLiteral("/panel/brightness");
        QVERIFY(QFile::remove(file) && QDir().mkpath(file)); // which nobody can write
        VERIFY_ERROR(light->write({.brightness = 25}), "Not the session of this seat");
        QVERIFY(!light->read());
    }

    void garbledFilesAreNoBacklight()
    {
        add(QStringLiteral("broken"), "raw", 0, 0, QStringLiteral("card0-eDP-1"));
        QVERIFY(!find("eDP-1"));
        write(folder() + QStringLiteral("/broken/max_brightness"), "many\n");
        QVERIFY(!find("eDP-1"));
        QVERIFY(!platform::Backlight::find(QStringLiteral("eDP-1"), &m_reason,
                                           m_folder->filePath(QStringLiteral("nowhere"))));
    }
};

static const Register<BacklightTest> registered("BacklightTest");

} // namespace lantern::test

#include "backlight_test.moc"
