#include "job.h"

#include "generic_fits.h"

#include "bench/plan_runner.h"
#include "core/colour/difference.h"
#include "core/plan/adaptive_plan.h"
#include "core/plan/adjustment.h"
#include "core/plan/chart.h"
#include "core/plan/chart_reader.h"
#include "core/profile/profile_file.h"
#include "core/profile/profile_writer.h"
#include "core/reading/repeatability.h"

#include <nlohmann/json.hpp>

#include <chrono>
#include <cmath>
#include <fstream>
#include <random>
#include <sstream>
#include <stdexcept>

namespace lantern::marks {

namespace {

Lab labUnder(const XYZ &c, const XYZ &white)
{
    return labFromXyz(relativeTo(c, white), relativeTo(white, white));
}

void judgeGreys(const Aim &aim, const bench::Bench &b, const bench::DisplayCondition &state,
                const CalibrationResult &calibration, JobOutcome &out)
{
    const XYZ white = b.display().emitted({255, 255, 255}, state);
    const XYZ black = b.display().emitted({0, 0, 0}, state);
    const Chromaticity aimed = aimChromaticity(aim, chromaticity(calibration.aimedWhite));
    out.whiteDeltaUv = deltaUvPrime(uvPrime(white), uvPrime(aimed));
    out.luminanceError = aim.luminanceCdM2 ? white.Y / *aim.luminanceCdM2 - 1 : 0;
    const XYZ aimedWhite = fromChromaticity(aimed, aim.luminanceCdM2.value_or(white.Y));
    std::vector<double> all, tint;
    double tone = 0;
    for (int code = 13; code <= 255; ++code) {
        const XYZ grey = b.display().emitted({double(code), double(code), double(code)}, state);
        const double wanted = aimedWhite.Y * toneLuminance(aim.tone, code / 255.0,
                                                           {black.Y / aimedWhite.Y, aimedWhite.Y});
        const Lab target = labUnder(fromChromaticity(aimed, wanted), aimedWhite);
        const Lab shown = labUnder(grey, aimedWhite);
        all.push_back(deltaE2000(target, shown));
        tint.push_back(deltaE2000({shown.L, 0, 0}, labUnder(grey, white)));
        tone += std::abs(grey.Y / wanted - 1);
    }
    out.grey = statistics(all);
    out.greyTint = statistics(tint);
    out.toneError = tone / double(all.size());
}

void judgeProfile(const bench::Bench &b, const bench::DisplayCondition &state,
                  const ProfileFile &profile, JobOutcome &out)
{
    const XYZ white = b.display().emitted({255, 255, 255}, state);
    std::mt19937_64 random(7);
    std::vector<double> forward, inverse, roundTrip;
    auto shown = [&](const DeviceRgb &rgb) {
        return pcsLab(b.display().emitted(rgb, state), white);
    };
    for (int i = 0; i < 1000; ++i) {
        auto value = [&] { return double(random() % 256); };
        const DeviceRgb rgb{value(), value(), value()};
        const Lab truth = shown(rgb);
        forward.push_back(deltaE2000(truth, profile.toLab(rgb)));
        const Lab inside = profile.toLab(rgb);
        roundTrip.push_back(deltaE2000(inside, profile.toLab(profile.toDevice(inside))));
    }
    std::vector<double> greys;
    for (int v = 0; v < 256; ++v) {
        const DeviceRgb grey{double(v), double(v), double(v)};
        greys.push_back(deltaE2000(shown(grey), profile.toLab(grey)));
    }
    out.greyForward = statistics(greys);
    // Colours asked for lie anywhere inside the gamut, a third of them near neutral.
    const GamutBoundary gamut = profile.gamut();
    std::uniform_real_distribution<double> lightness(5, 98), wide(-90, 90), narrow(-8, 8);
    while (inverse.size() < 1000) {
        auto &ab = inverse.size() % 3 == 0 ? narrow : wide;
        const Lab aim{lightness(random), ab(random), ab(random)};
        if (chroma(aim) > 0.97 * gamut.chromaLimit(aim.L, hueDegrees(aim)))
            continue;
        const Vec3 codes = vec(profile.toDevice(aim)).array().round();
        inverse.push_back(deltaE2000(aim, shown(toDeviceRgb(codes))));
    }
    out.forward = statistics(forward);
    out.inverse = statistics(inverse);
    out.roundTrip = statistics(roundTrip);
}

void judgeGeneric(const bench::Bench &b, const bench::DisplayCondition &state,
                  const std::vector<Reading> &readings, JobOutcome &out)
{
    const XYZ white = b.display().emitted({255, 255, 255}, state);
    auto error = [&](const GenericFit &fit, const DeviceRgb &rgb) {
        return deltaE2000(pcsLab(b.display().emitted(rgb, state), white), fit(rgb));
    };
    for (const GenericFit &fit :
         {matrixAndCurves(readings), thinPlate(readings), bothInTurn(readings)}) {
        std::mt19937_64 random(7); // the colours that the profile is judged by
        std::array<double, 2> mean{};
        for (int i = 0; i < 1000; ++i) {
            auto value = [&] { return double(random() % 256); };
            mean[0] += error(fit, {value(), value(), value()}) / 1000;
        }
        for (int v = 0; v < 256; ++v)
            mean[1] += error(fit, {double(v), double(v), double(v)}) / 256;
        out.generic.push_back(mean);
    }
}

} // namespace

std::string readWhole(const std::string &path)
{
    const std::ifstream file(path);
    if (!file)
        throw std::runtime_error("cannot read " + path);
    std::stringstream text;
    text << file.rdbuf();
    return text.str();
}

JobOutcome runJob(const JobOptions &o)
{
    const auto d =
        bench::displayFromJson(parseJson(readWhole(o.displayPath), o.displayPath), o.displayPath);
    bench::MeterDescription meter = bench::builtInMeter(o.meter);
    if (!o.noise)
        meter.readNoise = meter.shot = 0;
    bench::Bench b(d, o.displayPath, meter, "", o.seed);

    const Settling settling = bench::learnSettling(b);
    if (d.remoteControls) {
        AdjustPlan adjust(o.aim, d.controls, {true, d.hasRgbGains});
        bench::carryOut(adjust, b, settling);
    }
    JobOutcome out;
    Aim aim = o.aim;
    if (!d.remoteControls) // as bright as it gets where the aim is out of reach
        aim.luminanceCdM2 = std::min(*aim.luminanceCdM2, 100.0);
    CalibrationPlan calibration(aim, {d.linkBits, b.condition().controls});
    bench::carryOut(calibration, b, settling);
    const CalibrationResult calibrated = calibration.result();
    out.levels = calibrated.distinctLevels;
    judgeGreys(aim, b, b.condition(), calibrated, out);

    const SignalPath path = signalPath(calibrated, {d.linkBits, b.condition().controls});
    std::vector<Reading> readings;
    if (o.chart == Chart::Chosen) {
        AdaptivePlan chart({.mostPatches = o.patches}, path);
        bench::carryOut(chart, b, settling);
        readings = chart.readings();
    } else {
        PatchListPlan chart(o.chart == Chart::Grid
                                ? regularGrid(static_cast<int>(std::cbrt(o.patches + 0.5)))
                                : measuringOrder(makeChart(o.patches)));
        bench::carryOut(chart, b, settling);
        readings = chart.readings();
    }
    ProfileRequest request;
    request.path = path;
    const DriftCorrection steady = steadyReadings(readings);
    request.scatter = steady.scatter;
    const auto before = std::chrono::steady_clock::now();
    const BuiltProfile built = buildProfile(steady.readings, request, "chart");
    out.buildSeconds =
        std::chrono::duration<double>(std::chrono::steady_clock::now() - before).count();
    out.readings = int(readings.size());
    out.expected = expectedError(steady, path);
    judgeProfile(b, b.condition(), ProfileFile(built.icc, "profile"), out);
    if (o.genericFits)
        judgeGeneric(b, b.condition(), steady.readings, out);
    return out;
}

} // namespace lantern::marks
