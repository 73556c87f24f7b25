#include "run/logbook/load_results.h"

#include "core/base/error.h"
#include "run/stages/stage_registry.h"

namespace lantern::run {

namespace {

/// \param withReference also what it is held against; that one is held against nothing
RunResults load(Logbook &logbook, qint64 run, bool withReference)
{
    RunResults results;
    results.setup = logbook.setup(run);
    results.controls = results.setup.startControls;
    results.settling = results.setup.settling;
    if (withReference && results.setup.referenceRun != 0)
        results.reference = checkReference(load(logbook, results.setup.referenceRun, false));
    for (const KeptStage &kept : logbook.finishedStages(run)) {
        const StageEntry &entry = stageEntry(kept.stage);
        const std::string where = logbook.path().toStdString() + ", run " + std::to_string(run) +
                                  ", stage " + stageKey(kept.stage).toStdString();
        try {
            if (!kept.problem.isEmpty())
                throw Error(ErrorKind::BadInput, where,
                            Message::verbatim(kept.problem.toStdString()));
            if (kept.version > entry.version)
                throw Error(ErrorKind::BadInput, where,
                            "was kept by a newer Bold Lantern and cannot be read");
            take(entry.recall(kept.result, where), results);
        } catch (const Error &e) {
            if (results.problem.isEmpty())
                results.problem = QString::fromUtf8(e.what());
        }
    }
    return results;
}

} // namespace

RunResults loadResults(Logbook &logbook, qint64 run)
{
    return load(logbook, run, true);
}

std::optional<Settling> knownSettling(Logbook &logbook, const RunSetup &setup)
{
    for (const KeptResult &kept :
         logbook.newestResults(QString::fromStdString(setup.displayId),
                               QString::fromStdString(setup.meterName), Stage::Settle)) {
        try {
            const StageResult result =
                stageEntry(Stage::Settle).recall(kept, logbook.path().toStdString());
            if (const auto learned = std::get<SettleResult>(result).learned)
                return learned;
        } catch (const Error &) {
            // an unreadable one costs learning it again
        }
    }
    return std::nullopt;
}

} // namespace lantern::run
