#include "core/check_first.h"

#include "core/difference.h"

#include <algorithm>
#include <cmath>

namespace lantern {

namespace {

constexpr DeviceRgb kWhite{255, 255, 255};

double excess(const CheckFirst &c, const CheckLimits &limits)
{
    return std::max({c.meanDeltaE00 / limits.meanDeltaE00, c.whiteDeltaUv / limits.whiteDeltaUv,
                     std::abs(c.luminanceRatio - 1) / limits.luminance});
}

} // namespace

std::vector<DeviceRgb> checkFirstPatches()
{
    return {kWhite,        {204, 204, 204}, {153, 153, 153}, {255, 0, 0},   {255, 128, 0},
            {255, 255, 0}, kWhite,          {0, 255, 0},     {0, 255, 255}, {102, 102, 102},
            {0, 128, 255}, {0, 0, 255},     {128, 0, 255},   {51, 51, 51},  {255, 0, 255},
            {26, 26, 26},  {0, 0, 0},       kWhite};
}

CheckFirst judgeCheck(const std::vector<Reading> &readings, const ProfileFile &profile,
                      const XYZ &white, const XYZ &black,
                      const std::optional<Repeatability> &scatter)
{
    CheckFirst c;
    const XYZ now = whiteOf(readings, "check");
    const std::optional<Repeatability> known = scatter ? scatter : estimateRepeatability(readings);
    c.whiteDeltaUv = deltaUvPrime(uvPrime(now), uvPrime(white));
    c.luminanceRatio = now.Y / white.Y;
    c.blackRatio = black.Y > 0 ? blackOf(readings, "check").Y / black.Y : 1;
    double greys = 0;
    int greyCount = 0;
    double variance = 0;
    for (const Reading &r : readings) {
        CheckFirst::Patch p;
        p.rgb = r.rgb;
        p.now = r.xyz;
        p.then = r.rgb == kWhite ? Lab{100, 0, 0} : profile.toLab(r.rgb);
        p.nowLab = pcsLab(r.xyz, white);
        p.deltaE00 = deltaE2000(p.then, p.nowLab);
        c.meanDeltaE00 += p.deltaE00;
        c.worstDeltaE00 = std::max(c.worstDeltaE00, p.deltaE00);
        if (known)
            variance += std::pow(uncertaintyDeltaE00(r, white, *known), 2);
        if (isNeutral(r.rgb) && !(r.rgb == kWhite) && r.rgb.r > 0) {
            greys += deltaE2000(p.then, pcsLab(r.xyz, now));
            ++greyCount;
        }
        c.patches.push_back(p);
    }
    const auto n = static_cast<double>(readings.size());
    c.meanDeltaE00 /= n;
    c.uncertainty = std::sqrt(variance) / n;
    c.greyDeltaE00 = greyCount > 0 ? greys / greyCount : 0;
    const double holds = excess(c, kHolds);
    const double drifts = excess(c, kDrifts);
    c.verdict = holds <= 1    ? CheckFirst::Verdict::Holds
                : drifts <= 1 ? CheckFirst::Verdict::Drifting
                              : CheckFirst::Verdict::Redo;
    const double slack = 2 * c.uncertainty;
    c.closeCall = std::abs(c.meanDeltaE00 - kHolds.meanDeltaE00) < slack ||
                  std::abs(c.meanDeltaE00 - kDrifts.meanDeltaE00) < slack;
    return c;
}

} // namespace lantern
