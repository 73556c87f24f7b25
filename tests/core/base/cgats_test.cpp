#include "core/base/cgats.h"
#include "core/base/error.h"
#include "core/profile/reference_set.h"
#include "core/reading/readings_file.h"
#include "runner.h"

#include <cmath>

using namespace lantern;

namespace {

const std::string kGood = R"(CGATS.17
ORIGINATOR "made for a test"
DESCRIPTOR "says ""hello"" # not a comment"
KEYWORD "ROOM"
ROOM "north light"   # a comment
NUMBER_OF_FIELDS 7
BEGIN_DATA_FORMAT
XYZ_Y RGB_B SAMPLE_ID RGB_R XYZ_X RGB_G XYZ_Z
END_DATA_FORMAT
NUMBER_OF_SETS 3
BEGIN_DATA
100 255 "a b" 255 95 255 109
0.1 0   2     0   0.1 0  0.1
# between rows
20  128 3     128 19 128
22
END_DATA
)";

std::string replaced(std::string text, const std::string &from, const std::string &to)
{
    const size_t at = text.find(from);
    return at == std::string::npos ? text : text.replace(at, from.size(), to);
}

} // namespace

class CgatsTest : public QObject {
    Q_OBJECT
private slots:
    void readsAnyColumnOrderAndQuotes()
    {
        const ReadingSet set = readingsFromCgats(kGood, "t.cgats");
        QCOMPARE(set.readings.size(), size_t(3));
        QCOMPARE(set.readings[0].rgb, (DeviceRgb{255, 255, 255}));
        QCOMPARE(set.readings[0].xyz, (XYZ{95, 100, 109}));
        QCOMPARE(set.readings[2].xyz, (XYZ{19, 20, 22}));
        QCOMPARE(set.keywords.at("DESCRIPTOR"), std::string("says \"hello\" # not a comment"));
        QCOMPARE(set.keywords.at("ROOM"), std::string("north light"));
        QCOMPARE(parseCgats(kGood, "t").rows[0][2].text, std::string("a b"));
    }

    void readsWindowsLineEnds()
    {
        std::string text;
        for (const char c : kGood)
            text += c == '\n' ? std::string("\r\n") : std::string(1, c);
        QCOMPARE(readingsFromCgats(text, "t").readings.size(), size_t(3));
    }

    void writesWhatItReads()
    {
        ReadingSet set;
        set.keywords = {{"DISPLAY", "Saltmarsh \"27\""}, {"AIM", ""}, {"HOURS", "12"}};
        for (int i = 0; i < 50; ++i)
            set.readings.push_back({{double(i), 255.0 - i, 0.5 * i},
                                    {std::sqrt(i + 0.1), std::exp(0.07 * i), 1.0 / (i + 3)}});
        const ReadingSet back = readingsFromCgats(readingsToCgats(set), "t");
        QCOMPARE(back.keywords, set.keywords);
        QCOMPARE(back.readings.size(), set.readings.size());
        for (size_t i = 0; i < set.readings.size(); ++i)
            QCOMPARE(back.readings[i], set.readings[i]);
    }

    void refuses_data()
    {
        QTest::addColumn<QString>("from");
        QTest::addColumn<QString>("to");
        QTest::addColumn<QString>("message");
        QTest::newRow("cut off in the data") << "22\nEND_DATA\n"
                                             << ""
                                             << "cut off";
        QTest::newRow("cut off in the format") << "END_DATA_FORMAT"
                                               << ""
                                               << "cut off";
        QTest::newRow("half a row") << "22\nEND_DATA"
                                    << "END_DATA"
                                    << "6 of 7 values";
        QTest::newRow("wrong number of sets") << "NUMBER_OF_SETS 3"
                                              << "NUMBER_OF_SETS 4"
                                              << "4, the data have 3";
        QTest::newRow("wrong number of fields") << "NUMBER_OF_FIELDS 7"
                                                << "NUMBER_OF_FIELDS 6"
                                                << "says 6, the data format names 7";
        QTest::newRow("not a count") << "NUMBER_OF_SETS 3"
                                     << "NUMBER_OF_SETS -3"
                                     << "line 10: NUMBER_OF_SETS";
        QTest::newRow("huge count") << "NUMBER_OF_SETS 3"
                                    << "NUMBER_OF_SETS 1e30"
                                    << "NUMBER_OF_SETS";
        QTest::newRow("field twice") << "SAMPLE_ID"
                                     << "RGB_R"
                                     << "RGB_R stands twice";
        QTest::newRow("open quote") << "\"north light\""
                                    << "\"north light"
                                    << "line 5: a quoted text is not closed";
        QTest::newRow("NaN") << "0.1 0   2"
                             << "nan 0   2"
                             << "line 13, field XYZ_Y: \"nan\" is not a finite number";
        QTest::newRow("infinity") << "0.1 0   2"
                                  << "inf 0   2"
                                  << "is not a finite number";
        QTest::newRow("word for number") << "0.1 0   2"
                                         << "dark 0   2"
                                         << "\"dark\"";
        QTest::newRow("code value too high") << "0.1 0   2"
                                             << "0.1 256   2"
                                             << "256 is outside 0 to 255";
        QTest::newRow("negative code value") << "0.1 0   2"
                                             << "0.1 -1   2"
                                             << "-1 is outside 0 to 255";
        QTest::newRow("impossible light") << "0.1 0   2"
                                          << "1e9 0   2"
                                          << "cannot be the light of a display";
        QTest::newRow("no RGB") << "RGB_G"
                                << "CMYK_C"
                                << "no field RGB_G";
        QTest::newRow("no data") << "BEGIN_DATA\n"
                                 << ""
                                 << "t.cgats";
    }
    void refuses()
    {
        QFETCH(QString, from);
        QFETCH(QString, to);
        QFETCH(QString, message);
        const std::string text = replaced(kGood, from.toStdString(), to.toStdString());
        QVERIFY(text != kGood);
        VERIFY_ERROR(readingsFromCgats(text, "t.cgats"), message.toUtf8().constData());
    }

    void refusesAnEmptyFile()
    {
        VERIFY_ERROR(parseCgats("", "e.cgats"), "the file is empty");
        VERIFY_ERROR(parseCgats("   \n # only a comment", "e.cgats"), "the file is empty");
        VERIFY_ERROR(parseCgats("CGATS.17\n", "e.cgats"), "no BEGIN_DATA");
    }

    /// Every prefix of a good file either reads or is refused with an Error: never anything else.
    void everyTruncationIsRefusedCleanly()
    {
        for (size_t n = 0; n < kGood.find("END_DATA\n", kGood.find("BEGIN_DATA\n")); ++n) {
            bool refused = false;
            try {
                (void)readingsFromCgats(kGood.substr(0, n), "t");
            } catch (const Error &e) {
                refused = true;
                QCOMPARE(e.kind, ErrorKind::BadInput);
            }
            QVERIFY2(refused, qPrintable(QString::number(n)));
        }
    }

    void referenceColoursFromLabAndXyz()
    {
        const ReferenceSet lab =
            referenceFromList("CGATS.17\nBEGIN_DATA_FORMAT\nSAMPLE_NAME LAB_L LAB_A "
                              "LAB_B\nEND_DATA_FORMAT\nBEGIN_DATA\n"
                              "\"moss green\" 40 -20 25\nEND_DATA\n",
                              "spots");
        QCOMPARE(lab.colours.size(), size_t(1));
        QCOMPARE(lab.colours[0].name, std::string("moss green"));
        QCOMPARE(lab.colours[0].lab, (Lab{40, -20, 25}));
        const ReferenceSet xyz = referenceFromList(
            "CGATS.17\nBEGIN_DATA_FORMAT\nXYZ_X XYZ_Y XYZ_Z\nEND_DATA_FORMAT\nBEGIN_DATA\n"
            "96.42 100 82.49\nEND_DATA\n",
            "spots");
        VERIFY_NEAR(xyz.colours[0].lab.L, 100, 1e-9);
        VERIFY_NEAR(xyz.colours[0].lab.b, 0, 1e-9);
        VERIFY_ERROR(referenceFromList(kGood.substr(0, kGood.find("XYZ_Y")) +
                                           "A\nEND_DATA_FORMAT\nBEGIN_DATA\n1\nEND_DATA\n",
                                       "x"),
                     "x");
        VERIFY_ERROR(referenceFromList(
                         "C\nBEGIN_DATA_FORMAT\nLAB_L LAB_A LAB_B\nEND_DATA_FORMAT\nBEGIN_DATA\n"
                         "900 0 0\nEND_DATA\n",
                         "spots"),
                     "not a surface colour");
    }
};

namespace {
const lantern::test::Register<CgatsTest> registered("CgatsTest");
}

#include "cgats_test.moc"
