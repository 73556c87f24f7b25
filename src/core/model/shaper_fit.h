#pragma once

#include "core/model/display_model.h"

#include <array>
#include <vector>

namespace lantern {

/// Colorants and a curve per channel: all that many programs take from a profile.
struct Shaper {
    Mat3 colorants;                            ///< PCS XYZ as columns; they add up to D50
    std::array<std::vector<double>, 3> curves; ///< 0..1 at even steps of the code value, rising

    /// PCS Lab of code values 0..255.
    [[nodiscard]] Lab lab(const DeviceRgb &rgb) const;
};

/// The shaper nearest to a model, greys first: curves are solved so that all greys, black too, come
/// out as the model has them, and of all colorants for which that is so those are taken that leave
/// the least ΔE00 over common colours (those of low and middle chroma count more).
/// \param entries of the curves
Shaper fitShaper(const DisplayModel &model, int entries);

} // namespace lantern
