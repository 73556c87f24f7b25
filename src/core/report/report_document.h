#pragma once

#include "core/report/document.h"
#include "core/report/report.h"

namespace lantern {

/// A report as one document: sections in reading order, every figure once for programs and where
/// people read it. What can be worked out again from the readings and limits it carries is marked
/// as derived.
document::Section reportDocument(const ReportData &report);
/// What a client is given: state, verdict, the sentence on what is weak, two diagrams.
document::Section shortReport(const ReportData &report);

/// Parts of it.
document::Section validationSection(const Validation &validation);
document::Section verdictSection(const Verdict &verdict);

} // namespace lantern
