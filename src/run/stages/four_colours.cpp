#include "core/reading/meter_correction.h"
#include "run/stages/stage_kit.h"

namespace lantern::run {

/// Red, green, blue, white, to correct one meter by another.
StageEntry fourColoursStage()
{
    StageEntry entry = entryOf<FourColoursResult>(Stage::FourColours);
    entry.readingsStand = true;
    entry.begin = [](RunResults &) {
        return work(PatchListPlan(correctionPatches()),
                    [](const PatchListPlan &plan) { return FourColoursResult{plan.readings()}; });
    };
    return entry;
}

} // namespace lantern::run
