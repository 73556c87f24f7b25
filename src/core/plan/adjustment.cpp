#include "core/plan/adjustment.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <utility>

namespace lantern {

namespace {

constexpr double kGoodAsFound = 0.02; ///< relative; not worth turning what is good otherwise
constexpr double kHeadroom = 1.004;   ///< light kept for the LUT to finish white with

/// What an adjustment reads before white: black, red, green, blue.
constexpr std::array<DeviceRgb, 4> kFirstPatches = {
    {{0, 0, 0}, {255, 0, 0}, {0, 255, 0}, {0, 0, 255}}};

bool haveSameGains(const MonitorControls &a, const MonitorControls &b)
{
    return a.redGain == b.redGain && a.greenGain == b.greenGain && a.blueGain == b.blueGain;
}

} // namespace

XYZ whiteAfter(const XYZ &white, const std::array<Chromaticity, 3> &primaries, const Vec3 &factors)
{
    Mat3 p;
    for (int c = 0; c < 3; ++c)
        p.col(c) = vec(fromChromaticity(primaries[c], 1));
    const Vec3 drive = p.inverse() * vec(white);
    return toXyz(p * drive.cwiseProduct(factors));
}

WhiteAdvisor::WhiteAdvisor(const Mat3 &primaries, XYZ black, ControlCapabilities capabilities)
    : m_inverse(primaries.inverse()), m_black(black), m_capabilities(capabilities)
{}

Vec3 WhiteAdvisor::drive(const XYZ &white) const
{
    return m_inverse * (vec(white) - vec(m_black));
}

void WhiteAdvisor::add(const WhiteReading &reading)
{
    if (!m_readings.empty() && !(m_readings.back().controls == reading.controls)) {
        const WhiteReading &last = m_readings.back();
        m_response.learn(last.controls, drive(last.white), reading.controls, drive(reading.white));
    }
    m_readings.push_back(reading);
}

Advice WhiteAdvisor::advise(const Chromaticity &white, std::optional<double> luminance) const
{
    const WhiteReading &last = m_readings.back();
    const double aimed = luminance.value_or(last.white.Y);
    Advice advice;
    advice.controls = last.controls;
    advice.wanted =
        drive(fromChromaticity(white, aimed)).cwiseQuotient(drive(last.white)).cwiseMax(0);
    advice.deltaUv = deltaUvPrime(uvPrime(last.white), uvPrime(white));
    advice.luminanceError = last.white.Y / aimed - 1;

    const bool whiteGood = !m_capabilities.gains || advice.deltaUv <= kGoodDeltaUv;
    // A white that was good as it was found is not turned for the sake of luminance, unless no
    // light is left: gains only take light and levels away.
    const bool asFound =
        std::all_of(m_readings.begin(), m_readings.end(), [&](const WhiteReading &r) {
            return haveSameGains(r.controls, last.controls);
        });
    const bool lacksLight = luminance && advice.wanted.maxCoeff() > 1 + kLackOfLight &&
                            (!m_capabilities.brightness || last.controls.brightness >= 100);
    Settings best = bestSettings(last.controls, advice.wanted, false, luminance.has_value());
    if (m_capabilities.gains && (!whiteGood || lacksLight || (!asFound && best.cost > 1)))
        best = bestSettings(last.controls, advice.wanted, true, luminance.has_value());
    advice.controls = best.controls;
    // Without gains the LUT will dim channels to reach white; the light for that must be there.
    const double spare = 1 - advice.wanted.maxCoeff();
    const bool luminanceGood =
        !m_capabilities.brightness || !luminance ||
        (spare >= -kLackOfLight && spare <= kGoodLuminance &&
         (!m_capabilities.gains || std::abs(advice.luminanceError) <= kGoodLuminance));
    if (whiteGood && luminanceGood)
        advice.controls = last.controls;
    advice.settled = advice.controls == last.controls;
    return advice;
}

/// Of the whole numbers near the exact answer, those that together come nearest: a step of gain or
/// brightness is often more than the white or luminance is allowed to miss by, but not all of them
/// miss the same way.
WhiteAdvisor::Settings WhiteAdvisor::bestSettings(const MonitorControls &now, const Vec3 &wanted,
                                                  bool turnsGains, bool luminanceMatters) const
{
    auto gainFactor = [&](int c, double gain) {
        return std::pow(gain / std::max(now.*kGainFields[c], 1.0), m_response.exponent[c]);
    };
    // Light that every channel would have with its gain at 100; the neediest channel stays near it.
    Vec3 atTop = Vec3::Ones();
    if (turnsGains)
        for (int c = 0; c < 3; ++c)
            atTop[c] = wanted[c] / gainFactor(c, 100);
    const double neediest = turnsGains ? atTop.maxCoeff() : wanted.maxCoeff();
    const bool turnsBrightness = m_capabilities.brightness && luminanceMatters;
    const double nowBacklight = m_response.backlight(now.brightness);

    MonitorControls best = now;
    double least = INFINITY;
    auto consider = [&](const MonitorControls &trial) {
        const bool tried = std::any_of(m_readings.begin(), m_readings.end(),
                                       [&](const WhiteReading &r) { return r.controls == trial; });
        if (tried) // and found wanting
            return;
        const double light =
            turnsBrightness ? m_response.backlight(trial.brightness) / nowBacklight : 1;
        Vec3 got; // of what is wanted, per channel
        for (int c = 0; c < 3; ++c)
            got[c] = light * (turnsGains ? gainFactor(c, trial.*kGainFields[c]) : 1) /
                     std::max(wanted[c], 1e-9);
        const double mean = got.mean();
        const double short_ = std::max(0.0, kHeadroom - got.minCoeff());
        const double over = luminanceMatters ? std::abs(mean - kHeadroom) : 0;
        const double unbalance = (got / mean - Vec3::Ones()).norm();
        constexpr double kBalance = 0.004; // of a channel's light: about 0.001 in u'v'
        constexpr double kLevels = 0.02;   // a gain below 100 costs the panel's steps
        double cost = std::pow(over / kGoodLuminance, 2);
        if (luminanceMatters)
            cost += 4 * std::pow(short_ / kGoodLuminance, 2);
        if (turnsGains) {
            cost += std::pow(unbalance / kBalance, 2);
            cost += kLevels * (100 - std::max({trial.redGain, trial.greenGain, trial.blueGain}));
        }
        if (cost < least - 1e-9) {
            least = cost;
            best = trial;
        }
    };
    auto withBrightness = [&](MonitorControls trial, double topFactor) {
        if (!turnsBrightness) {
            consider(trial);
            return;
        }
        const double exact =
            m_response.brightnessFor(neediest * kHeadroom / topFactor * nowBacklight);
        const double step = m_capabilities.brightnessStep;
        for (const double b : {std::floor(exact / step), std::ceil(exact / step)}) {
            trial.brightness = std::clamp(b * step, 0.0, 100.0);
            consider(trial);
        }
    };
    if (!turnsGains) {
        withBrightness(now, 1);
        return {best, least};
    }
    constexpr int kLowestTop = 94; // finer steps of luminance, by lowering all gains a little
    for (int top = 100; top >= kLowestTop; --top) {
        int needy = 0;
        atTop.maxCoeff(&needy);
        const double topFactor = std::pow(top / 100.0, m_response.exponent[needy]);
        for (int corner = 0; corner < 8; ++corner) {
            MonitorControls trial = now;
            for (int c = 0; c < 3; ++c) {
                const double exact =
                    100 * std::pow(atTop[c] / neediest * topFactor, 1 / m_response.exponent[c]);
                const double gain = c == needy          ? top
                                    : (corner >> c & 1) ? std::ceil(exact)
                                                        : std::floor(exact);
                trial.*kGainFields[c] = std::clamp(gain, 1.0, 100.0);
            }
            withBrightness(trial, topFactor);
        }
    }
    return {best, least};
}

AdjustmentPlan::AdjustmentPlan(Aim aim, ControlCapabilities capabilities)
    : m_aim(std::move(aim)), m_capabilities(capabilities)
{}

ReadPatch AdjustmentPlan::nextPatch() const
{
    if (m_first.size() < kFirstPatches.size())
        return {kFirstPatches[m_first.size()]};
    return {{255, 255, 255}};
}

bool AdjustmentPlan::takesWhite(const Reading &reading)
{
    ++m_done;
    if (m_first.size() < kFirstPatches.size()) {
        m_first.push_back(reading);
        if (m_first.size() == kFirstPatches.size())
            m_primaries = primariesFromReadings(m_first[1].xyz, m_first[2].xyz, m_first[3].xyz,
                                                m_first[0].xyz);
        return false;
    }
    if (!m_hasWhite)
        m_aimedWhite = aimChromaticity(m_aim, chromaticity(reading.xyz));
    m_hasWhite = true;
    return true;
}

AdjustPlan::AdjustPlan(Aim aim, MonitorControls start, ControlCapabilities capabilities)
    : AdjustmentPlan(std::move(aim), capabilities), m_controls(start)
{}

PlanStep AdjustPlan::next() const
{
    if (m_finished)
        return Finished{};
    if (m_pending)
        return SetControls{*m_pending};
    return nextPatch();
}

void AdjustPlan::accept(const Reading &reading)
{
    if (!takesWhite(reading))
        return;
    if (!m_advisor)
        m_advisor.emplace(primaries(), black(), capabilities());
    m_advisor->add({m_controls, reading.xyz});
    m_advice = m_advisor->advise(aimedWhite(), aimedLuminance());
    // Light that is missing cannot be made by the video LUT; too much of it costs little.
    constexpr double kNotMissed = 0.004; // of light: well within what luminance is aimed to
    const double shortage =
        aimedLuminance() ? std::max(0.0, lastAdvice()->wanted.maxCoeff() - 1 - kNotMissed) : 0;
    constexpr double kShortWeight = 10;
    const double miss = std::hypot(lastAdvice()->deltaUv / kGoodDeltaUv,
                                   lastAdvice()->luminanceError / kGoodLuminance) +
                        kShortWeight * shortage / kGoodLuminance;
    if (miss < m_leastMiss) {
        m_leastMiss = miss;
        m_best = m_controls;
        m_bestShortage = shortage;
    }
    const bool asFound =
        std::exchange(m_isFirstWhite, false) && shortage <= kNotMissed &&
        lastAdvice()->deltaUv <= kGoodDeltaUv &&
        (!aimedLuminance() || std::abs(lastAdvice()->luminanceError) <= kGoodAsFound);
    if (asFound) {
        m_finished = true;
        return;
    }
    if (lastAdvice()->settled || readingsDone() >= kMaxReadings) {
        m_ending = true;
        MonitorControls last = m_best; // what was read to be the best
        const double step = capabilities().brightnessStep;
        const double smallest = 0.008 * step; // of light, that a step of brightness gives
        if (m_bestShortage > smallest / 2 && capabilities().brightness)
            last.brightness =
                std::min(100.0, last.brightness + step * std::ceil(m_bestShortage / smallest));
        if (m_controls == last)
            m_finished = true;
        else
            m_pending = last;
    } else
        m_pending = lastAdvice()->controls;
}

void AdjustPlan::acknowledge()
{
    if (m_pending) {
        m_controls = *m_pending;
        m_pending.reset();
        m_finished = m_ending;
    }
}

int AdjustPlan::readingsLeft() const
{
    constexpr int kUsual = 9;
    return m_finished ? 0 : std::max(1, kUsual - readingsDone());
}

HandAdjustPlan::HandAdjustPlan(Aim aim, std::optional<MonitorControls> shown,
                               ControlCapabilities capabilities)
    : AdjustmentPlan(std::move(aim), capabilities), m_shown(shown)
{}

PlanStep HandAdjustPlan::next() const
{
    if (m_finished)
        return Finished{};
    return nextPatch();
}

void HandAdjustPlan::accept(const Reading &reading)
{
    if (!takesWhite(reading))
        return;
    if (!m_advisor)
        m_advisor.emplace(primaries(), black(), capabilities());
    m_advisor->add(m_shown, reading.xyz);
    m_advice = m_advisor->advise(aimedWhite(), aimedLuminance());
}

} // namespace lantern
