#pragma once

#include "core/report/report.h"

#include <QPageSize>
#include <QString>

class QPagedPaintDevice;

namespace lantern::paper {

/// A report on pages: text that can be searched, diagrams as vectors, numbered pages. Needs a
/// QGuiApplication. \param device a printer or a PDF, with its page set
void paintReport(QPagedPaintDevice &device, const ReportData &report, ReportForm form);

/// The same as a PDF file, written whole. \throws Error Device
void writeReportPdf(const QString &path, const ReportData &report, ReportForm form,
                    QPageSize::PageSizeId page);

} // namespace lantern::paper
