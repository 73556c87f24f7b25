#include "core/plan/chart.h"
#include "core/plan/chart_reader.h"
#include "run/stages/stage_kit.h"

namespace lantern::run {

namespace {

MeasureResult measured(const std::vector<Reading> &chart, const Aim &aim,
                       const std::vector<ExpectedError> &history = {})
{
    const DriftCorrection steady = steadyReadings(chart);
    return {chart, displayState(steady.readings, aim), steady.scatter, history};
}

} // namespace

/// The chart.
StageEntry measureStage()
{
    StageEntry entry = entryOf<MeasureResult>(Stage::Measure);
    entry.readingsStand = true;
    entry.begin = [](RunResults &results) -> std::unique_ptr<StageWork> {
        const RunSetup &s = results.setup;
        if (s.expectedError > 0 || s.maxMinutes > 0)
            return work(
                AdaptivePlan(AdaptiveLimits{s.chartPatches, s.expectedError, 60 * s.maxMinutes,
                                            MeterTiming{}.settleSeconds},
                             signalPathOf(results)),
                [aim = s.aim](const AdaptivePlan &plan) {
                    return measured(plan.readings(), aim, plan.history());
                },
                [](const AdaptivePlan &plan, RunResults &shown) {
                    const bool news = plan.history().size() != shown.expectedSoFar.size();
                    shown.expectedSoFar = plan.history();
                    return news;
                });
        return work(
            ChartPlan(measuringOrder(s.chartList.empty() ? makeChart(s.chartPatches) : s.chartList),
                      signalPathOf(results)),
            [aim = s.aim](const ChartPlan &plan) { return measured(plan.readings(), aim); });
    };
    return entry;
}

} // namespace lantern::run
