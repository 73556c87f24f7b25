#pragma once

#include "app/session/background.h"
#include "app/state/session_state.h"

#include <QObject>

namespace lantern::app {

/// The workshop's batches: which is open, who waits, who is on the bench. That is kept in files;
/// what was measured of the units is told by the logbook, in another thread.
class BatchPart : public QObject {
    Q_OBJECT
public:
    BatchPart(QString logbookPath, const QString &folder, QObject *parent = nullptr);
    [[nodiscard]] const BatchState &state() const { return m_state; }
    /// What was kept could not be read, once; empty: it could.
    [[nodiscard]] QString takeProblem() { return std::exchange(m_problem, {}); }
    /// Something of the logbook has changed: the table is read anew, known() follows.
    void outdate();

    // All \throws Error Device when it cannot be kept, BadInput for what is no serial number
    void begin(run::Batch batch);
    void close();
    void reopen(const QString &key);
    void add(const QString &typed);
    void takeOut(const QString &serial);
    /// It is this one's turn; empty: nobody's.
    void putOnBench(const QString &serial);
    /// The table as a file beside the reports.
    void writeTable() const;

signals:
    void changed();
    void known(); ///< BatchState::batchTable is new
    void failed(const QString &problem);

private:
    struct Read {
        std::shared_ptr<const run::BatchTable> table;
        QString problem;
    };
    void keep(const run::Batch &batch);
    [[nodiscard]] run::Batch open() const;

    QString m_path;
    run::BatchShelf m_shelf;
    QString m_problem;
    BatchState m_state;
    Background<Read> m_work;
};

} // namespace lantern::app
