#include "bench/panel_traits.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <cmath>
#include <numbers>

namespace lantern::bench {

Vec3 triple(JsonObject &object, const std::string &key, double min, double max)
{
    const auto v = object.numbers(key, 3, min, max);
    return {v[0], v[1], v[2]};
}

namespace {

Mat3 rows(JsonObject &object, const std::string &key, double min, double max)
{
    const auto v = object.numbers(key, 9, min, max);
    return (Mat3() << v[0], v[1], v[2], v[3], v[4], v[5], v[6], v[7], v[8]).finished();
}

PictureMode pictureMode(JsonObject object)
{
    PictureMode m;
    m.gamma = object.number("gamma", 0.5, 5);
    m.matrix = rows(object, "matrix", -2, 2);
    const auto axes = object.numbers("axes", 18, -0.5, 0.5);
    for (size_t a = 0; a < m.axes.size(); ++a)
        m.axes[a] = Vec3(axes[3 * a], axes[3 * a + 1], axes[3 * a + 2]);
    m.points = object.integer("points", 0, 9);
    if (m.points == 1)
        object.fail("points", "is 1; a table has 0 or 2 to 9 points a side");
    const auto count = static_cast<size_t>(m.points) * m.points * m.points;
    const auto table = object.numbers("table", 3 * count, 0, 1);
    for (size_t i = 0; i < count; ++i)
        m.table.emplace_back(table[3 * i], table[3 * i + 1], table[3 * i + 2]);
    object.finish();
    return m;
}

/// Multilinear between the eight points around.
Vec3 lookUp(const std::vector<Vec3> &table, int points, const Vec3 &at)
{
    std::array<int, 3> low{};
    Vec3 f;
    for (int c = 0; c < 3; ++c) {
        const double position = std::clamp(at[c], 0.0, 1.0) * (points - 1);
        low[c] = std::min(static_cast<int>(position), points - 2);
        f[c] = position - low[c];
    }
    Vec3 sum = Vec3::Zero();
    for (int corner = 0; corner < 8; ++corner) {
        double weight = 1;
        int index = 0;
        for (int c = 0; c < 3; ++c) {
            const int up = corner >> c & 1;
            weight *= up ? f[c] : 1 - f[c];
            index = index * points + low[c] + up;
        }
        sum += weight * table[static_cast<size_t>(index)];
    }
    return sum;
}

} // namespace

Vec3 PictureMode::apply(const Vec3 &signal) const
{
    Vec3 u = signal;
    if (!matrix.isIdentity(0)) {
        const Vec3 light = matrix * u.array().pow(gamma).matrix();
        u = light.cwiseMax(0).cwiseMin(1).array().pow(1 / gamma);
    }
    // The largest channel names the primary axis, the least one the secondary.
    int most = 0;
    int least = 0;
    for (int c = 1; c < 3; ++c) {
        if (u[c] > u[most])
            most = c;
        if (u[c] < u[least])
            least = c;
    }
    if (most != least) {
        const double middle = u.sum() - u[most] - u[least];
        constexpr std::array kSecondary = {3, 5, 1}; // without red cyan, green magenta, blue yellow
        u = u + (u[most] - middle) * axes[static_cast<size_t>(2 * most)] +
            (middle - u[least]) * axes[static_cast<size_t>(kSecondary[static_cast<size_t>(least)])];
        u = u.cwiseMax(0).cwiseMin(1);
    }
    return points > 0 ? lookUp(table, points, u) : u;
}

double ClippedEnds::apply(int c, double signal) const
{
    return std::clamp((signal - crush[c]) / (clip[c] - crush[c]), 0.0, 1.0);
}

double Ripple::apply(double signal) const
{
    const double turn = 2 * std::numbers::pi * steps;
    return signal - depth / turn * std::sin(turn * signal);
}

Vec3 Drift::factor(double minutesOn) const
{
    const double wave = swing * std::sin(2 * std::numbers::pi * minutesOn / periodMinutes);
    return (Vec3::Ones() + perHour * (minutesOn / 60)).array() + wave;
}

Vec3 Response::at(const Vec3 &from, const Vec3 &to, double waitedSeconds) const
{
    Vec3 out;
    for (int c = 0; c < 3; ++c) {
        const double tau = to[c] > from[c] ? riseSeconds : fallSeconds;
        out[c] = tau > 0 ? to[c] + (from[c] - to[c]) * std::exp(-waitedSeconds / tau) : to[c];
    }
    return out;
}

Vec3 Response::mean(const Vec3 &from, const Vec3 &to, double waitedSeconds,
                    double integrationSeconds) const
{
    Vec3 out;
    for (int c = 0; c < 3; ++c) {
        const double tau = to[c] > from[c] ? riseSeconds : fallSeconds;
        out[c] = to[c];
        if (tau > 0)
            out[c] += (from[c] - to[c]) * tau / integrationSeconds *
                      (std::exp(-waitedSeconds / tau) -
                       std::exp(-(waitedSeconds + integrationSeconds) / tau));
    }
    return out;
}

Vec3 PanelTraits::mixed(const Vec3 &drive, const std::optional<double> &litArea) const
{
    Vec3 a = drive + levelShift * drive.cwiseProduct(Vec3::Ones() - drive);
    if (whiteSubpixel)
        a += std::pow(std::max(0.0, drive.minCoeff()), whiteSubpixel->exponent) *
             whiteSubpixel->share;
    if (powerLimit) {
        const double load = litArea.value_or(powerLimit->litArea) * powerLimit->weights.dot(drive);
        if (load > powerLimit->threshold)
            a *= std::pow(powerLimit->threshold / load, powerLimit->strength);
    }
    if (offAxis) {
        const Vec3 slanted =
            offAxis->gain.cwiseProduct(a.cwiseMax(0).array().pow(offAxis->exponent).matrix()) +
            Vec3::Constant(offAxis->black);
        a = (1 - offAxis->share) * a + offAxis->share * slanted;
    }
    return a;
}

std::vector<NamedMode> namedModesFromJson(JsonObject &display, const std::string &source)
{
    std::vector<NamedMode> modes;
    if (!display.has("modes"))
        return modes;
    const Json &list = display.raw("modes");
    constexpr size_t kMost = 32;
    if (!list.is_array() || list.empty() || list.size() > kMost)
        display.fail("modes", "must be a list of 1 to 32 modes");
    for (size_t i = 0; i < list.size(); ++i) {
        JsonObject one(list[i], source, "modes[" + std::to_string(i) + "]");
        NamedMode named;
        named.name = one.string("name");
        named.mode = pictureMode(one.object("picture_mode"));
        one.finish();
        modes.push_back(std::move(named));
    }
    return modes;
}

PanelTraits panelTraitsFromJson(JsonObject &display)
{
    PanelTraits t;
    if (display.has("picture_mode"))
        t.pictureMode = pictureMode(display.object("picture_mode"));
    if (display.has("dither")) {
        JsonObject o = display.object("dither");
        t.dither = Dither{o.integer("bits", 4, 10), o.integer("frames", 1, 16)};
        o.finish();
    }
    if (display.has("ends")) {
        JsonObject o = display.object("ends");
        t.ends = ClippedEnds{triple(o, "crush", 0, 0.2), triple(o, "clip", 0.8, 1)};
        o.finish();
    }
    if (display.has("ripple")) {
        JsonObject o = display.object("ripple");
        t.ripple = Ripple{o.integer("steps", 1, 64), o.number("depth", 0, 1)};
        o.finish();
    }
    if (display.has("level_shift"))
        t.levelShift = rows(display, "level_shift", -0.3, 0.3);
    if (display.has("white_subpixel")) {
        JsonObject o = display.object("white_subpixel");
        t.whiteSubpixel = WhiteSubpixel{triple(o, "share", 0, 2), o.number("exponent", 0.5, 5)};
        o.finish();
    }
    if (display.has("power_limit")) {
        JsonObject o = display.object("power_limit");
        t.powerLimit = PowerLimit{triple(o, "weights", 0, 1), o.number("threshold", 0.01, 1),
                                  o.number("strength", 0, 1), o.number("lit_area", 0, 1)};
        o.finish();
    }
    if (display.has("off_axis")) {
        JsonObject o = display.object("off_axis");
        t.offAxis = OffAxis{o.number("share", 0, 1), triple(o, "gain", 0, 2),
                            o.number("exponent", 0.5, 2), o.number("black", 0, 0.1)};
        o.finish();
    }
    if (display.has("drift")) {
        JsonObject o = display.object("drift");
        t.drift = Drift{triple(o, "per_hour", -0.2, 0.2), o.number("swing", 0, 0.1),
                        o.number("period_minutes", 1, 1440)};
        o.finish();
    }
    if (display.has("response")) {
        JsonObject o = display.object("response");
        t.response = Response{o.number("rise_seconds", 0, 2), o.number("fall_seconds", 0, 2)};
        o.finish();
    }
    return t;
}

} // namespace lantern::bench
