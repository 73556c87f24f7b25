#include "core/report/report.h"

#include "core/signal/technology.h"

#include "core/base/cgats.h"
#include "core/base/text.h"
#include "core/colour/spaces.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <cmath>

namespace lantern {

namespace {

Json toJson(const XYZ &c)
{
    return {c.X, c.Y, c.Z};
}

Json toJson(const Lab &c)
{
    return {c.L, c.a, c.b};
}

Json toJson(const Statistics &s)
{
    return {{"mean", s.mean}, {"median", s.median}, {"p90", s.p90},
            {"p95", s.p95},   {"max", s.max},       {"deviation", s.deviation}};
}

template <class T> Json orNull(const std::optional<T> &value)
{
    return value ? Json(*value) : Json(nullptr);
}

Json stateToJson(const DisplayState &s)
{
    Json j;
    j["white_xyz"] = s.white ? toJson(*s.white) : Json(nullptr);
    j["black_xyz"] = s.black ? toJson(*s.black) : Json(nullptr);
    j["cct"] = s.cct ? Json(s.cct->kelvin) : Json(nullptr);
    j["duv"] = s.cct ? Json(s.cct->duv) : Json(nullptr);
    j["delta_uv"] = orNull(s.deltaUv);
    j["contrast"] = orNull(s.contrast);
    j["gamma"] = orNull(s.gamma);
    j["aimed_gamma"] = orNull(s.aimedGamma);
    j["tone_error"] = orNull(s.toneError);
    j["tone_worst"] = orNull(s.toneWorst);
    j["step_error"] = orNull(s.stepError);
    j["grey_balance"] = orNull(s.greyBalance);
    j["grey_worst"] = orNull(s.greyWorst);
    j["srgb_coverage"] = orNull(s.srgbCoverage);
    j["p3_coverage"] = orNull(s.p3Coverage);
    return j;
}

/// Rows of R G B X Y Z and integration seconds.
Json readingsToJson(const std::vector<Reading> &readings)
{
    Json rows = Json::array();
    for (const Reading &r : readings)
        rows.push_back(
            {r.rgb.r, r.rgb.g, r.rgb.b, r.xyz.X, r.xyz.Y, r.xyz.Z, r.integrationSeconds});
    return rows;
}

std::string escape(const std::string &text)
{
    std::string out;
    for (const char c : text) {
        if (c == '&')
            out += "&amp;";
        else if (c == '<')
            out += "&lt;";
        else if (c == '>')
            out += "&gt;";
        else if (c == '"')
            out += "&quot;";
        else
            out += c;
    }
    return out;
}

std::string number(const std::optional<double> &value, int decimals, const std::string &unit = {})
{
    return value ? fixedNumber(*value, decimals) + (unit.empty() ? "" : " " + unit) : "—";
}

/// CSS colour of a PCS Lab for the page's swatches.
std::string cssColour(const Lab &lab)
{
    const Vec3 rgb = vec(srgbCodesFromPcs(lab)).cwiseMax(0).cwiseMin(255);
    return "rgb(" + fixedNumber(rgb[0], 0) + "," + fixedNumber(rgb[1], 0) + "," +
           fixedNumber(rgb[2], 0) + ")";
}

class Page {
public:
    void line(const std::string &text) { m_html += text + "\n"; }
    void row(const std::vector<std::string> &cells, const char *tag = "td")
    {
        m_html += "<tr>";
        for (const std::string &c : cells)
            m_html += std::string("<") + tag + ">" + c + "</" + tag + ">";
        m_html += "</tr>\n";
    }
    std::string take() { return std::move(m_html); }

private:
    std::string m_html;
};

void stateTable(Page &page, const ReportData &r)
{
    page.line("<h2>Display</h2><table>");
    page.row({"", "Aim", "Before", "Now"}, "th");
    auto both = [&](const std::string &name, const std::string &aim, auto value) {
        page.row({name, aim, r.before ? value(*r.before) : "—", r.after ? value(*r.after) : "—"});
    };
    both("White point", escape(whiteName(r.aim.white)), [](const DisplayState &s) {
        if (s.cct)
            return fixedNumber(s.cct->kelvin, 0) + " K, Duv " + fixedNumber(s.cct->duv, 4);
        if (!s.white)
            return std::string("—");
        const Chromaticity c = chromaticity(*s.white); // no colour temperature has a meaning here
        return "— (x " + fixedNumber(c.x, 4) + " y " + fixedNumber(c.y, 4) + ")";
    });
    both("Distance from the aimed white, Δu'v'", "0",
         [](const DisplayState &s) { return number(s.deltaUv, 4); });
    both("Luminance", r.aim.luminanceCdM2 ? shortNumber(*r.aim.luminanceCdM2) + " cd/m²" : "native",
         [](const DisplayState &s) {
             return s.white ? fixedNumber(s.white->Y, 1) + " cd/m²" : std::string("—");
         });
    both("Black", r.aim.contrastRatio ? "1:" + shortNumber(*r.aim.contrastRatio) : "native",
         [](const DisplayState &s) {
             return s.black ? fixedNumber(s.black->Y, 3) + " cd/m²" : std::string("—");
         });
    both("Contrast", r.aim.contrastRatio ? shortNumber(*r.aim.contrastRatio) + ":1" : "native",
         [](const DisplayState &s) { return number(s.contrast, 0, ": 1"); });
    if (std::holds_alternative<GammaTone>(r.aim.tone))
        both("Tone curve, as gamma (of the aimed curve)", escape(toneName(r.aim.tone)),
             [](const DisplayState &s) {
                 return number(s.gamma, 2) +
                        (s.aimedGamma ? " (" + number(s.aimedGamma, 2) + ")" : "");
             });
    both("Tone curve, luminance error, mean and worst", escape(toneName(r.aim.tone)),
         [](const DisplayState &s) {
             return s.toneError ? fixedNumber(100 * *s.toneError, 1) + " %, " +
                                      fixedNumber(100 * *s.toneWorst, 1) + " %"
                                : std::string("—");
         });
    if (r.aim.tone == ToneCurve(NamedTone::Gsdf)) {
        both("Contrast per just-noticeable step, worst error", "0", [](const DisplayState &s) {
            return s.stepError ? fixedNumber(100 * *s.stepError, 0) + " %" : std::string("—");
        });
    }
    both("Tint of the greys against the measured white, mean and worst ΔE00", "0",
         [](const DisplayState &s) {
             return number(s.greyBalance, 2) + ", " + number(s.greyWorst, 2);
         });
    both("Gamut, part of sRGB's area in u'v' that is covered", "native", [](const DisplayState &s) {
        return s.srgbCoverage ? fixedNumber(100 * *s.srgbCoverage, 1) + " %" : std::string("—");
    });
    page.line("</table>");
    if (r.aim.tone == ToneCurve(NamedTone::Gsdf))
        page.line(
            "<p>A greyscale after DICOM PS3.14 alone makes no display fit for diagnosis; this "
            "report does not say so.</p>");
    if (r.aim.matchedByEye)
        page.line("<p>White was matched by eye: Δu' " + fixedNumber(r.aim.matchedByEye->u, 4) +
                  ", Δv' " + fixedNumber(r.aim.matchedByEye->v, 4) + " were added to the aim.</p>");
    else if (equalMayLookDifferent(r.technology))
        page.line("<p>This panel's light is narrow-banded: its white need not look like that of "
                  "another display or of paper with equal figures.</p>");
}

/// Each half's call, then every figure with its limit and what is known of its uncertainty.
void verdictTable(Page &page, const Verdict &v)
{
    page.line("<p class=\"verdict\">" + escape(v.tolerance.title) + " — the aim: " +
              callTitle(v.half(Half::Aim)) + "; the profile: " + callTitle(v.half(Half::Profile)) +
              ".</p><p>Limits: " + escape(v.tolerance.source) +
              ". Uncertainties are expanded (k = 2): scatter of the "
              "meter's readings, its certificate, what its correction leaves, drift of the "
              "display. A value nearer to its limit than that decides nothing. From differences, "
              "which are never negative, what scatter adds to them is taken off; beside them how "
              "they were read.</p><table>");
    page.row(
        {"", "Value", "As read", "Limit", "±", "Scatter", "Certificate", "Correction", "Drift", ""},
        "th");
    for (const JudgedFigure &f : v.figures) {
        const auto part = [&](double u) {
            return u > 0 ? figureText(f.figure, kCoverageFactor * u) : std::string("—");
        };
        page.row({escape(figureTitle(f.figure)), figureText(f.figure, f.value),
                  figureText(f.figure, f.asRead),
                  (f.atLeast ? "≥ " : "≤ ") + figureText(f.figure, f.limit),
                  part(f.uncertainty.total()), part(f.uncertainty.scatter),
                  part(f.uncertainty.certificate), part(f.uncertainty.mismatch),
                  part(f.uncertainty.drift), callTitle(f.call)});
    }
    page.line("</table>");
}

void validationTable(Page &page, const Validation &v)
{
    page.line("<h2>Colour accuracy</h2>");
    verdictTable(page, v.verdict);
    page.line("<p>Of all colours, as read: mean ΔE00 " + fixedNumber(v.deltaE00.mean, 2) +
              ", median " + fixedNumber(v.deltaE00.median, 2) + ", 90 % below " +
              fixedNumber(v.deltaE00.p90, 2) + ", 95 % below " + fixedNumber(v.deltaE00.p95, 2) +
              ", worst " + fixedNumber(v.deltaE00.max, 2) + ", deviation " +
              fixedNumber(v.deltaE00.deviation, 2) + ".</p>");
    if (const int beyond = static_cast<int>(v.patches.size()) - v.reachableCount; beyond > 0)
        page.line("<p>" + std::to_string(v.reachableCount) + " within the display's gamut: mean " +
                  fixedNumber(v.reachable.mean, 2) + ", worst " + fixedNumber(v.reachable.max, 2) +
                  "; " + std::to_string(beyond) + " beyond it: mean " +
                  fixedNumber(v.unreachable.mean, 2) + ", worst " +
                  fixedNumber(v.unreachable.max, 2) + ".</p>");
    page.line("<p>" + escape(v.referenceName) +
              ", shown through the profile, relative to the measured white of " +
              fixedNumber(v.white.Y, 1) + " cd/m².</p><table>");
    page.row({"", "Colour", "RGB sent", "L* a* b* aimed", "L* a* b* measured", "ΔE00", "ΔE76",
              "of it out of gamut"},
             "th");
    auto lab = [](const Lab &c) {
        return fixedNumber(c.L, 1) + " " + fixedNumber(c.a, 1) + " " + fixedNumber(c.b, 1);
    };
    for (const ValidatedPatch &p : v.patches)
        page.row({"<span class=\"swatch\" style=\"background:" + cssColour(p.aimed.reference.lab) +
                      "\"></span>",
                  escape(p.aimed.reference.name),
                  shortNumber(p.aimed.rgb.r) + " " + shortNumber(p.aimed.rgb.g) + " " +
                      shortNumber(p.aimed.rgb.b),
                  lab(p.aimed.reference.lab), lab(p.lab), fixedNumber(p.deltaE00, 2),
                  fixedNumber(p.deltaE76, 2), fixedNumber(p.outOfGamut, 2)});
    page.line("</table>");
}

} // namespace

Json verdictToJson(const Verdict &v)
{
    Json figures = Json::array();
    for (const JudgedFigure &f : v.figures)
        figures.push_back({{"figure", figureKey(f.figure)},
                           {"value", f.value},
                           {"as_read", f.asRead},
                           {"limit", f.limit},
                           {"at_least", f.atLeast},
                           {"call", callKey(f.call)},
                           {"standard_uncertainty",
                            {{"scatter", f.uncertainty.scatter},
                             {"certificate", f.uncertainty.certificate},
                             {"correction", f.uncertainty.mismatch},
                             {"drift", f.uncertainty.drift},
                             {"total", f.uncertainty.total()}}}});
    return {{"tolerance", v.tolerance.name},     {"source", v.tolerance.source},
            {"aim", callKey(v.half(Half::Aim))}, {"profile", callKey(v.half(Half::Profile))},
            {"overall", callKey(v.overall())},   {"figures", figures}};
}

Json validationToJson(const Validation &v)
{
    Json j;
    j["reference"] = v.referenceName;
    j["white_xyz"] = toJson(v.white);
    j["state"] = stateToJson(v.state);
    j["delta_e_2000"] = toJson(v.deltaE00);
    j["delta_e_76"] = toJson(v.deltaE76);
    j["within_gamut"] = {{"count", v.reachableCount}, {"delta_e_2000", toJson(v.reachable)}};
    j["beyond_gamut"] = {{"count", static_cast<int>(v.patches.size()) - v.reachableCount},
                         {"delta_e_2000", toJson(v.unreachable)}};
    j["verdict"] = verdictToJson(v.verdict);
    j["patches"] = Json::array();
    for (const ValidatedPatch &p : v.patches)
        j["patches"].push_back({{"name", p.aimed.reference.name},
                                {"aimed_lab", toJson(p.aimed.reference.lab)},
                                {"rgb", {p.aimed.rgb.r, p.aimed.rgb.g, p.aimed.rgb.b}},
                                {"measured_xyz", toJson(p.measured)},
                                {"measured_lab", toJson(p.lab)},
                                {"delta_e_2000", p.deltaE00},
                                {"delta_e_76", p.deltaE76},
                                {"uncertainty", p.uncertainty},
                                {"out_of_gamut", p.outOfGamut}});
    return j;
}

Json reportToJson(const ReportData &r)
{
    Json j = {{"format", "bold-lantern-report"},
              {"version", 1},
              {"display", r.display},
              {"serial", r.serial},
              {"meter", r.meter},
              {"correction", r.correction},
              {"date", r.date},
              {"profile", r.profileName},
              {"chart_patches", r.chartPatches},
              {"profile_residual_delta_e_2000", r.profileResidual},
              {"profile_expected_delta_e_2000", r.expectedError}};
    j["aim"] = aimToJson(r.aim);
    if (!r.skipped.empty())
        j["skipped"] = r.skipped;
    if (r.controls)
        j["controls"] = controlsToJson(*r.controls);
    if (r.before)
        j["before"] = stateToJson(*r.before);
    if (r.after)
        j["after"] = stateToJson(*r.after);
    if (r.calibration) {
        const CalibrationResult &c = *r.calibration;
        Json greys = Json::array();
        for (const GreyPoint &g : c.greys)
            greys.push_back({{"code", g.code},
                             {"aimed_xyz", toJson(g.aimed)},
                             {"measured_xyz", toJson(g.measured)},
                             {"delta_e_2000", g.deltaE00}});
        j["calibration"] = {
            {"aimed_white_xyz", toJson(c.aimedWhite)}, {"mean_delta_e_2000", c.meanDeltaE00},
            {"max_delta_e_2000", c.maxDeltaE00},       {"rounds", c.rounds},
            {"distinct_levels", c.distinctLevels},     {"greys", greys}};
    }
    if (r.validation)
        j["validation"] = validationToJson(*r.validation);
    if (const auto &s = r.repeatability) {
        Json correlation = Json::array();
        for (const auto &row : s->shotCorrelation.rowwise())
            correlation.push_back({row[0], row[1], row[2]});
        j["repeatability"] = {{"floor", toJson(toXyz(s->floor))},
                              {"shot", toJson(toXyz(s->shot))},
                              {"shot_correlation", correlation},
                              {"flicker", s->flicker},
                              {"degrees_of_freedom", s->freedom}};
    }
    if (r.certificate)
        j["certificate"] = certificateToJson(*r.certificate);
    j["correction_kind"] = correctionKindKey(r.correctionKind);
    if (r.settling)
        j["settling"] = settlingToJson(*r.settling);
    j["readings"] = {{"before", readingsToJson(r.readings.before)},
                     {"chart", readingsToJson(r.readings.chart)}};
    return j;
}

std::string reportToHtml(const ReportData &r)
{
    Page page;
    page.line("<!DOCTYPE html><html lang=\"en\"><head><meta charset=\"utf-8\"><title>" +
              escape(r.display) + ", " + escape(r.date.substr(0, 10)) + "</title><style>");
    page.line(
        "body{font:15px/1.45 'Open Sans',sans-serif;background:#fff;color:#222;max-width:60em;"
        "margin:2em auto;padding:0 1em}"
        "table{border-collapse:collapse;margin:.5em 0 1.5em}"
        "td,th{padding:.2em .9em .2em 0;text-align:left;border-bottom:1px solid #ddd;"
        "font-variant-numeric:tabular-nums}th{font-weight:600;color:#666}"
        ".swatch{display:inline-block;width:2.2em;height:1.1em}.verdict{font-weight:600}");
    page.line("</style></head><body><h1>" + escape(r.display) + "</h1>");
    page.line("<p>Measured " + escape(r.date) + " with " + escape(r.meter) +
              (r.correction.empty() ? "" : " (" + escape(r.correction) + ")") +
              (r.serial.empty() ? "" : ", display serial " + escape(r.serial)) +
              ".<br>Aim: " + escape(r.aim.name) + " · " + escape(aimSummary(r.aim)) + ".</p>");
    if (!r.skipped.empty()) {
        std::string points;
        for (const std::string &point : r.skipped)
            points += (points.empty() ? "" : "; ") + escape(point);
        page.line("<p>Not confirmed before the readings: " + points + ".</p>");
    }
    if (r.certificate)
        page.line("<p>Certificate of the meter: " + escape(r.certificate->laboratory) + " " +
                  escape(r.certificate->number) + ", " + r.certificate->issued +
                  ", to be renewed by " + r.certificate->due +
                  (r.certificate->isOverdue(r.date) ? " (it had run out)" : "") + ".</p>");
    if (r.settling)
        page.line("<p>" + escape(settlingText(*r.settling)) + "</p>");
    stateTable(page, r);
    if (r.controls) {
        const MonitorControls &c = *r.controls;
        page.line("<h2>Monitor settings</h2><p>Brightness " + shortNumber(c.brightness) +
                  ", contrast " + shortNumber(c.contrast) + ", red gain " + shortNumber(c.redGain) +
                  ", green gain " + shortNumber(c.greenGain) + ", blue gain " +
                  shortNumber(c.blueGain) + ".</p>");
    }
    if (r.calibration)
        page.line("<h2>Calibration</h2><p>Greys from 5 % up against the aim: mean ΔE00 " +
                  fixedNumber(r.calibration->meanDeltaE00, 2) + ", worst " +
                  fixedNumber(r.calibration->maxDeltaE00, 2) + " after " +
                  std::to_string(r.calibration->rounds) + " rounds; " +
                  std::to_string(r.calibration->distinctLevels) + " of 256 levels kept.</p>");
    if (!r.profileName.empty())
        page.line("<h2>Profile</h2><p>" + escape(r.profileName) + ", from " +
                  std::to_string(r.chartPatches) +
                  " readings; mean difference between model and "
                  "readings " +
                  fixedNumber(r.profileResidual, 2) + " ΔE00" +
                  (r.expectedError > 0 ? ", expected error for all colours " +
                                             fixedNumber(r.expectedError, 2) + " ΔE00"
                                       : std::string()) +
                  ".</p>");
    if (r.validation)
        validationTable(page, *r.validation);
    page.line("</body></html>");
    return page.take();
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
