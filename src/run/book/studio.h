#pragma once

#include "core/report/report.h"

#include <QString>

namespace lantern::run {

/// What reports look like besides what they say.
struct ReportStyle {
    Studio studio;
    bool letter = false; ///< pages of US Letter, else A4
    bool operator==(const ReportStyle &) const = default;
};

/// Who makes the reports, kept beside the logbook: format "bold-lantern-studio" version 1, the logo
/// within. Nothing kept where there is no such file. \throws Error BadInput, Device
ReportStyle readReportStyle(const QString &path);
/// \throws Error Device
void writeReportStyle(const QString &path, const ReportStyle &style);

/// Takes a logo from a file: PNG, JPEG or SVG, of at most kMostLogo bytes.
/// \throws Error BadInput, Device
void takeLogo(const QString &path, Studio &studio);
inline constexpr qint64 kMostLogo = 2'000'000;

} // namespace lantern::run
