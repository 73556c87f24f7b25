#include "platform/wayland/wayland_link.h"

#include <algorithm>
#include <wayland-client.h>
#include <wlr-gamma-control-client.h>
#include <wlr-screencopy-client.h>
#include <xdg-output-unstable-v1-client.h>

namespace lantern::platform {

namespace {

constexpr uint32_t kOutputVersion = 4;  ///< tells the connector's name
constexpr uint32_t kLogicalVersion = 3; ///< ends with the output's own "done"

} // namespace

/// What the compositor tells, and where it is noted.
struct WaylandLink::Events {
    static void global(void *data, wl_registry *registry, uint32_t name, const char *interface,
                       uint32_t version)
    {
        auto &link = *static_cast<WaylandLink *>(data);
        const auto is = [&](const wl_interface &i) { return qstrcmp(interface, i.name) == 0; };
        const auto bind = [&](const wl_interface &i, uint32_t most) {
            return wl_registry_bind(registry, name, &i, std::min(version, most));
        };
        if (is(wl_output_interface)) {
            auto head = std::make_unique<Head>();
            head->global = name;
            head->output = static_cast<wl_output *>(bind(wl_output_interface, kOutputVersion));
            static const wl_output_listener listener = {geometry, mode, done, scale, nameOf, words};
            wl_output_add_listener(head->output, &listener, &link);
            link.addLogical(*head);
            link.m_heads.push_back(std::move(head));
        } else if (is(zxdg_output_manager_v1_interface)) {
            link.m_logicals = static_cast<zxdg_output_manager_v1 *>(
                bind(zxdg_output_manager_v1_interface, kLogicalVersion));
            for (const auto &head : link.m_heads)
                link.addLogical(*head);
        } else if (is(zwlr_gamma_control_manager_v1_interface))
            link.m_gamma = static_cast<zwlr_gamma_control_manager_v1 *>(
                bind(zwlr_gamma_control_manager_v1_interface, 1));
        else if (is(zwlr_screencopy_manager_v1_interface))
            link.m_screencopy = static_cast<zwlr_screencopy_manager_v1 *>(
                bind(zwlr_screencopy_manager_v1_interface, 1));
        else if (is(wl_shm_interface))
            link.m_shm = static_cast<wl_shm *>(bind(wl_shm_interface, 1));
    }
    static void removed(void *data, wl_registry *, uint32_t name)
    {
        auto &link = *static_cast<WaylandLink *>(data);
        const auto it = std::find_if(link.m_heads.begin(), link.m_heads.end(),
                                     [&](const auto &h) { return h->global == name; });
        if (it == link.m_heads.end())
            return;
        destroy(**it);
        link.m_heads.erase(it);
        told(link);
    }
    static void destroy(Head &head)
    {
        if (head.logical)
            zxdg_output_v1_destroy(head.logical);
        wl_output_destroy(head.output);
    }
    static void told(WaylandLink &link)
    {
        if (link.onHeads)
            link.onHeads();
    }
    static Head *of(void *data, wl_output *output)
    {
        for (const auto &head : static_cast<WaylandLink *>(data)->m_heads)
            if (head->output == output)
                return head.get();
        return nullptr;
    }
    static Head *of(void *data, zxdg_output_v1 *logical)
    {
        for (const auto &head : static_cast<WaylandLink *>(data)->m_heads)
            if (head->logical == logical)
                return head.get();
        return nullptr;
    }
    static void geometry(void *data, wl_output *output, int32_t x, int32_t y, int32_t widthMm,
                         int32_t heightMm, int32_t, const char *make, const char *model,
                         int32_t transform)
    {
        Head *head = of(data, output);
        head->geometry.moveTo(x, y);
        head->sizeMm = QSizeF(widthMm, heightMm);
        head->maker = QString::fromUtf8(make);
        head->model = QString::fromUtf8(model);
        head->isTurned = transform % 2 != 0;
    }
    static void mode(void *data, wl_output *output, uint32_t flags, int32_t width, int32_t height,
                     int32_t)
    {
        if (flags & WL_OUTPUT_MODE_CURRENT)
            of(data, output)->pixels = QSize(width, height);
    }
    static void done(void *data, wl_output *) { told(*static_cast<WaylandLink *>(data)); }
    static void scale(void *data, wl_output *output, int32_t factor)
    {
        of(data, output)->scale = std::max(1, factor);
    }
    static void nameOf(void *data, wl_output *output, const char *name)
    {
        of(data, output)->name = QString::fromUtf8(name);
    }
    static void words(void *, wl_output *, const char *) {}
    static void logicalPosition(void *data, zxdg_output_v1 *logical, int32_t x, int32_t y)
    {
        of(data, logical)->geometry.moveTo(x, y);
    }
    static void logicalSize(void *data, zxdg_output_v1 *logical, int32_t width, int32_t height)
    {
        of(data, logical)->geometry.setSize(QSize(width, height));
    }
    static void logicalDone(void *, zxdg_output_v1 *) {}
    static void logicalName(void *data, zxdg_output_v1 *logical, const char *name)
    {
        of(data, logical)->name = QString::fromUtf8(name);
    }
    static void logicalWords(void *, zxdg_output_v1 *, const char *) {}
};

QString WaylandLink::Head::title() const
{
    if (!name.isEmpty())
        return name;
    const QString said = (maker + QLatin1Char(' ') + model).simplified();
    return said.isEmpty() ? QStringLiteral("output-%1").arg(global) : said;
}

QRect WaylandLink::Head::place() const
{
    if (!geometry.isEmpty())
        return geometry;
    const QSize size = pixels / scale;
    return {geometry.topLeft(), isTurned ? size.transposed() : size};
}

WaylandLink::WaylandLink() : m_display(wl_display_connect(nullptr))
{
    if (!m_display)
        return;
    m_registry = wl_display_get_registry(m_display);
    static const wl_registry_listener listener = {Events::global, Events::removed};
    wl_registry_add_listener(m_registry, &listener, this);
    roundtrip(); // what there is
    roundtrip(); // what that says of itself
}

WaylandLink::~WaylandLink()
{
    if (!m_display)
        return;
    for (const auto &head : m_heads)
        Events::destroy(*head);
    if (m_gamma)
        zwlr_gamma_control_manager_v1_destroy(m_gamma);
    if (m_screencopy)
        zwlr_screencopy_manager_v1_destroy(m_screencopy);
    if (m_logicals)
        zxdg_output_manager_v1_destroy(m_logicals);
    if (m_shm)
        wl_shm_destroy(m_shm);
    wl_registry_destroy(m_registry);
    wl_display_disconnect(m_display);
}

bool WaylandLink::isUsable() const
{
    return m_display && wl_display_get_error(m_display) == 0;
}

bool WaylandLink::roundtrip()
{
    return isUsable() && wl_display_roundtrip(m_display) >= 0;
}

WaylandLink::Head *WaylandLink::head(const QString &title) const
{
    for (const auto &head : m_heads)
        if (head->title() == title)
            return head.get();
    return nullptr;
}

void WaylandLink::addLogical(Head &head)
{
    if (!m_logicals || head.logical)
        return;
    head.logical = zxdg_output_manager_v1_get_xdg_output(m_logicals, head.output);
    static const zxdg_output_v1_listener listener = {Events::logicalPosition, Events::logicalSize,
                                                     Events::logicalDone, Events::logicalName,
                                                     Events::logicalWords};
    zxdg_output_v1_add_listener(head.logical, &listener, this);
}

} // namespace lantern::platform
