#include "core/colour/tone_curve.h"
#include "runner.h"

#include <cmath>

using namespace lantern;

class ToneCurveTest : public QObject {
    Q_OBJECT
private slots:
    void everyCurveRunsFromBlackToWhite_data()
    {
        QTest::addColumn<int>("kind");
        QTest::newRow("gamma") << 0;
        QTest::newRow("sRGB") << 1;
        QTest::newRow("L*") << 2;
        QTest::newRow("BT.1886") << 3;
        QTest::newRow("native") << 4;
        QTest::newRow("GSDF") << 5;
    }
    void everyCurveRunsFromBlackToWhite()
    {
        QFETCH(int, kind);
        const ToneCurve curve = kind == 0   ? ToneCurve(GammaTone{2.2})
                                : kind == 1 ? ToneCurve(NamedTone::Srgb)
                                : kind == 2 ? ToneCurve(NamedTone::LStar)
                                : kind == 3 ? ToneCurve(NamedTone::Bt1886)
                                : kind == 4 ? ToneCurve(NativeTone{{0, 0.2, 0.5, 1}})
                                            : ToneCurve(NamedTone::Gsdf);
        for (const double black : {0.0, 0.001, 0.02}) {
            VERIFY_NEAR(toneLuminance(curve, 0, {black, 100}), black, 1e-12);
            VERIFY_NEAR(toneLuminance(curve, 1, {black, 100}), 1, 1e-12);
            double last = -1;
            for (int i = 0; i <= 1000; ++i) {
                const double y = toneLuminance(curve, i / 1000.0, {black, 100});
                QVERIFY(y > last);
                last = y;
            }
        }
    }

    void codeValuesOutsideAreClamped()
    {
        QCOMPARE(toneLuminance(GammaTone{2.2}, -0.5, {0.01, 100}), 0.01);
        QCOMPARE(toneLuminance(GammaTone{2.2}, 1.5, {0.01, 100}), 1.0);
    }

    void lStarIsProportionalToLightness()
    {
        // L* 50 at half the code value, by definition (CIE 15): Y = ((50 + 16) / 116)^3
        VERIFY_NEAR(toneLuminance(NamedTone::LStar, 0.5, {0, 100}), std::pow(66.0 / 116, 3), 1e-15);
        // on both sides of L* 8, where the line ends (CIE 15:2018, 8.2.1)
        VERIFY_NEAR(toneLuminance(NamedTone::LStar, 0.07, {0, 100}), 7 * 27.0 / 24389, 1e-15);
        VERIFY_NEAR(toneLuminance(NamedTone::LStar, 0.09, {0, 100}), std::pow(25.0 / 116, 3),
                    1e-15);
    }

    /// Black is there in full at code 0, a quarter of the way up it hardly shows, and on the way
    /// the slope stays at least half of the bare curve's: nothing is crushed.
    void blackIsBlendedIn()
    {
        const double black = 0.01;
        const GammaTone curve{2.2};
        for (int i = 1; i <= 1000; ++i) {
            const double v = i / 1000.0;
            const double with = toneLuminance(curve, v, {black, 100});
            const double bare = toneLuminance(curve, v, {0, 100});
            QVERIFY(with >= bare);
            const double before = toneLuminance(curve, v - 0.001, {black, 100});
            const double bareBefore = toneLuminance(curve, v - 0.001, {0, 100});
            QVERIFY(with - before >= 0.5 * (bare - bareBefore));
        }
        VERIFY_BELOW(toneLuminance(curve, 0.5, {black, 100}) - std::pow(0.5, 2.2), 0.4 * black);
    }

    void nativeNeedsSamples()
    {
        QVERIFY_THROWS_EXCEPTION(std::logic_error, toneLuminance(NativeTone{}, 0.5, {0, 100}));
    }

    void names()
    {
        QCOMPARE(toneName(GammaTone{2.2}), std::string("gamma 2.2"));
        QCOMPARE(toneName(NamedTone::Srgb), std::string("sRGB"));
        QCOMPARE(toneName(NamedTone::LStar), std::string("L*"));
        QCOMPARE(toneName(NamedTone::Bt1886), std::string("BT.1886"));
        QCOMPARE(toneName(NativeTone{}), std::string("native"));
    }
};

namespace {
const lantern::test::Register<ToneCurveTest> registered("ToneCurveTest");
}

#include "tone_curve_test.moc"
