#include "core/model/display_model.h"

#include "core/base/error.h"
#include "core/colour/difference.h"

#include <algorithm>
#include <bitset>
#include <cmath>
#include <set>

namespace lantern {

namespace {

/// Readings as the fit sees them, and how uncertain each is, see Leftover::noise.
struct Prepared {
    std::vector<PanelObservation> data;
    std::vector<Vec3> codes; ///< 0..255
    std::vector<double> noise;
    bool noiseKnown = false;
};

Prepared prepare(const std::vector<Reading> &readings, const XYZ &white, const DriveStage &stage,
                 const std::optional<Repeatability> &scatter)
{
    constexpr double kModelError = 0.1; ///< about ΔE00 that the model itself may be wrong by
    constexpr double kRelative = 1e-3;  ///< scatter of usual meters, where nothing is known;
    constexpr double kFloor = 2e-5;     ///< of white. From common practice
    constexpr double kRounding = 3e-5;  ///< in f(X) .. f(Z): steps on the way that are not known
    constexpr double kExact = 1e-6;     ///< white is white, whatever one reading of it scatters by
    const Mat3 chad = bradford(relativeTo(white, white), kD50);
    Prepared out;
    out.noiseKnown = scatter.has_value();
    for (const Reading &r : readings) {
        PanelObservation o;
        out.codes.push_back(vec(r.rgb));
        o.drive = stage.drive(r.rgb);
        o.pcs = toRelXyz(chad * vec(relativeTo(r.xyz, white)));
        Mat3 labByXyz;
        o.lab = labFromXyz(o.pcs, kD50, labByXyz);
        o.weight = 1 / (1 + 0.03 * chroma(o.lab));
        Vec3 xyz = kRelative * vec(o.pcs).cwiseAbs() + Vec3::Constant(kFloor);
        if (scatter) {
            const Mat3 covariance =
                chad * scatter->covariance(r) * chad.transpose() / (white.Y * white.Y);
            xyz = covariance.diagonal().cwiseSqrt();
            const double lab =
                o.weight * std::sqrt((labByXyz * covariance * labByXyz.transpose()).trace());
            o.weight /= std::hypot(1, lab / kModelError);
        }
        // f(Y) = (L* + 16) / 116, and X and Z follow the same law
        const double f = labByXyz(0, 1) / 116 * xyz.sum() / 3;
        const bool isWhite = r.rgb.r == 255 && r.rgb.g == 255 && r.rgb.b == 255;
        if (isWhite) { // every reading of it stands for their mean
            o.pcs = kD50;
            o.lab = {100, 0, 0};
        }
        out.noise.push_back(isWhite ? kExact : std::hypot(f, kRounding));
        out.data.push_back(o);
    }
    return out;
}

/// At most `limit` observations, evenly picked, but every neutral and every primary ramp kept: the
/// first layer has few unknowns and needs no more.
std::vector<PanelObservation> thinned(const std::vector<PanelObservation> &all, size_t limit)
{
    if (all.size() <= limit)
        return all;
    std::vector<PanelObservation> out;
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
                    {"%1 readings are too few for a profile", {std::to_string(readings.size())}},
                    "Measure a chart of at least 24 patches.");
    checkReadings(readings, source);
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

namespace {

std::vector<Leftover> leftovers(const std::vector<PanelObservation> &data,
                                const std::vector<double> &noise, const PanelPhysics &physics)
{
    std::vector<Leftover> out;
    out.reserve(data.size());
    for (size_t i = 0; i < data.size(); ++i) {
        Vec3 light;
        Vec3 at;
        for (int c = 0; c < 3; ++c) {
            light[c] = physics.light(c, data[i].drive[c]);
            at[c] = std::clamp(lightnessOf(light[c] / physics.light(c, 1)), 0.0, 1.0);
        }
        const Vec3 shown = vec(labFromXyz(physics.mix(light, nullptr), kD50));
        out.push_back({at, vec(data[i].lab) - shown, noise[i]});
    }
    return out;
}

/// The levels of a chart that has few of them, rising; empty for charts that spread.
std::vector<double> fewLevels(const std::vector<Vec3> &codes)
{
    constexpr size_t kFew = 16; // charts that spread have dozens
    constexpr size_t kFewest = 4;
    std::set<double> levels;
    for (const Vec3 &c : codes)
        levels.insert(c.data(), c.data() + 3);
    if (levels.size() < kFewest || levels.size() > kFew)
        return {};
    return {levels.begin(), levels.end()};
}

/// Chooses the reach of the physical model, and the field's scales, by predicting left-out
/// readings.
class ModelSearch {
public:
    ModelSearch(const Prepared &all, const std::string &source)
        : m_noiseKnown(all.noiseKnown), m_source(source)
    {
        const auto &data = all.data;
        // An even selection says enough.
        constexpr size_t kLooked = 260;
        const size_t count = std::min(kLooked, data.size());
        for (size_t i = 0; i < count; ++i) {
            const size_t k = i * data.size() / count;
            keep(all, k);
        }
        // whatever else: what no model can do without
        for (size_t i = 0; i < data.size() && count < data.size(); ++i)
            if (isAnchor(data[i]))
                keep(all, i);
        divide();
    }

    /// Of the choice that run() made: mean weighted difference of left-out readings.
    [[nodiscard]] double error() const { return m_error; }

    [[nodiscard]] ModelChoice run(const PhysicsChoice &first)
    {
        Candidate best = judged(first, nullptr);
        auto challenge = [&](PhysicsChoice choice) {
            Candidate next = judged(choice, &best.physics);
            const double kClearly = choice.smooth > best.physics.choice.smooth
                                        ? 1.005
                                        : 0.98; // else the simpler model stays
            if (next.error < kClearly * best.error)
                best = std::move(next);
        };
        auto with = [&](auto &&change) {
            PhysicsChoice c = best.physics.choice;
            change(c);
            challenge(c);
        };
        with([](PhysicsChoice &c) { c.whiteSubpixel = true; });
        with([](PhysicsChoice &c) { c.ownCurves = true; });
        for (const double factor : {1.0 / 4, 4.0}) {
            bool better = true;
            for (int step = 0; step < 2 && better; ++step) {
                const double before = best.physics.choice.smooth;
                with([&](PhysicsChoice &c) { c.smooth *= factor; });
                better = best.physics.choice.smooth != before;
            }
            if (best.physics.choice.smooth != first.smooth)
                break;
        }
        m_error = best.error;
        if (!best.hasField)
            return {best.physics.choice, std::nullopt};
        const double follow = best.follow;
        FieldScales scales = best.scales;
        scales.noise /= follow;
        scales = ResidualField::chooseScales(leftovers(m_data, m_noise, best.physics), m_noiseKnown,
                                             &scales);
        scales.noise *= follow;
        return {best.physics.choice, scales};
    }

private:
    struct Candidate {
        PanelPhysics physics;
        FieldScales scales;
        bool hasField = true;
        double follow = 1; ///< what scales.noise was multiplied by
        double error = 0;  ///< mean weighted difference of left-out readings
    };

    static bool isAnchor(const PanelObservation &o)
    {
        return ((o.drive.array() == 0) || (o.drive.array() == 1)).all();
    }

    static constexpr size_t kFolds = 5;

    void keep(const Prepared &all, size_t i)
    {
        m_data.push_back(all.data[i]);
        m_noise.push_back(all.noise[i]);
        m_codes.push_back(all.codes[i]);
    }

    /// Which readings are left out in which fold: patches here and there; of a chart of few levels,
    /// such as a regular grid, whole levels, since its patches say little of what lies between its
    /// planes.
    void divide()
    {
        m_fold.assign(m_data.size(), {});
        const std::vector<double> levels = fewLevels(m_codes);
        for (size_t i = 0; i < m_data.size(); ++i) {
            if (isAnchor(m_data[i]))
                continue;
            if (levels.empty()) // scattered, so that no fold is a plane of something regular
                m_fold[i].set((i * 2654435761u >> 7) % kFolds);
            for (size_t l = 1; l + 1 < levels.size(); ++l)
                if ((m_codes[i].array() == levels[l]).any())
                    m_fold[i].set(l % kFolds);
        }
    }

    Candidate judged(const PhysicsChoice &choice, const PanelPhysics *start) const
    {
        Candidate c;
        c.physics = fitPhysics(m_data, choice, start, m_source);
        c.scales = ResidualField::chooseScales(leftovers(m_data, m_noise, c.physics), m_noiseKnown);
        // The likelihood trusts its own law of noise; how far to follow it is tried out too. 0: no
        // field at all.
        constexpr std::array kFollow = {1.0, 2.5, 6.0, 0.0};
        std::array<double, kFollow.size()> sums{};
        double weights = 0;
        for (size_t fold = 0; fold < kFolds; ++fold) {
            std::vector<PanelObservation> kept, left;
            std::vector<double> keptNoise, leftNoise;
            for (size_t i = 0; i < m_data.size(); ++i) {
                const bool out = m_fold[i][fold];
                (out ? left : kept).push_back(m_data[i]);
                (out ? leftNoise : keptNoise).push_back(m_noise[i]);
            }
            if (left.empty())
                continue;
            const PanelPhysics physics = fitPhysics(kept, choice, &c.physics, m_source);
            const std::vector<Leftover> known = leftovers(kept, keptNoise, physics);
            const std::vector<Leftover> unknown = leftovers(left, leftNoise, physics);
            for (size_t k = 0; k < kFollow.size(); ++k) {
                std::optional<ResidualField> field;
                if (kFollow[k] > 0) {
                    FieldScales scales = c.scales;
                    scales.noise *= kFollow[k];
                    field.emplace(known, scales);
                }
                for (const Leftover &l : unknown) {
                    constexpr double kUsual = 3e-4; // so that certain readings do not rule alone
                    const double weight = kUsual / (kUsual + l.noise);
                    const Vec3 miss = field ? Vec3(field->at(l.at) - l.value) : l.value;
                    sums[k] += weight * miss.norm();
                    if (k == 0)
                        weights += weight;
                }
            }
        }
        size_t best = 0;
        for (size_t k = 1; k < kFollow.size(); ++k)
            if (sums[k] < sums[best])
                best = k;
        c.scales.noise *= kFollow[best];
        c.follow = kFollow[best];
        c.hasField = c.follow > 0;
        c.error = sums[best] / weights;
        return c;
    }

    std::vector<PanelObservation> m_data;
    std::vector<double> m_noise;
    std::vector<Vec3> m_codes;
    std::vector<std::bitset<kFolds>> m_fold; ///< that leave the reading out
    double m_error = 0;
    bool m_noiseKnown;
    const std::string &m_source;
};

/// Readings below which the physical model stands alone.
constexpr size_t kFewestForField = 40;

} // namespace

DisplayModel DisplayModel::fit(const std::vector<Reading> &readings, const Options &options,
                               const std::string &source)
{
    checkUsable(readings, source);
    DisplayModel model;
    model.m_stage = options.like ? options.like->m_stage : options.stage;
    model.m_white = whiteOf(readings, source);
    model.m_black = blackOf(readings, source);
    Prepared prepared = prepare(readings, model.m_white, model.m_stage, options.scatter);
    const auto &data = prepared.data;

    const size_t count = data.size();
    PhysicsChoice physics;
    physics.interactions = options.full;
    physics.intervals = count < 36 ? 6 : count < 120 ? 12 : 24;
    if (options.like)
        model.m_choice = options.like->m_choice;
    else if (options.full && count >= kFewestForField) {
        ModelSearch known(prepared, source);
        model.m_choice = known.run(physics);
        // A calibrated display is smooth by its code values; what few readings or levels cannot
        // show of the panel behind the LUT is better not looked for there. The LUT's steps are then
        // lost. Levels say less of each other than scattered readings do: with them it must be
        // clearer.
        const bool few = !fewLevels(prepared.codes).empty();
        const double clearly = few ? 0.35 : 0.8;
        constexpr double kPoor = 0.5; // else scattered readings show the panel well enough
        if (!model.m_stage.isIdentity() && (few || known.error() > kPoor)) {
            Prepared plain = prepare(readings, model.m_white, DriveStage(), options.scatter);
            ModelSearch unknown(plain, source);
            const ModelChoice choice = unknown.run(physics);
            if (unknown.error() < clearly * known.error()) {
                model.m_choice = choice;
                model.m_stage = DriveStage();
                prepared = std::move(plain);
            }
        }
    } else
        model.m_choice.physics = physics;
    constexpr size_t kForPhysics = 1200;
    model.setPhysics(fitPhysics(thinned(data, kForPhysics), model.m_choice.physics,
                                options.like ? &options.like->m_physics : nullptr, source));
    if (model.m_choice.field) {
        constexpr int kFine = 20;
        constexpr int kQuick = 8;
        model.m_rest =
            ResidualField(leftovers(data, prepared.noise, model.m_physics), *model.m_choice.field)
                .tabulated(options.like ? kQuick : kFine);
    }
    double sum = 0;
    for (size_t i = 0; i < count; ++i)
        sum += deltaE2000(data[i].lab, model.lab(readings[i].rgb));
    model.m_meanResidual = sum / static_cast<double>(count);
    return model;
}

void DisplayModel::setPhysics(PanelPhysics physics)
{
    m_physics = std::move(physics);
    for (int c = 0; c < 3; ++c) {
        double highest = 0;
        m_full[c] = m_physics.light(c, 1);
        for (int i = 0; i < DriveStage::kLevels; ++i) {
            const double light = m_physics.light(c, m_stage.levels(c)[i]) / m_full[c];
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
    constexpr double kLast = DriveStage::kLevels - 1;
    if (wanted <= table.front() + kSame)
        return 0;
    if (wanted >= table.back() - kSame)
        return kLast;
    // First and last code of the run that gives the same as the one at `inside`.
    const auto runOf = [&](auto inside) {
        const auto first = std::lower_bound(table.begin(), inside, *inside - kSame);
        const auto behind = std::upper_bound(inside, table.end(), *inside + kSame);
        return std::pair(static_cast<double>(first - table.begin()),
                         static_cast<double>(behind - table.begin() - 1));
    };
    // The middle of a run; of black its last code, of full light its first.
    const auto place = [&](auto inside) {
        const auto [first, last] = runOf(inside);
        return first == 0 ? last : last == kLast ? first : (first + last) / 2;
    };
    const auto above = std::upper_bound(table.begin(), table.end(), wanted + kSame);
    const auto below = above - 1;
    if (*below >= wanted - kSame)
        return place(below);
    const double low = place(below);
    const double f = (wanted - *below) / (*above - *below);
    return low + f * (place(above) - low);
}

Lab DisplayModel::labAt(const Vec3 &at, Mat3 *jacobian) const
{
    Vec3 light;
    Vec3 slope;
    for (int c = 0; c < 3; ++c)
        light[c] = m_full[c] * lightOf(at[c], &slope[c]);
    if (!jacobian)
        return toLabType(vec(labFromXyz(m_physics.mix(light, nullptr), kD50)) +
                         m_rest.evaluate(at));
    Mat3 xyzByLight;
    Mat3 labByXyz;
    Mat3 restByAt;
    const Lab physics = labFromXyz(m_physics.mix(light, &xyzByLight), kD50, labByXyz);
    const Vec3 rest = m_rest.evaluate(at, &restByAt);
    *jacobian = labByXyz * xyzByLight * m_full.cwiseProduct(slope).asDiagonal() + restByAt;
    return toLabType(vec(physics) + rest);
}

double DisplayModel::channelLight(int c, double code) const
{
    return lightOf(lightness(c, code));
}

} // namespace lantern
