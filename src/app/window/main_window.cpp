#include "app/window/main_window.h"

#include "app/theme.h"
#include "app/widgets/wheel_guard.h"
#include "app/window/correction_dialog.h"
#include "core/signal/technology.h"

#include <QActionGroup>
#include <QApplication>
#include <QCloseEvent>
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QMenuBar>
#include <QMessageBox>
#include <QRandomGenerator>
#include <QScreen>
#include <QSettings>
#include <QStandardPaths>

namespace lantern::app {

namespace {

constexpr QSize kHome(1280, 800);
constexpr QSize kSmallest(1080, 700);
const char *kGeometryKey = "window/geometry";
const char *kReportFolderKey = "report/folder";

} // namespace

MainWindow::MainWindow(Workplace *workplace, QUndoStack *undo)
    : m_intents(new Intents(this)),
      m_workplace(workplace),
      m_demo(dynamic_cast<DemoWorkplace *>(workplace)),
      m_desk(new DeskWidget),
      m_ledger(new LedgerView),
      m_stack(new QStackedWidget),
      m_meterHelp(new MeterHelp),
      m_handEntry(new HandEntry),
      m_runBar(new RunBar),
      m_buttons(new MonitorButtons(this))
{
    setWindowTitle(workplace->title().isEmpty() ? tr("Bold Lantern")
                                                : tr("Bold Lantern · %1").arg(workplace->title()));
    setMinimumSize(kSmallest);
    qApp->installEventFilter(new WheelGuard(this));
    for (const ViewEntry &entry : viewRegistry()) {
        View *view = entry.make(m_intents);
        m_views[entry.id] = view;
        m_stack->addWidget(view);
    }
    auto *right = new QVBoxLayout;
    right->setSpacing(0);
    right->addWidget(m_stack, 1);
    right->addWidget(m_meterHelp);
    auto *middle = new QHBoxLayout;
    middle->setSpacing(0);
    middle->addWidget(m_ledger);
    middle->addLayout(right, 1);
    auto *central = new QWidget;
    auto *all = new QVBoxLayout(central);
    all->setContentsMargins(0, 0, 0, 0);
    all->setSpacing(0);
    all->addWidget(m_desk);
    all->addLayout(middle, 1);
    all->addWidget(m_handEntry);
    all->addWidget(m_runBar);
    setCentralWidget(central);
    makeMenus(undo);

    connect(m_desk, &DeskWidget::displayChosen, m_intents, &Intents::displayWanted);
    connect(m_handEntry, &HandEntry::entered, m_intents, &Intents::readingEntered);
    connect(m_ledger, &LedgerView::viewChosen, m_intents, &Intents::viewWanted);
    connect(m_ledger, &LedgerView::aimWanted, m_intents,
            [this] { emit m_intents->viewWanted(ViewId::Aim); });
    connect(m_ledger, &LedgerView::acted, m_intents, &Intents::acted);
    connect(m_ledger, &LedgerView::actedOtherwise, m_intents, &Intents::actedOtherwise);
    connect(m_runBar, &RunBar::pauseRequested, m_intents, &Intents::paused);
    connect(m_runBar, &RunBar::resumeRequested, m_intents, &Intents::resumed);
    connect(m_runBar, &RunBar::stopRequested, m_intents, &Intents::stopped);

    resize(kHome);
    restoreGeometry(QSettings().value(QLatin1String(kGeometryKey)).toByteArray());
}

void MainWindow::makeMenus(QUndoStack *stack)
{
    QMenu *file = menuBar()->addMenu(tr("&File"));
    file->addAction(tr("Save the &report…"), QKeySequence::Save, this, &MainWindow::saveReport);
    file->addSeparator();
    file->addAction(tr("&Quit"), QKeySequence::Quit, this, &QWidget::close);

    QMenu *edit = menuBar()->addMenu(tr("&Edit"));
    QAction *undo = stack->createUndoAction(this, tr("&Undo"));
    undo->setShortcut(QKeySequence::Undo);
    QAction *redo = stack->createRedoAction(this, tr("&Redo"));
    redo->setShortcut(QKeySequence::Redo);
    edit->addActions({undo, redo});

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
        const auto answer = QMessageBox::question(
            this, tr("Discard the run"),
            tr("Its readings stay in the logbook but the run will not be offered again."));
        if (answer == QMessageBox::Yes)
            emit m_intents->runDiscarded();
    });

    QMenu *view = menuBar()->addMenu(tr("&View"));
    int number = 1;
    for (const ViewEntry &entry : viewRegistry())
        view->addAction(entry.title, QKeySequence(Qt::CTRL | Qt::Key(Qt::Key_0 + number++ % 10)),
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

    QMenu *help = menuBar()->addMenu(tr("&Help"));
    help->addAction(tr("&About Bold Lantern"), this, [this] {
        QMessageBox::about(
            this, tr("About Bold Lantern"),
            tr("Bold Lantern %1\n\nMeasures displays, brings them to an aim and proves it.\nFree "
               "software under the GNU General Public License, version 3 or later.")
                .arg(QApplication::applicationVersion()));
    });
}

void MainWindow::makeBenchMenu()
{
    QMenu *demo = menuBar()->addMenu(tr("&Bench"));
    demo->addAction(tr("The monitor's &buttons"), QKeySequence(Qt::CTRL | Qt::Key_B), this, [this] {
        m_buttonsWanted = !m_buttons->isVisible();
        m_buttons->setVisible(m_buttonsWanted);
        placeHelpers();
    });
    QMenu *speed = demo->addMenu(tr("&Speed"));
    auto *speeds = new QActionGroup(this);
    for (const int factor : {1, 5, 20, 100}) {
        QAction *a =
            speed->addAction(factor == 1 ? tr("As in life") : tr("%1 times life").arg(factor), this,
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
    demo->addAction(tr("Switch the display &off and on"), this, [this] {
        m_demo->rig(m_state.selected)->with([](bench::Bench &b) { b.setClockSeconds(0); });
        emit m_intents->readyLookedAt();
    });
    QMenu *fault = demo->addMenu(tr("Let the next reading &fail"));
    for (const auto &[what, name] : {std::pair{MeterFault::Unplugged, tr("Meter unplugged")},
                                     std::pair{MeterFault::TimedOut, tr("Time-out")},
                                     std::pair{MeterFault::Garbage, tr("Garbage numbers")},
                                     std::pair{MeterFault::WantsZeroing, tr("Wants zeroing")},
                                     std::pair{MeterFault::OffPatch, tr("Knocked off the patch")},
                                     std::pair{MeterFault::Saturated, tr("Too much light")}})
        fault->addAction(name, this,
                         [this, what = what] { m_demo->injectFault(m_state.selected, what); });
}

void MainWindow::setState(const SessionState &state)
{
    const bool otherDisplay = state.selected != m_state.selected;
    m_state = state;
    if (otherDisplay)
        followDisplay();
    m_desk->setState(state);
    m_ledger->setState(state);
    m_runBar->setState(state);
    View *view = m_views.at(state.view);
    if (m_stack->currentWidget() != view)
        m_stack->setCurrentWidget(view);
    view->setState(state);
    m_pauseAction->setEnabled(state.status.activity == run::Activity::Working);
    m_stopAction->setEnabled(state.hasRun() && state.status.activity != run::Activity::Finished);
    m_discardAction->setEnabled(m_stopAction->isEnabled() || state.unfinishedRun.has_value());
    m_newRunAction->setEnabled(!state.isMeasuring() && !state.preparing);

    m_checkAction->setEnabled(!state.isMeasuring() && !state.preparing);
    if (m_patchPlaced != m_workplace->patchWindow()->isPlaced()) {
        m_patchPlaced = !m_patchPlaced;
        placeHelpers(); // back to its corner, when it was forgotten
    }
    m_meterHelp->setState(state);
    m_handEntry->setWanted(state.entryWanted);
    if (m_correction)
        m_correction->setState(state);
    if (m_demo)
        showButtons(state);
}

/// The simulated monitor's buttons: while a person turns them, or when asked for.
void MainWindow::showButtons(const SessionState &state)
{
    if (m_buttonsFor != state.selected) {
        m_buttonsFor = state.selected;
        m_buttons->setDisplay(state.displays[state.selected].name, m_demo->rig(state.selected));
    }
    m_buttons->refresh();
    const bool turning = state.status.stage == run::Stage::Adjust &&
                         state.results.setup.adjust == run::AdjustMode::ByHand &&
                         state.isMeasuring();
    const bool show = m_buttonsWanted || turning;
    if (m_buttons->isVisible() != show) {
        m_buttons->setVisible(show);
        placeHelpers();
    }
}

/// The patch sits in the lower right corner of the window, where views keep the room; the monitor's
/// buttons in the lower left, below the ledger. Both can be dragged elsewhere.
void MainWindow::placeHelpers()
{
    if (!isVisible())
        return;
    const QRect frame(mapToGlobal(QPoint(0, 0)), size());
    desk::PatchWindow *patch = m_workplace->patchWindow();
    constexpr int kGap = 12;
    const QPoint corner(frame.right() - patch->width() - kGap,
                        frame.bottom() - patch->height() - kGap - 46);
    if (!patch->isPlaced())
        patch->setPosition(corner);
    m_buttons->adjustSize();
    m_buttons->move(frame.left() + kGap / 2, frame.bottom() - m_buttons->height() - kGap / 2 - 46);
}

void MainWindow::showWhich()
{
    m_which.light(m_workplace->screenOf(m_state.selected),
                  m_state.displays[static_cast<size_t>(m_state.selected)].name);
}

/// The window goes where the chosen display is.
void MainWindow::followDisplay()
{
    const QRect screen = m_workplace->screenOf(m_state.selected);
    if (!screen.isEmpty() && !screen.contains(frameGeometry().center()))
        move(screen.center() - rect().center());
    placeHelpers();
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
            const QString title =
                kind.argumentHint.isEmpty() ? kind.title : kind.title + QStringLiteral("…");
            meter->addAction(title, this, [this, kind] { chooseMeter(kind); });
        }
    meter->addSeparator();
    meter->addAction(tr("Correct it by a &better meter…"), this, [this] {
        if (!m_correction)
            m_correction = new CorrectionDialog(m_intents, this);
        m_correction->setState(m_state);
        m_correction->show();
        m_correction->raise();
    });
    meter->addAction(tr("Correction from a &file…"), this, [this] {
        const QString path = fileToOpen(tr("Correction of the meter"), tr("Corrections (*.json)"));
        if (!path.isEmpty())
            emit m_intents->correctionOffered(path);
    });
    meter->addAction(tr("Correction from &spectra…"), this, [this] {
        const QString kinds = tr("Spectra (*.csv *.txt *.cgats)");
        const QString meterFile = fileToOpen(tr("The meter's sensitivities X, Y, Z"), kinds);
        if (meterFile.isEmpty())
            return;
        const QString panel = fileToOpen(tr("The panel's red, green, blue, white"), kinds);
        if (!panel.isEmpty())
            emit m_intents->correctionWanted(meterFile, panel);
    });
    meter->addAction(tr("Certi&ficate…"), this, [this] {
        const QString path =
            fileToOpen(tr("Certificate of the meter"), tr("Certificates (*.json)"));
        if (!path.isEmpty())
            emit m_intents->certificateOffered(path);
    });
    meter->addAction(tr("For&get corrections and certificate"), this, [this] {
        const auto answer = QMessageBox::question(
            this, tr("Forget corrections and certificate"),
            tr("Those of %1 are removed. Runs already made keep theirs.").arg(m_state.meter.name));
        if (answer == QMessageBox::Yes)
            emit m_intents->meterFactsForgotten();
    });
}

QString MainWindow::fileToOpen(const QString &title, const QString &kinds)
{
    return QFileDialog::getOpenFileName(
        this, title, QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation), kinds);
}

/// The two meters of the bench.
void MainWindow::addBenchMeters(QMenu *meter)
{
    auto *meters = new QActionGroup(this);
    for (const auto &[kind, name] : {std::pair{"colorimeter", tr("Reed, a colorimeter")},
                                     std::pair{"reference", tr("Heron, the reference meter")}}) {
        QAction *a = meter->addAction(name, this, [this, meters, kind = QString::fromLatin1(kind)] {
            m_buttonsFor = -1;
            emit m_intents->meterChosen(kind);
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
    if (!kind.argumentHint.isEmpty() && !m_state.isMetersOwn()) { // else it is refused anyway
        const QString present = m_workplace->meterChoice();
        const QString before = present.startsWith(kind.key + QLatin1Char(':'))
                                   ? present.mid(kind.key.size() + 1)
                                   : QString();
        bool ok = false;
        const QString command = QInputDialog::getText(
            this, kind.title, tr("The %1:").arg(kind.argumentHint), QLineEdit::Normal, before, &ok);
        if (!ok || command.trimmed().isEmpty())
            return;
        choice += QLatin1Char(':') + command.trimmed();
    }
    emit m_intents->meterChosen(choice);
}

void MainWindow::saveReport()
{
    if (!m_state.shown().validation) {
        emit m_intents->told(tr("There is no complete run to report yet."));
        return;
    }
    QString start = QSettings().value(QLatin1String(kReportFolderKey)).toString();
    if (!QFileInfo(start).isDir())
        start = QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation);
    if (!QFileInfo(start).isDir()) // a folder that does not exist cannot be chosen
        start = QDir::homePath();
    const QString folder = QFileDialog::getExistingDirectory(
        this, tr("Folder for profile, readings and report"), start);
    if (folder.isEmpty())
        return;
    QSettings().setValue(QLatin1String(kReportFolderKey), folder);
    emit m_intents->reportFolderChosen(folder);
}

void MainWindow::closeEvent(QCloseEvent *event)
{
    QSettings().setValue(QLatin1String(kGeometryKey), saveGeometry());
    m_workplace->patchWindow()->hide();
    m_buttons->hide();
    QMainWindow::closeEvent(event);
}

void MainWindow::showEvent(QShowEvent *event)
{
    QMainWindow::showEvent(event);
    placeHelpers();
    m_ledger->focusAction();
}

void MainWindow::moveEvent(QMoveEvent *event)
{
    QMainWindow::moveEvent(event);
    placeHelpers();
}

void MainWindow::resizeEvent(QResizeEvent *event)
{
    QMainWindow::resizeEvent(event);
    placeHelpers();
}

std::unique_ptr<MainWindow> openWindow(Session *session, Workplace *workplace)
{
    auto window = std::make_unique<MainWindow>(workplace, session->undoStack());
    MainWindow *w = window.get();
    connectIntents(w->intents(), session);
    QObject::connect(session, &Session::changed, w,
                     [w, session] { w->setState(session->state()); });
    QObject::connect(session, &Session::reportWanted, w, &MainWindow::saveReport);
    QObject::connect(session, &Session::displaysChanged, w, [w, session] {
        w->setState(session->state());
        w->followDisplay();
    });
    w->setState(session->state());
    return window;
}

} // namespace lantern::app
