#include "run/stages/stage_kit.h"

namespace lantern::run {

/// Where the meter hangs.
StageEntry placeStage()
{
    StageEntry entry = entryOf<PlaceResult>(Stage::Place);
    entry.begin = [](RunResults &results) {
        return work(PlacementPlan(results.setup.patchShare[0], results.setup.patchShare[1]),
                    [](const PlacementPlan &plan) { return PlaceResult{plan.result()}; });
    };
    return entry;
}

} // namespace lantern::run
