#include "app/session.h"

#include "app/stage_words.h"
#include "core/base/error.h"
#include "run/book/output_files.h"
#include "run/logbook/load_results.h"

#include <QDir>
#include <QFileInfo>

#include <algorithm>

namespace lantern::app {

namespace {

constexpr int kPublishMs = 16; // at most 60 times a second
constexpr int kWatchMs = 2000; // no event tells of a changed LUT
constexpr int kStaleDays = 30; // common practice: validate monthly

using run::Activity;
using run::Stage;

void describeLastRun(DisplayCard &card, const run::RunResults &r)
{
    card.lastMean = r.validation->meanDeltaE00;
    card.lastValidated =
        QDateTime::fromString(QString::fromStdString(r.setup.startedAt), Qt::ISODate);
    const bool stale = card.lastValidated->daysTo(QDateTime::currentDateTimeUtc()) > kStaleDays;
    card.mark = stale ? Mark::Stale : markOf(r.validation->verdict.overall());
}

} // namespace

Session::Session(Workplace *workplace, const QString &logbookPath, QObject *parent)
    : QObject(parent),
      m_workplace(workplace),
      m_logbookPath(logbookPath),
      m_shelf(QFileInfo(logbookPath).absolutePath() + QStringLiteral("/aims")),
      m_meters(QFileInfo(logbookPath).absolutePath() + QStringLiteral("/meters")),
      m_engine(new run::RunEngine(logbookPath)),
      m_history(new HistoryReader(logbookPath))
{
    m_state.aim = aimPresets().front();
    m_state.displays = m_workplace->displays();
    m_state.ownAims = m_shelf.aims();
    m_publish.setSingleShot(true);
    connect(&m_watch, &QTimer::timeout, this, &Session::watchProfileInUse);
    m_watch.start(kWatchMs);
    connect(&m_publish, &QTimer::timeout, this, &Session::changed);
    connectEngine();
    connectHistory();
    connectWorkplace();
}

void Session::connectEngine()
{
    m_engine->moveToThread(&m_thread);
    connect(&m_thread, &QThread::finished, m_engine, &QObject::deleteLater);
    connect(this, &Session::beginRequested, m_engine, &run::RunEngine::begin);
    connect(this, &Session::resumeRunRequested, m_engine, &run::RunEngine::resumeRun);
    connect(this, &Session::proceedRequested, m_engine, &run::RunEngine::proceed);
    connect(this, &Session::pauseRequested, m_engine, &run::RunEngine::pause);
    connect(this, &Session::resumeRequested, m_engine, &run::RunEngine::resume);
    connect(this, &Session::stopRequested, m_engine, &run::RunEngine::stop);
    connect(this, &Session::abandonRequested, m_engine, &run::RunEngine::abandon);
    connect(this, &Session::controlsRequested, m_engine, &run::RunEngine::turnControls);
    connect(this, &Session::notedControlsRequested, m_engine, &run::RunEngine::noteControls);
    connect(this, &Session::profileTitleRequested, m_engine, &run::RunEngine::setProfileTitle);
    connect(this, &Session::adjustModeRequested, m_engine, &run::RunEngine::setAdjustMode);
    connect(m_engine, &run::RunEngine::statusChanged, this, &Session::onStatus);
    connect(this, &Session::greetRequested, m_engine, &run::RunEngine::greetMeter);
    connect(this, &Session::byEyeRequested, m_engine, &run::RunEngine::installByEye);
    connect(m_engine, &run::RunEngine::installedByEye, this, [this] {
        readLogbook();
        setNotice(tr("The profile made by eye is installed and in use."));
    });
    connect(this, &Session::roomRequested, m_engine, &run::RunEngine::readRoom);
    connect(m_engine, &run::RunEngine::resultsChanged, this, [this](const run::RunResults &r) {
        m_state.results = r;
        if (r.setup.kind == run::RunKind::WarmUp)
            m_state.warmUp = r.warmUp;
        publish();
    });
    connect(m_engine, &run::RunEngine::meterGreeted, this, [this](const QString &name) {
        m_state.readyFacts.meterAnswers = true;
        m_state.readyFacts.meterName = name;
        m_state.meter.name = name;
        m_state.meter.state = tr("ready");
        refreshMeterFacts(); // kept under the name it has told now
        refreshReady();
    });
    connect(m_engine, &run::RunEngine::roomRead, this, [this](const run::RoomLight &room) {
        m_state.readingRoom = false;
        m_state.roomReadings.push_back(room);
        m_state.meter.room = room;
        m_state.meter.roomTitle = tr("Room");
        publish();
    });
    connect(m_engine, &run::RunEngine::errandFailed, this, [this](const QString &message) {
        if (!std::exchange(m_state.readingRoom, false)) {
            m_state.readyFacts.meterAnswers = false;
            m_state.readyFacts.meterSays = message;
            m_state.meter.state = tr("does not answer");
        }
        setNotice(message);
    });
    // An older logbook is brought to the present form first; readers see it then.
    connect(m_engine, &run::RunEngine::opened, this, [this] { selectDisplay(m_state.selected); });
    connect(m_engine, &run::RunEngine::readingTaken, this, &Session::onReading);
    connect(m_engine, &run::RunEngine::failed, this, [this](const QString &message) {
        m_beginning = false;
        setNotice(message);
    });
    m_thread.start();
}

void Session::connectHistory()
{
    m_history->moveToThread(&m_historyThread);
    connect(&m_historyThread, &QThread::finished, m_history, &QObject::deleteLater);
    connect(this, &Session::historyWanted, m_history, &HistoryReader::read);
    connect(m_history, &HistoryReader::told, this,
            qOverload<const HistoryAnswer &>(&Session::takeHistory));
    m_historyThread.start();
}

void Session::connectWorkplace()
{
    connect(m_workplace, &Workplace::displaysChanged, this, &Session::onDisplaysChanged);
    connect(m_workplace, &Workplace::entryWanted, this,
            [this](const std::optional<DeviceRgb> &shown) {
                m_state.entryWanted = shown;
                publish();
            });
}

Session::~Session()
{
    emit stopRequested();
    m_workplace->letGoOfMeters();
    m_thread.quit();
    m_historyThread.quit();
    m_thread.wait();
    m_historyThread.wait();
    if (m_trying) { // whatever ends the program, no trial stays
        putBack();
        m_workplace->runEnds(m_state.selected);
    }
}

void Session::start()
{
    m_state.readingHistory = true;
    QMetaObject::invokeMethod(m_engine, &run::RunEngine::open);
    publish();
}

void Session::setPreparing(bool preparing)
{
    m_state.preparing = preparing;
    publish();
}

/// Asks the logbook; takeHistory() follows.
void Session::readLogbook()
{
    HistoryQuestion question{++m_questions, {}, m_state.status.run};
    for (const DisplayCard &card : m_state.displays)
        question.displayIds << card.id;
    m_state.readingHistory = true;
    emit historyWanted(question);
}

void Session::takeHistory(const HistoryAnswer &answer)
{
    if (answer.number != m_questions)
        return; // another one is on its way
    m_state.readingHistory = false;
    m_state.lastTime.reset();
    m_state.lastRun = 0;
    m_state.unfinishedRun.reset();
    m_state.check.reset();
    m_state.checkedAt.reset();
    m_state.byEye.reset();
    QStringList problems;
    for (const DisplayHistory &history : answer.displays)
        for (size_t i = 0; i < m_state.displays.size(); ++i)
            if (m_state.displays[i].id == history.displayId) {
                takeHistory(history, m_state.displays[i], static_cast<int>(i) == m_state.selected);
                problems << history.problems;
            }
    if (!answer.problem.isEmpty())
        m_state.notice = answer.problem;
    else if (!problems.isEmpty())
        m_state.notice =
            tr("Parts of the logbook cannot be read; the rest is whole. %1").arg(problems.front());
    if (std::exchange(m_putBackThen, false))
        putBack();
    refreshProfileInUse();
    publish();
}

void Session::takeHistory(const DisplayHistory &history, DisplayCard &card, bool selected)
{
    card.lastMean.reset();
    card.lastValidated.reset();
    card.mark = Mark::NotMeasured;
    if (history.newest && history.newest->validation)
        describeLastRun(card, *history.newest);
    if (history.byEye) {
        card.mark = Mark::ByEye;
        card.lastMean.reset();
    }
    if (!selected)
        return;
    m_state.lastTime = history.lastTime;
    m_state.lastRun = history.lastRun;
    m_state.unfinishedRun = history.unfinishedRun;
    m_state.check = history.check;
    m_state.checkedAt = history.checkedAt;
    m_state.byEye = history.byEye;
}

/// Displays came or went. A run on one that went is stopped and kept; it goes on when it is back.
void Session::onDisplaysChanged()
{
    const DisplayCard before = m_state.displays[m_state.selected];
    const bool measuring = m_state.isMeasuring();
    m_state.displays = m_workplace->displays();
    int index = -1;
    for (size_t i = 0; i < m_state.displays.size(); ++i)
        if (m_state.displays[i].id == before.id)
            index = static_cast<int>(i);
    if (m_state.status.run != 0)
        emit stopRequested(); // it takes other devices now
    m_state.status = {};
    m_state.results = {};
    if (!m_state.displays.empty()) {
        m_state.selected = 0;
        selectDisplay(std::max(index, 0));
    }
    if (measuring)
        setNotice(index < 0 ? tr("%1 was unplugged. Its run is kept: connect it again, choose it "
                                 "and go on.")
                                  .arg(before.name)
                            : tr("A display came or went, so the run was stopped. Nothing is lost: "
                                 "go on with it."));
    emit displaysChanged();
    publish();
}

/// The engine gets the devices of the selected display.
void Session::takeDevices()
{
    try {
        const run::Devices devices = m_workplace->devices(m_state.selected, &m_thread);
        QMetaObject::invokeMethod(m_engine, [this, devices] { m_engine->setDevices(devices); });
        if (m_workplace->hasMeter())
            emit greetRequested();
    } catch (const Error &e) {
        setNotice(QString::fromUtf8(e.what()));
    }
    m_state.meter = m_workplace->meterCard(m_state.selected);
    refreshMeterFacts();
    refreshCard();
    refreshReady();
}

void Session::selectDisplay(int index)
{
    if (m_state.isMeasuring()) {
        setNotice(tr("A run is under way on this display. Stop it before choosing another."));
        return;
    }
    if (index < 0 || index >= static_cast<int>(m_state.displays.size()))
        return;
    if (m_state.hasRun())
        emit stopRequested();
    m_state.selected = index;
    m_state.status = {};
    m_state.results = {};
    m_state.liveReadings.clear();
    m_state.readyConfirmed = false;
    m_state.freshRunWanted = false;
    m_state.inUse = {};
    m_state.notice.clear();
    m_state.view = ViewId::Ready;
    m_state.warmUp.reset();
    m_state.placement.reset();
    m_state.fourColours.clear();
    m_ticked.clear();
    m_workplace->patchWindow()->forgetPlace();
    m_state.lastTime.reset(); // of the display before
    m_state.byEye.reset();
    m_state.unfinishedRun.reset();
    m_putBackThen = true;
    readLogbook();
    takeDevices();
    publish();
}

/// The display's own LUT and profile in force again: a run that ends early leaves none of its
/// trials.
void Session::putBack()
{
    try {
        m_workplace->activate(m_state.selected, m_state.byEye ? m_state.byEye : m_state.lastTime);
    } catch (const Error &e) {
        setNotice(QString::fromUtf8(e.what()));
    }
}

/// What a run changes on the display is only for its time, until something is installed. False, and
/// the reason is told, where another program is at it or what is found cannot be kept.
bool Session::beginTrying()
{
    try {
        m_workplace->runBegins(m_state.selected);
        m_trying = true;
    } catch (const Error &e) {
        setNotice(QString::fromUtf8(e.what()));
        return false;
    }
    return true;
}

void Session::showView(ViewId view)
{
    m_state.view = view;
    publish();
}

void Session::setReadyPoint(int index, bool done)
{
    const ReadyPoint &point = m_state.ready.at(index);
    if (done)
        m_ticked.insert(point.key);
    else
        m_ticked.erase(point.key);
    publish();
}

void Session::refreshReady()
{
    ReadyFacts facts = m_workplace->readyFacts(m_state.selected);
    if (!facts.meterAnswers) { // only the meter itself knows, and it was asked before
        facts.meterAnswers = m_state.readyFacts.meterAnswers;
        facts.meterSays = m_state.readyFacts.meterSays;
    }
    if (m_state.meter.certificate) {
        facts.certificateDue = QString::fromStdString(m_state.meter.certificate->due);
        facts.certificateOverdue = m_state.meter.certificate->isOverdue(
            QDate::currentDate().toString(Qt::ISODate).toStdString());
    }
    facts.correction = m_state.meter.correction;
    m_state.readyFacts = facts;
    publish();
}

void Session::setTechnology(const QString &technology)
{
    m_workplace->setTechnology(m_state.selected, technology.toStdString());
    refreshMeterFacts();
    refreshCard();
    publish();
}

/// What the workplace knows by now of the selected display; what the logbook knows stays.
void Session::refreshCard()
{
    DisplayCard &card = m_state.displays[m_state.selected];
    const DisplayCard before = card;
    card = m_workplace->displays()[m_state.selected];
    card.lastMean = before.lastMean;
    card.lastValidated = before.lastValidated;
    card.mark = before.mark;
}

bool Session::mayChangeMeter()
{
    const bool atWork = m_state.isMeasuring() || m_state.onErrand() ||
                        (m_state.hasRun() && m_state.status.activity != Activity::Finished);
    if (atWork)
        setNotice(tr("A run is one meter's. Finish or stop it before changing the meter."));
    return !atWork;
}

void Session::meterChanged()
{
    m_state.readyFacts = {};
    takeDevices();
}

void Session::enterReading(const XYZ &xyz)
{
    m_state.entryWanted.reset();
    m_workplace->enterReading(xyz);
    publish();
}

void Session::onStatus(const run::RunStatus &status)
{
    m_beginning = false;
    const bool stageChanged = status.stage != m_state.status.stage;
    if (status.activity == Activity::Working)
        m_state.readingRoom = false; // the meter is needed elsewhere
    if (m_state.status.run == 0 && status.run != 0 && status.activity != Activity::Idle &&
        status.stage != run::stagesOf(m_state.results.setup.kind).front())
        m_state.view = viewOf(status.stage); // taken up again where it was left
    const bool activityChanged = status.activity != m_state.status.activity;
    m_state.status = status;
    if (stageChanged && status.stage == Stage::Done && m_state.hasRun())
        m_state.view = viewOf(status.stage);
    if (activityChanged &&
        (status.activity == Activity::Faulted || status.activity == Activity::Blocked))
        m_state.notice = status.message;
    else if (activityChanged && status.activity == Activity::Working)
        m_state.notice.clear();
    if (activityChanged &&
        (status.activity == Activity::Finished || status.activity == Activity::Idle))
        readLogbook();
    if (activityChanged && status.activity == Activity::Idle)
        putBack();
    const bool installed = run::isAfter(m_state.results.setup.kind, status.stage, Stage::Install);
    if (m_trying &&
        (status.activity == Activity::Idle || status.activity == Activity::Finished || installed)) {
        m_trying = false;
        m_workplace->runEnds(m_state.selected);
    }
    if (activityChanged)
        m_workplace->keepAwake(m_state.isMeasuring());
    if (activityChanged && status.activity == Activity::Finished &&
        m_state.results.setup.kind != run::RunKind::Calibration)
        finishErrand();
    if (stageChanged || activityChanged)
        refreshProfileInUse();
    publish();
}

void Session::onReading(run::Stage, const Reading &reading)
{
    m_state.liveReadings.push_back(reading);
    m_state.meter.lastReading = reading.xyz;
    m_state.readyFacts.meterAnswers = true;
    publish();
}

void Session::refreshProfileInUse()
{
    // While a run measures, its own LUT is loaded on purpose; only an installed profile is judged.
    const bool installed = !m_state.results.installedPath.isEmpty();
    try {
        if (installed)
            m_state.inUse = m_workplace->readBack(m_state.selected, m_state.results);
        else if (!m_state.hasRun() && m_state.byEye)
            m_state.inUse = m_workplace->readBack(m_state.selected, *m_state.byEye);
        else if (!m_state.hasRun() && m_state.lastTime)
            m_state.inUse = m_workplace->readBack(m_state.selected, *m_state.lastTime);
        else
            m_state.inUse = {};
    } catch (const Error &e) {
        m_state.inUse = {};
        setNotice(QString::fromUtf8(e.what()));
    }
}

/// Other programs may change what is in force at any time; while a run measures, its engine
/// watches.
void Session::watchProfileInUse()
{
    if (m_state.displays.empty() || m_state.isMeasuring() || m_trying)
        return;
    const desk::ProfileInUse before = m_state.inUse;
    refreshProfileInUse();
    if (!(before == m_state.inUse))
        publish();
}

void Session::saveReport(const QString &folder)
{
    try {
        run::writeOutputs(m_state.shown(), folder);
        setNotice(
            tr("Profile, readings and report are in %1.").arg(QDir::toNativeSeparators(folder)));
    } catch (const Error &e) {
        setNotice(QString::fromUtf8(e.what()));
    }
}

void Session::setNotice(const QString &notice)
{
    m_state.notice = notice;
    publish();
}

void Session::publish()
{
    judgeAim();
    m_state.ready = readyPoints(m_state.readyFacts, m_state.warmUp, m_state.placement, m_ticked);
    if (!m_publish.isActive())
        m_publish.start(kPublishMs);
}

} // namespace lantern::app
