#include "run/book/stage.h"

#include <algorithm>
#include <array>
#include <utility>

namespace lantern::run {

namespace {

struct Kind {
    RunKind kind;
    const char *key;
    std::vector<Stage> stages;
};

const std::vector<Kind> &kinds()
{
    static const std::vector<Kind> all = {
        {RunKind::Calibration,
         "calibration",
         {Stage::Settle, Stage::Ready, Stage::Adjust, Stage::Calibrate, Stage::Measure,
          Stage::Build, Stage::Install, Stage::Validate}},
        {RunKind::WarmUp, "warm-up", {Stage::WarmUp}},
        {RunKind::Placement, "placement", {Stage::Place}},
        {RunKind::Check, "check", {Stage::Check}},
        {RunKind::ByEye, "by-eye", {Stage::ByEye}},
        {RunKind::FourColours, "four-colours", {Stage::FourColours}},
        {RunKind::Validation, "validation", {Stage::Take, Stage::Validate}},
        {RunKind::Evenness, "evenness", {Stage::Evenness}},
        {RunKind::Mode, "mode", {Stage::Mode}}};
    return all;
}

constexpr std::array<std::pair<Stage, const char *>, 17> kStageKeys = {
    {{Stage::Settle, "settle"},
     {Stage::Ready, "ready"},
     {Stage::Adjust, "adjust"},
     {Stage::Calibrate, "calibrate"},
     {Stage::Measure, "measure"},
     {Stage::Build, "build"},
     {Stage::Install, "install"},
     {Stage::Validate, "validate"},
     {Stage::WarmUp, "warm-up"},
     {Stage::Place, "place"},
     {Stage::Check, "check"},
     {Stage::ByEye, "by-eye"},
     {Stage::FourColours, "four-colours"},
     {Stage::Take, "take"},
     {Stage::Evenness, "evenness"},
     {Stage::Mode, "mode"},
     {Stage::Done, "done"}}};

} // namespace

const std::vector<Stage> &stagesOf(RunKind kind)
{
    for (const Kind &k : kinds())
        if (k.kind == kind)
            return k.stages;
    return kinds().front().stages;
}

Stage stageAfter(RunKind kind, Stage stage)
{
    const auto &stages = stagesOf(kind);
    const auto it = std::find(stages.begin(), stages.end(), stage);
    return it == stages.end() || it + 1 == stages.end() ? Stage::Done : *(it + 1);
}

bool isAfter(RunKind kind, Stage stage, Stage other)
{
    const auto &stages = stagesOf(kind);
    return std::find(stages.begin(), stages.end(), stage) >
           std::find(stages.begin(), stages.end(), other);
}

QString stageKey(Stage stage)
{
    for (const auto &[value, key] : kStageKeys)
        if (value == stage)
            return QLatin1String(key);
    return {};
}

std::optional<Stage> stageByKey(const QString &key)
{
    for (const auto &[value, name] : kStageKeys)
        if (key == QLatin1String(name))
            return value;
    return std::nullopt;
}

QString runKindKey(RunKind kind)
{
    for (const Kind &k : kinds())
        if (k.kind == kind)
            return QLatin1String(k.key);
    return {};
}

RunKind runKindByKey(const QString &key)
{
    for (const Kind &k : kinds())
        if (key == QLatin1String(k.key))
            return k.kind;
    return RunKind::Calibration;
}

} // namespace lantern::run
