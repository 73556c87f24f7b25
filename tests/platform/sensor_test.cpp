#include "platform/private_service.h"
#include "platform/sensor_meter.h"
#include "platform/sensors.h"
#include "private_bus.h"
#include "run/device/meters/meter_registry.h"
#include "runner.h"

#include <QDBusMessage>
#include <QDBusObjectPath>
#include <QSignalSpy>
#include <QVariantMap>

#include <atomic>
#include <mutex>

namespace lantern::test {

namespace {

using platform::SensorMeter;

const QString kSensorPath = QStringLiteral("/org/freedesktop/ColorManager/sensors/reed");

/// A colour service with one meter, that does what it is told to and notes what it is asked.
class PretendedService : public QDBusVirtualObject {
public:
    std::atomic<bool> attached = true, silent = false;
    std::atomic<int> bands = 36; ///< of the spectra it gives

    [[nodiscard]] QString introspect(const QString &) const override { return {}; }
    bool handleMessage(const QDBusMessage &message, const QDBusConnection &connection) override
    {
        const std::lock_guard lock(m_mutex);
        const QString member = message.member();
        if (member == QLatin1String("GetSensors")) {
            QList<QDBusObjectPath> sensors;
            if (attached)
                sensors << QDBusObjectPath(kSensorPath);
            return connection.send(message.createReply(QVariant::fromValue(sensors)));
        }
        if (message.path() != kSensorPath || !attached)
            return false; // "unknown object"
        m_asked << (member == QLatin1String("GetSample")
                        ? member + QLatin1Char(' ') + message.arguments().value(0).toString()
                        : member);
        if (silent)
            return true;
        if (m_errors.contains(member)) {
            const QString error = m_errors.take(member);
            return connection.send(message.createErrorReply(
                QStringLiteral("org.freedesktop.ColorManager.Sensor.") + error,
                QStringLiteral("said by the service")));
        }
        if (member == QLatin1String("GetAll"))
            return connection.send(message.createReply(QVariant::fromValue(
                QVariantMap{{QStringLiteral("Model"), QStringLiteral("Reed")},
                            {QStringLiteral("Vendor"), QStringLiteral("Saltmarsh")},
                            {QStringLiteral("Serial"), QStringLiteral("R-0117")},
                            {QStringLiteral("Capabilities"),
                             QStringList{QStringLiteral("lcd"), QStringLiteral("lcd-white-led"),
                                         QStringLiteral("ambient")}}})));
        if (member == QLatin1String("GetSpectrum")) {
            QList<double> light;
            for (int i = 0; i < bands; ++i)
                light << 0.001 * i;
            return connection.send(message.createReply({380.0, 730.0, QVariant::fromValue(light)}));
        }
        if (member == QLatin1String("GetSample"))
            return connection.send(message.createReply(QVariantList{95.1, 100.2, 108.3}));
        return connection.send(message.createReply());
    }
    void refuse(const char *member, const char *error)
    {
        const std::lock_guard lock(m_mutex);
        m_errors[QLatin1String(member)] = QLatin1String(error);
    }
    QStringList asked()
    {
        const std::lock_guard lock(m_mutex);
        return m_asked;
    }
    void forget()
    {
        const std::lock_guard lock(m_mutex);
        m_asked.clear();
        m_errors.clear();
    }

private:
    std::mutex m_mutex;
    QStringList m_asked;
    QMap<QString, QString> m_errors;
};

} // namespace

/// Meters behind the desktop's colour service: a stand-in of it, and the real one's dummy.
class SensorTest : public QObject {
    Q_OBJECT
    std::unique_ptr<PrivateBus> m_bus;
    PretendedService *m_service = nullptr;
    std::unique_ptr<SensorMeter> m_meter;
    run::Request m_request = 0;

    [[nodiscard]] static QDBusConnection bus() { return QDBusConnection(QStringLiteral("client")); }
    void emitSignal(const QString &path, const char *interface, const char *name,
                    const QVariantList &arguments)
    {
        m_bus->there([&] {
            QDBusMessage signal =
                QDBusMessage::createSignal(path, QLatin1String(interface), QLatin1String(name));
            signal.setArguments(arguments);
            PrivateBus::standIn().send(signal);
        });
    }
    /// The fault that a task ends in; None: it does not.
    MeterFault faultOf(const std::function<void()> &task, const QSignalSpy &done)
    {
        QSignalSpy failed(m_meter.get(), &run::Meter::failed);
        task();
        if (!waitUntil([&] { return !done.isEmpty() || !failed.isEmpty(); }))
            qFatal("no answer at all");
        return failed.isEmpty() ? MeterFault::None : failed[0][1].value<MeterFault>();
    }
    MeterFault reads()
    {
        const QSignalSpy done(m_meter.get(), &run::Meter::readingFinished);
        return faultOf([&] { m_meter->startReading(++m_request, {255, 255, 255}); }, done);
    }

private slots:
    void initTestCase()
    {
        m_service = new PretendedService;
        m_bus = std::make_unique<PrivateBus>(m_service);
        m_bus->offer(QStringLiteral("org.freedesktop.ColorManager"));
        QDBusConnection::connectToBus(m_bus->address(), QStringLiteral("client"));
    }
    void cleanupTestCase()
    {
        m_meter.reset();
        QDBusConnection::disconnectFromBus(QStringLiteral("client"));
        m_bus.reset();
    }
    void init()
    {
        m_service->attached = true;
        m_service->silent = false;
        m_service->forget();
        m_meter = std::make_unique<SensorMeter>(QStringLiteral("reed"), bus());
    }

    void itIsListedAsItComesAndGoes()
    {
        const platform::Sensors sensors(bus());
        const QSignalSpy changed(&sensors, &platform::Sensors::changed);
        QCOMPARE(sensors.list(), (std::vector<platform::Sensor>{{QStringLiteral("reed"),
                                                                 QStringLiteral("Saltmarsh Reed"),
                                                                 QStringLiteral("R-0117")}}));
        m_service->attached = false;
        emitSignal(QStringLiteral("/org/freedesktop/ColorManager"), "org.freedesktop.ColorManager",
                   "SensorRemoved", {QVariant::fromValue(QDBusObjectPath(kSensorPath))});
        QVERIFY(waitUntil([&] { return changed.size() == 1; }));
        QVERIFY(sensors.list().empty());
        QVERIFY(platform::Sensors(QDBusConnection(QStringLiteral("nobody's"))).list().empty());
    }

    void itIsLockedReadAndUnlocked()
    {
        m_meter->setTechnology(QStringLiteral("led-phosphor"));
        const QSignalSpy greeted(m_meter.get(), &run::Meter::greeted);
        QCOMPARE(faultOf([&] { m_meter->startGreeting(++m_request); }, greeted), MeterFault::None);
        QCOMPARE(m_meter->name(), QStringLiteral("Reed R-0117"));
        QVERIFY(m_meter->correctsForTechnology());
        const QSignalSpy read(m_meter.get(), &run::Meter::readingFinished);
        QCOMPARE(reads(), MeterFault::None);
        QCOMPARE(read[0][0].value<run::Request>(), m_request);
        QCOMPARE(read[0][1].value<XYZ>(), (XYZ{95.1, 100.2, 108.3}));
        m_meter->setTechnology(QStringLiteral("oled")); // which it does not know
        QVERIFY(!m_meter->correctsForTechnology());
        QCOMPARE(reads(), MeterFault::None);
        m_meter.reset();
        const QStringList expected = {QStringLiteral("GetAll"), QStringLiteral("Lock"),
                                      QStringLiteral("GetSample lcd-white-led"),
                                      QStringLiteral("GetSample lcd"), QStringLiteral("Unlock")};
        QVERIFY(waitUntil([&] { return m_service->asked().size() == expected.size(); }));
        QCOMPARE(m_service->asked(), expected);
    }

    void theRoomIsReadAndTheButtonHeard()
    {
        const QSignalSpy room(m_meter.get(), &run::Meter::roomRead);
        QCOMPARE(faultOf([&] { m_meter->startRoom(++m_request); }, room), MeterFault::None);
        QCOMPARE(room[0][1].value<run::RoomLight>().illuminanceLux, 100.2);
        const QSignalSpy pressed(m_meter.get(), &SensorMeter::buttonPressed);
        emitSignal(kSensorPath, "org.freedesktop.ColorManager.Sensor", "ButtonPressed", {});
        QVERIFY(waitUntil([&] { return pressed.size() == 1; }));
    }

    void itsErrorsAreOurFaults_data()
    {
        QTest::addColumn<QByteArray>("member");
        QTest::addColumn<QByteArray>("error");
        QTest::addColumn<MeterFault>("fault");
        QTest::newRow("held by another program")
            << QByteArray("Lock") << QByteArray("AlreadyLocked") << MeterFault::CannotDo;
        QTest::newRow("cannot") << QByteArray("GetSample") << QByteArray("NoSupport")
                                << MeterFault::CannotDo;
        QTest::newRow("internal") << QByteArray("GetSample") << QByteArray("Internal")
                                  << MeterFault::DriverDied;
        QTest::newRow("lost its lock")
            << QByteArray("GetSample") << QByteArray("NotLocked") << MeterFault::DriverDied;
    }
    /// And the next reading works again.
    void itsErrorsAreOurFaults()
    {
        QFETCH(QByteArray, member);
        QFETCH(QByteArray, error);
        QFETCH(MeterFault, fault);
        m_service->refuse(member.constData(), error.constData());
        QCOMPARE(reads(), fault);
        QCOMPARE(reads(), MeterFault::None);
    }

    void spectraComeWhereTheyAreWantedAndSeen()
    {
        QCOMPARE(reads(), MeterFault::None);
        QVERIFY(!m_meter->lastSpectrum()); // nobody wanted one
        QVERIFY(!m_service->asked().contains(QLatin1String("GetSpectrum")));
        m_meter->wantSpectra(true);
        QCOMPARE(reads(), MeterFault::None);
        QVERIFY(m_meter->lastSpectrum().has_value());
        QCOMPARE(m_meter->lastSpectrum()->firstNm, 380.0);
        QCOMPARE(m_meter->lastSpectrum()->lastNm, 730.0);
        QCOMPARE(m_meter->lastSpectrum()->values.size(), 36U);
        QCOMPARE(m_meter->lastSpectrum()->values[35], 0.035);
        m_service->bands = 3;
        QCOMPARE(reads(), MeterFault::Garbage);
        m_service->bands = 36;
        // What goes wrong with it is told; a meter with filters is not asked again.
        m_service->refuse("GetSpectrum", "Internal");
        QCOMPARE(reads(), MeterFault::DriverDied);
        m_service->refuse("GetSpectrum", "NoSupport");
        QCOMPARE(reads(), MeterFault::None);
        QVERIFY(!m_meter->lastSpectrum());
        const auto asked = m_service->asked().count(QStringLiteral("GetSpectrum"));
        QCOMPARE(reads(), MeterFault::None);
        QCOMPARE(m_service->asked().count(QStringLiteral("GetSpectrum")), asked);
    }

    void pulledInTheMidstItIsUnplugged()
    {
        QCOMPARE(reads(), MeterFault::None);
        m_service->attached = false;
        QCOMPARE(reads(), MeterFault::Unplugged);
        m_service->attached = true;
        QCOMPARE(reads(), MeterFault::None); // locked anew
        QCOMPARE(m_service->asked().count(QStringLiteral("Lock")), 2);
    }

    /// Given up, nothing follows; the next question gets its own answer.
    void aSilentServiceIsGivenUp()
    {
        QCOMPARE(reads(), MeterFault::None);
        m_service->silent = true;
        QSignalSpy done(m_meter.get(), &run::Meter::readingFinished);
        QSignalSpy failed(m_meter.get(), &run::Meter::failed);
        m_meter->startReading(++m_request, {0, 0, 0});
        QVERIFY(waitUntil(
            [&] { return m_service->asked().count(QStringLiteral("GetSample lcd")) == 2; }));
        m_meter->cancel();
        m_service->silent = false;
        QCOMPARE(reads(), MeterFault::None);
        QCOMPARE(done.size(), 1);
        QCOMPARE(done[0][0].value<run::Request>(), m_request);
        QVERIFY(failed.isEmpty());
    }

    /// The real service, with the dummy it has for tests.
    void theServicesOwnDummyIsRead()
    {
        PrivateService service;
        if (const QString why = service.start({QStringLiteral("--create-dummy-sensor")});
            !why.isEmpty())
            QSKIP(qPrintable(why));
        const platform::Sensors sensors(service.bus());
        QVERIFY(waitUntil([&] { return !sensors.list().empty(); }));
        const platform::Sensor dummy = sensors.list().front();
        QVERIFY(!dummy.title.isEmpty());
        m_meter = std::make_unique<SensorMeter>(dummy.id, service.bus());
        const QSignalSpy greeted(m_meter.get(), &run::Meter::greeted);
        const MeterFault fault = faultOf([&] { m_meter->startGreeting(++m_request); }, greeted);
        if (fault == MeterFault::DriverDied)
            QSKIP("this user may not lock sensors");
        QCOMPARE(fault, MeterFault::None);
        const QSignalSpy read(m_meter.get(), &run::Meter::readingFinished);
        QCOMPARE(reads(), MeterFault::None);
        QVERIFY(isFinite(read[0][1].value<XYZ>()));
        // Locked for others until it is let go of.
        auto other =
            std::make_unique<SensorMeter>(dummy.id, service.connect(QStringLiteral("another")));
        QSignalSpy refused(other.get(), &run::Meter::failed);
        other->startGreeting(1);
        QVERIFY(waitUntil([&] { return !refused.isEmpty(); }));
        QCOMPARE(refused[0][1].value<MeterFault>(), MeterFault::CannotDo);
        m_meter.reset();
        const QSignalSpy free(other.get(), &run::Meter::greeted);
        QVERIFY(waitUntil([&] {
            if (!free.isEmpty())
                return true;
            other->startGreeting(2);
            return false;
        }));
        // The service ends in the midst of things.
        service.end();
        refused.clear();
        other->startReading(3, {255, 255, 255});
        QVERIFY(waitUntil([&] { return !refused.isEmpty(); }));
        QCOMPARE(refused[0][1].value<MeterFault>(), MeterFault::Unplugged);
        other.reset(); // before its connection, which is closed in another thread
        QDBusConnection::disconnectFromBus(QStringLiteral("another"));
    }

    void aChoiceNamesIt()
    {
        platform::registerSensors();
        platform::registerSensors(); // once is enough
        const std::unique_ptr<run::Meter> meter(run::makeMeter(QStringLiteral("sensor:reed")));
        QVERIFY(dynamic_cast<SensorMeter *>(meter.get()));
        QCOMPARE(platform::sensorChoice({QStringLiteral("reed"), {}, {}}),
                 QStringLiteral("sensor:reed"));
    }
};

static const Register<SensorTest> registered("SensorTest");

} // namespace lantern::test

#include "sensor_test.moc"
