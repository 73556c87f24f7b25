#pragma once

#include <QString>

#include <vector>

namespace lantern::run {

/// Stages of runs. The numbers are stored in the logbook.
enum class Stage {
    Ready = 0,     ///< reads the display as it was found
    Adjust = 1,    ///< the monitor's own controls
    Calibrate = 2, ///< the video LUT
    Measure = 3,   ///< the chart
    Build = 4,
    Install = 5,
    Validate = 6,
    Done = 7,
    WarmUp = 8,       ///< white again and again
    Place = 9,        ///< where the meter hangs
    Check = 10,       ///< does the last run still hold?
    ByEye = 11,       ///< what a person found without a meter
    Settle = 12,      ///< how long the display takes after a change; before Ready
    FourColours = 13, ///< red, green, blue, white, to correct one meter by another
};

/// What a run is for.
enum class RunKind { Calibration, WarmUp, Placement, Check, ByEye, FourColours };

/// The stages of a kind of run, in the order of the work.
const std::vector<Stage> &stagesOf(RunKind kind);
/// The one after, or Done.
Stage stageAfter(RunKind kind, Stage stage);

/// `stage` comes after `other` in that kind of run; Done comes after all.
bool isAfter(RunKind kind, Stage stage, Stage other);

/// Key of a stage in files: "ready", "adjust" …
QString stageKey(Stage stage);
/// Key of a kind of run in files: "calibration", "warm-up", "placement", "check", "by-eye",
/// "four-colours"; and back.
QString runKindKey(RunKind kind);
RunKind runKindByKey(const QString &key);

} // namespace lantern::run
