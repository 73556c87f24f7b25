#include "core/spline.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>

namespace lantern {

namespace {

using Matrix = Eigen::MatrixXd;
using Columns = Eigen::Matrix<double, Eigen::Dynamic, 3>;
using PaddedRows = Eigen::Matrix<double, Eigen::Dynamic, 4, Eigen::RowMajor>;

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
            trial.setCoefficients(solve(rest, penalty, strength));
            for (size_t i = f; i < samples.size(); i += kFolds)
                error += samples[i].weight *
                         (trial.evaluate(samples[i].at) - samples[i].value).squaredNorm();
        }
        if (error < best) {
            best = error;
            bestStrength = strength;
        }
    }
    trial.setCoefficients(solve(all, penalty, bestStrength));
    return trial;
}

void SmoothField::setCoefficients(const Eigen::Matrix<double, Eigen::Dynamic, 3> &columns)
{
    m_coefficients = PaddedRows::Zero(columns.rows(), 4);
    m_coefficients.leftCols<3>() = columns;
}

namespace {

/// Sum over the 64 coefficients around a place: value, and slopes along the three axes. Plain loops
/// over padded rows, so that the compiler can use wide registers where the processor has them; no
/// fused multiply-add, so every processor gives the same bytes.
__attribute__((target_clones("avx2", "default"))) void
sumWindow(const double *coefficients, int n, const SplineWindow &x, const SplineWindow &y,
          const SplineWindow &z, double sums[4][4])
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
