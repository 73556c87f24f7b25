#include "core/base/json_object.h"
#include "run/cli_rig.h"
#include "runner.h"

#include <nlohmann/json.hpp>

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QTemporaryDir>

namespace lantern::test {

/// What several displays can share, and how alike they are then, computed anew by a program that
/// has nothing of ours.
class MatchCommandTest : public QObject {
    Q_OBJECT
    QTemporaryDir m_folder;

    QString logbook() const { return m_folder.filePath(QStringLiteral("desks.sqlite")); }
    QString written(const QString &name, const QByteArray &content)
    {
        QFile file(m_folder.filePath(name));
        if (file.open(QIODevice::WriteOnly | QIODevice::Truncate))
            file.write(content);
        return file.fileName();
    }
    static int recomputed(const QString &common, const QString &alike, QByteArray *said = nullptr)
    {
        QProcess python;
        python.start(QStringLiteral("python3"),
                     {QStringLiteral(LANTERN_RECOMPUTE_MATCH), common, alike});
        if (!python.waitForFinished())
            return -1;
        if (said)
            *said = python.readAllStandardError();
        return python.exitCode();
    }
    /// A run in a folder of its own, taken over into the desks' logbook.
    Answer calibrate(const QString &display, const QString &aim, const QString &name)
    {
        const QString folder = m_folder.filePath(name);
        QStringList command = {QStringLiteral("run"),
                               QStringLiteral("--display"),
                               display,
                               QStringLiteral("--out"),
                               folder,
                               QStringLiteral("--chart"),
                               QStringLiteral("60")};
        if (!aim.isEmpty())
            command << QStringLiteral("--aim") << aim;
        const Answer run = cli(command);
        if (run.code != 0 && run.code != 4)
            return run;
        return cli({QStringLiteral("log"), QStringLiteral("--logbook"), logbook(),
                    QStringLiteral("--merge"), folder + QStringLiteral("/run.sqlite")});
    }

private slots:
    /// Two displays of the benchmarks, which the project's demo does not have.
    void anIndependentProgramGetsTheSame()
    {
        const QDir marks(QStringLiteral(LANTERN_MARKS));
        const QStringList displays = {marks.filePath(QStringLiteral("dot-panel.json")),
                                      marks.filePath(QStringLiteral("no-gains.json"))};
        for (const QString &display : displays) {
            const Answer run = calibrate(display, {}, QFileInfo(display).baseName());
            QVERIFY2(run.code == 0, qPrintable(run.err + run.out));
        }
        const QString aim = m_folder.filePath(QStringLiteral("shared.json"));
        const Answer common =
            cli({QStringLiteral("common-aim"), QStringLiteral("--logbook"), logbook(),
                 QStringLiteral("--out"), aim, QStringLiteral("--json")});
        QVERIFY2(common.code == 0, qPrintable(common.err));
        for (const QString &display : displays) {
            const Answer run =
                calibrate(display, aim, QFileInfo(display).baseName() + QLatin1String("-shared"));
            QVERIFY2(run.code == 0, qPrintable(run.err + run.out));
        }
        const Json told = Json::parse(common.out.toStdString());
        const auto idOf = [&](size_t i) {
            return QString::fromStdString(told["displays"][i]["display"].get<std::string>());
        };
        const QStringList both = {QStringLiteral("agree"),
                                  QStringLiteral("--logbook"),
                                  logbook(),
                                  QStringLiteral("--first"),
                                  idOf(0),
                                  QStringLiteral("--second"),
                                  idOf(1),
                                  QStringLiteral("--read")};
        const Answer alike = cli(both + QStringList{QStringLiteral("--json")});
        QVERIFY2(alike.code == 0, qPrintable(alike.err));
        const QString a = written(QStringLiteral("common.json"), common.out.toUtf8());
        const QString b = written(QStringLiteral("alike.json"), alike.out.toUtf8());
        QByteArray said;
        QVERIFY2(recomputed(a, b, &said) == 0, said.constData());

        // The aim was worth it: one look, in figures that people use.
        const Json g = Json::parse(alike.out.toStdString());
        QVERIFY2(g["mean"].get<double>() < 1.5, qPrintable(alike.out.left(300)));
        QVERIFY(g["white_delta_uv"].get<double>() < 0.003);
        QVERIFY(std::abs(g["luminance_ratio"].get<double>() - 1) < 0.03);
        QVERIFY(cli(both).out.contains(QStringLiteral("read on both: ΔE00 mean")));

        // And it would notice.
        Json changed = g;
        changed["colours"][7]["first"][1] = changed["colours"][7]["first"][1].get<double>() * 1.001;
        QVERIFY(recomputed(a, written(QStringLiteral("changed.json"),
                                      QByteArray::fromStdString(changed.dump()))) != 0);
        Json other = told;
        other["aim"]["luminance"] = told["aim"]["luminance"].get<double>() + 1;
        QVERIFY(recomputed(
                    written(QStringLiteral("other.json"), QByteArray::fromStdString(other.dump())),
                    b) != 0);
    }

    void whatIsMissingIsSaid()
    {
        const Answer none = cli({QStringLiteral("common-aim"), QStringLiteral("--logbook"),
                                 logbook(), QStringLiteral("--display"), QStringLiteral("nobody")});
        QCOMPARE(none.code, 2);
        QVERIFY(none.err.contains(QLatin1String("nobody")));
    }
};

static const Register<MatchCommandTest> registered("MatchCommandTest");

} // namespace lantern::test

#include "match_command_test.moc"
