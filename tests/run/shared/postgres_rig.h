#pragma once

#include "run/file/files.h"
#include "runner.h"

#include <QDir>
#include <QElapsedTimer>
#include <QProcess>
#include <QSqlDatabase>
#include <QSqlError>
#include <QSqlQuery>
#include <QTemporaryDir>
#include <QTest>
#include <QUuid>

#include <csignal>
#include <unistd.h>

namespace lantern::test {

/// A PostgreSQL server of the test's own, reached by a socket in its folder; "admin" may do all,
/// everybody else needs a password.
class PostgresRig {
public:
    /// \param port of TLS on this machine alone; 0: the socket is all there is
    explicit PostgresRig(int port = 0) : m_port(port)
    {
        const QStringList versions =
            QDir(QStringLiteral("/usr/lib/postgresql"))
                .entryList(QDir::Dirs | QDir::NoDotAndDotDot, QDir::Name | QDir::Reversed);
        if (!versions.isEmpty())
            m_programs =
                QStringLiteral("/usr/lib/postgresql/") + versions.front() + QStringLiteral("/bin/");
        if (::geteuid() == 0) // the server refuses to be root's
            (void)::chown(m_folder.path().toLocal8Bit().constData(), kNobody, kNobody);
        const QStringList make = {QStringLiteral("-D"),         data(),
                                  QStringLiteral("-U"),         QStringLiteral("admin"),
                                  QStringLiteral("-A"),         QStringLiteral("trust"),
                                  QStringLiteral("-E"),         QStringLiteral("UTF8"),
                                  QStringLiteral("--no-locale")};
        m_isMade = call(QStringLiteral("initdb"), make);
        write(QStringLiteral("pg_hba.conf"),
              "local all admin trust\nlocal all all scram-sha-256\nhostssl all all 127.0.0.1/32 "
              "scram-sha-256\n");
    }
    ~PostgresRig() { stop(SIGINT); }

    [[nodiscard]] bool start()
    {
        QStringList arguments = {QStringLiteral("-D"), data(),
                                 QStringLiteral("-k"), folder(),
                                 QStringLiteral("-c"), QStringLiteral("fsync=off")};
        arguments << QStringLiteral("-c")
                  << (m_port == 0 ? QStringLiteral("listen_addresses=")
                                  : QStringLiteral("listen_addresses=127.0.0.1"));
        if (m_port != 0)
            arguments << QStringLiteral("-p") << QString::number(m_port) << QStringLiteral("-c")
                      << QStringLiteral("ssl=on");
        m_server = std::make_unique<QProcess>();
        m_server->setStandardErrorFile(m_logs.filePath(QStringLiteral("server.log")));
        begin(*m_server, QStringLiteral("postgres"), arguments);
        return m_isMade && waitUntil([&] { return answers(); });
    }
    void stop(int signal)
    {
        if (!m_server || m_server->state() == QProcess::NotRunning)
            return;
        ::kill(static_cast<pid_t>(m_server->processId()), signal);
        m_server->waitForFinished();
    }
    [[nodiscard]] bool isRunning() const
    {
        return m_server && m_server->state() != QProcess::NotRunning;
    }
    [[nodiscard]] QString folder() const { return m_folder.path(); }
    [[nodiscard]] QString url(const QString &user) const
    {
        return QStringLiteral("postgresql://%1@/postgres?host=%2").arg(user, folder());
    }
    /// One statement; its first value, or what the server said against it.
    struct Said {
        QString value, problem;
        int changed = 0;
    };
    Said sql(const QString &user, const QString &password, const QString &statement)
    {
        const QString name = QUuid::createUuid().toString();
        Said said;
        {
            QSqlDatabase db = QSqlDatabase::addDatabase(QStringLiteral("QPSQL"), name);
            db.setHostName(folder());
            if (m_port != 0)
                db.setPort(m_port);
            db.setDatabaseName(QStringLiteral("postgres"));
            db.setUserName(user);
            db.setPassword(password);
            QSqlQuery q(db);
            if (!db.open())
                said.problem = db.lastError().text();
            else {
                q = QSqlQuery(db);
                q.exec(QStringLiteral("SET client_min_messages TO warning"));
                if (!q.exec(statement))
                    said.problem = q.lastError().text();
                else if (q.next())
                    said.value = q.value(0).toString();
                said.changed = q.numRowsAffected();
            }
        }
        QSqlDatabase::removeDatabase(name);
        return said;
    }
    Said asAdmin(const QString &statement) { return sql(QStringLiteral("admin"), {}, statement); }
    /// A file in the server's own folder.
    void write(const QString &name, const QByteArray &content)
    {
        const QString path = data() + QLatin1Char('/') + name;
        run::writeFile(path, content);
        QFile::setPermissions(path, QFile::ReadOwner | QFile::WriteOwner);
        if (::geteuid() == 0)
            (void)::chown(path.toLocal8Bit().constData(), kNobody, kNobody);
    }

private:
    static constexpr uid_t kNobody = 65534;

    [[nodiscard]] QString data() const { return folder() + QStringLiteral("/data"); }
    void begin(QProcess &p, const QString &program, const QStringList &arguments) const
    {
        p.setWorkingDirectory(folder());
        if (::geteuid() != 0) {
            p.start(m_programs + program, arguments);
            return;
        }
        const QString nobody = QString::number(kNobody);
        p.start(QStringLiteral("setpriv"),
                QStringList{QStringLiteral("--reuid"), nobody, QStringLiteral("--regid"), nobody,
                            QStringLiteral("--clear-groups"), m_programs + program} +
                    arguments);
    }
    bool call(const QString &program, const QStringList &arguments) const
    {
        QProcess p;
        begin(p, program, arguments);
        return p.waitForFinished(60'000) && p.exitCode() == 0;
    }
    bool answers() { return asAdmin(QStringLiteral("SELECT 1")).value == QLatin1String("1"); }

    QTemporaryDir m_folder, m_logs;
    QString m_programs;
    int m_port;
    bool m_isMade = false;
    std::unique_ptr<QProcess> m_server;
};

} // namespace lantern::test
