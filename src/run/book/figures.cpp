#include "run/book/figures.h"

#include "core/judge/proof_kind.h"

#include <algorithm>
#include <cmath>

namespace lantern::run {

namespace {

/// Units of the judged figures by their keys; those that are not here have none.
std::string unitOf(Figure figure)
{
    switch (figure) {
    case Figure::Brightness:
        return "cd/m²";
    case Figure::GreyMean:
    case Figure::GreyWorst:
    case Figure::ColourMean:
    case Figure::Colour95:
    case Figure::ColourWorst:
    case Figure::EvenColour:
        return "ΔE00";
    default:
        return {};
    }
}

struct Rows {
    std::vector<FigureRow> rows;

    void add(const std::string &name, const std::optional<double> &value, const char *unit = "")
    {
        if (value && std::isfinite(*value))
            rows.push_back({name, *value, unit, {}, {}});
    }
    /// What a display is like; `when` tells found from calibrated.
    void add(const DisplayState &s, const std::string &when)
    {
        if (s.white) {
            add(when + "white_luminance", s.white->Y, "cd/m²");
            add(when + "white_x", chromaticity(*s.white).x);
            add(when + "white_y", chromaticity(*s.white).y);
        }
        if (s.black)
            add(when + "black_luminance", s.black->Y, "cd/m²");
        if (s.cct)
            add(when + "cct", s.cct->kelvin, "K");
        add(when + "delta_uv", s.deltaUv);
        add(when + "contrast_ratio", s.contrast);
        add(when + "gamma", s.gamma);
        add(when + "tone_error", s.toneError);
        add(when + "grey_balance", s.greyBalance, "ΔE00");
        add(when + "gamut_srgb", s.srgbCoverage);
        add(when + "gamut_p3", s.p3Coverage);
    }
    void add(const Verdict &verdict, const std::string &prefix = {})
    {
        for (const JudgedFigure &f : verdict.figures) {
            if (!std::isfinite(f.value))
                continue;
            const bool isColour = halfOf(f.figure) == Half::Profile;
            FigureRow row{prefix + figureKey(f.figure),
                          f.value,
                          isColour ? formulaSymbol(verdict.tolerance.formula) : unitOf(f.figure),
                          {},
                          f.limit};
            if (f.uncertainty.isKnown())
                row.uncertainty = f.uncertainty.total();
            rows.push_back(row);
        }
    }
};

struct FiguresOf {
    const RunResults &results;
    Rows &all;

    template <class R> void operator()(const R &) const {} // makes none
    void operator()(const SettleResult &r) const
    {
        if (r.learned)
            all.add("settling_wait", r.learned->longestWaitSeconds(), "s");
    }
    void operator()(const ReadyResult &r) const
    {
        all.add(r.before, "found_");
        if (const auto &room = results.setup.roomLight)
            all.add("room_illuminance", room->illuminanceLux, "lx");
    }
    void operator()(const AdjustResult &r) const
    {
        if (!r.controls)
            return;
        all.add("control_brightness", r.controls->brightness);
        all.add("control_contrast", r.controls->contrast);
        all.add("control_red_gain", r.controls->redGain);
        all.add("control_green_gain", r.controls->greenGain);
        all.add("control_blue_gain", r.controls->blueGain);
    }
    void operator()(const CalibrationResult &r) const
    {
        all.add("calibration_grey_mean", r.meanDeltaE00, "ΔE00");
        all.add("calibration_grey_worst", r.maxDeltaE00, "ΔE00");
        all.add("calibration_levels", r.distinctLevels);
    }
    void operator()(const MeasureResult &r) const { all.add(r.after, ""); }
    void operator()(const BuildResult &r) const
    {
        all.add("profile_residual", r.residual, "ΔE00");
        if (r.expectedError > 0)
            all.add("profile_expected_error", r.expectedError, "ΔE00");
    }
    void operator()(const Validation &r) const
    {
        all.add(r.state, "proved_");
        all.add(r.verdict, provesProfile(r) ? "" : "against_");
    }
    void operator()(const Evenness &r) const
    {
        all.add("even_centre_luminance", r.levels.front().centre.Y, "cd/m²");
        all.add("even_least_ratio", r.levels.front().least);
        all.add(r.verdict);
    }
    void operator()(const WarmUpResult &r) const { all.add("warm_up_drift", r.verdict.drift); }
    void operator()(const CheckFirst &r) const
    {
        all.add(r.figures, "check_");
        all.add("check_luminance_ratio", r.luminanceRatio);
        all.add("check_black_ratio", r.blackRatio);
    }
};

} // namespace

std::vector<JudgedFigure> judgedAgain(const std::vector<FigureRow> &rows)
{
    std::vector<JudgedFigure> judged;
    for (const Figure figure : allFigures())
        for (const char *of : {"", "against_", "check_"}) {
            const auto row = std::ranges::find(rows, of + figureKey(figure), &FigureRow::name);
            if (row == rows.end() || !row->limit)
                continue;
            Estimate estimate{row->value, row->value, {}};
            estimate.uncertainty.scatter = row->uncertainty.value_or(0); // all of it, in one
            judged.push_back(judgeFigure(figure, estimate, *row->limit));
            break;
        }
    return judged;
}

std::vector<FigureRow> figuresOf(const StageResult &result, const RunResults &results)
{
    Rows all;
    std::visit(FiguresOf{results, all}, result);
    return std::move(all.rows);
}

} // namespace lantern::run
