#include "bench_parts.h"
#include "core/base/error.h"
#include "core/colour/difference.h"
#include "runner.h"

#include <nlohmann/json.hpp>

#include <Eigen/LU>
#include <cmath>

using namespace lantern;
using namespace lantern::bench;
using namespace lantern::test;

class DisplayTest : public QObject {
    Q_OBJECT
private slots:
    void newWarmWhiteIsWhatTheFileSays()
    {
        const bench::Display d = display(plainJson());
        const XYZ white = d.emitted({255, 255, 255}, d.initialCondition());
        VERIFY_NEAR(white.Y, 320, 1e-9);
        VERIFY_NEAR(chromaticity(white).x, 0.3080, 1e-12);
        VERIFY_NEAR(chromaticity(white).y, 0.3210, 1e-12);
    }

    void toneFollowsTheFormula()
    {
        Json j = plainJson();
        j["tone"]["green"] = {2.4, 0.3};
        const bench::Display d = display(j);
        const double v = quantise(quantise(100 / 255.0, 16), 16);
        const double t = 0.7 * std::pow(v, 2.4) + 0.3 * v * v * (3 - 2 * v);
        VERIFY_NEAR(d.drive({0, 100, 0}, d.initialCondition())[1], t, 1e-15);
    }

    void crosstalkDimsTheRowsChannel()
    {
        Json j = plainJson();
        j["crosstalk"] = {{0, 0.1, 0}, {0, 0, 0}, {0, 0, 0.0}};
        const bench::Display d = display(j);
        const Vec3 both = d.drive({255, 255, 0}, d.initialCondition());
        VERIFY_NEAR(both[0], 0.9, 1e-12);
        VERIFY_NEAR(both[1], 1.0, 1e-12);
    }

    void leakageIsAlwaysThere()
    {
        Json j = plainJson();
        j["black_ratio"] = 0.002;
        j["leak"] = {0.5, 1, 2};
        const bench::Display d = display(j);
        const Vec3 black = d.drive({0, 0, 0}, d.initialCondition());
        VERIFY_NEAR(black[0], 0.001, 1e-15);
        VERIFY_NEAR(black[2], 0.004, 1e-15);
        VERIFY_NEAR(d.drive({255, 0, 0}, d.initialCondition())[0], 1.001, 1e-15);
    }

    void controlsAct()
    {
        const bench::Display d = display(plainJson());
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
        const bench::Display d = display(j);
        DisplayCondition c = d.initialCondition();
        c.controls.redGain = 20;
        VERIFY_NEAR(d.drive({255, 0, 0}, c)[0], 1, 1e-12);
    }

    void warmUpAgeAndPlaceScaleTheChannels()
    {
        Json j = plainJson();
        j["hours"] = 38000;
        const bench::Display d = display(j);
        DisplayCondition c = d.initialCondition();
        VERIFY_NEAR(d.scale(c)[2], 0.5, 1e-12); // one half-life of blue
        c.minutesOn = 0;
        VERIFY_NEAR(d.scale(c)[2], 0.5 * (1 - 0.09), 1e-12);
        c.minutesOn = 9;
        VERIFY_NEAR(d.scale(c)[2], 0.5 * (1 - 0.09 / std::exp(1.0)), 1e-12);
        VERIFY_NEAR(d.place({1, 1}, {})[0], 1 + 0.01 - 0.02 - 0.06 - 0.05, 1e-12);
        VERIFY_NEAR(d.place({}, {})[0], 1, 1e-15);
        VERIFY_BELOW(std::abs(d.meanPlace({}, 27, {})[1] - 1), 1e-3);
        QVERIFY(d.meanPlace({}, 27, {})[1] < 1);
    }

    void lutNightLightAndLinkQuantisation()
    {
        Json j = plainJson();
        j["link_bits"] = 6;
        const bench::Display d = display(j);
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
        const bench::Display d = display(plainJson());
        DisplayCondition c = d.initialCondition();
        SlotTable slot{};
        for (auto &table : slot.channels)
            for (int i = 0; i < SlotTable::kSize; ++i)
                table[i] = std::pow(i / 1023.0, 2);
        c.memorySlot = slot;
        const double u = quantise(0.5, 16);
        const double v = quantise(u * u, 16);
        VERIFY_NEAR(d.drive({127.5, 0, 0}, c)[0], std::pow(v, 2.2), 2e-4);
    }

    void roomLightIsReflected()
    {
        const bench::Display d = display(plainJson());
        const XYZ r = d.reflected(100, {0.3457, 0.3585});
        VERIFY_NEAR(r.Y, 0.012 * 100 / std::acos(-1.0), 1e-12);
        VERIFY_NEAR(chromaticity(r).x, 0.3457, 1e-12);
    }

    void codeValuesOutsideAreErrors()
    {
        const bench::Display d = display(plainJson());
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
        QTest::newRow("evening") << "/evening_residual"
                                 << "1.5"
                                 << "within 0 to 1";
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
        Json all = northJson();
        for (const char *optional : {"evening_residual", "modes", "mixes_primaries"}) // few displays have them
            all.erase(optional);
        for (const auto &[key, value] : all.items()) {
            Json j = all;
            j.erase(key);
            VERIFY_ERROR(display(j), ("key \"" + key + "\": is missing").c_str());
        }
    }

    void allGenericDisplaysAreSound()
    {
        for (const std::string &name : technologies()) {
            const bench::Display &d = genericDisplay(name);
            QCOMPARE(d.description().technology, name);
            VERIFY_NEAR(d.emitted({255, 255, 255}, d.initialCondition()).Y, 250, 1e-9);
        }
        VERIFY_ERROR(genericDisplay("plasma"), "\"plasma\" is not known");
        VERIFY_ERROR(builtInMeter("sphere"), "reference or colorimeter");
        VERIFY_ERROR(builtInText("nothing.json"), "does not ship");
    }
};

namespace {
const lantern::test::Register<DisplayTest> registered("DisplayTest");
}

#include "display_test.moc"
