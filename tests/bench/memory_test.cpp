#include "bench/plan_runner.h"
#include "core/aim/display_state.h"
#include "core/base/error.h"
#include "core/colour/difference.h"
#include "core/plan/adjustment.h"
#include "core/plan/calibration.h"
#include "core/plan/chart.h"
#include "core/profile/profile_file.h"
#include "core/profile/profile_writer.h"
#include "core/profile/target_space.h"
#include "core/signal/slot_file.h"
#include "runner.h"

#include <nlohmann/json.hpp>

#include <random>

namespace lantern::test {

namespace {

bench::Bench north()
{
    const char *file = "north-desk.json";
    return {bench::displayFromJson(parseJson(bench::builtInText(file), file), file), file,
            bench::builtInMeter("reference"), "", 77};
}

CalibrationResult calibrated(bench::Bench &b, const Aim &aim, bool mixes)
{
    const auto &d = b.display().description();
    const Settling settling = bench::learnSettling(b);
    AdjustPlan adjust(aim, d.controls, {true, d.hasRgbGains});
    bench::carryOut(adjust, b, settling);
    CalibrationTarget target{d.linkBits, b.condition().controls};
    target.intoSlot = true;
    target.mixes = mixes;
    CalibrationPlan plan(aim, target);
    bench::carryOut(plan, b, settling);
    return plan.result();
}

} // namespace

/// Calibrations in a monitor's own memory.
class MemoryTest : public QObject {
    Q_OBJECT
private slots:
    /// A wide display that shows a narrower space by itself: its colours are that space's, without
    /// any profile.
    void primariesAreMixedInTheMonitor_data()
    {
        QTest::addColumn<PrimarySet>("primaries");
        QTest::newRow("sRGB") << kSrgbPrimaries;
        QTest::newRow("P3") << kP3Primaries;
        PrimarySet narrow = kSrgbPrimaries;
        for (Chromaticity &c : narrow)
            c = {0.3127 + 0.85 * (c.x - 0.3127), 0.3290 + 0.85 * (c.y - 0.3290)};
        QTest::newRow("all of it within the panel's") << narrow;
    }

    void primariesAreMixedInTheMonitor()
    {
        QFETCH(PrimarySet, primaries);
        bench::Bench b = north();
        Aim aim;
        aim.luminanceCdM2 = 110;
        aim.tone = NamedTone::Srgb;
        aim.primaries = primaries;
        const CalibrationResult r = calibrated(b, aim, true);
        QVERIFY(r.slot && r.slot->mixes() && r.slot->isMonotonic());
        QCOMPARE(*b.condition().memorySlot, *r.slot);
        VERIFY_BELOW(r.meanDeltaE00, 0.35);
        // Each row leaves greys alone.
        for (size_t row = 0; row < 9; row += 3)
            VERIFY_NEAR(r.slot->mix[row] + r.slot->mix[row + 1] + r.slot->mix[row + 2], 1, 0.01);
        const auto shown = [&](const DeviceRgb &rgb) {
            return b.display().emitted(rgb, b.condition());
        };
        const std::array<DeviceRgb, 3> full = {DeviceRgb{255, 0, 0}, DeviceRgb{0, 255, 0},
                                               DeviceRgb{0, 0, 255}};
        for (size_t c = 0; c < 3; ++c) {
            const Vec3 light = vec(shown(full[c])) - vec(shown(kDeviceBlack));

            // What is purer than the panel's own is that.
            const XYZ own = toXyz(b.display().channelXyz().col(static_cast<Eigen::Index>(c)));
            const bool isBeyond = c == 2 && primaries[c].y < 0.07;
            VERIFY_BELOW(deltaUvPrime(uvPrime(toXyz(light)), uvPrime(primaries[c])),
                         0.004 +
                             (isBeyond ? deltaUvPrime(uvPrime(own), uvPrime(primaries[c])) : 0));
        }
        const TargetSpace target("aimed", primaries, {0.3127, 0.3290}, NamedTone::Srgb);
        std::mt19937_64 random(5);
        double sum = 0, bare = 0;
        constexpr int kColours = 200;
        const XYZ white = shown(kDeviceWhite);
        for (int i = 0; i < kColours; ++i) {
            const auto v = [&] { return static_cast<double>(40 + random() % 216); };
            const DeviceRgb rgb{v(), v(), v()};
            sum += deltaE2000(target.toLab(rgb), pcsLab(shown(rgb), white));
        }
        SlotTable plain = *r.slot;
        plain.mix = SlotTable::kNoMix;
        b.condition().memorySlot = plain;
        std::mt19937_64 again(5);
        for (int i = 0; i < kColours; ++i) {
            const auto v = [&] { return static_cast<double>(40 + again() % 216); };
            const DeviceRgb rgb{v(), v(), v()};
            bare += deltaE2000(target.toLab(rgb), pcsLab(shown(rgb), white));
        }
        QVERIFY2(sum / kColours < 1.2 && bare > 2.5 * sum,
                 qPrintable(QStringLiteral("%1 %2").arg(sum / kColours).arg(bare / kColours)));
    }

    /// The profile of such a slot is as good as another.
    void theProfileKnowsTheMixedDisplay()
    {
        bench::Bench b = north();
        Aim aim;
        aim.luminanceCdM2 = 110;
        aim.primaries = kSrgbPrimaries;
        const CalibrationResult r = calibrated(b, aim, true);
        const CalibrationTarget target{b.display().description().linkBits, b.condition().controls,
                                       true, true};
        PatchListPlan chart(measuringOrder(makeChart(200)));
        bench::carryOut(chart, b, bench::learnSettling(b));
        ProfileRequest request;
        request.path = signalPath(r, target);
        QVERIFY(!request.path.slot);
        const ProfileFile profile(buildProfile(chart.readings(), request, "chart").icc, "slot");
        std::mt19937_64 random(9);
        const XYZ white = b.display().emitted(kDeviceWhite, b.condition());
        double sum = 0;
        constexpr int kColours = 300;
        for (int i = 0; i < kColours; ++i) {
            const auto v = [&] { return static_cast<double>(random() % 256); };
            const DeviceRgb rgb{v(), v(), v()};
            sum += deltaE2000(profile.toLab(rgb),
                              pcsLab(b.display().emitted(rgb, b.condition()), white));
        }
        VERIFY_BELOW(sum / kColours, 0.5);
    }

    /// Where a memory cannot mix, its tables are found all the same, and the primaries stay.
    void tablesAloneLeaveThePrimaries()
    {
        bench::Bench b = north();
        Aim aim;
        aim.luminanceCdM2 = 110;
        aim.primaries = kSrgbPrimaries;
        const CalibrationResult r = calibrated(b, aim, false);
        QVERIFY(r.slot && !r.slot->mixes());
    }

    void filesHoldTheMixture()
    {
        SlotTable table = SlotTable::identity();
        QVERIFY(!slotToJson(table).contains("mix"));
        QCOMPARE(slotFromJson(slotToJson(table), "slot"), table);
        table.mix = {0.8, 0.2, 0, 0.1, 0.9, 0, 0, 0.05, 0.95};
        table.exponent = 2.4;
        QCOMPARE(slotFromJson(slotToJson(table), "slot"), table);
        Json broken = slotToJson(table);
        broken["mix"][4] = 12;
        VERIFY_ERROR(slotFromJson(broken, "slot"), "mix");
        // By hand: half red, half of red's light moved to green.
        table = SlotTable::identity();
        table.mix = {0.5, 0, 0, 0.5, 1, 0, 0, 0, 1};
        table.exponent = 2;
        const Vec3 out = table.apply({0.6, 0, 0.3});
        VERIFY_NEAR(out[0], 0.6 * std::sqrt(0.5), 1e-6);
        VERIFY_NEAR(out[1], 0.6 * std::sqrt(0.5), 1e-6);
        VERIFY_NEAR(out[2], 0.3, 1e-9);
    }
};

static const Register<MemoryTest> registered("MemoryTest");

} // namespace lantern::test

#include "memory_test.moc"
