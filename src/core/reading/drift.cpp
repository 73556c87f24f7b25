#include "core/reading/drift.h"

#include "core/base/least_squares.h"
#include "core/base/student.h"

#include <algorithm>
#include <cmath>

namespace lantern {

namespace {

constexpr double kByChance = 0.01;      ///< a curve where there is none
constexpr double kRounding = 1e-6;      ///< relative; readings are not more exact than that
constexpr double kBetweenSeconds = 0.5; ///< from one reading to the next, by the program's own pace

/// One reading of white.
struct Sample {
    double seconds = 0;
    double weight = 0;
    Vec3 off = Vec3::Zero(); ///< relative distance from the mean white
};

/// One term of the curve: a ramp from a time on, or a step at it.
struct Term {
    double from = 0;
    bool step = false;
    [[nodiscard]] double at(double seconds) const
    {
        if (step)
            return seconds > from ? 1 : 0;
        return std::max(0.0, seconds - from);
    }
};

std::vector<double> times(const std::vector<Reading> &readings)
{
    std::vector<double> out;
    double clock = 0;
    for (const Reading &r : readings) {
        clock += secondsOf(r) / 2;
        out.push_back(clock);
        clock += secondsOf(r) / 2 + kBetweenSeconds;
    }
    return out;
}

std::vector<Sample> samplesOf(const std::vector<Reading> &readings,
                              const std::vector<double> &seconds)
{
    Vec3 sum = Vec3::Zero();
    double weight = 0;
    std::vector<Sample> out;
    for (size_t i = 0; i < readings.size(); ++i)
        if (readings[i].rgb == kDeviceWhite && vec(readings[i].xyz).minCoeff() > 0) {
            const double w = secondsOf(readings[i]);
            out.push_back({seconds[i], w, vec(readings[i].xyz)});
            sum += w * vec(readings[i].xyz);
            weight += w;
        }
    for (Sample &s : out)
        s.off = s.off.cwiseQuotient(sum / weight) - Vec3::Ones();
    return out;
}

/// Takes the weighted mean off and puts the root of the weight in.
Eigen::VectorXd centred(const std::vector<Sample> &samples, const Eigen::VectorXd &values)
{
    double sum = 0;
    double weight = 0;
    for (size_t i = 0; i < samples.size(); ++i) {
        sum += samples[i].weight * values[static_cast<long>(i)];
        weight += samples[i].weight;
    }
    Eigen::VectorXd out(values.size());
    for (size_t i = 0; i < samples.size(); ++i)
        out[static_cast<long>(i)] =
            std::sqrt(samples[i].weight) * (values[static_cast<long>(i)] - sum / weight);
    return out;
}

Eigen::VectorXd columnOf(const Term &term, const std::vector<Sample> &samples)
{
    Eigen::VectorXd values(static_cast<long>(samples.size()));
    for (size_t i = 0; i < samples.size(); ++i)
        values[static_cast<long>(i)] = term.at(samples[i].seconds);
    return centred(samples, values);
}

/// The straight ramp first, then bends at readings and steps between them.
std::vector<Term> candidates(const std::vector<Sample> &samples)
{
    std::vector<Term> out = {{samples.front().seconds, false}};
    for (size_t i = 1; i < samples.size(); ++i) {
        if (samples[i].seconds <= samples[i - 1].seconds)
            continue;
        out.push_back({(samples[i - 1].seconds + samples[i].seconds) / 2, true});
        if (i + 1 < samples.size())
            out.push_back({samples[i].seconds, false});
    }
    return out;
}

struct Curve {
    std::vector<Term> terms;
    Eigen::MatrixXd factors; ///< a row for each term, of X, Y, Z
    [[nodiscard]] Vec3 at(double seconds) const
    {
        Vec3 sum = Vec3::Zero();
        for (size_t t = 0; t < terms.size(); ++t)
            sum += terms[t].at(seconds) * factors.row(static_cast<long>(t)).transpose();
        return sum;
    }
};

/// Adds terms while one is worth it.
Curve fitCurve(const std::vector<Sample> &samples)
{
    double weight = 0;
    for (const Sample &s : samples)
        weight += s.weight / static_cast<double>(samples.size());
    const auto n = static_cast<long>(samples.size());
    Eigen::MatrixXd left(n, 3);
    for (int k = 0; k < 3; ++k) {
        Eigen::VectorXd values(n);
        for (long i = 0; i < n; ++i)
            values[i] = samples[static_cast<size_t>(i)].off[k];
        left.col(k) = centred(samples, values);
    }
    const Eigen::MatrixXd whole = left;
    const std::vector<Term> offered = candidates(samples);
    std::vector<Eigen::VectorXd> free; // what the terms taken leave of the offered ones
    for (const Term &t : offered)
        free.push_back(columnOf(t, samples));
    std::vector<double> sizes;
    for (const auto &column : free)
        sizes.push_back(column.squaredNorm());
    constexpr long kMostTerms = 8;
    std::vector<size_t> taken;
    for (long freedom = n - 2; freedom >= 1 && static_cast<long>(taken.size()) < kMostTerms;
         --freedom) {
        size_t best = offered.size();
        double least = 1;
        for (size_t c = 0; c < offered.size(); ++c) {
            const double size = free[c].squaredNorm();
            if (size <= 1e-9 * sizes[c])
                continue;
            double chance = 1;
            for (int k = 0; k < 3; ++k) {
                const double explains = std::pow(free[c].dot(left.col(k)), 2) / size;
                const double rest =
                    std::max(0.0, left.col(k).squaredNorm() - explains) / double(freedom) +
                    weight * kRounding * kRounding;
                chance = std::min(chance, 3 * studentTwoSided(std::sqrt(explains / rest),
                                                              static_cast<int>(freedom)));
            }
            // Half of what chance may do is the straight ramp's, the rest is shared.
            chance *= c == 0 ? 2 : 2 * static_cast<double>(offered.size() - 1);
            if (chance < least) {
                least = chance;
                best = c;
            }
        }
        if (best == offered.size() || least > kByChance)
            break;
        taken.push_back(best);
        const Eigen::VectorXd unit = free[best].normalized();
        for (int k = 0; k < 3; ++k)
            left.col(k) -= unit.dot(left.col(k)) * unit;
        for (auto &column : free)
            column -= unit.dot(column) * unit;
    }
    Curve curve;
    Eigen::MatrixXd columns(n, static_cast<long>(taken.size()));
    for (size_t t = 0; t < taken.size(); ++t) {
        curve.terms.push_back(offered[taken[t]]);
        columns.col(static_cast<long>(t)) = columnOf(offered[taken[t]], samples);
    }
    if (!taken.empty())
        curve.factors = leastSquares(columns, whole).x;
    return curve;
}

} // namespace

DriftCorrection correctDrift(const std::vector<Reading> &readings)
{
    DriftCorrection out{readings, 0, {}};
    const std::vector<double> seconds = times(readings);
    const std::vector<Sample> samples = samplesOf(readings, seconds);
    int fitted = 0;
    if (samples.size() >= 3) {
        const Curve curve = fitCurve(samples);
        fitted = static_cast<int>(curve.terms.size());
        if (fitted > 0) {
            Vec3 level = Vec3::Zero();
            double whites = 0;
            for (size_t i = 0; i < readings.size(); ++i)
                if (readings[i].rgb == kDeviceWhite) {
                    level += curve.at(seconds[i]);
                    ++whites;
                }
            if (whites > 0)
                level /= whites;
            for (size_t i = 0; i < readings.size(); ++i) {
                const Vec3 change = curve.at(seconds[i]) - level;
                out.drift = std::max(out.drift, change.cwiseAbs().maxCoeff());
                out.readings[i].xyz =
                    toXyz(vec(readings[i].xyz).cwiseQuotient(Vec3::Ones() + change));
            }
        }
    }
    out.scatter = estimateRepeatability(out.readings, fitted);
    return out;
}

} // namespace lantern
