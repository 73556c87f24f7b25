#pragma once

#include "core/aim.h"
#include "core/plan.h"

#include <array>
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

struct CalibrationResult {
    VideoLut lut = VideoLut::identity();
    XYZ aimedWhite; ///< cd/m²
    std::vector<GreyPoint> greys;
    double meanDeltaE00 = 0; ///< over the greys from 5 % up
    double maxDeltaE00 = 0;
    int rounds = 0;         ///< corrections tried
    int distinctLevels = 0; ///< different outputs left of the 256 grey levels
};

/// Brings white, tone and grey balance to the aim with the video LUT: measures black, white, the
/// primaries and a grey ramp without a LUT, solves for one, measures greys through it, corrects,
/// and goes on until that stops making it better.
///
/// Between white and black the aimed grey has the chromaticity of the aimed white; over the darkest
/// levels it runs into the panel's own black, so that there is no jump of tint. Luminance follows
/// the aim's tone curve with the black as an output offset. Entries are monotonic.
class CalibrationPlan : public StagePlan {
public:
    /// \param linkBits bits per channel between LUT and panel, if known: entries are then chosen
    /// among
    ///        the values that really arrive, the three channels together.
    CalibrationPlan(Aim aim, std::optional<int> linkBits);

    [[nodiscard]] PlanStep next() const override;
    /// \throws Error Device naming the channel that runs out and the luminance that can be reached.
    void accept(const Reading &reading) override;
    void acknowledge() override;
    [[nodiscard]] int readingsDone() const override { return m_done; }
    [[nodiscard]] int readingsLeft() const override;

    /// The best found so far; complete when next() is Finished.
    [[nodiscard]] const CalibrationResult &result() const { return m_best; }

private:
    /// Drive of one channel against code value along the grey axis, monotonic.
    struct ChannelCurve {
        std::vector<double> code;  ///< 0..1, rising
        std::vector<double> root;  ///< light^(1/2.2), rising
        std::vector<double> slope; ///< of root, monotone cubic
        [[nodiscard]] double light(double x) const;
        [[nodiscard]] double codeFor(double light) const;
    };

    void solveNative();
    void chooseAimedWhite();
    [[nodiscard]] XYZ aimedGrey(double v) const;
    [[nodiscard]] Vec3 drive(const XYZ &c) const;
    [[nodiscard]] Vec3 factorAt(double v) const;
    [[nodiscard]] VideoLut solveLut() const;
    void learnFromRound();
    [[nodiscard]] CalibrationResult assess() const;
    void finishRound();

    enum class Phase { LoadIdentity, Native, LoadTrial, Trial, LoadBest, Done };

    Aim m_aim;
    std::optional<int> m_linkBits;
    Phase m_phase = Phase::LoadIdentity;
    int m_done = 0;
    int m_round = 0;
    std::vector<DeviceRgb> m_nativePatches;
    std::vector<double> m_levels; ///< code values 0..255 read in each round, falling
    std::vector<Reading> m_native;
    std::vector<Reading> m_trial;

    XYZ m_nativeWhite, m_black;
    Mat3 m_primaries = Mat3::Identity(); ///< columns: light of each channel, cd/m²
    Mat3 m_inversePrimaries = Mat3::Identity();
    std::array<ChannelCurve, 3> m_curves;
    Vec3 m_fullDrive = Vec3::Ones(); ///< of white, all channels at once
    XYZ m_aimedWhite, m_aimedBlack;
    ToneCurve m_tone;
    std::vector<Vec3> m_factors; ///< per level: drive found over drive expected
    VideoLut m_lut = VideoLut::identity();
    CalibrationResult m_best;
};

} // namespace lantern
