#include "core/plan/chart.h"
#include "core/profile/profile_writer.h"
#include "made_up_edid.h"
#include "platform/colour_device.h"
#include "platform/colour_service.h"
#include "platform/wayland/wayland_output.h"
#include "private_service.h"
#include "run/file/files.h"
#include "runner.h"
#include "toy_display.h"

#include <QCryptographicHash>
#include <QDBusArgument>
#include <QDBusInterface>
#include <QDBusMetaType>
#include <QDBusObjectPath>
#include <QDBusReply>
#include <QFile>

namespace lantern::test {

namespace {

using StringMap = QMap<QString, QString>;
constexpr const char *kService = PrivateService::kName;
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
        QFETCH(int, version);
        QFETCH(bool, ours);
        qDBusRegisterMetaType<StringMap>();
        PrivateService service;
        if (const QString why = service.start(); !why.isEmpty())
            QSKIP(qPrintable(why));
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

    /// Introduced, made the default, read back, replaced; held while the display is measured.
    void aProfileIsMadeTheDefault()
    {
        PrivateService service;
        if (const QString why = service.start(); !why.isEmpty())
            QSKIP(qPrintable(why));
        const auto bytes = madeUpEdid(kMadeUpColours, "Saltmarsh 27");
        platform::Output output;
        output.name = QStringLiteral("DP-1");
        output.edid =
            QByteArray(reinterpret_cast<const char *>(bytes.data()), qsizetype(bytes.size()));
        platform::ColourDevice device(output, service.bus());
        QVERIFY(device.isServed());
        QVERIFY(!device.defaultProfile());
        QStringList files;
        for (const char *name : {"first", "it's second"}) {
            ProfileRequest request;
            request.kind = ProfileKind::Matrix;
            request.name = name;
            const auto icc = buildProfile(ToyDisplay().read(makeChart(48)), request, "toy").icc;
            files << service.path(QLatin1String(name) + QStringLiteral(".icc"));
            QFile file(files.last());
            QVERIFY(file.open(QIODevice::WriteOnly));
            file.write(reinterpret_cast<const char *>(icc.data()), qint64(icc.size()));
        }
        const QString problem = device.setDefault(files[0]);
        if (problem.contains(u"ermi") || problem.contains(u"uthoris"))
            QSKIP("this user may not make devices");
        QCOMPARE(problem, QString());
        QCOMPARE(device.defaultProfile(), std::optional(files[0]));
        QCOMPARE(device.setDefault(files[1]), QString());
        QCOMPARE(device.defaultProfile(), std::optional(files[1]));
        QCOMPARE(device.setDefault(files[0]), QString()); // known already
        QCOMPARE(device.defaultProfile(), std::optional(files[0]));
        // Another program's view of the same display is the same.
        QCOMPARE(platform::ColourDevice(output, service.bus()).defaultProfile(),
                 std::optional(files[0]));
        QVERIFY(!device.setDefault(service.path(QStringLiteral("nowhere.icc"))).isEmpty());

        // On Wayland the service is what declares a profile: by its bytes, or none.
        qputenv("XDG_DATA_HOME", service.path(QStringLiteral("data")).toLocal8Bit());
        platform::ServiceProfileHome home(output, service.bus());
        QVERIFY(home.isHeard());
        const QByteArray first = run::readFile(files[0]), second = run::readFile(files[1]);
        QCOMPARE(home.inUse(), first);
        home.declare(second);
        QCOMPARE(home.inUse(), second);
        platform::writeProfileFile(platform::userProfileFolder(), QStringLiteral("mine"), first);
        home.declare(first); // in two files now, and still the same profile
        QCOMPARE(home.inUse(), first);
        home.declare({});
        QVERIFY(home.inUse().isEmpty());

        QVERIFY(device.inhibit());
        QDBusInterface manager(QString::fromLatin1(kService),
                               QStringLiteral("/org/freedesktop/ColorManager"),
                               QString::fromLatin1(kService), service.bus());
        const QDBusReply<QDBusObjectPath> found =
            manager.call(QStringLiteral("FindDeviceById"),
                         platform::colourDeviceId(edidFromBytes(bytes, "edid")));
        QVERIFY(found.isValid());
        QDBusInterface shown(QString::fromLatin1(kService), found.value().path(),
                             QStringLiteral("org.freedesktop.ColorManager.Device"), service.bus());
        QCOMPARE(shown.property("ProfilingInhibitors").toStringList().size(), 1);
        device.release();
        QVERIFY(shown.property("ProfilingInhibitors").toStringList().isEmpty());
    }

    void withoutAServiceThatIsTold()
    {
        platform::Output output;
        output.name = QStringLiteral("DP-1");
        platform::ColourDevice device(output, QDBusConnection(QStringLiteral("nobody's")));
        QVERIFY(!device.isServed());
        QVERIFY(device.setDefault(QStringLiteral("/tmp/x.icc")).contains(u"No colour service"));
        QVERIFY(!device.defaultProfile() && !device.inhibit());
        platform::ServiceProfileHome home(output, QDBusConnection(QStringLiteral("nobody's")));
        home.declare("a profile"); // nobody hears of it
        QVERIFY(!home.isHeard() && home.inUse().isEmpty());
        QVERIFY(platform::commandToInstallForAll(QStringLiteral("/a b/it's.icc"))
                    .endsWith(QStringLiteral(" '/a b/it'\\''s.icc'")));
    }
};

namespace {
const Register<ColourServiceTest> registered("ColourServiceTest");
}

} // namespace lantern::test

#include "colour_service_test.moc"
