#include "core/plan/chart_reader.h"
#include "run/stages/stage_kit.h"

namespace lantern::run {

namespace {

ProfileFile profileOf(const RunResults &results)
{
    return {{results.profile.begin(), results.profile.end()}, "profile of this run"};
}

ReferenceSet referenceOf(const RunSetup &setup, const ToLab &toLab)
{
    if (!setup.referenceColours.empty())
        return {setup.reference, setup.referenceColours};
    if (auto set = referenceByKey(setup.reference, toLab))
        return *set;
    throw Error(ErrorKind::BadInput, "reference", {"\"%1\" is not known", {setup.reference}});
}

/// The space that the display is held against instead of its profile.
TargetSpace spaceOf(const RunResults &results)
{
    const RunSetup &setup = results.setup;
    if (setup.against != "aim") {
        if (const auto space = targetSpaceByKey(setup.against))
            return *space;
        throw Error(ErrorKind::BadInput, "against", {"\"%1\" is not known", {setup.against}});
    }
    const auto native = results.after    ? results.after->primaries
                        : results.before ? results.before->primaries
                                         : setup.claimedPrimaries;
    if (const auto space = targetSpaceOf(setup.aim, native))
        return *space;
    throw Error(ErrorKind::BadInput, "aim",
                "does not say what code values should look like: its tone or its primaries are "
                "the display's own",
                "Choose an aim with a tone curve and primaries, or prove the profile.");
}

/// Reference and patches of the validation that the setup asks for.
void takeAim(RunResults &results, std::string &name, std::string &against)
{
    const RunSetup &setup = results.setup;
    if (setup.against.empty()) {
        const ProfileFile profile = profileOf(results);
        const ReferenceSet reference = referenceOf(setup, asTold(profile));
        name = reference.name;
        if (results.aimed.empty())
            results.aimed = setup.perceptual ? perceptualPatches(reference, profile)
                                             : aimedPatches(reference, profile);
        return;
    }
    const TargetSpace space = spaceOf(results);
    const ReferenceSet reference =
        referenceOf(setup, [&](const DeviceRgb &rgb) { return space.toLab(rgb); });
    name = reference.name;
    against = space.name();
    if (results.aimed.empty())
        results.aimed = patchesOfSpace(reference, space);
}

} // namespace

/// Proves the profile.
StageEntry validateStage()
{
    StageEntry entry = entryOf<Validation>(Stage::Validate);
    entry.readingsStand = true;
    entry.begin = [](RunResults &results) {
        std::string name;
        std::string against;
        takeAim(results, name, against);
        ValidationRequest request{.referenceName = name,
                                  .aimed = results.aimed,
                                  .readings = {},
                                  .tolerance = toleranceOf(results.setup),
                                  .aim = results.setup.aim,
                                  .errors = errorSources(results),
                                  .primaries = results.after && results.after->primaries
                                                   ? *results.after->primaries
                                                   : kSrgbPrimaries,
                                  .room = roomOf(results.setup),
                                  .isAbsolute = results.setup.absolute,
                                  .against = against};
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
