#include "core/base/error.h"
#include "run/file/files.h"
#include "run/logbook/rescue.h"
#include "runner.h"

#include <nlohmann/json.hpp>

#include <QFile>
#include <QFileInfo>
#include <QSet>
#include <QTemporaryDir>

#include <random>

using namespace lantern;
using namespace lantern::run;

/// Damaged logbooks: what is readable comes into a new one, the rest is named.
class RescueTest : public QObject {
    Q_OBJECT
    std::unique_ptr<QTemporaryDir> m_folder;
    static constexpr int kPage = 4096;

    [[nodiscard]] QString path(const char *name) const
    {
        return m_folder->filePath(QLatin1String(name));
    }
    static QByteArray golden()
    {
        return readFile(QStringLiteral(LANTERN_TEST_DATA "/logbook-v5.sqlite"));
    }
    static QSet<QString> readingsOf(const QString &file)
    {
        Logbook book(file, Logbook::Access::Read);
        QSet<QString> out;
        for (const qint64 run : book.allRuns()) {
            const RunRecord r = book.record(run);
            for (const QVariantList &row : r.readings) {
                QString key = r.identity;
                for (const QVariant &v : row)
                    key += QLatin1Char('|') + v.toString();
                out.insert(key);
            }
        }
        return out;
    }
    RescueReport rescued(const QByteArray &content, const QByteArray &log = {})
    {
        for (const char *old : {"bad.sqlite-wal", "new.sqlite", "lost.csv"})
            QFile::remove(path(old));
        writeFile(path("bad.sqlite"), content);
        if (!log.isEmpty())
            writeFile(path("bad.sqlite-wal"), log);
        return rescue(path("bad.sqlite"), path("new.sqlite"), path("lost.csv"));
    }

private slots:
    void init() { m_folder = std::make_unique<QTemporaryDir>(); }

    void aWholeOneComesWhole()
    {
        writeFile(path("whole.sqlite"), golden());
        QVERIFY(isWhole(path("whole.sqlite")));
        const RescueReport r = rescued(golden());
        QCOMPARE(r.damagedPages, 0);
        QCOMPARE(r.rescued, 9);
        QVERIFY(r.lost.empty());
        QVERIFY(r.hurt.empty());
        QVERIFY(!r.mayHoldDeleted);
        QCOMPARE(readingsOf(path("new.sqlite")), readingsOf(path("whole.sqlite")));
        Logbook a(path("whole.sqlite"), Logbook::Access::Read);
        Logbook b(path("new.sqlite"), Logbook::Access::Read);
        for (const qint64 run : a.allRuns())
            QCOMPARE(recordToJson(b.record(run)).dump(), recordToJson(a.record(run)).dump());
    }

    /// Pages overwritten, cut off, or with their beginnings torn out: no value is changed by that,
    /// so what is rescued must be what was there, and what is not must be told.
    void hundredsOfDamagedOnesGiveWhatIsLeft()
    {
        writeFile(path("whole.sqlite"), golden());
        const QSet<QString> all = readingsOf(path("whole.sqlite"));
        const QByteArray whole = golden();
        const int pages = static_cast<int>(whole.size() / kPage);
        std::mt19937 random(5);
        const auto below = [&](int n) {
            return static_cast<int>(random() % static_cast<unsigned>(n));
        };
        int opened = 0, complete = 0;
        for (int round = 0; round < 300; ++round) {
            QByteArray bad = whole;
            const int kind = round % 4;
            if (kind == 3)
                bad.truncate(kPage * (pages / 2 + below(pages / 2)));
            else
                for (int i = 0; i <= below(4); ++i) {
                    const int page = kind == 2 ? 0 : below(pages);
                    const int size = kind == 1 ? 8 : kPage;
                    for (int at = page * kPage; at < page * kPage + size; ++at)
                        bad[at] = kind == 2 ? '\0' : static_cast<char>(below(256));
                }
            RescueReport r;
            try {
                r = rescued(bad);
            } catch (const Error &e) {
                QVERIFY2(e.kind == ErrorKind::BadInput, e.what());
                continue;
            }
            ++opened;
            const QSet<QString> saved = readingsOf(path("new.sqlite"));
            QVERIFY(all.contains(saved));
            Logbook book(path("new.sqlite"), Logbook::Access::Read);
            QVERIFY(book.isWhole());
            // What is gone is told.
            if (saved.size() < all.size() || r.rescued < 9)
                QVERIFY(r.damagedPages > 0);
            if (saved.size() == all.size() && r.rescued == 9)
                ++complete;
        }
        QVERIFY2(opened > 270, qPrintable(QString::number(opened)));
        QVERIFY2(complete > 60, qPrintable(QString::number(complete)));
    }

    /// Bytes changed anywhere, in values, too: nothing but a new logbook or a reason.
    void changedBytesNeverBringItDown()
    {
        const QByteArray whole = golden();
        std::mt19937 random(9);
        for (int round = 0; round < 300; ++round) {
            QByteArray bad = whole;
            for (int i = 0; i < 1 << (round % 10); ++i)
                bad[static_cast<qsizetype>(random() % static_cast<unsigned>(bad.size()))] =
                    static_cast<char>(random());
            try {
                const RescueReport r = rescued(bad);
                Logbook book(path("new.sqlite"), Logbook::Access::Read);
                QVERIFY(book.isWhole());
                QCOMPARE(static_cast<int>(book.allRuns().size()), r.rescued);
            } catch (const Error &e) {
                QVERIFY2(e.kind == ErrorKind::BadInput, e.what());
            }
        }
    }

    /// What only its log holds yet is rescued, too; a torn end of the log is not.
    void theWriteAheadLogCounts()
    {
        writeFile(path("live.sqlite"), golden());
        Logbook live(path("live.sqlite"), Logbook::Access::Write);
        for (int i = 0; i < 40; ++i) {
            LoggedReading reading;
            reading.reading = {{i / 40.0, 0, 0}, {1, 2, 3}, 0.5};
            reading.takenAt =
                QStringLiteral("2026-11-28T10:00:%1.000Z").arg(i, 2, 10, QLatin1Char('0'));
            live.appendReading(9, Stage::Measure, reading);
        }
        const QByteArray file = readFile(path("live.sqlite"));
        QByteArray log = readFile(path("live.sqlite-wal"));
        const size_t all = live.readings(9, Stage::Measure).size();
        const auto found = [&] {
            Logbook book(path("new.sqlite"), Logbook::Access::Read);
            return book.readings(*book.runOf(live.record(9).identity), Stage::Measure).size();
        };
        QCOMPARE(rescued(file, log).damagedPages, 0);
        QCOMPARE(found(), all);
        log.chop(kPage / 2); // the power went
        rescued(file, log);
        QCOMPARE(found(), all - 1);
        QByteArray headless = file; // its first page is in the log
        headless.replace(0, kPage, QByteArray(kPage, '\0'));
        (void)rescued(headless, readFile(path("live.sqlite-wal")));
        QCOMPARE(found(), all);
    }

    void aLostRunsReadingsAreKeptBeside()
    {
        // The page that holds the rows of the runs is found by what only it holds.
        QByteArray bad = golden();
        for (qsizetype page = 1; page < bad.size() / kPage; ++page)
            if (bad[page * kPage] == 0x0D && bad.mid(page * kPage, kPage).contains("calibration") &&
                !bad.mid(page * kPage, kPage).contains("CREATE TABLE"))
                bad.replace(page * kPage, kPage, QByteArray(kPage, 'x'));
        const RescueReport r = rescued(bad);
        QVERIFY(!r.lost.empty());
        QVERIFY(r.homeless > 0);
        const QByteArray csv = readFile(path("lost.csv"));
        QCOMPARE(csv.count('\n'), r.homeless + 1);
        QVERIFY(csv.startsWith("run,stage,r,g,b,x,y,z"));
    }

    /// Wherever it is cut short, the next start ends it: the new one in its place, the old beside.
    void inItsPlaceWhateverHappens()
    {
        QByteArray bad = golden();
        bad.replace(40 * kPage, 3 * kPage, QByteArray(3 * kPage, 'x'));
        for (int cut = 0; cut < 4; ++cut) {
            m_folder = std::make_unique<QTemporaryDir>();
            const QString at = path("log.sqlite");
            writeFile(at, bad);
            writeFile(at + QStringLiteral("-wal"), "left over");
            (void)rescue(at, path("new.sqlite"), path("lost.csv"));
            QFile::rename(path("new.sqlite"), at + QStringLiteral(".rescued"));
            if (cut > 0) // killed after so many of its steps
                QFile::rename(at + QStringLiteral("-wal"), at + QStringLiteral(".damaged-1-wal"));
            if (cut > 1)
                QFile::rename(at, at + QStringLiteral(".damaged-1"));
            if (cut > 2)
                QFile::rename(at + QStringLiteral(".rescued"), at);
            finishRescue(at);
            finishRescue(at); // nothing more
            QVERIFY(isWhole(at));
            QVERIFY(!QFileInfo::exists(at + QStringLiteral(".rescued")));
            QCOMPARE(QFileInfo(at + QStringLiteral("-wal")).size(), 0); // not the old one's
            QCOMPARE(readFile(at + QStringLiteral(".damaged-1")), bad);
        }
        const QString place = path("again.sqlite");
        writeFile(place, bad);
        const Replaced r = rescueInPlace(place);
        QVERIFY(isWhole(place) && r.report.damagedPages > 0);
        QCOMPARE(readFile(r.kept), bad);
    }

    void whatIsNoLogbookIsRefused()
    {
        for (const QByteArray &content :
             {QByteArray(), QByteArray("hello"), QByteArray(100'000, '\r'), QByteArray(8192, '\n')})
            try {
                rescued(content);
                QFAIL("rescued something");
            } catch (const Error &e) {
                QVERIFY(
                    QString::fromUtf8(e.what()).contains(QLatin1String("nothing of a logbook")));
            }
        QVERIFY(!QFileInfo::exists(path("new.sqlite")));
        writeFile(path("bad.sqlite"), "hello");
        QVERIFY(!isWhole(path("bad.sqlite")));
    }
};

namespace {
const lantern::test::Register<RescueTest> registered("RescueTest");
}

#include "rescue_test.moc"
