#include "core/judge/picture_modes.h"
#include "run/stages/stage_kit.h"

namespace lantern::run {

/// A picture mode of the monitor, as it is without a LUT of ours.
StageEntry modeStage()
{
    StageEntry entry = entryOf<ModeResult>(Stage::Mode);
    entry.whiteIsSteady = true;
    entry.asFound = true;
    entry.readingsStand = true;
    entry.begin = [](RunResults &) {
        return work(PatchListPlan(modePatches()),
                    [](const PatchListPlan &plan) { return ModeResult{plan.readings()}; });
    };
    return entry;
}

} // namespace lantern::run
