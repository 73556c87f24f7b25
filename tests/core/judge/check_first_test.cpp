#include "core/judge/check_first.h"
#include "core/plan/chart.h"
#include "core/profile/profile_writer.h"
#include "runner.h"
#include "toy_display.h"

namespace lantern::test {

/// Check first against a display whose change is known exactly.
class CheckFirstTest : public QObject {
    Q_OBJECT
    ToyDisplay m_display;
    std::vector<uint8_t> m_icc;

    [[nodiscard]] CheckFirst check(const std::vector<Reading> &readings, double scatter) const
    {
        const ProfileFile profile(m_icc, "toy");
        ErrorSources errors;
        errors.scatter = Repeatability{Vec3::Constant(scatter), Vec3::Constant(scatter / 10)};
        return judgeCheck({.readings = readings,
                           .profile = profile,
                           .white = m_display.show({255, 255, 255}),
                           .black = m_display.show({0, 0, 0}),
                           .tolerance = toleranceByName("studio"),
                           .errors = errors});
    }
    [[nodiscard]] std::vector<Reading> readings(double light = 1) const
    {
        auto read = m_display.read(checkFirstPatches());
        for (Reading &r : read)
            r.xyz = toXyz(light * vec(r.xyz));
        return read;
    }
    /// How much dimmer the display is when luminance reaches its limit, times `share`.
    [[nodiscard]] double lightAt(double share) const
    {
        const auto limit = limitOf(Figure::Luminance, toleranceByName("studio"), Aim{});
        return 1 - share * *limit;
    }

private slots:
    void initTestCase() { m_icc = buildProfile(m_display.read(makeChart(150)), {}, "toy").icc; }

    void whatHasChangedIsToldExactly()
    {
        const CheckFirst same = check(readings(), 1e-6);
        QCOMPARE(same.verdict, CheckFirst::Verdict::Holds);
        VERIFY_NEAR(same.luminanceRatio, 1, 1e-9);
        VERIFY_NEAR(same.blackRatio, 1, 1e-9);
        VERIFY_NEAR(same.whiteDeltaUv, 0, 1e-9);
        QVERIFY(!same.closeCall);

        const CheckFirst dimmer = check(readings(0.97), 1e-6);
        VERIFY_NEAR(dimmer.luminanceRatio, 0.97, 1e-9);
        VERIFY_NEAR(dimmer.blackRatio, 0.97, 1e-9);
        VERIFY_NEAR(dimmer.whiteDeltaUv, 0, 1e-9); // less light is no other colour

        auto redder = readings();
        for (Reading &r : redder)
            r.xyz.X *= 1.01;
        const XYZ white = m_display.show({255, 255, 255});
        VERIFY_NEAR(check(redder, 1e-6).whiteDeltaUv,
                    deltaUvPrime(uvPrime(white), uvPrime({1.01 * white.X, white.Y, white.Z})),
                    1e-9);
    }

    /// White is read three times: it counts by its mean.
    void whiteCountsByItsMean()
    {
        auto read = readings();
        const double parts[] = {0.98, 1.00, 1.05};
        int white = 0;
        for (Reading &r : read)
            if (r.rgb == DeviceRgb{255, 255, 255})
                r.xyz = toXyz(parts[white++] * vec(r.xyz));
        QCOMPARE(white, 3);
        const CheckFirst c = check(read, 1e-6);
        VERIFY_NEAR(c.luminanceRatio, 1.01, 1e-9);
        const auto patch = std::find_if(c.patches.begin(), c.patches.end(), [](const auto &p) {
            return p.rgb == DeviceRgb{255, 255, 255};
        });
        VERIFY_NEAR(patch->now.Y, 1.01 * m_display.show({255, 255, 255}).Y, 1e-9);
    }

    /// Beside a limit a check that scatters cannot tell, one that does not can.
    void aCallThatCouldGoEitherWayIsCalledClose()
    {
        for (const double share : {0.9, 1.1}) {
            QVERIFY(check(readings(lightAt(share)), 0.02).closeCall);
            QVERIFY(!check(readings(lightAt(share)), 1e-6).closeCall);
        }
        QVERIFY(!check(readings(), 1e-6).closeCall);
    }

    void theLimitsAreWhereTheySayTheyAre()
    {
        QCOMPARE(check(readings(lightAt(0.98)), 1e-6).figures.find(Figure::Luminance)->call,
                 Call::Within);
        QCOMPARE(check(readings(lightAt(1.02)), 1e-6).figures.find(Figure::Luminance)->call,
                 Call::Over);
        QCOMPARE(check(readings(lightAt(1.05)), 1e-6).verdict, CheckFirst::Verdict::Drifting);
        QCOMPARE(check(readings(lightAt(8)), 1e-6).verdict, CheckFirst::Verdict::Redo);
    }
};

static const Register<CheckFirstTest> registered("CheckFirstTest");

} // namespace lantern::test

#include "check_first_test.moc"
