#pragma once

#include "core/edid.h"

#include <string>
#include <vector>

namespace lantern {

/// The display technologies that meters are corrected for.
const std::vector<std::string> &technologies();

/// A display technology and why it is thought to be this one.
struct TechnologyGuess {
    std::string technology; ///< one of technologies()
    std::string reason;     ///< a sentence in English
};

/// Judged by name, age and primaries; a guess, for a person to change.
TechnologyGuess guessTechnology(const Edid &edid);

} // namespace lantern
