#pragma once

#include "app/window/main_window.h"

#include <memory>

namespace lantern::app {

/// The window on a session. Where language or looks change it is made anew on the same session;
/// nothing of a run is touched by that.
class WindowHolder : public QObject {
    Q_OBJECT
public:
    /// Neither is owned. The window is not shown yet.
    WindowHolder(Session *session, Workplace *workplace);
    [[nodiscard]] MainWindow *window() const { return m_window.get(); }

private:
    void make();
    void makeAnew();

    Session *m_session;
    Workplace *m_workplace;
    std::unique_ptr<MainWindow> m_window;
};

} // namespace lantern::app
