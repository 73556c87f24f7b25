#pragma once

#include "core/judge/tolerance.h"
#include "core/judge/uncertainty.h"

#include <string>
#include <vector>

namespace lantern {

/// The figures that a tolerance sets limits for.
enum class Figure {
    White,        ///< Δu'v' from the aim
    Luminance,    ///< relative difference from the aim
    Brightness,   ///< cd/m², against the least one asked for
    Contrast,     ///< relative difference from the aim
    BareContrast, ///< white over black, against the least one asked for
    ToneMean,     ///< relative luminance error
    GreySteps,    ///< relative error of contrast per just-noticeable step, GSDF aims only
    GreyMean,     ///< ΔE00 of tint
    GreyWorst,
    ColourMean, ///< ΔE00
    Colour95,
    ColourWorst,
    EvenLight,  ///< worst relative difference in luminance from the middle of the screen
    EvenTint,   ///< worst Δu'v' from there
    EvenColour, ///< worst ΔE00 from there
};
/// Key in files, "white_delta_uv" …
std::string figureKey(Figure figure);
/// For people: "White point, Δu'v'" …
std::string figureTitle(Figure figure);
/// The same with the formula that the colours' differences are by.
std::string figureTitle(Figure figure, DifferenceFormula formula);
/// All of them, in the order in which people read them.
const std::vector<Figure> &allFigures();
/// The limit that a tolerance sets for it, whatever the aim.
std::optional<double> &limitIn(Tolerance &tolerance, Figure figure);
const std::optional<double> &limitIn(const Tolerance &tolerance, Figure figure);
/// Its value for people, with unit.
std::string figureText(Figure figure, double value);

/// The parts of a verdict: is the display what was aimed at, does the profile tell the truth about
/// it, and is the screen the same all over?
enum class Half { Aim, Profile, Evenness };
Half halfOf(Figure figure);

/// What a figure says about its limit, its expanded uncertainty (k = 2) considered: a value nearer
/// to the limit than that decides nothing (JCGM 106:2012, 8.3.2, two-sided guard band).
enum class Call { NotJudged, Within, CannotTell, Over };
std::string callKey(Call call);   ///< "within", "over", "cannot-tell", "not-judged"
std::string callTitle(Call call); ///< "within", "over", "cannot tell with this meter", "not judged"

struct JudgedFigure {
    Figure figure = Figure::White;
    double value = 0;  ///< with what the meter's scatter adds to a distance taken off
    double asRead = 0; ///< as the readings give it
    double limit = 0;
    bool atLeast = false; ///< the limit is a least value
    Budget uncertainty;
    Call call = Call::NotJudged;
};

struct Verdict {
    Tolerance tolerance;
    std::vector<JudgedFigure> figures; ///< those that the tolerance asks for and that were measured
    /// Over when any figure surely is; else open when any is open.
    [[nodiscard]] Call half(Half half) const;
    [[nodiscard]] Call overall() const;
    [[nodiscard]] const JudgedFigure *find(Figure figure) const;
};

/// \param estimate value NaN: not measured, gives NotJudged; of a difference its sign does not
/// count
JudgedFigure judgeFigure(Figure figure, const Estimate &estimate, double limit);
/// A value of which no more is known.
JudgedFigure judgeFigure(Figure figure, double value, double limit);

/// What display states say about the aim, in the order of aimFigures(); differences with their
/// sign.
std::vector<double> aimFigureValues(const DisplayState &state, const Aim &aim);
const std::vector<Figure> &aimFigures();
const std::vector<Figure> &evenFigures();

/// The limit of a figure in a tolerance, if it has one and the aim gives it a meaning.
/// \param aim nothing: figures of the aim are not judged
std::optional<double> limitOf(Figure figure, const Tolerance &tolerance,
                              const std::optional<Aim> &aim);
/// The limit is a least value.
bool isAtLeast(Figure figure);
/// The figure is a distance and never negative, so that scatter adds to it.
bool isDistance(Figure figure);
/// estimates() of these figures. Each has its own scatter taken off, a mean's less than a worst's;
/// where that brings a worst below the mean or the 95 % of the same colours, it is as large as
/// they.
std::vector<Estimate> estimatesOf(const std::vector<Figure> &figures,
                                  const std::vector<Reading> &readings, const PrimarySet &primaries,
                                  const ErrorSources &sources, const FiguresOf &values);

} // namespace lantern
