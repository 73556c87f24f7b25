// A meter for tests on a compositor that lets programs look at its outputs: what is in the middle
// of one, on a display that has its own primaries, gammas and black; prints X Y Z. Usage:
// capture_meter OUTPUT

#include "platform/output.h"
#include "platform/wayland/screen_capture.h"
#include "toy_display.h"

#include <cstdio>
#include <iostream>

int main(int argc, char **argv)
{
    using namespace lantern;
    const QString name = QString::fromLocal8Bit(argc > 1 ? argv[1] : "");
    for (const platform::Output &output : platform::outputs()) {
        if (output.name != name)
            continue;
        const QSize size = output.geometry.size();
        const auto shot =
            platform::ScreenCapture().look(name, QRect(size.width() / 2, size.height() / 2, 1, 1));
        if (!shot)
            break;
        const uint32_t p = shot->pixels.front();
        const XYZ seen = test::ToyDisplay().show({static_cast<double>((p >> 16) & 255),
                                                  static_cast<double>((p >> 8) & 255),
                                                  static_cast<double>(p & 255)});
        std::printf("%.9g %.9g %.9g\n", seen.X, seen.Y, seen.Z);
        return 0;
    }
    std::cerr << "there is nothing to look at\n";
    return 1;
}
