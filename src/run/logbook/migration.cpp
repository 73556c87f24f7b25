// Logbooks of earlier versions are brought to the present schema once, when they are opened for
// writing; readers do it in a copy.

#include "core/base/error.h"
#include "run/logbook/load_results.h"
#include "run/logbook/logbook_sql.h"
#include "run/stages/stage_registry.h"

#include "core/plan/chart_reader.h"

#include <nlohmann/json.hpp>

#include <QUuid>

#include <algorithm>

namespace lantern::run {

namespace {

constexpr const char *kTables[] = {
    "CREATE TABLE run (id INTEGER PRIMARY KEY, kind TEXT NOT NULL, display_id TEXT NOT NULL, "
    "display_name TEXT NOT NULL, meter TEXT NOT NULL, started_at TEXT NOT NULL, reference_run "
    "INTEGER NOT NULL DEFAULT 0, finished_at TEXT, abandoned INTEGER NOT NULL DEFAULT 0, setup "
    "TEXT NOT NULL, identity TEXT NOT NULL DEFAULT '', workstation TEXT NOT NULL DEFAULT '', "
    "person "
    "TEXT NOT NULL DEFAULT '', note TEXT NOT NULL DEFAULT '', removed_at TEXT)",
    "CREATE INDEX run_of_display ON run (display_id, kind, id)",
    "CREATE TABLE reading (id INTEGER PRIMARY KEY, run INTEGER NOT NULL REFERENCES run(id), stage "
    "TEXT NOT NULL, r REAL NOT NULL, g REAL NOT NULL, b REAL NOT NULL, x REAL NOT NULL, y REAL NOT "
    "NULL, z REAL NOT NULL, seconds REAL NOT NULL, taken_at TEXT, meter TEXT, region TEXT, "
    "meter_state BLOB, controls TEXT, aside INTEGER NOT NULL DEFAULT 0)",
    "CREATE INDEX reading_of_run ON reading (run, stage, id)",
    "CREATE TABLE stage (run INTEGER NOT NULL REFERENCES run(id), stage TEXT NOT NULL, version "
    "INTEGER NOT NULL, finished_at TEXT, result TEXT, bytes BLOB, problem TEXT, PRIMARY KEY (run, "
    "stage)) WITHOUT ROWID",
    "CREATE TABLE figure (id INTEGER PRIMARY KEY, run INTEGER NOT NULL REFERENCES run(id), stage "
    "TEXT NOT NULL, display_id TEXT NOT NULL, meter TEXT NOT NULL, taken_at TEXT NOT NULL, name "
    "TEXT NOT NULL, value REAL NOT NULL, unit TEXT NOT NULL, uncertainty REAL, bound REAL)",
    "CREATE INDEX figure_over_time ON figure (display_id, name, taken_at)",
    "CREATE INDEX figure_of_run ON figure (run, stage)",
};

/// Stages of schemas 1 to 3 by the numbers they had there.
constexpr Stage kOldStages[] = {Stage::Ready,  Stage::Adjust,     Stage::Calibrate, Stage::Measure,
                                Stage::Build,  Stage::Install,    Stage::Validate,  Stage::Done,
                                Stage::WarmUp, Stage::Place,      Stage::Check,     Stage::ByEye,
                                Stage::Settle, Stage::FourColours};

/// The keys of old stages as an SQL expression of `column`.
QString stageOf(const char *column)
{
    QString sql = QStringLiteral("CASE ") + QLatin1String(column);
    int number = 0;
    for (const Stage stage : kOldStages)
        sql += QStringLiteral(" WHEN %1 THEN '%2'").arg(number++).arg(stageKey(stage));
    return sql + QStringLiteral(" END");
}

/// What earlier schemas kept of a stage without readings. Nothing for the others.
std::optional<StageResult> oldResult(Stage stage, const QByteArray &packed,
                                     const std::string &where)
{
    const auto profileOf = [](JsonObject &root) {
        return QByteArray::fromBase64(QByteArray::fromStdString(root.string("icc_base64")));
    };
    if (stage == Stage::Build) {
        const Json json = parseJson(packed.toStdString(), where);
        JsonObject root(json, where);
        BuildResult r;
        r.residual = root.number("residual", 0, 1000);
        r.expectedError = root.number("expected_error", 0, 1000);
        r.profile = profileOf(root);
        return r;
    }
    if (stage == Stage::Install)
        return InstallResult{packed.toStdString()};
    if (stage == Stage::ByEye) {
        const Json json = parseJson(packed.toStdString(), where);
        JsonObject root(json, where);
        ByEyeResult r;
        const Json &lut = root.raw("lut");
        for (size_t c = 0; c < 3; ++c)
            for (size_t i = 0; i < VideoLut::kSize; ++i)
                r.lut.channels[c][i] = lut.at(c).at(i).get<uint16_t>();
        r.path = root.string("installed");
        r.profile = profileOf(root);
        return r;
    }
    if (stage == Stage::Settle) {
        if (packed.isEmpty())
            return SettleResult{};
        const Json json = parseJson(packed.toStdString(), where);
        JsonObject root(json, where);
        (void)root.string("meter");
        return SettleResult{settlingFromJson(root.object("settling"))};
    }
    return std::nullopt;
}

/// What readings say whose plan is gone, as far as that needs no plan.
std::optional<StageResult> fromReadingsAlone(Stage stage, const std::vector<LoggedReading> &logged,
                                             const RunResults &before)
{
    if (stage == Stage::Ready) {
        ReadyResult r;
        for (const LoggedReading &l : logged)
            r.found.push_back(l.reading);
        r.before = displayState(r.found, before.setup.aim);
        return r;
    }
    if (stage != Stage::Measure)
        return std::nullopt;
    MeasureResult r;
    for (const LoggedReading &l : logged)
        r.chart.push_back(l.reading);
    const DriftCorrection steady = steadyReadings(r.chart);
    r.after = displayState(steady.readings, before.setup.aim);
    r.repeatability = steady.scatter;
    return r;
}

StageResult resultOfOld(Stage stage, const QByteArray &packed,
                        const std::vector<LoggedReading> &logged, RunResults &results,
                        const std::string &where)
{
    if (const auto kept = oldResult(stage, packed, where))
        return *kept;
    try {
        const auto work = stageEntry(stage).begin(results);
        replay(*work, logged, where);
        for (PlanStep step = work->plan().next(); !std::holds_alternative<Finished>(step);
             step = work->plan().next()) {
            if (std::holds_alternative<ReadPatch>(step))
                throw Error(ErrorKind::BadInput, where, "readings are missing");
            work->plan().acknowledge(); // what it did after its last reading
        }
        return work->result();
    } catch (const Error &) {
        if (const auto alone = fromReadingsAlone(stage, logged, results))
            return *alone;
        throw;
    }
}

} // namespace

QString identityOfOld(qint64 run, const QString &identity, const QString &setup)
{
    static const QUuid kOldRuns(QStringLiteral("5ecb6ac0-6d1c-4b8e-9a55-3c21c7b1f0ad"));
    return QUuid::createUuidV5(kOldRuns, QString::number(run) + QLatin1Char(' ') + identity + setup)
        .toString(QUuid::WithoutBraces);
}

int Logbook::schemaVersion()
{
    Statement version(*this, "PRAGMA user_version");
    version.run();
    const int found = version.next() ? version.value(0).toInt() : 0;
    if (found > kSchemaVersion)
        throw Error(ErrorKind::Device, m_path.toStdString(),
                    "the logbook was written by a newer Bold Lantern",
                    "Use that version, or another logbook.");
    return found;
}

void Logbook::createTables()
{
    const int found = schemaVersion();
    if (found == kSchemaVersion)
        return;
    Statement(*this, "PRAGMA foreign_keys = OFF").run(); // tables are replaced
    {
        Transaction all(*this);
        if (found == 0)
            for (const char *sql : kTables)
                Statement(*this, sql).run();
        else
            migrate(found);
        Statement(*this, "CREATE UNIQUE INDEX run_identity ON run (identity)").run();
        Statement(*this, QStringLiteral("PRAGMA user_version = %1").arg(kSchemaVersion)).run();
        all.commit();
    }
    Statement(*this, "PRAGMA foreign_keys = ON").run();
}

void Logbook::migrate(int found)
{
    if (found < 4)
        replaceTables(found);
    else if (found == 4)
        for (const char *column :
             {"identity TEXT NOT NULL DEFAULT ''", "workstation TEXT NOT NULL DEFAULT ''",
              "person TEXT NOT NULL DEFAULT ''", "note TEXT NOT NULL DEFAULT ''",
              "removed_at TEXT"})
            Statement(*this, QStringLiteral("ALTER TABLE run ADD COLUMN ") + QLatin1String(column))
                .run();
    nameOldRuns();
}

/// Gives runs from before they had identities the same one in every copy of their logbook; of runs
/// that share one the first keeps it.
void Logbook::nameOldRuns()
{
    std::vector<std::pair<qint64, QString>> names;
    {
        Statement s(*this, "SELECT id, identity, setup FROM run WHERE identity = '' OR id NOT IN "
                           "(SELECT min(id) FROM run GROUP BY identity)");
        s.run();
        while (s.next())
            names.emplace_back(s.value(0).toLongLong(),
                               identityOfOld(s.value(0).toLongLong(), s.text(1), s.text(2)));
    }
    for (const auto &[run, name] : names)
        Statement(*this, "UPDATE run SET identity = ? WHERE id = ?").bind(name).bind(run).run();
}

/// Of the first three schemas, whose stages had numbers and kept readings alone.
void Logbook::replaceTables(int found)
{
    for (const char *table : {"run", "reading", "stage"})
        Statement(*this,
                  QStringLiteral("ALTER TABLE %1 RENAME TO old_%1").arg(QLatin1String(table)))
            .run();
    Statement(*this, "DROP INDEX IF EXISTS reading_of_run").run();
    if (found < 3) // runs from before that stage have passed it
        Statement(*this,
                  QStringLiteral("INSERT OR IGNORE INTO old_stage (run, stage) SELECT id, "
                                 "12 FROM old_run%1")
                      .arg(found == 2 ? QStringLiteral(" WHERE kind = 'calibration'") : QString()))
            .run();
    for (const char *sql : kTables)
        Statement(*this, sql).run();
    Statement(*this, QStringLiteral("INSERT INTO run (id, kind, display_id, display_name, meter, "
                                    "started_at, abandoned, setup) SELECT id, %1, display_id, '', "
                                    "'', '', abandoned, setup FROM old_run")
                         .arg(found == 1 ? QStringLiteral("'calibration'") // 2: run.kind
                                         : QStringLiteral("kind")))
        .run();
    Statement(*this, QStringLiteral("INSERT INTO reading (id, run, stage, r, g, b, x, y, z, "
                                    "seconds, meter_state, controls) SELECT id, run, %1, r, g, b, "
                                    "x, y, z, seconds, meter_state, controls FROM old_reading")
                         .arg(stageOf("stage")))
        .run();
    std::vector<qint64> runs;
    {
        Statement ids(*this, "SELECT id FROM run ORDER BY id");
        ids.run();
        while (ids.next())
            runs.push_back(ids.value(0).toLongLong());
    }
    for (const qint64 run : runs) {
        try {
            const RunSetup s = setup(run);
            Statement(*this, "UPDATE run SET display_name = ?, meter = ?, started_at = ?, "
                             "reference_run = ? WHERE id = ?")
                .bind(QString::fromStdString(s.displayName))
                .bind(QString::fromStdString(s.meterName))
                .bind(QString::fromStdString(s.startedAt))
                .bind(s.referenceRun)
                .bind(run)
                .run();
            Statement(*this, "UPDATE reading SET meter = ? WHERE run = ?")
                .bind(QString::fromStdString(s.meterName))
                .bind(run)
                .run();
        } catch (const Error &e) {
            if (e.kind == ErrorKind::Device)
                throw;
            // a damaged row stays what it is; whoever opens it is told
        }
        keepOldResults(run);
    }
    for (const char *table : {"old_stage", "old_reading", "old_run"})
        Statement(*this, QStringLiteral("DROP TABLE %1").arg(QLatin1String(table))).run();
}

/// Earlier schemas worked results out anew from the readings: done here for the last time.
void Logbook::keepOldResults(qint64 run)
{
    const std::string where = m_path.toStdString() + ", run " + std::to_string(run);
    Statement kindOf(*this, "SELECT kind, started_at FROM run WHERE id = ?");
    kindOf.bind(run).run();
    if (!kindOf.next())
        return;
    RunResults results;
    QString unreadable;
    try {
        results = loadResults(*this, run); // nothing but the setup and what it is held against
    } catch (const std::exception &e) {
        unreadable = QString::fromUtf8(e.what());
    }
    for (const Stage stage : stagesOf(runKindByKey(kindOf.text(0)))) {
        const StageEntry &entry = stageEntry(stage);
        const auto number = static_cast<int>(
            std::find(std::begin(kOldStages), std::end(kOldStages), stage) - kOldStages);
        Statement old(*this, "SELECT result FROM old_stage WHERE run = ? AND stage = ?");
        old.bind(run).bind(number).run();
        if (!old.next()) {
            Statement any(*this, "SELECT 1 FROM reading WHERE run = ? AND stage = ? LIMIT 1");
            if (any.bind(run).bind(stageKey(stage)).run().next())
                beginStage(run, stage, entry.version);
            break;
        }
        StoredStage stored{stage, entry.version, kindOf.text(1), {}, {}, unreadable};
        if (unreadable.isEmpty()) {
            try {
                const StageResult result = resultOfOld(stage, old.value(0).toByteArray(),
                                                       readings(run, stage), results, where);
                take(result, results);
                stored.result = entry.keep(result);
                stored.figures = figuresOf(result, results);
            } catch (const std::exception &e) {
                stored.problem = QString::fromUtf8(e.what());
            }
        }
        store(run, stored);
    }
}

} // namespace lantern::run
