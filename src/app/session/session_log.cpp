#include "app/session/session.h"

#include <QUndoCommand>

namespace lantern::app {

/// A remark on a run.
class NoteCommand : public QUndoCommand {
public:
    NoteCommand(Session *session, qint64 run, QString from, QString to)
        : m_session(session), m_run(run), m_from(std::move(from)), m_to(std::move(to))
    {
        setText(Session::tr("note on a run"));
    }
    void undo() override { write(m_from); }
    void redo() override { write(m_to); }

private:
    void write(const QString &note)
    {
        m_session->changeLogbook([run = m_run, note](run::RunEngine &e) { e.setNote(run, note); });
    }

    Session *m_session;
    qint64 m_run;
    QString m_from, m_to;
};

/// A run taken out of the lists.
class RemoveRunCommand : public QUndoCommand {
public:
    RemoveRunCommand(Session *session, qint64 run) : m_session(session), m_run(run)
    {
        setText(Session::tr("removal of a run"));
    }
    void undo() override { write(false); }
    void redo() override { write(true); }

private:
    void write(bool removed)
    {
        m_session->changeLogbook(
            [run = m_run, removed](run::RunEngine &e) { e.setRemoved(run, removed); });
    }

    Session *m_session;
    qint64 m_run;
};

void Session::changeLogbook(std::function<void(run::RunEngine &)> change)
{
    m_run.ask([this, change = std::move(change)](run::RunEngine &engine) {
        change(engine);
        QMetaObject::invokeMethod(
            this, [this] { readLogbook(); }, Qt::QueuedConnection);
    });
}

void Session::setRunNote(qint64 run, const QString &before, const QString &note)
{
    if (note != before)
        undoStack()->push(new NoteCommand(this, run, before, note));
}

void Session::removeRun(qint64 run)
{
    if (run == m_run.state().status.run) {
        setProblem(tr("That run is under way. Finish, stop or discard it first."));
        return;
    }
    if (run == m_history.state().openedRun)
        m_history.open(0);
    undoStack()->push(new RemoveRunCommand(this, run));
    setNotice(tr("The run was removed. Edit, Undo brings it back."));
}

void Session::compareWithRun(qint64 run)
{
    m_history.load(run);
    m_log.compareWith(run);
    showView(ViewId::Compare);
}

void Session::reportRun(qint64 run)
{
    m_history.open(run);
    if (m_history.state().loadedRuns.contains(run)) {
        publish();
        emit reportWanted();
    } else
        m_reportThen = run;
}

} // namespace lantern::app
