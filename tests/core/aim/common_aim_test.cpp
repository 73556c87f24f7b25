#include "core/aim/common_aim.h"
#include "core/base/error.h"
#include "runner.h"
#include "toy_display.h"

#include <QTest>

#include <cmath>

namespace lantern::test {

/// The most that several displays can share, against displays whose light is known.
class CommonAimTest : public QObject {
    Q_OBJECT

    static ReadDisplay read(const char *name, const ToyDisplay &d, double backlight = 1)
    {
        ToyDisplay there = d;
        there.backlight *= backlight;
        const auto readings = there.read(statePatches());
        ReadDisplay out{name, *DisplayReach::fromReadings(readings, true), backlight};
        out.primaries = *displayState(readings, Aim{}).primaries;
        return out;
    }
    /// White and tone as asked, its own white, as bright as it goes.
    static Aim atWhiteOf(const ToyDisplay &d)
    {
        Aim aim;
        aim.white = chromaticity(d.show(kDeviceWhite));
        aim.luminanceCdM2.reset();
        return aim;
    }

private slots:
    void theDarkestLimitsTheLight()
    {
        ToyDisplay bright, dim;
        dim.backlight = 0.5;
        const Aim wanted = atWhiteOf(bright);
        const double peak = bright.show(kDeviceWhite).Y;
        const CommonAim c = commonAim({read("Bright", bright), read("Dim", dim)}, wanted);
        QCOMPARE(c.darkest, size_t(1));
        QVERIFY(std::abs(c.plans[0].peak - peak) < 0.01 * peak);
        QVERIFY(std::abs(c.plans[1].peak - 0.5 * peak) < 0.01 * peak);
        QCOMPARE(*c.aim.luminanceCdM2, std::floor(kShareOfPeak * c.plans[1].peak));
        QVERIFY(std::abs(c.plans[0].lightGivenUp - (1 - *c.aim.luminanceCdM2 / peak)) < 0.01);
        // The same panel behind half the light has the same contrast: none is limited.
        QVERIFY(!c.aim.contrastRatio);
        QVERIFY(!c.isEstimated);
        // Read with its brightness at half it is foretold to give the same.
        const CommonAim d = commonAim({read("Bright", bright, 0.5), read("Dim", dim)}, wanted);
        QVERIFY(d.isEstimated);
        QVERIFY(std::abs(d.plans[0].peak - c.plans[0].peak) < 0.01 * peak);
        // As much as was asked for, where that is less.
        Aim modest = wanted;
        modest.luminanceCdM2 = 40;
        QCOMPARE(commonAim({read("Bright", bright), read("Dim", dim)}, modest).aim.luminanceCdM2,
                 std::optional(40.0));
    }

    void theFlattestLimitsTheContrast()
    {
        ToyDisplay deep, flat;
        flat.black = 3 * deep.black;
        const auto contrast = [](const ToyDisplay &d) {
            return d.show(kDeviceWhite).Y / d.show({0, 0, 0}).Y;
        };
        const CommonAim c = commonAim({read("Deep", deep), read("Flat", flat)}, atWhiteOf(deep));
        QCOMPARE(c.flattest, size_t(1));
        QVERIFY(std::abs(c.plans[0].contrast / contrast(deep) - 1) < 0.01);
        QVERIFY(c.aim.contrastRatio && *c.aim.contrastRatio <= c.plans[1].contrast &&
                *c.aim.contrastRatio > c.plans[1].contrast - 10);
        QVERIFY(c.plans[0].contrastGivenUp > 0.6 && c.plans[1].contrastGivenUp < 0.02);
        // Without a brightness black stays while white comes down.
        ReadDisplay fixed = read("Fixed", deep);
        fixed.dims = false;
        ToyDisplay dim = deep;
        dim.backlight = 0.25;
        const CommonAim f = commonAim({fixed, read("Dim", dim)}, atWhiteOf(deep));
        QCOMPARE(f.flattest, size_t(0));
        QVERIFY(std::abs(f.plans[0].contrast - *f.aim.luminanceCdM2 / deep.show({0, 0, 0}).Y) < 2);
    }

    void theGamutIsWhatAllHave()
    {
        const double both = commonCoverage({kP3Primaries, kSrgbPrimaries}, kP3Primaries);
        QCOMPARE(both, gamutCoverage(kSrgbPrimaries, kP3Primaries));
        QVERIFY(std::abs(commonCoverage({kP3Primaries}, kP3Primaries) - 1) < 1e-12);
        const double three = commonCoverage(
            {kP3Primaries, kSrgbPrimaries, {{{0.62, 0.34}, {0.29, 0.58}, {0.16, 0.07}}}},
            kP3Primaries);
        QVERIFY(three < both);
    }

    void whatCannotBeSharedIsNamed()
    {
        const ToyDisplay toy;
        const auto problemOf = [](const std::vector<ReadDisplay> &displays, const Aim &aim) {
            try {
                commonAim(displays, aim);
            } catch (const Error &e) {
                return std::string(e.what());
            }
            return std::string();
        };
        Aim green = atWhiteOf(toy);
        green.white = Chromaticity{0.2, 0.75};
        QVERIFY(problemOf({read("One", toy)}, atWhiteOf(toy)).find("two") != std::string::npos);
        QVERIFY(problemOf({read("One", toy), read("Two", toy)}, green).find("One") !=
                std::string::npos);
        ToyDisplay dark;
        dark.backlight = 0.01;
        QVERIFY(problemOf({read("One", toy), read("Dark", dark)}, atWhiteOf(toy)).find("Dark") !=
                std::string::npos);
    }
};

static const Register<CommonAimTest> registered("CommonAimTest");

} // namespace lantern::test

#include "common_aim_test.moc"
