#include "run/stages/stage_kit.h"

namespace lantern::run {

/// The profile that is in force on the display, whoever made it; to be proved.
StageEntry takeStage()
{
    StageEntry entry = entryOf<TakeResult>(Stage::Take);
    entry.make = [](const RunResults &results, const Devices &devices) -> StageResult {
        TakeResult result{devices.store->inUse()};
        if (result.profile.isEmpty() && results.setup.against.empty()) // else it is not needed
            throw Error(ErrorKind::BadInput, "display", "no profile is in use on it",
                        "Install one, or give one to be proved.");
        return result;
    };
    return entry;
}

} // namespace lantern::run
