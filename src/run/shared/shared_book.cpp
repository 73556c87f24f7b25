#include "run/shared/shared_book.h"

#include <nlohmann/json.hpp>

#include <QRandomGenerator>
#include <QSqlError>
#include <QSqlQuery>
#include <QUuid>

#include <algorithm>
#include <map>

namespace lantern::run {

namespace {

/// The book's tables. Whoever made it owns them; workstations are members of one group.
constexpr const char *kTables[] = {
    "CREATE SCHEMA bold_lantern",
    "CREATE TABLE bold_lantern.book (version integer NOT NULL, identity text NOT NULL)",
    "CREATE SEQUENCE bold_lantern.change",
    "CREATE TABLE bold_lantern.run (identity text PRIMARY KEY CHECK (identity <> ''), reference "
    "text NOT NULL, owner text NOT NULL DEFAULT session_user, changed bigint NOT NULL, kind text "
    "NOT NULL, display_id text NOT NULL, display_name text NOT NULL, meter text NOT NULL, "
    "started_at text NOT NULL, finished_at text NOT NULL, abandoned boolean NOT NULL, workstation "
    "text NOT NULL, person text NOT NULL, note text NOT NULL, removed_at text NOT NULL, setup text "
    "NOT NULL, record text NOT NULL)",
    "CREATE INDEX run_changed ON bold_lantern.run (changed)",
    "CREATE INDEX run_of_display ON bold_lantern.run (display_id, started_at)",
    "CREATE INDEX run_of_display_name ON bold_lantern.run (display_name, started_at)",
    "CREATE INDEX run_of_owner ON bold_lantern.run (owner)",
    "CREATE TABLE bold_lantern.figure (run text NOT NULL REFERENCES bold_lantern.run, place "
    "integer NOT NULL, stage text NOT NULL, name text NOT NULL, value double precision NOT NULL, "
    "unit text NOT NULL, uncertainty double precision, bound double precision, PRIMARY KEY (run, "
    "place))",
    // One writer at a time, so that whoever has read up to a number has missed none below it.
    "CREATE FUNCTION bold_lantern.number_change() RETURNS trigger LANGUAGE plpgsql SECURITY "
    "DEFINER SET search_path = pg_catalog AS $$ BEGIN PERFORM pg_advisory_xact_lock(1112362833); "
    "NEW.changed := nextval('bold_lantern.change'); RETURN NEW; END $$",
    "CREATE TRIGGER numbered BEFORE INSERT OR UPDATE ON bold_lantern.run FOR EACH ROW EXECUTE "
    "FUNCTION bold_lantern.number_change()",
    "ALTER TABLE bold_lantern.run ENABLE ROW LEVEL SECURITY",
    "ALTER TABLE bold_lantern.figure ENABLE ROW LEVEL SECURITY",
    "CREATE POLICY anyone_reads ON bold_lantern.run FOR SELECT USING (true)",
    "CREATE POLICY own_are_added ON bold_lantern.run FOR INSERT WITH CHECK (owner = session_user)",
    "CREATE POLICY own_are_remarked ON bold_lantern.run FOR UPDATE USING (owner = session_user) "
    "WITH CHECK (owner = session_user)",
    "CREATE POLICY anyone_reads ON bold_lantern.figure FOR SELECT USING (true)",
    "CREATE POLICY own_are_added ON bold_lantern.figure FOR INSERT WITH CHECK (EXISTS (SELECT 1 "
    "FROM bold_lantern.run AS r WHERE r.identity = run AND r.owner = session_user))",
    "GRANT USAGE ON SCHEMA bold_lantern TO bold_lantern_workstation",
    "GRANT SELECT ON ALL TABLES IN SCHEMA bold_lantern TO bold_lantern_workstation",
    "GRANT INSERT ON bold_lantern.run, bold_lantern.figure TO bold_lantern_workstation",
    "GRANT UPDATE (note, removed_at) ON bold_lantern.run TO bold_lantern_workstation",
};
constexpr const char *kGroup =
    "DO $$ BEGIN CREATE ROLE bold_lantern_workstation NOLOGIN; EXCEPTION WHEN duplicate_object OR "
    "unique_violation THEN NULL; END $$";

[[noreturn]] void bookFailed(const QString &place, const QSqlError &error)
{
    QString text = error.databaseText().trimmed();
    if (text.isEmpty())
        text = error.driverText().trimmed();
    // What the server says of a refused login begins with FATAL and names the user.
    if (text.contains(QLatin1String("authentication failed")) ||
        text.contains(QLatin1String("no password supplied")) ||
        text.contains(QLatin1String("does not exist")) ||
        text.contains(QLatin1String("pg_hba.conf")) ||
        text.contains(QLatin1String("permission denied")))
        throw RefusedError(ErrorKind::Device, place.toStdString(),
                           {"the server refuses: %1", {text.toStdString()}},
                           "Check user and database, and give the password: book password, or a "
                           "line in a .pgpass file that only you can read.");
    throw Error(ErrorKind::Device, place.toStdString(),
                {"the shared book cannot be used: %1", {text.toStdString()}},
                "What was measured is safe in this computer's own logbook; it is brought when the "
                "server answers again.");
}

QString escaped(const QString &name)
{
    QString doubled = name;
    doubled.replace(QLatin1Char('"'), QStringLiteral("\"\""));
    return QLatin1Char('"') + doubled + QLatin1Char('"');
}

/// A list of texts as the server reads arrays.
QString arrayOf(const QStringList &texts)
{
    QStringList parts;
    for (QString text : texts) {
        text.replace(QLatin1Char('\\'), QStringLiteral("\\\\"));
        text.replace(QLatin1Char('"'), QStringLiteral("\\\""));
        parts << QLatin1Char('"') + text + QLatin1Char('"');
    }
    return QLatin1Char('{') + parts.join(QLatin1Char(',')) + QLatin1Char('}');
}

} // namespace

/// A query that throws instead of returning false.
class SharedBook::Query {
public:
    Query(const QString &place, QSqlDatabase &database) : m_place(place), m_query(database)
    {
        m_query.setForwardOnly(true);
    }
    Query(SharedBook &book, const QString &sql) : Query(book.m_place, book.m_database)
    {
        if (!m_query.prepare(sql))
            bookFailed(m_place, m_query.lastError());
    }
    Query(SharedBook &book, const char *sql) : Query(book, QString::fromLatin1(sql)) {}
    Query &bind(const QVariant &value)
    {
        m_query.bindValue(m_bound++, value);
        return *this;
    }
    /// A null string would become NULL.
    Query &bind(const QString &text)
    {
        return bind(QVariant(text.isNull() ? QStringLiteral("") : text));
    }
    Query &run()
    {
        m_bound = 0;
        if (!m_query.exec())
            bookFailed(m_place, m_query.lastError());
        return *this;
    }
    void once(const QString &sql)
    {
        if (!m_query.exec(sql))
            bookFailed(m_place, m_query.lastError());
    }
    bool next() { return m_query.next(); }
    [[nodiscard]] QVariant value(int column) const { return m_query.value(column); }
    [[nodiscard]] QString text(int column) const { return value(column).toString(); }

private:
    QString m_place;
    QSqlQuery m_query;
    int m_bound = 0;
};

class SharedBook::Transaction {
public:
    Transaction(const QString &place, QSqlDatabase &database) : m_place(place), m_database(database)
    {
        if (!m_database.transaction())
            bookFailed(m_place, m_database.lastError());
    }
    ~Transaction()
    {
        if (m_open)
            m_database.rollback();
    }
    Transaction(const Transaction &) = delete;
    Transaction &operator=(const Transaction &) = delete;
    void commit()
    {
        m_open = false;
        if (!m_database.commit())
            bookFailed(m_place, m_database.lastError());
    }

private:
    QString m_place;
    QSqlDatabase &m_database;
    bool m_open = true;
};

QSqlDatabase SharedBook::connected(const BookAddress &a, const QString &password,
                                   const QString &connection)
{
    QSqlDatabase database = QSqlDatabase::addDatabase(QStringLiteral("QPSQL"), connection);
    if (!database.isValid())
        throw Error(ErrorKind::Device, a.url().toStdString(),
                    "the driver for PostgreSQL is missing", "Install the package libqt6sql6-psql.");
    database.setHostName(a.host);
    database.setPort(a.port);
    database.setDatabaseName(a.database);
    database.setUserName(a.user);
    if (!password.isEmpty())
        database.setPassword(password);
    QString options = a.options;
    if (!options.contains(QLatin1String("connect_timeout")))
        options += (options.isEmpty() ? QString() : QStringLiteral(";")) +
                   QStringLiteral("connect_timeout=5");
    database.setConnectOptions(options);
    if (!database.open())
        bookFailed(a.url(), database.lastError());
    QSqlQuery(database).exec(QStringLiteral("SET client_min_messages TO warning"));
    return database;
}

SharedBook::SharedBook(const BookAddress &address, const QString &password)
    : m_place(address.url()), m_connection(QUuid::createUuid().toString())
{
    try {
        m_database = connected(address, password, m_connection);
        lookAtVersion();
    } catch (...) {
        m_database = {};
        QSqlDatabase::removeDatabase(m_connection);
        throw;
    }
}

SharedBook::~SharedBook()
{
    m_database.close();
    m_database = {};
    QSqlDatabase::removeDatabase(m_connection);
}

void SharedBook::lookAtVersion()
{
    Query there(*this, "SELECT to_regclass('bold_lantern.book') IS NOT NULL");
    there.run();
    if (!there.next() || !there.value(0).toBool())
        throw Error(ErrorKind::Device, m_place.toStdString(), "there is no shared book yet",
                    "Make one, by somebody who may: bold-lantern-cli book init URL.");
    Query book(*this, "SELECT version, identity FROM bold_lantern.book");
    book.run();
    if (!book.next() || book.value(0).toInt() > kVersion)
        throw Error(ErrorKind::BadInput, m_place.toStdString(),
                    "the shared book was made by a newer Bold Lantern", "Use that version.");
    m_identity = book.text(1);
}

void SharedBook::init(const BookAddress &address, const QString &password)
{
    const QString connection = QUuid::createUuid().toString();
    const auto forget = [&] { QSqlDatabase::removeDatabase(connection); };
    try {
        QSqlDatabase database = connected(address, password, connection);
        Query there(address.url(), database);
        there.once(QStringLiteral("SELECT to_regclass('bold_lantern.book') IS NOT NULL"));
        const bool isThere = there.next() && there.value(0).toBool();
        if (!isThere) {
            Query q(address.url(), database);
            Transaction all(address.url(), database);
            q.once(QString::fromLatin1(kGroup));
            for (const char *sql : kTables)
                q.once(QString::fromLatin1(sql));
            q.once(QStringLiteral("INSERT INTO bold_lantern.book VALUES (%1, '%2')")
                       .arg(kVersion)
                       .arg(QUuid::createUuid().toString(QUuid::WithoutBraces)));
            all.commit();
        }
    } catch (...) {
        forget();
        throw;
    }
    forget();
}

QString SharedBook::admit(const QString &name)
{
    if (name.isEmpty() || name.size() > 60 || name.startsWith(QLatin1String("pg_")))
        throw Error(ErrorKind::BadInput, name.toStdString(), "this is no name for a workstation");
    Query known(*this, "SELECT 1 FROM pg_roles WHERE rolname = ?");
    known.bind(name).run();
    const bool isKnown = known.next();
    QString password;
    Transaction all(m_place, m_database);
    Query q(m_place, m_database);
    if (!isKnown) {
        static constexpr char kLetters[] =
            "abcdefghijkmnpqrstuvwxyzABCDEFGHJKLMNPQRSTUVWXYZ23456789";
        for (int i = 0; i < 24; ++i)
            password += QLatin1Char(
                kLetters[QRandomGenerator::system()->bounded(int(sizeof kLetters) - 1)]);
        q.once(QStringLiteral("CREATE ROLE %1 LOGIN PASSWORD '%2'").arg(escaped(name), password));
    }
    q.once(QStringLiteral("GRANT bold_lantern_workstation TO %1").arg(escaped(name)));
    all.commit();
    return password;
}

bool SharedBook::isEncrypted()
{
    Query q(*this, "SELECT ssl FROM pg_stat_ssl WHERE pid = pg_backend_pid()");
    return q.run().next() && q.value(0).toBool();
}

std::vector<HeldRun> SharedBook::own()
{
    Query q(*this, "SELECT changed, identity, note, removed_at FROM bold_lantern.run WHERE owner = "
                   "session_user");
    q.run();
    std::vector<HeldRun> out;
    while (q.next())
        out.push_back({q.value(0).toLongLong(), q.text(1), {}, {}, q.text(2), q.text(3), true});
    return out;
}

QStringList SharedBook::known(const QStringList &identities)
{
    Query q(*this, "SELECT identity FROM bold_lantern.run WHERE identity = ANY (?::text[])");
    q.bind(arrayOf(identities)).run();
    QStringList out;
    while (q.next())
        out << q.text(0);
    return out;
}

void SharedBook::add(const std::vector<RunRecord> &runs)
{
    Transaction all(m_place, m_database);
    Query run(*this,
              "INSERT INTO bold_lantern.run (identity, reference, kind, display_id, display_name, "
              "meter, started_at, finished_at, abandoned, workstation, person, note, removed_at, "
              "setup, record, changed) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?::boolean, ?, ?, ?, ?, ?, "
              "?, 0) ON CONFLICT (identity) DO NOTHING RETURNING 1");
    Query figure(*this, "INSERT INTO bold_lantern.figure (run, place, stage, name, value, unit, "
                        "uncertainty, bound) VALUES (?, ?, ?, ?, ?, ?, ?, ?)");
    for (const RunRecord &r : runs) {
        run.bind(r.identity)
            .bind(r.reference)
            .bind(r.kind)
            .bind(r.displayId)
            .bind(r.displayName)
            .bind(r.meter)
            .bind(r.startedAt)
            .bind(r.finishedAt)
            .bind(QVariant(r.abandoned))
            .bind(r.workstation)
            .bind(r.person)
            .bind(r.note)
            .bind(r.removedAt)
            .bind(QString::fromUtf8(r.setup))
            .bind(QString::fromStdString(recordToJson(r).dump()))
            .run();
        if (!run.next())
            continue; // it is there
        int place = 0;
        for (const QVariantList &row : r.figures) {
            figure.bind(r.identity).bind(QVariant(place++));
            for (const QVariant &value : row)
                figure.bind(value);
            figure.run();
        }
    }
    all.commit();
}

void SharedBook::remark(const QString &identity, const QString &note, const QString &removedAt)
{
    Query(*this, "UPDATE bold_lantern.run SET note = ?, removed_at = ? WHERE identity = ? AND "
                 "owner = session_user")
        .bind(note)
        .bind(removedAt)
        .bind(identity)
        .run();
}

std::vector<HeldRun> SharedBook::changedSince(qint64 changed, int atMost)
{
    Query q(*this, "SELECT changed, identity, owner, started_at, note, removed_at, owner = "
                   "session_user FROM "
                   "bold_lantern.run WHERE changed > ? ORDER BY changed LIMIT ?");
    q.bind(QVariant(changed)).bind(QVariant(atMost)).run();
    std::vector<HeldRun> out;
    while (q.next())
        out.push_back({q.value(0).toLongLong(), q.text(1), q.text(2), q.text(3), q.text(4),
                       q.text(5), q.value(6).toBool()});
    return out;
}

std::vector<RunRecord> SharedBook::records(const QStringList &identities, QStringList *unreadable)
{
    Query q(*this, "SELECT identity, note, removed_at, record FROM bold_lantern.run WHERE identity "
                   "= ANY (?::text[]) ORDER BY changed");
    q.bind(arrayOf(identities)).run();
    std::vector<RunRecord> out;
    while (q.next()) {
        const std::string where = m_place.toStdString() + ", run " + q.text(0).toStdString();
        try {
            RunRecord r = recordFromJson(parseJson(q.text(3).toStdString(), where), where);
            if (r.identity != q.text(0))
                throw Error(ErrorKind::BadInput, where, "it says to be another run");
            r.note = q.text(1);
            r.removedAt = q.text(2);
            checkRecord(r);
            out.push_back(std::move(r));
        } catch (const Error &e) {
            if (e.kind == ErrorKind::Device)
                throw;
            if (unreadable)
                *unreadable << QString::fromUtf8(e.what());
        }
    }
    return out;
}

std::vector<RunRecord> SharedBook::outlines(const QString &displayId, const QStringList &figures,
                                            int atMost)
{
    std::vector<RunRecord> out;
    std::map<QString, size_t> places;
    {
        Query q(*this,
                "SELECT * FROM (SELECT identity, reference, kind, display_name, meter, started_at, "
                "finished_at, abandoned, workstation, person, note, setup FROM bold_lantern.run "
                "WHERE display_id = ? AND removed_at = '' ORDER BY started_at DESC LIMIT ?) AS "
                "newest ORDER BY started_at");
        q.bind(displayId).bind(QVariant(atMost)).run();
        while (q.next()) {
            RunRecord r;
            r.identity = q.text(0);
            r.reference = q.text(1);
            r.kind = q.text(2);
            r.displayId = displayId;
            r.displayName = q.text(3);
            r.meter = q.text(4);
            r.startedAt = q.text(5);
            r.finishedAt = q.text(6);
            r.abandoned = q.value(7).toBool();
            r.workstation = q.text(8);
            r.person = q.text(9);
            r.note = q.text(10);
            r.setup = q.text(11).toUtf8();
            places[r.identity] = out.size();
            out.push_back(std::move(r));
        }
    }
    Query q(*this,
            "SELECT f.run, f.stage, f.name, f.value, f.unit, f.uncertainty, f.bound FROM "
            "bold_lantern.figure AS f JOIN bold_lantern.run AS r ON r.identity = f.run WHERE "
            "r.display_id = ? AND f.name = ANY (?::text[]) ORDER BY f.run, f.place");
    q.bind(displayId).bind(arrayOf(figures)).run();
    while (q.next())
        if (const auto at = places.find(q.text(0)); at != places.end()) {
            QVariantList row;
            for (int i = 1; i <= 6; ++i)
                row << q.value(i);
            out[at->second].figures.push_back(std::move(row));
        }
    return out;
}

std::optional<QString> SharedBook::displayMeant(const QString &idOrName)
{
    for (const char *column : {"display_id", "display_name"}) {
        Query q(*this, QStringLiteral("SELECT display_id FROM bold_lantern.run WHERE %1 = ? AND "
                                      "removed_at = '' ORDER BY started_at DESC LIMIT 1")
                           .arg(QLatin1String(column)));
        q.bind(idOrName).run();
        if (q.next())
            return q.text(0);
    }
    return std::nullopt;
}

std::vector<std::pair<QString, QString>> SharedBook::displays()
{
    Query q(*this, "SELECT DISTINCT ON (display_id) display_id, display_name FROM bold_lantern.run "
                   "WHERE removed_at = '' ORDER BY display_id, started_at DESC");
    q.run();
    std::vector<std::pair<QString, QString>> out;
    while (q.next())
        out.emplace_back(q.text(0), q.text(1));
    std::ranges::sort(out, {}, &std::pair<QString, QString>::second);
    return out;
}

} // namespace lantern::run
