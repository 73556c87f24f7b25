#pragma once

#include "app/session/history_reader.h"
#include "app/state/session_state.h"

#include <QObject>
#include <QThread>

namespace lantern::app {

/// What the logbook says of the displays on the desk. Reads in a thread of its own.
class HistoryPart : public QObject {
    Q_OBJECT
public:
    explicit HistoryPart(const QString &logbookPath, QObject *parent = nullptr);
    ~HistoryPart() override;
    [[nodiscard]] const HistoryState &state() const { return m_state; }
    /// The same of every display asked for, by its id.
    [[nodiscard]] const std::map<QString, DisplayVerdict> &verdicts() const { return m_verdicts; }

    /// The logbook is about to be opened; ask() follows.
    void expect();
    /// Asks for these displays; told() follows. A later question makes an earlier one pointless.
    /// \param selected whose history state() is \param presentRun left out of it; 0: none
    void ask(const QStringList &displayIds, const QString &selected, qint64 presentRun);
    /// Reads a run of any display, by its number; state().loadedRuns has it then.
    void load(qint64 run);
    /// Views are to show that run. \param run 0: the newest again
    void open(qint64 run);
    /// Another display is chosen: nothing is known of it until the answer is there.
    void forget();
    // Ahead of the logbook's answer, which will say the same.
    void finished(const run::RunResults &results, qint64 run);
    void checked(const run::RunResults &results);
    void proved(const run::RunResults &results);
    void evened(const run::RunResults &results, qint64 run);
    void readMode(const run::RunResults &results, qint64 run);
    void forgetCheck();
    void forgetUnfinished();

signals:
    void changed();
    /// The newest question has been answered. \param problem for people; empty: all is well
    void told(const QString &problem);
    void wanted(const lantern::app::HistoryQuestion &question);
    void runWanted(qint64 run);

private:
    void take(const HistoryAnswer &answer);

    HistoryState m_state;
    std::map<QString, DisplayVerdict> m_verdicts;
    QString m_selected;
    quint64 m_questions = 0; ///< asked so far; answers to older ones are dropped
    QThread m_thread;
    HistoryReader *m_reader; ///< lives in m_thread
};

} // namespace lantern::app
