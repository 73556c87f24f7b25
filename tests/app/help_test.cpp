#include "app/views/view.h"
#include "app/widgets/handbook.h"
#include "app/window/about_dialog.h"
#include "app/window/help_pane.h"
#include "core/base/error.h"
#include "languages.h"
#include "run/book/help_topics.h"
#include "run/book/in_words.h"
#include "run/book/language.h"
#include "window_rig.h"

#include <QScrollArea>
#include <QScrollBar>
#include <QTableWidget>
#include <QToolButton>

namespace lantern::test {

using namespace app;

/// Help beside the work: each page has its own, and a message leads to what is said of it.
class HelpTest : public QObject {
    Q_OBJECT

    static Handbook *page(const WindowRig &rig)
    {
        return rig.window->findChild<Handbook *>(QStringLiteral("helpPage"));
    }

private slots:
    void cleanup() { run::speak(QStringLiteral("en")); }

    void everyViewHasAPageInEveryLanguage()
    {
        for (const run::Language &language : run::languages()) {
            run::speak(language.code);
            for (const ViewEntry &entry : viewRegistry()) {
                const QString path = run::handbookPage(
                    QStringLiteral("view-%1.html").arg(QLatin1String(entry.id.key)));
                QVERIFY2(QFileInfo::exists(path), entry.id.key.data());
                QCOMPARE(path.contains(QLatin1String("/de/")),
                         language.code == QLatin1String("de"));
            }
        }
    }

    /// Beside the help there is less room, and still no page has to be moved sideways at 1280.
    void pagesFitBesideIt_data() { eachLanguage(); }
    void pagesFitBesideIt()
    {
        QFETCH(QString, language);
        run::speak(language);
        WindowRig rig;
        QVERIFY(rig.pressUntil(run::Stage::Done));
        rig.window->findChild<HelpPane *>()->show();
        const QScrollBar *helpBar = page(rig)->horizontalScrollBar();
        QStringList wide;
        for (const ViewEntry &entry : viewRegistry()) {
            rig.session->showView(entry.id);
            settle();
            if (helpBar->maximum() > 0)
                wide << QStringLiteral("help on %1").arg(QLatin1String(entry.id.key));
            for (const View *view : rig.window->findChildren<View *>())
                if (const int over =
                        view->findChild<QScrollArea *>()->horizontalScrollBar()->maximum();
                    view->isVisible() && over > 0)
                    wide << QStringLiteral("%1: %2").arg(QLatin1String(entry.id.key)).arg(over);
        }
        QVERIFY2(wide.isEmpty(), qPrintable(wide.join(QLatin1String(", "))));
    }

    void f1UnfoldsItAndItFollowsTheView()
    {
        WindowRig rig;
        auto *pane = rig.window->findChild<HelpPane *>();
        QVERIFY(!pane->isVisible());
        rig.session->showView(ViewId::Aim);
        rig.window->activateWindow();
        QVERIFY(rig.waitFor([&] { return rig.window->isActiveWindow(); }));
        QTest::keyClick(rig.window.get(), Qt::Key_F1);
        QVERIFY(rig.waitFor([&] { return pane->isVisible(); }));
        QVERIFY(
            rig.waitFor([&] { return page(rig)->toPlainText().startsWith(QLatin1String("Aim")); }));
        // Nothing of what only a browser needs is in it.
        QVERIFY(!page(rig)->toPlainText().contains(QLatin1String("Glossary")));
        rig.session->showView(ViewId::Tone);
        QVERIFY(rig.waitFor(
            [&] { return page(rig)->toPlainText().startsWith(QLatin1String("Tone and grey")); }));
        QTest::keyClick(rig.window.get(), Qt::Key_F1);
        QVERIFY(rig.waitFor([&] { return !pane->isVisible(); }));
    }

    void aMessageLeadsToItsEntry()
    {
        WindowRig rig;
        auto *more = rig.window->findChild<QToolButton *>(QStringLiteral("moreOnNotice"));
        for (const char *code : {"en", "de"}) {
            run::speak(QLatin1String(code));
            const Error error(ErrorKind::BadInput, "/tmp/aim.json",
                              {"the key \"%1\" is there twice", {"white"}});
            emit rig.window->intents()->failed(run::inWords(error));
            QVERIFY(rig.waitFor([&] { return more->isVisible(); }));
            QTest::mouseClick(more, Qt::LeftButton);
            QVERIFY(rig.waitFor(
                [&] { return page(rig)->source().fileName() == QLatin1String("messages.html"); }));
            QCOMPARE(page(rig)->source().fragment(), QStringLiteral("the-key-is-there-twice"));
        }
        run::speak(QStringLiteral("en"));
        emit rig.window->intents()->failed(QStringLiteral("Nobody has written of this."));
        QVERIFY(rig.waitFor([&] { return !more->isVisible(); }));
        emit rig.window->intents()->noticeDismissed();
        QTest::mouseClick(rig.window->findChild<QToolButton *>(QStringLiteral("hideHelp")),
                          Qt::LeftButton);
    }

    void aboutNamesTheLicences()
    {
        auto *dialog = new AboutDialog; // deletes itself
        AboutDialog &about = *dialog;
        const auto *table = about.findChild<QTableWidget *>(QStringLiteral("licences"));
        QVERIFY(table->rowCount() > 10);
        QVERIFY(!table->findItems(QStringLiteral("Open Sans"), Qt::MatchExactly).isEmpty());
        delete dialog;
    }
};

static const Register<HelpTest> registered("HelpTest");

} // namespace lantern::test

#include "help_test.moc"
