#include "core/plan/calibration.h"

#include "core/aim/aim_reach.h"
#include "core/base/error.h"
#include "core/base/text.h"
#include "core/colour/difference.h"
#include "core/plan/grey_entries.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <set>

namespace lantern {

namespace {

constexpr int kMaxRounds = 8;
constexpr int kFewestRounds = 3;
constexpr double kWorthwhile = 0.02; ///< mean ΔE00 that another round must win
constexpr double kToneCounts = 10;   ///< mean ΔE00 that a mean tone error of 1 counts as: 1 % is
                                     ///< as bad as 0.1
constexpr double kPrimariesCount = 0.25; ///< mean ΔE00 that one of the primaries counts as
constexpr double kDarkestJudged = 0.05;  ///< greys below 5 % are not counted in the mean
/// Code values read, falling; denser towards black, where curves bend most and eyes see most.
constexpr std::array<DeviceRgb, 3> kPrimaryPatches = {DeviceRgb{255, 0, 0}, DeviceRgb{0, 255, 0},
                                                      DeviceRgb{0, 0, 255}};
const std::vector<double> kLevels = {255, 240, 224, 208, 192, 176, 160, 144, 128, 112,
                                     96,  80,  64,  48,  36,  26,  18,  10,  0};
constexpr double kTintFade = 24; ///< how fast the tint of black fades, as a power of 1 - v

} // namespace

SignalPath signalPath(const CalibrationResult &result, const CalibrationTarget &target)
{
    const MonitorControls gains = target.controls.value_or(MonitorControls{});
    const Vec3 gain = Vec3(gains.redGain, gains.greenGain, gains.blueGain) / 100;
    // Behind mixed primaries no table is one channel's own any more.
    if (result.slot && result.slot->mixes())
        return {result.lut, target.linkBits, {}, 0, gain};
    return {result.lut, target.linkBits, result.slot, result.panelBits, gain};
}

CalibrationPlan::CalibrationPlan(Aim aim, CalibrationTarget target)
    : m_aim(std::move(aim)), m_target(target), m_tone(m_aim.tone)
{
    m_nativePatches = {{255, 255, 255}, {0, 0, 0}, {255, 0, 0}, {0, 255, 0}, {0, 0, 255}};
    m_levels = kLevels;
    for (const double v : m_levels)
        if (v > 0 && v < 255)
            m_nativePatches.push_back({v, v, v});
    if (m_target.fixed) {
        m_aim = {m_aim.name, NativeWhite{}, std::nullopt, NativeTone{}};
        m_tone = m_aim.tone;
        m_phase = Phase::Native;
    }
}

PlanStep CalibrationPlan::next() const
{
    switch (m_phase) {
    case Phase::LoadIdentity:
        return LoadLut{VideoLut::identity()};
    case Phase::LoadEmptySlot:
        return LoadSlot{SlotTable::identity()};
    case Phase::Native:
        return ReadPatch{m_nativePatches[m_native.size()]};
    case Phase::LoadTrial:
        return loadStep();
    case Phase::Trial: {
        if (m_trial.size() == m_levels.size())
            return ReadPatch{kPrimaryPatches[m_mixed.size()]};
        const double v = m_levels[m_trial.size()];
        return ReadPatch{{v, v, v}};
    }
    case Phase::LoadBest:
        return loadStep();
    case Phase::Done:
        break;
    }
    return Finished{};
}

PlanStep CalibrationPlan::loadStep() const
{
    if (m_target.intoSlot)
        return LoadSlot{m_slot};
    return LoadLut{m_lut};
}

void CalibrationPlan::acknowledge()
{
    if (m_phase == Phase::LoadIdentity)
        m_phase = m_target.intoSlot ? Phase::LoadEmptySlot : Phase::Native;
    else if (m_phase == Phase::LoadEmptySlot)
        m_phase = Phase::Native;
    else if (m_phase == Phase::LoadTrial)
        m_phase = Phase::Trial;
    else if (m_phase == Phase::LoadBest)
        m_phase = Phase::Done;
}

void CalibrationPlan::accept(const Reading &reading)
{
    ++m_done;
    if (m_phase == Phase::Native) {
        m_native.push_back(reading);
        if (m_native.size() == m_nativePatches.size()) {
            solveNative();
            if (m_target.fixed) {
                judgeNative();
                return;
            }
            solveCorrection();
            m_phase = Phase::LoadTrial;
        }
    } else if (m_phase == Phase::Trial) {
        (m_trial.size() < m_levels.size() ? m_trial : m_mixed).push_back(reading);
        if (static_cast<int>(m_trial.size() + m_mixed.size()) == readingsOfRound())
            finishRound();
    }
}

int CalibrationPlan::readingsOfRound() const
{
    return static_cast<int>(m_levels.size() + (m_mixture ? kPrimaryPatches.size() : 0));
}

int CalibrationPlan::readingsLeft() const
{
    const int perRound = readingsOfRound();
    const int usualRounds = m_target.fixed ? 0 : 3;
    switch (m_phase) {
    case Phase::LoadIdentity:
    case Phase::LoadEmptySlot:
    case Phase::Native:
        return static_cast<int>(m_nativePatches.size() - m_native.size()) + usualRounds * perRound;
    case Phase::LoadTrial:
    case Phase::Trial:
        return perRound - static_cast<int>(m_trial.size() + m_mixed.size()) +
               std::max(0, usualRounds - 1 - m_round) * perRound;
    default:
        return 0;
    }
}

void CalibrationPlan::solveNative()
{
    m_nativeWhite = m_native[0].xyz;
    m_black = toXyz(vec(m_native[1].xyz).cwiseMax(0)); // less than nothing is the meter's scatter
    m_primaries = primariesFromReadings(m_native[2].xyz, m_native[3].xyz, m_native[4].xyz, m_black);
    m_inversePrimaries = m_primaries.inverse();
    m_fullDrive = drive(m_nativeWhite);

    for (const Reading &r : m_native)
        if (isNeutral(r.rgb) && r.rgb.r > 0)
            m_observed.push_back({Vec3::Constant(r.rgb.r / 255), drive(r.xyz), -1});
    fitResponses();

    if (std::holds_alternative<NativeTone>(m_tone)) {
        NativeTone native;
        constexpr int kSamples = 256;
        for (int i = 0; i < kSamples; ++i) {
            const double v = i / (kSamples - 1.0);
            double mean = 0;
            for (const GreyResponse &response : m_responses)
                mean += response.light(v) / response.light(1) / 3;
            native.samples.push_back(mean);
        }
        m_tone = native;
    }
    chooseAimedWhite();
    if (m_target.mixes && m_aim.primaries)
        mixPrimaries();
}

/// What each channel of the panel gives of the aimed primaries. Greys stay what they are: the rows
/// add up to one, so that the tables are found by greys as without it.
void CalibrationPlan::mixPrimaries()
{
    Mat3 aimed;
    for (int c = 0; c < 3; ++c)
        aimed.col(c) = vec(fromChromaticity((*m_aim.primaries)[static_cast<size_t>(c)], 1));
    const Vec3 amount = aimed.inverse() * vec(m_aimedWhite);
    if (!(amount.minCoeff() > 0))
        throw Error(ErrorKind::BadInput, "aim", "its primaries cannot mix its white",
                    "Choose others, or leave them as native.");
    const Vec3 inWhite = m_inversePrimaries * vec(m_aimedWhite);
    // Less than no light of a channel is beyond the panel: nothing of it is the nearest. As much of
    // each primary then as makes the white again.
    Mat3 mixture =
        (inWhite.cwiseInverse().asDiagonal() * (m_inversePrimaries * (aimed * amount.asDiagonal())))
            .cwiseMax(0);
    const Vec3 share = mixture.inverse() * Vec3::Ones();
    if (!(share.minCoeff() > 0))
        throw Error(ErrorKind::BadInput, "aim",
                    "its primaries lie so far beyond the panel's that these cannot mix its white",
                    "Choose others, or leave them as native.");
    mixture = mixture * share.asDiagonal();
    for (int row = 0; row < 3; ++row) {
        for (int column = 0; column < 3; ++column)
            m_slot.mix[static_cast<size_t>(3 * row + column)] = mixture(row, column);
    }
    m_mixture = mixture;
    if (const auto *gamma = std::get_if<GammaTone>(&m_tone))
        m_slot.exponent = gamma->gamma;
}

/// What the primaries that were read lack of their mixture.
Mat3 CalibrationPlan::mixtureMissing() const
{
    const Vec3 inWhite = m_inversePrimaries * vec(m_aimedWhite);
    Mat3 read;
    for (int c = 0; c < 3; ++c)
        read.col(c) = drive(m_mixed[static_cast<size_t>(c)].xyz).cwiseQuotient(inWhite);
    return *m_mixture - read;
}

/// Mean ΔE00 of the primaries that were read from those of the mixture.
double CalibrationPlan::primariesError() const
{
    const Vec3 inWhite = m_inversePrimaries * vec(m_aimedWhite);
    const RelXYZ white = relativeTo(m_aimedWhite, m_aimedWhite);
    double sum = 0;
    for (int c = 0; c < 3; ++c) {
        const XYZ aimed =
            toXyz(vec(m_black) + m_primaries * inWhite.cwiseProduct(m_mixture->col(c)));
        sum += deltaE2000(
            labFromXyz(relativeTo(aimed, m_aimedWhite), white),
            labFromXyz(relativeTo(m_mixed[static_cast<size_t>(c)].xyz, m_aimedWhite), white));
    }
    return sum / 3;
}

/// Channels act on each other, and tones differ from the mixture's exponent: what the primaries
/// were read to have too much or too little of is taken off or added.
void CalibrationPlan::correctMixture()
{
    const Mat3 missing = mixtureMissing();
    for (int row = 0; row < 3; ++row) {
        const auto at = static_cast<size_t>(3 * row);
        for (int column = 0; column < 3; ++column)
            m_slot.mix[at + static_cast<size_t>(column)] += missing(row, column);
        const double sum = m_slot.mix[at] + m_slot.mix[at + 1] + m_slot.mix[at + 2];
        m_slot.mix[at + static_cast<size_t>(row)] += 1 - sum; // greys stay greys
    }
}

void CalibrationPlan::chooseAimedWhite()
{
    const Chromaticity xy = aimChromaticity(m_aim, chromaticity(m_nativeWhite));
    const DisplayReach reach{m_nativeWhite, m_black, m_primaries, false};
    Aim bright = m_aim;
    bright.contrastRatio.reset(); // what is asked beyond the panel's own is simply not needed
    if (const auto why = whyOutOfReach(bright, reach))
        throw Error(ErrorKind::Device, "display", *why);
    double luminance = reach.limit(xy).luminance;
    if (m_aim.luminanceCdM2)
        luminance = std::min(luminance, *m_aim.luminanceCdM2);
    m_aimedWhite = fromChromaticity(xy, luminance);
    m_aimedBlack = m_black;
    if (m_aim.contrastRatio) {
        const double extra = luminance / *m_aim.contrastRatio - m_black.Y;
        if (extra > 0)
            m_aimedBlack = toXyz(vec(m_black) + extra * vec(fromChromaticity(xy, 1)));
    }
}

XYZ CalibrationPlan::aimedGrey(double v) const
{
    const Vec3 whitePerLuminance = vec(m_aimedWhite) / m_aimedWhite.Y;
    const double black = std::max(0.0, m_aimedBlack.Y / m_aimedWhite.Y);
    const double luminance = m_aimedWhite.Y * toneLuminance(m_tone, v, {black, m_aimedWhite.Y});
    const Vec3 tint = vec(m_aimedBlack) - whitePerLuminance * m_aimedBlack.Y;
    return toXyz(whitePerLuminance * luminance + tint * std::pow(1 - v, kTintFade));
}

Vec3 CalibrationPlan::drive(const XYZ &c) const
{
    return m_inversePrimaries * (vec(c) - vec(m_black));
}

/// What the channels are sent for grey level v through the present correction.
Vec3 CalibrationPlan::sentSignal(double v) const
{
    Vec3 out;
    for (int c = 0; c < 3; ++c) {
        double signal = m_lut.evaluate(c, v);
        if (m_target.linkBits)
            signal = quantise(signal, *m_target.linkBits);
        out[c] = m_target.intoSlot ? m_slot.evaluate(c, signal) : signal;
    }
    return out;
}

std::array<GreyResponse, 3> CalibrationPlan::responsesWith(int panelBits) const
{
    // Later rounds were read nearer to the aim, where channels act on each other as they will.
    constexpr double kFading = 0.4;
    constexpr double kNative = 0.05;
    const MonitorControls gains = m_target.controls.value_or(MonitorControls{});
    const Vec3 scale = Vec3(gains.redGain, gains.greenGain, gains.blueGain) / 100;
    std::array<GreyResponse, 3> responses;
    for (int c = 0; c < 3; ++c) {
        std::vector<GreyResponse::Observation> observations;
        for (const Observed &o : m_observed) {
            const double weight =
                (o.round < 0 ? kNative : 1) * std::pow(kFading, m_round - std::max(o.round, 0));
            observations.push_back({o.signal[c], o.light[c], weight});
        }
        responses[c] = GreyResponse(observations, {panelBits, panelBits > 0 ? scale[c] : 1});
    }
    return responses;
}

/// Fits the channels' responses, with the panel's steps where they explain the readings clearly
/// better than a smooth curve does.
void CalibrationPlan::fitResponses()
{
    constexpr double kClearly = 0.5; // of the mean square
    constexpr double kExplained =
        3; // as large as the readings are uncertain, all channels together
    double least = 0;
    for (const int bits : {0, 6, 8, 10}) {
        const std::array<GreyResponse, 3> responses = responsesWith(bits);
        double misfit = 0;
        for (const GreyResponse &r : responses)
            misfit += r.misfit();
        if (bits == 0 || (least > kExplained && misfit < kClearly * least)) {
            least = misfit;
            m_responses = responses;
            m_panelBits = bits;
        }
    }
}

void CalibrationPlan::solveCorrection()
{
    if (m_target.intoSlot) {
        solveEntries(SlotTable::kSize, [this](int i, const Vec3 &signal) {
            for (int c = 0; c < 3; ++c)
                m_slot.channels[c][i] = signal[c];
        });
        return;
    }
    solveEntries(VideoLut::kSize, [this](int i, const Vec3 &signal) {
        for (int c = 0; c < 3; ++c)
            m_lut.channels[c][i] = static_cast<uint16_t>(std::lround(signal[c] * 65535));
    });
}

void CalibrationPlan::solveEntries(int count,
                                   const std::function<void(int, const Vec3 &)> &store) const
{
    // In a monitor's memory there is no link behind the table.
    const std::optional<int> bits = m_target.intoSlot ? std::nullopt : m_target.linkBits;
    GreyChannels channels{m_primaries, m_black, {}};
    for (size_t c = 0; c < 3; ++c)
        channels.levels[c] = m_responses[c].levels(bits);
    std::vector<XYZ> aimed;
    for (int i = 0; i < count; ++i)
        aimed.push_back(aimedGrey(i / (count - 1.0)));
    const auto entries = nearestEntries(aimed, channels, !m_aim.contrastRatio);
    for (int i = 0; i < count; ++i)
        store(i, entries[static_cast<size_t>(i)].signal);
}

int CalibrationPlan::distinctLevels() const
{
    std::set<std::array<double, 3>> seen;
    for (int i = 0; i < VideoLut::kSize; ++i) {
        const Vec3 signal = sentSignal(i / (VideoLut::kSize - 1.0));
        seen.insert({m_responses[0].light(signal[0]), m_responses[1].light(signal[1]),
                     m_responses[2].light(signal[2])});
    }
    return static_cast<int>(seen.size());
}

CalibrationResult CalibrationPlan::assess() const
{
    CalibrationResult result;
    result.lut = m_lut;
    result.aimedWhite = m_aimedWhite;
    result.rounds = m_round + 1;
    result.distinctLevels = distinctLevels();
    result.panelBits = m_panelBits;
    if (m_target.intoSlot)
        result.slot = m_slot;
    const RelXYZ white = relativeTo(m_aimedWhite, m_aimedWhite);
    int judged = 0;
    for (const Reading &r : m_trial) {
        GreyPoint p{r.rgb.r, aimedGrey(r.rgb.r / 255), r.xyz, 0};
        p.deltaE00 = deltaE2000(labFromXyz(relativeTo(p.aimed, m_aimedWhite), white),
                                labFromXyz(relativeTo(p.measured, m_aimedWhite), white));
        result.greys.push_back(p);
        if (p.code >= 255 * kDarkestJudged) {
            result.meanDeltaE00 += p.deltaE00;
            result.meanToneError += std::abs(p.measured.Y / p.aimed.Y - 1);
            result.maxDeltaE00 = std::max(result.maxDeltaE00, p.deltaE00);
            ++judged;
        }
    }
    result.meanDeltaE00 /= judged;
    result.meanToneError /= judged;
    return result;
}

void CalibrationPlan::judgeNative()
{
    for (const Reading &r : m_native)
        if (isNeutral(r.rgb))
            m_trial.push_back(r);
    std::stable_sort(m_trial.begin(), m_trial.end(), [](const Reading &a, const Reading &b) {
        return a.rgb.r > b.rgb.r; // falling, as in every round
    });
    m_best = assess();
    m_best.rounds = 0;
    m_phase = Phase::Done;
}

void CalibrationPlan::finishRound()
{
    const CalibrationResult now = assess();
    const bool first = m_best.greys.empty();
    double score = now.meanDeltaE00 + kToneCounts * now.meanToneError;
    if (m_mixture)
        score += kPrimariesCount * primariesError();
    const double gain = first ? INFINITY : m_bestScore - score;
    if (gain > 0) {
        m_best = now;
        m_bestScore = score;
    }
    for (const Reading &r : m_trial)
        if (r.rgb.r > 0)
            m_observed.push_back({sentSignal(r.rgb.r / 255), drive(r.xyz), m_round});
    ++m_round;
    m_trial.clear();
    if (m_mixture && m_round < kMaxRounds)
        correctMixture();
    m_mixed.clear();
    if (m_round >= kMaxRounds || (m_round >= kFewestRounds && gain < kWorthwhile)) {
        m_best.rounds = m_round;
        const bool loaded = m_target.intoSlot ? m_slot == m_best.slot : m_lut == m_best.lut;
        m_lut = m_best.lut;
        if (m_best.slot)
            m_slot = *m_best.slot;
        m_phase = loaded ? Phase::Done : Phase::LoadBest;
        return;
    }
    fitResponses();
    chooseLevels();
    solveCorrection();
    m_phase = Phase::LoadTrial;
}

void CalibrationPlan::chooseLevels()
{
    m_levels = kLevels;
    if (std::all_of(m_responses.begin(), m_responses.end(),
                    [](const GreyResponse &r) { return r.isSmooth(); }))
        return;
    // The ramp is read at a second place between as well.
    // In turn a third and two thirds of the way between, so that rounds see different places.
    const double at = m_round % 2 == 0 ? 2.0 / 3 : 1.0 / 3;
    for (size_t i = 0; i + 1 < kLevels.size(); ++i)
        m_levels.push_back(std::round(kLevels[i] + at * (kLevels[i + 1] - kLevels[i])));
    std::sort(m_levels.rbegin(), m_levels.rend());
}

} // namespace lantern
