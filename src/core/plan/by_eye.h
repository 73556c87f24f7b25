#pragma once

#include "core/aim/aim.h"
#include "core/profile/profile_writer.h"
#include "core/signal/video_lut.h"

#include <array>
#include <optional>
#include <string>

namespace lantern {

/// What a person found by looking, without a meter. It knows nothing of luminance or of the colours
/// of the primaries, and tells only roughly what white and gamma are.
struct EyeFindings {
    /// Code value (0..255) of the solid field that looked as light as one of which half is full on
    /// and half off, for red, green, blue.
    std::array<double, 3> halfLight = {186, 186, 186};
    /// Light taken off each channel (0.5..1) until a middle grey looked neutral; the largest is 1.
    Vec3 balance = Vec3::Ones();
    bool operator==(const EyeFindings &) const = default;
};

/// Exponent of a channel whose half light is at a code value: 0.5 = (code / 255)^gamma.
/// \throws Error BadInput unless 0 < code < 255
double gammaOfHalfLight(double code);

/// Balance for two tints, each -1..1: red against green and blue against yellow; the largest is 1.
Vec3 balanceOfTints(double redAgainstGreen, double blueAgainstYellow);

/// What is left of each channel's code value (0..1) when the balance takes light off it.
Vec3 codesForBalance(const EyeFindings &findings);

/// Video LUT that gives the display the aimed tone curve and the balance that was found. A native
/// tone is left as it is.
VideoLut lutByEye(const EyeFindings &findings, const Aim &aim);

/// A profile made of what was found and of what the maker says of the primaries and white; marked
/// as made by eye in its metadata and without readings. \param primaries, white as the display
/// tells them; sRGB's where it does not
BuiltProfile profileByEye(const EyeFindings &findings, const Aim &aim, const PrimarySet &primaries,
                          const Chromaticity &white, const ProfileRequest &request);

} // namespace lantern
