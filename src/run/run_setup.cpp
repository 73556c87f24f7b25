#include "run/run_setup.h"

#include "run/stage.h"

#include <QDateTime>

namespace lantern::run {

namespace {

constexpr const char *kFormat = "bold-lantern-run";

const char *adjustKey(AdjustMode mode)
{
    switch (mode) {
    case AdjustMode::Automatic:
        return "automatic";
    case AdjustMode::ByHand:
        return "by-hand";
    case AdjustMode::Skip:
        break;
    }
    return "skip";
}

} // namespace

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
    case Stage::Done:
        break;
    }
    return QStringLiteral("done");
}

bool RunSetup::operator==(const RunSetup &other) const
{
    return setupToJson(*this) == setupToJson(other);
}

Json setupToJson(const RunSetup &s)
{
    Json j = {{"format", kFormat},
              {"version", 1},
              {"display_id", s.displayId},
              {"display_name", s.displayName},
              {"serial", s.serial},
              {"technology", s.technology},
              {"meter", s.meterName},
              {"correction", s.correction},
              {"chart", s.chartPatches},
              {"profile", s.profileKind == ProfileKind::Table ? "table" : "matrix"},
              {"adjust", adjustKey(s.adjust)},
              {"has_brightness", s.controls.brightness},
              {"has_gains", s.controls.gains},
              {"link_bits", s.linkBits ? Json(*s.linkBits) : Json(nullptr)},
              {"tolerance", s.tolerance},
              {"profile_title", s.profileTitle},
              {"started_at", s.startedAt},
              {"seed", s.seed}};
    j["aim"] = aimToJson(s.aim);
    j["start_controls"] = s.startControls ? controlsToJson(*s.startControls) : Json(nullptr);
    return j;
}

RunSetup setupFromJson(const Json &json, const std::string &source)
{
    JsonObject root(json, source);
    root.expectFormat(kFormat, 1);
    RunSetup s;
    s.displayId = root.string("display_id");
    s.displayName = root.string("display_name");
    s.serial = root.string("serial");
    s.technology = root.string("technology");
    s.meterName = root.string("meter");
    s.correction = root.string("correction");
    s.chartPatches = root.integer("chart", 0, 1000000);
    s.profileKind = root.oneOf("profile", {"table", "matrix"}) == "table" ? ProfileKind::Table
                                                                          : ProfileKind::Matrix;
    const std::string adjust = root.oneOf("adjust", {"automatic", "by-hand", "skip"});
    s.adjust = adjust == "automatic" ? AdjustMode::Automatic
               : adjust == "by-hand" ? AdjustMode::ByHand
                                     : AdjustMode::Skip;
    s.controls = {root.boolean("has_brightness"), root.boolean("has_gains")};
    if (!root.raw("link_bits").is_null())
        s.linkBits = root.integer("link_bits", 1, 16);
    s.tolerance = root.string("tolerance");
    s.profileTitle = root.string("profile_title");
    s.startedAt = root.string("started_at");
    s.seed = root.raw("seed").get<uint64_t>();
    s.aim = aimFromJson(root.raw("aim"), source + ", key \"aim\"");
    if (!root.raw("start_controls").is_null())
        s.startControls = controlsFromJson(root.object("start_controls"));
    root.finish();
    return s;
}

std::string profileName(const RunSetup &s)
{
    if (!s.profileTitle.empty())
        return s.profileTitle;
    const std::string luminance =
        s.aim.luminanceCdM2 ? QString::number(*s.aim.luminanceCdM2).toStdString() : "native";
    return s.displayName + " " + s.startedAt.substr(0, 10) + " " + whiteName(s.aim.white) + " " +
           luminance + " " + toneName(s.aim.tone);
}

IccDate iccDate(const RunSetup &s)
{
    const QDateTime t = QDateTime::fromString(QString::fromStdString(s.startedAt), Qt::ISODate);
    return {t.date().year(), t.date().month(),  t.date().day(),
            t.time().hour(), t.time().minute(), t.time().second()};
}

} // namespace lantern::run
