#include "core/colour/colour.h"
#include "runner.h"

#include <algorithm>
#include <cmath>

using namespace lantern;

class ColourTest : public QObject {
    Q_OBJECT
private slots:
    void labRoundTripOverTheWholeRange()
    {
        double worst = 0;
        for (double L = 0; L <= 100; L += 4)
            for (double a = -128; a <= 127; a += 15)
                for (double b = -128; b <= 127; b += 15) {
                    const Lab in{L, a, b};
                    const Lab out = labFromXyz(xyzFromLab(in, kD50), kD50);
                    worst = std::max(
                        {worst, std::abs(out.L - L), std::abs(out.a - a), std::abs(out.b - b)});
                }
        VERIFY_BELOW(worst, 1e-10);
    }

    void labIsContinuousWhereTheCurveChanges()
    {
        const double edge = std::pow(6.0 / 29, 3);
        const Lab below = labFromXyz({edge * (1 - 1e-12), edge * (1 - 1e-12), 0.1}, {1, 1, 1});
        const Lab above = labFromXyz({edge * (1 + 1e-12), edge * (1 + 1e-12), 0.1}, {1, 1, 1});
        VERIFY_NEAR(below.L, above.L, 1e-9);
        VERIFY_NEAR(below.a, above.a, 1e-9);
    }

    void labJacobianMatchesDifferences_data()
    {
        QTest::addColumn<double>("X");
        QTest::addColumn<double>("Y");
        QTest::addColumn<double>("Z");
        QTest::newRow("mid grey") << 0.18 << 0.18 << 0.15;
        QTest::newRow("dark, linear part") << 0.002 << 0.003 << 0.001;
        QTest::newRow("saturated blue") << 0.12 << 0.05 << 0.7;
    }
    void labJacobianMatchesDifferences()
    {
        QFETCH(double, X);
        QFETCH(double, Y);
        QFETCH(double, Z);
        const Vec3 at(X, Y, Z);
        Mat3 j;
        const Lab lab = labFromXyz(toRelXyz(at), kD50, j);
        VERIFY_BELOW((vec(lab) - vec(labFromXyz(toRelXyz(at), kD50))).norm(), 1e-12);
        for (int c = 0; c < 3; ++c) {
            const double h = 1e-7;
            Vec3 up = at, down = at;
            up[c] += h;
            down[c] -= h;
            const Vec3 slope =
                (vec(labFromXyz(toRelXyz(up), kD50)) - vec(labFromXyz(toRelXyz(down), kD50))) /
                (2 * h);
            VERIFY_BELOW((slope - j.col(c)).norm() / (1 + slope.norm()), 1e-5);
        }
    }

    void uvPrimeRoundTrip()
    {
        double worst = 0;
        for (double x = 0.1; x < 0.7; x += 0.05)
            for (double y = 0.05; y < 0.8; y += 0.05) {
                const Chromaticity c = chromaticity(uvPrime(Chromaticity{x, y}));
                worst = std::max({worst, std::abs(c.x - x), std::abs(c.y - y)});
            }
        VERIFY_BELOW(worst, 1e-13);
    }

    void chromaticityOfBlackIsDefined()
    {
        QCOMPARE(chromaticity(XYZ{}), Chromaticity{});
        QCOMPARE(uvPrime(XYZ{}), UvPrime{});
    }

    void fromChromaticityKeepsLuminanceAndColour()
    {
        const XYZ c = fromChromaticity({0.3127, 0.3290}, 120);
        QCOMPARE(c.Y, 120.0);
        VERIFY_NEAR(chromaticity(c).x, 0.3127, 1e-15);
        VERIFY_NEAR(chromaticity(c).y, 0.3290, 1e-15);
    }

    void bradfordTakesWhiteToWhite()
    {
        const RelXYZ from{0.9505, 1, 1.089};
        const Vec3 to = bradford(from, kD50) * vec(from);
        VERIFY_BELOW((to - vec(kD50)).norm(), 1e-14);
        const Mat3 there = bradford(from, kD50);
        const Mat3 back = bradford(kD50, from);
        VERIFY_BELOW((there * back - Mat3::Identity()).norm(), 1e-14);
    }

    void displayWhiteIsLab100()
    {
        const XYZ white{113.3, 119.4, 129.9};
        const Lab lab = pcsLab(white, white);
        VERIFY_NEAR(lab.L, 100, 1e-10);
        VERIFY_NEAR(lab.a, 0, 1e-10);
        VERIFY_NEAR(lab.b, 0, 1e-10);
    }

    void displayXyzUndoesPcsLab()
    {
        const XYZ white{113.3, 119.4, 129.9};
        const XYZ in{40, 30, 12};
        const XYZ out = displayXyz(pcsLab(in, white), white);
        VERIFY_BELOW((vec(in) - vec(out)).norm(), 1e-11);
    }

    void hueRunsAnticlockwiseFromRed_data()
    {
        QTest::addColumn<Lab>("lab");
        QTest::addColumn<double>("hue");
        QTest::newRow("red") << Lab{50, 10, 0} << 0.0;
        QTest::newRow("yellow") << Lab{50, 0, 10} << 90.0;
        QTest::newRow("green") << Lab{50, -10, 0} << 180.0;
        QTest::newRow("blue") << Lab{50, 0, -10} << 270.0;
    }
    void hueRunsAnticlockwiseFromRed()
    {
        QFETCH(Lab, lab);
        QFETCH(double, hue);
        VERIFY_NEAR(hueDegrees(lab), hue, 1e-12);
        VERIFY_NEAR(chroma(lab), 10, 1e-12);
    }

    void finiteMeansAllThree()
    {
        QVERIFY(isFinite({1, 2, 3}));
        QVERIFY(!isFinite({1, std::nan(""), 3}));
        QVERIFY(!isFinite({1, 2, INFINITY}));
    }
};

namespace {
const lantern::test::Register<ColourTest> registered("ColourTest");
}

#include "colour_test.moc"
