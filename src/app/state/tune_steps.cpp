#include "app/state/tune_steps.h"

#include <algorithm>
#include <cmath>

namespace lantern::app {

TuneDirections directionsOf(const TuneState &state)
{
    return tuneDirections(chromaticity(state.tunable->white()));
}

Along along(const UvPrime &white, const TuneDirections &d)
{
    const double area = d.warmer.u * d.greener.v - d.warmer.v * d.greener.u;
    return {(white.u * d.greener.v - white.v * d.greener.u) / area,
            (d.warmer.u * white.v - d.warmer.v * white.u) / area};
}

FineTune stepped(const TuneState &state, Knob knob, int steps)
{
    FineTune t = state.tune;
    if (!state.tunable)
        return t;
    const TuneDirections d = directionsOf(state);
    Along white = along(t.white, d);
    const auto step = [steps](double value, double size) {
        const double to = (std::round(value / size) + steps) * size;
        return std::abs(to) < size / 2 ? 0.0 : to;
    };
    switch (knob) {
    case Knob::Warmth:
        white.warmer = step(white.warmer, kTuneUvStep);
        break;
    case Knob::Tint:
        white.greener = step(white.greener, kTuneUvStep);
        break;
    case Knob::Luminance:
        t.luminanceCdM2 = std::clamp(step(t.luminanceCdM2, kTuneLuminanceStep),
                                     -std::floor(state.tunable->white().Y / 2), 100.0);
        return t;
    case Knob::Lightness:
        t.lightness = std::clamp(step(t.lightness, kTuneLightnessStep), -kMostTuneLightness,
                                 kMostTuneLightness);
        return t;
    }
    const UvPrime to{white.warmer * d.warmer.u + white.greener * d.greener.u,
                     white.warmer * d.warmer.v + white.greener * d.greener.v};
    if (std::abs(to.u) <= kMostTuneUv && std::abs(to.v) <= kMostTuneUv)
        t.white = white.warmer == 0 && white.greener == 0 ? UvPrime{} : to;
    return t;
}

} // namespace lantern::app
