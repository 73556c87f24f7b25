#pragma once

#include "core/display_model.h"

#include <vector>

namespace lantern {

/// Finds the code values that show a colour: exactly inside the gamut, the nearest displayable
/// colour outside it. "Nearest" is a weighted Lab distance whose weights at the aimed colour are
/// those of CIE 1994 (lightness 1, chroma 1 + 0.045 C, hue 1 + 0.015 C).
class GamutInverse {
public:
    explicit GamutInverse(const DisplayModel &model);

    /// Code values 0..1 for a PCS Lab. Deterministic; safe to call from several threads.
    [[nodiscard]] Vec3 codeFor(const Lab &target) const;

private:
    struct Seed {
        Vec3 code;
        Vec3 lab;
    };
    struct Point {
        Vec3 code;
        double cost; ///< squared distance in units of tolerance
    };
    [[nodiscard]] Point descend(const Vec3 &start, const Mat3 &frame, const Vec3 &aim) const;

    const DisplayModel &m_model;
    std::vector<Seed> m_seeds;
};

} // namespace lantern
