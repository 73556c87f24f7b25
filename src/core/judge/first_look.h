#pragma once

#include "core/base/message.h"
#include "core/reading/reading.h"

#include <vector>

namespace lantern {

/// Something that the first readings of a display show, which no calibration mends.
struct FirstSight {
    enum class Kind {
        LightEndClipped, ///< the lightest steps are alike
        DarkEndCrushed,  ///< the darkest steps are alike
        BothEndsClipped, ///< a full signal taken for one of limited range
        BlackRaised,     ///< a limited signal taken for a full one
        WhiteBoosted,    ///< white is more than its primaries
        WhiteHeldBack,   ///< white is less than its primaries
        CurveBent,       ///< the exponent changes with the level: a picture mode
        WhiteFarOff,     ///< far from any daylight
        AreaDims,        ///< a white screen is darker than a white patch
        CoarseSteps,     ///< neighbouring code values give the same light
    };
    Kind kind;
    Message what;   ///< what is seen, with its figure
    Message cause;  ///< what is likely behind it
    Message advice; ///< what to do
};

/// Reads them out of readings of white, black, primaries and greys of an uncalibrated display (see
/// firstPatches()); what is not there is not judged. The bounds are our own.
/// \param patchGain see Placement::patchGain; 0: not known
std::vector<FirstSight> firstLook(const std::vector<Reading> &readings, double patchGain = 0);

} // namespace lantern
