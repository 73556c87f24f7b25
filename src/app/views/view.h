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
    View(const QString &title, const QString &explanation, Intents *intents);
    virtual void setState(const SessionState &state) = 0;
    /// Takes a file of a kind that this view is for.
    virtual void open(const QString &path) { Q_UNUSED(path) }
    /// As menus and its own heading call it.
    [[nodiscard]] const QString &title() const { return m_title; }

protected:
    /// Room for the view's own parts below title and explanation.
    QVBoxLayout *body() { return m_body; }
    void setExplanation(const QString &text) { m_explanation->setText(text); }
    /// Says from when what is shown is, if it is not of the run under way.
    void showDate(const SessionState &state);
    Intents *intents() { return m_intents; }

private:
    QString m_title;
    Intents *m_intents;
    QLabel *m_date;
    QLabel *m_explanation;
    QVBoxLayout *m_body;
};

/// One line per view: to add one, add its folder and its line in view_registry.cpp.
struct ViewEntry {
    ViewId id;
    std::function<View *(Intents *)> make;
    QKeySequence key = {}; ///< empty: Ctrl and its number
};
std::vector<ViewEntry> viewRegistry();

/// Label in a given size.
QLabel *makeLabel(const QString &text, double points, const QColor &colour,
                  QFont::Weight weight = QFont::Normal);
/// Lets a label break its lines wherever the view is narrow.
void wrap(QLabel *label);
void setTextColour(QLabel *label, const QColor &colour);

} // namespace lantern::app
