#include "run/file/files.h"
#include "run/logbook/figure_trends.h"
#include "runner.h"

#include <QDateTime>
#include <QFile>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QTemporaryDir>

#include <algorithm>
#include <cmath>

namespace lantern::test {

using namespace lantern::run;

/// The light of displays over the months, out of a logbook.
class FigureTrendsTest : public QObject {
    Q_OBJECT
    QTemporaryDir m_folder;

private slots:
    /// North desk's white by hand: 1 % less in 30 days since its calibration.
    void aDisplayThatDimsIsForetold()
    {
        const QString path = m_folder.filePath(QStringLiteral("log.sqlite"));
        writeFile(path, readFile(QStringLiteral(LANTERN_TEST_DATA "/logbook-v5.sqlite")));
        const QDateTime first(QDate(2026, 12, 1), QTime(9, 0), Qt::UTC);
        {
            QSqlDatabase db =
                QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("by-hand"));
            db.setDatabaseName(path);
            QVERIFY(db.open());
            QSqlQuery q(db);
            for (int i = 0; i < 5; ++i) {
                const QString at = first.addDays(20 * i).toString(Qt::ISODate);
                const QString run = QString::number(100 + i);
                QVERIFY(q.exec(
                    QStringLiteral("INSERT INTO run (id, kind, display_id, display_name, meter, "
                                   "started_at, finished_at, setup, identity) SELECT %1, "
                                   "'validation', display_id, display_name, 'Heron', '%2', '%2', "
                                   "setup, '%1' FROM run WHERE id = 1")
                        .arg(run, at)));
                QVERIFY(q.exec(
                    QStringLiteral("INSERT INTO figure (run, stage, display_id, meter, taken_at, "
                                   "name, value, unit) SELECT %1, 'validate', display_id, 'Heron', "
                                   "'%2', 'proved_white_luminance', %3, 'cd/m²' FROM run WHERE id "
                                   "= 1")
                        .arg(run, at)
                        .arg(120 * std::pow(0.99, 20 * i / 30.0), 0, 'g', 17)));
            }
        }
        QSqlDatabase::removeDatabase(QStringLiteral("by-hand"));
        Logbook book(path, Logbook::Access::Read);
        const QDateTime now = first.addDays(85);
        for (const FigureTrend &t : lightTrends(book, book.lines(), now)) {
            if (t.displayId != QLatin1String("north-desk"))
                continue;
            VERIFY_NEAR(t.perMonth().value(), -0.01, 2e-4);
            QVERIFY(t.low && t.forecast);
            // ln(low / 120) / (ln(0.99) / 30) days after the first.
            const double due = std::log(*t.low / 120) / (std::log(0.99) / 30);
            QCOMPARE(t.forecast->state, Forecast::State::Leaves);
            VERIFY_NEAR(t.forecast->day - t.today + 85, due, 6);
            QVERIFY(t.forecast->earliest < t.forecast->day);
            return;
        }
        QFAIL("the display is not there");
    }

    /// A damaged row costs that row: neither list nor trends end with it.
    void damagedRowsAreLeftOut()
    {
        const QString path = m_folder.filePath(QStringLiteral("damaged.sqlite"));
        writeFile(path, readFile(QStringLiteral(LANTERN_TEST_DATA "/logbook-v5.sqlite")));
        {
            QSqlDatabase db =
                QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("by-hand"));
            db.setDatabaseName(path);
            QVERIFY(db.open());
            QSqlQuery q(db);
            QVERIFY(q.exec(QStringLiteral("UPDATE run SET setup = '{' WHERE id = 1")));
            QVERIFY(q.exec(QStringLiteral(
                "INSERT INTO figure (run, stage, display_id, meter, taken_at, name, value, unit) "
                "VALUES (1, 'validate', 'north-desk', 'Heron', 'some day', "
                "'proved_white_luminance', -1, 'cd/m²')")));
        }
        QSqlDatabase::removeDatabase(QStringLiteral("by-hand"));
        Logbook book(path, Logbook::Access::Read);
        QCOMPARE(book.lines().size(), size_t(9));
        const auto all =
            lightTrends(book, book.lines(), QDateTime(QDate(2026, 12, 1), QTime(9, 0), Qt::UTC));
        const auto north =
            std::ranges::find(all, QStringLiteral("north-desk"), &FigureTrend::displayId);
        QVERIFY(north != all.end());
        QCOMPARE(north->readings.size(), size_t(1));
        QVERIFY(!north->low); // no run of it tells its aim any more
    }

    void fewReadingsTellNothing()
    {
        const QString path = m_folder.filePath(QStringLiteral("few.sqlite"));
        writeFile(path, readFile(QStringLiteral(LANTERN_TEST_DATA "/logbook-v5.sqlite")));
        Logbook book(path, Logbook::Access::Read);
        const auto all =
            lightTrends(book, book.lines(), QDateTime(QDate(2026, 12, 1), QTime(9, 0), Qt::UTC));
        QVERIFY(!all.empty());
        for (const FigureTrend &t : all)
            QVERIFY(!t.trend && !t.forecast && !t.perMonth());
    }
};

static const Register<FigureTrendsTest> registered("FigureTrendsTest");

} // namespace lantern::test

#include "figure_trends_test.moc"
