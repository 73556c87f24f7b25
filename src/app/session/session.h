#pragma once

#include "app/session/agreement_part.h"
#include "app/session/aim_part.h"
#include "app/session/batch_part.h"
#include "app/session/book_part.h"
#include "app/session/checklist_part.h"
#include "app/session/file_part.h"
#include "app/session/forecast_part.h"
#include "app/session/gamut_part.h"
#include "app/session/history_part.h"
#include "app/session/in_force_part.h"
#include "app/session/intents.h"
#include "app/session/light_part.h"
#include "app/session/log_part.h"
#include "app/session/match_part.h"
#include "app/session/meter_part.h"
#include "app/session/print_part.h"
#include "app/session/proof_part.h"
#include "app/session/run_part.h"
#include "app/session/trend_part.h"
#include "app/session/tune_part.h"
#include "app/state/session_state.h"
#include "app/workplace/workplace.h"
#include "core/plan/by_eye.h"

#include <QObject>
#include <QTimer>
#include <QUndoStack>

#include <functional>

namespace lantern::app {

enum class NextStep;

/// The state behind the window and all that a person can do to it. Each part keeps its own piece;
/// here is what joins them: which display is chosen, which view is shown, and what one part's news
/// means to another. Lives in the interface thread.
class Session : public QObject {
    Q_OBJECT
public:
    /// \param workplace not owned; outlives this
    Session(Workplace *workplace, const QString &logbookPath, QObject *parent = nullptr);
    ~Session() override;

    /// Put together from the parts.
    [[nodiscard]] const SessionState &state() const;
    [[nodiscard]] QUndoStack *undoStack() { return m_aim.undoStack(); }

    /// Opens the logbook and looks what is in it.
    void start();
    /// The demo's earlier runs are being made.
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
    /// Proves what is in force on the display, whoever made it.
    void proveNow();
    void chooseEvenness(const lantern::run::EvennessChoice &choice);
    void measureEvenness();
    void resumeEvenness();
    void endEvenness() { m_run.proceed(); }
    void readPictureMode(const QString &name);
    /// A few fields of the screen in the mode that is set now.
    void evenPictureMode(const QString &name);
    void forgetPictureMode(const QString &name); ///< all that was read of it is taken off the lists
    void chooseProof(const lantern::run::ProofChoice &choice);
    /// Shows colours of the printing condition on the display and reads them.
    void provePrint(const lantern::run::ProofChoice &choice);
    void choosePrint(const lantern::run::PrintChoice &choice);
    void keepTolerance(const lantern::Tolerance &tolerance);
    void loadPastRun(qint64 run) { m_history.load(run); }
    // Of the logbook's runs, any of them by its number; what changes it can be undone.
    void chooseTrend(const QString &display, const QString &figure)
    {
        m_trends.choose(display, figure);
    }
    void chooseAgreement(const lantern::app::AgreementQuestion &question)
    {
        m_agreement.choose(question);
    }
    /// Pictures as both displays show them: this run opened, that one before.
    void compareRuns(qint64 shown, qint64 before);
    void syncBook() { m_book.sync(); }
    /// All of the logbook as one file.
    void backUpLogbook(const QString &path);
    /// Takes over what another logbook, or a backup, has more.
    void mergeLogbook(const QString &path);
    void setRunNote(qint64 run, const QString &before, const QString &note);
    void removeRun(qint64 run);
    void compareWithRun(qint64 run);
    /// Opens it and asks where its report is to go.
    void reportRun(qint64 run);
    /// Every view shows that run; 0: the newest again.
    void openPastRun(qint64 run) { m_history.open(run); }
    /// Video LUT and profile of a run that was loaded on the display (0: as it was found, without a
    /// LUT); false puts its own back.
    void showFormerState(qint64 run, bool on);
    /// What gamuts are drawn beside the display's own.
    void chooseGamuts(const QStringList &keys) { m_gamut.choose(keys); }
    void takeTolerance(const QString &path);
    void removeTolerance(const QString &name);
    void readRoom();
    /// Reads red, green, blue and white with this meter, to correct one meter by another.
    void readFourColours();
    /// The bare display, without any video LUT, while a person judges it; false puts it back.
    void bareDisplay(bool bare);
    /// Meanwhile it can be looked at in other ways.
    void lookByEye(const lantern::EyeFindings &findings, lantern::app::EyeLook look);
    /// Makes and installs a profile from what a person saw. \param name empty: the usual one
    void keepByEye(const lantern::EyeFindings &findings, const QString &name);
    // The calibration fine-tuned by eye; each step can be undone
    /// Somebody looks at it: what is asked for is on the display meanwhile.
    void showTuning(bool on);
    void tune(const lantern::FineTune &tune) { m_tune.tune(tune); }
    void stepTune(lantern::app::Knob knob, int steps)
    {
        m_tune.tune(stepped(m_tune.state(), knob, steps));
    }
    void holdTune(bool before) { m_tune.hold(before); }
    void readTuned();
    void turnTuned(const lantern::MonitorControls &controls) { m_tune.turn(controls); }
    void setReadsTurns(bool reads) { m_tune.setReadsTurns(reads); }
    /// Kept as a profile that says so, and in use. \param name empty: the usual one
    void keepTune(const QString &name);
    /// Where the next run of this display goes. \param slot of the monitor's memory; -1: the video
    /// LUT \param name that it gets
    void chooseSlot(int slot, const QString &name);
    // Displays that are to be alike
    void chooseMatched(const QStringList &displays);
    /// Reads what a display can do, as its controls stand now.
    void readForMatch(const QString &displayId);
    /// Their runs begin, one after another, with the aim that all can share.
    void beginMatch();
    void endMatch();
    // The workshop
    void beginBatch(const lantern::app::BatchWish &wish);
    void closeBatch();
    void reopenBatch(const QString &key);
    /// A serial number was typed or scanned. \param atOnce begin with it where nothing else is to
    /// be done first
    void enterSerial(const QString &typed, bool atOnce);
    void takeSerialOut(const QString &serial);
    void measureUnit(const QString &serial);
    void readReferenceUnit();
    // Patches on other devices
    void servePages(const QString &address, int port);
    void closePages();
    void renamePage(const QString &id, const QString &name);
    void forgetPage(const QString &id);
    void forgetRoomReadings();
    // The light around the desk, each with undo
    /// What was read of it, under a name.
    void keepLight(const QString &name);
    void useLight(const QString &name); ///< empty: none
    void removeLight(const QString &name);
    void setPaperLightness(double lightness);
    void setSeenIn(lantern::run::SeenIn seenIn);
    void setReflectance(double reflectance);
    void setRoomWatch(int minutes); ///< 0: never
    /// Reads the dark screen. \param away from a hand's length
    void readBlack(bool away);
    /// Numbers for a meter that is read by hand.
    void enterReading(const lantern::XYZ &xyz);
    /// Another panel technology than the one detected, with undo; empty: as detected.
    void setTechnology(const QString &technology);
    /// Another meter, unless a run is under way.
    void chooseMeter(const QString &choice);
    /// The same in the middle of a run, which goes on with the other one.
    void swapMeter(const QString &choice);
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
    void keepChart(const QString &name, const std::vector<lantern::DeviceRgb> &patches);
    void chooseChart(const QString &name);
    void removeChart(const QString &name);
    void removeOwnAim(const QString &name);
    /// The main action under the ledger.
    void act();
    /// The second choice below it.
    void actOtherwise();
    void proceed();
    void pause();
    void resume();
    void stop();
    void discardRun();
    // The profiles of the selected display; can be undone.
    void useProfile(const QString &path);
    void usePreviousProfile();
    void removeProfile(const QString &path);
    void installForAll(const QString &path);
    /// What another program has changed.
    void putBack();
    void setReminder(int days, int hours);
    void setKeeper(bool wanted) { m_inForce.setKeeper(wanted); }
    void newRun();
    void turnControls(const lantern::MonitorControls &controls);
    void noteControls(const lantern::MonitorControls &controls);
    void setAdjustMode(lantern::run::AdjustMode mode);
    /// A profile of a file of readings, written to `out`.
    void profileFromReadings(const QString &readings, const QString &out)
    {
        m_file.makeProfile(readings, out, m_aim.state().profileForm);
    }
    void recheckReport(const QString &path) { m_file.recheck(path); }
    /// Writes profile, readings and report into a folder.
    void saveReport(const QString &folder);
    void setReportStyle(const lantern::run::ReportStyle &style);
    void setNotice(const QString &notice);
    /// Something went wrong or cannot be done.
    void setProblem(const QString &problem);
    void dismissNotice();
    void setProfileTitle(const QString &title);
    void setProfileForm(const lantern::run::ProfileForm &form);

signals:
    void changed();
    void reportWanted(); ///< the person wants to choose a folder
    /// \param folder that it was saved in
    void reportToBeOpened(const QString &folder);
    void displaysChanged();

private:
    void carryOut(NextStep step);
    void leaveFinishedRun();
    void goOnWithMeter();
    void connectParts();
    void connectEngine();
    void compose() const;
    void publish();
    /// Does it; an Error becomes the notice.
    void attempt(const std::function<void()> &work);

    static std::string now(); ///< ISO 8601, UTC
    void beginRun();
    void leaveTrials();
    bool giveToRun();
    [[nodiscard]] run::RunSetup setupByEye(const QString &name, const QString &usual) const;
    [[nodiscard]] QString whyNotTune() const;
    void lookTuned();
    void publishTuned();
    void sayTuneIsMade();
    void installTuned(const TunePart::Kept &kept);
    void carryMeter();
    enum class UnitTask { Run, Reference };
    [[nodiscard]] std::vector<DisplayCard> readDisplays() const;
    [[nodiscard]] run::RunSetup facts() const;
    bool mayLeaveUnit();
    bool mayTakeUnit();
    void becomeUnit(const QString &serial, UnitTask task);
    void leaveUnit();
    void beginUnit();
    void finishUnit();
    void onBatchKnown();
    void onPages();
    [[nodiscard]] PagesState pagesState() const;
    /// \param form of the pages; nothing: both
    void writeReport(const run::RunResults &results, const QString &folder,
                     const std::optional<ReportForm> &form);
    void clearRun();
    void resumeOldRun();
    void onStatus(const run::RunStatus &before);
    /// \param proof of a validation; nothing: the one that is chosen
    bool beginErrand(run::RunKind kind, const std::optional<run::ProofChoice> &proof = {});
    /// For something small beside the runs; tells why where it is not.
    bool isMeterFree();
    void finishErrand();

    /// Something of the logbook that the engine does; the lists are read anew then.
    void changeLogbook(std::function<void(run::RunEngine &)> change);
    friend class NoteCommand;
    friend class RemoveRunCommand;
    [[nodiscard]] std::map<QString, QString> displayNames() const;
    /// What the person looks at and no part has worked out yet.
    void lookWhereNeeded();
    void foretell();
    void takeFetched(const std::shared_ptr<const run::Fetched> &runs);
    void readLogbook();
    void readLogbook(qint64 presentRun);
    void onHistory(const QString &problem);
    void onDisplaysChanged();
    [[nodiscard]] run::RunSetup setupWithMeter() const;
    void refreshMeterFacts();
    template <class F> void changeMeterShelf(F &&change);
    void takeDevices();
    void onMeterCame(const QString &choice);
    void lookInForce();
    friend class TechnologyCommand;
    void applyTechnology(const QString &displayId, const QString &technology);
    friend class UseCommand;
    bool applyProfile(const QString &displayId, const QString &path);

    Workplace *m_workplace;
    QString m_unit;   ///< serial number of the unit that hangs on the display m_unitOf; empty: none
    QString m_unitOf; ///< id of the display by itself
    bool m_unitDisplayGone = false; ///< it was unplugged; none came and none was chosen since
    UnitTask m_unitTask = UnitTask::Run;
    bool m_unitBegins = false;                       ///< when the history is known
    std::vector<PagesState::Address> m_ownAddresses; ///< when somebody looked last
    bool m_unitJudged = false;                       ///< when the batch's table is known
    std::vector<DisplayCard> m_displays;             ///< as the workplace has them
    std::optional<desk::DesktopFacts> m_desktop;
    int m_selected = 0;
    ViewId m_view = ViewId::Ready;
    QString m_notice;
    bool m_noticeIsProblem = false;
    QStringList m_damaged; ///< choices that were kept and cannot be read, until that is told
    QString m_logbookPath, m_backUpTo;
    QString m_reportFolder, m_reportStyleFile;
    run::ReportStyle m_reportStyle;
    std::string m_pictureMode;                     ///< being read
    bool m_evensMode = false;                      ///< the evenness that begins is that mode's
    std::optional<run::EvennessChoice> m_evenness; ///< nothing: as the last time
    std::optional<qint64> m_swappedRun;            ///< waits for another meter to answer
    std::optional<Aim> m_aimAtEnd;                 ///< chosen when the present run was complete
    bool m_freshRunWanted = false, m_preparing = false;
    bool m_showsFormer = false; ///< the display's former video LUT, while a key is held
    std::optional<int> m_slotWanted;
    QString m_slotName;
    bool m_tuning = false;                         ///< somebody looks at the fine-tuning
    bool m_tuneShown = false;                      ///< and it is on the display
    std::optional<MonitorControls> m_tuneControls; ///< as they stood when that began
    std::optional<ViewId> m_viewAfter;             ///< the present errand; nothing: its own
    qint64 m_reportThen = 0;                       ///< that run, once it is open; 0: none
    bool m_putBackThen = false;                    ///< when the history is known

    InForcePart m_inForce; ///< ends last: the engine is done with the display by then
    AimPart m_aim;
    MeterPart m_meter;
    LightPart m_light;
    ChecklistPart m_checklist;
    HistoryPart m_history;
    Background<QString> m_backUp; ///< what it came to, or what went wrong
    ForecastPart m_forecast;
    GamutPart m_gamut;
    ProofPart m_proof;
    PrintPart m_print;
    LogPart m_log;
    TrendPart m_trends;
    AgreementPart m_agreement;
    MatchPart m_match;
    BatchPart m_batch;
    TunePart m_tune;
    BookPart m_book;
    FilePart m_file;
    RunPart m_run;

    mutable SessionState m_state;
    mutable bool m_stale = true; ///< m_state is not what the parts say
    QTimer m_publish;            ///< coalesces changes to a bounded rate
};

} // namespace lantern::app
