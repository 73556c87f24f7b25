#include "core/spline.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>

namespace lantern {

namespace {

using Matrix = Eigen::MatrixXd;
using Columns = Eigen::Matrix<double, Eigen::Dynamic, 3>;

/// Coefficient index of a tensor product with n coefficients per axis.
int tensorIndex(int i, int j, int k, int n)
{
    return (i * n + j) * n + k;
}

/// Normal equations of some samples, lower triangle only.
struct NormalEquations {
    Matrix matrix;
    Columns right;

    explicit NormalEquations(int size)
        : matrix(Matrix::Zero(size, size)), right(Columns::Zero(size, 3))
    {}

    void add(const SmoothField::Sample &sample, int intervals)
    {
        const int n = intervals + 3;
        const auto x = splineWindow(sample.at[0], intervals);
        const auto y = splineWindow(sample.at[1], intervals);
        const auto z = splineWindow(sample.at[2], intervals);
        std::array<int, 64> index{};
        std::array<double, 64> phi{};
        int count = 0;
        for (int i = 0; i < 4; ++i)
            for (int j = 0; j < 4; ++j)
                for (int k = 0; k < 4; ++k) {
                    index[count] = tensorIndex(x.first + i, y.first + j, z.first + k, n);
                    phi[count++] = x.value[i] * y.value[j] * z.value[k];
                }
        for (int a = 0; a < 64; ++a) {
            const double wa = sample.weight * phi[a];
            right.row(index[a]) += wa * sample.value.transpose();
            for (int b = 0; b <= a; ++b) // indices rise, so this is the lower triangle
                matrix(index[a], index[b]) += wa * phi[b];
        }
    }
};

/// Squared second differences along each axis, and a little of the coefficients themselves.
Matrix roughness(int intervals)
{
    constexpr double kShrink = 1e-2;
    const int n = intervals + 3;
    Matrix r = kShrink * Matrix::Identity(n * n * n, n * n * n);
    const std::array<double, 3> stencil = {1, -2, 1};
    auto addStencil = [&](const std::array<int, 3> &at) {
        for (int a = 0; a < 3; ++a)
            for (int b = 0; b < 3; ++b)
                r(at[a], at[b]) += stencil[a] * stencil[b];
    };
    for (int i = 0; i < n; ++i)
        for (int j = 0; j < n; ++j)
            for (int k = 0; k + 2 < n; ++k) {
                addStencil({tensorIndex(k, i, j, n), tensorIndex(k + 1, i, j, n),
                            tensorIndex(k + 2, i, j, n)});
                addStencil({tensorIndex(i, k, j, n), tensorIndex(i, k + 1, j, n),
                            tensorIndex(i, k + 2, j, n)});
                addStencil({tensorIndex(i, j, k, n), tensorIndex(i, j, k + 1, n),
                            tensorIndex(i, j, k + 2, n)});
            }
    return r;
}

Columns solve(const NormalEquations &normal, const Matrix &penalty, double strength)
{
    const Matrix a = normal.matrix + strength * penalty;
    return a.selfadjointView<Eigen::Lower>().llt().solve(normal.right);
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

SmoothField SmoothField::fit(const std::vector<Sample> &samples, int intervals)
{
    constexpr size_t kFolds = 5;
    constexpr size_t kManySamples = 1500; // from here on one fold says enough
    const int n = intervals + 3;
    const int size = n * n * n;
    const Matrix penalty = roughness(intervals);

    NormalEquations all(size);
    std::vector<NormalEquations> folds(kFolds, NormalEquations(size));
    for (size_t i = 0; i < samples.size(); ++i)
        folds[i % kFolds].add(samples[i], intervals);
    for (const NormalEquations &fold : folds) {
        all.matrix += fold.matrix;
        all.right += fold.right;
    }

    SmoothField trial;
    trial.m_intervals = intervals;
    double best = INFINITY;
    double bestStrength = 0;
    const size_t foldsTried = samples.size() > kManySamples ? 1 : kFolds;
    for (const double strength : {1e-3, 1e-2, 1e-1, 1.0, 10.0, 1e3}) {
        double error = 0;
        for (size_t f = 0; f < foldsTried; ++f) {
            NormalEquations rest(size);
            rest.matrix = all.matrix - folds[f].matrix;
            rest.right = all.right - folds[f].right;
            trial.m_coefficients = solve(rest, penalty, strength);
            for (size_t i = f; i < samples.size(); i += kFolds)
                error += samples[i].weight *
                         (trial.evaluate(samples[i].at) - samples[i].value).squaredNorm();
        }
        if (error < best) {
            best = error;
            bestStrength = strength;
        }
    }
    trial.m_coefficients = solve(all, penalty, bestStrength);
    return trial;
}

Vec3 SmoothField::evaluate(const Vec3 &at, Mat3 *jacobian) const
{
    Vec3 value = Vec3::Zero();
    if (jacobian)
        jacobian->setZero();
    if (m_intervals == 0)
        return value;
    const int n = m_intervals + 3;
    const auto x = splineWindow(at[0], m_intervals);
    const auto y = splineWindow(at[1], m_intervals);
    const auto z = splineWindow(at[2], m_intervals);
    for (int i = 0; i < 4; ++i)
        for (int j = 0; j < 4; ++j) {
            Vec3 line = Vec3::Zero();
            Vec3 lineSlope = Vec3::Zero();
            for (int k = 0; k < 4; ++k) {
                const int index = tensorIndex(x.first + i, y.first + j, z.first + k, n);
                const Vec3 c = m_coefficients.row(index);
                line += z.value[k] * c;
                lineSlope += z.slope[k] * c;
            }
            value += x.value[i] * y.value[j] * line;
            if (jacobian) {
                jacobian->col(0) += x.slope[i] * y.value[j] * line;
                jacobian->col(1) += x.value[i] * y.slope[j] * line;
                jacobian->col(2) += x.value[i] * y.value[j] * lineSlope;
            }
        }
    return value;
}

} // namespace lantern
