#include "run/logbook.h"

#include "core/error.h"

#include <QFileInfo>
#include <QSqlError>
#include <QSqlQuery>
#include <QUuid>
#include <QVariant>

namespace lantern::run {

namespace {

constexpr int kSchemaVersion = 3; // 2: run.kind, 3: the stage that learns the settling

[[noreturn]] void failed(const QString &path, const QSqlError &error)
{
    const QString text = error.databaseText().isEmpty() ? error.text() : error.databaseText();
    const bool full = text.contains(QLatin1String("full"));
    throw Error(ErrorKind::Device, path.toStdString(),
                full ? "the disk is full, a reading could not be kept"
                     : "the logbook cannot be used: " + text.toStdString(),
                full ? "Make room on the disk, then go on: everything read before is safe."
                     : "Check the file's permissions and the disk.");
}

/// A null string would become NULL in SQL, which equals nothing.
QString notNull(const QString &text)
{
    return text.isNull() ? QStringLiteral("") : text;
}

} // namespace

/// A query that throws instead of returning false.
class Logbook::Statement {
public:
    Statement(Logbook &book, const QString &sql) : m_path(book.m_path), m_query(book.m_database)
    {
        if (!m_query.prepare(sql))
            failed(m_path, m_query.lastError());
    }
    Statement &bind(const QVariant &value)
    {
        m_query.addBindValue(value);
        return *this;
    }
    Statement &run()
    {
        if (!m_query.exec())
            failed(m_path, m_query.lastError());
        return *this;
    }
    bool next() { return m_query.next(); }
    [[nodiscard]] QVariant value(int column) const { return m_query.value(column); }
    [[nodiscard]] qint64 lastId() const { return m_query.lastInsertId().toLongLong(); }

private:
    QString m_path;
    QSqlQuery m_query;
};

Logbook::Logbook(const QString &path, Access access)
    : m_path(path), m_connection(QUuid::createUuid().toString())
{
    if (access == Access::Write) {
        m_lock = std::make_unique<QLockFile>(path + QStringLiteral(".lock"));
        m_lock->setStaleLockTime(0); // stale only when its process is gone
        if (!m_lock->tryLock(0)) {
            qint64 pid = 0;
            QString host, application;
            if (m_lock->error() == QLockFile::LockFailedError &&
                m_lock->getLockInfo(&pid, &host, &application))
                throw Error(ErrorKind::Device, path.toStdString(),
                            "this logbook is in use by " + application.toStdString() +
                                ", process " + std::to_string(pid),
                            "Close that program first, or use another logbook.");
            throw Error(ErrorKind::Device, path.toStdString(), "this logbook cannot be written",
                        "Check the permissions of its folder and the free space on the disk.");
        }
    }
    m_database = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), m_connection);
    m_database.setDatabaseName(path);
    if (!m_database.open())
        failed(path, m_database.lastError());
    // WAL and a full sync at each commit: what was acknowledged survives a crash and a power cut.
    for (const char *pragma : {"PRAGMA journal_mode = WAL", "PRAGMA synchronous = FULL",
                               "PRAGMA busy_timeout = 5000", "PRAGMA foreign_keys = ON"})
        Statement(*this, QString::fromLatin1(pragma)).run();
    createTables();
}

Logbook::~Logbook()
{
    m_database.close();
    m_database = {};
    QSqlDatabase::removeDatabase(m_connection);
}

void Logbook::createTables()
{
    Statement version(*this, QStringLiteral("PRAGMA user_version"));
    version.run();
    const int found = version.next() ? version.value(0).toInt() : 0;
    if (found > kSchemaVersion)
        throw Error(ErrorKind::Device, m_path.toStdString(),
                    "the logbook was written by a newer Bold Lantern",
                    "Use that version, or another logbook.");
    for (const char *sql : {
             "CREATE TABLE IF NOT EXISTS run (id INTEGER PRIMARY KEY, display_id TEXT NOT NULL, "
             "setup TEXT NOT NULL, abandoned INTEGER NOT NULL DEFAULT 0, "
             "kind TEXT NOT NULL DEFAULT 'calibration')",
             "CREATE TABLE IF NOT EXISTS reading (id INTEGER PRIMARY KEY, run INTEGER NOT NULL "
             "REFERENCES run(id), stage INTEGER NOT NULL, r REAL NOT NULL, g REAL NOT NULL, "
             "b REAL NOT NULL, x REAL NOT NULL, y REAL NOT NULL, z REAL NOT NULL, "
             "seconds REAL NOT NULL, meter_state BLOB, controls TEXT)",
             "CREATE INDEX IF NOT EXISTS reading_of_run ON reading (run, stage, id)",
             "CREATE TABLE IF NOT EXISTS stage (run INTEGER NOT NULL REFERENCES run(id), "
             "stage INTEGER NOT NULL, result BLOB, PRIMARY KEY (run, stage))",
         })
        Statement(*this, QString::fromLatin1(sql)).run();
    if (found == 1)
        Statement(*this, QStringLiteral("ALTER TABLE run ADD COLUMN kind TEXT NOT NULL DEFAULT "
                                        "'calibration'"))
            .run();
    if (found == 1 || found == 2) // runs from before have passed it
        Statement(*this, QStringLiteral("INSERT OR IGNORE INTO stage (run, stage) SELECT id, %1 "
                                        "FROM run WHERE kind = 'calibration'")
                             .arg(static_cast<int>(Stage::Settle)))
            .run();
    Statement(*this, QStringLiteral("PRAGMA user_version = %1").arg(kSchemaVersion)).run();
}

void Logbook::limitPages(int pages)
{
    Statement(*this, QStringLiteral("PRAGMA max_page_count = %1").arg(pages)).run();
}

qint64 Logbook::createRun(const RunSetup &setup)
{
    // What could not be read again could not be taken up again: refused now, by the same rules.
    setupFromJson(setupToJson(setup), "this run");
    return Statement(*this,
                     QStringLiteral("INSERT INTO run (display_id, setup, kind) VALUES (?, ?, ?)"))
        .bind(QString::fromStdString(setup.displayId))
        .bind(QString::fromStdString(setupToJson(setup).dump()))
        .bind(runKindKey(setup.kind))
        .run()
        .lastId();
}

RunSetup Logbook::setup(qint64 run)
{
    Statement s(*this, QStringLiteral("SELECT setup FROM run WHERE id = ?"));
    s.bind(run).run();
    if (!s.next())
        throw Error(ErrorKind::Device, m_path.toStdString(),
                    "run " + std::to_string(run) + " is not in the logbook");
    return setupFromJson(parseJson(s.value(0).toString().toStdString(), m_path.toStdString()),
                         m_path.toStdString());
}

void Logbook::appendReading(qint64 run, Stage stage, const LoggedReading &logged)
{
    const Reading &r = logged.reading;
    Statement s(*this, QStringLiteral("INSERT INTO reading (run, stage, r, g, b, x, y, z, seconds, "
                                      "meter_state, controls) VALUES (?,?,?,?,?,?,?,?,?,?,?)"));
    s.bind(run).bind(static_cast<int>(stage));
    for (const double v :
         {r.rgb.r, r.rgb.g, r.rgb.b, r.xyz.X, r.xyz.Y, r.xyz.Z, r.integrationSeconds})
        s.bind(v);
    s.bind(logged.meterState)
        .bind(logged.controls
                  ? QVariant(QString::fromStdString(controlsToJson(*logged.controls).dump()))
                  : QVariant())
        .run();
}

std::vector<LoggedReading> Logbook::readings(qint64 run, Stage stage)
{
    Statement s(*this,
                QStringLiteral("SELECT r, g, b, x, y, z, seconds, meter_state, controls FROM "
                               "reading WHERE run = ? AND stage = ? ORDER BY id"));
    s.bind(run).bind(static_cast<int>(stage)).run();
    std::vector<LoggedReading> out;
    while (s.next()) {
        LoggedReading l;
        auto number = [&](int column) { return s.value(column).toDouble(); };
        l.reading = {
            {number(0), number(1), number(2)}, {number(3), number(4), number(5)}, number(6)};
        l.meterState = s.value(7).toByteArray();
        if (!s.value(8).isNull()) {
            const Json json = parseJson(s.value(8).toString().toStdString(), m_path.toStdString());
            l.controls = controlsFromJson(JsonObject(json, m_path.toStdString()));
        }
        out.push_back(std::move(l));
    }
    return out;
}

void Logbook::finishStage(qint64 run, Stage stage, const QByteArray &result)
{
    Statement(*this,
              QStringLiteral("INSERT OR REPLACE INTO stage (run, stage, result) VALUES (?, ?, ?)"))
        .bind(run)
        .bind(static_cast<int>(stage))
        .bind(result)
        .run();
}

bool Logbook::isFinished(qint64 run, Stage stage)
{
    Statement s(*this, QStringLiteral("SELECT 1 FROM stage WHERE run = ? AND stage = ?"));
    return s.bind(run).bind(static_cast<int>(stage)).run().next();
}

QByteArray Logbook::stageResult(qint64 run, Stage stage)
{
    Statement s(*this, QStringLiteral("SELECT result FROM stage WHERE run = ? AND stage = ?"));
    s.bind(run).bind(static_cast<int>(stage)).run();
    return s.next() ? s.value(0).toByteArray() : QByteArray();
}

QByteArray Logbook::newestResult(const QString &displayId, Stage stage)
{
    Statement s(*this, QStringLiteral("SELECT stage.result FROM stage JOIN run ON run.id = "
                                      "stage.run WHERE stage.stage = ? AND run.display_id = ? "
                                      "AND length(stage.result) > 0 "
                                      "ORDER BY run.id DESC LIMIT 1"));
    s.bind(static_cast<int>(stage)).bind(notNull(displayId)).run();
    return s.next() ? s.value(0).toByteArray() : QByteArray();
}

void Logbook::changeSetup(qint64 run, const RunSetup &setup)
{
    Statement(*this, QStringLiteral("UPDATE run SET setup = ? WHERE id = ?"))
        .bind(QString::fromStdString(setupToJson(setup).dump()))
        .bind(run)
        .run();
}

void Logbook::restartStage(qint64 run, Stage stage, const RunSetup &setup)
{
    if (!m_database.transaction())
        failed(m_path, m_database.lastError());
    Statement(*this, QStringLiteral("DELETE FROM reading WHERE run = ? AND stage = ?"))
        .bind(run)
        .bind(static_cast<int>(stage))
        .run();
    changeSetup(run, setup);
    if (!m_database.commit())
        failed(m_path, m_database.lastError());
}

void Logbook::abandon(qint64 run)
{
    Statement(*this, QStringLiteral("UPDATE run SET abandoned = 1 WHERE id = ?")).bind(run).run();
}

std::vector<RunSummary> Logbook::runs(const QString &displayId, RunKind kind)
{
    Statement s(*this, QStringLiteral("SELECT run.id, run.setup, EXISTS (SELECT 1 FROM stage WHERE "
                                      "stage.run = run.id AND stage.stage = ?) FROM run WHERE "
                                      "run.kind = ? AND (? = '' OR display_id = ?) "
                                      "ORDER BY run.id DESC"));
    const QString id = notNull(displayId);
    s.bind(static_cast<int>(stagesOf(kind).back())).bind(runKindKey(kind)).bind(id).bind(id).run();
    std::vector<RunSummary> out;
    while (s.next())
        out.push_back(
            {s.value(0).toLongLong(),
             setupFromJson(parseJson(s.value(1).toString().toStdString(), m_path.toStdString()),
                           m_path.toStdString()),
             s.value(2).toBool()});
    return out;
}

std::optional<qint64> Logbook::unfinishedRun(const QString &displayId)
{
    Statement s(
        *this, QStringLiteral("SELECT id FROM run WHERE abandoned = 0 AND kind = 'calibration' AND "
                              "(? = '' OR display_id = ?) ORDER BY id DESC LIMIT 1"));
    const QString id = notNull(displayId);
    s.bind(id).bind(id).run();
    if (!s.next())
        return std::nullopt;
    const qint64 run = s.value(0).toLongLong();
    return isFinished(run, Stage::Validate) ? std::nullopt : std::optional(run);
}

} // namespace lantern::run
