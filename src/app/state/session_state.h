#pragma once

#include "app/state/ready_points.h"
#include "core/judge/picture_modes.h"
#include "core/judge/profile_forecast.h"
#include "core/judge/soft_proof.h"
#include "core/model/gamut_boundary.h"
#include "desk/display_facts.h"
#include "desk/profile_in_use.h"
#include "desk/profile_list.h"
#include "run/book/lights.h"
#include "run/book/match.h"
#include "run/book/print_choice.h"
#include "run/book/profile_form.h"
#include "run/book/proof_choice.h"
#include "run/book/run_results.h"
#include "run/book/studio.h"
#include "run/device/devices.h"
#include "run/engine/run_status.h"
#include "run/logbook/batch_table.h"
#include "run/logbook/desk_state.h"
#include "run/logbook/figure_trends.h"

#include <QDateTime>
#include <QRect>
#include <QString>
#include <QStringList>

#include <compare>
#include <map>
#include <memory>
#include <optional>
#include <string_view>
#include <vector>

namespace lantern::app {

/// How a figure stands; told by shape and word.
/// Open: it cannot be told, or some of it is not done.
enum class Mark { NotMeasured, NotJudged, Within, Open, Over, Stale, ByEye };
QString markWord(Mark mark);
Mark markOf(Call call);

/// Names a view. Those that the Ledger and the stages lead to have a constant here; any other is
/// named in its own folder.
struct ViewId {
    std::string_view key;
    auto operator<=>(const ViewId &) const = default;
    static const ViewId Ready, Check, Aim, Light, White, Tone, Gamut, Accuracy, Profile, Compare,
        ByEye, SoftProof, Logbook, Trends, Agreement, Evenness, Modes, Match, FineTune, Memory,
        Workshop, Pages, Settings, Start;
};
inline constexpr ViewId ViewId::Ready{"ready"};
inline constexpr ViewId ViewId::Check{"check"};
inline constexpr ViewId ViewId::Aim{"aim"};
inline constexpr ViewId ViewId::Light{"light"};
inline constexpr ViewId ViewId::White{"white"};
inline constexpr ViewId ViewId::Tone{"tone"};
inline constexpr ViewId ViewId::Gamut{"gamut"};
inline constexpr ViewId ViewId::Accuracy{"accuracy"};
inline constexpr ViewId ViewId::Profile{"profile"};
inline constexpr ViewId ViewId::Compare{"compare"};
inline constexpr ViewId ViewId::ByEye{"by-eye"};
inline constexpr ViewId ViewId::SoftProof{"soft-proof"};
inline constexpr ViewId ViewId::Logbook{"logbook"};
inline constexpr ViewId ViewId::Trends{"trends"};
inline constexpr ViewId ViewId::Agreement{"agreement"};
inline constexpr ViewId ViewId::Evenness{"evenness"};
inline constexpr ViewId ViewId::Modes{"modes"};
inline constexpr ViewId ViewId::Match{"match"};
inline constexpr ViewId ViewId::FineTune{"fine-tune"};
inline constexpr ViewId ViewId::Memory{"memory"};
inline constexpr ViewId ViewId::Workshop{"workshop"};
inline constexpr ViewId ViewId::Pages{"pages"};
inline constexpr ViewId ViewId::Settings{"settings"};
inline constexpr ViewId ViewId::Start{"start"};

/// The newest verdict on a display, of a validation or of a check.
struct DisplayVerdict {
    std::optional<QDateTime> lastValidated;
    std::optional<double> lastMean;           ///< ΔE00, of the validation
    std::optional<CheckFirst::Verdict> check; ///< of a check since then
    std::optional<QDateTime> lastChecked;
    Mark mark = Mark::NotMeasured;
};

/// A display as the Desk shows it.
struct DisplayCard : desk::DisplayFacts, DisplayVerdict {
    QString detail; ///< size and kind, in words
    QRect place;    ///< on the desktop, in the toolkit's coordinates
};

/// What the meter shows at the right end of the Desk.
struct MeterCard {
    QString name, kind, state;
    std::optional<XYZ> lastReading;
    std::optional<run::RoomLight> room;
    QString roomTitle; ///< where the room's light is known from
    std::optional<Certificate> certificate;
    QString correction; ///< in words; empty: none
    CorrectionKind correctionKind = CorrectionKind::None;
};

/// How much to measure.
struct MeasureChoice {
    enum class Until { Patches, GoodEnough, Time, Chart };
    Until until = Until::Patches;
    int patches = 96;                 ///< exactly for Patches
    double expectedError = 0.1;       ///< mean ΔE00, for GoodEnough
    double minutes = 5;               ///< for Time
    std::vector<DeviceRgb> list = {}; ///< the person's own, for Chart
    /// The same for a run.
    void applyTo(run::RunSetup &setup) const;
    bool operator==(const MeasureChoice &) const = default;
};

// Each part of the session keeps one of these; see session/.

/// The run in progress.
struct RunState {
    run::RunStatus status;
    run::RunResults results;
    std::vector<Reading> liveReadings; ///< of the running stage
};

struct AimState {
    Aim aim;
    std::vector<Aim> ownAims;
    QStringList ownCharts; ///< kept by name
    MeasureChoice measure;
    run::ProfileForm profileForm; ///< of runs to come
};

struct MeterState {
    MeterCard meter;
    /// Read on this display for a correction, by the name of the meter.
    std::map<QString, std::vector<Reading>> fourColours;
    bool knowsPanelSpectra = false;           ///< of this display, read by a meter that sees them
    std::optional<DeviceRgb> entryWanted;     ///< patch whose numbers the person is to type in
    std::vector<run::RoomLight> roomReadings; ///< taken since the room was last asked for
    bool readingRoom = false;
};

/// How the meter looks at a dark screen.
enum class BlackReading { None, Away, OnScreen };

/// The light around the desk.
struct LightState {
    run::Lights lights;
    /// Of the selected display, from a hand's length and on the screen, while it is being measured
    /// what it throws back.
    std::optional<XYZ> blackAway, blackOnScreen;
    BlackReading readingBlack = BlackReading::None;
};

struct ChecklistState {
    ReadyFacts readyFacts;
    std::optional<WarmUp> warmUp;       ///< of the selected display, as last watched
    std::optional<Placement> placement; ///< of the meter, as last found
    std::vector<ReadyPoint> ready;
    bool readyConfirmed = false;
};

/// What the selected display has had and is to have in force.
struct ProfilesState {
    std::vector<desk::KnownProfile> profiles;      ///< in use or used last first
    bool profileChosen = false;                    ///< by a person, instead of the last run's
    int remindAfterDays = 0, remindAfterHours = 0; ///< 0: never
    std::optional<QDateTime> nextCheckAt;          ///< nothing: no reminder, or never proved
    bool isNextCheckForetold = false;        ///< by the display's drift, not by the days alone
    std::optional<QString> defaultInService; ///< file; empty: none; nothing: no colour service
    std::optional<bool> keeper;   ///< started at login; nothing: it has nothing to keep here
    std::optional<int> slotInUse; ///< of the monitor's memory, that the profile in use goes with
};

/// A gamut that a display's own is held against.
struct GamutReference {
    QString key; ///< "space:NAME", "icc:PATH" or "run:NUMBER"
    QString title;
    std::shared_ptr<const GamutBoundary> boundary; ///< null: it could not be had
    std::optional<PrimarySet> primaries;
    double volume = 0;  ///< cubic ΔE*ab
    double covered = 0; ///< share of it that the display holds, 0..1
    double within = 0;  ///< share of the display's that it holds, 0..1
};

/// The gamut of the run shown, and what it is compared with.
struct GamutState {
    std::shared_ptr<const GamutBoundary> ownGamut; ///< null: no profile yet
    double ownVolume = 0;
    std::vector<GamutReference> spaces;     ///< the common ones
    std::vector<GamutReference> references; ///< those chosen to be drawn
    QStringList referenceKeys;              ///< chosen, "" for none
    bool measuringGamut = false;            ///< it is being worked out
};

/// What displays are proved with.
struct ProofState {
    run::ProofChoice proof;
    std::vector<Tolerance> ownTolerances;
};

/// The printing condition at hand, and what the display makes of it by its profile.
struct PrintState {
    run::PrintChoice print;
    QString printTitle;                         ///< empty: none was opened
    QByteArray printProfile;                    ///< empty: it is a characterisation only
    std::shared_ptr<const SoftProof> softProof; ///< null: none, or no profile of the display yet
    bool foreseeing = false;                    ///< it is being worked out
};

/// What each kind of profile would come to, while one is about to be built.
struct ForecastState {
    std::vector<ProfileForecast> forecasts;
    bool forecasting = false; ///< they are being worked out
};

/// A finished run of the logbook, of whatever display.
struct PastRun {
    qint64 id = 0;
    QString displayId, displayName;
    QDateTime startedAt;
    bool operator==(const PastRun &) const = default;
};

/// A run or check of the logbook as lists show it.
struct LogEntry : run::LogLine {
    QDateTime at;
    Mark mark = Mark::NotMeasured;
    std::vector<JudgedFigure> judged; ///< its figures against their limits
    QString words;                    ///< all that is to be read of it, for searching
};

/// All that the logbook holds, newest first; read when somebody looks.
struct LogState {
    std::shared_ptr<const std::vector<LogEntry>> log; ///< null: not read yet
    std::vector<run::FigureTrend> lightTrends;        ///< of the displays in it
    bool readingLog = false;
    qint64 comparedRun = 0; ///< that pictures are to be compared with; 0: none was asked for
};

/// A figure of a display over time, and all displays that have been measured.
struct TrendSheet {
    struct Display {
        QString id, name;
    };
    run::FigureTrend trend;
    std::vector<run::TrendEvent> events;
    std::vector<Display> displays;
};

/// Null: not read yet.
struct TrendState {
    std::shared_ptr<const TrendSheet> trendSheet;
};

/// What is held against each other: "display:ID" as it was read last, or "run:NUMBER"; empty: as it
/// comes.
struct AgreementQuestion {
    QString first, second;
    Viewing viewing = Viewing::SideBySide;
    QString colours = QStringLiteral("lantern40"); ///< see referenceByKey()
    bool operator==(const AgreementQuestion &) const = default;
};

struct AgreementSheet {
    struct Choice {
        QString key, title;
    };
    struct Pair {
        size_t first, second;      ///< of `displays`
        double mean, error, worst; ///< ΔE00; error: of the mean, k = 1
    };
    AgreementQuestion question;                  ///< as it was answered
    std::vector<Choice> choices;                 ///< displays, then runs
    std::optional<run::DeskState> first, second; ///< nothing: there are no two yet
    std::optional<Agreement> agreement;
    std::vector<AgreedColour> greys; ///< from white to black
    std::vector<run::ComparedFigure> figures;
    std::vector<Diagram> firstCurves, secondCurves; ///< of the runs whose profiles are in use
    QStringList displays;                           ///< names of all that can be held together
    std::vector<Pair> pairs;
    Ranking ranking;                 ///< of `displays`
    std::optional<CommonAim> common; ///< what all of `displays` can share; nothing: see why
    QString whyNoCommon;
};

struct AgreementState {
    AgreementQuestion agreementQuestion;
    std::shared_ptr<const AgreementSheet> agreementSheet; ///< null: not worked out yet
    bool comparing = false;                               ///< it is being worked out
};

/// What the displays of a match can share, and how alike those are that are done.
struct MatchSheet {
    struct Display {
        QString id, name;
        QDateTime readAt;         ///< when it was read what it can do; invalid: never
        qint64 run = 0;           ///< that was finished since the match was begun; 0: none
        bool hasOtherAim = false; ///< that run
    };
    struct Pair {
        size_t first, second;                           ///< of `displays`
        Agreement agreement;                            ///< by what was read in their proofs
        std::vector<DeviceRgb> firstCodes, secondCodes; ///< that showed its colours
    };
    run::Match match; ///< that it is of
    std::vector<Display> displays;
    std::optional<CommonAim> common; ///< plans in the order of `displays`; nothing: see why
    QString whyNoCommon;
    std::vector<Pair> pairs;
};

struct MatchState {
    run::Match match;
    std::shared_ptr<const MatchSheet> matchSheet; ///< null: not worked out yet
};

/// One turn of the monitor's own controls, and what it did.
struct ControlTurn {
    MonitorControls from, to;
    std::optional<XYZ> before, after; ///< white, cd/m²; nothing: not read
    bool operator==(const ControlTurn &) const = default;
};

/// What the eye asks for on top of the calibration of the selected display.
struct TuneState {
    QString whyNoTune;   ///< it cannot be tuned; empty: it can
    qint64 tunedRun = 0; ///< the calibration below it
    FineTune tune;
    FineTune keptTune;                             ///< of the profile in use
    std::shared_ptr<const TunableDisplay> tunable; ///< null: nothing to tune
    std::optional<TunableDisplay::Tuned> tuned;    ///< what it comes to
    bool holdsBefore = false;                      ///< the calibration is on the display instead
    std::optional<XYZ> tunedWhite;                 ///< as read, with this tune and these controls
    bool readingTuned = false, keepingTune = false;
    bool readsTurns = false; ///< the meter hangs there while controls are turned
    std::optional<MonitorControls> tuneControls; ///< as they stand; nothing: none can be reached
    std::optional<ControlTurn> controlTurn;      ///< the last one
    bool isTurnUnknown = false; ///< controls were turned and nobody read what that did
};

/// The house's shared book.
struct BookState {
    QString bookUrl; ///< empty: this logbook goes with none
    bool syncing = false;
    QDateTime syncedAt; ///< invalid: not since the program was started
    bool isBookEncrypted = false;
    int runsBrought = 0, runsFetched = 0; ///< since then
    QString bookProblem;                  ///< why it could not be reached the last time
    QStringList bookLeft;                 ///< runs that could not be brought, and why
};

/// The newest calibration in a slot of the monitor's memory.
struct SlotRun {
    qint64 id = 0;
    QDateTime at;
    std::optional<int> slot; ///< nothing: in the video LUT
    run::RunResults results;
};

/// A monitor's own memory.
struct MonitorMemory {
    int slotCount = 0;
    bool mixes = false;        ///< primaries, see SlotTable
    std::optional<int> active; ///< nothing: none
    bool operator==(const MonitorMemory &) const = default;
};

struct MemoryState {
    std::optional<MonitorMemory> memory; ///< of the selected display; nothing: it has none
    std::optional<int> slotWanted;       ///< that the next run goes into; nothing: the video LUT
    QString slotName;                    ///< that it gets
};

/// What a person says of a batch that is to begin; its recipe is the aim, chart, profile and limits
/// as they are chosen.
struct BatchWish {
    QString name, folder;
    int retries = 1;
    bool longReport = false;
    QString referenceUnit; ///< serial number; empty: none
    int referenceEvery = 8;
};

/// The workshop.
struct BatchState {
    std::vector<run::Batch> batches;                   ///< newest first
    std::optional<run::Batch> batch;                   ///< the one that is open
    std::shared_ptr<const run::BatchTable> batchTable; ///< of it; null: not read yet
};

/// Other devices whose browsers show patches.
struct PagesState {
    struct Device {
        QString id, name;
        bool isConnected = false, isVisible = false, fillsScreen = false;
        QSize pixels;
        double ratio = 1;
        QString gamut; ///< see remote::PageFacts
        std::optional<int> roundTripMs;
        bool operator==(const Device &) const = default;
    };
    struct Address {
        QString address, network;
        bool operator==(const Address &) const = default;
    };
    bool mayServe = false;
    std::vector<Address> ownAddresses; ///< that others may reach this computer by
    QString pageUrl;                   ///< empty: nothing is served
    QString pairingCode;
    std::vector<Device> pageDevices;
};

/// How even the selected display was found.
struct EvenRun {
    qint64 id = 0;
    QDateTime at;
    run::EvennessChoice choice;
    Evenness evenness;
};

/// A picture mode of the selected display, as it was read last.
struct ModeRun {
    qint64 id = 0;
    QDateTime at;
    ReadMode mode;
    std::vector<qint64> older = {};        ///< runs of the same mode
    std::optional<Evenness> evenness = {}; ///< of a few fields in that mode; nothing: not measured
};

/// What the logbook says of the selected display.
struct HistoryState {
    // Made once: what copies it is in hundreds of units.
    HistoryState();
    HistoryState(const HistoryState &);
    HistoryState(HistoryState &&) noexcept;
    HistoryState &operator=(const HistoryState &);
    HistoryState &operator=(HistoryState &&) noexcept;
    ~HistoryState();

    std::vector<PastRun> pastRuns; ///< of all displays, newest first
    /// Those that were asked for by their numbers.
    std::map<qint64, std::shared_ptr<const run::RunResults>> loadedRuns;
    std::optional<run::RunResults> lastTime; ///< newest finished run of this display
    qint64 lastRun = 0;                      ///< the run that lastTime is of; 0: none
    std::optional<qint64> unfinishedRun;     ///< of this display, offered for resuming
    std::optional<CheckFirst> check;         ///< newest check of this display since its last run
    std::optional<QDateTime> checkedAt;
    std::optional<MonitorControls> checkControls; ///< as they stood then, where they can be read
    /// Newest proof of what is in force, apart from any run, if none has been made since.
    std::optional<run::RunResults> lastProof;
    std::optional<run::RunResults> byEye; ///< newest profile by eye, unless a run came after it
    /// The unfinished run, if its profile is installed already and is the newest of all.
    std::optional<run::RunResults> installed;
    bool readingHistory = false; ///< it has been asked and has not answered yet
    std::vector<std::shared_ptr<const EvenRun>> evenRuns; ///< newest first
    std::optional<qint64> unfinishedEvenness;             ///< newer than those
    std::vector<std::shared_ptr<const ModeRun>> modeRuns; ///< one for each name, newest first
    std::vector<std::shared_ptr<const SlotRun>> slotRuns; ///< one for each slot and for the LUT
    qint64 openedRun = 0; ///< of loadedRuns, that views are to show instead of the newest; 0: none

    /// The run whose profile belongs to the display.
    [[nodiscard]] const std::optional<run::RunResults> &own() const
    {
        return installed ? installed : byEye ? byEye : lastTime;
    }
};

/// Everything the window shows, a plain value.
struct SessionState : RunState,
                      AimState,
                      MeterState,
                      LightState,
                      ChecklistState,
                      HistoryState,
                      ProfilesState,
                      ForecastState,
                      ProofState,
                      PrintState,
                      LogState,
                      TrendState,
                      AgreementState,
                      MatchState,
                      TuneState,
                      MemoryState,
                      BatchState,
                      PagesState,
                      BookState,
                      GamutState {
    // Made once: what copies it is in hundreds of units.
    SessionState();
    SessionState(const SessionState &);
    SessionState(SessionState &&) noexcept;
    SessionState &operator=(const SessionState &);
    SessionState &operator=(SessionState &&) noexcept;
    ~SessionState();

    std::vector<DisplayCard> displays;
    std::optional<desk::DesktopFacts> desktop; ///< nothing: there are simulated displays only
    int selected = 0;
    /// Why the selected display cannot do what the aim asks, judged by what was read of it; empty:
    /// nothing speaks against it.
    QString aimProblem;
    ViewId view = ViewId::Ready;
    QString unit; ///< of the workshop, that the selected display is; empty: none
    /// What the last unit hung on was unplugged; none came and none was chosen since.
    bool unitDisplayGone = false;
    run::EvennessChoice evennessChoice; ///< how it is to be measured
    std::optional<Aim> aimAtEnd;        ///< the one chosen when the present run was complete
    bool freshRunWanted = false;        ///< the person chose a new run instead
    desk::ProfileInUse inUse;
    QString notice; ///< an error or a finished errand, across the top
    bool noticeIsProblem = false;
    QString reportFolder; ///< where the report of the run just made was saved; empty: not yet
    run::ReportStyle reportStyle;
    QString logbookPath;
    bool preparing = false; ///< the demo's earlier runs are being made

    /// A run that is more than a small errand has been begun.
    [[nodiscard]] bool hasRun() const
    {
        return status.run != 0 && status.activity != run::Activity::Idle &&
               results.setup.kind == run::RunKind::Calibration;
    }
    /// Warming up is being watched, the meter looked for or the last run checked.
    [[nodiscard]] bool onErrand() const
    {
        return results.setup.kind != run::RunKind::Calibration &&
               status.activity != run::Activity::Idle && status.activity != run::Activity::Finished;
    }
    /// The earlier run that was opened, while no other is under way; null: none.
    [[nodiscard]] const run::RunResults *opened() const
    {
        const auto run = loadedRuns.find(openedRun);
        return run == loadedRuns.end() || hasRun() || onErrand() ? nullptr : run->second.get();
    }
    /// Views show a run of another day: none is under way or has just ended.
    [[nodiscard]] bool showsEarlierRun() const
    {
        if (opened())
            return true;
        const bool ofToday =
            hasRun() || (results.setup.kind == run::RunKind::Calibration && !results.found.empty());
        return !ofToday && lastTime.has_value();
    }
    /// The run that views are about: the one under way, else the one opened, else the newest
    /// finished one.
    [[nodiscard]] const run::RunResults &shown() const
    {
        if (const run::RunResults *run = opened())
            return *run;
        return showsEarlierRun() ? *lastTime : results;
    }
    /// The run whose validation is the newest on this display: that of the run shown, or a proof
    /// made since, apart from it.
    [[nodiscard]] const run::RunResults &proved() const
    {
        if (results.setup.kind == run::RunKind::Validation)
            return results;
        if (const run::RunResults *run = opened())
            return *run;
        return lastProof && !hasRun() ? *lastProof : shown();
    }
    /// The aim that belongs to it; before any run the one chosen.
    [[nodiscard]] const Aim &shownAim() const
    {
        return hasRun() || showsEarlierRun() ? shown().setup.aim : aim;
    }
    /// The run is complete and the person has chosen another aim since; another name is none.
    [[nodiscard]] bool wantsAnotherAim() const
    {
        if (!hasRun() || status.activity != run::Activity::Finished || !aimAtEnd)
            return false;
        Aim chosen = aim;
        chosen.name = aimAtEnd->name;
        if (chosen == *aimAtEnd) // of another run, when this one was taken up again
            return false;
        chosen.name = results.setup.aim.name;
        return !(chosen == results.setup.aim);
    }
    /// The aim that the Ledger holds what was read against: the run's, else the one chosen.
    [[nodiscard]] const Aim &ledgerAim() const
    {
        return hasRun() && !wantsAnotherAim() ? results.setup.aim : aim;
    }
    /// What is under way is one meter's; no other may take its place.
    [[nodiscard]] bool isMetersOwn() const
    {
        return isMeasuring() || onErrand() ||
               (hasRun() && status.activity != run::Activity::Finished);
    }
    /// A run of stages is under way that another meter may go on with.
    [[nodiscard]] bool mayBeSwapped() const
    {
        return hasRun() && status.activity != run::Activity::Finished;
    }
    [[nodiscard]] bool isMeasuring() const
    {
        return status.activity == run::Activity::Working ||
               status.activity == run::Activity::Paused ||
               status.activity == run::Activity::Faulted;
    }
};

/// Whether the run of a display is done in the match that is under way.
bool isMatched(const SessionState &state, const QString &displayId);
/// The display whose turn it is in the match that is under way, the selected one if it is not done;
/// -1: no match, or all are done.
int nextMatched(const SessionState &state);

/// Display state as far as a run knows it now: after the chart, else after calibration, else from
/// the last white.
DisplayState presentState(const run::RunResults &results);

/// Why the selected display cannot do what the aim asks, by the newest readings of it as found; for
/// people. Empty: nothing speaks against it.
QString aimProblem(const SessionState &state);

} // namespace lantern::app
