#include "core/base/error.h"
#include "platform/secrets.h"
#include "runner.h"

#include <QDBusConnection>
#include <QDBusConnectionInterface>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>

#include <csignal>

namespace lantern::test {

using namespace lantern::platform;

/// Passwords in a secret service: a real one, on a D-Bus of its own.
class SecretsTest : public QObject {
    Q_OBJECT
    QTemporaryDir m_home;
    QProcess m_bus, m_service;

private slots:
    void initTestCase()
    {
        qputenv("HOME", m_home.path().toUtf8());
        qputenv("XDG_DATA_HOME", m_home.path().toUtf8());
        qputenv("XDG_RUNTIME_DIR", m_home.path().toUtf8());
        qputenv("XDG_CURRENT_DESKTOP", "GNOME"); // which kind of service is looked for first
    }

    /// Without a service there is nothing, said soon, and never in a file.
    void withoutAServiceThereIsNothing()
    {
        qputenv("DBUS_SESSION_BUS_ADDRESS", "unix:path=/nowhere");
        QVERIFY(!secretNow(QStringLiteral("postgresql://a@b/c")));
        try {
            keepSecret(QStringLiteral("postgresql://a@b/c"), QStringLiteral("secret"));
            QFAIL("kept somewhere");
        } catch (const Error &e) {
            QVERIFY(std::string(e.what()).find(".pgpass") != std::string::npos);
        }
    }

    void whatIsKeptComesBack()
    {
        // No service is started by the bus itself: it would be a locked one.
        QFile config(m_home.filePath(QStringLiteral("bus.conf")));
        QVERIFY(config.open(QIODevice::WriteOnly));
        config.write("<busconfig><type>session</type><listen>unix:tmpdir=/tmp</listen><policy "
                     "context=\"default\"><allow send_destination=\"*\"/><allow own=\"*\"/>"
                     "<allow eavesdrop=\"false\"/></policy></busconfig>");
        config.close();
        m_bus.start(QStringLiteral("dbus-daemon"),
                    {QStringLiteral("--config-file=") + config.fileName(),
                     QStringLiteral("--print-address"), QStringLiteral("--nofork")});
        QVERIFY(m_bus.waitForStarted() && m_bus.waitForReadyRead());
        const QByteArray address = m_bus.readLine().trimmed();
        qputenv("DBUS_SESSION_BUS_ADDRESS", address);
        m_service.start(QStringLiteral("gnome-keyring-daemon"),
                        {QStringLiteral("--foreground"), QStringLiteral("--unlock"),
                         QStringLiteral("--components=secrets")});
        QVERIFY2(m_service.waitForStarted(), "gnome-keyring is needed");
        m_service.write("test\n");
        m_service.closeWriteChannel();
        const QDBusConnection bus =
            QDBusConnection::connectToBus(QString::fromUtf8(address), QStringLiteral("look"));
        QVERIFY(waitUntil([&] {
            return bus.interface()->isServiceRegistered(QStringLiteral("org.freedesktop.secrets"));
        }));
        const QString name = QStringLiteral("postgresql://north@book.example/lantern");
        const QString secret = QStringLiteral("pass wörd \"' \\");
        keepSecret(name, secret);
        QCOMPARE(secretNow(name), std::optional(secret));
        QVERIFY(!secretNow(QStringLiteral("postgresql://another")));
        std::optional<QString> told;
        bool isTold = false;
        readSecret(name, [&](const std::optional<QString> &s) {
            told = s;
            isTold = true;
        });
        QVERIFY(waitUntil([&] { return isTold; }));
        QCOMPARE(told, std::optional(secret));
        forgetSecret(name);
        QVERIFY(!secretNow(name));
    }

    void cleanupTestCase()
    {
        QDBusConnection::disconnectFromBus(QStringLiteral("look"));
        for (QProcess *p : {&m_service, &m_bus}) {
            p->kill();
            p->waitForFinished();
        }
    }
};

static const Register<SecretsTest> registered("SecretsTest");

} // namespace lantern::test

#include "secrets_test.moc"
