#include "core/colour/white.h"
#include "runner.h"

#include <algorithm>
#include <cmath>

using namespace lantern;

class WhiteTest : public QObject {
    Q_OBJECT
private slots:
    /// There and back over the stated domain, on and beside the locus.
    void cctRoundTrip_data()
    {
        QTest::addColumn<double>("duv");
        QTest::newRow("on the locus") << 0.0;
        QTest::newRow("green of it") << 0.01;
        QTest::newRow("magenta of it") << -0.01;
    }
    void cctRoundTrip()
    {
        QFETCH(double, duv);
        double worstKelvin = 0;
        double worstDuv = 0;
        for (double mired = 41; mired <= 990; mired += 13) {
            const double kelvin = 1e6 / mired;
            const Cct found = correlatedColourTemperature(fromCct({kelvin, duv}));
            worstKelvin = std::max(worstKelvin, std::abs(found.kelvin - kelvin));
            worstDuv = std::max(worstDuv, std::abs(found.duv - duv));
        }
        VERIFY_BELOW(worstKelvin, 1.0);
        VERIFY_BELOW(worstDuv, 1e-5);
    }

    void cctStopsAtTheEnds()
    {
        VERIFY_NEAR(correlatedColourTemperature(planckian(800)).kelvin, kMinCct, 1);
        VERIFY_NEAR(correlatedColourTemperature(planckian(60000)).kelvin, kMaxCct, 1);
    }

    void locusRunsSmoothly()
    {
        // In reciprocal temperature neighbouring steps must be alike: a mistyped number would show.
        double lastStep = 0;
        for (double mired = 41; mired < 990; mired += 2) {
            const UvPrime a = uvPrime(planckian(1e6 / mired));
            const UvPrime b = uvPrime(planckian(1e6 / (mired + 2)));
            const double step = deltaUvPrime(a, b);
            if (lastStep > 0)
                VERIFY_BELOW(std::abs(step / lastStep - 1), 0.02);
            lastStep = step;
        }
    }

    void daylightPiecesMeetAt7000()
    {
        const Chromaticity below = lantern::daylight(7000);
        const Chromaticity above = lantern::daylight(7000.001);
        VERIFY_NEAR(below.x, above.x, 1e-4); // the two formulas of CIE 15 meet to four decimals
        VERIFY_NEAR(below.y, above.y, 1e-4);
    }

    void greenSideIsPositive()
    {
        const Chromaticity d65 = daylightNominal(6500);
        QVERIFY(correlatedColourTemperature(d65).duv > 0.002);
        QVERIFY(correlatedColourTemperature({d65.x, d65.y + 0.02}).duv >
                correlatedColourTemperature(d65).duv);
    }
};

namespace {
const lantern::test::Register<WhiteTest> registered("WhiteTest");
}

#include "white_test.moc"
