#include "core/profile/profile_tables.h"

#include "core/model/gamut_boundary.h"
#include "core/model/gamut_compression.h"
#include "core/model/gamut_inverse.h"
#include "core/profile/icc_bytes.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <thread>

namespace lantern {

namespace {

constexpr int kCurveEntries = 4096;
/// Entries of the curves behind B2A grids that stand for 0, and from there to 1: beyond both there
/// is room, since near its walls the gamut is continued smoothly, and the curve cuts off what the
/// display cannot do.
constexpr double kZeroEntry = 256;
constexpr double kOneEntry = kCurveEntries - 1 - 2 * kZeroEntry;
/// How far beyond 0..1 the nodes of black and white lie, so that rounding leaves them at the ends.
constexpr double kBeyondRounding = 1e-4;
/// ΔE00 outside the gamut up to which nodes hold the continued model alone, and from which on the
/// nearest displayable colour alone.
constexpr double kContinuedTo = 3;
constexpr double kClippedFrom = 8;

/// XYZ as the tables hold it: f(X/Xn) of CIELAB, scaled to 0..1. XYZ itself is encoded as 0..1 for
/// 0..kXyzTop (ICC.1:2022, 6.3.4.2).
class RootEncoding {
public:
    static constexpr double kXyzTop = 1 + 32767.0 / 32768;

    static double relative(double root)
    {
        const double t = kLow + root * (top() - kLow);
        return t > 6.0 / 29 ? t * t * t : (t - kLow) * 3 * 36 / 841;
    }
    static Vec3 encode(const Lab &lab)
    {
        const double fy = (lab.L + 16) / 116;
        return (Vec3(fy + lab.a / 500, fy, fy - lab.b / 200).array() - kLow) / (top() - kLow);
    }

private:
    /// A little above white, which no colour of a display exceeds by more.
    static double top() { return std::cbrt(1.15); }
    static constexpr double kLow = 4.0 / 29;
};

/// Where grid points lie on an axis of light: even in lightness, from none, with white's full light
/// on a point, to the most that any channel has to give.
class LightAxis {
public:
    /// \param top light that the axis must reach, >= 1
    LightAxis(int grid, double top)
        : m_one(std::max(1.0, std::floor((grid - 1) / lightnessOf(top) + 1e-9))),
          m_top((grid - 1) / m_one)
    {}

    [[nodiscard]] double lightness(int i) const { return i / m_one; }
    /// 0..1 over the axis.
    [[nodiscard]] double position(double lightness) const { return lightness / m_top; }
    /// Light that the last point stands for.
    [[nodiscard]] double highest() const { return lightOf(m_top); }

private:
    double m_one; ///< point of full light
    double m_top; ///< lightness of the last point
};

/// Calls `node(i, j, k, previous)` for every grid point in two threads; `previous` is the value it
/// gave for the point before on the last axis, or null.
template <class F> std::vector<Vec3> fillGrid(int grid, F &&node)
{
    std::vector<Vec3> out(static_cast<size_t>(grid) * grid * grid);
    auto part = [&](int first) {
        for (int i = first; i < grid; i += 2)
            for (int j = 0; j < grid; ++j) {
                Vec3 *row = &out[(static_cast<size_t>(i) * grid + j) * grid];
                for (int k = 0; k < grid; ++k)
                    row[k] = node(i, j, k, k > 0 ? &row[k - 1] : nullptr);
            }
    };
    std::thread other([&] { part(1); });
    part(0);
    other.join();
    return out;
}

/// Axes that a table from XYZ stands on: light = matrix * XYZ.
struct LightAxes {
    Mat3 matrix;
    /// What the table shows for XYZ: scale * XYZ + black, for tables whose black is no light.
    Vec3 scale = Vec3::Ones();
    Vec3 black = Vec3::Zero();
    std::vector<Vec3> blacks; ///< lights at and below which all is black
    double top = 1;           ///< the most light of any axis that the display has to give, >= 1

    /// The display's PCS XYZ of a point.
    [[nodiscard]] RelXYZ shown(const Vec3 &light) const
    {
        return toRelXyz(scale.cwiseProduct(matrix.inverse() * light) + black);
    }
};

class Maker {
public:
    Maker(const DisplayModel &model, const TableLayout &layout)
        : m_model(model),
          m_layout(layout),
          m_black(vec(xyzFromLab(model.labAt(Vec3::Zero()), kD50))),
          m_search(model)
    {}

    ProfileTables make()
    {
        ProfileTables t;
        const int grid = m_layout.grid;
        const auto shown = fillGrid(grid, [&](int i, int j, int k, const Vec3 *) {
            return vec(m_model.labAt(Vec3(i, j, k) / (grid - 1)));
        });
        t.forward = forward(shown, [](const Lab &lab) { return lab; });

        const LightAxes own = axes(ownMatrix());
        auto colorimetric = [&](const Lab &lab, const Vec3 *guess) { return nodeFor(lab, guess); };
        t.inverse = inverse(own, colorimetric);

        const GamutBoundary gamut =
            GamutBoundary::ofCube([&](const Vec3 &v) { return m_model.labAt(v); });
        const GamutBoundary source = gamutOf(namedSpaces().front());
        const GamutCompression compression(gamut, source);
        auto perceptual = [&](const Lab &lab, const Vec3 *guess) {
            return nodeFor(compression.compress(lab), guess);
        };
        if (m_layout.version == 4) {
            t.inversePerceptual = inverse(axes(wideMatrix()), perceptual);
        } else {
            // Black of these tables is no light at all.
            const Vec3 scale = Vec3::Ones() - m_black.cwiseQuotient(vec(kD50));
            t.forwardPerceptual = forward(shown, [&](const Lab &lab) {
                const Vec3 xyz = (vec(xyzFromLab(lab, kD50)) - m_black).cwiseQuotient(scale);
                return labFromXyz(toRelXyz(xyz), kD50);
            });
            LightAxes wide = axes(wideMatrix());
            wide.scale = scale;
            wide.black = m_black;
            wide.blacks = {Vec3::Zero()};
            t.inversePerceptual = inverse(wide, perceptual);
        }
        return t;
    }

private:
    /// Light that each channel would need without the others' interaction; white is (1, 1, 1).
    [[nodiscard]] Mat3 ownMatrix() const
    {
        const Mat3 toLight = m_model.primaries().inverse();
        return (toLight * vec(kD50)).cwiseInverse().asDiagonal() * toLight;
    }

    [[nodiscard]] LightAxes axes(const Mat3 &matrix) const
    {
        LightAxes a;
        a.matrix = matrix;
        // The display's own black and, since programs that compensate black aim at a neutral one,
        // the neutral of the same luminance; as 16-bit XYZ round them, here and in A2B1.
        constexpr double kRounding = 4e-5;
        a.blacks = {matrix * m_black + Vec3::Constant(kRounding),
                    matrix * ((m_black[1] + kRounding) * vec(kD50))};
        for (int corner = 1; corner < 8; ++corner) {
            const Vec3 lightness(corner & 1, corner >> 1 & 1, corner >> 2 & 1);
            const Vec3 light = matrix * vec(xyzFromLab(m_model.labAt(lightness), kD50));
            a.top = std::max(a.top, light.maxCoeff());
        }
        constexpr double kWhiteAlone = 1.002; // then white ends the axis
        if (a.top < kWhiteAlone)
            a.top = 1;
        return a;
    }

    /// Lowers the first node until a place in the first cell is black, as programs interpolate
    /// there (tetrahedra along the neutral diagonal). \param at in cells, from that node
    static void darken(std::vector<Vec3> &nodes, int grid, const Vec3 &at)
    {
        if (at.maxCoeff() >= 1)
            return; // a display that bright in black has nodes at and below it
        std::array<int, 3> order = {0, 1, 2};
        std::sort(order.begin(), order.end(), [&](int a, int b) { return at[a] > at[b]; });
        const std::array<size_t, 3> stride = {static_cast<size_t>(grid) * grid,
                                              static_cast<size_t>(grid), 1};
        size_t index = 0;
        Vec3 others = Vec3::Zero();
        for (size_t i = 0; i < 3; ++i) {
            index += stride[static_cast<size_t>(order[i])];
            const double next = i < 2 ? at[order[i + 1]] : 0;
            others += (at[order[i]] - next) * nodes[index];
        }
        const double share = 1 - at[order[0]];
        const Vec3 needed = (-kBeyondRounding - others.array()) / share;
        nodes[0] = nodes[0].cwiseMin(needed);
    }

    /// From XYZ to axes on which sRGB and the display alike need no negative light; white is
    /// (1, 1, 1).
    [[nodiscard]] Mat3 wideMatrix() const;

    /// What a node holds for a colour: channel lightness, a little beyond 0..1 just outside the
    /// gamut.
    [[nodiscard]] Vec3 nodeFor(const Lab &lab, const Vec3 *guess) const
    {
        const auto found = m_search.find(lab, guess);
        const double clipped =
            std::clamp((found.miss - kContinuedTo) / (kClippedFrom - kContinuedTo), 0.0, 1.0);
        return (1 - clipped) * found.continued + clipped * found.lightness;
    }

    template <class F> TableTransform forward(const std::vector<Vec3> &shown, F &&map) const
    {
        TableTransform t;
        t.grid = m_layout.grid;
        for (int c = 0; c < 3; ++c) {
            for (int code = 0; code < DriveStage::kLevels; ++code)
                t.before[c].push_back(sixteenBits(m_model.lightness(c, code)));
            for (int i = 0; i < kCurveEntries; ++i)
                t.after[c].push_back(sixteenBits(RootEncoding::relative(i / (kCurveEntries - 1.0)) *
                                                 vec(kD50)[c] / RootEncoding::kXyzTop));
        }
        t.nodes.reserve(3 * shown.size());
        for (const Vec3 &lab : shown)
            append(t.nodes, RootEncoding::encode(map(toLabType(lab))));
        // White is white by definition, whatever the fit left over.
        const Vec3 white = RootEncoding::encode({100, 0, 0});
        for (int c = 0; c < 3; ++c)
            t.nodes[t.nodes.size() - 3 + c] = sixteenBits(white[c]);
        return t;
    }

    /// \param find channel lightness for a colour
    template <class F> TableTransform inverse(const LightAxes &axes, F &&find) const
    {
        const int grid = m_layout.grid;
        const LightAxis axis(grid, axes.top);
        TableTransform t;
        t.grid = grid;
        // encoded XYZ to 0..1 over the axis
        t.matrix = RootEncoding::kXyzTop / axis.highest() * axes.matrix;
        for (int i = 0; i < kCurveEntries; ++i) {
            const double light = axis.highest() * i / (kCurveEntries - 1);
            const uint16_t position = sixteenBits(axis.position(lightnessOf(light)));
            for (auto &curve : t.before)
                curve.push_back(position);
        }
        t.after = deviceCurves();
        auto found = fillGrid(grid, [&](int i, int j, int k, const Vec3 *previous) -> Vec3 {
            const Vec3 lightness(axis.lightness(i), axis.lightness(j), axis.lightness(k));
            if (lightness == Vec3::Ones())
                return Vec3::Constant(1 + kBeyondRounding);
            const Vec3 light = lightness.unaryExpr([](double l) { return lightOf(l); });
            return find(labFromXyz(axes.shown(light), kD50), previous);
        });
        const double first = lightOf(axis.lightness(1));
        for (const Vec3 &black : axes.blacks)
            darken(found, grid, (black / first).cwiseMax(0));
        t.nodes.reserve(3 * found.size());
        for (const Vec3 &v : found)
            append(t.nodes, (kZeroEntry + v.array() * kOneEntry) / (kCurveEntries - 1));
        return t;
    }

    /// From nodes to code values.
    [[nodiscard]] std::array<std::vector<uint16_t>, 3> deviceCurves() const
    {
        std::array<std::vector<uint16_t>, 3> out;
        for (int c = 0; c < 3; ++c)
            for (int i = 0; i < kCurveEntries; ++i) {
                const double at = (i - kZeroEntry) / kOneEntry;
                out[c].push_back(sixteenBits(at <= 0   ? 0
                                             : at >= 1 ? 1
                                                       : m_model.codeFor(c, at) / 255));
            }
        return out;
    }

    static void append(std::vector<uint16_t> &nodes, const Vec3 &v)
    {
        for (int c = 0; c < 3; ++c)
            nodes.push_back(sixteenBits(v[c]));
    }

    const DisplayModel &m_model;
    const TableLayout &m_layout;
    Vec3 m_black; ///< of the model, PCS XYZ
    GamutInverse m_search;
};

Mat3 Maker::wideMatrix() const
{
    // Outer sides in the plane X + Y + Z = 1: of each side the line that has both triangles on its
    // inner side. In homogeneous terms a side is a plane through black, that is a row of the
    // matrix.
    const Mat3 own = ownMatrix();
    Mat3 srgb;
    const NamedSpace &space = namedSpaces().front();
    for (int c = 0; c < 3; ++c)
        srgb.col(c) = vec(relativeTo(fromChromaticity(space.primaries[c], 1), {0, 1, 0}));
    const Mat3 adapted =
        bradford(relativeTo(fromChromaticity(space.white, 1), {0, 1, 0}), kD50) * srgb;
    const Mat3 other = adapted.inverse();
    Mat3 display = own.inverse();
    Mat3 rows;
    for (int c = 0; c < 3; ++c) {
        // How far the other's primaries lie beyond this row's plane.
        auto deepest = [&](const Eigen::RowVector3d &row, const Mat3 &colours) {
            double least = 0;
            for (int k = 0; k < 3; ++k)
                least = std::min(least, row.dot(colours.col(k)) / colours.col(k).sum());
            return least;
        };
        // A side of one, of the other, or one through the outer corners of both.
        std::vector<Eigen::RowVector3d> sides = {own.row(c), other.row(c)};
        const int p = (c + 1) % 3;
        const int q = (c + 2) % 3;
        sides.push_back(Vec3(display.col(p)).cross(Vec3(adapted.col(q))).transpose());
        sides.push_back(Vec3(adapted.col(p)).cross(Vec3(display.col(q))).transpose());
        double best = -INFINITY;
        for (Eigen::RowVector3d side : sides) {
            side /= side.dot(vec(kD50)); // white is 1
            const double beyond = std::min(deepest(side, display), deepest(side, adapted));
            if (beyond > best) {
                best = beyond;
                rows.row(c) = side;
            }
        }
    }
    return rows;
}

} // namespace

ProfileTables makeTables(const DisplayModel &model, const TableLayout &layout)
{
    return Maker(model, layout).make();
}

} // namespace lantern
