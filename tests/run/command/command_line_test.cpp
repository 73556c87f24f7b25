#include "core/aim/aim.h"
#include "core/base/json_object.h"
#include "core/colour/difference.h"
#include "core/plan/chart.h"
#include "core/profile/profile_file.h"
#include "core/reading/readings_file.h"
#include "run/book/stage.h"
#include "run/cli_rig.h"
#include "run/file/files.h"
#include "runner.h"

#include <nlohmann/json.hpp>

#include <QDir>
#include <QFile>
#include <QImage>
#include <QProcess>
#include <QRandomGenerator>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QTemporaryDir>

#include <csignal>

using namespace lantern;
using lantern::test::Answer;
using lantern::test::cli;
using lantern::test::demo;

namespace {

QByteArray withoutDateAndId(QByteArray icc)
{
    icc.replace(24, 12, QByteArray(12, '\0'));
    icc.replace(84, 16, QByteArray(16, '\0'));
    return icc;
}

} // namespace

class CommandLineTest : public QObject {
    Q_OBJECT
private slots:
    void init() { m_folder = std::make_unique<QTemporaryDir>(); }

    void helpAndVersion()
    {
        QCOMPARE(cli({QStringLiteral("--help")}).code, 0);
        QCOMPARE(cli({QStringLiteral("run"), QStringLiteral("--help")}).code, 0);
        QVERIFY(cli({QStringLiteral("--version")}).out.contains(QLatin1String("0.9")));
    }

    void badUsage_data()
    {
        QTest::addColumn<QStringList>("arguments");
        QTest::newRow("nothing") << QStringList{};
        QTest::newRow("no such command") << QStringList{QStringLiteral("calibrate")};
        QTest::newRow("missing option") << QStringList{QStringLiteral("simulate")};
        QTest::newRow("no such formula") << QStringList{
            QStringLiteral("difference"), QStringLiteral("--formula"), QStringLiteral("1931")};
        QTest::newRow("no such meter") << QStringList{
            QStringLiteral("run"),   QStringLiteral("--display"), demo("north-desk.json"),
            QStringLiteral("--out"), QStringLiteral("x"),         QStringLiteral("--meter"),
            QStringLiteral("eye")};
    }
    void badUsage()
    {
        QFETCH(QStringList, arguments);
        const Answer a = cli(arguments);
        QCOMPARE(a.code, 2);
        QVERIFY(!a.err.isEmpty());
    }

    /// Numbers are written with a point wherever a script runs, in and out.
    void decimalsAreTheSameInEveryLocale_data()
    {
        QTest::addColumn<QString>("locale");
        QTest::newRow("German") << QStringLiteral("de_DE");
        QTest::newRow("Turkish") << QStringLiteral("tr_TR");
    }
    void decimalsAreTheSameInEveryLocale()
    {
        QFETCH(QString, locale);
        const QString name = locale + QStringLiteral(".UTF-8");
        QCOMPARE(QProcess::execute(QStringLiteral("localedef"),
                                   {QStringLiteral("-i"), locale, QStringLiteral("-f"),
                                    QStringLiteral("UTF-8"), m_folder->filePath(name)}),
                 0);
        const QStringList job = {QStringLiteral("run"),
                                 QStringLiteral("--display"),
                                 demo("north-desk.json"),
                                 QStringLiteral("--chart"),
                                 QStringLiteral("60"),
                                 QStringLiteral("--until"),
                                 QStringLiteral("0.9"),
                                 QStringLiteral("--minutes"),
                                 QStringLiteral("2.5"),
                                 QStringLiteral("--room-lux"),
                                 QStringLiteral("30.5"),
                                 QStringLiteral("--room-white"),
                                 QStringLiteral("0.3457,0.3585"),
                                 QStringLiteral("--out")};
        const auto all = [&](const char *folder) {
            const QString out = m_folder->filePath(QLatin1String(folder));
            QStringList said = {
                cli({QStringLiteral("white"), QStringLiteral("--cct"), QStringLiteral("6500.5")})
                    .out,
                cli({QStringLiteral("convert"), QStringLiteral("--from"), QStringLiteral("lab"),
                     QStringLiteral("--to"), QStringLiteral("xyz")},
                    "10 20.5 30\n")
                    .out};
            const Answer a = cli(job + QStringList{out});
            said << QString::number(a.code) << a.err
                 << QString::fromUtf8(run::readFile(out + QStringLiteral("/validation.cgats")))
                 << cli({QStringLiteral("recheck"), QStringLiteral("--json"),
                         out + QStringLiteral("/report.json")})
                        .out;
            return said;
        };
        const QStringList expected = all("plain");
        qputenv("LOCPATH", m_folder->path().toLocal8Bit());
        qputenv("LC_ALL", name.toLatin1());
        const QStringList said = all("elsewhere");
        qunsetenv("LOCPATH");
        qunsetenv("LC_ALL");
        QCOMPARE(said, expected);
        QCOMPARE(said[2], QStringLiteral("0"));
    }

    void patchesAreChosenUntilGoodEnough()
    {
        const QString out = m_folder->filePath(QStringLiteral("chosen"));
        const Answer a =
            cli({QStringLiteral("run"), QStringLiteral("--display"), demo("north-desk.json"),
                 QStringLiteral("--until"), QStringLiteral("0.06"), QStringLiteral("--chart"),
                 QStringLiteral("400"), QStringLiteral("--icc"), QStringLiteral("2"),
                 QStringLiteral("--out"), out, QStringLiteral("--json")});
        QVERIFY2(a.code == 0, qPrintable(a.err));
        const Json report = Json::parse(a.out.toStdString());
        QVERIFY(report["chart_patches"].get<int>() < 200);
        VERIFY_BELOW(report["profile_expected_delta_e_2000"].get<double>(), 0.06);
        const Answer again = cli({QStringLiteral("recheck"), out + QStringLiteral("/report.json")});
        QVERIFY2(again.code == 0, qPrintable(again.out));
        // A figure that was changed is found, whichever it is.
        for (const auto &[pointer, value, name] :
             {std::tuple("/validation/delta_e_2000/mean", Json(0.01),
                         "validation.delta_e_2000.mean"),
              {"/validation/delta_e_2000/p90", Json(0.01), "validation.delta_e_2000.p90"},
              {"/calibration/mean_delta_e_2000", Json(0.01), "calibration.mean"},
              {"/after/white_xyz/1", Json(120.5), "after.white_xyz"},
              {"/after/grey_worst", Json(0.001), "after.grey_worst"},
              {"/validation/verdict/overall", Json("over"), "validation.verdict.overall"},
              {"/validation/verdict/figures/0/call", Json("over"), "validation.verdict."},
              {"/validation/verdict/figures/0/limit", Json(1e-9), "validation.verdict."}}) {
            Json forged = report;
            forged[Json::json_pointer(pointer)] = value;
            const QString path = m_folder->filePath(QStringLiteral("forged.json"));
            run::writeFile(path, QByteArray::fromStdString(forged.dump()));
            const Answer caught = cli({QStringLiteral("recheck"), path});
            QVERIFY2(caught.code == 4, pointer);
            QVERIFY2(caught.out.contains(QLatin1String(name)), qPrintable(caught.out));
        }
        const Answer facts = cli({QStringLiteral("inspect"), out + QStringLiteral("/profile.icc"),
                                  QStringLiteral("--json")});
        QCOMPARE(Json::parse(facts.out.toStdString())["version"].get<std::string>(),
                 std::string("2.4.0"));
        const Answer said = cli({QStringLiteral("inspect"), out + QStringLiteral("/profile.icc")});
        QVERIFY2(said.out.contains(QLatin1String("class mntr, RGB to XYZ, made ")),
                 qPrintable(said.out));
    }

    void theWholeJob()
    {
        const QString out = m_folder->filePath(QStringLiteral("job"));
        const Answer a =
            cli({QStringLiteral("run"), QStringLiteral("--display"), demo("south-desk.json"),
                 QStringLiteral("--chart"), QStringLiteral("60"), QStringLiteral("--out"), out,
                 QStringLiteral("--json")});
        QVERIFY2(a.code == 0, qPrintable(a.err));
        for (const char *file : {"profile.icc", "readings.cgats", "controls.json",
                                 "validation.cgats", "report.json", "report.html"})
            QVERIFY2(QFile::exists(out + QLatin1Char('/') + QLatin1String(file)), file);
        const Json report = Json::parse(a.out.toStdString());
        VERIFY_BELOW(report["after"]["delta_uv"].get<double>(), 0.0015);
        VERIFY_BELOW(report["calibration"]["mean_delta_e_2000"].get<double>(), 0.7);

        // simulate agrees with what the report says of white
        const Answer s =
            cli({QStringLiteral("simulate"), QStringLiteral("--display"), demo("south-desk.json"),
                 QStringLiteral("--profile"), out + QStringLiteral("/profile.icc"),
                 QStringLiteral("--controls"), out + QStringLiteral("/controls.json")},
                "255 255 255\n");
        const double luminance = s.out.split(QLatin1Char(' ')).at(1).toDouble();
        VERIFY_BELOW(std::abs(luminance / report["after"]["white_xyz"][1].get<double>() - 1),
                     0.005);

        // validate: within tolerance, and not for another display
        const QStringList validate = {QStringLiteral("validate"),
                                      QStringLiteral("--profile"),
                                      out + QStringLiteral("/profile.icc"),
                                      QStringLiteral("--controls"),
                                      out + QStringLiteral("/controls.json"),
                                      QStringLiteral("--reference"),
                                      QStringLiteral("chart24"),
                                      QStringLiteral("--tolerance"),
                                      QStringLiteral("general"),
                                      QStringLiteral("--json"),
                                      QStringLiteral("--display")};
        const Answer good = cli(validate + QStringList{demo("south-desk.json")});
        QVERIFY2(good.code == 0, qPrintable(good.err));
        QCOMPARE(Json::parse(good.out.toStdString())["patches"].size(), size_t(24));
        const Answer bad = cli(validate + QStringList{demo("field-laptop.json")});
        QCOMPARE(bad.code, 4);
        QVERIFY(bad.err.contains(QLatin1String("Not within General")));

        // build from the readings the run wrote: the same model, without the LUT
        const QString built = m_folder->filePath(QStringLiteral("built.icc"));
        const Answer b = cli({QStringLiteral("build"), QStringLiteral("--readings"),
                              out + QStringLiteral("/readings.cgats"), QStringLiteral("--out"),
                              built, QStringLiteral("--profile"), QStringLiteral("matrix")});
        QVERIFY2(b.code == 0, qPrintable(b.err));
        const QByteArray bytes = run::readFile(built);
        const ProfileFile p({bytes.begin(), bytes.end()}, "built");
        QCOMPARE(p.name(), std::string("Saltmarsh 24 Office"));
    }

    void theSameSeedGivesTheSameProfile()
    {
        QByteArray profiles[3];
        for (int i = 0; i < 3; ++i) {
            const QString out = m_folder->filePath(QString::number(i));
            QCOMPARE(
                cli({QStringLiteral("run"), QStringLiteral("--display"), demo("north-desk.json"),
                     QStringLiteral("--chart"), QStringLiteral("30"), QStringLiteral("--meter"),
                     QStringLiteral("colorimeter"), QStringLiteral("--seed"),
                     QString::number(i == 2 ? 9 : 4), QStringLiteral("--out"), out})
                    .code,
                0);
            profiles[i] = withoutDateAndId(run::readFile(out + QStringLiteral("/profile.icc")));
        }
        QVERIFY(profiles[0] == profiles[1]);
        QVERIFY(profiles[0] != profiles[2]);
    }

    /// kill -9 at random moments; the run taken up again ends with the same bytes.
    void survivesBeingKilled()
    {
        auto arguments = [&](const QString &folder) {
            return QStringList{
                QStringLiteral("run"),     QStringLiteral("--display"),   demo("north-desk.json"),
                QStringLiteral("--meter"), QStringLiteral("colorimeter"), QStringLiteral("--chart"),
                QStringLiteral("60"),      QStringLiteral("--seed"),      QStringLiteral("11"),
                QStringLiteral("--out"),   m_folder->filePath(folder)};
        };
        QCOMPARE(cli(arguments(QStringLiteral("whole"))).code, 0);
        const QByteArray whole = withoutDateAndId(
            run::readFile(m_folder->filePath(QStringLiteral("whole/profile.icc"))));
        QRandomGenerator random(5);
        for (int round = 0; round < 5; ++round) {
            const QString folder = QStringLiteral("killed%1").arg(round);
            int killed = 0;
            for (int i = 0; i < 6; ++i) {
                QProcess p;
                p.start(QStringLiteral(LANTERN_CLI), arguments(folder));
                QVERIFY(p.waitForStarted());
                if (!p.waitForFinished(20 + random.bounded(200))) {
                    ::kill(static_cast<pid_t>(p.processId()), SIGKILL);
                    QVERIFY(p.waitForFinished());
                    ++killed;
                }
            }
            const Answer a = cli(arguments(folder));
            QVERIFY2(a.code == 0, qPrintable(a.err));
            QVERIFY(killed > 0);
            QVERIFY(withoutDateAndId(run::readFile(
                        m_folder->filePath(folder + QStringLiteral("/profile.icc")))) == whole);
        }
    }

    /// Options that a run could not be taken up with again are refused at once, by name.
    void whatCannotBeResumedIsNotBegun_data()
    {
        QTest::addColumn<QStringList>("options");
        QTest::addColumn<QString>("key");
        const auto row = [](const char *option, const char *value, const char *key) {
            QTest::addRow("%s %s", option, value)
                << QStringList{QLatin1String(option), QLatin1String(value)} << QString(key);
        };
        row("--until", "101", "expected_error");
        row("--minutes", "10001", "max_minutes");
        row("--room-lux", "250000", "illuminance");
    }
    void whatCannotBeResumedIsNotBegun()
    {
        QFETCH(QStringList, options);
        QFETCH(QString, key);
        const QString out = m_folder->filePath(QString::fromLatin1(QTest::currentDataTag()));
        const Answer a = cli(QStringList{QStringLiteral("run"), QStringLiteral("--display"),
                                         demo("north-desk.json"), QStringLiteral("--out"), out} +
                             options);
        QCOMPARE(a.code, 2);
        QVERIFY2(a.err.contains(key), qPrintable(a.err));
    }

    /// A finished run of which a part is gone is not made up; its files stay.
    void aFinishedRunWithAPartMissingIsRefused()
    {
        const QString out = m_folder->filePath(QStringLiteral("gap"));
        const QStringList command = {QStringLiteral("run"),
                                     QStringLiteral("--display"),
                                     demo("north-desk.json"),
                                     QStringLiteral("--chart"),
                                     QStringLiteral("30"),
                                     QStringLiteral("--out"),
                                     out};
        QCOMPARE(cli(command).code, 0);
        const QByteArray profile = run::readFile(out + QStringLiteral("/profile.icc"));
        {
            QSqlDatabase db = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), out);
            db.setDatabaseName(out + QStringLiteral("/run.sqlite"));
            QVERIFY(db.open());
            QSqlQuery query(db);
            QVERIFY(query.exec(QStringLiteral("DELETE FROM stage WHERE stage = 'build'")) &&
                    query.numRowsAffected() == 1);
        }
        QSqlDatabase::removeDatabase(out);
        const Answer a = cli(command);
        QCOMPARE(a.code, 3);
        QVERIFY2(a.err.contains(QLatin1String("parts of it are missing")), qPrintable(a.err));
        QVERIFY(run::readFile(out + QStringLiteral("/profile.icc")) == profile);
    }

    /// A run whose validation is over its limits says so to scripts too.
    void aRunThatIsOverEndsWithFour()
    {
        Json aim = aimToJson(aimPresets().front());
        aim["black"] = {{"contrast", 5000}}; // more than the display has
        const QString file = m_folder->filePath(QStringLiteral("deep.json"));
        run::writeFile(file, QByteArray::fromStdString(aim.dump()));
        const Answer a =
            cli({QStringLiteral("run"), QStringLiteral("--display"), demo("north-desk.json"),
                 QStringLiteral("--chart"), QStringLiteral("30"), QStringLiteral("--aim"), file,
                 QStringLiteral("--out"), m_folder->filePath(QStringLiteral("over"))});
        QCOMPARE(a.code, 4);
        QVERIFY2(a.out.contains(QLatin1String("over")), qPrintable(a.out));
    }

    void aFaultEndsWithThreeAndTheSameCommandGoesOn()
    {
        const QString out = m_folder->filePath(QStringLiteral("fault"));
        const QStringList base = {QStringLiteral("run"),
                                  QStringLiteral("--display"),
                                  demo("north-desk.json"),
                                  QStringLiteral("--chart"),
                                  QStringLiteral("30"),
                                  QStringLiteral("--out"),
                                  out};
        const Answer a =
            cli(base + QStringList{QStringLiteral("--fault"), QStringLiteral("unplugged@40")});
        QCOMPARE(a.code, 3);
        QVERIFY2(a.err.contains(QLatin1String("unplugged")) &&
                     a.err.contains(QLatin1String("same command again")),
                 qPrintable(a.err));
        QCOMPARE(cli(base).code, 0);
        const Answer other = cli(base + QStringList{QStringLiteral("--seed"), QStringLiteral("2")});
        QCOMPARE(other.code, 2);
        QVERIFY(other.err.contains(QLatin1String("another seed")));
    }

    void badInputIsNamed_data()
    {
        QTest::addColumn<QString>("command");
        QTest::addColumn<QByteArray>("content");
        QTest::addColumn<int>("code");
        QTest::addColumn<QString>("message");
        const QByteArray north = run::readFile(demo("north-desk.json"));
        QTest::newRow("display: not JSON")
            << "run" << QByteArray("{\"format\": ") << 2 << "ends too early";
        QTest::newRow("display: unknown key")
            << "run" << QByteArray(north).replace("\"hours\"", "\"hour\"") << 2
            << "\"hours\": is missing";
        QTest::newRow("display: NaN")
            << "run" << QByteArray(north).replace("320.0", "NaN") << 2 << "not valid JSON";
        QTest::newRow("display: too dark for the aim")
            << "run" << QByteArray(north).replace("320.0", "60.0") << 3 << "the display reaches";
        QTest::newRow("display: no blue left") << "run as is"
                                               << QByteArray(north)
                                                      .replace("[0.3080, 0.3210]", "[0.42, 0.42]")
                                                      .replace("320.0", "150.0")
                                               << 3 << "no blue is left";
        QTest::newRow("aim: unknown key")
            << "aim"
            << QByteArray(
                   R"({"format": "bold-lantern-aim", "version": 1, "name": "x", "white": "native", "luminance": "native", "tone": "native", "black": "native", "sepia": 1})")
            << 2 << "\"sepia\"";
        QTest::newRow("aim: wrong file") << "aim" << north << 2 << "not \"bold-lantern-aim\"";
        QTest::newRow("readings: empty") << "build" << QByteArray() << 2 << "the file is empty";
        QTest::newRow("readings: no neutrals")
            << "build"
            << QByteArray("CGATS.17\nBEGIN_DATA_FORMAT\nRGB_R RGB_G RGB_B XYZ_X XYZ_Y "
                          "XYZ_Z\nEND_DATA_FORMAT\nBEGIN_DATA\n255 255 255 95 100 109\n0 0 0 .1 .1 "
                          ".1\n255 0 0 41 21 2\n0 255 0 36 72 12\n0 0 255 18 7 95\n255 255 0 77 93 "
                          "14\n0 255 255 54 79 107\n255 0 255 59 28 97\n128 0 0 9 4 .4\nEND_DATA\n")
            << 2 << "no neutrals";
        QTest::newRow("profile: text")
            << "validate" << QByteArray("not a profile").repeated(40) << 2 << "no ICC profile";
        QTest::newRow("controls: out of range")
            << "controls"
            << QByteArray(
                   R"({"brightness": 500, "contrast": 1, "red_gain": 1, "green_gain": 1, "blue_gain": 1})")
            << 2 << "within 0 to 100";
    }
    void badInputIsNamed()
    {
        QFETCH(QString, command);
        QFETCH(QByteArray, content);
        QFETCH(int, code);
        QFETCH(QString, message);
        const QString file = m_folder->filePath(QStringLiteral("input"));
        run::writeFile(file, content);
        const QString out = m_folder->filePath(QStringLiteral("out"));
        QStringList arguments;
        if (command == QLatin1String("run"))
            arguments = {QStringLiteral("run"),
                         QStringLiteral("--display"),
                         file,
                         QStringLiteral("--out"),
                         out,
                         QStringLiteral("--chart"),
                         QStringLiteral("30")};
        else if (command == QLatin1String("run as is"))
            arguments = {QStringLiteral("run"),       QStringLiteral("--no-adjust"),
                         QStringLiteral("--display"), file,
                         QStringLiteral("--out"),     out,
                         QStringLiteral("--chart"),   QStringLiteral("30")};
        else if (command == QLatin1String("aim"))
            arguments = {QStringLiteral("run"),
                         QStringLiteral("--display"),
                         demo("north-desk.json"),
                         QStringLiteral("--aim"),
                         file,
                         QStringLiteral("--out"),
                         out};
        else if (command == QLatin1String("build"))
            arguments = {QStringLiteral("build"), QStringLiteral("--readings"), file,
                         QStringLiteral("--out"), out};
        else if (command == QLatin1String("validate"))
            arguments = {QStringLiteral("validate"), QStringLiteral("--display"),
                         demo("north-desk.json"), QStringLiteral("--profile"), file};
        else
            arguments = {QStringLiteral("simulate"), QStringLiteral("--display"),
                         demo("north-desk.json"), QStringLiteral("--controls"), file};
        const Answer a = cli(arguments);
        QCOMPARE(a.code, code);
        QVERIFY2(a.err.contains(message), qPrintable(a.err));
        if (code == 2)
            QVERIFY2(a.err.contains(file), qPrintable(a.err));
    }

    /// A limit on file sizes stands in for a full disk: writes fail in the middle of a file.
    void aFullDiskIsNamedAndLeavesNoHalfFile()
    {
        const QString readings = m_folder->filePath(QStringLiteral("r.cgats"));
        const QString out = m_folder->filePath(QStringLiteral("p.icc"));
        ReadingSet set;
        for (const DeviceRgb &p : makeChart(40)) {
            const Vec3 light = (vec(p) / 255).array().pow(2.2);
            set.readings.push_back({p, toXyz(Mat3{{41, 36, 18}, {21, 72, 7}, {2, 12, 95}} * light +
                                             Vec3(0.1, 0.1, 0.1))});
        }
        run::writeFile(readings, QByteArray::fromStdString(readingsToCgats(set)));
        QProcess p;
        p.start(QStringLiteral("sh"),
                {QStringLiteral("-c"),
                 QStringLiteral("trap '' XFSZ; ulimit -f 100; exec %1 build --readings %2 --out %3")
                     .arg(QStringLiteral(LANTERN_CLI), readings, out)});
        QVERIFY(p.waitForFinished());
        const QString err = QString::fromUtf8(p.readAllStandardError());
        QCOMPARE(p.exitCode(), 3);
        QVERIFY2(err.contains(out) && err.contains(QLatin1String("cannot be written")),
                 qPrintable(err));
        QVERIFY(!QFile::exists(out));
    }

    void unwritableFoldersAreNamed()
    {
        const Answer a =
            cli({QStringLiteral("run"), QStringLiteral("--display"), demo("north-desk.json"),
                 QStringLiteral("--out"), QStringLiteral("/proc/nowhere")});
        QCOMPARE(a.code, 3);
        QVERIFY2(a.err.contains(QLatin1String("/proc/nowhere")), qPrintable(a.err));
        const Answer chart =
            cli({QStringLiteral("run"), QStringLiteral("--display"), demo("north-desk.json"),
                 QStringLiteral("--out"), m_folder->path(), QStringLiteral("--chart"),
                 QStringLiteral("5")});
        QCOMPARE(chart.code, 2);
        const Answer missing = cli({QStringLiteral("simulate"), QStringLiteral("--display"),
                                    QStringLiteral("/no/such.json")});
        QCOMPARE(missing.code, 2);
        QVERIFY(missing.err.contains(QLatin1String("no such file")));
    }

private:
    std::unique_ptr<QTemporaryDir> m_folder;
};

namespace {
const lantern::test::Register<CommandLineTest> registered("CommandLineTest");
}

#include "command_line_test.moc"
