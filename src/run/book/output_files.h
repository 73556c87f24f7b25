#pragma once

#include "run/book/run_results.h"

#include <QString>

namespace lantern::run {

/// The report for people, among what writeOutputs() writes.
inline constexpr const char *kReportPage = "report.html";

/// Writes profile.icc, readings.cgats, controls.json, validation.cgats, report.json, report.html
/// and colours.csv of a finished run into a folder. \param studio that reports it \throws Error
/// Device
void writeOutputs(const RunResults &results, const QString &folder, const Studio &studio = {});

} // namespace lantern::run
