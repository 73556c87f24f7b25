#include "app/state/ledger_rows.h"
#include "app/views/by_eye/by_eye_model.h"
#include "app/views/white/white_view.h"
#include "app/widgets/number_box.h"
#include "core/plan/chart.h"
#include "core/report/report.h"
#include "run/book/output_files.h"
#include "run/logbook/logbook.h"
#include "window_rig.h"

#include <QAction>
#include <QComboBox>
#include <QDir>
#include <QLineEdit>
#include <QMessageBox>
#include <QSignalSpy>
#include <QTimer>
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

    /// Presses a button of the question that is about to be asked, and keeps what it said.
    static void answerWith(const QString &button, QString &asked)
    {
        auto *look = new QTimer(qApp);
        look->start(5);
        QObject::connect(look, &QTimer::timeout, qApp, [look, button, &asked] {
            auto *box = qobject_cast<QMessageBox *>(QApplication::activeModalWidget());
            if (!box)
                return;
            look->deleteLater();
            asked = box->text();
            for (QAbstractButton *b : box->buttons())
                if (b->text() == button) {
                    b->click();
                    return;
                }
            asked = QStringLiteral("no such button");
            box->reject();
        });
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
        // It comes back after a time in which there is nothing to press, seen or not.
        rig.session->setPreparing(true);
        QVERIFY(rig.waitFor([&] { return !rig.action()->isEnabled(); }));
        QVERIFY(rig.window->focusWidget() != rig.action());
        rig.session->setPreparing(false);
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

    /// The menu marks the meter that is there, also when another was not taken after all.
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
        QString asked;
        answerWith(QStringLiteral("&Keep Reed"), asked);
        heron->trigger();
        QVERIFY2(asked.contains(QLatin1String("Go on with Heron")), qPrintable(asked));
        QVERIFY(reed->isChecked() && !heron->isChecked());
        QCOMPARE(rig.demo->meterChoice(), QStringLiteral("colorimeter"));
        rig.session->stop();
        QVERIFY(rig.waitFor([&] { // the window has heard of it
            return rig.action()->text() == QLatin1String("Go on with the unfinished run");
        }));
        heron->trigger();
        QVERIFY(heron->isChecked());
        QCOMPARE(rig.demo->meterChoice(), QStringLiteral("reference"));
    }

    /// Another meter in the middle of a run: asked for, the stage begins anew with it, and the
    /// report says which read what.
    void anotherMeterGoesOnWithTheRun()
    {
        WindowRig rig;
        const auto meterAction = [&](const char *kind) {
            for (QAction *a : rig.window->findChildren<QAction *>())
                if (a->data() == QLatin1String(kind))
                    return a;
            return static_cast<QAction *>(nullptr);
        };
        QVERIFY(rig.pressUntil(Stage::Measure));
        rig.demo->rig(0)->with([](bench::Bench &b) {
            b.meter().injectFault(b.meter().readingNumber() + 20, MeterFault::Unplugged);
        });
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor([&] { return rig.state().status.activity == Activity::Faulted; }));
        const auto run = rig.state().status.run;
        QString asked;
        answerWith(QStringLiteral("&Go on with it"), asked);
        meterAction("reference")->trigger();
        QVERIFY(!asked.isEmpty());
        QVERIFY(rig.waitFor([&] {
            return rig.state().status.activity == Activity::Waiting &&
                   rig.state().status.stage == Stage::Measure;
        }));
        QCOMPARE(rig.state().status.run, run);
        QVERIFY(rig.pressUntil(Stage::Done));
        const run::RunResults &r = rig.state().results;
        QCOMPARE(r.setup.meterName, std::string("Heron"));
        QCOMPARE(r.setup.meterChanges.size(), size_t(1));
        QCOMPARE(r.setup.meterChanges[0], (run::MeterChange{"measure", "Reed", "Heron"}));
        QCOMPARE(r.chart.size(), measuringOrder(makeChart(96)).size()); // all of them anew
        run::Logbook book(rig.logbook(), run::Logbook::Access::Read);
        for (const run::LoggedReading &l : book.readings(run, Stage::Measure))
            QCOMPARE(l.meter, QStringLiteral("Heron"));
        for (const run::LoggedReading &l : book.readings(run, Stage::Calibrate))
            QCOMPARE(l.meter, QStringLiteral("Reed"));
        VERIFY_BELOW(*r.validation->meanDeltaE00, 1.0);
        const ReportData report = run::reportData(r);
        QVERIFY(reportToHtml(report).find("Reed read until then, Heron since") !=
                std::string::npos);
        QCOMPARE(reportToJson(report)["meter_changes"][0]["to"], "Heron");
        for (const RecheckedFigure &f : recheckReport(reportToJson(report), "report"))
            QVERIFY2(f.agrees(), f.name.c_str());
    }

    /// What the controls stand at is marked as read or as typed.
    void controlsAreMarkedAsReadOrTyped()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(Stage::Calibrate));
        QCOMPARE(reportToJson(run::reportData(rig.state().results))["controls_source"], "read");
        rig.session->stop();
        QVERIFY(rig.waitFor([&] { return rig.state().status.activity == Activity::Idle; }));
        rig.session->selectDisplay(1);
        QVERIFY(rig.pressUntil(Stage::Adjust));
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor([&] { return !rig.state().results.whites.empty(); }));
        QVERIFY(!run::reportData(rig.state().results).controls); // nothing is known
        rig.session->noteControls({70, 80, 97, 96, 95});
        QVERIFY(rig.waitFor([&] { return rig.state().results.controls.has_value(); }));
        const ReportData report = run::reportData(rig.state().results);
        QCOMPARE(reportToJson(report)["controls_source"], "typed");
        QVERIFY(reportToHtml(report).find("typed in by a person") != std::string::npos);
    }

    /// The main action of an aim leads on, to a page that can be used.
    void usingAnAimLeadsOn()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(Stage::Settle));
        QVERIFY(rig.state().view != ViewId::Aim);
        QVERIFY(rig.action()->isEnabled());
    }

    /// After a run the report can be opened, the next display is one press away, and making a
    /// profile by eye is no longer refused.
    void theEndOfARunIsNoDeadEnd()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(Stage::Done));
        QCOMPARE(rig.action()->text(), QStringLiteral("Save the report"));
        QCOMPARE(rig.otherAction()->text(), QStringLiteral("Go to South desk"));
        QTemporaryDir folder;
        QSignalSpy opened(rig.session.get(), &Session::reportToBeOpened);
        rig.session->saveReport(folder.path());
        QVERIFY(
            rig.waitFor([&] { return rig.action()->text() == QLatin1String("Go to South desk"); }));
        QVERIFY(!rig.state().noticeIsProblem);
        // Of one that somebody has taken away the program says where it was.
        const QString page = folder.filePath(QLatin1String(run::kReportPage));
        QVERIFY(QFile::rename(page, page + QStringLiteral(".moved")));
        QVERIFY(rig.pressOther());
        QVERIFY(rig.waitFor([&] { return rig.state().noticeIsProblem; }));
        QVERIFY(rig.state().notice.contains(page));
        QVERIFY(QFile::rename(page + QStringLiteral(".moved"), page));
        opened.clear();
        QObject::disconnect(rig.session.get(), &Session::reportToBeOpened, rig.window.get(),
                            nullptr);
        QVERIFY(rig.pressOther()); // open it
        QCOMPARE(opened.size(), 1);
        QVERIFY(
            QFile::exists(QDir(opened[0][0].toString()).filePath(QLatin1String(run::kReportPage))));
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor([&] { return rig.state().selected == 1; }));
        rig.session->selectDisplay(0);
        QVERIFY(rig.waitFor([&] { return !rig.state().readingHistory; }));
        QVERIFY(rig.pressUntil(Stage::Done));
        rig.session->keepByEye({}, {});
        QVERIFY(rig.waitFor([&] { return rig.state().notice.contains(QLatin1String("by eye")); }));
        QVERIFY2(!rig.state().noticeIsProblem, qPrintable(rig.state().notice));
    }

    /// The bench has a night light, and the checklist sees it.
    void theBenchHasANightLight()
    {
        WindowRig rig;
        const auto nightPoint = [&]() -> const ReadyPoint & {
            return *std::find_if(
                rig.state().ready.begin(), rig.state().ready.end(),
                [](const ReadyPoint &p) { return p.key == QLatin1String("night-light"); });
        };
        QVERIFY(nightPoint().done);
        QAction *night = nullptr;
        for (QAction *a : rig.window->findChildren<QAction *>())
            if (a->text() == QLatin1String("&Night light"))
                night = a;
        QVERIFY(night);
        const auto white = [&] {
            return rig.demo->rig(0)->with([](bench::Bench &b) {
                return std::get<bench::MeterReading>(b.read({255, 255, 255})).xyz;
            });
        };
        rig.demo->rig(0)->with([](bench::Bench &b) { b.meter().zero(); });
        const XYZ before = white();
        night->trigger();
        QVERIFY(rig.waitFor([&] { return !nightPoint().done; }));
        QVERIFY(nightPoint().finding.contains(QLatin1String("It is on")));
        QVERIFY(white().Z < 0.8 * before.Z);
        night->trigger();
        QVERIFY(rig.waitFor([&] { return nightPoint().done; }));
        VERIFY_NEAR(white().Z / before.Z, 1, 0.05);
    }

    /// A built-in panel is not told to turn what it has not.
    void byEyeKnowsWhatALaptopHas()
    {
        EyeWork work;
        QVERIFY(eyeStepModel(EyeStep::Black, work).words.startsWith(QLatin1String("Turn")));
        work.builtIn = true;
        for (const EyeStep step : {EyeStep::Black, EyeStep::White})
            QVERIFY(!eyeStepModel(step, work).words.contains(QLatin1String("Turn ")));
        WindowRig rig;
        rig.session->selectDisplay(2);
        rig.session->showView(ViewId::ByEye);
        QVERIFY(rig.waitFor([&] {
            for (const QLabel *label : rig.window->findChildren<QLabel *>())
                if (label->isVisible() && label->text().contains(QLatin1String("no black level")))
                    return true;
            return false;
        }));
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
