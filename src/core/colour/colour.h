#pragma once

#include <Eigen/Core>
#include <array>

namespace lantern {

using Vec3 = Eigen::Vector3d;
using Mat3 = Eigen::Matrix3d;

/// Tristimulus values of an emitter, CIE 1931 2°, in cd/m²; Y is the luminance.
struct XYZ {
    double X = 0, Y = 0, Z = 0;
    bool operator==(const XYZ &) const = default;
};

/// Tristimulus values relative to a white whose Y is 1. Dimensionless.
struct RelXYZ {
    double X = 0, Y = 0, Z = 0;
    bool operator==(const RelXYZ &) const = default;
};

/// CIE 1931 chromaticity x, y.
struct Chromaticity {
    double x = 0, y = 0;
    bool operator==(const Chromaticity &) const = default;
};

/// CIE 1976 UCS chromaticity u', v'.
struct UvPrime {
    double u = 0, v = 0;
    bool operator==(const UvPrime &) const = default;
};

/// CIELAB. L* in 0..100 for surface colours, a* and b* any finite value.
struct Lab {
    double L = 0, a = 0, b = 0;
    bool operator==(const Lab &) const = default;
};

/// Code values sent to a display, each 0..255; fractions are allowed.
struct DeviceRgb {
    double r = 0, g = 0, b = 0;
    bool operator==(const DeviceRgb &) const = default;
};

inline constexpr double kDeviceTop = 255;
inline constexpr DeviceRgb kDeviceWhite{kDeviceTop, kDeviceTop, kDeviceTop};
inline constexpr DeviceRgb kDeviceBlack{0, 0, 0};

/// PCS white of ICC profiles. Source: ICC.1:2022, 6.3.4.3 (X 0.9642, Y 1.0, Z 0.8249).
inline constexpr RelXYZ kD50{0.9642, 1.0, 0.8249};

inline Vec3 vec(const XYZ &c)
{
    return {c.X, c.Y, c.Z};
}
inline Vec3 vec(const RelXYZ &c)
{
    return {c.X, c.Y, c.Z};
}
inline Vec3 vec(const Lab &c)
{
    return {c.L, c.a, c.b};
}
inline Vec3 vec(const DeviceRgb &c)
{
    return {c.r, c.g, c.b};
}
inline XYZ toXyz(const Vec3 &v)
{
    return {v[0], v[1], v[2]};
}
inline RelXYZ toRelXyz(const Vec3 &v)
{
    return {v[0], v[1], v[2]};
}
inline Lab toLabType(const Vec3 &v)
{
    return {v[0], v[1], v[2]};
}
inline DeviceRgb toDeviceRgb(const Vec3 &v)
{
    return {v[0], v[1], v[2]};
}

/// True when all three components are finite numbers.
bool isFinite(const XYZ &c);

/// Divides by the luminance of `white`. white.Y must be > 0.
RelXYZ relativeTo(const XYZ &c, const XYZ &white);

/// Red, green and blue of a colour space or a display.
using PrimarySet = std::array<Chromaticity, 3>;

/// Chromaticity of a colour; black (X+Y+Z = 0) has none and gives {0, 0}.
Chromaticity chromaticity(const XYZ &c);
Chromaticity chromaticity(const RelXYZ &c);

/// Colour of luminance Y (cd/m²) and chromaticity c; c.y must be > 0.
XYZ fromChromaticity(const Chromaticity &c, double luminance);

/// x,y to u',v' and back. Source: CIE 15:2018, 8.1.
UvPrime uvPrime(const Chromaticity &c);
UvPrime uvPrime(const XYZ &c);
Chromaticity chromaticity(const UvPrime &c);

/// Euclidean distance in u',v'.
double deltaUvPrime(const UvPrime &a, const UvPrime &b);

/// CIELAB of `c` under `white`; both in the same relative scale, white components > 0.
/// Source: CIE 15:2018, 8.2.1 with the exact fractions (6/29)³ and (29/6)²/3.
Lab labFromXyz(const RelXYZ &c, const RelXYZ &white);
RelXYZ xyzFromLab(const Lab &c, const RelXYZ &white);

/// The same, and dLab/dXYZ at `c`: 3x3, rows L a b.
Lab labFromXyz(const RelXYZ &c, const RelXYZ &white, Mat3 &jacobian);

/// Chroma and hue angle (degrees 0..360) of a CIELAB colour. Source: CIE 15:2018, 8.2.1.
double chroma(const Lab &c);
double hueDegrees(const Lab &c);

/// Bradford adaptation matrix from `from` white to `to` white, for column XYZ.
/// Source: ICC.1:2022, Annex E.
Mat3 bradford(const RelXYZ &from, const RelXYZ &to);

/// CIELAB (D50) of a measured colour as an ICC profile sees it: relative to the display's white,
/// adapted to D50 with Bradford. \param white measured white, Y > 0.
Lab pcsLab(const XYZ &measured, const XYZ &white);

/// Colour that a PCS Lab (D50) asks of a display whose white is `white` (cd/m²).
XYZ displayXyz(const Lab &pcs, const XYZ &white);

} // namespace lantern
