#pragma once

#include "core/report/report.h"
#include "run/book/run_setup.h"
#include "run/book/stage_result.h"

#include <QByteArray>
#include <QString>

#include <optional>
#include <vector>

namespace lantern::run {

/// What a check is held against: taken from the run it names.
struct CheckReference {
    QByteArray profile;
    XYZ white, black; ///< through the calibration, cd/m²
    std::optional<Repeatability> scatter;
    Tolerance tolerance;
    PrimarySet primaries = kSrgbPrimaries; ///< of the display
    std::optional<StrayLight> room;        ///< that the profile was made for
};

/// Where a measurement of evenness stands.
struct EvennessProgress {
    std::optional<EvennessSpot> target; ///< where the meter is to hang; nothing: all is done
    EvennessNotice notice = EvennessNotice::Hang;
    bool mayEnd = false; ///< what is there is worth keeping
};

/// What a run has brought so far; parts not reached yet are empty. A plain value.
struct RunResults {
    // Made once: what copies it is in hundreds of units.
    RunResults();
    RunResults(const RunResults &);
    RunResults(RunResults &&) noexcept;
    RunResults &operator=(const RunResults &);
    RunResults &operator=(RunResults &&) noexcept;
    ~RunResults();

    RunSetup setup;
    std::vector<Reading> found;              ///< readings of the Ready stage
    std::optional<DisplayState> before;      ///< what they say
    std::optional<Settling> settling;        ///< learned in this run or known before
    std::vector<WhiteReading> whites;        ///< trail of the adjustment
    std::optional<Advice> advice;            ///< what the program turns next
    std::optional<HandAdvice> handAdvice;    ///< what a person should turn next; not kept
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
    SpectralTable panelSpectra;       ///< of those colours, by a meter that sees them
    std::optional<Evenness> evenness;
    std::vector<Reading> modeReadings;           ///< of the picture mode that the setup names
    std::optional<EvennessProgress> evennessNow; ///< while it is measured; not kept
    std::optional<VideoLut> lutByEye;            ///< profile and installedPath go with it
    /// What of this run could not be read from the logbook; empty: all is well.
    QString problem;
};

/// Puts what a stage made into the results.
void take(const StageResult &result, RunResults &results);

/// Light of the room that the profile takes into account.
std::optional<StrayLight> roomOf(const RunSetup &setup);

/// Where the readings of this run may be off; drift apart.
ErrorSources errorSources(const RunResults &results);

/// Where the calibration of this run goes, and how code values reach the panel after it.
CalibrationTarget calibrationTarget(const RunResults &results);
SignalPath signalPathOf(const RunResults &results);

/// The chart's readings as taken, with what is known about them.
ReadingSet chartReadings(const RunResults &results);

/// What goes into the report.
ReportData reportData(const RunResults &results);

} // namespace lantern::run
