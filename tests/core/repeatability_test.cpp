#include "core/chart.h"
#include "core/difference.h"
#include "core/repeatability.h"
#include "runner.h"
#include "toy_display.h"

#include <cmath>
#include <random>

using namespace lantern;

class RepeatabilityTest : public QObject {
    Q_OBJECT
private slots:
    void scatterIsFoundFromRepeatedReadings()
    {
        const auto r = estimateRepeatability(noisy(600));
        QVERIFY(r.has_value());
        VERIFY_NEAR(r->floor[1] / kFloor, 1, 0.1); // a standard deviation from 600 is good to 3 %
        VERIFY_NEAR(r->shot[1] / kShot, 1, 0.2);
        const Reading dark{{}, {0.01, 0.01, 0.01}, 4};
        VERIFY_NEAR(r->standardUncertainty(dark)[1], kFloor / 2, kFloor * 0.15);
    }

    void nothingRepeatedNothingKnown()
    {
        const lantern::test::ToyDisplay display;
        QVERIFY(!estimateRepeatability(display.read(makeChart(24))).has_value());
        const auto same = estimateRepeatability(display.read({4, DeviceRgb{255, 255, 255}}));
        QCOMPARE(same->standardUncertainty({{}, {100, 100, 100}, 1})[1], 0.0);
    }

    /// The uncertainty of a ΔE00 is the size of the differences that the scatter really makes.
    void uncertaintyIsThatOfTheDifferences()
    {
        const XYZ white{114, 120, 130};
        const Repeatability scatter{Vec3::Constant(0.05), Vec3::Zero()};
        const Reading grey{{}, {22, 24, 26}, 1};
        std::mt19937_64 random(2);
        std::normal_distribution<double> noise(0, 0.05);
        double squares = 0;
        constexpr int n = 4000;
        for (int i = 0; i < n; ++i) {
            const XYZ read{22 + noise(random), 24 + noise(random), 26 + noise(random)};
            squares += std::pow(deltaE2000(pcsLab(grey.xyz, white), pcsLab(read, white)), 2);
        }
        VERIFY_NEAR(uncertaintyDeltaE00(grey, white, scatter) / std::sqrt(squares / n), 1, 0.05);
    }

    void driftIsTakenOut()
    {
        const lantern::test::ToyDisplay display;
        auto readings = display.read(measuringOrder(makeChart(96)));
        const auto truth = readings;
        for (size_t i = 0; i < readings.size(); ++i) { // blue fades by 4 %
            readings[i].xyz.Z *= 1 - 0.04 * double(i) / double(readings.size());
            readings[i].xyz.X *= 1 - 0.01 * double(i) / double(readings.size());
        }
        const DriftCorrection steady = correctDrift(readings);
        VERIFY_NEAR(steady.drift, 0.02, 0.003);
        const double level = steady.readings[0].xyz.Z / truth[0].xyz.Z; // that of the mean white
        VERIFY_NEAR(level, 0.98, 0.005);
        for (size_t i = 0; i < readings.size(); ++i)
            VERIFY_NEAR(steady.readings[i].xyz.Z / truth[i].xyz.Z, level, 0.001);
    }

    void scatterIsNotTakenForDrift()
    {
        int touched = 0;
        for (unsigned seed = 1; seed <= 20; ++seed)
            touched += correctDrift(noisy(10, seed)).drift > 0;
        VERIFY_BELOW(double(touched), 3.0);
        const lantern::test::ToyDisplay display;
        QCOMPARE(correctDrift(display.read({{255, 255, 255}, {0, 0, 0}})).drift, 0.0);
    }

private:
    static constexpr double kFloor = 0.004;
    static constexpr double kShot = 3e-5;

    static std::vector<Reading> noisy(int repeats, unsigned seed = 1)
    {
        std::mt19937_64 random(seed);
        std::normal_distribution<double> normal;
        std::vector<Reading> out;
        for (int i = 0; i < repeats; ++i)
            for (const auto &[level, light, seconds] :
                 {std::tuple(255.0, 120.0, 0.2), std::tuple(0.0, 0.1, 4.0)}) {
                auto read = [&] {
                    return light +
                           normal(random) * std::sqrt((kFloor * kFloor + kShot * light) / seconds);
                };
                out.push_back({{level, level, level}, {read(), read(), read()}, seconds});
            }
        return out;
    }
};

namespace {
const lantern::test::Register<RepeatabilityTest> registered("RepeatabilityTest");
}

#include "repeatability_test.moc"
