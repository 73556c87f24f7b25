#include "core/model/spline.h"

#include "core/base/least_squares.h"
#include "core/base/vectorised.h"

#include <algorithm>
#include <cmath>
#include <thread>
#include <vector>

namespace lantern {

namespace {

using PaddedRows = Eigen::Matrix<double, Eigen::Dynamic, 4, Eigen::RowMajor>;

/// Coefficient index of a tensor product with n coefficients per axis.
int tensorIndex(int i, int j, int k, int n)
{
    return (i * n + j) * n + k;
}

} // namespace

SplineWindow splineWindow(double x, int intervals)
{
    const double position = std::clamp(x, 0.0, 1.0) * intervals;
    const int first = std::min(static_cast<int>(position), intervals - 1);
    const double t = position - first;
    const double s = 1 - t;
    SplineWindow w;
    w.first = first;
    w.value = {s * s * s / 6, (3 * t * t * t - 6 * t * t + 4) / 6,
               (-3 * t * t * t + 3 * t * t + 3 * t + 1) / 6, t * t * t / 6};
    w.slope = {-s * s / 2 * intervals, (3 * t * t - 4 * t) / 2 * intervals,
               (-3 * t * t + 2 * t + 1) / 2 * intervals, t * t / 2 * intervals};
    return w;
}

SmoothField SmoothField::through(const std::function<Vec3(const Vec3 &)> &f, int intervals)
{
    const int n = intervals + 3;
    std::vector<double> sites;
    for (int i = 0; i <= intervals; ++i) {
        if (i == intervals)
            sites.push_back((i - 0.5) / intervals);
        sites.push_back(static_cast<double>(i) / intervals);
        if (i == 0)
            sites.push_back(0.5 / intervals);
    }
    Eigen::MatrixXd collocation = Eigen::MatrixXd::Zero(n, n);
    for (int i = 0; i < n; ++i) {
        const SplineWindow w = splineWindow(sites[static_cast<size_t>(i)], intervals);
        for (int j = 0; j < 4; ++j)
            collocation(i, w.first + j) = w.value[static_cast<size_t>(j)];
    }
    const Eigen::MatrixXd inverse = inverseOf(collocation);

    SmoothField field;
    field.m_intervals = intervals;
    field.m_coefficients = PaddedRows::Zero(n * n * n, 4);
    auto part = [&](int first) {
        for (int i = first; i < n; i += 2)
            for (int j = 0; j < n; ++j)
                for (int k = 0; k < n; ++k)
                    field.m_coefficients.row(tensorIndex(i, j, k, n)).head<3>() =
                        f(Vec3(sites[static_cast<size_t>(i)], sites[static_cast<size_t>(j)],
                               sites[static_cast<size_t>(k)]))
                            .transpose();
    };
    std::thread other([&] { part(1); });
    part(0);
    other.join();
    // The tensor product is solved axis by axis.
    const std::array<int, 3> stride = {n * n, n, 1};
    PaddedRows line(n, 4);
    for (const int step : stride)
        for (int start = 0; start < n * n * n; ++start) {
            if (start / step % n != 0)
                continue;
            for (int i = 0; i < n; ++i)
                line.row(i) = field.m_coefficients.row(start + i * step);
            line = (inverse * line).eval();
            for (int i = 0; i < n; ++i)
                field.m_coefficients.row(start + i * step) = line.row(i);
        }
    return field;
}

namespace {

/// Sum over the 64 coefficients around a place: value, and slopes along the three axes. Plain loops
/// over padded rows, so that the compiler can use wide registers where the processor has them; no
/// fused multiply-add, so every processor gives the same bytes.
LANTERN_VECTORISED void sumWindow(const double *coefficients, int n, const SplineWindow &x,
                                  const SplineWindow &y, const SplineWindow &z, double sums[4][4])
{
    for (int s = 0; s < 4; ++s)
        for (int c = 0; c < 4; ++c)
            sums[s][c] = 0;
    for (int i = 0; i < 4; ++i)
        for (int j = 0; j < 4; ++j) {
            const double *row =
                coefficients + 4 * tensorIndex(x.first + i, y.first + j, z.first, n);
            double line[4] = {0, 0, 0, 0};
            double slope[4] = {0, 0, 0, 0};
            for (int k = 0; k < 4; ++k)
                for (int c = 0; c < 4; ++c) {
                    line[c] += z.value[k] * row[4 * k + c];
                    slope[c] += z.slope[k] * row[4 * k + c];
                }
            const double w = x.value[i] * y.value[j];
            const double wx = x.slope[i] * y.value[j];
            const double wy = x.value[i] * y.slope[j];
            for (int c = 0; c < 4; ++c) {
                sums[0][c] += w * line[c];
                sums[1][c] += wx * line[c];
                sums[2][c] += wy * line[c];
                sums[3][c] += w * slope[c];
            }
        }
}

} // namespace

Vec3 SmoothField::evaluate(const Vec3 &at, Mat3 *jacobian) const
{
    if (m_intervals == 0) {
        if (jacobian)
            jacobian->setZero();
        return Vec3::Zero();
    }
    double sums[4][4];
    sumWindow(m_coefficients.data(), m_intervals + 3, splineWindow(at[0], m_intervals),
              splineWindow(at[1], m_intervals), splineWindow(at[2], m_intervals), sums);
    if (jacobian)
        for (int axis = 0; axis < 3; ++axis)
            for (int c = 0; c < 3; ++c)
                (*jacobian)(c, axis) = sums[axis + 1][c];
    return {sums[0][0], sums[0][1], sums[0][2]};
}

} // namespace lantern
