// Surfaces and windows of the tests' compositor, and what of them is where.

#include "wayland/compositor.h"

#include <cstring>
#include <utility>
#include <xdg-shell-server.h>

namespace lantern::test::compositor {

std::list<Surface *> surfaces;

namespace {

wl_resource *resourceFor(const Output &o, wl_client *client)
{
    for (wl_resource *r : o.resources)
        if (wl_resource_get_client(r) == client)
            return r;
    return nullptr;
}

void enter(Surface &s, Output *o)
{
    if (s.on == o)
        return;
    wl_client *client = wl_resource_get_client(s.resource);
    if (wl_resource *r = s.on ? resourceFor(*s.on, client) : nullptr)
        wl_surface_send_leave(s.resource, r);
    s.on = o;
    if (wl_resource *r = o ? resourceFor(*o, client) : nullptr)
        wl_surface_send_enter(s.resource, r);
}

void configure(Surface &s)
{
    wl_array states;
    wl_array_init(&states);
    const auto add = [&](uint32_t state) {
        *static_cast<uint32_t *>(wl_array_add(&states, sizeof(uint32_t))) = state;
    };
    add(XDG_TOPLEVEL_STATE_ACTIVATED);
    if (s.fullScreenOn)
        add(XDG_TOPLEVEL_STATE_FULLSCREEN);
    xdg_toplevel_send_configure(s.toplevel, s.fullScreenOn ? s.fullScreenOn->width : 0,
                                s.fullScreenOn ? s.fullScreenOn->height : 0, &states);
    wl_array_release(&states);
    xdg_surface_send_configure(s.xdgSurface, wl_display_next_serial(display));
}

void raise(Surface &s)
{
    surfaces.remove(&s);
    surfaces.push_back(&s);
}

void commit(wl_client *, wl_resource *resource)
{
    Surface &s = *of<Surface>(resource);
    s.committedFrames.insert(s.committedFrames.end(), s.frames.begin(), s.frames.end());
    s.frames.clear();
    if (s.toplevel && !std::exchange(s.isConfigured, true))
        configure(s);
    if (!std::exchange(s.attached, false))
        return;
    wl_shm_buffer *shm = s.buffer ? wl_shm_buffer_get(s.buffer) : nullptr;
    const bool wasMapped = !s.pixels.empty();
    s.pixels.clear();
    if (!shm) {
        enter(s, nullptr);
        return;
    }
    s.width = wl_shm_buffer_get_width(shm);
    s.height = wl_shm_buffer_get_height(shm);
    wl_shm_buffer_begin_access(shm);
    const auto *from = static_cast<const char *>(wl_shm_buffer_get_data(shm));
    s.pixels.resize(static_cast<size_t>(s.width) * s.height);
    for (int y = 0; y < s.height; ++y)
        std::memcpy(s.pixels.data() + static_cast<size_t>(y) * s.width,
                    from + static_cast<ptrdiff_t>(y) * wl_shm_buffer_get_stride(shm),
                    static_cast<size_t>(s.width) * 4);
    wl_shm_buffer_end_access(shm);
    wl_buffer_send_release(s.buffer);
    if (!wasMapped)
        raise(s);
    if (!outputs.empty())
        enter(s, s.fullScreenOn ? s.fullScreenOn : outputs.front().get());
}

void forget(wl_resource *resource)
{
    auto *s = of<Surface>(resource);
    surfaces.remove(s);
    for (Surface *other : surfaces)
        if (other->parent == s)
            other->parent = nullptr;
    delete s;
}

const struct wl_surface_interface surfaceRequests = {
    .destroy = destroy,
    .attach =
        [](wl_client *, wl_resource *r, wl_resource *buffer, int32_t, int32_t) {
            of<Surface>(r)->buffer = buffer;
            of<Surface>(r)->attached = true;
        },
    .damage = ignore,
    .frame =
        [](wl_client *client, wl_resource *r, uint32_t id) {
            wl_resource *callback = wl_resource_create(client, &wl_callback_interface, 1, id);
            wl_resource_set_implementation(callback, nullptr, nullptr, [](wl_resource *gone) {
                for (Surface *s : surfaces) {
                    std::erase(s->frames, gone);
                    std::erase(s->committedFrames, gone);
                }
            });
            of<Surface>(r)->frames.push_back(callback);
        },
    .set_opaque_region = ignore,
    .set_input_region = ignore,
    .commit = commit,
    .set_buffer_transform = ignore,
    .set_buffer_scale = ignore,
    .damage_buffer = ignore,
    .offset = ignore,
};

const struct wl_region_interface regionRequests = {destroy, ignore, ignore};

const struct wl_compositor_interface compositorRequests = {
    .create_surface =
        [](wl_client *client, wl_resource *r, uint32_t id) {
            auto *s = new Surface;
            s->resource =
                wl_resource_create(client, &wl_surface_interface, wl_resource_get_version(r), id);
            wl_resource_set_implementation(s->resource, &surfaceRequests, s, forget);
            surfaces.push_back(s);
        },
    .create_region =
        [](wl_client *client, wl_resource *, uint32_t id) {
            wl_resource *region = wl_resource_create(client, &wl_region_interface, 1, id);
            wl_resource_set_implementation(region, &regionRequests, nullptr, nullptr);
        },
};

const struct wl_subsurface_interface subsurfaceRequests = {
    .destroy = destroy,
    .set_position =
        [](wl_client *, wl_resource *r, int32_t x, int32_t y) {
            if (auto *s = of<Surface>(r)) {
                s->x = x;
                s->y = y;
            }
        },
    .place_above = ignore,
    .place_below = ignore,
    .set_sync = ignore,
    .set_desync = ignore,
};

const struct wl_subcompositor_interface subcompositorRequests = {
    .destroy = destroy,
    .get_subsurface =
        [](wl_client *client, wl_resource *, uint32_t id, wl_resource *surface,
           wl_resource *parent) {
            wl_resource *r = wl_resource_create(client, &wl_subsurface_interface, 1, id);
            of<Surface>(surface)->parent = of<Surface>(parent);
            wl_resource_set_implementation(r, &subsurfaceRequests, of<Surface>(surface), nullptr);
        },
};

// Windows

void setFullScreen(wl_client *, wl_resource *r, wl_resource *output)
{
    Surface &s = *of<Surface>(r);
    s.fullScreenOn = output && of<Output>(output) ? of<Output>(output) : outputs.front().get();
    raise(s);
    if (s.isConfigured)
        configure(s);
}

const struct xdg_toplevel_interface toplevelRequests = {
    .destroy = destroy,
    .set_parent = ignore,
    .set_title = ignore,
    .set_app_id = ignore,
    .show_window_menu = ignore,
    .move = ignore,
    .resize = ignore,
    .set_max_size = ignore,
    .set_min_size = ignore,
    .set_maximized = ignore,
    .unset_maximized = ignore,
    .set_fullscreen = setFullScreen,
    .unset_fullscreen =
        [](wl_client *, wl_resource *r) {
            of<Surface>(r)->fullScreenOn = nullptr;
            if (of<Surface>(r)->isConfigured)
                configure(*of<Surface>(r));
        },
    .set_minimized = ignore,
};

const struct xdg_surface_interface xdgSurfaceRequests = {
    .destroy = destroy,
    .get_toplevel =
        [](wl_client *client, wl_resource *r, uint32_t id) {
            auto *s = of<Surface>(r);
            s->toplevel = wl_resource_create(client, &xdg_toplevel_interface, 1, id);
            s->isConfigured = false;
            wl_resource_set_implementation(s->toplevel, &toplevelRequests, s,
                                           [](wl_resource *gone) {
                                               for (Surface *each : surfaces)
                                                   if (each->toplevel == gone) {
                                                       each->toplevel = nullptr;
                                                       each->fullScreenOn = nullptr;
                                                       each->pixels.clear();
                                                   }
                                           });
        },
    .get_popup =
        [](wl_client *client, wl_resource *r, uint32_t id, wl_resource *, wl_resource *) {
            static const struct xdg_popup_interface requests = {destroy, ignore, ignore};
            wl_resource *popup = wl_resource_create(client, &xdg_popup_interface, 1, id);
            wl_resource_set_implementation(popup, &requests, of<Surface>(r), nullptr);
            xdg_popup_send_popup_done(popup); // it is not shown
        },
    .set_window_geometry = ignore,
    .ack_configure = ignore,
};

const struct xdg_wm_base_interface shellRequests = {
    .destroy = destroy,
    .create_positioner =
        [](wl_client *client, wl_resource *, uint32_t id) {
            static const struct xdg_positioner_interface requests = {
                destroy, ignore, ignore, ignore, ignore, ignore, ignore, ignore, ignore, ignore};
            wl_resource *r = wl_resource_create(client, &xdg_positioner_interface, 1, id);
            wl_resource_set_implementation(r, &requests, nullptr, nullptr);
        },
    .get_xdg_surface =
        [](wl_client *client, wl_resource *, uint32_t id, wl_resource *surface) {
            auto *s = of<Surface>(surface);
            s->xdgSurface = wl_resource_create(client, &xdg_surface_interface, 1, id);
            wl_resource_set_implementation(s->xdgSurface, &xdgSurfaceRequests, s, nullptr);
        },
    .pong = ignore,
};

} // namespace

void showFrame()
{
    for (Surface *s : surfaces) {
        Surface *top = s;
        while (top->parent)
            top = top->parent;
        if (s->pixels.empty() || !top->on || top->on->isCovered)
            continue; // nobody sees it, so it need not draw
        const auto frames = std::exchange(s->committedFrames, {});
        for (wl_resource *callback : frames) {
            wl_callback_send_done(callback, 0);
            wl_resource_destroy(callback);
        }
    }
}

void offerWindows()
{
    offer<&wl_compositor_interface>(4, &compositorRequests);
    offer<&wl_subcompositor_interface>(1, &subcompositorRequests);
    offer<&xdg_wm_base_interface>(1, &shellRequests);
}

} // namespace lantern::test::compositor
