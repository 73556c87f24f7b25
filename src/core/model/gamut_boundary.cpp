#include "core/model/gamut_boundary.h"

#include <Eigen/LU>
#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace lantern {

namespace {

constexpr double kSliceHeight = 100.0 / GamutBoundary::kSlices;
constexpr double kBin = 2 * std::numbers::pi / GamutBoundary::kHues;
/// Steps along each edge of a face of the cube. The faces are parametrised in L* of the channel,
/// in which they are nearly flat.
constexpr int kFaceSteps = 32;

/// A broken profile may give anything; colours far beyond any are drawn in, nonsense counts as 0.
Lab sane(const Lab &lab)
{
    static constexpr double kFar = 1000;
    auto limit = [](double v) { return std::isfinite(v) ? std::clamp(v, -kFar, kFar) : 0.0; };
    return {limit(lab.L), limit(lab.a), limit(lab.b)};
}

double cross(const Eigen::Vector2d &p, const Eigen::Vector2d &q)
{
    return p[0] * q[1] - p[1] * q[0];
}

} // namespace

GamutBoundary GamutBoundary::ofCube(const std::function<Lab(const Vec3 &)> &toLab)
{
    GamutBoundary g;
    constexpr int n = kFaceSteps + 1;
    std::vector<Lab> face(static_cast<size_t>(n) * n);
    for (int axis = 0; axis < 3; ++axis)
        for (const double wall : {0.0, 1.0}) {
            for (int i = 0; i < n; ++i)
                for (int j = 0; j < n; ++j) {
                    Vec3 at;
                    at[axis] = wall;
                    at[(axis + 1) % 3] = static_cast<double>(i) / kFaceSteps;
                    at[(axis + 2) % 3] = static_cast<double>(j) / kFaceSteps;
                    const Lab lab = sane(toLab(at));
                    g.m_minA = std::min(g.m_minA, lab.a);
                    g.m_maxA = std::max(g.m_maxA, lab.a);
                    g.m_minB = std::min(g.m_minB, lab.b);
                    g.m_maxB = std::max(g.m_maxB, lab.b);
                    face[static_cast<size_t>(i) * n + j] = lab;
                }
            for (int i = 0; i < kFaceSteps; ++i)
                for (int j = 0; j < kFaceSteps; ++j) {
                    const Lab *corner = &face[static_cast<size_t>(i) * n + j];
                    g.addTriangle(corner[0], corner[1], corner[n]);
                    g.addTriangle(corner[1], corner[n + 1], corner[n]);
                }
        }
    g.fillGaps();
    return g;
}

/// Cuts a triangle with the middle planes of the slices.
void GamutBoundary::addTriangle(const Lab &p, const Lab &q, const Lab &r)
{
    const std::array<Lab, 3> corner = {p, q, r};
    const double low = std::min({p.L, q.L, r.L});
    const double high = std::max({p.L, q.L, r.L});
    const int first = std::max(0, static_cast<int>(std::ceil(low / kSliceHeight - 0.5)));
    const int last = std::min(kSlices - 1, static_cast<int>(std::floor(high / kSliceHeight - 0.5)));
    for (int slice = first; slice <= last; ++slice) {
        const double level = (slice + 0.5) * kSliceHeight;
        std::array<Eigen::Vector2d, 3> cut;
        int cuts = 0;
        for (int i = 0; i < 3; ++i) {
            const Lab &from = corner[i];
            const Lab &to = corner[(i + 1) % 3];
            if ((from.L < level) == (to.L < level))
                continue;
            const double t = (level - from.L) / (to.L - from.L);
            cut[cuts++] = {from.a + t * (to.a - from.a), from.b + t * (to.b - from.b)};
        }
        if (cuts == 2)
            addSegment(slice, cut[0], cut[1]);
    }
}

/// Notes the distance of a segment from the axis in every hue bin whose middle it crosses.
void GamutBoundary::addSegment(int slice, const Eigen::Vector2d &p, const Eigen::Vector2d &q)
{
    const double from = std::atan2(p[1], p[0]);
    double span = std::atan2(q[1], q[0]) - from;
    if (span > std::numbers::pi)
        span -= 2 * std::numbers::pi;
    else if (span < -std::numbers::pi)
        span += 2 * std::numbers::pi;
    const double low = std::min(from, from + span);
    const double high = std::max(from, from + span);
    const Eigen::Vector2d along = q - p;
    for (int bin = static_cast<int>(std::ceil(low / kBin - 0.5));
         bin <= static_cast<int>(std::floor(high / kBin - 0.5)); ++bin) {
        const double hue = (bin + 0.5) * kBin;
        const Eigen::Vector2d ray(std::cos(hue), std::sin(hue));
        const double denominator = cross(ray, along);
        const double distance =
            std::abs(denominator) > 1e-12 ? cross(p, along) / denominator : p.norm();
        const int wrapped = ((bin % kHues) + kHues) % kHues;
        float &limit = m_limit[static_cast<size_t>(slice) * kHues + wrapped];
        limit = std::max(limit, static_cast<float>(distance));
    }
}

/// Hue bins that no segment crossed (the axis touches the surface there) take their neighbour's.
void GamutBoundary::fillGaps()
{
    for (int slice = 0; slice < kSlices; ++slice) {
        float *row = &m_limit[static_cast<size_t>(slice) * kHues];
        for (int bin = 0; bin < 2 * kHues; ++bin)
            if (row[bin % kHues] == 0)
                row[bin % kHues] = row[(bin + kHues - 1) % kHues];
    }
}

double GamutBoundary::chromaLimit(double lightness, double hueDegrees) const
{
    if (!(lightness > 0 && lightness < 100))
        return 0;
    // bilinear between the middles of slices and bins, down to nothing at the ends
    const double s = lightness / kSliceHeight - 0.5;
    const double h = hueDegrees / 360 * kHues - 0.5;
    const int s0 = static_cast<int>(std::floor(s));
    const int h0 = static_cast<int>(std::floor(h));
    const double fs = s - s0;
    const double fh = h - h0;
    auto at = [&](int slice, int bin) {
        if (slice < 0 || slice >= kSlices)
            return 0.0;
        const int wrapped = ((bin % kHues) + kHues) % kHues;
        return static_cast<double>(m_limit[static_cast<size_t>(slice) * kHues + wrapped]);
    };
    return (1 - fs) * ((1 - fh) * at(s0, h0) + fh * at(s0, h0 + 1)) +
           fs * ((1 - fh) * at(s0 + 1, h0) + fh * at(s0 + 1, h0 + 1));
}

bool GamutBoundary::contains(const Lab &lab) const
{
    return chroma(lab) <= chromaLimit(lab.L, hueDegrees(lab));
}

double GamutBoundary::volume() const
{
    return commonVolume(*this, *this);
}

double GamutBoundary::commonVolume(const GamutBoundary &a, const GamutBoundary &b)
{
    double squares = 0;
    for (size_t i = 0; i < a.m_limit.size(); ++i) {
        const double both = std::min(a.m_limit[i], b.m_limit[i]);
        squares += both * both;
    }
    return squares / 2 * kBin * kSliceHeight;
}

const std::vector<NamedSpace> &namedSpaces()
{
    static const std::vector<NamedSpace> spaces = {
        {"sRGB", {{{0.64, 0.33}, {0.30, 0.60}, {0.15, 0.06}}}, {0.3127, 0.3290}},
        {"Adobe RGB (1998)", {{{0.64, 0.33}, {0.21, 0.71}, {0.15, 0.06}}}, {0.3127, 0.3290}},
        {"Display P3", {{{0.680, 0.320}, {0.265, 0.690}, {0.150, 0.060}}}, {0.3127, 0.3290}},
        {"DCI-P3", {{{0.680, 0.320}, {0.265, 0.690}, {0.150, 0.060}}}, {0.314, 0.351}},
        {"Rec. 2020", {{{0.708, 0.292}, {0.170, 0.797}, {0.131, 0.046}}}, {0.3127, 0.3290}},
    };
    return spaces;
}

GamutBoundary gamutOf(const NamedSpace &space)
{
    Mat3 primaries;
    for (int c = 0; c < 3; ++c)
        primaries.col(c) = vec(fromChromaticity(space.primaries[c], 1));
    const XYZ white = fromChromaticity(space.white, 1);
    const Vec3 scale = primaries.inverse() * vec(white);
    const Mat3 mix = primaries * scale.asDiagonal();
    return GamutBoundary::ofCube([&](const Vec3 &v) {
        const Vec3 light = v.array().cube(); // only the shape of the surface matters
        return pcsLab(toXyz(mix * light), white);
    });
}

} // namespace lantern
