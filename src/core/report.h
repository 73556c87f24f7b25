#pragma once

#include "core/calibration.h"
#include "core/controls.h"
#include "core/display_state.h"
#include "core/validation.h"

#include <optional>
#include <string>
#include <vector>

namespace lantern {

/// Everything a report says; parts that were not done are empty.
struct ReportData {
    std::string display, serial, meter, correction, date; ///< date ISO 8601, UTC
    Aim aim;
    std::optional<MonitorControls> controls;
    std::optional<DisplayState> before, after;
    std::optional<CalibrationResult> calibration;
    std::optional<Validation> validation;
    std::string profileName;
    int chartPatches = 0;
    double profileResidual = 0; ///< mean ΔE00 of the display model
};

/// Report for programs, format "bold-lantern-report" version 1; carries the validation's readings.
Json reportToJson(const ReportData &report);

/// The same for people: one HTML file without scripts or outside parts.
std::string reportToHtml(const ReportData &report);

/// A validation alone, as JSON.
Json validationToJson(const Validation &validation);

/// The validation's patches with aimed and measured colours.
std::string validationToCgats(const Validation &validation);

} // namespace lantern
