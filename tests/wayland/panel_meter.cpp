// A meter for tests on the tests' compositor: looks at the middle of an output as a panel gets it,
// sends that to a display that has its own primaries, gammas and black, and prints X Y Z. Usage:
// panel_meter OUTPUT

#include "toy_display.h"
#include "wayland/compositor_at.h"

#include <cstdio>
#include <iostream>

int main(int argc, char **argv)
{
    using namespace lantern;
    const std::string answer = argc > 1 ? test::askCompositor(std::string("look ") + argv[1]) : "";
    DeviceRgb rgb;
    if (std::sscanf(answer.c_str(), "%lf %lf %lf", &rgb.r, &rgb.g, &rgb.b) != 3) {
        std::cerr << "there is nothing to look at\n";
        return 1;
    }
    const XYZ seen = test::ToyDisplay().show(rgb);
    std::printf("%.9g %.9g %.9g\n", seen.X, seen.Y, seen.Z);
    return 0;
}
