#pragma once

#include "core/calibration.h"
#include "core/display_state.h"
#include "core/report.h"
#include "core/validation.h"
#include "run/logbook.h"

#include <QByteArray>
#include <QString>

#include <memory>
#include <optional>
#include <vector>

namespace lantern::run {

/// What a run has brought so far; parts not reached yet are empty. A plain value.
struct RunResults {
    RunSetup setup;
    std::vector<Reading> found;              ///< readings of the Ready stage
    std::optional<DisplayState> before;      ///< what they say
    std::vector<WhiteReading> whites;        ///< trail of the adjustment
    std::optional<Advice> advice;            ///< what to turn next
    std::optional<MonitorControls> controls; ///< where they stand
    std::optional<CalibrationResult> calibration;
    std::vector<Reading> chart;
    std::optional<DisplayState> after; ///< from the chart, through the new LUT
    QByteArray profile;
    double profileResidual = 0; ///< mean ΔE00 between model and readings
    QString installedPath;
    std::optional<Validation> validation;
};

/// The plan of a measuring stage, given what the stages before it brought.
/// Build and Install have none and give null.
std::unique_ptr<StagePlan> makePlan(Stage stage, const RunResults &results);

/// Puts what a finished measuring stage found into the results.
void collect(Stage stage, const StagePlan &plan, RunResults &results);

/// Feeds logged readings to a plan, acknowledging everything in between.
/// \throws Error Device when the logged readings are not the ones the plan asks for.
void replay(StagePlan &plan, const std::vector<LoggedReading> &readings,
            const std::string &logbookPath);

/// Results of all finished stages of a run, from its readings.
RunResults loadResults(Logbook &logbook, qint64 run);

/// Content of the Build stage's result in the logbook.
QByteArray packProfile(const QByteArray &icc, double residual);

/// What goes into the report.
ReportData reportData(const RunResults &results);

} // namespace lantern::run
