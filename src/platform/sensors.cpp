#include "platform/sensors.h"

#include "platform/dbus_call.h"
#include "platform/sensor_meter.h"
#include "run/device/meters/meter_registry.h"

#include <QCoreApplication>
#include <QDBusMessage>
#include <QDBusObjectPath>
#include <QDBusReply>
#include <QVariantMap>

namespace lantern::platform {

namespace {

const QString kService = QStringLiteral("org.freedesktop.ColorManager");
const QString kManager = QStringLiteral("/org/freedesktop/ColorManager");
const QString kSensorInterface = QStringLiteral("org.freedesktop.ColorManager.Sensor");
constexpr int kPatienceMs = 1500;

} // namespace

Sensors::Sensors(const QDBusConnection &bus, QObject *parent) : QObject(parent), m_bus(bus)
{
    for (const char *signal : {"SensorAdded", "SensorRemoved"})
        m_bus.connect(kService, kManager, kService, QLatin1String(signal), this, SIGNAL(changed()));
}

std::vector<Sensor> Sensors::list() const
{
    std::vector<Sensor> all;
    if (!isServed(m_bus, kService))
        return all;
    const QDBusReply<QList<QDBusObjectPath>> found = ask(
        m_bus,
        QDBusMessage::createMethodCall(kService, kManager, kService, QStringLiteral("GetSensors")),
        kPatienceMs);
    for (const QDBusObjectPath &path : found.value()) {
        QDBusMessage call = QDBusMessage::createMethodCall(
            kService, path.path(), QStringLiteral("org.freedesktop.DBus.Properties"),
            QStringLiteral("GetAll"));
        call << kSensorInterface;
        const QDBusReply<QVariantMap> facts = ask(m_bus, call, kPatienceMs);
        if (!facts.isValid())
            continue; // gone meanwhile
        const QVariantMap f = facts.value();
        const auto text = [&](const char *key) { return f[QLatin1String(key)].toString(); };
        all.push_back({path.path().section(QLatin1Char('/'), -1),
                       (text("Vendor") + QLatin1Char(' ') + text("Model")).simplified(),
                       text("Serial")});
    }
    return all;
}

QString sensorChoice(const Sensor &sensor)
{
    return QStringLiteral("sensor:") + sensor.id;
}

void registerSensors()
{
    run::addMeterKind({QStringLiteral("sensor"),
                       QT_TRANSLATE_NOOP("Meters", "Meter of the desktop"),
                       QT_TRANSLATE_NOOP("Meters", "sensor's id"),
                       [](const QStringList &c, run::SceneSource *) -> run::Meter * {
                           return new SensorMeter(c.front());
                       }});
}

} // namespace lantern::platform
