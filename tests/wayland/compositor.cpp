// A small Wayland compositor for tests: no screen, but pictures that can be looked at as a panel
// would get them, behind what it converts on purpose and behind the gamma tables that it lends.
// Usage: test_compositor SOCKET [--gamma SIZE] [--converts] NAME:WIDTHxHEIGHT...
// On the socket SOCKET.look, one line for each connection:
//   look OUTPUT        -> "R G B", 0..255, what the middle of that output gets
//   look OUTPUT X Y    -> the same of a place, in its own pixels
//   lent OUTPUT        -> 1 where a program holds its gamma tables, else 0
//   plug NAME:WxH, unplug NAME, converts 0|1, covers OUTPUT 0|1

#include <algorithm>
#include <array>
#include <cmath>
#include <csignal>
#include <cstdint>
#include <cstdio>
#include <cstdlib>
#include <cstring>
#include <list>
#include <memory>
#include <string>
#include <sys/socket.h>
#include <sys/un.h>
#include <unistd.h>
#include <utility>
#include <vector>
#include <wayland-server.h>
#include <wlr-gamma-control-server.h>
#include <xdg-output-unstable-v1-server.h>
#include <xdg-shell-server.h>

namespace {

constexpr int kFrameMs = 16;

struct Output {
    std::string name;
    int x = 0, width = 0, height = 0;
    wl_global *global = nullptr;
    std::vector<wl_resource *> resources;
    wl_resource *gamma = nullptr; ///< of whoever holds its tables
    std::array<std::vector<uint16_t>, 3> tables;
    bool isCovered = false; ///< what is there is not shown, as under a lock screen
};

struct Surface {
    wl_resource *resource = nullptr;
    wl_resource *buffer = nullptr; ///< attached, not yet committed
    bool attached = false;
    int width = 0, height = 0;
    std::vector<uint32_t> pixels; ///< empty: not mapped
    std::vector<wl_resource *> frames, committedFrames;
    Surface *parent = nullptr; ///< of a subsurface
    int x = 0, y = 0;          ///< in it
    wl_resource *xdgSurface = nullptr, *toplevel = nullptr;
    bool isConfigured = false;
    Output *fullScreenOn = nullptr;
    Output *on = nullptr;
};

wl_display *display = nullptr;
std::list<std::unique_ptr<Output>> outputs;
std::list<Surface *> surfaces; ///< the topmost last
int gammaSize = 0;
bool converts = false;

template <class T> T *of(wl_resource *resource)
{
    return static_cast<T *>(wl_resource_get_user_data(resource));
}
void destroy(wl_client *, wl_resource *resource)
{
    wl_resource_destroy(resource);
}
template <class... A> void ignore(wl_client *, wl_resource *, A...) {}

Output *named(const std::string &name)
{
    for (const auto &o : outputs)
        if (o->name == name)
            return o.get();
    return nullptr;
}

// Outputs

void tell(const Output &o, wl_resource *r)
{
    const int version = wl_resource_get_version(r);
    wl_output_send_geometry(r, o.x, 0, o.width / 4, o.height / 4, WL_OUTPUT_SUBPIXEL_UNKNOWN,
                            "Test", o.name.c_str(), WL_OUTPUT_TRANSFORM_NORMAL);
    wl_output_send_mode(r, WL_OUTPUT_MODE_CURRENT, o.width, o.height, 60000);
    if (version >= WL_OUTPUT_SCALE_SINCE_VERSION)
        wl_output_send_scale(r, 1);
    if (version >= WL_OUTPUT_NAME_SINCE_VERSION)
        wl_output_send_name(r, o.name.c_str());
    if (version >= WL_OUTPUT_DONE_SINCE_VERSION)
        wl_output_send_done(r);
}

void plug(const std::string &description)
{
    auto o = std::make_unique<Output>();
    const size_t colon = description.find(':');
    o->name = description.substr(0, colon);
    std::sscanf(description.c_str() + colon + 1, "%dx%d", &o->width, &o->height);
    for (const auto &other : outputs)
        o->x = std::max(o->x, other->x + other->width);
    static const struct wl_output_interface implementation = {destroy};
    o->global = wl_global_create(
        display, &wl_output_interface, 4, o.get(),
        [](wl_client *client, void *data, uint32_t version, uint32_t id) {
            auto *self = static_cast<Output *>(data);
            wl_resource *r =
                wl_resource_create(client, &wl_output_interface, static_cast<int>(version), id);
            self->resources.push_back(r);
            wl_resource_set_implementation(r, &implementation, self, [](wl_resource *gone) {
                for (const auto &each : outputs)
                    std::erase(each->resources, gone);
            });
            tell(*self, r);
        });
    outputs.push_back(std::move(o));
}

void unplug(const std::string &name)
{
    Output *o = named(name);
    if (!o)
        return;
    wl_global_destroy(o->global);
    if (o->gamma)
        zwlr_gamma_control_v1_send_failed(o->gamma);
    for (Surface *s : surfaces) {
        if (s->fullScreenOn == o) {
            s->fullScreenOn = nullptr;
            s->pixels.clear();
        }
        if (s->on == o)
            s->on = nullptr;
    }
    for (wl_resource *r : o->resources)
        wl_resource_set_user_data(r, nullptr);
    outputs.remove_if([&](const auto &each) { return each.get() == o; });
}

wl_resource *resourceFor(const Output &o, wl_client *client)
{
    for (wl_resource *r : o.resources)
        if (wl_resource_get_client(r) == client)
            return r;
    return nullptr;
}

// Surfaces

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

// Names and places of outputs

const struct zxdg_output_v1_interface logicalRequests = {destroy};

const struct zxdg_output_manager_v1_interface logicalsRequests = {
    .destroy = destroy,
    .get_xdg_output =
        [](wl_client *client, wl_resource *manager, uint32_t id, wl_resource *output) {
            const int version = wl_resource_get_version(manager);
            wl_resource *r = wl_resource_create(client, &zxdg_output_v1_interface, version, id);
            wl_resource_set_implementation(r, &logicalRequests, nullptr, nullptr);
            const auto *o = of<Output>(output);
            if (!o)
                return;
            zxdg_output_v1_send_logical_position(r, o->x, 0);
            zxdg_output_v1_send_logical_size(r, o->width, o->height);
            if (version >= ZXDG_OUTPUT_V1_NAME_SINCE_VERSION)
                zxdg_output_v1_send_name(r, o->name.c_str());
            if (version < 3)
                zxdg_output_v1_send_done(r);
            else if (wl_resource_get_version(output) >= WL_OUTPUT_DONE_SINCE_VERSION)
                wl_output_send_done(output);
        },
};

// Gamma tables

const struct zwlr_gamma_control_v1_interface gammaRequests = {
    .set_gamma =
        [](wl_client *, wl_resource *r, int32_t fd) {
            for (const auto &o : outputs) {
                if (o->gamma != r)
                    continue;
                for (auto &table : o->tables) {
                    table.resize(static_cast<size_t>(gammaSize));
                    const auto bytes = static_cast<ssize_t>(table.size() * sizeof(uint16_t));
                    if (read(fd, table.data(), static_cast<size_t>(bytes)) != bytes)
                        wl_resource_post_error(r, ZWLR_GAMMA_CONTROL_V1_ERROR_INVALID_GAMMA,
                                               "the file is too short");
                }
            }
            close(fd);
        },
    .destroy = destroy,
};

const struct zwlr_gamma_control_manager_v1_interface gammasRequests = {
    .get_gamma_control =
        [](wl_client *client, wl_resource *, uint32_t id, wl_resource *output) {
            wl_resource *r = wl_resource_create(client, &zwlr_gamma_control_v1_interface, 1, id);
            wl_resource_set_implementation(r, &gammaRequests, nullptr, [](wl_resource *gone) {
                for (const auto &o : outputs)
                    if (o->gamma == gone) {
                        o->gamma = nullptr;
                        o->tables = {};
                    }
            });
            auto *o = of<Output>(output);
            if (!o || o->gamma || gammaSize == 0) {
                zwlr_gamma_control_v1_send_failed(r);
                return;
            }
            o->gamma = r;
            zwlr_gamma_control_v1_send_gamma_size(r, static_cast<uint32_t>(gammaSize));
        },
    .destroy = destroy,
};

// What a panel would get

/// As a compositor does for a panel with wide primaries: sRGB's red, green and blue become
/// mixtures.
std::array<double, 3> converted(const std::array<double, 3> &code)
{
    constexpr double kMix[3][3] = {
        {0.8225, 0.1774, 0.0001}, {0.0332, 0.9669, 0.0000}, {0.0171, 0.0724, 0.9105}};
    std::array<double, 3> out{};
    for (int i = 0; i < 3; ++i) {
        double light = 0;
        for (int j = 0; j < 3; ++j)
            light += kMix[i][j] * std::pow(code[static_cast<size_t>(j)], 2.2);
        out[static_cast<size_t>(i)] = std::pow(std::clamp(light, 0.0, 1.0), 1 / 2.2);
    }
    return out;
}

uint32_t pixelAt(const Output &o, int x, int y)
{
    uint32_t pixel = 0;
    if (o.isCovered)
        return pixel;
    for (const Surface *s : surfaces) {
        if (s->pixels.empty())
            continue;
        const Surface *top = s;
        int left = 0, above = 0;
        for (; top->parent; top = top->parent) {
            left += top->x;
            above += top->y;
        }
        if (!top->toplevel || top->on != &o || top->pixels.empty())
            continue;
        if (!top->fullScreenOn) { // in the middle
            left += (o.width - top->width) / 2;
            above += (o.height - top->height) / 2;
        }
        const int px = x - left, py = y - above;
        if (px >= 0 && py >= 0 && px < s->width && py < s->height)
            pixel = s->pixels[static_cast<size_t>(py) * s->width + px];
    }
    return pixel;
}

std::array<double, 3> atPanel(const Output &o, int x, int y)
{
    const uint32_t pixel = pixelAt(o, x, y);
    std::array<double, 3> code = {static_cast<double>((pixel >> 16) & 255) / 255,
                                  static_cast<double>((pixel >> 8) & 255) / 255,
                                  static_cast<double>(pixel & 255) / 255};
    if (converts)
        code = converted(code);
    for (size_t c = 0; c < 3; ++c) {
        const auto &table = o.tables[c];
        if (table.empty())
            continue;
        const double at = code[c] * static_cast<double>(table.size() - 1);
        const auto i = std::min(table.size() - 2, static_cast<size_t>(at));
        const double share = at - static_cast<double>(i);
        code[c] = ((1 - share) * table[i] + share * table[i + 1]) / 65535;
    }
    return code;
}

std::string answer(const std::string &line)
{
    char verb[16] = "", what[64] = "";
    int x = -1, y = -1;
    const int words = std::sscanf(line.c_str(), "%15s %63s %d %d", verb, what, &x, &y);
    const std::string said = verb;
    if (words < 2)
        return "?\n";
    if (said == "plug")
        plug(what);
    else if (said == "unplug")
        unplug(what);
    else if (said == "converts")
        converts = what[0] == '1';
    else {
        Output *o = named(what);
        if (!o)
            return "no such output\n";
        if (said == "covers")
            o->isCovered = x == 1;
        if (said == "lent")
            return o->gamma ? "1\n" : "0\n";
        if (said == "look") {
            const auto code =
                words < 4 ? atPanel(*o, o->width / 2, o->height / 2) : atPanel(*o, x, y);
            char text[96];
            std::snprintf(text, sizeof text, "%.9g %.9g %.9g\n", 255 * code[0], 255 * code[1],
                          255 * code[2]);
            return text;
        }
    }
    return "done\n";
}

int onQuestion(int fd, uint32_t, void *)
{
    const int client = accept(fd, nullptr, nullptr);
    char line[256];
    const ssize_t length = client < 0 ? 0 : read(client, line, sizeof line - 1);
    if (length > 0) {
        line[length] = 0;
        const std::string text = answer(line);
        (void)!write(client, text.data(), text.size());
    }
    if (client >= 0)
        close(client);
    return 0;
}

int onFrame(void *data)
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
    wl_event_source_timer_update(*static_cast<wl_event_source **>(data), kFrameMs);
    return 0;
}

template <const wl_interface *Interface, class Requests> void offer(int version, Requests *requests)
{
    wl_global_create(
        display, Interface, version, const_cast<std::remove_const_t<Requests> *>(requests),
        [](wl_client *client, void *data, uint32_t bound, uint32_t id) {
            wl_resource *r = wl_resource_create(client, Interface, static_cast<int>(bound), id);
            wl_resource_set_implementation(r, data, nullptr, nullptr);
        });
}

int listenAt(const std::string &path)
{
    const int fd = socket(AF_UNIX, SOCK_STREAM | SOCK_CLOEXEC, 0);
    sockaddr_un address{};
    address.sun_family = AF_UNIX;
    std::snprintf(address.sun_path, sizeof address.sun_path, "%s", path.c_str());
    unlink(path.c_str());
    if (bind(fd, reinterpret_cast<sockaddr *>(&address), sizeof address) != 0 || listen(fd, 8) != 0)
        return -1;
    return fd;
}

} // namespace

int main(int argc, char **argv)
{
    const char *folder = std::getenv("XDG_RUNTIME_DIR");
    if (argc < 3 || !folder)
        return 2;
    display = wl_display_create();
    const std::string name = argv[1];
    std::vector<std::string> heads;
    for (int i = 2; i < argc; ++i) {
        const std::string word = argv[i];
        if (word == "--gamma")
            gammaSize = std::atoi(argv[++i]);
        else if (word == "--converts")
            converts = true;
        else
            plug(word);
    }
    wl_display_init_shm(display);
    offer<&wl_compositor_interface>(4, &compositorRequests);
    offer<&wl_subcompositor_interface>(1, &subcompositorRequests);
    offer<&xdg_wm_base_interface>(1, &shellRequests);
    offer<&zxdg_output_manager_v1_interface>(3, &logicalsRequests);
    if (gammaSize > 0)
        offer<&zwlr_gamma_control_manager_v1_interface>(1, &gammasRequests);
    wl_event_loop *loop = wl_display_get_event_loop(display);
    const int questions = listenAt(std::string(folder) + '/' + name + ".look");
    wl_event_loop_add_fd(loop, questions, WL_EVENT_READABLE, onQuestion, nullptr);
    wl_event_source *timer = nullptr;
    timer = wl_event_loop_add_timer(loop, onFrame, &timer);
    wl_event_source_timer_update(timer, kFrameMs);
    for (const int signal : {SIGTERM, SIGINT})
        wl_event_loop_add_signal(
            loop, signal,
            [](int, void *) {
                wl_display_terminate(display);
                return 0;
            },
            nullptr);
    if (wl_display_add_socket(display, name.c_str()) != 0)
        return 3;
    std::puts("ready");
    std::fflush(stdout);
    wl_display_run(display);
    wl_display_destroy_clients(display);
    wl_display_destroy(display);
    return 0;
}
