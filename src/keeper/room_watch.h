#pragma once

#include "platform/notifier.h"
#include "run/device/devices.h"

#include <QDateTime>
#include <QObject>
#include <QTimer>

#include <functional>
#include <memory>

namespace lantern::keeper {

/// Reads the room's light at the pace that a person chose, with the meter that the window uses, and
/// tells when it has left what the light that is used was.
class RoomWatch : public QObject {
    Q_OBJECT
public:
    /// \param notifier not owned \param lightsFile see run::readLights() \param open the window at
    /// the page of the light
    RoomWatch(platform::Notifier *notifier, QString lightsFile, std::function<void()> open,
              QObject *parent = nullptr);

    /// Reads if it is time. \param meter as run::makeMeter() takes it; empty: none is chosen
    void look(const QString &meter, const QDateTime &now);

private:
    void judge(double lux);
    void end();

    platform::Notifier *m_notifier;
    QString m_file;
    std::function<void()> m_open;
    QDateTime m_lastLook;
    std::unique_ptr<run::Meter> m_meter; ///< while it reads
    QTimer m_patience;
};

/// What to say of a room's light against the one that is used; empty: it is near enough.
QString roomChange(double luxNow, double luxUsed, const QString &name);

} // namespace lantern::keeper
