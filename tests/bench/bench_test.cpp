#include "bench/bench.h"
#include "core/difference.h"
#include "core/error.h"
#include "runner.h"

#include <Eigen/LU>
#include <cmath>

using namespace lantern;
using namespace lantern::bench;

namespace {

Json northJson()
{
    return parseJson(builtInText("north-desk.json"), "north-desk.json");
}

Display display(const Json &json)
{
    return Display(displayFromJson(json, "d.json"), "d.json");
}

/// North desk without anything that spoils it.
Json plainJson()
{
    Json j = northJson();
    j["black_ratio"] = 0;
    j["crosstalk"] = {{0, 0, 0}, {0, 0, 0}, {0, 0, 0}};
    j["hours"] = 0;
    j["controls"]["brightness"] = 100;
    for (const char *c : {"red", "green", "blue"})
        j["tone"][c] = {2.2, 0};
    j["panel_bits"] = 16;
    j["link_bits"] = 16;
    return j;
}

Json reedJson()
{
    return parseJson(builtInText("reed.json"), "reed.json");
}

Bench benchWith(const Json &displayJson, const Json &meterJson, const std::string &technology,
                uint64_t seed)
{
    return Bench(displayFromJson(displayJson, "d"), "d", meterFromJson(meterJson, "m"), technology,
                 seed);
}

MeterReading good(const MeterOutcome &outcome)
{
    return std::get<MeterReading>(outcome);
}

} // namespace

class BenchTest : public QObject {
    Q_OBJECT
private slots:
    void newWarmWhiteIsWhatTheFileSays()
    {
        const Display d = display(plainJson());
        const XYZ white = d.emitted({255, 255, 255}, d.initialCondition());
        VERIFY_NEAR(white.Y, 320, 1e-9);
        VERIFY_NEAR(chromaticity(white).x, 0.3080, 1e-12);
        VERIFY_NEAR(chromaticity(white).y, 0.3210, 1e-12);
    }

    void toneFollowsTheFormula()
    {
        Json j = plainJson();
        j["tone"]["green"] = {2.4, 0.3};
        const Display d = display(j);
        const double v = quantise(quantise(100 / 255.0, 16), 16);
        const double t = 0.7 * std::pow(v, 2.4) + 0.3 * v * v * (3 - 2 * v);
        VERIFY_NEAR(d.drive({0, 100, 0}, d.initialCondition())[1], t, 1e-15);
    }

    void crosstalkDimsTheRowsChannel()
    {
        Json j = plainJson();
        j["crosstalk"] = {{0, 0.1, 0}, {0, 0, 0}, {0, 0, 0.0}};
        const Display d = display(j);
        const Vec3 both = d.drive({255, 255, 0}, d.initialCondition());
        VERIFY_NEAR(both[0], 0.9, 1e-12);
        VERIFY_NEAR(both[1], 1.0, 1e-12);
    }

    void leakageIsAlwaysThere()
    {
        Json j = plainJson();
        j["black_ratio"] = 0.002;
        j["leak"] = {0.5, 1, 2};
        const Display d = display(j);
        const Vec3 black = d.drive({0, 0, 0}, d.initialCondition());
        VERIFY_NEAR(black[0], 0.001, 1e-15);
        VERIFY_NEAR(black[2], 0.004, 1e-15);
        VERIFY_NEAR(d.drive({255, 0, 0}, d.initialCondition())[0], 1.001, 1e-15);
    }

    void controlsAct()
    {
        const Display d = display(plainJson());
        DisplayCondition c = d.initialCondition();
        c.controls.brightness = 0;
        VERIFY_NEAR(d.emitted({255, 255, 255}, c).Y, 320 * 0.15, 1e-9);
        c = d.initialCondition();
        c.controls.redGain = 50;
        VERIFY_NEAR(d.drive({255, 0, 0}, c)[0], std::pow(quantise(0.5, 16), 2.2), 1e-12);
        c = d.initialCondition();
        c.controls.contrast = 100; // above factory: clipped at full drive
        VERIFY_NEAR(d.drive({255, 0, 0}, c)[0], 1, 1e-12);
    }

    void gainsDoNothingWhereThereAreNone()
    {
        Json j = plainJson();
        j["has_rgb_gains"] = false;
        const Display d = display(j);
        DisplayCondition c = d.initialCondition();
        c.controls.redGain = 20;
        VERIFY_NEAR(d.drive({255, 0, 0}, c)[0], 1, 1e-12);
    }

    void warmUpAgeAndPlaceScaleTheChannels()
    {
        Json j = plainJson();
        j["hours"] = 38000;
        const Display d = display(j);
        DisplayCondition c = d.initialCondition();
        VERIFY_NEAR(d.scale(c)[2], 0.5, 1e-12); // one half-life of blue
        c.minutesOn = 0;
        VERIFY_NEAR(d.scale(c)[2], 0.5 * (1 - 0.09), 1e-12);
        c.minutesOn = 9;
        VERIFY_NEAR(d.scale(c)[2], 0.5 * (1 - 0.09 / std::exp(1.0)), 1e-12);
        VERIFY_NEAR(d.place({1, 1})[0], 1 + 0.01 - 0.02 - 0.06 - 0.05, 1e-12);
        VERIFY_NEAR(d.place({})[0], 1, 1e-15);
        VERIFY_BELOW(std::abs(d.meanPlace({}, 27)[1] - 1), 1e-3);
        QVERIFY(d.meanPlace({}, 27)[1] < 1);
    }

    void lutNightLightAndLinkQuantisation()
    {
        Json j = plainJson();
        j["link_bits"] = 6;
        const Display d = display(j);
        DisplayCondition c = d.initialCondition();
        VERIFY_NEAR(d.drive({0, 100, 0}, c)[1],
                    std::pow(quantise(std::floor(100 / 255.0 * 63 + 0.5) / 63, 16), 2.2), 1e-12);
        c.nightLight = {1, 0.5, 0.25};
        VERIFY_NEAR(d.drive({0, 0, 255}, c)[2], std::pow(quantise(quantise(0.25, 6), 16), 2.2),
                    1e-12);
        c = d.initialCondition();
        VideoLut half = VideoLut::identity();
        for (auto &v : half.channels[0])
            v = uint16_t(v / 2);
        c.lut = half;
        VERIFY_NEAR(d.drive({255, 0, 0}, c)[0],
                    std::pow(quantise(quantise(32767 / 65535.0, 6), 16), 2.2), 1e-12);
    }

    void memorySlotIsApplied()
    {
        const Display d = display(plainJson());
        DisplayCondition c = d.initialCondition();
        std::array<std::vector<double>, 3> slot;
        for (auto &table : slot)
            for (int i = 0; i < 1024; ++i)
                table.push_back(std::pow(i / 1023.0, 2));
        c.memorySlot = slot;
        const double u = quantise(0.5, 16);
        const double v = quantise(u * u, 16);
        VERIFY_NEAR(d.drive({127.5, 0, 0}, c)[0], std::pow(v, 2.2), 2e-4);
    }

    void roomLightIsReflected()
    {
        const Display d = display(plainJson());
        const XYZ r = d.reflected(100, {0.3457, 0.3585});
        VERIFY_NEAR(r.Y, 0.012 * 100 / std::acos(-1.0), 1e-12);
        VERIFY_NEAR(chromaticity(r).x, 0.3457, 1e-12);
    }

    void codeValuesOutsideAreErrors()
    {
        const Display d = display(plainJson());
        VERIFY_ERROR(d.emitted({256, 0, 0}, d.initialCondition()), "256 is outside 0 to 255");
        VERIFY_ERROR(d.emitted({0, -0.1, 0}, d.initialCondition()), "outside");
        VERIFY_ERROR(d.emitted({0, 0, std::nan("")}, d.initialCondition()), "outside");
    }

    void displayFilesAreStrict_data()
    {
        QTest::addColumn<QString>("pointer");
        QTest::addColumn<QString>("value");
        QTest::addColumn<QString>("message");
        QTest::newRow("unknown key") << "/colour"
                                     << "1"
                                     << "key \"colour\"";
        QTest::newRow("link bits") << "/link_bits"
                                   << "5"
                                   << "key \"link_bits\": is 5; it must be within 6 to 16";
        QTest::newRow("panel bits not whole") << "/panel_bits"
                                              << "8.5"
                                              << "whole number";
        QTest::newRow("too dim") << "/white_luminance"
                                 << "9"
                                 << "within 10 to 5000";
        QTest::newRow("narrow peak") << "/primaries/red/0/fwhm"
                                     << "7"
                                     << "primaries.red[0].fwhm";
        QTest::newRow("peak outside") << "/primaries/green/0/peak"
                                      << "800"
                                      << "within 380 to 780";
        QTest::newRow("no area") << "/primaries/blue/0/area"
                                 << "0"
                                 << "above 0";
        QTest::newRow("no peaks") << "/primaries/blue"
                                  << "[]"
                                  << "1 to 64 peaks";
        QTest::newRow("white outside the triangle") << "/native_white"
                                                    << "[0.7, 0.29]"
                                                    << "native_white";
        QTest::newRow("black ratio") << "/black_ratio"
                                     << "0.06"
                                     << "within 0 to 0.05";
        QTest::newRow("leak") << "/leak"
                              << "[1, 11, 1]"
                              << "leak[1]";
        QTest::newRow("tone g") << "/tone/red"
                                << "[0.4, 0]"
                                << "tone.red";
        QTest::newRow("tone s") << "/tone/red"
                                << "[2, 1.5]"
                                << "tone.red";
        QTest::newRow("diagonal cross-talk") << "/crosstalk/1/1"
                                             << "0.1"
                                             << "crosstalk[1][1]";
        QTest::newRow("strong cross-talk") << "/crosstalk/0/1"
                                           << "0.4"
                                           << "within 0 to 0.3";
        QTest::newRow("brightness") << "/controls/brightness"
                                    << "101"
                                    << "controls.brightness";
        QTest::newRow("factory contrast") << "/factory_controls/contrast"
                                          << "0"
                                          << "above 0";
        QTest::newRow("tau") << "/warm_up/tau_minutes"
                             << "0"
                             << "tau_minutes";
        QTest::newRow("amplitude") << "/warm_up/amplitude"
                                   << "[0, 0, -0.6]"
                                   << "amplitude[2]";
        QTest::newRow("falloff length") << "/falloff/red"
                                        << "[0, 0]"
                                        << "list of 5 numbers";
        QTest::newRow("negative hours") << "/hours"
                                        << "-1"
                                        << "key \"hours\"";
        QTest::newRow("half life") << "/half_life_hours"
                                   << "[0, 1, 1]"
                                   << "half_life_hours";
        QTest::newRow("reflectance") << "/reflectance"
                                     << "0.3"
                                     << "within 0 to 0.2";
        QTest::newRow("slots") << "/memory_slots"
                               << "5"
                               << "within 0 to 4";
        QTest::newRow("technology") << "/technology"
                                    << "\"plasma\""
                                    << "led-phosphor, led-wide, ccfl, oled, other";
        QTest::newRow("boolean") << "/remote_controls"
                                 << "1"
                                 << "true or false";
        QTest::newRow("text") << "/name"
                              << "7"
                              << "text in quotes";
    }
    void displayFilesAreStrict()
    {
        QFETCH(QString, pointer);
        QFETCH(QString, value);
        QFETCH(QString, message);
        Json j = northJson();
        j[Json::json_pointer(pointer.toStdString())] = Json::parse(value.toStdString());
        VERIFY_ERROR(display(j), message.toUtf8().constData());
        VERIFY_ERROR(display(j), "d.json");
    }

    void everyDisplayKeyIsRequired()
    {
        const Json all = northJson();
        for (const auto &[key, value] : all.items()) {
            Json j = all;
            j.erase(key);
            VERIFY_ERROR(display(j), ("key \"" + key + "\": is missing").c_str());
        }
    }

    void meterFilesAreStrict()
    {
        const Json all = reedJson();
        for (const auto &[key, value] : all.items()) {
            Json j = all;
            j.erase(key);
            VERIFY_ERROR(meterFromJson(j, "m.json"), ("key \"" + key + "\": is missing").c_str());
        }
        Json j = all;
        j["T_max_s"] = 0.1;
        VERIFY_ERROR(meterFromJson(j, "m.json"), "T_max_s");
        j = all;
        j["kind"] = "spectro";
        VERIFY_ERROR(meterFromJson(j, "m.json"), "colorimeter, reference");
        j = all;
        j["colour"] = 1;
        VERIFY_ERROR(meterFromJson(j, "m.json"), "\"colour\"");
    }

    void referenceMeterReadsTheTruth()
    {
        Json heron = parseJson(builtInText("heron.json"), "h");
        heron["read_noise"] = 0;
        heron["shot"] = 0;
        Bench b = benchWith(northJson(), heron, "", 1);
        const XYZ read = good(b.read(DeviceRgb{200, 100, 50})).xyz;
        DisplayCondition c = b.condition();
        const XYZ centre = b.display().emitted({200, 100, 50}, c);
        VERIFY_BELOW((vec(read) - vec(centre)).norm() / vec(centre).norm(),
                     2e-3); // the circle, not the centre
        b.condition().minutesOn.reset();
        QCOMPARE(b.meter().factoryMatrix(), Mat3(Mat3::Identity()));
        QCOMPARE(b.meter().correction(), Mat3(Mat3::Identity()));
    }

    void factoryMatrixIsGoodOnItsTrainingDisplay()
    {
        const Display &generic = genericDisplay("led-phosphor");
        const Meter reed(meterFromJson(reedJson(), "m"), generic, 1);
        const Vec3 white = reed.factoryMatrix() * reed.channelSignals(generic) * Vec3::Ones();
        const XYZ truth = toXyz(generic.channelXyz() * Vec3::Ones());
        VERIFY_BELOW(deltaUvPrime(uvPrime(toXyz(white)), uvPrime(truth)), 1e-6);
    }

    /// Ohno and Hardis 1997: with the correction all four colours have the reference's
    /// chromaticity, and white its luminance.
    void fourColourCorrectionMeetsItsFourColours()
    {
        const Display &generic = genericDisplay("oled");
        Meter reed(meterFromJson(reedJson(), "m"), genericDisplay("led-phosphor"), 1);
        reed.setCorrection(generic);
        const Mat3 read = reed.correction() * reed.factoryMatrix() * reed.channelSignals(generic);
        for (int c = 0; c < 3; ++c)
            VERIFY_BELOW(deltaUvPrime(uvPrime(toXyz(read.col(c))),
                                      uvPrime(toXyz(generic.channelXyz().col(c)))),
                         1e-9);
        const XYZ white = toXyz(read * Vec3::Ones());
        const XYZ truth = toXyz(generic.channelXyz() * Vec3::Ones());
        VERIFY_BELOW(deltaUvPrime(uvPrime(white), uvPrime(truth)), 1e-9);
        VERIFY_NEAR(white.Y, truth.Y, 1e-9);
    }

    void wrongTechnologyLeavesAVisibleError()
    {
        auto errorWith = [&](const std::string &technology) {
            Bench b = benchWith(northJson(), reedJson(), technology, 1);
            b.meter().zero();
            const XYZ read = good(b.read(DeviceRgb{255, 255, 255})).xyz;
            return deltaUvPrime(uvPrime(read),
                                uvPrime(b.display().emitted({255, 255, 255}, b.condition())));
        };
        VERIFY_BELOW(errorWith("led-wide"), 0.001);
        QVERIFY(errorWith("ccfl") > 0.002);
    }

    void darkOffsetGoesWithZeroing()
    {
        Json quiet = reedJson();
        quiet["read_noise"] = 0;
        quiet["shot"] = 0;
        Bench b = benchWith(northJson(), quiet, "", 1);
        QVERIFY(!b.meter().isZeroed());
        const XYZ before = good(b.read(DeviceRgb{0, 0, 0})).xyz;
        b.meter().zero();
        const XYZ after = good(b.read(DeviceRgb{0, 0, 0})).xyz;
        QVERIFY(before.Y > after.Y + 0.002);
    }

    void noiseIsSeededAndOfTheStatedSize()
    {
        Bench a = benchWith(northJson(), reedJson(), "", 7);
        Bench b = benchWith(northJson(), reedJson(), "", 7);
        Bench c = benchWith(northJson(), reedJson(), "", 8);
        const DeviceRgb grey{60, 60, 60};
        double sum = 0, squares = 0, mean = 0;
        constexpr int kReadings = 2000;
        std::vector<double> values;
        for (int i = 0; i < kReadings; ++i) {
            const XYZ ra = good(a.read(grey)).xyz;
            QCOMPARE(ra, good(b.read(grey)).xyz);
            QVERIFY(!(ra == good(c.read(grey)).xyz));
            values.push_back((a.meter().factoryMatrix().inverse() *
                              a.meter().correction().inverse() * vec(ra))[1]);
        }
        for (const double v : values)
            sum += v;
        mean = sum / kReadings;
        for (const double v : values)
            squares += (v - mean) * (v - mean);
        const double luminance = a.display().emitted(grey, a.condition()).Y;
        const double t = a.meter().integrationSeconds(luminance);
        const double expected = (0.002 * 0.002 + 0.00002 * luminance) / t;
        VERIFY_NEAR(squares / (kReadings - 1) / expected, 1,
                    0.15); // 5 sigma of a variance from 2000
    }

    void normalNoiseIsNormal()
    {
        double sum = 0, squares = 0, fourth = 0;
        constexpr int n = 100000;
        for (int i = 0; i < n; ++i) {
            const double v = normalNoise(3, 1, uint64_t(i));
            sum += v;
            squares += v * v;
            fourth += v * v * v * v;
        }
        VERIFY_NEAR(sum / n, 0, 0.015);
        VERIFY_NEAR(squares / n, 1, 0.02);
        VERIFY_NEAR(fourth / n, 3, 0.2);
    }

    void darkPatchesTakeLonger()
    {
        Bench b = benchWith(northJson(), reedJson(), "", 1);
        QCOMPARE(b.meter().integrationSeconds(1000), 0.2);
        QCOMPARE(b.meter().integrationSeconds(0), 4.0);
        QCOMPARE(b.meter().integrationSeconds(-1), 4.0);
        QCOMPARE(b.meter().integrationSeconds(10), 0.8);
        const double before = b.clockSeconds();
        const double t = good(b.read(DeviceRgb{255, 255, 255})).integrationSeconds;
        VERIFY_NEAR(b.clockSeconds() - before, 0.25 + t, 1e-12);
    }

    void faultsHappenOnceAndUseNoReadingNumber()
    {
        Bench b = benchWith(northJson(), reedJson(), "", 1);
        Bench undisturbed = benchWith(northJson(), reedJson(), "", 1);
        for (const MeterFault f :
             {MeterFault::Unplugged, MeterFault::TimedOut, MeterFault::Saturated,
              MeterFault::WantsZeroing, MeterFault::DriverDied}) {
            b.meter().injectFault(b.meter().readingNumber(), f);
            QCOMPARE(std::get<MeterFault>(b.read(DeviceRgb{9, 9, 9})), f);
        }
        b.meter().injectFault(0, MeterFault::Garbage);
        QVERIFY(!isFinite(good(b.read(DeviceRgb{9, 9, 9})).xyz));
        b.setClockSeconds(undisturbed.clockSeconds());
        QCOMPARE(good(b.read(DeviceRgb{9, 9, 9})).xyz,
                 good(undisturbed.read(DeviceRgb{9, 9, 9})).xyz);
    }

    void offThePatchItReadsTheRoom()
    {
        Bench b = benchWith(northJson(), reedJson(), "", 1);
        b.meter().zero();
        b.room() = {300, {0.44, 0.40}};
        b.meter().injectFault(0, MeterFault::OffPatch);
        const XYZ read = good(b.read(DeviceRgb{255, 255, 255})).xyz;
        const XYZ room = b.display().reflected(300, {0.44, 0.40});
        VERIFY_NEAR(read.Y, room.Y, 0.05);
    }

    void severalColoursAddUpByArea()
    {
        Json quiet = reedJson();
        quiet["read_noise"] = 0;
        quiet["shot"] = 0;
        Bench b = benchWith(northJson(), quiet, "", 1);
        b.meter().zero();
        const XYZ white = good(b.read(DeviceRgb{255, 255, 255})).xyz;
        const XYZ black = good(b.read(DeviceRgb{0, 0, 0})).xyz;
        const XYZ half =
            good(b.read(Bench::SeenColours{{{255, 255, 255}, 0.25}, {{0, 0, 0}, 0.75}})).xyz;
        VERIFY_NEAR(half.Y, 0.25 * white.Y + 0.75 * black.Y, 1e-6 * white.Y);
    }

    void allGenericDisplaysAreSound()
    {
        for (const std::string &name : technologies()) {
            const Display &d = genericDisplay(name);
            QCOMPARE(d.description().technology, name);
            VERIFY_NEAR(d.emitted({255, 255, 255}, d.initialCondition()).Y, 250, 1e-9);
        }
        VERIFY_ERROR(genericDisplay("plasma"), "\"plasma\" is not known");
        VERIFY_ERROR(builtInMeter("sphere"), "reference or colorimeter");
        VERIFY_ERROR(builtInText("nothing.json"), "does not ship");
    }
};

namespace {
const lantern::test::Register<BenchTest> registered("BenchTest");
}

#include "bench_test.moc"
