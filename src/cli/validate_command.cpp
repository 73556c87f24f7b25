#include "cli/carry_out.h"
#include "cli/inputs.h"
#include "cli/said.h"
#include "cli/verdict_text.h"
#include "core/aim/aim.h"
#include "core/colour/spaces.h"
#include "core/judge/weakness.h"
#include "core/profile/target_space.h"
#include "core/report/report.h"
#include "core/signal/slot_file.h"
#include "run/book/proof_choice.h"
#include "run/file/files.h"
#include "run/logbook/logbook.h"

#include <nlohmann/json.hpp>

#include <QDateTime>
#include <QFileInfo>

#include <iostream>

namespace lantern::cli {

namespace {

/// The aim to judge by: the one given, else the one that the profile was made for.
std::optional<Aim> aimFor(const ValidateOptions &o, const ProfileFile *profile)
{
    if (!o.aim.empty())
        return readAim(o.aim);
    if (!profile)
        return std::nullopt;
    const auto metadata = profile->metadata();
    const auto it = metadata.find("AIM");
    if (it == metadata.end())
        return std::nullopt;
    const std::string source = o.profile + ", aim in its metadata";
    return aimFromJson(parseJson(it->second, source), source);
}

ReferenceSet referenceFor(const ValidateOptions &o, const ToLab &toLab)
{
    const auto known = referenceByKey(o.reference, toLab);
    return known ? *known : referenceFromList(readText(o.reference), o.reference);
}

/// The limits by name or from a file, with the formula that was asked for.
Tolerance toleranceFor(const ValidateOptions &o)
{
    const std::string name = o.tolerance.empty() ? "studio" : o.tolerance;
    Tolerance t = QFileInfo(QString::fromStdString(name)).isFile()
                      ? toleranceFromJson(parseJson(readText(name), name), name)
                      : toleranceByName(name);
    if (!o.formula.empty())
        t.formula = formulaByKey(o.formula);
    return t;
}

/// The space that the display is held against; nothing: it is proved through its profile.
/// \param native primaries of the display
std::optional<TargetSpace> spaceFor(const ValidateOptions &o, const ProfileFile *profile,
                                    const std::optional<PrimarySet> &native)
{
    if (o.against.empty())
        return std::nullopt;
    if (o.against != "aim")
        return targetSpaceByKey(o.against);
    const auto aim = aimFor(o, profile);
    const auto space = aim ? targetSpaceOf(*aim, native) : std::nullopt;
    if (!space)
        throw Error(ErrorKind::BadInput, "--against aim",
                    "there is no aim, or its tone or primaries are the display's own",
                    "Give --aim with a tone curve and primaries, or a space.");
    return space;
}

/// Reference colours and the code values they are sent with.
std::vector<AimedPatch> aimedFor(const ValidateOptions &o, const ReferenceSet &set,
                                 const ProfileFile *profile,
                                 const std::optional<TargetSpace> &space)
{
    return space                      ? patchesOfSpace(set, *space)
           : o.intent == "perceptual" ? perceptualPatches(set, *profile)
                                      : aimedPatches(set, *profile);
}

/// Through the profile on the simulated display, without meter noise.
Validation validateOnBench(const ValidateOptions &o, const ProfileFile *profile,
                           const Tolerance &tolerance)
{
    const bench::Display display(readDisplay(o.display), o.display);
    bench::DisplayCondition state = display.initialCondition();
    if (!o.controls.empty())
        state.controls = readControls(o.controls);
    if (profile)
        state.lut = profile->videoLut();
    if (!o.slot.empty())
        state.memorySlot = slotFromJson(parseJson(readText(o.slot), o.slot), o.slot);
    PrimarySet native;
    for (size_t c = 0; c < native.size(); ++c)
        native[c] = chromaticity(
            display.emitted({c == 0 ? 255.0 : 0, c == 1 ? 255.0 : 0, c == 2 ? 255.0 : 0}, state));
    const auto space = spaceFor(o, profile, native);
    const ReferenceSet set =
        referenceFor(o, space ? ToLab([&](const DeviceRgb &rgb) { return space->toLab(rgb); })
                              : asTold(*profile));
    const auto aimed = aimedFor(o, set, profile, space);
    std::vector<Reading> readings;
    for (const DeviceRgb &rgb : validationPatches(aimed))
        readings.push_back({rgb, display.emitted(rgb, state)});
    ValidationRequest request{
        .referenceName = set.name, .aimed = aimed, .readings = readings, .tolerance = tolerance};
    request.aim = aimFor(o, profile);
    request.isAbsolute = o.white == "aimed";
    request.against = space ? space->name() : std::string();
    return lantern::validate(request);
}

/// A validation that was begun in the same way and did not come to its end; 0: none.
qint64 unfinishedRun(const QString &logbookPath, const run::RunSetup &wanted)
{
    run::Logbook logbook(logbookPath, run::Logbook::Access::Write);
    const auto newest = logbook.runs({.kind = run::RunKind::Validation, .atMost = 1});
    if (newest.empty() || newest.front().finished || newest.front().abandoned)
        return 0;
    return firstDifference(logbook.setup(newest.front().id), wanted) ? 0 : newest.front().id;
}

/// By the meter on the real one, with profile and LUT in force meanwhile; kept in the folder.
Validation validateOnDesk(const ValidateOptions &o, Place &place, const std::vector<uint8_t> &bytes,
                          const ProfileFile *profile, const Tolerance &tolerance)
{
    using namespace run;
    if (o.out.empty())
        throw Error(ErrorKind::BadInput, "--out", "is missing",
                    "Readings of a real display are kept: give a folder for them.");
    RunSetup setup = place.setup();
    setup.kind = RunKind::Validation;
    setup.adjust = AdjustMode::Skip;
    setup.meterName = o.meter;
    setup.aim =
        aimFor(o, profile).value_or(Aim{"As it is", NativeWhite{}, std::nullopt, NativeTone{}});
    ProofChoice choice{.reference = o.reference, .tolerance = tolerance};
    const ToLab anyTold = [](const DeviceRgb &rgb) { return pcsFromSrgb(rgb); };
    if (const ToLab toLab = profile ? asTold(*profile) : anyTold;
        !referenceByKey(o.reference, toLab)) { // a list
        const ReferenceSet set = referenceFor(o, toLab);
        choice.reference = set.name;
        choice.colours = set.colours;
    }
    choice.perceptual = o.intent == "perceptual";
    choice.absolute = o.white == "aimed";
    choice.against = o.against;
    choice.applyTo(setup, setup.seed);
    if (profile)
        setup.profileTitle = profile->name();
    setup.startedAt = QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString();
    const QString folder = QString::fromStdString(o.out);
    makeFolder(folder);
    const QString logbookPath = folder + QStringLiteral("/run.sqlite");
    const qint64 unfinished = unfinishedRun(logbookPath, setup);
    RunEngine engine(logbookPath);
    Devices devices = place.devices(folder);
    devices.controls.reset();
    engine.setDevices(devices);
    const RunResults results = carryOut(engine, place, [&](RunEngine &e) {
        if (profile) // else the display is held against a space as it stands
            place.declare({reinterpret_cast<const char *>(bytes.data()),
                           static_cast<qsizetype>(bytes.size())},
                          profile->videoLut().value_or(VideoLut::identity()));
        if (unfinished != 0)
            e.resumeRun(unfinished);
        else
            e.begin(setup);
    });
    writeFile(folder + QStringLiteral("/validation.cgats"),
              QByteArray::fromStdString(validationToCgats(*results.validation)));
    return *results.validation;
}

void print(const Validation &v)
{
    for (const ValidatedPatch &p : v.patches)
        std::cout << p.aimed.reference.name << '\t' << fixedNumber(p.deltaE00, 3) << '\n';
    std::cout << said({"mean %1, median %2, 95 % %3, worst %4 ΔE00",
                       {fixedNumber(v.deltaE00.mean, 3), fixedNumber(v.deltaE00.median, 3),
                        fixedNumber(v.deltaE00.p95, 3), fixedNumber(v.deltaE00.max, 3)}})
              << '\n';
    if (const auto beyond = v.patches.size() - static_cast<size_t>(v.reachableCount))
        std::cout << said({"%1 within the display's gamut: mean %2, worst %3; %4 beyond it: mean "
                           "%5, worst %6",
                           {std::to_string(v.reachableCount), fixedNumber(v.reachable.mean, 3),
                            fixedNumber(v.reachable.max, 3), std::to_string(beyond),
                            fixedNumber(v.unreachable.mean, 3), fixedNumber(v.unreachable.max, 3)}})
                  << '\n';
    if (const DifferenceFormula f = v.verdict.tolerance.formula; f != DifferenceFormula::De2000) {
        std::vector<double> all;
        for (const ValidatedPatch &p : v.patches)
            all.push_back(differenceOf(p, v));
        const Statistics s = statistics(all);
        std::cout << said({"by %1: mean %2, worst %3",
                           {formulaSymbol(f), fixedNumber(s.mean, 3), fixedNumber(s.max, 3)}})
                  << '\n';
    }
    for (const Message &weak : weaknessInWords(v))
        std::cout << said(weak) << '\n';
    printVerdict(v.verdict, std::cout);
}

} // namespace

int validate(const ValidateOptions &o)
{
    const auto place = o.output.empty() ? nullptr : deskPlace(o.output, o.meter);
    const std::vector<uint8_t> bytes = !o.profile.empty()           ? readBytes(o.profile)
                                       : place && o.against.empty() ? place->declared()
                                                                    : std::vector<uint8_t>{};
    if (bytes.empty() && o.against.empty())
        throw Error(ErrorKind::BadInput, "--profile",
                    place ? Message("no profile is in use on %1", {o.output})
                          : Message("is missing"),
                    "Give the profile to be proved.");
    const auto given =
        bytes.empty() ? std::nullopt
                      : std::optional<ProfileFile>(
                            std::in_place, bytes, o.profile.empty() ? "profile in use" : o.profile);
    const ProfileFile *profile = given ? &*given : nullptr;
    const Tolerance tolerance = toleranceFor(o);
    const Validation v = place ? validateOnDesk(o, *place, bytes, profile, tolerance)
                               : validateOnBench(o, profile, tolerance);
    if (o.json)
        std::cout << validationToJson(v).dump() << '\n';
    else
        print(v);
    if (o.tolerance.empty() || v.verdict.overall() != Call::Over)
        return 0;
    std::cerr << said({"Not within %1: the aim is %2, the profile is %3.",
                       {tolerance.title, callTitle(v.verdict.half(Half::Aim)),
                        callTitle(v.verdict.half(Half::Profile))}})
              << '\n';
    return static_cast<int>(ErrorKind::NotGoodEnough);
}

} // namespace lantern::cli
