#include "app/session/log_part.h"
#include "app/views/logbook/logbook_model.h"
#include "runner.h"

namespace lantern::test {

using namespace lantern::app;
using run::RunKind;

/// Lines of the logbook: judged again, searched, sorted, written out.
class LogModelTest : public QObject {
    Q_OBJECT

    static run::LogLine line(qint64 id, const char *display, RunKind kind, const char *at)
    {
        run::LogLine l;
        l.id = id;
        l.kind = kind;
        l.displayId = QLatin1String(display).toString().toLower();
        l.displayName = QLatin1String(display);
        l.meter = QStringLiteral("Reed");
        l.startedAt = QLatin1String(at);
        l.finished = true;
        return l;
    }
    static std::shared_ptr<const std::vector<LogEntry>> log()
    {
        auto all = std::make_shared<std::vector<LogEntry>>();
        run::LogLine good = line(4, "North", RunKind::Calibration, "2026-11-20T10:00:00Z");
        good.figures = {{"white_delta_uv", 0.001, "", 0.0002, 0.004},
                        {"contrast", 1000, "", {}, 300},
                        {"colour_mean", 0.4, "ΔE00", 0.05, 1.5}};
        run::LogLine doubtful = line(3, "South", RunKind::Calibration, "2026-06-01T10:00:00Z");
        doubtful.figures = {{"colour_mean", 1.45, "ΔE00", 0.1, 1.5}};
        doubtful.note = QStringLiteral("lamp, \"new\"");
        run::LogLine bad = line(2, "South", RunKind::Check, "2026-05-01T10:00:00Z");
        bad.figures = {{"check_colour_mean", 4.0, "ΔE00", 0.1, 1.5}};
        bad.meter = QStringLiteral("Heron");
        run::LogLine plain = line(1, "North", RunKind::WarmUp, "2024-05-01T10:00:00Z");
        for (run::LogLine *l : {&good, &doubtful, &bad, &plain})
            all->push_back(logEntry(*l));
        return all;
    }
    static std::vector<int> found(const LogFilter &f)
    {
        return matching(*log(), f,
                        QDateTime::fromString(QStringLiteral("2026-11-28T10:00:00Z"), Qt::ISODate));
    }

private slots:
    void linesAreJudgedByTheirOwnLimits()
    {
        const auto all = log();
        QCOMPARE((*all)[0].mark, Mark::Within);
        QCOMPARE((*all)[1].mark, Mark::Open); // nearer to the limit than it is known
        QCOMPARE((*all)[2].mark, Mark::Over);
        QCOMPARE((*all)[3].mark, Mark::NotMeasured);
        // White 0.25 of its limit, contrast 300 of 1000 as a least value, colours 0.4 of 1.5.
        const auto signature = signatureOf((*all)[0]);
        QCOMPARE(signature.size(), size_t(3));
        VERIFY_NEAR(signature[0], 0.25, 1e-12);
        VERIFY_NEAR(signature[1], 0.3, 1e-12);
        VERIFY_NEAR(signature[2], 0.4 / 1.5, 1e-12);
    }

    void linesAreFound()
    {
        QCOMPARE(found({}), (std::vector<int>{0, 1, 2, 3}));
        QCOMPARE(found({.text = QStringLiteral("LAMP south")}), std::vector<int>{1});
        QCOMPARE(found({.text = QStringLiteral("2026-05")}), std::vector<int>{2});
        QCOMPARE(found({.text = QStringLiteral("lamp north")}), std::vector<int>{});
        QCOMPARE(found({.displayId = QStringLiteral("north")}), (std::vector<int>{0, 3}));
        QCOMPARE(found({.meter = QStringLiteral("Heron")}), std::vector<int>{2});
        QCOMPARE(found({.kind = RunKind::Calibration}), (std::vector<int>{0, 1}));
        QCOMPARE(found({.mark = Mark::Over}), std::vector<int>{2});
        QCOMPARE(found({.days = 30}), std::vector<int>{0});
        QCOMPARE(found({.days = 365}), (std::vector<int>{0, 1, 2}));
    }

    void rowsAreSortedAndKeptFound()
    {
        LogModel model;
        model.setLog(log());
        QCOMPARE(model.rowCount(), 4);
        QCOMPARE(model.entry(0).id, qint64(4));
        model.sort(LogModel::Colours, Qt::DescendingOrder);
        QCOMPARE(model.entry(0).id, qint64(2)); // 4.0
        QCOMPARE(model.entry(1).id, qint64(3));
        QCOMPARE(model.rowOf(4), 2);
        model.sort(LogModel::When, Qt::AscendingOrder);
        QCOMPARE(model.entry(0).id, qint64(1));
        model.setFilter({.displayId = QStringLiteral("south")});
        QCOMPARE(model.rowCount(), 2);
        QCOMPARE(model.entry(0).id, qint64(2));
        QCOMPARE(model.rowOf(4), -1);
        QSignalSpy noted(&model, &LogModel::noted);
        const QModelIndex note = model.index(1, LogModel::Note);
        QVERIFY(model.flags(note) & Qt::ItemIsEditable);
        QVERIFY(model.setData(note, QStringLiteral(" other lamp "), Qt::EditRole));
        QCOMPARE(noted.size(), 1);
        QCOMPARE(noted[0][0].toLongLong(), qint64(3));
        QCOMPARE(noted[0][2].toString(), QStringLiteral("other lamp"));
        (void)model.setData(note, QStringLiteral("lamp, \"new\""), Qt::EditRole); // as it was
        QCOMPARE(noted.size(), 1);
    }

    void linesAreWrittenForSpreadsheets()
    {
        const QByteArray csv = logToCsv(*log(), {0, 1});
        const auto rows = csv.trimmed().split('\n');
        QCOMPARE(rows.size(), 3);
        QVERIFY(rows[0].startsWith("started_at,display,"));
        QVERIFY(rows[1].contains(",within,"));
        QVERIFY(rows[2].contains("\"lamp, \"\"new\"\"\""));
        const auto titles = rows[0].split(',');
        const auto cells = rows[1].split(',');
        QCOMPARE(titles.size(), cells.size());
        QCOMPARE(cells[titles.indexOf("colour_mean")], QByteArray("0.4"));
        QCOMPARE(cells[titles.indexOf("colour_mean_limit")], QByteArray("1.5"));
    }
};

static const Register<LogModelTest> registered("LogModelTest");

} // namespace lantern::test

#include "log_model_test.moc"
