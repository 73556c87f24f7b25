#pragma once

#include <QString>

#include <array>

namespace lantern::run {

/// Stages of a run, in the order of the work. The numbers are stored in the logbook.
enum class Stage {
    Ready = 0,     ///< reads the display as it was found
    Adjust = 1,    ///< the monitor's own controls
    Calibrate = 2, ///< the video LUT
    Measure = 3,   ///< the chart
    Build = 4,
    Install = 5,
    Validate = 6,
    Done = 7,
};

inline constexpr std::array kStages = {Stage::Ready,   Stage::Adjust, Stage::Calibrate,
                                       Stage::Measure, Stage::Build,  Stage::Install,
                                       Stage::Validate};

/// Key of a stage in files: "ready", "adjust" …
QString stageKey(Stage stage);

} // namespace lantern::run
