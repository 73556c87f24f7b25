#include "core/colour/difference.h"
#include "runner.h"

#include <lcms2.h>

#include <algorithm>
#include <cmath>
#include <random>

using namespace lantern;

class DifferenceTest : public QObject {
    Q_OBJECT
private slots:
    // Source of every row: Sharma, Wu, Dalal, Color Res. Appl. 30 (2005) 21-30, Table 1 (4
    // decimals).
    void publishedPairsOfCiede2000_data()
    {
        QTest::addColumn<Lab>("a");
        QTest::addColumn<Lab>("b");
        QTest::addColumn<double>("expected");
        struct Row {
            const char *why;
            Lab a, b;
            double dE;
        };
        const Row rows[] = {
            {"1: blue region", {50, 2.6772, -79.7751}, {50, 0, -82.7485}, 2.0425},
            {"2: blue region", {50, 3.1571, -77.2803}, {50, 0, -82.7485}, 2.8615},
            {"3: blue region", {50, 2.8361, -74.0200}, {50, 0, -82.7485}, 3.4412},
            {"4: blue region", {50, -1.3802, -84.2814}, {50, 0, -82.7485}, 1.0000},
            {"5: blue region", {50, -1.1848, -84.8006}, {50, 0, -82.7485}, 1.0000},
            {"6: blue region", {50, -0.9009, -85.5211}, {50, 0, -82.7485}, 1.0000},
            {"7: one neutral", {50, 0, 0}, {50, -1, 2}, 2.3669},
            {"8: the other neutral", {50, -1, 2}, {50, 0, 0}, 2.3669},
            {"9: hue gap below 180", {50, 2.4900, -0.0010}, {50, -2.4900, 0.0009}, 7.1792},
            {"10: hue gap of 180", {50, 2.4900, -0.0010}, {50, -2.4900, 0.0010}, 7.1792},
            {"11: hue gap above 180", {50, 2.4900, -0.0010}, {50, -2.4900, 0.0011}, 7.2195},
            {"12: hue gap above 180", {50, 2.4900, -0.0010}, {50, -2.4900, 0.0012}, 7.2195},
            {"13: about the b axis", {50, -0.0010, 2.4900}, {50, 0.0009, -2.4900}, 4.8045},
            {"14: about the b axis", {50, -0.0010, 2.4900}, {50, 0.0010, -2.4900}, 4.8045},
            {"15: about the b axis", {50, -0.0010, 2.4900}, {50, 0.0011, -2.4900}, 4.7461},
            {"16: across axes", {50, 2.5, 0}, {50, 0, -2.5}, 4.3065},
            {"17: large difference", {50, 2.5, 0}, {73, 25, -18}, 27.1492},
            {"18: large difference", {50, 2.5, 0}, {61, -5, 29}, 22.8977},
            {"19: large difference", {50, 2.5, 0}, {56, -27, -3}, 31.9030},
            {"20: large difference", {50, 2.5, 0}, {58, 24, 15}, 19.4535},
            {"21: about 1", {50, 2.5, 0}, {50, 3.1736, 0.5854}, 1.0000},
            {"22: about 1", {50, 2.5, 0}, {50, 3.2972, 0}, 1.0000},
            {"23: about 1", {50, 2.5, 0}, {50, 1.8634, 0.5757}, 1.0000},
            {"24: about 1", {50, 2.5, 0}, {50, 3.2592, 0.3350}, 1.0000},
            {"25: green", {60.2574, -34.0099, 36.2677}, {60.4626, -34.1751, 39.4387}, 1.2644},
            {"26: cyan", {63.0109, -31.0961, -5.8663}, {62.8187, -29.7946, -4.0864}, 1.2630},
            {"27: violet grey", {61.2901, 3.7196, -5.3901}, {61.4292, 2.2480, -4.9620}, 1.8731},
            {"28: dark green", {35.0831, -44.1164, 3.7933}, {35.0232, -40.0716, 1.5901}, 1.8645},
            {"29: dark blue", {22.7233, 20.0904, -46.6940}, {23.0331, 14.9730, -42.5619}, 2.0373},
            {"30: red", {36.4612, 47.8580, 18.3852}, {36.2715, 50.5065, 21.2231}, 1.4146},
            {"31: light", {90.8027, -2.0831, 1.4410}, {91.1528, -1.6435, 0.0447}, 1.4441},
            {"32: light", {90.9257, -0.5406, -0.9208}, {88.6381, -0.8985, -0.7239}, 1.5381},
            {"33: near black", {6.7747, -0.2908, -2.4247}, {5.8714, -0.0985, -2.2286}, 0.6377},
            {"34: near black", {2.0776, 0.0795, -1.1350}, {0.9033, -0.0636, -0.5514}, 0.9082},
        };
        for (const Row &r : rows)
            QTest::newRow(r.why) << r.a << r.b << r.dE;
    }
    void publishedPairsOfCiede2000()
    {
        QFETCH(Lab, a);
        QFETCH(Lab, b);
        QFETCH(double, expected);
        VERIFY_NEAR(deltaE2000(a, b), expected, 0.5e-4 + 1e-9); // rounding of the table
        VERIFY_NEAR(deltaE2000(b, a), deltaE2000(a, b), 1e-12);
    }

    /// Reference library: Little CMS 2.14, functions cmsDeltaE, cmsCMCdeltaE and cmsCIE2000DeltaE
    /// (its CIE94 has the textile weights, ours the graphic-arts ones), on colours over the whole
    /// gamut of surface colours.
    void agreesWithLittleCms_data()
    {
        QTest::addColumn<int>("formula");
        QTest::addColumn<double>("tolerance");
        QTest::newRow("76") << 76 << 1e-9;
        QTest::newRow("CMC 2:1") << 0 << 1e-4; // the library's hue angle is coarser
        QTest::newRow("2000") << 2000 << 1e-9;
    }
    void agreesWithLittleCms()
    {
        QFETCH(int, formula);
        QFETCH(double, tolerance);
        std::mt19937 random(1);
        std::uniform_real_distribution<double> lightness(0, 100), axis(-100, 100), small(-4, 4);
        double worst = 0;
        for (int i = 0; i < 20000; ++i) {
            const Lab a{lightness(random), axis(random), axis(random)};
            const bool close = i % 2;
            const Lab b = close ? Lab{std::clamp(a.L + small(random), 0.0, 100.0),
                                      a.a + small(random), a.b + small(random)}
                                : Lab{lightness(random), axis(random), axis(random)};
            const cmsCIELab p{a.L, a.a, a.b};
            const cmsCIELab q{b.L, b.a, b.b};
            const double ours = formula == 76  ? deltaE76(a, b)
                                : formula == 0 ? deltaECmc(a, b)
                                               : deltaE2000(a, b);
            const double theirs = formula == 76  ? cmsDeltaE(&p, &q)
                                  : formula == 0 ? cmsCMCdeltaE(&p, &q, 2, 1)
                                                 : cmsCIE2000DeltaE(&p, &q, 1, 1, 1);
            worst = std::max(worst, std::abs(ours - theirs));
        }
        VERIFY_BELOW(worst, tolerance);
    }

    /// CIE 116-1995 worked by hand: SC = 1 + 0.045 * 20 = 1.9, SH = 1 + 0.015 * 20 = 1.3.
    void cie94ByHand()
    {
        const Lab standard{50, 20, 0};
        VERIFY_NEAR(deltaE94(standard, {53, 20, 0}), 3, 1e-12);
        VERIFY_NEAR(deltaE94(standard, {50, 30, 0}), 10 / 1.9, 1e-12);
        VERIFY_NEAR(deltaE94(standard, {50, 0, 20}), std::sqrt(800.0) / 1.3, 1e-12);
        VERIFY_NEAR(deltaE94({50, 30, 0}, standard), 10 / (1 + 0.045 * 30), 1e-12); // not symmetric
    }

    /// ITU-R BT.2124-0: equal colours differ by 0; the formula is symmetric and grows with the
    /// step.
    void itpBehaves()
    {
        const XYZ white{95.05, 100, 108.9};
        QCOMPARE(deltaEItp(white, white), 0.0);
        const XYZ one = toXyz(1.01 * vec(white));
        const XYZ two = toXyz(1.02 * vec(white));
        VERIFY_NEAR(deltaEItp(white, one), deltaEItp(one, white), 1e-12);
        QVERIFY(deltaEItp(white, two) > deltaEItp(white, one));
        // 1 on the scale of BT.2124 is about a just noticeable step: one percent of luminance at
        // 100 cd/m² stays below 2 (from common practice).
        QVERIFY(deltaEItp(white, one) > 0.1 && deltaEItp(white, one) < 2);
    }

    /// ITU-R BT.2100-2: PQ signal of 100 cd/m² is 0.508 (Table 4, worked with the formula by hand:
    /// 0.50808); for a neutral I is that signal, so ΔE between 0 and 100 cd/m² of D65 is 720 *
    /// 0.50808 less the signal of black, 7.3e-7.
    void itpScaleOnNeutrals()
    {
        const XYZ d65 = fromChromaticity({0.3127, 0.3290}, 100);
        VERIFY_NEAR(deltaEItp({0, 0, 0}, d65), 720 * 0.50808, 0.05);
    }

    void nanIsPassedOn()
    {
        const Lab bad{std::nan(""), 0, 0};
        QVERIFY(std::isnan(deltaE2000(bad, {})));
        QVERIFY(std::isnan(deltaE76(bad, {})));
        QVERIFY(std::isnan(deltaE94(bad, {})));
    }
};

namespace {
const lantern::test::Register<DifferenceTest> registered("DifferenceTest");
}

#include "difference_test.moc"
