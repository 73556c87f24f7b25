#include "cli/commands.h"

#include "cli/carry_out.h"
#include "cli/chart_command.h"
#include "cli/inputs.h"
#include "cli/said.h"
#include "cli/verdict_text.h"
#include "core/base/text.h"
#include "core/plan/chart.h"
#include "core/profile/profile_tables.h"
#include "run/book/output_files.h"
#include "run/device/meters/meter_registry.h"
#include "run/logbook/load_results.h"

#include <nlohmann/json.hpp>

#include <QDateTime>

#include <cmath>
#include <iostream>

namespace lantern::cli {

namespace {

using namespace lantern::run;

CorrectionKind correctionKindFor(const RunSetup &s)
{
    return s.meterCorrection ? s.meterCorrection->kindFor(s.displayName) : s.correctionKind;
}

RunSetup setupFor(const RunOptions &o, Place &place)
{
    RunSetup s = place.setup();
    if (!o.output.empty() && !o.technology.empty())
        s.technology = o.technology;
    if (s.meterName.empty())
        s.meterName = o.meter;
    if (!o.certificate.empty())
        s.certificate =
            certificateFromJson(parseJson(readText(o.certificate), o.certificate), o.certificate);
    s.tolerance = toleranceByName(o.tolerance).name;
    if (!o.correction.empty()) {
        s.meterCorrection = readCorrection(o.correction);
        s.correction = "corrected by " + o.correction;
    }
    s.correctionKind = correctionKindFor(s);
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
    s.intoSlot = o.intoSlot || o.slot > 0;
    s.slot = std::max(0, o.slot - 1);
    s.slotName = o.slotName;
    s.slotMixes = s.intoSlot && place.mixesPrimaries();
    if (o.room.lux > 0) {
        s.roomLight = RoomLight{o.room.lux, chromaticityOption("--room-white", o.room.white)};
        s.reflectance = o.room.reflectance;
    }
    if (o.noAdjust)
        s.adjust = AdjustMode::Skip;
    s.aim = aimWithinReach(s);
    s.startedAt = QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString();
    return s;
}

/// Takes up the folder's run if there is one; it must have been asked for with the same options.
qint64 existingRun(Logbook &logbook, const RunSetup &wanted, const std::string &folder)
{
    const auto runs = logbook.runs({.atMost = 1});
    if (runs.empty())
        return 0;
    const RunSetup before = logbook.setup(runs.front().id);
    if (const auto key = firstDifference(before, wanted))
        throw Error(ErrorKind::BadInput, folder,
                    {"this folder holds a run with another %1 (%2)",
                     {*key, setupToJson(before)[*key].dump().substr(0, 80)}},
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

void checkSetup(const RunSetup &s, const Place &place)
{
    if (s.chartList.empty())
        (void)makeChart(s.chartPatches);
    if (s.intoSlot && place.memorySlots() == 0)
        throw Error(ErrorKind::BadInput, "--into-slot",
                    {"%1 has no memory of its own", {s.displayName}}, "Leave the option out.");
    if (s.intoSlot && s.slot >= place.memorySlots())
        throw Error(ErrorKind::BadInput, "--slot",
                    {"%1 has %2 slots", {s.displayName, std::to_string(place.memorySlots())}});
    if (s.iccVersion != 2 && s.iccVersion != 4)
        throw Error(ErrorKind::BadInput, "--icc " + std::to_string(s.iccVersion),
                    "2 (v2.4) or 4 (v4.4) is expected");
    if (s.grid < kMinGrid || s.grid > kMaxGrid || s.grid % 2 == 0)
        throw Error(ErrorKind::BadInput, "--grid " + std::to_string(s.grid),
                    {"an odd number from %1 to %2 is expected",
                     {std::to_string(kMinGrid), std::to_string(kMaxGrid)}});
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
    std::cout << said({"%1: white %2, Δu'v' %3, %4 cd/m²; greys mean %5 ΔE00; colours mean %6, "
                       "worst %7 ΔE00",
                       {r.setup.displayName, saidFigures(whiteText(*r.after->white)),
                        fixedNumber(*r.after->deltaUv, 4), fixedNumber(r.after->white->Y, 1),
                        fixedNumber(r.calibration->meanDeltaE00, 2),
                        fixedNumber(r.validation->meanDeltaE00.value_or(NAN), 2),
                        fixedNumber(r.validation->reachable.max, 2)}})
              << '\n';
    if (const auto beyond =
            static_cast<int>(r.validation->patches.size()) - r.validation->reachableCount;
        beyond > 0)
        std::cout << said(
                         {"%1 colours beyond the display's gamut: mean %2 ΔE00",
                          {std::to_string(beyond), fixedNumber(r.validation->unreachable.mean, 2)}})
                  << '\n';
    printVerdict(r.validation->verdict, std::cout);
    std::cout << said({"written to %1", {o.out}}) << '\n';
}

} // namespace

int run(const RunOptions &o)
{
    if ((!o.output.empty() || !o.page.empty()) && !o.fault.empty())
        throw Error(ErrorKind::BadInput, "--fault", "is for simulated displays",
                    "Leave the option out.");
    if (!isBenchMeter(o.meter))
        (void)meterKindOf(QString::fromStdString(o.meter)); // a wrong word is told before any work
    if (o.page.empty() && (!o.device.empty() || !o.panel.empty() || o.linger > 0))
        throw Error(ErrorKind::BadInput, "--device, --panel, --linger", "are for --page",
                    "Leave them out.");
    const QString folder = QString::fromStdString(o.out);
    const auto place = !o.page.empty()    ? pagePlace(o)
                       : o.output.empty() ? benchPlace(o)
                                          : deskPlace(o.output, o.meter);
    const RunSetup setup = setupFor(o, *place);
    checkSetup(setup, *place); // before anything is written
    makeFolder(folder);
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
                throw Error(ErrorKind::Device, "this run",
                            Message::verbatim(results.problem.toStdString()),
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
            place->written(results, folder);
            return exitCode(results);
        }
    }

    RunEngine engine(logbookPath);
    Devices devices = place->devices(folder);
    if (setup.adjust == AdjustMode::Skip)
        devices.controls.reset();
    if (!setup.intoSlot)
        devices.slot.reset();
    engine.setDevices(devices);
    engine.setAcceptsMisfit(o.acceptMisfit);
    const RunResults results = carryOut(engine, *place, [&](RunEngine &e) {
        if (unfinished != 0)
            e.resumeRun(unfinished);
        else
            e.begin(setup);
    });
    writeOutputs(results, folder);
    printResult(results, o);
    std::cout.flush();
    place->written(results, folder);
    return exitCode(results);
}

} // namespace lantern::cli
