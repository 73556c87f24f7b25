#include "core/base/student.h"
#include "core/colour/difference.h"
#include "core/plan/chart.h"
#include "core/plan/chart_reader.h"
#include "core/reading/drift.h"
#include "runner.h"
#include "toy_display.h"

#include <cmath>
#include <random>

using namespace lantern;

class DriftTest : public QObject {
    Q_OBJECT
private slots:
    /// Abramowitz, Stegun, Handbook of Mathematical Functions (1964), table 26.10.
    void studentMatchesTheHandbook()
    {
        VERIFY_NEAR(studentTwoSided(12.706, 1), 0.05, 1e-4);
        VERIFY_NEAR(studentTwoSided(9.925, 2), 0.01, 1e-5);
        VERIFY_NEAR(studentTwoSided(5.841, 3), 0.01, 1e-5);
        VERIFY_NEAR(studentTwoSided(2.228, 10), 0.05, 1e-4);
        VERIFY_NEAR(studentTwoSided(2.787, 25), 0.01, 1e-4);
        // JCGM 100:2008, table G.2, column 95.45 %
        VERIFY_NEAR(2 * widening(1), 13.97, 0.005);
        VERIFY_NEAR(2 * widening(5), 2.65, 0.005);
        VERIFY_NEAR(2 * widening(10), 2.28, 0.005);
        VERIFY_NEAR(2 * widening(50), 2.05, 0.005);
        QCOMPARE(widening(0), 1.0);
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

    void aRampIsFoundWithFewWhites_data()
    {
        QTest::addColumn<int>("whites");
        QTest::newRow("three") << 3;
        QTest::newRow("four") << 4;
        QTest::newRow("eight") << 8;
    }

    void aRampIsFoundWithFewWhites()
    {
        QFETCH(int, whites);
        const auto readings = ramped(whites, 0.006, whites > 4 ? 2e-4 : 1e-6, 1);
        const DriftCorrection steady = correctDrift(readings);
        VERIFY_NEAR(steady.drift, 0.003, 0.0006);
        const double left = steady.readings.back().xyz.Y / steady.readings.front().xyz.Y - 1;
        VERIFY_BELOW(std::abs(left), 5e-4);
    }

    /// One run in a hundred may find drift where there is none.
    void scatterIsNotTakenForDrift()
    {
        int touched = 0;
        for (unsigned seed = 1; seed <= 200; ++seed)
            touched += correctDrift(ramped(10, 0, 1e-3, seed)).drift > 0;
        VERIFY_BELOW(double(touched), 8.0);
        const lantern::test::ToyDisplay display;
        QCOMPARE(correctDrift(display.read({{255, 255, 255}, {0, 0, 0}})).drift, 0.0);
    }

    /// Scatter is what is left about the drift, in readings as taken and in corrected ones.
    void driftIsNoScatter()
    {
        constexpr double kScatter = 3e-4;
        double raw = 0;
        double corrected = 0;
        constexpr int kSeeds = 20;
        const XYZ white{114, 120, 130};
        for (unsigned seed = 1; seed <= kSeeds; ++seed) {
            const DriftCorrection once = correctDrift(ramped(8, 0.02, kScatter, seed));
            const DriftCorrection twice = correctDrift(once.readings);
            const Reading at{{}, white, 0.2};
            raw += std::pow(once.scatter->standardUncertainty(at)[1] / 120, 2) / kSeeds;
            corrected += std::pow(twice.scatter->standardUncertainty(at)[1] / 120, 2) / kSeeds;
        }
        VERIFY_NEAR(std::sqrt(raw) / kScatter, 1, 0.2);
        VERIFY_NEAR(std::sqrt(corrected) / kScatter, 1, 0.25);
    }

    /// A step in mid-chart that nobody is asked about is found, and what lies about it read anew.
    void aStepIsFoundAndReadAnew()
    {
        const lantern::test::ToyDisplay display;
        const auto patches = measuringOrder(makeChart(96));
        ChartReader reader;
        reader.start(patches);
        int taken = 0;
        for (PlanStep step = reader.next(); std::holds_alternative<ReadPatch>(step);
             step = reader.next()) {
            Reading r = display.read(std::get<ReadPatch>(step).rgb);
            if (taken++ >= 50)
                r.xyz = toXyz(0.965 * vec(r.xyz));
            reader.accept(r);
        }
        QVERIFY(std::holds_alternative<Finished>(reader.next()));
        const DriftCorrection steady = correctDrift(reader.readings());
        VERIFY_NEAR(steady.drift, 0.0175, 0.01);
        const XYZ white = steady.readings.front().xyz;
        const double level = white.Y / display.read(DeviceRgb{255, 255, 255}).xyz.Y;
        for (const Reading &r : steady.readings) {
            const Reading truth = display.read(r.rgb);
            VERIFY_BELOW(
                deltaE2000(pcsLab(r.xyz, white), pcsLab(toXyz(level * vec(truth.xyz)), white)),
                0.02);
        }
        VERIFY_BELOW(double(taken), double(patches.size()) + 25);
    }

    void whitesAreReadOftenEnough()
    {
        for (const int count : {24, 48, 100, 200, 500}) {
            const auto order = measuringOrder(makeChart(count));
            const auto whites = std::count(order.begin(), order.end(), DeviceRgb{255, 255, 255});
            QVERIFY2(whites >= (count < 48    ? 3
                                : count < 100 ? 5
                                              : 7),
                     qPrintable(QString::number(count)));
        }
    }

private:
    /// White and black in turn, white's light changing evenly and scattering, both relative.
    static std::vector<Reading> ramped(int whites, double change, double scatter, unsigned seed)
    {
        std::mt19937_64 random(seed);
        std::normal_distribution<double> normal;
        std::vector<Reading> out;
        for (int i = 0; i < whites; ++i) {
            const double drift = 1 - change * i / (whites - 1);
            const Vec3 off(normal(random), normal(random), normal(random));
            const Vec3 light =
                drift * Vec3(114, 120, 130).cwiseProduct(Vec3::Ones() + scatter * off);
            out.push_back({{255, 255, 255}, toXyz(light), 0.2});
            if (i + 1 < whites)
                out.push_back({{0, 0, 0}, {0.1, 0.1, 0.1}, 4});
        }
        return out;
    }
};

namespace {
const lantern::test::Register<DriftTest> registered("DriftTest");
}

#include "drift_test.moc"
