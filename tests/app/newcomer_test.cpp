#include "app/state/ledger_rows.h"
#include "app/views/white/white_view.h"
#include "app/widgets/number_box.h"
#include "window_rig.h"

#include <QAction>
#include <QComboBox>
#include <QLineEdit>
#include <QSignalSpy>
#include <QWheelEvent>

namespace lantern::test {

using namespace app;
using run::Activity;
using run::Stage;

/// What somebody who is new to it stumbles over.
class NewcomerTest : public QObject {
    Q_OBJECT

    static void type(QAbstractSpinBox &box, const QString &text)
    {
        box.selectAll();
        QTest::keyClicks(&box, text);
        QTest::keyClick(&box, Qt::Key_Return);
    }
    static void turnWheel(QWidget *widget)
    {
        const QPointF at = widget->rect().center();
        QWheelEvent event(at, widget->mapToGlobal(at), {}, {0, -120}, Qt::NoButton, Qt::NoModifier,
                          Qt::NoScrollPhase, false);
        QApplication::sendEvent(widget, &event);
    }

private slots:
    void cleanup() { QLocale::setDefault(QLocale::c()); }

    void pointAndCommaAreTheSame_data()
    {
        QTest::addColumn<QLocale>("locale");
        QTest::newRow("C") << QLocale::c();
        QTest::newRow("German") << QLocale(QLocale::German);
        QTest::newRow("English") << QLocale(QLocale::English);
        QTest::newRow("French") << QLocale(QLocale::French);
    }
    void pointAndCommaAreTheSame()
    {
        QFETCH(QLocale, locale);
        QLocale::setDefault(locale);
        NumberBox box;
        box.setRange(20, 1000);
        box.setDecimals(1);
        box.setSuffix(QStringLiteral(" cd/m²"));
        box.show();
        for (const char *text : {"95.5", "95,5"}) {
            box.setValue(300);
            type(box, QLatin1String(text));
            QCOMPARE(box.value(), 95.5);
        }
        QCOMPARE(box.text(), locale.toString(95.5, 'f', 1) + QStringLiteral(" cd/m²"));
        type(box, QStringLiteral("1.2.3")); // a second mark is not taken
        QCOMPARE(box.value(), 95.5);        // and 1.23 is none of its values
        type(box, QStringLiteral("96.28"));
        QCOMPARE(box.value(), 96.3);
        WholeNumberBox whole;
        whole.setRange(50, 100000);
        whole.setValue(300);
        whole.show();
        type(whole, QStringLiteral("300.5"));
        QCOMPARE(whole.value(), 301);
        QCOMPARE(numberFromText(QStringLiteral(" 1234,5 ")), std::optional(1234.5));
        QVERIFY(!numberFromText(QStringLiteral("1,234.5")));
        QVERIFY(!numberFromText(QStringLiteral("12x")));
    }

    void theWheelChangesNothingInPassing()
    {
        WindowRig rig;
        auto *technology = rig.window->findChild<QComboBox *>(QStringLiteral("technology"));
        QVERIFY(technology->isVisible() && !technology->hasFocus());
        const QString before = rig.state().displays[0].technology;
        turnWheel(technology);
        QCOMPARE(technology->currentIndex(), 0);
        QCOMPARE(rig.state().displays[0].technology, before);
        rig.session->showView(ViewId::Aim);
        auto *kind = rig.window->findChild<QComboBox *>(QStringLiteral("measureKind"));
        QVERIFY(rig.waitFor([&] { return kind->isVisible(); }));
        turnWheel(kind);
        QCOMPARE(kind->currentIndex(), 0);
        kind->setFocus(); // asked for
        turnWheel(kind);
        QCOMPARE(kind->currentIndex(), 1);
    }

    void theMainActionHasTheFocusAtTheStart()
    {
        WindowRig rig;
        QVERIFY(rig.waitFor([&] { return rig.action()->isEnabled(); }));
        QCOMPARE(rig.window->focusWidget(), rig.action());
    }

    void theTechnologyCanBePutBack()
    {
        WindowRig rig;
        const auto &card = [&]() -> const DisplayCard & { return rig.state().displays[0]; };
        const QString own = card().technology;
        QVERIFY(!card().technologyChosen);
        rig.session->setTechnology(QStringLiteral("ccfl"));
        QCOMPARE(card().technology, QStringLiteral("ccfl"));
        QVERIFY(card().technologyChosen);
        rig.session->setTechnology(QStringLiteral("oled"));
        rig.session->undoStack()->undo();
        QCOMPARE(card().technology, QStringLiteral("ccfl"));
        rig.session->selectDisplay(1); // it is undone where it was done
        const QString second = rig.state().displays[1].technology;
        rig.session->undoStack()->undo();
        QCOMPARE(card().technology, own);
        QCOMPARE(rig.state().displays[1].technology, second);
        rig.session->undoStack()->redo();
        rig.session->selectDisplay(0);
        auto *box = rig.window->findChild<QComboBox *>(QStringLiteral("technology"));
        QVERIFY(
            rig.waitFor([&] { return box->currentData().toString() == QLatin1String("ccfl"); }));
        emit rig.window->intents()->technologyChosen(QString());
        QCOMPARE(card().technology, own);
        QVERIFY(rig.waitFor([&] { return box->currentIndex() == 0; }));
        QVERIFY(box->currentText().startsWith(QLatin1String("As detected")));
    }

    /// What was typed in for one monitor is not another's.
    void settingsAreOfOneMonitor()
    {
        Intents intents;
        WhiteView view(&intents);
        view.show();
        QSignalSpy noted(&intents, &Intents::controlsNoted);
        SessionState s;
        DisplayCard card;
        card.can.gains = true;
        s.displays = {card};
        s.aim = aimPresets().front();
        s.status.run = 1;
        s.status.activity = Activity::Working;
        s.status.stage = Stage::Adjust;
        s.results.setup.displayId = "north";
        s.results.setup.adjust = run::AdjustMode::ByHand;
        view.setState(s);
        std::vector<QSpinBox *> boxes;
        for (int i = 0; i < 5; ++i)
            boxes.push_back(view.findChild<QSpinBox *>(QStringLiteral("control%1").arg(i)));
        for (size_t i = 0; i < 4; ++i) {
            QCOMPARE(boxes[i]->value(), -1); // not known, and not 0
            boxes[i]->setValue(70 + static_cast<int>(i));
        }
        view.setState(s); // half typed in: it stays
        QCOMPARE(boxes[1]->value(), 71);
        QCOMPARE(noted.count(), 0);
        boxes[4]->setValue(31);
        QCOMPARE(noted.count(), 1);
        s.results.setup.displayId = "south";
        s.status.run = 2;
        view.setState(s);
        for (QSpinBox *box : boxes)
            QCOMPARE(box->value(), -1);
        QCOMPARE(noted.count(), 1);
    }

    void aStoppedRunIsOfferedAtOnce()
    {
        WindowRig rig;
        rig.session->newRun(); // a new one was preferred once before
        QVERIFY(rig.pressUntil(Stage::Measure));
        rig.demo->setSpeed(100);
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor([&] { return rig.state().liveReadings.size() > 3; }));
        rig.session->stop();
        QVERIFY(rig.waitFor([&] { return rig.state().status.activity == Activity::Idle; }));
        QVERIFY(rig.waitFor([&] { return !rig.state().readingHistory; }));
        QCOMPARE(mainAction(rig.state()).step, NextStep::ResumeOldRun);
        QVERIFY(rig.state().notice.contains(QLatin1String("kept")));
        rig.demo->setSpeed(0);
        QVERIFY(rig.press());
        QVERIFY(rig.pressUntil(Stage::Done));
    }

    /// The menu marks the meter that is there, also when another was refused.
    void theMenuMarksTheMeterThatIsThere()
    {
        WindowRig rig;
        QAction *reed = nullptr;
        QAction *heron = nullptr;
        for (QAction *a : rig.window->findChildren<QAction *>()) {
            reed = a->data() == QStringLiteral("colorimeter") ? a : reed;
            heron = a->data() == QStringLiteral("reference") ? a : heron;
        }
        QVERIFY(reed && heron && reed->isChecked());
        QVERIFY(rig.pressUntil(Stage::Adjust));
        heron->trigger();
        QVERIFY(reed->isChecked() && !heron->isChecked());
        QVERIFY(rig.state().notice.contains(QLatin1String("one meter's")));
        rig.session->stop();
        QVERIFY(rig.waitFor([&] { return rig.state().status.activity == Activity::Idle; }));
        heron->trigger();
        QVERIFY(heron->isChecked());
        QCOMPARE(rig.demo->meterChoice(), QStringLiteral("reference"));
    }

    /// A run that is taken up again has its own aim; the one that stands chosen is no new wish.
    void aRunTakenUpAgainEndsWithItsReport()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(Stage::Measure));
        const Aim own = rig.state().results.setup.aim;
        rig.session->stop();
        QVERIFY(rig.waitFor([&] { return rig.state().status.activity == Activity::Idle; }));
        QVERIFY(rig.waitFor([&] { return rig.state().unfinishedRun.has_value(); }));
        Aim other = own;
        other.luminanceCdM2 = 80;
        rig.session->setAim(other);
        QVERIFY(rig.press());
        QVERIFY(rig.pressUntil(Stage::Done));
        QVERIFY(rig.state().results.setup.aim == own);
        QCOMPARE(mainAction(rig.state()).step, NextStep::SaveReport);
    }

    void anotherAimAfterARunLeadsToANewOne()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(Stage::Done));
        const Aim first = rig.state().results.setup.aim;
        const qint64 run = rig.state().status.run;
        rig.session->keepAim(QStringLiteral("Kept")); // another name is no other aim
        QCOMPARE(mainAction(rig.state()).step, NextStep::SaveReport);
        Aim other = first;
        other.name = "Dim";
        other.luminanceCdM2 = 80;
        rig.session->setAim(other);
        QCOMPARE(mainAction(rig.state()).step, NextStep::NewRun);
        bool found = false;
        for (const LedgerRow &row : ledgerRows(rig.state()))
            if (row.view == ViewId::White && row.unit == QStringLiteral("cd/m²")) {
                found = true;
                QVERIFY(row.aim.startsWith(QLatin1String("80")));
                QCOMPARE(row.mark, Mark::Over); // held against the new aim
            }
        QVERIFY(found);
        rig.session->undoStack()->undo();
        QCOMPARE(mainAction(rig.state()).step, NextStep::SaveReport);
        rig.session->undoStack()->redo();
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor([&] { return rig.state().status.run > run; }));
        QVERIFY(rig.state().results.setup.aim == other);
        QVERIFY(rig.pressUntil(Stage::Done));
        QVERIFY(rig.waitFor([&] { return !rig.state().readingHistory; }));
        QVERIFY(rig.state().lastTime && rig.state().lastTime->setup.aim == first);
    }
};

namespace {
const Register<NewcomerTest> registered("NewcomerTest");
}

} // namespace lantern::test

#include "newcomer_test.moc"
