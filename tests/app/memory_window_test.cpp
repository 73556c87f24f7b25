#include "window_rig.h"

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QTableWidget>

namespace lantern::test {

using namespace lantern::app;

/// A monitor's own memory in the real window, on the demo's North desk.
class MemoryWindowTest : public QObject {
    Q_OBJECT

    template <class T> static T *part(const WindowRig &rig, const char *name)
    {
        return rig.window->findChild<T *>(QLatin1String(name));
    }
    static bool open(WindowRig &rig)
    {
        rig.session->showView(ViewId::Memory);
        return rig.waitFor([&] { return part<QTableWidget>(rig, "memoryTable")->rowCount() == 4; });
    }
    static bool calibrateInto(WindowRig &rig, int target, const QString &name, double kelvin)
    {
        if (!open(rig))
            return false;
        auto *box = part<QComboBox>(rig, "slotTarget");
        if (!rig.waitFor([&] { return box->isEnabled(); }))
            return false;
        box->setCurrentIndex(target);
        emit box->activated(target);
        if (!rig.waitFor([&] { return rig.state().slotWanted == target - 1; }))
            return false;
        auto *edit = part<QLineEdit>(rig, "slotName");
        if (!rig.waitFor([&] { return edit->isEnabled(); }))
            return false;
        edit->setText(name);
        emit edit->editingFinished();
        Aim aim = rig.state().aim;
        aim.white = DaylightWhite{kelvin};
        rig.session->setAim(aim);
        if (rig.state().status.activity == run::Activity::Finished) {
            if (!rig.waitFor(
                    [&] { return rig.action()->text().contains(QLatin1String("New run")); }))
                return false;
            if (!rig.press())
                return false;
        }
        return rig.pressUntil(run::Stage::Done) &&
               rig.waitFor([&] { return !rig.state().readingHistory; });
    }
    static XYZ white(const WindowRig &rig)
    {
        return rig.demo->rig(0)->with(
            [](bench::Bench &b) { return b.display().emitted(kDeviceWhite, b.condition()); });
    }
    static double kelvin(const WindowRig &rig)
    {
        const Chromaticity c = chromaticity(white(rig));
        const double away65 = deltaUvPrime(uvPrime(c), {0.1978, 0.4683});
        const double away50 = deltaUvPrime(uvPrime(c), {0.2092, 0.4881});
        return away65 < away50 ? 6500 : 5000;
    }

private slots:
    void aDisplayWithoutOneSaysSo()
    {
        WindowRig rig;
        rig.session->selectDisplay(1);
        rig.session->showView(ViewId::Memory);
        QVERIFY(rig.waitFor([&] {
            return part<QLabel>(rig, "memorySentence")
                ->text()
                .contains(QLatin1String("South desk has no memory of its own"));
        }));
        QVERIFY(!part<QTableWidget>(rig, "memoryTable")->isVisible());
    }

    /// Two calibrations under their names; one after the other in use, each with its profile, by
    /// one press; the monitor's own buttons are noticed; all of it after a restart.
    void twoCalibrationsLiveInTheMonitor()
    {
        QTemporaryDir folder;
        const QString logbook = folder.filePath(QStringLiteral("log.sqlite"));
        WindowRig rig(0, logbook);
        QVERIFY(calibrateInto(rig, 1, QStringLiteral("screen work"), 6500));
        QCOMPARE(kelvin(rig), 6500.0);
        QCOMPARE(rig.state().memory->active, std::optional(0));
        QVERIFY(rig.demo->rig(0)->with([](bench::Bench &b) {
            return !b.condition().lut || *b.condition().lut == VideoLut::identity();
        }));
        QVERIFY(calibrateInto(rig, 2, QStringLiteral("proofs"), 5000));
        QCOMPARE(kelvin(rig), 5000.0);
        QCOMPARE(rig.state().memory->active, std::optional(1));
        QVERIFY(open(rig));
        auto *table = part<QTableWidget>(rig, "memoryTable");
        QVERIFY(rig.waitFor([&] { return table->item(2, 5)->text() == QLatin1String("in use"); }));
        QCOMPARE(table->item(1, 1)->text(), QStringLiteral("screen work"));
        QCOMPARE(table->item(2, 1)->text(), QStringLiteral("proofs"));

        auto *use = part<QPushButton>(rig, "useSlot");
        table->setCurrentCell(1, 0);
        QVERIFY(rig.waitFor([&] { return use->isEnabled(); }));
        QTest::mouseClick(use, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().memory->active == std::optional(0); }));
        QCOMPARE(kelvin(rig), 6500.0);
        QVERIFY(rig.waitFor([&] { return table->item(1, 5)->text() == QLatin1String("in use"); }));
        QVERIFY(rig.state().slotInUse == std::optional(0));
        rig.session->undoStack()->undo();
        QVERIFY(rig.waitFor([&] { return rig.state().memory->active == std::optional(1); }));
        QCOMPARE(kelvin(rig), 5000.0);

        // Somebody presses the monitor's own buttons.
        rig.demo->pressSlot(0, 0);
        auto *back = part<QPushButton>(rig, "slotBack");
        QVERIFY(rig.waitFor([&] { return back->isVisible(); }));
        QVERIFY(part<QLabel>(rig, "memorySentence")->text().contains(QLatin1String("wrong")));
        QTest::mouseClick(back, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().memory->active == std::optional(1); }));
        QVERIFY(rig.waitFor([&] { return !back->isVisible(); }));
    }

    /// A run that is stopped has overwritten nothing that is in use elsewhere, and a run for the
    /// LUT leaves the memory alone.
    void aRunForTheLutLeavesTheMemoryAlone()
    {
        WindowRig rig;
        QVERIFY(calibrateInto(rig, 1, QStringLiteral("screen work"), 6500));
        auto *box = part<QComboBox>(rig, "slotTarget");
        QVERIFY(open(rig));
        QVERIFY(rig.waitFor([&] { return box->isEnabled(); }));
        box->setCurrentIndex(0);
        emit box->activated(0);
        QVERIFY(rig.waitFor([&] { return !rig.state().slotWanted; }));
        Aim aim = rig.state().aim;
        aim.white = DaylightWhite{5000};
        rig.session->setAim(aim);
        QVERIFY(
            rig.waitFor([&] { return rig.action()->text().contains(QLatin1String("New run")); }));
        QVERIFY(rig.press());
        QVERIFY(rig.pressUntil(run::Stage::Done));
        QCOMPARE(kelvin(rig), 5000.0);
        QVERIFY(!rig.state().memory->active);
        QVERIFY(open(rig));
        auto *table = part<QTableWidget>(rig, "memoryTable");
        QVERIFY(rig.waitFor([&] { return table->item(0, 5)->text() == QLatin1String("in use"); }));
        table->setCurrentCell(1, 0);
        auto *use = part<QPushButton>(rig, "useSlot");
        QVERIFY(rig.waitFor([&] { return use->isEnabled(); }));
        QTest::mouseClick(use, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().memory->active == std::optional(0); }));
        QCOMPARE(kelvin(rig), 6500.0);
    }
};

static const Register<MemoryWindowTest> registered("MemoryWindowTest");

} // namespace lantern::test

#include "memory_window_test.moc"
