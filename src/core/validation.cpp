#include "core/validation.h"

#include "core/difference.h"
#include "core/error.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>

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

const std::vector<Tolerance> &tolerances()
{
    static const std::vector<Tolerance> list = {{"studio", "Studio", 1.0, 3.0},
                                                {"general", "General", 2.0, 5.0},
                                                {"basic", "Basic", 3.0, 8.0}};
    return list;
}

const Tolerance &toleranceByName(const std::string &name)
{
    std::string known;
    for (const Tolerance &t : tolerances()) {
        if (t.name == name)
            return t;
        known += (known.empty() ? "" : ", ") + t.name;
    }
    throw Error(ErrorKind::BadInput, "tolerance", "\"" + name + "\" is not known",
                "Choose one of: " + known + ".");
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

std::vector<DeviceRgb> validationPatches(const std::vector<AimedPatch> &aimed)
{
    std::vector<DeviceRgb> patches = {{255, 255, 255}};
    for (const AimedPatch &p : aimed)
        patches.push_back(p.rgb);
    return patches;
}

Validation validate(const std::string &referenceName, const std::vector<AimedPatch> &aimed,
                    const std::vector<Reading> &readings, const Tolerance &tolerance,
                    const std::optional<Repeatability> &scatter)
{
    if (aimed.empty() || readings.size() != aimed.size() + 1)
        throw Error(ErrorKind::BadInput, "validation",
                    std::to_string(readings.size()) + " readings for " +
                        std::to_string(aimed.size()) + " colours and white");
    Validation v;
    v.referenceName = referenceName;
    v.tolerance = tolerance;
    v.white = whiteOf({readings.front()}, "validation");
    std::vector<double> all00;
    std::vector<double> all76;
    double squares = 0;
    for (size_t i = 0; i < aimed.size(); ++i) {
        ValidatedPatch p;
        p.aimed = aimed[i];
        p.measured = readings[i + 1].xyz;
        p.lab = pcsLab(p.measured, v.white);
        p.deltaE00 = deltaE2000(p.aimed.reference.lab, p.lab);
        p.deltaE76 = deltaE76(p.aimed.reference.lab, p.lab);
        p.outOfGamut = deltaE2000(p.aimed.reference.lab, p.aimed.reachable);
        p.profileError = deltaE2000(p.aimed.reachable, p.aimed.sent);
        if (scatter) {
            p.uncertainty = uncertaintyDeltaE00(readings[i + 1], v.white, *scatter);
            squares += p.uncertainty * p.uncertainty;
        }
        all00.push_back(p.deltaE00);
        all76.push_back(p.deltaE76);
        v.patches.push_back(p);
    }
    v.deltaE00 = statistics(all00);
    v.deltaE76 = statistics(all76);
    v.meanUncertainty = std::sqrt(squares) / static_cast<double>(aimed.size());
    return v;
}

} // namespace lantern
