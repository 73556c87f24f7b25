#pragma once

#include "core/aim/aim_reach.h"
#include "core/aim/display_state.h"

#include <optional>
#include <string>
#include <vector>

namespace lantern {

/// A display as it was read before it was calibrated, for an aim that several share.
struct ReadDisplay {
    std::string name;
    DisplayReach reach;
    /// Share of its full light that its brightness control let through while it was read, 0..1.
    double backlight = 1;
    bool dims = true; ///< it has such a control, which lowers black with white
    PrimarySet primaries = kSrgbPrimaries;
};

/// What an aim that several displays share asks of one of them.
struct SharePlan {
    std::string name;
    double peak = 0;     ///< cd/m² that it could give at the aimed white; estimated where it was
                         ///< read with its brightness below the top
    double contrast = 0; ///< that it has at the shared luminance
    double lightGivenUp = 0, contrastGivenUp = 0; ///< shares of those, 0..1
    double gamutGivenUp = 0; ///< share of its u'v' triangle that not all have, 0..1
};

/// The most that all of them can share at a white.
struct CommonAim {
    Aim aim;
    std::vector<SharePlan> plans;            ///< in the order of the displays
    size_t darkest = 0;                      ///< which limits the luminance
    size_t flattest = 0;                     ///< which limits the contrast
    double srgbCoverage = 0, p3Coverage = 0; ///< of the gamut that all have, 0..1
    bool isEstimated = false;                ///< a peak was foretold from a lower brightness
};

/// Light is left in reserve, so that ageing does not undo the aim at once.
inline constexpr double kShareOfPeak = 0.95;
/// Contrasts nearer together than that are as good as the same: none is limited for it.
inline constexpr double kSameContrast = 1.05;

/// \param wanted white and tone; its luminance is an upper bound where it has one
/// \throws Error BadInput: fewer than two displays; a white that one of them cannot mix, naming it;
/// or nothing that an aim may ask for is left
CommonAim commonAim(const std::vector<ReadDisplay> &displays, const Aim &wanted);

} // namespace lantern
