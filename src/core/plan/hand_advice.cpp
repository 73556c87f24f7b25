#include "core/plan/hand_advice.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>

namespace lantern {

namespace {

constexpr double kMoved = 0.02;  ///< change of light that is a turn, as a logarithm
constexpr double kStands = 0.03; ///< change that a number which stands still may have
constexpr double kFollows = 0.1; ///< of the way to each reading
constexpr double kWorse = 1.1;   ///< times farther off than before
constexpr double kTopOfGain = 100;
/// Light goes with a power of the gain between these, on whatever monitor.
constexpr double kLeastExponent = 0.8;
constexpr double kMostExponent = 4;

Control gainControl(int channel)
{
    return static_cast<Control>(static_cast<int>(Control::RedGain) + channel);
}

std::optional<int> channelOf(Control control)
{
    const int channel = static_cast<int>(control) - static_cast<int>(Control::RedGain);
    return channel >= 0 && channel < 3 ? std::optional(channel) : std::nullopt;
}

double median(Vec3 v)
{
    std::sort(v.begin(), v.end());
    return v[1];
}

Vec3 logOf(const Vec3 &v)
{
    return v.cwiseMax(1e-6).array().log();
}

/// What a channel should change by for itself, the others being what they are.
double alone(const Vec3 &wanted, int channel)
{
    const double others = std::sqrt(wanted[(channel + 1) % 3] * wanted[(channel + 2) % 3]);
    return wanted[channel] / std::max(others, 1e-6);
}

bool isWithin(double factor, double number0, double number1)
{
    const double ratio = number1 / number0;
    const double a = std::pow(ratio, kLeastExponent);
    const double b = std::pow(ratio, kMostExponent);
    return factor >= std::min(a, b) * (1 - kStands) && factor <= std::max(a, b) * (1 + kStands);
}

} // namespace

HandAdvisor::HandAdvisor(const Mat3 &primaries, const XYZ &black, ControlCapabilities capabilities)
    : m_primaries(primaries),
      m_inverse(primaries.inverse()),
      m_black(black),
      m_capabilities(capabilities)
{}

HandAdvisor::Move HandAdvisor::moveBetween(const Vec3 &before, const Vec3 &after, bool hasGains)
{
    const Vec3 factor = after.cwiseQuotient(before.cwiseMax(1e-6));
    const double level = median(factor);
    int farthest = 0;
    const Vec3 relative = logOf(factor / std::max(level, 1e-6));
    const double off = relative.cwiseAbs().maxCoeff(&farthest);
    if (hasGains && off > std::max(kMoved / 2, std::abs(std::log(std::max(level, 1e-6)))))
        return {gainControl(farthest), factor[farthest] / level, before};
    return {Control::Brightness, level, before};
}

void HandAdvisor::add(const std::optional<MonitorControls> &shown, const XYZ &white)
{
    const Vec3 drive = (m_inverse * (vec(white) - vec(m_black))).cwiseMax(1e-6);
    m_mostDrive = m_mostDrive.cwiseMax(drive / median(drive));
    const bool moved = !m_first && (logOf(drive) - logOf(m_drive)).cwiseAbs().maxCoeff() > kMoved;
    if (moved) {
        const Move move = moveBetween(m_drive, drive, m_capabilities.gains);
        // A turn that is seen in several readings is one turn.
        const bool goesOn = m_lastMove && m_lastMove->control == move.control &&
                            (m_lastMove->light > 1) == (move.light > 1);
        m_lastMove = goesOn ? moveBetween(m_lastMove->before, drive, m_capabilities.gains) : move;
    }
    if (m_first || moved)
        m_drive = drive;
    else // the same light, read again
        m_drive = 0.5 * (m_drive + drive);
    m_first = false;
    m_shown = shown;
    if (shown)
        believe(*shown, drive);
}

void HandAdvisor::believe(const MonitorControls &shown, const Vec3 &drive)
{
    m_doubt.reset();
    if (!m_anchor) {
        m_anchor = {shown, drive};
        return;
    }
    const auto doubt = doubtOf(*m_anchor, shown, drive);
    if (!doubt) {
        if (!(m_anchor->shown == shown)) {
            if (canTellApart(m_anchor->shown, shown))
                m_response.learn(m_anchor->shown, m_anchor->drive, shown, drive);
            m_anchor = {shown, drive};
        } else // follows a display that warms up, not a hand that turns
            m_anchor->drive += kFollows * (drive - m_anchor->drive);
        m_candidate.reset();
        return;
    }
    // Perhaps what was typed in before was the wrong one: what fits since then is believed.
    if (m_candidate && !(m_candidate->shown == shown) && !doubtOf(*m_candidate, shown, drive)) {
        m_anchor = {shown, drive};
        m_candidate.reset();
        return;
    }
    if (!(m_anchor->shown == shown) && (!m_candidate || !(m_candidate->shown == shown)))
        m_candidate = {shown, drive};
    m_doubt = doubt;
}

/// Whether something stands still to tell brightness and gains apart by.
bool HandAdvisor::canTellApart(const MonitorControls &a, const MonitorControls &b) const
{
    return !m_capabilities.brightness || a.brightness == b.brightness || !m_capabilities.gains ||
           std::any_of(kGainFields.begin(), kGainFields.end(),
                       [&](auto gain) { return a.*gain == b.*gain; });
}

std::optional<HandAdvice::Doubt>
HandAdvisor::doubtOf(const Anchor &anchor, const MonitorControls &shown, const Vec3 &drive) const
{
    if (!canTellApart(anchor.shown, shown))
        return std::nullopt;
    const Vec3 factor = drive.cwiseQuotient(anchor.drive);
    std::vector<double> kept; // of channels whose number stands still
    for (int c = 0; c < 3; ++c)
        if (!m_capabilities.gains || shown.*kGainFields[c] == anchor.shown.*kGainFields[c])
            kept.push_back(factor[c]);
    const bool sameBrightness =
        !m_capabilities.brightness || shown.brightness == anchor.shown.brightness;
    // What brightness did.
    double level = 1;
    if (kept.size() == 3)
        level = median(factor);
    else if (kept.size() == 2) { // one of them may have been turned in secret
        const bool agree = std::abs(std::log(kept[0] / kept[1])) <= kStands;
        const bool firstIsNearer = std::abs(std::log(kept[0])) < std::abs(std::log(kept[1]));
        level = agree ? (kept[0] + kept[1]) / 2 : firstIsNearer ? kept[0] : kept[1];
    } else if (kept.size() == 1 && !sameBrightness)
        level = kept[0];

    if (m_capabilities.gains)
        for (int c = 0; c < 3; ++c) {
            const double own = factor[c] / level;
            const double g0 = anchor.shown.*kGainFields[c];
            const double g1 = shown.*kGainFields[c];
            const bool fits = g0 == g1           ? std::abs(std::log(own)) <= kStands
                              : g0 > 0 && g1 > 0 ? isWithin(own, g0, g1)
                                                 : true;
            if (!fits)
                return HandAdvice::Doubt{gainControl(c), own, g0 != g1};
        }
    if (sameBrightness)
        return std::abs(std::log(level)) <= kStands
                   ? std::nullopt
                   : std::optional(HandAdvice::Doubt{Control::Brightness, level, false});
    const double b0 = anchor.shown.brightness;
    const double b1 = shown.brightness;
    const double most = b0 > 0 && b1 > 0 ? std::pow(b1 / b0, 1.5) : b1 > b0 ? INFINITY : 0;
    const bool fits = level >= std::min(1.0, most) * (1 - kStands) &&
                      level <= std::max(1.0, most) * (1 + kStands);
    return fits ? std::nullopt : std::optional(HandAdvice::Doubt{Control::Brightness, level, true});
}

bool HandAdvisor::isBelieved(Control control) const
{
    return m_shown && !(m_doubt && m_doubt->control == control);
}

double HandAdvisor::room(int channel) const
{
    const double seen = m_mostDrive[channel] / (m_drive[channel] / median(m_drive));
    if (!isBelieved(gainControl(channel)))
        return seen;
    const double number = std::max((*m_shown).*kGainFields[channel], 1.0);
    return std::pow(kTopOfGain / number, m_response.exponent[channel]);
}

HandAdvice::Turn HandAdvisor::turnOf(Control control, double light) const
{
    HandAdvice::Turn turn{control, light, std::nullopt, false};
    if (!isBelieved(control))
        return turn;
    const double now = (*m_shown).*kControlFields[static_cast<size_t>(control)];
    double to = 0;
    if (const auto channel = channelOf(control))
        to = std::max(now, 1.0) * std::pow(light, 1 / m_response.exponent[*channel]);
    else
        to = m_response.brightnessFor(m_response.backlight(now) * light);
    // Brightness errs to the bright side: the video LUT can take light, not give it.
    to = control == Control::Brightness ? std::ceil(to - 0.2) : std::round(to);
    if (to == now) // a step is more than what is missing, and yet it is off
        to += light > 1 ? 1 : -1;
    turn.to = std::clamp(to, 0.0, 100.0);
    return turn;
}

std::optional<HandAdvice::Turn> HandAdvisor::backTurn(const Vec3 &wanted) const
{
    if (!m_lastMove)
        return std::nullopt;
    const Vec3 wantedBefore =
        wanted.cwiseProduct(m_drive).cwiseQuotient(m_lastMove->before.cwiseMax(1e-6));
    double before = 0;
    double now = 0;
    double light = 1;
    if (const auto c = channelOf(m_lastMove->control)) {
        before = std::abs(std::log(alone(wantedBefore, *c)));
        light = alone(wanted, *c);
        now = std::abs(std::log(light));
    } else {
        before = std::abs(std::log(wantedBefore.maxCoeff()));
        light = wanted.maxCoeff();
        now = std::abs(std::log(light));
    }
    const bool against = (light > 1) != (m_lastMove->light > 1);
    if (!against || now < kWorse * before || now < kMoved)
        return std::nullopt;
    HandAdvice::Turn turn = turnOf(m_lastMove->control, light);
    turn.takesBack = true;
    return turn;
}

bool HandAdvisor::lacksLight(const Vec3 &wanted, bool luminanceIsRight) const
{
    if (luminanceIsRight || !m_capabilities.gains)
        return false;
    if (!m_capabilities.brightness)
        return wanted.maxCoeff() > 1 + kLackOfLight;
    return isBelieved(Control::Brightness) &&
           wanted.maxCoeff() > (1 + kLackOfLight) / m_response.backlight(m_shown->brightness);
}

std::optional<HandAdvice::Turn> HandAdvisor::nextTurn(const Vec3 &wanted, bool whiteIsRight,
                                                      bool luminanceIsRight) const
{
    const bool lacks = lacksLight(wanted, luminanceIsRight);
    if (const auto back = backTurn(wanted);
        back && (!luminanceIsRight || back->control != Control::Brightness) &&
        (!whiteIsRight || back->control == Control::Brightness) && !(lacks && back->light < 1))
        return back;
    // Light that brightness cannot give: a gain that is not at its top has some.
    int neediest = 0;
    wanted.maxCoeff(&neediest);
    if (lacks && room(neediest) > 1 + kMoved / 2)
        return turnOf(gainControl(neediest), std::min(wanted[neediest], room(neediest)));
    if (!whiteIsRight && m_capabilities.gains) {
        // The one that is farthest off, if it can go there; else what is too strong beside the
        // neediest comes down.
        int farthest = 0;
        Vec3 off;
        for (int c = 0; c < 3; ++c)
            off[c] = std::log(alone(wanted, c));
        off.cwiseAbs().maxCoeff(&farthest);
        if (off[farthest] > 0 && room(farthest) < std::exp(off[farthest]) * (1 - kMoved))
            off.minCoeff(&farthest);
        // Not farther down than beside the neediest channel, which stays.
        const double light = off[farthest] < 0 ? std::max(wanted[farthest] / wanted.maxCoeff(),
                                                          std::exp(off[farthest]))
                                               : std::exp(off[farthest]);
        HandAdvice::Turn turn = turnOf(gainControl(farthest), light);
        const bool atEnd =
            turn.to && *turn.to == (*m_shown).*kControlFields[static_cast<size_t>(turn.control)];
        if (!atEnd)
            return turn;
    }
    if (!luminanceIsRight && m_capabilities.brightness) {
        const HandAdvice::Turn turn = turnOf(Control::Brightness, wanted.maxCoeff());
        if (!turn.to || *turn.to != m_shown->brightness)
            return turn;
    }
    return std::nullopt;
}

HandAdvice HandAdvisor::advise(const Chromaticity &white, std::optional<double> luminance) const
{
    const XYZ now = toXyz(m_primaries * m_drive + vec(m_black));
    const double aimed = luminance.value_or(now.Y);
    HandAdvice advice;
    advice.doubt = m_doubt;
    advice.wanted = (m_inverse * (vec(fromChromaticity(white, aimed)) - vec(m_black)))
                        .cwiseQuotient(m_drive)
                        .cwiseMax(1e-6);
    advice.deltaUv = deltaUvPrime(uvPrime(now), uvPrime(white));
    advice.luminanceError = now.Y / aimed - 1;
    advice.whiteIsRight = advice.deltaUv <= kGoodDeltaUv;
    const double spare = 1 - advice.wanted.maxCoeff();
    advice.luminanceIsRight = !luminance || (spare >= -kLackOfLight && spare <= kGoodLuminance);
    advice.turn = nextTurn(advice.wanted, advice.whiteIsRight, advice.luminanceIsRight);
    return advice;
}

} // namespace lantern
