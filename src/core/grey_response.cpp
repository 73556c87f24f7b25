#include "core/grey_response.h"

#include "core/spline.h"
#include "core/video_lut.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>

namespace lantern {

namespace {

constexpr double kRootPower = 2.2;
constexpr int kIntervals = 20;
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

GreyResponse::GreyResponse(const std::vector<Observation> &observations, PanelSteps steps)
    : m_steps(steps)
{
    constexpr int size = kIntervals + 3;
    constexpr double kBend = 2e-3;   // usual second difference of the coefficients
    constexpr double kOrigin = 1e-5; // uncertainty of "no signal, no light"
    Eigen::MatrixXd normal = Eigen::MatrixXd::Zero(size, size);
    Eigen::VectorXd right = Eigen::VectorXd::Zero(size);
    auto add = [&](double input, double value, double weight) {
        const SplineWindow w = splineWindow(input, kIntervals);
        for (int a = 0; a < 4; ++a) {
            right[w.first + a] += weight * w.value[a] * value;
            for (int b = 0; b < 4; ++b)
                normal(w.first + a, w.first + b) += weight * w.value[a] * w.value[b];
        }
    };
    auto weightOf = [](const Observation &o) {
        const double u = rootUncertainty(o.light);
        return o.weight / (u * u);
    };
    for (const Observation &o : observations)
        add(panelInput(o.signal), root(o.light), weightOf(o));
    add(0, 0, 1 / (kOrigin * kOrigin));
    const double bend = 1 / (kBend * kBend);
    const Eigen::Vector3d stencil(1, -2, 1);
    for (int j = 0; j + 2 < size; ++j)
        normal.block<3, 3>(j, j) += bend * stencil * stencil.transpose();
    const Eigen::VectorXd c = normal.ldlt().solve(right);

    auto rootAt = [&](double input) {
        const SplineWindow w = splineWindow(input, kIntervals);
        double r = 0;
        for (int a = 0; a < 4; ++a)
            r += w.value[a] * c[w.first + a];
        return r;
    };
    double squares = 0;
    double weights = 0;
    for (const Observation &o : observations) {
        const double miss = rootAt(panelInput(o.signal)) - root(o.light);
        squares += weightOf(o) * miss * miss;
        weights += o.weight;
    }
    m_misfit = weights > 0 ? squares / weights : 0;
    double highest = 0;
    m_light.reserve(kSamples);
    for (int i = 0; i < kSamples; ++i) {
        highest = std::max(highest, rootAt(i / (kSamples - 1.0)));
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
