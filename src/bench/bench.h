#pragma once

#include "bench/meter.h"
#include "core/plan/plan.h"

#include <memory>
#include <string>
#include <utility>
#include <vector>

namespace lantern::bench {

/// Light of the simulated room.
struct Room {
    double illuminanceLux = 38;
    Chromaticity chromaticity = {0.3457, 0.3585}; ///< D50: a lamp for viewing prints
};

/// Texts of the display and meter files that ship with the bench.
std::string builtInText(const std::string &fileName);

/// The generic display of a technology. \throws Error BadInput for an unknown technology.
const Display &genericDisplay(const std::string &technology);

/// A meter that ships with the bench, "reference" or "colorimeter". \throws Error BadInput
MeterDescription builtInMeter(const std::string &kind);

/// Share of the meter's circle that lies inside a part of the screen.
double shareSeen(const std::array<double, 2> &screenMm, const ScreenPoint &meter,
                 const ScreenRegion &region);

/// One simulated display with a meter hung on it, a room around it and a clock of its own.
class Bench {
public:
    /// \param technology correction for the meter; empty takes the display's own
    Bench(DisplayDescription display, const std::string &source, const MeterDescription &meter,
          const std::string &technology, uint64_t seed);

    [[nodiscard]] const Display &display() const { return m_display; }
    Meter &meter() { return m_meter; }
    [[nodiscard]] const Meter &meter() const { return m_meter; }
    DisplayCondition &condition() { return m_condition; }
    [[nodiscard]] const DisplayCondition &condition() const { return m_condition; }
    Room &room() { return m_room; }
    [[nodiscard]] const Room &room() const { return m_room; }
    /// The meter is held a hand's length away instead, so that it also sees what the screen throws
    /// back of the room's light.
    void holdAway(bool away) { m_heldAway = away; }
    [[nodiscard]] bool isHeldAway() const { return m_heldAway; }
    ScreenPoint &meterPlace() { return m_place; }
    [[nodiscard]] const ScreenPoint &meterPlace() const { return m_place; }
    [[nodiscard]] const std::string &technology() const { return m_technology; }
    /// Corrects the meter for another technology. \throws Error BadInput
    void setTechnology(const std::string &technology);

    /// Seconds since the display was switched on. Advances by settle time plus integration time
    /// with each reading.
    [[nodiscard]] double clockSeconds() const { return m_clockSeconds; }
    void setClockSeconds(double seconds) { m_clockSeconds = seconds; }

    /// All that readings leave behind: clock, the meter's reading number, light that has not
    /// settled. A bench in the same condition gives the same readings after restore().
    [[nodiscard]] Json state() const;
    /// \throws Error BadInput
    void restore(const std::string &state, const std::string &source);

    /// Part of what the meter sees: a code value and its share of the area.
    using SeenColours = std::vector<std::pair<DeviceRgb, double>>;

    /// Reads what is shown; shares must add up to 1.
    MeterOutcome read(const SeenColours &seen);
    /// The light of the last reading over the bench's wavelengths, in the unit of
    /// Display::channelSpectrum().
    [[nodiscard]] Spectrum lastSpectrum() const;
    MeterOutcome read(const DeviceRgb &code) { return read(SeenColours{{code, 1.0}}); }

private:
    Display m_display;
    std::string m_technology;
    Meter m_meter;
    DisplayCondition m_condition;
    Room m_room;
    ScreenPoint m_place;
    Vec3 m_lastLight = Vec3::Zero(); ///< of each channel, in the last reading
    bool m_heldAway = false;
    double m_clockSeconds = 4 * 3600; ///< on for four hours: warm
    std::optional<Vec3> m_left; ///< drives at the end of the last reading, of a panel that follows
    double m_leftAtSeconds = 0; ///< when that was
};

/// What the bench's meter sees of a patch.
Bench::SeenColours seenBy(Bench &bench, const ReadPatch &patch);

} // namespace lantern::bench
