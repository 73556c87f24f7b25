#pragma once

// Parts of the tests' compositor: what it holds, shared by its files.

#include <array>
#include <cstdint>
#include <list>
#include <memory>
#include <string>
#include <vector>
#include <wayland-server.h>

namespace lantern::test::compositor {

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

extern wl_display *display;
extern std::list<std::unique_ptr<Output>> outputs;
extern std::list<Surface *> surfaces; ///< the topmost last
extern int gammaSize;
extern bool converts;

template <class T> T *of(wl_resource *resource)
{
    return static_cast<T *>(wl_resource_get_user_data(resource));
}
inline void destroy(wl_client *, wl_resource *resource)
{
    wl_resource_destroy(resource);
}
template <class... A> void ignore(wl_client *, wl_resource *, A...) {}

Output *named(const std::string &name);
/// \param description NAME:WIDTHxHEIGHT
void plug(const std::string &description);
void unplug(const std::string &name);
/// What the panel gets of a place in the output's own pixels, 0..1.
std::array<double, 3> atPanel(const Output &o, int x, int y);
/// Tells all who wait that a frame was shown.
void showFrame();

/// Offers surfaces and windows; names of outputs and, with a size, gamma tables.
void offerWindows();
void offerOutputs();

/// One global, bound with its requests and nothing else.
template <const wl_interface *Interface, class Requests> void offer(int version, Requests *requests)
{
    wl_global_create(
        display, Interface, version, const_cast<std::remove_const_t<Requests> *>(requests),
        [](wl_client *client, void *data, uint32_t bound, uint32_t id) {
            wl_resource *r = wl_resource_create(client, Interface, static_cast<int>(bound), id);
            wl_resource_set_implementation(r, data, nullptr, nullptr);
        });
}

} // namespace lantern::test::compositor
