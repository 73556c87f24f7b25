#include "run/run_engine.h"

#include "core/error.h"

#include <algorithm>

namespace lantern::run {

namespace {

constexpr int kPatchTimeoutMs = 10'000;
constexpr int kReadingTimeoutMs = 60'000;
/// Outside these cd/m² a number is no light of a display.
constexpr double kDarkestReading = -5;
constexpr double kBrightestReading = 20'000;

bool isPlausible(const XYZ &c)
{
    if (!isFinite(c))
        return false;
    return std::min({c.X, c.Y, c.Z}) >= kDarkestReading &&
           std::max({c.X, c.Y, c.Z}) <= kBrightestReading;
}

} // namespace

RunEngine::RunEngine(QString logbookPath, QObject *parent)
    : QObject(parent), m_logbookPath(std::move(logbookPath)), m_watchdog(new QTimer(this))
{
    m_watchdog->setSingleShot(true);
    connect(m_watchdog, &QTimer::timeout, this, [this] {
        if (m_awaiting == Awaiting::Patch)
            fault(tr(
                "The patch could not be shown in time. Bring the patch window to the front, then "
                "go on."));
        else if (m_awaiting == Awaiting::Reading) {
            m_devices.meter->cancelReading();
            fault(QString::fromStdString(
                meterFaultText(MeterFault::TimedOut, m_devices.meter->name().toStdString())));
        }
    });
}

RunEngine::~RunEngine() = default;

void RunEngine::setDevices(const Devices &devices)
{
    for (QObject *old :
         {static_cast<QObject *>(m_devices.meter), static_cast<QObject *>(m_devices.presenter)})
        if (old)
            disconnect(old, nullptr, this, nullptr);
    m_devices = devices;
    connect(devices.presenter, &PatchPresenter::shown, this, &RunEngine::onShown);
    connect(devices.presenter, &PatchPresenter::failed, this, [this](const QString &reason) {
        if (m_awaiting == Awaiting::Patch)
            fault(reason);
    });
    connect(devices.meter, &Meter::readingFinished, this, &RunEngine::onReading);
    connect(devices.meter, &Meter::readingFailed, this, [this](MeterFault reason) {
        if (m_awaiting == Awaiting::Reading)
            fault(QString::fromStdString(
                meterFaultText(reason, m_devices.meter->name().toStdString())));
    });
}

Logbook &RunEngine::logbook()
{
    if (!m_logbook)
        m_logbook = std::make_unique<Logbook>(m_logbookPath, Logbook::Access::Write);
    return *m_logbook;
}

template <class F> void RunEngine::guarded(F &&work)
{
    try {
        work();
    } catch (const Error &e) {
        if (m_status.run == 0)
            emit failed(QString::fromUtf8(e.what()), static_cast<int>(e.kind));
        else
            fault(QString::fromUtf8(e.what()));
    }
}

void RunEngine::open()
{
    guarded([this] { logbook(); });
}

void RunEngine::begin(const RunSetup &setup)
{
    guarded([&] {
        m_status = {};
        m_status.run = logbook().createRun(setup);
        m_results = {};
        m_results.setup = setup;
        m_results.controls = setup.startControls;
        m_loadedLut.reset();
        m_loadedSlot.reset();
        m_plan.reset();
        emit resultsChanged(m_results);
        advance();
    });
}

void RunEngine::resumeRun(qint64 run)
{
    guarded([&] {
        m_status = {};
        m_results = loadResults(logbook(), run);
        m_status.run = run;
        m_plan.reset();
        m_loadedLut.reset();
        m_loadedSlot.reset();
        if (m_results.calibration) {
            m_loadedLut = m_results.calibration->lut;
            m_loadedSlot = m_results.calibration->slot;
        }
        while (m_status.stage != Stage::Done && logbook().isFinished(run, m_status.stage))
            m_status.stage = static_cast<Stage>(static_cast<int>(m_status.stage) + 1);
        emit resultsChanged(m_results);
        restoreDevices();
        advance();
    });
}

/// Brings meter, controls and LUT to where the logged readings left them.
void RunEngine::restoreDevices()
{
    QByteArray meterState;
    for (const Stage stage : kStages)
        for (const LoggedReading &l : logbook().readings(m_status.run, stage))
            meterState = l.meterState;
    m_devices.meter->restore(meterState);
    if (m_results.setup.adjust == AdjustMode::Automatic && m_devices.controls && m_results.controls)
        m_devices.controls->write(*m_results.controls);
    if (m_loadedLut)
        m_devices.lut->load(*m_loadedLut);
    if (m_loadedSlot && m_devices.slot)
        m_devices.slot->load(*m_loadedSlot);
}

/// Comes to rest before m_status.stage, or goes straight into it.
void RunEngine::advance()
{
    m_status.patch.reset();
    m_devices.presenter->hide();
    if (m_status.stage == Stage::Done) {
        setActivity(Activity::Finished);
        return;
    }
    setActivity(Activity::Waiting);
    const bool nothingToAdjust =
        m_status.stage == Stage::Adjust && m_results.setup.adjust == AdjustMode::Skip;
    if (m_automatic || nothingToAdjust)
        QMetaObject::invokeMethod(this, &RunEngine::proceed, Qt::QueuedConnection);
}

void RunEngine::proceed()
{
    if (auto *hand = dynamic_cast<HandAdjustPlan *>(m_plan.get());
        hand && m_status.activity == Activity::Working) {
        hand->finish();
        return;
    }
    if (m_status.activity == Activity::Waiting)
        startStage();
}

void RunEngine::startStage()
{
    guarded([this] {
        setActivity(Activity::Working);
        m_pauseRequested = false;
        if (m_status.stage == Stage::Build) {
            build();
            return;
        }
        if (m_status.stage == Stage::Install) {
            install();
            return;
        }
        m_devices.meter->zero();
        m_plan = makePlan(m_status.stage, m_results);
        const auto logged = logbook().readings(m_status.run, m_status.stage);
        // The steps between the readings leave their mark on the devices: repeat the last of each.
        std::optional<MonitorControls> controls;
        for (const LoggedReading &l : logged) {
            for (PlanStep s = m_plan->next(); !std::holds_alternative<ReadPatch>(s);
                 s = m_plan->next()) {
                if (const auto *c = std::get_if<SetControls>(&s))
                    controls = c->controls;
                else if (const auto *lut = std::get_if<LoadLut>(&s))
                    m_loadedLut = lut->lut;
                else if (const auto *slot = std::get_if<LoadSlot>(&s))
                    m_loadedSlot = slot->table;
                else
                    break;
                m_plan->acknowledge();
            }
            replay(*m_plan, {l}, m_logbookPath.toStdString());
        }
        if (controls && m_devices.controls)
            m_devices.controls->write(*controls);
        if (m_loadedLut && !logged.empty())
            m_devices.lut->load(*m_loadedLut);
        if (m_loadedSlot && !logged.empty() && m_devices.slot)
            m_devices.slot->load(*m_loadedSlot);
        if (m_status.stage == Stage::Ready) { // the display as it is by itself
            m_devices.lut->load(VideoLut::identity());
            if (m_devices.slot)
                m_devices.slot->load(SlotTable::identity());
        }
        m_readingsAtStart = m_plan->readingsDone();
        m_stageClock.start();
        m_pausedMs = 0;
        step();
    });
}

void RunEngine::step()
{
    guarded([this] {
        while (m_plan) {
            const PlanStep next = m_plan->next();
            if (const auto *read = std::get_if<ReadPatch>(&next)) {
                if (m_pauseRequested) {
                    m_pauseRequested = false;
                    m_pausedMs -= m_stageClock.elapsed();
                    setActivity(Activity::Paused);
                    return;
                }
                askForPatch(read->rgb);
                return;
            }
            if (const auto *set = std::get_if<SetControls>(&next)) {
                if (m_devices.controls)
                    m_devices.controls->write(set->controls);
                m_results.controls = set->controls;
            } else if (const auto *load = std::get_if<LoadLut>(&next)) {
                m_devices.lut->load(load->lut);
                m_loadedLut = load->lut;
            } else if (const auto *slot = std::get_if<LoadSlot>(&next)) {
                if (!m_devices.slot)
                    throw Error(ErrorKind::BadInput, "display",
                                "the monitor has no memory slot that can be reached",
                                "Calibrate with the video LUT instead.");
                m_devices.slot->load(slot->table);
                m_loadedSlot = slot->table;
            } else {
                collect(m_status.stage, *m_plan, m_results);
                finishStage();
                return;
            }
            m_plan->acknowledge();
        }
    });
}

void RunEngine::askForPatch(const DeviceRgb &rgb)
{
    m_status.patch = rgb;
    publishStatus();
    m_awaiting = Awaiting::Patch;
    m_watchdog->start(kPatchTimeoutMs);
    m_devices.presenter->show(rgb);
}

void RunEngine::onShown()
{
    if (m_awaiting != Awaiting::Patch)
        return;
    m_awaiting = Awaiting::Reading;
    m_watchdog->start(kReadingTimeoutMs);
    m_devices.meter->startReading();
}

void RunEngine::onReading(const XYZ &xyz, double integrationSeconds)
{
    if (m_awaiting != Awaiting::Reading)
        return;
    m_awaiting = Awaiting::Nothing;
    m_watchdog->stop();
    if (!isPlausible(xyz)) {
        fault(QString::fromStdString(
            meterFaultText(MeterFault::Garbage, m_devices.meter->name().toStdString())));
        return;
    }
    guarded([&] {
        LoggedReading logged{
            {*m_status.patch, xyz, integrationSeconds}, m_devices.meter->state(), {}};
        if (m_status.stage == Stage::Adjust && m_devices.controls)
            logged.controls = m_devices.controls->read();
        logbook().appendReading(m_status.run, m_status.stage, logged);

        if (auto *hand = dynamic_cast<HandAdjustPlan *>(m_plan.get()); hand && logged.controls)
            hand->setControls(*logged.controls);
        try {
            m_plan->accept(logged.reading);
        } catch (const Error &e) { // read and kept, but the aim is out of reach
            block(QString::fromUtf8(e.what()));
            return;
        }
        if (m_status.stage == Stage::Adjust) {
            if (logged.controls)
                m_results.controls = logged.controls;
            if (logged.reading.rgb == DeviceRgb{255, 255, 255})
                m_results.whites.push_back({logged.controls.value_or(MonitorControls{}), xyz});
            collect(Stage::Adjust, *m_plan, m_results);
            emit resultsChanged(m_results);
        }
        if (const auto *chosen = dynamic_cast<const AdaptivePlan *>(m_plan.get());
            chosen && chosen->history().size() != m_results.expectedSoFar.size()) {
            m_results.expectedSoFar = chosen->history();
            emit resultsChanged(m_results);
        }
        emit readingTaken(m_status.stage, logged.reading);
        QMetaObject::invokeMethod(this, &RunEngine::step, Qt::QueuedConnection);
    });
}

void RunEngine::build()
{
    publishStatus();
    BuiltProfile built;
    try {
        built = buildProfile(profileReadings(m_results), profileRequest(m_results),
                             "readings of this run");
        m_results.expectedError =
            expectedError(profileReadings(m_results), signalPathOf(m_results));
    } catch (const Error &e) { // no repetition will make these readings usable
        block(QString::fromUtf8(e.what()));
        return;
    }
    m_results.profile = QByteArray(reinterpret_cast<const char *>(built.icc.data()),
                                   static_cast<qsizetype>(built.icc.size()));
    m_results.profileResidual = built.meanResidual;
    finishStage(packProfile(m_results));
}

void RunEngine::install()
{
    const QString name = QString::fromStdString(profileName(m_results.setup));
    m_results.installedPath = m_devices.store->install(m_results.profile, name);
    m_devices.lut->load(m_results.calibration->lut);
    finishStage(m_results.installedPath.toUtf8());
}

void RunEngine::finishStage(const QByteArray &result)
{
    logbook().finishStage(m_status.run, m_status.stage, result);
    m_plan.reset();
    m_status.stage = static_cast<Stage>(static_cast<int>(m_status.stage) + 1);
    emit resultsChanged(m_results);
    advance();
}

void RunEngine::pause()
{
    if (m_status.activity == Activity::Working && m_plan)
        m_pauseRequested = true;
}

void RunEngine::resume()
{
    if (m_status.activity == Activity::Paused) {
        m_pausedMs += m_stageClock.elapsed();
        setActivity(Activity::Working);
        step();
    } else if (m_status.activity == Activity::Faulted) {
        setActivity(Activity::Working);
        if (m_plan) {
            m_pausedMs += m_stageClock.elapsed();
            step();
        } else
            startStage();
    }
}

void RunEngine::stop()
{
    if (m_status.run == 0)
        return;
    if (m_status.activity == Activity::Finished) { // nothing to take up again: just leave it
        m_status = {};
        publishStatus();
        return;
    }
    if (m_awaiting == Awaiting::Reading)
        m_devices.meter->cancelReading();
    m_awaiting = Awaiting::Nothing;
    m_watchdog->stop();
    m_pauseRequested = false;
    m_plan.reset();
    m_devices.presenter->hide();
    m_status.patch.reset();
    setActivity(Activity::Idle);
}

void RunEngine::abandon(qint64 run)
{
    guarded([&] {
        logbook().abandon(run); // first, so that whoever hears of the stop finds it done
        if (run != m_status.run)
            return;
        stop();
        m_status = {};
        m_results = {};
        emit resultsChanged(m_results);
        publishStatus();
    });
}

void RunEngine::turnControls(const MonitorControls &controls)
{
    guarded([&] {
        if (m_devices.controls)
            m_devices.controls->write(controls);
    });
}

void RunEngine::setAdjustMode(AdjustMode mode)
{
    m_results.setup.adjust = mode;
    emit resultsChanged(m_results);
    if (m_status.stage != Stage::Adjust || m_status.activity != Activity::Working)
        return;
    // Start the stage again in the new way; the readings so far belong to the old one.
    guarded([this] {
        if (m_awaiting == Awaiting::Reading)
            m_devices.meter->cancelReading();
        m_awaiting = Awaiting::Nothing;
        if (m_devices.controls)
            if (const auto controls = m_devices.controls->read())
                m_results.setup.startControls = controls;
        logbook().restartStage(m_status.run, Stage::Adjust, m_results.setup);
        m_results.whites.clear();
        m_results.advice.reset();
        startStage();
    });
}

void RunEngine::setProfileTitle(const QString &title)
{
    if (m_status.run == 0 || m_status.stage > Stage::Build)
        return;
    guarded([&] {
        m_results.setup.profileTitle = title.trimmed().toStdString();
        logbook().changeSetup(m_status.run, m_results.setup);
        emit resultsChanged(m_results);
    });
}

void RunEngine::fault(const QString &message)
{
    m_awaiting = Awaiting::Nothing;
    m_watchdog->stop();
    if (m_plan)
        m_pausedMs -= m_stageClock.elapsed(); // waiting for the person is no measuring time
    setActivity(Activity::Faulted, message);
}

void RunEngine::block(const QString &message)
{
    m_awaiting = Awaiting::Nothing;
    m_watchdog->stop();
    m_plan.reset();
    m_devices.presenter->hide();
    setActivity(Activity::Blocked, message);
}

void RunEngine::setActivity(Activity activity, const QString &message)
{
    m_status.activity = activity;
    m_status.message = message;
    publishStatus();
}

void RunEngine::publishStatus()
{
    m_status.readingsDone = m_plan ? m_plan->readingsDone() : 0;
    m_status.readingsLeft = m_plan ? m_plan->readingsLeft() : 0;
    const int here = m_status.readingsDone - m_readingsAtStart;
    m_status.secondsLeft = 0;
    if (m_plan && here > 0)
        m_status.secondsLeft = static_cast<double>(m_stageClock.elapsed() - m_pausedMs) / 1000 /
                               here * m_status.readingsLeft;
    emit statusChanged(m_status);
}

} // namespace lantern::run
