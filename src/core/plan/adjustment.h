#pragma once

#include "core/aim/aim.h"
#include "core/plan/control_response.h"
#include "core/plan/hand_advice.h"
#include "core/plan/plan.h"

#include <array>
#include <cmath>
#include <optional>
#include <vector>

namespace lantern {

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
    ControlResponse m_response;
};

/// What both ways of adjusting share: reads black and the primaries once, then white.
class AdjustmentPlan : public StagePlan {
public:
    [[nodiscard]] int readingsDone() const override { return m_done; }

protected:
    AdjustmentPlan(Aim aim, ControlCapabilities capabilities);
    [[nodiscard]] ReadPatch nextPatch() const;
    /// Takes a reading in; true when it was a white, all that comes before it being read.
    /// \throws Error Device when the primaries were read as the same colour.
    bool takesWhite(const Reading &reading);
    /// Light of red, green, blue at full drive as columns, cd/m², black taken off.
    [[nodiscard]] const Mat3 &primaries() const { return m_primaries; }
    [[nodiscard]] const XYZ &black() const { return m_first.front().xyz; }
    /// A native white means the first one read.
    [[nodiscard]] const Chromaticity &aimedWhite() const { return m_aimedWhite; }
    [[nodiscard]] std::optional<double> aimedLuminance() const { return m_aim.luminanceCdM2; }
    [[nodiscard]] const ControlCapabilities &capabilities() const { return m_capabilities; }

    bool m_finished = false;

private:
    Aim m_aim;
    ControlCapabilities m_capabilities;
    std::vector<Reading> m_first; ///< black, red, green, blue
    Mat3 m_primaries = Mat3::Identity();
    Chromaticity m_aimedWhite;
    int m_done = 0;
    bool m_hasWhite = false;
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
    [[nodiscard]] const MonitorControls &controls() const { return m_controls; }
    /// After the first white.
    [[nodiscard]] const std::optional<Advice> &lastAdvice() const { return m_advice; }

private:
    MonitorControls m_controls;
    std::optional<WhiteAdvisor> m_advisor;
    std::optional<Advice> m_advice;
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
    /// \param shown what the monitor shows; nothing: not known
    HandAdjustPlan(Aim aim, std::optional<MonitorControls> shown, ControlCapabilities capabilities);
    [[nodiscard]] PlanStep next() const override;
    void accept(const Reading &reading) override;
    void acknowledge() override {}
    [[nodiscard]] int readingsLeft() const override { return m_finished ? 0 : 1; }

    /// What the monitor shows for the readings to come.
    void setControls(const MonitorControls &shown) { m_shown = shown; }
    void finish() { m_finished = true; }
    /// After the first white.
    [[nodiscard]] const std::optional<HandAdvice> &lastAdvice() const { return m_advice; }

private:
    std::optional<MonitorControls> m_shown;
    std::optional<HandAdvisor> m_advisor;
    std::optional<HandAdvice> m_advice;
};

} // namespace lantern
