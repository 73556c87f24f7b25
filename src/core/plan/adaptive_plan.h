#pragma once

#include "core/plan/chart_reader.h"
#include "core/signal/drive_stage.h"

#include <vector>

namespace lantern {

/// When to stop choosing patches; whichever comes first.
struct AdaptiveLimits {
    int mostPatches = 400;    ///< kMinChart..kMaxChart
    double expectedError = 0; ///< mean ΔE00 over all code values; 0: go on to the other limits
    double mostSeconds = 0;   ///< of readings, settling included; 0: no limit
    double settleSeconds = 0; ///< of the meter, where nobody has timed a reading
};

/// What the readings so far are worth.
struct ExpectedError {
    int patches = 0;         ///< readings it rests on
    double meanDeltaE00 = 0; ///< of a model fitted to them, over evenly spread code values, without
                             ///< the meter's scatter
};

/// Chooses patches while measuring: starts with a small chart, and after each batch fits models to
/// seven eighths of the readings, eight times. Where the eight disagree the display is least
/// certain, and there the next batch is read, spread out so that no two patches say the same.
///
/// The expected error is that of predicting left-out readings (cross-validation), each weighted by
/// the share of code values it stands for, the meter's scatter taken off. Method: query by
/// committee (Seung, Opper, Sompolinsky, COLT 1992) with the jackknife's committee.
class AdaptivePlan : public StagePlan {
public:
    AdaptivePlan(AdaptiveLimits limits, SignalPath path);

    [[nodiscard]] PlanStep next() const override;
    void accept(const Reading &reading) override;
    /// The same for a reading that was timed. \param seconds from the one before to this
    void accept(const Reading &reading, double seconds);
    void acknowledge() override { m_reader.acknowledge(); }
    [[nodiscard]] int readingsDone() const override { return static_cast<int>(readings().size()); }
    [[nodiscard]] int readingsLeft() const override;
    [[nodiscard]] std::vector<DeviceRgb> patchesLeft() const override
    {
        return m_reader.patchesLeft();
    }

    [[nodiscard]] const std::vector<Reading> &readings() const { return m_reader.readings(); }
    /// After each batch, oldest first; empty before the first is complete.
    [[nodiscard]] const std::vector<ExpectedError> &history() const { return m_history; }

private:
    [[nodiscard]] bool isLate() const
    {
        return m_limits.mostSeconds > 0 && m_seconds >= m_limits.mostSeconds;
    }
    void judge();
    void chooseBatch(const std::vector<class DisplayModel> &committee);

    AdaptiveLimits m_limits;
    SignalPath m_path;
    ChartReader m_reader; ///< of the present batch
    double m_seconds = 0; ///< since the first reading was asked for
    bool m_finished = false;
    std::vector<ExpectedError> m_history;
};

/// Expected error of a table profile from these readings, by cross-validation as AdaptivePlan does
/// it. \throws Error BadInput as DisplayModel::fit
double expectedError(const DriftCorrection &steady, const SignalPath &path);

} // namespace lantern
