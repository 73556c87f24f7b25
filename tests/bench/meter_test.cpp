#include "bench_parts.h"
#include "core/base/error.h"
#include "core/base/text.h"
#include "core/colour/difference.h"
#include "core/reading/meter_correction.h"
#include "runner.h"

#include <nlohmann/json.hpp>

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
        const bench::Display &generic = genericDisplay("led-phosphor");
        const Meter reed(meterFromJson(reedJson(), "m"), generic, 1);
        const Vec3 white = reed.factoryMatrix() * reed.channelSignals(generic) * Vec3::Ones();
        const XYZ truth = toXyz(generic.channelXyz() * Vec3::Ones());
        VERIFY_BELOW(deltaUvPrime(uvPrime(toXyz(white)), uvPrime(truth)), 1e-6);
    }

    /// Computed from spectra, the correction makes the meter right on the very panel whose spectra
    /// these are, as good as one made by readings.
    void aCorrectionFromSpectraMakesItRight()
    {
        const bench::Display &panel = genericDisplay("oled");
        const Meter reed(meterFromJson(reedJson(), "m"), genericDisplay("led-phosphor"), 1);
        QString meterCsv = QStringLiteral("nm;X;Y;Z\n");
        QString panelCsv = QStringLiteral("nm,Red,Green,Blue\n");
        for (int i = 0; i < kBands; ++i) {
            const Vec3 raw(reed.filter(0)[i], reed.filter(1)[i], reed.filter(2)[i]);
            const Vec3 seen = reed.factoryMatrix() * raw;
            const QString nm = QString::number(kFirstNm + 5 * i);
            meterCsv += QStringLiteral("%1;%2;%3;%4\n")
                            .arg(nm)
                            .arg(seen[0], 0, 'g', 15)
                            .arg(seen[1], 0, 'g', 15)
                            .arg(seen[2], 0, 'g', 15);
            panelCsv += QStringLiteral("%1,%2,%3,%4\n")
                            .arg(nm)
                            .arg(panel.channelSpectrum(0)[i], 0, 'g', 15)
                            .arg(panel.channelSpectrum(1)[i], 0, 'g', 15)
                            .arg(panel.channelSpectrum(2)[i], 0, 'g', 15);
        }
        const SpectralTable light = spectraFromText(panelCsv.toStdString(), "panel.csv");
        const Mat3 m = correctionFromSpectra(spectraFromText(meterCsv.toStdString(), "meter.csv"),
                                             "meter.csv", light, "panel.csv");
        const Mat3 read = reed.factoryMatrix() * reed.channelSignals(panel);
        for (const Vec3 &drive : {Vec3(1, 1, 1), Vec3(1, 0, 0), Vec3(0, 1, 0), Vec3(0, 0, 1)}) {
            const XYZ before = toXyz(read * drive);
            const XYZ after = toXyz(m * read * drive);
            const XYZ truth = toXyz(panel.channelXyz() * drive);
            VERIFY_BELOW(deltaUvPrime(uvPrime(after), uvPrime(truth)), 1e-4);
            QVERIFY(deltaUvPrime(uvPrime(before), uvPrime(truth)) > 1e-3);
        }
        VERIFY_NEAR((m * read * Vec3::Ones())[1] / (panel.channelXyz() * Vec3::Ones())[1], 1, 1e-4);

        // The same numbers as CGATS, a row for each curve.
        std::string fields = "SAMPLE_NAME";
        std::array<std::string, 3> rows = {"red", "green", "blue"};
        for (int i = 0; i < kBands; ++i) {
            fields += " SPECTRAL_NM" + std::to_string(kFirstNm + 5 * i);
            for (int c = 0; c < 3; ++c)
                rows[size_t(c)] += " " + exactNumber(panel.channelSpectrum(c)[i]);
        }
        const std::string cgats = "CGATS.17\nNUMBER_OF_FIELDS " + std::to_string(kBands + 1) +
                                  "\nBEGIN_DATA_FORMAT\n" + fields +
                                  "\nEND_DATA_FORMAT\nNUMBER_OF_SETS 3\nBEGIN_DATA\n" + rows[0] +
                                  "\n" + rows[1] + "\n" + rows[2] + "\nEND_DATA\n";
        const SpectralTable same = spectraFromText(cgats, "panel.cgats");
        QCOMPARE(same.nm, light.nm);
        for (size_t i = 0; i < same.nm.size(); ++i)
            VERIFY_NEAR(same.curve("green", "p").values[i], light.curve("green", "p").values[i],
                        1e-12);
        VERIFY_ERROR(correctionFromSpectra(same, "panel.cgats", light, "panel.csv"), "\"X\"");
    }

    void spectraOfNoUseAreRefused()
    {
        VERIFY_ERROR(spectraFromText("380 0.1\n", "s.csv"), "titled \"nm\"");
        VERIFY_ERROR(spectraFromText("nm,X\n380,1\n385,two\n", "s.csv"), "s.csv, line 3");
        VERIFY_ERROR(spectraFromText("nm,X\n380,1\n385,1\n", "s.csv"), "no spectra");
        std::string gap = "nm,X\n";
        for (int nm = 400; nm <= 700; nm += 30)
            gap += std::to_string(nm) + ",1\n";
        VERIFY_ERROR(spectraFromText(gap, "s.csv"), "steps of 20 nm");
    }

    /// Ohno and Hardis 1997: with the correction all four colours have the reference's
    /// chromaticity, and white its luminance.
    void fourColourCorrectionMeetsItsFourColours()
    {
        const bench::Display &generic = genericDisplay("oled");
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
