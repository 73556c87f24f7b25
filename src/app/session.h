#pragma once

#include "app/history.h"
#include "app/session_state.h"
#include "app/workplace/workplace.h"
#include "core/plan/by_eye.h"
#include "run/book/aim_shelf.h"
#include "run/book/meter_shelf.h"

#include <QObject>
#include <QThread>
#include <QTimer>
#include <QUndoStack>

#include <memory>
#include <set>

namespace lantern::app {

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
    /// Looks at everything again that the checklist can see by itself.
    void refreshReady();
    // small errands, apart from a run
    void watchWarmUp();
    void findMeter();
    void checkFirst();
    void readRoom();
    /// Reads red, green, blue and white with this meter, to correct one meter by another.
    void readFourColours();
    /// The bare display, without any video LUT, while a person judges it; false puts it back.
    void bareDisplay(bool bare);
    /// Makes and installs a profile from what a person saw.
    void keepByEye(const lantern::EyeFindings &findings);
    void forgetRoomReadings();
    /// Numbers for a meter that is read by hand.
    void enterReading(const lantern::XYZ &xyz);
    void setTechnology(const QString &technology);
    /// Whether another meter may be chosen now; if not, why is told.
    bool mayChangeMeter();
    /// Takes up a new meter.
    void meterChanged();
    // What is known of the meter; files. Problems and success go into the notice.
    void keepCertificate(const QString &path);
    void keepCorrection(const QString &path);
    /// For the panel technology of this display.
    void computeCorrection(const QString &sensitivities, const QString &panel);
    /// Both by name; both have read this display's four colours.
    void keepFourColours(const QString &meter, const QString &reference);
    void forgetMeterFacts();
    /// Changes the aim, with undo.
    void setAim(const lantern::Aim &aim);
    void setMeasureChoice(const lantern::app::MeasureChoice &choice);
    /// Keeps the aim among the person's own, under its name.
    void keepAim(const QString &name);
    void duplicateAim();
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
    void noteControls(const lantern::MonitorControls &controls);
    void setAdjustMode(lantern::run::AdjustMode mode);
    /// Writes profile, readings and report into a folder.
    void saveReport(const QString &folder);
    void setNotice(const QString &notice);
    void setProfileTitle(const QString &title);
    void refreshProfileInUse();
    void watchProfileInUse();

signals:
    void changed();
    void reportWanted(); ///< the person wants to choose a folder
    void displaysChanged();
    void historyWanted(const lantern::app::HistoryQuestion &question);
    // to the engine's thread
    void beginRequested(const lantern::run::RunSetup &setup);
    void resumeRunRequested(qint64 run);
    void proceedRequested();
    void pauseRequested();
    void resumeRequested();
    void stopRequested();
    void abandonRequested(qint64 run);
    void controlsRequested(const lantern::MonitorControls &controls);
    void notedControlsRequested(const lantern::MonitorControls &controls);
    void adjustModeRequested(lantern::run::AdjustMode mode);
    void profileTitleRequested(const QString &title);
    void greetRequested();
    void roomRequested();
    void byEyeRequested(const lantern::run::RunSetup &setup, const QByteArray &icc,
                        const lantern::VideoLut &lut);

private:
    friend class AimCommand;
    void applyAim(const Aim &aim);
    void judgeAim();
    void beginRun();
    void clearRun();
    void putBack();
    bool beginTrying();
    void resumeOldRun();
    void onStatus(const run::RunStatus &status);
    void onReading(run::Stage stage, const Reading &reading);
    void readLogbook();
    void takeHistory(const HistoryAnswer &answer);
    void takeHistory(const DisplayHistory &history, DisplayCard &card, bool selected);
    void connectEngine();
    void connectHistory();
    void connectWorkplace();
    void onDisplaysChanged();
    void addMeterFacts(run::RunSetup &setup) const;
    void refreshMeterFacts();
    template <class F> void changeMeterShelf(F &&change);
    bool beginErrand(run::RunKind kind);
    void finishErrand();
    void takeDevices();
    void refreshCard();
    void publish();

    Workplace *m_workplace;
    QString m_logbookPath;
    run::AimShelf m_shelf;
    run::MeterShelf m_meters;
    SessionState m_state;
    bool m_beginning = false;   ///< a run has been asked for
    std::set<QString> m_ticked; ///< points of the checklist that the person confirmed
    QUndoStack m_undo;
    QThread m_thread;
    run::RunEngine *m_engine; ///< lives in m_thread
    QThread m_historyThread;
    HistoryReader *m_history;   ///< lives in m_historyThread
    quint64 m_questions = 0;    ///< asked of the logbook; answers to older ones are dropped
    bool m_trying = false;      ///< what is in force is a run's, for its time
    QTimer m_watch;             ///< whether others change what is in force
    bool m_putBackThen = false; ///< when the history is known
    QTimer m_publish;           ///< coalesces changes to a bounded rate
};

} // namespace lantern::app
