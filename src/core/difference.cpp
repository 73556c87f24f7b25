#include "core/difference.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace lantern {

namespace {

constexpr double kDegree = std::numbers::pi / 180;

double square(double v)
{
    return v * v;
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

/// I, T (half of Ct), P (= Cp). Sources: BT.2100-2 Table 7, BT.2124-0 section 2; the matrix from
/// XYZ to BT.2020 RGB is derived from that system's primaries and D65 (BT.2020-2 Table 3).
Vec3 itp(const XYZ &c)
{
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
    return {0.5 * l + 0.5 * m, 0.5 * (6610 * l - 13613 * m + 7003 * s) / 4096,
            (17933 * l - 17390 * m - 543 * s) / 4096};
}

/// Hue angle in degrees 0..360; 0 for a neutral.
double primedHue(double aPrime, double b)
{
    if (aPrime == 0 && b == 0)
        return 0;
    const double h = std::atan2(b, aPrime) / kDegree;
    return h < 0 ? h + 360 : h;
}

} // namespace

double deltaE76(const Lab &a, const Lab &b) noexcept
{
    return std::hypot(a.L - b.L, a.a - b.a, a.b - b.b);
}

double deltaE94(const Lab &reference, const Lab &sample) noexcept
{
    const double c1 = chroma(reference);
    const double dC = c1 - chroma(sample);
    const double dH2 =
        std::max(0.0, square(reference.a - sample.a) + square(reference.b - sample.b) - dC * dC);
    return std::sqrt(square(reference.L - sample.L) + square(dC / (1 + 0.045 * c1)) +
                     dH2 / square(1 + 0.015 * c1));
}

double deltaECmc(const Lab &reference, const Lab &sample, double l, double c) noexcept
{
    const double c1 = chroma(reference);
    const double h1 = hueDegrees(reference);
    const double dC = c1 - chroma(sample);
    const double dH2 =
        std::max(0.0, square(reference.a - sample.a) + square(reference.b - sample.b) - dC * dC);
    const double sL =
        reference.L < 16 ? 0.511 : 0.040975 * reference.L / (1 + 0.01765 * reference.L);
    const double sC = 0.0638 * c1 / (1 + 0.0131 * c1) + 0.638;
    const double c4 = std::pow(c1, 4);
    const double f = std::sqrt(c4 / (c4 + 1900));
    const double t = h1 >= 164 && h1 <= 345 ? 0.56 + std::abs(0.2 * std::cos((h1 + 168) * kDegree))
                                            : 0.36 + std::abs(0.4 * std::cos((h1 + 35) * kDegree));
    const double sH = sC * (f * t + 1 - f);
    return std::sqrt(square((reference.L - sample.L) / (l * sL)) + square(dC / (c * sC)) +
                     dH2 / square(sH));
}

double deltaE2000(const Lab &a, const Lab &b) noexcept
{
    const double cMean = (chroma(a) + chroma(b)) / 2;
    const double c7 = std::pow(cMean, 7);
    const double g = 0.5 * (1 - std::sqrt(c7 / (c7 + 6103515625.0))); // 25^7
    const double a1 = (1 + g) * a.a;
    const double a2 = (1 + g) * b.a;
    const double c1 = std::hypot(a1, a.b);
    const double c2 = std::hypot(a2, b.b);
    const double h1 = primedHue(a1, a.b);
    const double h2 = primedHue(a2, b.b);

    const bool neutral = c1 * c2 == 0;
    double dh = h2 - h1;
    if (neutral)
        dh = 0;
    else if (dh > 180)
        dh -= 360;
    else if (dh < -180)
        dh += 360;
    const double dL = b.L - a.L;
    const double dC = c2 - c1;
    const double dH = 2 * std::sqrt(c1 * c2) * std::sin(dh / 2 * kDegree);

    const double lMean = (a.L + b.L) / 2;
    const double cPrimeMean = (c1 + c2) / 2;
    double hMean = h1 + h2;
    if (!neutral) {
        if (std::abs(h1 - h2) <= 180)
            hMean /= 2;
        else
            hMean = hMean < 360 ? (hMean + 360) / 2 : (hMean - 360) / 2;
    }
    const double t =
        1 - 0.17 * std::cos((hMean - 30) * kDegree) + 0.24 * std::cos(2 * hMean * kDegree) +
        0.32 * std::cos((3 * hMean + 6) * kDegree) - 0.20 * std::cos((4 * hMean - 63) * kDegree);
    const double dTheta = 30 * std::exp(-square((hMean - 275) / 25));
    const double cp7 = std::pow(cPrimeMean, 7);
    const double rC = 2 * std::sqrt(cp7 / (cp7 + 6103515625.0));
    const double l50 = square(lMean - 50);
    const double sL = 1 + 0.015 * l50 / std::sqrt(20 + l50);
    const double sC = 1 + 0.045 * cPrimeMean;
    const double sH = 1 + 0.015 * cPrimeMean * t;
    const double rT = -std::sin(2 * dTheta * kDegree) * rC;
    const double sum =
        square(dL / sL) + square(dC / sC) + square(dH / sH) + rT * (dC / sC) * (dH / sH);
    return std::sqrt(std::isnan(sum) ? sum : std::max(0.0, sum));
}

double deltaEItp(const XYZ &a, const XYZ &b) noexcept
{
    return 720 * (itp(a) - itp(b)).norm();
}

} // namespace lantern
