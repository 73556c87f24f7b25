#include "cli/commands.h"

#include "cli/chart_command.h"
#include "cli/inputs.h"
#include "cli/verdict_text.h"
#include "core/base/text.h"
#include "core/plan/chart.h"
#include "core/profile/profile_tables.h"
#include "run/book/output_files.h"
#include "run/device/bench_devices.h"
#include "run/device/meters/command_meter.h"
#include "run/device/meters/hand_meter.h"
#include "run/device/meters/meter_registry.h"
#include "run/engine/run_engine.h"
#include "run/logbook/load_results.h"

#include <nlohmann/json.hpp>

#include <QCoreApplication>
#include <QDateTime>

#include <cmath>
#include <iostream>

namespace lantern::cli {

namespace {

using namespace lantern::run;

bool isBenchMeter(const std::string &choice)
{
    return choice == "reference" || choice == "colorimeter";
}

/// Asks on standard error for each reading and takes X Y Z from standard input.
void answerByHand(HandMeter &meter)
{
    QObject::connect(
        &meter, &HandMeter::entryWanted, &meter,
        [&meter](const DeviceRgb &shown) {
            std::string line;
            for (;;) {
                std::cerr << "X Y Z of " << shortNumber(shown.r) << ' ' << shortNumber(shown.g)
                          << ' ' << shortNumber(shown.b) << "? " << std::flush;
                if (!std::getline(std::cin, line)) {
                    meter.giveUp(QObject::tr("standard input has ended"));
                    return;
                }
                if (const auto xyz = xyzFromOutput(QByteArray::fromStdString(line))) {
                    meter.enter(*xyz);
                    return;
                }
                std::cerr << "Three numbers in cd/m² are expected.\n";
            }
        },
        Qt::QueuedConnection);
}

/// The chosen meter in front of the bench.
std::unique_ptr<Meter> meterFor(const RunOptions &o, const std::shared_ptr<BenchRig> &rig,
                                BenchEye *eye, SceneSource *scene)
{
    if (isBenchMeter(o.meter))
        return std::make_unique<BenchMeter>(rig, eye);
    std::unique_ptr<Meter> meter(makeMeter(QString::fromStdString(o.meter), scene));
    if (auto *hand = dynamic_cast<HandMeter *>(meter.get()))
        answerByHand(*hand);
    return meter;
}

CorrectionKind correctionKindFor(const RunOptions &o, const bench::Bench &bench,
                                 const std::optional<MeterCorrection> &correction)
{
    if (correction)
        return correction->kindFor(bench.display().description().name);
    return isBenchMeter(o.meter) && !bench.meter().description().isReference()
               ? CorrectionKind::Technology
               : CorrectionKind::None;
}

RunSetup setupFor(const RunOptions &o, const bench::Bench &bench)
{
    const auto &display = bench.display().description();
    const auto &meter = bench.meter().description();
    const bool benchMeter = isBenchMeter(o.meter);
    RunSetup s;
    s.displayId = display.id;
    s.displayName = display.name;
    s.serial = display.serial;
    s.technology = bench.technology();
    s.meterName = benchMeter ? meter.name : o.meter;
    if (!o.certificate.empty())
        s.certificate =
            certificateFromJson(parseJson(readText(o.certificate), o.certificate), o.certificate);
    s.tolerance = toleranceByName(o.tolerance).name;
    if (!o.correction.empty())
        s.meterCorrection = readCorrection(o.correction);
    s.correctionKind = correctionKindFor(o, bench, s.meterCorrection);
    s.correction = !o.correction.empty()                ? "corrected by " + o.correction
                   : meter.isReference() || !benchMeter ? ""
                                                        : "corrected for " + bench.technology();
    if (!o.aim.empty())
        s.aim = readAim(o.aim);
    if (const auto count = parseNumber(o.chart))
        s.chartPatches = static_cast<int>(*count);
    else {
        s.chartList = chartFromFile(o.chart, {});
        s.chartPatches = static_cast<int>(s.chartList.size());
    }
    s.expectedError = o.expectedError;
    s.maxMinutes = o.minutes;
    s.profileKind = profileKindByKey(o.kind);
    s.iccVersion = o.icc;
    s.grid = o.grid;
    s.intoSlot = o.intoSlot;
    if (o.room.lux > 0) {
        s.roomLight = RoomLight{o.room.lux, chromaticityOption("--room-white", o.room.white)};
        s.reflectance = o.room.reflectance;
    }
    s.adjust = o.noAdjust || !display.remoteControls ? AdjustMode::Skip : AdjustMode::Automatic;
    s.controls = {display.remoteControls, display.remoteControls && display.hasRgbGains};
    s.startControls = display.controls;
    s.linkBits = display.linkBits;
    s.startedAt = QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString();
    s.seed = o.seed;
    return s;
}

/// Takes up the folder's run if there is one; it must have been asked for with the same options.
qint64 existingRun(Logbook &logbook, const RunSetup &wanted, const std::string &folder)
{
    const auto runs = logbook.runs({.atMost = 1});
    if (runs.empty())
        return 0;
    Json before = setupToJson(logbook.setup(runs.front().id));
    Json now = setupToJson(wanted);
    for (const char *found : {"started_at", "settling", "learns_settling"}) // by the run itself
        now[found] = before[found];
    if (wanted.correctionKind ==
        CorrectionKind::None) // until the meter says that it corrects itself
        for (const char *found : {"correction", "correction_kind"})
            now[found] = before[found];
    for (const auto &[key, value] : now.items())
        if (before[key] != value)
            throw Error(ErrorKind::BadInput, folder,
                        "this folder holds a run with another " + key + " (" +
                            before[key].dump().substr(0, 80) + ")",
                        "Give the same options to go on with it, or another folder.");
    return runs.front().id;
}

/// Only from who cannot be asked: a program of this machine that runs keeps its logbook.
void takeOver(const QString &logbookPath)
{
    try {
        Logbook(logbookPath, Logbook::Access::Write);
    } catch (const LockedError &e) {
        if (e.holder == LockedError::Holder::Here)
            throw;
        Logbook::takeOver(logbookPath);
    }
}

void checkSetup(const RunSetup &s, const bench::Bench &bench)
{
    if (s.chartList.empty())
        (void)makeChart(s.chartPatches);
    if (s.intoSlot && bench.display().description().memorySlots == 0)
        throw Error(ErrorKind::BadInput, "--into-slot", s.displayName + " has no memory of its own",
                    "Leave the option out.");
    if (s.iccVersion != 2 && s.iccVersion != 4)
        throw Error(ErrorKind::BadInput, "--icc " + std::to_string(s.iccVersion),
                    "2 (v2.4) or 4 (v4.4) is expected");
    if (s.grid < kMinGrid || s.grid > kMaxGrid || s.grid % 2 == 0)
        throw Error(ErrorKind::BadInput, "--grid " + std::to_string(s.grid),
                    "an odd number from " + std::to_string(kMinGrid) + " to " +
                        std::to_string(kMaxGrid) + " is expected");
}

void injectFault(bench::Bench &bench, const std::string &fault)
{
    if (fault.empty())
        return;
    const size_t at = fault.find('@');
    const auto number = at == std::string::npos ? std::nullopt : parseNumber(fault.substr(at + 1));
    if (!number || *number < 0)
        throw Error(ErrorKind::BadInput, "--fault " + fault, "KIND@READING is expected",
                    "For example unplugged@40.");
    bench.meter().injectFault(static_cast<uint64_t>(*number),
                              meterFaultByName(fault.substr(0, at)));
}

int exitCode(const RunResults &r)
{
    return r.validation->verdict.overall() == Call::Over
               ? static_cast<int>(ErrorKind::NotGoodEnough)
               : 0;
}

/// Colour temperature, where it has a meaning.
std::string whiteText(const XYZ &white)
{
    const Chromaticity c = chromaticity(white);
    const Cct cct = correlatedColourTemperature(c);
    if (std::abs(cct.duv) > kMostDuv)
        return "x " + fixedNumber(c.x, 4) + " y " + fixedNumber(c.y, 4);
    return fixedNumber(cct.kelvin, 0) + " K";
}

void printResult(const RunResults &r, const RunOptions &o)
{
    if (o.json) {
        std::cout << reportToJson(reportData(r)).dump() << '\n';
        return;
    }
    std::cout << r.setup.displayName << ": white " << whiteText(*r.after->white) << ", Δu'v' "
              << fixedNumber(*r.after->deltaUv, 4) << ", " << fixedNumber(r.after->white->Y, 1)
              << " cd/m²; greys mean " << fixedNumber(r.calibration->meanDeltaE00, 2)
              << " ΔE00; colours mean " << fixedNumber(r.validation->meanDeltaE00.value_or(NAN), 2)
              << ", worst " << fixedNumber(r.validation->reachable.max, 2) << " ΔE00\n";
    if (const auto beyond =
            static_cast<int>(r.validation->patches.size()) - r.validation->reachableCount;
        beyond > 0)
        std::cout << beyond << " colours beyond the display's gamut: mean "
                  << fixedNumber(r.validation->unreachable.mean, 2) << " ΔE00\n";
    printVerdict(r.validation->verdict, std::cout);
    std::cout << "written to " << o.out << '\n';
}

} // namespace

int run(const RunOptions &o)
{
    const bool benchMeter = isBenchMeter(o.meter);
    if (!benchMeter)
        (void)meterKindOf(QString::fromStdString(o.meter)); // a wrong word is told before any work
    bench::Bench bench(readDisplay(o.display), o.display,
                       bench::builtInMeter(benchMeter ? o.meter : "reference"), o.technology,
                       o.seed);
    if (!o.correction.empty())
        bench.meter().clearCorrection(); // the file's takes its place
    injectFault(bench, o.fault);
    const RunSetup setup = setupFor(o, bench);
    checkSetup(setup, bench); // before anything is written
    const QString folder = QString::fromStdString(o.out);
    makeFolder(folder);

    const auto rig = std::make_shared<BenchRig>(std::move(bench));
    DirectPresenter presenter;
    DirectEye eye(&presenter);
    BenchSceneSource scene(rig, &eye);
    const auto meter = meterFor(o, rig, &eye, &scene);
    BenchControls controls(rig);
    BenchLut lut(rig);
    BenchSlot slot(rig);
    FileProfileStore store(folder + QStringLiteral("/profile.icc"));

    const QString logbookPath = folder + QStringLiteral("/run.sqlite");
    qint64 unfinished = 0;
    if (o.takeOver)
        takeOver(logbookPath);
    {
        Logbook logbook(logbookPath, Logbook::Access::Write);
        unfinished = existingRun(logbook, setup, o.out);
        if (unfinished != 0 && logbook.isFinished(unfinished, Stage::Validate)) {
            const RunResults results = loadResults(logbook, unfinished);
            if (!results.problem.isEmpty())
                throw Error(ErrorKind::Device, "this run", results.problem.toStdString(),
                            "Its files in the folder stay as they are. Give another --out for a "
                            "new run.");
            if (results.profile.isEmpty() || !results.after || !results.validation)
                throw Error(ErrorKind::Device, logbookPath.toStdString(),
                            "this run is marked as finished, but parts of it are missing",
                            "Its files in the folder stay as they are. Give another --out for a "
                            "new run.");
            writeOutputs(results,
                         folder); // the program may have died between the run and its files
            printResult(results, o);
            return exitCode(results);
        }
    }

    RunEngine engine(logbookPath);
    Devices devices{keptElsewhere(*meter), keptElsewhere(presenter), nullptr,
                    keptElsewhere(lut),    keptElsewhere(store),     nullptr};
    if (setup.adjust != AdjustMode::Skip)
        devices.controls = keptElsewhere(controls);
    if (setup.intoSlot)
        devices.slot = keptElsewhere(slot);
    engine.setDevices(devices);
    engine.setAutomatic(true);
    engine.setAcceptsMisfit(o.acceptMisfit);
    RunResults results;
    std::optional<Error> error;
    QObject::connect(&engine, &RunEngine::resultsChanged,
                     [&](const RunResults &r) { results = r; });
    QObject::connect(&engine, &RunEngine::failed, [&](const QString &message, int code) {
        error.emplace(static_cast<ErrorKind>(code), "", message.toStdString());
        QCoreApplication::quit();
    });
    QObject::connect(&engine, &RunEngine::statusChanged, [&](const RunStatus &status) {
        if (status.activity == Activity::Faulted || status.activity == Activity::Blocked) {
            const std::string again =
                status.activity == Activity::Faulted
                    ? "Give the same command again to go on from the last reading."
                    : "";
            error.emplace(ErrorKind::Device, stageKey(status.stage).toStdString(),
                          status.message.toStdString(), again);
        }
        if (error || status.activity == Activity::Finished)
            QCoreApplication::quit();
    });
    QMetaObject::invokeMethod(
        &engine,
        [&] {
            if (unfinished != 0)
                engine.resumeRun(unfinished);
            else
                engine.begin(setup);
        },
        Qt::QueuedConnection);
    QCoreApplication::exec();
    if (error)
        throw *error;
    writeOutputs(results, folder);
    printResult(results, o);
    return exitCode(results);
}

} // namespace lantern::cli
