#pragma once

#include "app/state/session_state.h"

namespace lantern::app {

/// What the eye can ask for; each has a step of known size.
enum class Knob { Warmth, Tint, Luminance, Lightness };
inline constexpr int kKnobs = 4;

/// Δu'v' of a white along the two directions that eyes tell.
struct Along {
    double warmer = 0, greener = 0;
};
Along along(const UvPrime &white, const TuneDirections &directions);
TuneDirections directionsOf(const TuneState &state); ///< of a display that can be tuned

/// After so many steps of a knob; as many back lead to where it was. \param steps negative: down
FineTune stepped(const TuneState &state, Knob knob, int steps);

} // namespace lantern::app
