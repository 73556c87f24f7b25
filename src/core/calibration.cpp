#include "core/calibration.h"

#include "core/difference.h"
#include "core/error.h"
#include "core/text.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <set>

namespace lantern {

namespace {

constexpr double kRootPower = 2.2;
constexpr int kMaxRounds = 6;
constexpr double kWorthwhile = 0.02;       ///< mean ΔE00 that another round must win
constexpr double kDarkestJudged = 0.05;    ///< greys below 5 % are not counted in the mean
constexpr double kShortfallAllowed = 0.01; ///< of luminance, before the aim counts as out of reach
constexpr double kTintFade = 8; ///< how fast the tint of black fades, as a power of 1 - v

/// Slopes of a monotone cubic through rising points. Source: Fritsch, Butland, SIAM J. Sci. Stat.
/// Comput. 5 (1984) 300-304.
std::vector<double> monotoneSlopes(const std::vector<double> &x, const std::vector<double> &y)
{
    const size_t n = x.size();
    std::vector<double> slope(n, 0);
    auto secant = [&](size_t i) { return (y[i + 1] - y[i]) / (x[i + 1] - x[i]); };
    for (size_t i = 1; i + 1 < n; ++i) {
        const double a = secant(i - 1);
        const double b = secant(i);
        if (a * b > 0) {
            const double h0 = x[i] - x[i - 1];
            const double h1 = x[i + 1] - x[i];
            const double w0 = 2 * h1 + h0;
            const double w1 = h1 + 2 * h0;
            slope[i] = (w0 + w1) / (w0 / a + w1 / b);
        }
    }
    slope[0] = secant(0);
    slope[n - 1] = secant(n - 2);
    return slope;
}

const char *channelName(int c)
{
    return c == 0 ? "red" : c == 1 ? "green" : "blue";
}

int countDistinct(const VideoLut &lut, std::optional<int> linkBits)
{
    std::set<std::array<double, 3>> seen;
    for (int i = 0; i < VideoLut::kSize; ++i) {
        std::array<double, 3> out{};
        for (int c = 0; c < 3; ++c) {
            const double v = lut.channels[c][i] / 65535.0;
            out[c] = linkBits ? quantise(v, *linkBits) : v;
        }
        seen.insert(out);
    }
    return static_cast<int>(seen.size());
}

} // namespace

double CalibrationPlan::ChannelCurve::light(double x) const
{
    x = std::clamp(x, 0.0, 1.0);
    const auto it = std::upper_bound(code.begin() + 1, code.end() - 1, x);
    const auto i = static_cast<size_t>(it - code.begin()) - 1;
    const double h = code[i + 1] - code[i];
    const double t = (x - code[i]) / h;
    const double t2 = t * t;
    const double t3 = t2 * t;
    const double r = (2 * t3 - 3 * t2 + 1) * root[i] + (t3 - 2 * t2 + t) * h * slope[i] +
                     (-2 * t3 + 3 * t2) * root[i + 1] + (t3 - t2) * h * slope[i + 1];
    return r > 0 ? std::pow(r, kRootPower) : 0;
}

double CalibrationPlan::ChannelCurve::codeFor(double wanted) const
{
    if (wanted <= 0)
        return 0;
    if (wanted >= light(1))
        return 1;
    double low = 0;
    double high = 1;
    for (int i = 0; i < 48; ++i) {
        const double middle = (low + high) / 2;
        (light(middle) < wanted ? low : high) = middle;
    }
    return (low + high) / 2;
}

CalibrationPlan::CalibrationPlan(Aim aim, std::optional<int> linkBits)
    : m_aim(std::move(aim)), m_linkBits(linkBits), m_tone(m_aim.tone)
{
    m_nativePatches = {{255, 255, 255}, {0, 0, 0}, {255, 0, 0}, {0, 255, 0}, {0, 0, 255}};
    // denser towards black, where curves bend most and eyes see most
    m_levels = {255, 240, 224, 208, 192, 176, 160, 144, 128, 112,
                96,  80,  64,  48,  36,  26,  18,  10,  0};
    for (const double v : m_levels)
        if (v > 0 && v < 255)
            m_nativePatches.push_back({v, v, v});
}

PlanStep CalibrationPlan::next() const
{
    switch (m_phase) {
    case Phase::LoadIdentity:
        return LoadLut{VideoLut::identity()};
    case Phase::Native:
        return ReadPatch{m_nativePatches[m_native.size()]};
    case Phase::LoadTrial:
        return LoadLut{m_lut};
    case Phase::Trial: {
        const double v = m_levels[m_trial.size()];
        return ReadPatch{{v, v, v}};
    }
    case Phase::LoadBest:
        return LoadLut{m_best.lut};
    case Phase::Done:
        break;
    }
    return Finished{};
}

void CalibrationPlan::acknowledge()
{
    if (m_phase == Phase::LoadIdentity)
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
            m_lut = solveLut();
            m_phase = Phase::LoadTrial;
        }
    } else if (m_phase == Phase::Trial) {
        m_trial.push_back(reading);
        if (m_trial.size() == m_levels.size())
            finishRound();
    }
}

int CalibrationPlan::readingsLeft() const
{
    const int perRound = static_cast<int>(m_levels.size());
    constexpr int kUsualRounds = 3;
    switch (m_phase) {
    case Phase::LoadIdentity:
    case Phase::Native:
        return static_cast<int>(m_nativePatches.size() - m_native.size()) + kUsualRounds * perRound;
    case Phase::LoadTrial:
    case Phase::Trial:
        return perRound - static_cast<int>(m_trial.size()) +
               std::max(0, kUsualRounds - 1 - m_round) * perRound;
    default:
        return 0;
    }
}

void CalibrationPlan::solveNative()
{
    m_nativeWhite = m_native[0].xyz;
    m_black = m_native[1].xyz;
    m_primaries = primariesFromReadings(m_native[2].xyz, m_native[3].xyz, m_native[4].xyz, m_black);
    m_inversePrimaries = m_primaries.inverse();
    m_fullDrive = drive(m_nativeWhite);

    std::vector<std::pair<double, Vec3>> points = {{0, Vec3::Zero()}, {1, m_fullDrive}};
    for (const Reading &r : m_native)
        if (isNeutral(r.rgb) && r.rgb.r > 0 && r.rgb.r < 255)
            points.emplace_back(r.rgb.r / 255, drive(r.xyz));
    std::sort(points.begin(), points.end(), [](auto &a, auto &b) { return a.first < b.first; });
    for (int c = 0; c < 3; ++c) {
        ChannelCurve &curve = m_curves[c];
        for (const auto &[x, t] : points) {
            double root = t[c] > 0 ? std::pow(t[c], 1 / kRootPower) : 0;
            if (!curve.root.empty()) // rising, whatever the noise says
                root = std::max(root, curve.root.back() + 1e-6);
            curve.code.push_back(x);
            curve.root.push_back(root);
        }
        curve.slope = monotoneSlopes(curve.code, curve.root);
    }
    m_factors.assign(m_levels.size(), Vec3::Ones());

    if (std::holds_alternative<NativeTone>(m_tone)) {
        NativeTone native;
        constexpr int kSamples = 256;
        for (int i = 0; i < kSamples; ++i) {
            const double v = i / (kSamples - 1.0);
            double mean = 0;
            for (const ChannelCurve &curve : m_curves)
                mean += curve.light(v) / curve.light(1) / 3;
            native.samples.push_back(mean);
        }
        m_tone = native;
    }
    chooseAimedWhite();
}

void CalibrationPlan::chooseAimedWhite()
{
    const Chromaticity xy = aimChromaticity(m_aim, chromaticity(m_nativeWhite));
    const Vec3 perLuminance = m_inversePrimaries * vec(fromChromaticity(xy, 1));
    const Vec3 blackDrive = m_inversePrimaries * vec(m_black);
    std::array<std::pair<double, int>, 3> reach; // luminance that each channel allows
    for (int c = 0; c < 3; ++c) {
        if (perLuminance[c] <= 0)
            throw Error(ErrorKind::Device, "display",
                        "the aimed white (x " + fixedNumber(xy.x, 4) + ", y " +
                            fixedNumber(xy.y, 4) + ") lies outside what its primaries can mix",
                        "Choose a white nearer to the display's own.");
        reach[c] = {(m_fullDrive[c] + blackDrive[c]) / perLuminance[c], c};
    }
    std::sort(reach.begin(), reach.end());
    double luminance = std::min(reach[0].first, m_nativeWhite.Y);
    if (m_aim.luminanceCdM2) {
        if (*m_aim.luminanceCdM2 > luminance * (1 + kShortfallAllowed)) {
            const std::string most = fixedNumber(std::floor(luminance * 10) / 10, 1);
            constexpr double kClearly = 1.05; // one channel alone is to blame
            const bool oneLimits = reach[1].first > kClearly * reach[0].first;
            throw Error(ErrorKind::Device, "display",
                        "the aim asks for " + shortNumber(*m_aim.luminanceCdM2) + " cd/m² at " +
                            whiteName(m_aim.white) + ", the display reaches " + most + " there" +
                            (oneLimits ? std::string(" because no ") +
                                             channelName(reach[0].second) + " is left"
                                       : std::string()),
                        "Raise the display's brightness, or aim at " + most +
                            " cd/m² or less, or at a white nearer to its own.");
        }
        luminance = std::min(luminance, *m_aim.luminanceCdM2);
    }
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
    const double luminance = m_aimedWhite.Y * toneLuminance(m_tone, v, black);
    const Vec3 tint = vec(m_aimedBlack) - whitePerLuminance * m_aimedBlack.Y;
    return toXyz(whitePerLuminance * luminance + tint * std::pow(1 - v, kTintFade));
}

Vec3 CalibrationPlan::drive(const XYZ &c) const
{
    return m_inversePrimaries * (vec(c) - vec(m_black));
}

/// Correction of the curves at grey level v, linear between the levels read.
Vec3 CalibrationPlan::factorAt(double v) const
{
    const double code = 255 * v;
    size_t i = 0;
    while (i + 2 < m_levels.size() && m_levels[i + 1] > code)
        ++i;
    const double f =
        std::clamp((code - m_levels[i + 1]) / (m_levels[i] - m_levels[i + 1]), 0.0, 1.0);
    return f * m_factors[i] + (1 - f) * m_factors[i + 1];
}

VideoLut CalibrationPlan::solveLut() const
{
    VideoLut lut{};
    const RelXYZ white = relativeTo(m_aimedWhite, m_aimedWhite);
    std::array<double, 3> lowest{}; // of each channel, so that the LUT never falls
    for (int i = 0; i < VideoLut::kSize; ++i) {
        const double v = i / (VideoLut::kSize - 1.0);
        const XYZ aimed = aimedGrey(v);
        const Vec3 factor = factorAt(v);
        const Vec3 wanted = drive(aimed);
        std::array<double, 3> exact{};
        for (int c = 0; c < 3; ++c)
            exact[c] = std::max(lowest[c], m_curves[c].codeFor(wanted[c] / factor[c]));
        std::array<double, 3> chosen = exact;
        if (m_linkBits) {
            const double top = static_cast<double>((1 << *m_linkBits) - 1);
            const Lab aim = labFromXyz(relativeTo(aimed, m_aimedWhite), white);
            double best = INFINITY;
            for (int corner = 0; corner < 8; ++corner) {
                std::array<double, 3> trial{};
                Vec3 light;
                for (int c = 0; c < 3; ++c) {
                    const double step = std::floor(exact[c] * top) + ((corner >> c) & 1);
                    trial[c] = std::max(lowest[c], std::min(step, top) / top);
                    light[c] = m_curves[c].light(trial[c]) * factor[c];
                }
                const XYZ shown = toXyz(vec(m_black) + m_primaries * light);
                const double d =
                    deltaE2000(aim, labFromXyz(relativeTo(shown, m_aimedWhite), white));
                if (d < best) {
                    best = d;
                    chosen = trial;
                }
            }
        }
        lowest = chosen;
        for (int c = 0; c < 3; ++c)
            lut.channels[c][i] =
                static_cast<uint16_t>(std::lround(std::clamp(chosen[c], 0.0, 1.0) * 65535));
    }
    return lut;
}

CalibrationResult CalibrationPlan::assess() const
{
    CalibrationResult result;
    result.lut = m_lut;
    result.aimedWhite = m_aimedWhite;
    result.rounds = m_round + 1;
    result.distinctLevels = countDistinct(m_lut, m_linkBits);
    const RelXYZ white = relativeTo(m_aimedWhite, m_aimedWhite);
    int judged = 0;
    for (const Reading &r : m_trial) {
        GreyPoint p{r.rgb.r, aimedGrey(r.rgb.r / 255), r.xyz, 0};
        p.deltaE00 = deltaE2000(labFromXyz(relativeTo(p.aimed, m_aimedWhite), white),
                                labFromXyz(relativeTo(p.measured, m_aimedWhite), white));
        result.greys.push_back(p);
        if (p.code >= 255 * kDarkestJudged) {
            result.meanDeltaE00 += p.deltaE00;
            result.maxDeltaE00 = std::max(result.maxDeltaE00, p.deltaE00);
            ++judged;
        }
    }
    result.meanDeltaE00 /= judged;
    return result;
}

/// Takes the ratio of the light read to the light the curves promised at the codes really shown.
void CalibrationPlan::learnFromRound()
{
    const double weight = m_round == 0 ? 1.0 : 0.6; // later rounds average the noise away
    for (size_t i = 0; i < m_trial.size(); ++i) {
        const Vec3 found = drive(m_trial[i].xyz);
        for (int c = 0; c < 3; ++c) {
            double code = m_lut.evaluate(c, m_levels[i] / 255);
            if (m_linkBits)
                code = quantise(code, *m_linkBits);
            const double expected = m_curves[c].light(code);
            constexpr double kTooDark = 2e-5; // of full drive: the meter sees noise
            if (expected < kTooDark)
                continue;
            const double ratio = std::clamp(found[c] / expected, 0.5, 2.0);
            m_factors[i][c] += weight * (ratio - m_factors[i][c]);
        }
    }
}

void CalibrationPlan::finishRound()
{
    const CalibrationResult now = assess();
    const bool first = m_best.greys.empty();
    const double gain = first ? INFINITY : m_best.meanDeltaE00 - now.meanDeltaE00;
    if (gain > 0)
        m_best = now;
    learnFromRound();
    ++m_round;
    m_trial.clear();
    if (m_round >= kMaxRounds || (m_round >= 2 && gain < kWorthwhile)) {
        m_best.rounds = m_round;
        m_phase = m_lut == m_best.lut ? Phase::Done : Phase::LoadBest;
        return;
    }
    m_lut = solveLut();
    m_phase = Phase::LoadTrial;
}

} // namespace lantern
