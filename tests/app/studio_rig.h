#pragma once

#include "app/window/main_window.h"
#include "app/workplace/studio_workplace.h"
#include "runner.h"
#include "window_rig.h"

#include <QTemporaryDir>
#include <QTest>

#include <memory>

namespace lantern::test {

/// The real window on the outputs of the tests' X server, with logbooks of its own.
class StudioRig {
public:
    /// Looks at the outputs. \throws Error Device without an X server
    void findDisplays() { studio = std::make_unique<app::StudioWorkplace>(); }
    /// Opens a window on a logbook in the rig's folder; after findDisplays().
    bool open(const char *logbook, const QPoint &at, const QSize &size)
    {
        session =
            std::make_unique<app::Session>(studio.get(), m_folder.filePath(QLatin1String(logbook)));
        window = app::openWindow(session.get(), studio.get());
        window->resize(size);
        window->move(at);
        window->show();
        if (!QTest::qWaitForWindowExposed(window.get()))
            return false;
        session->start();
        return waitUntil([this] { return !state().readingHistory && hasAllPages(*window); });
    }
    void close()
    {
        window.reset();
        session.reset();
        studio.reset();
    }
    /// From the checklist over the aim into the first readings.
    bool beginReading()
    {
        for (int press = 0; press < 3; ++press)
            session->act();
        if (!waitUntil([&] { return state().status.activity == run::Activity::Waiting; }))
            return false;
        session->act();
        return true;
    }
    [[nodiscard]] const app::SessionState &state() const { return session->state(); }

    std::unique_ptr<app::StudioWorkplace> studio;
    std::unique_ptr<app::Session> session;
    std::unique_ptr<app::MainWindow> window;

private:
    QTemporaryDir m_folder;
};

} // namespace lantern::test
