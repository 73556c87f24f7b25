#include "run/stages/stage_kit.h"

namespace lantern::run {

/// Puts profile and LUT in force.
StageEntry installStage()
{
    StageEntry entry = entryOf<InstallResult>(Stage::Install);
    entry.make = [](const RunResults &results, const Devices &devices) -> StageResult {
        const QString path = devices.store->install(
            results.profile, QString::fromStdString(profileName(results.setup)));
        if (devices.lut)
            devices.lut->load(results.calibration->lut);
        return InstallResult{path.toStdString()};
    };
    return entry;
}

} // namespace lantern::run
