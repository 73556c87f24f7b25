#include "core/base/json_object.h"
#include "run/cli_rig.h"
#include "run/file/files.h"
#include "runner.h"

#include <nlohmann/json.hpp>

#include <QImage>
#include <QTemporaryDir>

#include <algorithm>
#include <cmath>

using namespace lantern;
using lantern::test::Answer;
using lantern::test::cli;
using lantern::test::demo;

/// The commands beside run, build and validate.
class CommandToolsTest : public QObject {
    Q_OBJECT
private slots:
    void init() { m_folder = std::make_unique<QTemporaryDir>(); }

    /// Published or defined values: IEC 61966-2-1 (white), CIE 15 (L* of Y = 0.1842 is 50).
    void conversions_data()
    {
        QTest::addColumn<QStringList>("options");
        QTest::addColumn<QByteArray>("input");
        QTest::addColumn<QList<double>>("expected");
        const QString from = QStringLiteral("--from"), to = QStringLiteral("--to"),
                      white = QStringLiteral("--white");
        auto o = [](std::initializer_list<const char *> list) {
            QStringList out;
            for (const char *s : list)
                out << QString::fromLatin1(s);
            return out;
        };
        QTest::newRow("srgb white") << o({"--from", "srgb", "--to", "xyz"}) << QByteArray("1 1 1\n")
                                    << QList<double>{0.9505, 1, 1.0891};
        QTest::newRow("xyz to lab, scale of 100")
            << o({"--from", "xyz", "--to", "lab", "--white", "96.42,100,82.49"})
            << QByteArray("17.7593 18.4187 15.1936\n") << QList<double>{50, 0, 0};
        QTest::newRow("lab to lch") << o({"--from", "lab", "--to", "lch"})
                                    << QByteArray("50 0 -30\n") << QList<double>{50, 30, 270};
        QTest::newRow("uv to xyy")
            << o({"--from", "uv", "--to", "xyy"}) << QByteArray("0.1978 0.4683 1\n")
            << QList<double>{0.3127, 0.3290, 1};
        QTest::newRow("luv and back") << o({"--from", "luv", "--to", "luv", "--white", "D65"})
                                      << QByteArray("60 -20 30\n") << QList<double>{60, -20, 30};
    }
    void conversions()
    {
        QFETCH(QStringList, options);
        QFETCH(QByteArray, input);
        QFETCH(QList<double>, expected);
        const Answer a = cli(QStringList{QStringLiteral("convert")} + options, input);
        QVERIFY2(a.code == 0, qPrintable(a.err));
        const QStringList values = a.out.trimmed().split(QLatin1Char(' '));
        for (int i = 0; i < 3; ++i)
            VERIFY_NEAR(values[i].toDouble(), expected[i], 0.002 * std::max(1.0, expected[i] / 20));
    }

    void whitesAreTold()
    {
        const Answer a = cli({QStringLiteral("white"), QStringLiteral("--xy"),
                              QStringLiteral("0.31271,0.32902"), QStringLiteral("--json")});
        const Json j = Json::parse(a.out.toStdString());
        VERIFY_NEAR(j["cct"].get<double>(), 6504, 2);      // CIE 15:2018: D65
        VERIFY_NEAR(j["duv"].get<double>(), 0.0032, 1e-4); // common practice
        QCOMPARE(
            cli({QStringLiteral("white"), QStringLiteral("--cct"), QStringLiteral("900")}).code, 2);
        QCOMPARE(cli({QStringLiteral("white")}).code, 2);
        QVERIFY(cli({QStringLiteral("white"), QStringLiteral("--xy"), QStringLiteral("0.7,0.6")})
                    .err.contains(QLatin1String("x + y is above 1")));
    }

    void chartsFromPicturesAndLists()
    {
        QImage picture(60, 40, QImage::Format_RGB888);
        picture.fill(QColor(200, 120, 40));
        for (int x = 0; x < 20; ++x)
            for (int y = 0; y < 40; ++y)
                picture.setPixelColor(x, y, QColor(20, 60, 160));
        const QString file = m_folder->filePath(QStringLiteral("leaf.png"));
        QVERIFY(picture.save(file));
        const QString out = m_folder->filePath(QStringLiteral("leaf.cgats"));
        const Answer a = cli({QStringLiteral("chart"), QStringLiteral("--picture"), file,
                              QStringLiteral("--count"), QStringLiteral("4"),
                              QStringLiteral("--out"), out, QStringLiteral("--json")});
        QVERIFY2(a.code == 0, qPrintable(a.err));
        QCOMPARE(Json::parse(a.out.toStdString())["patches"].get<int>(), 26); // 24 and both colours
        const std::string text = run::readFile(out).toStdString();
        QVERIFY(text.find("200 120 40") != std::string::npos);
        QVERIFY(text.find("20 60 160") != std::string::npos);
        // and measured
        const QString job = m_folder->filePath(QStringLiteral("leaf"));
        const Answer r = cli({QStringLiteral("run"), QStringLiteral("--display"),
                              demo("north-desk.json"), QStringLiteral("--chart"), out,
                              QStringLiteral("--out"), job, QStringLiteral("--json")});
        QVERIFY2(r.code == 0, qPrintable(r.err));
        run::writeFile(m_folder->filePath(QStringLiteral("bad.png")), "no picture");
        const Answer bad =
            cli({QStringLiteral("chart"), QStringLiteral("--picture"),
                 m_folder->filePath(QStringLiteral("bad.png")), QStringLiteral("--out"), out});
        QCOMPARE(bad.code, 2);
        QVERIFY(bad.err.contains(QLatin1String("bad.png")));
    }

    void calibratesAMonitorsMemory()
    {
        const QString out = m_folder->filePath(QStringLiteral("slot"));
        const QString display = QStringLiteral(LANTERN_MARKS "/dot-panel.json");
        const Answer a = cli({QStringLiteral("run"), QStringLiteral("--display"), display,
                              QStringLiteral("--into-slot"), QStringLiteral("--chart"),
                              QStringLiteral("48"), QStringLiteral("--out"), out});
        QVERIFY2(a.code == 0, qPrintable(a.err));
        const Answer s = cli({QStringLiteral("simulate"), QStringLiteral("--display"), display,
                              QStringLiteral("--profile"), out + QStringLiteral("/profile.icc"),
                              QStringLiteral("--controls"), out + QStringLiteral("/controls.json"),
                              QStringLiteral("--slot"), out + QStringLiteral("/slot.json")},
                             "255 255 255\n");
        VERIFY_NEAR(s.out.split(QLatin1Char(' '))[1].toDouble(), 120, 1.2);
        const Answer none = cli({QStringLiteral("run"), QStringLiteral("--display"),
                                 demo("south-desk.json"), QStringLiteral("--into-slot"),
                                 QStringLiteral("--out"), m_folder->filePath(QStringLiteral("x"))});
        QCOMPARE(none.code, 2);
        QVERIFY(none.err.contains(QLatin1String("no memory of its own")));
    }

    void correctionsAreMadeAndUsed()
    {
        auto readings = [](const char *meter, double x) {
            return QByteArray("CGATS.17\nMETER \"") + meter +
                   "\"\nBEGIN_DATA_FORMAT\nRGB_R RGB_G RGB_B XYZ_X XYZ_Y XYZ_Z\nEND_DATA_FORMAT\n"
                   "BEGIN_DATA\n255 0 0 " +
                   QByteArray::number(50 * x) + " 25 2\n0 255 0 " + QByteArray::number(40 * x) +
                   " 80 14\n0 0 255 " + QByteArray::number(22 * x) + " 9 110\n255 255 255 " +
                   QByteArray::number(112 * x) + " 114 126\nEND_DATA\n";
        };
        const QString a = m_folder->filePath(QStringLiteral("a.cgats"));
        const QString b = m_folder->filePath(QStringLiteral("b.cgats"));
        const QString out = m_folder->filePath(QStringLiteral("c.json"));
        run::writeFile(a, readings("Reed", 1.05));
        run::writeFile(b, readings("Heron", 1));
        const Answer made = cli({QStringLiteral("correction"), QStringLiteral("--meter"), a,
                                 QStringLiteral("--reference"), b, QStringLiteral("--technology"),
                                 QStringLiteral("led-wide"), QStringLiteral("--out"), out,
                                 QStringLiteral("--json")});
        QVERIFY2(made.code == 0, qPrintable(made.err));
        VERIFY_NEAR(Json::parse(made.out.toStdString())["matrix"][0].get<double>(), 1 / 1.05, 1e-9);
        const Answer used = cli({QStringLiteral("run"), QStringLiteral("--display"),
                                 demo("north-desk.json"), QStringLiteral("--correction"), out,
                                 QStringLiteral("--chart"), QStringLiteral("24"),
                                 QStringLiteral("--out"), m_folder->filePath(QStringLiteral("r"))});
        QVERIFY2(used.code == 0, qPrintable(used.err));
    }

    /// A printing condition as a profile, too; and a display that is held against a space without
    /// any profile of its own.
    void printsAreForetoldAndSpacesNeedNoProfile()
    {
        const QString run = m_folder->filePath(QStringLiteral("run"));
        const QString display = demo("field-laptop.json");
        QCOMPARE(
            cli({QStringLiteral("run"), QStringLiteral("--display"), display,
                 QStringLiteral("--chart"), QStringLiteral("48"), QStringLiteral("--out"), run})
                .code,
            0);
        for (const char *print : {"/usr/share/color/icc/ghostscript/default_cmyk.icc",
                                  "/usr/share/color/icc/FOGRA39L.ti3"}) {
            const Answer a =
                cli({QStringLiteral("proof"), QStringLiteral("--profile"),
                     run + QStringLiteral("/profile.icc"), QStringLiteral("--characterisation"),
                     QLatin1String(print), QStringLiteral("--json")});
            QVERIFY2(a.code == 0, qPrintable(a.err));
            const Json j = Json::parse(a.out.toStdString());
            QVERIFY(j["colours"].get<int>() > 700);
            QVERIFY(j["inside_share"].get<double>() > 0.4);
        }
        const QStringList against = {QStringLiteral("validate"), QStringLiteral("--display"),
                                     display, QStringLiteral("--json")};
        QCOMPARE(cli(against).code, 2); // nothing to prove
        const Answer a =
            cli(against + QStringList{QStringLiteral("--against"), QStringLiteral("srgb"),
                                      QStringLiteral("--reference"), QStringLiteral("primaries")});
        QVERIFY2(a.code == 0, qPrintable(a.err));
        const Json v = Json::parse(a.out.toStdString());
        QVERIFY(v["delta_e_2000"]["max"].get<double>() > 3); // it is far from sRGB
    }

    void theLogIsListedNotedAndCutDown()
    {
        const QString book = m_folder->filePath(QStringLiteral("log.sqlite"));
        run::writeFile(book, run::readFile(QStringLiteral(LANTERN_TEST_DATA "/logbook-v4.sqlite")));
        const QStringList log = {QStringLiteral("log"), QStringLiteral("--logbook"), book};
        const auto lines = [&](const QStringList &more) {
            const Answer a = cli(log + more + QStringList{QStringLiteral("--json")});
            return a.code == 0 ? Json::parse(a.out.toStdString()) : Json();
        };
        QCOMPARE(lines({}).size(), size_t(9));
        Json noted = lines({QStringLiteral("--note"), QStringLiteral("old \"lamp\", dim"),
                            QStringLiteral("--on"), QStringLiteral("1")});
        const auto first = [](const Json &all) {
            return std::find_if(all.begin(), all.end(),
                                [](const Json &l) { return l["run"] == 1; });
        };
        QCOMPARE((*first(noted))["note"].get<std::string>(), std::string("old \"lamp\", dim"));
        QVERIFY((*first(noted))["figures"].size() > 4);
        const Answer csv = cli(log + QStringList{QStringLiteral("--csv")});
        QVERIFY(csv.out.contains(QLatin1String("\"old \"\"lamp\"\", dim\",colour_mean,")));
        const Json cut = lines({QStringLiteral("--remove"), QStringLiteral("1")});
        QCOMPARE(cut.size(), size_t(8));
        QVERIFY(first(cut) == cut.end());
        QCOMPARE(lines({QStringLiteral("--restore"), QStringLiteral("1")}), noted);
        const Answer none =
            cli(log + QStringList{QStringLiteral("--remove"), QStringLiteral("99")});
        QVERIFY(none.code != 0 && none.err.contains(QLatin1String("run 99 is not in the logbook")));
        QCOMPARE(cli({QStringLiteral("log"), QStringLiteral("--logbook"),
                      QStringLiteral("/nowhere.sqlite")})
                     .code,
                 2);
    }

    void differenceOfPublishedPairs()
    {
        const Answer a =
            cli({QStringLiteral("difference"), QStringLiteral("--formula"), QStringLiteral("2000")},
                "# Sharma et al. 2005, pairs 1 and 20\n50 2.6772 -79.7751 50 0 -82.7485\n\n50 2.5 "
                "0 58 24 15\n");
        QCOMPARE(a.code, 0);
        const QStringList lines = a.out.split(QLatin1Char('\n'), Qt::SkipEmptyParts);
        QCOMPARE(lines.size(), 2);
        VERIFY_NEAR(lines[0].toDouble(), 2.0425, 1e-4);
        VERIFY_NEAR(lines[1].toDouble(), 19.4535, 1e-4);
        const Answer json = cli({QStringLiteral("difference"), QStringLiteral("--formula"),
                                 QStringLiteral("76"), QStringLiteral("--json")},
                                "0 0 0 3 4 0\n");
        QCOMPARE(Json::parse(json.out.toStdString())["differences"][0].get<double>(), 5.0);
    }

    void badLinesAreNamed_data()
    {
        QTest::addColumn<QByteArray>("input");
        QTest::addColumn<QString>("message");
        QTest::newRow("too few") << QByteArray("0 0 0\n1 2\n")
                                 << "standard input, line 2: 2 numbers; 3 are expected";
        QTest::newRow("NaN") << QByteArray("nan 0 0\n") << "\"nan\" is not a finite number";
        QTest::newRow("word") << QByteArray("red 0 0\n") << "\"red\"";
        QTest::newRow("range") << QByteArray("0 0 300\n") << "300 is outside 0 to 255";
    }
    void badLinesAreNamed()
    {
        QFETCH(QByteArray, input);
        QFETCH(QString, message);
        const Answer a =
            cli({QStringLiteral("simulate"), QStringLiteral("--display"), demo("north-desk.json")},
                input);
        QCOMPARE(a.code, 2);
        QVERIFY2(a.err.contains(message), qPrintable(a.err));
    }

    void checkHoldsARunAgainstTheDisplay()
    {
        QTemporaryDir folder;
        const QString out = folder.filePath(QStringLiteral("run"));
        const Answer made =
            cli({QStringLiteral("run"), QStringLiteral("--display"), demo("north-desk.json"),
                 QStringLiteral("--chart"), QStringLiteral("48"), QStringLiteral("--out"), out});
        QVERIFY2(made.code == 0, qPrintable(made.err));
        QStringList check = {
            QStringLiteral("check"),     QStringLiteral("--run"), out,
            QStringLiteral("--display"), demo("north-desk.json"), QStringLiteral("--json")};
        const Answer same = cli(check);
        QVERIFY2(same.code == 0, qPrintable(same.err));
        const Json holds = parseJson(same.out.toStdString(), "check");
        QCOMPARE(holds["verdict"].get<std::string>(), std::string("holds"));
        VERIFY_BELOW(holds["mean_delta_e_2000"].get<double>(), 0.4);
        QCOMPARE(holds["patches"].size(), size_t(16));

        QFile file(demo("north-desk.json"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        Json aged = parseJson(file.readAll().toStdString(), "north-desk");
        aged["hours"] = 30000;
        const QString old = folder.filePath(QStringLiteral("aged.json"));
        run::writeFile(old, QByteArray::fromStdString(aged.dump()));
        check[4] = old;
        const Answer later = cli(check);
        QCOMPARE(later.code, 4);
        QVERIFY(later.out.contains(QLatin1String("redo")));

        check[2] = folder.path();
        const Answer none = cli(check);
        QCOMPARE(none.code, 2);
        QVERIFY(none.err.contains(QLatin1String("no finished run")));
    }

private:
    std::unique_ptr<QTemporaryDir> m_folder;
};

namespace {
const lantern::test::Register<CommandToolsTest> registered("CommandToolsTest");
}

#include "command_tools_test.moc"
