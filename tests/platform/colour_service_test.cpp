#include "core/plan/chart.h"
#include "core/profile/profile_writer.h"
#include "made_up_edid.h"
#include "platform/colour_service.h"
#include "runner.h"
#include "toy_display.h"

#include <QCryptographicHash>
#include <QDBusArgument>
#include <QDBusConnection>
#include <QDBusConnectionInterface>
#include <QDBusInterface>
#include <QDBusMetaType>
#include <QDBusObjectPath>
#include <QDBusReply>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>

namespace lantern::test {

namespace {

using StringMap = QMap<QString, QString>;
constexpr const char *kService = "org.freedesktop.ColorManager";
const QString kDaemon = QStringLiteral("/usr/libexec/colord");

/// The real colour service on a bus of its own.
class PrivateService {
public:
    bool start()
    {
        QFile conf(m_folder.filePath(QStringLiteral("bus.conf")));
        if (!conf.open(QIODevice::WriteOnly))
            return false;
        conf.write(
            "<!DOCTYPE busconfig PUBLIC \"-//freedesktop//DTD D-Bus Bus Configuration 1.0//EN\" "
            "\"http://www.freedesktop.org/standards/dbus/1.0/busconfig.dtd\">\n"
            "<busconfig><type>custom</type><listen>unix:tmpdir=" +
            m_folder.path().toUtf8() +
            "</listen><policy context=\"default\"><allow send_destination=\"*\"/>"
            "<allow receive_sender=\"*\"/><allow own=\"*\"/></policy></busconfig>\n");
        conf.close();
        m_bus.start(QStringLiteral("dbus-daemon"),
                    {QStringLiteral("--nofork"), QStringLiteral("--print-address"),
                     QStringLiteral("--config-file=") + conf.fileName()});
        if (!m_bus.waitForReadyRead(5000))
            return false;
        m_address = QString::fromUtf8(m_bus.readLine()).trimmed();
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        environment.insert(QStringLiteral("DBUS_SYSTEM_BUS_ADDRESS"), m_address);
        m_daemon.setProcessEnvironment(environment);
        m_daemon.start(kDaemon, {});
        const QDBusConnection bus =
            QDBusConnection::connectToBus(m_address, QStringLiteral("colour-test"));
        return waitUntil([&] {
            return bus.interface()->isServiceRegistered(QString::fromLatin1(kService)).value();
        });
    }
    ~PrivateService()
    {
        QDBusConnection::disconnectFromBus(QStringLiteral("colour-test"));
        for (QProcess *p : {&m_daemon, &m_bus}) {
            p->terminate();
            if (!p->waitForFinished(3000))
                p->kill();
            p->waitForFinished(3000);
        }
    }
    [[nodiscard]] static QDBusConnection bus()
    {
        return QDBusConnection(QStringLiteral("colour-test"));
    }
    [[nodiscard]] QString path(const QString &name) const { return m_folder.filePath(name); }

private:
    QTemporaryDir m_folder;
    QProcess m_bus, m_daemon;
    QString m_address;
};

} // namespace

class ColourServiceTest : public QObject {
    Q_OBJECT
private slots:
    void mappingNamesTheDisplay()
    {
        const auto bytes = madeUpEdid(kMadeUpColours, "Saltmarsh 27");
        const QByteArray raw(reinterpret_cast<const char *>(bytes.data()), qsizetype(bytes.size()));
        const auto mapping = platform::profileMapping(edidFromBytes(bytes, "edid"), raw);
        const std::map<std::string, std::string> keys(mapping.begin(), mapping.end());
        QCOMPARE(keys.at("EDID_md5"),
                 QCryptographicHash::hash(raw, QCryptographicHash::Md5).toHex().toStdString());
        QCOMPARE(keys.at("EDID_mnft"), std::string("SMH"));
        QCOMPARE(keys.at("EDID_model"), std::string("Saltmarsh 27"));
        QCOMPARE(keys.at("EDID_serial"), std::string("SM27-0042"));
        QVERIFY(QString::fromStdString(keys.at("MAPPING_device_id")).startsWith(u"xrandr-"));
        QVERIFY(QString::fromStdString(keys.at("MAPPING_device_id"))
                    .endsWith(u"-Saltmarsh 27-SM27-0042"));
    }

    /// A profile that names its display is given to it by the service itself; another's is not.
    void theServiceFindsTheDisplayByItself_data()
    {
        QTest::addColumn<int>("version");
        QTest::addColumn<bool>("ours");
        QTest::newRow("version 4") << 4 << true;
        QTest::newRow("version 2") << 2 << true;
        QTest::newRow("of another display") << 4 << false;
    }
    void theServiceFindsTheDisplayByItself()
    {
        if (!QFile::exists(kDaemon))
            QSKIP("no colour service on this machine");
        QFETCH(int, version);
        QFETCH(bool, ours);
        qDBusRegisterMetaType<StringMap>();
        PrivateService service;
        if (!service.start())
            QSKIP("the colour service does not start here");
        const auto bytes = madeUpEdid(kMadeUpColours, "Saltmarsh 27");
        const Edid edid = edidFromBytes(bytes, "edid");
        const QByteArray raw(reinterpret_cast<const char *>(bytes.data()), qsizetype(bytes.size()));
        QDBusInterface manager(QString::fromLatin1(kService),
                               QStringLiteral("/org/freedesktop/ColorManager"),
                               QString::fromLatin1(kService), service.bus());
        QString device = platform::colourDeviceId(edid);
        if (!ours)
            device += QStringLiteral("-other");
        const QDBusReply<QDBusObjectPath> made = manager.call(
            QStringLiteral("CreateDevice"), device, QStringLiteral("temp"),
            QVariant::fromValue(StringMap{{QStringLiteral("Kind"), QStringLiteral("display")},
                                          {QStringLiteral("Mode"), QStringLiteral("physical")}}));
        if (!made.isValid() && made.error().name().contains(u"NotAllowed"))
            QSKIP("this user may not make devices");
        QVERIFY2(made.isValid(), qPrintable(made.error().message()));

        ProfileRequest request;
        request.version = version;
        request.kind = ProfileKind::Matrix;
        request.metadata = platform::profileMapping(edid, raw);
        const auto icc = buildProfile(ToyDisplay().read(makeChart(48)), request, "toy").icc;
        const QString path = service.path(QStringLiteral("display.icc"));
        QFile file(path);
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(reinterpret_cast<const char *>(icc.data()), qint64(icc.size()));
        file.close();
        const QDBusReply<QDBusObjectPath> profile = manager.call(
            QStringLiteral("CreateProfile"), QStringLiteral("lantern-test"), QStringLiteral("temp"),
            QVariant::fromValue(StringMap{{QStringLiteral("Filename"), path}}));
        QVERIFY2(profile.isValid(), qPrintable(profile.error().message()));

        QDBusInterface shown(QString::fromLatin1(kService), made.value().path(),
                             QStringLiteral("org.freedesktop.ColorManager.Device"), service.bus());
        auto profiles = [&] {
            return qdbus_cast<QList<QDBusObjectPath>>(shown.property("Profiles"));
        };
        if (!ours) {
            QVERIFY(profiles().isEmpty());
            return;
        }
        QVERIFY(waitUntil([&] { return !profiles().isEmpty(); }));
        QCOMPARE(profiles().first().path(), profile.value().path());
    }
};

namespace {
const Register<ColourServiceTest> registered("ColourServiceTest");
}

} // namespace lantern::test

#include "colour_service_test.moc"
