#pragma once

#include "core/aim/aim.h"
#include "core/plan/plan.h"

#include <array>
#include <cmath>
#include <optional>
#include <vector>

namespace lantern {

/// Which controls a monitor has.
struct ControlCapabilities {
    bool brightness = true;
    bool gains = true;
};

/// One reading of white and the controls it was taken with.
struct WhiteReading {
    MonitorControls controls;
    XYZ white;
};

/// What to turn, and how good it is already.
struct Advice {
    MonitorControls controls;  ///< proposed, whole numbers
    Vec3 wanted;               ///< light each channel should have over what it has now; 1 = leave
    double deltaUv = 0;        ///< Δu'v' of the last white from the aim
    double luminanceError = 0; ///< last luminance over the aimed one, minus 1
    bool settled = false;      ///< nothing the controls can still better
};

/// White after each channel's light is multiplied by a factor. \param primaries chromaticities of
/// the channels; they must not lie on a line.
XYZ whiteAfter(const XYZ &white, const std::array<Chromaticity, 3> &primaries, const Vec3 &factors);

/// Learns how a monitor's controls act from the readings it is given and says what to turn next.
///
/// The highest needed gain is kept at its top and the others are lowered; brightness then sets the
/// level, not below the aim, so that the video LUT has room to finish white without losing light.
class WhiteAdvisor {
public:
    /// \param primaries light of red, green, blue at full drive as columns, cd/m², black taken off
    WhiteAdvisor(const Mat3 &primaries, XYZ black, ControlCapabilities capabilities);
    /// The same from readings of black, red, green, blue in this order.
    /// \throws Error Device when the primaries were read as the same colour.
    static WhiteAdvisor fromReadings(const std::vector<Reading> &first,
                                     ControlCapabilities capabilities);
    /// Advice for a person: few turns, the neediest gain left at 100, earlier settings allowed.
    void forPerson() { m_byHand = true; }

    void add(const WhiteReading &reading);
    /// After at least one add(). \param luminance aimed, cd/m²; nothing = keep the present one.
    [[nodiscard]] Advice advise(const Chromaticity &white, std::optional<double> luminance) const;

private:
    [[nodiscard]] Vec3 drive(const XYZ &white) const;
    struct Settings {
        MonitorControls controls;
        double cost = 0; ///< 1: luminance is off by what is still good
    };
    /// \param turnsGains else they stay as they are
    [[nodiscard]] Settings bestSettings(const MonitorControls &now, const Vec3 &wanted,
                                        bool turnsGains, bool luminanceMatters) const;

    Mat3 m_inverse;
    XYZ m_black;
    ControlCapabilities m_capabilities;
    std::vector<WhiteReading> m_readings;
    std::optional<WhiteReading> m_groupFirst; ///< the first with the present settings
    Vec3 m_exponent = Vec3::Constant(2.2);    ///< light ~ gain^exponent; first guess from gamma
    double m_lowest = 0.15;                   ///< backlight left at brightness 0; first guess
    bool m_byHand = false;
};

/// Who turns the controls. People are asked for few turns; the program also takes finer steps.
enum class Turner { Program, Person };

/// What both ways of adjusting share: reads black and the primaries once, then white, and learns.
class AdjustmentPlan : public StagePlan {
public:
    [[nodiscard]] int readingsDone() const override { return m_done; }
    [[nodiscard]] const MonitorControls &controls() const { return m_controls; }
    /// After the first white. A native white means the first one read.
    [[nodiscard]] const std::optional<Advice> &lastAdvice() const { return m_advice; }

protected:
    AdjustmentPlan(Aim aim, MonitorControls start, ControlCapabilities capabilities, Turner turner);
    [[nodiscard]] ReadPatch nextPatch() const;
    /// Takes a reading in; true when it was a white and the advice is new.
    bool learn(const Reading &reading);
    [[nodiscard]] bool aimsAtLuminance() const { return m_aim.luminanceCdM2.has_value(); }
    [[nodiscard]] bool turnsBrightness() const { return m_capabilities.brightness; }

    MonitorControls m_controls;
    bool m_finished = false;

private:
    Aim m_aim;
    ControlCapabilities m_capabilities;
    Turner m_turner;
    std::vector<Reading> m_first;
    std::optional<WhiteAdvisor> m_advisor;
    std::optional<Advice> m_advice;
    Chromaticity m_aimedWhite;
    int m_done = 0;
};

/// Automatic adjustment over the control channel: turns and reads white until settled or out of
/// readings.
class AdjustPlan : public AdjustmentPlan {
public:
    static constexpr int kMaxReadings = 12;

    AdjustPlan(Aim aim, MonitorControls start, ControlCapabilities capabilities);
    [[nodiscard]] PlanStep next() const override;
    void accept(const Reading &reading) override;
    void acknowledge() override;
    [[nodiscard]] int readingsLeft() const override;

private:
    std::optional<MonitorControls> m_pending;
    MonitorControls m_best;
    double m_leastMiss = INFINITY;
    double m_bestShortage = 0; ///< of light at m_best, relative
    bool m_ending = false;     ///< m_pending is the last turn
    bool m_isFirstWhite = true;
};

/// Adjustment by a person: reads white again and again until finish() is called, with advice after
/// each reading.
class HandAdjustPlan : public AdjustmentPlan {
public:
    HandAdjustPlan(Aim aim, MonitorControls start, ControlCapabilities capabilities);
    [[nodiscard]] PlanStep next() const override;
    void accept(const Reading &reading) override { learn(reading); }
    void acknowledge() override {}
    [[nodiscard]] int readingsLeft() const override { return m_finished ? 0 : 1; }

    /// What the controls stand at for the readings to come, where the monitor tells.
    void setControls(const MonitorControls &controls) { m_controls = controls; }
    void finish() { m_finished = true; }
};

} // namespace lantern
