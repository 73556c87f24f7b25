#include "run/stages/stage_kit.h"

namespace lantern::run {

/// Reads the display as it was found.
StageEntry readyStage()
{
    StageEntry entry = entryOf<ReadyResult>(Stage::Ready);
    entry.version = 2; // reads one grey more, which tells panels of six bits
    entry.whiteIsSteady = true;
    entry.asFound = true;
    entry.readingsStand = true;
    entry.goesByItself = learnsSettling;
    entry.begin = [](RunResults &results) {
        return work(RawValuesPlan(results.setup.rawProof, results.setup.claimedPrimaries),
                    [aim = results.setup.aim](const RawValuesPlan &plan) {
                        return ReadyResult{plan.readings(), displayState(plan.readings(), aim)};
                    });
    };
    return entry;
}

} // namespace lantern::run
