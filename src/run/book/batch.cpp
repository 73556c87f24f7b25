#include "run/book/batch.h"

#include "core/base/error.h"
#include "run/book/lists_json.h"
#include "run/book/named_files.h"

#include <nlohmann/json.hpp>

#include <QUrl>

#include <algorithm>

namespace lantern::run {

namespace {

constexpr const char *kFormat = "bold-lantern-batch";
constexpr const char *kUnitId = "unit-";

Json recipeToJson(const Recipe &r)
{
    return {{"aim", aimToJson(r.aim)},
            {"chart_patches", r.chartPatches},
            {"chart_list", patchesToJson(r.chartList)},
            {"tolerance", r.tolerance},
            {"own_tolerance", r.ownTolerance ? toleranceToJson(*r.ownTolerance) : Json(nullptr)},
            {"profile", profileKey(r.profileKind)},
            {"icc_version", r.iccVersion},
            {"grid", r.grid},
            {"reference", r.reference},
            {"reference_colours", coloursToJson(r.referenceColours)},
            {"retries", r.retries},
            {"report", r.longReport ? "long" : "short"}};
}

Recipe recipeFromJson(JsonObject json, const std::string &source)
{
    Recipe r;
    r.aim = aimFromJson(json.raw("aim"), source + ", key \"aim\"");
    constexpr int kMostPatches = 12'000;
    r.chartPatches = json.integer("chart_patches", 1, kMostPatches);
    r.chartList = patchesFromJson(json, "chart_list");
    r.tolerance = json.string("tolerance");
    if (!json.raw("own_tolerance").is_null())
        r.ownTolerance =
            toleranceFromJson(json.raw("own_tolerance"), source + ", key \"own_tolerance\"");
    r.profileKind = profileKindByKey(json.oneOf("profile", {"table", "matrix", "gamma"}));
    r.iccVersion = json.integer("icc_version", 2, 4);
    constexpr int kMostGrid = 129;
    r.grid = json.integer("grid", 2, kMostGrid);
    r.reference = json.string("reference");
    r.referenceColours = coloursFromJson(json, "reference_colours");
    r.retries = json.integer("retries", 0, kMostRetries);
    r.longReport = json.oneOf("report", {"short", "long"}) == "long";
    json.finish();
    return r;
}

Batch batchFromJson(const Json &json, const std::string &source)
{
    JsonObject root(json, source);
    root.expectFormat(kFormat, 1);
    const auto text = [&](const char *key) { return QString::fromStdString(root.string(key)); };
    Batch b;
    b.key = text("key");
    b.name = text("name");
    b.recipe = recipeFromJson(root.object("recipe"), source);
    b.folder = text("folder");
    b.referenceUnit = text("reference_unit");
    constexpr int kMostBetween = 1000;
    b.referenceEvery = root.integer("reference_every", 1, kMostBetween);
    for (const Json &serial : root.raw("queue")) {
        if (!serial.is_string())
            root.fail("queue", "holds something that is no serial number");
        b.queue << QString::fromStdString(serial.get<std::string>());
    }
    b.onBench = text("on_bench");
    if (root.has("runs_before")) { // not in files of before
        constexpr int kMostRuns = 1'000'000;
        b.runsBefore = root.integer("runs_before", 0, kMostRuns);
    }
    b.begunAt = QDateTime::fromString(text("begun_at"), Qt::ISODate);
    if (!b.begunAt.isValid())
        root.fail("begun_at", "is no time");
    b.isClosed = root.boolean("closed");
    root.finish();
    return b;
}

} // namespace

Recipe Recipe::of(const RunSetup &s)
{
    Recipe r;
    r.aim = s.aim;
    r.chartPatches = s.chartPatches;
    r.chartList = s.chartList;
    r.tolerance = s.tolerance;
    r.ownTolerance = s.ownTolerance;
    r.profileKind = s.profileKind;
    r.iccVersion = s.iccVersion;
    r.grid = s.grid;
    r.reference = s.reference;
    r.referenceColours = s.referenceColours;
    return r;
}

void Recipe::applyTo(RunSetup &s) const
{
    s.aim = aim;
    s.chartPatches = chartPatches;
    s.chartList = chartList;
    s.tolerance = tolerance;
    s.ownTolerance = ownTolerance;
    s.profileKind = profileKind;
    s.iccVersion = iccVersion;
    s.grid = grid;
    s.reference = reference;
    s.referenceColours = referenceColours;
    s.expectedError = s.maxMinutes = 0;
    if (s.adjust == AdjustMode::ByHand) // nobody is to be waited for
        s.adjust = AdjustMode::Skip;
    s.aim = aimWithinReach(s);
}

QString serialOf(const QString &typed)
{
    const QString serial = typed.trimmed();
    if (serial.size() > kMostSerial)
        throw Error(ErrorKind::BadInput, serial.left(kMostSerial).toStdString() + "…",
                    {"a serial number has %1 characters at most", {std::to_string(kMostSerial)}});
    if (std::ranges::any_of(serial, [](QChar c) { return !c.isPrint(); }))
        throw Error(ErrorKind::BadInput, "the serial number",
                    "holds characters that cannot be printed", "Scan or type it again.");
    return serial;
}

std::string unitDisplayId(const QString &serial)
{
    return kUnitId + serial.toStdString();
}

QString reportFolder(const Batch &batch, const QString &serial)
{
    QString name = QString::fromLatin1(QUrl::toPercentEncoding(serial, " #+,;=@()[]"));
    if (name.startsWith(QLatin1Char('.')))
        name.replace(0, 1, QStringLiteral("%2E"));
    return batch.folder + QLatin1Char('/') + name;
}

std::vector<Batch> BatchShelf::all(QStringList *broken) const
{
    std::vector<Batch> batches;
    NamedFiles(m_folder).read(
        [&](const Json &json, const std::string &source) {
            batches.push_back(batchFromJson(json, source));
        },
        broken);
    std::ranges::stable_sort(batches, std::ranges::greater(), &Batch::begunAt);
    return batches;
}

void BatchShelf::keep(const Batch &b) const
{
    Json queue = Json::array();
    for (const QString &serial : b.queue)
        queue.push_back(serial.toStdString());
    NamedFiles(m_folder).keep(b.key.toStdString(),
                              {{"format", kFormat},
                               {"version", 1},
                               {"key", b.key.toStdString()},
                               {"name", b.name.toStdString()},
                               {"recipe", recipeToJson(b.recipe)},
                               {"folder", b.folder.toStdString()},
                               {"reference_unit", b.referenceUnit.toStdString()},
                               {"reference_every", b.referenceEvery},
                               {"queue", queue},
                               {"on_bench", b.onBench.toStdString()},
                               {"runs_before", b.runsBefore},
                               {"begun_at", b.begunAt.toUTC().toString(Qt::ISODate).toStdString()},
                               {"closed", b.isClosed}});
}

} // namespace lantern::run
