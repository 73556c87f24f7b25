#include "core/plan/chart.h"
#include "core/plan/chart_reader.h"
#include "run/stages/stage_kit.h"

#include <QDateTime>

#include <algorithm>

namespace lantern::run {

namespace {

/// Counts the time that readings really take. A simulated meter's own is longer than that.
class TimedWork : public PlanWork<AdaptivePlan> {
public:
    TimedWork(AdaptivePlan plan, double settleSeconds, Result result, Show show)
        : PlanWork(std::move(plan), std::move(result), std::move(show)),
          m_settleSeconds(settleSeconds)
    {}
    void accept(const LoggedReading &logged) override
    {
        constexpr double kBreak = 60; // longer is a pause, a question, or another day
        const QDateTime at = QDateTime::fromString(logged.takenAt, Qt::ISODateWithMs);
        const double since =
            at.isValid() && m_before.isValid() ? double(m_before.msecsTo(at)) / 1000 : 0;
        const double atLeast = logged.reading.integrationSeconds + m_settleSeconds;
        m_before = at;
        adaptive().accept(logged.reading, since < kBreak ? std::max(atLeast, since) : atLeast);
    }

private:
    AdaptivePlan &adaptive() { return static_cast<AdaptivePlan &>(plan()); }

    double m_settleSeconds;
    QDateTime m_before;
};

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
            return std::make_unique<TimedWork>(
                AdaptivePlan(AdaptiveLimits{s.chartPatches, s.expectedError, 60 * s.maxMinutes,
                                            MeterTiming{}.settleSeconds},
                             signalPathOf(results)),
                MeterTiming{}.settleSeconds,
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
