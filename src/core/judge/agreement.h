#pragma once

#include "core/judge/validation.h"
#include "core/reading/light_uncertainty.h"

#include <optional>
#include <string>
#include <vector>

namespace lantern {

/// A display as it is known from its last readings.
struct KnownDisplay {
    const ProfileFile &profile; ///< in use
    XYZ white;                  ///< when the profile was made, cd/m²
    /// Factor for column XYZ by which its light has changed since, see changeSince().
    Mat3 change = Mat3::Identity();
    PrimarySet primaries = kSrgbPrimaries;
    double profileError = 0; ///< mean ΔE00 that colours are off what the profile says
    /// Of the readings (k = 1): what another specimen of the meter would share, and what it would
    /// not. Both none: not known.
    LightUncertainty certificate, mismatch;
    std::string meter; ///< two of one name share what its certificate leaves open
};

/// How a display's light has changed, from a few colours read again: the factor that best takes
/// what the profile says of them to what was read (least squares), as light does that is lost by
/// each primary on its own. Identity for fewer than four colours.
struct ReadAgain {
    DeviceRgb rgb;
    XYZ now; ///< cd/m²
};
Mat3 changeSince(const ProfileFile &profile, const XYZ &whiteThen,
                 const std::vector<ReadAgain> &readings);

/// How an observer sees two displays.
enum class Viewing {
    SideBySide, ///< at once, used to the brighter white: white and luminance differ with the rest
    EachAlone,  ///< one after the other, used to each one's white
};

/// A colour that was asked of both.
struct AgreedColour {
    ReferenceColour asked;
    Lab first, second;       ///< as seen, D50
    double deltaE00 = 0;     ///< predicted between them, see Agreement
    double uncertainty = 0;  ///< of that, k = 1
    bool isReachable = true; ///< both profiles can show it
};

/// What two displays show of the same colours.
struct Agreement {
    Viewing viewing = Viewing::SideBySide;
    double whiteDeltaUv = 0, whiteDeltaUvError = 0;     ///< Δu'v' between the whites; k = 1
    double luminanceRatio = 1, luminanceRatioError = 0; ///< white of the second over the first's
    std::vector<AgreedColour> colours;
    Statistics deltaE00;         ///< of all
    double meanError = 0;        ///< standard uncertainty of the mean
    bool isMeterKnown = true;    ///< false: what the meters may be off by is not in it
    std::optional<size_t> worst; ///< of the colours
};

/// Predicts the ΔE00 between what two displays show, each through its own profile. What a profile
/// is off by is there and of unknown direction, so it adds to every difference: the prediction is
/// the mean over draws of it. What the meters may be off by adds to the uncertainty alone. Always
/// the same for the same displays. \throws Error BadInput for an empty set
Agreement agreementOf(const KnownDisplay &first, const KnownDisplay &second,
                      const ReferenceSet &set, Viewing viewing);

/// How alike two displays are by what a meter read of the same colours on both: nothing is
/// foretold. The uncertainty is the meter's scatter alone; what it is off by on either display is
/// not in it. Nothing where the proofs asked for no colour in common.
std::optional<Agreement> measuredAgreement(const Validation &first, const Validation &second,
                                           Viewing viewing);

} // namespace lantern
