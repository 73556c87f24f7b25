#include "core/colour/difference.h"
#include "core/plan/chart.h"
#include "core/reading/repeatability.h"
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

    /// A light that flickers by 0.1 % moves X, Y and Z together: lightness only, no colour.
    void commonFlickerMovesNoColour()
    {
        std::mt19937_64 random(3);
        std::normal_distribution<double> normal;
        std::vector<Reading> readings;
        const XYZ white{114, 120, 130};
        for (int i = 0; i < 8; ++i) {
            readings.push_back(
                {{255, 255, 255}, toXyz(vec(white) * (1 + 0.001 * normal(random))), 0.2});
            readings.push_back({{0, 0, 0}, {0.1, 0.1, 0.1}, 4});
        }
        const auto r = estimateRepeatability(readings);
        VERIFY_NEAR(r->flicker, 0.001, 0.0007);
        const Reading grey{{}, toXyz(vec(white) / 5), 1};
        const double byLightness =
            deltaE2000(pcsLab(grey.xyz, white), pcsLab(toXyz(vec(grey.xyz) * 1.001), white));
        VERIFY_NEAR(uncertaintyDeltaE00(grey, white, *r) / byLightness, 1, 0.6);
    }

    /// Scatter that X, Y and Z share by a meter's matrix is found with its correlation.
    void correlationIsFound()
    {
        Mat3 mix;
        mix << 1, 0.5, 0, 0, 1, 0, 0.2, 0, 1;
        std::mt19937_64 random(5);
        std::normal_distribution<double> normal;
        std::vector<Reading> readings;
        for (int i = 0; i < 2000; ++i) {
            const Vec3 off = 0.05 * (mix * Vec3(normal(random), normal(random), normal(random)));
            readings.push_back({{255, 255, 255}, toXyz(Vec3(114, 120, 130) + off), 1});
        }
        const Mat3 found = estimateRepeatability(readings)->covariance(readings.front());
        const Mat3 truth = 0.05 * 0.05 * mix * mix.transpose();
        VERIFY_BELOW((found - truth).cwiseAbs().maxCoeff() / truth(0, 0), 0.1);
    }

    /// What X, Y and Z share by half is a meter's own; only where they go together is it the light.
    void halfSharedScatterIsNoFlicker()
    {
        std::mt19937_64 random(9);
        std::normal_distribution<double> normal;
        std::vector<Reading> readings;
        for (int i = 0; i < 2000; ++i) {
            const double shared = normal(random);
            const Vec3 own(normal(random), normal(random), normal(random));
            const Vec3 off = 0.05 * std::sqrt(0.5) * (Vec3::Constant(shared) + own);
            readings.push_back({{255, 255, 255}, toXyz(Vec3(114, 120, 130) + off), 1});
        }
        const auto r = estimateRepeatability(readings);
        QCOMPARE(r->flicker, 0.0);
        const Mat3 found = r->covariance(readings.front());
        VERIFY_NEAR(found(0, 1) / std::sqrt(found(0, 0) * found(1, 1)), 0.5, 0.05);
    }

    void oneOddReadingIsNoScatter()
    {
        auto readings = noisy(6);
        const auto before = estimateRepeatability(readings);
        readings[4].xyz = toXyz(0.7 * vec(readings[4].xyz));
        VERIFY_BELOW(estimateRepeatability(readings)->shot[1], 3 * before->shot[1] + 1e-5);
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
                auto read = [&, light = light, seconds = seconds] {
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
