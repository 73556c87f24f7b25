#pragma once

#include "core/adaptive_plan.h"
#include "core/calibration.h"
#include "core/check_first.h"
#include "core/display_state.h"
#include "core/placement.h"
#include "core/repeatability.h"
#include "core/report.h"
#include "core/stray_light.h"
#include "core/validation.h"
#include "core/warm_up.h"
#include "run/logbook.h"

#include <QByteArray>
#include <QString>

#include <memory>
#include <optional>
#include <vector>

namespace lantern::run {

/// What a check is held against: taken from the run it names.
struct CheckReference {
    QByteArray profile;
    XYZ white, black; ///< through the calibration, cd/m²
    std::optional<Repeatability> scatter;
    std::string tolerance;
    PrimarySet primaries = kSrgbPrimaries; ///< of the display
    std::optional<StrayLight> room;        ///< that the profile was made for
};

/// What a run has brought so far; parts not reached yet are empty. A plain value.
struct RunResults {
    RunSetup setup;
    std::vector<Reading> found;              ///< readings of the Ready stage
    std::optional<DisplayState> before;      ///< what they say
    std::optional<Settling> settling;        ///< learned in this run or known before
    std::vector<WhiteReading> whites;        ///< trail of the adjustment
    std::optional<Advice> advice;            ///< what to turn next
    std::optional<MonitorControls> controls; ///< where they stand
    std::optional<CalibrationResult> calibration;
    std::vector<Reading> chart;
    std::optional<DisplayState> after; ///< from the chart, through the new LUT
    QByteArray profile;
    double profileResidual = 0; ///< mean ΔE00 between model and readings
    double expectedError = 0;   ///< mean ΔE00 of the profile, by cross-validation; 0: not known
    std::vector<ExpectedError> expectedSoFar;   ///< while patches are chosen
    std::optional<Repeatability> repeatability; ///< of the meter, from this run's repeated readings
    QString installedPath;
    std::vector<AimedPatch> aimed; ///< of the validation, from its start on
    std::optional<Validation> validation;
    // of the other kinds of runs
    WarmUp warmUp;
    std::vector<TimedWhite> warmingWhites;
    std::optional<Placement> placement;
    std::optional<CheckReference> reference;
    std::optional<CheckFirst> check;
    std::vector<Reading> fourColours; ///< by one meter, for its correction
    std::optional<VideoLut> lutByEye; ///< profile and installedPath go with it
};

/// Light of the room that the profile takes into account.
std::optional<StrayLight> roomOf(const RunSetup &setup);

/// What a check's readings say against its reference.
CheckFirst judgedCheck(const CheckReference &reference, const std::vector<Reading> &readings,
                       const std::string &source);

/// Where the readings of this run may be off; drift apart.
ErrorSources errorSources(const RunResults &results);

/// Where the calibration of this run goes, and how code values reach the panel after it.
CalibrationTarget calibrationTarget(const RunResults &results);
SignalPath signalPathOf(const RunResults &results);

/// The colours of the validation, sent through the run's profile.
std::vector<AimedPatch> aimedPatchesOf(const RunResults &results);

/// The plan of a measuring stage, given what the stages before it brought.
/// Build and Install have none and give null.
std::unique_ptr<StagePlan> makePlan(Stage stage, const RunResults &results);

/// Puts what a finished measuring stage found into the results.
void collect(Stage stage, const StagePlan &plan, RunResults &results);

/// Nothing when that run has no profile or no chart.
std::optional<CheckReference> checkReference(const RunResults &run);

/// Feeds logged readings to a plan, acknowledging everything in between.
/// \throws Error Device when the logged readings are not the ones the plan asks for.
void replay(StagePlan &plan, const std::vector<LoggedReading> &readings,
            const std::string &logbookPath);

/// Results of all finished stages of a run, from its readings.
RunResults loadResults(Logbook &logbook, qint64 run);

/// Content of the Settle stage's result in the logbook, and back; nothing for another meter.
QByteArray packSettling(const RunResults &results);
std::optional<Settling> unpackSettling(const QByteArray &packed, const std::string &meterName,
                                       const std::string &source);

/// Content of the Build stage's result in the logbook.
QByteArray packProfile(const RunResults &results);

/// The same of a run by eye.
QByteArray packByEye(const RunResults &results);

/// What Build makes the profile from. \throws Error BadInput when the readings cannot make one.
ProfileRequest profileRequest(const RunResults &results);
/// The chart's readings with drift taken out and, if the setup says so, the room's light added.
DriftCorrection profileReadings(const RunResults &results);
/// The chart's readings as taken, with what is known about them.
ReadingSet chartReadings(const RunResults &results);

/// What goes into the report.
ReportData reportData(const RunResults &results);

} // namespace lantern::run
