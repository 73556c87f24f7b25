#pragma once

#include "core/colour/colour.h"
#include "core/signal/controls.h"

namespace lantern {

/// Which controls a monitor has.
struct ControlCapabilities {
    bool brightness = true;
    bool gains = true;
    double brightnessStep = 1; ///< smallest turn of the brightness; of the gains it is 1
};

/// A sound white: below what the eye tells side by side, Δu'v'.
inline constexpr double kGoodDeltaUv = 0.0010;
/// A sound luminance, relative.
inline constexpr double kGoodLuminance = 0.010;
/// Light that is not missed, relative.
inline constexpr double kLackOfLight = 0.002;

/// The gain of each channel: red, green, blue.
inline constexpr std::array<double MonitorControls::*, 3> kGainFields = {
    &MonitorControls::redGain, &MonitorControls::greenGain, &MonitorControls::blueGain};

/// How a monitor's light follows its controls: light ~ gain^exponent per channel, and a backlight
/// that goes evenly from its lowest to 1. Starts with what is usual and learns from turns.
struct ControlResponse {
    Vec3 exponent = Vec3::Constant(2.2); ///< from gamma
    double lowest = 0.15;                ///< backlight left at brightness 0

    /// \param brightness 0..100 \returns 0..1
    [[nodiscard]] double backlight(double brightness) const
    {
        return lowest + (1 - lowest) * brightness / 100;
    }
    /// The brightness that gives a backlight, 0..100 and beyond where it cannot.
    [[nodiscard]] double brightnessFor(double wantedBacklight) const
    {
        return (wantedBacklight - lowest) / (1 - lowest) * 100;
    }
    /// Takes in one turn: where the controls stood before and after, and the light of the
    /// channels.
    void learn(const MonitorControls &before, const Vec3 &driveBefore, const MonitorControls &after,
               const Vec3 &driveAfter);
};

} // namespace lantern
