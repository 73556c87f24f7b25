#pragma once

#include "app/session/background.h"
#include "app/state/session_state.h"

#include <QObject>

#include <map>

namespace lantern::app {

/// All runs and checks of the logbook, read in another thread when somebody looks.
class LogPart : public QObject {
    Q_OBJECT
public:
    explicit LogPart(QString logbookPath, QObject *parent = nullptr);
    [[nodiscard]] const LogState &state() const { return m_state; }
    /// Something of the logbook has changed.
    void outdate() { m_outdated = true; }
    /// Names that displays have on this desk, by their ids.
    using Names = std::map<QString, QString>;
    /// Reads it if it has changed since the last time.
    void look(const Names &names);
    /// Pictures are to be compared with that run.
    void compareWith(qint64 run);

signals:
    void changed();
    void trendsKnown(); ///< LogState::lightTrends are new
    void failed(const QString &problem);

private:
    struct Read {
        std::shared_ptr<const std::vector<LogEntry>> log;
        std::vector<run::FigureTrend> trends;
        QString problem;
    };
    static Read read(const QString &path, const Names &names);

    QString m_path;
    LogState m_state;
    bool m_outdated = true;
    Background<Read> m_work;
};

/// A line as lists show it: its figures judged again by the limits that they were judged by.
/// \param name of its display on this desk; empty: as it was called in the run
LogEntry logEntry(run::LogLine line, const QString &name = {});
QString runKindWord(run::RunKind kind);

} // namespace lantern::app
