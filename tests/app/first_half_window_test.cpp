#include "window_rig.h"

#include "app/views/by_eye/by_eye_view.h"
#include "app/views/check/check_model.h"
#include "app/widgets/meter_drawing.h"

#include <nlohmann/json.hpp>

#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QSlider>
#include <QSpinBox>
#include <QTableView>

#include <numbers>

namespace lantern::test {

using namespace app;
using run::Activity;
using run::Stage;

/// Getting ready, checking first, aiming at the light, adjusting by hand, by eye: in the window.
class FirstHalfWindowTest : public QObject {
    Q_OBJECT

    static bool idle(const WindowRig &rig)
    {
        return rig.state().status.activity == Activity::Idle && !rig.state().onErrand();
    }
    static const ReadyPoint &point(const WindowRig &rig, const char *key)
    {
        for (const ReadyPoint &p : rig.state().ready)
            if (p.key == QLatin1String(key))
                return p;
        static const ReadyPoint none;
        return none;
    }
    template <class W> static W *child(const WindowRig &rig, const char *name)
    {
        return rig.window->findChild<W *>(QLatin1String(name));
    }

private slots:
    void aColdDisplayIsWatchedUntilItIsWarm()
    {
        WindowRig rig;
        rig.demo->rig(0)->with([](bench::Bench &b) { b.setClockSeconds(120); });
        rig.session->refreshReady();
        QVERIFY(rig.waitFor([&] { return !point(rig, "warm").done; }));
        QVERIFY(point(rig, "warm").finding.contains(QLatin1String("on for 2 minutes")));
        QTest::mouseClick(child<QPushButton>(rig, "watchWarmUp"), Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().warmUp && rig.state().warmUp->enough; }));
        QVERIFY(rig.waitFor([&] { return idle(rig) && point(rig, "warm").done; }));
        QVERIFY(point(rig, "warm").automatic);
        QVERIFY(point(rig, "warm").finding.contains(QLatin1String("less than 0.5 %")));
        QVERIFY(rig.waitFor([&] { return rig.action()->isEnabled(); }));
    }

    void stillWarmingIsSaidWithTheMinutes()
    {
        WarmUp warm;
        warm.enough = true;
        warm.drift = 0.031;
        warm.minutesToWarm = 2.4;
        for (const ReadyPoint &p : readyPoints({}, warm, {}, {}))
            if (p.key == QLatin1String("warm")) {
                QVERIFY(!p.done);
                QVERIFY(p.finding.contains(QLatin1String("3 minutes more")));
                return;
            }
        QFAIL("there is no such point");
    }

    void theMeterIsFoundAndGetsItsPatch()
    {
        WindowRig rig;
        const QPoint spot = rig.demo->screenOf(0).topLeft() + QPoint(330, 610);
        rig.demo->hangMeter(spot);
        QTest::mouseClick(child<QPushButton>(rig, "findMeter"), Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().placement.has_value() && idle(rig); }));
        const QRect patch = rig.demo->patchWindow()->geometry();
        const QPoint off = patch.center() - spot;
        QVERIFY2(std::hypot(off.x(), off.y()) < 56, // the meter's circle lies inside the patch
                 qPrintable(QStringLiteral("%1 %2").arg(off.x()).arg(off.y())));
        QVERIFY(point(rig, "hangs").done);
        // There it measures.
        QVERIFY(rig.pressUntil(Stage::Adjust));
        VERIFY_NEAR(rig.state().results.before->white->Y, 242, 12);
    }

    /// In a low window too, where a person types in what the monitor shows.
    void thePatchLeavesTheControlsFree()
    {
        WindowRig rig;
        rig.session->selectDisplay(1);
        QVERIFY(rig.pressUntil(Stage::Adjust));
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor([&] { return !rig.state().results.whites.empty(); }));
        rig.window->resize(1024, 640);
        const auto *patch = rig.demo->patchWindow();
        QVERIFY(rig.waitFor([&] {
            for (int i = 0; i < 5; ++i) {
                const auto *box = child<QSpinBox>(rig, ("control" + std::to_string(i)).c_str());
                if (!box->isVisible() || QRect(box->mapToGlobal(QPoint(0, 0)), box->size())
                                             .intersects(patch->geometry()))
                    return false;
            }
            return patch->isVisible() && rig.window->height() == 640;
        }));
    }

    void aMeterThatSeesNothingIsToldAndCanBeLeft()
    {
        WindowRig rig;
        rig.demo->hangMeter(QPoint(-5000, -5000));
        rig.session->findMeter();
        QVERIFY(rig.waitFor([&] {
            return rig.state().status.activity == Activity::Blocked ||
                   rig.state().status.activity == Activity::Faulted;
        }));
        QVERIFY2(rig.state().notice.contains(QLatin1String("does not see")),
                 qPrintable(rig.state().notice));
        rig.demo->hangMeter(std::nullopt);
        rig.session->stop();
        QVERIFY(rig.waitFor([&] { return idle(rig); }));
    }

    void openPointsAreNotedInTheReport()
    {
        WindowRig rig;
        auto boxes = rig.window->findChildren<QCheckBox *>();
        for (QCheckBox *box : boxes)
            if (box->isVisible() && box->isEnabled() &&
                box->text().startsWith(QLatin1String("No light")))
                QTest::mouseClick(box, Qt::LeftButton, {}, QPoint(8, box->height() / 2));
        QVERIFY(rig.waitFor([&] { return point(rig, "light").done; }));
        QVERIFY(rig.pressUntil(Stage::Adjust));
        const auto &skipped = rig.state().results.setup.skipped;
        const std::string open = "Monitor at its factory settings";
        QVERIFY(std::find(skipped.begin(), skipped.end(), open) != skipped.end());
        QVERIFY(std::find(skipped.begin(), skipped.end(), "No light on the screen") ==
                skipped.end());
        const ReportData report = run::reportData(rig.state().results);
        QVERIFY(reportToHtml(report).find(open) != std::string::npos);
        QVERIFY(reportToJson(report)["skipped"].size() == skipped.size());
    }

    void aCheckAnswersInTheWindow()
    {
        WindowRig rig;
        QVERIFY(!child<QPushButton>(rig, "checkFirst")->isEnabled()); // nothing to check against
        QVERIFY(rig.pressUntil(Stage::Done));
        rig.session->checkFirst();
        QVERIFY(rig.waitFor([&] { return rig.state().check.has_value() && idle(rig); }));
        QCOMPARE(rig.state().view, ViewId::Check);
        QVERIFY(rig.waitFor(
            [&] { return child<QLabel>(rig, "verdict")->text() == QLatin1String("It holds"); }));
        QVERIFY(rig.waitFor(
            [&] { return rig.otherAction()->text().contains(QLatin1String("Check again")); }));
        rig.demo->rig(0)->with([](bench::Bench &b) { b.condition().controls.brightness -= 20; });
        QVERIFY(rig.pressOther());
        QVERIFY(rig.waitFor([&] {
            return idle(rig) && rig.state().check &&
                   rig.state().check->verdict == CheckFirst::Verdict::Redo;
        }));
        QVERIFY(
            rig.waitFor([&] { return rig.action()->text().contains(QLatin1String("same aim")); }));
        // The Desk shows the newest verdict of any kind, the view what was turned.
        QVERIFY(rig.waitFor([&] { return rig.state().displays[0].mark == Mark::Over; }));
        QVERIFY(checkModel(rig.state()).words.contains(QLatin1String("Brightness is")));
        QVERIFY(rig.press()); // the same again
        QCOMPARE(rig.state().view, ViewId::Ready);
        QVERIFY(rig.state().aim == rig.state().lastTime->setup.aim);
    }

    /// The white that was read becomes what is aimed at, and can be let go again.
    void aMatchByEyeIsTakenAndForgotten()
    {
        WindowRig rig;
        rig.session->showView(ViewId::Aim);
        auto *early = child<QPushButton>(rig, "takeEyeMatch");
        settle();
        QVERIFY(!early->isEnabled()); // nothing was read today
        QVERIFY(rig.pressUntil(Stage::Adjust));
        rig.session->stop();
        QVERIFY(rig.waitFor([&] { return rig.state().status.activity == Activity::Idle; }));
        rig.session->showView(ViewId::Aim);
        auto *take = child<QPushButton>(rig, "takeEyeMatch");
        QVERIFY(rig.waitFor([&] { return take->isEnabled() && take->isVisible(); }));
        settle(); // for the view to be laid out
        QVERIFY(rig.state().results.before.has_value());
        const XYZ white = rig.state().results.whites.empty()
                              ? *rig.state().results.before->white
                              : rig.state().results.whites.back().white;
        QTest::mouseClick(take, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().aim.matchedByEye.has_value(); }));
        VERIFY_BELOW(deltaUvPrime(uvPrime(aimChromaticity(rig.state().aim, {})), uvPrime(white)),
                     1e-9);
        auto *forget = child<QPushButton>(rig, "forgetEyeMatch");
        QVERIFY(rig.waitFor([&] { return forget->isVisible(); }));
        QTest::mouseClick(forget, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return !rig.state().aim.matchedByEye; }));
        rig.session->undoStack()->undo();
        QVERIFY(rig.state().aim.matchedByEye.has_value());
    }

    void theMeanOfTheLightIsTakenAsLight()
    {
        const run::RoomLight mean = run::meanLight({{100, {0.4, 0.4}}, {300, {0.3, 0.3}}});
        QCOMPARE(mean.illuminanceLux, 200.0);
        // XYZ: (100 100 50) and (300 300 400) make (200 200 225)
        VERIFY_NEAR(mean.chromaticity.x, 200.0 / 625, 1e-12);
        VERIFY_NEAR(mean.chromaticity.y, 200.0 / 625, 1e-12);
    }

    void primariesOutOfReachAreRefused()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(Stage::Done)); // now it is known what the display can do
        rig.session->newRun();
        QVERIFY(rig.waitFor([&] { return rig.state().lastTime.has_value(); }));
        rig.session->showView(ViewId::Aim);
        auto *kind = child<QComboBox>(rig, "primariesKind");
        kind->setCurrentIndex(3); // BT.2020
        emit kind->activated(3);
        QVERIFY(rig.waitFor([&] { return !rig.state().aimProblem.isEmpty(); }));
        QVERIFY2(rig.state().aimProblem.contains(QLatin1String("covers")),
                 qPrintable(rig.state().aimProblem));
        kind->setCurrentIndex(1); // sRGB
        emit kind->activated(1);
        QVERIFY(rig.waitFor([&] { return rig.state().aimProblem.isEmpty(); }));
        QVERIFY(rig.state().aim.primaries == std::optional(kSrgbPrimaries));
    }

    void duplicatesGetNamesOfTheirOwn()
    {
        WindowRig rig;
        rig.session->showView(ViewId::Aim);
        settle();
        auto *duplicate = child<QPushButton>(rig, "duplicateAim");
        QTest::mouseClick(duplicate, Qt::LeftButton);
        QTest::mouseClick(duplicate, Qt::LeftButton);
        QCOMPARE(rig.state().ownAims.size(), size_t(2));
        QCOMPARE(rig.state().ownAims[0].name, std::string("Image editing 2"));
        QVERIFY(!(rig.state().ownAims[1].name == rig.state().ownAims[0].name));
    }

    void settingsTypedInGiveAdviceInTheMonitorsSteps()
    {
        WindowRig rig;
        rig.session->selectDisplay(1); // the South desk does not tell where it stands
        QVERIFY(rig.pressUntil(Stage::Adjust));
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor([&] { return rig.state().results.whites.size() > 2; }));
        const auto type = [&](int row, double value) {
            auto *box = rig.window->findChild<QSpinBox *>(QStringLiteral("control%1").arg(row));
            QVERIFY(box && !box->isReadOnly());
            box->setValue(static_cast<int>(value));
        };
        const auto at = [&] {
            return rig.demo->rig(1)->with([](bench::Bench &b) { return b.condition().controls; });
        };
        const auto tellAll = [&] {
            const MonitorControls c = at();
            type(0, c.contrast);
            type(1, c.redGain);
            type(2, c.greenGain);
            type(3, c.blueGain);
            type(4, c.brightness);
        };
        // The person turns as advised and types in what the monitor shows; a few rounds do it.
        for (int round = 0; round < 14; ++round) {
            tellAll();
            const size_t before = rig.state().results.whites.size();
            QVERIFY(rig.waitFor([&] { return rig.state().results.whites.size() > before + 3; }));
            QVERIFY(rig.state().results.handAdvice.has_value());
            const auto turn = rig.state().results.handAdvice->turn;
            if (!turn)
                break;
            QVERIFY(!rig.action()->isEnabled());                     // it says what is off
            QVERIFY(turn->to && *turn->to >= 0 && *turn->to <= 100); // in the monitor's steps
            rig.demo->rig(1)->with([&](bench::Bench &b) {
                b.condition().controls.*kControlFields[static_cast<size_t>(turn->control)] =
                    *turn->to;
            });
        }
        QVERIFY(!rig.state().results.handAdvice->turn);
        const XYZ white = rig.state().results.whites.back().white;
        VERIFY_BELOW(deltaUvPrime(uvPrime(white), uvPrime(aimChromaticity(rig.state().aim, {}))),
                     0.0022);
        VERIFY_BELOW(std::abs(white.Y / 120 - 1), 0.03);
        QVERIFY(rig.press()); // white is right
        QVERIFY(rig.waitFor([&] { return rig.state().status.stage == Stage::Calibrate; }));
        QVERIFY(rig.state().results.controls == at());
    }

    void aMonitorWithNothingToTurnIsSkipped()
    {
        WindowRig rig;
        rig.session->selectDisplay(1);
        QVERIFY(rig.pressUntil(Stage::Adjust));
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor([&] { return !rig.state().results.whites.empty(); }));
        auto *skip = child<QPushButton>(rig, "skipAdjusting");
        QVERIFY(rig.waitFor([&] { return skip->isVisible(); }));
        QTest::mouseClick(skip, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] {
            return rig.state().status.stage == Stage::Calibrate &&
                   rig.state().status.activity == Activity::Waiting;
        }));
        QCOMPARE(int(rig.state().results.setup.adjust), int(run::AdjustMode::Skip));
        QVERIFY(rig.pressUntil(Stage::Measure)); // the LUT does it alone
        VERIFY_BELOW(rig.state().results.calibration->meanDeltaE00, 0.7);
    }

    void zeroingIsAskedForInWordsAndADrawing()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(Stage::Settle));
        rig.demo->injectFault(0, MeterFault::WantsZeroing);
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor([&] { return rig.state().status.activity == Activity::Faulted; }));
        settle();
        auto *drawing = child<MeterDrawing>(rig, "whatToDo");
        QVERIFY(drawing->isVisible());
        QVERIFY(drawing->accessibleDescription().contains(QLatin1String("dark flat place")));
        QVERIFY(rig.state().notice.contains(QLatin1String("Cover its opening")));
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor([&] {
            return rig.state().notice.contains(QLatin1String("Hang it back")) &&
                   drawing->accessibleDescription().contains(QLatin1String("counterweight"));
        }));
        QVERIFY(rig.press());
        QVERIFY(rig.pressUntil(Stage::Adjust));
        QVERIFY(!drawing->isVisible());
    }

    /// The eye sees the display itself, not through the calibration before.
    void byEyeTheDisplayIsBareAfterACalibration()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(Stage::Done));
        const auto isBare = [&] {
            return rig.demo->rig(0)->with([](bench::Bench &b) {
                return b.condition().lut.value_or(VideoLut::identity()) == VideoLut::identity();
            });
        };
        QVERIFY(!isBare());
        rig.session->showView(ViewId::ByEye);
        QVERIFY(rig.waitFor(isBare));
        rig.session->showView(ViewId::Profile);
        QVERIFY(rig.waitFor([&] { return !isBare(); }));
        QVERIFY(rig.waitFor([&] { return rig.state().inUse.isRight(); }));
    }

    void byEyeEndsInAProfileThatSaysSo()
    {
        WindowRig rig;
        rig.session->showView(ViewId::ByEye);
        settle();
        auto *steps = child<QListWidget>(rig, "eyeSteps");
        auto *next = child<QPushButton>(rig, "eyeNext");
        auto *slider = child<QSlider>(rig, "eyeSlider0");
        for (int step = 0; step < steps->count() - 1; ++step) {
            QCOMPARE(steps->currentRow(), step);
            if (step >= 2 && step <= 5)
                slider->setValue(slider->value() + 6);
            QTest::mouseClick(next, Qt::LeftButton);
        }
        QVERIFY(next->text().contains(QLatin1String("the profile and use it")));
        // What was found is on the display already; held, what it had before.
        const auto loaded = [&] {
            return rig.demo->rig(0)->with(
                [](bench::Bench &b) { return b.condition().lut.value_or(VideoLut::identity()); });
        };
        QVERIFY(rig.waitFor([&] { return !(loaded() == VideoLut::identity()); }));
        const VideoLut found = loaded();
        auto *before = child<QPushButton>(rig, "eyeBefore");
        QTest::mousePress(before, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return loaded() == VideoLut::identity(); }));
        QTest::mouseRelease(before, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return loaded() == found; }));
        child<QLineEdit>(rig, "eyeName")->setText(QStringLiteral("Evening"));
        QTest::mouseClick(next, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().byEye.has_value(); }));
        QCOMPARE(rig.state().byEye->setup.profileTitle, std::string("Evening"));
        QVERIFY(!rig.state().byEye->setup.fineTune);
        const auto rows = ledgerRows(rig.state());
        const auto accuracy = std::find_if(rows.begin(), rows.end(), [](const LedgerRow &r) {
            return r.property == QLatin1String("Colour accuracy");
        });
        QCOMPARE(accuracy->now, QStringLiteral("by eye"));
        QCOMPARE(int(accuracy->mark), int(Mark::ByEye));
        QCOMPARE(markWord(Mark::ByEye), QStringLiteral("Judged by eye"));
        QVERIFY(rig.waitFor([&] { return rig.state().inUse.profileMatches; }));
        QVERIFY(!rig.state().displays[0].lastMean.has_value()); // no figure anywhere
        // The same on the next display, from the first step on.
        auto *other = child<QPushButton>(rig, "eyeOther");
        QVERIFY(rig.waitFor([&] { return other->isVisible(); }));
        QVERIFY(other->text().contains(QLatin1String("South desk")));
        QTest::mouseClick(other, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] {
            return rig.state().selected == 1 && rig.state().view == ViewId::ByEye &&
                   steps->currentRow() == 0;
        }));
        QVERIFY(rig.waitFor([&] { return loaded() == found; })); // the first one keeps its own
    }

    void theKeyboardAloneGoesFromReadyToTheRun()
    {
        WindowRig rig;
        rig.window->activateWindow();
        rig.action()->setFocus();
        QTest::keyClick(rig.action(), Qt::Key_Space);
        QVERIFY(rig.waitFor([&] { return rig.state().view == ViewId::Aim; }));
        // The main action keeps the focus from step to step.
        const auto space = [&] {
            QVERIFY(
                rig.waitFor([&] { return rig.action()->isEnabled() && rig.action()->hasFocus(); }));
            QTest::keyClick(rig.action(), Qt::Key_Space);
        };
        space();
        QVERIFY(rig.waitFor([&] { return rig.state().status.activity == Activity::Waiting; }));
        space();
        QVERIFY(rig.waitFor([&] { return rig.state().status.stage == Stage::Adjust; }));
    }
};

static const Register<FirstHalfWindowTest> registered("FirstHalfWindowTest");

} // namespace lantern::test

#include "first_half_window_test.moc"
