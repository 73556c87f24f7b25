#pragma once

#include "core/colour/colour.h"
#include "core/model/grey_response.h"

#include <array>
#include <vector>

namespace lantern {

/// Channels by which greys are shown.
struct GreyChannels {
    Mat3 primaries = Mat3::Identity(); ///< columns: light of each channel, cd/m²
    XYZ black;                         ///< that is there without any of them
    std::array<std::vector<GreyResponse::Level>, 3> levels; ///< that can be sent, rising
};

/// Signals sent for one entry of a correction, and the light of the channels then.
struct GreyEntry {
    Vec3 signal, light;
};

/// For each grey that is aimed at, from black to white, the three signals, among those near the
/// exact ones that can be sent, whose colour is nearest to it; none is below the one before.
/// \param aimed in cd/m², evenly spaced, the white last \param nativeBlack the first one is sent
/// nothing
std::vector<GreyEntry> nearestEntries(const std::vector<XYZ> &aimed, const GreyChannels &channels,
                                      bool nativeBlack);

} // namespace lantern
