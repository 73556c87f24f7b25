#pragma once

#include "app/session_state.h"
#include "run/aim_shelf.h"

#include <QObject>
#include <QThread>
#include <QTimer>
#include <QUndoStack>

#include <memory>

namespace lantern::app {

/// What the session needs from the world of displays; the demo implements it with the bench.
class Workplace : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    [[nodiscard]] virtual std::vector<DisplayCard> displays() const = 0;
    [[nodiscard]] virtual MeterCard meterCard(int display) const = 0;
    /// Devices of a display. They live in `engineThread`.
    virtual run::Devices devices(int display, QThread *engineThread) = 0;
    /// Facts of a new run on a display: ids, technology, controls, meter, seed.
    [[nodiscard]] virtual run::RunSetup setup(int display) const = 0;
    /// Puts this display's own profile and LUT in force, as if it had an output of its own.
    virtual void activate(int display, const std::optional<run::RunResults> &lastRun) = 0;
    /// Reads back what is in force.
    virtual ProfileInUse readBack(int display, const run::RunResults &results) = 0;
    [[nodiscard]] virtual std::vector<ReadyPoint> readyPoints(int display) const = 0;
};

/// The state behind the window and all that a person can do to it. Lives in the interface thread;
/// the run engine lives in a thread of its own.
class Session : public QObject {
    Q_OBJECT
public:
    Session(Workplace *workplace, const QString &logbookPath, QObject *parent = nullptr);
    ~Session() override;

    [[nodiscard]] const SessionState &state() const { return m_state; }
    [[nodiscard]] QUndoStack *undoStack() { return &m_undo; }

    /// Opens the logbook and looks what is in it.
    void start();
    void setPreparing(bool preparing);

public slots:
    void selectDisplay(int index);
    void showView(lantern::app::ViewId view);
    void setReadyPoint(int index, bool done);
    /// Changes the aim, with undo.
    void setAim(const lantern::Aim &aim);
    void setMeasureChoice(const lantern::app::MeasureChoice &choice);
    /// Keeps the aim among the person's own, under its name.
    void keepAim(const QString &name);
    void removeOwnAim(const QString &name);
    /// The main action under the ledger.
    void act();
    void proceed();
    void pause();
    void resume();
    void stop();
    void discardRun();
    void newRun();
    void turnControls(const lantern::MonitorControls &controls);
    void setAdjustMode(lantern::run::AdjustMode mode);
    /// Writes profile, readings and report into a folder.
    void saveReport(const QString &folder);
    void setNotice(const QString &notice);
    void setProfileTitle(const QString &title);
    void refreshProfileInUse();

signals:
    void changed();
    void reportWanted(); ///< the person wants to choose a folder
    // to the engine's thread
    void beginRequested(const lantern::run::RunSetup &setup);
    void resumeRunRequested(qint64 run);
    void proceedRequested();
    void pauseRequested();
    void resumeRequested();
    void stopRequested();
    void abandonRequested(qint64 run);
    void controlsRequested(const lantern::MonitorControls &controls);
    void adjustModeRequested(lantern::run::AdjustMode mode);
    void profileTitleRequested(const QString &title);

private:
    friend class AimCommand;
    void applyAim(const Aim &aim);
    void judgeAim();
    void beginRun();
    void clearRun();
    void putBack();
    void resumeOldRun();
    void onStatus(const run::RunStatus &status);
    void onReading(run::Stage stage, const Reading &reading);
    void readLogbook();
    void publish();

    Workplace *m_workplace;
    QString m_logbookPath;
    run::AimShelf m_shelf;
    SessionState m_state;
    QUndoStack m_undo;
    QThread m_thread;
    run::RunEngine *m_engine; ///< lives in m_thread
    std::unique_ptr<run::Logbook> m_reader;
    QTimer m_publish; ///< coalesces changes to a bounded rate
};

} // namespace lantern::app
