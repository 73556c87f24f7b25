#include "cli/carry_out.h"
#include "cli/inputs.h"
#include "cli/verdict_text.h"
#include "core/aim/aim.h"
#include "core/report/report.h"
#include "core/signal/slot_file.h"
#include "run/file/files.h"
#include "run/logbook/logbook.h"

#include <nlohmann/json.hpp>

#include <QDateTime>

#include <iostream>

namespace lantern::cli {

namespace {

/// The aim to judge by: the one given, else the one that the profile was made for.
std::optional<Aim> aimFor(const ValidateOptions &o, const ProfileFile &profile)
{
    if (!o.aim.empty())
        return readAim(o.aim);
    const auto metadata = profile.metadata();
    const auto it = metadata.find("AIM");
    if (it == metadata.end())
        return std::nullopt;
    const std::string source = o.profile + ", aim in its metadata";
    return aimFromJson(parseJson(it->second, source), source);
}

ReferenceSet referenceFor(const ValidateOptions &o, const ProfileFile &profile)
{
    const auto known = referenceByKey(o.reference, profile);
    return known ? *known : referenceFromList(readText(o.reference), o.reference);
}

/// Through the profile on the simulated display, without meter noise.
Validation validateOnBench(const ValidateOptions &o, const ProfileFile &profile,
                           const ReferenceSet &set, const Tolerance &tolerance)
{
    const bench::Display display(readDisplay(o.display), o.display);
    bench::DisplayCondition state = display.initialCondition();
    if (!o.controls.empty())
        state.controls = readControls(o.controls);
    state.lut = profile.videoLut();
    if (!o.slot.empty())
        state.memorySlot = slotFromJson(parseJson(readText(o.slot), o.slot), o.slot);
    const auto aimed =
        o.intent == "perceptual" ? perceptualPatches(set, profile) : aimedPatches(set, profile);
    std::vector<Reading> readings;
    for (const DeviceRgb &rgb : validationPatches(aimed))
        readings.push_back({rgb, display.emitted(rgb, state)});
    ValidationRequest request{
        .referenceName = set.name, .aimed = aimed, .readings = readings, .tolerance = tolerance};
    request.aim = aimFor(o, profile);
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
                          const ProfileFile &profile, const ReferenceSet &set,
                          const Tolerance &tolerance)
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
    setup.tolerance = tolerance.name;
    setup.reference = set.name;
    setup.referenceColours = set.colours;
    setup.perceptual = o.intent == "perceptual";
    setup.profileTitle = profile.name();
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
        place.declare(
            {reinterpret_cast<const char *>(bytes.data()), static_cast<qsizetype>(bytes.size())},
            profile.videoLut().value_or(VideoLut::identity()));
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
    std::cout << "mean " << fixedNumber(v.deltaE00.mean, 3) << ", median "
              << fixedNumber(v.deltaE00.median, 3) << ", 95 % " << fixedNumber(v.deltaE00.p95, 3)
              << ", worst " << fixedNumber(v.deltaE00.max, 3) << " ΔE00\n";
    if (const auto beyond = v.patches.size() - static_cast<size_t>(v.reachableCount))
        std::cout << v.reachableCount << " within the display's gamut: mean "
                  << fixedNumber(v.reachable.mean, 3) << ", worst "
                  << fixedNumber(v.reachable.max, 3) << "; " << beyond << " beyond it: mean "
                  << fixedNumber(v.unreachable.mean, 3) << ", worst "
                  << fixedNumber(v.unreachable.max, 3) << '\n';
    printVerdict(v.verdict, std::cout);
}

} // namespace

int validate(const ValidateOptions &o)
{
    const auto place = o.output.empty() ? nullptr : deskPlace(o.output, o.meter);
    const std::vector<uint8_t> bytes = !o.profile.empty() ? readBytes(o.profile)
                                       : place            ? place->declared()
                                                          : std::vector<uint8_t>{};
    if (bytes.empty())
        throw Error(ErrorKind::BadInput, "--profile",
                    place ? Message("no profile is in use on %1", {o.output})
                          : Message("is missing"),
                    "Give the profile to be proved.");
    const ProfileFile profile(bytes, o.profile.empty() ? "profile in use" : o.profile);
    const ReferenceSet set = referenceFor(o, profile);
    const Tolerance &tolerance = toleranceByName(o.tolerance.empty() ? "studio" : o.tolerance);
    const Validation v = place ? validateOnDesk(o, *place, bytes, profile, set, tolerance)
                               : validateOnBench(o, profile, set, tolerance);
    if (o.json)
        std::cout << validationToJson(v).dump() << '\n';
    else
        print(v);
    if (o.tolerance.empty() || v.verdict.overall() != Call::Over)
        return 0;
    std::cerr << "Not within " << tolerance.title << ": the aim is "
              << callTitle(v.verdict.half(Half::Aim)) << ", the profile is "
              << callTitle(v.verdict.half(Half::Profile)) << ".\n";
    return static_cast<int>(ErrorKind::NotGoodEnough);
}

} // namespace lantern::cli
