#include "core/base/error.h"
#include "core/reading/meter_correction.h"
#include "run/engine_rig.h"

#include <nlohmann/json.hpp>

#include <QSignalSpy>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QTemporaryDir>

namespace lantern::test {

using namespace lantern::run;

/// The small runs: warming up, looking for the meter, checking first; and profiles by eye.
class ErrandsTest : public QObject {
    Q_OBJECT
    QTemporaryDir m_folder;

    QString path(const char *name) { return m_folder.filePath(QLatin1String(name)); }
    static RunSetup errand(RunKind kind)
    {
        RunSetup s = EngineRig::setup();
        s.kind = kind;
        return s;
    }

private slots:
    void warmingUpIsWatchedToItsEnd()
    {
        EngineRig rig(path("warm.sqlite"));
        rig.rig->with([](bench::Bench &b) { b.setClockSeconds(0); });
        rig.engine.begin(errand(RunKind::WarmUp)); // goes by itself
        QVERIFY(rig.waitFor(Activity::Finished));
        QVERIFY(rig.results.warmUp.warm);
        QVERIFY(rig.results.warmingWhites.size() > 20);
        Logbook book(path("warm.sqlite"), Logbook::Access::Read);
        QCOMPARE(book.runs({.kind = RunKind::WarmUp}).size(), 1);
        QCOMPARE(book.runs().size(), 0); // no calibration
        QVERIFY(!book.unfinishedRun().has_value());
    }

    void watchingCanBeStopped()
    {
        EngineRig rig(path("stop.sqlite"));
        rig.rig->with([](bench::Bench &b) { b.setClockSeconds(0); });
        rig.engine.begin(errand(RunKind::WarmUp));
        QVERIFY(rig.waitUntil([&] { return rig.results.warmUp.enough; }));
        QVERIFY(!rig.results.warmUp.warm);
        rig.engine.stop();
        QCOMPARE(int(rig.status.activity), int(Activity::Idle));
    }

    void theMeterIsFound()
    {
        EngineRig rig(path("place.sqlite"));
        rig.eye.watchPlace(rig.rig);
        rig.rig->with([](bench::Bench &b) { b.meterPlace() = {0.5, -0.4}; });
        RunSetup s = errand(RunKind::Placement);
        s.patchShare = {0.085, 0.15};
        rig.engine.begin(s);
        QVERIFY(rig.waitFor(Activity::Finished));
        QVERIFY(rig.results.placement.has_value());
        VERIFY_NEAR(rig.results.placement->x, 0.75, 0.03);
        VERIFY_NEAR(rig.results.placement->y, 0.30, 0.04);
    }

    void aMeterThatSeesNothingBlocksTheSearch()
    {
        EngineRig rig(path("nothing.sqlite"));
        rig.fail(0, MeterFault::OffPatch);
        rig.fail(1, MeterFault::OffPatch);
        rig.engine.begin(errand(RunKind::Placement));
        QVERIFY(rig.waitFor(Activity::Blocked));
        QVERIFY2(rig.status.message.contains(QLatin1String("does not see this screen")),
                 qPrintable(rig.status.message));
    }

    void aCheckIsHeldAgainstItsRun()
    {
        EngineRig rig(path("check.sqlite"));
        rig.engine.setAutomatic(true);
        rig.engine.begin(EngineRig::setup());
        QVERIFY(rig.waitFor(Activity::Finished));
        RunSetup s = errand(RunKind::Check);
        s.referenceRun = rig.status.run;
        rig.engine.begin(s);
        QVERIFY(rig.waitUntil([&] {
            return rig.status.activity == Activity::Finished && rig.results.check.has_value();
        }));
        QCOMPARE(int(rig.results.check->verdict), int(CheckFirst::Verdict::Holds));
        VERIFY_BELOW(rig.results.check->meanDeltaE00, 0.5);

        // The monitor is turned down: the same check says so, also when read from the logbook.
        rig.rig->with([](bench::Bench &b) { b.condition().controls.brightness -= 25; });
        rig.engine.begin(s);
        QVERIFY(rig.waitUntil([&] {
            return rig.status.activity == Activity::Finished && rig.results.check.has_value();
        }));
        QCOMPARE(int(rig.results.check->verdict), int(CheckFirst::Verdict::Redo));
        Logbook book(path("check.sqlite"), Logbook::Access::Read);
        const auto checks = book.runs({.kind = RunKind::Check});
        QCOMPARE(checks.size(), 2);
        QVERIFY(checks.front().finished);
        const RunResults read = loadResults(book, checks.front().id);
        QCOMPARE(read.check->meanDeltaE00, rig.results.check->meanDeltaE00);
    }

    void aProfileByEyeIsInstalledAndRemembered()
    {
        EngineRig rig(path("eye.sqlite"));
        QSignalSpy installed(&rig.engine, &RunEngine::installedByEye);
        RunSetup s = errand(RunKind::ByEye);
        VideoLut lut = VideoLut::identity();
        lut.channels[0][128] = 30000;
        rig.engine.installByEye(s, QByteArray("profile"), lut);
        QCOMPARE(installed.size(), 1);
        QVERIFY(rig.lut.read() == lut);
        Logbook book(path("eye.sqlite"), Logbook::Access::Read);
        const auto runs = book.runs({.kind = RunKind::ByEye});
        QCOMPARE(runs.size(), 1);
        const RunResults read = loadResults(book, runs.front().id);
        QCOMPARE(read.profile, QByteArray("profile"));
        QVERIFY(read.lutByEye == lut);
    }

    void aLogbookOfTheFirstVersionIsTakenOver()
    {
        const QString file = path("old.sqlite");
        {
            auto db = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("old"));
            db.setDatabaseName(file);
            QVERIFY(db.open());
            QSqlQuery q(db);
            QVERIFY(q.exec(QStringLiteral("CREATE TABLE run (id INTEGER PRIMARY KEY, display_id "
                                          "TEXT NOT NULL, setup TEXT NOT "
                                          "NULL, abandoned INTEGER NOT NULL DEFAULT 0)")));
            QVERIFY(q.exec(QStringLiteral(
                "CREATE TABLE reading (id INTEGER PRIMARY KEY, run INTEGER NOT NULL REFERENCES "
                "run(id), stage INTEGER NOT NULL, r REAL NOT NULL, g REAL NOT NULL, b REAL NOT "
                "NULL, x REAL NOT NULL, y REAL NOT NULL, z REAL NOT NULL, seconds REAL NOT NULL, "
                "meter_state BLOB, controls TEXT)")));
            QVERIFY(q.exec(QStringLiteral("CREATE TABLE stage (run INTEGER NOT NULL REFERENCES "
                                          "run(id), stage INTEGER NOT NULL, result BLOB, PRIMARY "
                                          "KEY (run, stage))")));
            Json setup = setupToJson(EngineRig::setup());
            for (const char *added : {"kind", "reference_run", "patch_share", "skipped"})
                setup.erase(added);
            setup["aim"].erase("primaries");
            q.prepare(QStringLiteral("INSERT INTO run (display_id, setup) VALUES (?, ?)"));
            q.addBindValue(QStringLiteral("north-desk"));
            q.addBindValue(QString::fromStdString(setup.dump()));
            QVERIFY(q.exec());
            QVERIFY(q.exec(QStringLiteral("PRAGMA user_version = 1")));
            db.close();
        }
        QSqlDatabase::removeDatabase(QStringLiteral("old"));
        Logbook book(file, Logbook::Access::Write);
        QCOMPARE(book.runs().size(), 1);
        QVERIFY(book.setup(book.runs().front().id) == EngineRig::setup());
        QCOMPARE(book.unfinishedRun(), std::optional(qint64(1)));
    }

    void aDisplayThatDimsInMidChartIsAskedAbout()
    {
        EngineRig rig(path("dims.sqlite"));
        rig.engine.setAutomatic(true);
        RunSetup s = EngineRig::setup();
        s.chartPatches = 96;
        rig.engine.begin(s);
        QVERIFY(rig.waitUntil(
            [&] { return rig.status.stage == Stage::Measure && rig.status.readingsDone > 20; }));
        const MonitorControls before =
            rig.rig->with([](bench::Bench &b) { return b.condition().controls; });
        rig.rig->with([](bench::Bench &b) { b.condition().controls.brightness = 20; });
        QVERIFY(rig.waitFor(Activity::Faulted));
        QVERIFY2(rig.status.message.contains(QLatin1String("dims by itself")),
                 qPrintable(rig.status.message));
        rig.rig->with([&](bench::Bench &b) { b.condition().controls = before; });
        rig.engine.resume();
        QVERIFY(rig.waitFor(Activity::Finished));
        VERIFY_BELOW(rig.results.validation->deltaE00.mean, 0.6);
    }

    void aMeterThatFallsOffIsNoticedAtTheNextWhite()
    {
        EngineRig rig(path("falls.sqlite"));
        rig.engine.setAutomatic(true);
        bool knocked = false;
        rig.onStatus = [&](const RunStatus &s) {
            if (knocked || s.stage != Stage::Calibrate || s.readingsDone < 8 || !s.patch ||
                !(*s.patch == DeviceRgb{255, 255, 255}))
                return;
            knocked = true;
            rig.fail(rig.rig->with([](bench::Bench &b) { return b.meter().readingNumber(); }),
                     MeterFault::OffPatch);
        };
        rig.engine.begin(EngineRig::setup());
        QVERIFY(rig.waitFor(Activity::Faulted));
        QVERIFY(knocked);
        QCOMPARE(int(rig.status.fault), int(MeterFault::OffPatch));
        QVERIFY2(rig.status.message.contains(QLatin1String("does not see the patch")),
                 qPrintable(rig.status.message));
        rig.engine.resume();
        QVERIFY(rig.waitFor(Activity::Finished));
        VERIFY_BELOW(rig.results.validation->deltaE00.mean, 0.6);
    }

    void whiteThatTheLutDimsIsNoFall()
    {
        EngineRig rig(path("dimmed.sqlite"), "field-laptop.json");
        rig.engine.setAutomatic(true);
        RunSetup s = EngineRig::setup();
        s.adjust = AdjustMode::Skip;
        s.startControls.reset();
        s.aim.luminanceCdM2 = 40; // of some 220 that it has
        rig.engine.begin(s);
        QVERIFY(rig.waitUntil([&] {
            return rig.status.activity == Activity::Finished ||
                   rig.status.activity == Activity::Faulted ||
                   rig.status.activity == Activity::Blocked;
        }));
        QVERIFY2(rig.status.activity == Activity::Finished, qPrintable(rig.status.message));
        VERIFY_NEAR(rig.results.after->white->Y, 40, 0.8);
    }

    void aMeterMayGoBeforeItsSuccessorIsTold()
    {
        EngineRig rig(path("successor.sqlite"));
        auto first = std::make_unique<BenchMeter>(rig.rig, &rig.eye);
        rig.engine.setDevices(rig.devices(*first));
        first.reset();
        rig.engine.setDevices(rig.devices(rig.meter));
        rig.engine.begin(errand(RunKind::FourColours));
        QVERIFY(rig.waitFor(Activity::Finished));
        QCOMPARE(rig.results.fourColours.size(), correctionPatches().size());
    }

    /// By a meter that sees them, on the display model's own spectra.
    void fourColoursBringTheirSpectra()
    {
        EngineRig rig(path("spectra.sqlite"));
        rig.engine.begin(errand(RunKind::FourColours));
        QVERIFY(rig.waitFor(Activity::Finished));
        const SpectralTable &panel = rig.results.panelSpectra;
        QCOMPARE(panel.nm.front(), 380.0);
        QCOMPARE(panel.nm.back(), 780.0);
        QCOMPARE(panel.curves.size(), 4U);
        const auto own = rig.rig->with([](bench::Bench &b) {
            return std::pair{b.display().channelSpectrum(0), b.display().channelSpectrum(2)};
        });
        const auto peak = [](const auto &curve) {
            return std::max_element(curve.begin(), curve.end()) - curve.begin();
        };
        QCOMPARE(peak(panel.curve("red", "panel").values), peak(own.first));
        QCOMPARE(peak(panel.curve("blue", "panel").values), peak(own.second));
        // From the logbook the same.
        Logbook book(path("spectra.sqlite"), Logbook::Access::Read);
        const auto run = book.runs({.kind = RunKind::FourColours}).front().id;
        QVERIFY(loadResults(book, run).panelSpectra == panel);
        // A colorimeter has none.
        EngineRig other(path("no-spectra.sqlite"), "north-desk.json", "colorimeter");
        other.engine.begin(errand(RunKind::FourColours));
        QVERIFY(other.waitFor(Activity::Finished));
        QVERIFY(other.results.panelSpectra.nm.empty());
    }

    void aCheckWithNothingToHoldItAgainstIsRefused()
    {
        EngineRig rig(path("no-reference.sqlite"));
        rig.engine.begin(errand(RunKind::Check));
        QVERIFY(rig.waitFor(Activity::Blocked));
        QVERIFY2(rig.status.message.contains(QLatin1String("no profile")),
                 qPrintable(rig.status.message));
    }

    void aTurnInMidReadingTeachesNothing()
    {
        EngineRig rig(path("turns.sqlite"));
        RunSetup s = EngineRig::setup();
        s.adjust = AdjustMode::ByHand;
        rig.engine.begin(s);
        QVERIFY(rig.waitFor(Activity::Waiting));
        rig.engine.proceed();
        QVERIFY(rig.waitUntil([&] {
            return rig.status.stage == Stage::Adjust && rig.status.activity == Activity::Waiting;
        }));
        // Somebody turns brightness while every second patch is on the screen.
        int turns = 0;
        rig.onStatus = [&](const RunStatus &status) {
            if (status.patch && status.readingsDone % 2 == 1 && ++turns < 12)
                rig.rig->with([&](bench::Bench &b) {
                    b.condition().controls.brightness = turns % 2 == 0 ? 75 : 40;
                });
        };
        rig.engine.proceed();
        QVERIFY(rig.waitUntil([&] { return rig.results.whites.size() > 8; }));
        rig.engine.stop();
        // Every reading that counts fits the settings it is filed under.
        std::map<double, double> light;
        for (const WhiteReading &w : rig.results.whites) {
            const auto [it, isNew] = light.emplace(w.controls.brightness, w.white.Y);
            VERIFY_BELOW(std::abs(w.white.Y / it->second - 1), 0.02);
        }
    }

    void typedInControlsAreKeptWithTheReadings()
    {
        EngineRig rig(path("typed.sqlite"), "south-desk.json");
        RunSetup s = EngineRig::setup();
        s.displayId = "south-desk";
        s.adjust = AdjustMode::ByHand;
        s.startControls.reset();
        rig.engine.begin(s);
        QVERIFY(rig.waitFor(Activity::Waiting));
        rig.engine.proceed();
        QVERIFY(rig.waitUntil([&] {
            return rig.status.stage == Stage::Adjust && rig.status.activity == Activity::Waiting;
        }));
        rig.engine.proceed();
        QVERIFY(rig.waitUntil([&] { return !rig.results.whites.empty(); }));
        const MonitorControls typed{61, 75, 97, 99, 100};
        rig.engine.noteControls(typed);
        const size_t before = rig.results.whites.size();
        QVERIFY(rig.waitUntil([&] { return rig.results.whites.size() > before + 1; }));
        QVERIFY(rig.results.whites.back().controls == typed);
        QVERIFY(rig.results.controls == typed);
        rig.engine.stop();
    }
};

static const Register<ErrandsTest> registered("ErrandsTest");

} // namespace lantern::test

#include "errands_test.moc"
