#include "platform/wayland/wayland_watch.h"

#include "core/base/error.h"
#include "platform/wayland/gamma_controls.h"
#include "platform/wayland/wayland_link.h"

#include <QDBusConnection>
#include <QSocketNotifier>

#include <wayland-client.h>

namespace lantern::platform {

namespace {

constexpr int kBurstMs = 300; ///< a change of mode comes as several events

} // namespace

WaylandWatch::WaylandWatch(QObject *parent)
    : OutputWatch(parent), m_link(std::make_unique<WaylandLink>())
{
    if (!m_link->isUsable())
        throw Error(ErrorKind::Device, "Wayland compositor", "there is none to talk to");
    for (QTimer *timer : {&m_outputs, &m_profiles, &m_luts}) {
        timer->setSingleShot(true);
        timer->setInterval(kBurstMs);
    }
    connect(&m_outputs, &QTimer::timeout, this, &OutputWatch::outputsChanged);
    connect(&m_profiles, &QTimer::timeout, this, &OutputWatch::profilesChanged);
    connect(&m_luts, &QTimer::timeout, this, &OutputWatch::lutsGivenUp);
    m_link->onHeads = [this] { m_outputs.start(); };
    m_notifier =
        new QSocketNotifier(wl_display_get_fd(m_link->display()), QSocketNotifier::Read, this);
    connect(m_notifier, &QSocketNotifier::activated, this, &WaylandWatch::takeEvents);
    if (m_link->gammaControls()) {
        m_handOver = std::make_unique<LutHandOver>([](const QString &) { return false; });
        connect(m_handOver.get(), &LutHandOver::changed, this, [this] { m_luts.start(); });
    }
    for (const char *signal : {"DeviceChanged", "DeviceAdded", "DeviceRemoved"})
        QDBusConnection::systemBus().connect(QStringLiteral("org.freedesktop.ColorManager"),
                                             QStringLiteral("/org/freedesktop/ColorManager"),
                                             QStringLiteral("org.freedesktop.ColorManager"),
                                             QLatin1String(signal), this, SLOT(onColourService()));
}

WaylandWatch::~WaylandWatch()
{
    delete m_notifier;
}

void WaylandWatch::takeEvents()
{
    if (wl_display_dispatch(m_link->display()) >= 0) {
        wl_display_flush(m_link->display());
        return;
    }
    m_notifier->setEnabled(false);
    emit gone();
}

} // namespace lantern::platform
