#include "../cli_rig.h"
#include "core/base/error.h"
#include "postgres_rig.h"
#include "run/shared/book_sync.h"

#include <nlohmann/json.hpp>

#include <QSysInfo>

#include <arpa/inet.h>
#include <future>
#include <sys/socket.h>

namespace lantern::test {

using namespace lantern::run;

/// Runs of several workstations in one book, on a real server.
class SharedBookTest : public QObject {
    Q_OBJECT
    std::unique_ptr<PostgresRig> m_server;
    std::unique_ptr<QTemporaryDir> m_folder;
    QString m_north, m_south; ///< passwords of the two workstations

    [[nodiscard]] QString path(const char *name) const
    {
        return m_folder->filePath(QLatin1String(name));
    }
    [[nodiscard]] BookAddress address(const char *user) const
    {
        return addressFromUrl(m_server->url(QLatin1String(user)).toStdString());
    }
    [[nodiscard]] SharedBook north() const { return {address("north"), m_north}; }
    [[nodiscard]] SharedBook south() const { return {address("south"), m_south}; }
    static void copyGolden(const QString &to)
    {
        writeFile(to, readFile(QStringLiteral(LANTERN_TEST_DATA "/logbook-v5.sqlite")));
    }
    /// Everything that is newer, portion by portion, as the program does it.
    static int fetchAll(Logbook &mine, SharedBook &book, qint64 &seen,
                        const QDate &since = QDate(2000, 1, 1))
    {
        int added = 0;
        while (true) {
            const Fetched part = fetch(mine, book, seen, since);
            added += takeIn(mine, part).added;
            seen = part.seen;
            if (part.isAll)
                return added;
        }
    }
    template <class Work> static std::string problemOf(Work work)
    {
        try {
            work();
        } catch (const Error &e) {
            return e.what();
        }
        return {};
    }
    static std::vector<RunRecord> copies(Logbook &book, int count)
    {
        std::vector<RunRecord> out;
        for (int i = 0; i < count; ++i) {
            RunRecord r = book.record(3 + i % 3); // small ones
            r.identity += QStringLiteral("-%1").arg(i);
            r.reference.clear();
            out.push_back(r);
        }
        return out;
    }
    /// A port of this machine that nobody listens at just now.
    static int freePort()
    {
        const int s = ::socket(AF_INET, SOCK_STREAM, 0);
        sockaddr_in at{};
        at.sin_family = AF_INET;
        at.sin_addr.s_addr = htonl(INADDR_LOOPBACK);
        socklen_t size = sizeof at;
        const bool is = ::bind(s, reinterpret_cast<sockaddr *>(&at), size) == 0 &&
                        ::getsockname(s, reinterpret_cast<sockaddr *>(&at), &size) == 0;
        ::close(s);
        return is ? ntohs(at.sin_port) : 0;
    }
    int countIn() const
    {
        return m_server->asAdmin(QStringLiteral("SELECT count(*) FROM bold_lantern.run"))
            .value.toInt();
    }
    /// Joined as a person does it.
    QStringList joined(const char *logbook, const char *user, const QString &password)
    {
        const QString file = path(user);
        writeFile(file, password.toUtf8());
        QFile::setPermissions(file, QFile::ReadOwner | QFile::WriteOwner);
        const Answer a = cli({QStringLiteral("book"), QStringLiteral("join"),
                              QStringLiteral("--logbook"), path(logbook), QStringLiteral("--url"),
                              m_server->url(QLatin1String(user)), QStringLiteral("--days"),
                              QStringLiteral("36500"), QStringLiteral("--password-file"), file});
        if (a.code != 0)
            qWarning("%s", qPrintable(a.err));
        return {QStringLiteral("book"),
                QStringLiteral("sync"),
                QStringLiteral("--logbook"),
                path(logbook),
                QStringLiteral("--everything"),
                QStringLiteral("--json"),
                QStringLiteral("--password-file"),
                file};
    }

private slots:
    void initTestCase()
    {
        m_server = std::make_unique<PostgresRig>();
        QVERIFY2(m_server->start(), "Debian's PostgreSQL is needed");
    }
    void cleanupTestCase() { m_server.reset(); }

    /// A fresh book with two workstations.
    void init()
    {
        m_folder = std::make_unique<QTemporaryDir>();
        m_server->asAdmin(QStringLiteral("DROP SCHEMA IF EXISTS bold_lantern CASCADE"));
        for (const char *user : {"north", "south"})
            m_server->asAdmin(QStringLiteral("DROP ROLE IF EXISTS %1").arg(QLatin1String(user)));
        const std::string none = problemOf([&] { SharedBook book(address("admin"), {}); });
        QVERIFY2(none.find("book init") != std::string::npos, none.c_str());
        SharedBook::init(address("admin"), {});
        SharedBook book(address("admin"), {});
        m_north = book.admit(QStringLiteral("north"));
        m_south = book.admit(QStringLiteral("south"));
        QVERIFY(m_north.size() > 20 && m_north != m_south);
        QVERIFY(book.admit(QStringLiteral("north")).isEmpty()); // keeps its own
        const QString identity = book.identity();
        SharedBook::init(address("admin"), {}); // is there already
        QCOMPARE(SharedBook(address("admin"), {}).identity(), identity);
    }

    void addressesAreReadAndWritten()
    {
        const BookAddress a = addressFromUrl("postgresql://studio@book.example:5433/"
                                             "lantern?sslmode=verify-full&sslrootcert=/a/b.pem");
        QCOMPARE(a.host, QStringLiteral("book.example"));
        QCOMPARE(a.port, 5433);
        QCOMPARE(a.options, QStringLiteral("sslmode=verify-full;sslrootcert=/a/b.pem"));
        QCOMPARE(addressFromUrl(a.url().toStdString()), a);
        QCOMPARE(addressFromUrl(address("north").url().toStdString()), address("north"));
        for (const char *bad :
             {"", "lantern", "http://a/b", "postgresql://a", "postgresql://u:secret@h/d",
              "postgresql://h/d?password=x", "postgresql://h/d?sslmode=a;host=b",
              "postgresql://h/d/e", "postgresql://h:99999/d"})
            QVERIFY2(!problemOf([&] { addressFromUrl(bad); }).empty(), bad);
    }

    void runsComeFromOneWorkstationToAnother()
    {
        copyGolden(path("north.sqlite"));
        Logbook mine(path("north.sqlite"), Logbook::Access::Write);
        SharedBook out = north();
        const Brought first = bring(mine, out, true);
        QCOMPARE(first.runs, 8); // the ninth is under way
        QVERIFY(first.left.empty());
        QCOMPARE(bring(mine, out, true).runs, 0);

        Logbook other(path("south.sqlite"), Logbook::Access::Write);
        SharedBook in = south();
        qint64 seen = 0;
        QCOMPARE(fetchAll(other, in, seen), 8);
        qint64 again = 0; // as after a crash that forgot how far it was
        QCOMPARE(fetchAll(other, in, again), 0);
        QCOMPARE(again, seen);
        for (const qint64 run : {1, 2, 3, 4, 5, 6, 7, 8}) {
            const RunRecord r = mine.record(run);
            const qint64 there = *other.runOf(r.identity);
            Json a = recordToJson(r), b = recordToJson(other.record(there));
            for (Json *j : {&a, &b}) {
                Json setup = Json::parse((*j)["setup"].get<std::string>());
                setup.erase("reference_run");
                (*j)["setup"] = setup;
            }
            QCOMPARE(b.dump(), a.dump());
        }
        // Nothing goes back as the other's own.
        QCOMPARE(bring(other, in, true).runs, 0);
        QCOMPARE(countIn(), 8);
    }

    /// Runs from before workstations were kept are this one's; a run that somebody else has brought
    /// under this one's identity is named.
    void whoseRunsAreBrought()
    {
        copyGolden(path("north.sqlite"));
        Logbook mine(path("north.sqlite"), Logbook::Access::Write);
        std::vector<RunRecord> records;
        for (const qint64 run : {2, 3, 5})
            records.push_back(mine.record(run));
        records[0].workstation.clear();
        records[1].workstation = QSysInfo::machineHostName();
        records[2].workstation = QStringLiteral("elsewhere");
        Logbook own(path("own.sqlite"), Logbook::Access::Write);
        for (const RunRecord &r : records)
            own.put(r);
        SharedBook out = north();
        const Brought first = bring(own, out);
        QCOMPARE(first.runs, 2); // all but the other's
        QVERIFY(first.left.empty());
        // What is noted later follows, whatever this computer was called then.
        own.setNote(1, QStringLiteral("later"));
        QCOMPARE(bring(own, out).remarks, 1);
        SharedBook in = south();
        const Brought squat = bring(own, in); // the same runs, by another
        QCOMPARE(squat.runs, 0);
        QCOMPARE(squat.left.size(), size_t(1)); // named here as this workstation's own
    }

    void remarksFollow()
    {
        copyGolden(path("north.sqlite"));
        Logbook mine(path("north.sqlite"), Logbook::Access::Write);
        Logbook other(path("south.sqlite"), Logbook::Access::Write);
        SharedBook out = north(), in = south();
        bring(mine, out, true);
        qint64 seen = 0;
        fetchAll(other, in, seen);
        mine.setNote(1, QStringLiteral("the \"old\" lamp, \\ dim"));
        mine.setRemoved(2, true);
        QCOMPARE(bring(mine, out, true).remarks, 2);
        fetchAll(other, in, seen);
        QCOMPARE(other.record(*other.runOf(mine.record(1).identity)).note,
                 QStringLiteral("the \"old\" lamp, \\ dim"));
        QVERIFY(!other.record(*other.runOf(mine.record(2).identity)).removedAt.isEmpty());
        mine.setRemoved(2, false);
        bring(mine, out, true);
        fetchAll(other, in, seen);
        QVERIFY(other.record(*other.runOf(mine.record(2).identity)).removedAt.isEmpty());
    }

    /// What a workstation may not do to another's runs, whatever program it uses.
    void nobodyChangesAnothersRuns()
    {
        copyGolden(path("north.sqlite"));
        Logbook mine(path("north.sqlite"), Logbook::Access::Write);
        SharedBook out = north();
        bring(mine, out, true);
        const QString identity = mine.record(1).identity;
        const auto asSouth = [&](const QString &statement) {
            return m_server->sql(QStringLiteral("south"), m_south, statement);
        };
        QCOMPARE(asSouth(QStringLiteral("SELECT count(*) FROM bold_lantern.run")).value.toInt(), 8);
        QCOMPARE(asSouth(QStringLiteral("UPDATE bold_lantern.run SET note = 'mine'")).changed, 0);
        SharedBook theirs = south();
        theirs.remark(identity, QStringLiteral("mine"), {});
        QCOMPARE(m_server
                     ->asAdmin(QStringLiteral("SELECT count(*) FROM bold_lantern.run WHERE note "
                                              "= 'mine'"))
                     .value.toInt(),
                 0);
        for (const QString &statement :
             {QStringLiteral("UPDATE bold_lantern.run SET record = ''"),
              QStringLiteral("UPDATE bold_lantern.run SET owner = 'south'"),
              QStringLiteral("DELETE FROM bold_lantern.run"),
              QStringLiteral("DELETE FROM bold_lantern.figure"),
              QStringLiteral("TRUNCATE bold_lantern.run CASCADE"),
              QStringLiteral("DROP TABLE bold_lantern.figure"),
              QStringLiteral("UPDATE bold_lantern.figure SET value = 0"),
              QStringLiteral("ALTER TABLE bold_lantern.run DISABLE ROW LEVEL SECURITY"),
              QStringLiteral("SELECT nextval('bold_lantern.change')"),
              QStringLiteral("INSERT INTO bold_lantern.figure VALUES ('%1', 999, 'x', 'x', 0, '', "
                             "0, 0)")
                  .arg(identity),
              QStringLiteral(
                  "INSERT INTO bold_lantern.run SELECT 'new', reference, 'north', 0, kind, "
                  "display_id, display_name, meter, started_at, finished_at, abandoned, "
                  "workstation, person, note, removed_at, setup, record FROM "
                  "bold_lantern.run LIMIT 1")})
            QVERIFY2(!asSouth(statement).problem.isEmpty(), qPrintable(statement));
        // Not even of one's own runs what was measured.
        QVERIFY(!m_server
                     ->sql(QStringLiteral("north"), m_north,
                           QStringLiteral("UPDATE bold_lantern.run SET record = ''"))
                     .problem.isEmpty());
        QCOMPARE(countIn(), 8);
    }

    void aWrongPasswordIsNamed()
    {
        const std::string wrong =
            problemOf([&] { SharedBook(address("north"), QStringLiteral("x")); });
        QVERIFY2(wrong.find("password") != std::string::npos, wrong.c_str());
        const std::string nobody =
            problemOf([&] { SharedBook(address("nobody"), QStringLiteral("x")); });
        QVERIFY(!nobody.empty());
        BookAddress nowhere = address("north");
        nowhere.host = QStringLiteral("/nowhere");
        QVERIFY(problemOf([&] { SharedBook(nowhere, {}); }).find("own logbook") !=
                std::string::npos);
    }

    /// Whoever has read up to a number has missed none below it: a second writer waits for the
    /// first.
    void changesAreNumberedAsTheyAreCommitted()
    {
        copyGolden(path("north.sqlite"));
        Logbook mine(path("north.sqlite"), Logbook::Access::Write);
        const auto few = copies(mine, 2);
        const QString name = QStringLiteral("open");
        {
            QSqlDatabase db = QSqlDatabase::addDatabase(QStringLiteral("QPSQL"), name);
            db.setHostName(m_server->folder());
            db.setDatabaseName(QStringLiteral("postgres"));
            db.setUserName(QStringLiteral("admin"));
            QVERIFY(db.open() && db.transaction());
            QSqlQuery q(db);
            QVERIFY(q.exec(QStringLiteral(
                "INSERT INTO bold_lantern.run SELECT 'slow', '', 'admin', 0, '', '', '', '', '', "
                "'', false, '', '', '', '', '', ''")));
            auto second = std::async(std::launch::async, [&] {
                SharedBook book = north();
                book.add({few[0]});
            });
            QVERIFY(waitUntil([&] { // it waits for the first
                return m_server
                           ->asAdmin(
                               QStringLiteral("SELECT count(*) FROM pg_locks WHERE locktype = "
                                              "'advisory' AND NOT granted"))
                           .value == QLatin1String("1");
            }));
            SharedBook reader = south();
            QVERIFY(reader.changedSince(0, 10).empty());
            QVERIFY(db.commit());
            second.get();
            const auto all = reader.changedSince(0, 10);
            QCOMPARE(all.size(), size_t(2));
            QCOMPARE(all[0].identity, QStringLiteral("slow"));
        }
        QSqlDatabase::removeDatabase(name);
    }

    /// A run that says nonsense is named; all others come.
    void nonsenseInTheBookStopsNobody()
    {
        copyGolden(path("north.sqlite"));
        Logbook mine(path("north.sqlite"), Logbook::Access::Write);
        SharedBook out = north();
        bring(mine, out, true);
        m_server->asAdmin(QStringLiteral("UPDATE bold_lantern.run SET record = '{\"format\": 7' "
                                         "WHERE identity = '%1'")
                              .arg(mine.record(3).identity));
        m_server->asAdmin(QStringLiteral("UPDATE bold_lantern.run SET record = replace(record, "
                                         "'%1', 'another') WHERE identity = '%1'")
                              .arg(mine.record(5).identity));
        Logbook other(path("south.sqlite"), Logbook::Access::Write);
        SharedBook in = south();
        const Fetched part = fetch(other, in, 0, QDate(2000, 1, 1));
        QCOMPARE(part.left.size(), size_t(2));
        QCOMPARE(takeIn(other, part).added, 6);
    }

    void whatIsOldStaysThereUnlessItIsNeeded()
    {
        copyGolden(path("north.sqlite"));
        Logbook mine(path("north.sqlite"), Logbook::Access::Write);
        SharedBook out = north();
        bring(mine, out, true);
        Logbook other(path("south.sqlite"), Logbook::Access::Write);
        SharedBook in = south();
        qint64 seen = 0;
        QCOMPARE(fetchAll(other, in, seen, QDate(2026, 10, 28)), 3);
        QVERIFY(!other.runOf(mine.record(1).identity));
        // Four are of the 27th; one of them is a check of the calibration of the 20th.
        seen = 0;
        QCOMPARE(fetchAll(other, in, seen, QDate(2026, 10, 27)), 5);
        const qint64 check = *other.runOf(mine.record(4).identity);
        QCOMPARE(other.setup(check).referenceRun, *other.runOf(mine.record(1).identity));
    }

    /// The server goes down in the midst, again and again; two workstations bring at once, partly
    /// the same runs. In the end everything is there once, on both.
    void serverAndClientsAreKilledInTheMidst()
    {
        copyGolden(path("golden.sqlite"));
        {
            Logbook golden(path("golden.sqlite"), Logbook::Access::Write);
            const auto all = copies(golden, 900);
            Logbook a(path("a.sqlite"), Logbook::Access::Write),
                b(path("b.sqlite"), Logbook::Access::Write);
            a.together([&] {
                for (size_t i = 0; i < 600; ++i)
                    a.put(all[i]);
            });
            b.together([&] {
                for (size_t i = 500; i < 900; ++i) // a hundred are in both
                    b.put(all[i]);
            });
        }
        const QStringList first = joined("a.sqlite", "north", m_north);
        const auto other = std::make_unique<QTemporaryDir>(); // its setup lies beside its logbook
        QFile::rename(path("b.sqlite"), other->filePath(QStringLiteral("b.sqlite")));
        const auto folder = std::move(m_folder);
        m_folder = std::make_unique<QTemporaryDir>();
        QFile::copy(other->filePath(QStringLiteral("b.sqlite")), path("b.sqlite"));
        const QStringList second = joined("b.sqlite", "south", m_south);
        int cuts = 0, kills = 0;
        bool done = false;
        for (int round = 0; round < 60 && !done; ++round) {
            QProcess p, q;
            p.start(QStringLiteral(LANTERN_CLI), first);
            q.start(QStringLiteral(LANTERN_CLI), second);
            const int wait = 150 + 70 * round;
            const bool finished = p.waitForFinished(wait) && q.waitForFinished(wait);
            done = finished && p.exitCode() == 0 && q.exitCode() == 0;
            if (done)
                break;
            if (round % 2 == 0) { // the server
                m_server->stop(SIGQUIT);
                ++cuts;
                QVERIFY(p.waitForFinished() && q.waitForFinished());
                QVERIFY(m_server->start());
            } else {
                for (QProcess *one : {&p, &q})
                    if (one->state() != QProcess::NotRunning) {
                        ::kill(static_cast<pid_t>(one->processId()), SIGKILL);
                        one->waitForFinished();
                        ++kills;
                    }
            }
        }
        QVERIFY(done);
        QVERIFY2(cuts > 0 && kills > 0, qPrintable(QStringLiteral("%1 %2").arg(cuts).arg(kills)));
        QCOMPARE(cli(first).code, 0); // what the other brought last
        QCOMPARE(cli(second).code, 0);
        QCOMPARE(countIn(), 900);
        QCOMPARE(m_server
                     ->asAdmin(QStringLiteral("SELECT count(DISTINCT identity) FROM "
                                              "bold_lantern.run"))
                     .value.toInt(),
                 900);
        Logbook a(folder->filePath(QStringLiteral("a.sqlite")), Logbook::Access::Read);
        Logbook b(path("b.sqlite"), Logbook::Access::Read);
        QCOMPARE(a.allRuns().size(), size_t(900));
        QCOMPARE(b.allRuns().size(), size_t(900));
        QVERIFY(a.isWhole() && b.isWhole());
    }

    void theBookIsAskedForTrendsAndAgreement()
    {
        copyGolden(path("a.sqlite"));
        const QStringList sync = joined("a.sqlite", "north", m_north);
        QCOMPARE(cli(sync).code, 0);
        const QStringList ask = {QStringLiteral("--logbook"), path("a.sqlite"),
                                 QStringLiteral("--password-file"), path("north"),
                                 QStringLiteral("--json")};
        const Answer trend =
            cli(QStringList{QStringLiteral("book"), QStringLiteral("trend"),
                            QStringLiteral("--display"), QStringLiteral("north-desk")} +
                ask);
        QVERIFY2(trend.code == 0, qPrintable(trend.err));
        const Answer own =
            cli({QStringLiteral("log"), QStringLiteral("--trend"), QStringLiteral("--json"),
                 QStringLiteral("--logbook"), path("a.sqlite")});
        Json told = Json::parse(trend.out.toStdString());
        Json ours = Json::parse(own.out.toStdString());
        int compared = 0;
        for (Json &mine : ours)
            if (mine["display_id"] == "north-desk") {
                ++compared;
                for (Json *j : {&mine, &told})
                    for (Json &p : (*j)["points"])
                        p.erase("run");
                QCOMPARE(told["points"].dump(), mine["points"].dump());
                QCOMPARE(told["low"], mine["low"]);
            }
        QCOMPARE(compared, 1);
        const QStringList pair = {QStringLiteral("--first"), QStringLiteral("north-desk"),
                                  QStringLiteral("--second"), QStringLiteral("north-desk")};
        const Answer agree =
            cli(QStringList{QStringLiteral("book"), QStringLiteral("agree")} + pair + ask);
        QVERIFY2(agree.code == 0, qPrintable(agree.err));
        const Answer here = cli(QStringList{QStringLiteral("agree"), QStringLiteral("--logbook"),
                                            path("a.sqlite"), QStringLiteral("--json")} +
                                pair);
        QCOMPARE(Json::parse(agree.out.toStdString())["colours"].dump(),
                 Json::parse(here.out.toStdString())["colours"].dump());
        QVERIFY(cli(QStringList{QStringLiteral("book"), QStringLiteral("trend"),
                                QStringLiteral("--display"), QStringLiteral("none")} +
                    ask)
                    .err.contains(QLatin1String("north-desk")));
        // A file that others can read is no place for a password.
        QFile::setPermissions(path("north"),
                              QFile::ReadOwner | QFile::WriteOwner | QFile::ReadGroup);
        QVERIFY(cli(sync).err.contains(QLatin1String("chmod 600")));
    }

    /// TLS as the server gives it, with a certificate made for the day.
    void theConnectionIsEncrypted()
    {
        const int port = freePort();
        QVERIFY(port > 0);
        PostgresRig server(port);
        QProcess openssl;
        openssl.start(QStringLiteral("openssl"),
                      {QStringLiteral("req"), QStringLiteral("-x509"), QStringLiteral("-newkey"),
                       QStringLiteral("rsa:2048"), QStringLiteral("-nodes"),
                       QStringLiteral("-days"), QStringLiteral("2"), QStringLiteral("-subj"),
                       QStringLiteral("/CN=localhost"), QStringLiteral("-addext"),
                       QStringLiteral("subjectAltName=DNS:localhost"), QStringLiteral("-keyout"),
                       path("key.pem"), QStringLiteral("-out"), path("cert.pem")});
        QVERIFY(openssl.waitForFinished() && openssl.exitCode() == 0);
        server.write(QStringLiteral("server.key"), readFile(path("key.pem")));
        server.write(QStringLiteral("server.crt"), readFile(path("cert.pem")));
        QVERIFY(server.start());
        BookAddress socket = addressFromUrl(server.url(QStringLiteral("admin")).toStdString());
        socket.port = port;
        SharedBook::init(socket, {});
        SharedBook made(socket, {});
        QVERIFY(!made.isEncrypted());
        const QString password = made.admit(QStringLiteral("north"));
        const auto overTls = [&](const QString &settings) {
            return addressFromUrl(QStringLiteral("postgresql://north@localhost:%1/postgres?%2")
                                      .arg(port)
                                      .arg(settings)
                                      .toStdString());
        };
        SharedBook book(
            overTls(QStringLiteral("sslmode=verify-full&sslrootcert=") + path("cert.pem")),
            password);
        QVERIFY(book.isEncrypted());
        // Another's certificate is not taken for the server's.
        openssl.start(QStringLiteral("openssl"),
                      {QStringLiteral("req"), QStringLiteral("-x509"), QStringLiteral("-newkey"),
                       QStringLiteral("rsa:2048"), QStringLiteral("-nodes"),
                       QStringLiteral("-subj"), QStringLiteral("/CN=localhost"),
                       QStringLiteral("-keyout"), path("other-key.pem"), QStringLiteral("-out"),
                       path("other.pem")});
        QVERIFY(openssl.waitForFinished() && openssl.exitCode() == 0);
        const std::string refused = problemOf([&] {
            SharedBook(
                overTls(QStringLiteral("sslmode=verify-full&sslrootcert=") + path("other.pem")),
                password);
        });
        QVERIFY2(refused.find("certificate") != std::string::npos, refused.c_str());
        // The server takes no connection that is not encrypted.
        QVERIFY(!problemOf([&] {
                     SharedBook(overTls(QStringLiteral("sslmode=disable")), password);
                 }).empty());
    }
};

static const Register<SharedBookTest> registered("SharedBookTest");

} // namespace lantern::test

#include "shared_book_test.moc"
