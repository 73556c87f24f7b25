#include "app/views/fine_tune/fine_tune_model.h"
#include "app/views/fine_tune/tune_sheet.h"
#include "core/colour/white.h"
#include "window_rig.h"

#include <QCheckBox>
#include <QLabel>
#include <QLineEdit>

namespace lantern::test {

using namespace lantern::app;

/// A calibration fine-tuned by eye in the real window, on the demo.
class FineTuneWindowTest : public QObject {
    Q_OBJECT

    template <class T> static T *part(const WindowRig &rig, const char *name)
    {
        return rig.window->findChild<T *>(QLatin1String(name));
    }
    /// What the display shows for white with its present LUT and controls.
    static XYZ shownWhite(const WindowRig &rig)
    {
        return rig.demo->rig(0)->with(
            [](bench::Bench &b) { return b.display().emitted(kDeviceWhite, b.condition()); });
    }
    static VideoLut loaded(const WindowRig &rig)
    {
        return rig.demo->rig(0)->with(
            [](bench::Bench &b) { return b.condition().lut.value_or(VideoLut::identity()); });
    }
    static bool calibrate(WindowRig &rig)
    {
        return rig.pressUntil(run::Stage::Done) &&
               rig.waitFor([&] { return !rig.state().readingHistory; });
    }
    static bool open(WindowRig &rig)
    {
        rig.session->showView(ViewId::FineTune);
        return rig.waitFor(
            [&] { return part<QPushButton>(rig, "tuneMore0")->isEnabled() && rig.state().tuned; });
    }

private slots:
    /// A profile is made in a moment, and goes to the display that it was made for.
    void whileItIsMadeItsDisplayStays()
    {
        WindowRig rig;
        QVERIFY(calibrate(rig));
        QVERIFY(open(rig));
        const auto ofTheOther = [&] {
            return rig.demo->rig(1)->with(
                [](bench::Bench &b) { return b.condition().lut.value_or(VideoLut::identity()); });
        };
        const VideoLut before = ofTheOther();
        auto *sheet = part<TuneSheet>(rig, "tuneSheet");
        sheet->setFocus();
        QTest::keyClick(sheet, Qt::Key_Right, Qt::ShiftModifier);
        auto *keep = part<QPushButton>(rig, "tuneKeep");
        QVERIFY(rig.waitFor([&] { return keep->isEnabled(); }));
        QTest::mouseClick(keep, Qt::LeftButton);
        rig.session->selectDisplay(1); // in the same breath
        rig.session->proveNow();
        QVERIFY(rig.waitFor([&] {
            return !rig.state().keepingTune && !rig.state().readingHistory &&
                   rig.state().byEye.has_value();
        }));
        QCOMPARE(rig.state().byEye->setup.displayId, rig.state().displays[0].id.toStdString());
        QVERIFY(ofTheOther() == before);
        rig.session->selectDisplay(1);
        QCOMPARE(rig.state().selected, 1);
    }

    void stepsAreSeenTakenBackAndKept()
    {
        WindowRig rig;
        rig.session->showView(ViewId::FineTune);
        QVERIFY(rig.waitFor([&] {
            return part<QLabel>(rig, "tuneWhy")->text().contains(QLatin1String("no calibration"));
        }));
        QVERIFY(!part<QPushButton>(rig, "tuneMore0")->isEnabled());
        rig.session->showView(ViewId::Ready);
        QVERIFY(calibrate(rig));
        const VideoLut calibrated = loaded(rig);
        const XYZ white = shownWhite(rig);
        QVERIFY(open(rig));
        QCOMPARE(loaded(rig), calibrated); // nothing is tried yet

        // Four steps warmer by key, one back.
        auto *sheet = part<TuneSheet>(rig, "tuneSheet");
        sheet->setFocus();
        QTest::keyClick(sheet, Qt::Key_Right, Qt::ShiftModifier);
        QTest::keyClick(sheet, Qt::Key_Left);
        QVERIFY(rig.waitFor([&] {
            return part<QLabel>(rig, "tuneValue0")->text() == QLatin1String("0.0015 warmer");
        }));
        VERIFY_NEAR(deltaUvPrime(uvPrime(shownWhite(rig)), uvPrime(white)), 0.0015, 3e-4);
        VERIFY_NEAR(shownWhite(rig).Y, white.Y, 0.5);
        QVERIFY(correlatedColourTemperature(chromaticity(shownWhite(rig))).kelvin <
                correlatedColourTemperature(chromaticity(white)).kelvin - 50);

        // Held, the display is as before.
        QTest::keyPress(sheet, Qt::Key_Space);
        QVERIFY(rig.waitFor([&] { return loaded(rig) == calibrated; }));
        QTest::keyRelease(sheet, Qt::Key_Space);
        QVERIFY(rig.waitFor([&] { return !(loaded(rig) == calibrated); }));

        // Undo, step by step, and redo.
        rig.session->undoStack()->undo();
        QVERIFY(rig.waitFor([&] {
            return part<QLabel>(rig, "tuneValue0")->text() == QLatin1String("0.0020 warmer");
        }));
        rig.session->undoStack()->undo();
        QVERIFY(rig.waitFor([&] { return loaded(rig) == calibrated; }));
        rig.session->undoStack()->redo();
        rig.session->undoStack()->redo();

        // Another view: the display has its own again, and nothing is forgotten.
        rig.session->showView(ViewId::Gamut);
        QVERIFY(rig.waitFor([&] { return loaded(rig) == calibrated; }));
        QVERIFY(open(rig));
        QVERIFY(rig.waitFor([&] { return !(loaded(rig) == calibrated); }));

        // Read by the meter, kept under a name, in use.
        QTest::mouseClick(part<QPushButton>(rig, "tuneRead"), Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().tunedWhite.has_value(); }));
        QVERIFY(rig.waitFor([&] {
            return part<QLabel>(rig, "tuneReadings")
                ->text()
                .contains(QLatin1String("from the aim"));
        }));
        part<QLineEdit>(rig, "tuneName")->setText(QStringLiteral("Beside the booth"));
        const VideoLut tried = loaded(rig);
        QTest::mouseClick(part<QPushButton>(rig, "tuneKeep"), Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().byEye && !rig.state().readingHistory; }));
        const run::RunResults kept = *rig.state().byEye;
        QVERIFY(kept.setup.fineTune.has_value());
        QCOMPARE(kept.setup.referenceRun, rig.state().lastRun);
        QCOMPARE(kept.setup.profileTitle, std::string("Beside the booth"));
        QVERIFY(kept.setup.fineTune->white.has_value());
        QCOMPARE(*kept.lutByEye, tried);
        const ProfileFile profile({kept.profile.begin(), kept.profile.end()}, "kept");
        QCOMPARE(profile.name(), std::string("Beside the booth"));
        QCOMPARE(profile.metadata().at("MADE"), std::string("fine-tuned by eye"));
        QVERIFY(
            !profile.metadata().contains("READINGS")); // those of the calibration are not its own
        QVERIFY(!rig.state().isTurnUnknown);
        rig.session->showView(ViewId::Profile);
        QVERIFY(rig.waitFor([&] { return loaded(rig) == tried; }));
        QVERIFY(rig.waitFor([&] { return rig.state().inUse.isRight(); }));

        // Opened again it stands where it was kept; held, the calibration below it.
        QVERIFY(open(rig));
        QVERIFY(rig.waitFor([&] {
            return part<QLabel>(rig, "tuneValue0")->text() == QLatin1String("0.0015 warmer");
        }));
        QVERIFY(rig.waitFor([&] { return !part<QPushButton>(rig, "tuneKeep")->isEnabled(); }));
        sheet->setFocus();
        QTest::keyPress(sheet, Qt::Key_Space);
        QVERIFY(rig.waitFor([&] { return loaded(rig) == calibrated; }));
        QTest::keyRelease(sheet, Qt::Key_Space);
        QVERIFY(rig.waitFor([&] { return loaded(rig) == tried; }));

        // It is proved like any other profile; the calibration's check would speak of another
        // white.
        rig.session->checkFirst();
        QVERIFY(rig.waitFor(
            [&] { return rig.state().notice.contains(QLatin1String("fine-tuned by eye since")); }));
        QVERIFY(!rig.state().onErrand());
        QTest::mouseClick(part<QPushButton>(rig, "tuneProve"), Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().lastProof.has_value(); }));
        VERIFY_BELOW(rig.state().lastProof->validation->deltaE00.mean, 1.0);
    }

    /// "Two points of blue less": what that did is read, told, and in the profile.
    void theMonitorsOwnControlsAreTurned()
    {
        WindowRig rig;
        QVERIFY(calibrate(rig));
        QVERIFY(open(rig));
        const XYZ white = shownWhite(rig);
        auto *down = part<QPushButton>(rig, "controlDown2");
        QVERIFY(rig.waitFor([&] { return down->isVisible() && down->isEnabled(); }));
        const double before = rig.state().tuneControls->blueGain;
        part<QCheckBox>(rig, "readsTurns")->setChecked(true);
        QVERIFY(rig.waitFor([&] { return rig.state().readsTurns; }));
        rig.demo->setSpeed(20); // the meter takes its time, and the page is shown meanwhile
        QTest::mouseClick(down, Qt::LeftButton);
        QVERIFY(
            rig.waitFor([&] { return rig.state().controlTurn && rig.state().controlTurn->after; }));
        rig.demo->setSpeed(0);
        QCOMPARE(rig.state().tuneControls->blueGain, before - 1);
        QVERIFY(rig.waitFor([&] { return part<QLabel>(rig, "controlTurn")->isVisible(); }));
        const QString told = part<QLabel>(rig, "controlTurn")->text();
        QVERIFY2(told.startsWith(QLatin1String("Turned blue by -1: ")) &&
                     told.contains(QLatin1String("warmer")),
                 qPrintable(told));
        const UvPrime moved = uvPrime(shownWhite(rig)), was = uvPrime(white);
        const ControlTurn turn = *rig.state().controlTurn;
        VERIFY_NEAR(uvPrime(*turn.after).u - uvPrime(*turn.before).u, moved.u - was.u, 3e-4);
        VERIFY_NEAR(uvPrime(*turn.after).v - uvPrime(*turn.before).v, moved.v - was.v, 3e-4);
        // What is foretold now starts from there.
        VERIFY_BELOW(deltaUvPrime(uvPrime(rig.state().tunable->white()), moved), 6e-4);
        QVERIFY(part<QPushButton>(rig, "tuneKeep")->isEnabled());
        rig.session->undoStack()->undo();
        QVERIFY(rig.waitFor([&] {
            return rig.demo->rig(0)->with(
                       [](bench::Bench &b) { return b.condition().controls.blueGain; }) == before;
        }));

        // Without the meter nobody knows, and that is said.
        part<QCheckBox>(rig, "readsTurns")->setChecked(false);
        QVERIFY(rig.waitFor([&] { return !rig.state().readsTurns && down->isEnabled(); }));
        QTest::mouseClick(down, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().isTurnUnknown; }));
        QVERIFY(rig.waitFor([&] {
            return part<QLabel>(rig, "controlTurn")->text().contains(QLatin1String("not read"));
        }));
    }

    /// Another display has nothing of it.
    void itStaysWithItsDisplay()
    {
        WindowRig rig;
        QVERIFY(calibrate(rig));
        const VideoLut calibrated = loaded(rig);
        QVERIFY(open(rig));
        QTest::mouseClick(part<QPushButton>(rig, "tuneMore3"), Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return !(loaded(rig) == calibrated); }));
        rig.session->selectDisplay(1);
        QVERIFY(rig.waitFor([&] { return loaded(rig) == calibrated; }));
        QVERIFY(rig.state().tune.isNone());
        rig.session->undoStack()->undo(); // of the other display: nothing happens here
        QVERIFY(rig.state().tune.isNone());
    }
};

static const Register<FineTuneWindowTest> registered("FineTuneWindowTest");

} // namespace lantern::test

#include "fine_tune_window_test.moc"
