#pragma once

#include "bench/panel_traits.h"
#include "core/colour/spectra.h"
#include "core/signal/controls.h"
#include "core/signal/technology.h"
#include "core/signal/video_lut.h"

#include <array>
#include <optional>
#include <string>
#include <vector>

namespace lantern::bench {

/// Wavelength grid of the bench: 380, 385 … 780 nm.
inline constexpr int kFirstNm = 380;
inline constexpr int kBands = 81;
using Spectrum = std::array<double, kBands>;

struct GaussianPeak {
    double peakNm, fwhmNm, area;
};

/// A display model file, format "bold-lantern-display" version 1; see docs/simulated-bench.md for
/// what each part means and its range.
struct DisplayDescription {
    std::string id, name, serial, technology;
    std::array<int, 2> pixels{}, origin{};
    std::array<double, 2> sizeMm{};
    int linkBits = 8, panelBits = 8;
    double whiteLuminance = 0, minBacklight = 0;
    std::array<std::vector<GaussianPeak>, 3> primaries;
    Chromaticity nativeWhite;
    double blackRatio = 0;
    Vec3 leak;
    std::array<std::array<double, 2>, 3> tone{}; ///< g, s
    Mat3 crosstalk;
    MonitorControls controls, factoryControls;
    bool remoteControls = false, hasRgbGains = false;
    bool builtIn = false;       ///< a laptop's own panel: of the controls only a backlight
    int brightnessLevels = 100; ///< above the lowest; whoever turns it gets the nearest
    int memorySlots = 0;
    bool mixesPrimaries = false; ///< in its memory, see SlotTable
    double tauMinutes = 1;
    Vec3 warmUpAmplitude;
    std::array<std::array<double, 5>, 3> falloff{};
    /// What its own evening out leaves of the falloff, 0..1; nothing: it has none.
    std::optional<double> eveningResidual;
    std::vector<NamedMode> modes; ///< to choose from at the monitor
    double hours = 0;
    Vec3 halfLifeHours;
    double reflectance = 0;
    PanelTraits traits;
};

/// \throws Error BadInput naming source, key, value and range; unknown keys are an error.
DisplayDescription displayFromJson(const Json &json, const std::string &source);

/// Everything about a display that can change while it is used.
struct DisplayCondition {
    MonitorControls controls;
    /// Minutes since power-on; nothing means fully warm.
    std::optional<double> minutesOn = {};
    std::optional<VideoLut> lut = {};
    Vec3 nightLight = Vec3::Ones();
    /// What the active memory slot holds; nothing means none is active.
    std::optional<SlotTable> memorySlot = {};
    /// Share of the screen that the patch lights; nothing: as the display's file says.
    std::optional<double> litArea = {};
    /// The display evens its screen out by itself, where it can.
    bool evened = false;
    /// Of the display's modes; nothing: the plain one.
    std::optional<size_t> mode = {};
};

/// A point of the screen, -1..1 from the centre, right and down positive.
struct ScreenPoint {
    double x = 0, y = 0;
};

/// A simulated display. Steps as numbered in docs/simulated-bench.md.
class Display {
public:
    /// \throws Error BadInput when native_white cannot be mixed from the primaries.
    Display(DisplayDescription description, const std::string &source);

    [[nodiscard]] const DisplayDescription &description() const { return m_description; }
    /// Condition as the file says, fully warm, without LUT.
    [[nodiscard]] DisplayCondition initialCondition() const;

    /// Steps 1 to 9: drive of each channel, black leakage included. \throws Error BadInput when a
    /// code value is outside 0..255.
    [[nodiscard]] Vec3 drive(const DeviceRgb &code, const DisplayCondition &condition) const;
    /// K_c of step 10 without place_c.
    [[nodiscard]] Vec3 scale(const DisplayCondition &condition) const;
    /// place_c of step 10.
    [[nodiscard]] Vec3 place(const ScreenPoint &at, const DisplayCondition &condition) const;
    /// Mean of place_c over the points of a 9x9 grid inside a circle of `diameterMm`.
    [[nodiscard]] Vec3 meanPlace(const ScreenPoint &centre, double diameterMm,
                                 const DisplayCondition &condition) const;

    /// Steps 1 to 11 at one point, cd/m².
    [[nodiscard]] XYZ emitted(const DeviceRgb &code, const DisplayCondition &condition,
                              const ScreenPoint &at = {}) const;
    /// Step 12: light of the room thrown back, cd/m².
    [[nodiscard]] XYZ reflected(double illuminanceLux, const Chromaticity &room) const;

    /// Spectrum P_c of channel c at full drive (step 8).
    [[nodiscard]] const Spectrum &channelSpectrum(int c) const { return m_spectra[c]; }
    /// XYZ of the channels at unit drive and scale as columns.
    [[nodiscard]] const Mat3 &channelXyz() const { return m_channelXyz; }

private:
    [[nodiscard]] Vec3 barePlace(const ScreenPoint &at) const;

    DisplayDescription m_description;
    std::array<Spectrum, 3> m_spectra;
    Mat3 m_channelXyz;
    Vec3 m_leastPlace; ///< of each channel over the screen
};

/// Km times the plain sum of a spectrum and a filter on the bench's grid, times 5 nm.
double integrate(const Spectrum &spectrum, const Spectrum &filter);

/// CIE 1931 function k (0 x, 1 y, 2 z) on the bench's grid.
Spectrum colourMatching(int k);

} // namespace lantern::bench
