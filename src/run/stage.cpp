#include "run/stage.h"

#include <algorithm>
#include <array>
#include <utility>

namespace lantern::run {

namespace {

const std::array<std::pair<RunKind, const char *>, 6> kKinds = {
    {{RunKind::Calibration, "calibration"},
     {RunKind::WarmUp, "warm-up"},
     {RunKind::Placement, "placement"},
     {RunKind::Check, "check"},
     {RunKind::ByEye, "by-eye"},
     {RunKind::FourColours, "four-colours"}}};

} // namespace

const std::vector<Stage> &stagesOf(RunKind kind)
{
    static const std::vector<Stage> calibration = {Stage::Settle,    Stage::Ready,   Stage::Adjust,
                                                   Stage::Calibrate, Stage::Measure, Stage::Build,
                                                   Stage::Install,   Stage::Validate};
    static const std::vector<Stage> warmUp = {Stage::WarmUp};
    static const std::vector<Stage> placement = {Stage::Place};
    static const std::vector<Stage> check = {Stage::Check};
    static const std::vector<Stage> byEye = {Stage::ByEye};
    static const std::vector<Stage> fourColours = {Stage::FourColours};
    switch (kind) {
    case RunKind::Calibration:
        break;
    case RunKind::WarmUp:
        return warmUp;
    case RunKind::Placement:
        return placement;
    case RunKind::Check:
        return check;
    case RunKind::ByEye:
        return byEye;
    case RunKind::FourColours:
        return fourColours;
    }
    return calibration;
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
    switch (stage) {
    case Stage::Ready:
        return QStringLiteral("ready");
    case Stage::Adjust:
        return QStringLiteral("adjust");
    case Stage::Calibrate:
        return QStringLiteral("calibrate");
    case Stage::Measure:
        return QStringLiteral("measure");
    case Stage::Build:
        return QStringLiteral("build");
    case Stage::Install:
        return QStringLiteral("install");
    case Stage::Validate:
        return QStringLiteral("validate");
    case Stage::WarmUp:
        return QStringLiteral("warm-up");
    case Stage::Place:
        return QStringLiteral("place");
    case Stage::Check:
        return QStringLiteral("check");
    case Stage::ByEye:
        return QStringLiteral("by-eye");
    case Stage::Settle:
        return QStringLiteral("settle");
    case Stage::FourColours:
        return QStringLiteral("four-colours");
    case Stage::Done:
        break;
    }
    return QStringLiteral("done");
}

QString runKindKey(RunKind kind)
{
    for (const auto &[value, key] : kKinds)
        if (value == kind)
            return QLatin1String(key);
    return {};
}

RunKind runKindByKey(const QString &key)
{
    for (const auto &[value, name] : kKinds)
        if (key == QLatin1String(name))
            return value;
    return RunKind::Calibration;
}

} // namespace lantern::run
