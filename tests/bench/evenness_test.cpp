#include "bench/plan_runner.h"
#include "core/base/error.h"
#include "core/judge/evenness.h"
#include "runner.h"

#include <QDir>

#include <nlohmann/json.hpp>

#include <fstream>
#include <sstream>

namespace lantern::test {

namespace {

bench::DisplayDescription builtIn(const char *file)
{
    return bench::displayFromJson(parseJson(bench::builtInText(file), file), file);
}

Evenness measured(bench::Bench &bench, const EvennessGrid &grid, const std::vector<int> &greys)
{
    EvennessPlan plan(grid, greys, 0.08, 0.14, EvennessPlan::Finding::ByLight);
    bench::carryOut(plan, bench, bench::learnSettling(bench));
    return judgeEvenness({.grid = grid,
                          .greys = greys,
                          .readings = plan.readings(),
                          .colours = plan.colours(),
                          .tolerance = toleranceByName("studio"),
                          .errors = {}});
}

/// What the display model itself says of a field.
double trueRatio(const bench::Bench &b, const SpotPlace &at, int grey)
{
    const DeviceRgb rgb{double(grey), double(grey), double(grey)};
    return b.display().emitted(rgb, b.condition(), {2 * at.x - 1, 2 * at.y - 1}).Y /
           b.display().emitted(rgb, b.condition()).Y;
}

} // namespace

/// Evenness as measured, against the evenness that the display model has.
class EvennessTest : public QObject {
    Q_OBJECT
private slots:
    void theModelsEvennessIsFound_data()
    {
        QTest::addColumn<QString>("file");
        QTest::addColumn<QString>("meter");
        for (const char *file : {"north-desk.json", "south-desk.json", "field-laptop.json"})
            for (const char *meter : {"reference", "colorimeter"})
                QTest::addRow("%s by %s", file, meter) << QString(file) << QString(meter);
    }

    void theModelsEvennessIsFound()
    {
        QFETCH(QString, file);
        QFETCH(QString, meter);
        bench::Bench b(builtIn(file.toLatin1().constData()), file.toStdString(),
                       bench::builtInMeter(meter.toStdString()), "", 11);
        const Evenness e = measured(b, {5, 5}, {255, 128});
        QVERIFY(e.isWhole());
        for (const EvenField &f : e.fields) {
            const double truth = trueRatio(b, placeOf(f.spot, e.grid), e.greys[size_t(f.level)]);
            VERIFY_NEAR(f.ratio, truth, 0.004); // the meter's circle, and its scatter
        }
        const JudgedFigure *light = e.verdict.find(Figure::EvenLight);
        QVERIFY(light);
        double truth = 0;
        for (const EvenField &f : e.fields)
            truth = std::max(
                truth,
                std::abs(trueRatio(b, placeOf(f.spot, e.grid), e.greys[size_t(f.level)]) - 1));
        VERIFY_NEAR(light->value, truth, 0.004);
        QVERIFY(light->uncertainty.total() > 0 && light->uncertainty.total() < 0.01);
    }

    /// A display that is still warming up: without the returns to the middle the far corner would
    /// be off by as much as white has drifted.
    void aDisplayThatWarmsUpIsAsEven()
    {
        auto display = builtIn("south-desk.json");
        display.tauMinutes = 3;
        display.warmUpAmplitude *= 2;
        bench::Bench b(display, "south", bench::builtInMeter("reference"), "", 5);
        b.setClockSeconds(30);
        const Evenness e = measured(b, {5, 5}, {255});
        QVERIFY2(e.drift[1] > 0.02, qPrintable(QString::number(e.drift[1])));
        for (const EvenField &f : e.fields)
            VERIFY_NEAR(f.ratio, trueRatio(b, placeOf(f.spot, e.grid), 255), 0.005);
    }

    /// The channels are what the model evens out; its own numbers are the source.
    void eveningItOutCostsWhatTheModelSays()
    {
        bench::Bench b(builtIn("north-desk.json"), "north", bench::builtInMeter("reference"), "",
                       7);
        const Evenness e = measured(b, {5, 5}, {255});
        double light = 1;
        double colour = 1;
        for (const EvenField &f : e.fields) {
            const SpotPlace at = placeOf(f.spot, e.grid);
            light = std::min(light, trueRatio(b, at, 255));
            colour =
                std::min(colour, b.display().place({2 * at.x - 1, 2 * at.y - 1}, {}).minCoeff());
        }
        VERIFY_NEAR(e.cost.ofLight, 1 - light, 0.004);
        QVERIFY(e.cost.ofColour.has_value());
        VERIFY_NEAR(*e.cost.ofColour, 1 - colour, 0.008);
        QVERIFY(*e.cost.ofColour > e.cost.ofLight);
    }

    void theMonitorsOwnCompensationIsSeenAndItsCost()
    {
        bench::Bench b(builtIn("north-desk.json"), "north", bench::builtInMeter("reference"), "",
                       9);
        const Evenness without = measured(b, {3, 3}, {255});
        b.condition().evened = true;
        const Evenness with = measured(b, {3, 3}, {255});
        const CompensationCost cost = compensationCost(without, with);
        QVERIFY(cost.worstWith < 0.4 * cost.worstWithout);
        const double told = b.display().emitted({255, 255, 255}, b.condition()).Y;
        b.condition().evened = false;
        const double bare = b.display().emitted({255, 255, 255}, b.condition()).Y;
        VERIFY_NEAR(cost.light, 1 - told / bare, 0.004);
        QVERIFY(cost.light > 0.05);
    }

    /// Other panels than the demo's: dimming with the lit area, slow light, channels that do not
    /// add up. A meter that hangs where it should is never doubted for them.
    void otherPanelsAreMeasuredToo()
    {
        const QDir folder(QStringLiteral(LANTERN_MARKS));
        int count = 0;
        for (const QString &name : folder.entryList({QStringLiteral("*.json")})) {
            const std::string path = folder.filePath(name).toStdString();
            std::ifstream file(path);
            std::ostringstream text;
            text << file.rdbuf();
            bench::Bench b(bench::displayFromJson(parseJson(text.str(), path), path), path,
                           bench::builtInMeter("colorimeter"), "", 13);
            EvennessPlan plan({3, 3}, {255, 128, 64}, 0.08, 0.14, EvennessPlan::Finding::ByLight);
            bench::carryOut(plan, b, bench::learnSettling(b));
            // 10 stops of 6 readings and 2 looks, 3 colours and the dark screen
            QVERIFY2(plan.readingsDone() <= 10 * 8 + 4 + 4, qPrintable(name));
            ++count;
        }
        QVERIFY(count >= 5);
    }
};

static const Register<EvennessTest> registered("EvennessTest");

} // namespace lantern::test

#include "evenness_test.moc"
