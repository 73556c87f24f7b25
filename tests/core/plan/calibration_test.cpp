#include "core/base/error.h"
#include "core/colour/difference.h"
#include "core/plan/adjustment.h"
#include "core/plan/calibration.h"
#include "runner.h"
#include "toy_display.h"

#include <cmath>
#include <map>

using namespace lantern;
using lantern::test::ToyDisplay;

class CalibrationTest : public QObject {
    Q_OBJECT
private slots:
    void bringsADisplayToTheAim_data()
    {
        QTest::addColumn<Aim>("aim");
        QTest::newRow("D65, 120, gamma 2.2") << Aim{};
        QTest::newRow("D50, 80, L*")
            << Aim{.white = DaylightWhite{5000}, .luminanceCdM2 = 80, .tone = NamedTone::LStar};
        QTest::newRow("native white, sRGB")
            << Aim{.white = NativeWhite{}, .luminanceCdM2 = {}, .tone = NamedTone::Srgb};
        QTest::newRow("blackbody, BT.1886")
            << Aim{.white = BlackbodyWhite{6000}, .luminanceCdM2 = 100, .tone = NamedTone::Bt1886};
        QTest::newRow("xy") << Aim{.white = Chromaticity{0.32, 0.335}, .luminanceCdM2 = 90};
        QTest::newRow("uv, native tone")
            << Aim{.white = UvPrime{0.199, 0.47}, .luminanceCdM2 = 90, .tone = NativeTone{}};
        QTest::newRow("contrast 300:1") << Aim{.luminanceCdM2 = 100, .contrastRatio = 300};
    }
    void bringsADisplayToTheAim()
    {
        QFETCH(Aim, aim);
        ToyDisplay display;
        display.linkBits = 10;
        CalibrationPlan plan(aim, {.linkBits = 10});
        const int readings = display.carryOut(plan);
        const CalibrationResult &r = plan.result();
        QCOMPARE(plan.readingsDone(), readings);
        QCOMPARE(plan.readingsLeft(), 0);
        QVERIFY(r.lut.isMonotonic());
        QCOMPARE(display.lut.value(), r.lut);
        VERIFY_BELOW(r.meanDeltaE00, 0.2);
        const XYZ white = display.show({255, 255, 255});
        const Chromaticity native = chromaticity(ToyDisplay{}.show({255, 255, 255}));
        VERIFY_BELOW(deltaUvPrime(uvPrime(white), uvPrime(aimChromaticity(aim, native))), 0.0008);
        if (aim.luminanceCdM2)
            VERIFY_BELOW(std::abs(white.Y / *aim.luminanceCdM2 - 1), 0.01);
        if (aim.contrastRatio) {
            const double contrast = white.Y / display.show({0, 0, 0}).Y;
            VERIFY_BELOW(std::abs(contrast / *aim.contrastRatio - 1), 0.1);
        }
    }

    /// A round that comes out worse than one before does not count: what is loaded in the end, and
    /// what is told of it, is the best.
    void theBestRoundIsKept()
    {
        ToyDisplay display;
        display.linkBits = 10;
        CalibrationPlan plan(Aim{}, {.linkBits = 10});
        VideoLut loaded = VideoLut::identity();
        int loads = 0;
        std::vector<VideoLut> rounds;
        for (;;) {
            const PlanStep step = plan.next();
            if (std::holds_alternative<Finished>(step))
                break;
            if (const auto *load = std::get_if<LoadLut>(&step)) {
                loaded = load->lut;
                display.lut = loaded;
                rounds.push_back(loaded);
                ++loads;
                plan.acknowledge();
                continue;
            }
            Reading r = display.read(std::get<ReadPatch>(step).rgb);
            constexpr int kGoodRounds = 3; // identity is loaded first
            if (loads > kGoodRounds)
                r.xyz = toXyz(0.9 * vec(r.xyz)); // the display dims
            plan.accept(r);
        }
        QVERIFY(rounds.size() > 4);
        const CalibrationResult &best = plan.result();
        VERIFY_BELOW(best.meanDeltaE00, 0.2);
        VERIFY_BELOW(best.meanToneError, 0.01);
        QCOMPARE(best.lut, loaded);
        QVERIFY(best.lut == rounds[2] || best.lut == rounds[3]);
    }

    /// Greys below 5 % are told but not counted: a black that glows would outweigh all others.
    void theDarkestGreysAreNotCounted()
    {
        ToyDisplay display;
        display.linkBits = 10;
        display.black = {2, 2, 2};
        CalibrationPlan plan(Aim{}, {.linkBits = 10});
        display.carryOut(plan);
        const CalibrationResult &r = plan.result();
        double sum = 0;
        double tone = 0;
        int counted = 0;
        double darkest = 0;
        for (const GreyPoint &p : r.greys) {
            if (p.code < 0.05 * 255) {
                darkest = std::max(darkest, p.deltaE00);
                continue;
            }
            sum += p.deltaE00;
            tone += std::abs(p.measured.Y / p.aimed.Y - 1);
            ++counted;
        }
        QVERIFY(darkest > 2 * sum / counted);
        VERIFY_NEAR(r.meanDeltaE00, sum / counted, 1e-9);
        VERIFY_NEAR(r.meanToneError, tone / counted, 1e-9);
    }

    /// A round with greys a little nearer in colour and farther off in tone is not the better one:
    /// 1 % of tone counts as much as 0.1 ΔE00.
    void toneCountsInWhichRoundIsBest()
    {
        ToyDisplay display;
        display.linkBits = 10;
        CalibrationPlan usual(Aim{}, {.linkBits = 10});
        display.carryOut(usual);
        std::map<double, XYZ> aimed;
        for (const GreyPoint &p : usual.result().greys)
            aimed[p.code] = p.aimed;

        display.lut.reset();
        CalibrationPlan plan(Aim{}, {.linkBits = 10});
        std::vector<VideoLut> rounds;
        for (;;) {
            const PlanStep step = plan.next();
            if (std::holds_alternative<Finished>(step))
                break;
            if (const auto *load = std::get_if<LoadLut>(&step)) {
                rounds.push_back(load->lut);
                plan.acknowledge();
                continue;
            }
            Reading r = display.read(std::get<ReadPatch>(step).rgb);
            // The first is identity. Then readings to order: right in tone and a bit blue in the
            // second round, right in colour and a little dark in all others.
            if (rounds.size() > 1 && r.rgb.r > 0 && r.rgb.r < 255) {
                const auto above = aimed.lower_bound(r.rgb.r);
                const auto below = above->first > r.rgb.r ? std::prev(above) : above;
                // Between two levels as the tone goes.
                const double t =
                    above == below
                        ? 0
                        : (std::pow(r.rgb.r, 2.2) - std::pow(below->first, 2.2)) /
                              (std::pow(above->first, 2.2) - std::pow(below->first, 2.2));
                r.xyz = toXyz((1 - t) * vec(below->second) + t * vec(above->second));
                if (rounds.size() == 3)
                    r.xyz.Z *= 1.0052;
                else
                    r.xyz = toXyz(0.99 * vec(r.xyz));
            }
            plan.accept(r);
        }
        QVERIFY(rounds.size() >= 4);
        QVERIFY(plan.result().lut == rounds[2]);
        QVERIFY(plan.result().meanDeltaE00 > 0.2); // the others: less, but 1 % off in tone
    }

    /// Where nothing can be loaded the native greys are read and judged by their tint.
    void withoutALutItOnlyReads()
    {
        ToyDisplay display;
        CalibrationPlan plan(Aim{}, {.fixed = true});
        const int expected = plan.readingsLeft();
        QCOMPARE(display.carryOut(plan), expected);
        QVERIFY(!display.lut.has_value());
        const CalibrationResult &r = plan.result();
        QCOMPARE(r.lut, VideoLut::identity());
        QCOMPARE(r.rounds, 0);
        QCOMPARE(r.greys.front().code, 255.0);
        QCOMPARE(r.greys.back().code, 0.0);
        VERIFY_NEAR(r.aimedWhite.Y, display.show({255, 255, 255}).Y, 1e-6);
        VERIFY_BELOW(r.meanToneError, 0.05); // its own tone, the mean of its channels
        QVERIFY(r.meanDeltaE00 > 0.5);       // its gammas differ
        ToyDisplay even;
        even.gamma = {2.2, 2.2, 2.2};
        even.black = Vec3::Zero();
        CalibrationPlan neutral(Aim{}, {.fixed = true});
        even.carryOut(neutral);
        VERIFY_BELOW(neutral.result().meanDeltaE00, 0.2);
    }

    void eightBitsAreUsedWithCare()
    {
        ToyDisplay display;
        display.linkBits = 8;
        CalibrationPlan plan({.luminanceCdM2 = 150}, {.linkBits = 8});
        display.carryOut(plan);
        const CalibrationResult &r = plan.result();
        VERIFY_BELOW(r.meanDeltaE00, 0.5);
        VERIFY_BELOW(r.maxDeltaE00, 1.2);
        QVERIFY(r.distinctLevels > 200);
        for (int c = 0; c < 3; ++c) // every entry is a value that the link can carry
            for (const uint16_t v : r.lut.channels[c])
                VERIFY_NEAR(v / 257.0, std::round(v / 257.0), 1e-9);
    }

    /// A panel that rounds to few steps behind the gains: recognised, and used.
    void stepsOfAPanelAreRecognised()
    {
        ToyDisplay display;
        display.linkBits = 8;
        display.gain = {1, 0.94, 0.88};
        display.panelBits = 6;
        CalibrationPlan plan({.luminanceCdM2 = 100},
                             {.linkBits = 8, .controls = MonitorControls{100, 100, 100, 94, 88}});
        display.carryOut(plan);
        QCOMPARE(plan.result().panelBits, 6);
        QVERIFY(plan.result().distinctLevels > 40);
        ToyDisplay again = display;
        again.lut.reset();
        CalibrationPlan unaware({.luminanceCdM2 = 100}, {.linkBits = 8});
        again.carryOut(unaware);
        QVERIFY(plan.result().meanDeltaE00 < 0.8 * unaware.result().meanDeltaE00);
        ToyDisplay smooth;
        smooth.linkBits = 10;
        CalibrationPlan none({.luminanceCdM2 = 100}, {.linkBits = 10});
        smooth.carryOut(none);
        QCOMPARE(none.result().panelBits, 0);
    }

    void calibratesIntoAMemorySlot()
    {
        ToyDisplay display;
        display.linkBits = 8;
        CalibrationPlan plan({.white = DaylightWhite{5500}, .luminanceCdM2 = 100},
                             {.linkBits = 8, .intoSlot = true});
        display.carryOut(plan);
        const CalibrationResult &r = plan.result();
        QVERIFY(r.slot.has_value());
        QCOMPARE(*r.slot, display.slot.value());
        QVERIFY(r.slot->isMonotonic());
        QCOMPARE(r.lut, VideoLut::identity());
        QCOMPARE(r.distinctLevels, 256);
        VERIFY_BELOW(r.meanDeltaE00, 0.1); // no steps of the link behind the table
    }

    void sameReadingsGiveTheSameSteps()
    {
        ToyDisplay first, second;
        CalibrationPlan a({}, {.linkBits = 8}), b({}, {.linkBits = 8});
        first.carryOut(a);
        second.carryOut(b);
        QCOMPARE(a.result().lut, b.result().lut);
        QCOMPARE(a.readingsDone(), b.readingsDone());
    }

    void refusesAnAimOutOfReach_data()
    {
        QTest::addColumn<Aim>("aim");
        QTest::addColumn<QString>("message");
        QTest::newRow("too bright") << Aim{.luminanceCdM2 = 400} << "no blue is left";
        QTest::newRow("very blue white")
            << Aim{.white = DaylightWhite{20000}, .luminanceCdM2 = 200} << "no blue is left";
        QTest::newRow("very red white")
            << Aim{.white = BlackbodyWhite{2500}, .luminanceCdM2 = 200} << "no red is left";
        QTest::newRow("outside the triangle")
            << Aim{.white = Chromaticity{0.1, 0.75}} << "outside what its primaries";
    }
    void refusesAnAimOutOfReach()
    {
        QFETCH(Aim, aim);
        QFETCH(QString, message);
        ToyDisplay display;
        if (message.contains("blue") && std::holds_alternative<DaylightWhite>(aim.white) &&
            std::get<DaylightWhite>(aim.white).kelvin == 6500)
            display.primaries.col(2) *= 0.8;
        CalibrationPlan plan(aim, {.linkBits = 8});
        VERIFY_ERROR(display.carryOut(plan), message.toUtf8().constData());
    }

    void refusesADeadDisplay()
    {
        ToyDisplay display;
        display.primaries.setZero();
        CalibrationPlan plan({}, {.linkBits = 8});
        VERIFY_ERROR(display.carryOut(plan), "the same colour");
    }

    void neverBrighterThanNative()
    {
        ToyDisplay display;
        const double native = display.show({255, 255, 255}).Y;
        CalibrationPlan plan({.white = NativeWhite{}, .luminanceCdM2 = {}}, {.linkBits = 8});
        display.carryOut(plan);
        QVERIFY(display.show({255, 255, 255}).Y <= native * 1.0001);
        QVERIFY(display.show({255, 255, 255}).Y >= native * 0.98);
    }

    void adjustsTheControlsInFewReadings_data()
    {
        QTest::addColumn<double>("kelvin");
        QTest::addColumn<double>("luminance");
        QTest::newRow("D65, 120") << 6500.0 << 120.0;
        QTest::newRow("D50, 80") << 5000.0 << 80.0;
        QTest::newRow("D75, 100") << 7500.0 << 100.0;
    }
    void adjustsTheControlsInFewReadings()
    {
        QFETCH(double, kelvin);
        QFETCH(double, luminance);
        ToyDisplay display;
        const Aim aim{.white = DaylightWhite{kelvin}, .luminanceCdM2 = luminance};
        AdjustPlan plan(aim, {100, 100, 100, 100, 100}, {});
        const int readings = display.carryOut(plan);
        QVERIFY2(readings <= 12, qPrintable(QString::number(readings)));
        const XYZ white = display.show({255, 255, 255});
        VERIFY_BELOW(deltaUvPrime(uvPrime(white), uvPrime(daylightNominalOf(kelvin))), 0.001);
        VERIFY_BELOW(std::abs(white.Y / luminance - 1), 0.01);
        // The neediest channel gives away little: gains below 100 cost levels.
        QVERIFY(std::max({plan.controls().redGain, plan.controls().greenGain,
                          plan.controls().blueGain}) >= 94);
    }

    /// What is good as it stands is not made worse: nothing is turned, or only what is off.
    void aGoodDisplayIsLeftAlone()
    {
        ToyDisplay display;
        const Aim aim{.white = DaylightWhite{6500}, .luminanceCdM2 = 110};
        AdjustPlan first(aim, {100, 100, 100, 100, 100}, {});
        display.carryOut(first);
        const MonitorControls good = first.controls();

        AdjustPlan again(aim, good, {});
        QCOMPARE(display.carryOut(again), 5); // black, the primaries, and one white
        QCOMPARE(again.controls(), good);

        MonitorControls brighter = good; // somebody turned its brightness up
        brighter.brightness = std::min(100.0, good.brightness + 12);
        display.backlight = 0.2 + 0.8 * brighter.brightness / 100;
        AdjustPlan third(aim, brighter, {});
        display.carryOut(third);
        QCOMPARE(third.controls().redGain, good.redGain);
        QCOMPARE(third.controls().greenGain, good.greenGain);
        QCOMPARE(third.controls().blueGain, good.blueGain);
        // Whole steps of brightness alone: the first one that leaves the LUT the light it needs
        // (0.4 % of headroom) to finish white, which is less than a step above it.
        const double step = 0.8 / 100 / display.backlight;
        const double over = display.show({255, 255, 255}).Y / 110 - 1;
        QVERIFY2(over > -0.002, qPrintable(QString::number(over)));
        VERIFY_BELOW(over, step + 0.004);
    }

    void brightnessAloneLeavesLightForTheLut()
    {
        ToyDisplay display;
        AdjustPlan plan({.white = DaylightWhite{5500}, .luminanceCdM2 = 100},
                        {100, 100, 100, 100, 100}, {.brightness = true, .gains = false});
        display.carryOut(plan);
        QCOMPARE(plan.controls().blueGain, 100.0);
        CalibrationPlan calibration({.white = DaylightWhite{5500}, .luminanceCdM2 = 100},
                                    {.linkBits = 10});
        display.linkBits = 10;
        display.carryOut(calibration); // throws when the light is not there
        VERIFY_BELOW(std::abs(display.show({255, 255, 255}).Y / 100 - 1), 0.011);
    }

    /// Steps of the brightness are the panel's own, coarse ones and fine ones.
    void brightnessGoesInTheStepsThatThereAre_data()
    {
        QTest::addColumn<double>("step");
        QTest::newRow("sixteen levels") << 100.0 / 15;
        QTest::newRow("fine") << 0.25;
    }
    void brightnessGoesInTheStepsThatThereAre()
    {
        QFETCH(double, step);
        const Aim aim{.white = NativeWhite{}, .luminanceCdM2 = 70};
        ToyDisplay display;
        AdjustPlan plan(aim, {100, 100, 100, 100, 100},
                        {.brightness = true, .gains = false, .brightnessStep = step});
        display.carryOut(plan);
        const double steps = plan.controls().brightness / step;
        VERIFY_NEAR(steps, std::round(steps), 1e-9);
        const double over = display.show({255, 255, 255}).Y / 70 - 1;
        QVERIFY2(over > -0.002, qPrintable(QString::number(over))); // what is over the LUT takes
        VERIFY_BELOW(over, 0.8 * step / 100 / display.backlight + 0.005);
    }

    void whiteAfterScalesChannels()
    {
        const ToyDisplay display;
        ToyDisplay dimmed = display;
        dimmed.interaction = 0;
        dimmed.black.setZero();
        ToyDisplay base = dimmed;
        dimmed.primaries.col(0) *= 0.9;
        std::array<Chromaticity, 3> primaries;
        for (int c = 0; c < 3; ++c)
            primaries[c] = chromaticity(toXyz(base.primaries.col(c)));
        const XYZ expected = dimmed.show({255, 255, 255});
        const XYZ got = whiteAfter(base.show({255, 255, 255}), primaries, {0.9, 1, 1});
        VERIFY_BELOW((vec(got) - vec(expected)).norm(), 1e-9);
    }

private:
    static Chromaticity daylightNominalOf(double kelvin)
    {
        return aimChromaticity({.white = DaylightWhite{kelvin}}, {});
    }
};

namespace {
const lantern::test::Register<CalibrationTest> registered("CalibrationTest");
}

#include "calibration_test.moc"
