#include "core/display_model.h"

#include "core/difference.h"
#include "core/error.h"

#include <Eigen/Cholesky>
#include <Eigen/LU>
#include <Eigen/QR>
#include <algorithm>
#include <cmath>

namespace lantern {

namespace {

/// Channel curves are splines of light^(1/kCurvePower), which is nearly straight for real displays.
constexpr double kCurvePower = 2.2;

/// A reading made ready for fitting.
struct Observation {
    Vec3 drive; ///< 0..1
    RelXYZ pcs;
    Lab lab;
    double weight; ///< of the Lab residual: 1 over the tolerance that ΔE00 gives at this chroma,
                   ///< less for uncertain readings
};

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

std::vector<Observation> prepare(const std::vector<Reading> &readings, const XYZ &white,
                                 const DisplayModel::Options &options)
{
    constexpr double kModelError = 0.1; ///< ΔE*ab that the model itself may be wrong by
    const Mat3 chad = bradford(relativeTo(white, white), kD50);
    std::vector<Observation> out;
    out.reserve(readings.size());
    for (size_t i = 0; i < readings.size(); ++i) {
        const Reading &r = readings[i];
        Observation o;
        o.drive = options.stage.drive(r.rgb);
        o.pcs = toRelXyz(chad * vec(relativeTo(r.xyz, white)));
        o.lab = labFromXyz(o.pcs, kD50);
        o.weight = 1 / (1 + 0.03 * chroma(o.lab));
        if (i < options.uncertainty.size())
            o.weight /= std::hypot(1, options.uncertainty[i] / kModelError);
        out.push_back(o);
    }
    return out;
}

/// At most `limit` observations, evenly picked, but every neutral and every primary ramp kept: the
/// first layer has few unknowns and needs no more.
std::vector<Observation> thinned(const std::vector<Observation> &all, size_t limit)
{
    if (all.size() <= limit)
        return all;
    std::vector<Observation> out;
    const double step = static_cast<double>(all.size()) / static_cast<double>(limit);
    double next = 0;
    for (size_t i = 0; i < all.size(); ++i) {
        const Vec3 &c = all[i].drive;
        const bool onAxis = (c[0] == c[1] && c[1] == c[2]) || (c.array() == 0).count() >= 2;
        if (static_cast<double>(i) >= next || onAxis)
            out.push_back(all[i]);
        if (static_cast<double>(i) >= next)
            next += step;
    }
    return out;
}

void checkUsable(const std::vector<Reading> &readings, const std::string &source)
{
    if (readings.size() < 9)
        throw Error(ErrorKind::BadInput, source,
                    std::to_string(readings.size()) + " readings are too few for a profile",
                    "Measure a chart of at least 24 patches.");
    for (const Reading &r : readings)
        if (!isFinite(r.xyz) || !vec(r.rgb).allFinite())
            throw Error(ErrorKind::BadInput, source, "a reading is not a finite number");
    (void)blackOf(readings, source);
    const auto greys = std::count_if(readings.begin(), readings.end(), [](const Reading &r) {
        return isNeutral(r.rgb) && r.rgb.r > 0 && r.rgb.r < 255;
    });
    if (greys == 0)
        throw Error(ErrorKind::BadInput, source,
                    "the chart has no neutrals (R = G = B) between black and white",
                    "Measure a chart with some greys: tone and grey balance hang on them.");
}

} // namespace

double lightnessOf(double light)
{
    constexpr double kToe = 216.0 / 24389;
    return light <= kToe ? light * 24389 / 2700 : 1.16 * std::cbrt(light) - 0.16;
}

double lightOf(double lightness, double *slope)
{
    if (lightness <= 0.08) {
        if (slope)
            *slope = 2700.0 / 24389;
        return lightness * 2700 / 24389;
    }
    const double f = (lightness + 0.16) / 1.16;
    if (slope)
        *slope = 3 * f * f / 1.16;
    return f * f * f;
}

/// Levenberg-Marquardt fit of the first layer. Source of the method: Nocedal, Wright, Numerical
/// Optimization (2006), 10.3.
class DisplayModel::PhysicsFit {
public:
    PhysicsFit(const std::vector<Observation> &data, bool full, int intervals)
        : m_data(data),
          m_full(full),
          m_curveSize(intervals + 3),
          m_size(3 * m_curveSize + 9 + (full ? 9 : 0))
    {
        m_start.intervals = intervals;
    }

    Physics run(const std::string &source)
    {
        start(source);
        Physics best = m_start;
        double cost = evaluateCost(best);
        double damping = 1e-3;
        for (int i = 0; i < kMaxIterations; ++i) {
            Eigen::MatrixXd normal = Eigen::MatrixXd::Zero(m_size, m_size);
            Eigen::VectorXd gradient = Eigen::VectorXd::Zero(m_size);
            accumulate(best, normal, gradient);
            bool improved = false;
            for (int attempt = 0; attempt < 8 && !improved; ++attempt) {
                Eigen::MatrixXd damped = normal;
                damped.diagonal() += damping * (normal.diagonal().array() + 1e-9).matrix();
                const Physics next = moved(best, damped.ldlt().solve(gradient));
                const double nextCost = evaluateCost(next);
                if (nextCost < cost) {
                    improved = true;
                    damping = std::max(damping / 5, 1e-9);
                    const double gain = (cost - nextCost) / cost;
                    best = next;
                    cost = nextCost;
                    if (gain < 1e-6)
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
    static constexpr int kMaxIterations = 40;
    static constexpr double kSmooth = 20;  ///< on second differences of the curves
    static constexpr double kAnchor = 300; ///< holds the curves' ends at 0 and 1 by definition
    static constexpr double kQuiet = 3;    ///< holds interactions near 0 where nothing shows them

    /// Straight curves and the primaries that fit them best.
    void start(const std::string &source)
    {
        for (auto &curve : m_start.curves) {
            curve.resize(m_curveSize);
            for (int j = 0; j < m_curveSize; ++j)
                curve[j] = (j - 1.0) / m_start.intervals;
        }
        Eigen::MatrixXd a(m_data.size(), 4);
        Eigen::MatrixXd b(m_data.size(), 3);
        for (size_t i = 0; i < m_data.size(); ++i) {
            const auto row = static_cast<Eigen::Index>(i);
            for (int c = 0; c < 3; ++c)
                a(row, c) = std::pow(m_data[i].drive[c], kCurvePower);
            a(row, 3) = 1;
            b.row(row) = vec(m_data[i].pcs).transpose();
        }
        Eigen::ColPivHouseholderQR<Eigen::MatrixXd> qr(a);
        qr.setThreshold(1e-6);
        const Eigen::MatrixXd x = qr.solve(b);
        m_start.primaries = x.topRows(3).transpose();
        if (m_full)
            m_start.black = x.row(3).transpose();
        if (qr.rank() < 4 || std::abs(m_start.primaries.determinant()) < 1e-6)
            throw Error(ErrorKind::BadInput, source,
                        "the readings do not tell red, green and blue apart",
                        "The chart needs patches in which the three differ.");
    }

    double evaluateCost(const Physics &p) const
    {
        double cost = 0;
        for (const Observation &o : m_data) {
            const Vec3 light(p.light(0, o.drive[0]), p.light(1, o.drive[1]),
                             p.light(2, o.drive[2]));
            const Vec3 r = vec(labFromXyz(p.mix(light, nullptr), kD50)) - vec(o.lab);
            cost += o.weight * o.weight * r.squaredNorm();
        }
        for (const auto &curve : p.curves) {
            for (int j = 0; j + 2 < m_curveSize; ++j)
                cost += square(kSmooth * secondDifference(curve, j));
            for (const double end : {0.0, 1.0})
                cost += square(kAnchor * (curvePoint(curve, p.intervals, end).root - end));
        }
        return cost + square(kQuiet) * p.interaction.squaredNorm();
    }

    static double square(double v) { return v * v; }

    static double secondDifference(const Eigen::VectorXd &c, int j)
    {
        return c[j] - 2 * c[j + 1] + c[j + 2];
    }

    void accumulate(const Physics &p, Eigen::MatrixXd &normal, Eigen::VectorXd &gradient) const
    {
        Eigen::Matrix<double, 3, Eigen::Dynamic> jacobian(3, m_size);
        const int primaryAt = 3 * m_curveSize;
        const int blackAt = primaryAt + 9;
        const int interactionAt = blackAt + 3;
        for (const Observation &o : m_data) {
            std::array<CurvePoint, 3> curve;
            Vec3 t;
            for (int c = 0; c < 3; ++c) {
                curve[c] = curvePoint(p.curves[c], p.intervals, o.drive[c]);
                t[c] = curve[c].light;
            }
            const Vec3 dimming = p.interaction * t;
            const Vec3 drive = t.cwiseProduct(Vec3::Ones() - dimming);
            const RelXYZ xyz = toRelXyz(p.black + p.primaries * drive);
            Mat3 labByXyz;
            const Lab shown = labFromXyz(xyz, kD50, labByXyz);
            labByXyz *= o.weight;
            const Mat3 labByDrive = labByXyz * p.primaries;

            jacobian.setZero();
            for (int c = 0; c < 3; ++c) {
                Vec3 driveByLight = -t.cwiseProduct(p.interaction.col(c));
                driveByLight[c] += 1 - dimming[c];
                const Vec3 labByRoot = labByDrive * driveByLight * curve[c].lightByRoot;
                for (int j = 0; j < 4; ++j)
                    jacobian.col(c * m_curveSize + curve[c].window.first + j) =
                        curve[c].window.value[j] * labByRoot;
                jacobian.middleCols<3>(primaryAt + 3 * c) = drive[c] * labByXyz;
            }
            if (m_full) {
                jacobian.middleCols<3>(blackAt) = labByXyz;
                int k = interactionAt;
                for (int c = 0; c < 3; ++c)
                    for (int d = 0; d < 3; ++d)
                        if (c != d)
                            jacobian.col(k++) = -t[c] * t[d] * labByDrive.col(c);
            }
            const Vec3 residual = o.weight * (vec(o.lab) - vec(shown));
            normal.noalias() += jacobian.transpose() * jacobian;
            gradient.noalias() += jacobian.transpose() * residual;
        }
        addPenalties(p, normal, gradient);
    }

    void addPenalties(const Physics &p, Eigen::MatrixXd &normal, Eigen::VectorXd &gradient) const
    {
        constexpr std::array<double, 3> stencil = {1, -2, 1};
        for (int c = 0; c < 3; ++c) {
            const int at = c * m_curveSize;
            for (int j = 0; j + 2 < m_curveSize; ++j) {
                const double second = secondDifference(p.curves[c], j);
                for (int a = 0; a < 3; ++a) {
                    gradient[at + j + a] -= square(kSmooth) * stencil[a] * second;
                    for (int b = 0; b < 3; ++b)
                        normal(at + j + a, at + j + b) += square(kSmooth) * stencil[a] * stencil[b];
                }
            }
            for (const double x : {0.0, 1.0}) {
                const CurvePoint end = curvePoint(p.curves[c], p.intervals, x);
                for (int a = 0; a < 4; ++a) {
                    const int ia = at + end.window.first + a;
                    gradient[ia] -= square(kAnchor) * end.window.value[a] * (end.root - x);
                    for (int b = 0; b < 4; ++b)
                        normal(ia, at + end.window.first + b) +=
                            square(kAnchor) * end.window.value[a] * end.window.value[b];
                }
            }
        }
        if (!m_full)
            return;
        int k = 3 * m_curveSize + 12;
        for (int c = 0; c < 3; ++c)
            for (int d = 0; d < 3; ++d)
                if (c != d) {
                    normal(k, k) += square(kQuiet);
                    gradient[k++] -= square(kQuiet) * p.interaction(c, d);
                }
    }

    Physics moved(const Physics &p, const Eigen::VectorXd &step) const
    {
        Physics q = p;
        for (int c = 0; c < 3; ++c) {
            q.curves[c] += step.segment(c * m_curveSize, m_curveSize);
            q.primaries.col(c) += step.segment<3>(3 * m_curveSize + 3 * c);
        }
        if (m_full) {
            q.black += step.segment<3>(3 * m_curveSize + 9);
            int k = 3 * m_curveSize + 12;
            for (int c = 0; c < 3; ++c)
                for (int d = 0; d < 3; ++d)
                    if (c != d)
                        q.interaction(c, d) += step[k++];
        }
        return q;
    }

    const std::vector<Observation> &m_data;
    bool m_full;
    int m_curveSize;
    int m_size;
    Physics m_start;
};

double DisplayModel::Physics::light(int c, double drive) const
{
    return curvePoint(curves[c], intervals, drive).light;
}

RelXYZ DisplayModel::Physics::mix(const Vec3 &light, Mat3 *jacobian) const
{
    const Vec3 dimming = interaction * light;
    if (jacobian) {
        Mat3 driveByLight = -(light.asDiagonal() * interaction);
        driveByLight.diagonal() += Vec3::Ones() - dimming;
        *jacobian = primaries * driveByLight;
    }
    return toRelXyz(black + primaries * light.cwiseProduct(Vec3::Ones() - dimming));
}

DisplayModel DisplayModel::fit(const std::vector<Reading> &readings, const Options &options,
                               const std::string &source)
{
    checkUsable(readings, source);
    DisplayModel model;
    model.m_stage = options.stage;
    model.m_white = whiteOf(readings, source);
    model.m_black = blackOf(readings, source);
    const std::vector<Observation> data = prepare(readings, model.m_white, options);

    const size_t count = data.size();
    const size_t size = options.sizedFor > 0 ? options.sizedFor : count;
    const int curveIntervals = size < 36 ? 6 : size < 120 ? 10 : size < 1000 ? 16 : 24;
    const std::vector<Observation> some = thinned(data, 1200);
    model.m_physics = PhysicsFit(some, options.full, curveIntervals).run(source);
    model.tabulateLightness();

    constexpr size_t kFewestForRest = 60;
    if (options.full && size >= kFewestForRest) {
        std::vector<SmoothField::Sample> rest;
        rest.reserve(count);
        for (size_t i = 0; i < count; ++i) {
            const Vec3 at = model.lightness(readings[i].rgb);
            const Vec3 found = vec(data[i].lab) - vec(model.labAt(at));
            rest.push_back({at, found, data[i].weight});
        }
        const int intervals = size < 150 ? 2 : size < 500 ? 3 : size < 2500 ? 4 : 6;
        model.m_rest = SmoothField::fit(rest, intervals);
    }
    double sum = 0;
    for (size_t i = 0; i < count; ++i)
        sum += deltaE2000(data[i].lab, model.lab(readings[i].rgb));
    model.m_meanResidual = sum / static_cast<double>(count);
    return model;
}

void DisplayModel::tabulateLightness()
{
    for (int c = 0; c < 3; ++c) {
        double highest = 0;
        const double full = m_physics.light(c, 1); // 1 but for what the fit left over
        m_physics.primaries.col(c) *= full;
        m_physics.interaction.col(c) *= full;
        for (int i = 0; i < DriveStage::kLevels; ++i) {
            const double light = m_physics.light(c, m_stage.levels(c)[i]) / full;
            highest = std::clamp(lightnessOf(light), highest, 1.0);
            m_lightness[c][i] = highest;
        }
    }
}

double DisplayModel::lightness(int c, double code) const
{
    const double position = std::clamp(code, 0.0, 255.0);
    const int i = std::min(static_cast<int>(position), DriveStage::kLevels - 2);
    const double f = position - i;
    return m_lightness[c][i] * (1 - f) + m_lightness[c][i + 1] * f;
}

Vec3 DisplayModel::lightness(const DeviceRgb &rgb) const
{
    return {lightness(0, rgb.r), lightness(1, rgb.g), lightness(2, rgb.b)};
}

double DisplayModel::codeFor(int c, double wanted) const
{
    const auto &table = m_lightness[c];
    constexpr double kSame = 1e-9;
    const auto above = std::upper_bound(table.begin(), table.end(), wanted + kSame);
    const auto from = std::lower_bound(table.begin(), above, wanted - kSame);
    if (from != above) // one code or several give just this
        return (static_cast<double>(from - table.begin()) +
                static_cast<double>(above - table.begin() - 1)) /
               2;
    if (above == table.begin())
        return 0;
    if (above == table.end())
        return DriveStage::kLevels - 1;
    // between the middles of the two runs of codes around
    const auto up = static_cast<double>(above - table.begin());
    const auto upEnd = std::upper_bound(above, table.end(), *above + kSame);
    const auto downStart = std::lower_bound(table.begin(), above, *(above - 1) - kSame);
    const double high = (up + static_cast<double>(upEnd - table.begin() - 1)) / 2;
    const double low = (static_cast<double>(downStart - table.begin()) + up - 1) / 2;
    const double f = (wanted - *(above - 1)) / (*above - *(above - 1));
    return low + f * (high - low);
}

Lab DisplayModel::labAt(const Vec3 &at, Mat3 *jacobian) const
{
    Vec3 light;
    Vec3 slope;
    for (int c = 0; c < 3; ++c)
        light[c] = lightOf(at[c], &slope[c]);
    if (!jacobian)
        return toLabType(vec(labFromXyz(m_physics.mix(light, nullptr), kD50)) +
                         m_rest.evaluate(at));
    Mat3 xyzByLight;
    Mat3 labByXyz;
    Mat3 restByAt;
    const Lab physics = labFromXyz(m_physics.mix(light, &xyzByLight), kD50, labByXyz);
    const Vec3 rest = m_rest.evaluate(at, &restByAt);
    *jacobian = labByXyz * xyzByLight * slope.asDiagonal() + restByAt;
    return toLabType(vec(physics) + rest);
}

double DisplayModel::channelLight(int c, double code) const
{
    return lightOf(lightness(c, code));
}

} // namespace lantern
