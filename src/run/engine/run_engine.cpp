#include "run/engine/run_engine.h"

#include "run/book/in_words.h"
#include "run/logbook/load_results.h"

#include <QDateTime>

#include <algorithm>

namespace lantern::run {

namespace {

/// Mean ΔE00 between the model of the display and the readings it was fitted to from which on many
/// of them cannot have been of their patches. On the bench 0.12 at most (eleven displays, charts of
/// 24 to 200, reference meter and colorimeter); twenty readings of a meter that stuck made 15.
constexpr double kMisfit = 3;

} // namespace

RunEngine::RunEngine(QString logbookPath, QObject *parent)
    : QObject(parent), m_logbookPath(std::move(logbookPath)), m_taker(this)
{
    connect(&m_taker, &ReadingTaker::taken, this, &RunEngine::onReading);
    connect(&m_taker, &ReadingTaker::failed, this, [this](const QString &message, MeterFault kind) {
        endApart();
        if (m_run.status.activity == Activity::Working)
            fault(message, kind);
        else
            emit errandFailed(message);
    });
    connect(&m_taker, &ReadingTaker::zeroed, this, &RunEngine::onZeroed);
    connect(&m_taker, &ReadingTaker::greeted, this, &RunEngine::onGreeted);
    connect(&m_taker, &ReadingTaker::waited, this, [this] {
        if (m_run.status.activity != Activity::Working || !m_run.work)
            return;
        m_run.work->plan().acknowledge();
        step();
    });
    connect(&m_taker, &ReadingTaker::roomRead, this, &RunEngine::roomRead);
}

RunEngine::~RunEngine() = default;

void RunEngine::setDevices(const Devices &devices)
{
    endApart(); // nobody will answer
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
    emit opened();
}

void RunEngine::begin(const RunSetup &setup)
{
    guarded([&] {
        m_run = {};
        RunSetup &s = m_run.results.setup = setup;
        if (s.adjust != AdjustMode::Skip && !s.startControls && m_devices.controls)
            s.startControls = m_devices.controls->read();
        s.loadsLut = m_devices.lut != nullptr;
        s.aim = aimWithinReach(s);
        m_run.results.controls = s.startControls;
        if (!s.settling)
            s.settling = knownSettling(logbook(), s);
        m_run.results.settling = s.settling;
        s.learnsSettling &= m_devices.meter->readsAtOnce();
        m_run.status.run = logbook().createRun(s);
        m_run.status.stage = stagesOf(s.kind).front();
        if (s.referenceRun != 0)
            m_run.results.reference = checkReference(loadResults(logbook(), s.referenceRun));
        emit resultsChanged(m_run.results);
        advance();
    });
}

void RunEngine::resumeRun(qint64 run)
{
    guarded([&] {
        m_run = {};
        RunResults results = loadResults(logbook(), run);
        if (!results.problem.isEmpty())
            throw Error(ErrorKind::BadInput, "this run",
                        {"cannot be taken up again: %1", {results.problem.toStdString()}},
                        "Start a new one.");
        m_run.results = std::move(results);
        m_run.status.run = run;
        m_run.status.stage = stagesOf(m_run.results.setup.kind).front();
        if (m_run.results.calibration) {
            m_run.loadedLut = m_run.results.calibration->lut;
            m_run.loadedSlot = m_run.results.calibration->slot;
        }
        while (m_run.status.stage != Stage::Done && logbook().isFinished(run, m_run.status.stage))
            m_run.status.stage = stageAfter(m_run.results.setup.kind, m_run.status.stage);
        emit resultsChanged(m_run.results);
        restoreDevices();
        advance();
    });
}

/// Brings meter, controls and LUT to where the logged readings left them.
void RunEngine::restoreDevices()
{
    QByteArray meterState;
    m_run.meter.clear();
    const auto &changes = m_run.results.setup.meterChanges;
    for (const Stage stage : stagesOf(m_run.results.setup.kind)) {
        if (!changes.empty() && changes.back().stage == stageKey(stage).toStdString()) {
            meterState.clear(); // what was read before was another one's
            m_run.meter.clear();
        }
        for (const LoggedReading &l : logbook().readings(m_run.status.run, stage)) {
            meterState = l.meterState;
            if (!l.meter.isEmpty())
                m_run.meter = l.meter;
        }
    }
    m_devices.meter->restore(meterState);
    if (m_run.results.setup.adjust == AdjustMode::Automatic && m_devices.controls &&
        m_run.results.controls)
        writeControls(*m_run.results.controls);
    if (m_run.loadedLut)
        loadLut(*m_run.loadedLut);
    if (m_run.loadedSlot)
        loadSlot(m_run.loadedSlot);
}

/// Comes to rest before m_run.status.stage, or goes straight into it.
void RunEngine::advance()
{
    m_run.status.patch.reset();
    m_devices.presenter->hide();
    if (m_run.status.stage == Stage::Done) {
        setActivity(Activity::Finished);
        return;
    }
    const RunSetup &setup = m_run.results.setup;
    const bool errand = setup.kind != RunKind::Calibration; // begun and done in one
    const auto goesByItself = stageEntry(m_run.status.stage).goesByItself;
    const bool ofBatch = !setup.batch.empty(); // units follow one another without questions
    if (m_automatic || errand || ofBatch || (goesByItself && goesByItself(setup))) {
        m_run.status.activity = Activity::Waiting; // for the event loop only: nobody is asked
        QMetaObject::invokeMethod(
            this,
            [this, run = m_run.status.run, stage = m_run.status.stage] {
                if (m_run.status.run == run && m_run.status.stage == stage)
                    proceed();
            },
            Qt::QueuedConnection);
    } else
        setActivity(Activity::Waiting);
}

void RunEngine::proceed()
{
    const bool asked = m_run.status.activity == Activity::Faulted && m_run.asking;
    if ((asked || m_run.status.activity == Activity::Working) && m_run.work &&
        m_run.work->endByPerson()) {
        if (asked) {
            m_run.asking = false;
            setActivity(Activity::Working);
            step();
        }
        return;
    }
    if (m_run.status.activity == Activity::Waiting)
        startStage();
}

void RunEngine::startStage()
{
    guarded([this] {
        setActivity(Activity::Working);
        m_run.pauseRequested = false;
        const StageEntry &entry = stageEntry(m_run.status.stage);
        if (isMisfit()) {
            fault(
                tr("The readings do not fit the profile made of them: ΔE00 %1 between them in the "
                   "mean. The meter hung beside the patch for a while, or something changed the "
                   "display. Stop and start a new run; go on only if you want this profile.")
                    .arg(m_run.results.profileResidual, 0, 'f', 1));
            m_run.asking = true;
            return;
        }
        if (entry.make) {
            make();
            return;
        }
        const bool knewAims = !m_run.results.aimed.empty();
        try {
            m_run.work = entry.begin(m_run.results);
        } catch (const Error &e) { // what the stages before it brought is not enough for it
            block(inWords(e));
            return;
        }
        if (!knewAims && !m_run.results.aimed.empty())
            emit resultsChanged(m_run.results);
        m_run.lastWhite = 0;
        m_run.lastReading.reset();
        m_run.spare.clear();
        m_taker.setCorrection(m_run.results.setup.meterCorrection
                                  ? std::optional(m_run.results.setup.meterCorrection->matrix)
                                  : std::nullopt);
        m_devices.meter->setTechnology(QString::fromStdString(m_run.results.setup.technology));
        m_devices.meter->wantSpectra(entry.wantsSpectra);
        const auto logged = logbook().readings(m_run.status.run, m_run.status.stage);
        m_taker.setSettling(m_run.results.settling.value_or(Settling{}),
                            logged.empty() ? std::nullopt
                                           : std::optional(logged.back().reading.rgb));
        const auto begun = logbook().begunVersion(m_run.status.run, m_run.status.stage);
        if (begun && *begun != entry.version && !logged.empty())
            setOldReadingsAside(logged);
        else
            bringBack(logged);
        if (entry.readingsStand && m_run.spare.empty())
            m_run.spare = spareReadings(logged);
        logbook().beginStage(m_run.status.run, m_run.status.stage, entry.version);
        if (entry.asFound) {
            loadLut(VideoLut::identity());
            loadSlot(m_run.results.setup.intoSlot ? std::optional(SlotTable::identity())
                                                  : std::nullopt);
        }
        if (m_devices.lut && !m_run.lutInForce)
            m_run.lutInForce = m_devices.lut->save();
        m_taker.cancel(); // the room's light may just be being read
        m_reads = Apart::None;
        m_taker.greet();
    });
}

/// Into the run's slot of the monitor's memory. \param table nothing: the monitor without any slot
void RunEngine::loadSlot(const std::optional<SlotTable> &table)
{
    if (!m_devices.slot)
        return;
    if (table)
        m_devices.slot->load(m_run.results.setup.slot, *table);
    else
        m_devices.slot->activate(std::nullopt);
}

/// Where there is no LUT, none is in force.
void RunEngine::loadLut(const VideoLut &lut)
{
    if (!m_devices.lut) {
        if (!(lut == VideoLut::identity()))
            throw Error(ErrorKind::Device, "display", "this output has no video LUT",
                        "Start a new run: it leaves the tone curve to the profile. Or connect the "
                        "display to another output.");
        return;
    }
    m_devices.lut->load(lut);
    m_run.lutInForce = m_devices.lut->save();
}

/// Another program has loaded its LUT since we did.
bool RunEngine::isLutForeign()
{
    return m_devices.lut && m_run.lutInForce && m_devices.lut->save() != *m_run.lutInForce;
}

void RunEngine::writeControls(const MonitorControls &controls)
{
    m_devices.controls->write(controls);
    m_run.controlsInForce.reset(); // as the device holds it, looked at with the next patch
}

/// Nobody but the program turns them now, and what something else does shows at once.
bool RunEngine::controlsAreWatched() const
{
    const bool byHand = stageEntry(m_run.status.stage).controlsTurn &&
                        m_run.results.setup.adjust == AdjustMode::ByHand;
    return m_devices.controls && m_devices.controls->tellsAtOnce() && !byHand;
}

/// A light sensor, a key or the power settings have turned the panel's light since the program did.
bool RunEngine::areControlsTaken()
{
    if (!controlsAreWatched() || !m_run.controlsInForce)
        return false;
    const auto now = m_devices.controls->read();
    return now && *now != *m_run.controlsInForce;
}

/// The meter is there and has told what it can.
void RunEngine::onGreeted()
{
    emit meterGreeted(m_devices.meter->name());
    if (m_run.status.activity != Activity::Working || !m_run.work)
        return;
    if (isOtherMeter())
        return;
    if (m_devices.meter->zeroesByItself())
        m_taker.zero();
    else
        step();
}

/// Tells the plan what was read before the program ended, and brings the devices to where that left
/// them.
void RunEngine::bringBack(const std::vector<LoggedReading> &logged)
{
    if (logged.empty())
        return;
    // The steps between the readings leave their mark on the devices: repeat the last of each.
    std::optional<MonitorControls> controls;
    std::optional<VideoLut> lut = m_run.loadedLut;
    std::optional<SlotTable> slot = m_run.loadedSlot;
    std::optional<MoveMeter> place;
    try {
        StagePlan &plan = m_run.work->plan();
        for (const LoggedReading &l : logged) {
            for (PlanStep s = plan.next(); !std::holds_alternative<ReadPatch>(s); s = plan.next()) {
                if (const auto *c = std::get_if<SetControls>(&s))
                    controls = c->controls;
                else if (const auto *load = std::get_if<LoadLut>(&s))
                    lut = load->lut;
                else if (const auto *table = std::get_if<LoadSlot>(&s))
                    slot = table->table;
                else if (const auto *move = std::get_if<MoveMeter>(&s))
                    place = *move;
                else if (std::holds_alternative<Finished>(s))
                    break;
                plan.acknowledge();
            }
            replay(*m_run.work, {l}, m_logbookPath.toStdString());
        }
    } catch (const Error &) { // the plan that asked for them is gone
        m_run.work = stageEntry(m_run.status.stage).begin(m_run.results);
        setOldReadingsAside(logged);
        return;
    }
    m_run.work->show(m_run.results);
    m_run.loadedLut = lut;
    m_run.loadedSlot = slot;
    if (controls && m_devices.controls)
        writeControls(*controls);
    if (lut)
        loadLut(*lut);
    if (slot)
        loadSlot(slot);
    if (place && m_devices.mover)
        m_devices.mover->moveTo(place->x, place->y);
}

/// The stage starts anew; where its readings say the same whatever the plan, they are used again.
void RunEngine::setOldReadingsAside(const std::vector<LoggedReading> &logged)
{
    logbook().setAside(m_run.status.run, m_run.status.stage);
    const bool stand = stageEntry(m_run.status.stage).readingsStand;
    if (stand)
        m_run.spare = logged;
    m_run.status.note =
        stand ? tr("This stage was begun by another version of Bold Lantern, which read in another "
                   "order. It starts anew; readings that fit are used again.")
              : tr("This stage was begun by another version of Bold Lantern and starts anew. Its "
                   "readings stay in the logbook.");
    publishStatus();
}

/// Those that were set aside before the program ended and have not been used since.
std::vector<LoggedReading> RunEngine::spareReadings(const std::vector<LoggedReading> &logged)
{
    std::vector<LoggedReading> spare =
        logbook().readingsSetAside(m_run.status.run, m_run.status.stage);
    const auto isUsed = [&](const LoggedReading &s) {
        return std::any_of(logged.begin(), logged.end(), [&](const LoggedReading &l) {
            return l.takenAt == s.takenAt && l.reading == s.reading;
        });
    };
    spare.erase(std::remove_if(spare.begin(), spare.end(), isUsed), spare.end());
    return spare;
}

/// Answers a patch from what another version's plan has read.
bool RunEngine::takeSpare(const ReadPatch &patch)
{
    const auto it = std::find_if(m_run.spare.begin(), m_run.spare.end(), [&](const auto &l) {
        return l.reading.rgb == patch.rgb && l.region == patch.region;
    });
    if (it == m_run.spare.end())
        return false;
    const LoggedReading logged = *it;
    m_run.spare.erase(it);
    keep(logged);
    return true;
}

void RunEngine::onZeroed()
{
    if (std::exchange(m_run.zeroingByHand, false))
        fault(
            tr("%1 is zeroed. Hang it back on the patch, then go on.").arg(m_devices.meter->name()),
            MeterFault::OffPatch);
    else if (m_run.status.activity == Activity::Working && m_run.work)
        step();
}

void RunEngine::step()
{
    if (m_taker.isBusy()) // a step that was queued before the stage was started anew
        return;
    guarded([this] {
        while (m_run.work) {
            const PlanStep next = m_run.work->plan().next();
            if (const auto *read = std::get_if<ReadPatch>(&next)) {
                if (m_run.pauseRequested) {
                    m_run.pauseRequested = false;
                    setActivity(Activity::Paused);
                    return;
                }
                if (!takeSpare(*read))
                    askForPatch(*read);
                return;
            }
            if (const auto *wait = std::get_if<Wait>(&next)) {
                m_taker.wait(wait->seconds);
                return;
            }
            if (const auto *ask = std::get_if<AskPerson>(&next)) {
                fault(inWords(ask->message));
                m_run.asking = true;
                return;
            }
            if (const auto *move = std::get_if<MoveMeter>(&next)) {
                if (m_devices.mover)
                    m_devices.mover->moveTo(move->x, move->y);
                else if (!move->ask.empty()) {
                    fault(inWords(move->ask));
                    m_run.asking = true;
                    return;
                }
            } else if (const auto *set = std::get_if<SetControls>(&next)) {
                if (m_devices.controls)
                    writeControls(set->controls);
                m_run.results.controls = set->controls;
            } else if (const auto *load = std::get_if<LoadLut>(&next)) {
                loadLut(load->lut);
                m_run.loadedLut = load->lut;
            } else if (const auto *slot = std::get_if<LoadSlot>(&next)) {
                if (!m_devices.slot)
                    throw Error(ErrorKind::BadInput, "display",
                                "the monitor has no memory slot that can be reached",
                                "Calibrate with the video LUT instead.");
                loadSlot(slot->table);
                m_run.loadedSlot = slot->table;
            } else {
                finishStage(m_run.work->result());
                return;
            }
            m_taker.lightChanges();
            m_run.work->plan().acknowledge();
        }
    });
}

/// A stage without readings.
void RunEngine::make()
{
    publishStatus();
    StageResult result;
    try {
        result = stageEntry(m_run.status.stage).make(m_run.results, m_devices);
    } catch (const Error &e) {
        if (e.kind == ErrorKind::Device)
            throw;
        block(inWords(e)); // no repetition will make these readings usable
        return;
    }
    if (m_devices.lut)
        m_run.lutInForce = m_devices.lut->save(); // of an installation
    finishStage(result);
}

/// Whether the profile is one that nobody would want installed without having been asked.
bool RunEngine::isMisfit()
{
    return m_run.status.stage == Stage::Install && !m_acceptsMisfit && !m_run.misfitAccepted &&
           m_run.results.profileResidual > kMisfit;
}

void RunEngine::finishStage(const StageResult &result)
{
    const StageEntry &entry = stageEntry(m_run.status.stage);
    take(result, m_run.results);
    logbook().finishStage(m_run.status.run, m_run.status.stage, entry.version, entry.keep(result),
                          figuresOf(result, m_run.results));
    m_run.work.reset();
    m_run.status.note.clear();
    m_run.status.stage = stageAfter(m_run.results.setup.kind, m_run.status.stage);
    emit resultsChanged(m_run.results);
    advance();
}

void RunEngine::fault(const QString &message, MeterFault kind)
{
    m_taker.cancel();
    m_run.status.fault = kind;
    setActivity(Activity::Faulted, message);
}

void RunEngine::block(const QString &message)
{
    m_taker.cancel();
    m_run.work.reset();
    m_devices.presenter->hide();
    setActivity(Activity::Blocked, message);
}

void RunEngine::setActivity(Activity activity, const QString &message)
{
    m_run.status.activity = activity;
    m_run.status.message = message;
    if (activity != Activity::Faulted)
        m_run.status.fault = MeterFault::None;
    const bool waitsForPerson = activity == Activity::Faulted || activity == Activity::Paused;
    if (waitsForPerson && m_devices.presenter)
        m_devices.presenter->uncover(); // who is to answer has to see the question
    publishStatus();
}

void RunEngine::publishStatus()
{
    m_run.status.readingsDone = m_run.work ? m_run.work->plan().readingsDone() : 0;
    m_run.status.readingsLeft = m_run.work ? m_run.work->plan().readingsLeft() : 0;
    m_run.status.secondsLeft = 0;
    if (m_run.work) {
        const auto patches = m_run.work->plan().patchesLeft();
        m_run.status.secondsLeft = m_run.pace.secondsFor(
            patches, std::max(0, m_run.status.readingsLeft - static_cast<int>(patches.size())));
    }
    emit statusChanged(m_run.status);
}

} // namespace lantern::run
