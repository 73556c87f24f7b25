#include "core/judge/agreement.h"
#include "core/report/diagrams.h"
#include "damage.h"
#include "run/engine_rig.h"
#include "run/file/files.h"
#include "run/stages/stage_registry.h"

#include <QTemporaryDir>

namespace lantern::test {

using namespace lantern::run;

/// What a logbook keeps, well-formed but damaged in every place there is: by a disk, by hand, or by
/// whoever else writes into a shared book. It is refused with an Error that names it, or it is
/// taken and then everything that is made of a run can be made of it.
class DamagedValuesTest : public QObject {
    Q_OBJECT
    QTemporaryDir m_folder;

    QString path(const char *name) { return m_folder.filePath(QLatin1String(name)); }
    /// \returns whether it was taken
    static bool isTaken(const std::function<void()> &work, const std::string &place)
    {
        try {
            work();
            return true;
        } catch (const Error &) {
            return false;
        } catch (const std::exception &e) {
            const std::string told = place + ": " + e.what();
            QTest::qFail(told.c_str(), __FILE__, __LINE__);
            return false;
        }
    }
    static void useAll(const RunResults &results)
    {
        const ReportData report = reportData(results);
        (void)reportToHtml(report);
        (void)reportToHtml(report, ReportForm::Short);
        const Json json = reportToJson(report);
        (void)reportToCsv(report);
        (void)diagramsOf(report);
        (void)chartReadings(results);
        (void)checkReference(results);
        if (results.validation) {
            (void)validationToCgats(*results.validation);
            (void)measuredAgreement(*results.validation, *results.validation, Viewing::SideBySide);
        }
        if (results.calibration)
            (void)signalPathOf(results);
        (void)spectraToCsv(results.panelSpectra);
        if (results.evenness) {
            for (size_t level = 0; level < results.evenness->greys.size(); ++level)
                (void)results.evenness->levels.at(level);
            (void)results.evenness->levels.at(0); // as views take it
            (void)results.evenness->isWhole();
            (void)compensationCost(*results.evenness, *results.evenness);
        }
        (void)recheckReport(json, "again");
    }
    /// The newest finished run of a kind.
    void damage(Logbook &book, RunKind kind)
    {
        int refused = 0, taken = 0;
        for (const RunSummary &line :
             book.runs({.kind = kind, .finishedOnly = true, .atMost = 1})) {
            const RunSetup whole = book.setup(line.id);
            const std::string run = "run " + std::to_string(line.id) + ", ";
            eachDamage(setupToJson(whole), [&](const Json &damaged, const std::string &place) {
                const bool isIn = isTaken(
                    [&] {
                        const RunSetup setup = setupFromJson(damaged, "damaged");
                        (void)setupFromJson(setupToJson(setup), "again");
                        (void)profileName(setup);
                        (void)iccDate(setup);
                        (void)toleranceOf(setup);
                    },
                    run + "setup" + place);
                ++(isIn ? taken : refused);
            });
            const auto stages = book.finishedStages(line.id);
            for (size_t i = 0; i < stages.size(); ++i)
                eachDamage(parseJson(stages[i].result.json.toStdString(), "whole"),
                           [&](const Json &damaged, const std::string &place) {
                               RunResults results;
                               results.setup = whole;
                               const std::string where =
                                   run + stageKey(stages[i].stage).toStdString() + place;
                               const bool isIn = isTaken(
                                   [&] {
                                       // Those before it are whole.
                                       for (size_t k = 0; k <= i; ++k) {
                                           KeptResult kept = stages[k].result;
                                           if (k == i)
                                               kept.json =
                                                   QByteArray::fromStdString(damaged.dump());
                                           take(stageEntry(stages[k].stage).recall(kept, "damaged"),
                                                results);
                                       }
                                   },
                                   where);
                               ++(isIn ? taken : refused);
                               if (isIn)
                                   isTaken([&] { useAll(results); }, where);
                           });
        }
        QVERIFY2(refused > 100 && taken > 10, "hardly anything was damaged");
    }
    /// An errand of the engine on the bench, finished.
    static void make(const QString &logbook, RunKind kind)
    {
        EngineRig rig(logbook);
        RunSetup s = EngineRig::setup();
        s.kind = kind;
        s.adjust = AdjustMode::Skip;
        s.evenness.grid = {2, 2};
        s.evenness.greys = {255, 128};
        s.pictureMode = "Cinema";
        rig.eye.watchPlace(rig.rig);
        BenchMover mover(rig.rig);
        Devices all = rig.devices(rig.meter);
        all.mover = keptElsewhere(mover);
        rig.engine.setDevices(all);
        rig.engine.begin(s);
        QVERIFY(rig.waitFor(Activity::Finished));
    }

private slots:
    void nothingIsTrusted_data()
    {
        QTest::addColumn<RunKind>("kind");
        const std::pair<const char *, RunKind> kinds[] = {
            {"calibration", RunKind::Calibration},
            {"warm-up", RunKind::WarmUp},
            {"placement", RunKind::Placement},
            {"check", RunKind::Check},
            {"by eye", RunKind::ByEye},
            {"four colours", RunKind::FourColours},
            {"evenness", RunKind::Evenness},
            {"mode", RunKind::Mode},
        };
        for (const auto &[name, kind] : kinds)
            QTest::newRow(name) << kind;
    }
    void nothingIsTrusted()
    {
        QFETCH(RunKind, kind);
        const QString file = path(QTest::currentDataTag()) + QStringLiteral(".sqlite");
        if (kind == RunKind::Evenness || kind == RunKind::Mode)
            make(file, kind);
        else
            writeFile(file, readFile(QStringLiteral(LANTERN_TEST_DATA) +
                                     QStringLiteral("/logbook-v5.sqlite")));
        Logbook book(file, Logbook::Access::Read);
        damage(book, kind);
    }

    /// Runs that are held against each other, or against themselves.
    void noRunIsItsOwnReference()
    {
        const QString file = path("circle.sqlite");
        Logbook book(file, Logbook::Access::Write);
        RunSetup s = EngineRig::setup();
        s.kind = RunKind::Check;
        const qint64 first = book.createRun(s), second = book.createRun(s);
        s.referenceRun = second;
        book.changeSetup(first, s);
        s.referenceRun = first;
        book.changeSetup(second, s);
        QVERIFY(!loadResults(book, first).reference.has_value());
        s.referenceRun = first;
        book.changeSetup(first, s);
        QVERIFY(!loadResults(book, first).reference.has_value());
    }
};

static const Register<DamagedValuesTest> registered("DamagedValuesTest");

} // namespace lantern::test

#include "damaged_values_test.moc"
