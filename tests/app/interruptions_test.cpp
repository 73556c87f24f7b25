#include "core/plan/chart.h"
#include "run/file/files.h"
#include "runner.h"
#include "window_rig.h"

#include <QDir>
#include <QLabel>
#include <QListWidget>

using namespace lantern;
using namespace lantern::app;
using lantern::run::Activity;
using lantern::run::Stage;
using lantern::test::onX11;
using lantern::test::settle;
using lantern::test::WindowRig;

/// What goes wrong or is broken off in the middle, and how it goes on.
class InterruptionsTest : public QObject {
    Q_OBJECT
private slots:
    void aLutLoadedBySomethingElseIsNoticed()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(Stage::Validate));
        QVERIFY(rig.state().inUse.lutMatches);
        rig.demo->activate(0, std::nullopt); // another program resets LUT and property
        QVERIFY(rig.waitFor([&] { return !rig.state().inUse.lutMatches; }));
        const auto rows = ledgerRows(rig.state());
        QCOMPARE(rows.back().mark, Mark::Over);
    }

    void aFaultStopsWithAMessageAndTheSamePressGoesOn()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(Stage::Measure));
        rig.demo->rig(0)->with([](bench::Bench &b) {
            b.meter().injectFault(b.meter().readingNumber() + 10, MeterFault::Unplugged);
        });
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor([&] { return rig.state().status.activity == Activity::Faulted; }));
        settle();
        auto *notice = rig.window->findChild<QLabel *>(QStringLiteral("notice"));
        QVERIFY(notice->isVisible());
        QVERIFY2(notice->text().contains(QLatin1String("unplugged")), qPrintable(notice->text()));
        QCOMPARE(rig.action()->text(), QStringLiteral("Go on"));
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor([&] { return rig.state().status.stage == Stage::Build; }));
        QCOMPARE(rig.state().results.chart.size(), measuringOrder(makeChart(96)).size());
    }

    /// Stopped while it is being proved, a run's profile is installed and stays so: now, after
    /// another display was looked at, and after a restart. Discarded, it gives way.
    void aProfileThatIsInstalledStays()
    {
        QTemporaryDir folder;
        const QString log = folder.filePath(QStringLiteral("log.sqlite"));
        {
            WindowRig rig(0, log);
            QVERIFY(rig.pressUntil(Stage::Done));
            rig.session->newRun();
            QVERIFY(rig.waitFor(
                [&] { return rig.action()->text() != QLatin1String("Save the report"); }));
            QVERIFY(rig.pressUntil(Stage::Build));
            rig.session->setProfileTitle(QStringLiteral("the second"));
            QVERIFY(rig.pressUntil(Stage::Validate));
            rig.demo->setSpeed(20);
            QVERIFY(rig.press());
            QVERIFY(rig.waitFor([&] { return rig.state().status.readingsDone > 2; }));
            rig.session->stop();
            const auto isSecond = [&] {
                const SessionState &s = rig.state();
                return s.status.activity == Activity::Idle && s.inUse.checked &&
                       s.inUse.profileMatches && s.inUse.lutMatches && s.own() &&
                       run::profileName(s.own()->setup) == "the second";
            };
            QVERIFY(rig.waitFor(isSecond));
            rig.session->selectDisplay(1);
            QVERIFY(rig.waitFor([&] { return !rig.state().readingHistory; }));
            rig.session->selectDisplay(0);
            QVERIFY(rig.waitFor(isSecond));
        }
        WindowRig again(0, log);
        QVERIFY(again.waitFor([&] { return again.state().inUse.checked; }));
        QVERIFY(again.state().inUse.profileMatches && again.state().inUse.lutMatches);
        QCOMPARE(run::profileName(again.state().own()->setup), std::string("the second"));
        again.session->discardRun();
        QVERIFY(again.waitFor([&] {
            return !again.state().readingHistory && !again.state().installed &&
                   again.state().inUse.checked && again.state().inUse.profileMatches;
        }));
        QVERIFY(run::profileName(again.state().own()->setup) != "the second");
    }

    void aCoveredPatchIsNoticed()
    {
        if (!onX11())
            QSKIP("needs a screen to look at");
        WindowRig rig;
        QVERIFY(rig.pressUntil(Stage::Measure));
        QWidget cover(nullptr, Qt::FramelessWindowHint | Qt::WindowStaysOnTopHint |
                                   Qt::X11BypassWindowManagerHint);
        cover.setGeometry(rig.demo->patchWindow()->geometry());
        QPalette p;
        p.setColor(QPalette::Window, QColor(12, 200, 7));
        cover.setPalette(p);
        rig.demo->setSpeed(20);
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor([&] { return rig.state().status.readingsDone > 0; }));
        cover.show();
        cover.raise();
        // The patch raises itself once for each reading; keep covering it until that is noticed.
        QVERIFY(rig.waitFor([&] {
            cover.raise();
            return rig.state().status.activity == Activity::Faulted;
        }));
        QVERIFY(rig.state().notice.contains(QLatin1String("covers the patch")));
        cover.hide();
        rig.demo->setSpeed(0);
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor([&] { return rig.state().status.stage == Stage::Build; }));
    }

    void pauseAndGoOnFromTheRunBar()
    {
        WindowRig rig(20);
        QVERIFY(rig.pressUntil(Stage::Measure));
        QVERIFY(rig.press());
        auto *bar = rig.window->findChild<RunBar *>(QStringLiteral("runBar"));
        auto *pause = bar->findChild<QPushButton *>(QStringLiteral("pause"));
        QVERIFY(
            rig.waitFor([&] { return bar->isVisible() && rig.state().status.readingsDone > 2; }));
        QTest::mouseClick(pause, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().status.activity == Activity::Paused; }));
        QVERIFY(rig.waitFor([&] { return pause->text().contains(QLatin1String("Go on")); }));
        const int done = rig.state().status.readingsDone;
        QTest::mouseClick(pause, Qt::LeftButton);
        QVERIFY2(rig.waitFor([&] { return rig.state().status.readingsDone > done + 2; }),
                 qPrintable(rig.state().notice));
        QTest::mouseClick(bar->findChild<QPushButton *>(QStringLiteral("stop")), Qt::LeftButton);
        QVERIFY(rig.waitFor([&] {
            return rig.state().status.activity == Activity::Idle && rig.state().unfinishedRun;
        }));
        settle();
        QVERIFY(!bar->isVisible());
        QCOMPARE(rig.action()->text(), QStringLiteral("Go on with the unfinished run"));
        rig.demo->setSpeed(0);
        QVERIFY(rig.press());
        QVERIFY(rig.pressUntil(Stage::Build));
        QCOMPARE(rig.state().results.chart.size(), measuringOrder(makeChart(96)).size());
    }

    void aRunIsOfferedAgainAfterACrash()
    {
        QTemporaryDir folder;
        const QString logbook = folder.filePath(QStringLiteral("log.sqlite"));
        {
            WindowRig rig(0, logbook);
            QVERIFY(rig.pressUntil(Stage::Measure));
        }
        WindowRig rig(0, logbook);
        QVERIFY(rig.state().unfinishedRun.has_value());
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor([&] { return rig.state().status.stage == Stage::Measure; }));
        QVERIFY(rig.state().results.calibration.has_value());
        QVERIFY(rig.pressUntil(Stage::Done));
    }

    void stoppingPutsTheDisplaysOwnLutBack()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(Stage::Done));
        rig.session->newRun();
        QVERIFY(rig.waitFor([&] { return rig.state().status.activity == Activity::Idle; }));
        QVERIFY(rig.pressUntil(Stage::Adjust)); // the run has loaded a LUT without correction
        rig.session->stop();
        QVERIFY(rig.waitFor([&] { return rig.state().inUse.checked; }));
        QVERIFY(rig.state().inUse.lutMatches);
        QVERIFY(rig.state().inUse.profileMatches);
    }

    /// Also when another display is chosen while the run waits.
    void choosingAnotherDisplayPutsTheOwnLutBack()
    {
        WindowRig rig;
        const auto loaded = [&] {
            return rig.demo->rig(0)->with(
                [](bench::Bench &b) { return b.condition().lut.value_or(VideoLut::identity()); });
        };
        const VideoLut before = loaded();
        QVERIFY(rig.pressUntil(Stage::Measure));
        QVERIFY(!(loaded() == before)); // the run's own
        QCOMPARE(int(rig.state().status.activity), int(Activity::Waiting));
        rig.session->selectDisplay(1);
        QVERIFY(loaded() == before);
        QVERIFY(rig.waitFor([&] { return !rig.state().readingHistory; }));
        rig.session->selectDisplay(0);
        QVERIFY(rig.waitFor([&] { return rig.state().unfinishedRun.has_value(); }));
        QVERIFY(loaded() == before);
    }

    /// What the person tries elsewhere in the window has to leave the LUT of a run alone.
    void nothingElseIsTriedWhileARunWaits()
    {
        WindowRig rig;
        const auto loaded = [&] {
            return rig.demo->rig(0)->with(
                [](bench::Bench &b) { return b.condition().lut.value_or(VideoLut::identity()); });
        };
        QVERIFY(rig.pressUntil(Stage::Done));
        const VideoLut own = loaded();
        rig.session->showFormerState(rig.state().lastRun, true); // held while the run begins
        rig.session->newRun();
        QVERIFY(rig.waitFor([&] { return rig.state().status.activity == Activity::Idle; }));
        QVERIFY(rig.pressUntil(Stage::Adjust));
        QVERIFY(!(loaded() == own));
        rig.session->showFormerState(rig.state().lastRun, false);
        QVERIFY(!(loaded() == own));

        QVERIFY(rig.pressUntil(Stage::Measure));
        const VideoLut ofRun = loaded();
        rig.session->showView(ViewId::ByEye);
        auto *steps = rig.window->findChild<QListWidget *>(QStringLiteral("eyeSteps"));
        QVERIFY(rig.waitFor([&] { return steps->isVisible(); }));
        settle();
        auto *next = rig.window->findChild<QPushButton *>(QStringLiteral("eyeNext"));
        QTest::mouseClick(next, Qt::LeftButton);
        settle();
        QVERIFY(loaded() == ofRun);
        QVERIFY(rig.pressUntil(Stage::Build));
    }

    /// What follows a run at once has the display to itself, though that run has just ended.
    void aProofOfTheRunJustMadeKeepsTheDisplay()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(Stage::Done));
        rig.demo->setSpeed(20);
        rig.session->proveNow();
        QVERIFY(rig.waitFor([&] {
            return rig.state().status.activity == Activity::Working &&
                   rig.state().status.readingsDone > 1;
        }));
        rig.session->useProfile(QStringLiteral("/nowhere/other.icc"));
        QVERIFY2(rig.state().notice.contains(QLatin1String("own LUT in force")),
                 qPrintable(rig.state().notice));
        rig.demo->setSpeed(0);
        QVERIFY(rig.waitFor([&] { return rig.state().lastProof.has_value(); }));
    }

    /// The meter that a run was to go on with answers when the run is discarded.
    void aDiscardedRunDoesNotComeBackWithTheMeter()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(Stage::Measure));
        rig.session->swapMeter(QStringLiteral("reference"));
        rig.session->discardRun();
        QVERIFY(rig.waitFor([&] {
            return rig.state().meter.state == QLatin1String("ready") &&
                   !rig.state().readingHistory && !rig.state().unfinishedRun;
        }));
        settle();
        QVERIFY(!rig.state().hasRun());
    }

    void aNewRunCanBePreferredToAnUnfinishedOne()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(Stage::Adjust));
        rig.session->stop();
        QVERIFY(rig.waitFor([&] { return rig.state().unfinishedRun.has_value(); }));
        QCOMPARE(int(mainAction(rig.state()).step), int(NextStep::ResumeOldRun));
        rig.session->newRun();
        settle();
        QCOMPARE(int(mainAction(rig.state()).step), int(NextStep::ConfirmReady));
        rig.session->selectDisplay(0);
        QVERIFY(rig.waitFor([&] { return !rig.state().readingHistory; }));
        QCOMPARE(int(mainAction(rig.state()).step), int(NextStep::ResumeOldRun));
        rig.session->discardRun();
        settle();
        rig.session->selectDisplay(0);
        QVERIFY(rig.waitFor([&] { return !rig.state().readingHistory; }));
        QCOMPARE(int(mainAction(rig.state()).step), int(NextStep::ConfirmReady));
    }

    void aRunCanBeDiscardedInTheMiddle()
    {
        WindowRig rig(20);
        QVERIFY(rig.pressUntil(Stage::Calibrate));
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor([&] { return rig.state().status.readingsDone > 3; }));
        rig.session->discardRun();
        QVERIFY(rig.waitFor([&] { return rig.state().status.activity == Activity::Idle; }));
        settle();
        QVERIFY(!rig.state().unfinishedRun);
        QVERIFY(!rig.state().results.before);
        QVERIFY(rig.pressUntil(Stage::Adjust)); // and the next one starts from the beginning
    }

    void aReadOnlyProfileFolderIsNamed()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(Stage::Install));
        const QString icc = rig.demo->profileFolder();
        QDir(icc).removeRecursively();
        run::makeFolder(QFileInfo(icc).path());
        run::writeFile(
            icc, "in the folder's place"); // root may write anywhere, so a folder is not enough
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor([&] { return rig.state().status.activity == Activity::Faulted; }));
        QVERIFY2(rig.state().notice.contains(icc), qPrintable(rig.state().notice));
        QVERIFY(QFile::remove(icc));
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor([&] { return rig.state().status.stage == Stage::Validate; }));
        QVERIFY(rig.state().inUse.profileMatches);
    }

    void theSecondProgramOnALogbookIsTurnedAway()
    {
        WindowRig rig;
        VERIFY_ERROR(run::Logbook(rig.logbook(), run::Logbook::Access::Write), "in use by");
    }

    void displaysCannotBeChangedInMidReading()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(Stage::Measure));
        rig.demo->setSpeed(5);
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor([&] { return rig.state().status.readingsDone > 1; }));
        rig.session->selectDisplay(1);
        QCOMPARE(rig.state().selected, 0);
        QVERIFY(rig.state().notice.contains(QLatin1String("under way")));
        rig.session->setAim(aimPresets()[1]);
        QCOMPARE(rig.state().aim.name, aimPresets()[0].name);
    }

    void aMissingMeterIsSeenInTheChecklist()
    {
        WindowRig rig;
        QVERIFY(rig.state().ready.front().done);
        rig.demo->injectFault(0, MeterFault::Unplugged);
        rig.session->selectDisplay(0);
        QVERIFY(!rig.state().ready.front().done);
        QVERIFY(rig.state().ready.front().finding.contains(QLatin1String("does not answer")));
    }
};

static const lantern::test::Register<InterruptionsTest> registered("InterruptionsTest");

#include "interruptions_test.moc"
