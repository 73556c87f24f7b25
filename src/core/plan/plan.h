#pragma once

#include "core/reading/reading.h"
#include "core/signal/controls.h"
#include "core/signal/video_lut.h"

#include <optional>
#include <string>
#include <variant>
#include <vector>

namespace lantern {

/// Part of a screen, in shares of its width and height from the upper left corner.
struct ScreenRegion {
    double left = 0, top = 0, width = 1, height = 1;
    bool operator==(const ScreenRegion &) const = default;
};

/// What a stage of a run wants done next.
struct ReadPatch {
    DeviceRgb rgb;
    std::optional<ScreenRegion> region =
        {}; ///< lit, the rest black; nothing: the patch's usual place
    std::optional<double> settleSeconds =
        {}; ///< from showing to reading; nothing: what the display was found to take
};
/// Stops until the person has put something right.
struct AskPerson {
    Message message; ///< what is wrong and what to do
};
/// Lets time pass.
struct Wait {
    double seconds = 0;
};
struct SetControls {
    MonitorControls controls;
};
struct LoadLut {
    VideoLut lut;
};
struct LoadSlot {
    SlotTable table;
};
/// The meter is to hang over another place of the screen.
struct MoveMeter {
    double x = 0.5, y = 0.5; ///< in shares of the screen
    /// To the person, who has to say that it hangs there; empty: what is read will tell.
    Message ask = {};
};
struct Finished {};
using PlanStep =
    std::variant<ReadPatch, Wait, AskPerson, MoveMeter, SetControls, LoadLut, LoadSlot, Finished>;

/// One measuring stage of a run as a pure function of what it has been told so far: no devices, no
/// clock, no chance. Feeding it the same readings again leads to the same steps, which is how a run
/// goes on after a crash.
class StagePlan {
public:
    virtual ~StagePlan() = default;
    /// What to do now; the same answer until accept or acknowledge is called.
    [[nodiscard]] virtual PlanStep next() const = 0;
    /// Answer to ReadPatch. \throws Error Device when the display cannot do what the aim asks.
    virtual void accept(const Reading &reading) = 0;
    /// Answer to everything but ReadPatch: it has been done.
    virtual void acknowledge() = 0;
    [[nodiscard]] virtual int readingsDone() const = 0;
    /// Best guess of the readings still to come, for the time left.
    [[nodiscard]] virtual int readingsLeft() const = 0;
    /// The patches still to come, where the plan knows them already.
    [[nodiscard]] virtual std::vector<DeviceRgb> patchesLeft() const { return {}; }
};

/// Reads a fixed list of patches.
class PatchListPlan : public StagePlan {
public:
    explicit PatchListPlan(std::vector<DeviceRgb> patches) : m_patches(std::move(patches)) {}
    [[nodiscard]] PlanStep next() const override
    {
        if (m_readings.size() < m_patches.size())
            return ReadPatch{m_patches[m_readings.size()]};
        return Finished{};
    }
    void accept(const Reading &reading) override { m_readings.push_back(reading); }
    void acknowledge() override {}
    [[nodiscard]] int readingsDone() const override { return static_cast<int>(m_readings.size()); }
    [[nodiscard]] int readingsLeft() const override
    {
        return static_cast<int>(m_patches.size() - m_readings.size());
    }
    [[nodiscard]] std::vector<DeviceRgb> patchesLeft() const override
    {
        return {m_patches.begin() + static_cast<long>(m_readings.size()), m_patches.end()};
    }
    [[nodiscard]] const std::vector<Reading> &readings() const { return m_readings; }

private:
    std::vector<DeviceRgb> m_patches;
    std::vector<Reading> m_readings;
};

} // namespace lantern
