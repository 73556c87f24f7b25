#include "keeper/keeper.h"
#include "platform/as_found.h"
#include "platform/display_id.h"
#include "platform/x11/x11_output.h"
#include "private_bus.h"
#include "run/book/lights.h"
#include "run/device/meters/meter_registry.h"
#include "runner.h"
#include "toy_profile.h"

#include <QDBusArgument>
#include <QDBusConnection>
#include <QDBusMessage>
#include <QDBusVariant>
#include <QFile>
#include <QProcess>
#include <QSignalSpy>
#include <QTemporaryDir>

#include <mutex>
#include <xcb/xcb.h>

namespace lantern::test {

namespace {

using platform::Standing;

/// Shows notifications to nobody, and does with them what it is told.
class PretendedNotifications : public QDBusVirtualObject {
public:
    struct Shown {
        uint id;
        QString title, text;
        QStringList actions;
    };

    [[nodiscard]] QString introspect(const QString &) const override { return {}; }
    bool handleMessage(const QDBusMessage &message, const QDBusConnection &connection) override
    {
        const std::lock_guard lock(m_mutex);
        const auto a = message.arguments();
        if (message.member() == QLatin1String("Notify") &&
            message.signature() == QLatin1String("susssasa{sv}i")) {
            const uint replaced = a[1].toUInt();
            const uint id = replaced != 0 ? replaced : ++m_last;
            std::erase_if(m_shown, [&](const Shown &s) { return s.id == id; });
            m_shown.push_back({id, a[3].toString(), a[4].toString(), a[5].toStringList()});
            ++m_count;
            return connection.send(message.createReply(QVariant::fromValue(id)));
        }
        if (message.member() == QLatin1String("RegisterStatusNotifierItem")) {
            m_icon = a[0].toString();
            return connection.send(message.createReply());
        }
        if (message.member() == QLatin1String("CloseNotification")) {
            std::erase_if(m_shown, [&](const Shown &s) { return s.id == a[0].toUInt(); });
            return connection.send(message.createReply());
        }
        return false;
    }
    std::vector<Shown> shown()
    {
        const std::lock_guard lock(m_mutex);
        return m_shown;
    }
    int count()
    {
        const std::lock_guard lock(m_mutex);
        return m_count;
    }
    /// Name on the bus of the status icon that introduced itself last; empty: none has.
    QString icon()
    {
        const std::lock_guard lock(m_mutex);
        return m_icon;
    }
    /// A person presses a button of one.
    void press(uint id, const QString &key, QDBusConnection bus)
    {
        for (const auto &[name, arguments] :
             {std::pair{"ActionInvoked", QVariantList{id, key}},
              std::pair{"NotificationClosed", QVariantList{id, uint(2)}}}) {
            QDBusMessage signal = QDBusMessage::createSignal(
                QStringLiteral("/org/freedesktop/Notifications"),
                QStringLiteral("org.freedesktop.Notifications"), QLatin1String(name));
            signal.setArguments(arguments);
            bus.send(signal);
        }
        const std::lock_guard lock(m_mutex);
        std::erase_if(m_shown, [&](const Shown &s) { return s.id == id; });
    }
    void forget()
    {
        const std::lock_guard lock(m_mutex);
        m_shown.clear();
        m_count = 0;
        m_icon.clear();
    }

private:
    std::mutex m_mutex;
    std::vector<Shown> m_shown;
    uint m_last = 0;
    int m_count = 0;
    QString m_icon;
};

/// A meter with a diffuser that says what it is told to.
class PretendedMeter : public run::Meter {
public:
    static inline std::optional<double> lux; ///< nothing: it is in use elsewhere
    static inline int readings = 0;
    [[nodiscard]] QString name() const override { return QStringLiteral("Reed"); }
    void cancel() override {}

protected:
    void read(const DeviceRgb &) override {}
    void greet() override { emit greeted(request()); }
    void room() override
    {
        ++readings;
        if (lux)
            emit roomRead(request(), {*lux, {0.3457, 0.3585}});
        else
            emit failed(request(), MeterFault::Unplugged, QStringLiteral("in use"));
    }
};

} // namespace

/// The Keeper's program on the tests' X server, with a session bus of its own.
class KeeperTest : public QObject {
    Q_OBJECT
    std::unique_ptr<xcb_connection_t, decltype(&xcb_disconnect)> m_client{nullptr, &xcb_disconnect};
    std::unique_ptr<QTemporaryDir> m_folder;
    std::unique_ptr<platform::X11VideoLut> m_lut;
    std::unique_ptr<platform::X11ProfileStore> m_store;
    platform::Output m_output;
    std::unique_ptr<PrivateBus> m_bus;
    QProcess m_keeper;
    PretendedNotifications *m_notifications = nullptr;
    QByteArray m_profile;
    VideoLut m_own = dimmedBlue(0.8);

    [[nodiscard]] Standing standing() const
    {
        Standing s;
        s.displayId = platform::displayId(m_output);
        s.displayName = QStringLiteral("North & Sons <27>");
        s.use(m_profile, QStringLiteral("North"), QStringLiteral("/icc/North.icc"));
        s.provedAt = QDateTime::currentDateTimeUtc().addDays(-3);
        return s;
    }
    [[nodiscard]] bool isInForce() const
    {
        return m_store->inUse() == m_profile && m_lut->holds(m_own);
    }
    void start()
    {
        m_keeper.start(QStringLiteral(LANTERN_KEEPER), {});
        QVERIFY(m_keeper.waitForStarted());
    }
    void end()
    {
        m_keeper.terminate();
        QVERIFY(m_keeper.waitForFinished());
        QCOMPARE(m_keeper.exitStatus(), QProcess::NormalExit);
        QCOMPARE(m_keeper.exitCode(), 0);
    }
    /// The one notification on show, when there is one of that title.
    std::optional<PretendedNotifications::Shown> shown(const char *title)
    {
        for (const auto &s : m_notifications->shown())
            if (s.title.contains(QLatin1String(title)))
                return s;
        return std::nullopt;
    }

private slots:
    void initTestCase()
    {
        if (qEnvironmentVariableIsEmpty("DISPLAY"))
            QSKIP("needs an X server");
        QVERIFY(waitUntil([&] { // a server without clients starts anew: one stays
            m_client.reset(xcb_connect(nullptr, nullptr));
            return !xcb_connection_has_error(m_client.get()) && !platform::x11Outputs().empty();
        }));
        m_notifications = new PretendedNotifications;
        m_bus = std::make_unique<PrivateBus>(m_notifications);
        m_bus->makeItThe("DBUS_SESSION_BUS_ADDRESS");
        m_bus->makeItThe("DBUS_SYSTEM_BUS_ADDRESS");
        m_bus->offer(QStringLiteral("org.freedesktop.Notifications"));
        m_output = platform::x11Outputs().front();
        m_lut = std::make_unique<platform::X11VideoLut>(m_output);
        m_profile = toyProfile(m_own, "North");
    }
    void init()
    {
        m_folder = std::make_unique<QTemporaryDir>();
        qputenv("XDG_DATA_HOME", m_folder->filePath(QStringLiteral("data")).toLocal8Bit());
        qputenv("XDG_CONFIG_HOME", m_folder->filePath(QStringLiteral("config")).toLocal8Bit());
        qputenv("XDG_RUNTIME_DIR", m_folder->path().toLocal8Bit());
        m_store = std::make_unique<platform::X11ProfileStore>(m_output);
        m_store->declare({});
        m_lut->load(VideoLut::identity());
        m_notifications->forget();
    }
    void cleanup()
    {
        if (m_keeper.state() != QProcess::NotRunning) {
            m_keeper.kill();
            m_keeper.waitForFinished();
        }
    }
    void cleanupTestCase()
    {
        if (m_store)
            m_store->declare({});
        if (m_lut)
            m_lut->load(VideoLut::identity());
        m_bus.reset();
    }

    void whatIsToBeInForceIsLoadedAtLogin()
    {
        platform::StandingShelf().keep(standing());
        start();
        QVERIFY(waitUntil([&] { return isInForce(); }));
        end();
        QVERIFY(isInForce()); // and stays
        QVERIFY(m_notifications->shown().empty());
    }

    void withoutAStandingNothingIsTouched()
    {
        m_lut->load(dimmedBlue(0.5));
        m_store->declare("somebody's");
        start();
        // It has looked when it has noted that the display is there.
        const QString memory =
            platform::StandingShelf::usualFolder() + QStringLiteral("/keeper.json");
        QVERIFY(waitUntil([&] { return QFile::exists(memory); }));
        end();
        QCOMPARE(m_store->inUse(), QByteArray("somebody's"));
        QVERIFY(m_lut->holds(dimmedBlue(0.5)));
    }

    void anotherProgramsProfileIsToldAndPutBack()
    {
        platform::StandingShelf().keep(standing());
        start();
        QVERIFY(waitUntil([&] { return isInForce(); }));
        m_lut->load(VideoLut::identity());
        m_store->declare(toyProfile(VideoLut::identity(), "Somebody's own"));
        // It may have seen the LUT alone first; what it says then is replaced.
        const QString whose = QStringLiteral("Somebody's own").toHtmlEscaped();
        QVERIFY(waitUntil([&] {
            const auto s = shown("no longer as calibrated");
            return s && s->text.contains(whose);
        }));
        const auto told = *shown("no longer as calibrated");
        QVERIFY(told.title.contains(QLatin1String("North & Sons <27>")));
        QCOMPARE(m_notifications->shown().size(), size_t(1));
        QCOMPARE(told.actions.first(), QStringLiteral("put-back"));
        m_notifications->press(told.id, QStringLiteral("put-back"), PrivateBus::standIn());
        QVERIFY(waitUntil([&] { return isInForce(); }));
        // Withdrawn: told too. What is wanted so is told once.
        m_store->declare({});
        QVERIFY(waitUntil([&] { return shown("no longer as calibrated").has_value(); }));
        m_notifications->press(shown("no longer as calibrated")->id, QStringLiteral("leave"),
                               PrivateBus::standIn());
        const int told3 = m_notifications->count();
        m_store->declare("again another");
        QVERIFY(waitUntil([&] { return m_notifications->count() > told3; }));
        // Back as it should be, the notification goes by itself.
        m_lut->load(m_own);
        m_store->declare(m_profile);
        QVERIFY(waitUntil([&] { return m_notifications->shown().empty(); }));
        end();
    }

    void theIconSaysWhatIsOpenAndPutsItRight()
    {
        const QString host = QStringLiteral("org.kde.StatusNotifierWatcher");
        platform::StandingShelf().keep(standing());
        start();
        QVERIFY(waitUntil([&] { return isInForce(); }));
        QVERIFY(m_notifications->icon().isEmpty());
        m_bus->offer(host); // the desktop's panel starts later
        QVERIFY(waitUntil([&] { return !m_notifications->icon().isEmpty(); }));
        const QString icon = m_notifications->icon();
        QDBusConnection client = QDBusConnection::connectToBus(m_bus->address(), "client");
        const auto call = [&](const char *path, const char *interface, const char *method,
                              const QVariantList &arguments) {
            QDBusMessage m = QDBusMessage::createMethodCall(
                icon, QLatin1String(path), QLatin1String(interface), QLatin1String(method));
            m.setArguments(arguments);
            return client.call(m);
        };
        const auto status = [&] {
            const QDBusMessage reply =
                call("/StatusNotifierItem", "org.freedesktop.DBus.Properties", "Get",
                     {QStringLiteral("org.kde.StatusNotifierItem"), QStringLiteral("Status")});
            return reply.arguments().value(0).value<QDBusVariant>().variant().toString();
        };
        QCOMPARE(status(), QStringLiteral("Active"));
        m_store->declare({});
        QVERIFY(waitUntil([&] { return status() == QLatin1String("NeedsAttention"); }));
        const auto all =
            qdbus_cast<QVariantMap>(call("/StatusNotifierItem", "org.freedesktop.DBus.Properties",
                                         "GetAll", {QStringLiteral("org.kde.StatusNotifierItem")})
                                        .arguments()
                                        .value(0));
        const auto tip = all[QStringLiteral("ToolTip")].value<QDBusArgument>();
        QCOMPARE(tip.currentSignature(), QStringLiteral("(sa(iiay)ss)"));
        QString name, title, text;
        tip.beginStructure();
        tip >> name;
        tip.beginArray();
        tip.endArray();
        tip >> title >> text;
        QVERIFY2(text.contains(QLatin1String("no longer as calibrated")), qPrintable(text));
        const QDBusMessage layout = call("/StatusNotifierMenu", "com.canonical.dbusmenu",
                                         "GetLayout", {0, -1, QStringList()});
        QCOMPARE(layout.signature(), QStringLiteral("u(ia{sv}av)"));
        const auto press = [&](int entry) {
            call("/StatusNotifierMenu", "com.canonical.dbusmenu", "Event",
                 {entry, QStringLiteral("clicked"), QVariant::fromValue(QDBusVariant(0)), 0U});
        };
        press(99); // there is none
        press(2);
        QVERIFY(waitUntil([&] { return isInForce(); }));
        QVERIFY(waitUntil([&] { return status() == QLatin1String("Active"); }));
        press(3);
        QVERIFY(waitUntil([&] { return m_keeper.state() == QProcess::NotRunning; }));
        QCOMPARE(m_keeper.exitStatus(), QProcess::NormalExit);
        QDBusConnection::disconnectFromBus(QStringLiteral("client"));
        m_bus->withdraw(host);
    }

    void aDisplayThatIsMeasuredIsLeftAlone()
    {
        platform::StandingShelf().keep(standing());
        platform::AsFound measuring(platform::AsFound::usualFolder());
        measuring.note(m_output.name, m_lut.get(), *m_store, nullptr);
        m_lut->load(dimmedBlue(0.3));
        start();
        const QString memory =
            platform::StandingShelf::usualFolder() + QStringLiteral("/keeper.json");
        QVERIFY(waitUntil([&] { return QFile::exists(memory); }));
        end();
        QVERIFY(m_lut->holds(dimmedBlue(0.3)));
        QVERIFY(m_store->inUse().isEmpty());
        measuring.forget(m_output.name);
    }

    void aDueDisplayIsRemindedOfOnceADay()
    {
        Standing due = standing();
        due.provedAt = QDateTime::currentDateTimeUtc().addDays(-40);
        platform::StandingShelf().keep(due);
        start();
        QVERIFY(waitUntil([&] { return shown("due for a check").has_value(); }));
        const auto told = *shown("due for a check");
        QVERIFY2(told.text.contains(QLatin1String("40 days ago")), qPrintable(told.text));
        m_notifications->press(told.id, QStringLiteral("later"), PrivateBus::standIn());
        const QString memory =
            platform::StandingShelf::usualFolder() + QStringLiteral("/keeper.json");
        const QString later =
            QDateTime::currentDateTimeUtc().addDays(7).toString(QStringLiteral("yyyy-MM-dd"));
        QVERIFY(waitUntil([&] {
            QFile file(memory);
            return file.open(QIODevice::ReadOnly) && file.readAll().contains(later.toUtf8());
        }));
        end();
        // After the next login it still sleeps on it; a foreign profile shows that it has looked.
        m_notifications->forget();
        m_store->declare({});
        start();
        QVERIFY(waitUntil([&] { return isInForce(); }));
        m_store->declare({});
        QVERIFY(waitUntil([&] { return shown("no longer as calibrated").has_value(); }));
        QVERIFY(!shown("due for a check"));
        end();
    }

    void thereIsOne()
    {
        platform::StandingShelf().keep(standing());
        start();
        QVERIFY(waitUntil([&] { return isInForce(); }));
        QProcess second;
        second.start(QStringLiteral(LANTERN_KEEPER), {});
        QVERIFY(second.waitForFinished());
        QCOMPARE(second.exitCode(), 0);
        QVERIFY(second.readAllStandardError().contains("running already"));
        // Killed, it leaves no lock that would keep the next one away.
        m_keeper.kill();
        QVERIFY(m_keeper.waitForFinished());
        m_lut->load(VideoLut::identity());
        start();
        QVERIFY(waitUntil([&] { return isInForce(); }));
        end();
    }

    void damagedFilesAreNamedAndCostNothingElse()
    {
        platform::StandingShelf().keep(standing());
        const QString folder = platform::StandingShelf::usualFolder();
        QFile memory(folder + QStringLiteral("/keeper.json"));
        QVERIFY(memory.open(QIODevice::WriteOnly));
        memory.write("{ half a");
        memory.close();
        start();
        QVERIFY(waitUntil([&] { return isInForce(); }));
        end();
        QVERIFY(m_keeper.readAllStandardError().contains("keeper.json"));
        Standing broken = standing();
        broken.profile = "no profile at all";
        platform::StandingShelf().keep(broken);
        m_store->declare({});
        start();
        QByteArray complaint;
        QVERIFY(waitUntil([&] {
            complaint += m_keeper.readAllStandardError();
            return complaint.contains("no ICC profile");
        }));
        end();
        QVERIFY(m_store->inUse().isEmpty());
    }

    void withoutADisplayServerItSaysSo()
    {
        QProcess p;
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        environment.insert(QStringLiteral("DISPLAY"), QStringLiteral(":9999"));
        p.setProcessEnvironment(environment);
        p.start(QStringLiteral(LANTERN_KEEPER), {});
        QVERIFY(p.waitForFinished());
        QCOMPARE(p.exitCode(), 3);
        QVERIFY(p.readAllStandardError().contains("X server"));
    }

    void itIsDueWhenItShouldBe()
    {
        const QDateTime now = QDateTime::currentDateTimeUtc();
        Standing s = standing();
        QCOMPARE(keeper::dueAt(s, now, 0, now), std::optional(s.provedAt.addDays(28)));
        s.remindAfterDays = 0;
        QVERIFY(!keeper::dueAt(s, now, 1e6, now));
        s.remindAfterHours = 200;
        QVERIFY(!keeper::dueAt(s, now, 199, now));
        QCOMPARE(keeper::dueAt(s, now, 200, now), std::optional(now));
        s.remindAfterDays = 2; // whichever comes first
        QCOMPARE(keeper::dueAt(s, now, 200, now), std::optional(s.provedAt.addDays(2)));
        // Where its drift tells more: then, within a week and three times the days.
        s.remindAfterHours = 0;
        s.remindAfterDays = 28;
        s.foretoldAt = s.provedAt.addDays(19);
        QCOMPARE(keeper::dueAt(s, now, 0, now), std::optional(s.provedAt.addDays(19)));
        s.foretoldAt = s.provedAt.addDays(2);
        QCOMPARE(keeper::dueAt(s, now, 0, now), std::optional(s.provedAt.addDays(7)));
        s.foretoldAt = s.provedAt.addDays(700);
        QCOMPARE(keeper::dueAt(s, now, 0, now), std::optional(s.provedAt.addDays(84)));
        s.remindAfterDays = 0; // never is never
        QVERIFY(!keeper::dueAt(s, now, 0, now));
        s.remindAfterDays = 2;
        s.foretoldAt = {};
        s.provedAt = {};
        QCOMPARE(keeper::dueAt(s, now.addDays(-1), 0, now), std::optional(now.addDays(1)));
        QCOMPARE(keeper::dueAt(std::nullopt, now, 0, now), std::optional(now.addDays(7)));
    }

    void standingsComeBackWhole()
    {
        platform::StandingShelf shelf(m_folder->filePath(QStringLiteral("shelf")));
        QVERIFY(shelf.displays().isEmpty());
        Standing s = standing();
        s.displayId = QStringLiteral("SMH ä/..\\4711:DP-1");
        s.profile = QByteArray("line\nline\0end", 13);
        s.chosenAt = QDateTime::fromString(QStringLiteral("2026-11-27T10:00:00Z"), Qt::ISODate);
        s.provedAt = s.chosenAt.addSecs(7);
        s.remindAfterHours = 200;
        s.used.front().meanDeltaE00 = 0.31;
        s.use(s.profile, QStringLiteral("Ä"), QStringLiteral("/icc/ä b.icc"));
        shelf.keep(s);
        QCOMPARE(shelf.displays(), QStringList{s.displayId});
        const auto again = shelf.read(s.displayId);
        QVERIFY(again.has_value());
        QVERIFY(*again == s);
        QVERIFY(!shelf.read(QStringLiteral("another")));
        shelf.remove(s.displayId);
        QVERIFY(!shelf.read(s.displayId));
    }

    /// Which of two is the display's own: the last run's, or the one a person chose.
    void aChosenProfileStaysUntilTheNextRun()
    {
        const QDateTime monday = QDateTime::currentDateTimeUtc().addDays(-4);
        Standing s;
        QVERIFY(s.takesOver("first", QStringLiteral("1"), QStringLiteral("/1"), monday));
        QCOMPARE(s.provedAt, monday);
        s.use("chosen", QStringLiteral("c"), QStringLiteral("/c"));
        s.chosenAt = monday.addDays(1);
        QVERIFY(!s.takesOver("first", QStringLiteral("1"), QStringLiteral("/1"), monday));
        QCOMPARE(s.profile, QByteArray("chosen"));
        QVERIFY(
            s.takesOver("second", QStringLiteral("2"), QStringLiteral("/2"), monday.addDays(2)));
        QCOMPARE(s.profile, QByteArray("second"));
        QVERIFY(!s.chosenAt.isValid());
        QCOMPARE(s.used.size(), size_t(3));
        // One that a run of another logbook installed is newer than what this one knows.
        s.install("elsewhere", QStringLiteral("e"), QStringLiteral("/e"), monday.addDays(3));
        QVERIFY(
            !s.takesOver("second", QStringLiteral("2"), QStringLiteral("/2"), monday.addDays(2)));
        QCOMPARE(s.profile, QByteArray("elsewhere"));
        s.installedAt = {}; // discarded there
        QVERIFY(
            s.takesOver("second", QStringLiteral("2"), QStringLiteral("/2"), monday.addDays(2)));
        s.use("first", QStringLiteral("1"), QStringLiteral("/1")); // once in the list
        QCOMPARE(s.used.size(), size_t(4));
        QCOMPARE(s.path(), QStringLiteral("/1"));
    }

    /// At the pace that was chosen, with the meter let go in between; told once it has left what it
    /// was, and no more when it is back.
    void theRoomIsWatched()
    {
        run::addMeterKind({QStringLiteral("pretended"), "pretended", "",
                           [](const QStringList &, run::SceneSource *) -> run::Meter * {
                               return new PretendedMeter;
                           }});
        const QString meter = QStringLiteral("pretended");
        const QString file = m_folder->filePath(QStringLiteral("lights.json"));
        platform::Notifier notifier;
        int opened = 0;
        keeper::RoomWatch watch(&notifier, file, [&] { ++opened; });
        PretendedMeter::readings = 0;
        PretendedMeter::lux = 100;
        const QDateTime noon(QDate(2026, 11, 28), QTime(12, 0), Qt::UTC);
        watch.look(meter, noon);
        QCOMPARE(PretendedMeter::readings, 0); // nobody wished it
        run::Lights lights;
        lights.keep({"Studio", {100, {0.3457, 0.3585}}, 1, "2026-11-01T12:00:00Z"});
        lights.watchMinutes = 60;
        run::writeLights(file, lights);
        watch.look({}, noon);
        QCOMPARE(PretendedMeter::readings, 0); // with what?
        watch.look(meter, noon);
        QCOMPARE(PretendedMeter::readings, 1);
        QVERIFY(m_notifications->shown().empty());
        PretendedMeter::lux = 400;
        watch.look(meter, noon.addSecs(3599));
        QCOMPARE(PretendedMeter::readings, 1);
        watch.look(meter, noon.addSecs(3600));
        QCOMPARE(PretendedMeter::readings, 2);
        QCOMPARE(m_notifications->shown().size(), size_t(1));
        QVERIFY(m_notifications->shown().front().text.contains(QStringLiteral("400")));
        PretendedMeter::lux.reset(); // says nothing, so nothing is said
        watch.look(meter, noon.addSecs(7200));
        QCOMPARE(PretendedMeter::readings, 3);
        QCOMPARE(m_notifications->count(), 1);
        m_notifications->press(m_notifications->shown().front().id, QStringLiteral("light"),
                               PrivateBus::standIn());
        QVERIFY(waitUntil([&] { return opened == 1; }));
        PretendedMeter::lux = 120;
        watch.look(meter, noon.addSecs(10'800));
        QVERIFY(waitUntil([&] { return m_notifications->shown().empty(); }));
    }

    void aCertificateIsRemindedOf()
    {
        Certificate c;
        c.due = "2026-12-01";
        QVERIFY(keeper::certificateWords(c, QDate(2026, 10, 19)).isEmpty());
        QVERIFY(keeper::certificateWords(c, QDate(2026, 10, 20)).contains(u"is to be renewed"));
        QVERIFY(keeper::certificateWords(c, QDate(2026, 12, 1)).contains(u"is to be renewed"));
        QVERIFY(keeper::certificateWords(c, QDate(2026, 12, 2)).contains(u"was to be renewed"));
        c.due.clear();
        QVERIFY(keeper::certificateWords(c, QDate(2026, 12, 2)).isEmpty());
    }

    /// Between half and twice of what it was the room's light is left alone.
    void aRoomThatChangedIsSaid()
    {
        for (const double lux : {60.0, 100.0, 200.0})
            QVERIFY(keeper::roomChange(lux, 100, QStringLiteral("Studio")).isEmpty());
        const QString lighter = keeper::roomChange(400, 100, QStringLiteral("Studio"));
        QVERIFY(lighter.contains(QStringLiteral("Studio")) && lighter.contains(u"dark in it"));
        QVERIFY(keeper::roomChange(20, 100, QStringLiteral("Studio")).contains(u"too light in it"));
    }
};

static const Register<KeeperTest> registered("KeeperTest");

} // namespace lantern::test

#include "keeper_test.moc"
