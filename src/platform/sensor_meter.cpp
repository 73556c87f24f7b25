#include "platform/sensor_meter.h"

#include <QDBusArgument>
#include <QDBusMessage>
#include <QDBusObjectPath>
#include <QDBusPendingCallWatcher>
#include <QVariantMap>

#include <algorithm>
#include <cmath>
#include <map>

namespace lantern::platform {

namespace {

const QString kService = QStringLiteral("org.freedesktop.ColorManager");
const QString kManagerPath = QStringLiteral("/org/freedesktop/ColorManager");
const QString kSensorInterface = QStringLiteral("org.freedesktop.ColorManager.Sensor");
const QString kAnyPanel = QStringLiteral("lcd");

/// What the service calls kinds of panels, the best first. Source: its enumeration of sensor
/// capabilities, as its interface description lists them.
const std::map<QString, QStringList> &panelNames()
{
    static const std::map<QString, QStringList> names = {
        {QStringLiteral("led-phosphor"), {QStringLiteral("lcd-white-led"), QStringLiteral("led")}},
        {QStringLiteral("led-wide"),
         {QStringLiteral("wide-gamut-lcd-rgb-led"), QStringLiteral("lcd-rgb-led")}},
        {QStringLiteral("ccfl"),
         {QStringLiteral("lcd-ccfl"), QStringLiteral("wide-gamut-lcd-ccfl")}},
        {QStringLiteral("oled"), {QStringLiteral("oled")}}};
    return names;
}

} // namespace

SensorMeter::SensorMeter(QString id, const QDBusConnection &bus, QObject *parent)
    : Meter(parent), m_bus(bus), m_id(std::move(id))
{}

SensorMeter::~SensorMeter()
{
    cancel();
    if (m_locked)
        m_bus.call(QDBusMessage::createMethodCall(kService, m_path, kSensorInterface,
                                                  QStringLiteral("Unlock")),
                   QDBus::NoBlock);
}

QString SensorMeter::name() const
{
    if (m_model.isEmpty())
        return m_id;
    return m_serial.isEmpty() ? m_model : m_model + QLatin1Char(' ') + m_serial;
}

void SensorMeter::setTechnology(const QString &technology)
{
    m_technology = technology;
}

/// The name for the panel that the sensor knows; else the one for any panel.
QString SensorMeter::capability() const
{
    if (const auto names = panelNames().find(m_technology); names != panelNames().end())
        for (const QString &name : names->second)
            if (m_capabilities.contains(name))
                return name;
    return kAnyPanel;
}

bool SensorMeter::correctsForTechnology() const
{
    return capability() != kAnyPanel;
}

void SensorMeter::cancel()
{
    delete m_pending.data();
}

void SensorMeter::ask(const QString &path, const QString &interface, const char *method,
                      const QVariantList &arguments, const Answer &answer, const Answer &error)
{
    QDBusMessage call =
        QDBusMessage::createMethodCall(kService, path, interface, QLatin1String(method));
    call.setArguments(arguments);
    cancel();
    constexpr int kLongMs = 120'000; // the engine loses its patience before
    m_pending = new QDBusPendingCallWatcher(m_bus.asyncCall(call, kLongMs), this);
    connect(m_pending, &QDBusPendingCallWatcher::finished, this,
            [this, answer, error](QDBusPendingCallWatcher *watcher) {
                const QDBusMessage reply = watcher->reply();
                watcher->deleteLater();
                m_pending.clear();
                const bool isError = reply.type() == QDBusMessage::ErrorMessage;
                if (isError && error)
                    error(reply);
                else if (isError)
                    fail(reply);
                else
                    answer(reply);
            });
}

void SensorMeter::fail(const QDBusMessage &error)
{
    const QString what = error.errorName();
    const auto is = [&](const char *end) { return what.endsWith(QLatin1String(end)); };
    if (is(".AlreadyLocked")) {
        emit failed(request(), MeterFault::CannotDo,
                    tr("Another program is using it. End that, and go on."));
        return;
    }
    m_locked = m_locked && !is(".NotLocked");
    const bool gone = is(".ServiceUnknown") || is(".UnknownObject") || is(".UnknownMethod") ||
                      is(".NameHasNoOwner") || is(".Disconnected");
    if (gone)
        m_locked = false;
    emit failed(request(),
                gone                                ? MeterFault::Unplugged
                : is(".NoReply") || is(".TimedOut") ? MeterFault::TimedOut
                : is(".NoSupport") || is(".RequiredPositionSurface") ||
                        is(".RequiredPositionCalibrate")
                    ? MeterFault::CannotDo
                    : MeterFault::DriverDied,
                error.errorMessage());
}

void SensorMeter::whenLocked(const std::function<void()> &next)
{
    if (m_locked) {
        next();
        return;
    }
    m_path = QStringLiteral("/org/freedesktop/ColorManager/sensors/") + m_id;
    ask(m_path, QStringLiteral("org.freedesktop.DBus.Properties"), "GetAll", {kSensorInterface},
        [this, next](const QDBusMessage &reply) {
            const auto facts = qdbus_cast<QVariantMap>(reply.arguments().value(0));
            m_model = facts[QStringLiteral("Model")].toString();
            m_serial = facts[QStringLiteral("Serial")].toString();
            m_capabilities = facts[QStringLiteral("Capabilities")].toStringList();
            ask(m_path, kSensorInterface, "Lock", {}, [this, next](const QDBusMessage &) {
                m_locked = true;
                m_bus.connect(kService, m_path, kSensorInterface, QStringLiteral("ButtonPressed"),
                              this, SLOT(onButton()));
                next();
            });
        });
}

void SensorMeter::onButton()
{
    emit buttonPressed();
}

void SensorMeter::greet()
{
    whenLocked([this] { emit greeted(request()); });
}

void SensorMeter::read(const DeviceRgb &)
{
    whenLocked([this] { sample(capability()); });
}

void SensorMeter::sample(const QString &capability)
{
    m_spectrum.reset();
    ask(m_path, kSensorInterface, "GetSample", {capability},
        [this, capability](const QDBusMessage &reply) {
            const auto a = reply.arguments();
            if (a.size() != 3) {
                emit failed(request(), MeterFault::Garbage, tr("three numbers were expected"));
                return;
            }
            const XYZ xyz{a[0].toDouble(), a[1].toDouble(), a[2].toDouble()};
            if (m_wantsSpectra && m_seesSpectra)
                spectrum(capability, xyz);
            else
                emit readingFinished(request(), xyz, 0);
        });
}

/// The light of the reading that was just taken, over wavelength. A meter with filters says that it
/// cannot; anything else that goes wrong ends the reading.
void SensorMeter::spectrum(const QString &capability, const XYZ &xyz)
{
    const auto refused = [this, xyz](const QDBusMessage &error) {
        const QString what = error.errorName();
        if (!what.endsWith(QLatin1String(".NoSupport")) &&
            !what.endsWith(QLatin1String(".UnknownMethod"))) {
            fail(error);
            return;
        }
        m_seesSpectra = false;
        emit readingFinished(request(), xyz, 0);
    };
    ask(
        m_path, kSensorInterface, "GetSpectrum", {capability},
        [this, xyz](const QDBusMessage &reply) {
            const auto a = reply.arguments();
            run::MeterSpectrum s;
            s.firstNm = a.value(0).toDouble();
            s.lastNm = a.value(1).toDouble();
            const auto values = qdbus_cast<QList<double>>(a.value(2));
            s.values.assign(values.begin(), values.end());
            constexpr size_t kFewest = 10;
            constexpr size_t kMost = 10'000;
            const bool isSound = s.values.size() >= kFewest && s.values.size() <= kMost &&
                                 s.firstNm >= 200 && s.lastNm <= 1200 && s.firstNm < s.lastNm &&
                                 std::all_of(s.values.begin(), s.values.end(),
                                             [](double v) { return std::isfinite(v); });
            if (!isSound) {
                emit failed(request(), MeterFault::Garbage, tr("a spectrum was expected"));
                return;
            }
            m_spectrum = std::move(s);
            emit readingFinished(request(), xyz, 0);
        },
        refused);
}

void SensorMeter::room()
{
    whenLocked([this] {
        const QString ambient = QStringLiteral("ambient");
        if (!m_capabilities.contains(ambient)) {
            emit failed(request(), MeterFault::CannotDo, {});
            return;
        }
        ask(m_path, kSensorInterface, "GetSample", {ambient}, [this](const QDBusMessage &reply) {
            const auto a = reply.arguments();
            const XYZ light{a.value(0).toDouble(), a.value(1).toDouble(), a.value(2).toDouble()};
            // Most meters of this kind give lux alone, as the first number.
            run::RoomLight room;
            room.illuminanceLux = light.Y > 0 ? light.Y : light.X;
            if (light.X > 0 && light.Y > 0 && light.Z > 0)
                room.chromaticity = chromaticity(light);
            emit roomRead(request(), room);
        });
    });
}

} // namespace lantern::platform
