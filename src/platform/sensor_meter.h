#pragma once

#include "run/device/devices.h"

#include <QDBusConnection>
#include <QDBusPendingCall>
#include <QPointer>

#include <functional>

class QDBusPendingCallWatcher;

namespace lantern::platform {

/// A meter behind the desktop's colour service. It is locked from the first task to the end of this
/// object, whatever ends it: the service lets go of what a program held when that program is gone.
class SensorMeter : public run::Meter {
    Q_OBJECT
public:
    /// \param id as Sensors tells it
    explicit SensorMeter(QString id, const QDBusConnection &bus = QDBusConnection::systemBus(),
                         QObject *parent = nullptr);
    ~SensorMeter() override;

    [[nodiscard]] QString name() const override;
    void setTechnology(const QString &technology) override;
    [[nodiscard]] bool correctsForTechnology() const override;
    void wantSpectra(bool wanted) override { m_wantsSpectra = wanted; }
    [[nodiscard]] std::optional<run::MeterSpectrum> lastSpectrum() const override
    {
        return m_spectrum;
    }
    void cancel() override;

signals:
    void buttonPressed();

protected:
    void read(const DeviceRgb &shown) override;
    void greet() override;
    void room() override;

private slots:
    void onButton();

private:
    using Answer = std::function<void(const QDBusMessage &)>;
    /// Asks; the answer comes unless cancel() comes first. Errors end the task, unless somebody
    /// else takes them.
    void ask(const QString &path, const QString &interface, const char *method,
             const QVariantList &arguments, const Answer &answer, const Answer &error = {});
    /// Finds the sensor and locks it, then goes on.
    void whenLocked(const std::function<void()> &next);
    void sample(const QString &capability);
    void spectrum(const QString &capability, const XYZ &xyz);
    void fail(const QDBusMessage &error);
    [[nodiscard]] QString capability() const;

    QDBusConnection m_bus;
    QString m_id, m_path; ///< the path is known once it was found
    QString m_model, m_serial, m_technology;
    QStringList m_capabilities;
    bool m_locked = false;
    bool m_wantsSpectra = false, m_seesSpectra = true; ///< until it says that it does not
    std::optional<run::MeterSpectrum> m_spectrum;
    QPointer<QDBusPendingCallWatcher> m_pending;
};

} // namespace lantern::platform
