#include "core/judge/weakness.h"

#include "core/base/text.h"
#include "core/colour/difference.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace lantern {

namespace {

constexpr double kNeutralChroma = 5, kSaturatedChroma = 45;
constexpr double kDark = 20, kLight = 85;
constexpr double kWorthSaying = 1; ///< ΔE00, mean of a kind
constexpr double kStandsOut = 2;   ///< times the median colour

struct HueName {
    double from; ///< degrees in a*b*
    const char *name;
};
constexpr std::array<HueName, 8> kHues = {{{0, "reds"},
                                           {52, "oranges"},
                                           {75, "yellows"},
                                           {112, "greens"},
                                           {185, "cyans"},
                                           {235, "blues"},
                                           {315, "magentas"},
                                           {352, "reds"}}};

using Patches = std::vector<const ValidatedPatch *>;

/// Where most of it goes, if it goes anywhere.
std::string directionOf(const Patches &patches)
{
    Vec3 sum = Vec3::Zero();
    double length = 0;
    for (const ValidatedPatch *p : patches) {
        const Vec3 d = difference2000Vector(p->aimed.reference.lab, p->lab); // from aim to reading
        sum += d;
        length += d.norm();
    }
    int at = 0;
    sum.cwiseAbs().maxCoeff(&at);
    if (std::abs(sum[at]) < 0.5 * length)
        return {};
    const bool more = sum[at] > 0;
    return at == 0   ? (more ? "too light" : "too dark")
           : at == 1 ? (more ? "too vivid" : "too dull")
                     : "of another hue";
}

Cause causeOf(const Patches &patches)
{
    double gamut = 0;
    double profile = 0;
    double scatter = 0;
    double all = 0;
    for (const ValidatedPatch *p : patches) {
        gamut += p->outOfGamut;
        profile += p->profileError;
        scatter += p->uncertainty;
        all += p->deltaE00;
    }
    if (gamut > 0.5 * all)
        return Cause::Gamut;
    if (profile > 0.5 * all)
        return Cause::Profile;
    constexpr double kCoverage = 2;
    return kCoverage * scatter > all ? Cause::Meter : Cause::Display;
}

Message sentence(const Weakness &w, const std::string &rest)
{
    const std::string delta = fixedNumber(w.meanDeltaE00, 1);
    const bool straight = !w.direction.empty();
    std::vector<std::string> words = {w.colours, delta};
    if (straight)
        words.push_back(w.direction);
    words.push_back(rest);
    switch (w.cause) {
    case Cause::Gamut:
        return straight ? Message("The %1 are %2 ΔE00 off in the mean, mostly %3: the display "
                                  "cannot reach them. The rest is within %4.",
                                  words)
                        : Message("The %1 are %2 ΔE00 off in the mean: the display cannot reach "
                                  "them. The rest is within %3.",
                                  words);
    case Cause::Profile:
        return straight ? Message("The %1 are %2 ΔE00 off in the mean, mostly %3: the profile "
                                  "itself is off there. More patches, or a larger grid, would "
                                  "help. The rest is within %4.",
                                  words)
                        : Message("The %1 are %2 ΔE00 off in the mean: the profile itself is off "
                                  "there. More patches, or a larger grid, would help. The rest is "
                                  "within %3.",
                                  words);
    case Cause::Meter:
        return straight ? Message("The %1 are %2 ΔE00 off in the mean, mostly %3, which is no more "
                                  "than this meter scatters there. The rest is within %4.",
                                  words)
                        : Message("The %1 are %2 ΔE00 off in the mean, which is no more than this "
                                  "meter scatters there. The rest is within %3.",
                                  words);
    case Cause::Display:
        break;
    }
    return straight ? Message("The %1 are %2 ΔE00 off in the mean, mostly %3: the display could "
                              "show them but does not do what is expected of it there. Measuring "
                              "it anew would help. The rest is within %4.",
                              words)
                    : Message("The %1 are %2 ΔE00 off in the mean: the display could show them but "
                              "does not do what is expected of it there. Measuring it anew would "
                              "help. The rest is within %3.",
                              words);
}

} // namespace

std::string kindOfColour(const Lab &lab)
{
    const double c = chroma(lab);
    if (c < kNeutralChroma)
        return lab.L < kDark ? "darkest greys" : lab.L > kLight ? "lightest greys" : "greys";
    if (lab.L < kDark)
        return "shadows";
    const double h = hueDegrees(lab);
    constexpr double kSkinFrom = 38;
    constexpr double kSkinTo = 72;
    if (h > kSkinFrom && h < kSkinTo && c > 10 && c < kSaturatedChroma)
        return "skin tones";
    const char *name = kHues.front().name;
    for (const HueName &hue : kHues)
        if (h >= hue.from)
            name = hue.name;
    return std::string(c >= kSaturatedChroma ? "saturated " : "soft ") + name;
}

std::vector<Weakness> weaknesses(const Validation &v)
{
    if (v.patches.empty())
        return {};
    std::map<std::string, Patches> kinds;
    std::vector<double> all;
    for (const ValidatedPatch &p : v.patches) {
        kinds[kindOfColour(p.aimed.reference.lab)].push_back(&p);
        all.push_back(p.deltaE00);
    }
    const double usual = statistics(all).median;
    std::vector<Weakness> found;
    for (const auto &[name, patches] : kinds) {
        Weakness w{name, directionOf(patches), causeOf(patches), 0,
                   static_cast<int>(patches.size())};
        for (const ValidatedPatch *p : patches)
            w.meanDeltaE00 += p->deltaE00 / w.count;
        if (w.meanDeltaE00 > kWorthSaying && w.meanDeltaE00 >= kStandsOut * usual)
            found.push_back(w);
    }
    std::stable_sort(found.begin(), found.end(), [](const Weakness &a, const Weakness &b) {
        return a.meanDeltaE00 > b.meanDeltaE00;
    });
    return found;
}

std::vector<Message> weaknessInWords(const Validation &v)
{
    if (v.patches.empty())
        return {};
    const auto found = weaknesses(v);
    if (found.empty()) {
        const std::string worst = fixedNumber(v.deltaE00.max, 1);
        return {
            v.deltaE00.mean > kWorthSaying
                ? Message("No kind of colour stands out: all are off alike, by %1 ΔE00 at most. "
                          "Calibrating and measuring anew would help.",
                          {worst})
                : Message("No kind of colour stands out: all are within %1 ΔE00.", {worst})};
    }
    double rest = 0;
    for (const ValidatedPatch &p : v.patches) {
        const std::string kind = kindOfColour(p.aimed.reference.lab);
        if (std::ranges::none_of(found, [&](const Weakness &w) { return w.colours == kind; }))
            rest = std::max(rest, p.deltaE00);
    }
    std::vector<Message> out = {sentence(found.front(), fixedNumber(rest, 1))};
    if (found.size() > 1)
        out.emplace_back(
            "Next come the %1 with %2.",
            std::vector<std::string>{found[1].colours, fixedNumber(found[1].meanDeltaE00, 1)});
    return out;
}

} // namespace lantern
