#include "core/plan/adaptive_plan.h"

#include "core/base/error.h"
#include "core/colour/difference.h"
#include "core/model/cross_validation.h"
#include "core/model/display_model.h"
#include "core/plan/chart.h"

#include <algorithm>
#include <cmath>
#include <optional>
#include <set>
#include <tuple>

namespace lantern {

namespace {

constexpr int kFirstBatch = 32;
constexpr int kProbes = 1500; ///< code values at which models are compared

/// Evenly spread code values, whole: the additive recurrence of the plastic number's cousin in
/// three dimensions. Roberts (2018), "The unreasonable effectiveness of quasirandom sequences".
std::vector<DeviceRgb> probes(int count)
{
    constexpr double g = 1.2207440846057596; // root of x^4 = x + 1
    std::vector<DeviceRgb> out;
    for (int i = 1; i <= count; ++i) {
        auto coordinate = [&](int power) {
            const double v = 0.5 + i / std::pow(g, power);
            return std::round(255 * (v - std::floor(v)));
        };
        out.push_back({coordinate(1), coordinate(2), coordinate(3)});
    }
    return out;
}

/// Weighted root mean square of the held-out errors less the scatter of the readings, as a mean.
double crossValidated(const DriftCorrection &steady, const Committee &committee)
{
    const std::vector<Reading> &readings = steady.readings;
    const DisplayModel &scale = committee.models.front();
    std::vector<Vec3> at;
    std::vector<size_t> which;
    for (size_t i = 0; i < readings.size(); ++i)
        if (committee.heldOut[i] >= 0) {
            at.push_back(scale.lightness(readings[i].rgb));
            which.push_back(i);
        }
    std::vector<double> share(at.size(), 0);
    for (const DeviceRgb &probe : probes(kProbes)) {
        const Vec3 p = scale.lightness(probe);
        size_t nearest = 0;
        double least = INFINITY;
        for (size_t i = 0; i < at.size(); ++i) {
            const double d = (at[i] - p).squaredNorm();
            if (d < least) {
                least = d;
                nearest = i;
            }
        }
        share[nearest] += 1.0 / kProbes;
    }
    const XYZ white = whiteOf(readings, "chart");
    double mean = 0;
    double noise = 0;
    for (size_t i = 0; i < at.size(); ++i) {
        mean += share[i] * committee.heldOut[which[i]];
        if (steady.scatter)
            noise += share[i] * uncertaintyDeltaE00(readings[which[i]], white, *steady.scatter);
    }
    // The mean of a distance in three dimensions is 0.92 of its root mean square.
    constexpr double kMeanOfRms = 0.92;
    noise *= kMeanOfRms;
    // Left-out readings scatter themselves; that part is the meter's, not the model's. What the
    // scatter of the readings does to the model falls with their number over its parameters.
    constexpr double kParameters = 80;
    constexpr double kTables = 0.012; // steps and interpolation of a table profile
    // Each model has seen seven eighths, and the error falls about as one over the readings.
    const auto folds = static_cast<double>(committee.models.size());
    const double kOfAll = (folds - 1) / folds;
    const double model = kOfAll * kOfAll * std::max(mean * mean - noise * noise, 0.0);
    const double fitted = noise * noise * std::min(1.0, kParameters / double(readings.size()));
    return std::sqrt(model + fitted + kTables * kTables);
}

} // namespace

double expectedError(const DriftCorrection &steady, const SignalPath &path)
{
    const Committee committee = makeCommittee(steady, path);
    const double between = crossValidated(steady, committee);
    if (const auto across = errorAcrossLevels(steady, path, committee.whole)) {
        // With a level left out the gap is twice as wide as those that colours fall into.
        constexpr double kHalfTheGap = 0.42;
        // A model that had to leave the LUT aside does not know its steps: about 0.2 ΔE00 at 8
        // bits.
        const bool stepsLost =
            committee.whole.stage().isIdentity() && !DriveStage(path).isIdentity();
        constexpr double kSteps = 0.2;
        const double steps = stepsLost ? kSteps * std::exp2(8 - path.linkBits.value_or(8)) : 0;
        return std::hypot(between, kHalfTheGap * *across, steps);
    }
    return between;
}

AdaptivePlan::AdaptivePlan(AdaptiveLimits limits, SignalPath path)
    : m_limits(limits), m_path(std::move(path))
{
    m_reader.start(
        measuringOrder(makeChart(std::clamp(limits.mostPatches, kMinChart, kFirstBatch))));
}

PlanStep AdaptivePlan::next() const
{
    if (m_finished)
        return Finished{};
    return m_reader.next();
}

int AdaptivePlan::readingsLeft() const
{
    if (m_finished)
        return 0;
    const int batch = static_cast<int>(m_reader.patchesLeft().size());
    if (m_limits.mostSeconds > 0 && readingsDone() > 0) {
        const double each = m_seconds / readingsDone();
        const double inTime = std::max(0.0, m_limits.mostSeconds - m_seconds) / each;
        return static_cast<int>(std::min(inTime, double(m_limits.mostPatches - readingsDone()))) +
               1; // white at last
    }
    if (m_limits.expectedError <= 0 || m_history.size() < 2)
        return std::max(batch, m_limits.mostPatches - readingsDone());
    // The error falls about with the square root of the readings.
    const ExpectedError &last = m_history.back();
    const double needed =
        last.patches * std::pow(last.meanDeltaE00 / m_limits.expectedError, 2) - readingsDone();
    return std::clamp(static_cast<int>(std::lround(needed)), batch,
                      std::max(batch, m_limits.mostPatches - readingsDone()));
}

void AdaptivePlan::accept(const Reading &reading)
{
    accept(reading, reading.integrationSeconds + m_limits.settleSeconds);
}

void AdaptivePlan::accept(const Reading &reading, double seconds)
{
    m_seconds += seconds;
    m_reader.accept(reading);
    if (isLate() && !m_history.empty()) // the first batch is read whole: a profile needs it
        m_reader.cutShort();
    if (std::holds_alternative<Finished>(m_reader.next()))
        judge();
}

void AdaptivePlan::judge()
{
    const DriftCorrection steady = steadyReadings(this->readings());
    const Committee committee = makeCommittee(steady, m_path);
    m_history.push_back({readingsDone(), crossValidated(steady, committee)});
    const bool good =
        m_limits.expectedError > 0 && m_history.back().meanDeltaE00 <= m_limits.expectedError;
    if (good || isLate() || readingsDone() >= m_limits.mostPatches) {
        m_finished = true;
        return;
    }
    chooseBatch(committee.models);
}

void AdaptivePlan::chooseBatch(const std::vector<DisplayModel> &committee)
{
    const int left = m_limits.mostPatches - readingsDone();
    const int wanted = std::min(left, std::clamp(readingsDone() / 3, 12, 200));
    const DisplayModel &scale = committee.front();
    std::vector<Vec3> taken;
    std::set<std::tuple<double, double, double>> known;
    for (const Reading &r : this->readings()) {
        taken.push_back(scale.lightness(r.rgb));
        known.emplace(r.rgb.r, r.rgb.g, r.rgb.b);
    }
    struct Candidate {
        DeviceRgb rgb;
        Vec3 at;
        double doubt;   ///< spread of the committee, ΔE00
        double nearest; ///< squared distance to what is or will be known
    };
    std::vector<Candidate> candidates;
    double meanDoubt = 0;
    for (const DeviceRgb &p : probes(kProbes + 8 * wanted)) {
        if (known.contains({p.r, p.g, p.b}))
            continue;
        Candidate c{p, scale.lightness(p), 0, INFINITY};
        Vec3 mean = Vec3::Zero();
        for (const DisplayModel &m : committee)
            mean += vec(m.lab(p)) / static_cast<double>(committee.size());
        for (const DisplayModel &m : committee)
            c.doubt += std::pow(deltaE2000(toLabType(mean), m.lab(p)), 2);
        c.doubt = std::sqrt(c.doubt);
        for (const Vec3 &t : taken)
            c.nearest = std::min(c.nearest, (t - c.at).squaredNorm());
        meanDoubt += c.doubt;
        candidates.push_back(c);
    }
    meanDoubt /= static_cast<double>(std::max<size_t>(1, candidates.size()));

    std::vector<DeviceRgb> batch;
    while (static_cast<int>(batch.size()) < wanted && !candidates.empty()) {
        // Doubt counts, and so does being far from everything known, where the models may agree in
        // being wrong.
        const auto best = std::max_element(
            candidates.begin(), candidates.end(), [&](const Candidate &a, const Candidate &b) {
                return (a.doubt + meanDoubt) * a.nearest < (b.doubt + meanDoubt) * b.nearest;
            });
        const Vec3 at = best->at;
        batch.push_back(best->rgb);
        candidates.erase(best);
        for (Candidate &c : candidates)
            c.nearest = std::min(c.nearest, (at - c.at).squaredNorm());
    }
    const LuminanceOutlook usual;
    std::stable_sort(batch.begin(), batch.end(), [&](const DeviceRgb &a, const DeviceRgb &b) {
        return usual.luminance(a) < usual.luminance(b); // white was read last
    });
    std::reverse(batch.begin(), batch.end());
    for (const DeviceRgb &odd : oddPatches(readings(), m_path))
        batch.insert(batch.begin(), 2, odd); // with the first reading there are three to compare
    if (left > wanted || batch.empty())
        batch.push_back({255, 255, 255});
    m_reader.start(std::move(batch));
}

} // namespace lantern
