#include "core/base/json_object.h"
#include "run/cli_rig.h"
#include "runner.h"

#include <nlohmann/json.hpp>

#include <QDir>
#include <QFile>
#include <QTemporaryDir>

namespace lantern::test {

/// Evenness on the command line, and computed anew by a program that has nothing of ours.
class EvennessCommandTest : public QObject {
    Q_OBJECT
    QTemporaryDir m_folder;

    QStringList command(const QString &display, const QString &out, const QStringList &more = {})
    {
        return QStringList{QStringLiteral("evenness"), QStringLiteral("--display"), display,
                           QStringLiteral("--out"), m_folder.filePath(out)} +
               more;
    }

private slots:
    void anIndependentProgramGetsTheSame_data()
    {
        QTest::addColumn<QString>("display");
        QTest::addColumn<QStringList>("options");
        const QStringList large = {QStringLiteral("--grid"), QStringLiteral("5x5"),
                                   QStringLiteral("--greys"), QStringLiteral("255,128,64")};
        QTest::newRow("north") << demo("north-desk.json") << large;
        QTest::newRow("laptop by the colorimeter")
            << demo("field-laptop.json")
            << (large + QStringList{QStringLiteral("--meter"), QStringLiteral("colorimeter")});
        QTest::newRow("an even number of fields")
            << demo("south-desk.json")
            << QStringList{QStringLiteral("--grid"), QStringLiteral("4x6")};
        const QDir marks(QStringLiteral(LANTERN_MARKS));
        for (const QString &name : marks.entryList({QStringLiteral("*.json")}).mid(0, 4))
            QTest::newRow(qPrintable(name)) << marks.filePath(name) << large;
    }

    void anIndependentProgramGetsTheSame()
    {
        QFETCH(QString, display);
        QFETCH(QStringList, options);
        const QString out = QString::fromLatin1(QTest::currentDataTag());
        const Answer answer =
            cli(command(display, out, options + QStringList{QStringLiteral("--json")}));
        QVERIFY2(answer.code == 0 || answer.code == 4, qPrintable(answer.err));
        const QString file = m_folder.filePath(QStringLiteral("told.json"));
        QFile told(file);
        QVERIFY(told.open(QIODevice::WriteOnly));
        told.write(answer.out.toUtf8());
        told.close();
        QProcess python;
        python.start(QStringLiteral("python3"), {QStringLiteral(LANTERN_RECOMPUTE_DESK), file});
        QVERIFY(python.waitForFinished());
        QVERIFY2(python.exitCode() == 0, python.readAllStandardError().constData());
        // And it would notice: one reading in fifty is changed a little.
        Json changed = Json::parse(answer.out.toStdString());
        changed["readings"][20]["reading"][4] =
            changed["readings"][20]["reading"][4].get<double>() * 1.001;
        QVERIFY(told.open(QIODevice::WriteOnly | QIODevice::Truncate));
        told.write(QByteArray::fromStdString(changed.dump()));
        told.close();
        python.start(QStringLiteral("python3"), {QStringLiteral(LANTERN_RECOMPUTE_DESK), file});
        QVERIFY(python.waitForFinished());
        QVERIFY(python.exitCode() != 0);
    }

    void theVerdictIsTheExitCode()
    {
        const Answer over = cli(command(demo("field-laptop.json"), QStringLiteral("over")));
        QCOMPARE(over.code, 4);
        QVERIFY(over.out.contains(QLatin1String("evenness: over")));
        QVERIFY(over.out.contains(QLatin1String("evening it out would cost")));
        const Answer basic = cli(command(demo("north-desk.json"), QStringLiteral("basic"),
                                         {QStringLiteral("--tolerance"), QStringLiteral("basic")}));
        QCOMPARE(basic.code, 0);
    }

    void aPulledMeterLosesNothing()
    {
        const QStringList pulled =
            command(demo("north-desk.json"), QStringLiteral("pulled"),
                    {QStringLiteral("--fault"), QStringLiteral("unplugged@30")});
        const Answer first = cli(pulled);
        QCOMPARE(first.code, 3);
        QVERIFY(first.err.contains(QLatin1String("go on from the last reading")));
        const Answer second = cli(
            command(demo("north-desk.json"), QStringLiteral("pulled"), {QStringLiteral("--json")}));
        const Answer whole = cli(command(demo("north-desk.json"), QStringLiteral("unpulled"),
                                         {QStringLiteral("--json")}));
        const Json one = Json::parse(second.out.toStdString());
        const Json other = Json::parse(whole.out.toStdString());
        QCOMPARE(one["readings"].size(), other["readings"].size());
        const double a = one["levels"][0]["least"].get<double>();
        const double b = other["levels"][0]["least"].get<double>();
        VERIFY_NEAR(a, b, 0.003);
        const Answer another =
            cli(command(demo("north-desk.json"), QStringLiteral("pulled2"),
                        {QStringLiteral("--fault"), QStringLiteral("unplugged@30")}));
        QCOMPARE(another.code, 3);
        const Answer other_grid = cli(command(demo("north-desk.json"), QStringLiteral("pulled2"),
                                              {QStringLiteral("--grid"), QStringLiteral("5x5")}));
        QVERIFY(other_grid.code != 0);
        QVERIFY(other_grid.err.contains(QLatin1String("another evenness")));
    }

    /// Killed again and again, it ends with the same readings as one that was left alone.
    void killedAgainAndAgainItLosesNothing()
    {
        const QStringList options = {QStringLiteral("--grid"), QStringLiteral("5x5"),
                                     QStringLiteral("--greys"), QStringLiteral("255,128,64"),
                                     QStringLiteral("--json")};
        const Answer whole =
            cli(command(demo("north-desk.json"), QStringLiteral("left-alone"), options));
        const QStringList again =
            command(demo("north-desk.json"), QStringLiteral("killed"), options);
        int killed = 0;
        Answer last;
        for (int i = 0; i < 60 && last.out.isEmpty(); ++i) {
            QProcess p;
            p.start(QStringLiteral(LANTERN_CLI), again);
            if (p.waitForFinished(60 + 23 * (i % 9))) {
                last = {p.exitCode(), QString::fromUtf8(p.readAllStandardOutput()), {}};
                break;
            }
            p.kill();
            p.waitForFinished();
            ++killed;
        }
        if (last.out.isEmpty())
            last = cli(again);
        QVERIFY(killed > 2);
        const Json one = Json::parse(last.out.toStdString());
        const Json other = Json::parse(whole.out.toStdString());
        QCOMPARE(one["readings"].size(), other["readings"].size());
        for (size_t i = 0; i < one["readings"].size(); ++i)
            QVERIFY2(one["readings"][i]["reading"] == other["readings"][i]["reading"] &&
                         one["readings"][i]["spot"] == other["readings"][i]["spot"],
                     qPrintable(QString::number(i)));
    }

    void whatIsNotPossibleIsTold()
    {
        for (const auto &[option, value] : {std::pair{"--grid", "3"},
                                            {"--grid", "0x3"},
                                            {"--grid", "axb"},
                                            {"--greys", "64"},
                                            {"--greys", "255,,1"},
                                            {"--greys", "255,300"}}) {
            const Answer a = cli(command(demo("north-desk.json"), QStringLiteral("wrong"),
                                         {QLatin1String(option), QLatin1String(value)}));
            QCOMPARE(a.code, 2);
            QVERIFY(!a.err.isEmpty());
        }
    }
};

static const Register<EvennessCommandTest> registered("EvennessCommandTest");

} // namespace lantern::test

#include "evenness_command_test.moc"
