#include "core/model/panel_physics.h"

#include "core/base/error.h"
#include "core/base/least_squares.h"
#include "core/model/spline.h"

#include <Eigen/Cholesky>
#include <Eigen/LU>
#include <algorithm>
#include <cmath>

namespace lantern {

namespace {

/// Channel curves are splines of light^(1/kCurvePower), which is nearly straight for real displays.
constexpr double kCurvePower = 2.2;

/// Light of one channel and its derivative by the spline value.
struct CurvePoint {
    SplineWindow window;
    double root = 0;
    double light = 0;
    double lightByRoot = 0;
};

CurvePoint curvePoint(const Eigen::VectorXd &coefficients, int intervals, double drive)
{
    CurvePoint p;
    p.window = splineWindow(drive, intervals);
    for (int j = 0; j < 4; ++j)
        p.root += p.window.value[j] * coefficients[p.window.first + j];
    if (p.root > 0) {
        p.light = std::pow(p.root, kCurvePower);
        p.lightByRoot = kCurvePower * p.light / p.root;
    }
    return p;
}

double square(double v)
{
    return v * v;
}

double secondDifference(const Eigen::VectorXd &c, int j)
{
    return c[j] - 2 * c[j + 1] + c[j + 2];
}

int leastOf(const Vec3 &light)
{
    int least = 0;
    for (int c = 1; c < 3; ++c)
        if (light[c] < light[least])
            least = c;
    return least;
}

/// Where each group of unknowns lies in the vector that is solved for; -1: not there.
struct Layout {
    int curve = 0; ///< coefficients a channel
    int primaries = 0, black = -1, interaction = -1, white = -1, shift = -1;
    int size = 0;

    explicit Layout(const PhysicsChoice &choice)
        : curve(choice.intervals + 3), primaries(3 * curve), size(primaries + 9)
    {
        auto take = [&](bool wanted, int &at, int count) {
            if (!wanted)
                return;
            at = size;
            size += count;
        };
        take(choice.black, black, 3);
        take(choice.interactions, interaction, 6);
        take(choice.whiteSubpixel, white, 4);
        take(choice.ownCurves, shift, 18);
    }
};

class Fit {
public:
    Fit(const std::vector<PanelObservation> &data, const PhysicsChoice &choice)
        : m_data(data),
          m_layout(choice),
          // the same bend of the curve costs the same, however many intervals it is made of
          m_bend(choice.smooth * std::pow(choice.intervals / 16.0, 1.5))
    {}

    PanelPhysics run(PanelPhysics best)
    {
        double cost = evaluateCost(best);
        double damping = 1e-3;
        constexpr int kMaxIterations = 40;
        for (int i = 0; i < kMaxIterations; ++i) {
            Eigen::MatrixXd normal = Eigen::MatrixXd::Zero(m_layout.size, m_layout.size);
            Eigen::VectorXd gradient = Eigen::VectorXd::Zero(m_layout.size);
            accumulate(best, normal, gradient);
            bool improved = false;
            for (int attempt = 0; attempt < 8 && !improved; ++attempt) {
                Eigen::MatrixXd damped = normal;
                damped.diagonal() += damping * (normal.diagonal().array() + 1e-9).matrix();
                const Eigen::VectorXd step =
                    damped.selfadjointView<Eigen::Lower>().ldlt().solve(gradient);
                const PanelPhysics next = moved(best, step);
                const double nextCost = evaluateCost(next);
                if (nextCost < cost) {
                    improved = true;
                    damping = std::max(damping / 5, 1e-9);
                    const double gain = (cost - nextCost) / cost;
                    best = next;
                    cost = nextCost;
                    constexpr double kArrived = 1e-5;
                    if (gain < kArrived)
                        return best;
                } else
                    damping *= 6;
            }
            if (!improved)
                break;
        }
        return best;
    }

private:
    static constexpr double kAnchor = 300; ///< holds the curves' ends at 0 and 1 by definition
    static constexpr double kQuiet = 3;    ///< holds interactions near 0 where nothing shows them
    static constexpr double kStill = 10;   ///< the same for primaries that move

    double evaluateCost(const PanelPhysics &p) const
    {
        double cost = 0;
        for (const PanelObservation &o : m_data) {
            const Vec3 light(p.light(0, o.drive[0]), p.light(1, o.drive[1]),
                             p.light(2, o.drive[2]));
            const Vec3 r = vec(labFromXyz(p.mix(light, nullptr), kD50)) - vec(o.lab);
            cost += o.weight * o.weight * r.squaredNorm();
        }
        for (const auto &curve : p.curves) {
            for (int j = 0; j + 2 < m_layout.curve; ++j)
                cost += square(m_bend * secondDifference(curve, j));
            for (const double end : {0.0, 1.0})
                cost += square(kAnchor * (curvePoint(curve, p.choice.intervals, end).root - end));
        }
        cost += square(kQuiet) *
                (p.interaction.squaredNorm() + p.white.squaredNorm() + square(p.whiteExponent - 1));
        return cost + square(kStill) * (p.shift.squaredNorm() + p.skew.squaredNorm());
    }

    /// Adds one observation's rows; only the columns that it touches are multiplied.
    struct Row {
        std::array<int, 64> index{};
        Eigen::Matrix<double, 3, 64> column;
        int count = 0;
        void add(int at, const Vec3 &v)
        {
            index[static_cast<size_t>(count)] = at;
            column.col(count++) = v;
        }
    };

    void accumulate(const PanelPhysics &p, Eigen::MatrixXd &normal, Eigen::VectorXd &gradient) const
    {
        for (const PanelObservation &o : m_data) {
            std::array<CurvePoint, 3> curve;
            Vec3 t;
            for (int c = 0; c < 3; ++c) {
                curve[c] = curvePoint(p.curves[c], p.choice.intervals, o.drive[c]);
                t[c] = curve[c].light;
            }
            Mat3 xyzByLight;
            Mat3 labByXyz;
            const Lab shown = labFromXyz(p.mix(t, &xyzByLight), kD50, labByXyz);
            labByXyz *= o.weight;
            const Mat3 labByLight = labByXyz * xyzByLight;
            Row row;
            for (int c = 0; c < 3; ++c)
                for (int j = 0; j < 4; ++j)
                    row.add(c * m_layout.curve + curve[c].window.first + j,
                            curve[c].window.value[j] * curve[c].lightByRoot * labByLight.col(c));
            const Vec3 drive = t.cwiseProduct(Vec3::Ones() - p.interaction * t);
            for (int c = 0; c < 3; ++c)
                for (int k = 0; k < 3; ++k)
                    row.add(m_layout.primaries + 3 * c + k, drive[c] * labByXyz.col(k));
            if (m_layout.black >= 0)
                for (int k = 0; k < 3; ++k)
                    row.add(m_layout.black + k, labByXyz.col(k));
            if (m_layout.interaction >= 0) {
                const Mat3 labByDrive = labByXyz * p.primaries;
                int at = m_layout.interaction;
                for (int c = 0; c < 3; ++c)
                    for (int d = 0; d < 3; ++d)
                        if (c != d)
                            row.add(at++, -t[c] * t[d] * labByDrive.col(c));
            }
            if (m_layout.white >= 0) {
                const double least = std::max(t[leastOf(t)], 1e-9);
                const double w = std::pow(least, p.whiteExponent);
                for (int k = 0; k < 3; ++k)
                    row.add(m_layout.white + k, w * labByXyz.col(k));
                row.add(m_layout.white + 3, labByXyz * p.white * w * std::log(least));
            }
            if (m_layout.shift >= 0)
                for (int c = 0; c < 3; ++c) {
                    const double bow = t[c] * (1 - t[c]);
                    for (int k = 0; k < 3; ++k) {
                        row.add(m_layout.shift + 3 * c + k, bow * labByXyz.col(k));
                        row.add(m_layout.shift + 9 + 3 * c + k,
                                bow * (1 - 2 * t[c]) * labByXyz.col(k));
                    }
                }
            const Vec3 residual = o.weight * (vec(o.lab) - vec(shown));
            for (int a = 0; a < row.count; ++a) {
                const int ia = row.index[static_cast<size_t>(a)];
                gradient[ia] += row.column.col(a).dot(residual);
                for (int b = 0; b <= a; ++b) { // indices rise: the lower triangle
                    const int ib = row.index[static_cast<size_t>(b)];
                    normal(std::max(ia, ib), std::min(ia, ib)) +=
                        row.column.col(a).dot(row.column.col(b));
                }
            }
        }
        addPenalties(p, normal, gradient);
    }

    void addPenalties(const PanelPhysics &p, Eigen::MatrixXd &normal,
                      Eigen::VectorXd &gradient) const
    {
        constexpr std::array<double, 3> stencil = {1, -2, 1};
        for (int c = 0; c < 3; ++c) {
            const int at = c * m_layout.curve;
            for (int j = 0; j + 2 < m_layout.curve; ++j) {
                const double second = secondDifference(p.curves[c], j);
                for (int a = 0; a < 3; ++a) {
                    gradient[at + j + a] -= square(m_bend) * stencil[a] * second;
                    for (int b = 0; b < 3; ++b)
                        normal(at + j + a, at + j + b) += square(m_bend) * stencil[a] * stencil[b];
                }
            }
            for (const double x : {0.0, 1.0}) {
                const CurvePoint end = curvePoint(p.curves[c], p.choice.intervals, x);
                for (int a = 0; a < 4; ++a) {
                    const int ia = at + end.window.first + a;
                    gradient[ia] -= square(kAnchor) * end.window.value[a] * (end.root - x);
                    for (int b = 0; b < 4; ++b)
                        normal(ia, at + end.window.first + b) +=
                            square(kAnchor) * end.window.value[a] * end.window.value[b];
                }
            }
        }
        auto hold = [&](int at, double strength, double value) {
            normal(at, at) += square(strength);
            gradient[at] -= square(strength) * value;
        };
        if (m_layout.interaction >= 0) {
            int at = m_layout.interaction;
            for (int c = 0; c < 3; ++c)
                for (int d = 0; d < 3; ++d)
                    if (c != d)
                        hold(at++, kQuiet, p.interaction(c, d));
        }
        if (m_layout.white >= 0) {
            for (int k = 0; k < 3; ++k)
                hold(m_layout.white + k, kQuiet, p.white[k]);
            hold(m_layout.white + 3, kQuiet, p.whiteExponent - 1);
        }
        if (m_layout.shift >= 0)
            for (int i = 0; i < 9; ++i) {
                hold(m_layout.shift + i, kStill, p.shift(i % 3, i / 3));
                hold(m_layout.shift + 9 + i, kStill, p.skew(i % 3, i / 3));
            }
    }

    PanelPhysics moved(const PanelPhysics &p, const Eigen::VectorXd &step) const
    {
        PanelPhysics q = p;
        for (int c = 0; c < 3; ++c) {
            q.curves[c] += step.segment(c * m_layout.curve, m_layout.curve);
            q.primaries.col(c) += step.segment<3>(m_layout.primaries + 3 * c);
        }
        if (m_layout.black >= 0)
            q.black += step.segment<3>(m_layout.black);
        if (m_layout.interaction >= 0) {
            int at = m_layout.interaction;
            for (int c = 0; c < 3; ++c)
                for (int d = 0; d < 3; ++d)
                    if (c != d)
                        q.interaction(c, d) += step[at++];
        }
        if (m_layout.white >= 0) {
            q.white += step.segment<3>(m_layout.white);
            q.whiteExponent = std::clamp(q.whiteExponent + step[m_layout.white + 3], 0.4, 4.0);
        }
        if (m_layout.shift >= 0)
            for (int c = 0; c < 3; ++c) {
                q.shift.col(c) += step.segment<3>(m_layout.shift + 3 * c);
                q.skew.col(c) += step.segment<3>(m_layout.shift + 9 + 3 * c);
            }
        return q;
    }

    const std::vector<PanelObservation> &m_data;
    Layout m_layout;
    double m_bend;
};

/// Straight curves and the primaries that fit them best.
PanelPhysics straight(const std::vector<PanelObservation> &data, const PhysicsChoice &choice,
                      const std::string &source)
{
    PanelPhysics p;
    p.choice = choice;
    for (auto &curve : p.curves) {
        curve.resize(choice.intervals + 3);
        for (int j = 0; j < curve.size(); ++j)
            curve[j] = (j - 1.0) / choice.intervals;
    }
    const auto count = static_cast<Eigen::Index>(data.size());
    Eigen::MatrixXd a(count, 4);
    Eigen::MatrixXd b(count, 3);
    for (Eigen::Index row = 0; row < count; ++row) {
        const PanelObservation &o = data[static_cast<size_t>(row)];
        for (int c = 0; c < 3; ++c)
            a(row, c) = std::pow(o.drive[c], kCurvePower);
        a(row, 3) = 1;
        b.row(row) = vec(o.pcs).transpose();
    }
    const auto [x, rank] = leastSquares(a, b, 1e-6);
    p.primaries = x.topRows(3).transpose();
    if (choice.black)
        p.black = x.row(3).transpose();
    if (rank < 4 || std::abs(p.primaries.determinant()) < 1e-6)
        throw Error(ErrorKind::BadInput, source,
                    "the readings do not tell red, green and blue apart",
                    "The chart needs patches in which the three differ.");
    return p;
}

/// A fit of another choice as the place to begin.
PanelPhysics asChoice(PanelPhysics p, const PhysicsChoice &choice)
{
    p.choice = choice;
    if (!choice.black)
        p.black.setZero();
    if (!choice.interactions)
        p.interaction.setZero();
    if (!choice.whiteSubpixel) {
        p.white.setZero();
        p.whiteExponent = 1;
    }
    if (!choice.ownCurves) {
        p.shift.setZero();
        p.skew.setZero();
    }
    return p;
}

} // namespace

double PanelPhysics::light(int c, double drive) const
{
    return curvePoint(curves[static_cast<size_t>(c)], choice.intervals, drive).light;
}

RelXYZ PanelPhysics::mix(const Vec3 &light, Mat3 *jacobian) const
{
    const Vec3 dimming = interaction * light;
    Vec3 xyz = black + primaries * light.cwiseProduct(Vec3::Ones() - dimming);
    if (jacobian) {
        Mat3 driveByLight = -(light.asDiagonal() * interaction);
        driveByLight.diagonal() += Vec3::Ones() - dimming;
        *jacobian = primaries * driveByLight;
    }
    if (choice.whiteSubpixel) {
        const int least = leastOf(light);
        if (light[least] > 0) {
            const double w = std::pow(light[least], whiteExponent);
            xyz += w * white;
            if (jacobian)
                jacobian->col(least) += whiteExponent * w / light[least] * white;
        }
    }
    if (choice.ownCurves)
        for (int c = 0; c < 3; ++c) {
            const double t = light[c];
            const Vec3 direction = shift.col(c) + (1 - 2 * t) * skew.col(c);
            xyz += t * (1 - t) * direction;
            if (jacobian)
                jacobian->col(c) += (1 - 2 * t) * direction - 2 * t * (1 - t) * Vec3(skew.col(c));
        }
    return toRelXyz(xyz);
}

PanelPhysics fitPhysics(const std::vector<PanelObservation> &data, const PhysicsChoice &choice,
                        const PanelPhysics *start, const std::string &source)
{
    const bool usable = start && start->choice.intervals == choice.intervals;
    return Fit(data, choice)
        .run(usable ? asChoice(*start, choice) : straight(data, choice, source));
}

} // namespace lantern
