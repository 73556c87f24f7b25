#pragma once

#include "app/state/session_state.h"
#include "app/state/tune_steps.h"
#include "core/plan/by_eye.h"

#include <QObject>

namespace lantern::app {

/// What is on the display while a person judges it without a meter.
enum class EyeLook {
    Bare,   ///< as the panel is
    New,    ///< as it would be with what was found
    Before, ///< as it is when nobody judges it
};

/// All that a person can want of the session, as signals: widgets emit them and know nothing of who
/// obeys. Files are named by their paths.
class Intents : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;

signals:
    void displayWanted(int index);
    void viewWanted(lantern::app::ViewId view);
    // the main action and the run
    void acted();
    void actedOtherwise();
    void paused();
    void resumed();
    void stopped();
    void runDiscarded();
    void newRunWanted();
    void profileUseWanted(const QString &path);
    void previousProfileWanted();
    void profileRemoved(const QString &path);
    void reminderChosen(int days, int hours); ///< 0: never
    void profileFormChosen(const lantern::run::ProfileForm &form);
    void putBackWanted();
    void profileForAllWanted(const QString &path);
    void keeperWanted(bool wanted);
    // the checklist and errands
    void readyPointTicked(int index, bool done);
    void readyLookedAt(); ///< the checklist is on the screen: look at everything again
    void warmUpWanted();
    void meterSearchWanted();
    void checkFirstWanted();
    void proofWanted();
    void evennessChosen(const lantern::run::EvennessChoice &choice);
    void evennessWanted();                        ///< measure it
    void evennessResumed();                       ///< go on where it was left
    void modeEvennessWanted(const QString &name); ///< of a few fields, in the mode that is set now
    void modeWanted(const QString &name);         ///< read the picture mode that is set now
    void modesForgotten(const QString &name);     ///< it is no more
    void evennessEnded();                         ///< what was read is enough
    void pastRunWanted(qint64 run);
    void bookSyncWanted();
    void logbookBackedUp(const QString &path);
    void logbookOffered(const QString &path); ///< to be taken over
    void trendChosen(const QString &display, const QString &figure);
    void agreementChosen(const lantern::app::AgreementQuestion &question);
    void runsCompared(qint64 shown, qint64 before); ///< in pictures
    void runNoted(qint64 run, const QString &before, const QString &note);
    void runRemoved(qint64 run);
    void runCompared(qint64 run);
    void runReported(qint64 run);
    void pastRunOpened(qint64 run); ///< every view is to show it; 0: the newest again
    /// The display itself as it was: as found (0), or in a run. \param on while a key is held
    void formerStateWanted(qint64 run, bool on);
    void gamutsChosen(const QStringList &keys);
    void proofChosen(const lantern::run::ProofChoice &choice);
    void printChosen(const lantern::run::PrintChoice &choice);
    void printProofWanted(const lantern::run::ProofChoice &choice);
    void toleranceKept(const lantern::Tolerance &tolerance);
    void toleranceOffered(const QString &path);
    void toleranceRemoved(const QString &name);
    void roomWanted();
    void roomForgotten();
    void lightKept(const QString &name);
    void lightUsed(const QString &name);
    void lightRemoved(const QString &name);
    void paperChosen(double lightness);
    void seenInChosen(lantern::run::SeenIn seenIn);
    void reflectanceChosen(double reflectance);
    void roomWatchChosen(int minutes);
    void blackWanted(bool away);
    void fourColoursWanted();
    // the meter
    void meterChosen(const QString &choice);
    void meterSwapped(const QString &choice); ///< in the middle of a run
    void readingEntered(const lantern::XYZ &xyz);
    void certificateOffered(const QString &path);
    void correctionOffered(const QString &path);
    void correctionWanted(const QString &sensitivities, const QString &panel);
    void fourColoursKept(const QString &meter, const QString &reference);
    void meterFactsForgotten();
    // the display
    void technologyChosen(const QString &technology);
    void bareDisplayWanted(bool bare);
    void controlsNoted(const lantern::MonitorControls &controls);
    void adjustModeChosen(lantern::run::AdjustMode mode);
    // the aim
    void aimChosen(const lantern::Aim &aim);
    void measureChosen(const lantern::app::MeasureChoice &choice);
    void aimKept(const QString &name);
    void aimDuplicated();
    void chartKept(const QString &name, const std::vector<lantern::DeviceRgb> &patches);
    void ownChartChosen(const QString &name);
    void ownChartRemoved(const QString &name);
    void ownAimRemoved(const QString &name);
    // what comes out
    void foundByEye(const lantern::EyeFindings &findings, const QString &name);
    void eyeLookWanted(const lantern::EyeFindings &findings, lantern::app::EyeLook look);
    // fine-tuned by eye
    void tuningShown(bool on); ///< somebody looks at it
    void tuned(const lantern::FineTune &tune);
    void tuneStepped(lantern::app::Knob knob, int steps); ///< of known size; negative: down
    void tuneHeld(bool before);                           ///< as it was, while a key is held
    void tunedWhiteWanted();
    void tuneTurned(const lantern::MonitorControls &controls);
    void turnsRead(bool reads); ///< the meter hangs there meanwhile
    void tuneKept(const QString &name);
    void slotChosen(int slot, const QString &name); ///< for the next run; -1: the video LUT
    // the workshop
    void batchWanted(const lantern::app::BatchWish &wish);
    void batchClosed();
    void batchReopened(const QString &key);
    void serialEntered(const QString &typed, bool atOnce);
    void serialTakenOut(const QString &serial);
    void referenceUnitWanted();
    // patches on other devices
    void pagesWanted(const QString &address, int port);
    void pagesClosed();
    void pageRenamed(const QString &id, const QString &name);
    void pageForgotten(const QString &id);
    // displays that are to be alike
    void matchChosen(const QStringList &displays);
    void matchReadWanted(const QString &displayId);
    void matchBegun();
    void matchEnded();
    void profileNamed(const QString &title);
    void reportFolderChosen(const QString &folder);
    // files that a person brings
    void readingsOffered(const QString &readings, const QString &out); ///< a profile of them
    void reportOffered(const QString &path);                           ///< to be computed anew
    // the window itself
    void languageChosen(const QString &code); ///< empty: the desktop's
    void looksChosen(const QString &key);
    void patchSideChosen(int pixels);
    void studioWanted(); ///< who makes the reports
    void backUpWanted();
    void fileWanted(); ///< one is to be chosen, whatever it is
    void reportStyleChosen(const lantern::run::ReportStyle &style);
    /// A widget has something to tell that is not the session's doing.
    void told(const QString &text);
    void failed(const QString &problem); ///< such as a broken file
    void noticeDismissed();
};

class Session;

/// The session obeys.
void connectIntents(Intents *intents, Session *session);

} // namespace lantern::app
