#include "core/report/report.h"

#include "core/base/cgats.h"
#include "core/base/error.h"
#include "core/base/text.h"
#include "core/report/diagrams.h"
#include "core/report/document.h"
#include "core/report/report_document.h"

#include <nlohmann/json.hpp>

namespace lantern {

Json reportToJson(const ReportData &report)
{
    return document::toJson(reportDocument(report));
}

Json validationToJson(const Validation &validation)
{
    return document::toJson(validationSection(validation));
}

Json verdictToJson(const Verdict &verdict)
{
    return document::toJson(verdictSection(verdict));
}

std::string reportToHtml(const ReportData &r, ReportForm form, const Speaker &speaker)
{
    using document::escape;
    return "<!DOCTYPE html><html lang=\"" + escape(speaker.language) +
           "\"><head><meta charset=\"utf-8\"><title>" + escape(r.display) + ", " +
           escape(speaker.figures(r.date.substr(0, 10))) +
           "</title><style>\n"
           "body{font:15px/1.45 'Open Sans',sans-serif;background:#fff;color:#222;max-width:60em;"
           "margin:2em auto;padding:0 1em}"
           "table{border-collapse:collapse;margin:.5em 0 1.5em}"
           "td,th{padding:.2em .9em .2em 0;text-align:left;border-bottom:1px solid #ddd;"
           "font-variant-numeric:tabular-nums}th{font-weight:600;color:#666}"
           ".swatch{min-width:2.2em}.verdict{font-weight:600}.page{break-before:page}svg{margin:."
           "3em .6em .3em 0}"
           "pre{font:12px/1.35 monospace;overflow-x:auto}\n"
           "</style></head><body><h1>" +
           escape(r.display) + "</h1>\n" +
           document::toHtml(form == ReportForm::Short ? shortReport(r) : reportDocument(r),
                            document::partsWithin(speaker), speaker) +
           "</body></html>\n";
}

std::string validationToCgats(const Validation &v)
{
    CgatsTable table;
    table.keywords["DESCRIPTOR"] = v.referenceName;
    table.keywords["WHITE_Y_CD_M2"] = exactNumber(v.white.Y);
    table.fields = {"SAMPLE_ID", "SAMPLE_NAME", "RGB_R",     "RGB_G",     "RGB_B",
                    "XYZ_X",     "XYZ_Y",       "XYZ_Z",     "LAB_L",     "LAB_A",
                    "LAB_B",     "AIM_LAB_L",   "AIM_LAB_A", "AIM_LAB_B", "DE_2000"};
    int id = 0;
    for (const ValidatedPatch &p : v.patches) {
        std::vector<CgatsCell> row = {{std::to_string(++id)}, {p.aimed.reference.name}};
        for (const Vec3 &triple :
             {vec(p.aimed.rgb), vec(p.measured), vec(p.lab), vec(p.aimed.reference.lab)})
            for (int i = 0; i < 3; ++i)
                row.push_back({exactNumber(triple[i])});
        row.push_back({exactNumber(p.deltaE00)});
        table.rows.push_back(std::move(row));
    }
    return writeCgats(table);
}

std::string reportToCsv(const ReportData &r)
{
    std::string out = "name,R,G,B,X,Y,Z,L_aimed,a_aimed,b_aimed,L,a,b,out_of_gamut";
    for (const DifferenceFormula f : differenceFormulas())
        out += ",delta_e_" + formulaKey(f);
    out += "\n";
    if (!r.validation)
        return out;
    for (const ValidatedPatch &p : r.validation->patches) {
        out += '"';
        for (const char c : p.aimed.reference.name)
            out += c == '"' ? std::string("\"\"") : std::string(1, c);
        out += '"';
        for (const Vec3 &triple :
             {vec(p.aimed.rgb), vec(p.measured), vec(p.aimed.reference.lab), vec(p.lab)})
            for (int i = 0; i < 3; ++i)
                out += "," + compactNumber(triple[i]);
        out += "," + compactNumber(p.outOfGamut);
        for (const DifferenceFormula f : differenceFormulas())
            out += "," +
                   compactNumber(difference(f, p.aimed.reference.lab, p.lab, r.validation->white));
        out += "\n";
    }
    return out;
}

Diagram diagramOf(const ReportData &report, const std::string &key)
{
    std::string known;
    for (Diagram &d : diagramsOf(report)) {
        if (d.key == key)
            return std::move(d);
        known += (known.empty() ? "" : ", ") + d.key;
    }
    throw Error(ErrorKind::BadInput, "diagram", {"\"%1\" is none of this run's", {key}},
                {"There are: %1.", {known}});
}

} // namespace lantern
