#include "core/judge/evenness.h"

#include "core/base/error.h"

#include <Eigen/LU>

#include <algorithm>
#include <cmath>
#include <map>

namespace lantern {

namespace {

/// Readings of one grey at one stop.
struct Stop {
    EvennessSpot spot;
    int level = 0;
    double seconds = 0; ///< mean
    std::vector<size_t> readings;
};

std::vector<Stop> stopsOf(const std::vector<EvennessReading> &readings)
{
    std::map<std::pair<int, int>, Stop> stops;
    for (size_t i = 0; i < readings.size(); ++i) {
        Stop &s = stops[{readings[i].visit, readings[i].level}];
        s.spot = readings[i].spot;
        s.level = readings[i].level;
        s.readings.push_back(i);
    }
    std::vector<Stop> all;
    for (auto &[key, stop] : stops) {
        // Every grey of a stop at the time of its white: each was read as long after it, so that
        // what drifts meanwhile is the same in all stops.
        const auto white = stops.find({key.first, 0});
        const Stop &timed = white == stops.end() ? stop : white->second;
        stop.seconds = 0;
        for (const size_t i : timed.readings)
            stop.seconds += readings[i].seconds / static_cast<double>(timed.readings.size());
        all.push_back(stop);
    }
    return all;
}

/// Figures of readings in the order in which they were taken; the readings' values are all that may
/// differ from call to call.
class Work {
public:
    explicit Work(const EvennessRequest &request)
        : m_request(request), m_stops(stopsOf(request.readings))
    {
        for (int level = 0; level < static_cast<int>(request.greys.size()); ++level)
            if (std::ranges::none_of(
                    m_stops, [&](const Stop &s) { return s.level == level && s.spot.isCentre(); }))
                throw Error(ErrorKind::BadInput, "evenness",
                            {"the middle of the screen was not read in grey %1",
                             {std::to_string(request.greys[static_cast<size_t>(level)])}},
                            "Measure again.");
        if (request.colours.size() >= 3) {
            const XYZ black = request.colours.size() > 3 ? request.colours[3].xyz : XYZ{};
            try {
                m_channels = primariesFromReadings(request.colours[0].xyz, request.colours[1].xyz,
                                                   request.colours[2].xyz, black);
            } catch (const Error &) { // a grey display: only its light can be evened out
            }
        }
        m_hasMiddle = request.grid.columns % 2 == 1 && request.grid.rows % 2 == 1;
    }

    void fill(Evenness &e, const std::vector<Reading> &readings) const
    {
        const std::vector<Returned> whites = whitesOf(readings);
        e.drift = Vec3::Zero();
        for (const Returned &w : whites)
            e.drift = e.drift.cwiseMax(
                (w.white.cwiseQuotient(whites.front().white) - Vec3::Ones()).cwiseAbs());
        std::map<std::array<int, 3>, std::pair<Vec3, int>> sums; // level, column, row
        for (const Stop &s : m_stops) {
            const Vec3 factor = whites.front().white.cwiseQuotient(whiteAt(whites, s.seconds));
            auto &[sum, count] =
                sums.try_emplace({s.level, s.spot.column, s.spot.row}, Vec3::Zero(), 0)
                    .first->second;
            sum += mean(s, readings).cwiseProduct(factor);
            ++count;
        }
        const auto of = [&](int level, const EvennessSpot &spot) -> std::optional<XYZ> {
            const auto it = sums.find({level, spot.column, spot.row});
            if (it == sums.end())
                return std::nullopt;
            return toXyz(it->second.first / it->second.second);
        };
        const XYZ white = *of(0, {});
        e.fields.clear();
        e.levels.clear();
        for (int level = 0; level < static_cast<int>(m_request.greys.size()); ++level) {
            EvenLevel found;
            found.grey = m_request.greys[static_cast<size_t>(level)];
            found.centre = *of(level, {});
            int count = 0;
            for (int row = 1; row <= m_request.grid.rows; ++row)
                for (int column = 1; column <= m_request.grid.columns; ++column) {
                    const bool isMiddle = m_hasMiddle &&
                                          column == (m_request.grid.columns + 1) / 2 &&
                                          row == (m_request.grid.rows + 1) / 2;
                    const auto xyz =
                        of(level, isMiddle ? EvennessSpot{} : EvennessSpot{column, row});
                    if (!xyz)
                        continue;
                    const EvenField field = fieldOf({column, row}, level, *xyz, found, white);
                    ++count;
                    found.least = std::min(found.least, field.ratio);
                    found.most = std::max(found.most, field.ratio);
                    found.worstDeltaUv = std::max(found.worstDeltaUv, field.deltaUv);
                    found.worstDeltaE00 = std::max(found.worstDeltaE00, field.deltaE00);
                    found.meanDeltaE00 += field.deltaE00;
                    e.fields.push_back(field);
                }
            found.meanDeltaE00 /= std::max(1, count);
            e.levels.push_back(found);
        }
        e.cost = costOf(e, white);
    }

    /// In the order of evenFigures().
    [[nodiscard]] std::vector<double> figures(const std::vector<Reading> &readings) const
    {
        Evenness e;
        fill(e, readings);
        double light = 0, uv = 0, deltaE = 0;
        for (const EvenLevel &l : e.levels) {
            light = std::max({light, 1 - l.least, l.most - 1});
            uv = std::max(uv, l.worstDeltaUv);
            deltaE = std::max(deltaE, l.worstDeltaE00);
        }
        return {light, uv, deltaE};
    }

    /// The meter's scatter: each stop has readings of the same light. Deviations are widened by
    /// what the stops' own means have taken from them.
    [[nodiscard]] std::optional<Repeatability> scatter() const
    {
        std::vector<Reading> readings = plain();
        std::vector<Reading> alike;
        for (int level = 0; level < static_cast<int>(m_request.greys.size()); ++level) {
            double count = 0, stops = 0;
            Vec3 all = Vec3::Zero();
            for (const Stop &s : m_stops)
                if (s.level == level) {
                    count += static_cast<double>(s.readings.size());
                    stops += 1;
                    all += mean(s, readings);
                }
            if (count <= stops)
                continue;
            const double widened = std::sqrt((count - 1) / (count - stops));
            for (const Stop &s : m_stops)
                if (s.level == level)
                    for (const size_t i : s.readings) {
                        Reading r = readings[i];
                        const Vec3 there = mean(s, readings);
                        r.xyz = toXyz(all / stops + widened * (vec(r.xyz) - there)
                                                                  .cwiseQuotient(there)
                                                                  .cwiseProduct(all / stops));
                        alike.push_back(r);
                    }
        }
        return estimateRepeatability(alike);
    }

    [[nodiscard]] PrimarySet primaries() const
    {
        PrimarySet set = kSrgbPrimaries;
        for (int c = 0; m_channels && c < 3; ++c)
            set[static_cast<size_t>(c)] = chromaticity(toXyz(m_channels->col(c)));
        return set;
    }

    [[nodiscard]] std::vector<Reading> plain() const
    {
        std::vector<Reading> readings;
        for (const EvennessReading &r : m_request.readings)
            readings.push_back(r.reading);
        return readings;
    }

private:
    struct Returned {
        double seconds = 0;
        Vec3 white;
    };

    static Vec3 mean(const Stop &stop, const std::vector<Reading> &readings)
    {
        Vec3 sum = Vec3::Zero();
        for (const size_t i : stop.readings)
            sum += vec(readings[i].xyz);
        return sum / static_cast<double>(stop.readings.size());
    }

    [[nodiscard]] std::vector<Returned> whitesOf(const std::vector<Reading> &readings) const
    {
        std::vector<Returned> whites;
        for (const Stop &s : m_stops)
            if (s.level == 0 && s.spot.isCentre())
                whites.push_back({s.seconds, mean(s, readings)});
        return whites;
    }

    static Vec3 whiteAt(const std::vector<Returned> &whites, double seconds)
    {
        const auto after =
            std::ranges::find_if(whites, [&](const Returned &w) { return w.seconds >= seconds; });
        if (after == whites.begin())
            return whites.front().white;
        if (after == whites.end())
            return whites.back().white;
        const Returned &before = *(after - 1);
        const double t = (seconds - before.seconds) / (after->seconds - before.seconds);
        return before.white + t * (after->white - before.white);
    }

    static EvenField fieldOf(const EvennessSpot &spot, int level, const XYZ &xyz,
                             const EvenLevel &of, const XYZ &white)
    {
        EvenField f;
        f.spot = spot;
        f.level = level;
        f.xyz = xyz;
        f.ratio = xyz.Y / of.centre.Y;
        const UvPrime here = uvPrime(xyz);
        const UvPrime there = uvPrime(of.centre);
        f.shift = {here.u - there.u, here.v - there.v};
        f.deltaUv = deltaUvPrime(here, there);
        const RelXYZ one = relativeTo(white, white);
        f.deltaE00 = deltaE2000(labFromXyz(relativeTo(xyz, white), one),
                                labFromXyz(relativeTo(of.centre, white), one));
        return f;
    }

    [[nodiscard]] EveningCost costOf(const Evenness &e, const XYZ &white) const
    {
        EveningCost cost;
        Mat3 shares; // of each channel in a light, 1, 1, 1 for the white of the middle
        if (m_channels) {
            shares = m_channels->inverse();
            shares = Vec3((shares * vec(white)).cwiseInverse()).asDiagonal() * Mat3(shares);
            cost.ofColour = 0;
        }
        for (const EvenField &f : e.fields) {
            if (f.level != 0)
                continue;
            cost.ofLight = std::max(cost.ofLight, 1 - f.ratio);
            if (m_channels)
                cost.ofColour = std::max(*cost.ofColour, 1 - (shares * vec(f.xyz)).minCoeff());
        }
        return cost;
    }

    const EvennessRequest &m_request;
    std::vector<Stop> m_stops;
    bool m_hasMiddle;
    std::optional<Mat3> m_channels; ///< light of red, green and blue as columns
};

} // namespace

const EvenField *Evenness::find(int column, int row, int level) const
{
    const auto it = std::ranges::find_if(fields, [&](const EvenField &f) {
        return f.spot == EvennessSpot{column, row} && f.level == level;
    });
    return it == fields.end() ? nullptr : &*it;
}

bool Evenness::isWhole() const
{
    return static_cast<int>(fields.size()) == grid.cells() * static_cast<int>(greys.size());
}

Evenness judgeEvenness(const EvennessRequest &request)
{
    const Work work(request);
    Evenness e;
    e.grid = request.grid;
    e.greys = request.greys;
    e.readings = request.readings;
    e.colours = request.colours;
    const std::vector<Reading> readings = work.plain();
    work.fill(e, readings);
    e.verdict.tolerance = request.tolerance;
    ErrorSources errors = request.errors;
    errors.scatter = work.scatter();
    errors.drift = Vec3::Zero(); // taken out
    const auto found = estimatesOf(evenFigures(), readings, work.primaries(), errors,
                                   [&](const std::vector<Reading> &r) { return work.figures(r); });
    for (size_t i = 0; i < found.size(); ++i)
        if (const auto limit = limitIn(request.tolerance, evenFigures()[i]))
            e.verdict.figures.push_back(judgeFigure(evenFigures()[i], found[i], *limit));
    return e;
}

CompensationCost compensationCost(const Evenness &without, const Evenness &with)
{
    const auto worst = [](const Evenness &e) {
        return std::max(1 - e.levels.front().least, e.levels.front().most - 1);
    };
    CompensationCost cost;
    cost.light = 1 - with.levels.front().centre.Y / without.levels.front().centre.Y;
    cost.worstWith = worst(with);
    cost.worstWithout = worst(without);
    return cost;
}

} // namespace lantern
