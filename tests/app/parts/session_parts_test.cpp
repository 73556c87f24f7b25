#include "app/models/states.h"
#include "app/parts/fake_workplace.h"
#include "app/session/aim_part.h"
#include "app/session/checklist_part.h"
#include "app/session/forecast_part.h"
#include "app/session/history_part.h"
#include "app/session/in_force_part.h"
#include "app/session/light_part.h"
#include "app/session/meter_part.h"
#include "app/session/proof_part.h"
#include "app/session/run_part.h"
#include "core/base/error.h"
#include "run/book/profile_request.h"
#include "run/file/files.h"
#include "run/logbook/logbook.h"
#include "runner.h"

#include <QSignalSpy>
#include <QTemporaryDir>

namespace lantern::test {

using namespace app;

/// The parts of the session, each by itself; there is no window and no application for one.
class SessionPartsTest : public QObject {
    Q_OBJECT
    std::unique_ptr<QTemporaryDir> m_folder;

    [[nodiscard]] QString path(const char *name) const
    {
        return m_folder->filePath(QLatin1String(name));
    }
    static run::RunSetup setup()
    {
        run::RunSetup s;
        s.meterName = "Reed";
        s.displayName = "North Desk";
        s.technology = "led-wide";
        return s;
    }
    /// Red, green, blue and white of sRGB primaries at D65, scaled per channel.
    static std::vector<Reading> fourColours(double x, double y, double z)
    {
        const std::array<XYZ, 4> colours = {XYZ{41.24, 21.26, 1.93}, XYZ{35.76, 71.52, 11.92},
                                            XYZ{18.05, 7.22, 95.05}, XYZ{95.05, 100, 108.9}};
        const std::array<DeviceRgb, 4> codes = {DeviceRgb{255, 0, 0}, DeviceRgb{0, 255, 0},
                                                DeviceRgb{0, 0, 255}, DeviceRgb{255, 255, 255}};
        std::vector<Reading> out;
        for (size_t i = 0; i < 4; ++i)
            out.push_back({codes[i], {x * colours[i].X, y * colours[i].Y, z * colours[i].Z}});
        return out;
    }

private slots:
    void init() { m_folder = std::make_unique<QTemporaryDir>(); }

    void turningOneKnobIsOneStepBack()
    {
        AimPart part(path("aims"), path("form.json"));
        const Aim first = part.state().aim;
        for (const double cdM2 : {90.0, 100.0, 110.0}) {
            Aim aim = part.state().aim;
            aim.luminanceCdM2 = cdM2;
            aim.name = first.name + ", changed";
            part.setAim(aim);
        }
        Aim other = part.state().aim;
        other.tone = GammaTone{1.8};
        part.setAim(other);
        part.setAim(other); // nothing new
        QCOMPARE(part.undoStack()->count(), 2);
        part.undoStack()->undo();
        QCOMPARE(*part.state().aim.luminanceCdM2, 110.0);
        part.undoStack()->undo();
        QVERIFY(part.state().aim == first);
        part.undoStack()->redo();
        part.undoStack()->redo();
        QVERIFY(part.state().aim == other);
    }

    void whatAProfileWouldComeToIsForecastOnce()
    {
        ForecastPart part;
        QSignalSpy changed(&part, &ForecastPart::changed);
        RunState run = measuring(run::Stage::Build);
        part.look(run);
        QVERIFY(!part.state().forecasting); // nothing is read yet
        run.results = keptRun();
        run.results.profile.clear();
        part.look(run);
        QVERIFY(part.state().forecasting);
        QVERIFY(waitUntil([&] { return !part.state().forecasting; }));
        const auto all = part.state().forecasts;
        QCOMPARE(all.size(), size_t(3));
        QVERIFY(all[0].kind == ProfileKind::Table && all[2].kind == ProfileKind::Gamma);
        // Of the same readings and form: what was built then.
        QVERIFY(keptRun().setup.profileKind == ProfileKind::Matrix);
        QCOMPARE(all[1].bytes, size_t(keptRun().profile.size()));
        QVERIFY(all[0].expectedDeltaE00 < all[1].expectedDeltaE00);
        QVERIFY(all[1].expectedDeltaE00 < all[2].expectedDeltaE00);
        QVERIFY(all[1].bytes < all[0].bytes);
        const auto before = changed.count();
        run.results.setup.profileKind = ProfileKind::Matrix; // another of the three
        part.look(run);
        QCOMPARE(changed.count(), before);
        run.results.setup.grid = 9; // a coarser table, and newest wins
        part.look(run);
        run.results.setup.grid = 17;
        part.look(run);
        QVERIFY(waitUntil([&] { return !part.state().forecasting; }));
        QVERIFY(part.state().forecasts[0].bytes < all[0].bytes);
        QVERIFY(part.state().forecasts == forecastProfiles(run::profileReadings(run.results),
                                                           run::profileRequest(run.results)));
        run.results.profile = keptRun().profile;
        part.look(run);
        QVERIFY(part.state().forecasts.empty());
    }

    void chartsAreKeptByName()
    {
        const std::vector<DeviceRgb> chart = {{255, 255, 255}, {1, 2, 3}, {0, 0, 0}};
        {
            AimPart part(path("aims"), path("form.json"));
            part.keepChart(QStringLiteral("Plates / 7"), chart);
            part.keepChart(QStringLiteral("another"), chart);
            part.removeChart(QStringLiteral("another"));
        }
        AimPart part(path("aims"), path("form.json"));
        QCOMPARE(part.state().ownCharts, QStringList{QStringLiteral("Plates / 7")});
        QVERIFY(part.state().ownAims.empty()); // charts are no aims
        part.chooseChart(QStringLiteral("Plates / 7"));
        QVERIFY(part.state().measure.list == chart);
        QVERIFY(part.state().measure.until == MeasureChoice::Until::Chart);
        QVERIFY_THROWS_EXCEPTION(Error, part.chooseChart(QStringLiteral("nothing")));
    }

    void whatIsProvedWithIsKept()
    {
        Tolerance house = toleranceByName("studio");
        house.title = "House";
        house.colourMean = 0.7;
        {
            ProofPart part(path("limits"), path("proof.json"));
            QVERIFY(part.state().proof == run::ProofChoice{});
            run::ProofChoice choice;
            choice.reference = "greys:31";
            choice.colours = {{"Moss 3", {50, -20, 20}}};
            choice.absolute = choice.perceptual = true;
            choice.against = "srgb";
            part.choose(choice);
            part.keep(house); // kept and chosen
            QCOMPARE(part.state().proof.tolerance.name, std::string("House"));
            house.title = "Studio"; // one of ours
            QVERIFY_THROWS_EXCEPTION(Error, part.keep(house));
            house.title = "Nothing";
            QVERIFY_THROWS_EXCEPTION(Error, part.keep(Tolerance{.title = "Nothing"}));
        }
        ProofPart part(path("limits"), path("proof.json"));
        const run::ProofChoice kept = part.state().proof;
        QCOMPARE(kept.reference, std::string("greys:31"));
        QCOMPARE(kept.colours.size(), size_t(1));
        QVERIFY(kept.absolute && kept.perceptual && kept.against == "srgb");
        QCOMPARE(*kept.tolerance.colourMean, 0.7);
        QCOMPARE(part.state().ownTolerances.size(), size_t(1));
        run::RunSetup setup;
        kept.applyTo(setup, 5);
        QVERIFY(setup.ownTolerance == kept.tolerance);
        QVERIFY(run::setupFromJson(run::setupToJson(setup), "kept") == setup);
        QCOMPARE(*run::toleranceOf(setup).colourMean, 0.7);
        part.remove(QStringLiteral("House")); // what was chosen falls back to ours
        QCOMPARE(part.state().proof.tolerance.name, std::string("studio"));
        QVERIFY(part.state().ownTolerances.empty());
        // Fresh colours get a seed of their own each time.
        run::ProofChoice fresh;
        fresh.reference = "random:40";
        fresh.applyTo(setup, 77);
        QCOMPARE(setup.reference, std::string("random:40:77"));
        QVERIFY(!setup.ownTolerance);
        run::writeFile(path("proof.json"), "{");
        QVERIFY(ProofPart(path("limits"), path("proof.json")).state().proof == run::ProofChoice{});
    }

    void ownAimsAreKeptInTheirFolder()
    {
        AimPart part(path("aims"), path("form.json"));
        QVERIFY(part.keep(QStringLiteral("  ")).contains(QLatin1String("name first")));
        QVERIFY(part.state().ownAims.empty());
        part.keep(QStringLiteral(" Cellar "));
        QCOMPARE(part.state().aim.name, std::string("Cellar"));
        part.keepCopy();
        part.keepCopy();
        AimPart again(path("aims"), path("form.json"));
        QCOMPARE(again.state().ownAims.size(), size_t(3));
        QVERIFY(again.state().ownAims == part.state().ownAims);
        QCOMPARE(part.state().aim.name, std::string("Cellar 2 2"));
        part.removeOwn(QStringLiteral("Cellar 2"));
        QCOMPARE(AimPart(path("aims"), path("form.json")).state().ownAims.size(), size_t(2));
    }

    void aShelfThatCannotBeWrittenIsTold()
    {
        run::writeFile(path("aims"), "a file where the folder should be");
        AimPart part(path("aims"), path("form.json"));
        VERIFY_ERROR(part.keep(QStringLiteral("Cellar")), "aims");
        QVERIFY(part.state().ownAims.empty());
    }

    void theMeterIsCorrectedByABetterOne()
    {
        MeterPart part(path("meters"));
        part.setCard({});
        run::RunResults read;
        read.fourColours = fourColours(0.95, 1.02, 1.1);
        part.tookFourColours(QStringLiteral("Reed"), read);
        read.fourColours = fourColours(1, 1, 1);
        part.tookFourColours(QStringLiteral("Heron"), read);
        const QString told =
            part.keepFourColours(QStringLiteral("Reed"), QStringLiteral("Heron"), setup());
        QVERIFY(told.contains(QLatin1String("Heron")));
        QCOMPARE(part.refresh(setup()), QString());
        QVERIFY(part.state().meter.correction.contains(QLatin1String("on this display")));
        run::RunSetup next = setup();
        MeterPart(path("meters")).addFacts(next); // kept in files
        QVERIFY(next.meterCorrection.has_value());
        const Vec3 white =
            next.meterCorrection->matrix * Vec3(0.95 * 95.05, 1.02 * 100, 1.1 * 108.9);
        VERIFY_NEAR(white[0], 95.05, 0.01);
        VERIFY_NEAR(white[1], 100, 0.01);
        VERIFY_NEAR(white[2], 108.9, 0.01);
        part.forget(setup());
        part.refresh(setup());
        QCOMPARE(part.state().meter.correction, QString());
        QCOMPARE(part.state().meter.correctionKind, CorrectionKind::None);
    }

    void filesOfTheMeterAreNamedWhenTheyAreBroken()
    {
        MeterPart part(path("meters"));
        run::writeFile(path("broken.json"), "{\"meter\": 3}");
        VERIFY_ERROR(part.keepCertificate(path("broken.json"), setup()), "broken.json");
        VERIFY_ERROR(part.keepCorrection(path("broken.json"), setup()), "broken.json");
        VERIFY_ERROR(part.keepCertificate(path("nowhere.json"), setup()), "nowhere.json");
        VERIFY_ERROR(part.forget({}), "none is chosen");
    }

    void theRoomIsReadSeveralTimes()
    {
        MeterPart part(path("meters"));
        part.setReadingRoom(true);
        part.roomRead({64, {0.34, 0.35}});
        part.roomRead({66, {0.34, 0.35}});
        QVERIFY(!part.state().readingRoom);
        QCOMPARE(part.state().roomReadings.size(), size_t(2));
        QCOMPARE(part.state().meter.room->illuminanceLux, 66.0);
        part.forgetRoom();
        QVERIFY(part.state().roomReadings.empty());
        QVERIFY(part.state().meter.room.has_value()); // the Desk goes on showing it
    }

    void whatTheMeterSaidStaysUntilItIsChanged()
    {
        ChecklistPart part;
        part.meterAnswers(QStringLiteral("Reed"));
        ReadyFacts facts; // the machine cannot tell
        part.setFacts(facts, {});
        QCOMPARE(part.state().readyFacts.meterAnswers, std::optional(true));
        part.meterFails(QStringLiteral("no answer"));
        part.setFacts(facts, {});
        QCOMPARE(part.state().readyFacts.meterAnswers, std::optional(false));
        QCOMPARE(part.state().readyFacts.meterSays, QStringLiteral("no answer"));
        part.forgetMeter();
        QVERIFY(!part.state().readyFacts.meterAnswers);
    }

    void ticksAreOfOneDisplay()
    {
        ChecklistPart part;
        const auto indexOf = [&](const char *key) {
            for (size_t i = 0; i < part.state().ready.size(); ++i)
                if (part.state().ready[i].key == QLatin1String(key))
                    return static_cast<int>(i);
            return -1;
        };
        const size_t open = part.openPoints().size();
        part.tick(indexOf("light"), true);
        QCOMPARE(part.openPoints().size(), open - 1);
        part.setFacts({}, {}); // looked at again
        QVERIFY(part.state().ready[static_cast<size_t>(indexOf("light"))].done);
        part.confirm(true);
        part.startOver();
        QCOMPARE(part.openPoints().size(), open);
        QVERIFY(!part.state().readyConfirmed);
    }

    void anOverdueCertificateIsSeen()
    {
        ChecklistPart part;
        MeterCard meter;
        meter.certificate = Certificate{};
        meter.certificate->due = "2001-02-03";
        part.setFacts({}, meter);
        QVERIFY(part.state().readyFacts.certificateOverdue);
        meter.certificate->due = "2999-02-03";
        part.setFacts({}, meter);
        QVERIFY(!part.state().readyFacts.certificateOverdue);
    }

    void onlyTheNewestQuestionIsAnswered()
    {
        run::writeFile(path("log.sqlite"),
                       run::readFile(QStringLiteral(LANTERN_TEST_DATA "/logbook-v4.sqlite")));
        HistoryPart part(path("log.sqlite"));
        QSignalSpy told(&part, &HistoryPart::told);
        const QStringList ids = {QStringLiteral("north-desk"), QStringLiteral("south-desk")};
        part.ask(ids, ids[1], 0);
        part.ask(ids, ids[0], 0);
        QVERIFY(part.state().readingHistory);
        QVERIFY(waitUntil([&] { return told.count() > 0; }));
        QVERIFY(!part.state().readingHistory);
        QVERIFY(part.state().lastTime.has_value());
        QCOMPARE(part.state().lastTime->setup.displayId, std::string("north-desk"));
        const DisplayVerdict &north = part.verdicts().at(ids[0]);
        QCOMPARE(*north.lastMean, part.state().lastTime->validation->meanDeltaE00);
        const qint64 days = north.lastValidated->daysTo(QDateTime::currentDateTimeUtc());
        QCOMPARE(north.mark == Mark::Stale, days > 30);
        part.forget();
        QVERIFY(!part.state().lastTime);
        QCOMPARE(told.count(), 1);
        // A second question after the first was answered is answered too.
        part.ask(ids, ids[1], 0);
        QVERIFY(waitUntil([&] { return told.count() == 2; }));
        QCOMPARE(part.state().lastTime->setup.displayId, std::string("south-desk"));
    }

    void aLogbookThatIsNoneIsTold()
    {
        run::writeFile(path("log.sqlite"), "no logbook");
        HistoryPart part(path("log.sqlite"));
        QSignalSpy told(&part, &HistoryPart::told);
        part.ask({QStringLiteral("north-desk")}, QStringLiteral("north-desk"), 0);
        QVERIFY(waitUntil([&] { return told.count() > 0; }));
        QVERIFY(told.front().front().toString().contains(QLatin1String("log.sqlite")));
    }

    void noTrialStaysWhenTheProgramEnds()
    {
        FakeWorkplace workplace;
        {
            InForcePart part(&workplace);
            part.select(0);
            run::RunResults own;
            own.installedPath = QStringLiteral("own.icc");
            part.setOwn(own);
            QVERIFY(part.beginTrying());
            part.showLut(VideoLut::identity());
        }
        QCOMPARE(workplace.asked,
                 QStringList({QStringLiteral("begins"), QStringLiteral("lut"),
                              QStringLiteral("own own.icc"), QStringLiteral("ends")}));
        workplace.asked.clear();
        { // nothing was tried: nothing is touched
            InForcePart part(&workplace);
            part.select(0);
        }
        QVERIFY(workplace.asked.isEmpty());
    }

    /// Displays change their numbers when others come and go: what a run tries ends where it began.
    void aTrialEndsOnItsOwnDisplay()
    {
        FakeWorkplace workplace;
        app::DisplayCard a, b;
        a.id = QStringLiteral("a");
        b.id = QStringLiteral("b");
        run::RunResults own;
        own.installedPath = QStringLiteral("b.icc");
        const auto tryOnB = [&](InForcePart &part) {
            workplace.cards = {a, b};
            part.select(1);
            part.setOwn(own);
            QVERIFY(part.beginTrying());
            workplace.asked.clear();
        };
        InForcePart part(&workplace);
        tryOnB(part); // the other one goes while the engine is at work
        workplace.cards = {b};
        part.leave();
        part.select(0);
        part.setOwn({});
        part.putBack();
        QCOMPARE(workplace.asked, QStringList()); // not before the engine has stopped
        part.endTrying();
        QCOMPARE(workplace.asked,
                 QStringList({QStringLiteral("own b.icc of b"), QStringLiteral("ends of b")}));

        tryOnB(part); // it goes itself
        workplace.cards = {a};
        part.leave();
        part.select(0);
        part.setOwn({});
        part.putBack();
        part.endTrying();
        QCOMPARE(workplace.asked, QStringList({QStringLiteral("nothing of a")}));

        tryOnB(part); // nobody is at work
        workplace.cards = {b, a};
        part.putBack();
        part.endTrying();
        QCOMPARE(workplace.asked,
                 QStringList({QStringLiteral("own b.icc of b"), QStringLiteral("ends of b")}));
        QVERIFY(!part.isTrying());
    }

    void aDisplayThatIsTakenIsLeftAlone()
    {
        FakeWorkplace workplace;
        workplace.busy = true;
        InForcePart part(&workplace);
        QSignalSpy told(&part, &InForcePart::told);
        QVERIFY(!part.beginTrying());
        QVERIFY(!part.isTrying());
        QVERIFY(told.front().front().toString().contains(QLatin1String("another program")));
    }

    void whatOthersChangeIsSeen()
    {
        FakeWorkplace workplace;
        InForcePart part(&workplace);
        QSignalSpy changed(&part, &InForcePart::changed);
        workplace.inForce = {true, true, true, QStringLiteral("yes"), QStringLiteral("X")};
        part.look(run::RunResults{});
        QCOMPARE(changed.count(), 1);
        part.look(run::RunResults{});
        QCOMPARE(changed.count(), 1); // the same
        workplace.inForce.lutMatches = false;
        part.look(run::RunResults{});
        QCOMPARE(changed.count(), 2);
        QVERIFY(!part.inUse().lutMatches);
        part.look({}); // nothing is expected to be in force
        QVERIFY(!part.inUse().checked);
    }

    void aRunThatCannotBeginIsTold()
    {
        RunPart part(QStringLiteral("/proc/nowhere/log.sqlite"));
        QSignalSpy failed(&part, &RunPart::failed);
        part.begin(setup());
        QVERIFY(part.isBeginning());
        QVERIFY(waitUntil([&] { return failed.count() > 0; }));
        QVERIFY(!part.isBeginning());
        QVERIFY(failed.front().front().toString().contains(QLatin1String("/proc/nowhere")));
        QCOMPARE(int(part.state().status.activity), int(run::Activity::Idle));
    }

    /// A damaged file of lights is told once and set aside, never written over.
    void damagedLightsAreSetAside()
    {
        const QString file = path("lights.json");
        run::writeFile(file, "{ broken");
        QUndoStack undo;
        LightPart part(file, &undo);
        QVERIFY(part.takeProblem().contains(QLatin1String("lights.json")));
        QVERIFY(part.takeProblem().isEmpty());
        part.change(QStringLiteral("a test"), [](run::Lights &l) { l.watchMinutes = 60; });
        QCOMPARE(run::readFile(file + QStringLiteral(".broken")), QByteArray("{ broken"));
        QCOMPARE(run::readLights(file).watchMinutes, 60);
        undo.undo();
        QCOMPARE(run::readLights(file).watchMinutes, 0);
    }
};

namespace {
const Register<SessionPartsTest> registered("SessionPartsTest");
}

} // namespace lantern::test

#include "session_parts_test.moc"
