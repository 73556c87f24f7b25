#include "run/book/batch.h"
#include "run/file/files.h"
#include "window_rig.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDir>
#include <QFileInfo>
#include <QLabel>
#include <QLineEdit>
#include <QSpinBox>
#include <QTableWidget>

namespace lantern::test {

using namespace lantern::app;

/// Units of a workshop, in the real window on the demo.
class WorkshopWindowTest : public QObject {
    Q_OBJECT

    template <class T> static T *part(const WindowRig &rig, const char *name)
    {
        return rig.window->findChild<T *>(QLatin1String(name));
    }
    static QString textOf(const WindowRig &rig, const char *label)
    {
        return part<QLabel>(rig, label)->text();
    }
    static bool begin(WindowRig &rig, const QString &folder, int retries = 0,
                      const QString &reference = {}, int every = 2)
    {
        rig.session->showView(ViewId::Workshop);
        auto *name = part<QLineEdit>(rig, "batchName");
        if (!rig.waitFor([&] { return name->isVisible(); }))
            return false;
        QTest::keyClicks(name, QStringLiteral("Autumn"));
        part<QLineEdit>(rig, "batchFolder")->setText(folder);
        part<QSpinBox>(rig, "retries")->setValue(retries);
        QTest::keyClicks(part<QLineEdit>(rig, "referenceUnit"), reference);
        part<QSpinBox>(rig, "referenceEvery")->setValue(every);
        QTest::mouseClick(part<QPushButton>(rig, "beginBatch"), Qt::LeftButton);
        return rig.waitFor([&] { return part<QLineEdit>(rig, "serial")->isVisible(); });
    }
    /// As a scanner does: the number and Enter.
    static void scan(WindowRig &rig, const QString &serial)
    {
        auto *line = part<QLineEdit>(rig, "serial");
        QTest::keyClicks(line, serial);
        QTest::keyClick(line, Qt::Key_Return);
    }
    static QString stateOf(const WindowRig &rig, const QString &serial)
    {
        const auto *table = part<QTableWidget>(rig, "units");
        for (int row = 0; row < table->rowCount(); ++row)
            if (table->item(row, 0)->text() == serial)
                return table->item(row, 1)->text();
        return {};
    }
    static bool isDone(WindowRig &rig, const QString &serial)
    {
        return rig.waitFor([&] {
            const QString state = stateOf(rig, serial);
            return state.startsWith(QLatin1String("within")) ||
                   state.startsWith(QLatin1String("over")) ||
                   state.startsWith(QLatin1String("cannot"));
        });
    }
    static bool offers(WindowRig &rig, const QString &action)
    {
        return rig.waitFor(
            [&] { return rig.action()->isEnabled() && rig.action()->text() == action; });
    }

private slots:
    /// Scanned, measured, reported, and the next one; the reference unit between.
    void unitsFollowOneAnother()
    {
        WindowRig rig;
        QTemporaryDir reports;
        QVERIFY(begin(rig, reports.filePath(QStringLiteral("autumn")), 0, QStringLiteral("REF-1")));
        QVERIFY(offers(rig, QStringLiteral("Read the reference unit")));
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor([&] {
            return textOf(rig, "meterDrift").contains(QLatin1String("REF-1 was read once"));
        }));
        const QString ownId = QStringLiteral("north-desk");
        scan(rig, QStringLiteral("SN 1"));
        QVERIFY(rig.waitFor([&] { return rig.state().hasRun(); }));
        QCOMPARE(QString::fromStdString(rig.state().results.setup.displayId),
                 QStringLiteral("unit-SN 1"));
        QCOMPARE(QString::fromStdString(rig.state().results.setup.serial), QStringLiteral("SN 1"));
        QCOMPARE(rig.state().displays[0].name, QStringLiteral("Unit SN 1"));
        QVERIFY(rig.waitFor([&] { return rig.state().view == ViewId::Workshop; }));
        scan(rig, QStringLiteral(" SN 2 "));
        scan(rig, QStringLiteral("SN 2")); // twice is once
        scan(rig, QStringLiteral("SN/3"));
        QVERIFY(isDone(rig, QStringLiteral("SN 1")));
        const QDir folder(reports.filePath(QStringLiteral("autumn")));
        for (const char *file : {"profile.icc", "report.html", "report.json", "report-short.pdf"})
            QVERIFY2(QFileInfo::exists(
                         folder.filePath(QStringLiteral("SN 1/%1").arg(QLatin1String(file)))),
                     file);
        QVERIFY(!QFileInfo::exists(folder.filePath(QStringLiteral("SN 1/report.pdf"))));
        QVERIFY(run::readFile(folder.filePath(QStringLiteral("SN 1/report.json")))
                    .contains("\"serial\": \"SN 1\""));
        // Nobody went through the checklist for it, and the report says so.
        QVERIFY(run::readFile(folder.filePath(QStringLiteral("SN 1/report.json")))
                    .contains("\"skipped\""));
        QVERIFY(offers(rig, QStringLiteral("Measure SN 2")));
        QVERIFY(rig.press());
        QVERIFY(isDone(rig, QStringLiteral("SN 2")));
        // Two units since it was read.
        QVERIFY(offers(rig, QStringLiteral("Read the reference unit")));
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor(
            [&] { return textOf(rig, "meterDrift").contains(QLatin1String("reads as it did")); }));
        QVERIFY(offers(rig, QStringLiteral("Measure SN/3")));
        QVERIFY(rig.press());
        QVERIFY(isDone(rig, QStringLiteral("SN/3")));
        QVERIFY(QFileInfo::exists(folder.filePath(QStringLiteral("SN%2F3/profile.icc"))));
        QVERIFY(rig.waitFor(
            [&] { return rig.action()->text() == QLatin1String("Scan the next serial number"); }));
        QVERIFY(textOf(rig, "workshopSentence").contains(QLatin1String("3 of 3")));
        QCOMPARE(part<QTableWidget>(rig, "spread")->rowCount(), 4);
        const QByteArray csv = run::readFile(folder.filePath(QStringLiteral("batch.csv")));
        QCOMPARE(csv.count('\n'), 1 + 3 + 5);
        QVERIFY(csv.contains("\"SN/3\",\"within\""));
        // The units differ: they are not the same panel read three times.
        const auto &spread = rig.state().batchTable->spreads.at("found_cct");
        QVERIFY(spread.most - spread.least > 50);
        // The display itself has none of it, and is itself again.
        QTest::mouseClick(part<QPushButton>(rig, "closeBatch"), Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return part<QLineEdit>(rig, "batchName")->isVisible(); }));
        QCOMPARE(rig.state().displays[0].id, ownId);
        QVERIFY(rig.waitFor([&] { return !rig.state().readingHistory; }));
        QVERIFY(!rig.state().lastTime);
        // And the batch can be gone on with.
        QVERIFY(rig.waitFor([&] { return part<QComboBox>(rig, "earlierBatches")->count() == 1; }));
        QTest::mouseClick(part<QPushButton>(rig, "reopenBatch"), Qt::LeftButton);
        QVERIFY(isDone(rig, QStringLiteral("SN/3")));
    }

    void aStoppedBatchGoesOn()
    {
        QTemporaryDir folder;
        const QString log = folder.filePath(QStringLiteral("log.sqlite"));
        qint64 run = 0;
        {
            WindowRig rig(0, log);
            QVERIFY(begin(rig, folder.filePath(QStringLiteral("reports"))));
            scan(rig, QStringLiteral("A"));
            scan(rig, QStringLiteral("B"));
            QVERIFY(rig.waitFor([&] { return rig.state().status.stage == run::Stage::Measure; }));
            run = rig.state().status.run;
        } // whatever ended it
        WindowRig rig(0, log);
        rig.session->showView(ViewId::Workshop);
        QVERIFY(rig.waitFor(
            [&] { return stateOf(rig, QStringLiteral("A")) == QLatin1String("unfinished"); }));
        QCOMPARE(stateOf(rig, QStringLiteral("B")), QStringLiteral("waits"));
        QVERIFY(offers(rig, QStringLiteral("Go on with A")));
        QVERIFY(rig.press());
        QVERIFY(isDone(rig, QStringLiteral("A")));
        QCOMPARE(rig.state().batchTable->unit(QStringLiteral("A"))->run, run);
        QCOMPARE(rig.state().batchTable->unit(QStringLiteral("A"))->attempts, 1);
        QVERIFY(offers(rig, QStringLiteral("Measure B")));
    }

    void whoIsOverIsMeasuredOnceMore()
    {
        WindowRig rig;
        QTemporaryDir reports;
        run::ProofChoice strict = rig.state().proof;
        strict.tolerance.colourMean = 0.001;
        rig.session->chooseProof(strict);
        QVERIFY(begin(rig, reports.path(), 1));
        scan(rig, QStringLiteral("X"));
        QVERIFY(rig.waitFor(
            [&] { return stateOf(rig, QStringLiteral("X")) == QLatin1String("over, run 2"); }));
        QVERIFY(rig.waitFor([&] { return rig.state().noticeIsProblem; }));
        QVERIFY(rig.state().notice.contains(QLatin1String("X: Over")));
        QVERIFY(rig.waitFor(
            [&] { return rig.action()->text() == QLatin1String("Scan the next serial number"); }));
        QCOMPARE(rig.state().batchTable->units.front().attempts, 2);
        // Brought a second time, it has as many once more.
        scan(rig, QStringLiteral("X"));
        QVERIFY(rig.waitFor(
            [&] { return stateOf(rig, QStringLiteral("X")) == QLatin1String("over, run 4"); }));
        QVERIFY(rig.waitFor(
            [&] { return rig.action()->text() == QLatin1String("Scan the next serial number"); }));
        QCOMPARE(rig.state().batchTable->units.front().attempts, 4);
    }

    /// One that waited for its turn has as many runs as one that did not.
    void whoWaitedIsMeasuredOnceMore()
    {
        WindowRig rig;
        QTemporaryDir reports;
        run::ProofChoice strict = rig.state().proof;
        strict.tolerance.colourMean = 0.001;
        rig.session->chooseProof(strict);
        QVERIFY(begin(rig, reports.path(), 1));
        scan(rig, QStringLiteral("first"));
        QVERIFY(rig.waitFor([&] { return rig.state().hasRun(); }));
        scan(rig, QStringLiteral("second"));
        QVERIFY(offers(rig, QStringLiteral("Measure second")));
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor([&] {
            return stateOf(rig, QStringLiteral("second")) == QLatin1String("over, run 2");
        }));
    }

    /// A meter that is pulled stops the unit; it goes on from there.
    void aPulledMeterCostsNothing()
    {
        WindowRig rig;
        QTemporaryDir reports;
        QVERIFY(begin(rig, reports.path()));
        scan(rig, QStringLiteral("P"));
        QVERIFY(rig.waitFor([&] { return rig.state().status.stage == run::Stage::Calibrate; }));
        rig.demo->injectFault(0, MeterFault::Unplugged);
        QVERIFY(rig.waitFor([&] { return rig.state().status.activity == run::Activity::Faulted; }));
        const qint64 run = rig.state().status.run;
        QVERIFY(rig.press()); // plugged in again
        QVERIFY(isDone(rig, QStringLiteral("P")));
        QCOMPARE(rig.state().batchTable->unit(QStringLiteral("P"))->run, run);
    }

    void anotherDisplayIsNoUnit()
    {
        WindowRig rig;
        QTemporaryDir reports;
        QVERIFY(begin(rig, reports.path()));
        scan(rig, QStringLiteral("U"));
        QVERIFY(isDone(rig, QStringLiteral("U")));
        QVERIFY(rig.waitFor([&] { return rig.state().batch->onBench.isEmpty(); }));
        rig.session->selectDisplay(2);
        QVERIFY(rig.waitFor([&] { return rig.state().selected == 2; }));
        QVERIFY(rig.state().unit.isEmpty());
        QCOMPARE(rig.state().displays[0].id, QStringLiteral("north-desk"));
        QCOMPARE(rig.state().displays[2].id, QStringLiteral("field-laptop"));
    }

    void whatIsNoBatchIsSaid()
    {
        WindowRig rig;
        rig.session->beginBatch({});
        QVERIFY(rig.state().noticeIsProblem);
        QVERIFY(rig.state().notice.contains(QLatin1String("name")));
        BatchWish wish;
        wish.name = QStringLiteral("N");
        wish.folder = QStringLiteral("/proc/none");
        rig.session->beginBatch(wish);
        QVERIFY(rig.state().notice.contains(QLatin1String("/proc/none")));
        QVERIFY(!rig.state().batch);
        rig.session->enterSerial(QString(100, QLatin1Char('x')), true);
        QVERIFY(rig.state().notice.contains(QLatin1String("80 characters")));
    }
};

static const Register<WorkshopWindowTest> registered("WorkshopWindowTest");

} // namespace lantern::test

#include "workshop_window_test.moc"
