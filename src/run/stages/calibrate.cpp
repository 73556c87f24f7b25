#include "run/stages/stage_kit.h"

namespace lantern::run {

/// The video LUT, or the monitor's own table.
StageEntry calibrateStage()
{
    StageEntry entry = entryOf<CalibrationResult>(Stage::Calibrate);
    entry.whiteIsSteady = true;
    entry.begin = [](RunResults &results) {
        return work(CalibrationPlan(results.setup.aim, calibrationTarget(results)),
                    [](const CalibrationPlan &plan) { return plan.result(); });
    };
    return entry;
}

} // namespace lantern::run
