#pragma once

#include "core/plan/time_left.h"
#include "run/book/in_words.h"
#include "run/book/profile_form.h"
#include "run/book/run_results.h"
#include "run/device/devices.h"
#include "run/engine/reading_taker.h"
#include "run/engine/run_status.h"
#include "run/logbook/logbook.h"
#include "run/shared/book_sync.h"
#include "run/stages/stage_registry.h"

#include <QElapsedTimer>
#include <QObject>

#include <memory>
#include <optional>

namespace lantern::run {

/// Runs the stages as a state machine driven by events. Lives in a thread of its own, together with
/// its logbook; the devices' signals and all calls reach it through the event loop.
class RunEngine : public QObject {
    Q_OBJECT
public:
    /// \param logbookPath opened for writing in begin() or resumeRun()
    explicit RunEngine(QString logbookPath, QObject *parent = nullptr);
    ~RunEngine() override;

    /// To be called before any run, from the engine's thread or before it starts.
    void setDevices(const Devices &devices);
    /// Goes from stage to stage without waiting for proceed().
    void setAutomatic(bool automatic) { m_automatic = automatic; }
    /// Installs profiles without asking even where the readings do not fit their model.
    void setAcceptsMisfit(bool accepts) { m_acceptsMisfit = accepts; }
    /// For tests of the full disk: the logbook may not grow beyond so many pages.
    void limitLogbookPages(int pages) { logbook().limitPages(pages); }

    /// What taking in came to, or why it failed; the run under way goes on in any case.
    struct TakenIn {
        MergeReport report;
        QString problem;
    };
    TakenIn takeIn(const lantern::run::Fetched &fetched);
    TakenIn mergeFrom(const QString &logbook);

public slots:
    /// Opens the logbook now, so that a second program is noticed at the start.
    void open();
    void begin(const lantern::run::RunSetup &setup);
    void resumeRun(qint64 run);
    /// The same with the meter that is there now: the stage that is not finished begins anew, what
    /// the other meter read of it is set aside. \param facts names the meter, its correction and
    /// certificate
    void resumeWithMeter(qint64 run, const lantern::run::RunSetup &facts);
    /// Starts the stage that status.stage names, or ends the adjustment by hand.
    void proceed();
    /// After the present reading.
    void pause();
    void resume();
    /// Ends the work at once; everything read is kept and the run can be taken up again.
    void stop();
    /// Never offers a run for resuming again; stops it first when it is the present one.
    void abandon(qint64 run);
    /// A remark of the person's on a run.
    void setNote(qint64 run, const QString &note);
    /// Takes a run out of all lists, or brings it back. Not the one that is under way.
    void setRemoved(qint64 run, bool removed);
    /// Turns the monitor's controls; for the adjustment.
    void turnControls(const lantern::MonitorControls &controls);
    /// What a person reads off a monitor that does not tell where its controls stand; for the
    /// readings to come.
    void noteControls(const lantern::MonitorControls &controls);
    /// Changes how the adjustment is done, before it starts or while it is done by hand.
    void setAdjustMode(lantern::run::AdjustMode mode);
    /// Names the profile; before it is built.
    void setProfileTitle(const QString &title);
    /// What kind of profile is built, until it is. \param version of ICC, 4 or 2 \param grid points
    /// a side of the tables, odd, kMinGrid..kMaxGrid
    void setProfileForm(const lantern::run::ProfileForm &form);

    /// Installs a profile that was made by eye and keeps it in the logbook; while no stage is at
    /// work. installedByEye() follows.
    void installByEye(const lantern::run::RunSetup &setup, const QByteArray &icc,
                      const lantern::VideoLut &lut);
    /// Looks whether the meter is there; while no stage is at work. meterGreeted() or
    /// errandFailed() follows.
    void greetMeter();
    /// Reads the light of the room, while no stage is at work.
    void readRoom();
    /// Reads the whole screen dark, outside of any run: what it gives by itself if the meter
    /// touches it, more where it is held away. blackRead() or errandFailed() follows.
    void readBlack();
    /// Reads white as it is shown now, outside of any run. whiteRead() or errandFailed() follows.
    /// \param correction of the meter for this display
    void readWhite(const std::optional<lantern::Mat3> &correction);
    /// Turns the monitor's controls outside of any run. controlsSet() or errandFailed() follows.
    void setControls(const lantern::MonitorControls &controls);

signals:
    /// The logbook is open, or failed() has said why it is not.
    void opened();
    void roomRead(const lantern::run::RoomLight &room);
    void blackRead(const lantern::XYZ &xyz);
    void whiteRead(const lantern::XYZ &xyz);
    void controlsSet(const lantern::MonitorControls &controls);
    void installedByEye();
    void meterGreeted(const QString &name);
    /// What was asked of the meter outside of a run did not work.
    void errandFailed(const QString &message);
    void statusChanged(const lantern::run::RunStatus &status);
    void resultsChanged(const lantern::run::RunResults &results);
    void readingTaken(lantern::run::Stage stage, const lantern::Reading &reading);
    /// The engine could not start or had to give up; nothing read is lost.
    void failed(const QString &message, int exitCode);

private:
    enum class Apart { None, Black, White }; ///< what is read for no run
    void readApart(Apart what, const ReadPatch &patch);
    bool endApart();
    void step();
    void startStage();
    void finishStage(const StageResult &result);
    void advance();
    void make();
    bool takeSpare(const ReadPatch &patch);
    void bringBack(const std::vector<LoggedReading> &logged);
    void setOldReadingsAside(const std::vector<LoggedReading> &logged);
    bool seesNothing(const XYZ &xyz) const;
    bool isStuck(const XYZ &xyz) const;
    void takeBack(const XYZ &xyz);
    void replayStage();
    bool isOtherMeter();
    std::vector<LoggedReading> spareReadings(const std::vector<LoggedReading> &logged);
    void loadLut(const VideoLut &lut);
    void loadSlot(const std::optional<SlotTable> &table);
    void changeProfile(const std::function<void(RunSetup &)> &change);
    bool isLutForeign();
    [[nodiscard]] bool controlsAreWatched() const;
    bool areControlsTaken();
    void writeControls(const MonitorControls &controls);
    bool isMisfit();
    void keep(const LoggedReading &logged);
    void onReading(const XYZ &xyz, double integrationSeconds);
    void fault(const QString &message, MeterFault kind = MeterFault::None);
    void onGreeted();
    void onZeroed();
    void noteOwnCorrection();
    bool hasFallenOff(const XYZ &xyz);
    void block(const QString &message);
    void setActivity(Activity activity, const QString &message = {});
    void publishStatus();
    void askForPatch(const ReadPatch &patch);
    void restoreDevices();
    /// Runs `work`; an Error becomes a fault (device) or failed() (logbook not open).
    template <class F> void guarded(F &&work);
    Logbook &logbook();

    /// Everything of the run under way, replaced as a whole when another is begun.
    struct State {
        RunStatus status;
        RunResults results;
        std::unique_ptr<StageWork> work;
        std::optional<VideoLut> loadedLut;   ///< last one asked for by a plan
        std::optional<SlotTable> loadedSlot; ///< the same
        bool pauseRequested = false;
        bool zeroingByHand = false; ///< off the screen, so that it has to be hung back
        bool asking = false;        ///< the plan, or the build, has a question to the person
        bool misfitAccepted = false;
        std::optional<QByteArray> lutInForce; ///< as the device saves it; ours, or as it was found
        bool lutTaken = false;                ///< another program has loaded one
        std::optional<MonitorControls> controlsInForce; ///< of a device that tells at once
        bool controlsTaken = false;                     ///< something else has turned them
        bool tookBack = false;                          ///< readings that the plan was told of
        QString meter;                                  ///< that took the run's readings so far
        bool wrongMeter = false;                        ///< another one is there now
        double lastWhite = 0; ///< cd/m², in this stage; to notice a meter that fell off
        std::optional<Reading> lastReading; ///< to notice a meter that says the same again
        std::optional<ScreenRegion> region; ///< lit by the present patch
        std::optional<MonitorControls> controlsAtPatch; ///< when the present patch was asked for
        std::optional<MonitorControls> noted;           ///< by a person
        std::vector<LoggedReading> spare; ///< of a plan of another version; used where they fit
        Pace pace;
    };

    QString m_logbookPath;
    std::unique_ptr<Logbook> m_logbook;
    Devices m_devices;
    bool m_automatic = false;
    Apart m_reads = Apart::None;
    bool m_acceptsMisfit = false;
    State m_run;
    ReadingTaker m_taker;
    QElapsedTimer m_patchClock; ///< since the present patch was asked for
};

template <class F> void RunEngine::guarded(F &&work)
{
    try {
        work();
    } catch (const Error &e) {
        if (m_run.status.run == 0)
            emit failed(inWords(e), static_cast<int>(e.kind));
        else
            fault(inWords(e));
    }
}

} // namespace lantern::run
