#include "core/colour/white.h"

#include "core/colour/spectra.h"

#include <algorithm>
#include <cmath>

namespace lantern {

namespace {

/// CIE 1960 u, v.
struct Uv60 {
    double u, v;
};

Uv60 uv60(const Chromaticity &c)
{
    const UvPrime p = uvPrime(c);
    return {p.u, p.v * 2 / 3};
}

Chromaticity fromUv60(const Uv60 &c)
{
    return chromaticity(UvPrime{c.u, c.v * 3 / 2});
}

double distanceToLocus(const Uv60 &c, double kelvin)
{
    const Uv60 p = uv60(planckian(kelvin));
    return std::hypot(c.u - p.u, c.v - p.v);
}

/// Unit normal of the locus at `kelvin`, on the side of greater v (green).
Uv60 locusNormal(double kelvin)
{
    const Uv60 a = uv60(planckian(kelvin * 0.9999));
    const Uv60 b = uv60(planckian(kelvin * 1.0001));
    const double length = std::hypot(b.u - a.u, b.v - a.v);
    // hotter runs to smaller u, so the left-hand normal of (a -> b) points down; take the other
    return {(b.v - a.v) / length, -(b.u - a.u) / length};
}

} // namespace

Chromaticity planckian(double kelvin)
{
    const auto &cmf = cie1931();
    double x = 0, y = 0, z = 0;
    for (int i = 0; i < kCmfCount; ++i) {
        const double metres = (kCmfFirstNm + i * kCmfStepNm) * 1e-9;
        // relative to 560 nm, so that the power neither overflows nor vanishes
        const double radiance = std::pow(560e-9 / metres, 5) *
                                std::exp(kPlanckC2 / kelvin * (1 / 560e-9 - 1 / metres)) /
                                -std::expm1(-kPlanckC2 / (metres * kelvin));
        x += radiance * cmf.x[i];
        y += radiance * cmf.y[i];
        z += radiance * cmf.z[i];
    }
    return {x / (x + y + z), y / (x + y + z)};
}

Chromaticity daylight(double kelvin)
{
    const double t = kelvin;
    const double x = t <= 7000
                         ? -4.6070e9 / (t * t * t) + 2.9678e6 / (t * t) + 0.09911e3 / t + 0.244063
                         : -2.0064e9 / (t * t * t) + 1.9018e6 / (t * t) + 0.24748e3 / t + 0.237040;
    return {x, -3 * x * x + 2.870 * x - 0.275};
}

Chromaticity daylightNominal(double nominalKelvin)
{
    return daylight(nominalKelvin * 1.4388 / 1.4380);
}

Cct correlatedColourTemperature(const Chromaticity &c)
{
    const Uv60 target = uv60(c);
    // Coarse scan in reciprocal temperature, in which the locus is run through evenly.
    constexpr int kSteps = 97;
    const double coldest = 1e6 / kMinCct;
    const double hottest = 1e6 / kMaxCct;
    const double step = (coldest - hottest) / (kSteps - 1);
    double best = hottest;
    double bestDistance = INFINITY;
    for (int i = 0; i < kSteps; ++i) {
        const double mired = hottest + i * step;
        const double d = distanceToLocus(target, 1e6 / mired);
        if (d < bestDistance) {
            bestDistance = d;
            best = mired;
        }
    }
    double low = std::max(hottest, best - step);
    double high = std::min(coldest, best + step);
    constexpr double kGolden = 0.6180339887498949;
    for (int i = 0; i < 70; ++i) {
        const double a = high - kGolden * (high - low);
        const double b = low + kGolden * (high - low);
        if (distanceToLocus(target, 1e6 / a) < distanceToLocus(target, 1e6 / b))
            high = b;
        else
            low = a;
    }
    const double kelvin = 2e6 / (low + high);
    const Uv60 p = uv60(planckian(kelvin));
    const Uv60 n = locusNormal(kelvin);
    const double side = (target.u - p.u) * n.u + (target.v - p.v) * n.v;
    return {kelvin, std::copysign(distanceToLocus(target, kelvin), side)};
}

Chromaticity fromCct(const Cct &cct)
{
    const Uv60 p = uv60(planckian(cct.kelvin));
    const Uv60 n = locusNormal(cct.kelvin);
    return fromUv60({p.u + cct.duv * n.u, p.v + cct.duv * n.v});
}

} // namespace lantern
