#pragma once

// What the entries of stages are made of.

#include "run/book/kept_fields.h"
#include "run/stages/stage_registry.h"

#include <QCryptographicHash>

#include <functional>
#include <memory>
#include <utility>

namespace lantern::run {

/// A stage whose plan is a P and whose result is a function of it.
template <class P> class PlanWork : public StageWork {
public:
    using Result = std::function<StageResult(const P &)>;
    using Show = std::function<bool(const P &, RunResults &)>;
    PlanWork(P plan, Result result, Show show = {})
        : m_plan(std::move(plan)), m_result(std::move(result)), m_show(std::move(show))
    {}
    [[nodiscard]] StagePlan &plan() override { return m_plan; }
    [[nodiscard]] StageResult result() const override { return m_result(m_plan); }
    bool show(RunResults &results) override { return m_show && m_show(m_plan, results); }

private:
    P m_plan;
    Result m_result;
    Show m_show;
};

template <class P>
std::unique_ptr<StageWork> work(P plan, typename PlanWork<P>::Result result,
                                typename PlanWork<P>::Show show = {})
{
    return std::make_unique<PlanWork<P>>(std::move(plan), std::move(result), std::move(show));
}

/// Of the bytes beside a result: one that has changed on the disk is noticed.
inline constexpr const char *kDigest = "sha256";
inline std::string digestOf(const QByteArray &bytes)
{
    return QCryptographicHash::hash(bytes, QCryptographicHash::Sha256).toHex().toStdString();
}

/// Bytes that are kept beside a result's fields.
template <class R> QByteArray *bytesOf(R &)
{
    return nullptr;
}
inline QByteArray *bytesOf(BuildResult &r)
{
    return &r.profile;
}
inline QByteArray *bytesOf(TakeResult &r)
{
    return &r.profile;
}
inline QByteArray *bytesOf(ByEyeResult &r)
{
    return &r.profile;
}

/// The entry of a stage whose result is an R.
template <class R> StageEntry entryOf(Stage stage)
{
    StageEntry entry;
    entry.stage = stage;
    entry.keep = [](const StageResult &result) {
        R value = std::get<R>(result);
        KeptResult kept;
        Json json = lantern::run::kept(value);
        if (const QByteArray *bytes = bytesOf(value)) {
            kept.bytes = *bytes;
            json[kDigest] = digestOf(*bytes);
        }
        kept.json = QByteArray::fromStdString(json.dump());
        return kept;
    };
    entry.recall = [](const KeptResult &kept, const std::string &where) -> StageResult {
        R value{};
        Json json = parseJson(kept.json.toStdString(), where);
        if (QByteArray *bytes = bytesOf(value)) {
            if (!json.is_object() || json[kDigest] != digestOf(kept.bytes))
                cannotRecall(where, "the profile is not the one that was kept");
            json.erase(kDigest);
            *bytes = kept.bytes;
        }
        lantern::run::recall(json, value, where);
        return value;
    };
    return entry;
}

// One for each file beside this one.
StageEntry settleStage();
StageEntry readyStage();
StageEntry adjustStage();
StageEntry calibrateStage();
StageEntry measureStage();
StageEntry buildStage();
StageEntry installStage();
StageEntry validateStage();
StageEntry warmUpStage();
StageEntry placeStage();
StageEntry checkStage();
StageEntry byEyeStage();
StageEntry fourColoursStage();
StageEntry takeStage();
StageEntry evennessStage();
StageEntry modeStage();

} // namespace lantern::run
