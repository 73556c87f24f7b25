#include "core/judge/spread.h"
#include "runner.h"

#include <cmath>

namespace lantern::test {

class SpreadTest : public QObject {
    Q_OBJECT

private slots:
    /// Mass spectrometer readings of a uranium isotope: NIST/SEMATECH e-Handbook of Statistical
    /// Methods, 1.3.5.17.1 (Grubbs' test), data from memory; its last value is the outlier there.
    void anOutlierOfTheHandbookStandsOut()
    {
        const std::vector<double> data = {199.31, 199.53, 200.19, 200.82,
                                          201.92, 201.95, 202.18, 245.57};
        const Spread s = spreadOf(data);
        QCOMPARE(s.count, size_t(8));
        VERIFY_NEAR(s.mean, 206.43375, 1e-9);      // by hand
        VERIFY_NEAR(s.median, 201.37, 1e-9);       // by hand
        VERIFY_NEAR(s.deviation, 15.852564, 1e-5); // with Python's statistics.stdev
        QCOMPARE(s.least, 199.31);
        QCOMPARE(s.most, 245.57);
        const std::vector<double> scores = outlierScores(data);
        // Distances from the median, sorted: 0.55 0.55 0.58 0.81 1.18 1.84 2.06 44.2; MAD 0.995.
        VERIFY_NEAR(scores.back(), 0.6745 * 44.2 / 0.995, 1e-9);
        VERIFY_NEAR(scores.front(), -0.6745 * 2.06 / 0.995, 1e-9);
        int beyond = 0;
        for (const double score : scores)
            beyond += std::abs(score) > kOutlierScore ? 1 : 0;
        QCOMPARE(beyond, 1);
    }

    void whereMostAreAlikeTheMeanDistanceCounts()
    {
        const std::vector<double> data = {5, 5, 5, 5, 5, 5, 7};
        const std::vector<double> scores = outlierScores(data);
        VERIFY_NEAR(scores.back(), 0.7979 * 2 / (2.0 / 7), 1e-9);
        QCOMPARE(scores.front(), 0.0);
        for (const double score : outlierScores({3, 3, 3}))
            QCOMPARE(score, 0.0);
        QVERIFY(outlierScores({}).empty());
    }

    void whatMetersScatterByIsNoOutlier()
    {
        const std::vector<double> data = {1, 1.001, 0.999, 1.002, 0.998, 1.05};
        QVERIFY(outlierScores(data).back() > kOutlierScore);
        QCOMPARE(outlierScores(data, 0.1).back(), 0.0);
    }

    void oneUnitHasNoSpread()
    {
        const Spread s = spreadOf({4});
        QCOMPARE(s.deviation, 0.0);
        QCOMPARE(s.median, 4.0);
        QCOMPARE(spreadOf({}).count, size_t(0));
    }

    void aMeterThatDriftsIsNoticed()
    {
        const XYZ white{95, 100, 108};
        QVERIFY(!meterDrift(white, white).isNoticeable);
        const MeterDrift darker = meterDrift(white, {0.97 * 95, 97, 0.97 * 108});
        VERIFY_NEAR(darker.luminanceRatio, 0.97, 1e-12);
        VERIFY_NEAR(darker.deltaUv, 0, 1e-12);
        QVERIFY(darker.isNoticeable);
        const MeterDrift yellower = meterDrift(white, {95, 100, 104});
        QVERIFY(yellower.deltaUv > kMostTintDrift);
        QVERIFY(yellower.isNoticeable);
    }
};

static const Register<SpreadTest> registered("SpreadTest");

} // namespace lantern::test

#include "spread_test.moc"
