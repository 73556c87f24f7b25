#include "bench/display.h"

#include "core/base/error.h"
#include "core/base/text.h"

#include <nlohmann/json.hpp>

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <numbers>

namespace lantern::bench {

namespace {

constexpr std::array kChannels = {"red", "green", "blue"};

double positive(JsonObject &object, const std::string &key)
{
    const double v = object.number(key, 0, kInfinity);
    if (v == 0)
        object.fail(key, "is 0; it must be above 0");
    return v;
}

std::vector<GaussianPeak> peaks(JsonObject &primaries, const std::string &channel,
                                const std::string &source)
{
    const Json &list = primaries.raw(channel);
    if (!list.is_array() || list.empty() || list.size() > 64)
        primaries.fail(channel, "must be a list of 1 to 64 peaks");
    std::vector<GaussianPeak> out;
    for (size_t i = 0; i < list.size(); ++i) {
        JsonObject peak(list[i], source, "primaries." + channel + "[" + std::to_string(i) + "]");
        const double nm = peak.number("peak", 380, 780);
        const double fwhm = peak.number("fwhm", 8, 300);
        out.push_back({nm, fwhm, positive(peak, "area")});
        peak.finish();
    }
    return out;
}

Mat3 crosstalk(JsonObject &root)
{
    const Json &rows = root.raw("crosstalk");
    if (!rows.is_array() || rows.size() != 3)
        root.fail("crosstalk", "must be three rows of three numbers");
    Mat3 m;
    for (int r = 0; r < 3; ++r) {
        if (!rows[r].is_array() || rows[r].size() != 3)
            root.fail("crosstalk", "must be three rows of three numbers");
        for (int c = 0; c < 3; ++c) {
            const std::string key =
                "crosstalk[" + std::to_string(r) + "][" + std::to_string(c) + "]";
            if (!rows[r][c].is_number())
                root.fail(key, "a number is expected");
            m(r, c) = rows[r][c].get<double>();
            const double highest = r == c ? 0 : 0.3;
            if (!(m(r, c) >= 0 && m(r, c) <= highest))
                root.fail(key, {"is %1; it must be within 0 to %2",
                                {shortNumber(m(r, c)), shortNumber(highest)}});
        }
    }
    return m;
}

/// Steps 5a to 6: from a signal that reached the panel to the drive of one channel.
double panelTone(double v, int c, const DisplayDescription &d)
{
    if (d.traits.ends)
        v = d.traits.ends->apply(c, v);
    if (d.traits.ripple)
        v = d.traits.ripple->apply(v);
    const auto &[g, s] = d.tone[static_cast<size_t>(c)];
    return (1 - s) * std::pow(v, g) + s * v * v * (3 - 2 * v);
}

/// Step 5, rounding: the panel's levels, or those that it dithers between.
double panelDrive(double v, int c, const DisplayDescription &d)
{
    if (!d.traits.dither)
        return panelTone(quantise(v, d.panelBits), c, d);
    const Dither &dither = *d.traits.dither;
    const double top = std::exp2(dither.bits) - 1;
    const double wanted =
        std::floor(std::clamp(v, 0.0, 1.0) * top * dither.frames + 0.5) / dither.frames;
    const double low = std::floor(wanted);
    const double share = wanted - low;
    const double below = panelTone(low / top, c, d);
    return share > 0 ? (1 - share) * below + share * panelTone((low + 1) / top, c, d) : below;
}

} // namespace

DisplayDescription displayFromJson(const Json &json, const std::string &source)
{
    JsonObject root(json, source);
    root.expectFormat("bold-lantern-display", 1);
    DisplayDescription d;
    d.id = root.string("id");
    d.name = root.string("name");
    d.serial = root.string("serial");
    d.technology = root.oneOf("technology", technologies());
    const auto pixels = root.numbers("pixels", 2, 1, 100000);
    d.pixels = {static_cast<int>(pixels[0]), static_cast<int>(pixels[1])};
    const auto size = root.numbers("size_mm", 2, 1, 100000);
    d.sizeMm = {size[0], size[1]};
    const auto origin = root.numbers("origin", 2, -1e6, 1e6);
    d.origin = {static_cast<int>(origin[0]), static_cast<int>(origin[1])};
    d.linkBits = root.integer("link_bits", 6, 16);
    d.panelBits = root.integer("panel_bits", 6, 16);
    d.whiteLuminance = root.number("white_luminance", 10, 5000);
    d.minBacklight = root.number("min_backlight", 0, 1);
    JsonObject primaries = root.object("primaries");
    for (int c = 0; c < 3; ++c)
        d.primaries[c] = peaks(primaries, kChannels[c], source);
    primaries.finish();
    const auto white = root.numbers("native_white", 2, 0, 1);
    d.nativeWhite = {white[0], white[1]};
    if (white[1] == 0)
        root.fail("native_white", "has y = 0; no light has that chromaticity");
    d.blackRatio = root.number("black_ratio", 0, 0.05);
    d.leak = triple(root, "leak", 0, 10);
    JsonObject tone = root.object("tone");
    for (int c = 0; c < 3; ++c) {
        const auto v = tone.numbers(kChannels[c], 2, 0, 5);
        if (v[0] < 0.5 || v[1] > 1)
            tone.fail(kChannels[c], "g must be within 0.5 to 5 and s within 0 to 1");
        d.tone[c] = {v[0], v[1]};
    }
    tone.finish();
    d.crosstalk = crosstalk(root);
    d.controls = controlsFromJson(root.object("controls"));
    d.factoryControls = controlsFromJson(root.object("factory_controls"));
    if (d.factoryControls.contrast == 0)
        root.fail("factory_controls.contrast", "is 0; it must be above 0");
    d.remoteControls = root.boolean("remote_controls");
    d.hasRgbGains = root.boolean("has_rgb_gains");
    if (root.has("built_in"))
        d.builtIn = root.boolean("built_in");
    if (root.has("brightness_levels"))
        d.brightnessLevels = root.integer("brightness_levels", 2, 100'000);
    if (d.builtIn && d.hasRgbGains)
        root.fail("built_in", "is true, and a built-in panel has no gains");
    d.memorySlots = root.integer("memory_slots", 0, 4);
    if (root.has("mixes_primaries"))
        d.mixesPrimaries = root.boolean("mixes_primaries");
    JsonObject warmUp = root.object("warm_up");
    d.tauMinutes = positive(warmUp, "tau_minutes");
    d.warmUpAmplitude = triple(warmUp, "amplitude", -0.5, 0.5);
    warmUp.finish();
    JsonObject falloff = root.object("falloff");
    for (int c = 0; c < 3; ++c) {
        const auto v = falloff.numbers(kChannels[c], 5, -0.5, 0.5);
        std::copy(v.begin(), v.end(), d.falloff[c].begin());
    }
    falloff.finish();
    if (root.has("evening_residual"))
        d.eveningResidual = root.number("evening_residual", 0, 1);
    d.hours = root.number("hours", 0, kInfinity);
    d.halfLifeHours = triple(root, "half_life_hours", 0, kInfinity);
    if (d.halfLifeHours.minCoeff() <= 0)
        root.fail("half_life_hours", "must be above 0");
    d.reflectance = root.number("reflectance", 0, 0.2);
    d.modes = namedModesFromJson(root, source);
    d.traits = panelTraitsFromJson(root);
    root.finish();
    return d;
}

double integrate(const Spectrum &spectrum, const Spectrum &filter)
{
    double sum = 0;
    for (int i = 0; i < kBands; ++i)
        sum += spectrum[i] * filter[i];
    return kKm * sum * kCmfStepNm;
}

Spectrum colourMatching(int k)
{
    const auto &cmf = cie1931();
    const auto &table = k == 0 ? cmf.x : k == 1 ? cmf.y : cmf.z;
    Spectrum out{};
    for (int i = 0; i < kBands; ++i)
        out[i] = table[cmfIndex(kFirstNm) + i];
    return out;
}

Display::Display(DisplayDescription description, const std::string &source)
    : m_description(std::move(description))
{
    for (int c = 0; c < 3; ++c)
        for (int i = 0; i < kBands; ++i) {
            const double nm = kFirstNm + kCmfStepNm * i;
            m_spectra[c][i] = 0;
            for (const GaussianPeak &p : m_description.primaries[c])
                m_spectra[c][i] += p.area *
                                   std::exp(-4 * std::numbers::ln2 * (nm - p.peakNm) *
                                            (nm - p.peakNm) / (p.fwhmNm * p.fwhmNm)) /
                                   p.fwhmNm;
        }
    for (int c = 0; c < 3; ++c)
        for (int k = 0; k < 3; ++k)
            m_channelXyz(k, c) = integrate(m_spectra[c], colourMatching(k));
    const Vec3 white =
        vec(fromChromaticity(m_description.nativeWhite, m_description.whiteLuminance));
    const Vec3 factors = m_channelXyz.fullPivLu().solve(white);
    if (!(factors.minCoeff() > 0) || !factors.allFinite())
        throw Error(ErrorKind::BadInput, source + ", key \"native_white\"",
                    "this white cannot be mixed from the primaries",
                    "It must lie inside the triangle of red, green and blue.");
    for (int c = 0; c < 3; ++c) {
        for (double &v : m_spectra[c])
            v *= factors[c];
        m_channelXyz.col(c) *= factors[c];
    }
    constexpr int kSteps = 40; // a side
    m_leastPlace = Vec3::Constant(kInfinity);
    for (int i = 0; i <= kSteps; ++i)
        for (int k = 0; k <= kSteps; ++k)
            m_leastPlace =
                m_leastPlace.cwiseMin(barePlace({2.0 * i / kSteps - 1, 2.0 * k / kSteps - 1}));
}

DisplayCondition Display::initialCondition() const
{
    return {.controls = m_description.controls};
}

Vec3 Display::drive(const DeviceRgb &code, const DisplayCondition &condition) const
{
    const DisplayDescription &d = m_description;
    const std::array<double, 3> gains = {condition.controls.redGain, condition.controls.greenGain,
                                         condition.controls.blueGain};
    Vec3 sent;
    for (int c = 0; c < 3; ++c) {
        const double value = vec(code)[c];
        if (!(value >= 0 && value <= 255))
            throw Error(ErrorKind::BadInput, "code value",
                        {"%1 is outside 0 to 255", {shortNumber(value)}});
        double u = value / 255;
        if (condition.lut)
            u = condition.lut->evaluate(c, u);
        u = quantise(u * condition.nightLight[c], d.linkBits);
        sent[c] = u;
    }
    if (condition.memorySlot) {
        const SlotTable &slot = *condition.memorySlot;
        if (d.mixesPrimaries)
            sent = slot.apply(sent);
        else
            for (int c = 0; c < 3; ++c)
                sent[c] = slot.evaluate(c, sent[c]);
    }
    if (condition.mode && *condition.mode < d.modes.size())
        sent = d.modes[*condition.mode].mode.apply(sent);
    else if (d.traits.pictureMode)
        sent = d.traits.pictureMode->apply(sent);
    Vec3 t;
    for (int c = 0; c < 3; ++c) {
        const double gain = d.hasRgbGains ? gains[c] / 100 : 1;
        t[c] = panelDrive(sent[c] * gain * condition.controls.contrast / d.factoryControls.contrast,
                          c, d);
    }
    const Vec3 a = t.cwiseProduct(Vec3::Ones() - d.crosstalk * t);
    return d.traits.mixed(a, condition.litArea) + d.blackRatio * d.leak;
}

Vec3 Display::scale(const DisplayCondition &condition) const
{
    const DisplayDescription &d = m_description;
    const double backlight =
        d.minBacklight + (1 - d.minBacklight) * condition.controls.brightness / 100;
    Vec3 k;
    for (int c = 0; c < 3; ++c) {
        const double warm =
            condition.minutesOn
                ? 1 + d.warmUpAmplitude[c] * std::exp(-*condition.minutesOn / d.tauMinutes)
                : 1;
        k[c] = backlight * warm * std::exp2(-d.hours / d.halfLifeHours[c]);
    }
    if (d.traits.drift && condition.minutesOn)
        k = k.cwiseProduct(d.traits.drift->factor(*condition.minutesOn));
    return k;
}

/// Light can only be taken away: every place comes down towards the darkest.
Vec3 Display::place(const ScreenPoint &at, const DisplayCondition &condition) const
{
    const Vec3 bare = barePlace(at);
    if (!condition.evened || !m_description.eveningResidual)
        return bare;
    return m_leastPlace + *m_description.eveningResidual * (bare - m_leastPlace);
}

Vec3 Display::barePlace(const ScreenPoint &at) const
{
    Vec3 k;
    for (int c = 0; c < 3; ++c) {
        const auto &p = m_description.falloff[c];
        k[c] = 1 + p[0] * at.x + p[1] * at.y + p[2] * at.x * at.x + p[3] * at.y * at.y +
               p[4] * at.x * at.y;
    }
    return k;
}

Vec3 Display::meanPlace(const ScreenPoint &centre, double diameterMm,
                        const DisplayCondition &condition) const
{
    constexpr int kPoints = 9;
    const double radius = diameterMm / 2;
    Vec3 sum = Vec3::Zero();
    int n = 0;
    for (int i = 0; i < kPoints; ++i)
        for (int j = 0; j < kPoints; ++j) {
            const double dx = radius * (2.0 * i / (kPoints - 1) - 1);
            const double dy = radius * (2.0 * j / (kPoints - 1) - 1);
            if (dx * dx + dy * dy > radius * radius * (1 + 1e-12))
                continue;
            sum += place({centre.x + 2 * dx / m_description.sizeMm[0],
                          centre.y + 2 * dy / m_description.sizeMm[1]},
                         condition);
            ++n;
        }
    return sum / n;
}

XYZ Display::emitted(const DeviceRgb &code, const DisplayCondition &condition,
                     const ScreenPoint &at) const
{
    const Vec3 k = scale(condition).cwiseProduct(place(at, condition));
    return toXyz(m_channelXyz * drive(code, condition).cwiseProduct(k));
}

XYZ Display::reflected(double illuminanceLux, const Chromaticity &room) const
{
    return fromChromaticity(room, m_description.reflectance * illuminanceLux / std::numbers::pi);
}

} // namespace lantern::bench
