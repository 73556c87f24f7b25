#include "core/plan/chart_reader.h"
#include "run/stages/stage_kit.h"

namespace lantern::run {

namespace {

ProfileFile profileOf(const RunResults &results)
{
    return {{results.profile.begin(), results.profile.end()}, "profile of this run"};
}

ReferenceSet referenceOf(const RunResults &results, const ProfileFile &profile)
{
    if (!results.setup.referenceColours.empty())
        return {results.setup.reference, results.setup.referenceColours};
    if (auto set = referenceByKey(results.setup.reference, profile))
        return *set;
    throw Error(ErrorKind::BadInput, "reference",
                {"\"%1\" is not known", {results.setup.reference}});
}

} // namespace

/// Proves the profile.
StageEntry validateStage()
{
    StageEntry entry = entryOf<Validation>(Stage::Validate);
    entry.readingsStand = true;
    entry.begin = [](RunResults &results) {
        const ProfileFile profile = profileOf(results);
        const ReferenceSet reference = referenceOf(results, profile);
        if (results.aimed.empty())
            results.aimed = results.setup.perceptual ? perceptualPatches(reference, profile)
                                                     : aimedPatches(reference, profile);
        ValidationRequest request{.referenceName = reference.name,
                                  .aimed = results.aimed,
                                  .readings = {},
                                  .tolerance = toleranceByName(results.setup.tolerance),
                                  .aim = results.setup.aim,
                                  .errors = errorSources(results),
                                  .primaries = results.after && results.after->primaries
                                                   ? *results.after->primaries
                                                   : kSrgbPrimaries,
                                  .room = roomOf(results.setup)};
        return work(WatchedListPlan(validationPatches(results.aimed)),
                    [request](const WatchedListPlan &plan) {
                        ValidationRequest complete = request;
                        complete.readings = plan.readings();
                        return validate(complete);
                    });
    };
    return entry;
}

} // namespace lantern::run
