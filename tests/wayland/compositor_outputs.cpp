// Outputs of the tests' compositor: their names, their gamma tables, and what a panel gets of them.

#include "wayland/compositor.h"

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <unistd.h>
#include <wlr-gamma-control-server.h>
#include <xdg-output-unstable-v1-server.h>

namespace lantern::test::compositor {

wl_display *display = nullptr;
std::list<std::unique_ptr<Output>> outputs;
int gammaSize = 0;
bool converts = false;

Output *named(const std::string &name)
{
    for (const auto &o : outputs)
        if (o->name == name)
            return o.get();
    return nullptr;
}

namespace {

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

} // namespace

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

namespace {

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

} // namespace

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

void offerOutputs()
{
    offer<&zxdg_output_manager_v1_interface>(3, &logicalsRequests);
    if (gammaSize > 0)
        offer<&zwlr_gamma_control_manager_v1_interface>(1, &gammasRequests);
}

} // namespace lantern::test::compositor
