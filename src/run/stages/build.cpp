#include "core/plan/adaptive_plan.h"
#include "run/book/profile_request.h"
#include "run/stages/stage_kit.h"

namespace lantern::run {

/// The profile.
StageEntry buildStage()
{
    StageEntry entry = entryOf<BuildResult>(Stage::Build);
    entry.make = [](const RunResults &results, const Devices &) -> StageResult {
        const DriftCorrection steady = profileReadings(results);
        const BuiltProfile built =
            buildProfile(steady.readings, profileRequest(results), "readings of this run");
        return BuildResult{QByteArray(reinterpret_cast<const char *>(built.icc.data()),
                                      static_cast<qsizetype>(built.icc.size())),
                           built.meanResidual, expectedError(steady, signalPathOf(results))};
    };
    return entry;
}

} // namespace lantern::run
