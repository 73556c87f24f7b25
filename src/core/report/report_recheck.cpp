#include "core/base/error.h"
#include "core/colour/difference.h"
#include "core/plan/chart_reader.h"
#include "core/report/report.h"
#include "core/report/report_document.h"

#include <algorithm>
#include <cmath>

namespace lantern {

namespace {

/// The calibration's mean and largest are over greys from 5 % up.
constexpr double kDarkestJudgedGrey = 0.05;

[[noreturn]] void refuse(const std::string &source, const std::string &key)
{
    throw Error(ErrorKind::BadInput, source + ", key \"" + key + "\"",
                "is missing or not what a report holds there",
                "Give a report.json that Bold Lantern wrote.");
}

const Json &member(const Json &j, const std::string &key, const std::string &source)
{
    if (!j.is_object() || !j.contains(key))
        refuse(source, key);
    return j[key];
}

std::vector<double> numbers(const Json &j, size_t count, const std::string &source,
                            const std::string &key)
{
    if (!j.is_array() || j.size() != count)
        refuse(source, key);
    std::vector<double> out;
    for (const Json &v : j) {
        if (!v.is_number())
            refuse(source, key);
        out.push_back(v.get<double>());
    }
    return out;
}

double number(const Json &parent, const std::string &key, const std::string &source)
{
    const Json &value = member(parent, key, source);
    if (!value.is_number())
        refuse(source, key);
    return value.get<double>();
}

XYZ xyz(const Json &parent, const std::string &key, const std::string &source)
{
    const auto v = numbers(member(parent, key, source), 3, source, key);
    return {v[0], v[1], v[2]};
}

const Json &list(const Json &parent, const std::string &key, const std::string &source)
{
    const Json &found = member(parent, key, source);
    if (!found.is_array())
        refuse(source, key);
    return found;
}

std::vector<Reading> readings(const Json &parent, const std::string &key, const std::string &source)
{
    std::vector<Reading> out;
    for (const Json &row : list(parent, key, source)) {
        const auto v = numbers(row, 7, source, "readings");
        out.push_back({{v[0], v[1], v[2]}, {v[3], v[4], v[5]}, v[6]});
    }
    return out;
}

/// Greys as aimed and measured; what is said of them computed anew.
CalibrationResult calibration(const Json &j, const std::string &source)
{
    CalibrationResult c;
    c.aimedWhite = xyz(j, "aimed_white_xyz", source);
    const RelXYZ white = relativeTo(c.aimedWhite, c.aimedWhite);
    int judged = 0;
    for (const Json &g : list(j, "greys", source)) {
        GreyPoint p{number(g, "code", source), xyz(g, "aimed_xyz", source),
                    xyz(g, "measured_xyz", source)};
        p.deltaE00 = deltaE2000(labFromXyz(relativeTo(p.aimed, c.aimedWhite), white),
                                labFromXyz(relativeTo(p.measured, c.aimedWhite), white));
        c.greys.push_back(p);
        if (p.code < 255 * kDarkestJudgedGrey)
            continue;
        c.meanDeltaE00 += p.deltaE00;
        c.maxDeltaE00 = std::max(c.maxDeltaE00, p.deltaE00);
        ++judged;
    }
    if (judged == 0)
        refuse(source, "greys");
    c.meanDeltaE00 /= judged;
    return c;
}

Figure figureByKey(const Json &key, const std::string &source)
{
    std::vector<Figure> all = aimFigures();
    all.insert(all.end(), {Figure::ColourMean, Figure::Colour95, Figure::ColourWorst});
    for (const Figure f : all)
        if (key == figureKey(f))
            return f;
    refuse(source, "figure");
}

/// What the figures, their limits and uncertainties decide. Their Monte Carlo is not repeated.
Verdict verdict(const Json &j, const std::string &source)
{
    Verdict v;
    for (const Json &f : list(j, "figures", source)) {
        const Json &u = member(f, "standard_uncertainty", source);
        const double value = number(f, "value", source);
        const Estimate e{value,
                         value,
                         {number(u, "scatter", source), number(u, "certificate", source),
                          number(u, "correction", source), number(u, "drift", source)}};
        v.figures.push_back(judgeFigure(figureByKey(member(f, "figure", source), source), e,
                                        number(f, "limit", source)));
    }
    return v;
}

/// Colours as aimed and measured; their differences and statistics computed anew.
Validation validation(const Json &j, const std::string &source)
{
    Validation v;
    v.white = xyz(j, "white_xyz", source);
    std::vector<double> all00;
    std::vector<double> all76;
    for (const Json &p : list(j, "patches", source)) {
        const XYZ aimed = xyz(p, "aimed_lab", source);
        ValidatedPatch patch;
        patch.aimed.reference.lab = {aimed.X, aimed.Y, aimed.Z};
        patch.measured = xyz(p, "measured_xyz", source);
        patch.lab = pcsLab(patch.measured, v.white);
        patch.deltaE00 = deltaE2000(patch.aimed.reference.lab, patch.lab);
        patch.deltaE76 = deltaE76(patch.aimed.reference.lab, patch.lab);
        all00.push_back(patch.deltaE00);
        all76.push_back(patch.deltaE76);
        v.patches.push_back(patch);
    }
    if (all00.empty())
        refuse(source, "patches");
    v.deltaE00 = statistics(all00);
    v.deltaE76 = statistics(all76);
    if (j.contains("verdict"))
        v.verdict = verdict(j["verdict"], source);
    if (j.contains("formula") && !j["formula"].is_string())
        refuse(source, "formula");
    if (j.contains("formula")) // not in reports of older versions
        v.verdict.tolerance.formula = formulaByKey(j["formula"].get<std::string>());
    return v;
}

/// What a report carries, and everything that follows from it.
ReportData computedAnew(const Json &report, const std::string &source)
{
    if (member(report, "format", source) != "bold-lantern-report")
        refuse(source, "format");
    ReportData r;
    r.aim = aimFromJson(member(report, "aim", source), source + ", key \"aim\"");
    const Json &kept = member(report, "readings", source);
    r.before = displayState(readings(kept, "before", source), r.aim);
    r.after = displayState(steadyReadings(readings(kept, "chart", source)).readings, r.aim);
    if (report.contains("calibration"))
        r.calibration = calibration(report["calibration"], source);
    if (report.contains("validation"))
        r.validation = validation(report["validation"], source);
    return r;
}

/// A call by its place in the enumeration.
double place(const Json &call)
{
    for (const Call c : {Call::NotJudged, Call::Within, Call::CannotTell, Call::Over})
        if (call == callKey(c))
            return static_cast<double>(c);
    return NAN;
}

/// A value's numbers, one figure each; nothing on both sides agrees and is left out.
void add(std::vector<RecheckedFigure> &figures, const std::string &name, const Json &said,
         const Json &computed)
{
    if (said.is_null() && computed.is_null())
        return;
    if (computed.is_array()) {
        for (size_t i = 0; i < computed.size(); ++i)
            add(figures, name, said.is_array() && i < said.size() ? said[i] : Json(), computed[i]);
        return;
    }
    const auto value = [](const Json &j) {
        return j.is_number() ? j.get<double>() : j.is_string() ? place(j) : NAN;
    };
    figures.push_back({name, value(said), value(computed)});
}

} // namespace

std::vector<RecheckedFigure> recheckReport(const Json &report, const std::string &source)
{
    std::vector<RecheckedFigure> figures;
    for (const document::Compared &c :
         document::compare(reportDocument(computedAnew(report, source)), report))
        add(figures, c.name, c.said, c.computed);
    return figures;
}

} // namespace lantern
