#include "core/colour/difference.h"

#include "core/base/error.h"
#include "core/colour/spaces.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace lantern {

namespace {

constexpr double kDegree = std::numbers::pi / 180;

double square(double v)
{
    return v * v;
}

/// The four weighted parts that CIEDE2000 is put together from.
struct Parts2000 {
    double lightness, chroma, hue; ///< each over its weighting function
    double rotation;               ///< RT, -2 < RT <= 0
};

/// Sum of two unit vectors is shorter than this: hues that stand opposite each other.
constexpr double kOpposite = 1e-7;

/// Direction of the mean hue where the two hues stand opposite: the middle of the two angles, as
/// the formula says for a difference of 180 degrees.
Eigen::Vector2d meanOfOpposite(const Eigen::Vector2d &p, const Eigen::Vector2d &q)
{
    auto hue = [](const Eigen::Vector2d &v) {
        const double h = std::atan2(v[1], v[0]);
        return h < 0 ? h + 2 * std::numbers::pi : h;
    };
    const double mean = (hue(p) + hue(q)) / 2;
    return {std::cos(mean), std::sin(mean)};
}

Parts2000 parts2000(const Lab &a, const Lab &b)
{
    constexpr double k25To7 = 6103515625.0;
    auto chromaWeight = [](double c) {
        const double c7 = c * c * c * c * c * c * c;
        return std::sqrt(c7 / (c7 + k25To7));
    };
    const double g = 0.5 * (1 - chromaWeight((chroma(a) + chroma(b)) / 2));
    const Eigen::Vector2d p((1 + g) * a.a, a.b);
    const Eigen::Vector2d q((1 + g) * b.a, b.b);
    const double c1 = p.norm();
    const double c2 = q.norm();
    const double cMean = (c1 + c2) / 2;

    // Cosine and sine of the mean hue from the sum of the two directions; the hue difference from
    // their cross product. A neutral colour has no hue: the other's counts.
    double dH = 0;
    Eigen::Vector2d mean(1, 0);
    if (c1 > 0 && c2 > 0) {
        const Eigen::Vector2d u = p / c1;
        const Eigen::Vector2d v = q / c2;
        mean = u + v;
        const double length = mean.norm();
        if (length > kOpposite) {
            dH = 2 * std::sqrt(c1 * c2) * (u[0] * v[1] - u[1] * v[0]) / length;
            mean /= length;
        } else {
            dH = 2 * std::sqrt(c1 * c2);
            mean = meanOfOpposite(p, q);
        }
    } else if (c1 + c2 > 0)
        mean = (p + q) / (c1 + c2);

    const double c = mean[0];
    const double s = mean[1];
    const double cos2 = 2 * c * c - 1;
    const double sin2 = 2 * s * c;
    static const double kCos30 = std::cos(30 * kDegree), kSin30 = 0.5;
    static const double kCos6 = std::cos(6 * kDegree), kSin6 = std::sin(6 * kDegree);
    static const double kCos63 = std::cos(63 * kDegree), kSin63 = std::sin(63 * kDegree);
    const double t = 1 - 0.17 * (c * kCos30 + s * kSin30) + 0.24 * cos2 +
                     0.32 * ((4 * c * c - 3) * c * kCos6 - (3 - 4 * s * s) * s * kSin6) -
                     0.20 * ((2 * cos2 * cos2 - 1) * kCos63 + 2 * sin2 * cos2 * kSin63);
    double hue = std::atan2(s, c) / kDegree;
    if (hue < 0)
        hue += 360;
    const double dTheta = 30 * std::exp(-square((hue - 275) / 25));

    const double l50 = square((a.L + b.L) / 2 - 50);
    return {(b.L - a.L) / (1 + 0.015 * l50 / std::sqrt(20 + l50)), (c2 - c1) / (1 + 0.045 * cMean),
            dH / (1 + 0.015 * cMean * t),
            -std::sin(2 * dTheta * kDegree) * 2 * chromaWeight(cMean)};
}

} // namespace

double deltaE76(const Lab &a, const Lab &b) noexcept
{
    return std::hypot(a.L - b.L, a.a - b.a, a.b - b.b);
}

double deltaE94(const Lab &reference, const Lab &sample) noexcept
{
    const double c1 = chroma(reference);
    const double dC = c1 - chroma(sample);
    const double dH2 =
        std::max(0.0, square(reference.a - sample.a) + square(reference.b - sample.b) - dC * dC);
    return std::sqrt(square(reference.L - sample.L) + square(dC / (1 + 0.045 * c1)) +
                     dH2 / square(1 + 0.015 * c1));
}

double deltaECmc(const Lab &reference, const Lab &sample, double l, double c) noexcept
{
    const double c1 = chroma(reference);
    const double h1 = hueDegrees(reference);
    const double dC = c1 - chroma(sample);
    const double dH2 =
        std::max(0.0, square(reference.a - sample.a) + square(reference.b - sample.b) - dC * dC);
    const double sL =
        reference.L < 16 ? 0.511 : 0.040975 * reference.L / (1 + 0.01765 * reference.L);
    const double sC = 0.0638 * c1 / (1 + 0.0131 * c1) + 0.638;
    const double c4 = std::pow(c1, 4);
    const double f = std::sqrt(c4 / (c4 + 1900));
    const double t = h1 >= 164 && h1 <= 345 ? 0.56 + std::abs(0.2 * std::cos((h1 + 168) * kDegree))
                                            : 0.36 + std::abs(0.4 * std::cos((h1 + 35) * kDegree));
    const double sH = sC * (f * t + 1 - f);
    return std::sqrt(square((reference.L - sample.L) / (l * sL)) + square(dC / (c * sC)) +
                     dH2 / square(sH));
}

double deltaE2000(const Lab &a, const Lab &b) noexcept
{
    const Parts2000 d = parts2000(a, b);
    const double sum =
        square(d.lightness) + square(d.chroma) + square(d.hue) + d.rotation * d.chroma * d.hue;
    return std::sqrt(std::isnan(sum) ? sum : std::max(0.0, sum));
}

Vec3 difference2000Vector(const Lab &a, const Lab &b) noexcept
{
    const Parts2000 d = parts2000(a, b);
    return {d.lightness, d.chroma + d.rotation / 2 * d.hue,
            std::sqrt(1 - square(d.rotation) / 4) * d.hue};
}

double deltaEItp(const XYZ &a, const XYZ &b) noexcept
{
    // I, T = Ct / 2, P = Cp; BT.2124-0, section 2
    const Ictcp p = ictcpFromXyz(a);
    const Ictcp q = ictcpFromXyz(b);
    return 720 * std::sqrt(square(p.I - q.I) + square((p.Ct - q.Ct) / 2) + square(p.Cp - q.Cp));
}

const std::vector<DifferenceFormula> &differenceFormulas()
{
    using F = DifferenceFormula;
    static const std::vector<F> all = {F::De2000, F::De76, F::De94, F::Cmc, F::Itp};
    return all;
}

namespace {

struct FormulaNames {
    const char *key, *symbol;
};

FormulaNames namesOf(DifferenceFormula formula)
{
    switch (formula) {
    case DifferenceFormula::De76:
        return {"76", "ΔE76"};
    case DifferenceFormula::De94:
        return {"94", "ΔE94"};
    case DifferenceFormula::Cmc:
        return {"cmc", "ΔE CMC 2:1"};
    case DifferenceFormula::Itp:
        return {"itp", "ΔE ITP"};
    case DifferenceFormula::De2000:
        break;
    }
    return {"2000", "ΔE00"};
}

} // namespace

std::string formulaKey(DifferenceFormula formula)
{
    return namesOf(formula).key;
}

std::string formulaSymbol(DifferenceFormula formula)
{
    return namesOf(formula).symbol;
}

DifferenceFormula formulaByKey(const std::string &key)
{
    std::string known;
    for (const DifferenceFormula f : differenceFormulas()) {
        if (key == formulaKey(f))
            return f;
        known += (known.empty() ? "" : ", ") + formulaKey(f);
    }
    throw Error(ErrorKind::BadInput, "formula", {"\"%1\" is not known", {key}},
                {"Choose one of: %1.", {known}});
}

double difference(DifferenceFormula formula, const Lab &reference, const Lab &sample,
                  const XYZ &white)
{
    switch (formula) {
    case DifferenceFormula::De76:
        return deltaE76(reference, sample);
    case DifferenceFormula::De94:
        return deltaE94(reference, sample);
    case DifferenceFormula::Cmc:
        return deltaECmc(reference, sample);
    case DifferenceFormula::Itp:
        return deltaEItp(displayXyz(reference, white), displayXyz(sample, white));
    case DifferenceFormula::De2000:
        break;
    }
    return deltaE2000(reference, sample);
}

} // namespace lantern
