#include "app/session/history_reader.h"

#include "run/engine_rig.h"
#include "run/file/files.h"
#include "runner.h"

#include <QElapsedTimer>
#include <QSignalSpy>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QTemporaryDir>
#include <QThread>

namespace lantern::test {

using namespace app;

/// What the window is told of the past; without a window.
class HistoryTest : public QObject {
    Q_OBJECT
    std::unique_ptr<QTemporaryDir> m_folder;

    [[nodiscard]] QString path() const { return m_folder->filePath(QStringLiteral("log.sqlite")); }
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

private slots:
    void init()
    {
        m_folder = std::make_unique<QTemporaryDir>();
        run::writeFile(path(),
                       run::readFile(QStringLiteral(LANTERN_TEST_DATA "/logbook-v3.sqlite")));
        run::Logbook book(path(), run::Logbook::Access::Write);
    }

    void aDisplaysPastIsTold()
    {
        run::Logbook book(path(), run::Logbook::Access::Read);
        const DisplayHistory north = readDisplayHistory(book, QStringLiteral("north-desk"), 0);
        QCOMPARE(north.lastRun, qint64(1));
        QVERIFY(north.lastTime->validation.has_value());
        QVERIFY(north.check.has_value()); // held against that run
        QCOMPARE(north.checkedAt->date(), QDate(2026, 10, 27));
        QVERIFY2(north.problems.isEmpty(), qPrintable(north.problems.join(u'\n')));
        QVERIFY(!north.byEye && !north.unfinishedRun);

        const DisplayHistory south = readDisplayHistory(book, QStringLiteral("south-desk"), 0);
        QCOMPARE(south.lastRun, qint64(6));
        QVERIFY(south.byEye.has_value()); // came after it
        QVERIFY(!south.check);

        const DisplayHistory laptop = readDisplayHistory(book, QStringLiteral("field-laptop"), 0);
        QVERIFY(!laptop.lastTime);
        QCOMPARE(laptop.unfinishedRun, std::optional(qint64(9)));

        // The run under way is not its own last time.
        const DisplayHistory present = readDisplayHistory(book, QStringLiteral("north-desk"), 1);
        QVERIFY(present.newest && !present.lastTime);
        QCOMPARE(present.lastRun, qint64(0));
    }

    void aDamagedRowIsNamedAndTheNextOneShown()
    {
        sql(QStringLiteral("INSERT INTO run (kind, display_id, display_name, meter, started_at, "
                           "finished_at, setup) SELECT kind, display_id, display_name, meter, "
                           "started_at, finished_at, '{broken' FROM run WHERE id = 1"));
        run::Logbook book(path(), run::Logbook::Access::Read);
        const DisplayHistory north = readDisplayHistory(book, QStringLiteral("north-desk"), 0);
        QCOMPARE(north.lastRun, qint64(1));
        QCOMPARE(north.problems.size(), 1);
        QVERIFY2(north.problems.front().contains(QLatin1String("run 10")),
                 qPrintable(north.problems.front()));
    }

    /// The reader answers from a thread of its own, and says what keeps it from it.
    void questionsAreAnsweredElsewhere()
    {
        QThread thread;
        auto *reader = new HistoryReader(path());
        reader->moveToThread(&thread);
        connect(&thread, &QThread::finished, reader, &QObject::deleteLater);
        thread.start();
        std::vector<HistoryAnswer> answers;
        connect(reader, &HistoryReader::told, this,
                [&](const HistoryAnswer &answer) { answers.push_back(answer); });
        QMetaObject::invokeMethod(reader, [reader] {
            reader->read({7, {QStringLiteral("south-desk"), QStringLiteral("nobody")}, 0});
        });
        QVERIFY(waitUntil([&] { return answers.size() == 1; }));
        QCOMPARE(answers.front().number, quint64(7));
        QCOMPARE(answers.front().displays.size(), size_t(2));
        QVERIFY(answers.front().displays[0].lastTime && !answers.front().displays[1].lastTime);
        thread.quit();
        thread.wait();

        run::writeFile(path(), QByteArray("no database at all ").repeated(100));
        HistoryReader broken(path());
        QSignalSpy told(&broken, &HistoryReader::told);
        broken.read({8, {QStringLiteral("south-desk")}, 0});
        const auto answer = told.front().front().value<HistoryAnswer>();
        QVERIFY(answer.displays.empty());
        QVERIFY2(answer.problem.contains(QLatin1String("log.sqlite")), qPrintable(answer.problem));
    }
};

} // namespace lantern::test

namespace {
const lantern::test::Register<lantern::test::HistoryTest> registered("HistoryTest");
}

#include "history_test.moc"
