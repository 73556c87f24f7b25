#include "core/colour/difference.h"
#include "core/plan/chart.h"
#include "core/plan/chart_reader.h"
#include "core/plan/time_left.h"
#include "runner.h"
#include "toy_display.h"

namespace lantern::test {

class ChartReaderTest : public QObject {
    Q_OBJECT

    /// Reads a plan on a display whose readings `spoil` may change; answers questions at once.
    /// Returns the questions.
    template <class F> static std::vector<std::string> readAll(StagePlan &plan, F &&spoil)
    {
        const ToyDisplay display;
        std::vector<std::string> questions;
        for (int number = 0;; ++number) {
            const PlanStep step = plan.next();
            if (std::holds_alternative<Finished>(step))
                return questions;
            if (const auto *ask = std::get_if<AskPerson>(&step)) {
                questions.push_back(ask->message.inEnglish());
                plan.acknowledge();
                continue;
            }
            Reading r = display.read(std::get<ReadPatch>(step).rgb);
            spoil(number, r);
            plan.accept(r);
        }
    }

    static std::vector<Reading> undisturbed(const std::vector<DeviceRgb> &patches)
    {
        return ToyDisplay().read(patches);
    }

private slots:
    void aQuietChartIsReadOnce()
    {
        const auto patches = measuringOrder(makeChart(96));
        ChartPlan plan(patches, {});
        QVERIFY(readAll(plan, [](int, Reading &) {}).empty());
        QVERIFY(plan.readings() == undisturbed(patches));
    }

    /// A list such as a validation's: a stretch read while the meter hung beside the patch is read
    /// again as soon as a white tells, and the list comes out as if nothing had been.
    void aListIsReadAgainFromItsLastGoodWhite()
    {
        std::vector<DeviceRgb> patches = {{255, 255, 255}, {255, 255, 255}};
        for (int i = 0; i < 20; ++i)
            patches.push_back({10.0 * i, 200 - 9.0 * i, 40 + 5.0 * i});
        patches.push_back({255, 255, 255});
        WatchedListPlan quiet(patches);
        QVERIFY(readAll(quiet, [](int, Reading &) {}).empty());
        QVERIFY(quiet.readings() == undisturbed(patches));

        WatchedListPlan plan(patches);
        const int last = static_cast<int>(patches.size()) - 1;
        const auto questions = readAll(plan, [&](int number, Reading &r) {
            if (number >= 8 && number <= last + 1) // white at the end and its confirmation too
                r.xyz = {0.4, 0.4, 0.4};
        });
        QCOMPARE(questions.size(), size_t(1));
        QVERIFY(plan.readings() == undisturbed(patches));
        QCOMPARE(plan.readingsDone(), static_cast<int>(patches.size()));
    }

    void anOddReadingIsTakenTwiceMoreAndOutvoted()
    {
        const auto patches = measuringOrder(makeChart(96));
        ChartPlan plan(patches, {});
        constexpr int kKnocked = 37;
        QVERIFY(!(patches[kKnocked] == DeviceRgb{255, 255, 255}));
        const auto questions = readAll(plan, [](int number, Reading &r) {
            if (number == kKnocked)
                r.xyz = {0.4, 0.4, 0.4}; // the meter saw the room
        });
        QVERIFY(questions.empty());
        QCOMPARE(plan.readings().size(), patches.size() + 2);
        QVERIFY(plan.readings().back().rgb == patches[kKnocked]);
        const auto steady = steadyReadings(plan.readings()).readings;
        const auto truth = undisturbed(patches);
        QCOMPARE(steady.size(), truth.size());
        for (size_t i = 0; i < truth.size(); ++i)
            VERIFY_NEAR(steady[i].xyz.Y, truth[i].xyz.Y, 1e-9); // drift takes a rounding error
    }

    /// A reading is doubted from 1.5 ΔE00 on where the model is good, not before.
    void oddnessBeginsWhereItSays()
    {
        const auto patches = measuringOrder(makeChart(96));
        constexpr int kKnocked = 37;
        const ToyDisplay display;
        const XYZ white = display.show({255, 255, 255});
        const Lab truth = pcsLab(display.show(patches[kKnocked]), white);
        const auto readAgain = [&](double share) {
            ChartPlan plan(patches, {});
            readAll(plan, [&](int number, Reading &r) {
                if (number == kKnocked)
                    r.xyz = toXyz(share * vec(r.xyz));
            });
            return plan.readings().size() - patches.size();
        };
        const auto distance = [&](double share) {
            return deltaE2000(truth,
                              pcsLab(toXyz(share * vec(display.show(patches[kKnocked]))), white));
        };
        double below = 1;
        while (distance(below) < 1.2)
            below -= 0.001;
        double above = below;
        while (distance(above) < 1.9)
            above -= 0.001;
        QCOMPARE(readAgain(below), size_t(0));
        QCOMPARE(readAgain(above), size_t(2));
    }

    void whatTheDisplayReallyDoesIsNotOutvoted()
    {
        const auto patches = measuringOrder(makeChart(96));
        ChartPlan plan(patches, {});
        constexpr int kSpecial = 37;
        const auto odd = [&](int, Reading &r) {
            if (r.rgb == patches[kSpecial])
                r.xyz = {3, 9, 3}; // at every reading
        };
        readAll(plan, odd);
        for (const Reading &r : steadyReadings(plan.readings()).readings)
            if (r.rgb == patches[kSpecial])
                QCOMPARE(r.xyz.Y, 9.0);
    }

    void whiteThatJumpsOnceIsReadAgain()
    {
        const auto patches = measuringOrder(makeChart(96));
        const auto second = std::find(patches.begin() + 1, patches.end(), patches.front());
        const int at = static_cast<int>(second - patches.begin());
        ChartPlan plan(patches, {});
        const auto questions = readAll(plan, [&](int number, Reading &r) {
            if (number == at)
                r.xyz.Y *= 0.8;
        });
        QVERIFY(questions.empty());
        QVERIFY(plan.readings() == undisturbed(patches));
    }

    void aDisplayThatDimsIsAskedAboutAndReadAnew()
    {
        const auto patches = measuringOrder(makeChart(96));
        const auto second = std::find(patches.begin() + 1, patches.end(), patches.front());
        const int at = static_cast<int>(second - patches.begin());
        ChartPlan plan(patches, {});
        // Dim from five readings before the second white until the person has been asked twice.
        int asked = 0;
        const ToyDisplay display;
        for (int number = 0;; ++number) {
            const PlanStep step = plan.next();
            if (std::holds_alternative<Finished>(step))
                break;
            if (const auto *ask = std::get_if<AskPerson>(&step)) {
                QVERIFY(ask->message.inEnglish().find("dims by itself") != std::string::npos);
                ++asked;
                plan.acknowledge();
                continue;
            }
            Reading r = display.read(std::get<ReadPatch>(step).rgb);
            if (number > at - 5 && asked < 2)
                r.xyz = toXyz(0.7 * vec(r.xyz));
            plan.accept(r);
        }
        QCOMPARE(asked, 2);
        // Nothing of the dim time is left, and every patch is there.
        const ToyDisplay bright;
        std::vector<DeviceRgb> seen;
        for (const Reading &r : plan.readings()) {
            QVERIFY(r == bright.read(r.rgb));
            seen.push_back(r.rgb);
        }
        for (const DeviceRgb &p : patches)
            QVERIFY(std::find(seen.begin(), seen.end(), p) != seen.end());
    }

    void timeLeftFollowsTheMetersIntegration_data()
    {
        QTest::addColumn<double>("speed"); // of the bench against life
        QTest::newRow("a real meter") << 1.0;
        QTest::newRow("the bench, twenty times life") << 20.0;
    }
    void timeLeftFollowsTheMetersIntegration()
    {
        QFETCH(double, speed);
        const ToyDisplay display;
        const MeterTiming timing;
        const auto patches = measuringOrder(makeChart(300));
        const auto take = [&](const DeviceRgb &rgb) {
            Reading r = display.read(rgb);
            r.integrationSeconds = timing.readingSeconds(r.xyz.Y) - timing.settleSeconds;
            return r;
        };
        Pace pace;
        QCOMPARE(pace.secondsFor(patches, 5), 0.0);
        constexpr size_t kRead = 60; // about a minute
        for (size_t i = 0; i < kRead; ++i) {
            const Reading r = take(patches[i]);
            pace.add(r, (r.integrationSeconds + timing.settleSeconds) / speed + 0.05);
        }
        double truth = 0;
        for (size_t i = kRead; i < patches.size(); ++i)
            truth += (take(patches[i]).integrationSeconds + timing.settleSeconds) / speed + 0.05;
        const double told = pace.secondsFor({patches.begin() + kRead, patches.end()}, 0);
        VERIFY_BELOW(std::abs(told / truth - 1), 0.15);
    }
};

static const Register<ChartReaderTest> registered("ChartReaderTest");

} // namespace lantern::test

#include "chart_reader_test.moc"
