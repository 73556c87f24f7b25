#include "keeper/room_watch.h"

#include "core/aim/room.h"
#include "core/base/error.h"
#include "run/book/lights.h"
#include "run/device/meters/meter_registry.h"

#include <QCoreApplication>

#include <iostream>

namespace lantern::keeper {

namespace {

const QString kAbout = QStringLiteral("room");
constexpr int kPatienceMs = 60'000;

} // namespace

QString roomChange(double luxNow, double luxUsed, const QString &name)
{
    if (luxNow <= kRoomMayChangeBy * luxUsed && kRoomMayChangeBy * luxNow >= luxUsed)
        return {};
    const QString text =
        luxNow > luxUsed
            ? QCoreApplication::translate("RoomWatch", "%1 lx instead of the %2 lx of %3: screens "
                                                       "look dark in it. %4 instead of %5 cd/m² "
                                                       "would suit.")
            : QCoreApplication::translate("RoomWatch", "%1 lx instead of the %2 lx of %3: screens "
                                                       "look too light in it. %4 instead of %5 "
                                                       "cd/m² would suit.");
    const QLocale locale;
    return text.arg(locale.toString(luxNow, 'f', 0), locale.toString(luxUsed, 'f', 0), name,
                    locale.toString(screenLuminanceFor(luxNow), 'f', 0),
                    locale.toString(screenLuminanceFor(luxUsed), 'f', 0));
}

RoomWatch::RoomWatch(platform::Notifier *notifier, QString lightsFile, std::function<void()> open,
                     QObject *parent)
    : QObject(parent), m_notifier(notifier), m_file(std::move(lightsFile)), m_open(std::move(open))
{
    m_patience.setSingleShot(true);
    connect(&m_patience, &QTimer::timeout, this, &RoomWatch::end);
}

void RoomWatch::look(const QString &meter, const QDateTime &now)
{
    if (m_meter || meter.isEmpty())
        return;
    try {
        const run::Lights lights = run::readLights(m_file);
        if (lights.watchMinutes <= 0 || !lights.usedLight()) {
            m_notifier->withdraw(kAbout);
            return;
        }
        if (m_lastLook.isValid() && m_lastLook.secsTo(now) < 60 * lights.watchMinutes)
            return;
        m_lastLook = now;
        m_meter.reset(run::makeMeter(meter));
    } catch (const Error &e) {
        std::cerr << "bold-lantern-keeper: " << e.what() << '\n';
        return;
    }
    connect(m_meter.get(), &run::Meter::greeted, this, [this] { m_meter->startRoom(2); });
    connect(m_meter.get(), &run::Meter::roomRead, this,
            [this](run::Request, const run::RoomLight &room) {
                judge(room.illuminanceLux);
                end();
            });
    // In use elsewhere, unplugged, or unable to: it is asked again when it is time.
    connect(m_meter.get(), &run::Meter::failed, this, &RoomWatch::end);
    m_patience.start(kPatienceMs);
    m_meter->startGreeting(1);
}

void RoomWatch::judge(double lux)
{
    try {
        const run::Lights lights = run::readLights(m_file);
        const run::KeptLight *used = lights.usedLight();
        const QString text =
            used ? roomChange(lux, used->light.illuminanceLux, QString::fromStdString(used->name))
                 : QString();
        if (text.isEmpty())
            m_notifier->withdraw(kAbout);
        else
            m_notifier->show(kAbout, tr("The room's light has changed"), text,
                             {{QStringLiteral("light"), tr("Look at it")}},
                             [this](const QString &) { m_open(); });
    } catch (const Error &e) {
        std::cerr << "bold-lantern-keeper: " << e.what() << '\n';
    }
}

void RoomWatch::end()
{
    m_patience.stop();
    if (m_meter) // it may just be telling
        m_meter.release()->deleteLater();
}

} // namespace lantern::keeper
