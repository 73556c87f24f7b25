#pragma once

#include "core/base/message.h"
#include "core/judge/validation.h"

#include <string>
#include <vector>

namespace lantern {

/// Why colours are off, as far as a validation can tell the causes apart.
enum class Cause {
    Gamut,   ///< the display cannot show them
    Profile, ///< the profile does not send what it says itself would be right
    Meter,   ///< no more than this meter's scatter
    Display, ///< the display does not show what the profile says it does
};

/// A kind of colours that is off more than the others.
struct Weakness {
    std::string colours;   ///< "saturated blues" …; English
    std::string direction; ///< "too dark" …; English, empty: in all directions
    Cause cause = Cause::Display;
    double meanDeltaE00 = 0; ///< of these colours
    int count = 0;
};

/// What kind of colour a reference is, as sentences call it: greys, shadows, skin tones, or hues
/// with "saturated" from C*ab 45 on. The bounds are our own.
std::string kindOfColour(const Lab &lab);

/// The kinds whose mean ΔE00 is above 1 and at least twice that of the median colour, the worst
/// first.
std::vector<Weakness> weaknesses(const Validation &validation);

/// One plain sentence on the worst of them, what would help, and how the rest is; where none stands
/// out, that.
std::vector<Message> weaknessInWords(const Validation &validation);

} // namespace lantern
