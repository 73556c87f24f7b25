#pragma once

#include "core/base/message.h"
#include "core/signal/edid.h"

#include <string>
#include <vector>

namespace lantern {

/// The display technologies that meters are corrected for.
const std::vector<std::string> &technologies();

/// The panel's light is made of narrow bands (wide-gamut LEDs, OLED): whites with the same figures
/// of the 2° observer need not look the same beside broad ones, nor to two people. From the
/// literature on observer metamerism (CIE 170-1:2006 gives its functions); which technologies:
/// common practice.
bool equalMayLookDifferent(const std::string &technology);

/// A display technology and why it is thought to be this one.
struct TechnologyGuess {
    std::string technology; ///< one of technologies()
    Message reason;         ///< a sentence
};

/// Judged by name, age and primaries; a guess, for a person to change.
TechnologyGuess guessTechnology(const Edid &edid);

} // namespace lantern
