#include "core/model/grey_response.h"

#include "core/model/spline.h"
#include "core/signal/video_lut.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>

namespace lantern {

namespace {

constexpr double kRootPower = 2.2;
constexpr int kIntervals = 20;
constexpr int kMostIntervals = 80;
constexpr int kSamples = 4096;

double root(double light)
{
    return std::copysign(std::pow(std::abs(light), 1 / kRootPower), light);
}

/// Standard uncertainty of root(light).
double rootUncertainty(double light)
{
    constexpr double kRelative = 1.5e-3;
    constexpr double kFloor = 3e-6; // of full light
    const double l = std::max(light, 1e-6);
    return (kRelative * l + kFloor) / kRootPower * std::pow(l, 1 / kRootPower - 1);
}

} // namespace

namespace {

/// A penalised spline through roots of light, and how well it predicts each from the others.
struct RootSpline {
    int intervals;
    Eigen::VectorXd coefficients;
    double misfit = 0;  ///< weighted mean square, in units of the assumed uncertainty
    double leftOut = 0; ///< the same of each observation by the others (Wahba, Spline Models for
                        ///< Observational Data (1990), 4.2)

    [[nodiscard]] double at(double input) const
    {
        const SplineWindow w = splineWindow(input, intervals);
        double r = 0;
        for (int a = 0; a < 4; ++a)
            r += w.value[a] * coefficients[w.first + a];
        return r;
    }
};

/// Observation made ready: panel input, root of light, weight of the squared error.
struct Root {
    double input, value, weight;
    double share; ///< of the caller
};

/// \param bend usual second difference of coefficients 1/20 apart; the same bend of the curve costs
/// the same, however many intervals it is made of
RootSpline fitRoots(const std::vector<Root> &roots, int intervals, double bend)
{
    constexpr double kOrigin = 1e-5; // uncertainty of "no signal, no light"
    const int size = intervals + 3;
    Eigen::MatrixXd normal = Eigen::MatrixXd::Zero(size, size);
    Eigen::VectorXd right = Eigen::VectorXd::Zero(size);
    auto add = [&](double input, double value, double weight) {
        const SplineWindow w = splineWindow(input, intervals);
        for (int a = 0; a < 4; ++a) {
            right[w.first + a] += weight * w.value[a] * value;
            for (int b = 0; b < 4; ++b)
                normal(w.first + a, w.first + b) += weight * w.value[a] * w.value[b];
        }
    };
    for (const Root &r : roots)
        add(r.input, r.value, r.weight);
    add(0, 0, 1 / (kOrigin * kOrigin));
    const double strength = std::pow(intervals / 20.0, 3) / (bend * bend);
    const Eigen::Vector3d stencil(1, -2, 1);
    for (int j = 0; j + 2 < size; ++j)
        normal.block<3, 3>(j, j) += strength * stencil * stencil.transpose();
    const Eigen::LDLT<Eigen::MatrixXd> solver(normal);
    RootSpline s{intervals, solver.solve(right)};
    const Eigen::MatrixXd inverse = solver.solve(Eigen::MatrixXd::Identity(size, size));
    double shares = 0;
    for (const Root &r : roots) {
        const SplineWindow w = splineWindow(r.input, intervals);
        double own = 0; // what the observation says of itself
        for (int a = 0; a < 4; ++a)
            for (int b = 0; b < 4; ++b)
                own += w.value[a] * w.value[b] * inverse(w.first + a, w.first + b);
        own = std::min(own * r.weight, 0.99);
        const double miss = s.at(r.input) - r.value;
        s.misfit += r.weight * miss * miss;
        s.leftOut += r.weight * std::pow(miss / (1 - own), 2);
        shares += r.share;
    }
    if (shares > 0) {
        s.misfit /= shares;
        s.leftOut /= shares;
    }
    return s;
}

} // namespace

GreyResponse::GreyResponse(const std::vector<Observation> &observations, PanelSteps steps)
    : m_steps(steps)
{
    std::vector<Root> roots;
    for (const Observation &o : observations) {
        const double u = rootUncertainty(o.light);
        roots.push_back({panelInput(o.signal), root(o.light), o.weight / (u * u), o.weight});
    }
    // Displays are smooth, as a rule: readings of those of the bench are predicted by their
    // neighbours to a mean square of 5 to 200 uncertainties, those of tones with steps or kinks to
    // 300 and far more. Only there the readings choose what bends.
    constexpr double kUsualBend = 2e-3;
    constexpr double kNotSmooth = 300;
    constexpr double kClearly = 0.7; // of the mean square
    RootSpline best = fitRoots(roots, kIntervals, kUsualBend);
    m_smooth = best.leftOut < kNotSmooth;
    for (const double bend : {8e-3, 3.2e-2, 1.3e-1}) {
        if (m_smooth)
            break;
        const int intervals =
            std::clamp(static_cast<int>(roots.size()), kIntervals, kMostIntervals);
        RootSpline next = fitRoots(roots, intervals, bend);
        if (next.leftOut < kClearly * best.leftOut)
            best = std::move(next);
    }
    m_misfit = best.misfit;
    double highest = 0;
    m_light.reserve(kSamples);
    for (int i = 0; i < kSamples; ++i) {
        highest = std::max(highest, best.at(i / (kSamples - 1.0)));
        m_light.push_back(std::pow(highest, kRootPower));
    }
}

double GreyResponse::panelInput(double signal) const
{
    return m_steps.bits > 0 ? quantise(signal * m_steps.scale, m_steps.bits)
                            : std::clamp(signal, 0.0, 1.0);
}

double GreyResponse::light(double signal) const
{
    const double position = panelInput(signal) * (kSamples - 1);
    const int i = std::min(static_cast<int>(position), kSamples - 2);
    const double f = position - i;
    return m_light[i] * (1 - f) + m_light[i + 1] * f;
}

std::vector<GreyResponse::Level> GreyResponse::levels(std::optional<int> linkBits) const
{
    constexpr int kFinest = 12;
    const int count = 1 << std::min(linkBits.value_or(kFinest), kFinest);
    std::vector<Level> out;
    for (int first = 0; first < count;) {
        const double light = this->light(first / (count - 1.0));
        int last = first;
        while (last + 1 < count && this->light((last + 1) / (count - 1.0)) <= light)
            ++last;
        const int middle = first == 0 ? 0 : last == count - 1 ? last : (first + last) / 2;
        out.push_back({middle / (count - 1.0), light});
        first = last + 1;
    }
    return out;
}

} // namespace lantern
