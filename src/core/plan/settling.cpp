#include "core/plan/settling.h"

#include "core/base/text.h"
#include "core/colour/colour.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <array>
#include <cmath>

namespace lantern {

namespace {

/// What a code value stands for before anything is known of the display: exponent 2.2, and the
/// channels' shares of white's X, Y, Z (rows) as in IEC 61966-2-1.
constexpr double kUsualExponent = 2.2;
const Mat3 kChannelShare = (Mat3() << 0.4339, 0.3762, 0.1899, //
                            0.2126, 0.7152, 0.0722,           //
                            0.0177, 0.1094, 0.8729)
                               .finished();
/// Channels act on each other a little: so much of the largest change may go the other way.
constexpr double kAlong = 0.03;

Vec3 usualLight(const DeviceRgb &c)
{
    return (vec(c) / 255).cwiseMax(0).cwiseMin(1).array().pow(kUsualExponent);
}

/// Change of relative luminance that is kUnseen in L* (CIE 15:2018, 8.2.1); of X and Z the same,
/// which lets a chroma near grey be off a few times that.
double unseenLight(double relativeLuminance)
{
    constexpr double kKnee = 216.0 / 24389;
    constexpr double kSlope = 24389.0 / 27;
    return kUnseen * (relativeLuminance < kKnee ? 1 / kSlope
                                                : 3 * std::pow(relativeLuminance, 2.0 / 3) / 116);
}

double waitFor(const Approach &a, double change, double allowed)
{
    if (a.timeConstantSeconds <= 0 || change <= 0)
        return 0;
    return std::clamp(a.timeConstantSeconds * std::log(a.left * change / allowed), 0.0,
                      kLongestSettlingSeconds);
}

Json approachToJson(const Approach &a)
{
    return {{"time_constant_seconds", a.timeConstantSeconds}, {"left", a.left}};
}

Approach approachFromJson(JsonObject json)
{
    Approach a;
    a.timeConstantSeconds = json.number("time_constant_seconds", 0, 100);
    a.left = json.number("left", 0, 1);
    json.finish();
    return a;
}

// Of the plan.
constexpr int kMostSteps = 8;           ///< readings of one patch until it stands still
constexpr int kMostTrials = 6;          ///< of one change
constexpr double kFirstWait = 0.2;      ///< s
constexpr double kLonger = 1.6;         ///< times the wait before, where that was not enough
constexpr double kTrialLeadSeconds = 2; ///< for the patch that a trial starts from
constexpr double kOutstanding = 4;      ///< times the last step, to be more than scatter
constexpr double kUnknownIntegrationSeconds = 2;

} // namespace

double Settling::waitSeconds(const std::optional<DeviceRgb> &from, const DeviceRgb &to) const
{
    if (rise.timeConstantSeconds <= 0 && fall.timeConstantSeconds <= 0)
        return 0;
    const Vec3 target = usualLight(to);
    Vec3 up = target; // from anything: the farthest that there is on either side
    Vec3 down = Vec3::Ones() - target;
    if (from) {
        up = (target - usualLight(*from)).cwiseMax(0);
        down = (usualLight(*from) - target).cwiseMax(0);
        const double along = kAlong * std::max(up.maxCoeff(), down.maxCoeff());
        up = up.cwiseMax(along * target);
        down = down.cwiseMax(along * target);
    }
    double wait = 0;
    for (int k = 0; k < 3; ++k) {
        const double allowed = unseenLight(kChannelShare.row(k) * target);
        wait = std::max({wait, waitFor(rise, kChannelShare.row(k) * up, allowed),
                         waitFor(fall, kChannelShare.row(k) * down, allowed)});
    }
    return wait;
}

double Settling::longestWaitSeconds() const
{
    return std::max(waitSeconds(kDeviceWhite, kDeviceBlack),
                    waitSeconds(kDeviceBlack, kDeviceWhite));
}

Message settlingText(const Settling &s)
{
    if (s.longestWaitSeconds() <= 0)
        return "The display is steady by the time the meter looks: nothing was waited for.";
    return {"After a change the display takes up to %1 s from bright to dark and %2 s from dark to "
            "bright; each reading waited that long.",
            {fixedNumber(s.waitSeconds(kDeviceWhite, kDeviceBlack), 1),
             fixedNumber(s.waitSeconds(kDeviceBlack, kDeviceWhite), 1)}};
}

Json settlingToJson(const Settling &s)
{
    return {{"rise", approachToJson(s.rise)}, {"fall", approachToJson(s.fall)}};
}

Settling settlingFromJson(JsonObject json)
{
    const Settling s{approachFromJson(json.object("rise")), approachFromJson(json.object("fall"))};
    json.finish();
    return s;
}

PlanStep SettlingPlan::next() const
{
    switch (m_phase) {
    case Phase::White:
    case Phase::BackToWhite:
        return ReadPatch{kDeviceWhite, {}, 0};
    case Phase::Black:
        return ReadPatch{kDeviceBlack, {}, 0};
    case Phase::Fall:
        return m_prepared ? ReadPatch{kDeviceBlack, {}, nextWait(m_fall)}
                          : ReadPatch{kDeviceWhite, {}, kTrialLeadSeconds};
    case Phase::Rise:
        return m_prepared ? ReadPatch{kDeviceWhite, {}, nextWait(m_rise)}
                          : ReadPatch{kDeviceBlack, {}, kTrialLeadSeconds};
    case Phase::Finished:
        break;
    }
    return Finished{};
}

void SettlingPlan::enter(Phase phase)
{
    m_phase = phase;
    m_prepared = false;
    m_steps.clear();
}

void SettlingPlan::accept(const Reading &reading)
{
    ++m_done;
    const double y = reading.xyz.Y;
    m_steps.push_back(y);
    const size_t n = m_steps.size();
    const double step = n > 1 ? m_steps[n - 2] - y : 0;
    switch (m_phase) {
    case Phase::White:
        if (n < 2 || (std::abs(step) > m_rise.allowed && n < kMostSteps)) {
            m_rise.allowed = std::abs(y) * unseenLight(1);
            return;
        }
        m_white = (m_steps[n - 2] + y) / 2;
        m_rise.allowed = std::max(std::abs(m_white) * unseenLight(1), std::abs(step));
        m_rise.scatter = m_rise.allowed / 10;
        m_fall.allowed = std::abs(m_white) * unseenLight(0);
        enter(Phase::Black);
        return;
    case Phase::Black:
        if (n < 2 || (step > m_fall.allowed && n < kMostSteps))
            return;
        m_black = (m_steps[n - 2] + y) / 2;
        m_fall.integrationSeconds = reading.integrationSeconds;
        m_fall.trials = {{0, m_steps.front() - m_black}};
        m_fall.scatter = std::max(std::abs(step), m_fall.allowed / 100);
        // What differs no more than two readings at rest do is scatter.
        if (n > 2)
            m_fall.allowed = std::max(m_fall.allowed, kOutstanding * std::abs(step));
        enter(Phase::BackToWhite);
        return;
    case Phase::BackToWhite:
        m_rise.integrationSeconds = reading.integrationSeconds;
        m_rise.trials = {{0, m_white - y}};
        enter(!isEnough(m_fall) ? Phase::Fall : !isEnough(m_rise) ? Phase::Rise : Phase::Finished);
        return;
    case Phase::Fall:
    case Phase::Rise:
        break;
    case Phase::Finished:
        return;
    }
    if (!m_prepared) {
        m_prepared = true;
        return;
    }
    const bool falling = m_phase == Phase::Fall;
    Direction &d = falling ? m_fall : m_rise;
    d.trials.push_back({nextWait(d), falling ? y - m_black : m_white - y});
    m_prepared = false;
    if (isEnough(d) || d.trials.size() >= kMostTrials)
        enter(falling && !isEnough(m_rise) ? Phase::Rise : Phase::Finished);
}

bool SettlingPlan::isEnough(const Direction &d)
{
    return d.trials.back().excess <= d.allowed || d.trials.back().wait >= kLongestSettlingSeconds;
}

/// As long as two trials say by their ratio; a bit longer than a wait that was not enough.
double SettlingPlan::nextWait(const Direction &d) const
{
    const Trial &last = d.trials.back();
    if (d.trials.size() == 1)
        return kFirstWait;
    const Trial &before = d.trials[d.trials.size() - 2];
    double wait = kLonger * last.wait;
    if (d.trials.size() == 2 && before.excess > last.excess)
        wait = last.wait + (last.wait - before.wait) * std::log(last.excess / d.allowed) /
                               std::log(before.excess / last.excess);
    return std::min(std::max(wait, last.wait + kFirstWait / 2), kLongestSettlingSeconds);
}

Approach SettlingPlan::approach(const Direction &d) const
{
    if (d.trials.size() < 2)
        return {};
    const double change = m_white - m_black;
    const Trial &first = d.trials.front();
    const Trial &second = d.trials[1];
    const double enough = d.trials.back().wait;
    if (change <= 0 || first.excess <= d.allowed)
        return {};
    // What waiting does not lessen is no settling.
    if (!isEnough(d) && d.trials.back().excess > first.excess / 2)
        return {};
    // From the ratio of the first two; where that says nothing from the wait that was enough.
    double tau = enough / std::log(first.excess / std::min(d.allowed, first.excess / 2));
    if (const double left = std::max(second.excess, d.scatter); left < first.excess)
        tau = (second.wait - first.wait) / std::log(first.excess / left);
    // A reading is a mean over its integration, in which most of the change may be over: brighter
    // patches are read faster and see more of it.
    const double t =
        (d.integrationSeconds > 0 ? d.integrationSeconds : kUnknownIntegrationSeconds) / tau;
    Approach a;
    a.timeConstantSeconds = tau;
    a.left = std::min(1.0, first.excess / change * t / -std::expm1(-t));
    // No shorter than the wait that was tried and found enough.
    const double limit = d.allowed / change;
    const double promised = tau * std::log(a.left / limit);
    if (promised < enough)
        a.timeConstantSeconds *= enough / promised;
    return a;
}

int SettlingPlan::readingsLeft() const
{
    switch (m_phase) {
    case Phase::White:
        return std::max(1, 5 - m_done);
    case Phase::Black:
        return 3 - std::min<int>(2, static_cast<int>(m_steps.size()));
    case Phase::BackToWhite:
        return 1;
    case Phase::Fall:
    case Phase::Rise:
        return m_prepared ? 3 : 4;
    case Phase::Finished:
        break;
    }
    return 0;
}

Settling SettlingPlan::result() const
{
    return {approach(m_rise), approach(m_fall)};
}

} // namespace lantern
