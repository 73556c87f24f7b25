#include "app/session/session.h"

#include "core/base/error.h"
#include "run/book/in_words.h"

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

void Session::takeFetched(const std::shared_ptr<const run::Fetched> &runs)
{
    m_run.ask([this, runs](run::RunEngine &engine) {
        const QString problem = engine.takeIn(*runs).problem;
        QMetaObject::invokeMethod(
            this,
            [this, problem] {
                readLogbook();
                m_book.taken(problem);
            },
            Qt::QueuedConnection);
    });
}

void Session::backUpLogbook(const QString &path)
{
    m_backUp.start([from = m_logbookPath, path] {
        try {
            run::Logbook book(from, run::Logbook::Access::Read);
            run::backUp(book, path);
        } catch (const Error &e) {
            return run::inWords(e);
        }
        return QString();
    });
    m_backUpTo = path;
    setNotice(tr("The logbook is being copied…"));
}

void Session::mergeLogbook(const QString &path)
{
    if (state().isMeasuring()) {
        setProblem(tr("While something is measured no logbook is taken over. Pause or finish "
                      "first."));
        return;
    }
    setNotice(tr("Runs are being taken over…"));
    m_run.ask([this, path](run::RunEngine &engine) {
        const run::RunEngine::TakenIn taken = engine.mergeFrom(path);
        QMetaObject::invokeMethod(
            this,
            [this, taken] {
                readLogbook();
                if (!taken.problem.isEmpty()) {
                    setProblem(taken.problem);
                    return;
                }
                const run::MergeReport *report = &taken.report;
                QStringList left;
                for (const run::LeftRun &r : report->left)
                    left << r.run + QStringLiteral(": ") + run::inWords(r.problem);
                const QString done = tr("Runs taken over: %1; here already: %2.")
                                         .arg(report->added + report->continued)
                                         .arg(report->present);
                if (left.isEmpty())
                    setNotice(done);
                else
                    setProblem(done + QLatin1Char(' ') +
                               tr("Left: %1.").arg(left.mid(0, 5).join(QStringLiteral("; "))));
            },
            Qt::QueuedConnection);
    });
}

void Session::compareRuns(qint64 shown, qint64 before)
{
    m_history.open(shown);
    compareWithRun(before);
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
