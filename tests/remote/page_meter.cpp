// A meter for tests with a browser: looks at the middle of the screen of an X server, sends what it
// finds there to a display with its own primaries, gammas and black, and prints X Y Z.
// Usage: page_meter DISPLAY

#include "toy_display.h"

#include <cstdio>
#include <cstdlib>
#include <iostream>
#include <memory>
#include <xcb/xcb.h>

int main(int argc, char **argv)
{
    using namespace lantern;
    const std::unique_ptr<xcb_connection_t, decltype(&xcb_disconnect)> x(
        xcb_connect(argc > 1 ? argv[1] : nullptr, nullptr), &xcb_disconnect);
    if (xcb_connection_has_error(x.get())) {
        std::cerr << "there is no screen to look at\n";
        return 1;
    }
    const xcb_screen_t *screen = xcb_setup_roots_iterator(xcb_get_setup(x.get())).data;
    const std::unique_ptr<xcb_get_image_reply_t, decltype(&std::free)> image(
        xcb_get_image_reply(x.get(),
                            xcb_get_image(x.get(), XCB_IMAGE_FORMAT_Z_PIXMAP, screen->root,
                                          static_cast<int16_t>(screen->width_in_pixels / 2),
                                          static_cast<int16_t>(screen->height_in_pixels / 2), 1, 1,
                                          ~0U),
                            nullptr),
        &std::free);
    if (!image || xcb_get_image_data_length(image.get()) < 3) {
        std::cerr << "the screen cannot be looked at\n";
        return 1;
    }
    const uint8_t *bgr = xcb_get_image_data(image.get());
    const XYZ seen = test::ToyDisplay().show(
        {static_cast<double>(bgr[2]), static_cast<double>(bgr[1]), static_cast<double>(bgr[0])});
    std::printf("%.9g %.9g %.9g\n", seen.X, seen.Y, seen.Z);
    return 0;
}
