#include "run/book/run_results.h"

#include "core/reading/readings_file.h"

#include <nlohmann/json.hpp>

#include <utility>

namespace lantern::run {

namespace {

/// One overload for each thing that a stage can make.
struct Taker {
    RunResults &results;

    void operator()(const SettleResult &r) const
    {
        if (r.learned)
            results.settling = r.learned;
    }
    void operator()(const ReadyResult &r) const
    {
        results.found = r.found;
        results.before = r.before;
    }
    void operator()(const AdjustResult &r) const
    {
        results.whites = r.whites;
        results.advice = r.advice;
        results.controls = r.controls;
    }
    void operator()(const CalibrationResult &r) const { results.calibration = r; }
    void operator()(const MeasureResult &r) const
    {
        results.chart = r.chart;
        results.after = r.after;
        results.repeatability = r.repeatability;
        results.expectedSoFar = r.expectedSoFar;
    }
    void operator()(const BuildResult &r) const
    {
        results.profile = r.profile;
        results.profileResidual = r.residual;
        results.expectedError = r.expectedError;
    }
    void operator()(const InstallResult &r) const
    {
        results.installedPath = QString::fromStdString(r.path);
    }
    void operator()(const Validation &r) const
    {
        results.validation = r;
        results.aimed.clear();
        for (const ValidatedPatch &patch : r.patches)
            results.aimed.push_back(patch.aimed);
    }
    void operator()(const WarmUpResult &r) const
    {
        results.warmUp = r.verdict;
        results.warmingWhites = r.whites;
    }
    void operator()(const PlaceResult &r) const { results.placement = r.placement; }
    void operator()(const CheckFirst &r) const { results.check = r; }
    void operator()(const ByEyeResult &r) const
    {
        results.profile = r.profile;
        results.lutByEye = r.lut;
        results.installedPath = QString::fromStdString(r.path);
    }
    void operator()(const FourColoursResult &r) const
    {
        results.fourColours = r.readings;
        results.panelSpectra = r.spectra;
    }
    void operator()(const Evenness &r) const
    {
        results.evenness = r;
        results.evennessNow.reset();
    }
    void operator()(const ModeResult &r) const { results.modeReadings = r.readings; }
    void operator()(const TakeResult &r) const { results.profile = r.profile; }
};

} // namespace

RunResults::RunResults() = default;
RunResults::RunResults(const RunResults &) = default;
RunResults::RunResults(RunResults &&) noexcept = default;
RunResults &RunResults::operator=(const RunResults &) = default;
RunResults &RunResults::operator=(RunResults &&) noexcept = default;
RunResults::~RunResults() = default;

void take(const StageResult &result, RunResults &results)
{
    std::visit(Taker{results}, result);
}

std::optional<StrayLight> roomOf(const RunSetup &setup)
{
    if (setup.strayLight)
        return StrayLight{*setup.strayLight};
    if (!setup.roomLight)
        return std::nullopt;
    return StrayLight::fromRoom(setup.roomLight->illuminanceLux, setup.reflectance,
                                setup.roomLight->chromaticity);
}

CalibrationTarget calibrationTarget(const RunResults &results)
{
    const RunSetup &s = results.setup;
    return {s.linkBits, results.controls, s.intoSlot, s.intoSlot && s.slotMixes,
            !s.loadsLut && !s.intoSlot};
}

ErrorSources errorSources(const RunResults &results)
{
    const RunSetup &s = results.setup;
    ErrorSources errors;
    errors.scatter = results.repeatability;
    if (s.certificate)
        errors.certificate = s.certificate->standard(s.technology);
    errors.mismatch = correctionMismatch(s.correctionKind, s.technology);
    return errors;
}

SignalPath signalPathOf(const RunResults &results)
{
    return signalPath(*results.calibration, calibrationTarget(results));
}

ReadingSet chartReadings(const RunResults &r)
{
    ReadingSet set;
    set.readings = r.chart;
    if (r.calibration)
        set.path = signalPathOf(r);
    if (r.settling)
        set.keywords["SETTLING"] = settlingToJson(*r.settling).dump();
    set.keywords.insert({{"DISPLAY", r.setup.displayName},
                         {"METER", r.setup.meterName},
                         {"CORRECTION", r.setup.correction},
                         {"CREATED", r.setup.startedAt},
                         {"AIM", aimSummary(r.setup.aim)}});
    return set;
}

ReportData reportData(const RunResults &r)
{
    ReportData report;
    report.display = r.setup.displayName;
    report.technology = r.setup.technology;
    report.serial = r.setup.serial;
    report.meter = r.setup.meterName;
    report.correction = r.setup.correction;
    report.patchGain = r.setup.patchGain;
    report.date = r.setup.startedAt;
    report.aim = r.setup.aim;
    report.controls = r.controls;
    report.controlsTyped = r.controls && !r.setup.startControls;
    report.capabilities = r.setup.controls;
    for (const MeterChange &c : r.setup.meterChanges)
        report.meterChanges.push_back({c.stage, c.from, c.to});
    report.before = r.before;
    report.after = r.after;
    report.calibration = r.calibration;
    report.validation = r.validation;
    report.profileName = r.profile.isEmpty() ? std::string() : profileName(r.setup);
    report.chartPatches = static_cast<int>(r.chart.size());
    report.profileResidual = r.profileResidual;
    report.expectedError = r.expectedError;
    report.settling = r.settling;
    report.certificate = r.setup.certificate;
    report.correctionKind = r.setup.correctionKind;
    report.readings = {r.found, r.chart};
    report.repeatability = r.repeatability;
    report.skipped = r.setup.skipped;
    report.page = r.setup.page;
    return report;
}

} // namespace lantern::run
