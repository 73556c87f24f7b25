#include "core/base/error.h"
#include "run/book/batch.h"
#include "run/file/files.h"
#include "run/logbook/batch_table.h"
#include "runner.h"

#include <QDir>
#include <QTemporaryDir>

#include <random>

namespace lantern::test {

using namespace run;

/// Batches of the workshop as they are kept and shown.
class BatchTest : public QObject {
    Q_OBJECT

    static Batch batch()
    {
        Batch b;
        b.key = QStringLiteral("20261128-101500 Autumn / 2");
        b.name = QStringLiteral("Autumn / 2");
        b.recipe.chartList = {{0, 0, 0}, {255, 128, 3}};
        b.recipe.tolerance = "basic";
        b.recipe.ownTolerance = toleranceByName("basic");
        b.recipe.profileKind = ProfileKind::Matrix;
        b.recipe.referenceColours = {{"leaf", {40, -20, 30}}};
        b.recipe.retries = 3;
        b.recipe.longReport = true;
        b.folder = QStringLiteral("/reports");
        b.referenceUnit = QStringLiteral("REF");
        b.referenceEvery = 5;
        b.queue = QStringList{QStringLiteral("A 1"), QStringLiteral("ä/2")};
        b.onBench = QStringLiteral("A 0");
        b.runsBefore = 2;
        b.begunAt = QDateTime::fromString(QStringLiteral("2026-11-28T10:15:00Z"), Qt::ISODate);
        return b;
    }

private slots:
    void itComesBackAsItWas()
    {
        QTemporaryDir folder;
        const BatchShelf shelf(folder.path());
        QVERIFY(shelf.all().empty());
        const Batch b = batch();
        shelf.keep(b);
        QCOMPARE(shelf.all().size(), size_t(1));
        QVERIFY(shelf.all().front() == b);
        Batch later = b;
        later.key = QStringLiteral("later");
        later.begunAt = b.begunAt.addDays(1);
        shelf.keep(later);
        QCOMPARE(shelf.all().front().key, later.key); // newest first
    }

    /// Files of before do not say how many runs there were.
    void anOlderOneIsRead()
    {
        QTemporaryDir folder;
        const BatchShelf shelf(folder.path());
        shelf.keep(batch());
        const QString path = QDir(folder.path()).entryInfoList(QDir::Files).front().filePath();
        QByteArray text = readFile(path);
        text.replace(text.indexOf("\"runs_before\": 2,"), int(strlen("\"runs_before\": 2,")), "");
        writeFile(path, text);
        QCOMPARE(shelf.all().size(), size_t(1));
        QCOMPARE(shelf.all().front().runsBefore, 0);
        QCOMPARE(shelf.all().front().onBench, QStringLiteral("A 0"));
    }

    void aBrokenOneIsNamed()
    {
        QTemporaryDir folder;
        const BatchShelf shelf(folder.path());
        shelf.keep(batch());
        const QString path = QDir(folder.path()).entryInfoList(QDir::Files).front().filePath();
        const QByteArray good = readFile(path);
        const auto problemOf = [&](const QByteArray &from, const QByteArray &to) {
            QByteArray text = good;
            writeFile(path, text.replace(from, to));
            QStringList broken;
            const bool isEmpty = shelf.all(&broken).empty();
            return isEmpty ? broken.join(QLatin1Char('\n')) : QString();
        };
        QVERIFY(problemOf("\"retries\": 3", "\"retries\": 6").contains(QLatin1String("retries")));
        QVERIFY(problemOf("\"runs_before\": 2", "\"runs_before\": -2")
                    .contains(QLatin1String("runs_before")));
        QVERIFY(problemOf("\"closed\"", "\"cl0sed\"").contains(QLatin1String("closed")));
        QVERIFY(problemOf("2026-11-28T", "yesterday").contains(QLatin1String("begun_at")));
        QVERIFY(problemOf("\"REF\"", "7").contains(QLatin1String("reference_unit")));
        QVERIFY(problemOf("\"A 1\"", "[]").contains(QLatin1String("queue")));
    }

    void spoiltOnesAreRefusedOrRead()
    {
        QTemporaryDir folder;
        const BatchShelf shelf(folder.path());
        shelf.keep(batch());
        const QString path = QDir(folder.path()).entryInfoList(QDir::Files).front().filePath();
        const QByteArray good = readFile(path);
        std::mt19937 random(1);
        for (int i = 0; i < 400; ++i) {
            QByteArray spoilt = i % 4 == 0 ? good.left(good.size() * i / 400) : good;
            for (unsigned k = 0; k <= random() % 6 && !spoilt.isEmpty(); ++k)
                spoilt[qsizetype(random() % size_t(spoilt.size()))] = char(random());
            writeFile(path, spoilt);
            QStringList broken;
            const size_t read = shelf.all(&broken).size();
            QCOMPARE(read + static_cast<size_t>(broken.size()), size_t(1));
        }
    }

    void serialNumbersAreWhatWasScanned()
    {
        QCOMPARE(serialOf(QStringLiteral("  0042-X\r\n")), QStringLiteral("0042-X"));
        QVERIFY(serialOf(QStringLiteral(" \t")).isEmpty());
        QVERIFY_THROWS_EXCEPTION(Error, serialOf(QStringLiteral("a\x07z")));
        QVERIFY_THROWS_EXCEPTION(Error, serialOf(QString(81, QLatin1Char('x'))));
    }

    void noSerialNumberLeavesTheFolder()
    {
        const Batch b = batch();
        for (const char *serial : {"..", ".", "../../etc", "a/b", ".hidden", "~", "%2E", "a\\b"}) {
            const QString folder = reportFolder(b, QString::fromLatin1(serial));
            QVERIFY2(folder.startsWith(QLatin1String("/reports/")), serial);
            QCOMPARE(QDir::cleanPath(folder), folder);
            QCOMPARE(folder.count(QLatin1Char('/')), 2);
        }
        QCOMPARE(reportFolder(b, QStringLiteral("SN 12-a")), QStringLiteral("/reports/SN 12-a"));
        QVERIFY(reportFolder(b, QStringLiteral("a/b")) != reportFolder(b, QStringLiteral("a%2Fb")));
    }

    void nobodyIsWaitedForInABatch()
    {
        RunSetup setup;
        setup.adjust = AdjustMode::ByHand;
        setup.expectedError = 0.3;
        batch().recipe.applyTo(setup);
        QCOMPARE(setup.adjust, AdjustMode::Skip);
        QCOMPARE(setup.expectedError, 0.0);
        QCOMPARE(setup.chartList.size(), size_t(2));
        QCOMPARE(setup.tolerance, std::string("basic"));
        Recipe again = Recipe::of(setup);
        again.retries = batch().recipe.retries;
        again.longReport = true;
        QVERIFY(again == batch().recipe);
    }

    void theReferenceUnitIsReadFirstAndEverySoOften()
    {
        BatchTable table;
        Batch b = batch();
        QVERIFY(isReferenceDue(table, b));
        table.unitsSinceReference = 4;
        QVERIFY(!isReferenceDue(table, b));
        table.unitsSinceReference = 5;
        QVERIFY(isReferenceDue(table, b));
        b.referenceUnit.clear();
        QVERIFY(!isReferenceDue(table, b));
    }

    void theTableIsAFileForOthers()
    {
        BatchTable table;
        BatchUnit unit;
        unit.serial = QStringLiteral("1, \"two\"");
        unit.run = 7;
        unit.attempts = 2;
        unit.isFinished = true;
        unit.call = Call::Over;
        unit.figures["colour_mean"] = 0.4251;
        unit.scores["colour_mean"] = -4;
        table.units = {unit};
        table.spreads["colour_mean"] = spreadOf({0.4251});
        const QList<QByteArray> lines = batchTableToCsv(table, batch()).split('\n');
        QCOMPARE(lines.size(), 1 + 1 + 5 + 1);
        const qsizetype columns = lines[0].count(',');
        QVERIFY(lines[1].startsWith("\"Autumn / 2\",\"1, \"\"two\"\"\",\"over\",\"2\",\"7\""));
        QVERIFY(lines[1].contains(",0.43,"));
        QVERIFY(lines[1].endsWith(",\"colour_mean\""));
        QCOMPARE(lines[2].count(','), columns);
        QVERIFY(lines[2].contains("\"mean\""));
    }
};

static const Register<BatchTest> registered("BatchTest");

} // namespace lantern::test

#include "batch_test.moc"
