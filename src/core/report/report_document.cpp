#include "core/report/report_document.h"

#include "core/base/own_name.h"
#include "core/base/text.h"
#include "core/judge/first_look.h"
#include "core/judge/weakness.h"
#include "core/report/diagrams.h"
#include "core/signal/technology.h"

#include <utility>

namespace lantern {

namespace {

using namespace document;

constexpr const char *kNone = "—";

Json data(const XYZ &c)
{
    return {c.X, c.Y, c.Z};
}

Json data(const Lab &c)
{
    return {c.L, c.a, c.b};
}

template <class T> Json data(const std::optional<T> &value)
{
    return value ? Json(*value) : Json(nullptr);
}

Json data(const std::optional<XYZ> &c)
{
    return c ? data(*c) : Json(nullptr);
}

/// Nothing to say to people.
const Words kUnsaid;

Words figures(std::string text)
{
    return Words::figures(std::move(text));
}

Words words(const std::string &name)
{
    return Message::verbatim(name);
}

std::string number(const std::optional<double> &value, int decimals, const std::string &unit = {})
{
    return value ? fixedNumber(*value, decimals) + (unit.empty() ? "" : " " + unit) : kNone;
}

std::string percent(const std::optional<double> &share, int decimals)
{
    return share ? fixedNumber(100 * *share, decimals) + " %" : kNone;
}

std::string text(const Lab &c)
{
    return fixedNumber(c.L, 1) + " " + fixedNumber(c.a, 1) + " " + fixedNumber(c.b, 1);
}

std::string whiteText(const DisplayState &s)
{
    if (s.cct)
        return fixedNumber(s.cct->kelvin, 0) + " K, Duv " + fixedNumber(s.cct->duv, 4);
    if (!s.white)
        return kNone;
    const Chromaticity c = chromaticity(*s.white); // no colour temperature has a meaning here
    return "— (x " + fixedNumber(c.x, 4) + " y " + fixedNumber(c.y, 4) + ")";
}

/// What a table says of a display's state: one row, its values taken from any state.
struct StateRow {
    std::string key;
    Words label;
    std::string aim;
    Json (*data)(const DisplayState &) = nullptr;
    std::string (*text)(const DisplayState &) = nullptr;
    bool optional = false; ///< not in reports of older versions
};

std::vector<StateRow> stateRows(const Aim &aim)
{
    using S = DisplayState;
    const std::string tone = toneName(aim.tone);
    const std::string black = aim.contrastRatio ? shortNumber(*aim.contrastRatio) : "";
    const bool isGamma = std::holds_alternative<GammaTone>(aim.tone);
    const bool isGsdf = aim.tone == ToneCurve(NamedTone::Gsdf);
    return {
        {"white_xyz", "", "", [](const S &s) { return data(s.white); }},
        {"black_xyz", "", "", [](const S &s) { return data(s.black); }},
        {"cct", "White point", whiteName(aim.white),
         [](const S &s) { return s.cct ? Json(s.cct->kelvin) : Json(nullptr); }, whiteText},
        {"duv", "", "", [](const S &s) { return s.cct ? Json(s.cct->duv) : Json(nullptr); }},
        {"delta_uv", "Distance from the aimed white, Δu'v'", "0",
         [](const S &s) { return data(s.deltaUv); },
         [](const S &s) { return number(s.deltaUv, 4); }},
        {"", "Luminance", aim.luminanceCdM2 ? shortNumber(*aim.luminanceCdM2) + " cd/m²" : "native",
         nullptr,
         [](const S &s) {
             return s.white ? fixedNumber(s.white->Y, 1) + " cd/m²" : std::string(kNone);
         }},
        {"", "Black", black.empty() ? "native" : "1:" + black, nullptr,
         [](const S &s) {
             return s.black ? fixedNumber(s.black->Y, 3) + " cd/m²" : std::string(kNone);
         }},
        {"contrast", "Contrast", black.empty() ? "native" : black + ":1",
         [](const S &s) { return data(s.contrast); },
         [](const S &s) { return number(s.contrast, 0, ": 1"); }},
        {"gamma", isGamma ? Words("Tone curve, as gamma (of the aimed curve)") : Words(), tone,
         [](const S &s) { return data(s.gamma); },
         [](const S &s) {
             return number(s.gamma, 2) + (s.aimedGamma ? " (" + number(s.aimedGamma, 2) + ")" : "");
         }},
        {"aimed_gamma", "", "", [](const S &s) { return data(s.aimedGamma); }, nullptr, true},
        {"tone_error", "Tone curve, luminance error, mean and worst", tone,
         [](const S &s) { return data(s.toneError); },
         [](const S &s) {
             return s.toneError ? percent(s.toneError, 1) + ", " + percent(s.toneWorst, 1)
                                : std::string(kNone);
         }},
        {"tone_worst", "", "", [](const S &s) { return data(s.toneWorst); }, nullptr, true},
        {"step_error", isGsdf ? Words("Contrast per just-noticeable step, worst error") : Words(),
         "0", [](const S &s) { return data(s.stepError); },
         [](const S &s) { return percent(s.stepError, 0); }, true},
        {"grey_balance", "Tint of the greys against the measured white, mean and worst ΔE00", "0",
         [](const S &s) { return data(s.greyBalance); },
         [](const S &s) { return number(s.greyBalance, 2) + ", " + number(s.greyWorst, 2); }},
        {"grey_worst", "", "", [](const S &s) { return data(s.greyWorst); }, nullptr, true},
        {"srgb_coverage", "Gamut, part of sRGB's area in u'v' that is covered", "native",
         [](const S &s) { return data(s.srgbCoverage); },
         [](const S &s) { return percent(s.srgbCoverage, 1); }},
        {"p3_coverage", "", "", [](const S &s) { return data(s.p3Coverage); }},
    };
}

/// States side by side; without a label a state is for programs only.
struct StateColumn {
    std::string key;
    Words label;
    const DisplayState *state;
};

Table stateTable(const Aim &aim, const std::vector<StateColumn> &states, Origin origin)
{
    Table table{.order = Table::Order::ColumnByColumn};
    const bool forPeople = !states.front().label.empty();
    if (forPeople)
        table.columns.push_back({"", "Aim"});
    for (const StateColumn &s : states)
        table.columns.push_back({s.state ? s.key : std::string(), s.label});
    for (const StateRow &r : stateRows(aim)) {
        Table::Row row{.key = r.key, .label = r.label, .origin = origin, .optional = r.optional};
        if (forPeople)
            row.cells.push_back({nullptr, figures(r.aim)});
        for (const StateColumn &s : states)
            row.cells.push_back(s.state ? Value{r.data ? r.data(*s.state) : Json(nullptr),
                                                r.text ? figures(r.text(*s.state)) : Words()}
                                        : Value{nullptr, figures(kNone)});
        table.rows.push_back(std::move(row));
    }
    return table;
}

void addDisplay(Section &out, const ReportData &r)
{
    out.add(Heading{"Display"});
    out.add(stateTable(r.aim,
                       {{"before", "Before", r.before ? &*r.before : nullptr},
                        {"after", "Now", r.after ? &*r.after : nullptr}},
                       Origin::Derived));
    if (r.aim.tone == ToneCurve(NamedTone::Gsdf))
        out.add(Prose{"A greyscale after DICOM PS3.14 alone makes no display fit for diagnosis; "
                      "this report does not say so."});
    if (r.aim.matchedByEye)
        out.add(Prose{
            {"White was matched by eye: Δu' %1, Δv' %2 were added to the aim.",
             {fixedNumber(r.aim.matchedByEye->u, 4), fixedNumber(r.aim.matchedByEye->v, 4)}}});
    else if (equalMayLookDifferent(r.technology))
        out.add(Prose{"This panel's light is narrow-banded: its white need not look like that of "
                      "another display or of paper with equal figures."});
}

Section statisticsSection(const std::string &key, const Statistics &s)
{
    Section out{key};
    for (const auto &[name, value] : {std::pair("mean", s.mean),
                                      {"median", s.median},
                                      {"p90", s.p90},
                                      {"p95", s.p95},
                                      {"max", s.max},
                                      {"deviation", s.deviation}})
        out.add(Entry{name, value, Origin::Derived});
    return out;
}

Section calibrationSection(const CalibrationResult &c)
{
    Section out{"calibration"};
    out.add(Heading{"Calibration"});
    out.add(Prose({"Greys from 5 % up against the aim: mean ΔE00 %1, worst %2 after rounds: %3; "
                   "levels kept of 256: %4.",
                   {fixedNumber(c.meanDeltaE00, 2), fixedNumber(c.maxDeltaE00, 2),
                    std::to_string(c.rounds), std::to_string(c.distinctLevels)}}));
    out.add(Entry{"aimed_white_xyz", data(c.aimedWhite)});
    out.add(Entry{"mean_delta_e_2000", c.meanDeltaE00, Origin::Derived});
    out.add(Entry{"max_delta_e_2000", c.maxDeltaE00, Origin::Derived});
    out.add(Entry{"rounds", c.rounds});
    out.add(Entry{"distinct_levels", c.distinctLevels});
    Table greys{.key = "greys",
                .columns = {{"code", ""},
                            {"aimed_xyz", ""},
                            {"measured_xyz", ""},
                            {"delta_e_2000", "", Origin::Derived}}};
    for (const GreyPoint &g : c.greys)
        greys.rows.push_back({.cells = {{g.code, kUnsaid},
                                        {data(g.aimed), kUnsaid},
                                        {data(g.measured), kUnsaid},
                                        {g.deltaE00, kUnsaid}}});
    out.add(std::move(greys));
    return out;
}

Section gamutPart(const std::string &key, int count, const Statistics &s)
{
    Section out{key};
    out.add(Entry{"count", count});
    // Which colours are within reach only the profile knows, which the report does not carry.
    Section statistics{"delta_e_2000"};
    for (const Block &b : statisticsSection("", s).blocks) {
        Entry e = std::get<Entry>(b);
        e.origin = Origin::Given;
        statistics.add(std::move(e));
    }
    out.add(std::move(statistics));
    return out;
}

Table patchTable(const Validation &v)
{
    Table table{.key = "patches",
                .columns = {{"name", "Colour"},
                            {"rgb", "RGB sent"},
                            {"aimed_lab", "L* a* b* aimed"},
                            {"measured_xyz", ""},
                            {"measured_lab", "L* a* b* measured", Origin::Derived},
                            {"delta_e_2000", "ΔE00", Origin::Derived},
                            {"delta_e_76", "ΔE76", Origin::Derived},
                            {"uncertainty", ""},
                            {"out_of_gamut", "of it out of gamut"}}};
    for (const ValidatedPatch &p : v.patches) {
        const DeviceRgb &rgb = p.aimed.rgb;
        const ReferenceColour &reference = p.aimed.reference;
        table.rows.push_back({.cells = {{reference.name, Words::own(reference.name)},
                                        {{rgb.r, rgb.g, rgb.b},
                                         figures(shortNumber(rgb.r) + " " + shortNumber(rgb.g) +
                                                 " " + shortNumber(rgb.b))},
                                        {data(reference.lab), figures(text(reference.lab))},
                                        {data(p.measured), kUnsaid},
                                        {data(p.lab), figures(text(p.lab))},
                                        {p.deltaE00, figures(fixedNumber(p.deltaE00, 2))},
                                        {p.deltaE76, figures(fixedNumber(p.deltaE76, 2))},
                                        {p.uncertainty, kUnsaid},
                                        {p.outOfGamut, figures(fixedNumber(p.outOfGamut, 2))}},
                              .swatch = reference.lab});
    }
    return table;
}

/// For programs only: R G B X Y Z and integration seconds, row by row.
Entry readings(const std::string &key, const std::vector<Reading> &readings)
{
    Json rows = Json::array();
    for (const Reading &r : readings)
        rows.push_back(
            {r.rgb.r, r.rgb.g, r.rgb.b, r.xyz.X, r.xyz.Y, r.xyz.Z, r.integrationSeconds});
    return {key, rows};
}

Entry repeatability(const Repeatability &s)
{
    Json correlation = Json::array();
    for (const auto &row : s.shotCorrelation.rowwise())
        correlation.push_back({row[0], row[1], row[2]});
    return {"repeatability",
            {{"floor", data(toXyz(s.floor))},
             {"shot", data(toXyz(s.shot))},
             {"shot_correlation", correlation},
             {"flicker", s.flicker},
             {"degrees_of_freedom", s.freedom}}};
}

/// Of an ISO 8601 time in UTC; a date alone stays as it is.
std::string timeText(const std::string &iso)
{
    constexpr size_t kDate = 10, kToMinutes = 16;
    return iso.size() < kToMinutes ? iso
                                   : iso.substr(0, kDate) + " " +
                                         iso.substr(kDate + 1, kToMinutes - kDate - 1) + " UTC";
}

/// When, with what, and which display. \param date as it is to be said
std::vector<Words> measured(const ReportData &r, const std::string &date)
{
    std::vector<Words> said{Message("Measured %1 with %2.", {date, ownName(r.meter)})};
    if (!r.correction.empty())
        said.emplace_back(Message("Correction of the meter: %1.", {r.correction}));
    if (!r.serial.empty())
        said.emplace_back(Message("Serial number of the display: %1.", {ownName(r.serial)}));
    return said;
}

Prose calls(const Verdict &v)
{
    return Prose(
        {"%1 — the aim: %2; the profile: %3.",
         {v.tolerance.title, callTitle(v.half(Half::Aim)), callTitle(v.half(Half::Profile))}},
        true);
}

void addCircumstances(Section &out, const ReportData &r)
{
    for (const auto &[key, value] : {std::pair("format", "bold-lantern-report"),
                                     {"display", r.display.c_str()},
                                     {"serial", r.serial.c_str()},
                                     {"meter", r.meter.c_str()},
                                     {"correction", r.correction.c_str()},
                                     {"date", r.date.c_str()},
                                     {"profile", r.profileName.c_str()}})
        out.add(Entry{key, value});
    out.add(Entry{"version", 1});
    out.add(Entry{"correction_kind", correctionKindKey(r.correctionKind)});
    out.add(Entry{"aim", aimToJson(r.aim)});
    out.add(Prose(measured(r, timeText(r.date))));
    out.add(Prose({Message("Aim: %1:", {r.aim.name}), figures(aimSummary(r.aim))}));
    if (!r.meterChanges.empty()) {
        Json changes = Json::array();
        for (const auto &[stage, from, to] : r.meterChanges) {
            changes.push_back({{"stage", stage}, {"from", from}, {"to", to}});
            out.add(Prose({"The meter was changed before the stage \"%1\": %2 read until then, %3 "
                           "since. The stated uncertainty is the last meter's.",
                           {stage, ownName(from), ownName(to)}}));
        }
        out.add(Entry{"meter_changes", changes});
    }
    if (!r.skipped.empty()) {
        std::vector<Words> points{"Not confirmed before the readings:"};
        for (const std::string &point : r.skipped)
            points.push_back(&point == &r.skipped.back() ? Message("%1.", {point})
                                                         : Message("%1;", {point}));
        out.add(Entry{"skipped", r.skipped});
        out.add(Prose(points));
    }
    if (!r.page.empty()) {
        out.add(Entry{"page", r.page});
        out.add(Prose{"The patches were shown by a page in the browser of this device, which may "
                      "convert colours on their way: the profile is of the display as that "
                      "browser drives it."});
    }
    if (r.certificate) {
        out.add(Entry{"certificate", certificateToJson(*r.certificate)});
        const Certificate &c = *r.certificate;
        std::vector<Words> said{Message("Certificate of the meter: %1 %2, %3, to be renewed by %4.",
                                        {c.laboratory, c.number, c.issued, c.due})};
        if (c.isOverdue(r.date))
            said.emplace_back("It had run out.");
        out.add(Prose(said));
    }
    if (r.settling) {
        out.add(Entry{"settling", settlingToJson(*r.settling)});
        out.add(Prose{settlingText(*r.settling)});
    }
}

void addControls(Section &out, const ReportData &r)
{
    const MonitorControls &c = *r.controls;
    out.add(Heading{"Monitor settings"});
    out.add(Entry{"controls", controlsToJson(c)});
    out.add(Entry{"controls_source", r.controlsTyped ? "typed" : "read"});
    std::vector<Words> said;
    if (r.capabilities.brightness)
        said.emplace_back(Message("Brightness %1.", {shortNumber(c.brightness)}));
    said.emplace_back(Message("Contrast %1.", {shortNumber(c.contrast)}));
    if (r.capabilities.gains)
        said.emplace_back(
            Message("Red gain %1, green gain %2, blue gain %3.",
                    {shortNumber(c.redGain), shortNumber(c.greenGain), shortNumber(c.blueGain)}));
    said.emplace_back(r.controlsTyped ? Words("They were typed in by a person.")
                                      : Words("They were read from the monitor."));
    out.add(Prose(said));
}

void addProfile(Section &out, const ReportData &r)
{
    out.add(Entry{"chart_patches", r.chartPatches});
    out.add(Entry{"profile_residual_delta_e_2000", r.profileResidual});
    out.add(Entry{"profile_expected_delta_e_2000", r.expectedError});
    if (r.profileName.empty())
        return;
    out.add(Heading{"Profile"});
    std::vector<Words> said{
        Message("%1, from %2 readings; mean difference between model and readings %3 ΔE00.",
                {ownName(r.profileName), std::to_string(r.chartPatches),
                 fixedNumber(r.profileResidual, 2)})};
    if (r.expectedError > 0)
        said.emplace_back(
            Message("Expected error for all colours %1 ΔE00.", {fixedNumber(r.expectedError, 2)}));
    out.add(Prose(said));
}

} // namespace

/// Each half's call, then every figure with its limit and what is known of its uncertainty.
Section verdictSection(const Verdict &v)
{
    Section out{"verdict"};
    for (const auto &[key, call] : {std::pair("aim", v.half(Half::Aim)),
                                    {"profile", v.half(Half::Profile)},
                                    {"overall", v.overall()}})
        out.add(Entry{key, callKey(call), Origin::Derived});
    out.add(Entry{"tolerance", v.tolerance.name});
    out.add(Entry{"source", v.tolerance.source});
    out.add(calls(v));
    out.add(Prose({Message("Limits: %1.", {v.tolerance.source}),
                   "Uncertainties are expanded (k = 2): scatter of the meter's readings, its "
                   "certificate, what its correction leaves, drift of the display. A value nearer "
                   "to its limit than that decides nothing. From differences, which are never "
                   "negative, what scatter adds to them is taken off; beside them how they were "
                   "read."}));
    Table judged{.key = "figures",
                 .columns = {{"figure", ""},
                             {"value", "Value"},
                             {"as_read", "As read"},
                             {"limit", "Limit"},
                             {"at_least", ""},
                             {"standard_uncertainty.total", "±", Origin::Derived},
                             {"standard_uncertainty.scatter", "Scatter"},
                             {"standard_uncertainty.certificate", "Certificate"},
                             {"standard_uncertainty.correction", "Correction"},
                             {"standard_uncertainty.drift", "Drift"},
                             {"call", "Call", Origin::Derived}}};
    for (const JudgedFigure &f : v.figures) {
        const Budget &u = f.uncertainty;
        const auto part = [&](double share) {
            return Value{share, figures(share > 0 ? figureText(f.figure, kCoverageFactor * share)
                                                  : std::string(kNone))};
        };
        judged.rows.push_back({.label = words(figureTitle(f.figure, v.tolerance.formula)),
                               .cells = {{figureKey(f.figure), kUnsaid},
                                         {f.value, figures(figureText(f.figure, f.value))},
                                         {f.asRead, figures(figureText(f.figure, f.asRead))},
                                         {f.limit, figures((f.atLeast ? "≥ " : "≤ ") +
                                                           figureText(f.figure, f.limit))},
                                         {f.atLeast, kUnsaid},
                                         part(u.total()),
                                         part(u.scatter),
                                         part(u.certificate),
                                         part(u.mismatch),
                                         part(u.drift),
                                         {callKey(f.call), words(callTitle(f.call))}}});
    }
    out.add(std::move(judged));
    return out;
}

namespace {

/// The colours by the formula that the verdict is by.
Section byFormula(const Validation &v)
{
    std::vector<double> all;
    for (const ValidatedPatch &p : v.patches)
        all.push_back(differenceOf(p, v));
    Section out = statisticsSection("by_formula", statistics(all));
    const Statistics s = statistics(all);
    out.add(Prose({"By %1: mean %2, median %3, worst %4.",
                   {formulaSymbol(v.verdict.tolerance.formula), fixedNumber(s.mean, 2),
                    fixedNumber(s.median, 2), fixedNumber(s.max, 2)}}));
    return out;
}

} // namespace

Section validationSection(const Validation &v)
{
    Section out{"validation"};
    out.add(Heading{"Colour accuracy"});
    out.add(verdictSection(v.verdict));
    out.add(Prose({"Of all colours, as read: mean ΔE00 %1, median %2, 90 % are below %3, 95 % are "
                   "below %4, worst %5, standard deviation %6.",
                   {fixedNumber(v.deltaE00.mean, 2), fixedNumber(v.deltaE00.median, 2),
                    fixedNumber(v.deltaE00.p90, 2), fixedNumber(v.deltaE00.p95, 2),
                    fixedNumber(v.deltaE00.max, 2), fixedNumber(v.deltaE00.deviation, 2)}}));
    for (const Message &weak : weaknessInWords(v))
        out.add(Prose{weak});
    if (v.verdict.tolerance.formula != DifferenceFormula::De2000)
        out.add(byFormula(v));
    out.add(statisticsSection("delta_e_2000", v.deltaE00));
    out.add(statisticsSection("delta_e_76", v.deltaE76));
    const int beyond = static_cast<int>(v.patches.size()) - v.reachableCount;
    if (beyond > 0)
        out.add(Prose({"%1 within the display's gamut: mean %2, worst %3; %4 beyond it: mean %5, "
                       "worst %6.",
                       {std::to_string(v.reachableCount), fixedNumber(v.reachable.mean, 2),
                        fixedNumber(v.reachable.max, 2), std::to_string(beyond),
                        fixedNumber(v.unreachable.mean, 2), fixedNumber(v.unreachable.max, 2)}}));
    out.add(gamutPart("within_gamut", v.reachableCount, v.reachable));
    out.add(gamutPart("beyond_gamut", beyond, v.unreachable));
    const std::string white = fixedNumber(v.white.Y, 1);
    out.add(Prose(
        {v.against.empty()
             ? Message("%1, shown through the profile,", {v.referenceName})
             : Message("%1, held against %2 without a profile,", {v.referenceName, v.against}),
         v.isAbsolute ? Message("relative to the aimed white of %1 cd/m².", {white})
                      : Message("relative to the measured white of %1 cd/m².", {white})}));
    out.add(Entry{"reference", v.referenceName});
    out.add(Entry{"formula", formulaKey(v.verdict.tolerance.formula)});
    out.add(Entry{"white_basis", v.isAbsolute ? "aimed" : "measured"});
    out.add(Entry{"against", v.against.empty() ? Json("profile") : Json(v.against)});
    out.add(Entry{"white_xyz", data(v.white)});
    out.add(stateTable(Aim{}, {{"state", kUnsaid, &v.state}}, Origin::Given));
    out.add(patchTable(v));
    return out;
}

namespace {

void addStudio(Section &out, const Studio &s)
{
    if (!s.logo.empty())
        out.add(Picture{"logo", s.logoType, s.logo});
    if (!s.name.empty()) {
        Prose name({Words::own(s.name)});
        name.strong = true;
        out.add(std::move(name));
    }
    if (!s.text.empty())
        out.add(Prose({Words::own(s.text)}));
    if (!s.name.empty() || !s.text.empty())
        out.add(Entry{"studio", {{"name", s.name}, {"text", s.text}}});
}

/// For people: all readings as taken. For programs they are in "readings".
void addReadings(Section &out, const Message &title, const std::vector<Reading> &readings,
                 bool onNewPage)
{
    if (readings.empty())
        return;
    out.add(Heading{title, onNewPage});
    std::string text = "     #      R      G      B          X          Y          Z cd/m²\n";
    int number = 0;
    const auto column = [&](const std::string &cell, size_t width) {
        text += std::string(cell.size() < width ? width - cell.size() : 0, ' ') + cell;
    };
    for (const Reading &r : readings) {
        column(std::to_string(++number), 6);
        for (const double v : {r.rgb.r, r.rgb.g, r.rgb.b})
            column(shortNumber(v), 7);
        for (const double v : {r.xyz.X, r.xyz.Y, r.xyz.Z})
            column(fixedNumber(v, 4), 11);
        text += '\n';
    }
    out.add(Listing{text});
}

/// What the first readings told of the display.
void addFirstLook(Section &out, const ReportData &r)
{
    const auto sights = firstLook(r.readings.before, r.patchGain);
    if (sights.empty())
        return;
    Json all = Json::array();
    for (const FirstSight &s : sights) {
        const std::string said = s.what.inEnglish() + " " + s.cause.inEnglish();
        all.push_back(said);
        out.add(Prose({s.what, s.cause}));
    }
    out.add(Entry{"first_look", all});
}

void addDiagrams(Section &out, const ReportData &r)
{
    const auto diagrams = diagramsOf(r);
    if (diagrams.empty())
        return;
    out.add(Heading{"Diagrams", true});
    Gallery row;
    constexpr double kHalf = 248; // of a page
    for (const Diagram &d : diagrams) {
        const bool fits =
            row.drawings.empty() || row.drawings.front().diagram.isSquare == d.isSquare;
        if (!fits || row.drawings.size() == 2)
            out.add(std::exchange(row, {}));
        row.drawings.push_back({d, kHalf, d.isSquare ? kHalf : 180.0});
    }
    out.add(row);
}

} // namespace

Section shortReport(const ReportData &r)
{
    Section out;
    addStudio(out, r.studio);
    out.add(Prose(measured(r, r.date.substr(0, 10))));
    out.add(Prose({"Aim:", figures(aimSummary(r.aim))}));
    if (r.validation) {
        const Verdict &v = r.validation->verdict;
        out.add(calls(v));
        for (const Message &weak : weaknessInWords(*r.validation))
            out.add(Prose{weak});
    }
    addDisplay(out, r);
    Gallery row;
    for (const Diagram &d : diagramsOf(r))
        if (d.key == "tone" || d.key == "share")
            row.drawings.push_back({d, 248, 170});
    out.add(row);
    if (!r.profileName.empty())
        out.add(Prose({"Profile: %1.", {r.profileName}}));
    if (r.certificate)
        out.add(Prose({"Certificate of the meter: %1 %2, to be renewed by %3.",
                       {r.certificate->laboratory, r.certificate->number, r.certificate->due}}));
    return out;
}

Section reportDocument(const ReportData &r)
{
    Section out;
    addStudio(out, r.studio);
    addCircumstances(out, r);
    addDisplay(out, r);
    addFirstLook(out, r);
    if (r.controls)
        addControls(out, r);
    if (r.calibration)
        out.add(calibrationSection(*r.calibration));
    addProfile(out, r);
    if (r.validation)
        out.add(validationSection(*r.validation));
    addDiagrams(out, r);
    addReadings(out, "Readings of the display as it was found", r.readings.before, true);
    addReadings(out, "Readings of the chart", r.readings.chart, r.readings.before.empty());
    if (r.repeatability)
        out.add(repeatability(*r.repeatability));
    Section kept{"readings"};
    kept.add(readings("before", r.readings.before));
    kept.add(readings("chart", r.readings.chart));
    out.add(std::move(kept));
    return out;
}

} // namespace lantern
