#include "core/base/vectorised.h"
#include "core/colour/difference.h"

#include <cmath>

// The formula of difference.cpp without branches or library calls, so that the compiler can work on
// eight pairs at once. Angles are handled as directions; only the weight of the blue rotation needs
// an angle, its exponential and its sine, for which short polynomials do.

namespace lantern {

namespace {

#define LANTERN_INLINE __attribute__((always_inline)) inline

LANTERN_INLINE float chromaWeight(float c)
{
    const float c2 = c * c;
    const float c7 = c2 * c2 * c2 * c;
    return std::sqrt(c7 / (c7 + 6103515625.0f)); // 25^7
}

/// atan2(s, c) in radians of a unit vector; largest error 1e-5. Abramowitz, Stegun (1964), 4.4.49.
LANTERN_INLINE float angle(float s, float c)
{
    const float as = std::fabs(s);
    const float ac = std::fabs(c);
    const float small = as < ac ? as : ac;
    const float large = as < ac ? ac : as;
    const float t = small / (large + 1e-20f);
    const float t2 = t * t;
    float r = t * (0.9998660f +
                   t2 * (-0.3302995f + t2 * (0.1801410f + t2 * (-0.0851330f + t2 * 0.0208351f))));
    r = as > ac ? 1.57079633f - r : r;
    r = c < 0 ? 3.14159265f - r : r;
    return s < 0 ? -r : r;
}

/// exp(-x), x >= 0: the 16th power of a series; relative error below 1e-5 where it matters.
LANTERN_INLINE float expMinus(float x)
{
    const float limited = x < 40 ? x : 40;
    const float y = -limited / 64;
    float e = 1 + y * (1 + y * (0.5f + y * (1.0f / 6 + y * (1.0f / 24 + y / 120))));
    e *= e;
    e *= e;
    e *= e;
    e *= e;
    e *= e;
    return e * e;
}

/// sin(x), 0 <= x <= 60 degrees in radians.
LANTERN_INLINE float sine(float x)
{
    const float x2 = x * x;
    return x * (1 + x2 * (-1.0f / 6 + x2 * (1.0f / 120 - x2 / 5040)));
}

} // namespace

LANTERN_VECTORISED void deltaE2000(const LabArrays &a, const LabArrays &b, float *out,
                                   size_t count) noexcept
{
    for (size_t i = 0; i < count; ++i) {
        const float L1 = a.L[i], a1 = a.a[i], b1 = a.b[i];
        const float L2 = b.L[i], a2 = b.a[i], b2 = b.b[i];
        const float c1 = std::sqrt(a1 * a1 + b1 * b1);
        const float c2 = std::sqrt(a2 * a2 + b2 * b2);
        const float stretch = 1.5f - 0.5f * chromaWeight(0.5f * (c1 + c2));
        const float p1 = stretch * a1;
        const float p2 = stretch * a2;
        const float k1 = std::sqrt(p1 * p1 + b1 * b1);
        const float k2 = std::sqrt(p2 * p2 + b2 * b2);
        const float kMean = 0.5f * (k1 + k2);

        const float i1 = 1 / (k1 + 1e-20f);
        const float i2 = 1 / (k2 + 1e-20f);
        const float u1 = p1 * i1, v1 = b1 * i1;
        const float u2 = p2 * i2, v2 = b2 * i2;
        const float mu = u1 + u2;
        const float mv = v1 + v2;
        const float inverse = 1 / (std::sqrt(mu * mu + mv * mv) + 1e-12f);
        const float dH = 2 * std::sqrt(k1 * k2) * (u1 * v2 - v1 * u2) * inverse;
        const float c = mu * inverse;
        const float s = mv * inverse;

        const float cos2 = 2 * c * c - 1;
        const float sin2 = 2 * s * c;
        const float t =
            1 - 0.17f * (c * 0.866025404f + s * 0.5f) + 0.24f * cos2 +
            0.32f * ((4 * c * c - 3) * c * 0.994521895f - (3 - 4 * s * s) * s * 0.104528463f) -
            0.20f * ((2 * cos2 * cos2 - 1) * 0.453990500f + 2 * sin2 * cos2 * 0.891006524f);
        float hue = angle(s, c) * 57.2957795f;
        hue = hue < 0 ? hue + 360 : hue;
        const float z = (hue - 275) / 25;
        const float rotation =
            -2 * chromaWeight(kMean) * sine(1.04719755f * expMinus(z * z)); // 2 * 30 degrees

        const float lMean = 0.5f * (L1 + L2) - 50;
        const float l50 = lMean * lMean;
        const float q = std::sqrt(20 + l50);
        const float dl = (L2 - L1) * q / (q + 0.015f * l50);
        const float sC = 1 + 0.045f * kMean;
        const float sH = 1 + 0.015f * kMean * t;
        const float weight = 1 / (sC * sH);
        const float dc = (k2 - k1) * sH * weight;
        const float dh = dH * sC * weight;
        const float sum = dl * dl + dc * dc + dh * dh + rotation * dc * dh;
        out[i] = std::sqrt(sum < 0 ? 0.0f : sum); // NaN stays NaN
    }
}

} // namespace lantern
