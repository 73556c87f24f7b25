#include "core/colour/spaces.h"

#include <Eigen/LU>
#include <cmath>
#include <numbers>

namespace lantern {

namespace {

constexpr double kEpsilon = 216.0 / 24389; // CIE 15:2018, 8.2
constexpr double kKappa = 24389.0 / 27;

/// u', v' of a colour; those of `white` for black.
UvPrime uvOr(const RelXYZ &c, const UvPrime &white)
{
    const double d = c.X + 15 * c.Y + 3 * c.Z;
    return d > 0 ? UvPrime{4 * c.X / d, 9 * c.Y / d} : white;
}

const Mat3 &srgbMatrix()
{
    static const Mat3 matrix = [] {
        Mat3 p;
        p.col(0) = vec(fromChromaticity({0.64, 0.33}, 1));
        p.col(1) = vec(fromChromaticity({0.30, 0.60}, 1));
        p.col(2) = vec(fromChromaticity({0.15, 0.06}, 1));
        const Vec3 scale = p.inverse() * vec(fromChromaticity({0.3127, 0.3290}, 1));
        return Mat3(p * scale.asDiagonal());
    }();
    return matrix;
}

/// PQ inverse EOTF, cd/m² to signal. Source: ITU-R BT.2100-2, Table 4.
double pqSignal(double luminance)
{
    constexpr double m1 = 2610.0 / 16384;
    constexpr double m2 = 2523.0 / 4096 * 128;
    constexpr double c1 = 3424.0 / 4096;
    constexpr double c2 = 2413.0 / 4096 * 32;
    constexpr double c3 = 2392.0 / 4096 * 32;
    const double y = std::pow(std::max(luminance, 0.0) / 10000, m1);
    return std::pow((c1 + c2 * y) / (1 + c3 * y), m2);
}

} // namespace

Luv luvFromXyz(const RelXYZ &c, const RelXYZ &white)
{
    const double y = c.Y / white.Y;
    const double L = y > kEpsilon ? 116 * std::cbrt(y) - 16 : kKappa * y;
    const UvPrime w = uvOr(white, {});
    const UvPrime uv = uvOr(c, w);
    return {L, 13 * L * (uv.u - w.u), 13 * L * (uv.v - w.v)};
}

RelXYZ xyzFromLuv(const Luv &c, const RelXYZ &white)
{
    if (c.L == 0)
        return {};
    const UvPrime w = uvOr(white, {});
    const double u = c.u / (13 * c.L) + w.u;
    const double v = c.v / (13 * c.L) + w.v;
    const double f = (c.L + 16) / 116;
    const double Y = white.Y * (c.L > 8 ? f * f * f : c.L / kKappa);
    return {Y * 9 * u / (4 * v), Y, Y * (12 - 3 * u - 20 * v) / (4 * v)};
}

Lch lchFromLab(const Lab &c)
{
    return {c.L, chroma(c), c.a == 0 && c.b == 0 ? 0 : hueDegrees(c)};
}

Lab labFromLch(const Lch &c)
{
    const double h = c.h * std::numbers::pi / 180;
    return {c.L, c.C * std::cos(h), c.C * std::sin(h)};
}

Srgb srgbFromXyz(const RelXYZ &c)
{
    static const Mat3 inverse = srgbMatrix().inverse();
    const Vec3 v = (inverse * vec(c)).unaryExpr([](double light) {
        const double l = std::abs(light);
        return std::copysign(l <= 0.0031308 ? 12.92 * l : 1.055 * std::pow(l, 1 / 2.4) - 0.055,
                             light);
    });
    return {v[0], v[1], v[2]};
}

RelXYZ xyzFromSrgb(const Srgb &c)
{
    const Vec3 light = Vec3(c.r, c.g, c.b).unaryExpr([](double signal) {
        const double s = std::abs(signal);
        return std::copysign(s <= 0.04045 ? s / 12.92 : std::pow((s + 0.055) / 1.055, 2.4), signal);
    });
    return toRelXyz(srgbMatrix() * light);
}

Lab pcsFromSrgb(const DeviceRgb &rgb)
{
    static const Mat3 adapt = bradford(xyzFromSrgb({1, 1, 1}), kD50);
    return labFromXyz(toRelXyz(adapt * vec(xyzFromSrgb({rgb.r / 255, rgb.g / 255, rgb.b / 255}))),
                      kD50);
}

DeviceRgb srgbCodesFromPcs(const Lab &lab)
{
    static const Mat3 adapt = bradford(kD50, xyzFromSrgb({1, 1, 1}));
    const Srgb s = srgbFromXyz(toRelXyz(adapt * vec(xyzFromLab(lab, kD50))));
    return {255 * s.r, 255 * s.g, 255 * s.b};
}

Ictcp ictcpFromXyz(const XYZ &c)
{
    // From XYZ to BT.2020 RGB, from that system's primaries and D65 (BT.2020-2 Table 3).
    Mat3 rgbFromXyz;
    rgbFromXyz << 1.716651187971268, -0.355670783776392, -0.253366281373660, //
        -0.666684351832489, 1.616481236634939, 0.0157685458139111,           //
        0.0176398574453108, -0.0427706132578085, 0.942103121235474;
    Mat3 lmsFromRgb;
    lmsFromRgb << 1688, 2146, 262, 683, 2951, 462, 99, 309, 3688;
    const Vec3 lms = lmsFromRgb * (rgbFromXyz * vec(c)) / 4096;
    const double l = pqSignal(lms[0]);
    const double m = pqSignal(lms[1]);
    const double s = pqSignal(lms[2]);
    return {0.5 * l + 0.5 * m, (6610 * l - 13613 * m + 7003 * s) / 4096,
            (17933 * l - 17390 * m - 543 * s) / 4096};
}

Mat3 cat16(const RelXYZ &from, const RelXYZ &to)
{
    Mat3 cone;
    cone << 0.401288, 0.650173, -0.051461, -0.250268, 1.204414, 0.045854, -0.002079, 0.048952,
        0.953127;
    const Vec3 f = cone * vec(from);
    const Vec3 t = cone * vec(to);
    return cone.inverse() * Vec3(t.cwiseQuotient(f)).asDiagonal() * cone;
}

} // namespace lantern
