#pragma once

#include <Eigen/Core>

namespace lantern {

// Dense linear algebra of any size, compiled once instead of wherever it is used.

/// The solution of a·x = b in the least-squares sense, by Householder QR with column pivoting.
struct LeastSquares {
    Eigen::MatrixXd x;     ///< columns of a by columns of b
    Eigen::Index rank = 0; ///< of a
};
/// \param a, b as many rows each, at least as many as a has columns
/// \param threshold pivots below this share of the largest count as nothing; 0: rounding decides
LeastSquares leastSquares(const Eigen::MatrixXd &a, const Eigen::MatrixXd &b, double threshold = 0);

/// \param m square and regular
Eigen::MatrixXd inverseOf(const Eigen::MatrixXd &m);

} // namespace lantern
