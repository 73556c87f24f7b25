#include "core/judge/agreement.h"

#include "core/base/error.h"
#include "core/judge/uncertainty.h"

#include <Eigen/LU>
#include <Eigen/QR>

#include <algorithm>
#include <cmath>

namespace lantern {

namespace {

constexpr int kDraws = 200;
constexpr uint64_t kSeed = 20261128;

/// What one display shows: cd/m² for each colour asked, and its white.
struct Shown {
    Vec3 white;
    std::vector<Vec3> colours;
    std::vector<bool> reachable;
};

Shown shownBy(const KnownDisplay &d, const ReferenceSet &set)
{
    Shown out;
    out.white = d.change * vec(d.white);
    for (const ReferenceColour &c : set.colours) {
        const DeviceRgb exact = d.profile.toDevice(c.lab);
        const DeviceRgb sent{std::round(exact.r), std::round(exact.g), std::round(exact.b)};
        const Lab shown = d.profile.toLab(sent);
        out.colours.push_back(d.change * vec(displayXyz(shown, d.white)));
        out.reachable.push_back(deltaE2000(d.profile.toLab(exact), c.lab) <= kReachable);
    }
    return out;
}

/// As an observer sees it who is used to that white.
Lab seen(const Vec3 &light, const Vec3 &white)
{
    return pcsLab(toXyz(light), toXyz(white));
}

struct Seen {
    std::vector<Lab> first, second;
};

Seen seenOf(const Shown &a, const Shown &b, Viewing viewing)
{
    const Vec3 &brighter = a.white[1] >= b.white[1] ? a.white : b.white;
    const bool alone = viewing == Viewing::EachAlone;
    Seen out;
    for (size_t i = 0; i < a.colours.size(); ++i) {
        out.first.push_back(seen(a.colours[i], alone ? a.white : brighter));
        out.second.push_back(seen(b.colours[i], alone ? b.white : brighter));
    }
    return out;
}

/// The colour moved by what a profile is off, in a direction that is as likely as any other.
Lab astray(const Lab &lab, double meanDeltaE00, Normal &normal)
{
    const double a = normal();
    const double b = normal();
    const Vec3 step(a, b, normal());
    const Lab moved{lab.L + step[0], lab.a + step[1], lab.b + step[2]};
    const double length = deltaE2000(lab, moved);
    if (length <= 0 || meanDeltaE00 <= 0)
        return lab;
    // Lengths of three normal deviates have the mean 2 sqrt(2/π).
    const double wanted = meanDeltaE00 * step.norm() / (2 * std::sqrt(2 / std::numbers::pi));
    const Vec3 v = step * (wanted / length);
    return {lab.L + v[0], lab.a + v[1], lab.b + v[2]};
}

Shown misreadBy(Shown s, const Mat3 &change)
{
    s.white = change * s.white;
    for (Vec3 &c : s.colours)
        c = change * c;
    return s;
}

double uvBetween(const Vec3 &a, const Vec3 &b)
{
    return deltaUvPrime(uvPrime(toXyz(a)), uvPrime(toXyz(b)));
}

bool isKnown(const LightUncertainty &u)
{
    return u.luminance > 0 || u.x > 0 || u.y > 0;
}

/// Mean and standard deviation of what was drawn.
struct Drawn {
    double sum = 0, squares = 0;
    int count = 0;
    void add(double v)
    {
        sum += v;
        squares += v * v;
        ++count;
    }
    [[nodiscard]] double mean() const { return sum / count; }
    [[nodiscard]] double deviation() const
    {
        return std::sqrt(std::max(0.0, squares / count - mean() * mean()));
    }
};

} // namespace

Mat3 changeSince(const ProfileFile &profile, const XYZ &whiteThen,
                 const std::vector<ReadAgain> &readings)
{
    constexpr size_t kLeast = 4;
    if (readings.size() < kLeast)
        return Mat3::Identity();
    Eigen::MatrixXd then(readings.size(), 3), now(readings.size(), 3);
    for (size_t i = 0; i < readings.size(); ++i) {
        const auto row = static_cast<Eigen::Index>(i);
        // In proportion, so that dark colours count as bright ones do, down to a hundredth of
        // white.
        const Vec3 was = vec(displayXyz(profile.toLab(readings[i].rgb), whiteThen));
        const double weight = 1 / (was[1] + 0.01 * whiteThen.Y);
        then.row(row) = weight * was.transpose();
        now.row(row) = weight * vec(readings[i].now).transpose();
    }
    const Eigen::ColPivHouseholderQR<Eigen::MatrixXd> solver(then);
    if (solver.rank() < 3)
        return Mat3::Identity();
    return solver.solve(now).transpose();
}

Agreement agreementOf(const KnownDisplay &first, const KnownDisplay &second,
                      const ReferenceSet &set, Viewing viewing)
{
    if (set.colours.empty())
        throw Error(ErrorKind::BadInput, set.name, "there are no colours in it");
    const Shown a = shownBy(first, set);
    const Shown b = shownBy(second, set);
    const Seen plain = seenOf(a, b, viewing);
    const size_t count = set.colours.size();

    Agreement out;
    out.viewing = viewing;
    out.whiteDeltaUv = uvBetween(a.white, b.white);
    out.luminanceRatio = b.white[1] / a.white[1];
    out.isMeterKnown = (isKnown(first.certificate) || isKnown(first.mismatch)) &&
                       (isKnown(second.certificate) || isKnown(second.mismatch));

    // The value: what profiles are off, each in all directions.
    Normal normal(kSeed);
    std::vector<Drawn> values(count);
    for (int draw = 0; draw < kDraws; ++draw)
        for (size_t i = 0; i < count; ++i)
            values[i].add(deltaE2000(astray(plain.first[i], first.profileError, normal),
                                     astray(plain.second[i], second.profileError, normal)));
    // Its uncertainty: that, and the meters.
    std::vector<Drawn> spread(count);
    Drawn mean, ratio;
    double uvSquares = 0;
    const bool sameMeter = !first.meter.empty() && first.meter == second.meter;
    for (int draw = 0; draw < kDraws; ++draw) {
        const Mat3 c1 = misreading(first.primaries, a.white, first.certificate, normal);
        const Mat3 c2 =
            sameMeter ? c1 : misreading(second.primaries, b.white, second.certificate, normal);
        const Mat3 m1 = misreading(first.primaries, a.white, first.mismatch, normal);
        const Mat3 m2 = misreading(second.primaries, b.white, second.mismatch, normal);
        const Shown x = misreadBy(a, c1 * m1);
        const Shown y = misreadBy(b, c2 * m2);
        const Seen s = seenOf(x, y, viewing);
        double sum = 0;
        for (size_t i = 0; i < count; ++i) {
            const double d = deltaE2000(astray(s.first[i], first.profileError, normal),
                                        astray(s.second[i], second.profileError, normal));
            spread[i].add(d);
            sum += d;
        }
        mean.add(sum / static_cast<double>(count));
        ratio.add(y.white[1] / x.white[1]);
        const UvPrime p = uvPrime(toXyz(x.white)), q = uvPrime(toXyz(y.white));
        const UvPrime p0 = uvPrime(toXyz(a.white)), q0 = uvPrime(toXyz(b.white));
        uvSquares +=
            std::pow((p.u - q.u) - (p0.u - q0.u), 2) + std::pow((p.v - q.v) - (p0.v - q0.v), 2);
    }
    std::vector<double> all;
    for (size_t i = 0; i < count; ++i) {
        out.colours.push_back({set.colours[i], plain.first[i], plain.second[i], values[i].mean(),
                               spread[i].deviation(), a.reachable[i] && b.reachable[i]});
        all.push_back(values[i].mean());
        if (!out.worst || all.back() > all[*out.worst])
            out.worst = i;
    }
    out.deltaE00 = statistics(all);
    out.meanError = mean.deviation();
    out.luminanceRatioError = ratio.deviation();
    out.whiteDeltaUvError = std::sqrt(uvSquares / kDraws / 2); // of a distance: along it
    return out;
}

std::optional<Agreement> measuredAgreement(const Validation &first, const Validation &second,
                                           Viewing viewing)
{
    const auto whiteOf = [](const Validation &v) { return vec(v.state.white.value_or(v.white)); };
    Shown a{whiteOf(first), {}, {}}, b{whiteOf(second), {}, {}};
    std::vector<ReferenceColour> asked;
    std::vector<double> scatter;
    for (const ValidatedPatch &p : first.patches) {
        const auto same = std::ranges::find_if(second.patches, [&](const ValidatedPatch &other) {
            return other.aimed.reference.name == p.aimed.reference.name &&
                   other.aimed.reference.lab == p.aimed.reference.lab;
        });
        if (same == second.patches.end())
            continue;
        asked.push_back(p.aimed.reference);
        a.colours.push_back(vec(p.measured));
        b.colours.push_back(vec(same->measured));
        a.reachable.push_back(p.outOfGamut <= kReachable);
        b.reachable.push_back(same->outOfGamut <= kReachable);
        scatter.push_back(std::hypot(p.uncertainty, same->uncertainty));
    }
    if (asked.empty())
        return std::nullopt;
    const Seen seen = seenOf(a, b, viewing);
    Agreement out;
    out.viewing = viewing;
    out.whiteDeltaUv = uvBetween(a.white, b.white);
    out.luminanceRatio = b.white[1] / a.white[1];
    out.isMeterKnown = false;
    std::vector<double> all;
    double squares = 0;
    for (size_t i = 0; i < asked.size(); ++i) {
        all.push_back(deltaE2000(seen.first[i], seen.second[i]));
        squares += scatter[i] * scatter[i];
        out.colours.push_back({asked[i], seen.first[i], seen.second[i], all.back(), scatter[i],
                               a.reachable[i] && b.reachable[i]});
        if (!out.worst || all.back() > all[*out.worst])
            out.worst = i;
    }
    out.deltaE00 = statistics(all);
    out.meanError = std::sqrt(squares) / static_cast<double>(asked.size());
    return out;
}

} // namespace lantern
