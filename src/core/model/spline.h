#pragma once

#include "core/colour/colour.h"

#include <Eigen/Core>
#include <array>
#include <functional>
#include <vector>

namespace lantern {

/// The four uniform cubic B-splines that are not zero at one place, and their slopes.
struct SplineWindow {
    int first = 0;                 ///< index of the first of the four coefficients
    std::array<double, 4> value{}; ///< they sum to 1
    std::array<double, 4> slope{}; ///< derivative by x
};

/// \param x place, clamped to 0..1  \param intervals >= 1; there are intervals + 3 coefficients.
/// Source: de Boor, A Practical Guide to Splines (1978), uniform knots.
SplineWindow splineWindow(double x, int intervals);

/// Smooth function from the unit cube to three numbers: tensor product of uniform cubic B-splines.
class SmoothField {
public:
    SmoothField() = default; ///< zero everywhere

    /// The spline that agrees with `f` at the ends of the intervals and in the middle of the first
    /// and the last, on each axis. \param f called from two threads \param intervals per axis, >= 2
    static SmoothField through(const std::function<Vec3(const Vec3 &)> &f, int intervals);

    /// Value at `at` (0..1 each); `jacobian`, if given, gets d value / d at, 3x3.
    Vec3 evaluate(const Vec3 &at, Mat3 *jacobian = nullptr) const;

private:
    int m_intervals = 0; ///< 0: the zero field
    /// One row a coefficient, padded with a zero.
    Eigen::Matrix<double, Eigen::Dynamic, 4, Eigen::RowMajor> m_coefficients;
};

} // namespace lantern
