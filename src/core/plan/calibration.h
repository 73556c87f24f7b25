#pragma once

#include "core/aim/aim.h"
#include "core/model/grey_response.h"
#include "core/plan/plan.h"
#include "core/signal/controls.h"
#include "core/signal/drive_stage.h"

#include <array>
#include <functional>
#include <optional>
#include <vector>

namespace lantern {

/// One grey of the calibrated display.
struct GreyPoint {
    double code = 0; ///< 0..255
    XYZ aimed;
    XYZ measured;
    double deltaE00 = 0; ///< between the two, Lab under the aimed white
};

/// Where the correction goes, and what is known about the way to the panel.
struct CalibrationTarget {
    /// Bits per channel between LUT and panel, if known: entries are then chosen among the values
    /// that really arrive, the three channels together.
    std::optional<int> linkBits = {};
    /// Where the monitor's controls stand, if known. With them the steps that a coarse panel makes
    /// behind its gains can be recognised.
    std::optional<MonitorControls> controls = {};
    /// Into the monitor's own memory instead of the video LUT.
    bool intoSlot = false;
    bool mixes = false; ///< that memory mixes primaries: the aim's, where it names them
    /// Nowhere: nothing can be loaded, so white and tone stay what they are.
    bool fixed = false;
};

struct CalibrationResult {
    VideoLut lut = VideoLut::identity();
    std::optional<SlotTable> slot; ///< when the correction went into the monitor
    XYZ aimedWhite;                ///< cd/m²
    std::vector<GreyPoint> greys;
    double meanDeltaE00 = 0; ///< over the greys from 5 % up
    double maxDeltaE00 = 0;
    double meanToneError = 0; ///< relative difference of luminance, the same greys
    int rounds = 0;           ///< corrections tried
    int distinctLevels = 0;   ///< different outputs left of the 256 grey levels
    int panelBits = 0;        ///< steps of the panel that were recognised; 0: none
};

/// The way to the panel as the calibration left and found it.
SignalPath signalPath(const CalibrationResult &result, const CalibrationTarget &target);

/// Brings white, tone and grey balance to the aim with the video LUT or the monitor's own memory:
/// measures black, white, the primaries and a grey ramp without correction, solves for one,
/// measures greys through it, learns from them, and goes on until that stops making it better.
///
/// Between white and black the aimed grey has the chromaticity of the aimed white; over the darkest
/// levels it runs into the panel's own black, so that there is no jump of tint. Luminance follows
/// the aim's tone curve with the black as an output offset. Entries are monotonic.
///
/// Where nothing can be loaded, it only reads the native greys; they are judged by the panel's own
/// white and mean tone, which is to say by their tint.
class CalibrationPlan : public StagePlan {
public:
    CalibrationPlan(Aim aim, CalibrationTarget target);

    [[nodiscard]] PlanStep next() const override;
    /// \throws Error Device naming the channel that runs out and the luminance that can be reached.
    void accept(const Reading &reading) override;
    void acknowledge() override;
    [[nodiscard]] int readingsDone() const override { return m_done; }
    [[nodiscard]] int readingsLeft() const override;

    /// The best found so far; complete when next() is Finished.
    [[nodiscard]] const CalibrationResult &result() const { return m_best; }

private:
    /// Light of the three channels found for signals sent.
    struct Observed {
        Vec3 signal, light;
        int round; ///< -1: native
    };

    void solveNative();
    void mixPrimaries();
    void correctMixture();
    [[nodiscard]] Mat3 mixtureMissing() const;
    [[nodiscard]] double primariesError() const;
    [[nodiscard]] int readingsOfRound() const;
    void chooseAimedWhite();
    [[nodiscard]] XYZ aimedGrey(double v) const;
    [[nodiscard]] Vec3 drive(const XYZ &c) const;
    [[nodiscard]] Vec3 sentSignal(double v) const;
    void fitResponses();
    [[nodiscard]] std::array<GreyResponse, 3> responsesWith(int panelBits) const;
    void solveCorrection();
    void solveEntries(int count, const std::function<void(int, const Vec3 &)> &store) const;
    [[nodiscard]] int distinctLevels() const;
    [[nodiscard]] PlanStep loadStep() const;
    [[nodiscard]] CalibrationResult assess() const;
    void chooseLevels();
    void finishRound();
    void judgeNative();

    enum class Phase { LoadIdentity, LoadEmptySlot, Native, LoadTrial, Trial, LoadBest, Done };

    Aim m_aim;
    CalibrationTarget m_target;
    Phase m_phase = Phase::LoadIdentity;
    int m_done = 0;
    int m_round = 0;
    std::vector<DeviceRgb> m_nativePatches;
    std::vector<double> m_levels; ///< code values 0..255 read in each round, falling
    std::vector<Reading> m_native;
    std::vector<Reading> m_trial;
    std::vector<Reading> m_mixed; ///< the primaries, in a round of a memory that mixes them

    XYZ m_nativeWhite, m_black;
    Mat3 m_primaries = Mat3::Identity(); ///< columns: light of each channel, cd/m²
    Mat3 m_inversePrimaries = Mat3::Identity();
    Vec3 m_fullDrive = Vec3::Ones(); ///< of white, all channels at once
    XYZ m_aimedWhite, m_aimedBlack;
    ToneCurve m_tone;
    std::vector<Observed> m_observed;
    std::array<GreyResponse, 3> m_responses;
    int m_panelBits = 0;
    VideoLut m_lut = VideoLut::identity();
    SlotTable m_slot = SlotTable::identity();
    /// Light of the panel's channels (rows) that each primary (columns) is to have, of that in
    /// white; nothing: primaries stay as they are.
    std::optional<Mat3> m_mixture;
    CalibrationResult m_best;
    double m_bestScore = 0;
};

} // namespace lantern
