// The session and the light around the desk.

#include "app/session/session.h"

#include <QDateTime>

namespace lantern::app {

void Session::keepLight(const QString &name)
{
    const std::string title = name.trimmed().toStdString();
    const std::vector<run::RoomLight> readings = m_meter.state().roomReadings;
    if (title.empty() || readings.empty()) {
        setProblem(readings.empty() ? tr("Read the light first.")
                                    : tr("Give the light a name, such as where and when it is."));
        return;
    }
    m_light.change(tr("keeping of a light"), [&](run::Lights &lights) {
        lights.keep({title, run::meanLight(readings), static_cast<int>(readings.size()),
                     QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString()});
    });
    m_meter.forgetRoom();
}

void Session::useLight(const QString &name)
{
    m_light.change(tr("choice of a light"),
                   [&](run::Lights &lights) { lights.used = name.toStdString(); });
}

void Session::removeLight(const QString &name)
{
    m_light.change(tr("removal of a light"),
                   [&](run::Lights &lights) { lights.remove(name.toStdString()); });
}

void Session::setPaperLightness(double lightness)
{
    m_light.change(tr("lightness of the paper"),
                   [&](run::Lights &lights) { lights.paperLightness = lightness; });
}

void Session::setSeenIn(run::SeenIn seenIn)
{
    m_light.change(tr("what the profile is made for"),
                   [&](run::Lights &lights) { lights.seenIn = seenIn; });
}

void Session::setReflectance(double reflectance)
{
    m_light.change(tr("reflectance"),
                   [&](run::Lights &lights) { lights.reflectance = reflectance; });
}

void Session::setRoomWatch(int minutes)
{
    m_light.change(tr("watch of the room"),
                   [&](run::Lights &lights) { lights.watchMinutes = minutes; });
}

void Session::readBlack(bool away)
{
    if (!isMeterFree())
        return;
    m_notice.clear();
    m_light.beginsReading(away);
    m_run.ask([](run::RunEngine &engine) { engine.readBlack(); });
}

} // namespace lantern::app
