#include "core/judge/check_first.h"

#include "core/colour/difference.h"
#include "core/reading/drift.h"

#include <algorithm>
#include <cmath>

namespace lantern {

namespace {

const std::vector<Figure> kFigures = {Figure::White, Figure::Luminance, Figure::GreyMean,
                                      Figure::ColourMean, Figure::ColourWorst};

/// A patch that was read several times counts once.
std::vector<Reading> averaged(const std::vector<Reading> &readings)
{
    std::vector<Reading> out;
    std::vector<int> counts;
    for (const Reading &r : readings) {
        const auto known =
            std::find_if(out.begin(), out.end(), [&](const Reading &o) { return o.rgb == r.rgb; });
        if (known == out.end()) {
            out.push_back(r);
            counts.push_back(1);
            continue;
        }
        const auto n = static_cast<double>(++counts[static_cast<size_t>(known - out.begin())]);
        known->xyz = toXyz(vec(known->xyz) + (vec(r.xyz) - vec(known->xyz)) / n);
    }
    return out;
}

CheckFirst compare(const CheckRequest &request, const std::vector<Reading> &readings)
{
    CheckFirst c;
    const XYZ now = whiteOf(readings, "check");
    c.whiteDeltaUv = deltaUvPrime(uvPrime(now), uvPrime(request.white));
    c.luminanceRatio = now.Y / request.white.Y;
    c.blackRatio = request.black.Y > 0 ? blackOf(readings, "check").Y / request.black.Y : 1;
    const auto seen = [&](std::vector<Reading> set) {
        return request.room ? request.room->seen(set) : set;
    };
    const XYZ whiteThen = seen({{kDeviceWhite, request.white}}).front().xyz;
    const XYZ whiteNow = seen({{kDeviceWhite, now}}).front().xyz;
    double greys = 0;
    int greyCount = 0;
    for (const Reading &r : seen(averaged(readings))) {
        CheckFirst::Patch p;
        p.rgb = r.rgb;
        p.now = r.xyz;
        p.then = r.rgb == kDeviceWhite ? Lab{100, 0, 0} : request.profile.toLab(r.rgb);
        p.nowLab = pcsLab(r.xyz, whiteThen);
        p.deltaE00 = deltaE2000(p.then, p.nowLab);
        c.meanDeltaE00 += p.deltaE00;
        c.worstDeltaE00 = std::max(c.worstDeltaE00, p.deltaE00);
        if (isNeutral(r.rgb) && !(r.rgb == kDeviceWhite) && r.rgb.r > 0) {
            greys += deltaE2000(p.then, pcsLab(r.xyz, whiteNow));
            ++greyCount;
        }
        c.patches.push_back(p);
    }
    c.meanDeltaE00 /= static_cast<double>(c.patches.size());
    c.greyDeltaE00 = greyCount > 0 ? greys / greyCount : 0;
    return c;
}

std::vector<double> values(const CheckFirst &c)
{
    return {c.whiteDeltaUv, c.luminanceRatio - 1, c.greyDeltaE00, c.meanDeltaE00, c.worstDeltaE00};
}

} // namespace

std::vector<DeviceRgb> checkFirstPatches()
{
    return {kDeviceWhite,  {204, 204, 204}, {153, 153, 153}, {255, 0, 0},   {255, 128, 0},
            {255, 255, 0}, kDeviceWhite,    {0, 255, 0},     {0, 255, 255}, {102, 102, 102},
            {0, 128, 255}, {0, 0, 255},     {128, 0, 255},   {51, 51, 51},  {255, 0, 255},
            {26, 26, 26},  {0, 0, 0},       kDeviceWhite};
}

CheckFirst judgeCheck(const CheckRequest &request)
{
    CheckFirst c = compare(request, request.readings);
    ErrorSources errors;
    errors.scatter =
        request.errors.scatter ? request.errors.scatter : correctDrift(request.readings).scatter;
    errors.drift = whiteDrift(request.readings, errors.scatter);
    const auto found =
        estimatesOf(kFigures, request.readings, request.primaries, errors,
                    [&](const std::vector<Reading> &r) { return values(compare(request, r)); });
    c.figures.tolerance = request.tolerance;
    Call holds = Call::NotJudged;
    Call drifts = Call::NotJudged;
    bool within = true;
    bool withinDrift = true;
    for (size_t i = 0; i < kFigures.size(); ++i) {
        const auto limit = limitOf(kFigures[i], request.tolerance, Aim{}); // whatever was aimed at
        if (kFigures[i] == Figure::ColourMean) {
            c.meanDeltaE00 = found[i].value;
            c.uncertainty = found[i].uncertainty.total();
        }
        // Its colours are compared by CIEDE2000; limits on other differences say nothing of them.
        const bool isOther = halfOf(kFigures[i]) == Half::Profile &&
                             request.tolerance.formula != DifferenceFormula::De2000;
        if (!limit || isOther)
            continue;
        const JudgedFigure f = judgeFigure(kFigures[i], found[i], *limit);
        const JudgedFigure far = judgeFigure(kFigures[i], found[i], kDriftsUpTo * *limit);
        holds = std::max(holds, f.call);
        drifts = std::max(drifts, far.call);
        within &= f.value <= f.limit;
        withinDrift &= far.value <= far.limit;
        c.figures.figures.push_back(f);
    }
    c.verdict = within        ? CheckFirst::Verdict::Holds
                : withinDrift ? CheckFirst::Verdict::Drifting
                              : CheckFirst::Verdict::Redo;
    // Open where the figure that decides lies within its uncertainty of a limit.
    c.closeCall = holds == Call::CannotTell || drifts == Call::CannotTell;
    return c;
}

} // namespace lantern
