#include "run/run_results.h"

#include "core/chart.h"
#include "core/chart_reader.h"
#include "core/error.h"
#include "core/readings_file.h"
#include "core/stray_light.h"
#include "core/text.h"

namespace lantern::run {

namespace {

const char *kValidationSource = "profile of this run";

ProfileFile profileOf(const RunResults &results)
{
    return {{results.profile.begin(), results.profile.end()}, kValidationSource};
}

ReferenceSet referenceOf(const RunResults &results, const ProfileFile &profile)
{
    if (auto set = referenceByKey(results.setup.reference, profile))
        return *set;
    throw Error(ErrorKind::BadInput, "reference",
                "\"" + results.setup.reference + "\" is not known");
}

void unpackProfile(const QByteArray &packed, RunResults &results, const std::string &source)
{
    const Json json = parseJson(packed.toStdString(), source);
    JsonObject root(json, source);
    results.profileResidual = root.number("residual", 0, 1000);
    results.expectedError = root.number("expected_error", 0, 1000);
    results.profile = QByteArray::fromBase64(QByteArray::fromStdString(root.string("icc_base64")));
    root.finish();
}

void unpackByEye(const QByteArray &packed, RunResults &results, const std::string &source)
{
    const Json json = parseJson(packed.toStdString(), source);
    JsonObject root(json, source);
    VideoLut lut;
    for (size_t c = 0; c < 3; ++c)
        for (size_t i = 0; i < VideoLut::kSize; ++i)
            lut.channels[c][i] = root.raw("lut").at(c).at(i).get<uint16_t>();
    results.lutByEye = lut;
    results.installedPath = QString::fromStdString(root.string("installed"));
    results.profile = QByteArray::fromBase64(QByteArray::fromStdString(root.string("icc_base64")));
    root.finish();
}

} // namespace

std::vector<AimedPatch> aimedPatchesOf(const RunResults &results)
{
    const ProfileFile profile = profileOf(results);
    return aimedPatches(referenceOf(results, profile), profile);
}

QByteArray packSettling(const RunResults &results)
{
    const Json json = {{"meter", results.setup.meterName},
                       {"settling", settlingToJson(results.settling.value_or(Settling{}))}};
    return QByteArray::fromStdString(json.dump());
}

std::optional<Settling> unpackSettling(const QByteArray &packed, const std::string &meterName,
                                       const std::string &source)
{
    const Json json = parseJson(packed.toStdString(), source);
    JsonObject root(json, source);
    const std::string meter = root.string("meter");
    const Settling settling = settlingFromJson(root.object("settling"));
    root.finish();
    return meter == meterName ? std::optional(settling) : std::nullopt;
}

QByteArray packByEye(const RunResults &results)
{
    const Json json = {{"lut", results.lutByEye->channels},
                       {"installed", results.installedPath.toStdString()},
                       {"icc_base64", results.profile.toBase64().toStdString()}};
    return QByteArray::fromStdString(json.dump());
}

std::optional<CheckReference> checkReference(const RunResults &run)
{
    if (run.profile.isEmpty() || !run.after || !run.after->white || !run.after->black)
        return std::nullopt;
    return CheckReference{run.profile,         *run.after->white,
                          *run.after->black,   run.repeatability,
                          run.setup.tolerance, run.after->primaries.value_or(kSrgbPrimaries),
                          roomOf(run.setup)};
}

std::optional<StrayLight> roomOf(const RunSetup &setup)
{
    if (!setup.roomLight)
        return std::nullopt;
    return StrayLight::fromRoom(setup.roomLight->illuminanceLux, setup.reflectance,
                                setup.roomLight->chromaticity);
}

CheckFirst judgedCheck(const CheckReference &reference, const std::vector<Reading> &readings,
                       const std::string &source)
{
    const ProfileFile profile({reference.profile.begin(), reference.profile.end()}, source);
    return judgeCheck({.readings = readings,
                       .profile = profile,
                       .white = reference.white,
                       .black = reference.black,
                       .tolerance = toleranceByName(reference.tolerance),
                       .errors = {.scatter = reference.scatter, .certificate = {}, .mismatch = {}},
                       .primaries = reference.primaries,
                       .room = reference.room});
}

CalibrationTarget calibrationTarget(const RunResults &results)
{
    return {results.setup.linkBits, results.controls, results.setup.intoSlot};
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

std::unique_ptr<StagePlan> makePlan(Stage stage, const RunResults &results)
{
    const RunSetup &s = results.setup;
    switch (stage) {
    case Stage::WarmUp:
        return std::make_unique<WarmUpPlan>();
    case Stage::Place:
        return std::make_unique<PlacementPlan>(s.patchShare[0], s.patchShare[1]);
    case Stage::Check:
        return std::make_unique<PatchListPlan>(checkFirstPatches());
    case Stage::Settle:
        if (!learnsSettling(s))
            return std::make_unique<PatchListPlan>(std::vector<DeviceRgb>{});
        return std::make_unique<SettlingPlan>();
    case Stage::Ready:
        return std::make_unique<PatchListPlan>(statePatches());
    case Stage::FourColours:
        return std::make_unique<PatchListPlan>(correctionPatches());
    case Stage::Adjust:
        if (s.adjust == AdjustMode::Automatic && s.startControls)
            return std::make_unique<AdjustPlan>(s.aim, *s.startControls, s.controls);
        if (s.adjust == AdjustMode::ByHand)
            return std::make_unique<HandAdjustPlan>(
                s.aim, s.startControls.value_or(MonitorControls{}), s.controls);
        return std::make_unique<PatchListPlan>(std::vector<DeviceRgb>{});
    case Stage::Calibrate:
        return std::make_unique<CalibrationPlan>(s.aim, calibrationTarget(results));
    case Stage::Measure:
        if (s.expectedError > 0 || s.maxMinutes > 0)
            return std::make_unique<AdaptivePlan>(AdaptiveLimits{s.chartPatches, s.expectedError,
                                                                 60 * s.maxMinutes,
                                                                 MeterTiming{}.settleSeconds},
                                                  signalPathOf(results));
        return std::make_unique<ChartPlan>(
            measuringOrder(s.chartList.empty() ? makeChart(s.chartPatches) : s.chartList),
            signalPathOf(results));
    case Stage::Validate:
        return std::make_unique<PatchListPlan>(validationPatches(results.aimed));
    case Stage::Build:
    case Stage::Install:
    case Stage::ByEye:
    case Stage::Done:
        break;
    }
    return nullptr;
}

void collect(Stage stage, const StagePlan &plan, RunResults &results)
{
    const auto *list = dynamic_cast<const PatchListPlan *>(&plan);
    if (const auto *warming = dynamic_cast<const WarmUpPlan *>(&plan)) {
        results.warmUp = warming->verdict();
        results.warmingWhites = warming->whites();
    } else if (const auto *placing = dynamic_cast<const PlacementPlan *>(&plan))
        results.placement = placing->result();
    else if (stage == Stage::Check && list && results.reference) {
        results.check =
            judgedCheck(*results.reference, list->readings(), "profile of the last run");
    } else if (const auto *settling = dynamic_cast<const SettlingPlan *>(&plan))
        results.settling = settling->result();
    else if (stage == Stage::FourColours && list)
        results.fourColours = list->readings();
    else if (stage == Stage::Ready && list) {
        results.found = list->readings();
        results.before = displayState(results.found, results.setup.aim);
    } else if (const auto *adjust = dynamic_cast<const AdjustPlan *>(&plan)) {
        results.controls = adjust->controls();
        results.advice = adjust->lastAdvice();
    } else if (const auto *hand = dynamic_cast<const HandAdjustPlan *>(&plan))
        results.advice = hand->lastAdvice();
    else if (const auto *calibration = dynamic_cast<const CalibrationPlan *>(&plan))
        results.calibration = calibration->result();
    else if (stage == Stage::Measure) {
        if (const auto *chosen = dynamic_cast<const AdaptivePlan *>(&plan)) {
            results.chart = chosen->readings();
            results.expectedSoFar = chosen->history();
        } else if (const auto *chart = dynamic_cast<const ChartPlan *>(&plan))
            results.chart = chart->readings();
        const DriftCorrection steady = steadyReadings(results.chart);
        results.after = displayState(steady.readings, results.setup.aim);
        results.repeatability = steady.scatter;
    } else if (stage == Stage::Validate && list)
        results.validation = validate(
            {.referenceName = referenceOf(results, profileOf(results)).name,
             .aimed = results.aimed,
             .readings = list->readings(),
             .tolerance = toleranceByName(results.setup.tolerance),
             .aim = results.setup.aim,
             .errors = errorSources(results),
             .primaries = results.after && results.after->primaries ? *results.after->primaries
                                                                    : kSrgbPrimaries,
             .room = roomOf(results.setup)});
}

void replay(StagePlan &plan, const std::vector<LoggedReading> &readings, const std::string &path)
{
    size_t used = 0;
    while (used < readings.size()) {
        const PlanStep step = plan.next();
        if (const auto *read = std::get_if<ReadPatch>(&step)) {
            const LoggedReading &logged = readings[used];
            if (!(logged.reading.rgb == read->rgb))
                throw Error(ErrorKind::Device, path, "the readings of this run do not fit its plan",
                            "It was begun by another version of Bold Lantern; start a new run.");
            if (auto *hand = dynamic_cast<HandAdjustPlan *>(&plan); hand && logged.controls)
                hand->setControls(*logged.controls);
            plan.accept(logged.reading);
            ++used;
        } else if (std::holds_alternative<Finished>(step))
            throw Error(ErrorKind::Device, path, "this run holds more readings than its plan",
                        "It was begun by another version of Bold Lantern; start a new run.");
        else
            plan.acknowledge();
    }
}

namespace {

/// What a finished stage did after its last reading: the controls it went back to, the LUT it left.
void finishSteps(StagePlan &plan)
{
    for (PlanStep step = plan.next();
         !std::holds_alternative<ReadPatch>(step) && !std::holds_alternative<Finished>(step);
         step = plan.next())
        plan.acknowledge();
}

} // namespace

RunResults loadResults(Logbook &logbook, qint64 run)
{
    RunResults results;
    results.setup = logbook.setup(run);
    results.controls = results.setup.startControls;
    results.settling = results.setup.settling;
    const std::string path = logbook.path().toStdString();
    if (results.setup.referenceRun != 0)
        results.reference = checkReference(loadResults(logbook, results.setup.referenceRun));
    for (const Stage stage : stagesOf(results.setup.kind)) {
        if (!logbook.isFinished(run, stage))
            break;
        if (stage == Stage::Build)
            unpackProfile(logbook.stageResult(run, stage), results, path);
        else if (stage == Stage::ByEye)
            unpackByEye(logbook.stageResult(run, stage), results, path);
        else if (stage == Stage::Install)
            results.installedPath = QString::fromUtf8(logbook.stageResult(run, stage));
        else {
            if (stage == Stage::Validate)
                results.aimed = aimedPatchesOf(results);
            const auto readings = logbook.readings(run, stage);
            const auto plan = makePlan(stage, results);
            replay(*plan, readings, path);
            finishSteps(*plan);
            if (stage == Stage::Adjust)
                for (const LoggedReading &l : readings) {
                    if (l.controls)
                        results.controls = l.controls;
                    if (l.reading.rgb == DeviceRgb{255, 255, 255})
                        results.whites.push_back(
                            {l.controls.value_or(MonitorControls{}), l.reading.xyz});
                }
            collect(stage, *plan, results);
        }
    }
    return results;
}

QByteArray packProfile(const RunResults &r)
{
    const Json json = {{"residual", r.profileResidual},
                       {"expected_error", r.expectedError},
                       {"icc_base64", r.profile.toBase64().toStdString()}};
    return QByteArray::fromStdString(json.dump());
}

DriftCorrection profileReadings(const RunResults &r)
{
    DriftCorrection steady = steadyReadings(r.chart);
    if (const auto room = roomOf(r.setup))
        steady.readings = room->seen(steady.readings);
    return steady;
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

ProfileRequest profileRequest(const RunResults &r)
{
    ProfileRequest request;
    request.kind = r.setup.profileKind;
    request.version = r.setup.iccVersion;
    request.grid = r.setup.grid;
    request.name = profileName(r.setup);
    request.model = r.setup.displayName;
    request.date = iccDate(r.setup);
    request.path = signalPathOf(r);
    ReadingSet kept = chartReadings(r);
    kept.keywords.erase("CREATED"); // the header has the date; nothing else may differ between runs
    request.measurements = readingsToCgats(kept, NumberStyle::Compact);
    request.metadata = {{"AIM", aimToJson(r.setup.aim).dump()},
                        {"DISPLAY", r.setup.displayName},
                        {"DISPLAY_SERIAL", r.setup.serial},
                        {"METER", r.setup.meterName},
                        {"METER_CORRECTION", r.setup.correction},
                        {"READINGS", std::to_string(r.chart.size())},
                        {"GREY_MEAN_DE2000", compactNumber(r.calibration->meanDeltaE00)}};
    // For the desktop's colour service: that this was measured, by what, and of which display.
    request.metadata.insert(request.metadata.end(), {{"DATA_source", "calib"},
                                                     {"CMF_product", "Bold Lantern"},
                                                     {"CMF_binary", "bold-lantern"},
                                                     {"CMF_version", LANTERN_VERSION}});
    request.metadata.insert(request.metadata.end(), r.setup.mapping.begin(), r.setup.mapping.end());
    if (r.setup.roomLight)
        request.metadata.emplace_back("ROOM_ILLUMINANCE_LUX",
                                      compactNumber(r.setup.roomLight->illuminanceLux));
    request.scatter = r.repeatability;
    return request;
}

ReportData reportData(const RunResults &r)
{
    ReportData report;
    report.display = r.setup.displayName;
    report.technology = r.setup.technology;
    report.serial = r.setup.serial;
    report.meter = r.setup.meterName;
    report.correction = r.setup.correction;
    report.date = r.setup.startedAt;
    report.aim = r.setup.aim;
    report.controls = r.controls;
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
    return report;
}

} // namespace lantern::run
