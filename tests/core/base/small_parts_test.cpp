#include "core/base/error.h"
#include "core/base/json_object.h"
#include "core/base/text.h"
#include "core/plan/chart.h"
#include "core/reading/meter_fault.h"
#include "core/reading/reading.h"
#include "core/signal/video_lut.h"
#include "runner.h"

#include <algorithm>
#include <clocale>
#include <cmath>
#include <set>
#include <tuple>

using namespace lantern;

class SmallPartsTest : public QObject {
    Q_OBJECT
private slots:
    void numbersReadBackExactly()
    {
        for (const double v : {0.0, 1.0 / 3, 6.02214076e23, -1e-300, 0.1, 119.38610114520044})
            QCOMPARE(parseNumber(exactNumber(v)).value(), v);
        QCOMPARE(shortNumber(2.2), std::string("2.2"));
        QCOMPARE(shortNumber(120), std::string("120"));
        QCOMPARE(fixedNumber(1.005, 1), std::string("1.0"));
    }

    void numbersDoNotDependOnTheLocale()
    {
        std::setlocale(LC_ALL,
                       "de_DE.UTF-8"); // may be missing; then the test says less but no wrong
        QCOMPARE(fixedNumber(0.5, 2), std::string("0.50"));
        QCOMPARE(parseNumber("0.5").value(), 0.5);
        std::setlocale(LC_ALL, "C");
    }

    void messagesAreTextsWithPlaces()
    {
        QVERIFY(Message().empty() && Message::verbatim("").empty());
        const Message m("%2 of %1, 100 %, %3 and %1", {"a %2", "b"});
        QCOMPARE(m.inEnglish(), std::string("b of a %2, 100 %, %3 and a %2"));
        QCOMPARE(std::string(m.text()), std::string("%2 of %1, 100 %, %3 and %1"));
        QCOMPARE(Message::verbatim("50 %1").inEnglish(), std::string("50 %1"));
    }

    void notNumbers()
    {
        for (const char *text : {"", "nan", "inf", "-inf", "1e999", "12x", "0x10", "1,5", " 1"})
            QVERIFY2(!parseNumber(text), text);
        QCOMPARE(parseNumber("+4").value(), 4.0);
    }

    void identityLutChangesNothing()
    {
        const VideoLut lut = VideoLut::identity();
        QVERIFY(lut.isMonotonic());
        for (int i = 0; i <= 255; ++i)
            VERIFY_NEAR(lut.evaluate(1, i / 255.0), i / 255.0, 1e-12);
    }

    void lutInterpolatesAndClamps()
    {
        VideoLut lut = VideoLut::identity();
        lut.channels[0][255] = 60000;
        VERIFY_NEAR(lut.evaluate(0, 254.5 / 255), (254 * 257 + 60000) / 2.0 / 65535, 1e-12);
        VERIFY_NEAR(lut.evaluate(0, 7), 60000.0 / 65535, 1e-12);
        QVERIFY(!lut.isMonotonic());
    }

    void lutFromTablesOfOtherSizes()
    {
        const std::vector<uint16_t> straight = {0, 65535};
        const VideoLut lut = VideoLut::fromTables({straight, straight, straight});
        QCOMPARE(lut, VideoLut::identity());
        std::vector<uint16_t> large(1024);
        for (int i = 0; i < 1024; ++i)
            large[i] = uint16_t(std::lround(i * 65535.0 / 1023));
        const VideoLut again = VideoLut::fromTables({large, large, large});
        for (int i = 0; i < 256; ++i)
            VERIFY_NEAR(again.channels[2][i], i * 257.0, 1);
    }

    void quantiseRoundsHalvesUp()
    {
        QCOMPARE(quantise(0.5, 8), 128.0 / 255);
        QCOMPARE(quantise(-1, 8), 0.0);
        QCOMPARE(quantise(2, 8), 1.0);
        QCOMPARE(quantise(127.4 / 255, 8), 127.0 / 255);
        QCOMPARE(quantise(0.3, 6), 19.0 / 63);
    }

    void chartsHoldWhatProfilesNeed_data()
    {
        QTest::addColumn<int>("count");
        for (const int n : {24, 33, 96, 200, 1000, 12000})
            QTest::newRow(qPrintable(QString::number(n))) << n;
    }
    void chartsHoldWhatProfilesNeed()
    {
        QFETCH(int, count);
        const auto chart = makeChart(count);
        QCOMPARE(int(chart.size()), count);
        std::set<std::tuple<double, double, double>> different;
        int greys = 0;
        for (const DeviceRgb &p : chart) {
            for (const double v : {p.r, p.g, p.b})
                QVERIFY(v >= 0 && v <= 255 && v == std::floor(v));
            different.insert({p.r, p.g, p.b});
            greys += isNeutral(p);
        }
        QCOMPARE(int(different.size()), count);
        QCOMPARE(chart.front(), (DeviceRgb{255, 255, 255}));
        QVERIFY(different.contains({0, 0, 0}));
        QVERIFY(different.contains({255, 0, 0}));
        QVERIFY(greys >= 7);
        QVERIFY(makeChart(count) == chart);
    }

    void chartsOfWrongSizeAreRefused()
    {
        VERIFY_ERROR(makeChart(23), "24 to 12000");
        VERIFY_ERROR(makeChart(12001), "24 to 12000");
        VERIFY_ERROR(makeChart(-5), "24 to 12000");
    }

    /// Sequences and their judgement: RFC 3629, 3 and 4.
    void textFromOutsideIsMadePrintable()
    {
        const std::string bad = "\xEF\xBF\xBD";
        QCOMPARE(printable("Süd, ΔE 1 ☀ 😀"), std::string("Süd, ΔE 1 ☀ 😀"));
        QCOMPARE(printable("\x1b[31mred\x07"), bad + "[31mred" + bad);  // steers a terminal
        QCOMPARE(printable("a\xC2\x9Bz"), "a" + bad + "z");             // the same in one byte
        QCOMPARE(printable("caf\xE9"), "caf" + bad);                    // Latin-1
        QCOMPARE(printable("\xC0\xAF"), bad + bad);                     // too long a form
        QCOMPARE(printable("\xED\xA0\x80"), bad + bad + bad);           // half a surrogate pair
        QCOMPARE(printable("\xF4\x90\x80\x80"), bad + bad + bad + bad); // beyond Unicode
        QCOMPARE(printable("\xE2\x82"), bad + bad);                     // cut off
        QCOMPARE(printable(""), std::string());
    }

    void aKeyThatIsThereTwiceIsRefused()
    {
        VERIFY_ERROR(parseJson(R"({"a": 1, "b": {"a": 2}, "a": 3})", "f.json"),
                     "\"a\" is there twice");
        QCOMPARE(parseJson(R"({"a": {"a": 1}, "b": [{"a": 2}, {"a": 3}]})", "f.json").size(),
                 size_t(2));
    }

    void greyRampFallsFromWhiteToBlack()
    {
        const auto ramp = greyRamp(5);
        QCOMPARE(ramp.front().r, 255.0);
        QCOMPARE(ramp.back().r, 0.0);
        QVERIFY(
            std::is_sorted(ramp.begin(), ramp.end(), [](auto &a, auto &b) { return a.r > b.r; }));
    }

    void whitesAreAveraged()
    {
        const std::vector<Reading> readings = {{{255, 255, 255}, {95, 100, 108}},
                                               {{255, 255, 255}, {97, 102, 110}}};
        QCOMPARE(whiteOf(readings, "r"), (XYZ{96, 101, 109}));
        VERIFY_ERROR(blackOf(readings, "r"), "no reading of black");
        VERIFY_ERROR(whiteOf({{{255, 255, 255}, {0, 0, 0}}}, "r"), "no light");
    }

    void primariesThatAreOneColourAreRefused()
    {
        const XYZ grey{10, 11, 12};
        VERIFY_ERROR(primariesFromReadings(grey, grey, grey, {}), "the same colour");
        const XYZ nan{std::nan(""), 1, 1};
        VERIFY_ERROR(primariesFromReadings(nan, grey, grey, {}), "the same colour");
        const Mat3 good = primariesFromReadings({41, 21, 2}, {36, 71, 12}, {18, 7, 95}, {});
        QCOMPARE(good(1, 1), 71.0);
    }

    void faultsHaveNamesAndAdvice()
    {
        for (const MeterFault f : {MeterFault::Unplugged, MeterFault::TimedOut,
                                   MeterFault::Saturated, MeterFault::Garbage, MeterFault::OffPatch,
                                   MeterFault::WantsZeroing, MeterFault::DriverDied}) {
            QCOMPARE(meterFaultByName(meterFaultName(f)), f);
            QVERIFY(meterFaultText(f, "Reed").inEnglish().find("Reed") != std::string::npos);
        }
        VERIFY_ERROR(meterFaultByName("tired"), "unplugged");
    }

    void errorsSayPlaceProblemAndAdvice()
    {
        const Error e(ErrorKind::Device, "logbook.sqlite", "the disk is full", "Make room.");
        QCOMPARE(QString::fromUtf8(e.what()),
                 QStringLiteral("logbook.sqlite: the disk is full. Make room."));
        QCOMPARE(static_cast<int>(e.kind), 3);
    }
};

namespace {
const lantern::test::Register<SmallPartsTest> registered("SmallPartsTest");
}

#include "small_parts_test.moc"
