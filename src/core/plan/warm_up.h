#pragma once

#include "core/plan/plan.h"

#include <optional>
#include <vector>

namespace lantern {

/// White at a moment.
struct TimedWhite {
    double minutes = 0; ///< since the first of them
    XYZ white;
};

/// How far a display is from being warm, judged by the drift of its white.
struct WarmUp {
    bool enough = false; ///< there are readings enough to judge
    bool warm = false;   ///< what is still to come is surely less than kWarmDrift
    double drift = 0;    ///< to come in the next kWarmOutlook in any of X, Y, Z, relative
    double atMost = 0;   ///< the same with what the readings leave open (k = 2); decides about warm
    double minutesToWarm = 0; ///< until it is less than kWarmDrift; 0 when warm
};

/// A display is warm when its white drifts by less than this part in so many minutes, about as long
/// as a run takes. Common practice.
inline constexpr double kWarmDrift = 0.005;
inline constexpr double kWarmOutlookMinutes = 10;

/// Least time of watching before a display is called warm.
inline constexpr double kLeastWatchMinutes = 5;

/// Forecasts the drift. Each of X, Y, Z is fitted with a value that is approached exponentially,
/// all with one time constant of 1 to 60 minutes; a display's lamps and driving parts warm as one
/// body. A straight slope is added where it is worth it: many have a second, slow part. Drift that
/// does not stand out from the readings' own scatter counts as none.
///
/// Whether a display is warm is decided by the upper bound of the forecast: a slope and
/// exponentials of up to a third of the time watched, which it has been long enough to see bend;
/// what is slower counts as slope, and a slope that goes on is more than one that fades. A forecast
/// with its uncertainty (k = 2) below kWarmDrift, for every likely time constant, is warm.
WarmUp judgeWarmUp(const std::vector<TimedWhite> &whites);

/// Reads white again and again until it is warm.
class WarmUpPlan : public StagePlan {
public:
    static constexpr double kIntervalSeconds = 15;
    static constexpr double kLongestMinutes = 40;

    [[nodiscard]] PlanStep next() const override;
    void accept(const Reading &reading) override;
    void acknowledge() override { m_waited = true; }
    [[nodiscard]] int readingsDone() const override { return static_cast<int>(m_whites.size()); }
    [[nodiscard]] int readingsLeft() const override;

    [[nodiscard]] const WarmUp &verdict() const { return m_verdict; }
    [[nodiscard]] const std::vector<TimedWhite> &whites() const { return m_whites; }

private:
    std::vector<TimedWhite> m_whites;
    double m_minutes = 0;
    WarmUp m_verdict;
    bool m_waited = true;
};

} // namespace lantern
