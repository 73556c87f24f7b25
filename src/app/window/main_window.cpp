#include "app/window/main_window.h"

#include "app/workplace/pages_workplace.h"

#include "app/state/preferences.h"
#include "app/theme.h"
#include "app/widgets/file_choice.h"
#include "app/widgets/focus_ring.h"
#include "app/widgets/wheel_guard.h"
#include "app/window/correction_dialog.h"
#include "paper/report_pages.h"
#include "run/book/output_files.h"

#include <QApplication>
#include <QCloseEvent>
#include <QDesktopServices>
#include <QDir>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QPrintDialog>
#include <QPrinter>
#include <QScreen>
#include <QScrollArea>
#include <QSettings>
#include <QTimer>

#include <algorithm>

namespace lantern::app {

namespace {

constexpr QSize kHome(1280, 800);
constexpr QSize kSmallest(480, 320);
constexpr QSize kContent(1000, 500); ///< smaller, and it scrolls
const char *kGeometryKey = "window/geometry";
constexpr char kSizeKey[] = "window/size"; ///< all that a Wayland window can ask for

} // namespace

MainWindow::MainWindow(Workplace *workplace, QUndoStack *undo)
    : m_registry(viewRegistry()),
      m_intents(new Intents(this)),
      m_workplace(workplace),
      m_demo(dynamic_cast<DemoWorkplace *>(workplace->beneath())),
      m_desk(new DeskWidget),
      m_ledger(new LedgerView),
      m_stack(new QStackedWidget),
      m_meterHelp(new MeterHelp),
      m_help(new HelpPane),
      m_handEntry(new HandEntry),
      m_runBar(new RunBar),
      m_buttons(new MonitorButtons),
      m_notice(new NoticeBar)
{
    setWindowTitle(workplace->title().isEmpty() ? tr("Bold Lantern")
                                                : tr("Bold Lantern · %1").arg(workplace->title()));
    setMinimumSize(kSmallest);
    setAcceptDrops(true);
    workplace->patchWindow()->setSide(preferences::patchSide());
    qApp->installEventFilter(new WheelGuard(this));
    ringTheFocus(this);
    auto *right = new QVBoxLayout;
    right->setSpacing(0);
    right->addWidget(m_stack, 1);
    right->addWidget(m_meterHelp);
    auto *middle = new QHBoxLayout;
    middle->setSpacing(0);
    middle->addWidget(m_ledger);
    middle->addLayout(right, 1);
    middle->addWidget(m_help);
    m_help->setVisible(preferences::helpShown());
    auto *content = new QWidget;
    content->setMinimumSize(kContent);
    auto *parts = new QVBoxLayout(content);
    parts->setContentsMargins(0, 0, 0, 0);
    parts->setSpacing(0);
    parts->addWidget(m_desk);
    parts->addLayout(middle, 1);
    auto *scroll = new QScrollArea;
    scroll->setObjectName(QStringLiteral("content"));
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidgetResizable(true);
    scroll->setFocusPolicy(Qt::NoFocus);
    scroll->setWidget(content);
    auto *central = new QWidget;
    auto *all = new QVBoxLayout(central);
    all->setContentsMargins(0, 0, 0, 0);
    all->setSpacing(0);
    all->addWidget(m_notice);
    all->addWidget(scroll, 1);
    all->addWidget(m_handEntry);
    all->addWidget(m_buttons);
    all->addWidget(m_runBar);
    setCentralWidget(central);
    makeMenus(undo);

    connect(m_desk, &DeskWidget::displayChosen, m_intents, &Intents::displayWanted);
    connect(m_notice, &NoticeBar::dismissed, m_intents, &Intents::noticeDismissed);
    connect(m_notice, &NoticeBar::helpWanted, this,
            [this](const QString &page) { showHelp(page); });
    connect(m_help, &HelpPane::hidden, this, [this] { showHelp(false); });
    connect(m_help, &HelpPane::failed, m_intents, &Intents::failed);
    connect(m_intents, &Intents::studioWanted, this, &MainWindow::editStudio);
    connect(m_intents, &Intents::backUpWanted, this, &MainWindow::backUp);
    connect(m_intents, &Intents::patchSideChosen, this, [this](int side) {
        preferences::setPatchSide(side);
        m_workplace->patchWindow()->setSide(side);
        placePatch();
    });
    connect(m_handEntry, &HandEntry::entered, m_intents, &Intents::readingEntered);
    connect(m_ledger, &LedgerView::viewChosen, m_intents, &Intents::viewWanted);
    connect(m_ledger, &LedgerView::aimWanted, m_intents,
            [this] { emit m_intents->viewWanted(ViewId::Aim); });
    connect(m_ledger, &LedgerView::acted, m_intents, &Intents::acted);
    connect(m_ledger, &LedgerView::actedOtherwise, m_intents, &Intents::actedOtherwise);
    connect(m_runBar, &RunBar::pauseRequested, m_intents, &Intents::paused);
    connect(m_runBar, &RunBar::resumeRequested, m_intents, &Intents::resumed);
    connect(m_runBar, &RunBar::stopRequested, m_intents, &Intents::stopped);

    resize(QSettings().value(QLatin1String(kSizeKey), kHome).toSize());
    if (!desk::cannotPlaceWindows())
        restoreGeometry(QSettings().value(QLatin1String(kGeometryKey)).toByteArray());
    fitTo(screen());
}

MainWindow::~MainWindow()
{
    if (m_workplace->patchWindow()->isEmbedded()) // it is not ours
        m_workplace->patchWindow()->embedIn(nullptr);
}

void MainWindow::setState(const SessionState &state)
{
    const bool otherDisplay = state.selected != m_state.selected;
    m_state = state;
    if (otherDisplay)
        followDisplay();
    m_notice->setState(state);
    m_desk->setState(state);
    m_ledger->setState(state);
    m_runBar->setState(state);
    View *shown = view(state.view);
    if (m_stack->currentWidget() != shown)
        m_stack->setCurrentWidget(shown);
    shown->setState(state);
    m_pauseAction->setEnabled(state.status.activity == run::Activity::Working);
    m_stopAction->setEnabled(state.hasRun() && state.status.activity != run::Activity::Finished);
    m_discardAction->setEnabled(m_stopAction->isEnabled() || state.unfinishedRun.has_value());
    m_newRunAction->setEnabled(!state.isMeasuring() && !state.preparing);

    m_checkAction->setEnabled(!state.isMeasuring() && !state.preparing);
    if (m_patchPlaced != m_workplace->patchWindow()->isPlaced()) {
        m_patchPlaced = !m_patchPlaced;
        placePatch(); // back to its corner, when it was forgotten
    }
    m_meterHelp->setState(state);
    m_help->setState(state);
    m_handEntry->setWanted(state.entryWanted);
    if (m_correction)
        m_correction->setState(state);
    if (m_demo)
        showButtons(state);
}

View *MainWindow::view(ViewId id)
{
    View *&view = m_views[id];
    if (!view) {
        const ViewEntry &entry = *std::ranges::find(m_registry, id, &ViewEntry::id);
        view = entry.make(m_intents);
        view->setTitle(entry.title);
        m_stack->addWidget(view);
    }
    return view;
}

/// One at a time while there is nothing else to do, so that the window is there at once and pages
/// are, too, when they are wanted.
void MainWindow::makeViews()
{
    const auto missing = std::ranges::find_if(
        m_registry, [this](const ViewEntry &entry) { return !m_views.contains(entry.id); });
    if (missing == m_registry.end())
        return;
    (void)view(missing->id);
    QTimer::singleShot(0, this, &MainWindow::makeViews);
}

/// The simulated monitor's buttons: while a person turns them, or when asked for.
void MainWindow::showButtons(const SessionState &state)
{
    const auto rig = m_demo->rig(state.selected);
    if (!rig) {
        m_buttons->hide();
        return;
    }
    if (m_buttonsFor.lock() != rig) { // another display, unit or meter
        m_buttonsFor = rig;
        m_buttons->setDisplay(state.displays[state.selected].name, rig);
    }
    m_buttons->refresh();
    const bool turning = state.status.stage == run::Stage::Adjust &&
                         state.results.setup.adjust == run::AdjustMode::ByHand &&
                         state.isMeasuring();
    m_buttons->setVisible(m_buttonsWanted || turning);
}

/// The patch sits in the lower right corner of the window, where views keep the room. It can be
/// dragged elsewhere.
void MainWindow::placePatch()
{
    if (!isVisible())
        return;
    desk::PatchWindow *patch = m_workplace->patchWindow();
    if (desk::cannotPlaceWindows() && !patch->isEmbedded())
        patch->embedIn(windowHandle());
    const QRect frame(patch->isEmbedded() ? QPoint() : mapToGlobal(QPoint(0, 0)), size());
    constexpr int kGap = 12;
    if (!patch->isPlaced())
        patch->setPosition(QPoint(frame.right() - patch->width() - kGap,
                                  frame.bottom() - patch->height() - kGap - RunBar::kHeight));
}

/// No larger than that screen, title bar and all, and nowhere off the desktop.
void MainWindow::fitTo(const QScreen *screen)
{
    if (isMaximized() || isFullScreen())
        return;
    const QRect available = screen->availableGeometry();
    constexpr int kTitleBar = 32; // until the window manager has told
    QSize frame = frameGeometry().size() - geometry().size();
    if (!isVisible())
        frame = QSize(0, kTitleBar);
    const QSize most = available.size() - frame;
    if (width() > most.width() || height() > most.height())
        resize(size().boundedTo(most));
    if (desk::cannotPlaceWindows() || screen->virtualGeometry().contains(frameGeometry()))
        return; // where somebody has put it
    const QPoint last = available.bottomRight() -
                        QPoint(width() + frame.width() - 1, height() + frame.height() - 1);
    move(std::clamp(x(), available.left(), std::max(available.left(), last.x())),
         std::clamp(y(), available.top(), std::max(available.top(), last.y())));
}

void MainWindow::showWhich()
{
    if (isPage(m_state.displays[static_cast<size_t>(m_state.selected)])) {
        emit m_intents->failed(tr("It is the device whose page says so in large letters."));
        return;
    }
    m_which.light(m_workplace->screenOf(m_state.selected),
                  m_state.displays[static_cast<size_t>(m_state.selected)].name);
}

/// The window goes where the chosen display is, if it may.
void MainWindow::followDisplay()
{
    const QRect screen = m_workplace->screenOf(m_state.selected);
    if (!desk::cannotPlaceWindows()) {
        if (!screen.isEmpty() && !screen.contains(frameGeometry().center()))
            move(screen.center() - rect().center());
        if (const QScreen *there = QGuiApplication::screenAt(screen.center()))
            fitTo(there); // the window itself may not know yet that it has gone there
    }
    placePatch();
}

void MainWindow::saveReport()
{
    if (!m_state.shown().validation) {
        emit m_intents->failed(tr("There is no complete run to report yet."));
        return;
    }
    const QString folder =
        folderToUse(this, QStringLiteral("report"), tr("Folder for profile, readings and report"));
    if (!folder.isEmpty())
        emit m_intents->reportFolderChosen(folder);
}

void MainWindow::printReport(ReportForm form)
{
    if (!m_state.shown().validation) {
        emit m_intents->failed(tr("There is no complete run to report yet."));
        return;
    }
    QPrinter printer(QPrinter::HighResolution);
    printer.setPageSize(QPageSize(m_state.reportStyle.letter ? QPageSize::Letter : QPageSize::A4));
    QPrintDialog dialog(&printer, this);
    dialog.setWindowTitle(tr("Print the report"));
    if (dialog.exec() != QDialog::Accepted)
        return;
    ReportData report = run::reportData(m_state.shown());
    report.studio = m_state.reportStyle.studio;
    paper::paintReport(printer, report, form);
}

void MainWindow::summon(const QString &display, const QString &page)
{
    for (size_t i = 0; i < m_state.displays.size(); ++i)
        if (m_state.displays[i].id == display && static_cast<int>(i) != m_state.selected)
            emit m_intents->displayWanted(static_cast<int>(i));
    for (const ViewEntry &entry : m_registry)
        if (page == QLatin1String(entry.id.key))
            emit m_intents->viewWanted(entry.id);
    setWindowState(windowState() & ~Qt::WindowMinimized);
    raise();
    activateWindow();
}

void MainWindow::keepPlace()
{
    QSettings().setValue(QLatin1String(kGeometryKey), saveGeometry());
    if (!isMaximized() && !isFullScreen())
        QSettings().setValue(QLatin1String(kSizeKey), size());
}

void MainWindow::closeEvent(QCloseEvent *event)
{
    keepPlace();
    m_workplace->patchWindow()->hide();
    QMainWindow::closeEvent(event);
}

void MainWindow::showEvent(QShowEvent *event)
{
    QMainWindow::showEvent(event);
    QTimer::singleShot(0, this, [this] { fitTo(screen()); }); // with the frame that it has got
    QTimer::singleShot(0, this, &MainWindow::makeViews);
    placePatch();
    m_ledger->focusAction();
}

void MainWindow::moveEvent(QMoveEvent *event)
{
    QMainWindow::moveEvent(event);
    placePatch();
}

void MainWindow::resizeEvent(QResizeEvent *event)
{
    QMainWindow::resizeEvent(event);
    placePatch();
}

std::unique_ptr<MainWindow> openWindow(Session *session, Workplace *workplace)
{
    auto window = std::make_unique<MainWindow>(workplace, session->undoStack());
    MainWindow *w = window.get();
    connectIntents(w->intents(), session);
    QObject::connect(session, &Session::changed, w,
                     [w, session] { w->setState(session->state()); });
    QObject::connect(session, &Session::reportWanted, w, &MainWindow::saveReport);
    QObject::connect(session, &Session::reportToBeOpened, w, [session](const QString &folder) {
        const QString page = QDir(folder).filePath(QLatin1String(run::kReportPage));
        if (!QFileInfo::exists(page))
            session->setProblem(
                MainWindow::tr("The report is no longer there: %1. Save it again: File, Save the "
                               "report.")
                    .arg(page));
        else if (!QDesktopServices::openUrl(QUrl::fromLocalFile(page)))
            session->setProblem(
                MainWindow::tr("No program here opens web pages. The report is %1.").arg(page));
    });
    QObject::connect(session, &Session::displaysChanged, w, [w, session] {
        w->setState(session->state());
        w->followDisplay();
    });
    w->setState(session->state());
    return window;
}

} // namespace lantern::app
