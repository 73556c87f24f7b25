#include "core/colour/tone_curve.h"

#include "core/base/text.h"

#include <algorithm>
#include <array>
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

double gsdf(double v, const ToneRange &range)
{
    const double lowest = gsdfIndex(range.black * range.whiteCdM2);
    const double highest = gsdfIndex(range.whiteCdM2);
    auto luminance = [&](double x) { return gsdfLuminance(lowest + x * (highest - lowest)); };
    // Scaled to meet the ends exactly: the two formulas of the standard invert each other only to
    // about a part in a thousand, and black may lie below the function's range.
    const double low = luminance(0);
    const double share = (luminance(v) - low) / (luminance(1) - low);
    return range.black + (1 - range.black) * share;
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

double toneLuminance(const ToneCurve &curve, double v, const ToneRange &range)
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
            return bt1886(v, range.black);
        case NamedTone::Gsdf:
            return gsdf(v, range);
        }
    }
    constexpr double kFade = 4;
    const double fade = range.black > 0 ? std::min(kFade, 0.5 / range.black) : kFade;
    return light + range.black * std::pow(std::max(0.0, 1 - light), std::max(1.0, fade));
}

double gsdfLuminance(double index)
{
    const double x = std::log(std::clamp(index, 1.0, 1023.0));
    const double top =
        -1.3011877 +
        x * (8.0242636e-2 + x * (1.3646699e-1 + x * (-2.5468404e-2 + x * 1.3635334e-3)));
    const double bottom =
        1 + x * (-2.5840191e-2 +
                 x * (-1.0320229e-1 + x * (2.8745620e-2 + x * (-3.1978977e-3 + x * 1.2992634e-4))));
    return std::pow(10, top / bottom);
}

double gsdfIndex(double luminanceCdM2)
{
    const double x = std::log10(std::clamp(luminanceCdM2, 0.05, 3993.4));
    constexpr std::array<double, 9> c = {71.498068,   94.593053,  41.912053,
                                         9.8247004,   0.28175407, -1.1878455,
                                         -0.18014349, 0.14710899, -0.017046845};
    double j = 0;
    for (auto it = c.rbegin(); it != c.rend(); ++it)
        j = j * x + *it;
    return std::clamp(j, 1.0, 1023.0);
}

const std::vector<ToneName> &toneNames()
{
    static const std::vector<ToneName> names = {{NamedTone::Srgb, "srgb", "sRGB"},
                                                {NamedTone::LStar, "lstar", "L*"},
                                                {NamedTone::Bt1886, "bt1886", "BT.1886"},
                                                {NamedTone::Gsdf, "gsdf", "GSDF"}};
    return names;
}

std::string toneName(const ToneCurve &curve)
{
    if (const auto *g = std::get_if<GammaTone>(&curve))
        return "gamma " + shortNumber(g->gamma);
    if (std::holds_alternative<NativeTone>(curve))
        return "native";
    for (const ToneName &name : toneNames())
        if (name.tone == std::get<NamedTone>(curve))
            return name.title;
    return {};
}

} // namespace lantern
