#include "app/session.h"

#include "core/aim_reach.h"

#include "app/ledger/ledger_rows.h"
#include "core/error.h"
#include "run/output_files.h"

#include <QDir>
#include <QFileInfo>
#include <QUndoCommand>

#include <algorithm>

namespace lantern::app {

namespace {

constexpr int kPublishMs = 16; // at most 60 times a second
constexpr int kStaleDays = 30; // common practice: validate monthly
constexpr int kAimCommandId = 1;

using run::Activity;
using run::Stage;

/// The view that shows what a stage does.
ViewId viewOf(Stage stage)
{
    switch (stage) {
    case Stage::Ready:
    case Stage::Calibrate:
        return ViewId::Tone;
    case Stage::Adjust:
        return ViewId::White;
    case Stage::Measure:
    case Stage::Validate:
    case Stage::Done:
        return ViewId::Accuracy;
    case Stage::Build:
    case Stage::Install:
        break;
    }
    return ViewId::Profile;
}

void describeLastRun(DisplayCard &card, const run::RunResults &r)
{
    card.lastMean = r.validation->deltaE00.mean;
    card.lastValidated =
        QDateTime::fromString(QString::fromStdString(r.setup.startedAt), Qt::ISODate);
    const bool stale = card.lastValidated->daysTo(QDateTime::currentDateTimeUtc()) > kStaleDays;
    card.mark = stale ? Mark::Stale : r.validation->within() ? Mark::Within : Mark::Over;
}

} // namespace

/// One change of the aim; turning the same knob again and again is one step back.
class AimCommand : public QUndoCommand {
public:
    AimCommand(Session *session, Aim from, Aim to)
        : m_session(session), m_from(std::move(from)), m_to(std::move(to))
    {
        setText(QObject::tr("change of the aim"));
    }
    void undo() override { m_session->applyAim(m_from); }
    void redo() override { m_session->applyAim(m_to); }
    [[nodiscard]] int id() const override { return kAimCommandId; }
    bool mergeWith(const QUndoCommand *next) override
    {
        const auto *other = static_cast<const AimCommand *>(next); // Qt calls this for equal ids
        if (changedField(m_from, m_to) != changedField(other->m_from, other->m_to) ||
            changedField(m_from, m_to) < 0)
            return false;
        m_to = other->m_to;
        return true;
    }

private:
    /// The one number that differs, or -1 when it is more than that.
    static int changedField(const Aim &a, const Aim &b)
    {
        // The name follows from the first change of a preset; it is no knob of its own here.
        Aim c = a;
        c.name = b.name;
        c.luminanceCdM2 = b.luminanceCdM2;
        if (c == b)
            return 0;
        c = a;
        c.name = b.name;
        c.tone = b.tone;
        if (c == b && a.tone.index() == b.tone.index())
            return 1;
        c = a;
        c.name = b.name;
        c.white = b.white;
        return c == b && a.white.index() == b.white.index() ? 2 : -1;
    }

    Session *m_session;
    Aim m_from, m_to;
};

Session::Session(Workplace *workplace, const QString &logbookPath, QObject *parent)
    : QObject(parent),
      m_workplace(workplace),
      m_logbookPath(logbookPath),
      m_shelf(QFileInfo(logbookPath).absolutePath() + QStringLiteral("/aims")),
      m_engine(new run::RunEngine(logbookPath))
{
    m_state.aim = aimPresets().front();
    m_state.displays = m_workplace->displays();
    m_state.ownAims = m_shelf.aims();
    m_publish.setSingleShot(true);
    connect(&m_publish, &QTimer::timeout, this, &Session::changed);

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
    connect(this, &Session::profileTitleRequested, m_engine, &run::RunEngine::setProfileTitle);
    connect(this, &Session::adjustModeRequested, m_engine, &run::RunEngine::setAdjustMode);
    connect(m_engine, &run::RunEngine::statusChanged, this, &Session::onStatus);
    connect(m_engine, &run::RunEngine::resultsChanged, this, [this](const run::RunResults &r) {
        m_state.results = r;
        publish();
    });
    connect(m_engine, &run::RunEngine::readingTaken, this, &Session::onReading);
    connect(m_engine, &run::RunEngine::failed, this,
            [this](const QString &message) { setNotice(message); });
    m_thread.start();
}

Session::~Session()
{
    emit stopRequested();
    m_thread.quit();
    m_thread.wait();
}

void Session::start()
{
    QMetaObject::invokeMethod(m_engine, &run::RunEngine::open, Qt::BlockingQueuedConnection);
    selectDisplay(m_state.selected);
}

void Session::setPreparing(bool preparing)
{
    m_state.preparing = preparing;
    publish();
}

void Session::readLogbook()
{
    m_state.lastTime.reset();
    m_state.unfinishedRun.reset();
    try {
        if (!m_reader && QFileInfo::exists(m_logbookPath))
            m_reader = std::make_unique<run::Logbook>(m_logbookPath, run::Logbook::Access::Read);
        if (!m_reader)
            return;
        for (size_t i = 0; i < m_state.displays.size(); ++i) {
            DisplayCard &card = m_state.displays[i];
            const bool selected = static_cast<int>(i) == m_state.selected;
            card.lastMean.reset();
            card.lastValidated.reset();
            for (const run::RunSummary &line : m_reader->runs(card.id)) {
                if (!line.finished)
                    continue;
                const run::RunResults r = run::loadResults(*m_reader, line.id);
                if (!card.lastValidated)
                    describeLastRun(card, r);
                if (selected && line.id != m_state.status.run) {
                    m_state.lastTime = r;
                    break;
                }
                if (!selected)
                    break;
            }
            if (selected)
                m_state.unfinishedRun = m_reader->unfinishedRun(card.id);
        }
    } catch (const Error &e) {
        setNotice(QString::fromUtf8(e.what()));
    }
}

void Session::selectDisplay(int index)
{
    if (m_state.hasRun() && m_state.isMeasuring()) {
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
    m_state.ready = m_workplace->readyPoints(index);
    m_state.meter = m_workplace->meterCard(index);
    m_state.view = ViewId::Ready;
    readLogbook();
    const run::Devices devices = m_workplace->devices(index, &m_thread);
    QMetaObject::invokeMethod(m_engine, [this, devices] { m_engine->setDevices(devices); });
    putBack();
    refreshProfileInUse();
    publish();
}

/// The display's own LUT and profile in force again: a run that ends early leaves none of its
/// trials.
void Session::putBack()
{
    try {
        m_workplace->activate(m_state.selected, m_state.lastTime);
    } catch (const Error &e) {
        setNotice(QString::fromUtf8(e.what()));
    }
}

void Session::showView(ViewId view)
{
    m_state.view = view;
    publish();
}

void Session::setReadyPoint(int index, bool done)
{
    ReadyPoint &point = m_state.ready.at(index);
    if (!point.automatic)
        point.done = done;
    publish();
}

void Session::setAim(const Aim &aim)
{
    if (m_state.hasRun() && m_state.status.activity != Activity::Finished &&
        m_state.status.activity != Activity::Blocked) {
        setNotice(tr("The aim of a run under way stays as it is. Stop the run to change it."));
        return;
    }
    if (!(aim == m_state.aim))
        m_undo.push(new AimCommand(this, m_state.aim, aim));
}

void Session::applyAim(const Aim &aim)
{
    m_state.aim = aim;
    publish();
}

void Session::setMeasureChoice(const MeasureChoice &choice)
{
    m_state.measure = choice;
    publish();
}

void Session::keepAim(const QString &name)
{
    Aim aim = m_state.aim;
    aim.name = name.trimmed().toStdString();
    if (aim.name.empty())
        return setNotice(tr("Give the aim a name first."));
    try {
        m_shelf.keep(aim);
        m_state.ownAims = m_shelf.aims();
        setAim(aim);
        setNotice(tr("Kept among your own aims as %1.").arg(QString::fromStdString(aim.name)));
    } catch (const Error &e) {
        setNotice(QString::fromUtf8(e.what()));
    }
}

void Session::removeOwnAim(const QString &name)
{
    try {
        m_shelf.remove(name);
        m_state.ownAims = m_shelf.aims();
        setNotice(
            tr("%1 was removed from your own aims. The aim itself stays as it is.").arg(name));
    } catch (const Error &e) {
        setNotice(QString::fromUtf8(e.what()));
    }
}

/// By the newest readings of the display as found: this run's, else those of last time.
void Session::judgeAim()
{
    m_state.aimProblem.clear();
    const bool ofThisRun = !m_state.results.found.empty();
    if (!ofThisRun && !m_state.lastTime)
        return;
    const run::RunResults &r = ofThisRun ? m_state.results : *m_state.lastTime;
    const auto &controls = r.setup.startControls;
    const bool canRise = !controls || controls->brightness < 100;
    const auto reach = DisplayReach::fromReadings(r.found, canRise);
    if (!reach)
        return;
    if (const auto why = whyOutOfReach(m_state.aim, *reach))
        m_state.aimProblem =
            tr("%1 cannot do this: %2")
                .arg(m_state.displays[m_state.selected].name, QString::fromStdString(*why));
}

void Session::beginRun()
{
    if (!m_state.aimProblem.isEmpty()) {
        setNotice(m_state.aimProblem);
        return;
    }
    run::RunSetup setup = m_workplace->setup(m_state.selected);
    setup.aim = m_state.aim;
    const MeasureChoice &measure = m_state.measure;
    setup.chartPatches = measure.patches;
    constexpr int kMostChosen = 2000; // far beyond where choosing still gains
    if (measure.until != MeasureChoice::Until::Patches)
        setup.chartPatches = kMostChosen;
    if (measure.until == MeasureChoice::Until::GoodEnough)
        setup.expectedError = measure.expectedError;
    if (measure.until == MeasureChoice::Until::Time)
        setup.maxMinutes = measure.minutes;
    setup.startedAt = QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString();
    m_state.notice.clear();
    m_state.liveReadings.clear();
    emit beginRequested(setup);
}

void Session::resumeOldRun()
{
    m_state.readyConfirmed = true;
    m_state.notice.clear();
    emit resumeRunRequested(*m_state.unfinishedRun);
    m_state.unfinishedRun.reset();
}

void Session::proceed()
{
    if (m_state.status.activity == Activity::Waiting) {
        m_state.liveReadings.clear();
        m_state.view = viewOf(m_state.status.stage);
    }
    emit proceedRequested();
    publish();
}

void Session::pause()
{
    emit pauseRequested();
}

void Session::resume()
{
    m_state.notice.clear();
    emit resumeRequested();
}

void Session::stop()
{
    emit stopRequested();
    m_state.readyConfirmed = false;
}

void Session::discardRun()
{
    if (m_state.hasRun())
        emit abandonRequested(m_state.status.run);
    else if (m_state.unfinishedRun)
        emit abandonRequested(*m_state.unfinishedRun);
    m_state.unfinishedRun.reset();
    clearRun();
}

void Session::newRun()
{
    if (m_state.isMeasuring())
        return;
    emit stopRequested();
    clearRun();
    m_state.freshRunWanted = true;
}

void Session::clearRun()
{
    m_state.results = {};
    m_state.liveReadings.clear();
    m_state.readyConfirmed = false;
    m_state.freshRunWanted = false;
    m_state.notice.clear();
    m_state.view = ViewId::Ready;
    publish();
}

void Session::turnControls(const MonitorControls &controls)
{
    emit controlsRequested(controls);
}

void Session::setAdjustMode(run::AdjustMode mode)
{
    emit adjustModeRequested(mode);
}

void Session::onStatus(const run::RunStatus &status)
{
    const bool stageChanged = status.stage != m_state.status.stage;
    if (m_state.status.run == 0 && status.run != 0 && status.stage != Stage::Ready)
        m_state.view = viewOf(status.stage); // taken up again where it was left
    const bool activityChanged = status.activity != m_state.status.activity;
    m_state.status = status;
    if (stageChanged && status.stage == Stage::Done)
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
    if (stageChanged || activityChanged)
        refreshProfileInUse();
    publish();
}

void Session::onReading(run::Stage, const Reading &reading)
{
    m_state.liveReadings.push_back(reading);
    m_state.meter.lastReading = reading.xyz;
    publish();
}

void Session::refreshProfileInUse()
{
    // While a run measures, its own LUT is loaded on purpose; only an installed profile is judged.
    const bool installed = !m_state.results.installedPath.isEmpty();
    try {
        if (installed)
            m_state.inUse = m_workplace->readBack(m_state.selected, m_state.results);
        else if (!m_state.hasRun() && m_state.lastTime)
            m_state.inUse = m_workplace->readBack(m_state.selected, *m_state.lastTime);
        else
            m_state.inUse = {};
    } catch (const Error &e) {
        m_state.inUse = {};
        setNotice(QString::fromUtf8(e.what()));
    }
}

void Session::act()
{
    switch (mainAction(m_state).intent) {
    case Intent::None:
        break;
    case Intent::ShowReady:
        showView(ViewId::Ready);
        break;
    case Intent::ConfirmReady:
        m_state.readyConfirmed = true;
        showView(ViewId::Aim);
        break;
    case Intent::ChooseAim:
        if (m_state.status.activity == Activity::Blocked)
            emit abandonRequested(m_state.status.run);
        showView(ViewId::Aim);
        break;
    case Intent::BeginRun:
        beginRun();
        break;
    case Intent::Proceed:
        proceed();
        break;
    case Intent::Resume:
        resume();
        break;
    case Intent::ResumeOldRun:
        resumeOldRun();
        break;
    case Intent::SaveReport:
        emit reportWanted();
        break;
    }
}

void Session::saveReport(const QString &folder)
{
    try {
        run::writeOutputs(m_state.results, folder);
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

void Session::setProfileTitle(const QString &title)
{
    emit profileTitleRequested(title);
}

void Session::publish()
{
    judgeAim();
    if (!m_publish.isActive())
        m_publish.start(kPublishMs);
}

} // namespace lantern::app
