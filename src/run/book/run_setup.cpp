#include "run/book/run_setup.h"

#include "run/book/lists_json.h"

#include "core/colour/colour.h"
#include "core/profile/profile_tables.h"

#include "run/book/lights.h"
#include "run/book/stage.h"

#include <nlohmann/json.hpp>

#include <QDateTime>

#include <algorithm>
#include <limits>
#include <numbers>

namespace lantern::run {

namespace {

constexpr const char *kFormat = "bold-lantern-run";

/// By RawProof.
const std::array<std::string, 3> kRawProofs = {"none", "by-lut", "by-primaries"};
/// By Compensation.
const std::array<std::string, 3> kCompensations = {"not-known", "off", "on"};

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

RunSetup::RunSetup() = default;
RunSetup::RunSetup(const RunSetup &) = default;
RunSetup::RunSetup(RunSetup &&) noexcept = default;
RunSetup &RunSetup::operator=(const RunSetup &) = default;
RunSetup &RunSetup::operator=(RunSetup &&) noexcept = default;
RunSetup::~RunSetup() = default;

RoomLight meanLight(const std::vector<RoomLight> &readings)
{
    Vec3 sum = Vec3::Zero();
    for (const RoomLight &r : readings)
        sum += vec(fromChromaticity(r.chromaticity, r.illuminanceLux));
    const XYZ mean = toXyz(sum / static_cast<double>(readings.size()));
    return {mean.Y, chromaticity(mean)};
}

double paperLuminance(double illuminanceLux, double paperLightness)
{
    return xyzFromLab({paperLightness, 0, 0}, kD50).Y * illuminanceLux / std::numbers::pi;
}

void applyLights(const Lights &lights, RunSetup &setup)
{
    const KeptLight *light = lights.usedLight();
    if (lights.seenIn == SeenIn::Light && light) {
        setup.roomLight = light->light;
        setup.reflectance = lights.reflectance;
    } else if (const auto it = lights.stray.find(setup.displayId);
               lights.seenIn == SeenIn::Measured && it != lights.stray.end())
        setup.strayLight = it->second;
}

bool learnsSettling(const RunSetup &setup)
{
    return setup.learnsSettling && !setup.settling;
}

Aim aimWithinReach(const RunSetup &setup)
{
    Aim aim = setup.aim;
    if (!setup.loadsLut && !setup.intoSlot) {
        aim.tone = NativeTone{};
        aim.contrastRatio.reset();
    }
    return aim;
}

const char *profileKey(ProfileKind kind)
{
    return kind == ProfileKind::Table ? "table" : kind == ProfileKind::Matrix ? "matrix" : "gamma";
}

ProfileKind profileKindByKey(const std::string &key)
{
    return key == "matrix"  ? ProfileKind::Matrix
           : key == "gamma" ? ProfileKind::Gamma
                            : ProfileKind::Table;
}

bool RunSetup::operator==(const RunSetup &other) const
{
    return setupToJson(*this) == setupToJson(other);
}

Tolerance toleranceOf(const RunSetup &setup)
{
    return setup.ownTolerance ? *setup.ownTolerance : toleranceByName(setup.tolerance);
}

std::string compensationKey(Compensation compensation)
{
    return kCompensations[static_cast<size_t>(compensation)];
}

namespace {

/// \throws Error BadInput also where it does not fit into a T
template <class T> T wholeNumber(JsonObject &from, const char *key)
{
    const Json &number = from.raw(key);
    const bool isNegative = number.is_number_integer() && !number.is_number_unsigned();
    if (!number.is_number_integer() || (isNegative && std::is_unsigned_v<T>) ||
        (!isNegative && number.get<uint64_t>() > uint64_t(std::numeric_limits<T>::max())))
        from.fail(key, "is no whole number in range");
    return number.get<T>();
}

/// \throws Error BadInput where an element is no T
template <class T> std::vector<T> listOf(JsonObject &from, const char *key)
{
    try {
        return from.raw(key).get<std::vector<T>>();
    } catch (const Json::exception &) {
        from.fail(key, "is not the list that belongs there");
    }
}

EvennessChoice evennessFromJson(JsonObject choice)
{
    EvennessChoice e;
    e.grid.columns = choice.integer("columns", EvennessGrid::kLeast, EvennessGrid::kMost);
    e.grid.rows = choice.integer("rows", EvennessGrid::kLeast, EvennessGrid::kMost);
    e.greys.clear();
    const Json &greys = choice.raw("greys");
    for (const Json &grey : greys) {
        if (!grey.is_number_integer())
            choice.fail("greys", "holds something that is no code value");
        e.greys.push_back(grey.get<int>());
    }
    const auto it = std::find(kCompensations.begin(), kCompensations.end(),
                              choice.oneOf("compensation", {"not-known", "off", "on"}));
    e.compensation = static_cast<Compensation>(it - kCompensations.begin());
    choice.finish();
    return e;
}

Json fineTuneToJson(const KeptTune &t)
{
    Json j = {{"white_uv", {t.tune.white.u, t.tune.white.v}},
              {"luminance", t.tune.luminanceCdM2},
              {"lightness", t.tune.lightness},
              {"read_white", nullptr}};
    if (t.white)
        j["read_white"] = {t.white->X, t.white->Y, t.white->Z};
    return j;
}

KeptTune fineTuneFromJson(JsonObject json)
{
    KeptTune t;
    const auto uv = json.numbers("white_uv", 2, -kMostTuneUv, kMostTuneUv);
    t.tune.white = {uv[0], uv[1]};
    t.tune.luminanceCdM2 = json.number("luminance", -kMaxAimLuminance, kMaxAimLuminance);
    t.tune.lightness = json.number("lightness", -kMostTuneLightness, kMostTuneLightness);
    if (!json.raw("read_white").is_null()) {
        const auto xyz = json.numbers("read_white", 3, 0, 100'000);
        t.white = XYZ{xyz[0], xyz[1], xyz[2]};
    }
    json.finish();
    return t;
}

} // namespace

Json setupToJson(const RunSetup &s)
{
    Json j = {{"format", kFormat},
              {"version", 1},
              {"kind", runKindKey(s.kind).toStdString()},
              {"reference_run", s.referenceRun},
              {"patch_share", {s.patchShare[0], s.patchShare[1]}},
              {"skipped", s.skipped},
              {"display_id", s.displayId},
              {"display_name", s.displayName},
              {"serial", s.serial},
              {"technology", s.technology},
              {"mapping", s.mapping},
              {"meter", s.meterName},
              {"correction", s.correction},
              {"chart", s.chartPatches},
              {"expected_error", s.expectedError},
              {"max_minutes", s.maxMinutes},
              {"profile", profileKey(s.profileKind)},
              {"icc_version", s.iccVersion},
              {"grid", s.grid},
              {"loads_lut", s.loadsLut},
              {"raw_proof", kRawProofs[static_cast<size_t>(s.rawProof)]},
              {"into_slot", s.intoSlot},
              {"adjust", adjustKey(s.adjust)},
              {"has_brightness", s.controls.brightness},
              {"has_gains", s.controls.gains},
              {"brightness_step", s.controls.brightnessStep},
              {"link_bits", s.linkBits ? Json(*s.linkBits) : Json(nullptr)},
              {"tolerance", s.tolerance},
              {"reference", s.reference},
              {"profile_title", s.profileTitle},
              {"name_template", s.nameTemplate},
              {"copyright", s.copyright},
              {"started_at", s.startedAt},
              {"patch_gain", s.patchGain},
              {"seed", s.seed}};
    j["meter_changes"] = Json::array();
    for (const MeterChange &c : s.meterChanges)
        j["meter_changes"].push_back({c.stage, c.from, c.to});
    j["claimed_primaries"] = Json::array();
    for (const Chromaticity &c : s.claimedPrimaries.value_or(PrimarySet{}))
        if (s.claimedPrimaries)
            j["claimed_primaries"].push_back({c.x, c.y});
    if (s.kind == RunKind::Evenness)
        j["evenness"] = {{"columns", s.evenness.grid.columns},
                         {"rows", s.evenness.grid.rows},
                         {"greys", s.evenness.greys},
                         {"compensation", compensationKey(s.evenness.compensation)}};
    if (s.kind == RunKind::Mode || (s.kind == RunKind::Evenness && !s.pictureMode.empty()))
        j["picture_mode"] = s.pictureMode;
    if (s.intoSlot && (s.slot != 0 || !s.slotName.empty() || s.slotMixes))
        j["memory"] = {{"slot", s.slot}, {"name", s.slotName}, {"mixes", s.slotMixes}};
    if (!s.batch.empty())
        j["batch"] = s.batch;
    if (!s.page.empty())
        j["page"] = s.page;
    if (s.fineTune)
        j["fine_tune"] = fineTuneToJson(*s.fineTune);
    j["aim"] = aimToJson(s.aim);
    j["perceptual"] = s.perceptual;
    j["absolute"] = s.absolute;
    j["against"] = s.against;
    j["own_tolerance"] = s.ownTolerance ? toleranceToJson(*s.ownTolerance) : Json(nullptr);
    j["reference_colours"] = coloursToJson(s.referenceColours);
    j["chart_list"] = patchesToJson(s.chartList);
    j["room_light"] = nullptr;
    if (s.roomLight)
        j["room_light"] = {{"illuminance", s.roomLight->illuminanceLux},
                           {"xy", {s.roomLight->chromaticity.x, s.roomLight->chromaticity.y}},
                           {"reflectance", s.reflectance}};
    j["stray_light"] = nullptr;
    if (s.strayLight)
        j["stray_light"] = {s.strayLight->X, s.strayLight->Y, s.strayLight->Z};
    j["correction_kind"] = correctionKindKey(s.correctionKind);
    j["meter_correction"] =
        s.meterCorrection ? correctionToJson(*s.meterCorrection) : Json(nullptr);
    j["certificate"] = s.certificate ? certificateToJson(*s.certificate) : Json(nullptr);
    j["settling"] = s.settling ? settlingToJson(*s.settling) : Json(nullptr);
    j["learns_settling"] = s.learnsSettling;
    j["start_controls"] = s.startControls ? controlsToJson(*s.startControls) : Json(nullptr);
    return j;
}

RunSetup setupFromJson(const Json &json, const std::string &source)
{
    JsonObject root(json, source);
    root.expectFormat(kFormat, 1);
    RunSetup s;
    if (root.has("kind")) { // added after the first logbooks
        s.kind = runKindByKey(QString::fromStdString(
            root.oneOf("kind", {"calibration", "warm-up", "placement", "check", "by-eye",
                                "four-colours", "validation", "evenness", "mode"})));
        s.referenceRun = wholeNumber<qint64>(root, "reference_run");
        const auto share = root.numbers("patch_share", 2, 0, 1);
        s.patchShare = {share[0], share[1]};
        s.skipped = listOf<std::string>(root, "skipped");
    }
    s.displayId = root.string("display_id");
    s.displayName = root.string("display_name");
    s.serial = root.string("serial");
    s.technology = root.string("technology");
    if (root.has("mapping")) // added later
        s.mapping = listOf<decltype(s.mapping)::value_type>(root, "mapping");
    s.meterName = root.string("meter");
    s.correction = root.string("correction");
    if (root.has("meter_changes")) // added later
        for (const auto &c : listOf<std::array<std::string, 3>>(root, "meter_changes"))
            s.meterChanges.push_back({c[0], c[1], c[2]});
    if (root.has("correction_kind")) { // added later
        s.correctionKind = correctionKindByKey(root.string("correction_kind"));
        if (!root.raw("meter_correction").is_null())
            s.meterCorrection = correctionFromJson(root.raw("meter_correction"), source);
        if (!root.raw("certificate").is_null())
            s.certificate = certificateFromJson(root.raw("certificate"), source);
    }
    s.learnsSettling = root.has("settling"); // added later: runs before that never waited
    if (s.learnsSettling) {
        if (!root.raw("settling").is_null())
            s.settling = settlingFromJson(root.object("settling"));
        s.learnsSettling = root.boolean("learns_settling");
    }
    s.chartPatches = root.integer("chart", 0, 1000000);
    s.expectedError = root.number("expected_error", 0, 100);
    s.maxMinutes = root.number("max_minutes", 0, 10000);
    s.profileKind = profileKindByKey(root.oneOf("profile", {"table", "matrix", "gamma"}));
    s.iccVersion = root.integer("icc_version", 2, 4);
    s.grid = root.integer("grid", kMinGrid, kMaxGrid);
    if (root.has("loads_lut")) // added later
        s.loadsLut = root.boolean("loads_lut");
    if (root.has("raw_proof")) { // added later
        const auto it = std::find(kRawProofs.begin(), kRawProofs.end(),
                                  root.oneOf("raw_proof", {"none", "by-lut", "by-primaries"}));
        s.rawProof = static_cast<RawProof>(it - kRawProofs.begin());
        const auto xy = listOf<std::array<double, 2>>(root, "claimed_primaries");
        if (xy.size() == 3)
            s.claimedPrimaries =
                PrimarySet{{{xy[0][0], xy[0][1]}, {xy[1][0], xy[1][1]}, {xy[2][0], xy[2][1]}}};
    }
    s.intoSlot = root.boolean("into_slot");
    s.chartList = patchesFromJson(root, "chart_list");
    if (!root.raw("room_light").is_null()) {
        JsonObject room = root.object("room_light");
        const auto xy = room.numbers("xy", 2, 0.01, 0.9);
        s.roomLight = RoomLight{room.number("illuminance", 0, 200000), {xy[0], xy[1]}};
        s.reflectance = room.number("reflectance", 0, 1);
        room.finish();
    }
    if (root.has("stray_light") && !root.raw("stray_light").is_null()) { // added later
        const auto xyz = root.numbers("stray_light", 3, 0, 10'000);
        s.strayLight = XYZ{xyz[0], xyz[1], xyz[2]};
    }
    const std::string adjust = root.oneOf("adjust", {"automatic", "by-hand", "skip"});
    s.adjust = adjust == "automatic" ? AdjustMode::Automatic
               : adjust == "by-hand" ? AdjustMode::ByHand
                                     : AdjustMode::Skip;
    s.controls = {root.boolean("has_brightness"), root.boolean("has_gains")};
    if (root.has("brightness_step")) // added later
        s.controls.brightnessStep = root.number("brightness_step", 0.001, 100);
    if (!root.raw("link_bits").is_null())
        s.linkBits = root.integer("link_bits", 1, 16);
    if (root.has("name_template")) { // added later
        s.nameTemplate = root.string("name_template");
        s.copyright = root.string("copyright");
    }
    s.tolerance = root.string("tolerance");
    s.reference = root.has("reference") ? root.string("reference") : "lantern40"; // added later
    if (root.has("reference_colours")) {                                          // added later
        s.perceptual = root.boolean("perceptual");
        s.referenceColours = coloursFromJson(root, "reference_colours");
    }
    if (root.has("against")) { // added later
        s.absolute = root.boolean("absolute");
        s.against = root.string("against");
        if (!root.raw("own_tolerance").is_null())
            s.ownTolerance =
                toleranceFromJson(root.raw("own_tolerance"), source + ", key \"own_tolerance\"");
    }
    s.profileTitle = root.string("profile_title");
    s.startedAt = root.string("started_at");
    if (root.has("patch_gain")) // added later
        s.patchGain = root.number("patch_gain", 0, 1000);
    if (s.kind == RunKind::Evenness)
        s.evenness = evennessFromJson(root.object("evenness"));
    if (s.kind == RunKind::Mode || root.has("picture_mode"))
        s.pictureMode = root.string("picture_mode");
    if (root.has("memory")) {
        JsonObject memory = root.object("memory");
        constexpr int kMostSlots = 64;
        s.slot = memory.integer("slot", 0, kMostSlots - 1);
        s.slotName = memory.string("name");
        s.slotMixes = memory.boolean("mixes");
        memory.finish();
    }
    if (root.has("batch"))
        s.batch = root.string("batch");
    if (root.has("page"))
        s.page = root.string("page");
    if (root.has("fine_tune"))
        s.fineTune = fineTuneFromJson(root.object("fine_tune"));
    s.seed = wholeNumber<uint64_t>(root, "seed");
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
    const std::array<std::pair<const char *, std::string>, 9> places = {
        {{"{display}", s.displayName},
         {"{serial}", s.serial},
         {"{date}", s.startedAt.substr(0, 10)},
         {"{aim}", s.aim.name},
         {"{white}", whiteName(s.aim.white)},
         {"{luminance}", s.aim.luminanceCdM2 ? QString::number(*s.aim.luminanceCdM2).toStdString()
                                             : std::string("native")},
         {"{tone}", toneName(s.aim.tone)},
         {"{technology}", s.technology},
         {"{meter}", s.meterName}}};
    QString name = QString::fromStdString(s.nameTemplate);
    for (const auto &[place, text] : places)
        name.replace(QLatin1String(place), QString::fromStdString(text));
    name = name.simplified();
    return name.isEmpty() ? s.displayName : name.toStdString();
}

IccDate iccDate(const RunSetup &s)
{
    const QDateTime t = QDateTime::fromString(QString::fromStdString(s.startedAt), Qt::ISODate);
    return {t.date().year(), t.date().month(),  t.date().day(),
            t.time().hour(), t.time().minute(), t.time().second()};
}

} // namespace lantern::run
