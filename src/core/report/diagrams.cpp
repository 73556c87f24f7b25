#include "core/report/diagrams.h"

#include "core/base/text.h"
#include "core/colour/spectra.h"
#include "core/model/display_model.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace lantern {

namespace {

constexpr double kGap = std::numeric_limits<double>::quiet_NaN();

double percentOf(const Reading &grey)
{
    return 100 * grey.rgb.r / kDeviceTop;
}

/// Greys by rising code value.
std::vector<Reading> rising(std::vector<Reading> greys)
{
    std::sort(greys.begin(), greys.end(),
              [](const Reading &a, const Reading &b) { return a.rgb.r < b.rgb.r; });
    return greys;
}

DiagramCurve looking(DiagramCurve c, const std::string &name, Ink ink, Stroke stroke,
                     bool dots = false)
{
    c.name = name;
    c.ink = ink;
    c.stroke = stroke;
    c.dots = dots;
    return c;
}

double reachOf(const std::vector<DiagramCurve> &curves, double least)
{
    double reach = least;
    for (const DiagramCurve &c : curves)
        for (const double y : c.y)
            if (std::isfinite(y))
                reach = std::max(reach, 1.2 * std::abs(y));
    return reach;
}

Diagram toneDiagram(const ReportData &r, const std::vector<Reading> &now)
{
    Diagram d{"tone", "Tone curve", "code value, %", "L*", 0, 100, 0, 100};
    const double white = now.back().xyz.Y;
    if (!std::holds_alternative<NativeTone>(r.aim.tone))
        d.curves.push_back(
            looking(aimedCurve(r.aim.tone, std::max(0.0, now.front().xyz.Y / white), white),
                    "aim · " + toneName(r.aim.tone), Ink::Aim, Stroke::Solid));
    if (r.before && r.before->white)
        d.curves.push_back(looking(lightnessCurve(rising(r.before->greys), r.before->white->Y),
                                   "before", Ink::Faint, Stroke::Dashed));
    d.curves.push_back(looking(lightnessCurve(now, white), "now", Ink::Main, Stroke::None, true));
    return d;
}

Diagram gammaDiagram(const ReportData &r, const std::vector<Reading> &now)
{
    Diagram d{"gamma", "Exponent over level", "code value, %", "exponent", 0, 100, 1.4, 3};
    if (r.before && !r.before->greys.empty())
        d.curves.push_back(
            looking(exponentCurve(rising(r.before->greys)), "before", Ink::Faint, Stroke::Dashed));
    d.curves.push_back(looking(exponentCurve(now), "now", Ink::Main, Stroke::Solid, true));
    return d;
}

void addLutDiagrams(std::vector<Diagram> &out, const VideoLut &lut)
{
    Diagram correction{
        "correction", "Correction by the video LUT", "code value, %", "change, %", 0, 100, -1, 1};
    correction.curves = lutCurves(lut, true);
    correction.yMost = reachOf(correction.curves, 1);
    correction.yLeast = -correction.yMost;
    out.push_back(correction);
    Diagram whole{"lut", "Video LUT", "code value, %", "output, %", 0, 100, 0, 100};
    whole.curves = lutCurves(lut, false);
    out.push_back(whole);
}

void addGreyDiagrams(std::vector<Diagram> &out, const ReportData &r,
                     const std::vector<Reading> &now)
{
    const XYZ white = now.back().xyz;
    Diagram tint{"grey-tint", "Tint of the greys", "code value, %", "a*, b*", 0, 100, -1, 1};
    if (r.before && r.before->white) {
        const auto before = rising(r.before->greys);
        tint.curves.push_back(looking(tintCurve(before, *r.before->white, &Lab::a), "before, a*",
                                      Ink::Faint, Stroke::Dashed));
        tint.curves.push_back(looking(tintCurve(before, *r.before->white, &Lab::b), "before, b*",
                                      Ink::Faint, Stroke::Dotted));
    }
    tint.curves.push_back(
        looking(tintCurve(now, white, &Lab::a), "now, a*", Ink::Main, Stroke::Solid, true));
    tint.curves.push_back(
        looking(tintCurve(now, white, &Lab::b), "now, b*", Ink::Second, Stroke::Dashed, true));
    tint.yMost = reachOf(tint.curves, 1);
    tint.yLeast = -tint.yMost;
    out.push_back(tint);

    Diagram uv{"grey-uv", "Greys from white", "code value, %", "1000 Δu'v', ΔC", 0, 100, 0, 1};
    DiagramCurve distance;
    DiagramCurve chromas;
    const RelXYZ relativeWhite = relativeTo(white, white);
    for (const Reading &g : now) {
        constexpr double kDarkest = 0.02; // of white: below, chromaticity is noise
        if (g.xyz.Y < kDarkest * white.Y)
            continue;
        distance.x.push_back(percentOf(g));
        distance.y.push_back(1000 * deltaUvPrime(uvPrime(g.xyz), uvPrime(white)));
        chromas.x.push_back(percentOf(g));
        chromas.y.push_back(chroma(labFromXyz(relativeTo(g.xyz, white), relativeWhite)));
    }
    uv.curves = {looking(distance, "1000 Δu'v'", Ink::Main, Stroke::Solid, true),
                 looking(chromas, "ΔC", Ink::Second, Stroke::Dashed, true)};
    uv.yMost = reachOf(uv.curves, 1);
    out.push_back(uv);
}

Diagram gamutDiagram(const PrimarySet &own, bool inXy)
{
    Diagram d;
    d.key = inXy ? "gamut-xy" : "gamut-uv";
    d.title = inXy ? "Gamut on x y" : "Gamut on u' v'";
    d.xLabel = inXy ? "x" : "u'";
    d.yLabel = inXy ? "y" : "v'";
    d.xMost = inXy ? 0.8 : 0.65;
    d.yMost = inXy ? 0.9 : 0.62;
    d.isSquare = true;
    d.curves = {looking(locusCurve(inXy), "", Ink::Faint, Stroke::Solid),
                looking(triangleCurve(kSrgbPrimaries, inXy), "sRGB", Ink::Second, Stroke::Dashed),
                looking(triangleCurve(kP3Primaries, inXy), "P3", Ink::Second, Stroke::Dotted),
                looking(triangleCurve(own, inXy), "this display", Ink::Main, Stroke::Solid)};
    return d;
}

void addValidation(std::vector<Diagram> &out, const Validation &v)
{
    const std::string symbol = formulaSymbol(v.verdict.tolerance.formula);
    std::vector<double> values;
    for (const ValidatedPatch &p : v.patches)
        if (p.outOfGamut <= kReachable)
            values.push_back(differenceOf(p, v));
    if (!values.empty()) {
        Diagram share{"share", "Share of colours below", symbol, "%", 0, 1, 0, 100};
        const auto &t = v.verdict.tolerance;
        const double most = *std::max_element(values.begin(), values.end());
        share.xMost = 1.1 * std::max(most, t.colourWorst.value_or(t.colour95.value_or(0)));
        if (t.colour95) {
            const double end = t.colourWorst.value_or(*t.colour95);
            share.curves.push_back({"limits",
                                    {*t.colour95, *t.colour95, end, end},
                                    {0, 95, 95, 100},
                                    Ink::Second,
                                    Stroke::Dashed});
        }
        for (DiagramCurve &c : shareCurves(values)) {
            if (!c.dots) { // on to the end of the axis
                c.x.push_back(share.xMost);
                c.y.push_back(100);
            }
            share.curves.push_back(std::move(c));
        }
        out.push_back(share);
    }
    if (v.patches.empty())
        return;
    const Roses r = rosesOf(v);
    Diagram roses{"roses",
                  r.magnified > 1
                      ? filled("Error roses, %1 times as long", {shortNumber(r.magnified)})
                      : "Error roses, as it is",
                  "a*",
                  "b*",
                  -r.reach,
                  r.reach,
                  -r.reach,
                  r.reach,
                  {r.stems, r.aims},
                  true};
    if (!r.over.x.empty())
        roses.curves.push_back(r.over);
    out.push_back(roses);
}

} // namespace

DiagramCurve lightnessCurve(const std::vector<Reading> &greys, double whiteCdM2)
{
    DiagramCurve c;
    for (const Reading &g : greys) {
        c.x.push_back(percentOf(g));
        c.y.push_back(100 * lightnessOf(g.xyz.Y / whiteCdM2));
    }
    return c;
}

DiagramCurve tintCurve(const std::vector<Reading> &greys, const XYZ &white, double Lab::*part)
{
    DiagramCurve c;
    const RelXYZ relativeWhite = relativeTo(white, white);
    for (const Reading &g : greys) {
        c.x.push_back(percentOf(g));
        c.y.push_back(labFromXyz(relativeTo(g.xyz, white), relativeWhite).*part);
    }
    return c;
}

DiagramCurve aimedCurve(const ToneCurve &tone, double black, double whiteCdM2)
{
    DiagramCurve c;
    for (int i = 0; i <= 100; ++i) {
        c.x.push_back(i);
        c.y.push_back(100 * lightnessOf(toneLuminance(tone, i / 100.0, {black, whiteCdM2})));
    }
    return c;
}

DiagramCurve exponentCurve(const std::vector<Reading> &greys)
{
    DiagramCurve c;
    if (greys.size() < 2)
        return c;
    const auto [least, most] =
        std::minmax_element(greys.begin(), greys.end(),
                            [](const Reading &a, const Reading &b) { return a.rgb.r < b.rgb.r; });
    const double black = least->rgb.r == 0 ? least->xyz.Y : 0;
    const double reach = most->xyz.Y - black;
    constexpr double kLowest = 0.05; // of the code values: below, black decides
    constexpr double kHighest = 0.97;
    for (const Reading &g : greys) {
        const double v = g.rgb.r / kDeviceTop;
        const double light = (g.xyz.Y - black) / reach;
        if (v < kLowest || v > kHighest || light <= 0)
            continue;
        c.x.push_back(100 * v);
        c.y.push_back(std::log(light) / std::log(v));
    }
    return c;
}

std::vector<DiagramCurve> lutCurves(const VideoLut &lut, bool differenceOnly)
{
    std::vector<DiagramCurve> curves = {{"red", {}, {}, Ink::Red, Stroke::Solid},
                                        {"green", {}, {}, Ink::Green, Stroke::Dashed},
                                        {"blue", {}, {}, Ink::Blue, Stroke::Dotted}};
    for (size_t c = 0; c < curves.size(); ++c)
        for (int i = 0; i < VideoLut::kSize; ++i) {
            const double in = i / double(VideoLut::kSize - 1);
            const double out = lut.channels[c][static_cast<size_t>(i)] / 65535.0;
            curves[c].x.push_back(100 * in);
            curves[c].y.push_back(100 * (differenceOnly ? out - in : out));
        }
    return curves;
}

std::vector<DiagramCurve> shareCurves(std::vector<double> values)
{
    std::sort(values.begin(), values.end());
    DiagramCurve steps{"", {0}, {0}};
    for (size_t i = 0; i < values.size(); ++i) {
        steps.x.insert(steps.x.end(), {values[i], values[i]});
        steps.y.push_back(steps.y.back());
        steps.y.push_back(100.0 * static_cast<double>(i + 1) / static_cast<double>(values.size()));
    }
    const Statistics s = statistics(values);
    return {{"", {s.median, s.p90, s.p95}, {50, 90, 95}, Ink::Main, Stroke::None, true}, steps};
}

Roses rosesOf(const Validation &v)
{
    Roses r;
    std::vector<double> lengths;
    double reach = 10;
    for (const ValidatedPatch &p : v.patches) {
        const Lab &aimed = p.aimed.reference.lab;
        lengths.push_back(std::hypot(p.lab.a - aimed.a, p.lab.b - aimed.b));
        reach = std::max({reach, std::abs(aimed.a), std::abs(aimed.b)});
    }
    if (lengths.empty())
        return r;
    // The longest of nearly all is an eighth of the plane at most; of the steps that a scale has.
    const double long95 = std::max(1e-3, statistics(lengths).p95);
    for (const double step : {2.0, 5.0, 10.0, 20.0, 50.0})
        if (step * long95 <= reach / 4)
            r.magnified = step;
    r.aims = {"aimed", {}, {}, Ink::Second, Stroke::None, true};
    r.stems = {"", {}, {}, Ink::Main, Stroke::Solid};
    r.over = {"over the limit", {}, {}, Ink::Red, Stroke::Solid};
    const double limit = v.verdict.tolerance.colourWorst.value_or(1e9);
    for (const ValidatedPatch &p : v.patches) {
        const Lab &from = p.aimed.reference.lab;
        DiagramCurve &stem = differenceOf(p, v) > limit ? r.over : r.stems;
        stem.x.insert(stem.x.end(), {from.a, from.a + r.magnified * (p.lab.a - from.a), kGap});
        stem.y.insert(stem.y.end(), {from.b, from.b + r.magnified * (p.lab.b - from.b), kGap});
        r.aims.x.push_back(from.a);
        r.aims.y.push_back(from.b);
    }
    r.reach = 1.15 * reach;
    return r;
}

namespace {

void addPoint(DiagramCurve &c, const Chromaticity &xy, bool inXy)
{
    const UvPrime uv = uvPrime(xy);
    c.x.push_back(inXy ? xy.x : uv.u);
    c.y.push_back(inXy ? xy.y : uv.v);
}

} // namespace

DiagramCurve triangleCurve(const PrimarySet &primaries, bool inXy)
{
    DiagramCurve c;
    for (const size_t i : {0, 1, 2, 0})
        addPoint(c, primaries[i], inXy);
    return c;
}

DiagramCurve locusCurve(bool inXy)
{
    DiagramCurve c;
    for (int nm = 410; nm <= 700; nm += 5) {
        const auto i = static_cast<size_t>(cmfIndex(nm));
        addPoint(c, chromaticity(XYZ{cie1931().x[i], cie1931().y[i], cie1931().z[i]}), inXy);
    }
    c.x.push_back(c.x.front());
    c.y.push_back(c.y.front());
    return c;
}

std::vector<Diagram> diagramsOf(const ReportData &r)
{
    std::vector<Diagram> out;
    const DisplayState *state = r.after ? &*r.after : r.before ? &*r.before : nullptr;
    const auto now = state ? rising(state->greys) : std::vector<Reading>{};
    const bool hasGreys = now.size() > 2 && now.back().rgb.r == kDeviceTop && now.back().xyz.Y > 0;
    if (hasGreys) {
        out.push_back(toneDiagram(r, now));
        out.push_back(gammaDiagram(r, now));
    }
    if (r.calibration)
        addLutDiagrams(out, r.calibration->lut);
    if (hasGreys)
        addGreyDiagrams(out, r, now);
    if (state && state->primaries)
        for (const bool inXy : {false, true})
            out.push_back(gamutDiagram(*state->primaries, inXy));
    if (r.validation)
        addValidation(out, *r.validation);
    return out;
}

} // namespace lantern
