#include "core/aim/room.h"

#include <algorithm>
#include <cmath>

namespace lantern {

double screenLuminanceFor(double illuminanceLux)
{
    constexpr double kUsual = 120; // cd/m² at as many lx
    constexpr double kLeast = 60, kMost = 250;
    return std::clamp(kUsual * std::pow(std::max(0.0, illuminanceLux) / kUsual, 0.25), kLeast,
                      kMost);
}

} // namespace lantern
