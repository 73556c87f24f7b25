#pragma once

#include "core/reading/reading.h"

#include <vector>

namespace lantern {

/// Room light that a screen throws back into the eye, on top of its own.
struct StrayLight {
    XYZ reflected; ///< cd/m²

    /// From the room: reflectance * illuminance / pi, in the colour of the room's light.
    /// \param reflectance of the screen, 0..1  \param illuminanceLux >= 0
    static StrayLight fromRoom(double illuminanceLux, double reflectance, const Chromaticity &room);

    /// From readings of the same patches in contact and from a distance: mean of the differences.
    /// \throws Error BadInput when the two sets share no patch.
    static StrayLight fromReadings(const std::vector<Reading> &contact,
                                   const std::vector<Reading> &distant, const std::string &source);

    /// The readings as the eye gets them.
    [[nodiscard]] std::vector<Reading> seen(const std::vector<Reading> &readings) const;

    /// Contrast the eye sees. White and black in cd/m²; black + reflected must be > 0.
    [[nodiscard]] double contrast(double white, double black) const
    {
        return (white + reflected.Y) / (black + reflected.Y);
    }
};

} // namespace lantern
