#include "run/stages/stage_kit.h"

namespace lantern::run {

/// Learns how long the display takes after a change; the first part of reading it as it is.
StageEntry settleStage()
{
    StageEntry entry = entryOf<SettleResult>(Stage::Settle);
    entry.asFound = true;
    entry.goesByItself = [](const RunSetup &setup) { return !learnsSettling(setup); };
    entry.begin = [](RunResults &results) -> std::unique_ptr<StageWork> {
        if (learnsSettling(results.setup))
            return work(SettlingPlan(),
                        [](const SettlingPlan &plan) { return SettleResult{plan.result()}; });
        return work(PatchListPlan({}), [](const PatchListPlan &) { return SettleResult{}; });
    };
    return entry;
}

} // namespace lantern::run
