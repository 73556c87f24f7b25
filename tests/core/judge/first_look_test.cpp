#include "core/aim/display_state.h"
#include "core/judge/first_look.h"
#include "runner.h"
#include "toy_display.h"

#include <algorithm>
#include <cmath>

using namespace lantern;
using Kind = lantern::FirstSight::Kind;

/// What the first readings tell of displays with something wrong, each made so on purpose.
class FirstLookTest : public QObject {
    Q_OBJECT

    /// Readings of the usual first patches on a display whose signal is bent before it.
    template <class F> static std::vector<Reading> readings(F &&signal, double black = 0.0008)
    {
        std::vector<Reading> out;
        const Mat3 primaries =
            (Mat3() << 41.24, 35.76, 18.05, 21.26, 71.52, 7.22, 1.93, 11.92, 95.05).finished();
        for (const DeviceRgb &rgb : firstPatches()) {
            Vec3 light;
            for (int c = 0; c < 3; ++c)
                light[c] = std::pow(std::clamp(signal(vec(rgb)[c] / 255), 0.0, 1.0), 2.2);
            Vec3 xyz = primaries * light;
            xyz += black * Vec3(95.05, 100, 108.9);
            out.push_back({rgb, toXyz(xyz)});
        }
        return out;
    }
    static std::vector<Kind> seen(const std::vector<Reading> &readings)
    {
        std::vector<Kind> out;
        for (const FirstSight &s : firstLook(readings)) {
            out.push_back(s.kind);
            if (s.what.empty() || s.cause.empty() || s.advice.empty())
                qWarning("says nothing");
        }
        return out;
    }

private slots:
    void aPlainDisplayRaisesNothing()
    {
        QVERIFY(seen(readings([](double v) { return v; })).empty());
        // Nor one with another exponent, a higher black, or a little interaction.
        QVERIFY(seen(readings([](double v) { return std::pow(v, 1.8 / 2.2); })).empty());
        QVERIFY(seen(readings([](double v) { return std::pow(v, 2.6 / 2.2); })).empty());
        QVERIFY(seen(readings([](double v) { return v; }, 0.003)).empty());
        QVERIFY(seen(lantern::test::ToyDisplay().read(firstPatches())).empty());
        QVERIFY(seen({}).empty());
    }

    void clippedEndsAreTold()
    {
        QCOMPARE(seen(readings([](double v) { return 1.15 * v; })),
                 std::vector<Kind>{Kind::LightEndClipped});
        QCOMPARE(seen(readings([](double v) { return (v - 0.09) / 0.91; })),
                 std::vector<Kind>{Kind::DarkEndCrushed});
        // A full signal on a display that waits for 16 to 235, its contrast a little high.
        QCOMPARE(seen(readings([](double v) { return (255 * v - 20) / 205; })),
                 std::vector<Kind>{Kind::BothEndsClipped});
    }

    void aLimitedSignalShownAsFullIsTold()
    {
        QCOMPARE(seen(readings([](double v) { return (16 + 219 * v) / 255; }, 0.001)),
                 std::vector<Kind>{Kind::BlackRaised});
    }

    void aWhiteThatIsNotItsPrimariesIsTold()
    {
        auto boosted = readings([](double v) { return v; });
        for (Reading &r : boosted)
            if (isNeutral(r.rgb))
                r.xyz = toXyz(1.35 * vec(r.xyz));
        QCOMPARE(seen(boosted), std::vector<Kind>{Kind::WhiteBoosted});
        auto held = readings([](double v) { return v; });
        for (Reading &r : held)
            if (isNeutral(r.rgb))
                r.xyz = toXyz(0.8 * vec(r.xyz));
        QCOMPARE(seen(held), std::vector<Kind>{Kind::WhiteHeldBack});
    }

    void aPictureModeIsTold()
    {
        // An S in the curve: darker below, lighter above.
        QCOMPARE(seen(readings([](double v) {
                     return v + 0.06 * std::sin(2 * 3.14159265 * (v - 0.5)) * (v > 0 && v < 1);
                 })),
                 std::vector<Kind>{Kind::CurveBent});
    }

    void aPanelOfSixBitsIsTold()
    {
        const auto rounded = [](double levels) {
            return [levels](double v) { return std::round(v * levels) / levels; };
        };
        QCOMPARE(seen(readings(rounded(63))), std::vector<Kind>{Kind::CoarseSteps});
        QCOMPARE(seen(readings([](double v) { return std::floor(v * 255 / 4) / 63; })),
                 std::vector<Kind>{Kind::CoarseSteps});
        QVERIFY(seen(readings(rounded(255))).empty());
        QVERIFY(seen(readings(rounded(1023))).empty());
    }

    void lightThatDimsWithItsAreaIsTold()
    {
        const auto plain = readings([](double v) { return v; });
        for (const double gain : {0.0, 0.9, 1.0, 1.05})
            QVERIFY(firstLook(plain, gain).empty());
        const auto told = firstLook(plain, 1.34);
        QCOMPARE(told.size(), 1);
        QCOMPARE(told[0].kind, Kind::AreaDims);
        QVERIFY(told[0].what.inEnglish().find("34 %") != std::string::npos);
    }

    void aTintedScreenIsTold()
    {
        auto tinted = readings([](double v) { return v; });
        for (Reading &r : tinted)
            r.xyz = {1.1 * r.xyz.X, r.xyz.Y, 0.25 * r.xyz.Z};
        const auto kinds = seen(tinted);
        QVERIFY(std::ranges::count(kinds, Kind::WhiteFarOff) == 1);
    }
};

static const lantern::test::Register<FirstLookTest> registered("FirstLookTest");
#include "first_look_test.moc"
