#include "cli/inputs.h"
#include "core/reading/readings_file.h"
#include "core/report/diagrams.h"
#include "core/report/report.h"
#include "paper/diagram_file.h"
#include "paper/report_pages.h"
#include "run/book/in_words.h"
#include "run/book/studio.h"
#include "run/file/files.h"
#include "run/logbook/load_results.h"

#include <nlohmann/json.hpp>

#include <QFileInfo>

#include <iostream>

namespace lantern::cli {

namespace {

/// A finished run out of a folder that run wrote, or out of a logbook. \param id 0: the newest
run::RunResults finishedRun(const std::string &folder, const std::string &logbook, int id)
{
    const std::string path = logbook.empty() ? folder + "/run.sqlite" : logbook;
    if (!QFileInfo::exists(QString::fromStdString(path)))
        throw Error(ErrorKind::BadInput, path, "is not there",
                    "Give the folder of a finished run, or a logbook.");
    run::Logbook book(QString::fromStdString(path), run::Logbook::Access::Read);
    qint64 run = id;
    if (run == 0) {
        const auto newest = book.runs({.finishedOnly = true, .atMost = 1});
        if (newest.empty())
            throw Error(ErrorKind::BadInput, path, "holds no finished run");
        run = newest.front().id;
    }
    run::RunResults results = run::loadResults(book, run);
    if (!results.problem.isEmpty())
        std::cerr << results.problem.toStdString() << '\n';
    return results;
}

} // namespace

int report(const ReportOptions &o)
{
    const run::RunResults results = finishedRun(o.run, o.logbook, o.id);
    ReportData data = run::reportData(results);
    data.studio.name = o.studio;
    data.studio.text = o.text;
    if (!o.logo.empty())
        run::takeLogo(QString::fromStdString(o.logo), data.studio);
    const ReportForm form = o.form == "short" ? ReportForm::Short : ReportForm::Long;
    const QString path = QString::fromStdString(o.out);
    const QString kind = QFileInfo(path).suffix().toLower();
    const auto write = [&](const std::string &text) {
        run::writeFile(path, QByteArray::fromStdString(text));
    };
    if (kind == QLatin1String("pdf"))
        paper::writeReportPdf(path, data, form,
                              o.page == "letter" ? QPageSize::Letter : QPageSize::A4);
    else if (kind == QLatin1String("html"))
        write(reportToHtml(data, form, run::speaker()));
    else if (kind == QLatin1String("json"))
        write(reportToJson(data).dump(2) + "\n");
    else if (kind == QLatin1String("csv"))
        write(reportToCsv(data));
    else if (kind == QLatin1String("cgats"))
        write(readingsToCgats(run::chartReadings(results)));
    else
        throw Error(ErrorKind::BadInput, o.out,
                    {"is of no kind that reports are written as: .%1", {kind.toStdString()}},
                    "Give it the ending .pdf, .html, .json, .csv or .cgats.");
    if (o.json)
        std::cout << Json{{"report", o.out}, {"run", data.date}, {"display", data.display}}.dump()
                  << '\n';
    else
        std::cout << o.out << ": " << printable(data.display) << ", " << data.date << '\n';
    return 0;
}

int plot(const PlotOptions &o)
{
    const ReportData data = run::reportData(finishedRun(o.run, o.logbook, o.id));
    if (o.diagram.empty()) {
        Json keys = Json::array();
        for (const Diagram &d : diagramsOf(data)) {
            keys.push_back({{"diagram", d.key}, {"title", d.title}});
            if (!o.json)
                std::cout << d.key << '\t' << run::speaker().figures(d.title) << '\n';
        }
        if (o.json)
            std::cout << keys.dump() << '\n';
        return 0;
    }
    if (o.out.empty())
        throw Error(ErrorKind::BadInput, "--out", "is missing",
                    "Give a file ending in .svg, .pdf, .png or .csv.");
    paper::writeDiagram(diagramOf(data, o.diagram), QString::fromStdString(o.out),
                        {o.width, o.height}, run::speaker());
    if (o.json)
        std::cout << Json{{"diagram", o.diagram}, {"file", o.out}}.dump() << '\n';
    else
        std::cout << o.out << '\n';
    return 0;
}

} // namespace lantern::cli
