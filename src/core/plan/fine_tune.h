#pragma once

#include "core/model/grey_response.h"
#include "core/profile/profile_file.h"
#include "core/profile/profile_writer.h"
#include "core/signal/drive_stage.h"

#include <array>

namespace lantern {

/// What a person's eye asked for on top of a calibration; all of it zero is the calibration itself.
struct FineTune {
    UvPrime white = {};       ///< added to white's u', v'; each within kMostTuneUv
    double luminanceCdM2 = 0; ///< added to white's luminance
    double lightness = 0; ///< ΔL* of a grey of L* 50, less on both sides, none at black and white
    [[nodiscard]] bool isNone() const { return *this == FineTune{}; }
    bool operator==(const FineTune &) const = default;
};

/// The smallest steps that are offered: half of what is told side by side (Δu'v' 0.001), about one
/// in a hundred of usual whites, and half of what is told in greys. Our own.
inline constexpr double kTuneUvStep = 0.0005, kTuneLuminanceStep = 1, kTuneLightnessStep = 0.5;
inline constexpr double kMostTuneUv = 0.03, kMostTuneLightness = 12;

/// Unit vectors in u'v' at a white: along the black bodies towards lower temperatures, and away
/// from their locus on the side of green. Red and v' alone for a white that is far from it.
struct TuneDirections {
    UvPrime warmer, greener;
};
TuneDirections tuneDirections(const Chromaticity &white);

/// A calibrated display whose video LUT is changed further. It is known by the profile that was
/// made through its LUT; what is changed keeps the lights of its channels, so that what it will
/// show is foretold without reading anything.
class TunableDisplay {
public:
    /// \param profile made through `path`, the way to the panel with the calibration's LUT
    /// \param white as measured, cd/m² \param change of its light since, as a factor for column
    /// XYZ: see changeOfChannels()
    /// \throws Error BadInput when the profile's channels span no colour
    TunableDisplay(ProfileFile profile, const SignalPath &path, const XYZ &white,
                   const Mat3 &change = Mat3::Identity());

    struct Tuned {
        VideoLut lut;
        XYZ white;         ///< that it gives, cd/m², by whole steps of the output
        double missed = 0; ///< Δu'v' of that from what was asked, since the steps are so coarse
        bool isLimited =
            false; ///< a channel had no more to give, so that white is darker than asked
        /// Light of each channel by code value, of its full one before.
        std::array<std::array<double, 256>, 3> light{};
    };
    [[nodiscard]] Tuned tuned(const FineTune &tune) const;
    /// What is shown for code values then, cd/m².
    [[nodiscard]] XYZ shown(const Tuned &tuned, const DeviceRgb &rgb) const;
    [[nodiscard]] const ProfileFile &profile() const { return m_profile; }
    [[nodiscard]] const SignalPath &path() const { return m_path; }
    [[nodiscard]] const XYZ &white() const { return m_white; }
    /// The factor for column XYZ by which light changes when each channel gives more or less of its
    /// own, from white before and after: as the monitor's own gains and brightness do.
    [[nodiscard]] Mat3 changeOfChannels(const XYZ &before, const XYZ &after) const;

private:
    static constexpr int kLevels = 256;
    [[nodiscard]] Vec3 at(const DeviceRgb &rgb) const;
    [[nodiscard]] double light(int c, double code) const;
    [[nodiscard]] double codeFor(int c, double light) const;

    ProfileFile m_profile;
    SignalPath m_path;
    XYZ m_calibrated; ///< white that the profile is of
    Mat3 m_change;
    XYZ m_white, m_black;
    Mat3 m_primaries; ///< columns: light of each channel alone, without black, cd/m²
    std::array<std::array<double, kLevels>, 3> m_light{}; ///< of its full one, by code; rising
    /// Light of each channel that can be sent, of its full one; the last one is all it has.
    std::array<std::vector<GreyResponse::Level>, 3> m_levels;
};

/// A profile for the display as it was tuned, made of what is foretold for a chart of colours; it
/// carries the LUT and says what it is in its metadata. \param request its path is replaced by one
/// through that LUT
BuiltProfile profileOfTuned(const TunableDisplay &display, const FineTune &tune,
                            const ProfileRequest &request);

} // namespace lantern
