#include "app/views/view.h"
#include "run/logbook/logbook.h"
#include "window_rig.h"

#include <QApplication>
#include <QLineEdit>
#include <QTableView>

namespace lantern::test {

using namespace app;
using run::Activity;

/// The whole job with nothing but the keyboard, from the first page to a remark in the logbook.
class KeyboardJobTest : public QObject {
    Q_OBJECT

    static void key(Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier)
    {
        QWidget *to = QApplication::focusWidget();
        QTest::keyClick(to ? to : QApplication::activeWindow(), key, modifiers);
        settle();
    }
    /// Tab until that widget, or a part of it, has the focus; false after a whole round.
    static bool tabTo(const QWidget *wanted)
    {
        for (int i = 0; i < 200; ++i) {
            const QWidget *at = QApplication::focusWidget();
            if (at && (at == wanted || wanted->isAncestorOf(at)))
                return true;
            key(Qt::Key_Tab);
        }
        return false;
    }

private slots:
    void fromTheFirstPageToARemark()
    {
        WindowRig rig;
        rig.window->activateWindow();
        QVERIFY(rig.waitFor([&] { return rig.window->isActiveWindow(); }));
        key(Qt::Key_H, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(rig.waitFor([&] { return rig.state().view == ViewId::Start; }));
        const auto *step = rig.window->findChild<QPushButton *>(QStringLiteral("step1"));
        QVERIFY(rig.waitFor([&] {
            step = rig.window->findChild<QPushButton *>(QStringLiteral("step1"));
            return step && step->isVisible();
        }));
        QVERIFY(tabTo(step));
        key(Qt::Key_Space);
        QVERIFY(rig.waitFor([&] { return rig.state().view == ViewId::Aim; }));
        // The main action again and again, by its keys.
        for (int i = 0; i < 20 && rig.state().status.activity != Activity::Finished; ++i) {
            QVERIFY(rig.waitFor([&] {
                return rig.state().status.activity == Activity::Finished ||
                       (rig.action()->isEnabled() &&
                        rig.state().status.activity != Activity::Working);
            }));
            if (rig.state().status.activity != Activity::Finished)
                key(Qt::Key_Return, Qt::ControlModifier);
            settle();
        }
        QVERIFY(rig.waitFor([&] { return rig.state().status.activity == Activity::Finished; }));
        QVERIFY(rig.state().results.validation.has_value());
        const qint64 run = rig.state().status.run;
        // Its figures, and a remark.
        key(Qt::Key_7, Qt::ControlModifier);
        QVERIFY(rig.waitFor([&] { return rig.state().view == ViewId::Accuracy; }));
        key(Qt::Key_L, Qt::ControlModifier | Qt::ShiftModifier);
        auto *table = rig.window->findChild<QTableView *>(QStringLiteral("logTable"));
        QVERIFY(rig.waitFor([&] {
            return table->isVisible() && table->model()->rowCount() > 0 && rig.state().log &&
                   !rig.state().log->empty() && rig.state().log->front().id == run;
        }));
        QVERIFY(tabTo(table));
        key(Qt::Key_Home, Qt::ControlModifier);
        key(Qt::Key_F2);
        QVERIFY(rig.waitFor(
            [&] { return qobject_cast<QLineEdit *>(QApplication::focusWidget()) != nullptr; }));
        QTest::keyClicks(QApplication::focusWidget(), QStringLiteral("all by keys"));
        key(Qt::Key_Return);
        QVERIFY(rig.waitFor([&] {
            return rig.state().log && !rig.state().log->empty() &&
                   rig.state().log->front().note == QLatin1String("all by keys");
        }));
        key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(rig.waitFor([&] {
            return rig.state().log && !rig.state().log->empty() &&
                   rig.state().log->front().note.isEmpty();
        }));
    }
};

static const Register<KeyboardJobTest> registered("KeyboardJobTest");

} // namespace lantern::test

#include "keyboard_job_test.moc"
