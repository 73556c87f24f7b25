#include "app/state/ledger_rows.h"
#include "app/views/accuracy/accuracy_model.h"
#include "app/views/accuracy/proof_model.h"
#include "app/views/aim/aim_model.h"
#include "app/views/check/check_model.h"
#include "app/views/compare/compare_model.h"
#include "app/views/fine_tune/fine_tune_model.h"
#include "app/views/gamut/gamut_model.h"
#include "app/views/light/light_model.h"
#include "app/views/memory/memory_model.h"
#include "app/views/profile/profile_model.h"
#include "app/views/ready/ready_model.h"
#include "app/views/start/start_model.h"
#include "app/views/tone/tone_model.h"
#include "app/views/white/white_model.h"
#include "damage.h"
#include "run/stages/stage_registry.h"
#include "states.h"

namespace lantern::test {

using namespace lantern::app;

/// A logbook's rows that are damaged in a way that no reader refuses are shown by the views, too.
class DamagedModelsTest : public QObject {
    Q_OBJECT

    static void showAll(const SessionState &s)
    {
        (void)ledgerRows(s);
        (void)mainAction(s);
        (void)accuracyModel(s, true);
        (void)proofModel(s);
        (void)aimModel(s);
        (void)checkModel(s);
        (void)compareModel(s, BeforeChoice::AsFound, true);
        (void)fineTuneModel(s);
        (void)gamutModel(s);
        for (const GamutPoints points : {GamutPoints::Chart, GamutPoints::Proof})
            (void)pointsOf(s, points);
        (void)lightModel(s);
        (void)memoryModel(s);
        (void)profileModel(s);
        (void)readyModel(s);
        (void)startModel(s);
        (void)toneModel(s);
        (void)whiteModel(s);
    }
    /// What came of a run, as views are given it.
    static SessionState stateOf(const run::RunResults &results)
    {
        SessionState s = emptyState();
        s.lastTime = s.lastProof = results;
        s.lastRun = 1;
        s.check = results.check;
        s.warmUp = results.warmUp;
        s.placement = results.placement;
        s.slotRuns = {std::make_shared<const SlotRun>(SlotRun{1, {}, 0, results})};
        return s;
    }

private slots:
    void theyAreShown_data()
    {
        QTest::addColumn<run::RunKind>("kind");
        QTest::newRow("calibration") << run::RunKind::Calibration;
        QTest::newRow("warm-up") << run::RunKind::WarmUp;
        QTest::newRow("placement") << run::RunKind::Placement;
        QTest::newRow("check") << run::RunKind::Check;
        QTest::newRow("by eye") << run::RunKind::ByEye;
    }
    void theyAreShown()
    {
        QFETCH(run::RunKind, kind);
        run::Logbook book(QStringLiteral(LANTERN_TEST_DATA "/logbook-v5.sqlite"),
                          run::Logbook::Access::Read);
        const auto lines = book.runs({.kind = kind, .finishedOnly = true, .atMost = 1});
        QCOMPARE(lines.size(), size_t(1));
        const auto stages = book.finishedStages(lines.front().id);
        run::RunResults before;
        before.setup = book.setup(lines.front().id);
        int shown = 0;
        for (const run::KeptStage &stage : stages) {
            const run::StageEntry &entry = run::stageEntry(stage.stage);
            eachDamage(
                parseJson(stage.result.json.toStdString(), "whole"),
                [&](const Json &damaged, const std::string & /*place*/) {
                    run::RunResults results = before;
                    try {
                        const auto json = QByteArray::fromStdString(damaged.dump());
                        run::take(entry.recall({json, stage.result.bytes}, "damaged"), results);
                    } catch (const Error &) {
                        return;
                    }
                    showAll(stateOf(results));
                    ++shown;
                });
            run::take(entry.recall(stage.result, "whole"), before);
        }
        QVERIFY(shown > 2);
    }
};

static const Register<DamagedModelsTest> registered("DamagedModelsTest");

} // namespace lantern::test

#include "damaged_models_test.moc"
