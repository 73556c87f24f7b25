#include "core/base/error.h"
#include "core/report/report.h"
#include "run/file/files.h"
#include "run/logbook/load_results.h"
#include "run/logbook/logbook.h"
#include "runner.h"

#include <nlohmann/json.hpp>

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QSet>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QTemporaryDir>

#include <algorithm>

using namespace lantern;
using namespace lantern::run;

/// Logbooks as earlier versions wrote them, with what those versions said of them: they open for
/// ever, and say the same.
class GoldenLogbookTest : public QObject {
    Q_OBJECT
    std::unique_ptr<QTemporaryDir> m_folder;

    [[nodiscard]] QString path() const { return m_folder->filePath(QStringLiteral("log.sqlite")); }
    static QString golden(const char *name)
    {
        return QStringLiteral(LANTERN_TEST_DATA) + QLatin1Char('/') + QLatin1String(name);
    }
    void copy(const char *name) { writeFile(path(), readFile(golden(name))); }
    void sql(const QString &statement)
    {
        {
            QSqlDatabase db =
                QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("by-hand"));
            db.setDatabaseName(path());
            QVERIFY(db.open());
            QSqlQuery query(db);
            QVERIFY2(query.exec(statement), qPrintable(statement));
        }
        QSqlDatabase::removeDatabase(QStringLiteral("by-hand"));
    }
    /// Figures agree to the last bits that another order of adding may turn.
    static void compare(const Json &now, const Json &then, const std::string &where)
    {
        if (then.is_number() && now.is_number()) {
            const double a = now, b = then;
            QVERIFY2(std::abs(a - b) <= 1e-9 * std::max(1.0, std::abs(b)), where.c_str());
        } else if (then.is_object()) {
            for (const auto &[key, value] : then.items()) {
                QVERIFY2(now.contains(key), (where + "." + key).c_str());
                compare(now[key], value, where + "." + key);
            }
        } else if (then.is_array()) {
            QVERIFY2(now.size() == then.size(), where.c_str());
            for (size_t i = 0; i < then.size(); ++i)
                compare(now[i], then[i], where + "[" + std::to_string(i) + "]");
        } else
            QVERIFY2(now == then, where.c_str());
    }
    enum class Results {
        Kept,
        Computed ///< by today's rules, as the third format kept readings alone
    };
    /// Since then no worst is below its mean.
    static void raiseWorst(Json &then)
    {
        if (!then["report"].contains("validation"))
            return;
        double greyMean = 0;
        for (Json &f : then["report"]["validation"]["verdict"]["figures"]) {
            if (f["figure"] == "grey_mean")
                greyMean = f["value"];
            if (f["figure"] == "grey_worst")
                f["value"] = std::max(greyMean, f["value"].get<double>());
        }
    }
    /// What the version that wrote the logbook said of its runs.
    static void saysTheSame(Logbook &book, const char *said, Results results)
    {
        Json all = parseJson(readFile(golden(said)).toStdString(), said);
        QVERIFY(all.size() > 5);
        for (Json &then : all) {
            if (results == Results::Computed)
                raiseWorst(then);
            const qint64 run = then["run"];
            const std::string where = "run " + std::to_string(run);
            const RunResults r = loadResults(book, run);
            QVERIFY2(r.problem.isEmpty(), qPrintable(r.problem));
            QCOMPARE(runKindKey(r.setup.kind).toStdString(), then["kind"].get<std::string>());
            compare(reportToJson(reportData(r)), then["report"], where);
            QCOMPARE(r.chart.size(), then["chart"].get<size_t>());
            QCOMPARE(r.found.size(), then["found"].get<size_t>());
            QCOMPARE(r.whites.size(), then["whites"].get<size_t>());
            QCOMPARE(r.aimed.size(), then["aimed"].get<size_t>());
            QCOMPARE(r.fourColours.size(), then["four_colours"].get<size_t>());
            QCOMPARE(r.warmingWhites.size(), then["warming_whites"].get<size_t>());
            QCOMPARE(r.expectedSoFar.size(), then["expected_so_far"].get<size_t>());
            QCOMPARE(r.warmUp.warm, then["warm"].get<bool>());
            QCOMPARE(r.lutByEye.has_value(), then["lut_by_eye"].get<bool>());
            QCOMPARE(r.profile.size(), then["profile_bytes"].get<qsizetype>());
            QCOMPARE(QFileInfo(r.installedPath).fileName().toStdString(),
                     then["installed"].get<std::string>());
            QCOMPARE(r.check.has_value(), then.contains("check"));
            if (r.check) {
                compare(r.check->meanDeltaE00, then["check"]["mean"], where);
                compare(r.check->worstDeltaE00, then["check"]["worst"], where);
                compare(r.check->whiteDeltaUv, then["check"]["white"], where);
                compare(r.check->luminanceRatio, then["check"]["luminance"], where);
            }
            if (r.placement)
                compare(Json{r.placement->x, r.placement->y}, then["placement"], where);
        }
    }

private slots:
    void init() { m_folder = std::make_unique<QTemporaryDir>(); }

    void theThirdFormatIsTakenOverWithoutLoss()
    {
        copy("logbook-v3.sqlite");
        Logbook book(path(), Logbook::Access::Write);
        saysTheSame(book, "logbook-runs.json", Results::Computed);
        // Everything that was read is still there.
        size_t readings = 0;
        for (const RunSummary &line : book.runs({.kind = std::nullopt}))
            for (const Stage stage : stagesOf(line.kind))
                readings += book.readings(line.id, stage).size();
        QCOMPARE(readings, size_t(694));
        QCOMPARE(book.runs({.kind = std::nullopt}).size(), size_t(9));
        // The run that was under way can be taken up.
        const qint64 open = book.unfinishedRun(QStringLiteral("field-laptop")).value();
        QVERIFY(book.begunVersion(open, Stage::Measure).has_value());
        QVERIFY(book.readings(open, Stage::Measure).size() >= 20);
        QVERIFY(book.runs({.displayId = QStringLiteral("field-laptop")}).back().abandoned);
        // Figures of the past are rows like those to come.
        const auto means =
            book.figures(QStringLiteral("north-desk"), QStringLiteral("colour_mean"));
        QCOMPARE(means.size(), size_t(1));
        QCOMPARE(means.front().takenAt, QStringLiteral("2026-10-20T09:00:00Z"));
        QVERIFY(means.front().figure.limit.has_value());
        QVERIFY(
            !book.figures(QStringLiteral("south-desk"), QStringLiteral("white_luminance")).empty());
    }

    /// The present format.
    void theFifthFormatOpensAsItIs()
    {
        copy("logbook-v5.sqlite");
        const QByteArray before = readFile(path());
        {
            Logbook book(path(), Logbook::Access::Read);
            saysTheSame(book, "logbook-runs.json", Results::Kept);
            const auto lines = book.lines();
            QCOMPARE(lines.size(), size_t(9));
            const auto first = std::ranges::find(lines, 1, &LogLine::id);
            QCOMPARE(first->note, QStringLiteral("night light was on"));
            QCOMPARE(first->identity, QStringLiteral("0000000000000000000000005eed0001"));
            QCOMPARE(first->workstation, QStringLiteral("north-studio"));
            QCOMPARE(first->person, QStringLiteral("ada"));
            QVERIFY(std::ranges::find(first->figures, "colour_mean", &FigureRow::name) !=
                    first->figures.end());
        }
        QCOMPARE(readFile(path()), before);
    }

    /// Only columns are added to it.
    void theFourthFormatIsTakenOver()
    {
        copy("logbook-v4.sqlite");
        {
            Logbook book(path(), Logbook::Access::Write);
            saysTheSame(book, "logbook-runs.json", Results::Kept);
            const auto placing = book.readings(3, Stage::Place);
            QVERIFY(!placing.empty() && placing.front().region.has_value());
            QVERIFY(placing.front().takenAt.startsWith(QLatin1String("2026-11-27T")));
            QCOMPARE(placing.front().meter, QStringLiteral("Heron"));
            QSet<QString> identities;
            for (const LogLine &line : book.lines())
                identities << line.identity;
            QCOMPARE(identities.size(), 9); // each its own
            QVERIFY(!identities.contains(QString()));
        }
        Logbook again(path(), Logbook::Access::Read);
        QCOMPARE(again.figures(QStringLiteral("north-desk"), QStringLiteral("colour_mean")).size(),
                 size_t(1));
    }

    void takingOverHappensOnce()
    {
        copy("logbook-v3.sqlite");
        {
            Logbook book(path(), Logbook::Access::Write);
        }
        Logbook again(path(), Logbook::Access::Write);
        saysTheSame(again, "logbook-runs.json", Results::Computed);
    }

    void readingLeavesAnOldFileAsItIs()
    {
        copy("logbook-v3.sqlite");
        const QByteArray before = readFile(path());
        {
            Logbook book(path(), Logbook::Access::Read);
            saysTheSame(book, "logbook-runs.json", Results::Computed);
        }
        QCOMPARE(readFile(path()), before);
        QCOMPARE(QDir(m_folder->path()).entryList(QDir::Files),
                 QStringList{QStringLiteral("log.sqlite")});
    }

    void aReadOnlyFolderCanBeRead()
    {
        copy("logbook-v3.sqlite");
        {
            Logbook book(path(), Logbook::Access::Write);
        }
        QFile::setPermissions(path(), QFile::ReadOwner);
        QFile::setPermissions(m_folder->path(), QFile::ReadOwner | QFile::ExeOwner);
        {
            Logbook book(path(), Logbook::Access::Read);
            saysTheSame(book, "logbook-runs.json", Results::Computed);
        }
        QFile::setPermissions(m_folder->path(),
                              QFile::ReadOwner | QFile::WriteOwner | QFile::ExeOwner);
    }

    void aDamagedRowCostsThatRow()
    {
        copy("logbook-v3.sqlite");
        sql(QStringLiteral("UPDATE run SET setup = '{broken' WHERE id = 1"));
        Logbook book(path(), Logbook::Access::Write);
        QCOMPARE(book.runs({.kind = std::nullopt}).size(), size_t(9)); // all are still listed
        VERIFY_ERROR(loadResults(book, 1), "run 1");
        QVERIFY(loadResults(book, 6).problem.isEmpty()); // and the others are whole
    }

    void aDamagedResultIsNamedAndTheRestRead()
    {
        copy("logbook-v3.sqlite");
        {
            Logbook book(path(), Logbook::Access::Write);
        }
        sql(QStringLiteral("UPDATE stage SET result = substr(result, 1, 200) WHERE run = 1 AND "
                           "stage = 'validate'"));
        Logbook book(path(), Logbook::Access::Read);
        const RunResults r = loadResults(book, 1);
        QVERIFY2(r.problem.contains(QLatin1String("run 1, stage validate")), qPrintable(r.problem));
        QVERIFY(!r.validation.has_value());
        QVERIFY(!r.profile.isEmpty());
        QCOMPARE(r.chart.size(), loadResults(book, 1).chart.size());
    }

    /// One changed byte of a kept profile: it is not believed, and nothing is written over with it.
    void aProfileThatHasChangedOnTheDiskIsNotBelieved()
    {
        copy("logbook-v3.sqlite");
        {
            Logbook book(path(), Logbook::Access::Write);
            QVERIFY(!loadResults(book, 1).profile.isEmpty());
        }
        sql(QStringLiteral("UPDATE stage SET bytes = substr(bytes, 1, length(bytes) - 1) || "
                           "x'07' WHERE run = 1 AND stage = 'build'"));
        Logbook book(path(), Logbook::Access::Read);
        const RunResults r = loadResults(book, 1);
        QVERIFY2(r.problem.contains(QLatin1String("not the one that was kept")),
                 qPrintable(r.problem));
        QVERIFY(r.profile.isEmpty());
    }

    void aPageIsAPage()
    {
        copy("logbook-v3.sqlite");
        Logbook book(path(), Logbook::Access::Write);
        std::vector<qint64> seen;
        for (qint64 before = 0;;) {
            const auto page = book.runs({.kind = std::nullopt, .before = before, .atMost = 4});
            if (page.empty())
                break;
            QVERIFY(page.size() <= 4);
            for (const RunSummary &line : page)
                seen.push_back(line.id);
            before = page.back().id;
        }
        QCOMPARE(seen, (std::vector<qint64>{9, 8, 7, 6, 5, 4, 3, 2, 1}));
    }
};

namespace {
const lantern::test::Register<GoldenLogbookTest> registered("GoldenLogbookTest");
}

#include "golden_logbook_test.moc"
