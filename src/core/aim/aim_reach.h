#pragma once

#include "core/aim/aim.h"
#include "core/reading/reading.h"

#include <optional>
#include <string>
#include <vector>

namespace lantern {

/// What a display was read to be able to do, as it stands.
struct DisplayReach {
    XYZ white, black;                  ///< cd/m²
    Mat3 primaries = Mat3::Identity(); ///< columns: light of each channel, cd/m², without black
    bool brightnessCanRise = false;    ///< there is a control that may give more light

    /// Nothing where white, black or a primary was not read, or the primaries do not span colour.
    static std::optional<DisplayReach> fromReadings(const std::vector<Reading> &readings,
                                                    bool brightnessCanRise);

    /// Largest luminance (cd/m²) at a chromaticity, and the channel that runs out there (0 red, 1
    /// green, 2 blue), if one clearly does. Luminance 0: outside what the primaries can mix.
    struct Limit {
        double luminance = 0;
        std::optional<int> channel;
    };
    [[nodiscard]] Limit limit(const Chromaticity &white) const;
};

/// Why a display cannot do what an aim asks, with what it could do; empty when nothing speaks
/// against it. Luminances are only judged where no control can raise them.
std::optional<Message> whyOutOfReach(const Aim &aim, const DisplayReach &reach);

} // namespace lantern
