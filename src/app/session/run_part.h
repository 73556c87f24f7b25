#pragma once

#include "app/state/session_state.h"
#include "run/engine/run_engine.h"

#include <QObject>
#include <QThread>

#include <utility>

namespace lantern::app {

/// The run in progress. The engine lives in a thread of its own; what is asked of it is done there,
/// in order.
class RunPart : public QObject {
    Q_OBJECT
public:
    explicit RunPart(const QString &logbookPath, QObject *parent = nullptr);
    /// Stops the run; everything read is kept.
    ~RunPart() override;
    [[nodiscard]] const RunState &state() const { return m_state; }
    [[nodiscard]] run::RunEngine *engine() { return m_engine; }
    [[nodiscard]] QThread *thread() { return &m_thread; }

    /// Asks something of the engine, in its thread.
    template <class F> void ask(F &&work)
    {
        QMetaObject::invokeMethod(
            m_engine,
            [engine = m_engine, work = std::forward<F>(work)]() mutable { work(*engine); });
    }
    /// Begins a run; a second one is refused until the engine has answered.
    void begin(const run::RunSetup &setup);
    [[nodiscard]] bool isBeginning() const { return m_beginning; }
    void resumeRun(qint64 run);
    void proceed();
    void stop();
    /// Nothing of a run is shown any more; the engine's own is stopped with stop().
    void forget();
    void forgetResults();
    void forgetLiveReadings();

signals:
    void changed();
    /// The engine opened the logbook.
    void opened();
    /// \param before what the state was until now
    void statusChanged(const lantern::run::RunStatus &before);
    void readingTaken(const lantern::Reading &reading);
    /// The engine could not start or had to give up.
    void failed(const QString &message);

private:
    RunState m_state;
    bool m_beginning = false; ///< a run has been asked for
    QThread m_thread;
    run::RunEngine *m_engine; ///< lives in m_thread
};

} // namespace lantern::app
