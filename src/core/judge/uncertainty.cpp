#include "core/judge/uncertainty.h"

#include "core/base/error.h"
#include "core/base/student.h"

#include <Eigen/Cholesky>
#include <Eigen/LU>

#include <algorithm>
#include <cmath>
#include <utility>

namespace lantern {

namespace {

constexpr int kDraws = 300; // the budget itself is then known to 4 %
constexpr uint64_t kSeed = 20261127;

Vec3 three(Normal &normal)
{
    const double a = normal();
    const double b = normal();
    return {a, b, normal()};
}

using Disturb = std::function<std::vector<Reading>(Normal &)>;

std::vector<Reading> scattered(std::vector<Reading> readings, const Repeatability &scatter,
                               Normal &normal)
{
    for (Reading &r : readings) {
        const Eigen::LDLT<Mat3> parts(scatter.covariance(r)); // may be singular
        const Vec3 own = parts.vectorD().cwiseMax(0).cwiseSqrt().cwiseProduct(three(normal));
        r.xyz = toXyz(vec(r.xyz) + parts.transpositionsP().transpose() * (parts.matrixL() * own));
    }
    return readings;
}

/// Light of each primary with X + Y + Z = 1, as columns.
Mat3 lights(const PrimarySet &primaries)
{
    Mat3 m;
    for (int c = 0; c < 3; ++c) {
        const Chromaticity &p = primaries[static_cast<size_t>(c)];
        m.col(c) = Vec3(p.x, p.y, 1 - p.x - p.y);
    }
    return m;
}

/// Of the readings; of D65 where white is not among them.
Vec3 meanWhite(const std::vector<Reading> &readings)
{
    Vec3 sum = Vec3::Zero();
    for (const Reading &r : readings)
        if (r.rgb == kDeviceWhite)
            sum += vec(r.xyz);
    return sum[1] > 0 ? sum : vec(fromChromaticity({0.3127, 0.3290}, 1));
}

/// Relative errors of X, Y, Z that move a white's chromaticity by so much, its X + Y + Z kept.
Vec3 relativeErrors(const Chromaticity &white, double dx, double dy)
{
    return {dx / white.x, dy / white.y, -(dx + dy) / (1 - white.x - white.y)};
}

std::vector<Reading> misread(std::vector<Reading> readings, const PrimarySet &primaries,
                             const LightUncertainty &u, Normal &normal)
{
    const Mat3 change = misreading(primaries, meanWhite(readings), u, normal);
    for (Reading &r : readings)
        r.xyz = toXyz(change * vec(r.xyz));
    return readings;
}

std::vector<Reading> drifted(std::vector<Reading> readings, const Vec3 &drift, Normal &normal)
{
    const double sign = normal();
    for (size_t i = 0; i < readings.size(); ++i) {
        const double place = static_cast<double>(i) / static_cast<double>(readings.size()) - 0.5;
        readings[i].xyz =
            toXyz(vec(readings[i].xyz).cwiseProduct(Vec3::Ones() + sign * place * drift));
    }
    return readings;
}

struct Spread {
    double mean = 0, deviation = 0;
};

/// Of each figure under one source.
std::vector<Spread> spreads(const FiguresOf &figures, const Disturb &disturb)
{
    Normal normal(kSeed);
    std::vector<std::vector<double>> draws;
    draws.reserve(kDraws);
    for (int i = 0; i < kDraws; ++i)
        draws.push_back(figures(disturb(normal)));
    std::vector<Spread> out(draws.front().size());
    for (size_t f = 0; f < out.size(); ++f) {
        for (const auto &draw : draws)
            out[f].mean += draw[f] / kDraws;
        double squares = 0;
        for (const auto &draw : draws)
            squares += (draw[f] - out[f].mean) * (draw[f] - out[f].mean);
        const double deviation = std::sqrt(squares / (kDraws - 1));
        out[f].deviation = std::isfinite(deviation) ? deviation : 0;
    }
    return out;
}

/// Takes off a distance what scatter adds to it.
void takeScatterOff(Estimate &e, const Spread &scattered, double widened)
{
    const double added = std::max(0.0, scattered.mean * scattered.mean - e.asRead * e.asRead);
    const double square = std::max(0.0, e.asRead * e.asRead - added);
    e.value = std::sqrt(square);
    // The square of a distance d is uncertain by 2 d u; half of what that moves its root by at k
    // = 2.
    const double d = std::max(e.asRead, std::sqrt(added));
    const double expanded = kCoverageFactor * 2 * d * widened * scattered.deviation;
    const double up = std::sqrt(square + expanded) - e.value;
    const double down = e.value - std::sqrt(std::max(0.0, square - expanded));
    e.uncertainty.scatter = std::max(up, down) / kCoverageFactor;
}

bool isZero(const LightUncertainty &u)
{
    return u.luminance == 0 && u.x == 0 && u.y == 0;
}

} // namespace

Mat3 misreading(const PrimarySet &primaries, const Vec3 &white, const LightUncertainty &u,
                Normal &normal)
{
    // Together they move white, which is about half of each primary, by what is stated.
    const double common = std::sqrt(0.6);
    const double own = std::sqrt(0.9);
    const Chromaticity c = chromaticity(toXyz(white));
    const auto errors = [&](double share) {
        const double dx = share * u.x * normal();
        const double dy = share * u.y * normal();
        return relativeErrors(c, dx, dy);
    };
    const Vec3 all = errors(common);
    const Mat3 right = lights(primaries);
    Mat3 off = right;
    for (int k = 0; k < 3; ++k)
        off.col(k) = right.col(k).cwiseProduct(Vec3::Ones() + all + errors(own));
    const Mat3 change = off * right.inverse();
    return change * ((1 + u.luminance * normal()) * white[1] / (change * white)[1]);
}

double Budget::total() const
{
    return std::sqrt(scatter * scatter + certificate * certificate + mismatch * mismatch +
                     drift * drift);
}

Vec3 whiteDrift(const std::vector<Reading> &readings, const std::optional<Repeatability> &scatter)
{
    const Reading *first = nullptr;
    const Reading *last = nullptr;
    for (const Reading &r : readings)
        if (r.rgb == kDeviceWhite) {
            if (!first)
                first = &r;
            last = &r;
        }
    if (!first || first == last || vec(first->xyz).minCoeff() <= 0)
        return Vec3::Zero();
    const Vec3 change = (vec(last->xyz) - vec(first->xyz)).cwiseQuotient(vec(first->xyz));
    Vec3 noise = Vec3::Zero();
    if (scatter)
        noise = std::numbers::sqrt2 *
                scatter->standardUncertainty(*first).cwiseQuotient(vec(first->xyz));
    return (change.cwiseAbs2() - noise.cwiseAbs2()).cwiseMax(0).cwiseSqrt();
}

std::vector<Estimate> estimates(const std::vector<Reading> &readings, const PrimarySet &primaries,
                                const ErrorSources &sources, const FiguresOf &figures,
                                const std::vector<bool> &areDistances)
{
    std::vector<Estimate> out;
    for (const double asRead : figures(readings))
        out.push_back({asRead, asRead, {}});
    const auto add = [&](double Budget::*part, const Disturb &disturb) {
        const auto all = spreads(figures, disturb);
        for (size_t f = 0; f < out.size(); ++f)
            out[f].uncertainty.*part = all[f].deviation;
        return all;
    };
    if (sources.scatter) {
        const auto all = add(&Budget::scatter,
                             [&](Normal &n) { return scattered(readings, *sources.scatter, n); });
        const double widened = widening(sources.scatter->freedom);
        for (size_t f = 0; f < out.size(); ++f)
            if (areDistances[f] && std::isfinite(out[f].asRead))
                takeScatterOff(out[f], all[f], widened);
            else
                out[f].uncertainty.scatter *= widened;
    }
    if (sources.certificate && !isZero(*sources.certificate))
        add(&Budget::certificate,
            [&](Normal &n) { return misread(readings, primaries, *sources.certificate, n); });
    if (!isZero(sources.mismatch))
        add(&Budget::mismatch,
            [&](Normal &n) { return misread(readings, primaries, sources.mismatch, n); });
    if (sources.drift.norm() > 0)
        add(&Budget::drift, [&](Normal &n) { return drifted(readings, sources.drift, n); });
    return out;
}

} // namespace lantern
