#include "core/report/diagram.h"

#include "core/base/text.h"
#include "core/report/document.h"

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <optional>

namespace lantern {

namespace {

constexpr double kTextSize = 9, kTitleSize = 10.5;
constexpr double kDot = 1.8;
constexpr double kLeft = 46, kRight = 12, kTop = 26, kBottom = 34;

constexpr int kGridLine = 0xe2e2e2, kFrameLine = 0x888888, kWhite = 0xffffff;

int colourOf(Ink ink)
{
    switch (ink) {
    case Ink::Second:
        return 0x555555;
    case Ink::Faint:
        return 0x9a9a9a;
    case Ink::Aim:
        return 0xb5b5b5;
    case Ink::Red:
        return 0xb3362c;
    case Ink::Green:
        return 0x2f7d3c;
    case Ink::Blue:
        return 0x2f55b0;
    case Ink::Main:
        break;
    }
    return 0x111111;
}

using Parts = std::vector<DrawnPart>;

/// From the diagram's numbers to the picture's.
class Frame {
public:
    Frame(const Diagram &d, double width, double height)
        : m_least{d.xLeast, d.yLeast},
          m_reach{std::max(1e-12, d.xMost - d.xLeast), std::max(1e-12, d.yMost - d.yLeast)},
          left(kLeft),
          top(kTop),
          across(width - kLeft - kRight),
          down(height - kTop - kBottom)
    {
        if (!d.isSquare)
            return;
        const double unit = std::min(across / m_reach[0], down / m_reach[1]);
        left += (across - unit * m_reach[0]) / 2;
        across = unit * m_reach[0];
        down = unit * m_reach[1];
    }
    [[nodiscard]] double x(double v) const { return left + across * (v - m_least[0]) / m_reach[0]; }
    [[nodiscard]] double y(double v) const
    {
        return top + down * (1 - (v - m_least[1]) / m_reach[1]);
    }

private:
    double m_least[2], m_reach[2];

public:
    double left, top, across, down;
};

void addGrid(Parts &out, const Diagram &d, const Frame &f, const Speaker &speaker)
{
    DrawnPath grid{{}, kGridLine, 0.6, Stroke::Solid};
    Parts labels;
    const double bottom = f.top + f.down;
    for (const double v : axisMarks(d.xLeast, d.xMost, 6)) {
        grid.pieces.push_back({{{f.x(v), f.top}, {f.x(v), bottom}}});
        labels.push_back(
            DrawnText{f.x(v), bottom + 12, Anchor::Middle, speaker.figures(shortNumber(v))});
    }
    for (const double v : axisMarks(d.yLeast, d.yMost, 6)) {
        grid.pieces.push_back({{{f.left, f.y(v)}, {f.left + f.across, f.y(v)}}});
        labels.push_back(
            DrawnText{f.left - 5, f.y(v) + 3, Anchor::End, speaker.figures(shortNumber(v))});
    }
    out.push_back(grid);
    out.insert(out.end(), labels.begin(), labels.end());
    out.push_back(DrawnBox{f.left, f.top, f.across, f.down, kFrameLine, {}});
    out.push_back(DrawnText{f.left + f.across / 2, bottom + 26, Anchor::Middle, d.xLabel});
    out.push_back(
        DrawnText{12, f.top + f.down / 2, Anchor::Middle, d.yLabel, kTextSize, false, true});
    out.push_back(DrawnText{f.left, 15, Anchor::Start, d.title, kTitleSize, true});
}

struct Point {
    double x = 0, y = 0;
    bool operator==(const Point &) const = default;
};

/// Cuts a piece of a curve to the frame; false where nothing of it is inside, or it is no number.
/// Liang, Barsky, ACM Trans. Graph. 3 (1984) 1-22. (Not every reader of SVG knows clip paths.)
bool clipped(Point &p, Point &q, const Diagram &d)
{
    if (!std::isfinite(p.x + p.y + q.x + q.y))
        return false;
    const double dx = q.x - p.x;
    const double dy = q.y - p.y;
    double from = 0;
    double to = 1;
    const auto cut = [&](double along, double inside) {
        if (along == 0)
            return inside >= 0;
        const double t = inside / along;
        if (along < 0)
            from = std::max(from, t);
        else
            to = std::min(to, t);
        return from <= to;
    };
    if (!cut(-dx, p.x - d.xLeast) || !cut(dx, d.xMost - p.x) || !cut(-dy, p.y - d.yLeast) ||
        !cut(dy, d.yMost - p.y))
        return false;
    const Point start = p;
    if (to < 1)
        q = {start.x + to * dx, start.y + to * dy};
    if (from > 0)
        p = {start.x + from * dx, start.y + from * dy};
    return true;
}

void addCurve(Parts &out, const DiagramCurve &c, const Diagram &d, const Frame &f)
{
    const size_t n = std::min(c.x.size(), c.y.size());
    const int colour = colourOf(c.ink);
    if (c.stroke != Stroke::None && n > 1) {
        DrawnPath path{{}, colour, c.ink == Ink::Aim ? 2.6 : 1.3, c.stroke};
        std::optional<Point> end; // of what is drawn so far
        for (size_t i = 0; i + 1 < n; ++i) {
            Point p{c.x[i], c.y[i]};
            Point q{c.x[i + 1], c.y[i + 1]};
            if (!clipped(p, q, d)) {
                end.reset();
                continue;
            }
            if (!end || !(*end == p))
                path.pieces.push_back({{f.x(p.x), f.y(p.y)}});
            path.pieces.back().push_back({f.x(q.x), f.y(q.y)});
            end = q;
        }
        if (!path.pieces.empty())
            out.push_back(path);
    }
    if (!c.dots)
        return;
    for (size_t i = 0; i < n; ++i) {
        Point p{c.x[i], c.y[i]};
        Point same = p;
        if (clipped(p, same, d))
            out.push_back(DrawnDot{f.x(p.x), f.y(p.y), kDot, colour});
    }
}

void addLegend(Parts &out, const Diagram &d, const Frame &f)
{
    size_t longest = 0;
    int lines = 0;
    for (const DiagramCurve &c : d.curves) {
        longest = std::max(longest, c.name.size());
        lines += c.name.empty() ? 0 : 1;
    }
    if (lines == 0)
        return;
    double y = f.top + f.down - 6;
    const double right = f.left + f.across - 8;
    constexpr double kPerLetter = 5;
    constexpr double kLine = 12;
    const double width = kPerLetter * static_cast<double>(longest) + 34;
    out.push_back(
        DrawnBox{right + 6 - width, y + 4 - kLine * lines, width, kLine * lines, {}, kWhite, 0.75});
    for (auto c = d.curves.rbegin(); c != d.curves.rend(); ++c) {
        if (c->name.empty())
            continue;
        out.push_back(DrawnText{right - 24, y, Anchor::End, c->name});
        if (c->stroke != Stroke::None)
            out.push_back(DrawnPath{
                {{{right - 20, y - 3}, {right, y - 3}}}, colourOf(c->ink), 1.3, c->stroke});
        if (c->dots)
            out.push_back(DrawnDot{right - 10, y - 3, kDot, colourOf(c->ink)});
        y -= kLine;
    }
}

/// Its words in that language.
Diagram said(Diagram d, const Speaker &speaker)
{
    for (std::string *text : {&d.title, &d.xLabel, &d.yLabel})
        *text = speaker.figures(*text);
    for (DiagramCurve &c : d.curves)
        c.name = speaker.figures(c.name);
    return d;
}

// As SVG.

std::string at(double v)
{
    constexpr double kHundredth = 0.01;
    return shortNumber(std::round(v / kHundredth) / 100);
}

std::string hex(int colour)
{
    char text[8];
    std::snprintf(text, sizeof text, "#%06x", static_cast<unsigned>(colour) & 0xffffffU);
    return text;
}

struct SvgForm {
    std::string &out;

    void operator()(const DrawnPath &p) const
    {
        out += "<path d=\"";
        for (const auto &piece : p.pieces)
            for (size_t i = 0; i < piece.size(); ++i)
                out += std::string(i > 0                         ? " L"
                                   : &piece == &p.pieces.front() ? "M"
                                                                 : " M") +
                       at(piece[i][0]) + " " + at(piece[i][1]);
        out += "\" fill=\"none\" stroke=\"" + hex(p.colour) + "\" stroke-width=\"" +
               shortNumber(p.width) + "\"";
        std::string dashed;
        for (const double length : dashes(p.stroke))
            dashed += (dashed.empty() ? "" : " ") + shortNumber(length);
        if (!dashed.empty())
            out += " stroke-dasharray=\"" + dashed + "\"";
        out += " stroke-linejoin=\"round\"/>\n";
    }
    void operator()(const DrawnDot &d) const
    {
        out += "<circle cx=\"" + at(d.x) + "\" cy=\"" + at(d.y) + "\" r=\"" +
               shortNumber(d.radius) + "\" fill=\"" + hex(d.colour) + "\"/>\n";
    }
    void operator()(const DrawnBox &b) const
    {
        out += "<rect x=\"" + at(b.x) + "\" y=\"" + at(b.y) + "\" width=\"" + at(b.width) +
               "\" height=\"" + at(b.height) + "\" fill=\"" + (b.ground ? hex(*b.ground) : "none") +
               "\"";
        if (b.opacity < 1)
            out += " fill-opacity=\"" + shortNumber(b.opacity) + "\"";
        if (b.line)
            out += " stroke=\"" + hex(*b.line) + "\" stroke-width=\"0.8\"";
        out += "/>\n";
    }
    void operator()(const DrawnText &t) const
    {
        const char *anchor = t.anchor == Anchor::Start    ? "start"
                             : t.anchor == Anchor::Middle ? "middle"
                                                          : "end";
        out += "<text x=\"" + at(t.x) + "\" y=\"" + at(t.y) + "\" text-anchor=\"" + anchor +
               "\" font-size=\"" + shortNumber(t.size) + "\"" +
               (t.bold ? " font-weight=\"600\"" : "");
        if (t.upwards)
            out += " transform=\"rotate(-90 " + at(t.x) + " " + at(t.y) + ")\"";
        out += ">" + document::escape(t.text) + "</text>\n";
    }
};

} // namespace

std::vector<double> axisMarks(double least, double most, int count)
{
    if (!(most > least) || !std::isfinite(most - least) || count < 2)
        return {};
    const double rough = (most - least) / count;
    const double power = std::pow(10, std::floor(std::log10(rough)));
    double step = 10 * power;
    for (const double times : {1.0, 2.0, 5.0})
        if (times * power >= rough) {
            step = times * power;
            break;
        }
    std::vector<double> marks;
    const double first = std::ceil(least / step - 1e-9);
    for (double k = first; k * step <= most + 1e-9 * step; ++k)
        marks.push_back(k == 0 ? 0 : k * step);
    return marks;
}

std::vector<double> dashes(Stroke stroke)
{
    return stroke == Stroke::Dashed   ? std::vector<double>{5, 3}
           : stroke == Stroke::Dotted ? std::vector<double>{1.2, 2.4}
                                      : std::vector<double>{};
}

std::vector<DrawnPart> drawnParts(const Diagram &diagram, double width, double height,
                                  const Speaker &speaker)
{
    const Diagram d = said(diagram, speaker);
    const Frame f(d, width, height);
    Parts out;
    addGrid(out, d, f, speaker);
    for (const DiagramCurve &c : d.curves)
        addCurve(out, c, d, f);
    addLegend(out, d, f);
    return out;
}

std::string diagramToSvg(const Diagram &d, double width, double height, const Speaker &speaker)
{
    std::string out = "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"" + at(width) +
                      "\" height=\"" + at(height) + "\" viewBox=\"0 0 " + at(width) + " " +
                      at(height) + "\" role=\"img\">\n<title>" +
                      document::escape(speaker.figures(d.title)) +
                      "</title>\n<g font-family=\"Open Sans\" fill=\"#222222\">\n";
    SvgForm{out}(DrawnBox{0, 0, width, height, {}, kWhite});
    for (const DrawnPart &part : drawnParts(d, width, height, speaker))
        std::visit(SvgForm{out}, part);
    return out + "</g>\n</svg>\n";
}

std::string diagramToCsv(const Diagram &d)
{
    std::string out = "curve," + csvQuoted(d.xLabel) + "," + csvQuoted(d.yLabel) + "\n";
    int unnamed = 0;
    for (const DiagramCurve &c : d.curves) {
        const std::string name =
            csvQuoted(c.name.empty() ? "curve " + std::to_string(++unnamed) : c.name);
        for (size_t i = 0; i < std::min(c.x.size(), c.y.size()); ++i)
            if (std::isfinite(c.x[i]) && std::isfinite(c.y[i]))
                out += name + "," + compactNumber(c.x[i]) + "," + compactNumber(c.y[i]) + "\n";
    }
    return out;
}

} // namespace lantern
