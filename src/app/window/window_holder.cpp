#include "app/window/window_holder.h"

#include "app/state/preferences.h"
#include "app/theme.h"
#include "run/book/language.h"

#include <QApplication>
#include <QTimer>

namespace lantern::app {

WindowHolder::WindowHolder(Session *session, Workplace *workplace)
    : m_session(session), m_workplace(workplace)
{
    make();
}

void WindowHolder::make()
{
    m_window = openWindow(m_session, m_workplace);
    // The choice comes out of the window that goes: it is let finish first.
    connect(m_window->intents(), &Intents::languageChosen, this, [this](const QString &code) {
        run::chooseLanguage(code);
        QTimer::singleShot(0, this, &WindowHolder::makeAnew);
    });
    connect(m_window->intents(), &Intents::looksChosen, this, [this](const QString &key) {
        preferences::setLooks(key);
        QTimer::singleShot(0, this, &WindowHolder::makeAnew);
    });
}

void WindowHolder::makeAnew()
{
    const bool quits = QApplication::quitOnLastWindowClosed();
    QApplication::setQuitOnLastWindowClosed(false);
    m_window->keepPlace();
    m_window.reset();
    run::speak(run::chosenLanguage());
    theme::apply(*qApp, theme::looksFrom(preferences::looks()));
    make();
    // A patch that is being read stays in front: the window is made below it before it is seen.
    desk::PatchWindow *patch = m_workplace->patchWindow();
    (void)m_window->winId();
    patch->raise();
    m_window->show();
    patch->raise();
    m_session->refreshReady(); // its findings are words
    QTimer::singleShot(0, qApp, [quits] { QApplication::setQuitOnLastWindowClosed(quits); });
}

} // namespace lantern::app
