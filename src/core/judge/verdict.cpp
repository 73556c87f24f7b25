#include "core/judge/verdict.h"

#include "core/base/text.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <utility>

namespace lantern {

namespace {

constexpr double kNotMeasured = std::numeric_limits<double>::quiet_NaN();

struct FigureFacts {
    const char *key, *title;
    Half half;
};

FigureFacts factsOf(Figure figure)
{
    switch (figure) {
    case Figure::White:
        return {"white_delta_uv", "White point, Δu'v' from the aim", Half::Aim};
    case Figure::Luminance:
        return {"luminance_error", "Luminance, from the aim", Half::Aim};
    case Figure::Brightness:
        return {"luminance", "Luminance, at least", Half::Aim};
    case Figure::Contrast:
        return {"contrast_error", "Contrast, from the aim", Half::Aim};
    case Figure::BareContrast:
        return {"contrast", "Contrast, at least", Half::Aim};
    case Figure::ToneMean:
        return {"tone_error", "Tone curve, mean luminance error", Half::Aim};
    case Figure::GreySteps:
        return {"grey_steps", "Contrast per just-noticeable step, worst error", Half::Aim};
    case Figure::GreyMean:
        return {"grey_mean", "Tint of the greys, mean ΔE00", Half::Aim};
    case Figure::GreyWorst:
        return {"grey_worst", "Tint of the greys, worst ΔE00", Half::Aim};
    case Figure::ColourMean:
        return {"colour_mean", "Colours, mean ΔE00", Half::Profile};
    case Figure::Colour95:
        return {"colour_95", "Colours, 95 % below ΔE00", Half::Profile};
    case Figure::EvenLight:
        return {"even_light", "Evenness, luminance from the middle, worst", Half::Evenness};
    case Figure::EvenTint:
        return {"even_delta_uv", "Evenness, Δu'v' from the middle, worst", Half::Evenness};
    case Figure::EvenColour:
        return {"even_delta_e_2000", "Evenness, ΔE00 from the middle, worst", Half::Evenness};
    case Figure::ColourWorst:
        break;
    }
    return {"colour_worst", "Colours, worst ΔE00", Half::Profile};
}

/// The worse of two calls, for a half of several figures.
Call worse(Call a, Call b)
{
    return std::max(a, b); // the order of the enumeration
}

} // namespace

std::string figureKey(Figure figure)
{
    return factsOf(figure).key;
}

std::string figureTitle(Figure figure)
{
    return factsOf(figure).title;
}

std::string figureTitle(Figure figure, DifferenceFormula formula)
{
    std::string title = figureTitle(figure);
    const std::string usual = formulaSymbol(DifferenceFormula::De2000);
    if (const auto at = title.find(usual); halfOf(figure) == Half::Profile)
        title.replace(at, usual.size(), formulaSymbol(formula));
    return title;
}

const std::vector<Figure> &allFigures()
{
    static const std::vector<Figure> all = [] {
        std::vector<Figure> figures = aimFigures();
        figures.insert(figures.end(), {Figure::ColourMean, Figure::Colour95, Figure::ColourWorst});
        figures.insert(figures.end(), evenFigures().begin(), evenFigures().end());
        return figures;
    }();
    return all;
}

const std::optional<double> &limitIn(const Tolerance &t, Figure figure)
{
    switch (figure) {
    case Figure::White:
        return t.whiteDeltaUv;
    case Figure::Luminance:
        return t.luminance;
    case Figure::Brightness:
        return t.leastLuminance;
    case Figure::Contrast:
        return t.contrast;
    case Figure::BareContrast:
        return t.leastContrast;
    case Figure::ToneMean:
        return t.toneMean;
    case Figure::GreySteps:
        return t.greySteps;
    case Figure::GreyMean:
        return t.greyMean;
    case Figure::GreyWorst:
        return t.greyWorst;
    case Figure::ColourMean:
        return t.colourMean;
    case Figure::Colour95:
        return t.colour95;
    case Figure::EvenLight:
        return t.evenLight;
    case Figure::EvenTint:
        return t.evenTint;
    case Figure::EvenColour:
        return t.evenColour;
    case Figure::ColourWorst:
        break;
    }
    return t.colourWorst;
}

std::optional<double> &limitIn(Tolerance &t, Figure figure)
{
    return const_cast<std::optional<double> &>(limitIn(std::as_const(t), figure));
}

Half halfOf(Figure figure)
{
    return factsOf(figure).half;
}

bool isAtLeast(Figure figure)
{
    return figure == Figure::Brightness || figure == Figure::BareContrast;
}

std::string figureText(Figure figure, double value)
{
    switch (figure) {
    case Figure::White:
    case Figure::EvenTint:
        return fixedNumber(value, 4);
    case Figure::Luminance:
    case Figure::Contrast:
    case Figure::ToneMean:
    case Figure::GreySteps:
    case Figure::EvenLight:
        return fixedNumber(100 * value, 1) + " %";
    case Figure::Brightness:
        return fixedNumber(value, 1) + " cd/m²";
    case Figure::BareContrast:
        return fixedNumber(value, 0) + ":1";
    case Figure::GreyMean:
    case Figure::GreyWorst:
    case Figure::ColourMean:
    case Figure::Colour95:
    case Figure::ColourWorst:
    case Figure::EvenColour:
        break;
    }
    return fixedNumber(value, 2);
}

std::string callKey(Call call)
{
    switch (call) {
    case Call::Within:
        return "within";
    case Call::CannotTell:
        return "cannot-tell";
    case Call::Over:
        return "over";
    case Call::NotJudged:
        break;
    }
    return "not-judged";
}

std::string callTitle(Call call)
{
    switch (call) {
    case Call::Within:
        return "within";
    case Call::CannotTell:
        return "cannot tell with this meter";
    case Call::Over:
        return "over";
    case Call::NotJudged:
        break;
    }
    return "not judged";
}

Call Verdict::half(Half which) const
{
    Call call = Call::NotJudged;
    for (const JudgedFigure &f : figures)
        if (halfOf(f.figure) == which)
            call = worse(call, f.call);
    return call;
}

Call Verdict::overall() const
{
    return worse(worse(half(Half::Aim), half(Half::Profile)), half(Half::Evenness));
}

const JudgedFigure *Verdict::find(Figure figure) const
{
    for (const JudgedFigure &f : figures)
        if (f.figure == figure)
            return &f;
    return nullptr;
}

bool isDistance(Figure figure)
{
    switch (figure) {
    case Figure::Luminance:
    case Figure::Brightness:
    case Figure::Contrast:
    case Figure::BareContrast:
        return false;
    default:
        return true;
    }
}

std::vector<Estimate> estimatesOf(const std::vector<Figure> &figures,
                                  const std::vector<Reading> &readings, const PrimarySet &primaries,
                                  const ErrorSources &sources, const FiguresOf &values)
{
    std::vector<bool> distances;
    for (const Figure f : figures)
        distances.push_back(isDistance(f));
    auto found = estimates(readings, primaries, sources, values, distances);
    const auto raise = [&](Figure worst, Figure lower) {
        const auto w = std::ranges::find(figures, worst);
        const auto l = std::ranges::find(figures, lower);
        if (w == figures.end() || l == figures.end())
            return;
        double &value = found[static_cast<size_t>(w - figures.begin())].value;
        value = std::max(value, found[static_cast<size_t>(l - figures.begin())].value);
    };
    raise(Figure::GreyWorst, Figure::GreyMean);
    raise(Figure::ColourWorst, Figure::ColourMean);
    raise(Figure::ColourWorst, Figure::Colour95);
    return found;
}

JudgedFigure judgeFigure(Figure figure, const Estimate &e, double limit)
{
    JudgedFigure f{figure,        std::abs(e.value), std::abs(e.asRead), limit, isAtLeast(figure),
                   e.uncertainty, Call::NotJudged};
    if (!std::isfinite(e.value))
        return f;
    const double margin = f.atLeast ? f.value - limit : limit - f.value;
    const double expanded = kCoverageFactor * e.uncertainty.total();
    f.call = std::abs(margin) < expanded ? Call::CannotTell
             : margin >= 0               ? Call::Within
                                         : Call::Over;
    return f;
}

JudgedFigure judgeFigure(Figure figure, double value, double limit)
{
    return judgeFigure(figure, Estimate{value, value, {}}, limit);
}

const std::vector<Figure> &aimFigures()
{
    static const std::vector<Figure> all = {
        Figure::White,     Figure::Luminance,    Figure::Brightness,
        Figure::Contrast,  Figure::BareContrast, Figure::ToneMean,
        Figure::GreySteps, Figure::GreyMean,     Figure::GreyWorst};
    return all;
}

const std::vector<Figure> &evenFigures()
{
    static const std::vector<Figure> all = {Figure::EvenLight, Figure::EvenTint,
                                            Figure::EvenColour};
    return all;
}

std::vector<double> aimFigureValues(const DisplayState &s, const Aim &aim)
{
    const double luminance = s.white ? s.white->Y : kNotMeasured;
    const double contrast = s.contrast.value_or(kNotMeasured);
    return {s.deltaUv.value_or(kNotMeasured),
            aim.luminanceCdM2 ? luminance / *aim.luminanceCdM2 - 1 : kNotMeasured,
            luminance,
            aim.contrastRatio ? contrast / *aim.contrastRatio - 1 : kNotMeasured,
            contrast,
            s.toneError.value_or(kNotMeasured),
            s.stepError.value_or(kNotMeasured),
            s.greyBalance.value_or(kNotMeasured),
            s.greyWorst.value_or(kNotMeasured)};
}

std::optional<double> limitOf(Figure figure, const Tolerance &t, const std::optional<Aim> &aim)
{
    if (halfOf(figure) == Half::Aim && !aim)
        return std::nullopt;
    const bool isNativeWhite = aim && std::holds_alternative<NativeWhite>(aim->white);
    const bool isNativeTone = aim && std::holds_alternative<NativeTone>(aim->tone);
    const bool hasMeaning = figure == Figure::White          ? !isNativeWhite
                            : figure == Figure::Luminance    ? aim->luminanceCdM2.has_value()
                            : figure == Figure::Contrast     ? aim->contrastRatio.has_value()
                            : figure == Figure::BareContrast ? !(aim->contrastRatio && t.contrast)
                            : figure == Figure::ToneMean     ? !isNativeTone
                            : figure == Figure::GreySteps ? aim->tone == ToneCurve(NamedTone::Gsdf)
                                                          : true;
    return hasMeaning ? limitIn(t, figure) : std::nullopt;
}

} // namespace lantern
