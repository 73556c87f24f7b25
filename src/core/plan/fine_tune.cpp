#include "core/plan/fine_tune.h"

#include "core/base/error.h"
#include "core/base/text.h"
#include "core/colour/white.h"
#include "core/plan/chart.h"
#include "core/plan/grey_entries.h"

#include <Eigen/LU>

#include <algorithm>
#include <cmath>

namespace lantern {

namespace {

constexpr int kPatches = 400;
constexpr int kNearTop = 230; ///< code value that the exponent is taken from, up to the top
constexpr int kFinest = 12;   ///< bits of an output that is not known

UvPrime unit(const UvPrime &from, const UvPrime &to)
{
    const double length = std::hypot(to.u - from.u, to.v - from.v);
    return {(to.u - from.u) / length, (to.v - from.v) / length};
}

/// Light (0..1) after the middle greys are lifted by ΔL*.
double bent(double light, double deltaLightness)
{
    const double l = lightnessOf(light);
    return lightOf(l + 4 * deltaLightness / 100 * l * (1 - l));
}

/// What a channel can give, by the light that the calibration's entries gave; beyond its top by the
/// exponent near that.
std::vector<GreyResponse::Level> levelsOf(const SignalPath &path, int c,
                                          const std::array<double, VideoLut::kSize> &light)
{
    const auto signal = [&](int code) {
        double v = path.lut.channels[static_cast<size_t>(c)][static_cast<size_t>(code)] / 65535.0;
        if (path.linkBits)
            v = quantise(v, *path.linkBits);
        return path.slot ? path.slot->evaluate(c, v) : v;
    };
    std::vector<GreyResponse::Observation> seen;
    for (int code = 0; code < VideoLut::kSize; ++code)
        seen.push_back({signal(code), light[static_cast<size_t>(code)], 1});
    const double top = signal(VideoLut::kSize - 1), below = signal(kNearTop);
    constexpr double kAway = 0.02, kDoubtful = 0.2;
    if (top < 1 - kAway && below > 0 && below < top && light[kNearTop] > 0) {
        const double exponent = std::log(light[kNearTop]) / std::log(below / top);
        for (const double v : {(1 + top) / 2, 1.0})
            seen.push_back({v, std::pow(v / top, exponent), kDoubtful});
    }
    const GreyResponse response(seen, {path.panelBits, path.panelBits > 0 ? path.gain[c] : 1});
    if (!path.slot)
        return response.levels(path.linkBits);
    // Entries of the LUT before the monitor's own table.
    std::vector<GreyResponse::Level> levels;
    const int count = 1 << std::min(path.linkBits.value_or(kFinest), kFinest);
    for (int i = 0; i < count; ++i) {
        const double v = i / (count - 1.0);
        const double l = response.light(path.slot->evaluate(c, v));
        if (levels.empty() || l > levels.back().light)
            levels.push_back({v, l});
    }
    return levels;
}

} // namespace

TuneDirections tuneDirections(const Chromaticity &white)
{
    const Cct at = correlatedColourTemperature(white);
    if (std::abs(at.duv) > kMostDuv)
        return {{1, 0}, {0, 1}};
    constexpr double kFarther = 0.001, kWarmer = 0.97;
    const auto place = [](const Cct &c) { return uvPrime(fromCct(c)); };
    const UvPrime here = place(at);
    return {unit(here, place({at.kelvin * kWarmer, at.duv})),
            unit(here, place({at.kelvin, at.duv + kFarther}))};
}

TunableDisplay::TunableDisplay(ProfileFile profile, const SignalPath &path, const XYZ &white,
                               const Mat3 &change)
    : m_profile(std::move(profile)),
      m_path(path),
      m_calibrated(white),
      m_change(change),
      m_white(toXyz(change * vec(white)))
{
    const Vec3 black = at(kDeviceBlack);
    m_black = toXyz(black);
    const auto alone = [](int c, double code) {
        Vec3 v = Vec3::Zero();
        v[c] = code;
        return toDeviceRgb(v);
    };
    for (int c = 0; c < 3; ++c)
        m_primaries.col(c) = at(alone(c, kDeviceTop)) - black;
    if (!(std::abs((m_primaries / m_white.Y).determinant()) > 1e-6))
        throw Error(ErrorKind::BadInput, m_profile.name(), "its channels span no colour");
    const Mat3 inverse = m_primaries.inverse();
    for (int c = 0; c < 3; ++c) {
        auto &light = m_light[static_cast<size_t>(c)];
        double most = 0;
        for (int code = 1; code < kLevels; ++code) {
            most = std::max(most, (inverse * (at(alone(c, code)) - black))[c]);
            light[static_cast<size_t>(code)] = most;
        }
        for (double &v : light)
            v /= most;
        m_levels[static_cast<size_t>(c)] = levelsOf(m_path, c, light);
    }
}

/// What the calibration shows, cd/m².
Vec3 TunableDisplay::at(const DeviceRgb &rgb) const
{
    return m_change * vec(displayXyz(m_profile.toLab(rgb), m_calibrated));
}

Mat3 TunableDisplay::changeOfChannels(const XYZ &before, const XYZ &after) const
{
    const Mat3 inverse = m_primaries.inverse();
    const Vec3 share = (inverse * vec(after)).cwiseQuotient(inverse * vec(before));
    return m_primaries * share.asDiagonal() * inverse;
}

double TunableDisplay::light(int c, double code) const
{
    const auto &table = m_light[static_cast<size_t>(c)];
    const double at = std::clamp(code, 0.0, kDeviceTop);
    const auto below = std::min(static_cast<size_t>(at), static_cast<size_t>(kLevels - 2));
    const double part = at - static_cast<double>(below);
    return table[below] + part * (table[below + 1] - table[below]);
}

double TunableDisplay::codeFor(int c, double light) const
{
    const auto &table = m_light[static_cast<size_t>(c)];
    const auto above = std::ranges::lower_bound(table, light);
    if (above == table.begin())
        return 0;
    if (above == table.end())
        return kDeviceTop;
    const auto below = above - 1;
    return static_cast<double>(below - table.begin()) + (light - *below) / (*above - *below);
}

TunableDisplay::Tuned TunableDisplay::tuned(const FineTune &tune) const
{
    Tuned out;
    out.white = m_white;
    out.lut = m_path.lut;
    out.light = m_light;
    if (tune.isNone()) // as it was found, to the last step
        return out;
    const auto held = [](double v, double most) { return std::clamp(v, -most, most); };
    const UvPrime now = uvPrime(m_white);
    const UvPrime to{now.u + held(tune.white.u, kMostTuneUv),
                     now.v + held(tune.white.v, kMostTuneUv)};
    const double luminance = std::max(m_white.Y / 2, m_white.Y + tune.luminanceCdM2);
    const Vec3 black = vec(m_black);
    const Mat3 inverse = m_primaries.inverse();
    const Vec3 before = inverse * (vec(m_white) - black);
    const Vec3 after = inverse * (vec(fromChromaticity(chromaticity(to), luminance)) - black);
    Vec3 share = after.cwiseQuotient(before).cwiseMax(0);
    const Vec3 most(m_levels[0].back().light, m_levels[1].back().light, m_levels[2].back().light);
    if (const double beyond = share.cwiseQuotient(most).maxCoeff(); beyond > 1) {
        share /= beyond;
        out.isLimited = true;
    }
    const double lightness = held(tune.lightness, kMostTuneLightness);
    // Channels that act on each other make white another colour than their sum: `before` is what
    // each gives in white.
    const GreyChannels channels{m_primaries * before.asDiagonal(), m_black, m_levels};
    std::vector<XYZ> aimed;
    for (int code = 0; code < kLevels; ++code) {
        Vec3 light;
        for (int c = 0; c < 3; ++c)
            light[c] = share[c] * bent(this->light(c, code), lightness);
        aimed.push_back(toXyz(black + channels.primaries * light));
    }
    const auto entries = nearestEntries(aimed, channels, false);
    for (size_t i = 0; i < entries.size(); ++i)
        for (size_t c = 0; c < 3; ++c) {
            const auto k = static_cast<Eigen::Index>(c);
            out.lut.channels[c][i] =
                static_cast<uint16_t>(std::lround(65535 * entries[i].signal[k]));
            out.light[c][i] = entries[i].light[k];
        }
    for (size_t c = 0; c < 3; ++c) // black is the calibration's
        out.lut.channels[c][0] = m_path.lut.channels[c][0];
    out.white = toXyz(black + channels.primaries * entries.back().light);
    out.missed = deltaUvPrime(uvPrime(out.white), uvPrime(aimed.back()));
    return out;
}

XYZ TunableDisplay::shown(const Tuned &tuned, const DeviceRgb &rgb) const
{
    Vec3 code, beyond = Vec3::Zero();
    for (int c = 0; c < 3; ++c) {
        const auto &table = tuned.light[static_cast<size_t>(c)];
        const double at = std::clamp(vec(rgb)[c], 0.0, kDeviceTop);
        const auto below = std::min(static_cast<size_t>(at), static_cast<size_t>(kLevels - 2));
        const double part = at - static_cast<double>(below);
        const double light = table[below] + part * (table[below + 1] - table[below]);
        code[c] = codeFor(c, std::min(light, 1.0));
        beyond[c] = std::max(0.0, light - 1);
    }
    return toXyz(at(toDeviceRgb(code)) + m_primaries * beyond);
}

BuiltProfile profileOfTuned(const TunableDisplay &display, const FineTune &tune,
                            const ProfileRequest &request)
{
    const TunableDisplay::Tuned tuned = display.tuned(tune);
    std::vector<Reading> foretold;
    for (const DeviceRgb &rgb : makeChart(kPatches))
        foretold.push_back({rgb, display.shown(tuned, rgb)});
    ProfileRequest r = request;
    r.path = display.path();
    r.path.lut = tuned.lut;
    r.measurements.clear();
    r.scatter.reset();
    r.metadata.emplace_back("MADE", "fine-tuned by eye");
    r.metadata.emplace_back("TUNED_FROM", display.profile().name());
    r.metadata.emplace_back("TUNED_WHITE_UV",
                            fixedNumber(tune.white.u, 4) + " " + fixedNumber(tune.white.v, 4));
    r.metadata.emplace_back("TUNED_LUMINANCE", fixedNumber(tune.luminanceCdM2, 1));
    r.metadata.emplace_back("TUNED_LIGHTNESS", fixedNumber(tune.lightness, 1));
    return buildProfile(foretold, r, "fine-tuned");
}

} // namespace lantern
