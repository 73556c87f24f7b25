#pragma once

#include "core/profile/profile_file.h"
#include "core/reading/reading.h"

#include <array>
#include <cstdint>
#include <vector>

namespace lantern {

/// A table from RGB to RGB, linear between its nodes.
class ColourCube {
public:
    static constexpr int kNodes = 17;

    /// Turns a picture as it was on the display before calibration into code values that show the
    /// same on the calibrated display: same tint and tone, the luminance of white made equal and
    /// dimmed where the old white lies outside what the display now reaches. \param before readings
    /// of the uncalibrated display, as DisplayModel::fit wants them \param nowWhite white of the
    /// calibrated display, cd/m² \throws Error BadInput as DisplayModel::fit
    static ColourCube before(const std::vector<Reading> &before, const ProfileFile &profile,
                             const XYZ &nowWhite);

    /// One pixel, 8 bits per channel.
    [[nodiscard]] std::array<uint8_t, 3> apply(uint8_t r, uint8_t g, uint8_t b) const;

private:
    std::vector<std::array<float, 3>> m_nodes; ///< 0..255, red slowest
};

} // namespace lantern
