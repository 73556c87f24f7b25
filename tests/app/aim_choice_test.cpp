#include "app/state/ledger_rows.h"
#include "app/window/run_bar.h"
#include "runner.h"
#include "window_rig.h"

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>

using namespace lantern;
using namespace lantern::app;
using lantern::test::settle;
using lantern::test::WindowRig;
using run::Activity;
using run::Stage;

/// Own aims, aims out of reach, and how much to measure, in the real window.
class AimChoiceTest : public QObject {
    Q_OBJECT
private slots:
    void ownAimsAreKeptChosenAndRemoved()
    {
        WindowRig rig;
        rig.session->showView(ViewId::Aim);
        Aim aim = rig.state().aim;
        aim.luminanceCdM2 = 95;
        rig.session->setAim(aim);
        settle();
        auto *name = rig.window->findChild<QLineEdit *>(QStringLiteral("aimName"));
        name->setFocus();
        name->selectAll();
        QTest::keyClicks(name, QStringLiteral("Winter / plates"));
        QTest::keyClick(name, Qt::Key_Return);
        settle();
        QCOMPARE(rig.state().ownAims.size(), size_t(1));
        QCOMPARE(rig.state().aim.name, std::string("Winter / plates"));
        // Another session on the same folder finds it.
        const run::AimShelf shelf(QFileInfo(rig.logbook()).absolutePath() +
                                  QStringLiteral("/aims"));
        QCOMPARE(shelf.aims().at(0), rig.state().aim);
        rig.session->setAim(aimPresets().at(1));
        rig.session->removeOwnAim(QStringLiteral("Winter / plates"));
        QVERIFY(rig.state().ownAims.empty());
        QVERIFY(shelf.aims().empty());
        rig.session->keepAim(QStringLiteral("  "));
        QVERIFY(rig.state().notice.contains(QLatin1String("name")));
    }

    void brokenOwnAimsAreNamedNotFatal()
    {
        QTemporaryDir folder;
        const run::AimShelf shelf(folder.path());
        shelf.keep(aimPresets().front());
        QFile bad(folder.filePath(QStringLiteral("bad.json")));
        QVERIFY(bad.open(QIODevice::WriteOnly));
        bad.write("{");
        bad.close();
        QStringList broken;
        QCOMPARE(shelf.aims(&broken).size(), size_t(1));
        QCOMPARE(broken.size(), 1);
        QVERIFY(broken[0].contains(QLatin1String("bad.json")));
    }

    /// Judged by what was read of this display, refused with the reason, until it is changed.
    void anAimOutOfReachIsRefused()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(Stage::Done)); // the display has been read as found
        rig.session->newRun();
        settle();
        for (int i = 0; i < 4 && rig.state().view != ViewId::Aim; ++i)
            QVERIFY(rig.press());
        QCOMPARE(rig.state().view, ViewId::Aim);
        Aim wild = rig.state().aim;
        wild.white = Chromaticity{0.1, 0.75};
        rig.session->setAim(wild);
        QVERIFY(lantern::test::waitUntil([&] { // the run just left is read back meanwhile
            return rig.state().aimProblem.contains(QLatin1String("primaries can mix"));
        }));
        auto *problem = rig.window->findChild<QLabel *>(QStringLiteral("aimProblem"));
        QVERIFY(rig.waitFor([&] { return problem->isVisible(); }));
        QCOMPARE(int(mainAction(rig.state()).step), int(NextStep::ChooseAim));
        const qint64 before = rig.state().status.run;
        QVERIFY(rig.press());
        QCOMPARE(rig.state().status.run, before); // nothing was begun
        rig.session->undoStack()->undo();
        settle();
        QVERIFY(rig.state().aimProblem.isEmpty());
        QCOMPARE(int(mainAction(rig.state()).step), int(NextStep::BeginRun));
    }

    void measuresUntilGoodEnough()
    {
        WindowRig rig;
        rig.session->showView(ViewId::Aim);
        auto *kind = rig.window->findChild<QComboBox *>(QStringLiteral("measureKind"));
        QVERIFY(rig.waitFor([&] { return kind->isVisible(); }));
        kind->setCurrentIndex(1);
        emit kind->activated(1);
        MeasureChoice choice = rig.state().measure;
        QCOMPARE(int(choice.until), int(MeasureChoice::Until::GoodEnough));
        choice.expectedError = 0.2;
        rig.session->setMeasureChoice(choice);
        QVERIFY(rig.pressUntil(Stage::Measure));
        QVERIFY(rig.action()->text().contains(QLatin1String("until")));
        QVERIFY(rig.pressUntil(Stage::Done));
        const auto &r = rig.state().results;
        QVERIFY(!r.expectedSoFar.empty());
        QVERIFY(r.expectedSoFar.back().meanDeltaE00 <= 0.2);
        QVERIFY(r.chart.size() < 300);
        QVERIFY(r.validation.has_value());
    }
};

namespace {
const lantern::test::Register<AimChoiceTest> registered("AimChoiceTest");
}

#include "aim_choice_test.moc"
