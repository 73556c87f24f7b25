#include "core/plan/raw_values.h"

#include "core/base/error.h"
#include "core/base/text.h"

#include <algorithm>

namespace lantern {

namespace {

constexpr int kMixed = 128;     ///< code value of the other two beside a full channel
constexpr int kBelowHalf = 112; ///< far enough from half for the steps of any LUT
constexpr int kAboveHalf = 143;
constexpr double kAlike = 0.03; ///< of the largest of X, Y, Z; meters scatter by a tenth of it
constexpr double kDark = 0.03;  ///< of white
constexpr double kClearlyOther = 0.02; ///< Δu'v' between primaries of different standards
constexpr double kSame = 0.012;        ///< Δu'v' within which a panel calls a primary its own

VideoLut onlyChannel(int channel)
{
    VideoLut lut = VideoLut::identity();
    for (int c = 0; c < 3; ++c)
        if (c != channel)
            lut.channels[c].fill(0);
    return lut;
}

VideoLut stepAtHalf()
{
    VideoLut lut;
    for (auto &channel : lut.channels)
        for (int i = 0; i < VideoLut::kSize; ++i)
            channel[i] = i < VideoLut::kSize / 2 ? 0 : 65535;
    return lut;
}

DeviceRgb grey(int v)
{
    return {static_cast<double>(v), static_cast<double>(v), static_cast<double>(v)};
}

double difference(const XYZ &a, const XYZ &b)
{
    return (vec(a) - vec(b)).cwiseAbs().maxCoeff() / std::max(1e-9, vec(b).maxCoeff());
}

constexpr char kAdvice[] =
    "Switch off colour management, high dynamic range and night light for this display in the "
    "desktop's settings, then start anew.";

} // namespace

RawValuesPlan::RawValuesPlan(RawProof proof, const std::optional<PrimarySet> &claimed)
    : m_claimed(claimed)
{
    const std::vector<DeviceRgb> state = firstPatches();
    constexpr int kPrimaries = 4; // white, red, green, blue come first
    for (int i = 0; i < kPrimaries; ++i)
        m_steps.push_back({.patch = state[i]});
    if (proof == RawProof::ByLut) {
        for (int c = 0; c < 3; ++c) {
            Vec3 patch(kMixed, kMixed, kMixed);
            patch[c] = 255;
            m_steps.push_back({.lut = onlyChannel(c)});
            m_steps.push_back({.patch = {patch[0], patch[1], patch[2]}, .same = 1 + c});
        }
        m_steps.push_back({.lut = stepAtHalf()});
        m_steps.push_back({.patch = grey(kBelowHalf), .dark = true});
        m_steps.push_back({.patch = grey(kAboveHalf), .same = 0});
        m_steps.push_back({.lut = VideoLut::identity()});
    } else if (proof == RawProof::ByPrimaries)
        m_steps.push_back({.asks = true});
    for (size_t i = kPrimaries; i < state.size(); ++i)
        m_steps.push_back({.patch = state[i]});
}

PlanStep RawValuesPlan::next() const
{
    if (m_at == m_steps.size())
        return Finished{};
    const Step &step = m_steps[m_at];
    if (step.lut)
        return LoadLut{*step.lut};
    if (step.asks)
        return AskPerson{
            "This display says that its primaries are others than sRGB's, and sRGB's were "
            "measured. Either it is set to sRGB itself: then go on. Or the compositor converts "
            "colours, and the profile would be of what it makes of them: switch off colour "
            "management for this display in the desktop's settings, then start anew."};
    return ReadPatch{step.patch};
}

bool RawValuesPlan::areDoubtful() const
{
    if (!m_claimed)
        return false;
    double ownFromSrgb = 0, measuredFromSrgb = 0, measuredFromOwn = 0;
    for (int c = 0; c < 3; ++c) {
        const UvPrime measured = uvPrime(m_readings[1 + c].xyz);
        const UvPrime own = uvPrime((*m_claimed)[c]);
        const UvPrime srgb = uvPrime(kSrgbPrimaries[c]);
        ownFromSrgb = std::max(ownFromSrgb, deltaUvPrime(own, srgb));
        measuredFromSrgb = std::max(measuredFromSrgb, deltaUvPrime(measured, srgb));
        measuredFromOwn = std::max(measuredFromOwn, deltaUvPrime(measured, own));
    }
    return ownFromSrgb > kClearlyOther && measuredFromOwn > kClearlyOther &&
           measuredFromSrgb < kSame;
}

void RawValuesPlan::judge(const Step &step, const XYZ &xyz) const
{
    const XYZ &white = m_readings[0].xyz;
    if (step.dark && xyz.Y > kDark * white.Y)
        throw Error(ErrorKind::Device, "display",
                    {"a code value of %1 arrives above the middle of the scale: the compositor "
                     "changes tones on the way",
                     {std::to_string(kBelowHalf)}},
                    kAdvice);
    if (step.same < 0)
        return;
    const double off = difference(xyz, m_readings[step.same].xyz);
    if (off < kAlike)
        return;
    if (step.same > 0)
        throw Error(
            ErrorKind::Device, "display",
            {"the compositor converts colours on the way, or its video LUT has no effect: a "
             "primary is %1 % off the panel's own",
             {fixedNumber(100 * off, 0)}},
            kAdvice);
    throw Error(ErrorKind::Device, "display",
                "the middle of the scale arrives lower than it was sent: the compositor changes "
                "tones on the way",
                kAdvice);
}

void RawValuesPlan::accept(const Reading &reading)
{
    const Step &step = m_steps[m_at];
    const bool proves = step.same >= 0 || step.dark;
    ++m_done;
    ++m_at;
    if (proves)
        judge(step, reading.xyz);
    else
        m_readings.push_back(reading);
    skipWhatNeedsNoAnswer();
}

void RawValuesPlan::acknowledge()
{
    ++m_at;
}

void RawValuesPlan::skipWhatNeedsNoAnswer()
{
    if (m_at < m_steps.size() && m_steps[m_at].asks && !areDoubtful())
        ++m_at;
}

std::vector<DeviceRgb> RawValuesPlan::patchesLeft() const
{
    std::vector<DeviceRgb> left;
    for (size_t i = m_at; i < m_steps.size(); ++i)
        if (!m_steps[i].lut && !m_steps[i].asks)
            left.push_back(m_steps[i].patch);
    return left;
}

int RawValuesPlan::readingsLeft() const
{
    return static_cast<int>(patchesLeft().size());
}

} // namespace lantern
