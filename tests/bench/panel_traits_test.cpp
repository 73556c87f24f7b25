#include "bench/bench.h"
#include "core/base/error.h"
#include "runner.h"

#include <nlohmann/json.hpp>

#include <cmath>
#include <numbers>

using namespace lantern;
using namespace lantern::bench;

/// What real panels do, docs/simulated-bench.md. That the formulas are the page's is checked by the
/// second implementation (reference/independent_bench.py); here what a reading sees, and the
/// limits.
class PanelTraitsTest : public QObject {
    Q_OBJECT
private slots:
    /// A meter asked at once after white reads a mixture: the mean of an exponential over its time.
    void aSlowPanelIsReadTooEarly()
    {
        Bench b = made({{"response", {{"rise_seconds", 0.05}, {"fall_seconds", 0.4}}}});
        const auto luminance = [&](const DeviceRgb &c) {
            return std::get<MeterReading>(b.read(c)).xyz.Y;
        };
        const double white = luminance({255, 255, 255});
        const double settled = b.display().emitted({20, 20, 20}, b.condition()).Y;
        const double t = b.meter().integrationSeconds(settled);
        const double s = b.meter().description().settleSeconds;
        const double left = 0.4 / t * (std::exp(-s / 0.4) - std::exp(-(s + t) / 0.4));
        const double early = luminance({20, 20, 20});
        VERIFY_NEAR(early, settled + left * (white - settled), 2e-3 * early);
        b.setClockSeconds(b.clockSeconds() + 10);
        VERIFY_NEAR(luminance({20, 20, 20}), settled, 2e-3 * settled);
    }

    void lightOfTheRoomGetsUnderTheMeter()
    {
        Bench dark = made({});
        Bench leaky = made({}, 0.001);
        leaky.room().illuminanceLux = 500;
        const double more = std::get<MeterReading>(leaky.read({0, 0, 0})).xyz.Y -
                            std::get<MeterReading>(dark.read({0, 0, 0})).xyz.Y;
        VERIFY_NEAR(more, 0.001 * 500 / std::numbers::pi, 1e-3);
    }

    void aDriftingDisplayMovesWithTheClock()
    {
        Bench b =
            made({{"drift",
                   {{"per_hour", {-0.06, -0.06, -0.06}}, {"swing", 0}, {"period_minutes", 60}}}});
        const double before = std::get<MeterReading>(b.read({255, 255, 255})).xyz.Y;
        b.setClockSeconds(b.clockSeconds() + 3600);
        const double after = std::get<MeterReading>(b.read({255, 255, 255})).xyz.Y;
        // four hours on: 0.76 of the light, an hour later 0.70
        VERIFY_NEAR(after / before, 0.70 / 0.76, 2e-3);
    }

    void refusesWhatIsOutOfRange_data()
    {
        QTest::addColumn<QByteArray>("key");
        QTest::addColumn<QByteArray>("value");
        QTest::addColumn<QString>("message");
        QTest::newRow("too crushed")
            << QByteArray("ends") << QByteArray(R"({"crush":[0.3,0,0],"clip":[1,1,1]})")
            << "ends.crush";
        QTest::newRow("unknown key inside")
            << QByteArray("dither") << QByteArray(R"({"bits":6,"frames":4,"speed":1})") << "speed";
        QTest::newRow("table of the wrong size")
            << QByteArray("picture_mode")
            << QByteArray(
                   R"({"gamma":2,"matrix":[1,0,0,0,1,0,0,0,1],)"
                   R"("axes":[0,0,0,0,0,0,0,0,0,0,0,0,0,0,0,0,0,0],"points":2,"table":[0,1]})")
            << "table";
        QTest::newRow("one point") << QByteArray("picture_mode")
                                   << QByteArray(R"({"gamma":2,"matrix":[1,0,0,0,1,0,0,0,1],)"
                                                 R"("axes":[0,0,0,0,0,0,0,0,0,0,0,0,0,0,0,0,0,0],)"
                                                 R"("points":1,"table":[]})")
                                   << "points";
    }
    void refusesWhatIsOutOfRange()
    {
        QFETCH(QByteArray, key);
        QFETCH(QByteArray, value);
        QFETCH(QString, message);
        Json json = parseJson(builtInText("north-desk.json"), "north");
        json[key.toStdString()] = Json::parse(value.toStdString());
        VERIFY_ERROR(displayFromJson(json, "north"), message.toUtf8().constData());
    }

private:
    static Bench made(const Json &extra, double lightLeak = 0)
    {
        Json json = parseJson(builtInText("north-desk.json"), "north");
        for (const auto &[key, value] : extra.items())
            json[key] = value;
        MeterDescription meter = builtInMeter("reference");
        meter.readNoise = meter.shot = 0;
        meter.lightLeak = lightLeak;
        Bench b(displayFromJson(json, "north"), "north", meter, "", 1);
        b.meter().zero();
        return b;
    }
};

namespace {
const lantern::test::Register<PanelTraitsTest> registered("PanelTraitsTest");
}

#include "panel_traits_test.moc"
