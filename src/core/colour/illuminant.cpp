#include "core/colour/illuminant.h"

#include "core/colour/white.h"

#include <cmath>

namespace lantern {

namespace {

struct DaylightVectors {
    SpectralPower s0, s1, s2;
};

/// CIE 15:2018, Table T.2, 360..830 nm.
const DaylightVectors &daylightVectors()
{
    static const DaylightVectors v{
        {61.5,  65.15,  68.8,  66.1,   63.4,  64.6,   65.8,  80.3,   94.8,  99.8,   104.8, 105.35,
         105.9, 101.35, 96.8,  105.35, 113.9, 119.75, 125.6, 125.55, 125.5, 123.4,  121.3, 121.3,
         121.3, 117.4,  113.5, 113.3,  113.1, 111.95, 110.8, 108.65, 106.5, 107.65, 108.8, 107.05,
         105.3, 104.85, 104.4, 102.2,  100,   98,     96,    95.55,  95.1,  92.1,   89.1,  89.8,
         90.5,  90.4,   90.3,  89.35,  88.4,  86.2,   84,    84.55,  85.1,  83.5,   81.9,  82.25,
         82.6,  83.75,  84.9,  83.1,   81.3,  76.6,   71.9,  73.1,   74.3,  75.35,  76.4,  69.85,
         63.3,  67.5,   71.7,  74.35,  77,    71.1,   65.2,  56.45,  47.7,  58.15,  68.6,  66.8,
         65,    65.5,   66,    63.5,   61,    57.15,  53.3,  56.1,   58.9,  60.4,   61.9},
        {38,    40.2,  42.4,  40.45,  38.5,  36.75, 35,    39.2,   43.4,  44.85, 46.3,  45.1,
         43.9,  40.5,  37.1,  36.9,   36.7,  36.3,  35.9,  34.25,  32.6,  30.25, 27.9,  26.1,
         24.3,  22.2,  20.1,  18.15,  16.2,  14.7,  13.2,  10.9,   8.6,   7.35,  6.1,   5.15,
         4.2,   3.05,  1.9,   0.95,   0,     -0.8,  -1.6,  -2.55,  -3.5,  -3.5,  -3.5,  -4.65,
         -5.8,  -6.5,  -7.2,  -7.9,   -8.6,  -9.05, -9.5,  -10.2,  -10.9, -10.8, -10.7, -11.35,
         -12,   -13,   -14,   -13.8,  -13.6, -12.8, -12,   -12.65, -13.3, -13.1, -12.9, -11.75,
         -10.6, -11.1, -11.6, -11.9,  -12.2, -11.2, -10.2, -9,     -7.8,  -9.5,  -11.2, -10.8,
         -10.4, -10.5, -10.6, -10.15, -9.7,  -9,    -8.3,  -8.8,   -9.3,  -9.55, -9.8},
        {5.3,  5.7,  6.1,  4.55,  3,    2.1,   1.2,  0.05,  -1.1, -0.8, -0.5, -0.6,  -0.7, -0.95,
         -1.2, -1.9, -2.6, -2.75, -2.9, -2.85, -2.8, -2.7,  -2.6, -2.6, -2.6, -2.2,  -1.8, -1.65,
         -1.5, -1.4, -1.3, -1.25, -1.2, -1.1,  -1,   -0.75, -0.5, -0.4, -0.3, -0.15, 0,    0.1,
         0.2,  0.35, 0.5,  1.3,   2.1,  2.65,  3.2,  3.65,  4.1,  4.4,  4.7,  4.9,   5.1,  5.9,
         6.7,  7,    7.3,  7.95,  8.6,  9.2,   9.8,  10,    10.2, 9.25, 8.3,  8.95,  9.6,  9.05,
         8.5,  7.75, 7,    7.3,   7.6,  7.8,   8,    7.35,  6.7,  5.95, 5.2,  6.3,   7.4,  7.1,
         6.8,  6.9,  7,    6.7,   6.4,  5.95,  5.5,  5.8,   6.1,  6.3,  6.5}};
    return v;
}

} // namespace

SpectralPower illuminantA()
{
    SpectralPower s{};
    constexpr double kC2 = 1.435e7; // nm K, as the definition has it
    constexpr double kKelvin = 2848;
    for (int i = 0; i < kCmfCount; ++i) {
        const double nm = kCmfFirstNm + i * kCmfStepNm;
        s[i] = 100 * std::pow(560 / nm, 5) * std::expm1(kC2 / (kKelvin * 560)) /
               std::expm1(kC2 / (kKelvin * nm));
    }
    return s;
}

SpectralPower daylightSpectrum(double kelvin)
{
    const Chromaticity c = daylight(kelvin);
    const double m = 0.0241 + 0.2562 * c.x - 0.7341 * c.y;
    const double m1 = std::round(1000 * (-1.3515 - 1.7703 * c.x + 5.9114 * c.y) / m) / 1000;
    const double m2 = std::round(1000 * (0.0300 - 31.4424 * c.x + 30.0717 * c.y) / m) / 1000;
    const DaylightVectors &v = daylightVectors();
    SpectralPower s{};
    for (int i = 0; i < kCmfCount; ++i)
        s[i] = v.s0[i] + m1 * v.s1[i] + m2 * v.s2[i];
    return s;
}

RelXYZ whiteOf(const SpectralPower &light, const ColourMatchingFunctions &observer)
{
    Vec3 sum = Vec3::Zero();
    for (int i = 0; i < kCmfCount; ++i)
        sum += light[i] * Vec3(observer.x[i], observer.y[i], observer.z[i]);
    return toRelXyz(sum / sum[1]);
}

std::optional<RelXYZ> namedWhite(const std::string &name)
{
    constexpr double kScale = 1.4388 / 1.4380; // nominal temperatures to ITS-90
    if (name == "D50")
        return kD50;
    if (name == "D65")
        return RelXYZ{0.3127 / 0.3290, 1, (1 - 0.3127 - 0.3290) / 0.3290};
    if (name == "D55")
        return whiteOf(daylightSpectrum(5500 * kScale), cie1931());
    if (name == "D75")
        return whiteOf(daylightSpectrum(7500 * kScale), cie1931());
    if (name == "A")
        return whiteOf(illuminantA(), cie1931());
    if (name == "E")
        return RelXYZ{1, 1, 1};
    return std::nullopt;
}

} // namespace lantern
