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
        if constexpr (std::is_same_v<P, AdjustPlan>) {
            result.advice = m_plan.lastAdvice();
            result.controls = m_plan.controls();
        }
        return result;
    }
    bool show(RunResults &results) override
    {
        take(result(), results);
        if constexpr (std::is_same_v<P, HandAdjustPlan>)
            results.handAdvice = m_plan.lastAdvice();
        return true;
    }

private:
    P m_plan;
    AdjustResult m_result;
};

} // namespace

/// The monitor's own controls.
StageEntry adjustStage()
{
    StageEntry entry = entryOf<AdjustResult>(Stage::Adjust);
    entry.version = 2; // leaves a good display alone
    entry.controlsTurn = true;
    entry.goesByItself = [](const RunSetup &setup) { return setup.adjust == AdjustMode::Skip; };
    entry.begin = [](RunResults &results) -> std::unique_ptr<StageWork> {
        const RunSetup &s = results.setup;
        results.handAdvice.reset();
        if (s.adjust == AdjustMode::Automatic && s.startControls)
            return std::make_unique<AdjustWork<AdjustPlan>>(
                AdjustPlan(s.aim, *s.startControls, s.controls), s.startControls);
        if (s.adjust == AdjustMode::ByHand)
            return std::make_unique<AdjustWork<HandAdjustPlan>>(
                HandAdjustPlan(s.aim, s.startControls, s.controls), s.startControls);
        return work(PatchListPlan({}), [start = s.startControls](const PatchListPlan &) {
            return AdjustResult{{}, {}, start};
        });
    };
    return entry;
}

} // namespace lantern::run
