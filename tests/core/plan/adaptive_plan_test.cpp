#include "core/colour/difference.h"
#include "core/judge/validation.h"
#include "core/model/display_model.h"
#include "core/plan/adaptive_plan.h"
#include "core/plan/chart.h"
#include "core/plan/chart_reader.h"
#include "runner.h"
#include "toy_display.h"

#include <random>

using namespace lantern;

class AdaptivePlanTest : public QObject {
    Q_OBJECT
private slots:
    void stopsAtTheErrorAskedFor()
    {
        ToyDisplay display = bumpy();
        AdaptivePlan plan({.mostPatches = 400, .expectedError = 0.12}, {});
        display.carryOut(plan);
        QVERIFY(!plan.history().empty());
        QVERIFY(plan.history().back().meanDeltaE00 <= 0.12);
        QVERIFY(plan.readingsDone() < 400);
        QCOMPARE(plan.readingsLeft(), 0);
        QCOMPARE(plan.history().back().patches, plan.readingsDone());
        // What it expects is what it gets, within a factor of 1.5.
        const double truth = trueError(display, plan.readings());
        const double ratio = plan.history().back().meanDeltaE00 / truth;
        QVERIFY2(ratio > 1 / 1.5 && ratio < 1.5, qPrintable(QString::number(ratio)));
    }

    /// The first batch that reaches the aim is the last, whatever the aim.
    void theFirstBatchThatReachesTheAimIsTheLast()
    {
        ToyDisplay display = bumpy();
        display.ripple = 0.05;
        AdaptivePlan all({.mostPatches = 140}, {});
        display.carryOut(all);
        double least = INFINITY;
        int tried = 0;
        for (size_t i = 0; i < all.history().size() && tried < 4; ++i) {
            const double reached = all.history()[i].meanDeltaE00;
            if (reached > 0.99 * least)
                continue;
            least = reached;
            AdaptivePlan plan({.mostPatches = 400, .expectedError = 1.001 * reached}, {});
            display.carryOut(plan);
            QCOMPARE(plan.history().size(), i + 1);
            ++tried;
        }
        QVERIFY(tried >= 3);
    }

    /// A grid of few levels knows nothing of what lies between them. Left-out readings have
    /// neighbours on the same levels and would not tell.
    void fewLevelsAreNotTrustedBetweenThem()
    {
        for (const int steps : {4, 5, 6}) {
            ToyDisplay display = bumpy();
            display.ripple = 0.05;
            const auto readings = display.read(regularGrid(steps));
            const double ratio =
                expectedError(steadyReadings(readings), {}) / trueError(display, readings);
            QVERIFY2(ratio > 1 / 1.5 && ratio < 1.5, qPrintable(QString::number(ratio)));
        }
    }

    void stopsAtTheNumberOrTime()
    {
        ToyDisplay display = bumpy();
        AdaptivePlan few({.mostPatches = 60}, {});
        display.carryOut(few);
        VERIFY_NEAR(double(few.readingsDone()), 60, 3); // batches end with white
        AdaptivePlan quick({.mostPatches = 1000, .mostSeconds = 30, .settleSeconds = 0.25}, {});
        display.carryOut(quick);
        QVERIFY(quick.readingsDone() >= 67 && quick.readingsDone() <= 70); // 0.45 s each
        QVERIFY(quick.readings().back().rgb == (DeviceRgb{255, 255, 255}));
    }

    /// A reading that was timed counts by its time, and what is left is told by it.
    void timeIsWhatReadingsReallyTake()
    {
        ToyDisplay display = bumpy();
        AdaptivePlan plan({.mostPatches = 2000, .mostSeconds = 300, .settleSeconds = 0.25}, {});
        double seconds = 0;
        bool told = false;
        for (;;) {
            const PlanStep step = plan.next();
            if (std::holds_alternative<Finished>(step))
                break;
            constexpr double kSlow = 3; // a meter behind a slow command
            plan.accept(display.read(std::get<ReadPatch>(step).rgb), kSlow);
            seconds += kSlow;
            if (plan.readingsDone() == 50) {
                told = true;
                VERIFY_NEAR(plan.readingsLeft(), 50, 2);
            }
        }
        QVERIFY(told);
        VERIFY_NEAR(seconds, 300, 3.1); // and white at the end
    }

    /// A quarter of the patches, chosen, does as well as a regular grid.
    void beatsTheRegularGrid()
    {
        ToyDisplay display = bumpy();
        const auto grid = display.read(regularGrid(6));
        AdaptivePlan plan({.mostPatches = 216 / 4}, {});
        display.carryOut(plan);
        VERIFY_BELOW(trueError(display, plan.readings()), trueError(display, grid));
    }

    /// Readings crowded into one place say little of the others: each counts by the part of all
    /// colours that is nearest to it.
    void crowdedReadingsDoNotOutweighTheOthers()
    {
        ToyDisplay display = bumpy();
        auto patches = makeChart(96);
        const double spread = expectedError(steadyReadings(display.read(patches)), {});
        for (int i = 0; i < 125; ++i)
            patches.push_back({120.0 + 3 * (i % 5), 120.0 + 3 * (i / 5 % 5), 120.0 + 3 * (i / 25)});
        const double crowded = expectedError(steadyReadings(display.read(patches)), {});
        const double ratio = crowded / spread;
        QVERIFY2(ratio > 0.75 && ratio < 1.25, qPrintable(QString::number(ratio)));
    }

    void sameReadingsSameChoice()
    {
        ToyDisplay a = bumpy();
        ToyDisplay b = bumpy();
        AdaptivePlan first({.mostPatches = 90}, {});
        AdaptivePlan second({.mostPatches = 90}, {});
        a.carryOut(first);
        b.carryOut(second);
        QVERIFY(first.readings() == second.readings());
    }

private:
    using ToyDisplay = lantern::test::ToyDisplay;

    static ToyDisplay bumpy()
    {
        ToyDisplay display;
        display.gamma = {2.6, 2.0, 1.8};
        display.interaction = 0.06;
        display.ripple = 0.01;
        return display;
    }

    static double trueError(const ToyDisplay &display, const std::vector<Reading> &readings)
    {
        const auto model = DisplayModel::fit(readings, {}, "toy");
        std::mt19937_64 random(8);
        std::vector<double> errors;
        const XYZ white = display.show({255, 255, 255});
        for (int i = 0; i < 2000; ++i) {
            const DeviceRgb rgb{double(random() % 256), double(random() % 256),
                                double(random() % 256)};
            errors.push_back(deltaE2000(pcsLab(display.show(rgb), white), model.lab(rgb)));
        }
        return statistics(errors).mean;
    }
};

namespace {
const lantern::test::Register<AdaptivePlanTest> registered("AdaptivePlanTest");
}

#include "adaptive_plan_test.moc"
