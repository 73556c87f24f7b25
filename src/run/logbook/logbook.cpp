#include "run/logbook/logbook.h"

#include "run/logbook/logbook_sql.h"

#include <nlohmann/json.hpp>

#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QSysInfo>
#include <QUrl>
#include <QUuid>

#include <unordered_map>

namespace lantern::run {

namespace {

QString now()
{
    return QDateTime::currentDateTimeUtc().toString(Qt::ISODateWithMs);
}

QString keyOf(RunKind kind)
{
    return runKindKey(kind);
}

/// The file by its absolute path: SQLite takes some relative names for something else.
QString uri(const QString &path, const char *parameters)
{
    const QString absolute =
        path.startsWith(QLatin1Char('/')) ? path : QDir::currentPath() + QLatin1Char('/') + path;
    QUrl url = QUrl::fromLocalFile(absolute);
    url.setQuery(QLatin1String(parameters));
    return url.toString(QUrl::FullyEncoded);
}

/// Of whoever works here; empty where the system does not tell.
QString personName()
{
    const QString name = qEnvironmentVariable("USER");
    return name.isEmpty() ? qEnvironmentVariable("LOGNAME") : name;
}

QVariant orNull(const std::optional<double> &value)
{
    return value ? QVariant(*value) : QVariant();
}

std::optional<double> optionalNumber(const QVariant &value)
{
    return value.isNull() ? std::nullopt : std::optional(value.toDouble());
}

} // namespace

void logbookFailed(const QString &path, const QSqlError &error)
{
    const QString text = error.databaseText().isEmpty() ? error.text() : error.databaseText();
    const bool full = text.contains(QLatin1String("full"));
    if (text.contains(QLatin1String("malformed")) || text.contains(QLatin1String("not a database")))
        throw DamagedError(
            ErrorKind::Device, path.toStdString(),
            {"the logbook is damaged: %1", {text.toStdString()}},
            "Leave the file as it is; what it still holds comes into a new one with: "
            "bold-lantern-cli log --logbook FILE --rescue NEW");
    throw Error(ErrorKind::Device, path.toStdString(),
                full ? Message("the disk is full, a reading could not be kept")
                     : Message("the logbook cannot be used: %1", {text.toStdString()}),
                full ? Message("Make room on the disk, then go on: everything read before is safe.")
                     : Message("Check the file's permissions and the disk."));
}

Logbook::Logbook(const QString &path, Access access)
    : m_path(path), m_connection(QUuid::createUuid().toString())
{
    try {
        if (access == Access::Write) {
            lock();
            open(path, false);
            createTables();
            return;
        }
        open(path, true);
        if (schemaVersion() == kSchemaVersion)
            return;
        m_copy = std::make_unique<QTemporaryDir>();
        const QString copy = m_copy->filePath(QStringLiteral("logbook.sqlite"));
        copyTo(copy);
        close();
        open(copy, false);
        createTables();
    } catch (...) {
        close();
        throw;
    }
}

Logbook::~Logbook()
{
    close();
}

QString Logbook::lockFileOf(const QString &path)
{
    return path + QStringLiteral(".lock");
}

LockedError::LockedError(const std::string &path, const Message &problem, Holder holder)
    : Error(ErrorKind::Device, path, problem,
            holder == Holder::Here
                ? Message("Close that program first, or use another logbook.")
                : Message("If no other program uses this logbook, take it over: the window asks, "
                          "the command line has --take-over.")),
      holder(holder)
{}

void Logbook::takeOver(const QString &path)
{
    QFile::remove(lockFileOf(path));
}

void Logbook::lock()
{
    m_lock = std::make_unique<QLockFile>(lockFileOf(m_path));
    m_lock->setStaleLockTime(0); // stale only when its process is gone
    if (m_lock->tryLock(0))
        return;
    qint64 pid = 0;
    QString host, application;
    const std::string file = lockFileOf(m_path).toStdString();
    if (m_lock->error() == QLockFile::LockFailedError) {
        if (!m_lock->getLockInfo(&pid, &host, &application))
            throw LockedError(m_path.toStdString(), {"its lock %1 cannot be understood", {file}},
                              LockedError::Holder::Unknown);
        if (host != QSysInfo::machineHostName())
            throw LockedError(
                m_path.toStdString(),
                {"this logbook is in use by %1, process %2, on the computer %3, says its lock %4",
                 {application.toStdString(), std::to_string(pid), host.toStdString(), file}},
                LockedError::Holder::Elsewhere);
        throw LockedError(m_path.toStdString(),
                          {"this logbook is in use by %1, process %2",
                           {application.toStdString(), std::to_string(pid)}},
                          LockedError::Holder::Here);
    }
    throw Error(ErrorKind::Device, m_path.toStdString(), "this logbook cannot be written",
                "Check the permissions of its folder and the free space on the disk.");
}

void Logbook::open(const QString &file, bool readOnly)
{
    const auto openAs = [&](const char *mode) {
        close();
        m_database = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), m_connection);
        m_database.setDatabaseName(uri(file, mode));
        m_database.setConnectOptions(QStringLiteral("QSQLITE_OPEN_URI"));
        if (!m_database.open())
            logbookFailed(m_path, m_database.lastError());
        Statement(*this, "PRAGMA busy_timeout = 5000").run();
    };
    if (readOnly) {
        openAs("mode=ro");
        // In a folder that cannot be written there is no place for what readers share.
        if (!QSqlQuery(m_database).exec(QStringLiteral("SELECT 1 FROM sqlite_master")))
            openAs("immutable=1");
        return;
    }
    openAs("mode=rwc");
    // WAL and a full sync at each commit: what was acknowledged survives a crash and a power cut.
    for (const char *pragma :
         {"PRAGMA journal_mode = WAL", "PRAGMA synchronous = FULL", "PRAGMA foreign_keys = ON"})
        Statement(*this, pragma).run();
}

void Logbook::close()
{
    m_database.close();
    m_database = {};
    if (QSqlDatabase::contains(m_connection))
        QSqlDatabase::removeDatabase(m_connection);
}

bool Logbook::isWhole()
{
    Statement s(*this, "PRAGMA integrity_check(1)");
    return s.run().next() && s.text(0) == QLatin1String("ok");
}

void Logbook::copyTo(const QString &file)
{
    Statement(*this, "VACUUM INTO ?").bind(file).run();
}

void Logbook::limitPages(int pages)
{
    Statement(*this, QStringLiteral("PRAGMA max_page_count = %1").arg(pages)).run();
}

qint64 Logbook::createRun(const RunSetup &setup)
{
    // What could not be read again could not be taken up again: refused now, by the same rules.
    setupFromJson(setupToJson(setup), "this run");
    return Statement(
               *this,
               "INSERT INTO run (kind, display_id, display_name, meter, started_at, "
               "reference_run, setup, identity, workstation, person) VALUES (?, ?, ?, ?, ?, ?, "
               "?, ?, ?, ?)")
        .bind(keyOf(setup.kind))
        .bind(QString::fromStdString(setup.displayId))
        .bind(QString::fromStdString(setup.displayName))
        .bind(QString::fromStdString(setup.meterName))
        .bind(QString::fromStdString(setup.startedAt))
        .bind(setup.referenceRun)
        .bind(QString::fromStdString(setupToJson(setup).dump()))
        .bind(QUuid::createUuid().toString(QUuid::WithoutBraces))
        .bind(QSysInfo::machineHostName())
        .bind(personName())
        .run()
        .lastId();
}

RunSetup Logbook::setup(qint64 run)
{
    Statement s(*this, "SELECT setup FROM run WHERE id = ?");
    s.bind(run).run();
    if (!s.next())
        throw Error(ErrorKind::Device, m_path.toStdString(),
                    {"run %1 is not in the logbook", {std::to_string(run)}});
    const std::string where = m_path.toStdString() + ", run " + std::to_string(run);
    return setupFromJson(parseJson(s.text(0).toStdString(), where), where);
}

void Logbook::changeSetup(qint64 run, const RunSetup &setup)
{
    setupFromJson(setupToJson(setup), "this run");
    Statement(*this, "UPDATE run SET setup = ?, meter = ? WHERE id = ?")
        .bind(QString::fromStdString(setupToJson(setup).dump()))
        .bind(QString::fromStdString(setup.meterName))
        .bind(run)
        .run();
}

void Logbook::beginStage(qint64 run, Stage stage, int version)
{
    Statement(*this, "INSERT INTO stage (run, stage, version) VALUES (?, ?, ?) "
                     "ON CONFLICT (run, stage) DO UPDATE SET version = excluded.version")
        .bind(run)
        .bind(stageKey(stage))
        .bind(version)
        .run();
}

std::optional<int> Logbook::begunVersion(qint64 run, Stage stage)
{
    Statement s(*this, "SELECT version FROM stage WHERE run = ? AND stage = ?");
    s.bind(run).bind(stageKey(stage)).run();
    return s.next() ? std::optional(s.value(0).toInt()) : std::nullopt;
}

void Logbook::appendReading(qint64 run, Stage stage, const LoggedReading &logged)
{
    const Reading &r = logged.reading;
    Statement s(*this, "INSERT INTO reading (run, stage, r, g, b, x, y, z, seconds, taken_at, "
                       "meter, region, meter_state, controls) VALUES "
                       "(?,?,?,?,?,?,?,?,?,?,?,?,?,?)");
    s.bind(run).bind(stageKey(stage));
    for (const double v :
         {r.rgb.r, r.rgb.g, r.rgb.b, r.xyz.X, r.xyz.Y, r.xyz.Z, r.integrationSeconds})
        s.bind(v);
    s.bind(logged.takenAt.isEmpty() ? QVariant() : QVariant(logged.takenAt));
    s.bind(logged.meter);
    QVariant region;
    if (const auto &part = logged.region)
        region =
            QString::fromStdString(Json{part->left, part->top, part->width, part->height}.dump());
    s.bind(region)
        .bind(QVariant(logged.meterState))
        .bind(logged.controls
                  ? QVariant(QString::fromStdString(controlsToJson(*logged.controls).dump()))
                  : QVariant())
        .run();
}

std::vector<LoggedReading> Logbook::readings(qint64 run, Stage stage, bool aside)
{
    Statement s(*this, "SELECT r, g, b, x, y, z, seconds, meter_state, controls, region, taken_at, "
                       "meter FROM reading WHERE run = ? AND stage = ? AND aside = ? ORDER BY id");
    s.bind(run).bind(stageKey(stage)).bind(aside ? 1 : 0).run();
    const std::string where = m_path.toStdString() + ", run " + std::to_string(run);
    std::vector<LoggedReading> out;
    while (s.next()) {
        LoggedReading l;
        auto number = [&](int column) { return s.value(column).toDouble(); };
        l.reading = {
            {number(0), number(1), number(2)}, {number(3), number(4), number(5)}, number(6)};
        l.meterState = s.value(7).toByteArray();
        if (!s.value(8).isNull()) {
            const Json json = parseJson(s.text(8).toStdString(), where);
            l.controls = controlsFromJson(JsonObject(json, where));
        }
        if (!s.value(9).isNull()) {
            const Json part = parseJson(s.text(9).toStdString(), where);
            if (!part.is_array() || part.size() != 4)
                throw Error(ErrorKind::BadInput, where, "a reading's region cannot be read");
            l.region = ScreenRegion{part[0], part[1], part[2], part[3]};
        }
        l.takenAt = s.text(10);
        l.meter = s.text(11);
        out.push_back(std::move(l));
    }
    return out;
}

std::vector<LoggedReading> Logbook::readings(qint64 run, Stage stage)
{
    return readings(run, stage, false);
}

std::vector<LoggedReading> Logbook::readingsSetAside(qint64 run, Stage stage)
{
    return readings(run, stage, true);
}

void Logbook::setAside(qint64 run, Stage stage)
{
    Statement(*this, "UPDATE reading SET aside = 1 WHERE run = ? AND stage = ?")
        .bind(run)
        .bind(stageKey(stage))
        .run();
}

void Logbook::setLastAside(qint64 run, Stage stage, int count)
{
    Statement(*this, "UPDATE reading SET aside = 2 WHERE id IN (SELECT id FROM reading WHERE run = "
                     "? AND stage = ? AND aside = 0 ORDER BY id DESC LIMIT ?)")
        .bind(run)
        .bind(stageKey(stage))
        .bind(count)
        .run();
}

void Logbook::finishStage(qint64 run, Stage stage, int version, const KeptResult &result,
                          const std::vector<FigureRow> &figures)
{
    Transaction all(*this);
    store(run, {stage, version, now(), result, figures, {}});
    all.commit();
}

void Logbook::store(qint64 run, const StoredStage &s)
{
    Statement(*this, "INSERT INTO stage (run, stage, version, finished_at, result, bytes, problem) "
                     "VALUES (?, ?, ?, ?, ?, ?, ?) ON CONFLICT (run, stage) DO UPDATE SET version "
                     "= excluded.version, finished_at = excluded.finished_at, result = "
                     "excluded.result, bytes = excluded.bytes, problem = excluded.problem")
        .bind(run)
        .bind(stageKey(s.stage))
        .bind(s.version)
        .bind(s.finishedAt)
        .bind(QString::fromUtf8(s.result.json))
        .bind(s.result.bytes.isEmpty() ? QVariant() : QVariant(s.result.bytes))
        .bind(s.problem.isEmpty() ? QVariant() : QVariant(s.problem))
        .run();
    Statement(*this, "DELETE FROM figure WHERE run = ? AND stage = ?")
        .bind(run)
        .bind(stageKey(s.stage))
        .run();
    for (const FigureRow &figure : s.figures)
        Statement(*this, "INSERT INTO figure (run, stage, display_id, meter, taken_at, name, "
                         "value, unit, uncertainty, bound) SELECT id, ?, display_id, meter, "
                         "started_at, ?, ?, ?, ?, ? FROM run WHERE id = ?")
            .bind(stageKey(s.stage))
            .bind(QString::fromStdString(figure.name))
            .bind(figure.value)
            .bind(QString::fromStdString(figure.unit))
            .bind(orNull(figure.uncertainty))
            .bind(orNull(figure.limit))
            .bind(run)
            .run();
    Statement kind(*this, "SELECT kind FROM run WHERE id = ?");
    kind.bind(run).run();
    if (kind.next() && s.stage == stagesOf(runKindByKey(kind.text(0))).back())
        Statement(*this, "UPDATE run SET finished_at = ? WHERE id = ?")
            .bind(s.finishedAt)
            .bind(run)
            .run();
}

bool Logbook::isFinished(qint64 run, Stage stage)
{
    Statement s(*this,
                "SELECT 1 FROM stage WHERE run = ? AND stage = ? AND finished_at IS NOT NULL");
    return s.bind(run).bind(stageKey(stage)).run().next();
}

std::vector<KeptStage> Logbook::finishedStages(qint64 run)
{
    Statement kind(*this, "SELECT kind FROM run WHERE id = ?");
    kind.bind(run).run();
    if (!kind.next())
        return {};
    std::vector<KeptStage> out;
    for (const Stage stage : stagesOf(runKindByKey(kind.text(0)))) {
        Statement one(*this, "SELECT version, result, bytes, problem FROM stage WHERE run = ? AND "
                             "stage = ? AND finished_at IS NOT NULL");
        one.bind(run).bind(stageKey(stage)).run();
        if (!one.next())
            continue;
        out.push_back({stage,
                       one.value(0).toInt(),
                       {one.text(1).toUtf8(), one.value(2).toByteArray()},
                       one.text(3)});
    }
    return out;
}

std::vector<KeptResult> Logbook::newestResults(const QString &displayId, const QString &meter,
                                               Stage stage)
{
    Statement s(*this, "SELECT stage.result, stage.bytes FROM run JOIN stage ON stage.run = run.id "
                       "WHERE run.display_id = ? AND run.meter = ? AND stage.stage = ? AND "
                       "stage.finished_at IS NOT NULL AND stage.problem IS NULL "
                       "ORDER BY run.started_at DESC, run.id DESC LIMIT 50");
    s.bind(displayId).bind(meter).bind(stageKey(stage)).run();
    std::vector<KeptResult> out;
    while (s.next())
        out.push_back({s.text(0).toUtf8(), s.value(1).toByteArray()});
    return out;
}

void Logbook::restartStage(qint64 run, Stage stage, const RunSetup &setup)
{
    Transaction all(*this);
    Statement(*this, "DELETE FROM reading WHERE run = ? AND stage = ?")
        .bind(run)
        .bind(stageKey(stage))
        .run();
    changeSetup(run, setup);
    all.commit();
}

void Logbook::abandon(qint64 run)
{
    Statement(*this, "UPDATE run SET abandoned = 1 WHERE id = ?").bind(run).run();
}

std::vector<RunSummary> Logbook::runs(const RunQuery &query)
{
    QString sql = QStringLiteral("SELECT id, kind, display_id, display_name, meter, started_at, "
                                 "reference_run, finished_at IS NOT NULL, abandoned FROM run WHERE "
                                 "removed_at IS NULL");
    if (!query.displayId.isEmpty())
        sql += QStringLiteral(" AND display_id = ?");
    if (query.kind)
        sql += QStringLiteral(" AND kind = ?");
    if (query.finishedOnly)
        sql += QStringLiteral(" AND finished_at IS NOT NULL");
    if (query.before > 0)
        sql +=
            QStringLiteral(" AND (started_at, id) < (SELECT started_at, id FROM run WHERE id = ?)");
    // By time: what came from another logbook has a number of this one, however old it is.
    sql += QStringLiteral(" ORDER BY started_at DESC, id DESC LIMIT ?");
    Statement s(*this, sql);
    if (!query.displayId.isEmpty())
        s.bind(query.displayId);
    if (query.kind)
        s.bind(keyOf(*query.kind));
    if (query.before > 0)
        s.bind(query.before);
    s.bind(query.atMost).run();
    std::vector<RunSummary> out;
    while (s.next())
        out.push_back({s.value(0).toLongLong(), runKindByKey(s.text(1)), s.text(2), s.text(3),
                       s.text(4), s.text(5), s.value(6).toLongLong(), s.value(7).toBool(),
                       s.value(8).toBool()});
    return out;
}

std::vector<LogLine> Logbook::lines(int atMost)
{
    Statement s(*this, "SELECT id, kind, display_id, display_name, meter, started_at, "
                       "reference_run, finished_at IS NOT NULL, abandoned, identity, workstation, "
                       "person, note FROM run WHERE removed_at IS NULL ORDER BY started_at DESC, "
                       "id DESC LIMIT ?");
    s.bind(QVariant(atMost)).run();
    std::vector<LogLine> out;
    std::unordered_map<qint64, size_t> places;
    while (s.next()) {
        LogLine line{{s.value(0).toLongLong(), runKindByKey(s.text(1)), s.text(2), s.text(3),
                      s.text(4), s.text(5), s.value(6).toLongLong(), s.value(7).toBool(),
                      s.value(8).toBool()},
                     s.text(9),
                     s.text(10),
                     s.text(11),
                     s.text(12),
                     {}};
        places[line.id] = out.size();
        out.push_back(std::move(line));
    }
    Statement f(*this,
                "SELECT run, name, value, unit, uncertainty, bound FROM figure WHERE bound "
                "IS NOT NULL AND run IN (SELECT id FROM run WHERE removed_at IS NULL ORDER BY "
                "started_at DESC, id DESC LIMIT ?) ORDER BY id");
    f.bind(QVariant(atMost)).run();
    while (f.next())
        if (const auto at = places.find(f.value(0).toLongLong()); at != places.end())
            out[at->second].figures.push_back({f.text(1).toStdString(), f.value(2).toDouble(),
                                               f.text(3).toStdString(), optionalNumber(f.value(4)),
                                               optionalNumber(f.value(5))});
    return out;
}

void Logbook::setNote(qint64 run, const QString &note)
{
    Statement(*this, "UPDATE run SET note = ? WHERE id = ?").bind(note).bind(run).run();
}

void Logbook::setRemoved(qint64 run, bool removed)
{
    Statement(*this, "UPDATE run SET removed_at = ? WHERE id = ?")
        .bind(removed ? QVariant(QDateTime::currentDateTimeUtc().toString(Qt::ISODate))
                      : QVariant())
        .bind(run)
        .run();
}

std::optional<qint64> Logbook::unfinishedRun(const QString &displayId, RunKind kind)
{
    Statement s(*this, "SELECT id, finished_at IS NOT NULL FROM run WHERE abandoned = 0 AND "
                       "removed_at IS NULL AND kind = ? AND (? = '' OR display_id = ?) "
                       "ORDER BY started_at DESC, id DESC LIMIT 1");
    s.bind(runKindKey(kind)).bind(displayId).bind(displayId).run();
    if (!s.next() || s.value(1).toBool())
        return std::nullopt;
    return s.value(0).toLongLong();
}

std::vector<FigureRow> Logbook::figuresIn(qint64 run)
{
    Statement s(*this, "SELECT name, value, unit, uncertainty, bound FROM figure WHERE run = ? "
                       "ORDER BY id");
    s.bind(run).run();
    std::vector<FigureRow> out;
    while (s.next())
        out.push_back({s.text(0).toStdString(), s.value(1).toDouble(), s.text(2).toStdString(),
                       optionalNumber(s.value(3)), optionalNumber(s.value(4))});
    return out;
}

std::vector<DatedFigure> Logbook::figures(const QString &displayId, const QString &name)
{
    Statement s(*this, "SELECT run, taken_at, meter, value, unit, uncertainty, bound FROM figure "
                       "WHERE display_id = ? AND name = ? AND run NOT IN (SELECT id FROM run WHERE "
                       "removed_at IS NOT NULL) ORDER BY taken_at, run");
    s.bind(displayId).bind(name).run();
    std::vector<DatedFigure> out;
    while (s.next())
        out.push_back({s.value(0).toLongLong(),
                       s.text(1),
                       s.text(2),
                       {name.toStdString(), s.value(3).toDouble(), s.text(4).toStdString(),
                        optionalNumber(s.value(5)), optionalNumber(s.value(6))}});
    return out;
}

} // namespace lantern::run
