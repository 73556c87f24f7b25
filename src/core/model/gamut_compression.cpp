#include "core/model/gamut_compression.h"

#include <algorithm>

namespace lantern {

double GamutCompression::reach(const GamutBoundary &gamut, double focusL, const Lab &towards)
{
    const double c = chroma(towards);
    const double hue = hueDegrees(towards);
    auto inside = [&](double t) {
        return t * c <= gamut.chromaLimit(focusL + t * (towards.L - focusL), hue);
    };
    constexpr double kFurthest = 4;
    if (inside(kFurthest))
        return kFurthest;
    double low = 0;
    double high = kFurthest;
    for (int i = 0; i < 18; ++i) {
        const double middle = (low + high) / 2;
        (inside(middle) ? low : high) = middle;
    }
    return low;
}

Lab GamutCompression::compress(const Lab &lab) const
{
    constexpr double kTowardsMiddle = 0.3;
    constexpr double kUntouched = 0.8;
    constexpr double kNeutralTo = 3; // chroma below which nothing moves, so black stays black
    constexpr double kFullFrom = 15; // and from which on all of the move is made
    const double share =
        std::clamp((chroma(lab) - kNeutralTo) / (kFullFrom - kNeutralTo), 0.0, 1.0);
    if (share == 0)
        return lab;
    const double focus = lab.L + kTowardsMiddle * (50 - lab.L);
    if (m_display.contains(
            {focus + (lab.L - focus) / kUntouched, lab.a / kUntouched, lab.b / kUntouched}))
        return lab;
    const double display = reach(m_display, focus, lab);
    const double knee = kUntouched * display;
    if (knee >= 1)
        return lab;
    const double source = reach(m_source, focus, lab);
    if (source <= display)
        return lab;
    double t = display;
    if (source > 1) {
        const double x = (1 - knee) / (source - knee);
        const double m = (source - knee) / (display - knee + 1e-9);
        t = knee + (display - knee) * m * x / (1 + (m - 1) * x);
    }
    const Lab moved{focus + t * (lab.L - focus), t * lab.a, t * lab.b};
    return toLabType(vec(lab) + share * (vec(moved) - vec(lab)));
}

} // namespace lantern
