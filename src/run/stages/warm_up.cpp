#include "run/stages/stage_kit.h"

namespace lantern::run {

/// White again and again until it stands still.
StageEntry warmUpStage()
{
    StageEntry entry = entryOf<WarmUpResult>(Stage::WarmUp);
    entry.begin = [](RunResults &) {
        return work(
            WarmUpPlan(),
            [](const WarmUpPlan &plan) {
                return WarmUpResult{plan.verdict(), plan.whites()};
            },
            [](const WarmUpPlan &plan, RunResults &shown) {
                take(WarmUpResult{plan.verdict(), plan.whites()}, shown);
                return true;
            });
    };
    return entry;
}

} // namespace lantern::run
