#pragma once

#include "app/session/session.h"
#include "app/views/view.h"
#include "app/window/desk_widget.h"
#include "app/window/hand_entry.h"
#include "app/window/help_pane.h"
#include "app/window/ledger_view.h"
#include "app/window/meter_help.h"
#include "app/window/monitor_buttons.h"
#include "app/window/notice_bar.h"
#include "app/window/run_bar.h"
#include "app/window/which_window.h"
#include "app/workplace/demo_workplace.h"
#include "run/device/meters/meter_registry.h"

#include <QMainWindow>
#include <QStackedWidget>

#include <map>
#include <memory>

namespace lantern::app {

class CorrectionDialog;

/// Desk above, Ledger left, View right, Run bar below. Passes state down and intents up.
class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    /// Neither is owned. A demonstration gets a menu for its bench, the real thing one for its
    /// meter.
    MainWindow(Workplace *workplace, QUndoStack *undo);
    ~MainWindow() override;
    void setState(const SessionState &state);
    [[nodiscard]] Intents *intents() { return m_intents; }

    /// Asks where to, then has the report written there.
    void saveReport();
    void printReport(ReportForm form);
    /// To the front, at a display and a view. \param display id; empty or unknown: the present one
    /// \param page key of a view; empty or unknown: as it is
    void summon(const QString &display, const QString &page);
    /// Each by what is in it: an aim on the page Aim, a picture in Before and after … \param paths
    /// of files, or of a folder with pictures
    void openFiles(const QStringList &paths);
    /// For the next window.
    void keepPlace();
    /// The window goes where the chosen display is.
    void followDisplay();
    /// Lights the display that is chosen, so that it cannot be mistaken.
    void showWhich();

protected:
    void closeEvent(QCloseEvent *event) override;
    void dragEnterEvent(QDragEnterEvent *event) override;
    void dropEvent(QDropEvent *event) override;
    void showEvent(QShowEvent *event) override;
    void moveEvent(QMoveEvent *event) override;
    void resizeEvent(QResizeEvent *event) override;

private:
    /// Made now if it is not there yet.
    View *view(ViewId id);
    void makeViews();
    void makeMenus(QUndoStack *stack);
    void makeFileMenus(QMenu *file);
    void makeHelpMenu();
    void chooseFile();
    void openFile(const QString &path);
    void openIn(ViewId id, const QString &path);
    void backUp();
    void editStudio();
    void showHelp(bool shown);
    void showHelp(const QString &page);
    void makeBenchMenu();
    void makeMeterMenu();
    void addSensors(QMenu *meter, QAction *before);
    void addBenchMeters(QMenu *meter);
    bool isConfirmed(const QString &question, const QString &more, const QString &give,
                     const QString &keep);
    void chooseMeter(const run::MeterKind &kind);
    void useMeter(const QString &choice, const QString &name);
    void hangMeterElsewhere();
    void showButtons(const SessionState &state);
    void placePatch();
    void fitTo(const QScreen *screen);

    std::vector<ViewEntry> m_registry;
    Intents *m_intents;
    SessionState m_state; ///< as shown last
    Workplace *m_workplace;
    DemoWorkplace *m_demo; ///< null in earnest
    DeskWidget *m_desk;
    LedgerView *m_ledger;
    QStackedWidget *m_stack;
    MeterHelp *m_meterHelp;
    HelpPane *m_help;
    CorrectionDialog *m_correction = nullptr; ///< made when first asked for
    HandEntry *m_handEntry;
    RunBar *m_runBar;
    WhichWindow m_which;
    MonitorButtons *m_buttons;
    NoticeBar *m_notice;
    std::map<ViewId, View *> m_views; ///< that have been made so far
    QAction *m_helpAction;
    QAction *m_pauseAction, *m_stopAction, *m_discardAction, *m_newRunAction, *m_checkAction;
    std::weak_ptr<run::BenchRig> m_buttonsFor; ///< whose buttons they are
    bool m_buttonsWanted = false;
    bool m_patchPlaced = false;
};

/// A window on a session: state goes down to it, intents come up. Neither is owned.
std::unique_ptr<MainWindow> openWindow(Session *session, Workplace *workplace);

} // namespace lantern::app
