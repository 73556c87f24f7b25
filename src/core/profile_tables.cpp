#include "core/profile_tables.h"

#include "core/gamut_boundary.h"
#include "core/gamut_compression.h"
#include "core/gamut_inverse.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <thread>
#include <utility>

namespace lantern {

namespace {

constexpr int kCurveEntries = 4096;
/// Room beyond 0..1 in the nodes of B2A tables: near its walls the gamut is continued smoothly, and
/// the curve behind the grid cuts off what the display cannot do.
constexpr double kRoom = 0.15;
/// ΔE00 outside the gamut up to which nodes hold the continued model alone, and from which on the
/// nearest displayable colour alone.
constexpr double kContinuedTo = 3;
constexpr double kClippedFrom = 8;

uint16_t word(double zeroToOne)
{
    return static_cast<uint16_t>(std::lround(std::clamp(zeroToOne, 0.0, 1.0) * 65535));
}

/// The 16-bit encoding of PCS Lab in ICC v2 as 0..1. Source: ICC.1:1998-09, Annex A.
struct LegacyLab {
    static constexpr double kScale = 65280.0 / 65535;
    static Vec3 encode(const Lab &lab)
    {
        return kScale * Vec3(lab.L / 100, (lab.a + 128) / 255, (lab.b + 128) / 255);
    }
    static Lab decode(const Vec3 &v)
    {
        const Vec3 w = v / kScale;
        return {w[0] * 100, w[1] * 255 - 128, w[2] * 255 - 128};
    }
};

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
    static double top() { return std::cbrt(kXyzTop / 0.8249); } // Z of D50 is the smallest
    static constexpr double kLow = 4.0 / 29;
};

/// Where grid points lie on the a* or b* axis: most of them within the gamut's range, neutral on
/// the middle one, spaced closer towards it.
class OpponentAxis {
public:
    /// \param lowest, highest of the gamut
    OpponentAxis(double lowest, double highest)
        : m_low(std::clamp(-1.03 * lowest, 20.0, kEndLow)),
          m_high(std::clamp(1.03 * highest, 20.0, kEndHigh))
    {}

    /// a* or b* to 0..1.
    [[nodiscard]] double toGrid(double value) const
    {
        const double reach = value < 0 ? m_low : m_high;
        const double end = value < 0 ? kEndLow : kEndHigh;
        const double t = std::abs(value) / reach;
        double side = 0; // 0..1
        if (t <= 1)
            side = kInside * std::pow(t, kPower);
        else
            side = kInside + (1 - kInside) * std::min(1.0, (t - 1) * reach / (end - reach + 1e-9));
        return 0.5 + std::copysign(side / 2, value);
    }

    [[nodiscard]] double fromGrid(double position) const
    {
        const double side = std::abs(2 * position - 1);
        const bool below = position < 0.5;
        const double reach = below ? m_low : m_high;
        const double end = below ? kEndLow : kEndHigh;
        const double value = side <= kInside
                                 ? reach * std::pow(side / kInside, 1 / kPower)
                                 : reach + (side - kInside) / (1 - kInside) * (end - reach);
        return below ? -value : value;
    }

private:
    static constexpr double kInside = 0.94;
    static constexpr double kPower = 0.9;
    static constexpr double kEndLow = 128;
    static constexpr double kEndHigh = 127;
    double m_low, m_high;
};

/// Where grid points lie on the axis of one channel's lightness: walls 0 and 1 on points, some
/// beyond each, as far out as Rec. 2020 reaches on an sRGB display.
class ChannelAxis {
public:
    explicit ChannelAxis(int grid)
        : m_steps(grid - 1), m_zero(std::round(0.2 * m_steps)), m_one(std::round(0.9 * m_steps))
    {}

    /// Lightness of a channel at grid point i, and the other way round as 0..1.
    [[nodiscard]] double lightness(double i) const
    {
        if (i < m_zero)
            return kLowest * (1 - i / m_zero);
        if (i > m_one)
            return 1 + (kHighest - 1) * (i - m_one) / (m_steps - m_one);
        return (i - m_zero) / (m_one - m_zero);
    }
    [[nodiscard]] double position(double lightness) const
    {
        const double i = lightness < 0 ? m_zero * (1 - lightness / kLowest)
                         : lightness > 1
                             ? m_one + (m_steps - m_one) * (lightness - 1) / (kHighest - 1)
                             : m_zero + (m_one - m_zero) * lightness;
        return std::clamp(i / m_steps, 0.0, 1.0);
    }
    /// Light, negative below the wall, that the ends stand for.
    [[nodiscard]] static double lowestLight() { return signedLight(kLowest); }
    [[nodiscard]] static double highestLight() { return signedLight(kHighest); }

    static double signedLight(double lightness)
    {
        return std::copysign(lightOf(std::abs(lightness)), lightness);
    }
    static double signedLightness(double light)
    {
        return std::copysign(lightnessOf(std::abs(light)), light);
    }

private:
    static constexpr double kLowest = -0.9;
    static constexpr double kHighest = 1.25;
    double m_steps, m_zero, m_one;
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

/// Black of the perceptual reference medium against the display's own, see makeTables.
class MediumBlack {
public:
    explicit MediumBlack(const DisplayModel &model)
        : m_display(vec(xyzFromLab(model.lab({0, 0, 0}), kD50)))
    {}
    [[nodiscard]] Lab toMedium(const Lab &lab) const
    {
        return labFromXyz(toRelXyz(mapped(m_display, medium(), vec(xyzFromLab(lab, kD50)))), kD50);
    }
    /// The way back as scale and offset of each of X, Y, Z.
    [[nodiscard]] std::pair<Vec3, Vec3> toDisplay() const
    {
        const Vec3 offset = mapped(medium(), m_display, Vec3::Zero());
        return {mapped(medium(), m_display, Vec3::Ones()) - offset, offset};
    }

private:
    static Vec3 mapped(const Vec3 &from, const Vec3 &to, const Vec3 &xyz)
    {
        const Vec3 white = vec(kD50);
        return to + (xyz - from).cwiseProduct((white - to).cwiseQuotient(white - from));
    }
    /// ICC.1:2022, 6.3.4.4.
    static Vec3 medium() { return {0.00336, 0.0034731, 0.00287}; }
    Vec3 m_display;
};

class Maker {
public:
    Maker(const DisplayModel &model, const TableLayout &layout) : m_model(model), m_layout(layout)
    {}

    ProfileTables make()
    {
        ProfileTables t;
        const int grid = m_layout.grid;
        const auto shown = fillGrid(grid, [&](int i, int j, int k, const Vec3 *) {
            return vec(m_model.labAt(Vec3(i, j, k) / (grid - 1)));
        });
        const MediumBlack black(m_model);
        t.forward = forward(shown, [](const Lab &lab) { return lab; });
        t.forwardPerceptual = m_layout.lab
                                  ? t.forward
                                  : forward(shown, [&](const Lab &l) { return black.toMedium(l); });

        const GamutBoundary gamut =
            GamutBoundary::ofCube([&](const Vec3 &v) { return m_model.labAt(v); });
        const GamutBoundary source = gamutOf(namedSpaces().front());
        const GamutCompression compression(gamut, source);
        const GamutInverse search(m_model);
        auto colorimetric = [&](const Lab &lab, bool far, const Vec3 *guess) {
            const auto found = far ? search.nearest(lab, guess) : search.find(lab, guess);
            const double clipped =
                std::clamp((found.miss - kContinuedTo) / (kClippedFrom - kContinuedTo), 0.0, 1.0);
            return Vec3((1 - clipped) * found.continued + clipped * found.lightness);
        };
        auto perceptual = [&](const Lab &lab, bool, const Vec3 *guess) {
            return colorimetric(compression.compress(lab), false, guess);
        };
        if (m_layout.lab) {
            t.inverse = inverseFromLab(gamut, colorimetric);
            t.inversePerceptual = inverseFromLab(gamut, perceptual);
        } else {
            t.inverse = inverseFromXyz({Vec3::Ones(), Vec3::Zero()}, colorimetric);
            t.inversePerceptual = inverseFromXyz(black.toDisplay(), perceptual);
        }
        return t;
    }

private:
    template <class F> TableTransform forward(const std::vector<Vec3> &shown, F &&map) const
    {
        TableTransform t;
        t.grid = m_layout.grid;
        for (int c = 0; c < 3; ++c) {
            for (int code = 0; code < DriveStage::kLevels; ++code)
                t.before[c].push_back(word(m_model.lightness(c, code)));
            if (m_layout.lab)
                t.after[c] = {0, 65535};
            else
                for (int i = 0; i < kCurveEntries; ++i)
                    t.after[c].push_back(word(RootEncoding::relative(i / (kCurveEntries - 1.0)) *
                                              vec(kD50)[c] / RootEncoding::kXyzTop));
        }
        t.nodes.reserve(3 * shown.size());
        auto encode = [&](const Lab &lab) {
            return m_layout.lab ? LegacyLab::encode(lab) : RootEncoding::encode(lab);
        };
        for (const Vec3 &lab : shown)
            append(t.nodes, encode(map(toLabType(lab))));
        // White is white by definition, whatever the fit left over.
        const Vec3 white = encode({100, 0, 0});
        for (int c = 0; c < 3; ++c)
            t.nodes[t.nodes.size() - 3 + c] = word(white[c]);
        return t;
    }

    /// \param mapping scale and offset that XYZ go through first
    /// \param find channel lightness for a colour; told whether it is far outside the gamut
    template <class F>
    TableTransform inverseFromXyz(const std::pair<Vec3, Vec3> &mapping, F &&find) const
    {
        const int grid = m_layout.grid;
        const ChannelAxis axis(grid);
        const double low = ChannelAxis::lowestLight();
        const double range = ChannelAxis::highestLight() - low;
        TableTransform t = withDeviceCurves();
        // encoded XYZ -> light of each channel without interaction -> 0..1 over low..high
        const Mat3 toLight = m_model.primaries().inverse();
        const Vec3 black = vec(xyzFromLab(m_model.labAt(Vec3::Zero()), kD50));
        const auto &[scale, offset] = mapping;
        t.matrix = MatrixStage{RootEncoding::kXyzTop / range * toLight * scale.asDiagonal(),
                               ((toLight * (offset - black)).array() - low) / range};
        for (int i = 0; i < kCurveEntries; ++i) {
            const double light = low + range * i / (kCurveEntries - 1);
            const uint16_t position = word(axis.position(ChannelAxis::signedLightness(light)));
            for (auto &curve : t.before)
                curve.push_back(position);
        }
        const auto found = fillGrid(grid, [&](int i, int j, int k, const Vec3 *previous) {
            const Vec3 lightness(axis.lightness(i), axis.lightness(j), axis.lightness(k));
            const Vec3 xyz =
                black + m_model.primaries() * lightness.unaryExpr(&ChannelAxis::signedLight);
            const bool far = lightness.minCoeff() < -0.08 || lightness.maxCoeff() > 1.05;
            return find(labFromXyz(toRelXyz(xyz), kD50), far, previous);
        });
        setNodes(t, found);
        return t;
    }

    template <class F> TableTransform inverseFromLab(const GamutBoundary &gamut, F &&find) const
    {
        const OpponentAxis a(gamut.minA(), gamut.maxA());
        const OpponentAxis b(gamut.minB(), gamut.maxB());
        TableTransform t = withDeviceCurves();
        for (int i = 0; i < kCurveEntries; ++i) {
            const Lab lab = LegacyLab::decode(Vec3::Constant(i / (kCurveEntries - 1.0)));
            t.before[0].push_back(word(lab.L / 100));
            t.before[1].push_back(word(a.toGrid(lab.a)));
            t.before[2].push_back(word(b.toGrid(lab.b)));
        }
        const double steps = t.grid - 1;
        const auto found = fillGrid(t.grid, [&](int i, int j, int k, const Vec3 *previous) {
            const Lab lab{100 * i / steps, a.fromGrid(j / steps), b.fromGrid(k / steps)};
            constexpr double kMargin = 15; // ΔE*ab of chroma
            const bool far = chroma(lab) > gamut.chromaLimit(lab.L, hueDegrees(lab)) + kMargin;
            return find(lab, far, previous);
        });
        setNodes(t, found);
        const size_t middle = static_cast<size_t>(t.grid) / 2;
        const size_t white = (((t.grid - 1ULL) * t.grid + middle) * t.grid + middle) * 3;
        std::fill_n(t.nodes.begin() + static_cast<long>(white), 3,
                    word((1 + kRoom) / (1 + 2 * kRoom)));
        return t;
    }

    /// The part of an inverse that all have: from nodes to code values.
    [[nodiscard]] TableTransform withDeviceCurves() const
    {
        TableTransform t;
        t.grid = m_layout.grid;
        for (int c = 0; c < 3; ++c)
            for (int i = 0; i < kCurveEntries; ++i) {
                const double at = i / (kCurveEntries - 1.0) * (1 + 2 * kRoom) - kRoom;
                t.after[c].push_back(word(m_model.codeFor(c, std::clamp(at, 0.0, 1.0)) / 255));
            }
        return t;
    }

    static void setNodes(TableTransform &t, const std::vector<Vec3> &lightness)
    {
        t.nodes.reserve(3 * lightness.size());
        for (const Vec3 &v : lightness)
            append(t.nodes, ((v.array() + kRoom) / (1 + 2 * kRoom)).matrix());
    }

    static void append(std::vector<uint16_t> &nodes, const Vec3 &v)
    {
        for (int c = 0; c < 3; ++c)
            nodes.push_back(word(v[c]));
    }

    const DisplayModel &m_model;
    const TableLayout &m_layout;
};

} // namespace

ProfileTables makeTables(const DisplayModel &model, const TableLayout &layout)
{
    return Maker(model, layout).make();
}

} // namespace lantern
