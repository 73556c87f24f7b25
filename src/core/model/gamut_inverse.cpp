#include "core/model/gamut_inverse.h"

#include "core/colour/difference.h"

#include <Eigen/Cholesky>
#include <Eigen/LU>
#include <array>
#include <cmath>
#include <nanoflann.hpp>

namespace lantern {

namespace {

constexpr int kSeedsPerAxis = 13;
constexpr double kExact = 1e-8;  ///< squared ΔE*ab at which a search has arrived
constexpr double kBeyond = 0.15; ///< how far the model is continued outside 0..1

struct SeedCloud {
    std::vector<Vec3> lab, at;
    [[nodiscard]] size_t kdtree_get_point_count() const { return lab.size(); }
    [[nodiscard]] double kdtree_get_pt(size_t i, size_t dimension) const
    {
        return lab[i][static_cast<Eigen::Index>(dimension)];
    }
    template <class Box> bool kdtree_get_bbox(Box &) const { return false; }
};
using Tree = nanoflann::KDTreeSingleIndexAdaptor<nanoflann::L2_Simple_Adaptor<double, SeedCloud>,
                                                 SeedCloud, 3>;

} // namespace

struct GamutInverse::Seeds {
    SeedCloud cloud;
    std::unique_ptr<Tree> tree;

    [[nodiscard]] const Vec3 &nearest(const Vec3 &lab) const
    {
        uint32_t index = 0;
        double distance = 0;
        tree->knnSearch(lab.data(), 1, &index, &distance);
        return cloud.at[index];
    }
};

GamutInverse::GamutInverse(const DisplayModel &model)
    : m_model(model), m_seeds(std::make_unique<Seeds>())
{
    for (int r = 0; r < kSeedsPerAxis; ++r)
        for (int g = 0; g < kSeedsPerAxis; ++g)
            for (int b = 0; b < kSeedsPerAxis; ++b) {
                const Vec3 at = Vec3(r, g, b) / (kSeedsPerAxis - 1);
                m_seeds->cloud.at.push_back(at);
                m_seeds->cloud.lab.push_back(vec(model.labAt(at)));
            }
    m_seeds->tree = std::make_unique<Tree>(3, m_seeds->cloud);
    m_seeds->tree->buildIndex();
}

GamutInverse::~GamutInverse() = default;

DeviceRgb GamutInverse::codeFor(const Lab &target) const
{
    const Vec3 at = find(target).lightness;
    return {m_model.codeFor(0, at[0]), m_model.codeFor(1, at[1]), m_model.codeFor(2, at[2])};
}

GamutInverse::Found GamutInverse::find(const Lab &target, const Vec3 *guess) const
{
    const Vec3 aim = vec(target);
    Point open = solve(guess ? *guess : m_seeds->nearest(aim), aim);
    if (open.cost > kExact && guess)
        open = solve(m_seeds->nearest(aim), aim);
    const Vec3 inside = open.at.cwiseMax(0).cwiseMin(1);
    if (open.cost <= kExact && (open.at - inside).cwiseAbs().maxCoeff() < 1e-6)
        return {inside, 0, inside};
    Found found = nearest(target, &inside);
    if (open.cost <= kExact)
        found.continued = open.at;
    return found;
}

GamutInverse::Found GamutInverse::nearest(const Lab &target, const Vec3 *guess) const
{
    const Vec3 &seed = m_seeds->nearest(vec(target));
    Point best = clip(guess ? guess->cwiseMax(0).cwiseMin(1) : seed, target);
    if (guess && deltaE2000(target, m_model.labAt(seed)) < std::sqrt(best.cost))
        best = clip(seed, target); // the guess led into a corner
    return {best.at, std::sqrt(best.cost), best.at};
}

/// Newton's method in Lab with step halving; walls stand kBeyond outside 0..1.
GamutInverse::Point GamutInverse::solve(const Vec3 &start, const Vec3 &aim) const
{
    Vec3 x = start;
    Mat3 jacobian;
    Vec3 residual = aim - vec(m_model.labAt(x, &jacobian));
    double cost = residual.squaredNorm();
    constexpr int kMaxSteps = 12;
    for (int i = 0; i < kMaxSteps && cost > kExact; ++i) {
        const Vec3 step = jacobian.partialPivLu().solve(residual);
        if (!step.allFinite())
            break;
        bool better = false;
        for (double length = 1; length > 0.02 && !better; length /= 3) {
            const Vec3 next = (x + length * step).cwiseMax(-kBeyond).cwiseMin(1 + kBeyond);
            Mat3 nextJacobian;
            const Vec3 nextResidual = aim - vec(m_model.labAt(next, &nextJacobian));
            const double nextCost = nextResidual.squaredNorm();
            if (nextCost < cost) {
                better = true;
                x = next;
                jacobian = nextJacobian;
                residual = nextResidual;
                cost = nextCost;
            }
        }
        if (!better)
            break;
    }
    return {x, cost};
}

/// Gauss-Newton with damping (Levenberg, Marquardt) on ΔE00, inside the walls 0 and 1. Lightness
/// values that push against a wall are held there.
GamutInverse::Point GamutInverse::clip(const Vec3 &start, const Lab &aim) const
{
    Vec3 x = start;
    Mat3 labByX;
    Lab shown = m_model.labAt(x, &labByX);
    Vec3 residual = difference2000Vector(aim, shown);
    double cost = residual.squaredNorm();
    double damping = 1e-4;
    constexpr int kMaxSteps = 15;
    for (int i = 0; i < kMaxSteps; ++i) {
        constexpr double kStep = 1e-3; // of Lab, for the slope of the difference
        Mat3 byLab;
        for (int k = 0; k < 3; ++k) {
            Vec3 moved = vec(shown);
            moved[k] += kStep;
            byLab.col(k) = (difference2000Vector(aim, toLabType(moved)) - residual) / kStep;
        }
        Mat3 j = byLab * labByX;
        const Vec3 gradient = -(j.transpose() * residual);
        for (int c = 0; c < 3; ++c)
            if ((x[c] <= 0 && gradient[c] < 0) || (x[c] >= 1 && gradient[c] > 0))
                j.col(c).setZero();
        const Mat3 normal = j.transpose() * j;
        const Vec3 held = -(j.transpose() * residual);
        bool better = false;
        double moved = 0;
        for (int attempt = 0; attempt < 5 && !better; ++attempt) {
            Mat3 damped = normal;
            damped.diagonal().array() += damping * (normal.trace() + 1e-12);
            const Vec3 next = (x + damped.ldlt().solve(held)).cwiseMax(0).cwiseMin(1);
            Mat3 nextJacobian;
            const Lab nextShown = m_model.labAt(next, &nextJacobian);
            const Vec3 nextResidual = difference2000Vector(aim, nextShown);
            const double nextCost = nextResidual.squaredNorm();
            if (nextCost < cost) {
                better = true;
                moved = (next - x).cwiseAbs().maxCoeff();
                x = next;
                labByX = nextJacobian;
                shown = nextShown;
                residual = nextResidual;
                cost = nextCost;
                damping = std::max(damping / 10, 1e-7);
            } else
                damping *= 10;
        }
        if (!better || moved < 1e-3)
            break;
    }
    return {x, cost};
}

} // namespace lantern
