#pragma once

#include "core/model/display_model.h"

#include <memory>
#include <vector>

namespace lantern {

/// Finds the channel lightness (see DisplayModel) that shows a colour: exactly inside the gamut,
/// the displayable colour of least ΔE00 outside it.
class GamutInverse {
public:
    explicit GamutInverse(const DisplayModel &model);
    ~GamutInverse();

    struct Found {
        Vec3 lightness;  ///< 0..1 each
        double miss = 0; ///< ΔE00 between the aim and what is shown; 0 inside the gamut
        Vec3 continued;  ///< where the model, continued beyond 0..1, would show it; = lightness
                         ///< inside the gamut, and where that search has no end
    };

    /// Both deterministic and safe to call from several threads. \param guess where to look first,
    /// for instance the answer for a neighbouring colour; may be null
    [[nodiscard]] Found find(const Lab &target, const Vec3 *guess = nullptr) const;

    /// As find() for a colour that is known to be well outside the gamut; faster.
    [[nodiscard]] Found nearest(const Lab &target, const Vec3 *guess = nullptr) const;

    /// Code values 0..255, not rounded.
    [[nodiscard]] DeviceRgb codeFor(const Lab &target) const;

private:
    struct Seeds;
    struct Point {
        Vec3 at;
        double cost; ///< squared ΔE*ab or ΔE00
    };
    [[nodiscard]] Point solve(const Vec3 &start, const Vec3 &aim) const;
    [[nodiscard]] Point clip(const Vec3 &start, const Lab &aim) const;

    const DisplayModel &m_model;
    std::unique_ptr<Seeds> m_seeds;
};

} // namespace lantern
