#include "core/base/error.h"
#include "run/file/files.h"
#include "run/logbook/load_results.h"
#include "run/logbook/merge.h"
#include "runner.h"

#include <nlohmann/json.hpp>

#include <QFile>
#include <QTemporaryDir>

using namespace lantern;
using namespace lantern::run;

/// Logbooks become one, without doubles and without losses.
class MergeTest : public QObject {
    Q_OBJECT
    std::unique_ptr<QTemporaryDir> m_folder;

    [[nodiscard]] QString path(const char *name) const
    {
        return m_folder->filePath(QLatin1String(name));
    }
    QString golden(const char *name, const char *as)
    {
        writeFile(path(as), readFile(QStringLiteral(LANTERN_TEST_DATA "/") + QLatin1String(name)));
        return path(as);
    }
    /// All that a logbook holds, whatever numbers it gave.
    static std::map<QString, std::string> contentOf(Logbook &book)
    {
        std::map<QString, std::string> out;
        for (const qint64 run : book.allRuns()) {
            RunRecord r = book.record(run);
            Json setup = parseJson(r.setup.toStdString(), "setup");
            setup["reference_run"] = 0;
            r.setup = QByteArray::fromStdString(setup.dump());
            out[r.identity] = recordToJson(r).dump();
        }
        return out;
    }
    template <class Work> static QString problemOf(Work work)
    {
        try {
            work();
        } catch (const Error &e) {
            return QString::fromUtf8(e.what());
        }
        return {};
    }

private slots:
    void init() { m_folder = std::make_unique<QTemporaryDir>(); }

    void allRunsAreTakenOverOnce()
    {
        const QString other = golden("logbook-v5.sqlite", "other.sqlite");
        Logbook book(path("mine.sqlite"), Logbook::Access::Write);
        RunSetup own;
        own.displayId = "own"; // so that numbers differ
        own.displayName = "Own";
        book.createRun(own);
        const MergeReport first = mergeFrom(book, other);
        QCOMPARE(first.added, 9);
        QVERIFY(first.left.empty());
        const MergeReport again = mergeFrom(book, other);
        QCOMPARE(again.added, 0);
        QCOMPARE(again.present, 9);
        QVERIFY(again.left.empty());
        Logbook theirs(other, Logbook::Access::Read);
        auto mine = contentOf(book);
        for (const auto &[identity, content] : contentOf(theirs))
            QVERIFY2(mine[identity] == content, qPrintable(identity));
        // A check goes on referring to its run, whatever its number is here.
        const qint64 check = *book.runOf(theirs.record(4).identity);
        QCOMPARE(book.setup(check).referenceRun, *book.runOf(theirs.record(1).identity));
        QVERIFY(book.setup(check).referenceRun != theirs.setup(4).referenceRun);
        QVERIFY(loadResults(book, check).problem.isEmpty());
    }

    void copiesOfAnOldLogbookHoldTheSameRuns_data()
    {
        QTest::addColumn<QString>("file");
        QTest::newRow("third format") << QStringLiteral("logbook-v3.sqlite");
        QTest::newRow("fourth format") << QStringLiteral("logbook-v4.sqlite");
    }

    void copiesOfAnOldLogbookHoldTheSameRuns()
    {
        QFETCH(QString, file);
        golden(file.toLatin1().constData(), "one.sqlite");
        golden(file.toLatin1().constData(), "two.sqlite");
        Logbook book(path("one.sqlite"), Logbook::Access::Write); // brought to the present
        const MergeReport r = mergeFrom(book, path("two.sqlite"));
        QCOMPARE(r.added, 0);
        QVERIFY(r.present >= 7);
        QVERIFY(r.left.empty());
    }

    void aCopyIsWholeAndAnyoneReadsIt()
    {
        Logbook book(golden("logbook-v5.sqlite", "mine.sqlite"), Logbook::Access::Write);
        backUp(book, path("copy.sqlite"));
        backUp(book, path("copy.sqlite")); // over the older one
        Logbook copy(path("copy.sqlite"), Logbook::Access::Read);
        QVERIFY(copy.isWhole());
        QCOMPARE(contentOf(copy), contentOf(book));
        QVERIFY(problemOf([&] {
                    backUp(book, QStringLiteral("/proc/nowhere/copy.sqlite"));
                }).contains(QLatin1String("copy.sqlite")));
    }

    void whatWasGoneOnWithElsewhereGoesOn()
    {
        Logbook old(golden("logbook-v5.sqlite", "old.sqlite"), Logbook::Access::Write);
        golden("logbook-v5.sqlite", "further.sqlite");
        {
            Logbook further(path("further.sqlite"), Logbook::Access::Write);
            LoggedReading reading;
            reading.reading = {{1, 1, 1}, {95, 100, 108}, 0.5};
            reading.takenAt = QStringLiteral("2026-11-28T10:00:00.000Z");
            further.appendReading(9, Stage::Measure, reading);
            further.setNote(9, QStringLiteral("went on elsewhere"));
        }
        const size_t before = old.readings(9, Stage::Measure).size();
        const MergeReport r = mergeFrom(old, path("further.sqlite"));
        QCOMPARE(r.continued, 1);
        QCOMPARE(r.present, 8);
        QCOMPARE(old.readings(9, Stage::Measure).size(), before + 1);
        QCOMPARE(old.record(9).note, QStringLiteral("went on elsewhere"));
        // The other way round there is nothing to take.
        Logbook further(path("further.sqlite"), Logbook::Access::Write);
        QCOMPARE(mergeFrom(further, golden("logbook-v5.sqlite", "older.sqlite")).continued, 0);
        QCOMPARE(further.readings(9, Stage::Measure).size(), before + 1);
    }

    void whatDiffersIsNamedAndStays()
    {
        Logbook book(golden("logbook-v5.sqlite", "mine.sqlite"), Logbook::Access::Write);
        RunRecord other = book.record(1);
        other.readings.front()[6] = 12.5; // somebody changed a reading
        QCOMPARE(book.put(other), Logbook::Put::Differs);
        QVERIFY(book.record(1).readings.front()[6].toDouble() != 12.5);
        const MergeReport r = takeRuns(
            book, 1, [&](int) { return other; }, [](int) { return QStringLiteral("1"); });
        QCOMPARE(r.left.size(), size_t(1));
    }

    void whatIsDamagedIsNamedAndTheRestComes()
    {
        const QString other = golden("logbook-v5.sqlite", "other.sqlite");
        Logbook from(other, Logbook::Access::Read);
        const std::vector<qint64> runs = from.allRuns();
        using Damage = std::function<void(RunRecord &)>;
        const std::vector<Damage> damages = {
            [](RunRecord &r) { r.setup.truncate(100); },
            [](RunRecord &r) { r.setup = "{}"; },
            [](RunRecord &r) { r.identity.clear(); },
            [](RunRecord &r) { r.kind = QStringLiteral("check"); },
            [](RunRecord &r) { r.readings.front()[4] = QStringLiteral("much"); },
            [](RunRecord &r) { r.readings.front().removeLast(); },
            [](RunRecord &r) { r.stages.front()[0] = QStringLiteral("dance"); },
            [](RunRecord &r) { r.stages.push_back(r.stages.front()); },
            [](RunRecord &r) { r.figures.front()[2] = std::nan(""); },
        };
        for (size_t d = 0; d < damages.size(); ++d) {
            Logbook book(path(("mine" + std::to_string(d)).c_str()), Logbook::Access::Write);
            const MergeReport r = takeRuns(
                book, static_cast<int>(runs.size()),
                [&](int i) {
                    RunRecord record = from.record(runs[static_cast<size_t>(i)]);
                    if (i == 0)
                        damages[d](record);
                    return record;
                },
                [](int i) { return QString::number(i + 1); });
            QCOMPARE(r.added, 8);
            QCOMPARE(r.left.size(), size_t(1));
            QCOMPARE(r.left[0].run, QStringLiteral("1"));
            QVERIFY(!r.left[0].problem.inEnglish().empty());
        }
    }

    void stoppedInItsMidstItKeepsWhatItHas()
    {
        const QString other = golden("logbook-v5.sqlite", "other.sqlite");
        Logbook book(path("mine.sqlite"), Logbook::Access::Write);
        int told = 0;
        const MergeReport r = mergeFrom(book, other, [&](int, int of) {
            ++told;
            return of == 0;
        });
        QCOMPARE(r.added, 0);
        QCOMPARE(told, 1);
        QCOMPARE(mergeFrom(book, other).added, 9);
    }

    void aRunGoesThroughJsonUnchanged()
    {
        Logbook book(golden("logbook-v5.sqlite", "mine.sqlite"), Logbook::Access::Write);
        Logbook other(path("other.sqlite"), Logbook::Access::Write);
        for (const qint64 run : book.allRuns()) {
            const std::string text = recordToJson(book.record(run)).dump();
            other.put(recordFromJson(parseJson(text, "text"), "text"));
        }
        QCOMPARE(contentOf(other), contentOf(book));
        // Whatever a letter is turned into: refused with a reason, or a run that is sound.
        const std::string text = recordToJson(book.record(3)).dump();
        int refused = 0;
        for (size_t at = 0; at < text.size(); at += 1 + at % 37) {
            std::string bad = text;
            bad[at] = static_cast<char>("{}\"x0,"[at % 6]);
            const QString problem =
                problemOf([&] { checkRecord(recordFromJson(parseJson(bad, "text"), "text")); });
            refused += problem.isEmpty() ? 0 : 1;
        }
        QVERIFY(refused > 20);
    }

    /// What is older stays older, whatever number it gets here: nobody's newest run is another now.
    void anOlderRunTakenOverIsNotTheNewest()
    {
        Logbook book(golden("logbook-v5.sqlite", "mine.sqlite"), Logbook::Access::Write);
        const auto newest = book.runs({.kind = RunKind::Calibration, .atMost = 1}).front().id;
        const auto unfinished = book.unfinishedRun();
        RunRecord old = book.record(1);
        old.identity = QStringLiteral("older");
        Json setup = parseJson(old.setup.toStdString(), "setup");
        setup["started_at"] = "2024-05-05T08:00:00Z";
        old.setup = QByteArray::fromStdString(setup.dump());
        old.startedAt = QStringLiteral("2024-05-05T08:00:00Z");
        QCOMPARE(book.put(old), Logbook::Put::Added);
        QCOMPARE(book.runs({.kind = RunKind::Calibration, .atMost = 1}).front().id, newest);
        QCOMPARE(book.unfinishedRun(), unfinished);
        const auto all = book.runs({.kind = {}});
        QCOMPARE(all.back().startedAt, old.startedAt);
        QCOMPARE(book.runs({.kind = {}, .before = all[2].id}).front().id, all[3].id);
    }

    void itselfIsNotMerged()
    {
        Logbook book(golden("logbook-v5.sqlite", "mine.sqlite"), Logbook::Access::Write);
        QVERIFY(problemOf([&] {
                    mergeFrom(book, path("mine.sqlite"));
                }).contains(QLatin1String("itself")));
        QVERIFY(problemOf([&] {
                    mergeFrom(book, path("none.sqlite"));
                }).contains(QLatin1String("no such")));
    }
};

namespace {
const lantern::test::Register<MergeTest> registered("MergeTest");
}

#include "merge_test.moc"
