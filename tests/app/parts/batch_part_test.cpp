#include "app/session/batch_part.h"

#include "run/engine_rig.h"
#include "run/logbook/logbook.h"
#include "runner.h"

#include <QSignalSpy>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QTemporaryDir>

namespace lantern::test {

using namespace app;

/// What is kept of a batch between the program's runs; without a window.
class BatchPartTest : public QObject {
    Q_OBJECT
    std::unique_ptr<QTemporaryDir> m_folder;

    [[nodiscard]] QString path() const { return m_folder->filePath(QStringLiteral("log.sqlite")); }
    [[nodiscard]] std::unique_ptr<BatchPart> part() const
    {
        return std::make_unique<BatchPart>(path(), m_folder->filePath(QStringLiteral("workshop")));
    }
    /// Runs of a unit; the last one is finished or not.
    void addRuns(const QString &serial, int count, bool lastIsFinished) const
    {
        run::RunSetup setup = EngineRig::setup();
        setup.displayId = run::unitDisplayId(serial);
        setup.serial = serial.toStdString();
        setup.batch = "batch";
        {
            run::Logbook book(path(), run::Logbook::Access::Write);
            for (int i = 0; i < count; ++i)
                book.createRun(setup);
        }
        {
            QSqlDatabase db =
                QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("by-hand"));
            db.setDatabaseName(path());
            QVERIFY(db.open());
            QSqlQuery query(db);
            QVERIFY(query.exec(
                QStringLiteral("UPDATE run SET finished_at = started_at "
                               "WHERE finished_at IS NULL%1")
                    .arg(lastIsFinished ? QString()
                                        : QStringLiteral(" AND id < (SELECT max(id) FROM run)"))));
        }
        QSqlDatabase::removeDatabase(QStringLiteral("by-hand"));
    }
    static bool becomesKnown(BatchPart &part)
    {
        QSignalSpy known(&part, &BatchPart::known);
        part.outdate();
        return waitUntil([&] { return known.count() > 0; });
    }

private slots:
    void init()
    {
        m_folder = std::make_unique<QTemporaryDir>();
        run::Batch batch;
        batch.key = batch.name = QStringLiteral("batch");
        batch.begunAt = QDateTime::fromString(QStringLiteral("2026-12-01T10:00:00Z"), Qt::ISODate);
        batch.folder = m_folder->path();
        part()->begin(batch);
    }

    /// A unit that comes again has its further runs again, after a restart, too.
    void earlierRunsOfAUnitAreKept()
    {
        addRuns(QStringLiteral("X"), 2, true);
        const auto before = part();
        QVERIFY(becomesKnown(*before));
        QCOMPARE(before->state().batchTable->unit(QStringLiteral("X"))->attempts, 2);
        before->putOnBench(QStringLiteral("X"));
        QCOMPARE(before->state().batch->runsBefore, 2);
        addRuns(QStringLiteral("X"), 1, true);
        const auto after = part();
        QCOMPARE(after->state().batch->onBench, QStringLiteral("X"));
        QVERIFY(becomesKnown(*after));
        after->putOnBench(QStringLiteral("X")); // gone on with
        QCOMPARE(after->state().batch->runsBefore, 2);
        after->putOnBench({});
        after->putOnBench(QStringLiteral("X")); // brought anew
        QCOMPARE(after->state().batch->runsBefore, 3);
    }

    /// One that waits in the table has had no run, one that was cut off goes on with its own.
    void runsThatAreNotOverDoNotCount()
    {
        addRuns(QStringLiteral("cut"), 2, false);
        const auto p = part();
        p->add(QStringLiteral("new"));
        QVERIFY(becomesKnown(*p));
        QVERIFY(p->state().batchTable->unit(QStringLiteral("new")));
        p->putOnBench(QStringLiteral("new"));
        QCOMPARE(p->state().batch->runsBefore, 0);
        p->putOnBench(QStringLiteral("cut"));
        QCOMPARE(p->state().batch->runsBefore, 1);
    }
};

static const Register<BatchPartTest> registered("BatchPartTest");

} // namespace lantern::test

#include "batch_part_test.moc"
