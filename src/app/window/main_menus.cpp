#include "app/state/preferences.h"
#include "app/widgets/file_choice.h"
#include "app/window/about_dialog.h"
#include "app/window/correction_dialog.h"
#include "app/window/main_window.h"
#include "app/window/studio_dialog.h"
#include "core/signal/technology.h"

#include <QActionGroup>
#include <QApplication>
#include <QInputDialog>
#include <QMenuBar>
#include <QMessageBox>
#include <QPushButton>
#include <QRandomGenerator>

namespace lantern::app {

void MainWindow::makeMenus(QUndoStack *stack)
{
    QMenu *file = menuBar()->addMenu(tr("&File"));
    makeFileMenus(file);
    file->addAction(tr("Save the &report…"), QKeySequence::Save, this, &MainWindow::saveReport);
    file->addAction(tr("&Print a page for the client…"), QKeySequence::Print, this,
                    [this] { printReport(ReportForm::Short); });
    file->addAction(tr("Print the &whole report…"), this,
                    [this] { printReport(ReportForm::Long); });
    file->addAction(tr("S&tudio on reports…"), this, &MainWindow::editStudio);
    file->addSeparator();
    file->addAction(tr("&Back up the logbook…"), this, &MainWindow::backUp);
    file->addAction(tr("Ta&ke over another logbook…"), this, [this] {
        const QString path =
            fileToOpen(this, QStringLiteral("log"), tr("Take over a logbook or a backup"),
                       tr("Logbooks (*.sqlite);;All files (*)"));
        if (!path.isEmpty())
            emit m_intents->logbookOffered(path);
    });
    file->addSeparator();
    file->addAction(tr("&Quit"), QKeySequence::Quit, this, &QWidget::close);

    QMenu *edit = menuBar()->addMenu(tr("&Edit"));
    QAction *undo = stack->createUndoAction(this, tr("&Undo"));
    undo->setShortcut(QKeySequence::Undo);
    QAction *redo = stack->createRedoAction(this, tr("&Redo"));
    redo->setShortcut(QKeySequence::Redo);
    edit->addActions({undo, redo});
    edit->addSeparator();
    edit->addAction(tr("&Settings"), this,
                    [this] { emit m_intents->viewWanted(ViewId::Settings); });

    QMenu *run = menuBar()->addMenu(tr("&Run"));
    run->addAction(tr("&Next step"), m_intents, &Intents::acted)
        ->setShortcut(QKeySequence(Qt::Key_F5));
    m_pauseAction = run->addAction(tr("&Pause"), m_intents, &Intents::paused);
    m_stopAction = run->addAction(tr("&Stop"), m_intents, &Intents::stopped);
    run->addSeparator();
    m_newRunAction = run->addAction(tr("Start a ne&w run"), m_intents, &Intents::newRunWanted);
    m_checkAction = run->addAction(tr("&Check first"), m_intents, &Intents::checkFirstWanted);
    m_checkAction->setShortcut(QKeySequence(Qt::Key_F6));
    m_checkAction->setToolTip(tr("One minute with the meter: does the last run still hold?"));
    m_discardAction = run->addAction(tr("&Discard the run"), this, [this] {
        if (isConfirmed(tr("Discard this run?"),
                        tr("Its readings stay in the logbook, but the run is not offered again."),
                        tr("&Discard"), tr("&Keep")))
            emit m_intents->runDiscarded();
    });

    QMenu *views = menuBar()->addMenu(tr("&View"));
    int number = 1;
    for (const ViewEntry &entry : m_registry)
        views->addAction(entry.title,
                         entry.key.isEmpty()
                             ? QKeySequence(Qt::CTRL | Qt::Key(Qt::Key_0 + number++ % 10))
                             : entry.key,
                         this, [this, id = entry.id] { emit m_intents->viewWanted(id); });
    QMenu *display = menuBar()->addMenu(tr("&Display"));
    display->addAction(tr("Show me &which"), QKeySequence(Qt::Key_F7), this,
                       &MainWindow::showWhich);
    QMenu *technology = display->addMenu(tr("&Panel technology"));
    connect(technology, &QMenu::aboutToShow, this, [this, technology] {
        technology->clear();
        const DisplayCard &card = m_state.displays[static_cast<size_t>(m_state.selected)];
        const QString chosen = card.technologyChosen ? card.technology : QString();
        const auto add = [&](const QString &title, const QString &key) {
            QAction *a = technology->addAction(
                title, this, [this, key] { emit m_intents->technologyChosen(key); });
            a->setCheckable(true);
            a->setChecked(key == chosen);
        };
        add(tr("As &detected: %1").arg(technologyTitle(card.detectedTechnology)), QString());
        for (const std::string &name : technologies())
            add(technologyTitle(QString::fromStdString(name)), QString::fromStdString(name));
        technology->addSeparator();
        technology->addAction(card.technologyReason)->setEnabled(false);
    });
    if (m_demo)
        makeBenchMenu();
    makeMeterMenu();

    makeHelpMenu();
}

void MainWindow::makeHelpMenu()
{
    QMenu *help = menuBar()->addMenu(tr("&Help"));
    m_helpAction = help->addAction(tr("Help on this &page"));
    m_helpAction->setShortcut(QKeySequence(Qt::Key_F1));
    m_helpAction->setCheckable(true);
    m_helpAction->setChecked(preferences::helpShown());
    connect(m_helpAction, &QAction::triggered, this, [this](bool on) { showHelp(on); });
    help->addAction(tr("&Handbook"), this, [this] {
        if (!Handbook::openInBrowser(QStringLiteral("index.html")))
            showHelp(QStringLiteral("index.html"));
    });
    help->addAction(tr("&Glossary"), this, [this] { showHelp(QStringLiteral("glossary.html")); });
    help->addAction(tr("&First steps"), this,
                    [this] { emit m_intents->viewWanted(ViewId::Start); });
    help->addSeparator();
    help->addAction(tr("&About Bold Lantern"), this, [this] { (new AboutDialog(this))->open(); });
}

void MainWindow::showHelp(bool shown)
{
    preferences::setHelpShown(shown);
    m_helpAction->setChecked(shown);
    m_help->setVisible(shown);
    m_help->setState(m_state);
}

void MainWindow::showHelp(const QString &page)
{
    showHelp(true);
    m_help->showPage(page);
}

void MainWindow::editStudio()
{
    (new StudioDialog(m_intents, m_state.reportStyle, this))->open();
}

void MainWindow::backUp()
{
    const QString path = fileToSave(
        this, QStringLiteral("log"), tr("Back up the logbook"),
        QStringLiteral("logbook-%1.sqlite").arg(QDate::currentDate().toString(Qt::ISODate)),
        tr("Logbooks (*.sqlite)"));
    if (!path.isEmpty())
        emit m_intents->logbookBackedUp(path);
}

void MainWindow::makeBenchMenu()
{
    QMenu *demo = menuBar()->addMenu(tr("&Bench"));
    demo->addAction(tr("The monitor's &buttons"), QKeySequence(Qt::CTRL | Qt::Key_B), this, [this] {
        m_buttonsWanted = !m_buttons->isVisible();
        m_buttons->setVisible(m_buttonsWanted);
    });
    QMenu *speed = demo->addMenu(tr("&Speed"));
    auto *speeds = new QActionGroup(this);
    for (const int factor : {1, 5, 20, 100}) {
        QAction *a =
            speed->addAction(factor == 1 ? tr("Real time") : tr("%1 × real time").arg(factor), this,
                             [this, factor] { m_demo->setSpeed(factor); });
        a->setCheckable(true);
        a->setChecked(factor == int(m_demo->speed()));
        speeds->addAction(a);
    }
    QMenu *hang = demo->addMenu(tr("Hang the meter"));
    hang->addAction(tr("On the &patch, wherever it is"), this,
                    [this] { m_demo->hangMeter(std::nullopt); });
    hang->addAction(tr("&Elsewhere on the screen"), this, &MainWindow::hangMeterElsewhere);
    hang->addAction(tr("&Off the screen"), this,
                    [this] { m_demo->hangMeter(QPoint(-10000, -10000)); });
    QAction *away =
        demo->addAction(tr("Hold the meter a hand's length off"), this, [this](bool on) {
            if (const auto rig = m_demo->rig(m_state.selected))
                rig->with([on](bench::Bench &b) { b.holdAway(on); });
        });
    away->setCheckable(true);
    QAction *night = demo->addAction(tr("&Night light"), this, [this](bool on) {
        m_demo->setNightLight(on);
        emit m_intents->readyLookedAt();
    });
    night->setCheckable(true);
    demo->addAction(tr("Switch the display &off and on"), this, [this] {
        if (const auto rig = m_demo->rig(m_state.selected))
            rig->with([](bench::Bench &b) { b.setClockSeconds(0); });
        emit m_intents->readyLookedAt();
    });
    QMenu *fault = demo->addMenu(tr("Let the next reading &fail"));
    for (const auto &[what, name] : {std::pair{MeterFault::Unplugged, tr("Meter unplugged")},
                                     std::pair{MeterFault::TimedOut, tr("Time-out")},
                                     std::pair{MeterFault::Garbage, tr("Nonsense readings")},
                                     std::pair{MeterFault::WantsZeroing, tr("Needs zeroing")},
                                     std::pair{MeterFault::OffPatch, tr("Knocked off the patch")},
                                     std::pair{MeterFault::Saturated, tr("Too much light")}})
        fault->addAction(name, this,
                         [this, what = what] { m_demo->injectFault(m_state.selected, what); });
}

/// Somewhere on the screen, so that it has to be looked for.
void MainWindow::hangMeterElsewhere()
{
    const QRect screen = m_workplace->screenOf(m_state.selected);
    auto *random = QRandomGenerator::global();
    m_demo->hangMeter(screen.topLeft() + QPoint(random->bounded(80, screen.width() - 80),
                                                random->bounded(80, screen.height() - 80)));
}

void MainWindow::makeMeterMenu()
{
    QMenu *meter = menuBar()->addMenu(tr("&Meter"));
    if (m_demo)
        addBenchMeters(meter);
    else
        for (const run::MeterKind &kind : run::meterKinds()) {
            if (kind.key == QLatin1String("sensor"))
                continue; // listed one by one
            const QString title =
                kind.takesArguments() ? kind.title() + QStringLiteral("…") : kind.title();
            meter->addAction(title, this, [this, kind] { chooseMeter(kind); });
        }
    addSensors(meter, meter->addSeparator());
    meter->addAction(tr("Correct it by a &better meter…"), this, [this] {
        if (!m_correction) { // over the view: clear of messages, main action and patch
            m_correction = new CorrectionDialog(m_intents, this);
            m_correction->move(m_stack->mapToGlobal(QPoint(16, 16)));
        }
        m_correction->setState(m_state);
        m_correction->show();
        m_correction->raise();
    });
    meter->addAction(tr("Correction from a &file…"), this, [this] {
        const QString path = fileToOpen(this, QStringLiteral("meter"),
                                        tr("Correction of the meter"), tr("Corrections (*.json)"));
        if (!path.isEmpty())
            emit m_intents->correctionOffered(path);
    });
    meter->addAction(tr("Correction from &spectra…"), this, [this] {
        const QString kinds = tr("Spectra (*.csv *.txt *.cgats)");
        const QString meterFile = fileToOpen(this, QStringLiteral("meter"),
                                             tr("The meter's sensitivities X, Y, Z"), kinds);
        if (meterFile.isEmpty())
            return;
        if (m_state.knowsPanelSpectra) { // nothing fits better
            emit m_intents->correctionWanted(meterFile, {});
            return;
        }
        const QString panel = fileToOpen(this, QStringLiteral("meter"),
                                         tr("The panel's red, green, blue, white"), kinds);
        if (!panel.isEmpty())
            emit m_intents->correctionWanted(meterFile, panel);
    });
    meter->addAction(tr("&Certificate…"), this, [this] {
        const QString path =
            fileToOpen(this, QStringLiteral("meter"), tr("Certificate of the meter"),
                       tr("Certificates (*.json)"));
        if (!path.isEmpty())
            emit m_intents->certificateOffered(path);
    });
    meter->addAction(tr("For&get corrections and certificate"), this, [this] {
        if (isConfirmed(tr("Forget corrections and certificate of %1?").arg(m_state.meter.name),
                        tr("Runs already made keep theirs."), tr("&Forget"), tr("&Keep")))
            emit m_intents->meterFactsForgotten();
    });
}

/// The meters of the desktop, as they come and go. \param before where they stand in the menu
void MainWindow::addSensors(QMenu *meter, QAction *before)
{
    auto *group = new QActionGroup(this);
    connect(meter, &QMenu::aboutToShow, this, [this, meter, before, group] {
        for (QAction *old : group->actions())
            delete old;
        for (const platform::Sensor &sensor : m_workplace->sensors()) {
            const QString choice = platform::sensorChoice(sensor);
            const QString title = sensor.serial.isEmpty()
                                      ? sensor.title
                                      : tr("%1, serial %2").arg(sensor.title, sensor.serial);
            auto *action = new QAction(title, group);
            action->setCheckable(true);
            action->setChecked(m_workplace->meterChoice() == choice);
            connect(action, &QAction::triggered, this,
                    [this, choice, title] { useMeter(choice, title); });
            meter->insertAction(before, action);
        }
    });
}

/// Asks before something is given up; keeping is what Return does.
bool MainWindow::isConfirmed(const QString &question, const QString &more, const QString &give,
                             const QString &keep)
{
    QMessageBox box(QMessageBox::Question, windowTitle(), question, QMessageBox::NoButton, this);
    box.setInformativeText(more);
    QPushButton *giveUp = box.addButton(give, QMessageBox::AcceptRole);
    box.setDefaultButton(box.addButton(keep, QMessageBox::RejectRole));
    box.exec();
    return box.clickedButton() == giveUp;
}

/// The two meters of the bench.
void MainWindow::addBenchMeters(QMenu *meter)
{
    auto *meters = new QActionGroup(this);
    for (const auto &[kind, name] : {std::pair{"colorimeter", tr("Reed, a colorimeter")},
                                     std::pair{"reference", tr("Heron, the reference meter")}}) {
        QAction *a = meter->addAction(
            name, this, [this, meters, name = name, kind = QString::fromLatin1(kind)] {
                useMeter(kind, name);
                for (QAction *each : meters->actions()) // it may have been refused
                    each->setChecked(each->data() == m_demo->meterChoice());
            });
        a->setData(QString::fromLatin1(kind));
        a->setCheckable(true);
        a->setChecked(m_demo->meterChoice() == QLatin1String(kind));
        meters->addAction(a);
    }
}

void MainWindow::chooseMeter(const run::MeterKind &kind)
{
    QString choice = kind.key;
    if (kind.takesArguments() && !m_state.onErrand()) { // else it is refused anyway
        const QString present = m_workplace->meterChoice();
        const QString before = present.startsWith(kind.key + QLatin1Char(':'))
                                   ? present.mid(kind.key.size() + 1)
                                   : QString();
        bool ok = false;
        const QString command =
            QInputDialog::getText(this, kind.title(), tr("The %1:").arg(kind.argumentHint()),
                                  QLineEdit::Normal, before, &ok);
        if (!ok || command.trimmed().isEmpty())
            return;
        choice += QLatin1Char(':') + command.trimmed();
    }
    useMeter(choice, kind.title());
}

/// A run under way is asked for first: its readings would be two meters'.
void MainWindow::useMeter(const QString &choice, const QString &name)
{
    if (!m_state.mayBeSwapped()) {
        emit m_intents->meterChosen(choice);
        return;
    }
    const bool isRunsOwn =
        choice == m_workplace->meterChoice() && m_state.status.activity != run::Activity::Faulted;
    if (isRunsOwn && m_demo) // behind the same command there may be another one
        return;
    if (isConfirmed(tr("Go on with %1?").arg(name),
                    tr("The run so far was read with %1. With another meter the present stage "
                       "begins anew; what was found before it stays, and the report says which "
                       "meter read what.")
                        .arg(m_state.meter.name),
                    tr("&Go on with it"), tr("&Keep %1").arg(m_state.meter.name)))
        emit m_intents->meterSwapped(choice);
}

} // namespace lantern::app
