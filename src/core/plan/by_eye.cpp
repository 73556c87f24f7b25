#include "core/plan/by_eye.h"

#include "core/base/error.h"
#include "core/base/text.h"
#include "core/plan/chart.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>

namespace lantern {

namespace {

constexpr double kAssumedContrast = 1000; ///< nobody can tell it by eye
constexpr int kPatches = 60;
constexpr double kTintReach = 0.12; ///< share of light that a full tint takes away

double usualGamma(const ToneCurve &tone)
{
    const auto *g = std::get_if<GammaTone>(&tone);
    return g ? g->gamma : 2.2;
}

/// Aimed light (0..1) for a code value 0..1, without black.
double aimedLight(const ToneCurve &tone, double code, double native)
{
    if (std::holds_alternative<NativeTone>(tone))
        return std::pow(code, native);
    return toneLuminance(tone, code, ToneRange{});
}

} // namespace

double gammaOfHalfLight(double code)
{
    if (!(code > 0 && code < 255))
        throw Error(ErrorKind::BadInput, "half light",
                    {"%1 is not between 0 and 255", {shortNumber(code)}});
    return std::log(0.5) / std::log(code / 255);
}

Vec3 balanceOfTints(double redAgainstGreen, double blueAgainstYellow)
{
    const double red = kTintReach * redAgainstGreen;
    const double blue = kTintReach * blueAgainstYellow;
    const Vec3 b(1 + red - blue / 2, 1 - red - blue / 2, 1 + blue);
    return b / b.maxCoeff();
}

Vec3 codesForBalance(const EyeFindings &findings)
{
    Vec3 codes;
    for (int c = 0; c < 3; ++c)
        codes[c] = std::pow(findings.balance[c],
                            1 / gammaOfHalfLight(findings.halfLight[static_cast<size_t>(c)]));
    return codes;
}

VideoLut lutByEye(const EyeFindings &findings, const Aim &aim)
{
    VideoLut lut;
    for (size_t c = 0; c < 3; ++c) {
        const double native = gammaOfHalfLight(findings.halfLight[c]);
        const double share = findings.balance[static_cast<Eigen::Index>(c)];
        for (size_t i = 0; i < VideoLut::kSize; ++i) {
            const double light =
                share *
                aimedLight(aim.tone, static_cast<double>(i) / (VideoLut::kSize - 1), native);
            const double entry = std::pow(std::clamp(light, 0.0, 1.0), 1 / native);
            lut.channels[c][i] = static_cast<uint16_t>(std::lround(65535 * entry));
        }
    }
    return lut;
}

BuiltProfile profileByEye(const EyeFindings &findings, const Aim &aim, const PrimarySet &primaries,
                          const Chromaticity &white, const ProfileRequest &request)
{
    Mat3 p;
    for (int c = 0; c < 3; ++c)
        p.col(c) = vec(fromChromaticity(primaries[static_cast<size_t>(c)], 1));
    const Vec3 target = vec(fromChromaticity(white, 100));
    if (!(std::abs(p.determinant()) > 1e-6))
        throw Error(ErrorKind::BadInput, "primaries", "the display's primaries span no colours");
    const Vec3 amount = p.inverse() * target;
    if (amount.minCoeff() <= 0)
        throw Error(ErrorKind::BadInput, "primaries", "they cannot mix the display's white");
    const Mat3 light = p * amount.asDiagonal();
    // What a display of these primaries would be read as through the LUT that was found.
    std::vector<Reading> readings;
    for (const DeviceRgb &rgb : makeChart(kPatches)) {
        Vec3 drive;
        for (int c = 0; c < 3; ++c) {
            const double native = gammaOfHalfLight(findings.halfLight[static_cast<size_t>(c)]);
            drive[c] = aimedLight(aim.tone, vec(rgb)[c] / 255, native);
        }
        const Vec3 seen = light * drive + target / kAssumedContrast;
        readings.push_back({rgb, toXyz(seen)});
    }
    ProfileRequest r = request;
    r.kind = ProfileKind::Matrix;
    r.path = {};
    r.path.lut = lutByEye(findings, aim);
    r.measurements.clear();
    r.metadata.emplace_back("MADE", "by eye, without a meter");
    r.metadata.emplace_back("GAMMA_ASSUMED", shortNumber(usualGamma(aim.tone)));
    return buildProfile(readings, r, "by eye");
}

} // namespace lantern
