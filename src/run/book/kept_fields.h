#pragma once

// The fields of all values that the logbook keeps. See fields.h.

#include "run/book/fields.h"
#include "run/book/stage_result.h"

namespace lantern::run {

template <> struct KeptKeys<Figure> {
    static constexpr std::array values = {
        Figure::White,        Figure::Luminance,  Figure::Brightness, Figure::Contrast,
        Figure::BareContrast, Figure::ToneMean,   Figure::GreySteps,  Figure::GreyMean,
        Figure::GreyWorst,    Figure::ColourMean, Figure::Colour95,   Figure::ColourWorst,
        Figure::EvenLight,    Figure::EvenTint,   Figure::EvenColour};
    static std::string key(Figure figure) { return figureKey(figure); }
};

template <> struct KeptKeys<DifferenceFormula> {
    using F = DifferenceFormula;
    static constexpr std::array values = {F::De2000, F::De76, F::De94, F::Cmc, F::Itp};
    static std::string key(DifferenceFormula formula) { return formulaKey(formula); }
};

template <> struct KeptKeys<Call> {
    static constexpr std::array values = {Call::NotJudged, Call::Within, Call::CannotTell,
                                          Call::Over};
    static std::string key(Call call) { return callKey(call); }
};

template <> struct KeptKeys<CheckFirst::Verdict> {
    using V = CheckFirst::Verdict;
    static constexpr std::array values = {V::Holds, V::Drifting, V::Redo};
    static std::string key(V verdict)
    {
        return verdict == V::Holds ? "holds" : verdict == V::Drifting ? "drifting" : "redo";
    }
};

template <class A> void fields(A &a, MonitorControls &c)
{
    a("brightness", c.brightness);
    a("contrast", c.contrast);
    a("red_gain", c.redGain);
    a("green_gain", c.greenGain);
    a("blue_gain", c.blueGain);
}

template <class A> void fields(A &a, Cct &c)
{
    a("kelvin", c.kelvin);
    a("duv", c.duv);
}

template <class A> void fields(A &a, DisplayState &s)
{
    a("white", s.white);
    a("black", s.black);
    a("cct", s.cct);
    a("delta_uv", s.deltaUv);
    a("contrast", s.contrast);
    a("gamma", s.gamma);
    a("aimed_gamma", s.aimedGamma);
    a("tone_error", s.toneError);
    a("tone_worst", s.toneWorst);
    a("step_error", s.stepError);
    a("grey_balance", s.greyBalance);
    a("grey_worst", s.greyWorst);
    a("primaries", s.primaries);
    a("srgb_coverage", s.srgbCoverage);
    a("p3_coverage", s.p3Coverage);
    a("greys", s.greys);
}

template <class A> void fields(A &a, Approach &approach)
{
    a("time_constant_seconds", approach.timeConstantSeconds);
    a("left", approach.left);
}

template <class A> void fields(A &a, Settling &s)
{
    a("rise", s.rise);
    a("fall", s.fall);
}

template <class A> void fields(A &a, WhiteReading &w)
{
    a("controls", w.controls);
    a("white", w.white);
}

template <class A> void fields(A &a, Advice &advice)
{
    a("controls", advice.controls);
    a("wanted", advice.wanted);
    a("delta_uv", advice.deltaUv);
    a("luminance_error", advice.luminanceError);
    a("settled", advice.settled);
}

template <class A> void fields(A &a, GreyPoint &g)
{
    a("code", g.code);
    a("aimed", g.aimed);
    a("measured", g.measured);
    a("delta_e_2000", g.deltaE00);
}

template <class A> void fields(A &a, VideoLut &lut)
{
    a("channels", lut.channels);
}

template <class A> void fields(A &a, SlotTable &slot)
{
    a("channels", slot.channels);
    a.later("mix", slot.mix, SlotTable::kNoMix);
    a.later("exponent", slot.exponent, SlotTable{}.exponent);
}

template <class A> void fields(A &a, CalibrationResult &c)
{
    a("lut", c.lut);
    a("slot", c.slot);
    a("aimed_white", c.aimedWhite);
    a("greys", c.greys);
    a("mean_delta_e_2000", c.meanDeltaE00);
    a("max_delta_e_2000", c.maxDeltaE00);
    a("mean_tone_error", c.meanToneError);
    a("rounds", c.rounds);
    a("distinct_levels", c.distinctLevels);
    a("panel_bits", c.panelBits);
}

template <class A> void fields(A &a, Repeatability &r)
{
    a("floor", r.floor);
    a("shot", r.shot);
    a("flicker", r.flicker);
    a("shot_correlation", r.shotCorrelation);
    a("freedom", r.freedom);
}

template <class A> void fields(A &a, ExpectedError &e)
{
    a("patches", e.patches);
    a("mean_delta_e_2000", e.meanDeltaE00);
}

template <class A> void fields(A &a, Statistics &s)
{
    a("mean", s.mean);
    a("median", s.median);
    a("p90", s.p90);
    a("p95", s.p95);
    a("max", s.max);
    a("deviation", s.deviation);
}

template <class A> void fields(A &a, ReferenceColour &c)
{
    a("name", c.name);
    a("lab", c.lab);
}

template <class A> void fields(A &a, AimedPatch &p)
{
    a("reference", p.reference);
    a("rgb", p.rgb);
    a("reachable", p.reachable);
    a("sent", p.sent);
}

template <class A> void fields(A &a, ValidatedPatch &p)
{
    a("aimed", p.aimed);
    a("measured", p.measured);
    a("lab", p.lab);
    a("delta_e_76", p.deltaE76);
    a("delta_e_2000", p.deltaE00);
    a("out_of_gamut", p.outOfGamut);
    a("profile_error", p.profileError);
    a("uncertainty", p.uncertainty);
}

template <class A> void fields(A &a, Budget &b)
{
    a("scatter", b.scatter);
    a("certificate", b.certificate);
    a("mismatch", b.mismatch);
    a("drift", b.drift);
}

template <class A> void fields(A &a, JudgedFigure &f)
{
    a("figure", f.figure);
    a("value", f.value);
    a("as_read", f.asRead);
    a("limit", f.limit);
    a("at_least", f.atLeast);
    a("uncertainty", f.uncertainty);
    a("call", f.call);
}

template <class A> void fields(A &a, Tolerance &t)
{
    a("name", t.name);
    a("title", t.title);
    a("source", t.source);
    a("white_delta_uv", t.whiteDeltaUv);
    a("luminance", t.luminance);
    a("least_luminance", t.leastLuminance);
    a("least_contrast", t.leastContrast);
    a("contrast", t.contrast);
    a("tone_mean", t.toneMean);
    a("grey_steps", t.greySteps);
    a("grey_mean", t.greyMean);
    a("grey_worst", t.greyWorst);
    a("colour_mean", t.colourMean);
    a("colour_95", t.colour95);
    a("colour_worst", t.colourWorst);
    a.later("formula", t.formula);
    a.later("even_light", t.evenLight);
    a.later("even_tint", t.evenTint);
    a.later("even_colour", t.evenColour);
    // Where single limits come from, as pairs.
    std::vector<std::array<std::string, 2>> sources;
    for (const auto &[key, source] : t.limitSources)
        sources.push_back({key, source});
    a.later("limit_sources", sources);
    for (const auto &[key, source] : sources)
        t.limitSources.emplace(key, source);
}

template <class A> void fields(A &a, Verdict &v)
{
    a("tolerance", v.tolerance);
    a("figures", v.figures);
}

template <class A> void fields(A &a, EvennessGrid &g)
{
    a("columns", g.columns);
    a("rows", g.rows);
}

template <class A> void fields(A &a, EvennessSpot &s)
{
    a("column", s.column);
    a("row", s.row);
}

template <class A> void fields(A &a, EvennessReading &r)
{
    a("spot", r.spot);
    a("visit", r.visit);
    a("level", r.level);
    a("reading", r.reading);
    a("seconds", r.seconds);
}

template <class A> void fields(A &a, EvenField &f)
{
    a("spot", f.spot);
    a("level", f.level);
    a("xyz", f.xyz);
    a("ratio", f.ratio);
    a("delta_uv", f.deltaUv);
    a("shift", f.shift);
    a("delta_e_2000", f.deltaE00);
}

template <class A> void fields(A &a, EvenLevel &l)
{
    a("grey", l.grey);
    a("centre", l.centre);
    a("least", l.least);
    a("most", l.most);
    a("worst_delta_uv", l.worstDeltaUv);
    a("mean_delta_e_2000", l.meanDeltaE00);
    a("worst_delta_e_2000", l.worstDeltaE00);
}

template <class A> void fields(A &a, EveningCost &c)
{
    a("of_light", c.ofLight);
    a("of_colour", c.ofColour);
}

template <class A> void fields(A &a, Evenness &e)
{
    a("grid", e.grid);
    a("greys", e.greys);
    a("readings", e.readings);
    a("colours", e.colours);
    a("fields", e.fields);
    a("levels", e.levels);
    a("drift", e.drift);
    a("cost", e.cost);
    a("verdict", e.verdict);
}

inline void checkTogether(const FieldReader &reader, const Evenness &e)
{
    const auto isSide = [](int n) { return n >= EvennessGrid::kLeast && n <= EvennessGrid::kMost; };
    reader.require(isSide(e.grid.columns) && isSide(e.grid.rows), "has no grid that can be");
    reader.require(!e.greys.empty() && e.levels.size() == e.greys.size(),
                   "has not one level for each grey");
    const auto isIn = [&](const EvennessSpot &spot, int level) {
        const bool isOfGrid = spot.column >= 1 && spot.column <= e.grid.columns && spot.row >= 1 &&
                              spot.row <= e.grid.rows;
        return (isOfGrid || spot == EvennessSpot{}) && level < static_cast<int>(e.greys.size());
    };
    for (const EvenField &f : e.fields)
        reader.require(isIn(f.spot, f.level) && !f.spot.isCentre(), "has a field beside its grid");
    for (const EvennessReading &r : e.readings)
        reader.require(isIn(r.spot, r.level), "has a reading beside its grid");
}

template <class A> void fields(A &a, Validation &v)
{
    a("reference", v.referenceName);
    a("white", v.white);
    a("patches", v.patches);
    a("delta_e_2000", v.deltaE00);
    a("delta_e_76", v.deltaE76);
    a("reachable", v.reachable);
    a("unreachable", v.unreachable);
    a("reachable_count", v.reachableCount);
    a("mean_delta_e_2000", v.meanDeltaE00);
    a("state", v.state);
    a("verdict", v.verdict);
    a.later("absolute", v.isAbsolute);
    a.later("against", v.against);
}

template <class A> void fields(A &a, WarmUp &w)
{
    a("enough", w.enough);
    a("warm", w.warm);
    a("drift", w.drift);
    a("at_most", w.atMost);
    a("minutes_to_warm", w.minutesToWarm);
}

template <class A> void fields(A &a, TimedWhite &w)
{
    a("minutes", w.minutes);
    a("white", w.white);
}

template <class A> void fields(A &a, Placement &p)
{
    a("x", p.x);
    a("y", p.y);
    a("unrest", p.unrest);
    a("contrast", p.contrast);
    a.later("patch_gain", p.patchGain);
}

template <class A> void fields(A &a, CheckFirst::Patch &p)
{
    a("rgb", p.rgb);
    a("now", p.now);
    a("then_lab", p.then);
    a("now_lab", p.nowLab);
    a("delta_e_2000", p.deltaE00);
}

template <class A> void fields(A &a, CheckFirst &c)
{
    a("verdict", c.verdict);
    a("figures", c.figures);
    a("mean_delta_e_2000", c.meanDeltaE00);
    a("worst_delta_e_2000", c.worstDeltaE00);
    a("uncertainty", c.uncertainty);
    a("white_delta_uv", c.whiteDeltaUv);
    a("luminance_ratio", c.luminanceRatio);
    a("black_ratio", c.blackRatio);
    a("grey_delta_e_2000", c.greyDeltaE00);
    a("close_call", c.closeCall);
    a("patches", c.patches);
}

// What the stages made. Profiles are bytes of their own beside these.

template <class A> void fields(A &a, SettleResult &r)
{
    a("settling", r.learned);
}

template <class A> void fields(A &a, ReadyResult &r)
{
    a("readings", r.found);
    a("state", r.before);
}

template <class A> void fields(A &a, AdjustResult &r)
{
    a("whites", r.whites);
    a("advice", r.advice);
    a("controls", r.controls);
}

template <class A> void fields(A &a, MeasureResult &r)
{
    a("readings", r.chart);
    a("state", r.after);
    a("repeatability", r.repeatability);
    a("expected_so_far", r.expectedSoFar);
}

template <class A> void fields(A &a, BuildResult &r)
{
    a("residual", r.residual);
    a("expected_error", r.expectedError);
}

template <class A> void fields(A &a, InstallResult &r)
{
    a("path", r.path);
}

template <class A> void fields(A &a, WarmUpResult &r)
{
    a("verdict", r.verdict);
    a("whites", r.whites);
}

template <class A> void fields(A &a, PlaceResult &r)
{
    a("placement", r.placement);
}

template <class A> void fields(A &a, ByEyeResult &r)
{
    a("lut", r.lut);
    a("path", r.path);
}

template <class A> void fields(A &a, SpectralTable::Curve &c)
{
    a("name", c.name);
    a("values", c.values);
}

template <class A> void fields(A &a, SpectralTable &t)
{
    a("nm", t.nm);
    a("curves", t.curves);
}

inline void checkTogether(const FieldReader &reader, const SpectralTable &t)
{
    for (const SpectralTable::Curve &c : t.curves)
        reader.require(c.values.size() == t.nm.size(), "has a curve of another length");
}

template <class A> void fields(A &a, FourColoursResult &r)
{
    a("readings", r.readings);
    a.later("spectra", r.spectra);
}

template <class A> void fields(A &a, ModeResult &r)
{
    a("readings", r.readings);
}

template <class A> void fields(A &, TakeResult &) {}

} // namespace lantern::run
