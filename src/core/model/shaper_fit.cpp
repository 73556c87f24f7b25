#include "core/model/shaper_fit.h"

#include "core/colour/difference.h"

#include <Eigen/Cholesky>
#include <Eigen/LU>
#include <algorithm>
#include <cmath>

namespace lantern {

namespace {

struct Probe {
    std::array<int, 3> code;
    Lab lab;
    double weight;
};

/// Whole code values through the cube, and what the model says of them.
std::vector<Probe> probesOf(const DisplayModel &model)
{
    std::vector<Probe> out;
    constexpr int kSteps = 7;
    for (int r = 0; r < kSteps; ++r)
        for (int g = 0; g < kSteps; ++g)
            for (int b = 0; b < kSteps; ++b) {
                Probe p;
                const std::array at = {r, g, b};
                for (size_t c = 0; c < 3; ++c)
                    p.code[c] = at[c] * 255 / (kSteps - 1);
                p.lab = model.lab({double(p.code[0]), double(p.code[1]), double(p.code[2])});
                constexpr double kUsualChroma = 40;
                p.weight = 1 / (1 + std::pow(chroma(p.lab) / kUsualChroma, 2));
                out.push_back(p);
            }
    return out;
}

/// Light of each grey in terms of colorants: curve values by code 0..255.
class GreyCurves {
public:
    explicit GreyCurves(const DisplayModel &model)
    {
        for (int code = 0; code < DriveStage::kLevels; ++code) {
            const double v = code;
            m_greys.push_back(vec(xyzFromLab(model.lab({v, v, v}), kD50)));
        }
        m_greys.back() = vec(kD50);
    }

    /// Rising, from the least that black() is.
    [[nodiscard]] std::vector<Vec3> under(const Mat3 &colorants) const
    {
        const Mat3 inverse = colorants.inverse();
        std::vector<Vec3> out;
        Vec3 highest = black(colorants);
        for (const Vec3 &grey : m_greys) {
            highest = highest.cwiseMax(inverse * grey).cwiseMin(1);
            out.push_back(highest);
        }
        return out;
    }

    /// Curve values of black: those of the display's own, but none below the neutral of the same
    /// luminance, which is what programs that compensate black send there.
    [[nodiscard]] Vec3 black(const Mat3 &colorants) const
    {
        Vec3 value = (colorants.inverse() * m_greys.front()).cwiseMax(0);
        for (int i = 0; i < 4; ++i) // raising one raises the luminance a little
            value = value.cwiseMax(colorants.row(1).dot(value));
        return value;
    }

private:
    std::vector<Vec3> m_greys; ///< PCS XYZ
};

/// Colorants of given directions (as columns) whose sum is D50.
Mat3 scaledToWhite(const Mat3 &directions)
{
    const Vec3 scale = directions.fullPivLu().solve(vec(kD50));
    return directions * scale.asDiagonal();
}

} // namespace

Lab Shaper::lab(const DeviceRgb &rgb) const
{
    Vec3 light;
    for (int c = 0; c < 3; ++c) {
        const auto &curve = curves[static_cast<size_t>(c)];
        const double position =
            std::clamp(vec(rgb)[c] / 255, 0.0, 1.0) * static_cast<double>(curve.size() - 1);
        const size_t i = std::min(static_cast<size_t>(position), curve.size() - 2);
        const double f = position - static_cast<double>(i);
        light[c] = curve[i] * (1 - f) + curve[i + 1] * f;
    }
    return labFromXyz(toRelXyz(colorants * light), kD50);
}

Shaper fitShaper(const DisplayModel &model, int entries)
{
    const std::vector<Probe> probes = probesOf(model);
    const GreyCurves greys(model);
    // Six unknowns: two for the direction of each colorant, with the sum of its X, Y, Z held.
    using Unknowns = Eigen::Matrix<double, 6, 1>;
    Mat3 start = model.primaries();
    for (int c = 0; c < 3; ++c)
        start.col(c) /= start.col(c).sum();
    auto colorantsOf = [&](const Unknowns &u) {
        Mat3 d = start;
        for (int c = 0; c < 3; ++c) {
            d(0, c) += u[2 * c];
            d(1, c) += u[2 * c + 1];
            d(2, c) -= u[2 * c] + u[2 * c + 1];
        }
        return scaledToWhite(d);
    };
    auto residuals = [&](const Unknowns &u) {
        const Mat3 colorants = colorantsOf(u);
        const std::vector<Vec3> curves = greys.under(colorants);
        Eigen::VectorXd r(3 * static_cast<Eigen::Index>(probes.size()));
        for (size_t i = 0; i < probes.size(); ++i) {
            Vec3 light;
            for (size_t c = 0; c < 3; ++c)
                light[static_cast<Eigen::Index>(c)] =
                    curves[static_cast<size_t>(probes[i].code[c])][static_cast<Eigen::Index>(c)];
            r.segment<3>(3 * static_cast<Eigen::Index>(i)) =
                probes[i].weight *
                difference2000Vector(probes[i].lab, labFromXyz(toRelXyz(colorants * light), kD50));
        }
        return r;
    };
    // Gauss-Newton with damping; slopes by differences.
    Unknowns u = Unknowns::Zero();
    Eigen::VectorXd now = residuals(u);
    double damping = 1e-3;
    constexpr int kMaxSteps = 15;
    for (int step = 0; step < kMaxSteps; ++step) {
        constexpr double kStep = 1e-5;
        Eigen::MatrixXd j(now.size(), 6);
        for (int k = 0; k < 6; ++k) {
            Unknowns moved = u;
            moved[k] += kStep;
            j.col(k) = (residuals(moved) - now) / kStep;
        }
        const Eigen::Matrix<double, 6, 6> normal = j.transpose() * j;
        bool better = false;
        double gain = 0;
        for (int attempt = 0; attempt < 6 && !better; ++attempt) {
            Eigen::Matrix<double, 6, 6> damped = normal;
            damped.diagonal() *= 1 + damping;
            const Unknowns next = u - Unknowns(damped.ldlt().solve(j.transpose() * now));
            const Eigen::VectorXd then = residuals(next);
            better = then.squaredNorm() < now.squaredNorm();
            if (better) {
                gain = 1 - then.squaredNorm() / now.squaredNorm();
                u = next;
                now = then;
                damping /= 5;
            } else
                damping *= 10;
        }
        constexpr double kArrived = 1e-4;
        if (!better || gain < kArrived)
            break;
    }

    Shaper out;
    out.colorants = colorantsOf(u);
    const std::vector<Vec3> curves = greys.under(out.colorants);
    const Mat3 inverse = out.colorants.inverse();
    for (int c = 0; c < 3; ++c) {
        double highest = curves.front()[c];
        for (int i = 0; i < entries; ++i) {
            const double code = 255.0 * i / (entries - 1);
            const Vec3 grey = vec(xyzFromLab(model.lab({code, code, code}), kD50));
            const double value = i + 1 == entries ? 1 : inverse.row(c).dot(grey);
            highest = std::clamp(value, highest, 1.0);
            out.curves[static_cast<size_t>(c)].push_back(highest);
        }
    }
    return out;
}

} // namespace lantern
