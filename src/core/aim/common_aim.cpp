#include "core/aim/common_aim.h"

#include "core/base/error.h"
#include "core/base/text.h"

#include <algorithm>
#include <cmath>

namespace lantern {

namespace {

/// What it could give at the top of its brightness.
double peakOf(const ReadDisplay &d, const Aim &wanted)
{
    const Chromaticity white = nominalChromaticity(wanted, chromaticity(d.reach.white));
    const double here = d.reach.limit(white).luminance;
    if (here <= 0)
        throw Error(ErrorKind::BadInput, d.name,
                    {"cannot mix the white %1", {whiteName(wanted.white)}},
                    "Choose another white, or leave this display out.");
    return here / d.backlight;
}

/// With white brought down to a luminance: by its backlight black goes with it, else it stays.
double contrastAt(const ReadDisplay &d, double peak, double luminance)
{
    const double black = std::max(1e-4, d.reach.black.Y); // below that no meter tells
    return d.dims ? peak * d.backlight / black : luminance / black;
}

} // namespace

CommonAim commonAim(const std::vector<ReadDisplay> &displays, const Aim &wanted)
{
    if (displays.size() < 2)
        throw Error(ErrorKind::BadInput, "displays", "it takes two to share an aim");
    CommonAim out;
    out.aim = wanted;
    out.aim.name = "Shared by all";
    out.aim.primaries.reset();
    out.aim.matchedByEye.reset();
    std::vector<PrimarySet> gamuts;
    for (const ReadDisplay &d : displays) {
        out.plans.push_back({d.name, peakOf(d, wanted), 0, 0, 0, 0});
        out.isEstimated = out.isEstimated || d.backlight < 1;
        gamuts.push_back(d.primaries);
    }
    const auto place = [](auto it, const auto &all) {
        return static_cast<size_t>(it - all.begin());
    };
    out.darkest = place(std::ranges::min_element(out.plans, {}, &SharePlan::peak), out.plans);
    double luminance = std::floor(kShareOfPeak * out.plans[out.darkest].peak);
    if (wanted.luminanceCdM2)
        luminance = std::min(luminance, *wanted.luminanceCdM2);
    luminance = std::min(luminance, kMaxAimLuminance);
    if (luminance < kMinAimLuminance)
        throw Error(ErrorKind::BadInput, displays[out.darkest].name,
                    {"gives %1 cd/m² at this white: too little for any aim",
                     {fixedNumber(out.plans[out.darkest].peak, 1)}},
                    "Leave this display out.");
    out.aim.luminanceCdM2 = luminance;

    for (size_t i = 0; i < displays.size(); ++i)
        out.plans[i].contrast = contrastAt(displays[i], out.plans[i].peak, luminance);
    out.flattest = place(std::ranges::min_element(out.plans, {}, &SharePlan::contrast), out.plans);
    const double least = out.plans[out.flattest].contrast;
    const double most = std::ranges::max(out.plans, {}, &SharePlan::contrast).contrast;
    constexpr double kLeastContrast = 50, kMostContrast = 100'000; // that aims may ask for
    out.aim.contrastRatio.reset();
    double shared = most;
    if (most > kSameContrast * least) {
        constexpr double kStep = 10;
        shared = std::clamp(kStep * std::floor(least / kStep), kLeastContrast, kMostContrast);
        out.aim.contrastRatio = shared;
    }
    for (size_t i = 0; i < displays.size(); ++i) {
        SharePlan &p = out.plans[i];
        p.lightGivenUp = 1 - luminance / p.peak;
        p.contrastGivenUp = std::max(0.0, 1 - shared / p.contrast);
        p.gamutGivenUp = 1 - commonCoverage(gamuts, displays[i].primaries);
    }
    out.srgbCoverage = commonCoverage(gamuts, kSrgbPrimaries);
    out.p3Coverage = commonCoverage(gamuts, kP3Primaries);
    return out;
}

} // namespace lantern
