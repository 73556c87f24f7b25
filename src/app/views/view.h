#pragma once

#include "app/session/intents.h"
#include "app/state/session_state.h"

#include <QKeySequence>
#include <QLabel>
#include <QVBoxLayout>
#include <QWidget>

#include <functional>
#include <vector>

namespace lantern::app {

/// A working surface. Draws what a pure function makes of the state, and emits intents.
class View : public QWidget {
    Q_OBJECT
public:
    /// \param intents not owned
    View(const QString &explanation, Intents *intents);
    /// As menus call it.
    void setTitle(const QString &title);
    virtual void setState(const SessionState &state) = 0;
    /// Takes a file of a kind that this view is for.
    virtual void open(const QString &path) { Q_UNUSED(path) }

protected:
    /// Room for the view's own parts below title and explanation.
    QVBoxLayout *body() { return m_body; }
    void setExplanation(const QString &text) { m_explanation->setText(text); }
    /// Says from when what is shown is, if it is not of the run under way.
    void showDate(const SessionState &state);
    Intents *intents() { return m_intents; }

private:
    Intents *m_intents;
    QLabel *m_title;
    QLabel *m_date;
    QLabel *m_explanation;
    QVBoxLayout *m_body;
};

/// One line per view: to add one, add its folder and its line in view_registry.cpp.
struct ViewEntry {
    ViewId id;
    QString title; ///< for menus and its own heading
    std::function<View *(Intents *)> make;
    QKeySequence key = {}; ///< empty: Ctrl and its number
};
/// In the language spoken now.
std::vector<ViewEntry> viewRegistry();

/// Label in a given size.
QLabel *makeLabel(const QString &text, double points, const QColor &colour,
                  QFont::Weight weight = QFont::Normal);
/// Lets a label break its lines wherever the view is narrow.
void wrap(QLabel *label);
void setTextColour(QLabel *label, const QColor &colour);

} // namespace lantern::app
