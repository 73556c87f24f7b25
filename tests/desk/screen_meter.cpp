// A meter for tests on an X server: looks at the middle of an output, sends what it finds there
// through the output's video LUT to a display that has its own primaries, gammas and black, and
// prints X Y Z. Usage: screen_meter OUTPUT

#include "platform/x11/x11_output.h"
#include "toy_display.h"

#include <cstdio>
#include <cstdlib>
#include <iostream>
#include <memory>
#include <xcb/xcb.h>

int main(int argc, char **argv)
{
    using namespace lantern;
    const QString wanted = argc > 1 ? QString::fromLocal8Bit(argv[1]) : QString();
    for (const platform::Output &output : platform::x11Outputs()) {
        if (output.name != wanted)
            continue;
        xcb_connection_t *x = xcb_connect(nullptr, nullptr);
        const xcb_window_t root = xcb_setup_roots_iterator(xcb_get_setup(x)).data->root;
        const QPoint at = output.geometry.center();
        const std::unique_ptr<xcb_get_image_reply_t, decltype(&std::free)> image(
            xcb_get_image_reply(x,
                                xcb_get_image(x, XCB_IMAGE_FORMAT_Z_PIXMAP, root,
                                              static_cast<int16_t>(at.x()),
                                              static_cast<int16_t>(at.y()), 1, 1, ~0U),
                                nullptr),
            &std::free);
        xcb_disconnect(x);
        if (!image || xcb_get_image_data_length(image.get()) < 3)
            break;
        const uint8_t *bgr = xcb_get_image_data(image.get());
        test::ToyDisplay display;
        display.lut = platform::X11VideoLut(output).read();
        const XYZ seen = display.show({static_cast<double>(bgr[2]), static_cast<double>(bgr[1]),
                                       static_cast<double>(bgr[0])});
        std::printf("%.9g %.9g %.9g\n", seen.X, seen.Y, seen.Z);
        return 0;
    }
    std::cerr << "there is nothing to look at\n";
    return 1;
}
