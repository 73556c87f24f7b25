#include "core/tone_curve.h"

#include "core/text.h"

#include <algorithm>
#include <cmath>
#include <stdexcept>

namespace lantern {

namespace {

double srgb(double v)
{
    return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
}

double lstar(double v)
{
    const double l = 100 * v;
    return l <= 8 ? l * 27 / 24389 : std::pow((l + 16) / 116, 3); // 27/24389 = (3/29)^3
}

double bt1886(double v, double black)
{
    constexpr double gamma = 2.4;
    const double rootBlack = std::pow(black, 1 / gamma);
    const double a = std::pow(1 - rootBlack, gamma);
    const double b = rootBlack / (1 - rootBlack);
    return a * std::pow(std::max(v + b, 0.0), gamma);
}

double sampled(const std::vector<double> &samples, double v)
{
    if (samples.size() < 2)
        throw std::logic_error("native tone curve used before it was measured");
    const double position = v * static_cast<double>(samples.size() - 1);
    const auto i = std::min(static_cast<size_t>(position), samples.size() - 2);
    const double f = position - static_cast<double>(i);
    return samples[i] + f * (samples[i + 1] - samples[i]);
}

} // namespace

double toneLuminance(const ToneCurve &curve, double v, double black)
{
    v = std::clamp(v, 0.0, 1.0);
    double light = 0;
    if (const auto *g = std::get_if<GammaTone>(&curve))
        light = std::pow(v, g->gamma);
    else if (const auto *n = std::get_if<NativeTone>(&curve))
        light = sampled(n->samples, v);
    else {
        switch (std::get<NamedTone>(curve)) {
        case NamedTone::Srgb:
            light = srgb(v);
            break;
        case NamedTone::LStar:
            light = lstar(v);
            break;
        case NamedTone::Bt1886:
            return bt1886(v, black);
        }
    }
    return black + (1 - black) * light;
}

std::string toneName(const ToneCurve &curve)
{
    if (const auto *g = std::get_if<GammaTone>(&curve))
        return "gamma " + shortNumber(g->gamma);
    if (std::holds_alternative<NativeTone>(curve))
        return "native";
    switch (std::get<NamedTone>(curve)) {
    case NamedTone::Srgb:
        return "sRGB";
    case NamedTone::LStar:
        return "L*";
    case NamedTone::Bt1886:
        return "BT.1886";
    }
    return {};
}

} // namespace lantern
