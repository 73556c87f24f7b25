#include "core/base/error.h"
#include "core/reading/colour_list.h"
#include "core/reading/key_colours.h"
#include "runner.h"

#include <cmath>

using namespace lantern;

class ColourListTest : public QObject {
    Q_OBJECT
private slots:
    void cxf3IsRead()
    {
        const auto list = parseColourList(kCxf, "spots.cxf");
        QCOMPARE(list.size(), size_t(2));
        QCOMPARE(list[0].name, std::string("Bracken"));
        QCOMPARE(*list[0].lab, (Lab{42.5, 18.25, 31}));
        QCOMPARE(*list[1].rgb, (DeviceRgb{10, 200, 30}));
    }

    void csvIsRead()
    {
        const auto list = parseColourList(
            "Name;L;a;b\r\n\"fern; young\";50;-30;25\r\n\r\nfog;80;0;-2\r\n", "l.csv");
        QCOMPARE(list.size(), size_t(2));
        QCOMPARE(list[0].name, std::string("fern; young"));
        QCOMPARE(*list[1].lab, (Lab{80, 0, -2}));
        const auto codes = parseColourList("R,G,B,Name\n255,0,10,signal\n", "c.csv");
        QCOMPARE(*codes[0].rgb, (DeviceRgb{255, 0, 10}));
        QCOMPARE(codes[0].name, std::string("signal"));
    }

    void refusals_data()
    {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("message");
        QTest::newRow("empty") << ""
                               << "empty";
        QTest::newRow("prose") << "dear all\n"
                               << "no list of colours";
        QTest::newRow("csv cell") << "L,a,b\n50,x,3\n"
                                  << "line 2: \"x\" is not a finite number";
        QTest::newRow("csv short") << "L,a,b\n50,1\n"
                                   << "has 2 cells";
        QTest::newRow("csv range") << "L,a,b\n5000,1,1\n"
                                   << "not a surface colour";
        QTest::newRow("csv only titles") << "L,a,b\n"
                                         << "the list is empty";
        QTest::newRow("xml cut off") << "<CxF><Resources>"
                                     << "not valid XML";
        QTest::newRow("xml without colours") << "<CxF/>"
                                             << "no colours found";
        QTest::newRow("cxf value") << "<Object "
                                      "Name=\"moss\"><ColorValues><ColorCIELab><L>1</L><A>nan</"
                                      "A><B>2</B></ColorCIELab></ColorValues></Object>"
                                   << "moss";
        QTest::newRow("cgats range") << "CGATS.17\nBEGIN_DATA_FORMAT\nRGB_R RGB_G "
                                        "RGB_B\nEND_DATA_FORMAT\nBEGIN_DATA\n0 0 256\nEND_DATA\n"
                                     << "within 0 to 255";
    }
    void refusals()
    {
        QFETCH(QString, text);
        QFETCH(QString, message);
        VERIFY_ERROR(parseColourList(text.toStdString(), "x"), message.toUtf8().constData());
    }

    void deepNestingIsSurvived()
    {
        std::string deep;
        for (int i = 0; i < 200000; ++i)
            deep += "<a>";
        VERIFY_ERROR(parseColourList(deep, "deep"), "deep");
    }

    /// Three heaps and one lone pixel: all found, the lone one too, heaviest first, always the
    /// same.
    void keyColoursCoverAPicture()
    {
        std::vector<Lab> pixels;
        for (int i = 0; i < 900; ++i)
            pixels.push_back({50 + 0.01 * (i % 7), 20, 10});
        for (int i = 0; i < 400; ++i)
            pixels.push_back({70, -30 + 0.01 * (i % 5), 40});
        for (int i = 0; i < 200; ++i)
            pixels.push_back({20, 5, -40});
        pixels.push_back({90, 0, 95});
        const auto keys = keyColours(pixels, 4);
        QCOMPARE(keys.size(), size_t(4));
        VERIFY_NEAR(keys[0].lab.L, 50, 0.1);
        VERIFY_NEAR(keys[0].share, 900.0 / 1501, 1e-9);
        VERIFY_NEAR(keys[3].lab.b, 95, 1e-9);
        const auto again = keyColours(pixels, 4);
        for (size_t i = 0; i < 4; ++i)
            QCOMPARE(keys[i].lab, again[i].lab);
        QCOMPARE(keyColours({{50, 0, 0}, {50, 0, 0}}, 8).size(), size_t(1));
        VERIFY_ERROR(keyColours({}, 3), "no pixels");
    }

private:
    static constexpr const char *kCxf =
        "<?xml version=\"1.0\"?><cc:CxF xmlns:cc=\"http://colorexchangeformat.com/CxF3-core\">"
        "<cc:Resources><cc:ObjectCollection><cc:Object Name=\"Bracken\" Id=\"1\"><cc:ColorValues>"
        "<cc:ColorCIELab "
        "ColorSpecification=\"s\"><cc:L>42.5</cc:L><cc:A>18.25</cc:A><cc:B>31</cc:B>"
        "</cc:ColorCIELab></cc:ColorValues></cc:Object><cc:Object Name=\"Sedge\"><cc:ColorValues>"
        "<cc:ColorSRGB><cc:R>10</cc:R><cc:G>200</cc:G><cc:B>30</cc:B></cc:ColorSRGB>"
        "</cc:ColorValues></cc:Object></cc:ObjectCollection></cc:Resources></cc:CxF>";
};

namespace {
const lantern::test::Register<ColourListTest> registered("ColourListTest");
}

#include "colour_list_test.moc"
