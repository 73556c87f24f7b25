#include "bench/plan_runner.h"
#include "bench_parts.h"
#include "core/base/error.h"
#include "core/judge/check_first.h"
#include "core/plan/chart.h"
#include "core/plan/placement.h"
#include "core/plan/warm_up.h"
#include "core/profile/profile_writer.h"
#include "runner.h"

#include <nlohmann/json.hpp>

namespace lantern::test {

/// Warming up, placing the meter and checking first, on the bench.
class FirstHalfTest : public QObject {
    Q_OBJECT

    static Bench bench(const Json &displayJson, const char *meter = "colorimeter")
    {
        return Bench(displayFromJson(displayJson, "d"), "d", builtInMeter(meter), "", 7);
    }

private slots:
    /// A supply that gives way: the patch of the search is lighter than the whole screen was.
    void thePlacementSeesWhetherAreaDims()
    {
        Json j = northJson();
        const auto gain = [&] {
            Bench b = bench(j);
            PlacementPlan plan(0.085, 0.15);
            carryOut(plan, b);
            return plan.result()->patchGain;
        };
        VERIFY_NEAR(gain(), 1.0, 0.01);
        j["power_limit"] = {
            {"weights", {0.2, 0.7, 0.1}}, {"threshold", 0.4}, {"strength", 0.5}, {"lit_area", 1}};
        // The whole screen: (0.4 / 1)^0.5 of its light; the patch, 1.3 % of the area, all of it.
        VERIFY_NEAR(gain(), 1 / std::sqrt(0.4), 0.02);
    }

    void aColdDisplayIsSaidToBeWarming_data()
    {
        QTest::addColumn<double>("tau");
        QTest::addColumn<double>("amplitude");
        QTest::newRow("north desk") << 9.0 << -0.09;
        QTest::newRow("quick") << 4.0 << -0.05;
        QTest::newRow("slow, from above") << 12.0 << 0.08;
    }
    void aColdDisplayIsSaidToBeWarming()
    {
        QFETCH(double, tau);
        QFETCH(double, amplitude);
        Json j = northJson();
        j["warm_up"] = {{"tau_minutes", tau}, {"amplitude", {amplitude, amplitude, amplitude}}};
        Bench b = bench(j);
        b.setClockSeconds(60);
        b.meter().zero();
        // After three minutes of watching, the forecast is compared with the model's own law.
        std::vector<TimedWhite> whites;
        const double start = b.clockSeconds();
        while (b.clockSeconds() < start + 180) {
            const auto r = good(b.read(DeviceRgb{255, 255, 255}));
            whites.push_back({(b.clockSeconds() - start) / 60, r.xyz});
            b.setClockSeconds(b.clockSeconds() + WarmUpPlan::kIntervalSeconds);
        }
        const WarmUp verdict = judgeWarmUp(whites);
        QVERIFY(verdict.enough);
        QVERIFY(!verdict.warm);
        const double now = b.clockSeconds() / 60;
        const double ahead = std::abs(amplitude) * (1 - std::exp(-kWarmOutlookMinutes / tau));
        const double truth = tau * std::log(ahead / kWarmDrift) - now;
        QVERIFY2(
            std::abs(verdict.minutesToWarm - truth) < 0.35 * truth + 1.5,
            qPrintable(
                QStringLiteral("told %1 minutes, true %2").arg(verdict.minutesToWarm).arg(truth)));
    }

    void aWarmDisplayIsSaidToBeWarm()
    {
        Bench b = bench(northJson());
        WarmUpPlan plan;
        carryOut(plan, b);
        QVERIFY(plan.verdict().warm);
        QCOMPARE(plan.verdict().minutesToWarm, 0.0);
        // The colorimeter's scatter takes some minutes to see through, no more.
        VERIFY_BELOW(b.clockSeconds() / 60 - 240, 8.0);
    }

    void watchingGoesOnUntilItIsWarm()
    {
        Bench b = bench(northJson());
        b.setClockSeconds(0);
        WarmUpPlan plan;
        carryOut(plan, b);
        QVERIFY(plan.verdict().warm);
        // amplitude 9 %, time constant 9 minutes: half a per cent of the next ten are left after
        // 22; never before, and not much after, for the scatter has to be seen through
        const double truth =
            9 * std::log(0.09 * (1 - std::exp(-kWarmOutlookMinutes / 9)) / kWarmDrift);
        QVERIFY2(b.clockSeconds() / 60 > truth - 4 && b.clockSeconds() / 60 < truth + 8,
                 qPrintable(QStringLiteral("%1, true %2").arg(b.clockSeconds() / 60).arg(truth)));
    }

    void aDisplayJustSwitchedOnIsNeverCalledWarm()
    {
        for (uint64_t seed = 1; seed <= 40; ++seed) {
            Bench b(displayFromJson(northJson(), "d"), "d", builtInMeter("colorimeter"), "", seed);
            b.setClockSeconds(60);
            WarmUpPlan plan;
            b.meter().zero();
            for (int i = 0; i < 16; ++i) { // four minutes
                const auto r = good(b.read(DeviceRgb{255, 255, 255}));
                plan.accept({{255, 255, 255}, r.xyz, r.integrationSeconds});
                QVERIFY2(!plan.verdict().warm, qPrintable(QStringLiteral("seed %1").arg(seed)));
                plan.acknowledge();
                b.setClockSeconds(b.clockSeconds() + WarmUpPlan::kIntervalSeconds);
            }
        }
    }

    void theMeterIsFoundWhereverItHangs()
    {
        for (const auto &[x, y] :
             {std::pair{0.0, 0.0}, {0.62, -0.71}, {-0.9, 0.85}, {0.25, 0.5}, {-0.5, 0.0}}) {
            Bench b = bench(northJson());
            b.meterPlace() = {x, y};
            PlacementPlan plan(0.085, 0.15); // 216 pixels of 2560 x 1440
            const int before = plan.readingsLeft();
            carryOut(plan, b);
            QVERIFY(plan.result().has_value());
            const auto &p = *plan.result();
            // The meter's circle lies inside the patch, to a quarter of the patch.
            VERIFY_BELOW(std::abs(p.x - (x + 1) / 2), 0.085 / 4);
            VERIFY_BELOW(std::abs(p.y - (y + 1) / 2), 0.15 / 4);
            QVERIFY(p.isSteady());
            QVERIFY(!p.letsLightIn());
            QVERIFY(plan.readingsDone() <= before + 2);
        }
    }

    void aMeterOffTheScreenIsTold()
    {
        Bench b = bench(northJson());
        b.meter().zero();
        PlacementPlan plan(0.085, 0.15);
        const Reading room{{255, 255, 255}, {0.2, 0.2, 0.2}, 1};
        plan.accept(room);
        VERIFY_ERROR(plan.accept(room), "does not see this screen");
    }

    void aMeterThatMovesMeanwhileIsTold()
    {
        Bench b = bench(northJson());
        b.meter().zero();
        b.meterPlace() = {-0.6, -0.6};
        PlacementPlan plan(0.085, 0.15);
        bool told = false;
        try {
            for (int i = 0; !std::holds_alternative<Finished>(plan.next()); ++i) {
                if (i == 6)
                    b.meterPlace() = {0.7, 0.7};
                const auto patch = std::get<ReadPatch>(plan.next());
                const auto r = good(b.read(seenBy(b, patch)));
                plan.accept({patch.rgb, r.xyz, r.integrationSeconds});
            }
        } catch (const Error &e) {
            told = std::string(e.what()).find("moved") != std::string::npos;
        }
        QVERIFY(told);
    }

    void aCheckTellsHoldingFromDrifting_data()
    {
        QTest::addColumn<double>("hours");
        QTest::addColumn<double>("brightness");
        QTest::addColumn<int>("verdict");
        QTest::newRow("the same") << 1200. << 75. << int(CheckFirst::Verdict::Holds);
        QTest::newRow("a week on") << 1260. << 75. << int(CheckFirst::Verdict::Holds);
        QTest::newRow("brightness down a little")
            << 1200. << 72. << int(CheckFirst::Verdict::Drifting);
        QTest::newRow("years on") << 22000. << 75. << int(CheckFirst::Verdict::Redo);
        QTest::newRow("brightness down") << 1200. << 50. << int(CheckFirst::Verdict::Redo);
    }
    void aCheckTellsHoldingFromDrifting()
    {
        QFETCH(double, hours);
        QFETCH(double, brightness);
        QFETCH(int, verdict);
        Bench then = bench(northJson());
        PatchListPlan chart(measuringOrder(makeChart(96)));
        carryOut(chart, then);
        const BuiltProfile built = buildProfile(chart.readings(), {}, "chart");
        const ProfileFile profile(built.icc, "chart");
        Json later = northJson();
        later["hours"] = hours;
        later["controls"]["brightness"] = brightness;
        Bench now = bench(later);
        now.meter().setReadingNumber(5000);
        PatchListPlan check(checkFirstPatches());
        const double start = now.clockSeconds();
        carryOut(check, now);
        VERIFY_BELOW(now.clockSeconds() - start, 60.0); // a one-minute check
        const CheckFirst c = judgeCheck({.readings = check.readings(),
                                         .profile = profile,
                                         .white = whiteOf(chart.readings(), "chart"),
                                         .black = blackOf(chart.readings(), "chart"),
                                         .tolerance = toleranceByName("studio")});
        QVERIFY2(int(c.verdict) == verdict,
                 qPrintable(QStringLiteral("mean %1, white %2, luminance %3")
                                .arg(c.meanDeltaE00)
                                .arg(c.whiteDeltaUv)
                                .arg(c.luminanceRatio)));
        QVERIFY(c.uncertainty > 0);
        QCOMPARE(c.patches.size(), checkFirstPatches().size() - 2); // white counts once
    }
};

static const Register<FirstHalfTest> registered("FirstHalfTest");

} // namespace lantern::test

#include "first_half_test.moc"
