#include "core/profile/target_space.h"

#include "core/model/gamut_boundary.h"

#include <Eigen/LU>

#include <algorithm>

namespace lantern {

namespace {

/// The code value 0..1 of a relative luminance; the curve only rises.
double codeOf(const ToneCurve &tone, double luminance)
{
    double low = 0;
    double high = 1;
    constexpr int kHalvings = 40;
    for (int i = 0; i < kHalvings; ++i) {
        const double middle = (low + high) / 2;
        (toneLuminance(tone, middle, {}) < luminance ? low : high) = middle;
    }
    return (low + high) / 2;
}

struct KnownSpace {
    const char *key;
    const char *name; ///< of namedSpaces()
    ToneCurve tone;
};

const std::vector<KnownSpace> &knownSpaces()
{
    static const std::vector<KnownSpace> all = {
        {"srgb", "sRGB", NamedTone::Srgb},
        {"adobe-rgb", "Adobe RGB (1998)", GammaTone{563.0 / 256}},
        {"display-p3", "Display P3", NamedTone::Srgb},
        {"dci-p3", "DCI-P3", GammaTone{2.6}},
        {"rec2020", "Rec. 2020", GammaTone{2.4}}};
    return all;
}

} // namespace

TargetSpace::TargetSpace(std::string name, const PrimarySet &primaries, const Chromaticity &white,
                         ToneCurve tone)
    : m_name(std::move(name)), m_white(fromChromaticity(white, 1)), m_tone(std::move(tone))
{
    for (int c = 0; c < 3; ++c)
        m_mix.col(c) = vec(fromChromaticity(primaries[static_cast<size_t>(c)], 1));
    m_mix = m_mix * (m_mix.inverse() * vec(m_white)).asDiagonal();
}

Lab TargetSpace::toLab(const DeviceRgb &rgb) const
{
    Vec3 light;
    for (int c = 0; c < 3; ++c)
        light[c] = toneLuminance(m_tone, vec(rgb)[c] / 255, {});
    return pcsLab(toXyz(m_mix * light), m_white);
}

DeviceRgb TargetSpace::toDevice(const Lab &lab) const
{
    const Vec3 light = m_mix.inverse() * vec(displayXyz(lab, m_white));
    Vec3 code;
    for (int c = 0; c < 3; ++c)
        code[c] = 255 * codeOf(m_tone, std::clamp(light[c], 0.0, 1.0));
    return toDeviceRgb(code);
}

std::optional<TargetSpace> targetSpaceByKey(const std::string &key)
{
    for (const KnownSpace &known : knownSpaces())
        if (key == known.key)
            for (const NamedSpace &space : namedSpaces())
                if (space.name == known.name)
                    return TargetSpace(space.name, space.primaries, space.white, known.tone);
    return std::nullopt;
}

const std::vector<TargetName> &targetNames()
{
    static const std::vector<TargetName> all = [] {
        std::vector<TargetName> names;
        for (const KnownSpace &k : knownSpaces())
            names.push_back({k.key, k.name});
        return names;
    }();
    return all;
}

std::optional<TargetSpace> targetSpaceOf(const Aim &aim, const std::optional<PrimarySet> &native)
{
    const std::optional<PrimarySet> primaries = aim.primaries ? aim.primaries : native;
    if (!primaries || std::holds_alternative<NativeTone>(aim.tone))
        return std::nullopt;
    constexpr Chromaticity kD65{0.3127, 0.3290}; // where the aim leaves white as it is
    return TargetSpace(aim.name, *primaries, aimChromaticity(aim, kD65), aim.tone);
}

} // namespace lantern
