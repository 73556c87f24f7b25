#include "core/judge/validation.h"

#include "core/base/error.h"
#include "core/colour/difference.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>
#include <limits>

namespace lantern {

Statistics statistics(std::vector<double> values)
{
    std::sort(values.begin(), values.end());
    const auto n = static_cast<double>(values.size());
    auto quantile = [&](double q) {
        const double position = q * (n - 1);
        const auto i = static_cast<size_t>(position);
        const size_t j = std::min(i + 1, values.size() - 1);
        return values[i] + (position - static_cast<double>(i)) * (values[j] - values[i]);
    };
    Statistics s;
    for (const double v : values)
        s.mean += v / n;
    double squares = 0;
    for (const double v : values)
        squares += (v - s.mean) * (v - s.mean);
    s.deviation = values.size() > 1 ? std::sqrt(squares / (n - 1)) : 0;
    s.median = quantile(0.5);
    s.p90 = quantile(0.9);
    s.p95 = quantile(0.95);
    s.max = values.back();
    return s;
}

Tails tails(std::vector<double> values)
{
    std::sort(values.begin(), values.end());
    const size_t n = values.size();
    const size_t low = std::max<size_t>(1, n * 9 / 10);
    const size_t high = std::max<size_t>(1, n - n * 9 / 10);
    Tails t;
    t.best = values.front();
    for (size_t i = 0; i < low; ++i)
        t.lowest90 += values[i] / static_cast<double>(low);
    for (size_t i = n - high; i < n; ++i)
        t.highest10 += values[i] / static_cast<double>(high);
    return t;
}

namespace {

/// The displayable colour nearest to an aim, by the profile's forward direction alone: Gauss-Newton
/// on ΔE00 in code values, from those that the profile itself would send. What the profile's
/// inverse gets wrong is thus not taken for missing gamut.
Lab nearestReachable(const ProfileFile &profile, const Lab &aim, const Vec3 &start)
{
    Vec3 code = start;
    Lab shown = profile.toLab(toDeviceRgb(code));
    Vec3 miss = difference2000Vector(aim, shown);
    double damping = 1e-3;
    constexpr int kMaxSteps = 20;
    constexpr double kArrived = 0.005; // ΔE00
    for (int step = 0; step < kMaxSteps && miss.norm() > kArrived; ++step) {
        constexpr double kStep = 0.25; // of a code value
        Mat3 slope;
        for (int c = 0; c < 3; ++c) {
            Vec3 moved = code;
            const double by = moved[c] + kStep > 255 ? -kStep : kStep;
            moved[c] += by;
            slope.col(c) =
                (difference2000Vector(aim, profile.toLab(toDeviceRgb(moved))) - miss) / by;
        }
        const Vec3 down = -(slope.transpose() * miss);
        for (int c = 0; c < 3; ++c) // what pushes against a wall is held there
            if ((code[c] <= 0 && down[c] < 0) || (code[c] >= 255 && down[c] > 0))
                slope.col(c).setZero();
        bool better = false;
        for (int attempt = 0; attempt < 6 && !better; ++attempt) {
            Mat3 normal = slope.transpose() * slope;
            normal.diagonal().array() += damping * (normal.trace() + 1e-9);
            const Vec3 next =
                (code - normal.ldlt().solve(slope.transpose() * miss)).cwiseMax(0).cwiseMin(255);
            const Lab there = profile.toLab(toDeviceRgb(next));
            const Vec3 left = difference2000Vector(aim, there);
            better = left.norm() < miss.norm() - 1e-6;
            if (better) {
                code = next;
                shown = there;
                miss = left;
                damping /= 5;
            } else
                damping *= 10;
        }
        if (!better)
            break;
    }
    return shown;
}

} // namespace

std::vector<AimedPatch> aimedPatches(const ReferenceSet &set, const ProfileFile &profile)
{
    std::vector<AimedPatch> out;
    for (const ReferenceColour &colour : set.colours) {
        const Vec3 exact = vec(profile.toDevice(colour.lab));
        const DeviceRgb rgb = toDeviceRgb(exact.array().round());
        out.push_back({colour, rgb, nearestReachable(profile, colour.lab, exact),
                       profile.toLab(toDeviceRgb(exact))});
    }
    return out;
}

std::vector<AimedPatch> perceptualPatches(const ReferenceSet &set, const ProfileFile &profile)
{
    std::vector<AimedPatch> out;
    for (const ReferenceColour &colour : set.colours) {
        const Vec3 exact = vec(profile.toDevicePerceptual(colour.lab));
        const Lab shown = profile.toLab(toDeviceRgb(exact));
        out.push_back({{colour.name, shown}, toDeviceRgb(exact.array().round()), shown, shown});
    }
    return out;
}

std::vector<AimedPatch> patchesOfSpace(const ReferenceSet &set, const TargetSpace &space)
{
    std::vector<AimedPatch> out;
    for (const ReferenceColour &colour : set.colours) {
        const Vec3 exact = vec(space.toDevice(colour.lab));
        const DeviceRgb rgb = toDeviceRgb(exact.array().round());
        const Lab lab = space.toLab(rgb);
        out.push_back({{colour.name, lab}, rgb, lab, lab});
    }
    return out;
}

double differenceOf(const ValidatedPatch &p, const Validation &v)
{
    return difference(v.verdict.tolerance.formula, p.aimed.reference.lab, p.lab, v.white);
}

std::vector<DeviceRgb> validationPatches(const std::vector<AimedPatch> &aimed)
{
    std::vector<DeviceRgb> patches = {kDeviceWhite};
    for (const AimedPatch &p : aimed)
        patches.push_back(p.rgb);
    for (const DeviceRgb &p : statePatches())
        if (isNeutral(p) && !(p == kDeviceWhite))
            patches.push_back(p);
    patches.push_back(kDeviceWhite);
    return patches;
}

namespace {

bool isReachable(const AimedPatch &p)
{
    return deltaE2000(p.reference.lab, p.reachable) <= kReachable;
}

/// The readings of a validation, parted.
struct Parts {
    XYZ white;
    std::vector<Reading> colours;
    std::vector<Reading> state; ///< white, greys, black
};

Parts parts(const ValidationRequest &r, const std::vector<Reading> &readings)
{
    const size_t colours = r.aimed.size();
    Parts p;
    const auto end = readings.begin() + 1 + static_cast<long>(colours);
    p.colours.assign(readings.begin() + 1, end);
    p.state.assign(end, readings.end());
    p.state.push_back(readings.front());
    p.white = whiteOf(p.state, "validation");
    if (r.room) { // the state is the display's own
        p.colours = r.room->seen(p.colours);
        p.white = r.room->seen({{kDeviceWhite, p.white}}).front().xyz;
    }
    if (r.isAbsolute && r.aim) {
        const double luminance = r.aim->luminanceCdM2.value_or(p.white.Y);
        p.white = fromChromaticity(aimChromaticity(*r.aim, chromaticity(p.white)), luminance);
    }
    return p;
}

/// Values of the figures, those of the aim first, then mean, 95 % and worst of the colours.
std::vector<double> figureValues(const ValidationRequest &r, const std::vector<Reading> &readings)
{
    const Parts p = parts(r, readings);
    const Aim aim = r.aim.value_or(Aim{});
    std::vector<double> values = aimFigureValues(
        displayState(p.state, aim, StateDetail::Figures, r.room ? r.room->reflected.Y : 0), aim);
    std::vector<double> deltas;
    for (size_t i = 0; i < r.aimed.size(); ++i)
        if (isReachable(r.aimed[i]))
            deltas.push_back(difference(r.tolerance.formula, r.aimed[i].reference.lab,
                                        pcsLab(p.colours[i].xyz, p.white), p.white));
    if (deltas.empty())
        deltas.push_back(std::numeric_limits<double>::quiet_NaN()); // nothing to judge
    const Statistics s = statistics(deltas);
    values.insert(values.end(), {s.mean, s.p95, s.max});
    return values;
}

void judge(const ValidationRequest &r, Validation &v)
{
    std::vector<Figure> figures = aimFigures();
    figures.insert(figures.end(), {Figure::ColourMean, Figure::Colour95, Figure::ColourWorst});
    ErrorSources errors = r.errors;
    errors.drift = whiteDrift(r.readings, errors.scatter);
    const auto compute = [&](const std::vector<Reading> &readings) {
        return figureValues(r, readings);
    };
    const auto found = estimatesOf(figures, r.readings, r.primaries, errors, compute);
    v.verdict.tolerance = r.tolerance;
    for (size_t i = 0; i < figures.size(); ++i) {
        // By another formula than CIEDE2000 it is none: then the mean as read.
        if (figures[i] == Figure::ColourMean && std::isfinite(found[i].value))
            v.meanDeltaE00 = r.tolerance.formula == DifferenceFormula::De2000 ? found[i].value
                                                                              : v.reachable.mean;
        if (const auto limit = limitOf(figures[i], r.tolerance, r.aim); limit)
            if (const JudgedFigure f = judgeFigure(figures[i], found[i], *limit);
                f.call != Call::NotJudged)
                v.verdict.figures.push_back(f);
    }
}

} // namespace

Validation validate(const ValidationRequest &r)
{
    if (r.aimed.empty() || r.readings.size() < r.aimed.size() + 1)
        throw Error(ErrorKind::BadInput, "validation",
                    {"%1 readings for %2 colours and white",
                     {std::to_string(r.readings.size()), std::to_string(r.aimed.size())}});
    const Parts read = parts(r, r.readings);
    Validation v;
    v.referenceName = r.referenceName;
    v.white = read.white;
    v.isAbsolute = r.isAbsolute && r.aim;
    v.against = r.against;
    v.state = displayState(read.state, r.aim.value_or(Aim{}), StateDetail::Everything,
                           r.room ? r.room->reflected.Y : 0);
    std::vector<double> all00;
    std::vector<double> all76;
    std::vector<double> within;
    std::vector<double> beyond;
    for (size_t i = 0; i < r.aimed.size(); ++i) {
        ValidatedPatch p;
        p.aimed = r.aimed[i];
        p.measured = read.colours[i].xyz;
        p.lab = pcsLab(p.measured, v.white);
        p.deltaE00 = deltaE2000(p.aimed.reference.lab, p.lab);
        p.deltaE76 = deltaE76(p.aimed.reference.lab, p.lab);
        p.outOfGamut = deltaE2000(p.aimed.reference.lab, p.aimed.reachable);
        p.profileError = deltaE2000(p.aimed.reachable, p.aimed.sent);
        if (r.errors.scatter)
            p.uncertainty = uncertaintyDeltaE00(read.colours[i], v.white, *r.errors.scatter);
        (isReachable(p.aimed) ? within : beyond).push_back(p.deltaE00);
        all00.push_back(p.deltaE00);
        all76.push_back(p.deltaE76);
        v.patches.push_back(p);
    }
    v.deltaE00 = statistics(all00);
    v.deltaE76 = statistics(all76);
    v.reachableCount = static_cast<int>(within.size());
    if (!within.empty())
        v.reachable = statistics(within);
    if (!beyond.empty())
        v.unreachable = statistics(beyond);
    judge(r, v);
    return v;
}

} // namespace lantern
