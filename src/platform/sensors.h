#pragma once

#include <QDBusConnection>
#include <QObject>
#include <QString>

#include <vector>

namespace lantern::platform {

/// A meter that the desktop's colour service has a driver for.
struct Sensor {
    QString id;     ///< the service's own, the same as long as it is attached
    QString title;  ///< maker and model, for people
    QString serial; ///< may be empty
    bool operator==(const Sensor &) const = default;
};

/// The meters of the colour service (org.freedesktop.ColorManager.Sensor), as they come and go.
class Sensors : public QObject {
    Q_OBJECT
public:
    explicit Sensors(const QDBusConnection &bus = QDBusConnection::systemBus(),
                     QObject *parent = nullptr);
    /// Empty where no service answers.
    [[nodiscard]] std::vector<Sensor> list() const;

signals:
    void changed();

private:
    QDBusConnection m_bus;
};

/// The choice that names a sensor, for makeMeter(): "sensor:" and its id.
QString sensorChoice(const Sensor &sensor);
/// Makes such choices known to makeMeter(). Once, before any meter is made.
void registerSensors();

} // namespace lantern::platform
