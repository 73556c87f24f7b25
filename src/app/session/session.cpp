#include "app/session/session.h"

#include "core/judge/proof_kind.h"

#include "app/state/stage_words.h"
#include "app/workplace/pages_workplace.h"
#include "paper/report_pages.h"
#include "run/book/in_words.h"
#include "run/book/output_files.h"
#include "run/file/files.h"

#include <QDir>
#include <QFileInfo>
#include <QUndoCommand>

#include <algorithm>

namespace lantern::app {

namespace {

constexpr int kPublishMs = 16; // at most 60 times a second

using run::Activity;
using run::Stage;

/// Devices with pages came or went, which stand after all others; nothing else has changed.
bool onlyPagesDiffer(const std::vector<DisplayCard> &before, const std::vector<DisplayCard> &now)
{
    const auto ids = [](const std::vector<DisplayCard> &cards, bool withPages) {
        QStringList list;
        for (const DisplayCard &card : cards)
            if (withPages || !isPage(card))
                list << card.id;
        return list;
    };
    return ids(before, false) == ids(now, false) && ids(before, true) != ids(now, true);
}

QString beside(const QString &logbookPath, const char *folder)
{
    return QFileInfo(logbookPath).absolutePath() + QLatin1Char('/') + QLatin1String(folder);
}

} // namespace

Session::Session(Workplace *workplace, const QString &logbookPath, QObject *parent)
    : QObject(parent),
      m_workplace(workplace),
      m_displays(readDisplays()),
      m_logbookPath(logbookPath),
      m_reportStyleFile(beside(logbookPath, "studio.json")),
      m_inForce(workplace),
      m_aim(beside(logbookPath, "aims"), beside(logbookPath, "profile-form.json")),
      m_meter(beside(logbookPath, "meters")),
      m_light(beside(logbookPath, "lights.json"), m_aim.undoStack()),
      m_history(logbookPath),
      m_backUp([this](const QString &problem) {
          if (problem.isEmpty())
              setNotice(tr("All of the logbook is in %1.").arg(m_backUpTo));
          else
              setProblem(problem);
      }),
      m_proof(beside(logbookPath, "limits"), beside(logbookPath, "proof.json")),
      m_print(beside(logbookPath, "print.json")),
      m_log(logbookPath),
      m_trends(logbookPath),
      m_agreement(logbookPath),
      m_match(logbookPath, beside(logbookPath, "match.json")),
      m_batch(logbookPath, beside(logbookPath, "workshop")),
      m_tune(m_aim.undoStack()),
      m_book(logbookPath),
      m_run(logbookPath)
{
    m_reportStyle.letter = QLocale().measurementSystem() == QLocale::ImperialUSSystem;
    try {
        if (QFileInfo::exists(m_reportStyleFile))
            m_reportStyle = run::readReportStyle(m_reportStyleFile);
    } catch (const Error &e) { // damaged: none, until it is given anew
        m_damaged << run::inWords(e);
    }
    for (const QString &problem :
         {m_aim.takeProblem(), m_proof.takeProblem(), m_print.takeProblem(), m_book.takeProblem(),
          m_match.takeProblem(), m_batch.takeProblem()})
        if (!problem.isEmpty())
            m_damaged << problem;
    m_publish.setSingleShot(true);
    connect(&m_publish, &QTimer::timeout, this, [this] {
        lookWhereNeeded();
        emit changed();
    });
    connectParts();
    connectEngine();
}

std::map<QString, QString> Session::displayNames() const
{
    std::map<QString, QString> names;
    for (const DisplayCard &card : m_displays)
        names[card.id] = card.name;
    return names;
}

void Session::lookWhereNeeded()
{
    if (m_view == ViewId::Gamut)
        m_gamut.look(state().shown().profile, m_history.state().loadedRuns);
    if (m_view == ViewId::Logbook)
        m_log.look(displayNames());
    if (m_view == ViewId::Trends)
        m_trends.look(displayNames(), m_displays.empty() ? QString() : m_displays[m_selected].id);
    if (m_view == ViewId::Agreement)
        m_agreement.look(displayNames(), m_aim.state().aim);
    if (m_view == ViewId::Match)
        m_match.look(displayNames(), m_aim.state().aim);
    if (m_view == ViewId::FineTune)
        lookTuned();
    if (m_view == ViewId::SoftProof || m_view == ViewId::Compare)
        m_print.look(state().shown().profile);
}

/// Says when each display's light may leave its limits, for the Keeper and its reminders.
void Session::foretell()
{
    for (const run::FigureTrend &light : m_log.state().lightTrends)
        for (int i = 0; i < static_cast<int>(m_displays.size()); ++i)
            if (m_displays[i].id == light.displayId)
                m_inForce.foretold(i, run::nextCheck(light).value_or(QDateTime()));
}

void Session::connectParts()
{
    connect(&m_aim, &AimPart::changed, this, &Session::publish);
    connect(&m_meter, &MeterPart::changed, this, &Session::publish);
    connect(&m_light, &LightPart::changed, this, &Session::publish);
    connect(&m_light, &LightPart::failed, this, &Session::setProblem);
    connect(&m_file, &FilePart::told, this, &Session::setNotice);
    connect(&m_file, &FilePart::failed, this, &Session::setProblem);
    connect(&m_checklist, &ChecklistPart::changed, this, &Session::publish);
    connect(&m_history, &HistoryPart::changed, this, &Session::publish);
    connect(&m_history, &HistoryPart::told, this, &Session::onHistory);
    connect(&m_inForce, &InForcePart::changed, this, &Session::publish);
    connect(&m_inForce, &InForcePart::told, this, &Session::setProblem);
    connect(&m_inForce, &InForcePart::lookDue, this, [this] {
        if (!m_displays.empty() && !state().isMeasuring()) // else the engine watches
            lookInForce();
    });
    connect(&m_proof, &ProofPart::changed, this, &Session::publish);
    connect(&m_print, &PrintPart::changed, this, &Session::publish);
    connect(&m_print, &PrintPart::failed, this, &Session::setProblem);
    connect(&m_log, &LogPart::changed, this, &Session::publish);
    connect(&m_log, &LogPart::failed, this, &Session::setProblem);
    connect(&m_log, &LogPart::trendsKnown, this, &Session::foretell);
    connect(&m_trends, &TrendPart::changed, this, &Session::publish);
    connect(&m_trends, &TrendPart::failed, this, &Session::setProblem);
    connect(&m_agreement, &AgreementPart::changed, this, &Session::publish);
    connect(&m_agreement, &AgreementPart::failed, this, &Session::setProblem);
    connect(&m_match, &MatchPart::changed, this, &Session::publish);
    connect(&m_match, &MatchPart::failed, this, &Session::setProblem);
    connect(&m_batch, &BatchPart::changed, this, &Session::publish);
    connect(&m_batch, &BatchPart::failed, this, &Session::setProblem);
    connect(&m_batch, &BatchPart::known, this, &Session::onBatchKnown);
    connect(m_workplace, &Workplace::displaysRenamed, this, &Session::onPages);
    if (remote::PatchServer *server = m_workplace->patchServer())
        connect(server, &remote::PatchServer::changed, this, &Session::publish);
    connect(&m_tune, &TunePart::changed, this, &Session::publish);
    connect(&m_tune, &TunePart::lutWanted, this, &Session::publishTuned);
    connect(&m_tune, &TunePart::whiteWanted, this, &Session::readTuned);
    connect(&m_tune, &TunePart::controlsWanted, this, [this](const MonitorControls &controls) {
        m_run.ask([controls](run::RunEngine &engine) { engine.setControls(controls); });
    });
    connect(&m_tune, &TunePart::made, this, &Session::installTuned);
    connect(&m_book, &BookPart::changed, this, &Session::publish);
    connect(&m_book, &BookPart::fetched, this, &Session::takeFetched);
    connect(&m_history, &HistoryPart::changed, this, [this] {
        if (m_reportThen != 0 && m_history.state().loadedRuns.contains(m_reportThen)) {
            m_reportThen = 0;
            publish();
            emit reportWanted();
        }
    });
    connect(&m_gamut, &GamutPart::changed, this, &Session::publish);
    connect(&m_gamut, &GamutPart::failed, this, &Session::setProblem);
    connect(&m_gamut, &GamutPart::runWanted, &m_history, &HistoryPart::load);
    connect(&m_forecast, &ForecastPart::changed, this, &Session::publish);
    connect(&m_run, &RunPart::changed, this, [this] {
        m_forecast.look(m_run.state());
        if (m_run.state().results.setup.kind == run::RunKind::WarmUp)
            m_checklist.setWarmUp(m_run.state().results.warmUp);
        publish();
    });
    connect(&m_run, &RunPart::statusChanged, this, &Session::onStatus);
    connect(&m_run, &RunPart::failed, this, &Session::setProblem);
    connect(&m_run, &RunPart::readingTaken, this, [this](const Reading &reading) {
        m_meter.took(reading);
        m_checklist.meterAnswers(m_checklist.state().readyFacts.meterName);
    });
    // An older logbook is brought to the present form first; readers see it then.
    connect(&m_run, &RunPart::opened, this, [this] { selectDisplay(m_selected); });
    connect(m_workplace, &Workplace::displaysChanged, this, &Session::onDisplaysChanged);
    connect(m_workplace, &Workplace::entryWanted, &m_meter, &MeterPart::wantEntry);
    connect(&m_inForce, &InForcePart::lost, this, [this] {
        setProblem(tr("Another program has changed the profile or the video LUT of this display. "
                      "The page Profile puts it back."));
    });
    connect(m_workplace, &Workplace::meterCame, this, &Session::onMeterCame);
    connect(m_workplace, &Workplace::meterButtonPressed, this, &Session::act);
    connect(m_workplace, &Workplace::pauseWanted, this, &Session::pause);
}

/// What the engine answers to errands that need no run.
void Session::connectEngine()
{
    const run::RunEngine *engine = m_run.engine();
    connect(engine, &run::RunEngine::meterGreeted, this, [this](const QString &name) {
        m_checklist.meterAnswers(name);
        m_meter.greeted(name);
        refreshMeterFacts(); // kept under the name it has told now
        refreshReady();
        goOnWithMeter();
    });
    connect(engine, &run::RunEngine::roomRead, &m_meter, &MeterPart::roomRead);
    connect(engine, &run::RunEngine::blackRead, this,
            [this](const XYZ &xyz) { m_light.took(xyz, m_displays.at(m_selected).id); });
    connect(engine, &run::RunEngine::whiteRead, &m_tune, &TunePart::read);
    connect(engine, &run::RunEngine::controlsSet, &m_tune, &TunePart::turned);
    connect(engine, &run::RunEngine::errandFailed, this, [this](const QString &message) {
        if (m_tune.isAsking())
            m_tune.gaveUp();
        else if (m_meter.state().readingRoom)
            m_meter.setReadingRoom(false);
        else if (m_light.state().readingBlack != BlackReading::None)
            m_light.gaveUp();
        else {
            m_swappedRun.reset(); // the run stays stopped and is offered
            m_checklist.meterFails(message);
            m_meter.doesNotAnswer();
        }
        setProblem(message);
    });
    connect(engine, &run::RunEngine::installedByEye, this, [this] {
        readLogbook();
        setNotice(m_view == ViewId::FineTune
                      ? tr("The fine-tuned profile is installed and in use.")
                      : tr("The profile made by eye is installed and in use."));
    });
}

Session::~Session()
{
    m_run.stop();
    m_workplace->letGoOfMeters();
}

const SessionState &Session::state() const
{
    if (m_stale)
        compose();
    return m_state;
}

void Session::compose() const
{
    static_cast<RunState &>(m_state) = m_run.state();
    static_cast<AimState &>(m_state) = m_aim.state();
    static_cast<MeterState &>(m_state) = m_meter.state();
    static_cast<LightState &>(m_state) = m_light.state();
    static_cast<ChecklistState &>(m_state) = m_checklist.state();
    static_cast<HistoryState &>(m_state) = m_history.state();
    static_cast<ProfilesState &>(m_state) = m_inForce.profiles();
    static_cast<ForecastState &>(m_state) = m_forecast.state();
    static_cast<ProofState &>(m_state) = m_proof.state();
    static_cast<PrintState &>(m_state) = m_print.state();
    static_cast<LogState &>(m_state) = m_log.state();
    static_cast<TrendState &>(m_state) = m_trends.state();
    static_cast<AgreementState &>(m_state) = m_agreement.state();
    static_cast<MatchState &>(m_state) = m_match.state();
    static_cast<BatchState &>(m_state) = m_batch.state();
    static_cast<PagesState &>(m_state) = pagesState();
    static_cast<TuneState &>(m_state) = m_tune.state();
    static_cast<BookState &>(m_state) = m_book.state();
    static_cast<GamutState &>(m_state) = m_gamut.state();
    m_state.memory = m_displays.empty() ? std::nullopt : m_workplace->memory(m_selected);
    m_state.slotWanted = m_slotWanted;
    m_state.slotName = m_slotName;
    m_state.displays = m_displays;
    m_state.desktop = m_desktop;
    for (DisplayCard &card : m_state.displays)
        if (const auto known = m_history.verdicts().find(card.id);
            known != m_history.verdicts().end())
            static_cast<DisplayVerdict &>(card) = known->second;
    for (PastRun &run : m_state.pastRuns) // called as on this desk
        for (const DisplayCard &card : m_displays)
            if (card.id == run.displayId)
                run.displayName = card.name;
    m_state.selected = m_selected;
    m_state.view = m_view;
    m_state.unit = m_unit;
    m_state.unitDisplayGone = m_unitDisplayGone;
    m_state.notice = m_notice;
    m_state.noticeIsProblem = m_noticeIsProblem;
    m_state.reportFolder = m_reportFolder;
    m_state.logbookPath = m_logbookPath;
    m_state.reportStyle = m_reportStyle;
    m_state.aimAtEnd = m_aimAtEnd;
    m_state.freshRunWanted = m_freshRunWanted;
    m_state.preparing = m_preparing;
    m_state.inUse = m_inForce.inUse();
    const auto &evenRuns = m_state.evenRuns;
    m_state.evennessChoice = m_evenness         ? *m_evenness
                             : evenRuns.empty() ? run::EvennessChoice{}
                                                : evenRuns.front()->choice;
    m_state.aimProblem = aimProblem(m_state);
    m_stale = false;
}

void Session::publish()
{
    m_stale = true;
    if (!m_publish.isActive())
        m_publish.start(kPublishMs);
}

void Session::attempt(const std::function<void()> &work)
{
    try {
        work();
    } catch (const Error &e) {
        setProblem(run::inWords(e));
    }
}

void Session::setNotice(const QString &notice)
{
    m_notice = notice;
    m_noticeIsProblem = false;
    publish();
}

void Session::setProblem(const QString &problem)
{
    m_notice = problem;
    m_noticeIsProblem = true;
    publish();
}

void Session::dismissNotice()
{
    setNotice({});
}

void Session::start()
{
    m_history.expect();
    m_run.ask([](run::RunEngine &engine) { engine.open(); });
}

void Session::setPreparing(bool preparing)
{
    m_preparing = preparing;
    publish();
}

/// Asks the logbook; onHistory() follows.
void Session::readLogbook()
{
    readLogbook(m_run.state().status.run);
}

/// \param presentRun is not of the past yet; 0: none
void Session::readLogbook(qint64 presentRun)
{
    m_log.outdate();
    m_trends.outdate();
    m_agreement.outdate();
    m_match.outdate();
    m_batch.outdate();
    m_book.outdate();
    QStringList ids;
    for (const DisplayCard &card : m_displays)
        ids << card.id;
    m_history.ask(ids, m_displays.empty() ? QString() : m_displays[m_selected].id, presentRun);
}

void Session::onHistory(const QString &problem)
{
    const HistoryState &h = m_history.state();
    m_inForce.setOwn(h.own());
    const QString ofLight = m_light.takeProblem();
    QStringList problems = {problem, ofLight};
    problems << std::exchange(m_damaged, {});
    problems.removeAll(QString());
    if (!problems.isEmpty())
        setProblem(problems.join(QLatin1Char('\n')));
    if (std::exchange(m_putBackThen, false))
        m_inForce.putBack();
    lookInForce();
    if (h.lastTime && !state().hasRun() && isPage(m_displays.at(m_selected)))
        attempt([&] { m_workplace->runFinished(m_selected, *h.lastTime); }); // to be fetched again
    if (std::exchange(m_unitBegins, false))
        beginUnit();
}

/// Displays came or went. A run on one that went is stopped and kept; it goes on when it is back.
void Session::onDisplaysChanged()
{
    const DisplayCard before = m_displays[m_selected];
    const bool measuring = state().isMeasuring();
    const std::vector<DisplayCard> former = std::exchange(m_displays, readDisplays());
    m_desktop = m_workplace->desktop();
    int index = -1;
    for (size_t i = 0; i < m_displays.size(); ++i)
        if (m_displays[i].id == before.id)
            index = static_cast<int>(i);
    bool unitDisplayGone = m_unitDisplayGone || (!m_unit.isEmpty() && index < 0);
    bool unitCame = false;
    // In the workshop the display that comes is the next unit, never the person's own screen.
    if (m_batch.state().batch && (index < 0 || !measuring))
        for (size_t i = 0; i < m_displays.size(); ++i)
            if (std::ranges::find(former, m_displays[i].id, &DisplayCard::id) == former.end()) {
                index = static_cast<int>(i);
                unitCame = true;
                unitDisplayGone = false;
            }
    if (index == m_selected && onlyPagesDiffer(former, m_displays)) {
        emit displaysChanged(); // the run goes on: its devices are the same
        publish();
        return;
    }
    if (measuring)
        m_inForce.leave();
    if (m_run.state().status.run != 0)
        m_run.stop(); // it takes other devices now
    m_run.forget();
    m_tuneShown = false; // what was tried is on a display that went, or has another number now
    m_tune.select({});
    if (!m_displays.empty()) {
        m_selected = 0;
        m_view = ViewId::Ready;
        selectDisplay(std::max(index, 0));
    }
    m_unitDisplayGone = unitDisplayGone;
    if (unitDisplayGone || unitCame)
        m_view = ViewId::Workshop;
    if (measuring)
        setProblem(index < 0
                       ? tr("%1 was unplugged. Its run is kept: connect it again, choose it "
                            "and go on.")
                             .arg(before.name)
                       : tr("A display came or went, so the run was stopped. Nothing is lost: "
                            "go on with it."));
    emit displaysChanged();
    publish();
}

void Session::selectDisplay(int index)
{
    if (state().isMeasuring()) {
        setProblem(tr("A run is under way on this display. Stop it before choosing another."));
        return;
    }
    if (m_tune.state().keepingTune) {
        sayTuneIsMade();
        return;
    }
    if (index < 0 || index >= static_cast<int>(m_displays.size()))
        return;
    leaveTrials(); // on the display before, also of a run that waits
    if (!m_unit.isEmpty() && m_displays[static_cast<size_t>(index)].id !=
                                 QString::fromStdString(run::unitDisplayId(m_unit))) {
        m_selected = index;
        leaveUnit();
    }
    if (state().hasRun())
        m_run.stop();
    if (m_selected != index)
        m_evenness.reset(); // how that one is measured, and what its monitor does by itself
    m_selected = index;
    m_unitDisplayGone = false;
    m_tune.select(m_displays[m_selected].id);
    m_viewAfter.reset();
    m_slotWanted.reset();
    m_slotName.clear();
    m_freshRunWanted = false;
    m_swappedRun.reset();
    m_notice.clear();
    m_view = ViewId::Ready;
    m_run.forget();
    m_history.forget(); // of the display before
    m_inForce.select(index);
    m_inForce.setOwn({});
    m_meter.forgetFourColours();
    m_checklist.startOver();
    m_workplace->patchWindow()->forgetPlace();
    m_putBackThen = true;
    readLogbook();
    takeDevices();
}

/// The engine gets the devices of the selected display.
void Session::takeDevices()
{
    m_light.forgetBlack();
    m_meter.setReadingRoom(false); // the meter that was asked does not answer any more
    attempt([this] {
        const run::Devices devices = m_workplace->devices(m_selected, m_run.thread());
        m_run.ask([devices](run::RunEngine &engine) { engine.setDevices(devices); });
        if (m_workplace->hasMeter())
            m_run.ask([](run::RunEngine &engine) { engine.greetMeter(); });
    });
    m_meter.setCard(m_workplace->meterCard(m_selected));
    refreshMeterFacts();
    m_displays = readDisplays();
    m_desktop = m_workplace->desktop();
    refreshReady();
}

void Session::showView(ViewId view)
{
    m_view = view;
    if (view == ViewId::Pages) {
        m_ownAddresses.clear();
        for (const remote::OwnAddress &own : remote::ownAddresses())
            m_ownAddresses.push_back({own.address.toString(), own.network});
    }
    publish();
}

void Session::setReadyPoint(int index, bool done)
{
    m_checklist.tick(index, done);
}

void Session::refreshReady()
{
    m_checklist.setFacts(m_workplace->readyFacts(m_selected), m_meter.state().meter);
}

/// Another panel technology for a display.
class TechnologyCommand : public QUndoCommand {
public:
    TechnologyCommand(Session *session, QString displayId, QString from, QString to)
        : m_session(session),
          m_displayId(std::move(displayId)),
          m_from(std::move(from)),
          m_to(std::move(to))
    {
        setText(Session::tr("change of the panel technology"));
    }
    void undo() override { m_session->applyTechnology(m_displayId, m_from); }
    void redo() override { m_session->applyTechnology(m_displayId, m_to); }

private:
    Session *m_session;
    QString m_displayId, m_from, m_to;
};

void Session::setTechnology(const QString &technology)
{
    const DisplayCard &card = m_displays[m_selected];
    const QString before = card.technologyChosen ? card.technology : QString();
    if (technology != before)
        undoStack()->push(new TechnologyCommand(this, card.id, before, technology));
}

/// A display that is not there keeps what it has.
void Session::applyTechnology(const QString &displayId, const QString &technology)
{
    for (size_t i = 0; i < m_displays.size(); ++i)
        if (m_displays[i].id == displayId)
            m_workplace->setTechnology(static_cast<int>(i), technology.toStdString());
    refreshMeterFacts();
    m_displays = readDisplays();
    m_desktop = m_workplace->desktop();
    publish();
}

void Session::onStatus(const run::RunStatus &before)
{
    const RunState &run = m_run.state();
    const run::RunStatus &now = run.status;
    const bool stageChanged = now.stage != before.stage;
    const bool activityChanged = now.activity != before.activity;
    const bool ends = now.activity == Activity::Idle || now.activity == Activity::Finished;
    m_forecast.look(run);
    publish();
    if (now.activity == Activity::Working) { // the meter is needed elsewhere
        m_tune.gaveUp();
        m_meter.setReadingRoom(false);
        m_light.gaveUp();
    }
    if ((before.run == 0 || before.activity == Activity::Idle) && state().hasRun())
        m_view = viewOf(now.stage); // begun, or taken up again where it was left
    if (stageChanged && now.stage == Stage::Done && state().hasRun())
        m_view = viewOf(now.stage);
    if (activityChanged && (now.activity == Activity::Faulted || now.activity == Activity::Blocked))
        setProblem(now.message);
    else if (activityChanged &&
             (now.activity == Activity::Working || now.activity == Activity::Finished))
        m_notice.clear();
    if (now.run != before.run)
        m_reportFolder.clear();
    if (activityChanged)
        m_aimAtEnd =
            now.activity == Activity::Finished ? std::optional(m_aim.state().aim) : std::nullopt;
    if (activityChanged && ends)
        readLogbook();
    if (activityChanged && now.activity == Activity::Idle) {
        if (!run.results.installedPath.isEmpty()) // stopped while it was being proved
            m_inForce.setOwn(run.results);
        m_inForce.putBack();
    }
    const bool installed = run::isAfter(run.results.setup.kind, now.stage, Stage::Install);
    // A run that was forgotten first ends here only where it was left: what is tried else is new.
    const bool ended = ends && (activityChanged || m_inForce.isLeft());
    if (m_inForce.isTrying() && (ended || installed))
        m_inForce.endTrying();
    if (activityChanged)
        m_workplace->keepAwake(state().isMeasuring());
    if (activityChanged && now.activity == Activity::Finished) {
        const auto &validation = run.results.validation;
        if (run.results.check || (validation && provesProfile(*validation))) {
            if (m_unit.isEmpty()) // else of the unit, which goes away
                m_inForce.proved(run.results.validation ? run.results.validation->meanDeltaE00
                                                        : std::nullopt);
            m_log.look(displayNames()); // what it says of the drift: see foretell()
        }
        if (run.results.setup.kind != run::RunKind::Calibration)
            finishErrand();
        else {
            attempt([&] { m_workplace->runFinished(m_selected, run.results); });
            if (!run.results.setup.batch.empty())
                finishUnit();
        }
    }
    if (stageChanged || activityChanged)
        lookInForce();
    publish(); // with the view that was chosen meanwhile
}

/// While a run measures, its own LUT is loaded on purpose; only an installed profile is judged.
void Session::lookInForce()
{
    if (m_state.memory != m_workplace->memory(m_selected)) // the monitor's own buttons
        publish();
    const SessionState &s = state();
    std::optional<run::RunResults> expected;
    if (!s.results.installedPath.isEmpty())
        expected = s.results;
    else if (!s.hasRun())
        expected = s.own();
    m_inForce.look(expected);
}

void Session::setAim(const Aim &aim)
{
    const Activity activity = m_run.state().status.activity;
    if (state().hasRun() && activity != Activity::Finished && activity != Activity::Blocked) {
        setProblem(tr("The aim of a run under way stays as it is. Stop the run to change it."));
        return;
    }
    m_aim.setAim(aim);
}

void Session::setMeasureChoice(const MeasureChoice &choice)
{
    m_aim.setMeasure(choice);
}

void Session::keepAim(const QString &name)
{
    attempt([&] { setNotice(m_aim.keep(name)); });
}

void Session::keepChart(const QString &name, const std::vector<DeviceRgb> &patches)
{
    attempt([&] { setNotice(m_aim.keepChart(name, patches)); });
}

void Session::chooseChart(const QString &name)
{
    attempt([&] { m_aim.chooseChart(name); });
}

void Session::removeChart(const QString &name)
{
    attempt([&] { setNotice(m_aim.removeChart(name)); });
}

void Session::duplicateAim()
{
    attempt([&] { setNotice(m_aim.keepCopy()); });
}

void Session::removeOwnAim(const QString &name)
{
    attempt([&] { setNotice(m_aim.removeOwn(name)); });
}

void Session::saveReport(const QString &folder)
{
    attempt([&] {
        const run::RunResults &shown = state().shown();
        writeReport(shown, folder, std::nullopt);
        if (!state().opened()) // of the run just made
            m_reportFolder = folder;
        setNotice(
            tr("Profile, readings and report are in %1.").arg(QDir::toNativeSeparators(folder)));
    });
}

void Session::setReportStyle(const run::ReportStyle &style)
{
    m_reportStyle = style;
    publish();
    attempt([&] { run::writeReportStyle(m_reportStyleFile, style); });
}

} // namespace lantern::app
