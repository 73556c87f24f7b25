#include "core/base/error.h"
#include "run/cli_rig.h"
#include "run/device/meters/command_meter.h"
#include "run/device/meters/driver_message.h"
#include "run/device/meters/hand_meter.h"
#include "run/device/meters/meter_registry.h"
#include "run/engine_rig.h"
#include "run/file/files.h"

#include <QSignalSpy>
#include <QTemporaryDir>

#include <csignal>

namespace lantern::test {

using namespace lantern::run;

namespace {

/// Not even waiting for somebody to notice its end.
bool isRunning(pid_t pid)
{
    QFile status(QStringLiteral("/proc/%1/stat").arg(pid));
    if (!status.open(QIODevice::ReadOnly))
        return false;
    const QByteArray text = status.readAll();
    return text.mid(text.lastIndexOf(')') + 2, 1) != "Z";
}

/// The rig's meter as a program of its own.
struct DriverRig : EngineRig {
    DriverRig(const QString &logbook, const QStringList &more = {})
        : EngineRig(logbook),
          scene(rig, &eye),
          driver(QStringLiteral(LANTERN_BENCH_METER),
                 QStringList{QStringLiteral("--display"), QStringLiteral("north-desk.json"),
                             QStringLiteral("--meter"), QStringLiteral("reference"),
                             QStringLiteral("--seed"), QStringLiteral("3")} +
                     more,
                 &scene)
    {
        engine.setDevices({keptElsewhere(driver), keptElsewhere(presenter), keptElsewhere(controls),
                           keptElsewhere(lut), keptElsewhere(store), nullptr});
        engine.setAutomatic(true);
    }
    /// Runs to the end, going on after each fault; the faults' messages.
    QStringList runToTheEnd()
    {
        QStringList faults;
        engine.begin(setup());
        for (;;) {
            if (!waitUntil([&] {
                    return status.activity == Activity::Finished ||
                           status.activity == Activity::Faulted || !failure.isEmpty();
                }))
                return {QStringLiteral("never ended")};
            if (status.activity != Activity::Faulted)
                return faults;
            faults << status.message;
            if (faults.size() > 3)
                return faults;
            engine.resume();
        }
    }

    BenchSceneSource scene;
    DriverMeter driver;
};

} // namespace

class MetersTest : public QObject {
    Q_OBJECT
    QTemporaryDir m_folder;
    QByteArray m_profile; ///< of an undisturbed run with the bench's own meter

    QString path(const char *name) { return m_folder.filePath(QLatin1String(name)); }

private slots:
    void initTestCase()
    {
        EngineRig rig(path("plain.sqlite"));
        rig.engine.setAutomatic(true);
        rig.engine.begin(EngineRig::setup());
        QVERIFY(rig.waitFor(Activity::Finished));
        m_profile = rig.results.profile;
    }

    void aDriverProgramReadsWhatTheBenchReads()
    {
        DriverRig rig(path("driver.sqlite"));
        QCOMPARE(rig.runToTheEnd(), QStringList());
        QCOMPARE(rig.driver.name(), QStringLiteral("Heron"));
        QVERIFY(rig.results.profile == m_profile);
    }

    /// A driver that corrects its numbers is told the panel's kind, and the run says so.
    void aDriverThatCorrectsItselfIsToldTheTechnology()
    {
        EngineRig bench(path("reed.sqlite"), "north-desk.json", "colorimeter");
        bench.engine.setAutomatic(true);
        bench.engine.begin(EngineRig::setup());
        QVERIFY(bench.waitFor(Activity::Finished));
        DriverRig rig(path("reed-driver.sqlite"),
                      {QStringLiteral("--meter"), QStringLiteral("colorimeter")});
        QCOMPARE(rig.runToTheEnd(), QStringList());
        QCOMPARE(rig.results.chart, bench.results.chart);
        QCOMPARE(rig.results.setup.correctionKind, CorrectionKind::Technology);
        QVERIFY(rig.results.setup.correction.find("led-wide") != std::string::npos);
        Logbook reader(path("reed-driver.sqlite"), Logbook::Access::Read);
        QCOMPARE(reader.setup(rig.status.run).correctionKind, CorrectionKind::Technology);
        // Told another kind it reads another colour.
        DriverRig other(path("reed-other.sqlite"),
                        {QStringLiteral("--meter"), QStringLiteral("colorimeter")});
        RunSetup wrong = EngineRig::setup();
        wrong.technology = "oled";
        other.engine.begin(wrong);
        QVERIFY(other.waitUntil([&] { return !other.results.found.empty(); }));
        QVERIFY(deltaUvPrime(uvPrime(other.results.found.front().xyz),
                             uvPrime(bench.results.found.front().xyz)) > 0.001);
    }

    void badDriversCostAReadingOnly_data()
    {
        QTest::addColumn<QString>("how");
        QTest::addColumn<QString>("message");
        QTest::newRow("dies") << "die@60"
                              << "has stopped";
        QTest::newRow("hangs") << "hang@60"
                               << "too long";
        QTest::newRow("prints rubbish") << "garbage@60"
                                        << "no json";
    }
    void badDriversCostAReadingOnly()
    {
        QFETCH(QString, how);
        QFETCH(QString, message);
        DriverRig rig(path(QTest::currentDataTag()), {QStringLiteral("--misbehave"), how});
        rig.driver.setPatienceMs(1500);
        const QStringList faults = rig.runToTheEnd();
        QCOMPARE(faults.size(), 1);
        QVERIFY2(faults.front().contains(message), qPrintable(faults.front()));
        QVERIFY2(rig.results.profile == m_profile, "the readings after the fault differ");
    }

    void faultsOfADriverAreToldInWords_data()
    {
        QTest::addColumn<QString>("fault");
        QTest::addColumn<QString>("message");
        QTest::newRow("unplugged") << "unplugged@5"
                                   << "unplugged";
        QTest::newRow("garbage numbers") << "garbage@5"
                                         << "no colour";
        QTest::newRow("zero") << "wants-zeroing@5"
                              << "zeroed";
    }
    void faultsOfADriverAreToldInWords()
    {
        QFETCH(QString, fault);
        QFETCH(QString, message);
        DriverRig rig(path(QTest::currentDataTag()), {QStringLiteral("--fault"), fault});
        rig.engine.begin(EngineRig::setup());
        QVERIFY(rig.waitFor(Activity::Faulted));
        QVERIFY2(rig.status.message.contains(message), qPrintable(rig.status.message));
    }

    void aDriverThatIsNotThereIsNamed()
    {
        DriverMeter meter(QStringLiteral("/nowhere/reed"), {});
        QSignalSpy failed(&meter, &Meter::failed);
        meter.startReading(1, {});
        QVERIFY(waitUntil([&] { return !failed.isEmpty(); }));
        QVERIFY(failed[0][2].toString().contains(QLatin1String("/nowhere/reed")));
    }

    void aDriverOfAnotherProtocolIsRefused()
    {
        DriverMeter meter(QStringLiteral("/bin/sh"),
                          {QStringLiteral("-c"),
                           QStringLiteral("read l; echo '{\"id\":1,\"result\":{\"protocol\":2}}'; "
                                          "read l")});
        QSignalSpy failed(&meter, &Meter::failed);
        meter.startReading(1, {});
        QVERIFY(waitUntil([&] { return !failed.isEmpty(); }));
        QVERIFY(failed[0][2].toString().contains(QLatin1String("protocol")));
    }

    void theRoomIsReadThroughADriver()
    {
        DriverRig rig(path("room.sqlite"));
        QSignalSpy room(&rig.engine, &RunEngine::roomRead);
        rig.engine.readRoom();
        QVERIFY(waitUntil([&] { return !room.isEmpty(); }));
        QCOMPARE(room[0][0].value<RoomLight>().illuminanceLux, 38.0);
    }

    void aMeterThatWantsZeroingIsZeroedBeforeItGoesOn()
    {
        EngineRig rig(path("zero.sqlite"), "north-desk.json", "colorimeter");
        rig.fail(3, MeterFault::WantsZeroing);
        rig.engine.begin(EngineRig::setup());
        rig.engine.proceed();
        QVERIFY(rig.waitFor(Activity::Faulted));
        QCOMPARE(int(rig.status.fault), int(MeterFault::WantsZeroing));
        QVERIFY2(rig.status.message.contains(QLatin1String("Cover its opening")),
                 qPrintable(rig.status.message));
        rig.engine.resume();
        QVERIFY(rig.waitUntil([&] { return rig.status.fault == MeterFault::OffPatch; }));
        QVERIFY2(rig.status.message.contains(QLatin1String("Hang it back")),
                 qPrintable(rig.status.message));
        rig.engine.resume();
        QVERIFY(rig.waitFor(Activity::Waiting));
        QCOMPARE(int(rig.status.stage), int(Stage::Adjust));
    }

    void aCommandReadsOnce_data()
    {
        QTest::addColumn<QString>("script");
        QTest::addColumn<QString>("problem"); // empty: it works
        QTest::newRow("numbers") << "echo Reading; echo ' 1.5 2.25\t3e0 '"
                                 << "";
        QTest::newRow("knows the patch") << "echo $LANTERN_R $LANTERN_G $LANTERN_B"
                                         << "";
        QTest::newRow("inherits no secrets")
            << "test -z \"$LANTERN_SECRET\" && test -n \"$PATH\" && echo 1.5 2.25 3"
            << "";
        QTest::newRow("fails") << "echo no meter >&2; exit 1"
                               << "no meter";
        QTest::newRow("prints without end") << "yes 1 2 3"
                                            << "without end";
        QTest::newRow("complains without end")
            << "head -c 100000000 /dev/zero | tr '\\0' x >&2; echo the end >&2; exit 1"
            << "xxx";
        QTest::newRow("prints no colour") << "echo 1 2; echo 1 2 nan"
                                          << "1 2 nan";
    }
    void aCommandReadsOnce()
    {
        QFETCH(QString, script);
        QFETCH(QString, problem);
        qputenv("LANTERN_SECRET", "password");
        CommandMeter meter(QStringLiteral("/bin/sh"), {QStringLiteral("-c"), script});
        QSignalSpy read(&meter, &Meter::readingFinished);
        QSignalSpy failed(&meter, &Meter::failed);
        meter.startReading(1, {1.5, 2.25, 3});
        QVERIFY(waitUntil([&] { return read.size() + failed.size() > 0; }));
        if (problem.isEmpty()) {
            QCOMPARE(read.size(), 1);
            const auto xyz = read[0][1].value<XYZ>();
            QCOMPARE(xyz.X, 1.5);
            QCOMPARE(xyz.Y, 2.25);
            QCOMPARE(xyz.Z, 3.0);
        } else {
            QCOMPARE(failed.size(), 1);
            QVERIFY2(failed[0][2].toString().contains(problem),
                     qPrintable(failed[0][2].toString()));
        }
    }

    /// What a driver says, without the driver.
    void driversAreNotBelievedBlindly()
    {
        const auto greeting = [](const char *text) { return driverGreeting(Json::parse(text)); };
        const DriverGreeting g = greeting(
            R"({"protocol": 1, "name": "Reed", "abilities": ["zero", "wait"], "zeroes_by_itself": false})");
        QCOMPARE(g.name, std::string("Reed"));
        QVERIFY(g.zero && g.wait && !g.room && !g.state && !g.zeroesByItself);
        VERIFY_ERROR(greeting(R"({"protocol": 2, "name": "Reed", "abilities": []})"), "protocol");
        VERIFY_ERROR(greeting(R"({"protocol": 1, "name": "Reed", "abilities": "all"})"),
                     "abilities");
        VERIFY_ERROR(greeting("5"), "protocol");
        VERIFY_ERROR(driverReading(Json::parse(R"({"X": 1, "Y": 2})")), "Z");
        VERIFY_ERROR(driverReading(Json::parse(R"({"X": 1, "Y": 2, "Z": 3, "seconds": -1})")),
                     "seconds");
        VERIFY_ERROR(driverRoom(Json::parse(R"({"lux": 10, "x": 0.8, "y": 0.3})")), "lux");
        DriverReply reply;
        QCOMPARE(int(driverLine("[1, 2]", reply)), int(DriverLine::Garbage));
        QCOMPARE(int(driverLine(R"({"method": "button"})", reply)), int(DriverLine::Other));
        QCOMPARE(
            int(driverLine(
                R"({"id": 7, "error": {"message": "no", "data": {"fault": "unplugged"}}})", reply)),
            int(DriverLine::Reply));
        QCOMPARE(reply.id, int64_t(7));
        QVERIFY(reply.isError && reply.problem == "no" && reply.fault == MeterFault::Unplugged);
        (void)driverLine(R"({"id": 8, "error": {"data": {"fault": "never heard of"}}})", reply);
        QCOMPARE(int(reply.fault), int(MeterFault::Garbage));
    }

    /// A command's own children end with it.
    void aStoppedCommandLeavesNothingBehind()
    {
        const QString pidFile = path("child.pid");
        CommandMeter meter(
            QStringLiteral("/bin/sh"),
            {QStringLiteral("-c"),
             QStringLiteral("sleep 1000 & echo $! > '%1.new'; mv '%1.new' '%1'; wait")
                 .arg(pidFile)});
        meter.startReading(1, {});
        QVERIFY(waitUntil([&] { return QFile::exists(pidFile); }));
        const auto child = static_cast<pid_t>(readFile(pidFile).trimmed().toInt());
        QVERIFY(child > 0 && ::kill(child, 0) == 0);
        meter.cancel();
        QVERIFY(waitUntil([&] { return !isRunning(child); }));
    }

    void hostileAnswersAreRubbish_data()
    {
        QTest::addColumn<QString>("answer");
        QTest::addColumn<bool>("good");
        const QString xyz = QStringLiteral("{\"X\": 1, \"Y\": 2, \"Z\": 3, \"seconds\": %1}");
        QTest::newRow("plain") << "{\"id\": 2, \"result\": " + xyz.arg(1) + "}" << true;
        QTest::newRow("null error")
            << "{\"id\": 2, \"error\": null, \"result\": " + xyz.arg(1) + "}" << true;
        QTest::newRow("endless reading")
            << "{\"id\": 2, \"result\": " + xyz.arg(QStringLiteral("1e300")) + "}" << false;
        QTest::newRow("time before now") << "{\"id\": 2, \"result\": " + xyz.arg(-1) + "}" << false;
        QTest::newRow("nested") << QString(200000, QLatin1Char('[')) << false;
    }
    void hostileAnswersAreRubbish()
    {
        QFETCH(QString, answer);
        QFETCH(bool, good);
        const QString file = path(QTest::currentDataTag()) + QStringLiteral(".txt");
        writeFile(file, answer.toUtf8() + '\n');
        DriverMeter meter(
            QStringLiteral("/bin/sh"),
            {QStringLiteral("-c"),
             QStringLiteral("read l; echo '{\"id\":1,\"result\":{\"protocol\":1,\"name\":\"n\","
                            "\"abilities\":[]}}'; read l; cat '%1'; read l")
                 .arg(file)});
        QSignalSpy read(&meter, &Meter::readingFinished);
        QSignalSpy failed(&meter, &Meter::failed);
        meter.startReading(1, {});
        QVERIFY(waitUntil([&] { return read.size() + failed.size() > 0; }));
        QCOMPARE(read.size(), good ? 1 : 0);
        if (!good)
            QCOMPARE(failed[0][1].value<MeterFault>(), MeterFault::Garbage);
    }

    void numbersTypedInMakeTheSameRun()
    {
        EngineRig rig(path("hand.sqlite"));
        HandMeter hand;
        // A person with the reference instrument: reads what the bench shows.
        bench::Bench &b = *rig.rig->with([](bench::Bench &bench) { return &bench; });
        b.meter().zero();
        connect(&hand, &HandMeter::entryWanted, &hand, [&](const DeviceRgb &shown) {
            const auto outcome = b.read(shown);
            QMetaObject::invokeMethod(
                &hand,
                [&hand, xyz = std::get<bench::MeterReading>(outcome).xyz] { hand.enter(xyz); },
                Qt::QueuedConnection);
        });
        rig.engine.setDevices(rig.devices(hand));
        rig.engine.setAutomatic(true);
        rig.engine.begin(EngineRig::setup());
        QVERIFY(rig.waitFor(Activity::Finished));
        VERIFY_BELOW(rig.results.validation->deltaE00.mean, 0.5);
    }

    void choicesOfMetersAreChecked()
    {
        VERIFY_ERROR(makeMeter(QStringLiteral("sphere")), "driver, command, hand");
        VERIFY_ERROR(makeMeter(QStringLiteral("driver:")), "program is missing");
        VERIFY_ERROR(makeMeter(QStringLiteral("hand:now")), "nothing is expected");
        const std::unique_ptr<Meter> meter(
            makeMeter(QStringLiteral("command:\"/opt/my meter/read\" -q")));
        QCOMPARE(meter->name(), QStringLiteral("read"));
    }

    void theCommandLineTakesADriver()
    {
        const QString out = m_folder.filePath(QStringLiteral("cli"));
        const Answer a =
            cli({QStringLiteral("run"), QStringLiteral("--display"), demo("north-desk.json"),
                 QStringLiteral("--meter"),
                 QStringLiteral("driver:" LANTERN_BENCH_METER " --meter reference"),
                 QStringLiteral("--chart"), QStringLiteral("24"), QStringLiteral("--out"), out});
        QVERIFY2(a.code == 0, qPrintable(a.err));
        QVERIFY(a.out.contains(QLatin1String("colours mean")));
        const Answer wrong = cli({QStringLiteral("run"), QStringLiteral("--display"),
                                  demo("north-desk.json"), QStringLiteral("--meter"),
                                  QStringLiteral("sphere"), QStringLiteral("--out"), out});
        QCOMPARE(wrong.code, 2);
    }
};

static const Register<MetersTest> registration("MetersTest");

} // namespace lantern::test

#include "meters_test.moc"
