#include "core/aim/display_state.h"

#include "core/colour/difference.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <tuple>

namespace lantern {

namespace {

using Polygon = std::vector<UvPrime>;

Polygon triangle(const PrimarySet &set)
{
    Polygon p;
    for (const Chromaticity &c : set)
        p.push_back(uvPrime(c));
    return p;
}

double signedArea(const Polygon &p)
{
    double twice = 0;
    for (size_t i = 0; i < p.size(); ++i) {
        const UvPrime &a = p[i];
        const UvPrime &b = p[(i + 1) % p.size()];
        twice += a.u * b.v - b.u * a.v;
    }
    return twice / 2;
}

/// Part of `subject` inside the convex `clip`. Source: Sutherland, Hodgman, Comm. ACM 17 (1974)
/// 32-42.
Polygon intersection(Polygon subject, Polygon clip)
{
    if (signedArea(clip) < 0)
        std::reverse(clip.begin(), clip.end());
    for (size_t i = 0; i < clip.size(); ++i) {
        const UvPrime a = clip[i];
        const UvPrime b = clip[(i + 1) % clip.size()];
        auto side = [&](const UvPrime &p) {
            return (b.u - a.u) * (p.v - a.v) - (b.v - a.v) * (p.u - a.u);
        };
        Polygon out;
        for (size_t k = 0; k < subject.size(); ++k) {
            const UvPrime p = subject[k];
            const UvPrime q = subject[(k + 1) % subject.size()];
            const double sp = side(p);
            const double sq = side(q);
            if (sp >= 0)
                out.push_back(p);
            if ((sp >= 0) != (sq >= 0)) {
                const double t = sp / (sp - sq);
                out.push_back({p.u + t * (q.u - p.u), p.v + t * (q.v - p.v)});
            }
        }
        subject = std::move(out);
    }
    return subject;
}

std::vector<Reading> averaged(const std::vector<Reading> &readings)
{
    std::map<std::tuple<double, double, double>, std::pair<Vec3, int>> sums;
    for (const Reading &r : readings) {
        auto &[sum, n] =
            sums.try_emplace({r.rgb.r, r.rgb.g, r.rgb.b}, Vec3::Zero(), 0).first->second;
        sum += vec(r.xyz);
        ++n;
    }
    std::vector<Reading> out;
    for (auto it = sums.rbegin(); it != sums.rend(); ++it) {
        const auto &[r, g, b] = it->first;
        out.push_back({{r, g, b}, toXyz(it->second.first / it->second.second)});
    }
    return out;
}

void judgeGreys(DisplayState &state, const Aim &aim, double reflectedCdM2)
{
    if (aim.tone == ToneCurve(NamedTone::Gsdf))
        state.stepError = gsdfStepError(state.greys, reflectedCdM2);
    const XYZ white = *state.white;
    const XYZ black = *state.black;
    const RelXYZ relWhite = relativeTo(white, white);
    double sxx = 0, sxy = 0, sxa = 0, tone = 0, toneWorst = 0, balance = 0, worst = 0;
    int fitted = 0, judged = 0;
    const bool native = std::holds_alternative<NativeTone>(aim.tone);
    for (const Reading &r : state.greys) {
        const double v = r.rgb.r / 255;
        if (v < 0.05 || v >= 1)
            continue;
        const XYZ neutral = fromChromaticity(chromaticity(white), r.xyz.Y);
        const double tint = deltaE2000(labFromXyz(relativeTo(r.xyz, white), relWhite),
                                       labFromXyz(relativeTo(neutral, white), relWhite));
        balance += tint;
        worst = std::max(worst, tint);
        const double rest = black.Y / white.Y;
        const double aimed = native ? 0 : toneLuminance(aim.tone, v, {rest, white.Y});
        if (!native) {
            const double error = std::abs(r.xyz.Y / white.Y / aimed - 1);
            tone += error;
            toneWorst = std::max(toneWorst, error);
        }
        ++judged;
        const double light = (r.xyz.Y - black.Y) / (white.Y - black.Y);
        if (v >= 0.1 && v <= 0.9 && light > 0) {
            sxx += std::log(v) * std::log(v);
            sxy += std::log(v) * std::log(light);
            if (!native)
                sxa += std::log(v) * std::log((aimed - rest) / (1 - rest));
            ++fitted;
        }
    }
    if (fitted >= 3) {
        state.gamma = sxy / sxx;
        if (!native)
            state.aimedGamma = sxa / sxx;
    }
    if (judged >= 3) {
        state.greyBalance = balance / judged;
        state.greyWorst = worst;
        if (!native) {
            state.toneError = tone / judged;
            state.toneWorst = toneWorst;
        }
    }
}

} // namespace

double gamutCoverage(const PrimarySet &display, const PrimarySet &space)
{
    const Polygon wanted = triangle(space);
    const Polygon common = intersection(wanted, triangle(display));
    return std::abs(signedArea(common) / signedArea(wanted));
}

double commonCoverage(const std::vector<PrimarySet> &displays, const PrimarySet &space)
{
    const Polygon wanted = triangle(space);
    Polygon common = wanted;
    for (const PrimarySet &display : displays)
        common = intersection(common, triangle(display));
    return std::abs(signedArea(common) / signedArea(wanted));
}

std::optional<double> gsdfStepError(const std::vector<Reading> &greys, double reflectedCdM2)
{
    if (greys.size() < 3)
        return std::nullopt;
    const auto seen = [&](const Reading &r) { return r.xyz.Y + reflectedCdM2; };
    const double lowest = gsdfIndex(seen(greys.back()));
    const double span = gsdfIndex(seen(greys.front())) - lowest;
    const double codes = greys.front().rgb.r - greys.back().rgb.r;
    if (span <= 0 || codes <= 0 || seen(greys.back()) <= 0)
        return std::nullopt;
    const auto index = [&](const Reading &r) {
        return lowest + span * (r.rgb.r - greys.back().rgb.r) / codes;
    };
    double worst = 0;
    for (size_t i = 0; i + 1 < greys.size(); ++i) {
        const auto contrast = [](double light, double dark) {
            return 2 * (light - dark) / (light + dark);
        };
        const double measured = contrast(seen(greys[i]), seen(greys[i + 1]));
        const double aimed =
            contrast(gsdfLuminance(index(greys[i])), gsdfLuminance(index(greys[i + 1])));
        worst = std::max(worst, std::abs(measured / aimed - 1));
    }
    return worst;
}

DisplayState displayState(const std::vector<Reading> &readings, const Aim &aim, StateDetail detail,
                          double reflectedCdM2)
{
    DisplayState state;
    std::array<std::optional<XYZ>, 3> full;
    for (const Reading &r : averaged(readings)) {
        if (isNeutral(r.rgb))
            state.greys.push_back(r);
        if (r.rgb == DeviceRgb{255, 255, 255})
            state.white = r.xyz;
        else if (r.rgb == DeviceRgb{0, 0, 0})
            state.black = r.xyz;
        else if (r.rgb == DeviceRgb{255, 0, 0})
            full[0] = r.xyz;
        else if (r.rgb == DeviceRgb{0, 255, 0})
            full[1] = r.xyz;
        else if (r.rgb == DeviceRgb{0, 0, 255})
            full[2] = r.xyz;
    }
    if (state.white && state.white->Y > 0) {
        const Chromaticity c = chromaticity(*state.white);
        if (detail == StateDetail::Everything)
            if (const Cct cct = correlatedColourTemperature(c); std::abs(cct.duv) <= kMostDuv)
                state.cct = cct;
        state.deltaUv = deltaUvPrime(uvPrime(c), uvPrime(aimChromaticity(aim, c)));
    }
    if (state.white && state.black) {
        if (state.black->Y > 0)
            state.contrast = state.white->Y / state.black->Y;
        if (state.white->Y > state.black->Y)
            judgeGreys(state, aim, reflectedCdM2);
    }
    if (full[0] && full[1] && full[2] && detail == StateDetail::Everything) {
        state.primaries = {chromaticity(*full[0]), chromaticity(*full[1]), chromaticity(*full[2])};
        state.srgbCoverage = gamutCoverage(*state.primaries, kSrgbPrimaries);
        state.p3Coverage = gamutCoverage(*state.primaries, kP3Primaries);
    }
    return state;
}

std::vector<DeviceRgb> statePatches()
{
    std::vector<DeviceRgb> patches = {{255, 255, 255}, {255, 0, 0}, {0, 255, 0}, {0, 0, 255}};
    for (int i = 9; i >= 0; --i) {
        const double v = std::round(25.5 * i);
        patches.push_back({v, v, v});
    }
    return patches;
}

std::vector<DeviceRgb> firstPatches()
{
    std::vector<DeviceRgb> patches = statePatches();
    const auto middle = std::find(patches.begin(), patches.end(), kCoarseFrom);
    patches.insert(middle + 1, kCoarseTo);
    return patches;
}

} // namespace lantern
