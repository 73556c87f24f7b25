#pragma once

#include "core/colour/colour.h"

#include <functional>
#include <string>
#include <vector>

namespace lantern {

/// The closed surface of a gamut in Lab, as the chroma it reaches at each lightness and hue.
///
/// The gamut is taken as star-shaped around the neutral axis, which those of RGB displays and
/// printing are.
class GamutBoundary {
public:
    static constexpr int kSlices = 200; ///< of lightness, 0..100
    static constexpr int kHues = 720;   ///< bins of half a degree

    /// Of an additive device. \param toLab PCS Lab of channel values 0..1 each; continuous
    static GamutBoundary ofCube(const std::function<Lab(const Vec3 &)> &toLab);

    /// Largest chroma at a lightness (0..100) and hue; 0 beyond black and white.
    [[nodiscard]] double chromaLimit(double lightness, double hueDegrees) const;

    [[nodiscard]] bool contains(const Lab &lab) const;

    /// Cubic ΔE*ab units.
    [[nodiscard]] double volume() const;

    /// Volume of what both hold.
    [[nodiscard]] static double commonVolume(const GamutBoundary &a, const GamutBoundary &b);

    /// Smallest and largest a* and b* of the surface.
    [[nodiscard]] double minA() const { return m_minA; }
    [[nodiscard]] double maxA() const { return m_maxA; }
    [[nodiscard]] double minB() const { return m_minB; }
    [[nodiscard]] double maxB() const { return m_maxB; }

private:
    GamutBoundary() : m_limit(static_cast<size_t>(kSlices) * kHues, 0.0f) {}
    void addTriangle(const Lab &p, const Lab &q, const Lab &r);
    void addSegment(int slice, const Eigen::Vector2d &p, const Eigen::Vector2d &q);
    void fillGaps();

    std::vector<float> m_limit; ///< chroma in the middle of each slice, slice by slice
    double m_minA = 0, m_maxA = 0, m_minB = 0, m_maxB = 0;
};

/// A colour space that gamuts are compared with.
struct NamedSpace {
    std::string name;
    std::array<Chromaticity, 3> primaries;
    Chromaticity white;
};

/// sRGB, Adobe RGB (1998), Display P3, DCI-P3, Rec. 2020. Sources: IEC 61966-2-1; Adobe RGB (1998)
/// specification, 2005; SMPTE EG 432-1 and RP 431-2; ITU-R BT.2020-2.
const std::vector<NamedSpace> &namedSpaces();

/// The gamut of a space, relative to its own white.
GamutBoundary gamutOf(const NamedSpace &space);

} // namespace lantern
