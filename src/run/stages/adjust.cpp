#include "run/stages/stage_kit.h"

namespace lantern::run {

namespace {

/// Where the controls stood at each reading belongs to what is found.
template <class P> class AdjustWork : public StageWork {
public:
    AdjustWork(P plan, std::optional<MonitorControls> start) : m_plan(std::move(plan))
    {
        m_result.controls = std::move(start);
    }
    [[nodiscard]] StagePlan &plan() override { return m_plan; }
    void accept(const LoggedReading &logged) override
    {
        if constexpr (std::is_same_v<P, HandAdjustPlan>)
            if (logged.controls)
                m_plan.setControls(*logged.controls);
        m_plan.accept(logged.reading);
        if (logged.controls)
            m_result.controls = logged.controls;
        if (logged.reading.rgb == DeviceRgb{255, 255, 255})
            m_result.whites.push_back(
                {logged.controls.value_or(MonitorControls{}), logged.reading.xyz});
    }
    bool endByPerson() override
    {
        if constexpr (std::is_same_v<P, HandAdjustPlan>) {
            m_plan.finish();
            return true;
        }
        return false;
    }
    [[nodiscard]] StageResult result() const override
    {
        AdjustResult result = m_result;
        result.advice = m_plan.lastAdvice();
        if constexpr (std::is_same_v<P, AdjustPlan>)
            result.controls = m_plan.controls();
        return result;
    }
    bool show(RunResults &results) override
    {
        take(result(), results);
        return true;
    }

private:
    P m_plan;
    AdjustResult m_result;
};

template <class P> std::unique_ptr<StageWork> adjustWork(const RunResults &results)
{
    const RunSetup &s = results.setup;
    return std::make_unique<AdjustWork<P>>(
        P(s.aim, s.startControls.value_or(MonitorControls{}), s.controls), s.startControls);
}

} // namespace

/// The monitor's own controls.
StageEntry adjustStage()
{
    StageEntry entry = entryOf<AdjustResult>(Stage::Adjust);
    entry.version = 2; // leaves a good display alone
    entry.controlsTurn = true;
    entry.goesByItself = [](const RunSetup &setup) { return setup.adjust == AdjustMode::Skip; };
    entry.begin = [](RunResults &results) -> std::unique_ptr<StageWork> {
        if (results.setup.adjust == AdjustMode::Automatic && results.setup.startControls)
            return adjustWork<AdjustPlan>(results);
        if (results.setup.adjust == AdjustMode::ByHand)
            return adjustWork<HandAdjustPlan>(results);
        return work(PatchListPlan({}),
                    [start = results.setup.startControls](const PatchListPlan &) {
                        return AdjustResult{{}, {}, start};
                    });
    };
    return entry;
}

} // namespace lantern::run
