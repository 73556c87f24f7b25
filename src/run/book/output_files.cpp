#include "run/book/output_files.h"

#include "core/reading/readings_file.h"
#include "core/signal/slot_file.h"
#include "run/book/in_words.h"
#include "run/file/files.h"

#include <nlohmann/json.hpp>

namespace lantern::run {

namespace {

QByteArray bytes(const std::string &text)
{
    return QByteArray::fromStdString(text);
}

} // namespace

void writeOutputs(const RunResults &r, const QString &folder, const Studio &studio)
{
    const auto path = [&](const char *name) {
        return folder + QLatin1Char('/') + QLatin1String(name);
    };
    writeFile(path("profile.icc"), r.profile);
    writeFile(path("readings.cgats"), bytes(readingsToCgats(chartReadings(r))));
    if (r.controls)
        writeFile(path("controls.json"), bytes(controlsToJson(*r.controls).dump(2) + "\n"));
    if (r.calibration && r.calibration->slot)
        writeFile(path("slot.json"), bytes(slotToJson(*r.calibration->slot).dump() + "\n"));
    if (r.validation)
        writeFile(path("validation.cgats"), bytes(validationToCgats(*r.validation)));
    ReportData report = reportData(r);
    report.studio = studio;
    writeFile(path("report.json"), bytes(reportToJson(report).dump(2) + "\n"));
    writeFile(path(kReportPage), bytes(reportToHtml(report, ReportForm::Long, speaker())));
    if (r.validation)
        writeFile(path("colours.csv"), bytes(reportToCsv(report)));
}

} // namespace lantern::run
