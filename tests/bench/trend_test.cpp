#include "bench/plan_runner.h"
#include "bench_parts.h"
#include "core/judge/trend.h"
#include "runner.h"

#include <nlohmann/json.hpp>

#include <cmath>
#include <map>
#include <random>

namespace lantern::test {

/// Drifts found in what a meter read over the months, and when they will leave the tolerance.
class TrendTest : public QObject {
    Q_OBJECT

    static std::vector<TrendPoint> line(double perDay, std::initializer_list<double> days)
    {
        std::vector<TrendPoint> out;
        for (const double d : days)
            out.push_back({d, 1 + perDay * d, "a"});
        return out;
    }

private slots:
    void aStraightLineIsFoundExactly()
    {
        const auto t = trendOf(line(-0.002, {0, 10, 40, 70}), 0.001);
        QVERIFY(t.has_value());
        VERIFY_NEAR(t->perDay, -0.002, 1e-12);
        VERIFY_NEAR(t->at(100), 0.8, 1e-12);
        QVERIFY(t->odd.empty() && !t->jump);
        // It reaches 0.9 on day 50, which is past; from day 45 on that is five days ahead.
        const Forecast f = forecast(*t, 45, 0.9, 1.1);
        QCOMPARE(f.state, Forecast::State::Leaves);
        VERIFY_NEAR(f.day, 50, 1);
        QVERIFY(f.earliest <= f.day && f.latest && *f.latest >= f.day);
        QCOMPARE(forecast(*t, 60, 0.9, 1.1).state, Forecast::State::Left);
        QVERIFY(!trendOf(line(1, {0, 1}), 0.1).has_value());
        QVERIFY(!trendOf({{1, 1, "a"}, {2, 1, "b"}, {3, 1, "c"}}, 0.1).has_value());
    }

    /// Slope and standard error against the textbook's: Hooke's law example of
    /// y = 1, 2, 1.3, 3.75, 2.25 over x = 1 .. 5 (a widely printed regression example: slope 0.425,
    /// intercept 0.785, residual sum of squares 2.79); the known scatter set to match.
    void theFitIsLeastSquares()
    {
        const std::vector<double> y = {1, 2, 1.3, 3.75, 2.25};
        std::vector<TrendPoint> points;
        for (size_t i = 0; i < y.size(); ++i)
            points.push_back({double(i + 1), y[i], "a"});
        const double sigma = std::sqrt(2.79075 / 3);
        const auto t = trendOf(points, sigma);
        VERIFY_NEAR(t->perDay, 0.425, 1e-12);
        VERIFY_NEAR(t->at(0), 0.785, 1e-12);
        VERIFY_NEAR(t->scatter, sigma, 1e-9);
        VERIFY_NEAR(t->perDayError, sigma / std::sqrt(10), 1e-9);
        QCOMPARE(t->freedom, 13);
        // The line's range; 90 % of Student's t with 13 degrees of freedom lie below 1.350 (any
        // table of it, here from memory).
        VERIFY_NEAR(t->halfRange(3, 0.8), 1.350 * sigma / std::sqrt(5), 1e-3);
        VERIFY_NEAR(t->halfRange(5, 0.8), 1.350 * sigma * std::sqrt(1.0 / 5 + 4.0 / 10), 1e-3);
    }

    void anotherMeterIsNoDrift()
    {
        // The same drift, read 3 % higher by the second meter.
        std::vector<TrendPoint> points = line(-0.001, {0, 30, 60, 90});
        for (TrendPoint p : line(-0.001, {91, 120, 150})) {
            p.value += 0.03;
            p.level = "b";
            points.push_back(p);
        }
        const auto t = trendOf(points, 0.001);
        VERIFY_NEAR(t->perDay, -0.001, 1e-12);
        VERIFY_NEAR(t->at(150), 1 - 0.15 + 0.03, 1e-12);
        QVERIFY(!t->jump);
    }

    /// Two meters that read the display on one day: what the new one reads alone later is no new
    /// beginning, and the display's change is told from the meter's.
    void readingsOfTwoMetersOnOneDayTieThem()
    {
        std::vector<TrendPoint> points;
        for (const double day : {0.0, 30.0, 60.0, 90.0})
            points.push_back({day, 1 - 0.001 * day, "first", "old"});
        points.push_back({90, 1 - 0.09 + 0.03, "first", "new"});
        // Another calibration, read by the new meter alone.
        points.push_back({100, 1.2 + 0.03, "second", "new"});
        points.push_back({160, 1.2 - 0.06 + 0.03, "second", "new"});
        const auto t = trendOf(points, 0.001);
        VERIFY_NEAR(t->perDay, -0.001, 1e-12);
        VERIFY_NEAR(t->at(160), 1.17, 1e-12); // as the new one reads it
        // On one level, tied: as good as if one meter had read all of it.
        std::vector<TrendPoint> tied(points.begin(), points.begin() + 5);
        tied.push_back({150, 1 - 0.15 + 0.03, "first", "new"});
        std::vector<TrendPoint> apart = tied;
        for (TrendPoint &p : apart)
            p.level = p.meter;
        const auto together = trendOf(tied, 0.001), alone = trendOf(apart, 0.001);
        VERIFY_NEAR(together->at(150), 0.88, 1e-12);
        VERIFY_NEAR(together->perDayError, alone->perDayError, 1e-12);
        // A meter that no level shares with another tells of the slope by itself alone.
        QVERIFY(!trendOf({{0, 1, "a", "x"}, {10, 1, "b", "y"}, {20, 1, "c", "z"}}, 0.1));
    }

    /// Without knowing the scatter the points tell it: the textbook's example again.
    void unknownScatterIsTakenFromThePoints()
    {
        const std::vector<double> y = {1, 2, 1.3, 3.75, 2.25};
        std::vector<TrendPoint> points;
        for (size_t i = 0; i < y.size(); ++i)
            points.push_back({double(i + 1), y[i], "a"});
        const auto t = trendOf(points, std::nullopt);
        VERIFY_NEAR(t->scatter, std::sqrt(2.79075 / 3), 1e-9);
        QCOMPARE(t->freedom, 3);
        // 90 % of Student's t with 3 degrees of freedom lie below 1.638 (any table, from memory).
        VERIFY_NEAR(t->halfRange(3, 0.8), 1.638 * t->scatter / std::sqrt(5), 2e-3);
        QVERIFY(!trendOf({{0, 1, "a"}, {1, 2, "a"}}, std::nullopt));
        // Three on a line and nothing known of scatter: one degree of freedom, still a line.
        QVERIFY(trendOf(line(1, {0, 1, 2}), std::nullopt).has_value());
    }

    void aJumpAndABadDayAreToldFromDrift()
    {
        auto points = line(-0.0005, {0, 30, 60, 90, 120, 150, 180, 210});
        for (size_t i = 0; i < points.size(); ++i)
            points[i].value += (i % 2 ? 0.0004 : -0.0004);
        auto bad = points;
        bad[3].value -= 0.05; // a night light
        const auto odd = trendOf(bad, 0.0005);
        QCOMPARE(odd->odd, std::vector<size_t>{3});
        QVERIFY(!odd->jump);
        VERIFY_NEAR(odd->perDay, -0.0005, 1e-5);
        auto stepped = points;
        for (size_t i = 4; i < stepped.size(); ++i)
            stepped[i].value -= 0.04; // somebody turned a control
        const auto jump = trendOf(stepped, 0.0005);
        QCOMPARE(jump->jump, std::optional<size_t>(4));
        VERIFY_NEAR(jump->perDay, -0.0005, 2e-5);
        VERIFY_NEAR(jump->at(210), 1 - 0.105 - 0.04, 0.001);
        QVERIFY(!trendOf(points, 0.0005)->jump);
    }

    /// Displays of the bench that age by their half-lives, read by its noisy meter: of the ranges
    /// foretold for the day on which white is a tenth darker, eight of ten hold that day.
    void eightOfTenForecastsHoldTheDay()
    {
        constexpr int kHistories = 300;
        constexpr double kDarker = 0.9;
        std::mt19937 draw(17);
        const auto uniform = [&](double from, double to) {
            return std::uniform_real_distribution<>(from, to)(draw);
        };
        int held = 0;
        int told = 0;
        struct Class {
            int told = 0, held = 0;
        };
        std::map<std::pair<int, int>, Class> classes; // by readings and half-life, for the docs
        for (int history = 0; history < kHistories; ++history) {
            Json j = northJson();
            const double life = std::exp(uniform(std::log(4000), std::log(30'000)));
            j["half_life_hours"] = {life * uniform(0.9, 1.1), life, life * uniform(0.7, 1.0)};
            const double hoursADay = uniform(4, 12);
            const double first = uniform(0, 5000);
            auto description = displayFromJson(j, "d");
            const auto whiteAt = [&](double day) {
                description.hours = first + day * hoursADay;
                const bench::Display display(description, "d");
                return display.emitted({255, 255, 255}, display.initialCondition()).Y;
            };
            const double calibrated = whiteAt(0);
            double low = 0;
            double high = 20'000;
            while (high - low > 0.1)
                (whiteAt((low + high) / 2) > kDarker * calibrated ? low : high) = (low + high) / 2;
            const double truth = high;
            std::vector<TrendPoint> points;
            const int count = static_cast<int>(uniform(3, 9));
            const double every = std::min(uniform(15, 45), 0.8 * truth / count);
            double day = 0;
            for (int i = 0; i < count; ++i, day += every * uniform(0.7, 1.3)) {
                description.hours = first + day * hoursADay;
                Bench b(description, "d", builtInMeter("colorimeter"), "", draw());
                b.meter().zero();
                b.setClockSeconds(4 * 3600);
                points.push_back(
                    {day, std::log(good(b.read(DeviceRgb{255, 255, 255})).xyz.Y / calibrated),
                     "a"});
            }
            // The meter reads this display a little off, and always so: what it reads is judged.
            description.hours = first;
            Bench often(description, "d", builtInMeter("colorimeter"), "", draw());
            often.meter().zero();
            often.setClockSeconds(4 * 3600);
            constexpr int kOften = 40;
            double bias = 0;
            double squares = 0;
            for (int i = 0; i < kOften; ++i) {
                const XYZ xyz = good(often.read(DeviceRgb{255, 255, 255})).xyz;
                const double v = std::log(xyz.Y / calibrated);
                bias += v / kOften;
                squares += v * v / kOften;
            }
            const double scatter = std::sqrt(std::max(0.0, squares - bias * bias));
            const double edge = bias + std::log(kDarker);
            const auto t = trendOf(points, scatter);
            QVERIFY(t.has_value());
            const double today = points.back().day;
            const Forecast f = forecast(*t, today, edge, 1);
            if (f.state == Forecast::State::Left)
                continue;
            ++told;
            const bool holds =
                f.earliest != 0 && f.earliest <= truth + 1 && (!f.latest || *f.latest >= truth - 1);
            held += holds;
            Class &c = classes[{(count - 3) / 2, life < 8000 ? 0 : life < 15'000 ? 1 : 2}];
            ++c.told;
            c.held += holds;
        }
        for (const auto &[key, c] : classes)
            qInfo("%d or %d readings, half-life %s: %d of %d", 3 + 2 * key.first, 4 + 2 * key.first,
                  key.second == 0   ? "4,000 to 8,000 h"
                  : key.second == 1 ? "8,000 to 15,000 h"
                                    : "15,000 to 30,000 h",
                  c.held, c.told);
        QVERIFY(told > 0.9 * kHistories);
        QVERIFY2(held >= 0.8 * told && held <= 0.96 * told, // no wider than it says either
                 qPrintable(QStringLiteral("%1 of %2").arg(held).arg(told)));
    }
};

static const Register<TrendTest> registered("TrendTest");

} // namespace lantern::test

#include "trend_test.moc"
