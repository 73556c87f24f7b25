#include "core/base/error.h"
#include "core/judge/evenness.h"
#include "runner.h"

#include <cmath>

namespace lantern::test {

namespace {

constexpr double kPatch = 0.1;

/// A screen of known evenness with a meter that a made-up person moves.
struct Screen {
    double meterX = 0.5, meterY = 0.5;
    bool inHand = false;
    double onField = 1; ///< share of what the meter sees that lies within a lit field
    double clock = 0;
    double driftPerSecond = 0; ///< of all light, relative

    /// Luminance of white there over that of the middle, at the start.
    static double light(double x, double y)
    {
        return 1 - 0.5 * (x - 0.5) * (x - 0.5) - 0.2 * (y - 0.5);
    }
    [[nodiscard]] XYZ white(double x, double y) const
    {
        const double l = 200 * light(x, y) * (1 + driftPerSecond * clock);
        return {0.95 * l * (1 + 0.04 * (x - 0.5)), l, 1.09 * l * (1 - 0.1 * (x - 0.5))};
    }
    [[nodiscard]] Reading read(const ReadPatch &patch)
    {
        clock += 1;
        const ScreenRegion r = *patch.region;
        const bool lit = !inHand && meterX >= r.left && meterX <= r.left + r.width &&
                         meterY >= r.top && meterY <= r.top + r.height;
        const XYZ w = white(meterX, meterY);
        const Vec3 drive = vec(patch.rgb) / 255;
        const double grey = std::pow(drive.maxCoeff(), 2.2);
        // Red, green and blue add up to white.
        Mat3 channels;
        channels << 0.45, 0.35, 0.2, 0.25, 0.65, 0.1, 0.02, 0.1, 0.88;
        const bool neutral = isNeutral(patch.rgb);
        Vec3 xyz = neutral ? Vec3(grey * vec(w)) : Vec3((channels * drive).cwiseProduct(vec(w)));
        if (!lit)
            xyz = Vec3::Constant(0.01);
        else if (!(r == ScreenRegion{}))
            xyz *= onField;
        return {patch.rgb, toXyz(xyz + Vec3::Constant(1e-6 * clock)), 0.5};
    }
};

/// Reads until it is over; `hang` is asked at each move, and `before` each reading.
struct Person {
    Screen screen;
    std::vector<EvennessSpot> asked;
    std::function<void(Screen &, const SpotPlace &)> hang = [](Screen &s, const SpotPlace &at) {
        s.meterX = at.x;
        s.meterY = at.y;
    };
    std::function<void(Screen &, const EvennessPlan &)> before = [](Screen &,
                                                                    const EvennessPlan &) {};

    bool carryOut(EvennessPlan &plan, int most = 5000)
    {
        for (int i = 0; i < most; ++i) {
            const PlanStep step = plan.next();
            if (std::holds_alternative<Finished>(step))
                return true;
            if (const auto *move = std::get_if<MoveMeter>(&step)) {
                asked.push_back(*plan.target());
                hang(screen, {move->x, move->y});
                plan.acknowledge();
            } else {
                before(screen, plan);
                const Reading reading = screen.read(std::get<ReadPatch>(step));
                plan.accept(reading, screen.clock);
            }
        }
        return false;
    }
};

EvennessPlan plan(int columns, int rows, std::vector<int> greys = {255, 128})
{
    return EvennessPlan({columns, rows}, std::move(greys), kPatch, kPatch,
                        EvennessPlan::Finding::ByLight);
}

Evenness judged(const EvennessPlan &plan)
{
    return judgeEvenness({.grid = plan.grid(),
                          .greys = plan.greys(),
                          .readings = plan.readings(),
                          .colours = plan.colours(),
                          .tolerance = toleranceByName("studio"),
                          .errors = {}});
}

} // namespace

/// The way of the meter over a screen of known evenness.
class EvennessPlanTest : public QObject {
    Q_OBJECT
private slots:
    void everyFieldIsReadAndTheMiddleAgain()
    {
        Person person;
        EvennessPlan p = plan(3, 3);
        QVERIFY(person.carryOut(p));
        QCOMPARE(person.asked.size(), 10U); // nine fields, and the middle once more
        QVERIFY(person.asked.front().isCentre());
        QVERIFY(person.asked.back().isCentre());
        QCOMPARE(p.readingsLeft(), 0);
        const Evenness e = judged(p);
        QVERIFY(e.isWhole());
        for (int row = 1; row <= 3; ++row)
            for (int column = 1; column <= 3; ++column) {
                const SpotPlace at = placeOf({column, row}, {3, 3});
                const EvenField *f = e.find(column, row, 0);
                QVERIFY(f);
                VERIFY_NEAR(f->ratio, Screen::light(at.x, at.y), 1e-5);
                const UvPrime there = uvPrime(person.screen.white(at.x, at.y));
                const UvPrime middle = uvPrime(person.screen.white(0.5, 0.5));
                VERIFY_NEAR(f->shift.u, there.u - middle.u, 1e-6);
                VERIFY_NEAR(f->deltaUv, deltaUvPrime(there, middle), 1e-6);
            }
    }

    void readingsLeftAreWhatIsStillRead()
    {
        Person person;
        EvennessPlan p = plan(5, 5);
        int foretold = 0;
        int counted = -1;
        person.before = [&](Screen &, const EvennessPlan &now) {
            if (counted < 0 && now.mayEnd()) {
                counted = now.readingsDone();
                foretold = now.readingsLeft();
            }
        };
        QVERIFY(person.carryOut(p));
        QCOMPARE(p.readingsDone() - counted, foretold);
    }

    void driftOfWhiteIsTakenOut()
    {
        Person person;
        person.screen.driftPerSecond = -0.0004; // 3 % over the measurement
        EvennessPlan p = plan(3, 3);
        QVERIFY(person.carryOut(p));
        const Evenness e = judged(p);
        QVERIFY(e.drift[1] > 0.02);
        const SpotPlace at = placeOf({1, 3}, {3, 3});
        VERIFY_NEAR(e.find(1, 3, 0)->ratio, Screen::light(at.x, at.y), 3e-4);
        VERIFY_NEAR(e.find(1, 3, 1)->ratio, Screen::light(at.x, at.y), 3e-4);
    }

    void evenGridsHaveTheMiddleBetweenTheirFields()
    {
        Person person;
        EvennessPlan p = plan(4, 2);
        QVERIFY(person.carryOut(p));
        const Evenness e = judged(p);
        QVERIFY(e.isWhole());
        QCOMPARE(static_cast<int>(e.fields.size()), 16);
        const SpotPlace at = placeOf({4, 2}, {4, 2});
        VERIFY_NEAR(e.find(4, 2, 0)->ratio, Screen::light(at.x, at.y), 1e-5);
    }

    void anyOtherFieldIsFoundAndReadInstead()
    {
        Person person;
        person.hang = [&](Screen &s, const SpotPlace &at) {
            SpotPlace to = at;
            if (person.asked.size() == 2) // asked for the first field, hangs it on the last
                to = placeOf({3, 3}, {3, 3});
            s.meterX = to.x;
            s.meterY = to.y;
        };
        EvennessPlan p = plan(3, 3);
        QVERIFY(person.carryOut(p));
        QCOMPARE(p.readings()[4].spot, (EvennessSpot{3, 3}));
        const Evenness e = judged(p);
        QVERIFY(e.isWhole());
        const SpotPlace at = placeOf({3, 3}, {3, 3});
        VERIFY_NEAR(e.find(3, 3, 0)->ratio, Screen::light(at.x, at.y), 1e-5);
        QCOMPARE(person.asked.size(), 10U);
    }

    void theMeterIsWaitedFor()
    {
        Person person;
        int looks = 0;
        EvennessNotice seen = EvennessNotice::Hang;
        person.hang = [&](Screen &s, const SpotPlace &at) {
            if (person.asked.size() != 3) {
                s.meterX = at.x;
                s.meterY = at.y;
                return;
            }
            looks = 40; // hangs where it was, then in the hand, then where it should
        };
        person.before = [&](Screen &s, const EvennessPlan &now) {
            if (looks == 0)
                return;
            --looks;
            if (looks == 30)
                seen = now.notice();
            s.inHand = looks > 0 && looks < 20;
            if (looks == 0) {
                const SpotPlace at = placeOf(*now.target(), now.grid());
                s.meterX = at.x;
                s.meterY = at.y;
            }
        };
        EvennessPlan p = plan(3, 3);
        QVERIFY(person.carryOut(p));
        QCOMPARE(seen, EvennessNotice::StillThere);
        const Evenness e = judged(p);
        const SpotPlace at = placeOf({2, 1}, {3, 3});
        VERIFY_NEAR(e.find(2, 1, 0)->ratio, Screen::light(at.x, at.y), 1e-5);
    }

    void aMeterThatLeavesInTheMidstIsNotBelieved()
    {
        Person person;
        int left = 0;
        person.before = [&](Screen &s, const EvennessPlan &now) {
            // Gone after the first grey of the third stop, back a while later.
            if (now.notice() == EvennessNotice::Reading && now.readings().size() == 8 &&
                ++left == 3)
                s.inHand = true;
            else if (s.inHand && ++left > 12)
                s.inHand = false;
        };
        EvennessPlan p = plan(3, 3);
        QVERIFY(person.carryOut(p));
        QVERIFY(left > 12);
        for (const EvennessReading &r : p.readings())
            QVERIFY(r.reading.xyz.Y > 1);
        const Evenness e = judged(p);
        for (const EvenField &f : e.fields) {
            const SpotPlace at = placeOf(f.spot, e.grid);
            VERIFY_NEAR(f.ratio, Screen::light(at.x, at.y), 1e-4);
        }
    }

    void aMeterAcrossTheEdgeIsNotBelieved()
    {
        Person person;
        int told = 0;
        person.hang = [&](Screen &s, const SpotPlace &at) {
            s.meterX = at.x;
            s.meterY = at.y;
            s.onField = person.asked.size() == 4 ? 0.8 : 1;
        };
        person.before = [&](Screen &s, const EvennessPlan &now) {
            if (now.notice() == EvennessNotice::OnEdge && ++told > 6)
                s.onField = 1; // pushed to the middle
        };
        EvennessPlan p = plan(3, 3);
        QVERIFY(person.carryOut(p));
        QVERIFY(told > 6);
        QVERIFY(judged(p).isWhole());
    }

    /// At the first stop nothing is known of the screen yet.
    void aMeterThatIsStuckFromTheStartIsNotBelieved()
    {
        Screen screen;
        EvennessPlan p = plan(1, 1);
        int stuck = 0;
        std::optional<XYZ> before;
        for (int i = 0; i < 200 && !std::holds_alternative<Finished>(p.next()); ++i) {
            if (std::holds_alternative<MoveMeter>(p.next())) {
                p.acknowledge();
                continue;
            }
            const auto patch = std::get<ReadPatch>(p.next());
            Reading r = screen.read(patch);
            if (patch.rgb.r == 128 && before && stuck < 2) {
                ++stuck;
                r.xyz = *before;
            }
            before = r.xyz;
            p.accept(r, screen.clock);
        }
        QCOMPARE(stuck, 2);
        const Evenness e = judged(p);
        VERIFY_NEAR(e.levels[1].centre.Y / e.levels[0].centre.Y, std::pow(128.0 / 255, 2.2), 1e-4);
    }

    /// What is brighter than the middle counts like what is darker.
    void brighterFieldsCountToo()
    {
        EvennessRequest request;
        request.grid = {3, 1};
        request.greys = {255};
        request.tolerance = toleranceByName("studio");
        int visit = 0;
        for (const auto &[spot, light] : {std::pair{EvennessSpot{}, 1.0},
                                          {EvennessSpot{1, 1}, 1.15},
                                          {EvennessSpot{3, 1}, 0.99},
                                          {EvennessSpot{}, 1.0}}) {
            for (int i = 0; i < 2; ++i)
                request.readings.push_back(
                    {spot,
                     visit,
                     0,
                     {{255, 255, 255}, {95 * light, 100 * light, 109 * light}},
                     1.0 * visit});
            ++visit;
        }
        const Evenness e = judgeEvenness(request);
        VERIFY_NEAR(e.verdict.find(Figure::EvenLight)->value, 0.15, 1e-9);
        QCOMPARE(e.verdict.find(Figure::EvenLight)->call, Call::Over);
        VERIFY_NEAR(e.cost.ofLight, 0.01, 1e-9);
    }

    void aMeterThatSaysTheSameIsNotBelieved()
    {
        Person person;
        EvennessPlan p = plan(3, 3);
        int stuck = 0;
        for (int i = 0; i < 400 && !std::holds_alternative<Finished>(p.next()); ++i) {
            if (std::holds_alternative<MoveMeter>(p.next())) {
                const auto move = std::get<MoveMeter>(p.next());
                person.screen.meterX = move.x;
                person.screen.meterY = move.y;
                p.acknowledge();
                continue;
            }
            const auto patch = std::get<ReadPatch>(p.next());
            Reading r = person.screen.read(patch);
            if (p.readings().size() == 12 && patch.rgb.r == 128 && stuck < 3) {
                ++stuck;
                r.xyz = person.screen.white(person.screen.meterX, person.screen.meterY);
            }
            p.accept(r, person.screen.clock);
        }
        QCOMPARE(stuck, 3);
        for (const EvenLevel &l : judged(p).levels)
            VERIFY_NEAR(l.least, Screen::light(5.0 / 6, 5.0 / 6), 1e-4);
    }

    void aPersonMayStopEarly()
    {
        Person person;
        EvennessPlan p = plan(5, 5);
        QVERIFY(!p.end());
        person.before = [&](Screen &, const EvennessPlan &now) {
            if (now.readings().size() >= 5 * 4)
                (void)p.end();
        };
        QVERIFY(person.carryOut(p));
        const Evenness e = judged(p);
        QVERIFY(!e.isWhole());
        QVERIFY(e.find(1, 1, 0));
        QVERIFY(!e.find(5, 5, 0));
    }

    void theSameReadingsLeadTheSameWay()
    {
        Person person;
        EvennessPlan first = plan(5, 3, {255, 128, 64});
        std::vector<std::pair<Reading, double>> log;
        for (int i = 0; i < 5000 && !std::holds_alternative<Finished>(first.next()); ++i) {
            const PlanStep step = first.next();
            if (const auto *move = std::get_if<MoveMeter>(&step)) {
                person.hang(person.screen, {move->x, move->y});
                first.acknowledge();
                continue;
            }
            const Reading r = person.screen.read(std::get<ReadPatch>(step));
            log.emplace_back(r, person.screen.clock);
            first.accept(r, person.screen.clock);
        }
        EvennessPlan again = plan(5, 3, {255, 128, 64});
        for (const auto &[r, seconds] : log) {
            while (std::holds_alternative<MoveMeter>(again.next()))
                again.acknowledge();
            QCOMPARE(std::get<ReadPatch>(again.next()).rgb, r.rgb);
            again.accept(r, seconds);
        }
        QVERIFY(again.readings() == first.readings());
    }

    void aPersonWhoReadsByHandIsAsked()
    {
        Screen screen;
        EvennessPlan p({3, 3}, {255}, kPatch, kPatch, EvennessPlan::Finding::Asks);
        int asked = 0;
        while (!std::holds_alternative<Finished>(p.next())) {
            const PlanStep step = p.next();
            if (const auto *move = std::get_if<MoveMeter>(&step)) {
                QVERIFY(!move->ask.empty());
                ++asked;
                screen.meterX = move->x;
                screen.meterY = move->y;
                p.acknowledge();
            } else
                p.accept(screen.read(std::get<ReadPatch>(step)), screen.clock);
        }
        QCOMPARE(asked, 10);
        QCOMPARE(p.readingsDone(), 10 * 2 + 3); // no reading to find it, three colours
        QVERIFY(judged(p).isWhole());
    }

    void whatIsNotPossibleIsRefused()
    {
        using Finding = EvennessPlan::Finding;
        const auto refused = [](EvennessGrid grid, std::vector<int> greys) {
            try {
                (void)EvennessPlan(grid, std::move(greys), 0.1, 0.1, Finding::ByLight);
            } catch (const Error &) {
                return true;
            }
            return false;
        };
        QVERIFY(refused({0, 3}, {255}));
        QVERIFY(refused({3, 26}, {255}));
        QVERIFY(refused({3, 3}, {}));
        QVERIFY(refused({3, 3}, {128, 255}));
        QVERIFY(refused({3, 3}, {255, 255}));
        QVERIFY(refused({3, 3}, {100}));
        QVERIFY(refused({3, 3}, {255, 0}));
        QVERIFY(refused({3, 3}, {255, 31})); // no light that a meter could tell from none
        QVERIFY(!refused({1, 1}, {255, 32}));
    }

    /// A display that shows greys alone has no channels; its light is judged all the same.
    void aGreyDisplayIsJudgedByItsLight()
    {
        Person person;
        EvennessPlan p = plan(3, 3);
        QVERIFY(person.carryOut(p));
        EvennessRequest request{.grid = p.grid(),
                                .greys = p.greys(),
                                .readings = p.readings(),
                                .colours = p.colours(),
                                .tolerance = toleranceByName("studio"),
                                .errors = {}};
        for (size_t i = 0; i < 3; ++i) { // one chromaticity, three lights
            const double light = 10.0 * static_cast<double>(i + 1);
            request.colours[i].xyz = {0.95 * light, light, 1.09 * light};
        }
        const Evenness e = judgeEvenness(request);
        QVERIFY(!e.cost.ofColour.has_value());
        QVERIFY(e.cost.ofLight > 0.05);
        QVERIFY(e.isWhole());
    }

    void oneFieldIsTheMiddle()
    {
        Person person;
        EvennessPlan p = plan(1, 1);
        QVERIFY(person.carryOut(p));
        VERIFY_NEAR(judged(p).find(1, 1, 0)->ratio, 1, 1e-9);
    }
};

static const Register<EvennessPlanTest> registered("EvennessPlanTest");

} // namespace lantern::test

#include "evenness_plan_test.moc"
