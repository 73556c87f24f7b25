#include "bench_parts.h"
#include "core/difference.h"
#include "core/error.h"
#include "runner.h"

#include <Eigen/LU>
#include <cmath>

using namespace lantern;
using namespace lantern::bench;
using namespace lantern::test;

class MeterTest : public QObject {
    Q_OBJECT
private slots:
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

    void anUnpluggedMeterDoesNotAnswer()
    {
        Bench b = benchWith(northJson(), reedJson(), "", 1);
        QVERIFY(b.meter().answers());
        b.meter().injectFault(0, MeterFault::Saturated);
        QVERIFY(b.meter().answers());
        b.meter().injectFault(0, MeterFault::Unplugged);
        QVERIFY(!b.meter().answers());
        (void)b.read(DeviceRgb{9, 9, 9});
        QVERIFY(b.meter().answers());
    }
};

namespace {
const lantern::test::Register<MeterTest> registered("MeterTest");
}

#include "meter_test.moc"
