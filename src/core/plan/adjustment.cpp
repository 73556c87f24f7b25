#include "core/plan/adjustment.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <utility>

namespace lantern {

namespace {

constexpr double kGoodDeltaUv = 0.0010;  ///< sound white: below what the eye tells side by side
constexpr double kGoodLuminance = 0.010; ///< relative
constexpr double kTelling = 5;           ///< turns smaller than this teach more noise than sense
constexpr double kGoodAsFound = 0.02;    ///< relative; not worth turning what is good otherwise
constexpr double kLackOfLight = 0.002;   ///< relative
constexpr double kHeadroom = 1.004;      ///< light kept for the LUT to finish white with

/// What an adjustment reads before white: black, red, green, blue.
constexpr std::array<DeviceRgb, 4> kFirstPatches = {
    {{0, 0, 0}, {255, 0, 0}, {0, 255, 0}, {0, 0, 255}}};

std::array<double MonitorControls::*, 3> gainMembers()
{
    return {&MonitorControls::redGain, &MonitorControls::greenGain, &MonitorControls::blueGain};
}

bool haveSameGains(const MonitorControls &a, const MonitorControls &b)
{
    return a.redGain == b.redGain && a.greenGain == b.greenGain && a.blueGain == b.blueGain;
}

double backlight(double lowest, double brightness)
{
    return lowest + (1 - lowest) * brightness / 100;
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

WhiteAdvisor WhiteAdvisor::fromReadings(const std::vector<Reading> &first,
                                        ControlCapabilities capabilities)
{
    return {primariesFromReadings(first[1].xyz, first[2].xyz, first[3].xyz, first[0].xyz),
            first[0].xyz, capabilities};
}

Vec3 WhiteAdvisor::drive(const XYZ &white) const
{
    return m_inverse * (vec(white) - vec(m_black));
}

void WhiteAdvisor::add(const WhiteReading &reading)
{
    // Settings are compared by the first readings taken with them: when a person types in what the
    // monitor shows, the readings between turning and typing still carry the settings of before.
    if (!m_readings.empty() && !(m_readings.back().controls == reading.controls)) {
        const WhiteReading last = *m_groupFirst;
        m_groupFirst = reading;
        const Vec3 factor = drive(reading.white).cwiseQuotient(drive(last.white));
        const auto gains = gainMembers();

        // What brightness did shows in the channels whose gain stayed as it was.
        double common = 0;
        int kept = 0;
        for (int c = 0; c < 3; ++c)
            if (reading.controls.*gains[c] == last.controls.*gains[c]) {
                common += factor[c];
                ++kept;
            }
        const double b0 = last.controls.brightness;
        const double b1 = reading.controls.brightness;
        double level = backlight(m_lowest, b1) / backlight(m_lowest, b0);
        if (kept > 0) {
            level = common / kept;
            // level = (m + (1-m) b1) / (m + (1-m) b0), solved for m
            const double d = (1 - level) - (b1 - level * b0) / 100;
            const bool sensible = (level > 1) == (b1 > b0);
            if (std::abs(b1 - b0) >= kTelling && sensible && std::abs(d) > 1e-6)
                m_lowest = std::clamp(-(b1 - level * b0) / 100 / d, 0.0, 0.95);
        }
        for (int c = 0; c < 3; ++c) {
            const double g0 = last.controls.*gains[c];
            const double g1 = reading.controls.*gains[c];
            if (g0 > 0 && g1 > 0 && std::abs(g1 - g0) >= kTelling && factor[c] > 0 && level > 0)
                m_exponent[c] =
                    std::clamp(std::log(factor[c] / level) / std::log(g1 / g0), 0.5, 6.0);
        }
    }
    if (m_readings.empty())
        m_groupFirst = reading;
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
    const auto gains = gainMembers();
    auto gainFactor = [&](int c, double gain) {
        return std::pow(gain / std::max(now.*gains[c], 1.0), m_exponent[c]);
    };
    // Light that every channel would have with its gain at 100; the neediest channel stays near it.
    Vec3 atTop = Vec3::Ones();
    if (turnsGains)
        for (int c = 0; c < 3; ++c)
            atTop[c] = wanted[c] / gainFactor(c, 100);
    const double neediest = turnsGains ? atTop.maxCoeff() : wanted.maxCoeff();
    const bool turnsBrightness = m_capabilities.brightness && luminanceMatters;
    const double nowBacklight = backlight(m_lowest, now.brightness);

    MonitorControls best = now;
    double least = INFINITY;
    auto consider = [&](const MonitorControls &trial) {
        // Somebody who turns by hand may well come back to where they were.
        const bool tried =
            !m_byHand && std::any_of(m_readings.begin(), m_readings.end(),
                                     [&](const WhiteReading &r) { return r.controls == trial; });
        if (tried) // and found wanting
            return;
        const double light =
            turnsBrightness ? backlight(m_lowest, trial.brightness) / nowBacklight : 1;
        Vec3 got; // of what is wanted, per channel
        for (int c = 0; c < 3; ++c)
            got[c] = light * (turnsGains ? gainFactor(c, trial.*gains[c]) : 1) /
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
            (neediest * kHeadroom / topFactor * nowBacklight - m_lowest) / (1 - m_lowest) * 100;
        for (const double b : {std::floor(exact), std::ceil(exact)}) {
            trial.brightness = std::clamp(b, 0.0, 100.0);
            consider(trial);
        }
    };
    if (!turnsGains) {
        withBrightness(now, 1);
        return {best, least};
    }
    // Finer steps of luminance by lowering all gains a little are for the program, not for people.
    const int lowestTop = m_byHand ? 100 : 94;
    for (int top = 100; top >= lowestTop; --top) {
        int needy = 0;
        atTop.maxCoeff(&needy);
        const double topFactor = std::pow(top / 100.0, m_exponent[needy]);
        for (int corner = 0; corner < 8; ++corner) {
            MonitorControls trial = now;
            for (int c = 0; c < 3; ++c) {
                const double exact =
                    100 * std::pow(atTop[c] / neediest * topFactor, 1 / m_exponent[c]);
                const double gain = c == needy          ? top
                                    : (corner >> c & 1) ? std::ceil(exact)
                                                        : std::floor(exact);
                trial.*gains[c] = std::clamp(gain, 1.0, 100.0);
            }
            withBrightness(trial, topFactor);
        }
    }
    return {best, least};
}

AdjustmentPlan::AdjustmentPlan(Aim aim, MonitorControls start, ControlCapabilities capabilities,
                               Turner turner)
    : m_controls(start), m_aim(std::move(aim)), m_capabilities(capabilities), m_turner(turner)
{}

ReadPatch AdjustmentPlan::nextPatch() const
{
    if (m_first.size() < kFirstPatches.size())
        return {kFirstPatches[m_first.size()]};
    return {{255, 255, 255}};
}

bool AdjustmentPlan::learn(const Reading &reading)
{
    ++m_done;
    if (!m_advisor) {
        m_first.push_back(reading);
        if (m_first.size() == kFirstPatches.size())
            m_advisor = WhiteAdvisor::fromReadings(m_first, m_capabilities);
        if (m_advisor && m_turner == Turner::Person)
            m_advisor->forPerson();
        return false;
    }
    if (!m_advice)
        m_aimedWhite = aimChromaticity(m_aim, chromaticity(reading.xyz));
    m_advisor->add({m_controls, reading.xyz});
    m_advice = m_advisor->advise(m_aimedWhite, m_aim.luminanceCdM2);
    return true;
}

AdjustPlan::AdjustPlan(Aim aim, MonitorControls start, ControlCapabilities capabilities)
    : AdjustmentPlan(std::move(aim), start, capabilities, Turner::Program)
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
    if (!learn(reading))
        return;
    // Light that is missing cannot be made by the video LUT; too much of it costs little.
    constexpr double kNotMissed = 0.004; // of light: well within what luminance is aimed to
    const double shortage =
        aimsAtLuminance() ? std::max(0.0, lastAdvice()->wanted.maxCoeff() - 1 - kNotMissed) : 0;
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
        (!aimsAtLuminance() || std::abs(lastAdvice()->luminanceError) <= kGoodAsFound);
    if (asFound) {
        m_finished = true;
        return;
    }
    if (lastAdvice()->settled || readingsDone() >= kMaxReadings) {
        m_ending = true;
        MonitorControls last = m_best;          // what was read to be the best
        constexpr double kSmallestStep = 0.008; // of light, that a step of brightness gives
        if (m_bestShortage > kSmallestStep / 2 && turnsBrightness())
            last.brightness =
                std::min(100.0, last.brightness + std::ceil(m_bestShortage / kSmallestStep));
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

HandAdjustPlan::HandAdjustPlan(Aim aim, MonitorControls start, ControlCapabilities capabilities)
    : AdjustmentPlan(std::move(aim), start, capabilities, Turner::Person)
{}

PlanStep HandAdjustPlan::next() const
{
    if (m_finished)
        return Finished{};
    return nextPatch();
}

} // namespace lantern
