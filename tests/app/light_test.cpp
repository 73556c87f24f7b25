#include "app/views/light/light_model.h"
#include "window_rig.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QPushButton>
#include <QTableWidget>
#include <QTemporaryDir>

#include <numbers>

namespace lantern::test {

using namespace app;

/// The light around the desk, in the real window.
class LightTest : public QObject {
    Q_OBJECT
    template <class W> static W *child(WindowRig &rig, const char *name)
    {
        return rig.window->findChild<W *>(QLatin1String(name));
    }

private slots:
    void theAimTakesItsWhiteFromTheLight()
    {
        WindowRig rig;
        rig.session->showView(ViewId::Light);
        settle();
        auto *read = child<QPushButton>(rig, "readLight");
        for (size_t n = 1; n <= 3; ++n) {
            QVERIFY(rig.waitFor([&] { return read->isEnabled(); }));
            QTest::mouseClick(read, Qt::LeftButton);
            QVERIFY(rig.waitFor([&] { return rig.state().roomReadings.size() == n; }));
        }
        settle();
        QTest::mouseClick(child<QPushButton>(rig, "useLightWhite"), Qt::LeftButton);
        QVERIFY(rig.waitFor(
            [&] { return std::holds_alternative<Chromaticity>(rig.state().aim.white); }));
        const auto white = std::get<Chromaticity>(rig.state().aim.white);
        VERIFY_NEAR(white.x, 0.3457, 1e-6); // the bench's room is D50
        VERIFY_NEAR(white.y, 0.3585, 1e-6);
        rig.demo->rig(0)->with([](bench::Bench &b) { b.room().illuminanceLux = 500; });
        rig.session->forgetRoomReadings();
        QVERIFY(rig.waitFor([&] { return read->isEnabled(); }));
        QTest::mouseClick(read, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().roomReadings.size() == 1; }));
        settle();
        QTest::mouseClick(child<QPushButton>(rig, "useLightLuminance"), Qt::LeftButton);
        QVERIFY(rig.waitFor([&] {
            return rig.state().aim.luminanceCdM2 &&
                   std::abs(*rig.state().aim.luminanceCdM2 - 500 * 0.8526 / std::numbers::pi) <
                       0.05; // paper of L* 94
        }));
        rig.session->undoStack()->undo();
        QCOMPARE(*rig.state().aim.luminanceCdM2, 120.0);
    }

    /// The preset for prints takes white and luminance from the booth that was read.
    void thePresetForPrintsFollowsTheBooth()
    {
        WindowRig rig;
        rig.session->showView(ViewId::Light);
        rig.demo->rig(0)->with([](bench::Bench &b) { b.room().illuminanceLux = 700; });
        auto *read = child<QPushButton>(rig, "readLight");
        QVERIFY(rig.waitFor([&] { return read->isEnabled(); }));
        QTest::mouseClick(read, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().roomReadings.size() == 1; }));
        auto *paper = child<QDoubleSpinBox>(rig, "paperLightness");
        QVERIFY(rig.waitFor([&] { return paper->isVisible(); }));
        paper->setValue(95); // 0.8763 by CIE 15:2018
        QVERIFY(rig.waitFor([&] { return rig.state().lights.paperLightness == 95; }));
        rig.session->showView(ViewId::Aim);
        settle();
        auto *job = child<QComboBox>(rig, "aimPreset");
        const int index = job->findText(QString::fromLatin1(kBesideThePrint));
        QVERIFY(index >= 0);
        emit job->activated(index);
        QVERIFY(rig.waitFor([&] { return rig.state().aim.name == kBesideThePrint; }));
        VERIFY_NEAR(*rig.state().aim.luminanceCdM2, 700 * 0.8763 / std::numbers::pi, 0.1);
        QVERIFY(std::holds_alternative<Chromaticity>(rig.state().aim.white));
    }

    /// Kept under a name it is there the next time, leads the aim, and is forgotten with undo.
    void aLightIsKeptByName()
    {
        const QTemporaryDir folder;
        WindowRig rig(0, folder.filePath(QStringLiteral("log.sqlite")));
        rig.session->showView(ViewId::Light);
        rig.demo->rig(0)->with([](bench::Bench &b) { b.room().illuminanceLux = 240; });
        auto *read = child<QPushButton>(rig, "readLight");
        QVERIFY(rig.waitFor([&] { return read->isEnabled(); }));
        rig.session->keepLight(QStringLiteral("too early"));
        QVERIFY(rig.state().lights.kept.empty());
        QTest::mouseClick(read, Qt::LeftButton);
        auto *name = child<QLineEdit>(rig, "lightName");
        QVERIFY(rig.waitFor([&] { return name->isVisible(); }));
        QTest::keyClicks(name, QStringLiteral("Studio"));
        QTest::keyClick(name, Qt::Key_Return);
        QVERIFY(rig.waitFor([&] { return rig.state().lights.used == "Studio"; }));
        QVERIFY(rig.state().roomReadings.empty());
        VERIFY_NEAR(rig.state().lights.usedLight()->light.illuminanceLux, 240, 1e-9);
        auto *take = child<QPushButton>(rig, "takeRoomLuminance");
        QVERIFY(rig.waitFor([&] { return take->isVisible() && take->isEnabled(); }));
        QTest::mouseClick(take, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().aim.luminanceCdM2 == 143.0; })); // 120 * 2^¼
        QVERIFY(rig.waitFor([&] { return !take->isEnabled(); }));
        auto *table = child<QTableWidget>(rig, "keptLights");
        QCOMPARE(table->rowCount(), 1);
        QVERIFY(table->item(0, 0)->text().contains(QStringLiteral("Studio")));
        QTest::mouseClick(child<QPushButton>(rig, "removeLight"), Qt::LeftButton);
        QVERIFY(rig.state().lights.kept.empty() && rig.state().lights.used.empty());
        rig.session->undoStack()->undo();
        QCOMPARE(rig.state().lights.used, std::string("Studio"));
        QVERIFY(run::readLights(folder.filePath(QStringLiteral("lights.json"))) ==
                rig.state().lights);
    }

    /// What the dark screen throws back is the difference of two readings, and the profile is made
    /// for what the eye gets.
    void strayLightIsMeasuredByGuidance()
    {
        WindowRig rig;
        rig.session->showView(ViewId::Light);
        rig.demo->rig(0)->with([](bench::Bench &b) { b.room().illuminanceLux = 300; });
        rig.session->setSeenIn(run::SeenIn::Measured);
        auto *away = child<QPushButton>(rig, "readBlackAway");
        QVERIFY(rig.waitFor([&] { return away->isVisible() && away->isEnabled(); }));
        settle();
        rig.demo->rig(0)->with([](bench::Bench &b) { b.holdAway(true); });
        QTest::mouseClick(away, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().blackAway.has_value(); }));
        QVERIFY(rig.state().lights.stray.empty()); // half of it
        rig.demo->rig(0)->with([](bench::Bench &b) { b.holdAway(false); });
        auto *onScreen = child<QPushButton>(rig, "readBlackOnScreen");
        QVERIFY(rig.waitFor([&] { return onScreen->isEnabled(); }));
        QTest::mouseClick(onScreen, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return !rig.state().lights.stray.empty(); }));
        const double truth = rig.demo->rig(0)->with([](bench::Bench &b) {
            return b.display().reflected(b.room().illuminanceLux, b.room().chromaticity).Y;
        });
        VERIFY_NEAR(rig.state().lights.stray.begin()->second.Y, truth, 0.05 * truth);
        run::RunSetup setup;
        setup.displayId = rig.state().displays[0].id.toStdString();
        run::applyLights(rig.state().lights, setup);
        QVERIFY(setup.strayLight && run::roomOf(setup));
        QVERIFY(lightModel(rig.state()).stray.contains(QStringLiteral("throws back")));
        // Nobody waits for an answer of a meter that was let go.
        rig.session->readBlack(true);
        QCOMPARE(rig.state().readingBlack, BlackReading::Away);
        rig.session->chooseMeter(rig.state().meter.name == QStringLiteral("Heron")
                                     ? QStringLiteral("colorimeter")
                                     : QStringLiteral("reference"));
        QVERIFY(rig.waitFor([&] { return rig.state().readingBlack == BlackReading::None; }));
        QVERIFY(!rig.state().blackAway && !rig.state().blackOnScreen); // of another meter
    }
};

static const Register<LightTest> registered("LightTest");

} // namespace lantern::test

#include "light_test.moc"
