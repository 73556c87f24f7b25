#pragma once

#include <QString>

#include <optional>
#include <vector>

namespace lantern::run {

/// Stages of runs. What is to be known of each stands in its entry, stages/stage_registry.h.
enum class Stage {
    Settle,    ///< how long the display takes after a change
    Ready,     ///< reads the display as it was found
    Adjust,    ///< the monitor's own controls
    Calibrate, ///< the video LUT
    Measure,   ///< the chart
    Build,
    Install,
    Validate,
    Done,
    WarmUp,      ///< white again and again
    Place,       ///< where the meter hangs
    Check,       ///< does the last run still hold?
    ByEye,       ///< what a person found without a meter
    FourColours, ///< red, green, blue, white, to correct one meter by another
    Take,        ///< the profile that is in force
    Evenness,    ///< the same greys all over the screen
    Mode,        ///< a picture mode of the monitor
};

/// What a run is for.
/// Validation: of a profile that was not made in this run.
enum class RunKind {
    Calibration,
    WarmUp,
    Placement,
    Check,
    ByEye,
    FourColours,
    Validation,
    Evenness,
    Mode
};

/// The stages of a kind of run, in the order of the work.
const std::vector<Stage> &stagesOf(RunKind kind);
/// The one after, or Done.
Stage stageAfter(RunKind kind, Stage stage);

/// `stage` comes after `other` in that kind of run; Done comes after all.
bool isAfter(RunKind kind, Stage stage, Stage other);

/// Key of a stage in files and in the logbook: "ready", "adjust" …
QString stageKey(Stage stage);
/// And back; nothing for another word.
std::optional<Stage> stageByKey(const QString &key);
/// Key of a kind of run in files: "calibration", "warm-up", "placement", "check", "by-eye",
/// "four-colours", "validation", "evenness", "mode"; and back.
QString runKindKey(RunKind kind);
RunKind runKindByKey(const QString &key);

} // namespace lantern::run
