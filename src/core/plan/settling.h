#pragma once

#include "core/base/json_object.h"
#include "core/base/message.h"
#include "core/plan/plan.h"

#include <optional>
#include <string>
#include <vector>

namespace lantern {

/// How the light of a patch approaches its value after a change, one way: what is left of the
/// change falls off exponentially.
struct Approach {
    double timeConstantSeconds = 0; ///< 0: steady by the time the meter looks
    double left = 0;                ///< share of the change when an unhurried reading begins, 0..1
    bool operator==(const Approach &) const = default;
};

/// How long one display, seen by one meter, takes to be steady after a change.
struct Settling {
    Approach rise, fall; ///< towards more and towards less light

    /// Seconds to wait between showing a patch and reading it, so that no more than kUnseen of the
    /// patch before is left in it. \param from patch before; nothing: any
    [[nodiscard]] double waitSeconds(const std::optional<DeviceRgb> &from,
                                     const DeviceRgb &to) const;
    /// The longest of all waits, from white to black or back.
    [[nodiscard]] double longestWaitSeconds() const;
    bool operator==(const Settling &) const = default;
};

/// What a patch may still show of the one before it, as a difference in L*.
inline constexpr double kUnseen = 0.05;
/// Longer than this is not waited for: a light that takes so long is drift.
inline constexpr double kLongestSettlingSeconds = 10;

/// One sentence for people.
Message settlingText(const Settling &settling);

Json settlingToJson(const Settling &settling);
/// \throws Error BadInput
Settling settlingFromJson(JsonObject settling);

/// Learns how long a display takes: white and black are read until they stand still; where the
/// first reading after a change differs from that, the change is made again and read after one or
/// more waits, until a wait is enough. Waits are added to what meter and screen take anyway, so
/// nothing has to be known about those. Five readings where there is nothing to wait for.
class SettlingPlan : public StagePlan {
public:
    [[nodiscard]] PlanStep next() const override;
    void accept(const Reading &reading) override;
    void acknowledge() override {}
    [[nodiscard]] int readingsDone() const override { return m_done; }
    [[nodiscard]] int readingsLeft() const override;

    [[nodiscard]] Settling result() const;

private:
    enum class Phase { White, Black, BackToWhite, Fall, Rise, Finished };
    /// One change, read after a wait.
    struct Trial {
        double wait = 0;   ///< s
        double excess = 0; ///< cd/m² above (falling) or below (rising) the steady reading
    };
    /// One way of changing.
    struct Direction {
        std::vector<Trial> trials;
        double allowed = 0;            ///< cd/m² that may be left
        double scatter = 0;            ///< cd/m², of readings at rest
        double integrationSeconds = 0; ///< of a reading after it
    };
    [[nodiscard]] double nextWait(const Direction &d) const;
    [[nodiscard]] static bool isEnough(const Direction &d);
    [[nodiscard]] Approach approach(const Direction &d) const;
    void enter(Phase phase);

    Phase m_phase = Phase::White;
    bool m_prepared = false; ///< the patch before a trial's change has been read
    int m_done = 0;
    std::vector<double> m_steps;     ///< luminances read in this phase
    double m_white = 0, m_black = 0; ///< steady, cd/m²
    Direction m_fall, m_rise;
};

} // namespace lantern
