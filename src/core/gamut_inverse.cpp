#include "core/gamut_inverse.h"

#include <Eigen/Cholesky>
#include <cmath>

namespace lantern {

namespace {

constexpr int kSeedsPerAxis = 11;
constexpr double kCloseEnough = 1e-10; ///< squared tolerance units
constexpr double kNearTheWall = 0.02;

/// Rows lightness, chroma, hue: turns a Lab difference at `at` into one in units of tolerance.
Mat3 toleranceFrame(const Lab &at)
{
    const double c = chroma(at);
    const double ca = c > 1e-9 ? at.a / c : 1;
    const double sa = c > 1e-9 ? at.b / c : 0;
    const double sc = 1 + 0.045 * c;
    const double sh = 1 + 0.015 * c;
    Mat3 m;
    m << 1, 0, 0, 0, ca / sc, sa / sc, 0, -sa / sh, ca / sh;
    return m;
}

} // namespace

GamutInverse::GamutInverse(const DisplayModel &model) : m_model(model)
{
    for (int r = 0; r < kSeedsPerAxis; ++r)
        for (int g = 0; g < kSeedsPerAxis; ++g)
            for (int b = 0; b < kSeedsPerAxis; ++b) {
                const Vec3 code = Vec3(r, g, b) / (kSeedsPerAxis - 1);
                m_seeds.push_back({code, vec(model.lab(code))});
            }
}

Vec3 GamutInverse::codeFor(const Lab &target) const
{
    const Mat3 frame = toleranceFrame(target);
    const Vec3 aim = vec(target);
    const Seed *nearest = nullptr;
    double nearestDistance = INFINITY;
    for (const Seed &seed : m_seeds) {
        const double d = (frame * (seed.lab - aim)).squaredNorm();
        if (d < nearestDistance) {
            nearestDistance = d;
            nearest = &seed;
        }
    }

    Point best = descend(nearest->code, frame, aim);
    // At code 0 light hardly changes with the code, so a descent can get stuck on that wall
    // although a better colour lies inside: step off it and try again.
    if (best.cost > kCloseEnough && best.code.minCoeff() < kNearTheWall) {
        constexpr double kOffTheWall = 0.1;
        const Vec3 inside =
            best.code.unaryExpr([](double v) { return v < kNearTheWall ? kOffTheWall : v; });
        const Point again = descend(inside, frame, aim);
        if (again.cost < best.cost)
            best = again;
    }
    return best.code;
}

/// Damped Gauss-Newton inside the cube; code values that push against a wall are held there.
GamutInverse::Point GamutInverse::descend(const Vec3 &start, const Mat3 &frame,
                                          const Vec3 &aim) const
{
    Vec3 x = start;
    Mat3 jacobian;
    Vec3 residual = frame * (aim - vec(m_model.lab(x, &jacobian)));
    double cost = residual.squaredNorm();
    double damping = 1e-6;
    constexpr int kMaxSteps = 30;
    for (int i = 0; i < kMaxSteps && cost > kCloseEnough; ++i) {
        Mat3 j = frame * jacobian;
        const Vec3 gradient = j.transpose() * residual;
        for (int c = 0; c < 3; ++c)
            if ((x[c] <= 0 && gradient[c] < 0) || (x[c] >= 1 && gradient[c] > 0))
                j.col(c).setZero();
        const Mat3 normal = j.transpose() * j;
        Mat3 damped = normal;
        damped.diagonal().array() += damping * (normal.trace() + 1e-12);
        const Vec3 step = damped.ldlt().solve(Vec3(j.transpose() * residual));
        const Vec3 next = (x + step).cwiseMax(0).cwiseMin(1);
        Mat3 nextJacobian;
        const Vec3 nextResidual = frame * (aim - vec(m_model.lab(next, &nextJacobian)));
        const double nextCost = nextResidual.squaredNorm();
        if (nextCost < cost) {
            const double moved = (next - x).cwiseAbs().maxCoeff();
            x = next;
            jacobian = nextJacobian;
            residual = nextResidual;
            cost = nextCost;
            damping = std::max(damping / 10, 1e-9);
            if (moved < 1e-7)
                break;
        } else if (damping > 1)
            break;
        else
            damping *= 10;
    }
    return {x, cost};
}

} // namespace lantern
