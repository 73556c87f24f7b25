#include "core/base/least_squares.h"

#include <Eigen/LU>
#include <Eigen/QR>

namespace lantern {

LeastSquares leastSquares(const Eigen::MatrixXd &a, const Eigen::MatrixXd &b, double threshold)
{
    Eigen::ColPivHouseholderQR<Eigen::MatrixXd> qr(a);
    if (threshold > 0)
        qr.setThreshold(threshold);
    return {qr.solve(b), qr.rank()};
}

Eigen::MatrixXd inverseOf(const Eigen::MatrixXd &m)
{
    return m.inverse();
}

} // namespace lantern
