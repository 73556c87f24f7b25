#include "core/adjustment.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>

namespace lantern {

namespace {

constexpr double kGoodDeltaUv = 0.0010;  ///< sound white: below what the eye tells side by side
constexpr double kGoodLuminance = 0.010; ///< relative
constexpr double kHeadroom = 1.004;      ///< light kept for the LUT to finish white with

/// What an adjustment reads before white: black, red, green, blue.
constexpr std::array<DeviceRgb, 4> kFirstPatches = {
    {{0, 0, 0}, {255, 0, 0}, {0, 255, 0}, {0, 0, 255}}};

std::array<double MonitorControls::*, 3> gainMembers()
{
    return {&MonitorControls::redGain, &MonitorControls::greenGain, &MonitorControls::blueGain};
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
    if (!m_readings.empty()) {
        const WhiteReading &last = m_readings.back();
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
            if (std::abs(b1 - b0) >= 2 && std::abs(d) > 1e-6)
                m_lowest = std::clamp(-(b1 - level * b0) / 100 / d, 0.0, 0.95);
        }
        for (int c = 0; c < 3; ++c) {
            const double g0 = last.controls.*gains[c];
            const double g1 = reading.controls.*gains[c];
            if (g0 > 0 && g1 > 0 && std::abs(g1 - g0) >= 2 && factor[c] > 0 && level > 0)
                m_exponent[c] =
                    std::clamp(std::log(factor[c] / level) / std::log(g1 / g0), 0.5, 6.0);
        }
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

    const auto gains = gainMembers();
    double level = advice.wanted.maxCoeff();
    if (m_capabilities.gains) {
        // Light that every channel would have with its gain at 100; the neediest channel stays
        // there.
        Vec3 atTop;
        for (int c = 0; c < 3; ++c)
            atTop[c] = advice.wanted[c] *
                       std::pow(std::max(last.controls.*gains[c], 1.0) / 100, m_exponent[c]);
        level = atTop.maxCoeff();
        for (int c = 0; c < 3; ++c)
            advice.controls.*gains[c] = std::clamp(
                std::round(100 * std::pow(atTop[c] / level, 1 / m_exponent[c])), 1.0, 100.0);
    }
    if (m_capabilities.brightness && luminance) {
        const double wantedBacklight =
            level * kHeadroom * backlight(m_lowest, last.controls.brightness);
        const double exact = (wantedBacklight - m_lowest) / (1 - m_lowest) * 100;
        advice.controls.brightness = std::clamp(std::ceil(exact - 0.25), 0.0, 100.0);
    }
    const bool whiteGood = !m_capabilities.gains || advice.deltaUv <= kGoodDeltaUv;
    // Without gains the LUT will dim channels to reach white; the light for that must be there.
    const double spare = 1 - advice.wanted.maxCoeff();
    const bool luminanceGood = !m_capabilities.brightness || !luminance ||
                               (spare >= -0.002 && spare <= 2 * kGoodLuminance);
    advice.settled = (whiteGood && luminanceGood) || advice.controls == last.controls;
    return advice;
}

AdjustmentPlan::AdjustmentPlan(Aim aim, MonitorControls start, ControlCapabilities capabilities)
    : m_controls(start), m_aim(std::move(aim)), m_capabilities(capabilities)
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
        return false;
    }
    if (!m_advice)
        m_aimedWhite = aimChromaticity(m_aim, chromaticity(reading.xyz));
    m_advisor->add({m_controls, reading.xyz});
    m_advice = m_advisor->advise(m_aimedWhite, m_aim.luminanceCdM2);
    return true;
}

AdjustPlan::AdjustPlan(Aim aim, MonitorControls start, ControlCapabilities capabilities)
    : AdjustmentPlan(std::move(aim), start, capabilities)
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
    if (lastAdvice()->settled || readingsDone() >= kMaxReadings)
        m_finished = true;
    else
        m_pending = lastAdvice()->controls;
}

void AdjustPlan::acknowledge()
{
    if (m_pending) {
        m_controls = *m_pending;
        m_pending.reset();
    }
}

int AdjustPlan::readingsLeft() const
{
    constexpr int kUsual = 9;
    return m_finished ? 0 : std::max(1, kUsual - readingsDone());
}

HandAdjustPlan::HandAdjustPlan(Aim aim, MonitorControls start, ControlCapabilities capabilities)
    : AdjustmentPlan(std::move(aim), start, capabilities)
{}

PlanStep HandAdjustPlan::next() const
{
    if (m_finished)
        return Finished{};
    return nextPatch();
}

} // namespace lantern
