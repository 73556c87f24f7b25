#include "generic_fits.h"

#include "core/base/least_squares.h"

#include <Eigen/Cholesky>
#include <Eigen/LU>
#include <Eigen/QR>
#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <memory>
#include <tuple>

namespace lantern::marks {

namespace {

using Matrix = Eigen::MatrixXd;

struct Point {
    Vec3 at; ///< code values over 255
    Vec3 value;
};

/// One point a patch, repeated readings averaged.
std::vector<Point> averaged(const std::vector<Reading> &readings,
                            const std::function<Vec3(const Reading &)> &value)
{
    std::map<std::tuple<double, double, double>, std::pair<Vec3, int>> sums;
    for (const Reading &r : readings) {
        auto &[sum, n] =
            sums.try_emplace({r.rgb.r, r.rgb.g, r.rgb.b}, Vec3::Zero(), 0).first->second;
        sum += value(r);
        ++n;
    }
    std::vector<Point> out;
    for (const auto &[code, sum] : sums)
        out.push_back({Vec3(std::get<0>(code), std::get<1>(code), std::get<2>(code)) / 255,
                       sum.first / sum.second});
    return out;
}

class ThinPlate {
public:
    explicit ThinPlate(std::vector<Point> points) : m_points(std::move(points))
    {
        const auto n = static_cast<Eigen::Index>(m_points.size());
        Matrix kernel(n, n);
        Matrix plane(n, 4);
        Matrix values(n, 3);
        for (Eigen::Index i = 0; i < n; ++i) {
            const Point &p = m_points[static_cast<size_t>(i)];
            for (Eigen::Index j = 0; j < n; ++j)
                kernel(i, j) = -(p.at - m_points[static_cast<size_t>(j)].at).norm();
            plane.row(i) << 1, p.at.transpose();
            values.row(i) = p.value.transpose();
        }
        // Orthogonal to the plane, -r is positive definite.
        const Matrix q = plane.householderQr().householderQ();
        const Matrix q2 = q.rightCols(n - 4);
        const Matrix inner = q2.transpose() * kernel * q2;
        double least = INFINITY;
        for (const double smoothing : {1e-5, 1e-4, 1e-3, 3e-3, 1e-2, 3e-2, 1e-1}) {
            Matrix damped = inner;
            damped.diagonal().array() += smoothing;
            const Matrix middle = q2 * damped.ldlt().solve(q2.transpose());
            const Matrix weights = middle * values;
            // each reading predicted from all others: Wahba, 4.2
            const double error =
                (weights.array().colwise() / middle.diagonal().array()).square().sum();
            if (error < least) {
                least = error;
                m_weights = weights;
                m_plane =
                    leastSquares(plane, values - kernel * weights - smoothing * weights).x;
            }
        }
    }

    [[nodiscard]] Vec3 at(const Vec3 &x) const
    {
        Vec3 out = m_plane.row(0).transpose() + m_plane.bottomRows<3>().transpose() * x;
        for (size_t i = 0; i < m_points.size(); ++i)
            out -= (x - m_points[i].at).norm() *
                   m_weights.row(static_cast<Eigen::Index>(i)).transpose();
        return out;
    }

private:
    std::vector<Point> m_points;
    Matrix m_weights, m_plane;
};

/// Straight between points.
class Curve {
public:
    void add(double x, double y) { m_points.emplace_back(x, y); }
    void sort()
    {
        std::sort(m_points.begin(), m_points.end());
        for (size_t i = 1; i < m_points.size(); ++i)
            m_points[i].second = std::max(m_points[i].second, m_points[i - 1].second);
    }
    [[nodiscard]] double at(double x) const
    {
        const auto above = std::lower_bound(m_points.begin(), m_points.end(), std::pair(x, -1e9));
        if (above == m_points.begin())
            return above->second;
        if (above == m_points.end())
            return m_points.back().second;
        const auto below = above - 1;
        return below->second +
               (above->second - below->second) * (x - below->first) / (above->first - below->first);
    }

private:
    std::vector<std::pair<double, double>> m_points;
};

} // namespace

GenericFit matrixAndCurves(const std::vector<Reading> &readings)
{
    const XYZ white = whiteOf(readings, "readings");
    const Mat3 chad = bradford(relativeTo(white, white), kD50);
    const auto points = averaged(
        readings, [&](const Reading &r) { return Vec3(chad * vec(relativeTo(r.xyz, white))); });
    std::array<Curve, 3> curves; // roots of light, in which straight lines are good
    constexpr double kRoot = 2.2;
    for (Curve &c : curves) {
        c.add(0, 0);
        c.add(1, 1);
    }
    Eigen::Matrix<double, 4, 3> mix;
    for (int round = 0; round < 12; ++round) {
        Matrix a(static_cast<Eigen::Index>(points.size()), 4);
        Matrix b(static_cast<Eigen::Index>(points.size()), 3);
        for (size_t i = 0; i < points.size(); ++i) {
            const auto row = static_cast<Eigen::Index>(i);
            const double weight = 1 / (0.02 + points[i].value[1]); // dark colours count as well
            for (int c = 0; c < 3; ++c)
                a(row, c) =
                    weight * std::pow(curves[static_cast<size_t>(c)].at(points[i].at[c]), kRoot);
            a(row, 3) = weight;
            b.row(row) = weight * points[i].value.transpose();
        }
        mix = a.colPivHouseholderQr().solve(b);
        const Mat3 toLight = Mat3(mix.topRows<3>().transpose()).inverse();
        for (size_t c = 0; c < 3; ++c)
            curves[c] = {};
        for (const Point &p : points)
            if (p.at[0] == p.at[1] && p.at[1] == p.at[2]) {
                const Vec3 light = toLight * (p.value - mix.row(3).transpose());
                for (int c = 0; c < 3; ++c)
                    curves[static_cast<size_t>(c)].add(
                        p.at[0], std::pow(std::max(light[c], 0.0), 1 / kRoot));
            }
        for (Curve &c : curves)
            c.sort();
    }
    return [=](const DeviceRgb &rgb) {
        Vec3 light;
        for (int c = 0; c < 3; ++c)
            light[c] = std::pow(curves[static_cast<size_t>(c)].at(vec(rgb)[c] / 255), kRoot);
        return labFromXyz(toRelXyz(mix.topRows<3>().transpose() * light + mix.row(3).transpose()),
                          kD50);
    };
}

GenericFit thinPlate(const std::vector<Reading> &readings)
{
    const XYZ white = whiteOf(readings, "readings");
    const auto plate = std::make_shared<ThinPlate>(
        averaged(readings, [&](const Reading &r) { return vec(pcsLab(r.xyz, white)); }));
    return [plate](const DeviceRgb &rgb) { return toLabType(plate->at(vec(rgb) / 255)); };
}

GenericFit bothInTurn(const std::vector<Reading> &readings)
{
    const XYZ white = whiteOf(readings, "readings");
    const GenericFit first = matrixAndCurves(readings);
    const auto plate = std::make_shared<ThinPlate>(averaged(readings, [&](const Reading &r) {
        return Vec3(vec(pcsLab(r.xyz, white)) - vec(first(r.rgb)));
    }));
    return [first, plate](const DeviceRgb &rgb) {
        return toLabType(vec(first(rgb)) + plate->at(vec(rgb) / 255));
    };
}

} // namespace lantern::marks
