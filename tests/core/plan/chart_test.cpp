#include "core/base/error.h"
#include "core/plan/chart.h"
#include "runner.h"

#include <algorithm>
#include <cmath>
#include <set>
#include <tuple>

using namespace lantern;

class ChartTest : public QObject {
    Q_OBJECT
private slots:
    void sizesAreKept_data()
    {
        QTest::addColumn<int>("count");
        for (const int n : {24, 50, 200, 1000, 12000})
            QTest::addRow("%d", n) << n;
    }
    void sizesAreKept()
    {
        QFETCH(int, count);
        const auto chart = makeChart(count);
        QCOMPARE(int(chart.size()), count);
        std::set<std::tuple<double, double, double>> seen;
        for (const DeviceRgb &p : chart) {
            QVERIFY(seen.emplace(p.r, p.g, p.b).second);
            QCOMPARE(p.r, std::round(p.r));
        }
        QVERIFY(seen.contains({255, 255, 255}) && seen.contains({0, 0, 0}));
    }

    void neutralsAndShadowsAreDenser()
    {
        const auto chart = makeChart(1000);
        const auto dark = std::count_if(chart.begin(), chart.end(), [](const DeviceRgb &p) {
            return std::max({p.r, p.g, p.b}) < 128;
        });
        QVERIFY(dark > 1000 / 8 * 1.3); // an even spread has an eighth there
        const auto neutral = std::count_if(chart.begin(), chart.end(), [](const DeviceRgb &p) {
            return std::max({p.r, p.g, p.b}) - std::min({p.r, p.g, p.b}) < 60;
        });
        QVERIFY(neutral > 1000 * 0.2);
    }

    void regularGridHasEveryCombination()
    {
        const auto grid = regularGrid(5);
        QCOMPARE(grid.size(), size_t(125));
        QCOMPARE(grid.front(), (DeviceRgb{255, 255, 255}));
        QCOMPARE(grid.back(), (DeviceRgb{0, 0, 0}));
        VERIFY_ERROR(regularGrid(23), "grid of 23");
        VERIFY_ERROR(regularGrid(1), "grid of 1");
        VERIFY_ERROR(makeChart(23), "23 patches");
        VERIFY_ERROR(makeChart(12001), "12001 patches");
    }

    void renditionChartHasItsColours()
    {
        const auto chart = renditionChart();
        QCOMPARE(chart.size(), size_t(24));
        QVERIFY(chart[14].r > 150 && chart[14].g < 80 && chart[14].b < 80); // red
    }

    /// Everything is read, white at both ends and in between, and luminance makes small steps.
    void measuringOrderIsGentle_data()
    {
        QTest::addColumn<int>("count");
        for (const int n : {24, 96, 200, 3000})
            QTest::addRow("%d", n) << n;
    }
    void measuringOrderIsGentle()
    {
        QFETCH(int, count);
        const auto chart = makeChart(count);
        const auto order = measuringOrder(chart);
        for (const DeviceRgb &p : chart)
            QVERIFY(std::find(order.begin(), order.end(), p) != order.end());
        const DeviceRgb white{255, 255, 255};
        QCOMPARE(order.front(), white);
        QCOMPARE(order.back(), white);
        QVERIFY(std::count(order.begin(), order.end(), white) >= 3);
        QVERIFY(std::count(order.begin(), order.end(), DeviceRgb{0, 0, 0}) >= 1);
        VERIFY_BELOW(double(order.size()), count * 1.2 + 4);
        const LuminanceOutlook outlook;
        auto total = [&](const std::vector<DeviceRgb> &patches) {
            double sum = 0;
            for (size_t i = 1; i < patches.size(); ++i)
                sum += std::abs(outlook.luminance(patches[i]) - outlook.luminance(patches[i - 1]));
            return sum / double(patches.size());
        };
        VERIFY_BELOW(total(order), 0.7 * total(chart));
    }

    void readingTimeFollowsTheMeter()
    {
        const MeterTiming timing{0.4, 20, 0.2, 4, 0.25};
        QCOMPARE(timing.readingSeconds(100), 0.45);
        QCOMPARE(timing.readingSeconds(10), 1.05);
        QCOMPARE(timing.readingSeconds(0), 4.25);
        QCOMPARE(timing.readingSeconds(-1), 4.25);
    }
};

namespace {
const lantern::test::Register<ChartTest> registered("ChartTest");
}

#include "chart_test.moc"
