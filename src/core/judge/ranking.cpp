#include "core/judge/ranking.h"

#include "core/base/text.h"

#include <algorithm>

namespace lantern {

namespace {

constexpr double kFull = 0.98; ///< of a control's range
constexpr double kSame = 0.02; ///< of a limit: nobody sees that

/// The figure that goes farthest towards its limit.
struct Nearest {
    double share = 0;
    const JudgedFigure *figure = nullptr;
};

Nearest nearestOf(const std::vector<JudgedFigure> &figures)
{
    Nearest n;
    for (const JudgedFigure &f : figures)
        if (const auto share = shareOfLimit(f); share && (!n.figure || *share > n.share))
            n = {*share, &f};
    return n;
}

Message inPercent(const RankedDisplay &d, const Nearest &n, bool isOver)
{
    const std::string percent = fixedNumber(100 * n.share, 0);
    if (isOver)
        return {"%1: right after its calibration its figure \"%2\" was at %3 % of its limit",
                {d.name, figureTitle(n.figure->figure), percent}};
    return {"%1: all figures are within their limits, and the one that comes nearest, \"%2\", is "
            "at %3 % of its limit",
            {d.name, figureTitle(n.figure->figure), percent}};
}

} // namespace

std::optional<double> shareOfLimit(const JudgedFigure &f)
{
    if (f.limit <= 0)
        return std::nullopt;
    constexpr double kFarBelow = 10;
    if (f.atLeast)
        return f.value > 0 ? std::min(kFarBelow, f.limit / f.value) : kFarBelow;
    return f.value / f.limit;
}

Ranking rank(const std::vector<RankedDisplay> &displays)
{
    Ranking out;
    out.bestReason = "none has been proved within its limits";
    out.replaceReason = "none: each that was proved is within its limits after a calibration";
    std::optional<Nearest> best, worst;
    for (size_t i = 0; i < displays.size(); ++i) {
        const RankedDisplay &d = displays[i];
        const Nearest proof = nearestOf(d.proof);
        if (!proof.figure)
            continue;
        const Nearest check = nearestOf(d.check);
        const Nearest now = check.figure && check.share > proof.share ? check : proof;
        const bool ties = best && std::abs(now.share - best->share) < kSame;
        const bool wins =
            !best || (ties ? d.p3Coverage.value_or(0) > displays[*out.best].p3Coverage.value_or(0)
                           : now.share < best->share);
        if (now.share <= 1 && wins) {
            best = now;
            out.best = i;
            out.bestReason = inPercent(d, now, false);
        }
        if (proof.share > 1 && (!worst || proof.share > worst->share)) {
            worst = proof;
            out.replace = i;
            const bool dim = proof.figure->figure == Figure::Luminance ||
                             proof.figure->figure == Figure::Brightness;
            out.replaceReason =
                dim && d.brightness.value_or(0) >= kFull
                    ? Message{"%1: its light no longer reaches the aim, with its brightness at the "
                              "top",
                              {d.name}}
                    : inPercent(d, proof, true);
        }
    }
    return out;
}

} // namespace lantern
