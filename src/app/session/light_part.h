#pragma once

#include "app/state/session_state.h"

#include <QObject>
#include <QUndoStack>

#include <functional>
#include <utility>

namespace lantern::app {

/// The light around the desk: kept by name, used for aim and profile, and what dark screens throw
/// back of it.
class LightPart : public QObject {
    Q_OBJECT
public:
    /// \param file of the lights \param undo not owned
    LightPart(QString file, QUndoStack *undo, QObject *parent = nullptr);
    [[nodiscard]] const LightState &state() const { return m_state; }
    /// What was wrong with the file, once; empty: nothing.
    QString takeProblem() { return std::exchange(m_problem, {}); }

    /// With undo. \param words of what is changed
    void change(const QString &words, const std::function<void(run::Lights &)> &how);
    /// A dark screen is being read. \param away held a hand's length off, else on the screen
    void beginsReading(bool away);
    void gaveUp();
    /// It was read; with both readings the display's stray light is known. \param displayId its
    void took(const XYZ &black, const QString &displayId);
    /// Another display or meter: what was read of the dark screen says nothing any more.
    void forgetBlack();

signals:
    void changed();
    void failed(const QString &problem);

private:
    friend class LightsCommand;
    void apply(const run::Lights &lights);

    QString m_file;
    QUndoStack *m_undo;
    LightState m_state;
    QString m_problem;
};

} // namespace lantern::app
