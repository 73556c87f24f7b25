#include "core/judge/picture_modes.h"

#include "core/aim/aim_reach.h"
#include "core/base/text.h"
#include "core/colour/difference.h"
#include "core/reading/mean_reading.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <utility>

namespace lantern {

namespace {

constexpr DeviceRgb kRed{kDeviceTop, 0, 0}, kGreen{0, kDeviceTop, 0}, kBlue{0, 0, kDeviceTop};

constexpr double kLight = 160, kDark = 96; ///< code values of the softer mixtures

/// Colours of two levels, of which neither is at an end.
std::vector<DeviceRgb> mixturesOf(double low, double high)
{
    std::vector<DeviceRgb> out;
    for (int which = 1; which <= 6; ++which) {
        const auto level = [&](int channel) { return which >> channel & 1 ? high : low; };
        out.push_back({level(0), level(1), level(2)});
    }
    return out;
}

/// How far mixtures are from the sum of their channels' lights. What each channel gives at a code
/// value is told by the grey of that code value.
std::optional<double> additivityOf(const std::vector<Reading> &readings)
{
    const auto white = meanOf(readings, kDeviceWhite);
    const auto black = meanOf(readings, kDeviceBlack);
    const auto red = meanOf(readings, kRed);
    const auto green = meanOf(readings, kGreen);
    const auto blue = meanOf(readings, kBlue);
    if (!white || !black || !red || !green || !blue || white->Y <= 0)
        return std::nullopt;
    Mat3 channels;
    channels << vec(*red) - vec(*black), vec(*green) - vec(*black), vec(*blue) - vec(*black);
    const Eigen::FullPivLU<Mat3> solver(channels);
    if (!solver.isInvertible())
        return std::nullopt;
    const auto drives = [&](double code) -> std::optional<Vec3> {
        if (code == 0)
            return Vec3::Zero();
        if (code == kDeviceTop)
            return Vec3::Ones();
        const auto grey = meanOf(readings, {code, code, code});
        return grey ? std::optional<Vec3>(solver.solve(vec(*grey) - vec(*black))) : std::nullopt;
    };
    const auto meanOver = [&](const std::vector<DeviceRgb> &mixtures) {
        double sum = 0;
        int count = 0;
        for (const DeviceRgb &mixture : mixtures) {
            const auto read = meanOf(readings, mixture);
            Vec3 drive;
            bool known = read.has_value();
            for (int c = 0; known && c < 3; ++c) {
                const auto d = drives(vec(mixture)[c]);
                known = d.has_value();
                if (known)
                    drive[c] = (*d)[c];
            }
            if (!known)
                continue;
            const XYZ light = toXyz(vec(*black) + channels * drive);
            const RelXYZ one = relativeTo(*white, *white);
            sum += deltaE2000(labFromXyz(relativeTo(*read, *white), one),
                              labFromXyz(relativeTo(light, *white), one));
            ++count;
        }
        return count > 0 ? sum / count : 0;
    };
    // The primaries themselves add up by definition and are left out.
    return std::max(meanOver({{0, kDeviceTop, kDeviceTop},
                              {kDeviceTop, 0, kDeviceTop},
                              {kDeviceTop, kDeviceTop, 0},
                              kDeviceWhite}),
                    meanOver(mixturesOf(kDark, kLight)));
}

/// Twice the area of a triangle in u'v'.
double areaOf(const PrimarySet &primaries)
{
    const UvPrime a = uvPrime(primaries[0]);
    const UvPrime b = uvPrime(primaries[1]);
    const UvPrime c = uvPrime(primaries[2]);
    return std::abs((b.u - a.u) * (c.v - a.v) - (c.u - a.u) * (b.v - a.v));
}

/// Adds up what a mode loses, with the reasons.
class Losses {
public:
    void add(double loss, const Message &reason)
    {
        constexpr double kWorthSaying = 0.5;
        m_sum += loss;
        if (loss >= kWorthSaying)
            m_reasons.emplace_back(loss, reason);
    }
    void into(ModeWorth &worth)
    {
        worth.lost = m_sum;
        std::ranges::stable_sort(m_reasons, std::ranges::greater{},
                                 [](const auto &reason) { return reason.first; });
        for (const auto &[loss, reason] : m_reasons)
            worth.against.push_back(reason);
    }

private:
    double m_sum = 0;
    std::vector<std::pair<double, Message>> m_reasons;
};

void judgeLight(const ReadMode &mode, const Aim &aim, ModeWorth &worth, Losses &losses)
{
    const auto reach = DisplayReach::fromReadings(mode.readings, true);
    if (!reach)
        return;
    const Chromaticity aimed = aimChromaticity(aim, chromaticity(reach->white));
    worth.luminance = reach->limit(aimed).luminance;
    const double wanted = aim.luminanceCdM2.value_or(0);
    constexpr double kForHalf = 20;
    if (worth.luminance < wanted)
        losses.add(2 * kForHalf * (1 - worth.luminance / wanted),
                   {"it gives %1 cd/m² at the aimed white, %2 are wanted",
                    {fixedNumber(worth.luminance, 0), fixedNumber(wanted, 0)}});
    if (aim.contrastRatio && worth.state.contrast && *worth.state.contrast < *aim.contrastRatio)
        losses.add(kForHalf * (1 - *worth.state.contrast / *aim.contrastRatio),
                   {"its contrast is %1:1, %2:1 is wanted",
                    {fixedNumber(*worth.state.contrast, 0), fixedNumber(*aim.contrastRatio, 0)}});
    if (worth.state.deltaUv) {
        constexpr double kStep = 0.005;
        losses.add(*worth.state.deltaUv / kStep,
                   {"its white is Δu'v' %1 from the aim", {fixedNumber(*worth.state.deltaUv, 4)}});
    }
}

void judgeTone(const Aim &aim, ModeWorth &worth, Losses &losses)
{
    if (!worth.state.gamma || !worth.state.aimedGamma ||
        std::holds_alternative<NativeTone>(aim.tone))
        return;
    constexpr double kForOne = 6;
    losses.add(kForOne * std::abs(*worth.state.gamma - *worth.state.aimedGamma),
               {"its exponent is %1, the aim's %2: bending it costs levels",
                {fixedNumber(*worth.state.gamma, 2), fixedNumber(*worth.state.aimedGamma, 2)}});
}

void judgeColours(const Aim &aim, ModeWorth &worth, Losses &losses)
{
    constexpr double kForHalf = 20;
    const double forAll = aim.primaries ? 2 * kForHalf : kForHalf;
    losses.add(forAll * (1 - worth.coverage),
               aim.primaries ? Message{"%1 % of the aimed gamut is missing",
                                       {fixedNumber(100 * (1 - worth.coverage), 0)}}
                             : Message{"its gamut is %1 % of the widest mode's",
                                       {fixedNumber(100 * worth.coverage, 0)}});
    constexpr double kGood = 1;
    constexpr double kForEach = 3;
    if (worth.additivity && *worth.additivity > kGood)
        losses.add(kForEach * (*worth.additivity - kGood),
                   {"its colours do not add up (ΔE00 %1 in the mean): something inside works on "
                    "them, which profiles describe badly",
                    {fixedNumber(*worth.additivity, 1)}});
}

} // namespace

std::vector<DeviceRgb> modePatches()
{
    std::vector<DeviceRgb> patches = {kDeviceWhite, kDeviceBlack};
    for (const auto &mixtures : {mixturesOf(0, kDeviceTop), mixturesOf(kDark, kLight)})
        patches.insert(patches.end(), mixtures.begin(), mixtures.end());
    for (const double grey : {247.0, 224.0, 192.0, kLight, 128.0, kDark, 64.0, 32.0, 16.0})
        patches.push_back({grey, grey, grey});
    patches.push_back(kDeviceWhite); // has it changed meanwhile?
    return patches;
}

std::vector<ModeWorth> judgeModes(const std::vector<ReadMode> &modes, const Aim &aim)
{
    std::vector<ModeWorth> all;
    double widest = 0;
    for (const ReadMode &mode : modes) {
        ModeWorth worth;
        worth.name = mode.name;
        worth.state = displayState(mode.readings, aim);
        worth.additivity = additivityOf(mode.readings);
        if (worth.state.primaries)
            widest = std::max(widest, areaOf(*worth.state.primaries));
        all.push_back(std::move(worth));
    }
    for (size_t i = 0; i < modes.size(); ++i) {
        ModeWorth &worth = all[i];
        Losses losses;
        if (worth.state.primaries)
            worth.coverage = aim.primaries ? gamutCoverage(*worth.state.primaries, *aim.primaries)
                                           : areaOf(*worth.state.primaries) / widest;
        judgeLight(modes[i], aim, worth, losses);
        judgeTone(aim, worth, losses);
        judgeColours(aim, worth, losses);
        constexpr double kSpoilt = 10;
        for (const FirstSight &sight : firstLook(modes[i].readings))
            losses.add(kSpoilt, sight.what);
        losses.into(worth);
    }
    std::ranges::stable_sort(all, {}, &ModeWorth::lost);
    return all;
}

} // namespace lantern
