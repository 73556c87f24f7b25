#include "core/colour/colour.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <numbers>

namespace lantern {

namespace {

// CIE 15:2018, 8.2.1
constexpr double kDelta = 6.0 / 29.0;
constexpr double kDelta3 = kDelta * kDelta * kDelta;

double labF(double t)
{
    return t > kDelta3 ? std::cbrt(t) : t / (3 * kDelta * kDelta) + 4.0 / 29.0;
}

double labFInverse(double f)
{
    return f > kDelta ? f * f * f : 3 * kDelta * kDelta * (f - 4.0 / 29.0);
}

template <class T> Chromaticity chromaticityOf(const T &c)
{
    const double sum = c.X + c.Y + c.Z;
    if (sum == 0)
        return {};
    return {c.X / sum, c.Y / sum};
}

} // namespace

bool isFinite(const XYZ &c)
{
    return std::isfinite(c.X) && std::isfinite(c.Y) && std::isfinite(c.Z);
}

RelXYZ relativeTo(const XYZ &c, const XYZ &white)
{
    return {c.X / white.Y, c.Y / white.Y, c.Z / white.Y};
}

Chromaticity chromaticity(const XYZ &c)
{
    return chromaticityOf(c);
}

Chromaticity chromaticity(const RelXYZ &c)
{
    return chromaticityOf(c);
}

XYZ fromChromaticity(const Chromaticity &c, double luminance)
{
    return {luminance * c.x / c.y, luminance, luminance * (1 - c.x - c.y) / c.y};
}

UvPrime uvPrime(const Chromaticity &c)
{
    const double d = -2 * c.x + 12 * c.y + 3;
    return {4 * c.x / d, 9 * c.y / d};
}

UvPrime uvPrime(const XYZ &c)
{
    const double d = c.X + 15 * c.Y + 3 * c.Z;
    if (d == 0)
        return {};
    return {4 * c.X / d, 9 * c.Y / d};
}

Chromaticity chromaticity(const UvPrime &c)
{
    const double d = 6 * c.u - 16 * c.v + 12;
    return {9 * c.u / d, 4 * c.v / d};
}

double deltaUvPrime(const UvPrime &a, const UvPrime &b)
{
    return std::hypot(a.u - b.u, a.v - b.v);
}

Lab labFromXyz(const RelXYZ &c, const RelXYZ &white)
{
    const double fx = labF(c.X / white.X);
    const double fy = labF(c.Y / white.Y);
    const double fz = labF(c.Z / white.Z);
    return {116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz)};
}

RelXYZ xyzFromLab(const Lab &c, const RelXYZ &white)
{
    const double fy = (c.L + 16) / 116;
    return {white.X * labFInverse(fy + c.a / 500), white.Y * labFInverse(fy),
            white.Z * labFInverse(fy - c.b / 200)};
}

Lab labFromXyz(const RelXYZ &c, const RelXYZ &white, Mat3 &jacobian)
{
    const Vec3 w = vec(white);
    const Vec3 t = vec(c).cwiseQuotient(w);
    Vec3 f;
    Vec3 slope;
    for (int i = 0; i < 3; ++i) {
        f[i] = labF(t[i]);
        slope[i] = (t[i] > kDelta3 ? 1 / (3 * f[i] * f[i]) : 1 / (3 * kDelta * kDelta)) / w[i];
    }
    jacobian << 0, 116 * slope[1], 0, 500 * slope[0], -500 * slope[1], 0, 0, 200 * slope[1],
        -200 * slope[2];
    return {116 * f[1] - 16, 500 * (f[0] - f[1]), 200 * (f[1] - f[2])};
}

double chroma(const Lab &c)
{
    return std::sqrt(c.a * c.a + c.b * c.b);
}

double hueDegrees(const Lab &c)
{
    const double h = std::atan2(c.b, c.a) * 180 / std::numbers::pi;
    return h < 0 ? h + 360 : h;
}

Mat3 bradford(const RelXYZ &from, const RelXYZ &to)
{
    Mat3 cone;
    cone << 0.8951, 0.2664, -0.1614, -0.7502, 1.7135, 0.0367, 0.0389, -0.0685, 1.0296;
    const Vec3 f = cone * vec(from);
    const Vec3 t = cone * vec(to);
    return cone.inverse() * Vec3(t.cwiseQuotient(f)).asDiagonal() * cone;
}

Lab pcsLab(const XYZ &measured, const XYZ &white)
{
    const Mat3 chad = bradford(relativeTo(white, white), kD50);
    return labFromXyz(toRelXyz(chad * vec(relativeTo(measured, white))), kD50);
}

XYZ displayXyz(const Lab &pcs, const XYZ &white)
{
    const Mat3 back = bradford(kD50, relativeTo(white, white));
    return toXyz(white.Y * (back * vec(xyzFromLab(pcs, kD50))));
}

} // namespace lantern
