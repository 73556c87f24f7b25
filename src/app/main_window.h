#pragma once

#include "app/demo/demo_workplace.h"
#include "app/desk/desk_widget.h"
#include "app/ledger/ledger_view.h"
#include "app/monitor_buttons.h"
#include "app/run_bar.h"
#include "app/session.h"
#include "app/views/view.h"

#include <QMainWindow>
#include <QStackedWidget>

#include <map>

namespace lantern::app {

/// Desk above, Ledger left, View right, Run bar below. Passes state down and intents up.
class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    /// Neither is owned.
    MainWindow(Session *session, DemoWorkplace *demo);

protected:
    void closeEvent(QCloseEvent *event) override;
    void showEvent(QShowEvent *event) override;
    void moveEvent(QMoveEvent *event) override;
    void resizeEvent(QResizeEvent *event) override;

private:
    void makeMenus();
    void makeDemoMenu();
    void showState();
    void placeHelpers();
    void saveReport();

    Session *m_session;
    DemoWorkplace *m_demo;
    DeskWidget *m_desk;
    LedgerView *m_ledger;
    QStackedWidget *m_stack;
    RunBar *m_runBar;
    MonitorButtons *m_buttons;
    std::map<ViewId, View *> m_views;
    QAction *m_pauseAction, *m_stopAction, *m_discardAction, *m_newRunAction;
    int m_buttonsFor = -1; ///< display whose buttons are shown
    bool m_buttonsWanted = false;
};

} // namespace lantern::app
