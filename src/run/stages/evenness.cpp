#include "run/stages/stage_kit.h"

#include <QDateTime>

namespace lantern::run {

namespace {

EvennessRequest requestOf(const RunResults &results)
{
    return {.grid = results.setup.evenness.grid,
            .greys = results.setup.evenness.greys,
            .readings = {},
            .colours = {},
            .tolerance = toleranceOf(results.setup),
            .errors = errorSources(results)};
}

/// The plan has to know when each reading was taken.
class EvennessWork : public StageWork {
public:
    explicit EvennessWork(const RunResults &results)
        : m_request(requestOf(results)),
          m_plan(m_request.grid, m_request.greys, results.setup.patchShare[0],
                 results.setup.patchShare[1],
                 results.setup.learnsSettling ? EvennessPlan::Finding::ByLight
                                              : EvennessPlan::Finding::Asks)
    {}
    [[nodiscard]] StagePlan &plan() override { return m_plan; }
    void accept(const LoggedReading &reading) override
    {
        // A millisecond for each, so that two of a quick bench are never at the same time.
        const double at =
            static_cast<double>(
                QDateTime::fromString(reading.takenAt, Qt::ISODateWithMs).toMSecsSinceEpoch()) +
            m_plan.readingsDone();
        m_plan.accept(reading.reading, at / 1000);
    }
    bool endByPerson() override { return m_plan.end(); }
    [[nodiscard]] StageResult result() const override { return judged(); }
    [[nodiscard]] Message onScreen() const override
    {
        switch (m_plan.notice()) {
        case EvennessNotice::Hang:
            return "Hang the meter on the light field.";
        case EvennessNotice::StillThere:
            return "Now hang the meter on the light field.";
        case EvennessNotice::OnEdge:
            return "The meter lies across the edge of the light field, or moved. Hang it in the "
                   "middle.";
        case EvennessNotice::Reading:
            break;
        }
        return {};
    }
    bool show(RunResults &results) override
    {
        results.evennessNow = EvennessProgress{m_plan.target(), m_plan.notice(), m_plan.mayEnd()};
        if (!m_plan.readings().empty() && m_plan.readings().size() != m_judged) {
            m_judged = m_plan.readings().size();
            results.evenness = judged();
        }
        return true;
    }

private:
    [[nodiscard]] Evenness judged() const
    {
        EvennessRequest request = m_request;
        request.readings = m_plan.readings();
        request.colours = m_plan.colours();
        return judgeEvenness(request);
    }

    EvennessRequest m_request;
    EvennessPlan m_plan;
    size_t m_judged = 0; ///< readings that the shown figures are of
};

} // namespace

/// The same greys all over the screen.
StageEntry evennessStage()
{
    StageEntry entry = entryOf<Evenness>(Stage::Evenness);
    entry.begin = [](RunResults &results) -> std::unique_ptr<StageWork> {
        return std::make_unique<EvennessWork>(results);
    };
    return entry;
}

} // namespace lantern::run
