#pragma once

#include "app/desk/desk_widget.h"
#include "app/hand_entry.h"
#include "app/ledger/ledger_view.h"
#include "app/meter_help.h"
#include "app/monitor_buttons.h"
#include "app/run_bar.h"
#include "app/session.h"
#include "app/views/view.h"
#include "app/which_window.h"
#include "app/workplace/demo_workplace.h"
#include "app/workplace/studio_workplace.h"

#include <QMainWindow>
#include <QStackedWidget>

#include <map>

namespace lantern::app {

class CorrectionDialog;

/// Desk above, Ledger left, View right, Run bar below. Passes state down and intents up.
class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    /// Neither is owned. A demonstration gets a menu for its bench, the real thing one for its
    /// meter.
    MainWindow(Session *session, Workplace *workplace);

    /// Lights the display that is chosen, so that it cannot be mistaken.
    void showWhich();

protected:
    void closeEvent(QCloseEvent *event) override;
    void showEvent(QShowEvent *event) override;
    void moveEvent(QMoveEvent *event) override;
    void resizeEvent(QResizeEvent *event) override;

private:
    void makeMenus();
    void makeBenchMenu();
    void makeMeterMenu();
    void addBenchMeters(QMenu *meter);
    QString fileToOpen(const QString &title, const QString &kinds);
    void chooseMeter(const QString &key);
    void hangMeterElsewhere();
    void showButtons(const SessionState &state);
    void followDisplay();
    void showState();
    void placeHelpers();
    void saveReport();

    Session *m_session;
    Workplace *m_workplace;
    DemoWorkplace *m_demo;     ///< null in earnest
    StudioWorkplace *m_studio; ///< null in a demonstration
    DeskWidget *m_desk;
    LedgerView *m_ledger;
    QStackedWidget *m_stack;
    MeterHelp *m_meterHelp;
    CorrectionDialog *m_correction = nullptr; ///< made when first asked for
    HandEntry *m_handEntry;
    RunBar *m_runBar;
    WhichWindow m_which;
    MonitorButtons *m_buttons;
    std::map<ViewId, View *> m_views;
    QAction *m_pauseAction, *m_stopAction, *m_discardAction, *m_newRunAction, *m_checkAction;
    int m_buttonsFor = -1; ///< display whose buttons are shown
    bool m_buttonsWanted = false;
    bool m_patchPlaced = false;
};

} // namespace lantern::app
