#include "run/stages/stage_kit.h"

namespace lantern::run {

std::optional<CheckReference> checkReference(const RunResults &run)
{
    if (run.profile.isEmpty() || !run.after || !run.after->white || !run.after->black)
        return std::nullopt;
    return CheckReference{
        run.profile,       *run.after->white,      *run.after->black,
        run.repeatability, toleranceOf(run.setup), run.after->primaries.value_or(kSrgbPrimaries),
        roomOf(run.setup)};
}

CheckFirst judgedCheck(const CheckReference &reference, const std::vector<Reading> &readings,
                       const std::string &source)
{
    const ProfileFile profile({reference.profile.begin(), reference.profile.end()}, source);
    return judgeCheck({.readings = readings,
                       .profile = profile,
                       .white = reference.white,
                       .black = reference.black,
                       .tolerance = reference.tolerance,
                       .errors = {.scatter = reference.scatter, .certificate = {}, .mismatch = {}},
                       .primaries = reference.primaries,
                       .room = reference.room});
}

/// Does the last run still hold?
StageEntry checkStage()
{
    StageEntry entry = entryOf<CheckFirst>(Stage::Check);
    entry.whiteIsSteady = true;
    entry.readingsStand = true;
    entry.begin = [](RunResults &results) {
        if (!results.reference)
            throw Error(ErrorKind::BadInput, "check",
                        "the run it is held against has no profile or no readings",
                        "Start a new run instead.");
        return work(PatchListPlan(checkFirstPatches()),
                    [reference = *results.reference](const PatchListPlan &plan) {
                        return judgedCheck(reference, plan.readings(), "profile of the last run");
                    });
    };
    return entry;
}

} // namespace lantern::run
