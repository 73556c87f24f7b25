#include "core/colour/ten_degree.h"

#include "core/base/error.h"

#include <Eigen/LU>

#include <array>

namespace lantern {

namespace {

/// X, Y, Z of each primary for an observer, as columns.
Mat3 primariesFor(const SpectralTable &panel, const std::string &source,
                  const ColourMatchingFunctions &observer)
{
    const std::array<const char *, 3> names = {"red", "green", "blue"};
    Mat3 m = Mat3::Zero();
    for (int c = 0; c < 3; ++c) {
        const auto &curve = panel.curve(names[static_cast<size_t>(c)], source);
        for (int i = 0; i < kCmfCount; ++i)
            m.col(c) += panel.at(curve, kCmfFirstNm + i * kCmfStepNm) *
                        Vec3(observer.x[i], observer.y[i], observer.z[i]);
    }
    return m;
}

} // namespace

TenDegreeMatch tenDegreeMatch(const SpectralTable &panel, const std::string &source,
                              const SpectralPower &light)
{
    const Mat3 large = primariesFor(panel, source, cie1964());
    const Vec3 shares = large.inverse() * vec(whiteOf(light, cie1964()));
    if (!(shares.minCoeff() > 0))
        throw Error(ErrorKind::BadInput, source,
                    "no mixture of its red, green and blue has the chromaticity asked for");
    TenDegreeMatch m;
    m.light = chromaticity(toXyz(vec(whiteOf(light, cie1931()))));
    m.panel = chromaticity(toXyz(primariesFor(panel, source, cie1931()) * shares));
    const UvPrime from = uvPrime(m.light);
    const UvPrime to = uvPrime(m.panel);
    m.offset = {to.u - from.u, to.v - from.v};
    return m;
}

} // namespace lantern
