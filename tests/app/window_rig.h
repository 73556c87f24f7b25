#pragma once

#include "app/window/main_window.h"
#include "app/workplace/pages_workplace.h"
#include "runner.h"
#include "settle.h"

#include <QFileInfo>
#include <QGuiApplication>
#include <QPushButton>
#include <QTemporaryDir>
#include <QTest>

#include <functional>
#include <memory>

namespace lantern::test {

inline bool onX11()
{
    return QGuiApplication::platformName() == QLatin1String("xcb");
}

/// Pages are made while there is nothing else to do.
inline bool hasAllPages(const app::MainWindow &window)
{
    return window.findChildren<app::View *>().size() == qsizetype(app::viewRegistry().size());
}

/// The real window on the demo, with a logbook of its own.
class WindowRig {
public:
    /// \param speed of the bench against life; 0 does not wait
    explicit WindowRig(double speed = 0, const QString &logbook = {})
        : m_logbook(logbook.isEmpty() ? m_folder.filePath(QStringLiteral("log.sqlite")) : logbook)
    {
        demo = std::make_unique<app::DemoWorkplace>(m_folder.path());
        demo->setSpeed(speed);
        pages =
            std::make_unique<app::PagesWorkplace>(demo.get(), QFileInfo(m_logbook).absolutePath());
        session = std::make_unique<app::Session>(pages.get(), m_logbook);
        window = app::openWindow(session.get(), pages.get());
        window->resize(1280, 800);
        window->move(0, 0);
        window->show();
        (void)QTest::qWaitForWindowExposed(window.get());
        session->start();
        demo->setSpeed(speed);
        waitUntil([this] { return !state().readingHistory && hasAllPages(*window); });
        settle();
    }
    ~WindowRig()
    {
        window.reset();
        session.reset();
        pages.reset();
        demo.reset();
    }

    [[nodiscard]] const app::SessionState &state() const { return session->state(); }
    [[nodiscard]] QPushButton *action() const
    {
        return window->findChild<QPushButton *>(QStringLiteral("mainAction"));
    }

    [[nodiscard]] QPushButton *otherAction() const
    {
        return window->findChild<QPushButton *>(QStringLiteral("otherAction"));
    }
    /// Presses the second choice below the main action.
    bool pressOther()
    {
        if (!waitUntil([&] { return otherAction()->isVisible(); }))
            return false;
        QTest::mouseClick(otherAction(), Qt::LeftButton);
        settle();
        return true;
    }

    /// Waits until the main action can be pressed, then presses it as a person would.
    bool press()
    {
        if (!waitUntil([&] { return action()->isEnabled(); }))
            return false;
        QTest::mouseClick(action(), Qt::LeftButton);
        settle();
        return true;
    }

    /// Presses until the engine rests before `stage` (Stage::Done: until the run is complete).
    bool pressUntil(run::Stage stage)
    {
        for (int i = 0; i < 15; ++i) {
            const auto resting = [&] {
                return state().status.activity != run::Activity::Working && action()->isEnabled();
            };
            if (!waitUntil(resting))
                return false;
            if (state().status.run != 0 && state().status.stage == stage)
                return true;
            if (!press())
                return false;
            ++presses;
        }
        return false;
    }

    bool waitFor(const std::function<bool()> &done) { return waitUntil(done); }
    [[nodiscard]] QString logbook() const { return m_logbook; }

private:
    QTemporaryDir m_folder;
    QString m_logbook;

public:
    std::unique_ptr<app::DemoWorkplace> demo;
    std::unique_ptr<app::PagesWorkplace> pages; ///< as the program has it
    std::unique_ptr<app::Session> session;
    std::unique_ptr<app::MainWindow> window;
    int presses = 0;
};

} // namespace lantern::test
