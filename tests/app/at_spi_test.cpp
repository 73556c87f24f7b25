#include "runner.h"

#include <QDBusArgument>
#include <QDBusConnection>
#include <QDBusMessage>
#include <QDBusMetaType>
#include <QDBusVariant>
#include <QDir>
#include <QFile>
#include <QProcess>
#include <QRegularExpression>
#include <QTemporaryDir>

#include <functional>
#include <optional>
#include <utility>
#include <vector>

namespace lantern::test {

/// What AT-SPI calls an accessible: a name on its bus and a path there.
struct Accessible {
    QString bus;
    QDBusObjectPath path;
};

QDBusArgument &operator<<(QDBusArgument &to, const Accessible &a)
{
    to.beginStructure();
    to << a.bus << a.path;
    to.endStructure();
    return to;
}

const QDBusArgument &operator>>(const QDBusArgument &from, Accessible &a)
{
    from.beginStructure();
    from >> a.bus >> a.path;
    from.endStructure();
    return from;
}

} // namespace lantern::test

Q_DECLARE_METATYPE(lantern::test::Accessible)

namespace lantern::test {

/// The real program as a screen reader has it: started on its own and read and driven over the
/// accessibility bus alone (AT-SPI 2; interfaces as at-spi2-core 2.46 installs them).
class AtSpiTest : public QObject {
    Q_OBJECT

    static constexpr char kAccessible[] = "org.a11y.atspi.Accessible";
    /// Places in the state's bits: AtspiStateType.
    enum State { Enabled = 8, Focusable = 11, Showing = 25, Visible = 30 };

    QTemporaryDir m_folder;
    QProcess m_sessionBus, m_program;
    std::optional<QDBusConnection> m_session, m_bus;
    Accessible m_application;

    static QList<QVariant> call(const QDBusConnection &on, const Accessible &at,
                                const char *interface, const char *method,
                                const QList<QVariant> &arguments = {})
    {
        QDBusMessage m = QDBusMessage::createMethodCall(
            at.bus, at.path.path(), QLatin1String(interface), QLatin1String(method));
        m.setArguments(arguments);
        const QDBusMessage reply = on.call(m, QDBus::Block, 10'000);
        return reply.type() == QDBusMessage::ReplyMessage ? reply.arguments() : QList<QVariant>();
    }
    QList<QVariant> ask(const Accessible &at, const char *interface, const char *method,
                        const QList<QVariant> &arguments = {}) const
    {
        return call(*m_bus, at, interface, method, arguments);
    }
    QString property(const Accessible &at, const char *name) const
    {
        const auto out = ask(at, "org.freedesktop.DBus.Properties", "Get",
                             {QString::fromLatin1(kAccessible), QString::fromLatin1(name)});
        return out.isEmpty() ? QString() : out.front().value<QDBusVariant>().variant().toString();
    }
    QString name(const Accessible &at) const { return property(at, "Name"); }
    QString role(const Accessible &at) const
    {
        const auto out = ask(at, kAccessible, "GetRoleName");
        return out.isEmpty() ? QString() : out.front().toString();
    }
    bool is(const Accessible &at, State state) const
    {
        const auto out = ask(at, kAccessible, "GetState");
        if (out.isEmpty())
            return false;
        const auto bits = qdbus_cast<QList<uint>>(out.front());
        return bits.size() == 2 && (bits[state / 32] >> (state % 32) & 1) != 0;
    }
    std::vector<Accessible> children(const Accessible &of) const
    {
        const auto out = ask(of, kAccessible, "GetChildren");
        if (out.isEmpty())
            return {};
        const auto list = qdbus_cast<QList<Accessible>>(out.front());
        return {list.begin(), list.end()};
    }
    /// The first in reading order that will do, among what is shown; depth first.
    std::optional<Accessible> find(const Accessible &below,
                                   const std::function<bool(const Accessible &)> &wanted) const
    {
        for (const Accessible &child : children(below)) {
            if (!is(child, Visible))
                continue;
            if (wanted(child))
                return child;
            if (auto deeper = find(child, wanted))
                return deeper;
        }
        return std::nullopt;
    }
    std::optional<Accessible> find(const QString &wantedRole, const QString &wantedName) const
    {
        return find(m_application, [&](const Accessible &a) {
            return name(a) == wantedName && role(a) == wantedRole;
        });
    }
    /// Does the first thing that can be done with it: presses buttons, opens menus.
    bool act(const Accessible &at) const
    {
        const auto out = ask(at, "org.a11y.atspi.Action", "DoAction", {0});
        return !out.isEmpty() && out.front().toBool();
    }
    /// Of a menu, whether it is open or not.
    std::optional<Accessible> findItem(const Accessible &below, const QString &item) const
    {
        for (const Accessible &child : children(below)) {
            if (name(child) == item && role(child) == QLatin1String("menu item"))
                return child;
            if (auto deeper = findItem(child, item))
                return deeper;
        }
        return std::nullopt;
    }
    /// The button below the Ledger: what to do next.
    std::optional<Accessible> mainAction() const
    {
        bool isBelow = false;
        return find(m_application, [&](const Accessible &a) {
            const QString what = role(a);
            isBelow |= what == QLatin1String("table") && name(a) == QLatin1String("Ledger");
            return isBelow && what == QLatin1String("push button");
        });
    }
    /// What the Ledger's row says as a whole; empty: there is none.
    QString ledgerRow(const QString &begin) const
    {
        const auto row = find(m_application, [&](const Accessible &a) {
            return role(a).endsWith(QLatin1String("cell")) && name(a).startsWith(begin);
        });
        return row ? name(*row) : QString();
    }

private slots:
    void initTestCase()
    {
        qDBusRegisterMetaType<Accessible>();
        qDBusRegisterMetaType<QList<Accessible>>();
        QVERIFY(QDir(m_folder.path()).mkpath(QStringLiteral("config/bold-lantern")));
        QVERIFY(QFile::setPermissions(m_folder.path(), QFileDevice::ReadOwner |
                                                           QFileDevice::WriteOwner |
                                                           QFileDevice::ExeOwner));
        QFile settings(m_folder.filePath(QStringLiteral("config/bold-lantern/bold-lantern.conf")));
        QVERIFY(settings.open(QIODevice::WriteOnly));
        settings.write("[General]\nstarted=true\nlanguage=en\n");
        settings.close();
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        environment.insert(QStringLiteral("XDG_RUNTIME_DIR"), m_folder.path());
        environment.insert(QStringLiteral("XDG_CONFIG_HOME"),
                           m_folder.filePath(QStringLiteral("config")));
        environment.insert(QStringLiteral("XDG_DATA_HOME"),
                           m_folder.filePath(QStringLiteral("data")));
        environment.remove(QStringLiteral("AT_SPI_BUS_ADDRESS"));
        m_sessionBus.setProcessEnvironment(environment);
        m_sessionBus.start(QStringLiteral("dbus-daemon"),
                           {QStringLiteral("--session"), QStringLiteral("--print-address"),
                            QStringLiteral("--nofork")});
        QVERIFY(m_sessionBus.waitForStarted() && m_sessionBus.waitForReadyRead());
        const QString session = QString::fromUtf8(m_sessionBus.readLine()).trimmed();
        m_session = QDBusConnection::connectToBus(session, QStringLiteral("session"));
        const auto address =
            call(*m_session, {QStringLiteral("org.a11y.Bus"), QDBusObjectPath("/org/a11y/bus")},
                 "org.a11y.Bus", "GetAddress");
        QVERIFY2(!address.isEmpty(), "at-spi2-core is not installed");
        m_bus = QDBusConnection::connectToBus(address.front().toString(),
                                              QStringLiteral("accessibility"));
        QVERIFY(m_bus->isConnected());

        environment.insert(QStringLiteral("DBUS_SESSION_BUS_ADDRESS"), session);
        environment.insert(QStringLiteral("QT_LINUX_ACCESSIBILITY_ALWAYS_ON"), QStringLiteral("1"));
        environment.insert(QStringLiteral("QT_QPA_PLATFORM"), QStringLiteral("xcb"));
        m_program.setProcessEnvironment(environment);
        m_program.start(QStringLiteral(LANTERN_PROGRAM),
                        {QStringLiteral("--demo"), QStringLiteral("--logbook"),
                         m_folder.filePath(QStringLiteral("log.sqlite"))});
        QVERIFY(m_program.waitForStarted());
        const Accessible desktop{QStringLiteral("org.a11y.atspi.Registry"),
                                 QDBusObjectPath("/org/a11y/atspi/accessible/root")};
        QVERIFY(waitUntil([&] {
            const auto programs = children(desktop);
            if (!programs.empty())
                m_application = programs.front();
            return !programs.empty() &&
                   find(QStringLiteral("radio button"), QStringLiteral("North desk")).has_value();
        }));
        QCOMPARE(name(m_application), QStringLiteral("Bold Lantern"));
    }

    /// What can have the focus has a name, on the page that the program begins with; AccessTest
    /// goes through all of them.
    void everyControlHasAName()
    {
        int controls = 0;
        QStringList nameless;
        (void)find(m_application, [&](const Accessible &a) {
            if (is(a, Focusable) && is(a, Showing)) {
                ++controls;
                const QString what = role(a);
                // A pane that only scrolls is no control.
                if (what != QLatin1String("panel") && what != QLatin1String("filler") &&
                    name(a).isEmpty())
                    nameless << what + QLatin1Char(' ') + a.path.path();
            }
            return false;
        });
        QVERIFY2(nameless.isEmpty(), qPrintable(nameless.join(QLatin1Char('\n'))));
        QVERIFY2(controls > 10, qPrintable(QString::number(controls)));
    }

    /// From the checklist to the proof, and what came of it.
    void theWholeJobOverTheBus()
    {
        const auto fast = findItem(m_application, QStringLiteral("100 × real time"));
        QVERIFY(fast && act(*fast));
        const QString unread = ledgerRow(QStringLiteral("Colour accuracy"));
        QVERIFY2(unread.contains(QStringLiteral("now —")), qPrintable(unread));
        QString said, before;
        const QString end = QStringLiteral("Save the report");
        for (int press = 0; press < 20 && said != end; ++press) {
            QVERIFY2(waitUntil([&] {
                         const auto next = mainAction();
                         said = next ? name(*next) : QString();
                         return said == end || (next && is(*next, Enabled) && said != before);
                     }),
                     qPrintable(said));
            if (said != end)
                QVERIFY2(act(*mainAction()), qPrintable(said));
            before = said;
        }
        QCOMPARE(said, end);
        const QString colours = ledgerRow(QStringLiteral("Colour accuracy"));
        static const QRegularExpression measured(
            QStringLiteral("now \\d+\\.\\d\\d.*Within tolerance"));
        QVERIFY2(measured.match(colours).hasMatch(), qPrintable(colours));
        // What is drawn has its figures, too.
        const std::vector<std::pair<QString, QString>> pages = {
            {QStringLiteral("Colour accuracy"), QStringLiteral("ΔE00")},
            {QStringLiteral("White point"), QStringLiteral("from the aim in Δu'v'")},
            {QStringLiteral("Gamut"), QStringLiteral("sRGB")},
            {QStringLiteral("Evenness"), QStringLiteral("of the middle's light")}};
        for (const auto &page : pages) {
            const auto item = findItem(m_application, page.first);
            QVERIFY(item && act(*item));
            QVERIFY2(waitUntil([&] {
                         return find(m_application,
                                     [&](const Accessible &a) {
                                         return is(a, Showing) &&
                                                property(a, "Description").contains(page.second);
                                     })
                             .has_value();
                     }),
                     qPrintable(page.first));
        }
    }

    void cleanupTestCase()
    {
        m_program.terminate();
        if (!m_program.waitForFinished())
            m_program.kill();
        m_program.waitForFinished();
        QDBusConnection::disconnectFromBus(QStringLiteral("accessibility"));
        QDBusConnection::disconnectFromBus(QStringLiteral("session"));
        m_sessionBus.terminate();
        m_sessionBus.waitForFinished();
    }
};

static const Register<AtSpiTest> registered("AtSpiTest");

} // namespace lantern::test

#include "at_spi_test.moc"
