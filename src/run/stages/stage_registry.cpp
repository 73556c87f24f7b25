#include "run/stages/stage_registry.h"

#include "run/stages/stage_kit.h"

namespace lantern::run {

const std::vector<StageEntry> &stageRegistry()
{
    static const std::vector<StageEntry> entries = {
        settleStage(),      readyStage(), adjustStage(),   calibrateStage(),
        measureStage(),     buildStage(), installStage(),  validateStage(),
        warmUpStage(),      placeStage(), checkStage(),    byEyeStage(),
        fourColoursStage(), takeStage(),  evennessStage(), modeStage()};
    return entries;
}

const StageEntry &stageEntry(Stage stage)
{
    for (const StageEntry &entry : stageRegistry())
        if (entry.stage == stage)
            return entry;
    throw Error(ErrorKind::BadInput, "stage", "there is none of this kind");
}

void replay(StageWork &work, const std::vector<LoggedReading> &readings, const std::string &path)
{
    size_t used = 0;
    while (used < readings.size()) {
        const PlanStep step = work.plan().next();
        if (const auto *read = std::get_if<ReadPatch>(&step)) {
            if (!(readings[used].reading.rgb == read->rgb))
                throw Error(ErrorKind::Device, path, "the readings of this run do not fit its plan",
                            "It was begun by another version of Bold Lantern; start a new run.");
            work.accept(readings[used]);
            ++used;
        } else if (std::holds_alternative<Finished>(step))
            throw Error(ErrorKind::Device, path, "this run holds more readings than its plan",
                        "It was begun by another version of Bold Lantern; start a new run.");
        else
            work.plan().acknowledge();
    }
}

} // namespace lantern::run
