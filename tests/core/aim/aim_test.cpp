#include "core/aim/aim.h"
#include "core/aim/aim_reach.h"
#include "core/base/error.h"
#include "core/colour/white.h"
#include "core/signal/controls.h"
#include "runner.h"
#include "toy_display.h"

#include <nlohmann/json.hpp>

#include <cmath>

using namespace lantern;

namespace {

Aim parse(const QString &text)
{
    return aimFromJson(parseJson(text.toStdString(), "a.json"), "a.json");
}

const char *kGood = R"({"format": "bold-lantern-aim", "version": 1, "name": "Image editing",
 "white": {"daylight": 6500}, "luminance": 120, "tone": {"gamma": 2.2}, "black": "native"})";

} // namespace

class AimTest : public QObject {
    Q_OBJECT
private slots:
    void readsTheDocumentedExample()
    {
        const Aim aim = parse(QString::fromLatin1(kGood));
        QCOMPARE(aim.name, std::string("Image editing"));
        QCOMPARE(std::get<DaylightWhite>(aim.white).kelvin, 6500.0);
        QCOMPARE(aim.luminanceCdM2.value(), 120.0);
        QVERIFY(!aim.contrastRatio);
        QCOMPARE(aimSummary(aim), std::string("D65 · 120 cd/m² · gamma 2.2 · native black"));
    }

    void everyKindSurvivesTheFile_data()
    {
        QTest::addColumn<QString>("white");
        QTest::addColumn<QString>("luminance");
        QTest::addColumn<QString>("tone");
        QTest::addColumn<QString>("black");
        QTest::newRow("blackbody") << R"({"blackbody": 3200})"
                                   << "80"
                                   << R"({"curve": "srgb"})"
                                   << R"("native")";
        QTest::newRow("xy") << R"({"xy": [0.31, 0.33]})"
                            << "\"native\""
                            << R"({"curve": "lstar"})"
                            << R"({"contrast": 300})";
        QTest::newRow("uv") << R"({"uv": [0.1978, 0.4683]})"
                            << "90.5"
                            << R"({"curve": "bt1886"})"
                            << R"("native")";
        QTest::newRow("native") << "\"native\""
                                << "200"
                                << "\"native\""
                                << R"("native")";
    }
    void everyKindSurvivesTheFile()
    {
        QFETCH(QString, white);
        QFETCH(QString, luminance);
        QFETCH(QString, tone);
        QFETCH(QString, black);
        const Aim aim = parse(
            QStringLiteral(R"({"format": "bold-lantern-aim", "version": 1, "name": "n", "white": %1,
            "luminance": %2, "tone": %3, "black": %4})")
                .arg(white, luminance, tone, black));
        QCOMPARE(aimFromJson(aimToJson(aim), "again"), aim);
        QVERIFY(!aimSummary(aim).empty());
    }

    void presetsAreValidAims()
    {
        for (const Aim &preset : aimPresets())
            QCOMPARE(aimFromJson(aimToJson(preset), preset.name), preset);
    }

    void refuses_data()
    {
        QTest::addColumn<QString>("from");
        QTest::addColumn<QString>("to");
        QTest::addColumn<QString>("message");
        QTest::newRow("unknown key") << "\"black\""
                                     << "\"blakc\": 1, \"black\""
                                     << "key \"blakc\": is not a key known here";
        QTest::newRow("unknown inner key") << "6500}"
                                           << "6500, \"duv\": 0}"
                                           << "white.duv";
        QTest::newRow("missing key") << "\"luminance\": 120,"
                                     << ""
                                     << "key \"luminance\": is missing";
        QTest::newRow("too bright") << "120"
                                    << "99999"
                                    << "within 10 to 2000";
        QTest::newRow("cold end") << "6500"
                                  << "3000"
                                  << "white.daylight\": is 3000; it must be within 4000";
        QTest::newRow("text for number") << "120"
                                         << "\"bright\""
                                         << "must be one of: native";
        QTest::newRow("no such curve") << "{\"gamma\": 2.2}"
                                       << "{\"curve\": \"log\"}"
                                       << "must be one of: srgb, lstar, bt1886";
        QTest::newRow("wrong format") << "bold-lantern-aim"
                                      << "something-else"
                                      << "not \"bold-lantern-aim\"";
        QTest::newRow("wrong version") << "\"version\": 1"
                                       << "\"version\": 7"
                                       << "is not 1";
        QTest::newRow("no white kind") << "{\"daylight\": 6500}"
                                       << "{}"
                                       << "daylight, blackbody, xy, uv";
        QTest::newRow("x + y above 1") << "{\"daylight\": 6500}"
                                       << "{\"xy\": [0.7, 0.6]}"
                                       << "above 1";
        QTest::newRow("NaN") << "120"
                             << "NaN"
                             << "line 2";
        QTest::newRow("trailing comma") << "\"native\"}"
                                        << "\"native\",}"
                                        << "not valid JSON";
        QTest::newRow("cut off") << ", \"black\": \"native\"}"
                                 << ""
                                 << "ends too early";
        QTest::newRow("number overflow") << "120"
                                         << "1e999"
                                         << "a.json";
    }
    void refuses()
    {
        QFETCH(QString, from);
        QFETCH(QString, to);
        QFETCH(QString, message);
        QString text = QString::fromLatin1(kGood);
        QVERIFY(text.contains(from));
        text.replace(text.indexOf(from), from.size(), to);
        VERIFY_ERROR(parse(text), message.toUtf8().constData());
    }

    void deepNestingIsRefusedBeforeParsing()
    {
        VERIFY_ERROR(parseJson(std::string(100000, '['), "deep"), "nested deeper");
        VERIFY_ERROR(parseJson("{\"a\": \"" + std::string(200, '[') + "\"", "open"),
                     "ends too early");
        QCOMPARE(parseJson("{\"a\": \"" + std::string(200, '[') + "\"}", "quoted").size(),
                 size_t(1));
    }

    void d65ByItsNominalName()
    {
        const Chromaticity c = aimChromaticity(Aim{}, {});
        VERIFY_NEAR(c.x, 0.3127, 1e-4);
        VERIFY_NEAR(c.y, 0.3290, 2e-4); // CIE daylight formula; D65's own table ends in 0.3290
        QCOMPARE(aimChromaticity({.white = NativeWhite{}}, {0.3, 0.31}), (Chromaticity{0.3, 0.31}));
    }

    void controlsAreStrict()
    {
        const MonitorControls c{55, 70, 94, 96, 100};
        const Json json = controlsToJson(c);
        QCOMPARE(controlsFromJson(JsonObject(json, "c")), c);
        Json bad = json;
        bad["red_gain"] = 101;
        VERIFY_ERROR(controlsFromJson(JsonObject(bad, "c.json")),
                     "key \"red_gain\": is 101; it must be within 0 to 100");
        bad = json;
        bad["hue"] = 1;
        VERIFY_ERROR(controlsFromJson(JsonObject(bad, "c.json")), "\"hue\"");
        const Json list = Json::array();
        VERIFY_ERROR(JsonObject(list, "c.json"), "an object");
    }

    void reachIsToldFromReadings()
    {
        const lantern::test::ToyDisplay display;
        const auto readings =
            display.read({{255, 255, 255}, {0, 0, 0}, {255, 0, 0}, {0, 255, 0}, {0, 0, 255}});
        const auto reach = DisplayReach::fromReadings(readings, false);
        QVERIFY(reach.has_value());
        const XYZ white = display.show({255, 255, 255});
        VERIFY_NEAR(reach->limit(chromaticity(white)).luminance, white.Y, 1e-6 * white.Y);
        const auto red = reach->limit(planckian(2500));
        QVERIFY(red.luminance < 0.8 * white.Y);
        QCOMPARE(red.channel.value(), 0);
        QCOMPARE(reach->limit({0.1, 0.75}).luminance, 0.0);

        QVERIFY(!whyOutOfReach({.luminanceCdM2 = 100}, *reach).has_value());
        QVERIFY(whyOutOfReach({.luminanceCdM2 = 900}, *reach)->inEnglish().find("reaches") !=
                std::string::npos);
        QVERIFY(whyOutOfReach({.contrastRatio = 50000}, *reach)->inEnglish().find("own contrast") !=
                std::string::npos);
        DisplayReach dim = *reach;
        dim.brightnessCanRise = true; // then brightness is no reason
        QVERIFY(!whyOutOfReach({.luminanceCdM2 = 900}, dim).has_value());
        QVERIFY(!DisplayReach::fromReadings({readings[0], readings[1]}, false).has_value());
    }

    /// An aim that is missed by less than what aims are met to, 1 %, is no reason to refuse; of
    /// primaries 97 % must be there.
    void reachEndsWhereItSays()
    {
        const lantern::test::ToyDisplay display;
        const auto readings =
            display.read({{255, 255, 255}, {0, 0, 0}, {255, 0, 0}, {0, 255, 0}, {0, 0, 255}});
        const DisplayReach reach = *DisplayReach::fromReadings(readings, false);
        const Chromaticity white = chromaticity(reach.white);
        const auto reaches = [&](const Aim &aim) { return !whyOutOfReach(aim, reach); };
        const auto bright = [&](double times) {
            return Aim{.white = NativeWhite{},
                       .luminanceCdM2 = times * reach.limit(white).luminance};
        };
        QVERIFY(reaches(bright(1.008)));
        QVERIFY(!reaches(bright(1.012)));
        const auto contrast = [&](double times) {
            return Aim{.white = NativeWhite{},
                       .luminanceCdM2 = 50,
                       .contrastRatio = times * reach.white.Y / reach.black.Y};
        };
        QVERIFY(reaches(contrast(1.008)));
        QVERIFY(!reaches(contrast(1.012)));
        // The panel's own triangle grown about its middle: by f each way it covers 1 / f².
        const auto primaries = [&](double covered) {
            PrimarySet own;
            double x = 0;
            double y = 0;
            for (size_t c = 0; c < 3; ++c) {
                own[c] = chromaticity(toXyz(reach.primaries.col(static_cast<int>(c))));
                const UvPrime uv = uvPrime(own[c]);
                x += uv.u / 3;
                y += uv.v / 3;
            }
            PrimarySet grown;
            for (size_t c = 0; c < 3; ++c) {
                const UvPrime uv = uvPrime(own[c]);
                const double f = 1 / std::sqrt(covered);
                grown[c] = chromaticity(UvPrime{x + f * (uv.u - x), y + f * (uv.v - y)});
            }
            return Aim{.white = NativeWhite{}, .luminanceCdM2 = 50, .primaries = grown};
        };
        QVERIFY(reaches(primaries(0.98)));
        QVERIFY(!reaches(primaries(0.96)));
    }
};

namespace {
const lantern::test::Register<AimTest> registered("AimTest");
}

#include "aim_test.moc"
