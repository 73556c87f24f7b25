#include "core/plan/chart_reader.h"

#include "core/base/error.h"
#include "core/base/text.h"
#include "core/colour/difference.h"
#include "core/model/cross_validation.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <tuple>

namespace lantern {

namespace {

/// A reading is odd when it is so many ΔE00 and so many times the median away from the model.
constexpr double kOddDeltaE00 = 1.5;
constexpr double kOddTimesMedian = 8;
constexpr size_t kReadingsToBelieve = 3;

using Key = std::tuple<double, double, double>;

Key keyOf(const DeviceRgb &rgb)
{
    return {rgb.r, rgb.g, rgb.b};
}

bool isEnd(const DeviceRgb &rgb)
{
    return rgb == kDeviceWhite || rgb == kDeviceBlack;
}

} // namespace

void ChartReader::start(std::vector<DeviceRgb> patches)
{
    m_patches = std::move(patches);
    m_at = 0;
    m_goodAt = 0;
    m_wentBackTo.reset();
    m_goodReadings = m_readings.size();
}

void ChartReader::cutShort()
{
    if (m_state != State::Reading) // a white is in doubt: that comes first
        return;
    m_patches.resize(m_at);
    if (m_patches.empty() || !(m_patches.back() == kDeviceWhite))
        m_patches.push_back(kDeviceWhite);
}

PlanStep ChartReader::next() const
{
    switch (m_state) {
    case State::Asking:
        return AskPerson{{"White was %1 cd/m² and is now %2. The display dims by itself, a night "
                          "light came on, or the meter slipped. Put it right, then go on: what was "
                          "read since the last good white is read again.",
                          {fixedNumber(m_lastWhite->Y, 1), fixedNumber(m_jumped.Y, 1)}}};
    case State::Confirming:
    case State::Returning:
        return ReadPatch{kDeviceWhite};
    case State::Reading:
        break;
    }
    if (m_at < m_patches.size())
        return ReadPatch{m_patches[m_at]};
    return Finished{};
}

double ChartReader::changeOf(const XYZ &white) const
{
    if (!m_lastWhite)
        return 0;
    const Vec3 before = vec(*m_lastWhite);
    return (vec(white) - before).cwiseAbs().cwiseQuotient(before).maxCoeff();
}

/// Stands out from how much the whites so far differ from one to the next.
bool ChartReader::isStep(const XYZ &white) const
{
    const double change = changeOf(white);
    if (change <= kWhiteStep || m_wentBackTo == m_goodAt)
        return false;
    std::vector<double> usual;
    std::optional<Vec3> before;
    for (const Reading &r : m_readings)
        if (r.rgb == kDeviceWhite) {
            if (before)
                usual.push_back(
                    (vec(r.xyz) - *before).cwiseAbs().cwiseQuotient(*before).maxCoeff());
            before = vec(r.xyz);
        }
    if (usual.empty())
        return true;
    const auto middle = usual.begin() + static_cast<long>(usual.size() / 2);
    std::nth_element(usual.begin(), middle, usual.end());
    constexpr double kTimesUsual = 5;
    return change > kTimesUsual * *middle;
}

void ChartReader::keep(const Reading &reading)
{
    m_readings.push_back(reading);
    if (!(reading.rgb == kDeviceWhite))
        return;
    m_lastWhite = reading.xyz;
    m_goodReadings = m_readings.size();
    m_goodAt = m_at;
}

void ChartReader::accept(const Reading &reading)
{
    const bool white = reading.rgb == kDeviceWhite;
    if (white && changeOf(reading.xyz) > kWhiteJump) {
        m_jumped = reading.xyz;
        m_state = m_state == State::Reading ? State::Confirming : State::Asking;
        return;
    }
    if (white && m_state == State::Reading && isStep(reading.xyz)) {
        m_state = State::Confirming;
        return;
    }
    const bool confirmed = m_state == State::Confirming && isStep(reading.xyz);
    if (m_state == State::Returning || confirmed) {
        m_state = State::Reading;
        if (confirmed)
            m_wentBackTo = m_goodAt;
        m_readings.resize(m_goodReadings);
        m_at = m_goodAt;
        keep(reading);
        return;
    }
    m_state = State::Reading;
    ++m_at;
    keep(reading);
}

void ChartReader::acknowledge()
{
    if (m_state == State::Asking)
        m_state = State::Returning;
}

WatchedListPlan::WatchedListPlan(std::vector<DeviceRgb> patches) : m_patches(std::move(patches))
{
    m_reader.start(m_patches);
}

std::vector<Reading> WatchedListPlan::readings() const
{
    std::vector<Reading> asListed;
    for (const Reading &r : m_reader.readings()) // whites read once more are not in the list
        if (asListed.size() < m_patches.size() && r.rgb == m_patches[asListed.size()])
            asListed.push_back(r);
    return asListed;
}

std::vector<DeviceRgb> oddPatches(const std::vector<Reading> &readings, const SignalPath &path)
{
    struct Judged {
        DeviceRgb rgb;
        double error;
    };
    std::map<Key, size_t> times;
    for (const Reading &r : readings)
        ++times[keyOf(r.rgb)];
    std::vector<Judged> judged;
    try {
        const DriftCorrection steady = steadyReadings(readings);
        const std::vector<Reading> &settled = steady.readings;
        // By models that have not seen the reading: those that follow it closely say nothing.
        const std::vector<double> heldOut = makeCommittee(steady, path).heldOut;
        std::vector<double> errors;
        std::copy_if(heldOut.begin(), heldOut.end(), std::back_inserter(errors),
                     [](double e) { return e >= 0; });
        if (errors.empty())
            return {};
        const auto middle = errors.begin() + static_cast<long>(errors.size() / 2);
        std::nth_element(errors.begin(), middle, errors.end());
        const double limit = std::max(kOddDeltaE00, kOddTimesMedian * *middle);
        // One that is far off draws its neighbours along: judge all suspects without any of them.
        std::vector<Reading> trusted, suspects;
        for (size_t i = 0; i < settled.size(); ++i)
            (heldOut[i] > limit ? suspects : trusted).push_back(settled[i]);
        if (suspects.empty())
            return {};
        const XYZ white = whiteOf(settled, "chart");
        const DisplayModel model = DisplayModel::fit(trusted, {.stage = DriveStage(path)}, "chart");
        for (const Reading &r : suspects) {
            const double error = deltaE2000(pcsLab(r.xyz, white), model.lab(r.rgb));
            if (error > limit && !isEnd(r.rgb) && times[keyOf(r.rgb)] < kReadingsToBelieve)
                judged.push_back({r.rgb, error});
        }
    } catch (const Error &) {
        return {}; // too few readings for a model; the build will say so
    }
    std::stable_sort(judged.begin(), judged.end(),
                     [](const Judged &a, const Judged &b) { return a.error > b.error; });
    std::vector<DeviceRgb> odd;
    const size_t most = std::max<size_t>(2, readings.size() / 20);
    for (const Judged &j : judged)
        if (odd.size() < most && std::find(odd.begin(), odd.end(), j.rgb) == odd.end())
            odd.push_back(j.rgb);
    return odd;
}

std::vector<Reading> settleOdd(const std::vector<Reading> &readings)
{
    std::map<Key, std::vector<const Reading *>> same;
    for (const Reading &r : readings)
        if (!isEnd(r.rgb))
            same[keyOf(r.rgb)].push_back(&r);
    std::vector<Reading> out;
    for (const Reading &r : readings) {
        const auto it = same.find(keyOf(r.rgb));
        if (it == same.end() || it->second.size() < kReadingsToBelieve) {
            out.push_back(r);
            continue;
        }
        const auto &all = it->second;
        if (all.front() != &r)
            continue; // stands at the place of the first
        const auto distance = [&](const Reading *one) {
            double sum = 0;
            for (const Reading *other : all)
                sum += (vec(one->xyz) - vec(other->xyz)).norm();
            return sum;
        };
        out.push_back(
            **std::min_element(all.begin(), all.end(), [&](const Reading *a, const Reading *b) {
                return distance(a) < distance(b);
            }));
    }
    return out;
}

DriftCorrection steadyReadings(const std::vector<Reading> &readings)
{
    DriftCorrection steady = correctDrift(readings);
    steady.readings = settleOdd(steady.readings);
    return steady;
}

ChartPlan::ChartPlan(std::vector<DeviceRgb> patches, SignalPath path) : m_path(std::move(path))
{
    m_reader.start(std::move(patches));
}

void ChartPlan::accept(const Reading &reading)
{
    m_reader.accept(reading);
    if (m_reread || !std::holds_alternative<Finished>(m_reader.next()))
        return;
    m_reread = true;
    std::vector<DeviceRgb> again;
    for (const DeviceRgb &rgb : oddPatches(m_reader.readings(), m_path))
        again.insert(again.end(), kReadingsToBelieve - 1, rgb);
    m_reader.start(std::move(again));
}

} // namespace lantern
