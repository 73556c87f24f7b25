#include "core/base/error.h"
#include "core/colour/difference.h"
#include "core/judge/validation.h"
#include "core/model/display_model.h"
#include "core/model/gamut_inverse.h"
#include "core/model/grey_response.h"
#include "core/model/spline.h"
#include "core/plan/chart.h"
#include "core/profile/profile_writer.h"
#include "runner.h"
#include "toy_display.h"

#include <cmath>
#include <random>

using namespace lantern;
using lantern::test::ToyDisplay;

namespace {

std::vector<DeviceRgb> randomPatches(int count, unsigned seed)
{
    std::mt19937 random(seed);
    std::uniform_real_distribution<double> code(0, 255);
    std::vector<DeviceRgb> out;
    for (int i = 0; i < count; ++i)
        out.push_back({code(random), code(random), code(random)});
    return out;
}

/// \param step code values are rounded to multiples of it
Statistics forwardError(const DisplayModel &model, const ToyDisplay &display, double step = 1e-6)
{
    const XYZ white = display.show({255, 255, 255});
    std::vector<double> errors;
    for (const DeviceRgb &patch : randomPatches(2000, 5)) {
        const DeviceRgb rgb = toDeviceRgb(step * (vec(patch) / step).array().round());
        errors.push_back(deltaE2000(pcsLab(display.show(rgb), white), model.lab(rgb)));
    }
    return statistics(errors);
}

} // namespace

class DisplayModelTest : public QObject {
    Q_OBJECT
private slots:
    /// A tone that goes in steps is followed where the readings show it; the usual smoothness
    /// would lead straight through.
    void greysFollowSteps()
    {
        const auto light = [](double v) {
            constexpr int kSteps = 16;
            const double along = v * kSteps - std::floor(v * kSteps); // within a step
            const double off = std::abs(along - 0.5) - 0.25;          // flat, then steep
            return std::pow(v + 0.055 * off, 2.2);
        };
        std::vector<GreyResponse::Observation> observations;
        for (int i = 0; i <= 128; ++i)
            observations.push_back({i / 128.0, light(i / 128.0), 1});
        const GreyResponse stepped(observations, {});
        QVERIFY(!stepped.isSmooth());
        for (int i = 40; i < 128; ++i)
            VERIFY_NEAR(stepped.light(i / 128.0) / light(i / 128.0), 1, 0.035); // smooth: 0.1
        for (GreyResponse::Observation &o : observations)
            o.light = std::pow(o.signal, 2.2);
        QVERIFY(GreyResponse(observations, {}).isSmooth());
    }

    void splineWindowsSumToOne()
    {
        for (const int intervals : {1, 4, 24})
            for (double x = -0.1; x <= 1.1; x += 0.037) {
                const SplineWindow w = splineWindow(x, intervals);
                VERIFY_NEAR(w.value[0] + w.value[1] + w.value[2] + w.value[3], 1, 1e-14);
                VERIFY_NEAR(w.slope[0] + w.slope[1] + w.slope[2] + w.slope[3], 0, 1e-12);
                QVERIFY(w.first >= 0 && w.first < intervals);
            }
    }

    void splineReproducesStraightLines()
    {
        // Coefficients (j - 1) / n give f(x) = x for uniform cubic B-splines (de Boor 1978).
        const int n = 7;
        for (double x = 0; x <= 1; x += 0.01) {
            const SplineWindow w = splineWindow(x, n);
            double f = 0;
            for (int j = 0; j < 4; ++j)
                f += w.value[j] * (w.first + j - 1.0) / n;
            VERIFY_NEAR(f, x, 1e-13);
        }
    }

    /// A cubic is its own spline.
    void fieldAgreesWithWhatItTabulates()
    {
        auto cubic = [](const Vec3 &v) {
            return Vec3(v[0] * v[0] * v[1], v[2] * v[2] * v[2] - v[0], 1 + v.sum());
        };
        const SmoothField field = SmoothField::through(cubic, 5);
        for (const DeviceRgb &p : randomPatches(100, 4)) {
            const Vec3 at = vec(p) / 255;
            VERIFY_BELOW((field.evaluate(at) - cubic(at)).norm(), 1e-11);
        }
    }

    void fieldJacobianMatchesDifferences()
    {
        const SmoothField field = SmoothField::through(
            [](const Vec3 &v) { return Vec3(std::sin(4 * v[0]) * v[1], v[2] * v[2], v.prod()); },
            6);
        const Vec3 at(0.31, 0.62, 0.47);
        Mat3 j;
        (void)field.evaluate(at, &j);
        for (int c = 0; c < 3; ++c) {
            Vec3 up = at, down = at;
            up[c] += 1e-6;
            down[c] -= 1e-6;
            VERIFY_BELOW(((field.evaluate(up) - field.evaluate(down)) / 2e-6 - j.col(c)).norm(),
                         1e-6);
        }
    }

    /// What is there is followed, what is only noise is not copied.
    void leftoversAreFollowedAsFarAsTheirNoiseAllows()
    {
        std::mt19937 random(3);
        std::normal_distribution<double> noise(0, 1);
        auto truth = [](const Vec3 &v) {
            return Vec3(3 * v[0] * v[1], 2 * std::sin(3 * v[2]), v[0] - v[2]);
        };
        std::vector<Leftover> structured, noisy;
        constexpr double kNoise = 1.0 / 116; // of f(Y), for an L* that scatters by 1
        for (const DeviceRgb &p : randomPatches(300, 9)) {
            const Vec3 at = vec(p) / 255;
            structured.push_back({at, truth(at), 1e-5});
            const double x = kNoise * noise(random);
            const double y = kNoise * noise(random);
            const double z = kNoise * noise(random);
            noisy.push_back({at, {116 * y, 500 * (x - y), 200 * (y - z)}, kNoise});
        }
        const ResidualField field(structured, ResidualField::chooseScales(structured, true));
        const ResidualField flat(noisy, ResidualField::chooseScales(noisy, true));
        double worst = 0, copied = 0;
        for (const DeviceRgb &p : randomPatches(300, 10)) {
            const Vec3 at = 0.05 * Vec3::Ones() + 0.9 * vec(p) / 255;
            worst = std::max(worst, (field.at(at) - truth(at)).norm());
            copied += std::abs(flat.at(at)[0]) / 300;
        }
        VERIFY_BELOW(worst, 0.1);
        VERIFY_BELOW(copied, 0.35);
    }

    /// Beyond some hundred samples several processes answer, blended; no seam may show.
    void manyLeftoversAreOneField()
    {
        auto truth = [](const Vec3 &v) {
            return Vec3(std::sin(7 * v[0]) * v[1], std::cos(5 * v[2]), v[0] * v[1] * v[2]);
        };
        std::vector<Leftover> samples;
        for (const DeviceRgb &p : randomPatches(3000, 5))
            samples.push_back({vec(p) / 255, truth(vec(p) / 255), 1e-5});
        const ResidualField field(samples, ResidualField::chooseScales(samples, true));
        double worst = 0, steepest = 0;
        for (double t = 0; t < 1; t += 1e-3) {
            const Vec3 at(t, 0.3 + 0.4 * t, 1 - t);
            worst = std::max(worst, (field.at(at) - truth(at)).norm());
            const Vec3 next(t + 1e-3, 0.3 + 0.4 * (t + 1e-3), 1 - t - 1e-3);
            steepest = std::max(steepest, (field.at(next) - field.at(at)).norm());
        }
        VERIFY_BELOW(worst, 0.03);
        VERIFY_BELOW(steepest, 0.012); // the truth's own is 0.0096
    }

    void fitsADisplayFromReadings_data()
    {
        QTest::addColumn<int>("patches");
        QTest::addColumn<double>("interaction");
        QTest::addColumn<double>("mean");
        QTest::newRow("24 patches, no interaction") << 24 << 0.0 << 1.5;
        QTest::newRow("96 patches") << 96 << 0.01 << 0.5;
        QTest::newRow("200 patches, strong interaction") << 200 << 0.05 << 0.25;
        QTest::newRow("1000 patches") << 1000 << 0.05 << 0.1;
    }
    void fitsADisplayFromReadings()
    {
        QFETCH(int, patches);
        QFETCH(double, interaction);
        QFETCH(double, mean);
        ToyDisplay display;
        display.interaction = interaction;
        const auto model = DisplayModel::fit(display.read(makeChart(patches)), {}, "toy");
        VERIFY_BELOW(forwardError(model, display).mean, mean);
    }

    void modelJacobianMatchesDifferences()
    {
        const ToyDisplay display;
        const auto model = DisplayModel::fit(display.read(makeChart(200)), {}, "toy");
        const Vec3 at(0.7, 0.35, 0.5);
        Mat3 j;
        (void)model.labAt(at, &j);
        for (int c = 0; c < 3; ++c) {
            Vec3 up = at, down = at;
            up[c] += 1e-6;
            down[c] -= 1e-6;
            const Vec3 slope = (vec(model.labAt(up)) - vec(model.labAt(down))) / 2e-6;
            VERIFY_BELOW((slope - j.col(c)).norm() / slope.norm(), 1e-5);
        }
    }

    void inverseIsExactInsideTheGamut()
    {
        const ToyDisplay display;
        const auto model = DisplayModel::fit(display.read(makeChart(200)), {}, "toy");
        const GamutInverse inverse(model);
        std::vector<double> errors;
        for (const DeviceRgb &rgb : randomPatches(300, 11)) {
            const auto found = inverse.find(model.lab(rgb));
            QCOMPARE(found.miss, 0.0);
            errors.push_back(deltaE2000(model.lab(rgb), model.labAt(found.lightness)));
        }
        VERIFY_BELOW(statistics(errors).max, 0.01);
    }

    /// Least ΔE00, against a search through 40,000 displayable colours.
    void inverseIsTheNearestOutsideTheGamut()
    {
        const ToyDisplay display;
        const auto model = DisplayModel::fit(display.read(makeChart(200)), {}, "toy");
        const GamutInverse inverse(model);
        const auto colours = randomPatches(40000, 12);
        for (const Lab &target : {Lab{50, 120, -110}, Lab{90, -100, 90}, Lab{20, 80, 60},
                                  Lab{110, 0, 0}, Lab{-5, 0, 0}, Lab{60, -90, 0}}) {
            const auto found = inverse.find(target);
            QVERIFY(found.lightness.minCoeff() >= 0 && found.lightness.maxCoeff() <= 1);
            VERIFY_NEAR(deltaE2000(target, model.labAt(found.lightness)), found.miss, 1e-9);
            const auto alone = inverse.nearest(target);
            VERIFY_NEAR(alone.miss, found.miss, 0.05);
            for (const DeviceRgb &rgb : colours)
                QVERIFY(deltaE2000(target, model.lab(rgb)) > found.miss - 0.02);
        }
    }

    /// With the LUT and the link known, steps are part of the model, not noise.
    void stepsOfTheLinkAreKnown()
    {
        ToyDisplay display;
        display.linkBits = 8;
        VideoLut lut = VideoLut::identity();
        for (auto &channel : lut.channels)
            for (int i = 0; i < VideoLut::kSize; ++i)
                channel[i] = static_cast<uint16_t>(65535 * 0.8 * std::pow(i / 255.0, 1.25));
        display.lut = lut;
        const auto readings = display.read(makeChart(200));
        const auto blind = DisplayModel::fit(readings, {}, "toy");
        const auto knowing = DisplayModel::fit(
            readings, {.stage = DriveStage(SignalPath{lut, display.linkBits})}, "toy");
        VERIFY_BELOW(forwardError(knowing, display, 1).mean, 0.01);
        QVERIFY(forwardError(blind, display, 1).mean > 0.1);
        // Codes that show the same are found as one of their run, and lead back.
        for (int code = 0; code < 256; ++code) {
            const double back = knowing.codeFor(0, knowing.lightness(0, code));
            VERIFY_NEAR(knowing.lightness(0, std::round(back)), knowing.lightness(0, code), 1e-9);
        }
    }

    void refusesReadingsThatCannotMakeAProfile()
    {
        const ToyDisplay display;
        auto good = display.read(makeChart(48));
        auto without = [&](auto unwanted) {
            auto readings = good;
            std::erase_if(readings, unwanted);
            return readings;
        };
        VERIFY_ERROR(DisplayModel::fit(without([](auto &r) {
                                           return r.rgb == DeviceRgb{255, 255, 255};
                                       }),
                                       {}, "f"),
                     "no reading of white");
        VERIFY_ERROR(DisplayModel::fit(without([](auto &r) {
                                           return r.rgb == DeviceRgb{0, 0, 0};
                                       }),
                                       {}, "f"),
                     "no reading of black");
        VERIFY_ERROR(DisplayModel::fit(without([](auto &r) {
                                           return isNeutral(r.rgb) && r.rgb.r > 0 && r.rgb.r < 255;
                                       }),
                                       {}, "f"),
                     "no neutrals");
        VERIFY_ERROR(DisplayModel::fit({good.begin(), good.begin() + 5}, {}, "f"), "too few");
        auto greyOnly = display.read(greyRamp(20));
        VERIFY_ERROR(DisplayModel::fit(greyOnly, {}, "f"), "red, green and blue apart");
        good[7].xyz.X = std::nan("");
        VERIFY_ERROR(DisplayModel::fit(good, {}, "f"), "not a finite number");
    }

    /// Readings that no display can have given: each is told with the patch and the numbers.
    void refusesReadingsThatMakeNoSense_data()
    {
        QTest::addColumn<QString>("part");
        QTest::addColumn<int>("spoil");
        QTest::newRow("white darker than black") << "white is not the brighter" << 0;
        QTest::newRow("clearly negative") << "less than no light" << 1;
        QTest::newRow("one patch, two lights") << "RGB 255 0 0 was read with" << 2;
        QTest::newRow("stuck") << "very same numbers" << 3;
    }
    void refusesReadingsThatMakeNoSense()
    {
        QFETCH(QString, part);
        QFETCH(int, spoil);
        std::vector<Reading> readings = ToyDisplay().read(makeChart(96));
        QVERIFY(DisplayModel::fit(readings, {}, "f").white().Y > 0);
        const auto is = [](double r, double g, double b) {
            return [=](const Reading &x) { return x.rgb == DeviceRgb{r, g, b}; };
        };
        const auto at = [&](auto what) {
            return std::find_if(readings.begin(), readings.end(), what);
        };
        if (spoil == 0)
            at(is(255, 255, 255))->xyz = {0.05, 0.05, 0.05};
        else if (spoil == 1)
            at(is(0, 255, 0))->xyz.X = -12;
        else if (spoil == 2)
            readings.push_back({{255, 0, 0}, {19000, 19000, 19000}, 0.2});
        else
            for (size_t i = 40; i < 46; ++i)
                readings[i].xyz = readings[40].xyz;
        VERIFY_ERROR(DisplayModel::fit(readings, {}, "f"), part.toUtf8().constData());
    }
};

namespace {
const lantern::test::Register<DisplayModelTest> registered("DisplayModelTest");
}

#include "display_model_test.moc"
