#include "../run/shared/postgres_rig.h"
#include "app/views/logbook/logbook_view.h"
#include "app/window/logbook_gate.h"
#include "run/shared/book_sync.h"
#include "window_rig.h"

#include <QComboBox>
#include <QLabel>
#include <QMessageBox>
#include <QPointer>
#include <QScrollArea>
#include <QScrollBar>
#include <QTableView>

namespace lantern::test {

using namespace lantern::app;

/// The logbook of a house in the window: a shared book that comes and goes, backups, other
/// logbooks.
class BookWindowTest : public QObject {
    Q_OBJECT
    QTemporaryDir m_folder;
    int m_count = 0;

    /// A folder of its own for each, as the setup of the shared book lies beside the logbook.
    QString golden()
    {
        const QString folder = m_folder.filePath(QString::number(m_count++));
        run::makeFolder(folder);
        const QString path = folder + QStringLiteral("/log.sqlite");
        run::writeFile(path, run::readFile(QStringLiteral(LANTERN_TEST_DATA "/logbook-v5.sqlite")));
        return path;
    }
    static int rows(const WindowRig &rig)
    {
        return rig.window->findChild<QTableView *>(QStringLiteral("logTable"))->model()->rowCount();
    }

private slots:
    /// Runs of another desk come and can be told apart; without the server all goes on.
    void theSharedBookIsKeptInStep()
    {
        PostgresRig server;
        QVERIFY(server.start());
        const auto address = [&](const char *user) {
            return run::addressFromUrl(server.url(QLatin1String(user)).toStdString());
        };
        run::SharedBook::init(address("admin"), {});
        run::SharedBook admin(address("admin"), {});
        const QString north = admin.admit(QStringLiteral("north"));
        const QString south = admin.admit(QStringLiteral("south"));
        // Its password lies in a file that only the person can read, as the server's own tools
        // have it.
        const QString secrets = m_folder.filePath(QStringLiteral("pgpass"));
        run::writeFile(secrets, "*:*:*:north:" + north.toUtf8() + "\n");
        QFile::setPermissions(secrets, QFile::ReadOwner | QFile::WriteOwner);
        qputenv("PGPASSFILE", secrets.toUtf8());
        {
            run::Logbook theirs(golden(), run::Logbook::Access::Write);
            run::Logbook other(m_folder.filePath(QStringLiteral("other.sqlite")),
                               run::Logbook::Access::Write);
            for (const qint64 run : theirs.allRuns()) {
                run::RunRecord r = theirs.record(run);
                r.identity += QStringLiteral("-south");
                r.reference += r.reference.isEmpty() ? QString() : QStringLiteral("-south");
                r.workstation = QStringLiteral("south");
                r.person = QStringLiteral("ada");
                other.put(r);
            }
            run::SharedBook book(address("south"), south);
            QCOMPARE(run::bring(other, book, true).runs, 8);
        }
        const QString path = golden();
        run::BookSetup setup;
        setup.url = address("north").url();
        setup.days = 36'500;
        run::writeBookSetup(run::bookSetupFile(path), setup);

        WindowRig rig(0, path);
        rig.session->showView(ViewId::Logbook);
        QVERIFY(rig.waitFor([&] { return rows(rig) == 9; }));
        const auto *workstations =
            rig.window->findChild<QComboBox *>(QStringLiteral("logWorkstation"));
        const auto *people = rig.window->findChild<QComboBox *>(QStringLiteral("logPerson"));
        QVERIFY(!people->isVisible());
        auto *sync = rig.window->findChild<QPushButton *>(QStringLiteral("syncBook"));
        const auto *said = rig.window->findChild<QLabel *>(QStringLiteral("sharedBook"));
        QVERIFY(sync->isVisible());
        QTest::mouseClick(sync, Qt::LeftButton);
        QVERIFY(
            rig.waitFor([&] { return rig.state().syncedAt.isValid() && !rig.state().syncing; }));
        QCOMPARE(rig.state().runsFetched, 8);
        QVERIFY(rig.waitFor([&] { return rows(rig) == 17; }));
        QVERIFY(rig.waitFor([&] {
            return said->text().contains(QStringLiteral("fetched 8")) &&
                   said->text().contains(QStringLiteral("not encrypted"));
        }));
        QVERIFY(workstations->findText(QStringLiteral("south")) > 0);
        auto *choice = const_cast<QComboBox *>(workstations);
        choice->setCurrentIndex(workstations->findText(QStringLiteral("south")));
        QCOMPARE(rows(rig), 8);
        choice->setCurrentIndex(0);
        // All of it fits a small screen, without looking sideways.
        rig.window->resize(1024, 768);
        const auto *view = rig.window->findChild<LogbookView *>();
        const auto *room = view->findChild<QScrollArea *>();
        QVERIFY(room && workstations->isVisible());
        QVERIFY(rig.waitFor([&] { return rig.window->width() == 1024; }));
        QCOMPARE(room->horizontalScrollBar()->maximum(), 0);
        rig.window->resize(1280, 800);

        // A week without the server: what is noted waits here, and comes when it is back.
        server.stop(SIGQUIT);
        rig.session->setRunNote(1, {}, QStringLiteral("noted offline"));
        rig.session->syncBook();
        QVERIFY(rig.waitFor(
            [&] { return !rig.state().syncing && !rig.state().bookProblem.isEmpty(); }));
        QVERIFY(rig.waitFor(
            [&] { return said->text().contains(QStringLiteral("what is new waits here")); }));
        QVERIFY(!rig.state().noticeIsProblem); // nobody is kept from work
        QVERIFY(server.start());
        rig.session->syncBook();
        QVERIFY(
            rig.waitFor([&] { return !rig.state().syncing && rig.state().bookProblem.isEmpty(); }));
        // Whatever comes again is not there twice.
        QVERIFY(rig.waitFor([&] { return rows(rig) == 17; }));
        qunsetenv("PGPASSFILE");
    }

    /// A damaged logbook, found at the start: what is readable goes on, the damaged one stays.
    void aDamagedLogbookIsRescuedAtTheStart()
    {
        const QString path = golden();
        QVERIFY(isReadyForUse(path));
        QByteArray bad = run::readFile(path);
        bad.replace(0, 100, QByteArray(100, 'x')); // its header
        run::writeFile(path, bad);
        const auto answer = [](const char *button) {
            auto *look = new QTimer(qApp);
            connect(look, &QTimer::timeout, look, [look, button] {
                for (QWidget *w : QApplication::topLevelWidgets())
                    if (auto *box = qobject_cast<QMessageBox *>(w); box && box->isVisible())
                        for (QAbstractButton *b : box->buttons())
                            if (b->objectName() == QLatin1String(button) ||
                                (box->buttons().size() == 1)) {
                                if (box->buttons().size() == 1)
                                    look->deleteLater(); // the last word
                                b->click();
                                return;
                            }
            });
            look->start(20);
            return look;
        };
        QPointer<QTimer> no = answer("leaveLogbook");
        QVERIFY(!isReadyForUse(path));
        delete no;
        QCOMPARE(run::readFile(path), bad);
        QPointer<QTimer> yes = answer("rescueLogbook");
        QVERIFY(isReadyForUse(path));
        delete yes;
        QCOMPARE(run::readFile(path + QStringLiteral(".damaged-1")), bad);
        run::Logbook book(path, run::Logbook::Access::Read);
        QCOMPARE(book.allRuns().size(), size_t(9));
    }

    void theLogbookIsBackedUpAndTakenOver()
    {
        const QString copy = m_folder.filePath(QStringLiteral("copy.sqlite"));
        {
            WindowRig rig(0, golden());
            rig.session->backUpLogbook(copy);
            QVERIFY(rig.waitFor(
                [&] { return QFile::exists(copy) && rig.state().notice.contains(copy); }));
            QVERIFY(!rig.state().noticeIsProblem);
            rig.session->backUpLogbook(QStringLiteral("/proc/nowhere/copy.sqlite"));
            QVERIFY(rig.waitFor([&] { return rig.state().noticeIsProblem; }));
        }
        WindowRig fresh;
        fresh.session->showView(ViewId::Logbook);
        fresh.session->mergeLogbook(copy);
        QVERIFY(fresh.waitFor([&] { return rows(fresh) == 9; }));
        QVERIFY(fresh.waitFor(
            [&] { return fresh.state().notice.contains(QStringLiteral("taken over: 9")); }));
        fresh.session->mergeLogbook(copy);
        QVERIFY(fresh.waitFor(
            [&] { return fresh.state().notice.contains(QStringLiteral("already: 9")); }));
        QCOMPARE(rows(fresh), 9);
        const QString bad = m_folder.filePath(QStringLiteral("bad.sqlite"));
        run::writeFile(bad, "no logbook at all");
        fresh.session->mergeLogbook(bad);
        QVERIFY(fresh.waitFor([&] { return fresh.state().noticeIsProblem; }));
        QVERIFY2(fresh.state().notice.contains(QStringLiteral("damaged")),
                 qPrintable(fresh.state().notice));
    }
};

static const Register<BookWindowTest> registered("BookWindowTest");

} // namespace lantern::test

#include "book_window_test.moc"
