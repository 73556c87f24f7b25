#pragma once

#include "core/aim/display_state.h"
#include "core/colour/spectral_table.h"
#include "core/judge/check_first.h"
#include "core/judge/evenness.h"
#include "core/judge/validation.h"
#include "core/plan/adaptive_plan.h"
#include "core/plan/adjustment.h"
#include "core/plan/calibration.h"
#include "core/plan/placement.h"
#include "core/plan/settling.h"
#include "core/plan/warm_up.h"
#include "core/reading/repeatability.h"

#include <QByteArray>

#include <optional>
#include <string>
#include <variant>
#include <vector>

namespace lantern::run {

// What each stage makes: plain values, kept in the logbook when the stage ends and never worked
// out again.

struct SettleResult {
    std::optional<Settling> learned; ///< nothing: it was known before, or nobody asked
};
struct ReadyResult {
    std::vector<Reading> found;
    DisplayState before; ///< what they say
};
struct AdjustResult {
    std::vector<WhiteReading> whites;        ///< trail of the adjustment
    std::optional<Advice> advice;            ///< what the program would turn next
    std::optional<MonitorControls> controls; ///< where they stand
};
struct MeasureResult {
    std::vector<Reading> chart;
    DisplayState after;                         ///< from the chart, through the new LUT
    std::optional<Repeatability> repeatability; ///< of the meter, from repeated readings
    std::vector<ExpectedError> expectedSoFar;   ///< where patches were chosen while measuring
};
struct BuildResult {
    QByteArray profile;
    double residual = 0;      ///< mean ΔE00 between model and readings
    double expectedError = 0; ///< mean ΔE00 of the profile, by cross-validation; 0: not known
};
struct InstallResult {
    std::string path;
};
struct WarmUpResult {
    WarmUp verdict;
    std::vector<TimedWhite> whites;
};
struct PlaceResult {
    std::optional<Placement> placement; ///< nothing: not found
};
struct ByEyeResult {
    QByteArray profile;
    VideoLut lut;
    std::string path;
};
struct FourColoursResult {
    std::vector<Reading> readings;
    SpectralTable spectra; ///< red, green, blue, white; none where the meter sees none
};

struct ModeResult {
    std::vector<Reading> readings;
};

struct TakeResult {
    QByteArray profile;
};

using StageResult =
    std::variant<SettleResult, ReadyResult, AdjustResult, CalibrationResult, MeasureResult,
                 BuildResult, InstallResult, Validation, WarmUpResult, PlaceResult, CheckFirst,
                 ByEyeResult, FourColoursResult, TakeResult, Evenness, ModeResult>;

} // namespace lantern::run
