#include "core/base/error.h"
#include "core/plan/chart_sources.h"
#include "core/profile/profile_writer.h"
#include "runner.h"
#include "toy_display.h"

#include <set>
#include <tuple>

using namespace lantern;

/// Charts from colours that people have.
class ChartSourcesTest : public QObject {
    Q_OBJECT
private slots:
    void coloursAreShownByTheDisplaysProfile()
    {
        const lantern::test::ToyDisplay display;
        const auto icc = buildProfile(display.read(makeChart(100)), {}, "toy").icc;
        const ProfileFile profile(icc, "toy");
        const std::vector<Lab> colours = {{50, 20, 10}, {70, -10, 30}};
        const auto patches = patchesFor(colours, &profile);
        for (size_t i = 0; i < colours.size(); ++i) {
            QCOMPARE(patches[i].r, std::round(profile.toDevice(colours[i]).r));
            QVERIFY(!(patches[i] == patchesFor(colours, nullptr)[i])); // sRGB's are others
        }
        // Listed code values stay what they are; colours beyond reach are clipped.
        const auto listed = patchesFor(
            {{"a", {}, DeviceRgb{12.4, 200, 3}}, {"b", Lab{60, 120, -120}, {}}}, nullptr);
        QVERIFY((listed[0] == DeviceRgb{12, 200, 3}));
        QVERIFY(listed[1].r <= 255 && listed[1].g >= 0);
    }

    void aMixedChartHoldsBothAndNothingTwice()
    {
        const std::vector<DeviceRgb> own = {{1, 2, 3}, {255, 255, 255}, {1, 2, 3}};
        const auto mixed = mixedChart(own, 60);
        std::set<std::tuple<double, double, double>> all;
        for (const DeviceRgb &p : mixed)
            QVERIFY(all.emplace(p.r, p.g, p.b).second);
        QCOMPARE(mixed.size(), size_t(61));
        for (const DeviceRgb &p : makeChart(60))
            QVERIFY(all.contains({p.r, p.g, p.b}));
        std::vector<DeviceRgb> many;
        for (int i = 0; i < kMaxChart; ++i)
            many.push_back({double(i % 256), double(i / 256), 7});
        QVERIFY_THROWS_EXCEPTION(Error, (void)mixedChart(many, kMinChart));
        QCOMPARE(mixedChart({}, 11'000).size(), size_t(11'000));
    }

    void chartsComeBackFromTheirFiles()
    {
        const auto chart = mixedChart({{1, 2, 3}}, 48);
        const std::string text = chartToCgats(chart, "My \"own\" chart");
        QVERIFY(chartFromList(text, "file", nullptr) == chart);
        VERIFY_ERROR(chartFromList("nothing", "strip.txt", nullptr), "strip.txt");
    }
};

static const lantern::test::Register<ChartSourcesTest> registered("ChartSourcesTest");
#include "chart_sources_test.moc"
