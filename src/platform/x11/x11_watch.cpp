#include "platform/x11/x11_watch.h"

#include "core/base/error.h"

#include <QSocketNotifier>

#include <cstdlib>
#include <memory>
#include <xcb/dpms.h>
#include <xcb/randr.h>
#include <xcb/xcb.h>

namespace lantern::platform {

namespace {

constexpr int kBurstMs = 300; ///< a change of mode comes as several events

template <class T> using Reply = std::unique_ptr<T, decltype(&std::free)>;

template <class T> Reply<T> reply(T *raw)
{
    return {raw, &std::free};
}

xcb_window_t rootOf(xcb_connection_t *connection, int screen)
{
    auto it = xcb_setup_roots_iterator(xcb_get_setup(connection));
    for (int i = 0; i < screen; ++i)
        xcb_screen_next(&it);
    return it.data->root;
}

bool isProfile(xcb_connection_t *connection, xcb_atom_t atom)
{
    const auto name =
        reply(xcb_get_atom_name_reply(connection, xcb_get_atom_name(connection, atom), nullptr));
    return name &&
           QByteArray(xcb_get_atom_name_name(name.get()), xcb_get_atom_name_name_length(name.get()))
               .startsWith("_ICC_PROFILE");
}

} // namespace

X11Watch::X11Watch(QObject *parent) : OutputWatch(parent)
{
    int screen = 0;
    m_connection = xcb_connect(nullptr, &screen);
    const auto *randr = xcb_connection_has_error(m_connection)
                            ? nullptr
                            : xcb_get_extension_data(m_connection, &xcb_randr_id);
    if (!randr || !randr->present) {
        xcb_disconnect(m_connection);
        throw Error(ErrorKind::Device, "X server", "there is none to talk to");
    }
    m_firstEvent = randr->first_event;
    const xcb_window_t root = rootOf(m_connection, screen);
    xcb_randr_select_input(m_connection, root,
                           XCB_RANDR_NOTIFY_MASK_SCREEN_CHANGE | XCB_RANDR_NOTIFY_MASK_CRTC_CHANGE |
                               XCB_RANDR_NOTIFY_MASK_OUTPUT_CHANGE);
    const uint32_t mask = XCB_EVENT_MASK_PROPERTY_CHANGE;
    xcb_change_window_attributes(m_connection, root, XCB_CW_EVENT_MASK, &mask);
    xcb_flush(m_connection);
    for (QTimer *timer : {&m_outputs, &m_profiles}) {
        timer->setSingleShot(true);
        timer->setInterval(kBurstMs);
    }
    connect(&m_outputs, &QTimer::timeout, this, &X11Watch::outputsChanged);
    connect(&m_profiles, &QTimer::timeout, this, &X11Watch::profilesChanged);
    m_notifier =
        new QSocketNotifier(xcb_get_file_descriptor(m_connection), QSocketNotifier::Read, this);
    connect(m_notifier, &QSocketNotifier::activated, this, &X11Watch::takeEvents);
}

X11Watch::~X11Watch()
{
    delete m_notifier;
    xcb_disconnect(m_connection);
}

void X11Watch::takeEvents()
{
    while (const auto event = reply(xcb_poll_for_event(m_connection))) {
        const int type = event->response_type & 0x7f;
        if (type == m_firstEvent + XCB_RANDR_SCREEN_CHANGE_NOTIFY ||
            type == m_firstEvent + XCB_RANDR_NOTIFY)
            m_outputs.start();
        else if (type == XCB_PROPERTY_NOTIFY &&
                 isProfile(m_connection,
                           reinterpret_cast<xcb_property_notify_event_t *>(event.get())->atom))
            m_profiles.start();
    }
    if (xcb_connection_has_error(m_connection)) {
        m_notifier->setEnabled(false);
        emit gone();
    }
}

bool X11Watch::areScreensOn() const
{
    const auto *dpms = xcb_get_extension_data(m_connection, &xcb_dpms_id);
    if (!dpms || !dpms->present)
        return true;
    const auto info =
        reply(xcb_dpms_info_reply(m_connection, xcb_dpms_info(m_connection), nullptr));
    return !info || !info->state || info->power_level == XCB_DPMS_DPMS_MODE_ON;
}

} // namespace lantern::platform
