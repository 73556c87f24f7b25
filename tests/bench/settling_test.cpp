#include "bench/plan_runner.h"
#include "core/base/error.h"
#include "core/colour/difference.h"
#include "runner.h"

#include <nlohmann/json.hpp>

#include <cmath>

using namespace lantern;
using namespace lantern::bench;

namespace {

constexpr DeviceRgb kWhite{255, 255, 255};
constexpr DeviceRgb kBlack{0, 0, 0};

Bench benchWith(double rise, double fall, const std::string &meterKind, uint64_t seed, bool noise)
{
    Json json = parseJson(builtInText("north-desk.json"), "north");
    json["response"] = {{"rise_seconds", rise}, {"fall_seconds", fall}};
    MeterDescription meter = builtInMeter(meterKind);
    if (!noise)
        meter.readNoise = meter.shot = 0;
    Bench b(displayFromJson(json, "north"), "north", meter, "", seed);
    b.meter().zero();
    return b;
}

double luminance(Bench &b, const DeviceRgb &c)
{
    return std::get<MeterReading>(b.read(c)).xyz.Y;
}

} // namespace

/// How long a display takes after a change: learned by the readings alone, checked against the
/// bench's own law.
class SettlingTest : public QObject {
    Q_OBJECT
private slots:
    void aDisplayThatIsFastIsNotWaitedFor()
    {
        for (const char *meter : {"reference", "colorimeter"})
            for (uint64_t seed = 1; seed <= 20; ++seed) {
                Bench b = benchWith(0.004, 0.006, meter, seed, true);
                SettlingPlan plan;
                carryOut(plan, b);
                // The noisy meter may take a second look, and wait a moment for nothing.
                QVERIFY(plan.readingsDone() >= 5);
                VERIFY_BELOW(plan.result().longestWaitSeconds(),
                             std::string(meter) == "reference" ? 1e-9 : 1.0);
            }
    }

    void waitsAreLongEnoughAndNotMuchLonger_data()
    {
        QTest::addColumn<double>("rise");
        QTest::addColumn<double>("fall");
        QTest::addColumn<QString>("meter");
        for (const QString &meter : {QStringLiteral("reference"), QStringLiteral("colorimeter")}) {
            int row = 0;
            for (const auto &[rise, fall] : std::vector<std::pair<double, double>>{
                     {0.06, 0.11}, {0.01, 0.3}, {0.3, 0.05}, {0.5, 0.8}, {0.2, 0.2}})
                QTest::newRow(qPrintable(meter + QString::number(row++))) << rise << fall << meter;
        }
    }
    void waitsAreLongEnoughAndNotMuchLonger()
    {
        QFETCH(double, rise);
        QFETCH(double, fall);
        QFETCH(QString, meter);
        Bench b = benchWith(rise, fall, meter.toStdString(), 7, true);
        const Settling learned = learnSettling(b);

        Bench quiet = benchWith(rise, fall, "reference", 7, false);
        luminance(quiet, kWhite);
        quiet.setClockSeconds(quiet.clockSeconds() + 60);
        const XYZ white = std::get<MeterReading>(quiet.read(kWhite)).xyz;
        const std::vector<DeviceRgb> patches = {kWhite,        kBlack,          {255, 0, 0},
                                                {0, 0, 255},   {128, 128, 128}, {20, 20, 20},
                                                {0, 255, 255}, {60, 10, 90}};
        double worst = 0;
        for (const DeviceRgb &from : patches)
            for (const DeviceRgb &to : patches) {
                const auto read = [&](double wait) {
                    luminance(quiet, from);
                    quiet.setClockSeconds(quiet.clockSeconds() + 60);
                    luminance(quiet, from); // at rest up to the moment of the change
                    quiet.setClockSeconds(quiet.clockSeconds() + wait);
                    return pcsLab(std::get<MeterReading>(quiet.read(to)).xyz, white);
                };
                worst = std::max(worst, deltaE2000(read(learned.waitSeconds(from, to)), read(60)));
            }
        // A chroma that is left counts more than the lightness that kUnseen is about.
        VERIFY_BELOW(worst, 4 * kUnseen);

        // From white to black: not much longer than until the light itself is unseen.
        const double needed = fall * std::log(903.3 / kUnseen);
        VERIFY_BELOW(learned.waitSeconds(kWhite, kBlack), 1.3 * needed + 0.2);
        if (fall >= rise) // else what rises along takes the time
            QVERIFY(learned.waitSeconds(kWhite, {200, 200, 200}) <=
                    learned.waitSeconds(kWhite, kBlack));
        QCOMPARE(learned.waitSeconds(kBlack, kBlack), 0.0);
        QVERIFY(learned.waitSeconds({}, kBlack) >= learned.waitSeconds(kWhite, kBlack));
    }

    /// Time that does not pass for the light, or light that is there anyway, is no settling.
    void whatWaitingDoesNotLessenIsNotWaitedFor()
    {
        SettlingPlan plan;
        int blacks = 0;
        while (std::holds_alternative<ReadPatch>(plan.next())) {
            const auto patch = std::get<ReadPatch>(plan.next());
            const bool black = patch.rgb == kBlack;
            blacks = black ? blacks + 1 : 0;
            plan.accept({patch.rgb, {0, black ? (blacks == 1 ? 5.0 : 0.1) : 100.0, 0}, 1});
            QVERIFY(plan.readingsDone() < 40);
        }
        QCOMPARE(plan.result().longestWaitSeconds(), 0.0);
    }

    void aDeadMeterEndsThePlan()
    {
        SettlingPlan plan;
        while (std::holds_alternative<ReadPatch>(plan.next())) {
            plan.accept({std::get<ReadPatch>(plan.next()).rgb, {0, 0, 0}, 0});
            QVERIFY(plan.readingsDone() < 40);
        }
        QCOMPARE(plan.result(), Settling{});
    }

    void comesBackFromItsFile()
    {
        const Settling s{{0.25, 0.5}, {0.125, 0.75}};
        const Json json = settlingToJson(s);
        QCOMPARE(settlingFromJson(JsonObject(json, "file")), s);
        Json bad = json;
        bad["fall"]["left"] = 2;
        VERIFY_ERROR(settlingFromJson(JsonObject(bad, "file")), "left");
    }

    /// The bench's state holds light that has not settled, so that a run can be taken up again.
    void theBenchRemembersWhatWasLeft()
    {
        Bench a = benchWith(0.3, 0.9, "colorimeter", 5, true);
        luminance(a, kWhite);
        const std::string state = a.state().dump();
        const double early = luminance(a, kBlack);
        Bench b = benchWith(0.3, 0.9, "colorimeter", 5, true);
        b.restore(state, "state");
        QCOMPARE(luminance(b, kBlack), early);
        QVERIFY(early > 2 * luminance(a, kBlack));
        VERIFY_ERROR(b.restore(R"({"clock_seconds":1,"reading_number":2,"left":[1]})", "state"),
                     "left");
    }
};

namespace {
const lantern::test::Register<SettlingTest> registered("SettlingTest");
}

#include "settling_test.moc"
