#include "core/report/report.h"

#include "core/base/cgats.h"
#include "core/base/text.h"
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

std::string reportToHtml(const ReportData &r)
{
    using document::escape;
    return "<!DOCTYPE html><html lang=\"en\"><head><meta charset=\"utf-8\"><title>" +
           escape(r.display) + ", " + escape(r.date.substr(0, 10)) +
           "</title><style>\n"
           "body{font:15px/1.45 'Open Sans',sans-serif;background:#fff;color:#222;max-width:60em;"
           "margin:2em auto;padding:0 1em}"
           "table{border-collapse:collapse;margin:.5em 0 1.5em}"
           "td,th{padding:.2em .9em .2em 0;text-align:left;border-bottom:1px solid #ddd;"
           "font-variant-numeric:tabular-nums}th{font-weight:600;color:#666}"
           ".swatch{display:inline-block;width:2.2em;height:1.1em}.verdict{font-weight:600}\n"
           "</style></head><body><h1>" +
           escape(r.display) + "</h1>\n" + document::toHtml(reportDocument(r)) + "</body></html>\n";
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

} // namespace lantern
