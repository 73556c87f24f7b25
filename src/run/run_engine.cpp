#include "run/run_engine.h"

#include "core/error.h"

#include <algorithm>

namespace lantern::run {

namespace {

/// White does not lose more than this from one reading to the next unless the meter has left it.
constexpr double kFallenOff = 0.25;

} // namespace

RunEngine::RunEngine(QString logbookPath, QObject *parent)
    : QObject(parent), m_logbookPath(std::move(logbookPath)), m_taker(this)
{
    connect(&m_taker, &ReadingTaker::taken, this, &RunEngine::onReading);
    connect(&m_taker, &ReadingTaker::failed, this, [this](const QString &message, MeterFault kind) {
        if (m_status.activity == Activity::Working)
            fault(message, kind);
        else
            emit errandFailed(message);
    });
    connect(&m_taker, &ReadingTaker::zeroed, this, &RunEngine::onZeroed);
    connect(&m_taker, &ReadingTaker::waited, this, [this] {
        if (m_status.activity != Activity::Working || !m_plan)
            return;
        m_plan->acknowledge();
        step();
    });
    connect(&m_taker, &ReadingTaker::roomRead, this, &RunEngine::roomRead);
}

RunEngine::~RunEngine() = default;

void RunEngine::setDevices(const Devices &devices)
{
    m_devices = devices;
    m_taker.setDevices(devices);
}

Logbook &RunEngine::logbook()
{
    if (!m_logbook)
        m_logbook = std::make_unique<Logbook>(m_logbookPath, Logbook::Access::Write);
    return *m_logbook;
}

void RunEngine::open()
{
    guarded([this] { logbook(); });
}

void RunEngine::begin(const RunSetup &setup)
{
    guarded([&] {
        m_status = {};
        m_noted.reset();
        m_pace = {};
        m_results = {};
        m_results.setup = setup;
        if (setup.adjust != AdjustMode::Skip && !setup.startControls && m_devices.controls)
            m_results.setup.startControls = m_devices.controls->read();
        m_results.controls = m_results.setup.startControls;
        const QByteArray known =
            logbook().newestResult(QString::fromStdString(setup.displayId), Stage::Settle);
        if (!setup.settling && !known.isEmpty())
            m_results.setup.settling =
                unpackSettling(known, setup.meterName, m_logbookPath.toStdString());
        m_results.settling = m_results.setup.settling;
        m_results.setup.learnsSettling &= m_devices.meter->readsAtOnce();
        m_status.run = logbook().createRun(m_results.setup);
        m_status.stage = stagesOf(setup.kind).front();
        if (setup.referenceRun != 0)
            m_results.reference = checkReference(loadResults(logbook(), setup.referenceRun));
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
        m_pace = {};
        m_results = loadResults(logbook(), run);
        m_status.run = run;
        m_status.stage = stagesOf(m_results.setup.kind).front();
        m_plan.reset();
        m_loadedLut.reset();
        m_loadedSlot.reset();
        if (m_results.calibration) {
            m_loadedLut = m_results.calibration->lut;
            m_loadedSlot = m_results.calibration->slot;
        }
        while (m_status.stage != Stage::Done && logbook().isFinished(run, m_status.stage))
            m_status.stage = stageAfter(m_results.setup.kind, m_status.stage);
        emit resultsChanged(m_results);
        restoreDevices();
        advance();
    });
}

/// Brings meter, controls and LUT to where the logged readings left them.
void RunEngine::restoreDevices()
{
    QByteArray meterState;
    for (const Stage stage : stagesOf(m_results.setup.kind))
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
    const bool nothingToAdjust =
        m_status.stage == Stage::Adjust && m_results.setup.adjust == AdjustMode::Skip;
    const bool errand = m_results.setup.kind != RunKind::Calibration; // begun and done in one
    // Learning how long the display takes is the first part of reading it as it is.
    const bool nothingToLearn = m_status.stage == Stage::Settle && !learnsSettling(m_results.setup);
    const bool hasLearned = m_status.stage == Stage::Ready && learnsSettling(m_results.setup);
    if (m_automatic || nothingToAdjust || nothingToLearn || hasLearned || errand) {
        m_status.activity = Activity::Waiting; // for the event loop only: nobody is asked
        QMetaObject::invokeMethod(
            this,
            [this, run = m_status.run, stage = m_status.stage] {
                if (m_status.run == run && m_status.stage == stage)
                    proceed();
            },
            Qt::QueuedConnection);
    } else
        setActivity(Activity::Waiting);
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
        if (m_status.stage == Stage::Validate && m_results.aimed.empty()) {
            m_results.aimed = aimedPatchesOf(m_results);
            emit resultsChanged(m_results);
        }
        m_plan = makePlan(m_status.stage, m_results);
        m_lastWhite = 0;
        m_taker.setCorrection(m_results.setup.meterCorrection
                                  ? std::optional(m_results.setup.meterCorrection->matrix)
                                  : std::nullopt);
        m_devices.meter->setTechnology(QString::fromStdString(m_results.setup.technology));
        const auto logged = logbook().readings(m_status.run, m_status.stage);
        m_taker.setSettling(m_results.settling.value_or(Settling{}),
                            logged.empty() ? std::nullopt
                                           : std::optional(logged.back().reading.rgb));
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
                else if (std::holds_alternative<Finished>(s))
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
        if (m_status.stage == Stage::Settle ||
            m_status.stage == Stage::Ready) { // the display as it is by itself
            m_devices.lut->load(VideoLut::identity());
            if (m_devices.slot)
                m_devices.slot->load(SlotTable::identity());
        }
        if (m_devices.meter->zeroesByItself())
            m_taker.zero();
        else
            step();
    });
}

void RunEngine::onZeroed()
{
    if (std::exchange(m_zeroingByHand, false))
        fault(
            tr("%1 is zeroed. Hang it back on the patch, then go on.").arg(m_devices.meter->name()),
            MeterFault::OffPatch);
    else if (m_status.activity == Activity::Working && m_plan)
        step();
    else
        emit meterGreeted(m_devices.meter->name());
}

void RunEngine::step()
{
    if (m_taker.isBusy()) // a step that was queued before the stage was started anew
        return;
    guarded([this] {
        while (m_plan) {
            const PlanStep next = m_plan->next();
            if (const auto *read = std::get_if<ReadPatch>(&next)) {
                if (m_pauseRequested) {
                    m_pauseRequested = false;
                    setActivity(Activity::Paused);
                    return;
                }
                askForPatch(*read);
                return;
            }
            if (const auto *wait = std::get_if<Wait>(&next)) {
                m_taker.wait(wait->seconds);
                return;
            }
            if (const auto *ask = std::get_if<AskPerson>(&next)) {
                fault(QString::fromStdString(ask->message));
                m_asking = true;
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
                finishStage(m_status.stage == Stage::Settle && learnsSettling(m_results.setup)
                                ? packSettling(m_results)
                                : QByteArray());
                return;
            }
            m_taker.lightChanges();
            m_plan->acknowledge();
        }
    });
}

void RunEngine::askForPatch(const ReadPatch &patch)
{
    m_status.patch = patch.rgb;
    publishStatus();
    m_patchClock.start();
    m_controlsAtPatch.reset();
    if (m_status.stage == Stage::Adjust && m_devices.controls)
        m_controlsAtPatch = m_devices.controls->read();
    m_taker.take(patch);
}

/// Where white is not turned by a person or by the search for the meter, it cannot go dark.
bool RunEngine::hasFallenOff(const XYZ &xyz)
{
    const bool steady = m_status.stage == Stage::Ready || m_status.stage == Stage::Calibrate ||
                        m_status.stage == Stage::Measure || m_status.stage == Stage::Validate ||
                        m_status.stage == Stage::Check;
    if (!steady || !(*m_status.patch == DeviceRgb{255, 255, 255}))
        return false;
    // A LUT may take white down to the aim on purpose, not further.
    const double expected =
        std::min(m_lastWhite, m_results.setup.aim.luminanceCdM2.value_or(m_lastWhite));
    if (xyz.Y < kFallenOff * expected)
        return true;
    m_lastWhite = xyz.Y;
    return false;
}

void RunEngine::onReading(const XYZ &xyz, double integrationSeconds)
{
    if (hasFallenOff(xyz)) {
        fault(QString::fromStdString(
                  meterFaultText(MeterFault::OffPatch, m_devices.meter->name().toStdString())),
              MeterFault::OffPatch);
        return;
    }
    guarded([&] {
        LoggedReading logged{
            {*m_status.patch, xyz, integrationSeconds}, m_devices.meter->state(), {}};
        if (m_status.stage == Stage::Adjust) {
            if (m_devices.controls)
                logged.controls = m_devices.controls->read();
            if (logged.controls != m_controlsAtPatch && m_controlsAtPatch) { // turned meanwhile
                step();
                return;
            }
            if (!logged.controls)
                logged.controls = m_noted;
        }
        noteOwnCorrection();
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
        m_pace.add(logged.reading, static_cast<double>(m_patchClock.elapsed()) / 1000);
        if (dynamic_cast<const WarmUpPlan *>(m_plan.get())) {
            collect(Stage::WarmUp, *m_plan, m_results);
            emit resultsChanged(m_results);
        }
        emit readingTaken(m_status.stage, logged.reading);
        QMetaObject::invokeMethod(this, &RunEngine::step, Qt::QueuedConnection);
    });
}

/// A meter that corrects itself is only known to do so once it has answered.
void RunEngine::noteOwnCorrection()
{
    RunSetup &s = m_results.setup;
    if (s.correctionKind != CorrectionKind::None || s.meterCorrection ||
        !m_devices.meter->correctsForTechnology())
        return;
    s.correctionKind = CorrectionKind::Technology;
    s.correction = "corrected for " + s.technology + " by its driver";
    logbook().changeSetup(m_status.run, s);
}

void RunEngine::build()
{
    publishStatus();
    BuiltProfile built;
    try {
        const DriftCorrection steady = profileReadings(m_results);
        built = buildProfile(steady.readings, profileRequest(m_results), "readings of this run");
        m_results.expectedError = expectedError(steady, signalPathOf(m_results));
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
    m_status.stage = stageAfter(m_results.setup.kind, m_status.stage);
    emit resultsChanged(m_results);
    advance();
}

void RunEngine::fault(const QString &message, MeterFault kind)
{
    m_taker.cancel();
    m_status.fault = kind;
    setActivity(Activity::Faulted, message);
}

void RunEngine::block(const QString &message)
{
    m_taker.cancel();
    m_plan.reset();
    m_devices.presenter->hide();
    setActivity(Activity::Blocked, message);
}

void RunEngine::setActivity(Activity activity, const QString &message)
{
    m_status.activity = activity;
    m_status.message = message;
    if (activity != Activity::Faulted)
        m_status.fault = MeterFault::None;
    publishStatus();
}

void RunEngine::publishStatus()
{
    m_status.readingsDone = m_plan ? m_plan->readingsDone() : 0;
    m_status.readingsLeft = m_plan ? m_plan->readingsLeft() : 0;
    m_status.secondsLeft = 0;
    if (m_plan) {
        const auto patches = m_plan->patchesLeft();
        m_status.secondsLeft = m_pace.secondsFor(
            patches, std::max(0, m_status.readingsLeft - static_cast<int>(patches.size())));
    }
    emit statusChanged(m_status);
}

} // namespace lantern::run
