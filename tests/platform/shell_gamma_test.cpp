#include "core/base/error.h"
#include "platform/wayland/shell_gamma.h"
#include "private_bus.h"
#include "runner.h"

#include <QDBusArgument>
#include <QDBusMessage>
#include <QDBusMetaType>

namespace lantern::test {

namespace {

const QString kService = QStringLiteral("org.gnome.Mutter.DisplayConfig");

struct ShellOutput {
    uint id = 0;
    qlonglong systemId = 0;
    int controller = -1;
    QList<uint> possible;
    QString name;
    QList<uint> modes, clones;
    QVariantMap facts;
};
struct ShellController {
    uint id = 0;
    qlonglong systemId = 0;
    int x = 0, y = 0, width = 0, height = 0, mode = 0;
    uint transform = 0;
    QList<uint> transforms;
    QVariantMap facts;
};

QDBusArgument &operator<<(QDBusArgument &a, const ShellOutput &o)
{
    a.beginStructure();
    a << o.id << o.systemId << o.controller << o.possible << o.name << o.modes << o.clones
      << o.facts;
    a.endStructure();
    return a;
}
const QDBusArgument &operator>>(const QDBusArgument &a, ShellOutput &)
{
    return a;
}
QDBusArgument &operator<<(QDBusArgument &a, const ShellController &c)
{
    a.beginStructure();
    a << c.id << c.systemId << c.x << c.y << c.width << c.height << c.mode << c.transform
      << c.transforms << c.facts;
    a.endStructure();
    return a;
}
const QDBusArgument &operator>>(const QDBusArgument &a, ShellController &)
{
    return a;
}

/// The desktop shell's interface for displays: eDP-1 on controller 7, HDMI-1 switched off.
class Shell : public QDBusVirtualObject {
public:
    uint serial = 3;
    bool refuses = false;
    QList<QList<ushort>> tables;

    [[nodiscard]] QString introspect(const QString &) const override { return {}; }
    bool handleMessage(const QDBusMessage &message, const QDBusConnection &bus) override
    {
        if (message.interface() != kService)
            return false;
        if (message.member() == QLatin1String("GetResources")) {
            const QList<ShellController> controllers = {{7, 1, 0, 0, 1920, 1080, 0, 0, {0}, {}}};
            const QList<ShellOutput> outputs = {
                {1, 1, -1, {7}, QStringLiteral("HDMI-1"), {}, {}, {}},
                {2, 2, 7, {7}, QStringLiteral("eDP-1"), {}, {}, {}}};
            return bus.send(message.createReply(
                {serial, QVariant::fromValue(controllers), QVariant::fromValue(outputs)}));
        }
        const bool isCurrent = message.arguments().value(0).toUInt() == serial &&
                               message.arguments().value(1).toUInt() == 7;
        if (!isCurrent || refuses)
            return bus.send(message.createErrorReply(QDBusError::AccessDenied,
                                                     QStringLiteral("the state has changed")));
        if (message.member() == QLatin1String("GetCrtcGamma"))
            return bus.send(
                message.createReply({QVariant::fromValue(tables[0]), QVariant::fromValue(tables[1]),
                                     QVariant::fromValue(tables[2])}));
        for (int c = 0; c < 3; ++c)
            tables[c] = qdbus_cast<QList<ushort>>(message.arguments().at(2 + c));
        ++serial; // whoever goes on with the old number is refused
        return bus.send(message.createReply());
    }
};

} // namespace

/// Tables through the desktop shell, with a stand-in for it.
class ShellGammaTest : public QObject {
    Q_OBJECT
    Shell *m_shell = nullptr;
    std::unique_ptr<PrivateBus> m_bus;

    [[nodiscard]] QDBusConnection bus() const
    {
        return QDBusConnection::connectToBus(m_bus->address(), QStringLiteral("shell-test"));
    }

private slots:
    void initTestCase()
    {
        qDBusRegisterMetaType<ShellOutput>();
        qDBusRegisterMetaType<QList<ShellOutput>>();
        qDBusRegisterMetaType<ShellController>();
        qDBusRegisterMetaType<QList<ShellController>>();
        qDBusRegisterMetaType<QList<ushort>>();
        m_shell = new Shell;
        QList<ushort> ramp;
        for (int i = 0; i < 512; ++i)
            ramp << static_cast<ushort>(i * 65535 / 511);
        m_shell->tables = {ramp, ramp, ramp};
        m_bus = std::make_unique<PrivateBus>(m_shell);
    }
    void cleanupTestCase()
    {
        m_bus.reset();
        QDBusConnection::disconnectFromBus(QStringLiteral("shell-test"));
    }

    void withoutAShellThereIsNone()
    {
        QVERIFY(!platform::ShellGammaLut::find(QStringLiteral("eDP-1"), bus()));
    }

    void tablesAreLoadedAndReadBack()
    {
        m_bus->offer(kService);
        QVERIFY(!platform::ShellGammaLut::find(QStringLiteral("HDMI-1"), bus())); // switched off
        QVERIFY(!platform::ShellGammaLut::find(QStringLiteral("DP-5"), bus()));
        std::unique_ptr<run::VideoLutDevice> lut =
            platform::ShellGammaLut::find(QStringLiteral("eDP-1"), bus());
        QVERIFY(lut);
        const QByteArray found = lut->save();
        VideoLut half = VideoLut::identity();
        for (uint16_t &v : half.channels[2])
            v /= 2;
        lut->load(half);
        QVERIFY(lut->holds(half));
        QVERIFY(!lut->holds(VideoLut::identity()));
        m_bus->there([&] {
            QCOMPARE(m_shell->tables[2].size(), 512);
            QCOMPARE(int(m_shell->tables[2].last()), 32767);
            QCOMPARE(int(m_shell->tables[0].last()), 65535);
        });
        lut->restore(found);
        QCOMPARE(lut->save(), found);
    }

    void aRefusalIsTold()
    {
        std::unique_ptr<run::VideoLutDevice> lut =
            platform::ShellGammaLut::find(QStringLiteral("eDP-1"), bus());
        QVERIFY(lut);
        m_bus->there([&] { m_shell->refuses = true; });
        QVERIFY_THROWS_EXCEPTION(Error, lut->load(VideoLut::identity()));
        QVERIFY_THROWS_EXCEPTION(Error, lut->read());
        m_bus->there([&] { m_shell->refuses = false; });
        m_bus->withdraw(kService);
        QVERIFY_THROWS_EXCEPTION(Error, lut->load(VideoLut::identity()));
    }
};

static const Register<ShellGammaTest> registered("ShellGammaTest");

} // namespace lantern::test

#include "shell_gamma_test.moc"
