#include "app/views/compare/compare_view.h"
#include "app/views/logbook/logbook_view.h"
#include "window_rig.h"

#include <QComboBox>
#include <QFileDialog>
#include <QLabel>
#include <QLineEdit>
#include <QTableView>

namespace lantern::test {

using namespace lantern::app;

/// The logbook in the window: found, opened, compared, reported, noted, removed and brought back.
class LogbookWindowTest : public QObject {
    Q_OBJECT
    QTemporaryDir m_folder;
    QString m_history;

    template <class T> static T *part(const WindowRig &rig, const char *name)
    {
        return rig.window->findChild<T *>(QLatin1String(name));
    }
    static const LogModel *model(const WindowRig &rig)
    {
        return static_cast<const LogModel *>(part<QTableView>(rig, "logTable")->model());
    }
    static bool openLogbook(WindowRig &rig, int rows)
    {
        rig.session->showView(ViewId::Logbook);
        return rig.waitFor([&] { return model(rig)->rowCount() == rows; });
    }
    QString freshHistory()
    {
        const QString path = m_folder.filePath(QStringLiteral("%1.sqlite").arg(m_count++));
        QFile::copy(m_history, path);
        return path;
    }
    int m_count = 0;
    static constexpr int kLines = 31; // of the demo's year

private slots:
    void initTestCase()
    {
        m_history = m_folder.filePath(QStringLiteral("history.sqlite"));
        DemoWorkplace::makeHistory(m_history);
        QVERIFY(QFile::exists(m_history));
    }

    void linesAreNotedRemovedAndBroughtBack()
    {
        const QString path = freshHistory();
        {
            WindowRig rig(0, path);
            QVERIFY(openLogbook(rig, kLines));
            auto *table = part<QTableView>(rig, "logTable");
            QVERIFY(table->isVisible());
            const qint64 run = model(rig)->entry(1).id;
            rig.session->setRunNote(run, {}, QStringLiteral("before the move"));
            QVERIFY(rig.waitFor(
                [&] { return model(rig)->entry(1).note == QLatin1String("before the move"); }));
            rig.session->undoStack()->undo();
            QVERIFY(rig.waitFor([&] { return model(rig)->entry(1).note.isEmpty(); }));
            rig.session->undoStack()->redo();
            QVERIFY(rig.waitFor([&] { return !model(rig)->entry(1).note.isEmpty(); }));
            // By keyboard: the sixth line, Delete.
            table->setFocus();
            table->setCurrentIndex(table->model()->index(0, LogModel::When));
            for (int i = 0; i < 5; ++i)
                QTest::keyClick(table, Qt::Key_Down); // the North desk's last calibration
            QTest::keyClick(table, Qt::Key_Delete);
            QVERIFY(rig.waitFor([&] { return model(rig)->rowCount() == kLines - 1; }));
            QVERIFY(rig.waitFor([&] { return rig.state().pastRuns.size() == 5; }));
            rig.session->undoStack()->undo();
            QVERIFY(rig.waitFor([&] { return model(rig)->rowCount() == kLines; }));
        }
        // After a restart it is as it was left.
        WindowRig again(0, path);
        QVERIFY(openLogbook(again, kLines));
        QCOMPARE(model(again)->entry(1).note, QStringLiteral("before the move"));
    }

    void linesAreFoundAsOneTypes()
    {
        WindowRig rig(0, freshHistory());
        QVERIFY(openLogbook(rig, kLines));
        auto *text = part<QLineEdit>(rig, "logText");
        QTest::keyClicks(text, QStringLiteral("south curlew"));
        QCOMPARE(model(rig)->rowCount(), 10);
        QCOMPARE(model(rig)->entry(0).displayName, QStringLiteral("South desk"));
        text->clear();
        QCOMPARE(model(rig)->rowCount(), kLines);
        part<QComboBox>(rig, "logTime")->setCurrentIndex(1); // 30 days
        QCOMPARE(model(rig)->rowCount(), 2);
        part<QComboBox>(rig, "logTime")->setCurrentIndex(0);
        // What the story is about: the light that was left on is over its limits.
        text->setText(QStringLiteral("night light"));
        QCOMPARE(model(rig)->rowCount(), 1);
        QVERIFY(model(rig)->entry(0).mark == Mark::Over);
        text->clear();
        // The story's other half: the South desk loses light; that day was no part of it.
        auto *table = part<QTableView>(rig, "logTable");
        const int last = model(rig)->rowCount() - 1; // its first calibration
        table->setCurrentIndex(table->model()->index(last, LogModel::When));
        const QString words = part<QLabel>(rig, "lightTrend")->text();
        QVERIFY2(words.startsWith(QLatin1String("South desk loses 0.4")), qPrintable(words));
        QVERIFY2(words.contains(QLatin1String("odd readings left out: 1")), qPrintable(words));
        QVERIFY2(words.contains(QLatin1String("eight times of ten")), qPrintable(words));
        auto *display = part<QComboBox>(rig, "logDisplay");
        QCOMPARE(display->count(), 3);
    }

    void aRunIsOpenedComparedAndReported()
    {
        WindowRig rig(0, freshHistory());
        QVERIFY(openLogbook(rig, kLines));
        auto *table = part<QTableView>(rig, "logTable");
        table->setCurrentIndex(table->model()->index(1, LogModel::When)); // the South desk's
        const LogEntry entry = model(rig)->entry(1);
        auto *open = part<QPushButton>(rig, "openRun");
        QVERIFY(rig.waitFor([&] { return open->isEnabled(); }));
        QTest::mouseClick(open, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().opened() != nullptr; }));
        QVERIFY(rig.state().view == ViewId::Accuracy);
        QCOMPARE(rig.state().shown().setup.displayId, entry.displayId.toStdString());
        QCOMPARE(rig.state().selected, 0); // the North desk is still the one chosen
        rig.session->showView(ViewId::Logbook);
        auto *newest = part<QPushButton>(rig, "newestRun");
        QVERIFY(rig.waitFor([&] { return newest->isVisible(); }));
        // Its report, once a folder is chosen.
        bool asked = false;
        QTimer look;
        connect(&look, &QTimer::timeout, &look, [&] {
            for (QWidget *w : QApplication::topLevelWidgets())
                if (auto *dialog = qobject_cast<QFileDialog *>(w); dialog && dialog->isVisible()) {
                    asked = true;
                    dialog->reject();
                }
        });
        look.start(20);
        rig.session->reportRun(entry.id);
        QVERIFY(rig.waitFor([&] { return asked; }));
        look.stop();
        QTest::mouseClick(newest, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().opened() == nullptr; }));
        // Pictures against it.
        rig.session->showView(ViewId::Logbook);
        auto *compare = part<QPushButton>(rig, "compareRun");
        QVERIFY(rig.waitFor([&] { return compare->isVisible() && compare->isEnabled(); }));
        QTest::mouseClick(compare, Qt::LeftButton);
        auto *before = part<QComboBox>(rig, "beforeChoice");
        QVERIFY(rig.waitFor([&] {
            return before->isVisible() && before->currentText().contains(entry.displayName);
        }));
    }

    void theRunUnderWayStays()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(run::Stage::Calibrate));
        const qint64 run = rig.state().status.run;
        QVERIFY(run != 0);
        rig.session->removeRun(run);
        QVERIFY(rig.waitFor([&] { return rig.state().noticeIsProblem; }));
        QVERIFY(openLogbook(rig, 1));
        QVERIFY(!part<QPushButton>(rig, "removeRun")->isEnabled());
        QVERIFY(!part<QPushButton>(rig, "openRun")->isEnabled());
    }
};

static const Register<LogbookWindowTest> registered("LogbookWindowTest");

} // namespace lantern::test

#include "logbook_window_test.moc"
