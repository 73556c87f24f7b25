#pragma once

#include "core/aim/display_state.h"
#include "core/judge/validation.h"
#include "core/plan/calibration.h"
#include "core/plan/control_response.h"
#include "core/plan/settling.h"
#include "core/reading/certificate.h"
#include "core/report/speaker.h"
#include "core/signal/controls.h"

#include <cmath>
#include <optional>
#include <string>
#include <vector>

namespace lantern {

/// Who makes reports: what stands at their head and foot.
struct Studio {
    std::string name, text;     ///< free text, lines apart
    std::string logo, logoType; ///< bytes, and "image/png", "image/jpeg" or "image/svg+xml"
    bool operator==(const Studio &) const = default;
};

/// Everything a report says; parts that were not done are empty.
struct ReportData {
    std::string technology;                               ///< of the panel
    std::string display, serial, meter, correction, date; ///< date ISO 8601, UTC
    Aim aim;
    std::optional<MonitorControls> controls;
    bool controlsTyped = false; ///< by a person; else read from the monitor
    ControlCapabilities capabilities;
    /// Stage from which on, meter before, meter since.
    std::vector<std::array<std::string, 3>> meterChanges;
    std::optional<DisplayState> before, after;
    std::optional<CalibrationResult> calibration;
    std::optional<Validation> validation;
    std::string profileName;
    int chartPatches = 0;
    double profileResidual = 0; ///< mean ΔE00 of the display model
    double expectedError = 0;   ///< mean ΔE00 of the profile, by cross-validation; 0: not known
    std::optional<Repeatability> repeatability;
    std::optional<Certificate> certificate; ///< of the meter
    CorrectionKind correctionKind = CorrectionKind::None;
    std::optional<Settling> settling; ///< of the display, as this meter sees it
    double patchGain = 0;             ///< see Placement::patchGain
    std::vector<std::string> skipped; ///< points of the checklist left open
    std::string page; ///< device whose browser showed the patches; empty: an output did
    Studio studio;
    struct {
        std::vector<Reading> before, chart; ///< as taken, in order
    } readings;
};

/// Report for programs, format "bold-lantern-report" version 1; carries all readings, so that every
/// figure can be computed again.
Json reportToJson(const ReportData &report);

/// For a client, on one page; for the shelf, with all there is.
enum class ReportForm { Short, Long };

/// The same for people: one HTML file without scripts or outside parts.
std::string reportToHtml(const ReportData &report, ReportForm form = ReportForm::Long,
                         const Speaker &speaker = english());

/// The validation's colours, one line each, with all differences; figures have a point.
std::string reportToCsv(const ReportData &report);

/// Diagram by its key, see diagramsOf(). \throws Error BadInput listing those there are
struct Diagram diagramOf(const ReportData &report, const std::string &key);

/// One figure of a report computed anew.
struct RecheckedFigure {
    std::string name;
    double reported = 0, computed = 0;
    [[nodiscard]] bool agrees() const
    {
        return std::abs(reported - computed) <= 1e-6 * std::max(1.0, std::abs(reported));
    }
};

/// Computes the figures of a report from the readings it carries: states before and after, greys of
/// the calibration, the validation's colours and statistics.
/// \throws Error BadInput when it is no report or lacks what is needed.
std::vector<RecheckedFigure> recheckReport(const Json &report, const std::string &source);

Json verdictToJson(const Verdict &verdict);

/// A validation alone, as JSON.
Json validationToJson(const Validation &validation);

/// The validation's patches with aimed and measured colours.
std::string validationToCgats(const Validation &validation);

} // namespace lantern
