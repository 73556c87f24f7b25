#include "core/model/residual_field.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <array>
#include <cmath>
#include <numeric>
#include <thread>

namespace lantern {

namespace {

using Matrix = Eigen::MatrixXd;
using Columns = Eigen::Matrix<double, Eigen::Dynamic, 3>;

/// Boxes are divided until they hold no more samples than this, their overlap not counted.
constexpr size_t kBoxSamples = 120;
constexpr size_t kAllAtOnce = 500;    ///< up to here one process holds all
constexpr double kOverlap = 0.25;     ///< of a box's width, on each side
constexpr size_t kRoughSamples = 120; ///< that decide the scales at first
constexpr size_t kScaleSamples = 240; ///< and when that is refined

/// The six coordinates, and how far a colour is into the hue sectors.
struct Place {
    Vec3 channels;
    Vec3 order;      ///< largest, middle, least
    int most, least; ///< channels
};

Place place(const Vec3 &at)
{
    Place p{at, at, 0, 0};
    for (int c = 1; c < 3; ++c) {
        if (at[c] > at[p.most])
            p.most = c;
        if (at[c] < at[p.least])
            p.least = c;
    }
    p.order = {at[p.most], at.sum() - at[p.most] - at[p.least], at[p.least]};
    return p;
}

/// Matérn 5/2 of a squared distance in units of its length.
double matern(double squared)
{
    const double d = std::sqrt(5 * squared);
    return (1 + d + d * d / 3) * std::exp(-d);
}

/// Correlation of two places.
class Kernel {
public:
    static constexpr double kAlong = 1 / (0.12 * 0.12); ///< of the neutral axis, in lightness
    static constexpr double kAcross = 1 / (0.06 * 0.06);
    static constexpr double kNowhere = 40; ///< exponent from which on nothing is left

    explicit Kernel(const FieldScales &s)
        : m_channel(1 / (s.channel * s.channel)),
          m_order(1 / (s.order * s.order)),
          m_plain((1 - s.sectors) * (1 - s.grey)),
          m_sectors(s.sectors * (1 - s.grey)),
          m_grey(s.grey)
    {}
    double operator()(const Place &a, const Place &b) const
    {
        const double out = (m_plain + m_sectors * sectors(a, b)) *
                           matern(m_channel * (a.channels - b.channels).squaredNorm() +
                                  m_order * (a.order - b.order).squaredNorm());
        return m_grey > 0 ? out + m_grey * grey(a, b) : out;
    }
    /// How far both are into the same hue sectors, squared.
    static double sectors(const Place &a, const Place &b)
    {
        double out = 0;
        if (a.most == b.most)
            out += (a.order[0] - a.order[1]) * (b.order[0] - b.order[1]);
        if (a.least == b.least)
            out += (a.order[1] - a.order[2]) * (b.order[1] - b.order[2]);
        return 4 * out;
    }
    /// How much both belong to the neutral axis, and how near they are on it.
    static double grey(const Place &a, const Place &b)
    {
        const double along = a.channels.mean() - b.channels.mean();
        const double ca = a.order[0] - a.order[2];
        const double cb = b.order[0] - b.order[2];
        const double across = kAcross * (ca * ca + cb * cb);
        return across > kNowhere ? 0 : std::exp(-across) * matern(kAlong * along * along);
    }

private:
    double m_channel, m_order, m_plain, m_sectors, m_grey;
};

std::vector<Place> placesOf(const std::vector<Leftover> &samples)
{
    std::vector<Place> out;
    out.reserve(samples.size());
    for (const Leftover &s : samples)
        out.push_back(place(s.at));
    return out;
}

Matrix correlations(const std::vector<Place> &places, const Kernel &kernel)
{
    const auto n = static_cast<Eigen::Index>(places.size());
    Matrix k(n, n);
    for (Eigen::Index i = 0; i < n; ++i)
        for (Eigen::Index j = 0; j <= i; ++j)
            k(i, j) = kernel(places[static_cast<size_t>(i)], places[static_cast<size_t>(j)]);
    return k;
}

/// Noise variance of a sample over that of the field, and a floor that keeps the equations solvable
/// where patches were read twice without noise.
double noiseRatio(const Leftover &s, const FieldScales &scales)
{
    constexpr double kFloor = 1e-6;
    return scales.noise * scales.noise * s.noise * s.noise + kFloor;
}

Columns valuesOf(const std::vector<Leftover> &samples)
{
    Columns v(static_cast<Eigen::Index>(samples.size()), 3);
    for (size_t i = 0; i < samples.size(); ++i)
        v.row(static_cast<Eigen::Index>(i)) = samples[i].value.transpose();
    return v;
}

/// Differences in f(X), f(Y), f(Z) of differences in L*, a*, b*.
Columns rootsOf(const Columns &lab)
{
    Columns f(lab.rows(), 3);
    f.col(1) = lab.col(0) / 116;
    f.col(0) = f.col(1) + lab.col(1) / 500;
    f.col(2) = f.col(1) - lab.col(2) / 200;
    return f;
}

/// How likely samples are under scales. Distances are found once; trying scales is then arithmetic
/// on long arrays.
class Likelihood {
public:
    Likelihood(const std::vector<Leftover> &samples, bool noiseKnown)
        : m_samples(samples),
          m_values(rootsOf(valuesOf(samples))),
          m_noiseWidth(noiseKnown ? 0.5 : 1.0)
    {
        const std::vector<Place> places = placesOf(samples);
        const auto n = static_cast<Eigen::Index>(samples.size());
        for (Eigen::ArrayXd *a : {&m_channel, &m_order, &m_sectors, &m_grey})
            a->resize(n * (n + 1) / 2);
        Eigen::Index at = 0;
        for (Eigen::Index j = 0; j < n; ++j)
            for (Eigen::Index i = j; i < n; ++i, ++at) {
                const Place &a = places[static_cast<size_t>(i)];
                const Place &b = places[static_cast<size_t>(j)];
                m_channel[at] = (a.channels - b.channels).squaredNorm();
                m_order[at] = (a.order - b.order).squaredNorm();
                m_sectors[at] = Kernel::sectors(a, b);
                m_grey[at] = Kernel::grey(a, b);
            }
    }

    /// Log likelihood with the field's variance, one for each of f(X), f(Y), f(Z), at its best
    /// value, and mild expectations, so that few samples do not lead to wild lengths.
    double operator()(const FieldScales &scales) const
    {
        const Eigen::ArrayXd d = (5 / (scales.channel * scales.channel) * m_channel +
                                  5 / (scales.order * scales.order) * m_order)
                                     .sqrt();
        const Eigen::ArrayXd packed = (1 - scales.grey) *
                                          (1 - scales.sectors + scales.sectors * m_sectors) *
                                          (1 + d + d.square() / 3) * (-d).exp() +
                                      scales.grey * m_grey;
        const auto n = static_cast<Eigen::Index>(m_samples.size());
        Matrix k(n, n);
        for (Eigen::Index j = 0, at = 0; j < n; at += n - j, ++j) {
            k.col(j).tail(n - j) = packed.segment(at, n - j);
            k(j, j) += noiseRatio(m_samples[static_cast<size_t>(j)], scales);
        }
        const Eigen::LLT<Eigen::Ref<Matrix>> factor(k);
        if (factor.info() != Eigen::Success)
            return -INFINITY;
        const Columns white = factor.matrixL().solve(m_values);
        const auto count = static_cast<double>(n);
        double out = -3 * factor.matrixLLT().diagonal().array().log().sum();
        double size = 0;
        for (int c = 0; c < 3; ++c) {
            const double variance = white.col(c).squaredNorm() / count + 1e-14;
            out -= count / 2 * std::log(variance);
            size += variance / 3;
        }
        auto expected = [](double value, double usual, double width) {
            const double z = std::log(value / usual) / width;
            return -z * z / 2;
        };
        // the noise that this comes to, over the one expected
        out += expected(scales.noise * std::sqrt(size), 1, m_noiseWidth);
        return out + expected(scales.channel, 0.7, 0.7) + expected(scales.order, 1.5, 1.2);
    }

    /// Typical size of the values over the typical noise.
    [[nodiscard]] double roughNoise() const
    {
        double noise = 0;
        for (const Leftover &s : m_samples)
            noise += s.noise / static_cast<double>(m_samples.size());
        const double size =
            std::sqrt(m_values.squaredNorm() / static_cast<double>(m_values.size()));
        return 1 / std::max(size, noise);
    }

private:
    const std::vector<Leftover> &m_samples;
    Columns m_values;
    double m_noiseWidth;
    Eigen::ArrayXd m_channel, m_order; ///< squared distances of each pair, column by column
    Eigen::ArrayXd m_sectors, m_grey;
};

} // namespace

FieldScales ResidualField::chooseScales(const std::vector<Leftover> &all, bool noiseKnown,
                                        const FieldScales *start)
{
    const size_t most = start ? kScaleSamples : kRoughSamples;
    std::vector<Leftover> samples;
    if (all.size() <= most)
        samples = all;
    else
        for (size_t i = 0; i < most; ++i)
            samples.push_back(all[i * all.size() / most]);
    const Likelihood likelihood(samples, noiseKnown);

    // Coordinate search on the logarithms with steps that shrink.
    FieldScales best;
    best.noise = likelihood.roughNoise();
    if (start)
        best = *start;
    double highest = likelihood(best);
    auto tryOut = [&](const FieldScales &next) {
        constexpr double kWorthwhile = 0.03;
        const double value = likelihood(next);
        if (!(value > highest + kWorthwhile))
            return false;
        highest = value;
        best = next;
        return true;
    };
    // What changes within less than the samples' distance from each other cannot be told from
    // noise.
    const double shortest = 1.5 / std::cbrt(static_cast<double>(all.size()));
    struct Dimension {
        double FieldScales::*value;
        double low, high;
    };
    const std::array dimensions = {
        Dimension{&FieldScales::noise, best.noise / 1e3, best.noise * 1e4},
        Dimension{&FieldScales::channel, shortest, 6},
        Dimension{&FieldScales::order, shortest, 30},
    };
    for (const double factor : {4.0, 2.0, 1.4}) {
        if (start && factor > 2)
            continue;
        for (int round = 0; round < 2; ++round) {
            bool moved = false;
            for (const Dimension &d : dimensions)
                for (const double step : {factor, 1 / factor})
                    for (int again = 0; again < 3; ++again) {
                        FieldScales next = best;
                        next.*d.value = std::clamp(next.*d.value * step, d.low, d.high);
                        if (next.*d.value == best.*d.value || !tryOut(next))
                            break;
                        moved = true;
                    }
            if (!moved)
                break;
        }
        for (const double share : {0.0, 0.5, 0.8, 0.95}) {
            FieldScales next = best;
            next.sectors = share;
            tryOut(next);
        }
        for (const double share : {0.0, 0.03, 0.1, 0.3}) {
            FieldScales next = best;
            next.grey = share;
            tryOut(next);
        }
    }
    return best;
}

/// One process and the part of the cube it answers for.
struct ResidualField::Box {
    Vec3 low, high; ///< its own part
    Vec3 reach;     ///< how far it counts beyond
    Columns weights;
    // Its samples, a row each, laid out for arithmetic on whole columns.
    Columns channels, order;
    Columns most, least; ///< how far into the sector of each channel, see Kernel::sectors
    Eigen::VectorXd spread, mean;

    void keep(const std::vector<Place> &places)
    {
        const auto n = static_cast<Eigen::Index>(places.size());
        for (Columns *c : {&channels, &order, &most, &least})
            c->setZero(n, 3);
        spread.resize(n);
        mean.resize(n);
        for (Eigen::Index i = 0; i < n; ++i) {
            const Place &p = places[static_cast<size_t>(i)];
            channels.row(i) = p.channels.transpose();
            order.row(i) = p.order.transpose();
            most(i, p.most) = p.order[0] - p.order[1];
            least(i, p.least) = p.order[1] - p.order[2];
            spread[i] = p.order[0] - p.order[2];
            mean[i] = p.channels.mean();
        }
    }

    /// As Kernel, with all samples at once.
    [[nodiscard]] Vec3 value(const Place &here, const FieldScales &s) const
    {
        using Array = Eigen::ArrayXd;
        auto squared = [](const Columns &rows, const Vec3 &at) {
            return ((rows.col(0).array() - at[0]).square() +
                    (rows.col(1).array() - at[1]).square() +
                    (rows.col(2).array() - at[2]).square());
        };
        const Array d = (5 / (s.channel * s.channel) * squared(channels, here.channels) +
                         5 / (s.order * s.order) * squared(order, here.order))
                            .sqrt();
        const Array sectors = 4 * ((here.order[0] - here.order[1]) * most.col(here.most).array() +
                                   (here.order[1] - here.order[2]) * least.col(here.least).array());
        Array k = (1 - s.grey) * (1 - s.sectors + s.sectors * sectors) * (1 + d + d.square() / 3) *
                  (-d).exp();
        const double chroma = here.order[0] - here.order[2];
        if (s.grey > 0 && Kernel::kAcross * chroma * chroma < Kernel::kNowhere) {
            const Array along =
                (5 * Kernel::kAlong * (mean.array() - here.channels.mean()).square()).sqrt();
            k += s.grey * (-Kernel::kAcross * (spread.array().square() + chroma * chroma)).exp() *
                 (1 + along + along.square() / 3) * (-along).exp();
        }
        return weights.transpose() * k.matrix();
    }

    /// 1 inside, falling smoothly to 0 at the end of the reach.
    [[nodiscard]] double share(const Vec3 &at) const
    {
        double out = 1;
        for (int c = 0; c < 3; ++c) {
            const double beyond = std::max(low[c] - at[c], at[c] - high[c]);
            // half way at the box's own wall, so neighbours add up evenly
            const double t = std::clamp((beyond + reach[c]) / (2 * reach[c]), 0.0, 1.0);
            out *= 1 - t * t * (3 - 2 * t);
        }
        return out;
    }
};

ResidualField::ResidualField(const std::vector<Leftover> &samples, const FieldScales &scales)
    : m_scales(scales)
{
    struct Part {
        Vec3 low, high;
        std::vector<size_t> inside;
    };
    std::vector<Part> parts(1);
    parts[0] = {Vec3::Zero(), Vec3::Ones(), std::vector<size_t>(samples.size())};
    std::iota(parts[0].inside.begin(), parts[0].inside.end(), size_t{0});
    // Halve along the longest side at the median until all are small.
    for (size_t i = 0; samples.size() > kAllAtOnce && i < parts.size();) {
        Part &part = parts[i];
        int axis = 0;
        (part.high - part.low).maxCoeff(&axis);
        auto coordinate = [&](size_t k) { return samples[k].at[axis]; };
        auto &list = part.inside;
        if (list.size() <= kBoxSamples || part.high[axis] - part.low[axis] < 0.1) {
            ++i;
            continue;
        }
        const auto middle = list.begin() + static_cast<std::ptrdiff_t>(list.size() / 2);
        std::nth_element(list.begin(), middle, list.end(),
                         [&](size_t a, size_t b) { return coordinate(a) < coordinate(b); });
        const double width = part.high[axis] - part.low[axis];
        const double cut = std::clamp(coordinate(*middle), part.low[axis] + 0.3 * width,
                                      part.high[axis] - 0.3 * width);
        Part upper{part.low, part.high, {}};
        upper.low[axis] = cut;
        std::vector<size_t> below;
        for (const size_t k : list)
            (coordinate(k) < cut ? below : upper.inside).push_back(k);
        part.high[axis] = cut;
        part.inside = std::move(below);
        parts.push_back(std::move(upper));
    }

    m_boxes.resize(parts.size());
    const Kernel kernel(scales);
    auto solve = [&](size_t first) {
        for (size_t i = first; i < parts.size(); i += 2) {
            Box &box = m_boxes[i];
            box.low = parts[i].low;
            box.high = parts[i].high;
            box.reach = kOverlap * (box.high - box.low);
            if (parts.size() == 1)
                box.reach.setConstant(10);
            std::vector<Leftover> mine;
            for (const Leftover &s : samples)
                if (parts.size() == 1 || box.share(s.at) > 0)
                    mine.push_back(s);
            const std::vector<Place> places = placesOf(mine);
            box.keep(places);
            Matrix k = correlations(places, kernel);
            for (size_t j = 0; j < mine.size(); ++j)
                k(static_cast<Eigen::Index>(j), static_cast<Eigen::Index>(j)) +=
                    noiseRatio(mine[j], scales);
            box.weights = Eigen::LLT<Eigen::Ref<Matrix>>(k).solve(valuesOf(mine));
        }
    };
    std::thread other([&] { solve(1); });
    solve(0);
    other.join();
}

ResidualField::~ResidualField() = default;
ResidualField::ResidualField(ResidualField &&) noexcept = default;

Vec3 ResidualField::at(const Vec3 &lightness) const
{
    const Place here = place(lightness);
    Vec3 sum = Vec3::Zero();
    double shares = 0;
    for (const Box &box : m_boxes) {
        const double share = box.share(lightness);
        if (share <= 0)
            continue;
        sum += share * box.value(here, m_scales);
        shares += share;
    }
    return shares > 0 ? Vec3(sum / shares) : Vec3::Zero();
}

SmoothField ResidualField::tabulated(int intervals) const
{
    return SmoothField::through([this](const Vec3 &v) { return at(v); }, intervals);
}

} // namespace lantern
