#include "run/cli_rig.h"
#include "runner.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QRegularExpression>
#include <QTemporaryDir>

namespace lantern::test {

/// The command line as a product: help, completion, man pages, JSON that keeps its word.
class ProductCommandTest : public QObject {
    Q_OBJECT

    static QJsonArray commands()
    {
        return QJsonDocument::fromJson(cli({QStringLiteral("manual")}).out.toUtf8())
            .object()[QStringLiteral("commands")]
            .toArray();
    }
    static QString shared(const char *name)
    {
        QFile file(QStringLiteral(LANTERN_SHARE "/") + QLatin1String(name));
        return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
    }

private slots:
    /// Each has examples, and they are made of its own options.
    void everyCommandHasHelpWithExamples()
    {
        const QJsonArray all = commands();
        QVERIFY(all.size() > 20);
        for (const auto &entry : all) {
            const QJsonObject command = entry.toObject();
            const QString name = command[QStringLiteral("name")].toString();
            const Answer help = cli({name, QStringLiteral("--help")});
            QCOMPARE(help.code, 0);
            QSet<QString> options;
            for (const auto &o : command[QStringLiteral("options")].toArray())
                options << o.toObject()[QStringLiteral("name")].toString();
            const QJsonArray examples = command[QStringLiteral("examples")].toArray();
            QVERIFY2(!examples.isEmpty(), qPrintable(name));
            for (const auto &e : examples) {
                const QString line = e.toObject()[QStringLiteral("line")].toString();
                QVERIFY2(help.out.contains(line), qPrintable(line));
                QVERIFY2(line.contains(QStringLiteral("bold-lantern-cli ") + name),
                         qPrintable(line));
                static const QRegularExpression option(QStringLiteral(" (--[a-z-]+)"));
                for (auto it = option.globalMatch(line); it.hasNext();) {
                    const QString given = it.next().captured(1);
                    QVERIFY2(options.contains(given), qPrintable(line));
                }
            }
        }
    }

    /// Nothing of it is left in English; a made-up language has its words in ⟦brackets⟧.
    void helpIsInThePersonsLanguage()
    {
        const QTemporaryDir config;
        QVERIFY(QDir(config.path()).mkpath(QStringLiteral("bold-lantern")));
        const auto help = [&](const QString &language, const QStringList &command) {
            QFile settings(config.filePath(QStringLiteral("bold-lantern/bold-lantern.conf")));
            if (!settings.open(QIODevice::WriteOnly))
                return QString();
            settings.write("[General]\nlanguage=" + language.toUtf8() + "\n");
            settings.close();
            QProcess p;
            auto environment = QProcessEnvironment::systemEnvironment();
            environment.insert(QStringLiteral("XDG_CONFIG_HOME"), config.path());
            p.setProcessEnvironment(environment);
            p.start(QStringLiteral(LANTERN_CLI), command + QStringList{QStringLiteral("--help")});
            return p.waitForFinished() ? QString::fromUtf8(p.readAllStandardOutput()) : QString();
        };
        const QString run = help(QStringLiteral("de"), {QStringLiteral("run")});
        for (const char *text :
             {"bold-lantern-cli run [OPTIONEN]", "--seed ANZAHL", "--reflectance ZAHL:0..1"})
            QVERIFY2(run.contains(QLatin1String(text)), qPrintable(run));
        const QString german = help(QStringLiteral("de"), {QStringLiteral("validate")});
        QVERIFY2(german.contains(QLatin1String("Name eines Ausgangs, siehe displays")),
                 qPrintable(german));
        QVERIFY2(german.contains(QLatin1String("Aufruf: ")), qPrintable(german));
        QStringList left;
        std::vector<QStringList> all{{}};
        for (const auto &entry : commands())
            all.push_back({entry.toObject()[QStringLiteral("name")].toString()});
        all.push_back({QStringLiteral("book"), QStringLiteral("sync")});
        for (const QStringList &command : all) {
            const QString said = help(QStringLiteral("pseudo"), command);
            QVERIFY(said.count(QStringLiteral("⟦")) > 4);
            for (QString line : said.split(QLatin1Char('\n'))) {
                static const QRegularExpression translated(QStringLiteral("⟦[^⟦⟧]*⟧"));
                static const QRegularExpression example(QStringLiteral("bold-lantern-cli|^  echo"));
                static const QRegularExpression words(QStringLiteral(
                    "[a-z]{3,} [a-z]{2,}|\\b(TEXT|OPTIONS|U?INT|FLOAT|NONNEGATIVE|POSITIVE)\\b"));
                if (!example.match(line).hasMatch() &&
                    words.match(line.remove(translated)).hasMatch())
                    left << line;
            }
        }
        QVERIFY2(left.isEmpty(), qPrintable(left.join(QLatin1Char('\n'))));
    }

    /// What the parser refuses is said as everything else is: what was wrong, and what to do.
    void mistakesAreSaidInOurWords_data()
    {
        QTest::addColumn<QString>("line");
        QTest::addColumn<QString>("said");
        const auto row = [](const char *line, const char *said) {
            QTest::newRow(line) << QString::fromLatin1(line) << QString::fromLatin1(said);
        };
        row("", "a command is missing: which of them is to be done?");
        row("run --display a", "--out is missing");
        row("run --out a", "one of --display,--output,--page is missing");
        row("plot --run a --logbook b", "only one of --run,--logbook can be given");
        row("plot --run a --bad", "--bad is not known here");
        row("build --readings a --out b --grid x", "--grid cannot be x");
        row("build --readings a --out b --profile x",
            "--profile cannot be x; it is one of gamma,matrix,table");
        row("plot --run a --width 3", "--width cannot be 3; it is from 100 to 5000");
        row("run --display a --out b --reflectance 3",
            "--reflectance cannot be 3; it is from 0 to 1");
        row("log --logbook a --on 0 --note b", "--on cannot be 0: that is too small");
        row("run --out", "--out needs a value");
        row("log --logbook a --note b", "--note goes with --on only");
        row("log --logbook a --readings --merge b", "--readings does not go with --merge");
    }
    void mistakesAreSaidInOurWords()
    {
        QFETCH(QString, line);
        QFETCH(QString, said);
        const Answer a = cli(line.split(QLatin1Char(' '), Qt::SkipEmptyParts));
        QCOMPARE(a.code, 2);
        QCOMPARE(a.err, QStringLiteral("bold-lantern-cli: %1.\nRun with --help for more "
                                       "information.\n")
                            .arg(said));
    }

    void manPagesAndCompletionKnowEveryCommand()
    {
        const QString page = shared("man/bold-lantern-cli.1");
        const QString completion = shared("completion");
        for (const auto &entry : commands()) {
            const QString name = entry.toObject()[QStringLiteral("name")].toString();
            QVERIFY2(page.contains(QStringLiteral("\n.SS ") +
                                   QString(name).replace(QLatin1Char('-'), QLatin1String("\\-"))),
                     qPrintable(name));
            QVERIFY2(completion.contains(name + QLatin1String(") words=")), qPrintable(name));
        }
        for (const char *program :
             {"bold-lantern", "bold-lantern-keeper", "bold-lantern-bench-meter"}) {
            const QString other = shared(("man/" + std::string(program) + ".1").c_str());
            QVERIFY2(other.contains(QLatin1String(".SH OPTIONS\n.TP")), program);
        }
        QProcess bash;
        bash.start(
            QStringLiteral("bash"),
            {QStringLiteral("-c"),
             QStringLiteral("source " LANTERN_SHARE "/completion; COMP_WORDS=(bold-lantern-cli "
                            "val); COMP_CWORD=1; _bold_lantern_cli; echo ${COMPREPLY[@]}")});
        QVERIFY(bash.waitForFinished());
        QCOMPARE(bash.readAllStandardOutput().trimmed(), QByteArray("validate"));
    }

    void jsonIsAsItsSchemasSay()
    {
        QProcess check;
        check.setProcessChannelMode(QProcess::MergedChannels);
        check.start(QStringLiteral("/usr/bin/python3"),
                    {QStringLiteral(LANTERN_CHECK_SCHEMAS), QStringLiteral(LANTERN_CLI),
                     QStringLiteral(LANTERN_SCHEMAS)});
        QVERIFY(check.waitForFinished(600'000));
        QVERIFY2(check.exitCode() == 0, check.readAll().constData());
    }

    /// Where there is no display it says so, and what can be done.
    void doctorSaysWhatIsMissing()
    {
        QProcess p;
        auto environment = QProcessEnvironment::systemEnvironment();
        environment.remove(QStringLiteral("DISPLAY"));
        environment.remove(QStringLiteral("WAYLAND_DISPLAY"));
        p.setProcessEnvironment(environment);
        p.start(QStringLiteral(LANTERN_CLI), {QStringLiteral("doctor"), QStringLiteral("--json")});
        QVERIFY(p.waitForFinished());
        QCOMPARE(p.exitCode(), 4);
        const QJsonObject said = QJsonDocument::fromJson(p.readAllStandardOutput()).object();
        QVERIFY(said[QStringLiteral("missing")].toBool());
        bool isSaid = false;
        for (const auto &f : said[QStringLiteral("findings")].toArray())
            isSaid |= f.toObject()[QStringLiteral("what")] == QLatin1String("displays") &&
                      f.toObject()[QStringLiteral("finding")] == QLatin1String("missing") &&
                      !f.toObject()[QStringLiteral("advice")].toString().isEmpty();
        QVERIFY(isSaid);
    }

    /// A line that is written over is for terminals; a pipe gets nothing of it.
    void progressIsForTerminalsOnly()
    {
        QTemporaryDir folder;
        const QString command =
            QStringLiteral(LANTERN_CLI " run --display field-laptop --chart 24 --out ");
        QProcess p;
        p.start(QStringLiteral("script"),
                {QStringLiteral("-qec"), command + folder.filePath(QStringLiteral("a")),
                 QStringLiteral("/dev/null")});
        QVERIFY(p.waitForFinished(60'000));
        const QByteArray terminal = p.readAllStandardOutput();
        QVERIFY2(terminal.contains("\r\033[K"), terminal.right(400).constData());
        QVERIFY(terminal.contains("reading 1 of "));
        const Answer piped =
            cli({QStringLiteral("run"), QStringLiteral("--display"), QStringLiteral("field-laptop"),
                 QStringLiteral("--chart"), QStringLiteral("24"), QStringLiteral("--out"),
                 folder.filePath(QStringLiteral("b"))});
        QVERIFY(!piped.err.contains(QLatin1Char('\r')));
    }

    /// Errors are in the person's language.
    void errorsAreInTheLanguageChosen()
    {
        QTemporaryDir home;
        QProcess p;
        auto environment = QProcessEnvironment::systemEnvironment();
        environment.insert(QStringLiteral("XDG_CONFIG_HOME"), home.path());
        QVERIFY(QDir(home.path()).mkpath(QStringLiteral("bold-lantern")));
        QFile settings(home.filePath(QStringLiteral("bold-lantern/bold-lantern.conf")));
        QVERIFY(settings.open(QIODevice::WriteOnly));
        settings.write("[General]\nlanguage=de\n");
        settings.close();
        p.setProcessEnvironment(environment);
        p.start(QStringLiteral(LANTERN_CLI),
                {QStringLiteral("inspect"), home.filePath(QStringLiteral("nothing.icc"))});
        QVERIFY(p.waitForFinished());
        QCOMPARE(p.exitCode(), 2);
        const QString said = QString::fromUtf8(p.readAllStandardError());
        QVERIFY2(said.contains(QStringLiteral("es gibt keine solche Datei")), qPrintable(said));
    }
};

static const Register<ProductCommandTest> registered("ProductCommandTest");

} // namespace lantern::test

#include "product_command_test.moc"
