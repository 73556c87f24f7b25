#include "bench/plan_runner.h"
#include "core/colour/difference.h"
#include "core/colour/white.h"
#include "core/plan/adjustment.h"
#include "core/plan/calibration.h"
#include "core/plan/chart.h"
#include "core/plan/fine_tune.h"
#include "core/plan/warm_up.h"
#include "runner.h"

#include <QFile>
#include <nlohmann/json.hpp>

#include <random>

namespace lantern::test {

namespace {

/// A calibrated display of the bench with its profile, read by the reference meter.
struct Calibrated {
    explicit Calibrated(const char *file, bool marks = false)
        : bench(bench::displayFromJson(
                    parseJson(marks ? readWhole(file) : bench::builtInText(file), file), file),
                file, bench::builtInMeter("reference"), "", 31)
    {
        Aim aim;
        aim.luminanceCdM2 = 100;
        const auto &d = bench.display().description();
        const Settling settling = bench::learnSettling(bench);
        if (d.remoteControls) {
            AdjustPlan adjust(aim, d.controls, {true, d.hasRgbGains});
            bench::carryOut(adjust, bench, settling);
        }
        CalibrationPlan calibration(aim, {d.linkBits, bench.condition().controls});
        bench::carryOut(calibration, bench, settling);
        path = signalPath(calibration.result(), {d.linkBits, bench.condition().controls});
        PatchListPlan chart(measuringOrder(makeChart(200)));
        bench::carryOut(chart, bench, settling);
        ProfileRequest request;
        request.path = path;
        request.name = "calibrated";
        icc = buildProfile(chart.readings(), request, "chart").icc;
        white = show(kDeviceWhite);
    }

    static std::string readWhole(const char *file)
    {
        QFile f(QStringLiteral(LANTERN_MARKS "/") + QLatin1String(file));
        if (!f.open(QIODevice::ReadOnly))
            throw std::runtime_error("cannot read it");
        return f.readAll().toStdString();
    }
    /// The display itself, without a meter.
    XYZ show(const DeviceRgb &rgb) { return bench.display().emitted(rgb, bench.condition()); }
    TunableDisplay tunable(const Mat3 &change = Mat3::Identity())
    {
        return {ProfileFile(icc, "calibrated"), path, white, change};
    }

    bench::Bench bench;
    SignalPath path; ///< with the calibration's LUT
    std::vector<uint8_t> icc;
    XYZ white;
};

} // namespace

/// What is asked of a calibration by eye comes about on displays that it knows only by readings.
class FineTuneTest : public QObject {
    Q_OBJECT
private slots:
    void stepsHaveTheSizeThatIsSaid_data()
    {
        QTest::addColumn<QByteArray>("file");
        QTest::addColumn<bool>("marks");
        for (const char *file : {"north-desk.json", "south-desk.json", "field-laptop.json"})
            QTest::newRow(file) << QByteArray(file) << false;
        QTest::newRow("dot panel") << QByteArray("dot-panel.json") << true;
    }

    void stepsHaveTheSizeThatIsSaid()
    {
        QFETCH(QByteArray, file);
        QFETCH(bool, marks);
        Calibrated c(file.constData(), marks);
        const TunableDisplay display = c.tunable();
        const UvPrime before = uvPrime(c.white);
        for (const UvPrime step : {UvPrime{0.002, 0}, UvPrime{0, -0.003}, UvPrime{-0.004, 0.002}}) {
            FineTune tune;
            tune.white = step;
            tune.luminanceCdM2 = -8;
            const auto tuned = display.tuned(tune);
            QVERIFY(!tuned.isLimited);
            c.bench.condition().lut = tuned.lut;
            const XYZ after = c.show(kDeviceWhite);
            const UvPrime uv = uvPrime(after);
            // What is said to come of it does; the rest is the output's whole steps.
            VERIFY_BELOW(deltaUvPrime(uv, uvPrime(tuned.white)), 3e-4);
            VERIFY_NEAR(after.Y, tuned.white.Y, 0.4);
            VERIFY_NEAR(deltaUvPrime(uv, {before.u + step.u, before.v + step.v}), tuned.missed,
                        3e-4);
            VERIFY_BELOW(tuned.missed, c.path.linkBits.value_or(8) > 8 ? 2e-4 : 9e-4);
            VERIFY_NEAR(after.Y - c.white.Y, -8, 1.0);
        }
    }

    /// Half a step in the greys is seen in the greys alone, and by its size.
    void middleGreysAreLifted()
    {
        Calibrated c("north-desk.json");
        const TunableDisplay display = c.tunable();
        const auto lightness = [&](double code) {
            return pcsLab(c.show({code, code, code}), c.show(kDeviceWhite)).L;
        };
        const double black = c.show(kDeviceBlack).Y;
        std::array<double, 3> before{};
        const std::array<double, 3> codes = {20, 119, 245};
        for (size_t i = 0; i < 3; ++i)
            before[i] = lightness(codes[i]);
        FineTune tune;
        tune.lightness = 3;
        c.bench.condition().lut = display.tuned(tune).lut;
        VERIFY_NEAR(lightness(codes[1]) - before[1], 3.0, 0.25);
        for (const size_t end : {size_t(0), size_t(2)}) {
            const double l = before[end] / 100;
            VERIFY_NEAR(lightness(codes[end]) - before[end], 3 * 4 * l * (1 - l), 0.3);
        }
        QVERIFY(display.tuned(tune).lut.isMonotonic());
        VERIFY_NEAR(c.show(kDeviceBlack).Y, black, 1e-9);
    }

    /// The profile that is kept knows the display as it is then.
    void theProfileKnowsWhatIsShown_data() { stepsHaveTheSizeThatIsSaid_data(); }

    void theProfileKnowsWhatIsShown()
    {
        QFETCH(QByteArray, file);
        QFETCH(bool, marks);
        Calibrated c(file.constData(), marks);
        const auto meanError = [&](const ProfileFile &profile) {
            const XYZ white = c.show(kDeviceWhite);
            std::mt19937_64 random(3);
            double sum = 0;
            constexpr int kColours = 300;
            for (int i = 0; i < kColours; ++i) {
                const auto v = [&] { return static_cast<double>(random() % 256); };
                const DeviceRgb rgb{v(), v(), v()};
                sum += deltaE2000(profile.toLab(rgb), pcsLab(c.show(rgb), white));
            }
            return sum / kColours;
        };
        const double calibrated = meanError(ProfileFile(c.icc, "calibrated"));
        FineTune tune;
        tune.white = {0.004, -0.002};
        tune.luminanceCdM2 = -5;
        tune.lightness = -2;
        const TunableDisplay display = c.tunable();
        ProfileRequest request;
        request.name = "beside the booth";
        const BuiltProfile built = profileOfTuned(display, tune, request);
        const ProfileFile profile(built.icc, "tuned");
        c.bench.condition().lut = display.tuned(tune).lut;
        QCOMPARE(profile.videoLut(), std::optional(display.tuned(tune).lut));
        const double tuned = meanError(profile);
        QVERIFY2(tuned < calibrated + 0.25,
                 qPrintable(QStringLiteral("%1, before %2").arg(tuned).arg(calibrated)));
        // The calibration's own profile does not know of it.
        QVERIFY(meanError(ProfileFile(c.icc, "calibrated")) > 2 * tuned);
        QCOMPARE(profile.metadata().at("MADE"), std::string("fine-tuned by eye"));
        QCOMPARE(profile.metadata().at("TUNED_FROM"), std::string("calibrated"));
        QCOMPARE(profile.metadata().at("TUNED_WHITE_UV"), std::string("0.0040 -0.0020"));
    }

    /// One point of blue less at the monitor: what white did tells all colours.
    void theMonitorsOwnControlsAreTakenIn()
    {
        Calibrated c("north-desk.json");
        auto &blue = c.bench.condition().controls.blueGain;
        blue -= 2;
        const XYZ after = c.show(kDeviceWhite);
        QVERIFY(deltaUvPrime(uvPrime(after), uvPrime(c.white)) > 0.001);
        const Mat3 change = c.tunable().changeOfChannels(c.white, after);
        const TunableDisplay display = c.tunable(change);
        const auto now = display.tuned({});
        VERIFY_NEAR(deltaUvPrime(uvPrime(display.white()), uvPrime(after)), 0, 1e-9);
        VERIFY_NEAR(display.white().Y, after.Y, 1e-9);
        double sum = 0;
        const auto chart = makeChart(120);
        for (const DeviceRgb &rgb : chart)
            sum += deltaE2000(pcsLab(display.shown(now, rgb), after), pcsLab(c.show(rgb), after));
        VERIFY_BELOW(sum / static_cast<double>(chart.size()), 0.5);
    }

    /// Where a channel has nothing left, white gets darker, and that is said.
    void moreThanThereIsMakesItDarker()
    {
        Calibrated c("field-laptop.json");
        const TunableDisplay display = c.tunable();
        FineTune tune;
        tune.luminanceCdM2 = 40;
        const auto tuned = display.tuned(tune);
        QVERIFY(tuned.isLimited);
        c.bench.condition().lut = tuned.lut;
        const XYZ after = c.show(kDeviceWhite);
        VERIFY_NEAR(after.Y / tuned.white.Y, 1, 0.01);
        VERIFY_BELOW(deltaUvPrime(uvPrime(after), uvPrime(c.white)), 4e-4);
    }

    void nothingAskedIsTheCalibration()
    {
        Calibrated c("south-desk.json");
        const auto tuned = c.tunable().tuned({});
        QCOMPARE(tuned.lut, c.path.lut);
        VERIFY_NEAR(tuned.white.Y, c.white.Y, 0.01);
        QVERIFY(!tuned.isLimited);
    }

    /// CIE 15:2018: warmer along the locus, greener away from it on the side of positive Duv.
    void directionsAreThoseOfTheLocus()
    {
        const Chromaticity d65{0.31272, 0.32903};
        const TuneDirections d = tuneDirections(d65);
        const UvPrime at = uvPrime(d65);
        const auto moved = [&](const UvPrime &by) {
            return correlatedColourTemperature(
                chromaticity(UvPrime{at.u + 0.002 * by.u, at.v + 0.002 * by.v}));
        };
        const Cct here = correlatedColourTemperature(d65);
        QVERIFY(moved(d.warmer).kelvin < here.kelvin - 50);
        VERIFY_NEAR(moved(d.warmer).duv, here.duv, 1e-4);
        QVERIFY(moved(d.greener).duv > here.duv + 0.0008);
        VERIFY_NEAR(moved(d.greener).kelvin, here.kelvin, 10);
        VERIFY_NEAR(std::hypot(d.warmer.u, d.warmer.v), 1, 1e-12);
        QCOMPARE(tuneDirections({0.15, 0.06}).warmer, (UvPrime{1, 0}));
    }
};

static const Register<FineTuneTest> registered("FineTuneTest");

} // namespace lantern::test

#include "fine_tune_test.moc"
