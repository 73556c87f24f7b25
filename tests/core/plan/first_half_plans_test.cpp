#include "core/base/error.h"
#include "core/plan/placement.h"
#include "core/plan/settling.h"
#include "core/plan/warm_up.h"
#include "runner.h"

#include <cmath>
#include <functional>
#include <random>

namespace lantern::test {

namespace {

constexpr DeviceRgb kWhite{255, 255, 255};

/// What a meter sees that hangs at (x, y) of a screen.
struct HangingMeter {
    double x = 0.5, y = 0.5;
    double white = 100, black = 0.2; ///< cd/m²
    double litShare = 1; ///< of white, when its half of the screen is lit and the other is not

    [[nodiscard]] XYZ see(const ReadPatch &patch) const
    {
        const ScreenRegion r = patch.region.value_or(ScreenRegion{});
        if (patch.rgb != kWhite)
            return {black, black, black};
        const bool inside =
            x >= r.left && x <= r.left + r.width && y >= r.top && y <= r.top + r.height;
        const double seen = inside ? (r.width < 1 || r.height < 1 ? litShare * white : white)
                                   : std::max(black, 0.02 * white);
        return {0.95 * seen, seen, 1.09 * seen};
    }
};

Placement search(const HangingMeter &meter)
{
    PlacementPlan plan(0.1, 0.16);
    while (!plan.result()) {
        const auto patch = std::get<ReadPatch>(plan.next());
        plan.accept({patch.rgb, meter.see(patch), 0.2});
    }
    return *plan.result();
}

/// A display whose light follows a change by the given law, and a meter of 0.2 s that is asked
/// every second.
class Follower {
public:
    /// \param left share of a change that is left after so many seconds
    explicit Follower(std::function<double(double)> left) : m_left(std::move(left)) {}

    double read(const ReadPatch &patch, double extraWait)
    {
        m_now += 1 + extraWait;
        const double goal = patch.rgb == kWhite ? 100 : 0.1;
        if (goal != m_goal) {
            m_from = m_goal + (m_from - m_goal) * m_left(m_now - 1 - extraWait - m_changed);
            m_goal = goal;
            m_changed = m_now - 1 - extraWait;
        }
        return m_goal + (m_from - m_goal) * m_left(m_now - m_changed);
    }

private:
    std::function<double(double)> m_left;
    double m_now = 0, m_changed = 0;
    double m_goal = 100, m_from = 100;
};

/// What is left of white on black after the wait that was learned, as a share of the change.
double leftAfterLearning(const std::function<double(double)> &left)
{
    Follower display(left);
    SettlingPlan plan;
    while (std::holds_alternative<ReadPatch>(plan.next())) {
        const auto patch = std::get<ReadPatch>(plan.next());
        const double y = display.read(patch, patch.settleSeconds.value_or(0));
        plan.accept({patch.rgb, {y, y, y}, 0.2});
    }
    const double wait = plan.result().waitSeconds(kWhite, DeviceRgb{0, 0, 0});
    return left(1 + wait);
}

} // namespace

/// The plans before the calibration proper, with displays of a few lines.
class FirstHalfPlansTest : public QObject {
    Q_OBJECT
private slots:
    /// Half a screen that is lit is less bright than all of it, on panels with some veil.
    void aHalfThatIsAlmostAsBrightIsSeen()
    {
        for (const double share : {1.0, 0.92, 0.83})
            for (const double x : {0.07, 0.31, 0.88})
                for (const double y : {0.12, 0.43, 0.9}) {
                    const Placement p = search({x, y, 100, 0.2, share});
                    VERIFY_NEAR(p.x, x, 0.05 + 1e-9);
                    VERIFY_NEAR(p.y, y, 0.08 + 1e-9);
                }
    }

    void whiteMustStandOutFromBlack()
    {
        VERIFY_ERROR(search({0.5, 0.5, 100, 100 / 4.5}), "does not see this screen");
        (void)search({0.3, 0.5, 100, 100 / 6.0});
    }

    /// Light that goes quickly at first and slowly then: the first two readings promise too much,
    /// and the wait has to grow until it is enough.
    void aSlowTailIsWaitedFor()
    {
        const auto left = [](double t) {
            return 0.97 * std::exp(-t / 0.25) + 0.03 * std::exp(-t / 0.9);
        };
        QVERIFY(left(1) > 1e-2);
        constexpr double kUnseenOfWhite = kUnseen * 27 / 24389; // CIE 15:2018, 8.2.1, near black
        VERIFY_BELOW(leftAfterLearning(left), 2 * kUnseenOfWhite);
    }

    /// Readings that came to rest say how much they scatter; a light still far from its goal is
    /// not within that.
    void whatIsFarFromRestIsNoScatter()
    {
        const auto left = [](double t) { return std::exp(-t / 0.33); };
        constexpr double kUnseenOfWhite = kUnseen * 27 / 24389;
        QVERIFY(left(1) > 100 * kUnseenOfWhite);
        VERIFY_BELOW(leftAfterLearning(left), 2 * kUnseenOfWhite);
    }

    /// Scatter alone is no drift.
    void aSteadyDisplayDoesNotDrift()
    {
        int alarms = 0;
        constexpr int kDisplays = 60;
        for (int seed = 0; seed < kDisplays; ++seed) {
            std::mt19937_64 random(seed);
            std::normal_distribution<double> scatter(1, 0.001);
            std::vector<TimedWhite> whites;
            for (int i = 0; i < 24; ++i)
                whites.push_back(
                    {i * 0.25,
                     {95 * scatter(random), 100 * scatter(random), 108 * scatter(random)}});
            alarms += judgeWarmUp(whites).drift > 0 ? 1 : 0;
        }
        // Four standard errors, the slope free in each of three values.
        VERIFY_BELOW(double(alarms), 0.05 * kDisplays);
    }

    /// Behind a quick part that is over, a slow one goes on; what it will do in the next ten
    /// minutes is seen.
    void aSlowPartIsSeenBehindAQuickOne()
    {
        const auto level = [](double minutes) {
            return 1 - 0.05 * std::exp(-minutes / 3) - 0.04 * std::exp(-minutes / 90);
        };
        constexpr double kWatched = 18;
        const double toCome = level(kWatched + kWarmOutlookMinutes) / level(kWatched) - 1;
        for (int seed = 0; seed < 12; ++seed) {
            std::mt19937_64 random(seed);
            std::normal_distribution<double> scatter(1, 0.0005);
            std::vector<TimedWhite> whites;
            for (double t = 0; t <= kWatched; t += 0.25)
                whites.push_back(
                    {t,
                     {95 * level(t) * scatter(random), 100 * level(t) * scatter(random),
                      108 * level(t) * scatter(random)}});
            VERIFY_NEAR(judgeWarmUp(whites).drift / toCome, 1, 0.35);
        }
    }
};

static const Register<FirstHalfPlansTest> registered("FirstHalfPlansTest");

} // namespace lantern::test

#include "first_half_plans_test.moc"
