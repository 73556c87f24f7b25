#pragma once

#include "core/report/speaker.h"

#include <array>
#include <optional>
#include <string>
#include <variant>
#include <vector>

namespace lantern {

/// What a curve is, so that every ground (dark window, white paper) has its own way to draw it;
/// told apart by dash and dots as well as by colour.
enum class Ink { Main, Second, Faint, Aim, Red, Green, Blue };
enum class Stroke { Solid, Dashed, Dotted, None };

/// A curve of a diagram; its points keep their order, a NaN is a gap.
struct DiagramCurve {
    std::string name; ///< in the legend; empty: not there
    std::vector<double> x = {}, y = {};
    Ink ink = Ink::Main;
    Stroke stroke = Stroke::Solid;
    bool dots = false;
    bool operator==(const DiagramCurve &) const = default;
};

/// A diagram as a plain value: what it says, apart from how it is drawn.
struct Diagram {
    std::string key;   ///< for files and the command line
    std::string title; ///< English
    std::string xLabel, yLabel;
    double xLeast = 0, xMost = 1, yLeast = 0, yMost = 1;
    std::vector<DiagramCurve> curves = {};
    bool isSquare = false; ///< a unit is as long across as up
};

/// Marks of an axis, at 1, 2 or 5 times a power of ten. \param most how many at most, 2 and more
std::vector<double> axisMarks(double least, double most, int count);

/// What a diagram is drawn of, in points from the upper left corner, on white ground. Colours are
/// 0xRRGGBB.
struct DrawnPath {
    std::vector<std::vector<std::array<double, 2>>> pieces; ///< each a line through its points
    int colour = 0;
    double width = 1;
    Stroke stroke = Stroke::Solid;
};
struct DrawnDot {
    double x = 0, y = 0, radius = 1;
    int colour = 0;
};
struct DrawnBox {
    double x = 0, y = 0, width = 0, height = 0;
    std::optional<int> line, ground;
    double opacity = 1; ///< of the ground
};
enum class Anchor { Start, Middle, End };
struct DrawnText {
    double x = 0, y = 0; ///< of its baseline
    Anchor anchor = Anchor::Start;
    std::string text;
    double size = 9;
    bool bold = false, upwards = false; ///< upwards: turned by a right angle
};
using DrawnPart = std::variant<DrawnPath, DrawnDot, DrawnBox, DrawnText>;
/// Lengths of dashes and gaps, in points; empty: none.
std::vector<double> dashes(Stroke stroke);

/// The diagram laid out in a picture of this size, in the order in which it is drawn.
std::vector<DrawnPart> drawnParts(const Diagram &diagram, double width, double height,
                                  const Speaker &speaker = english());

/// As a picture of its own, vectors and text that can be searched. Sizes in points.
std::string diagramToSvg(const Diagram &diagram, double width, double height,
                         const Speaker &speaker = english());

/// Its points: curve, x, y, one line each, after a line of titles. Numbers have a point.
std::string diagramToCsv(const Diagram &diagram);

} // namespace lantern
