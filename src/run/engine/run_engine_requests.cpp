// What a person asks of the engine while, before or beside a run.

#include "run/book/in_words.h"
#include "run/engine/run_engine.h"
#include "run/logbook/load_results.h"

namespace lantern::run {

void RunEngine::installByEye(const RunSetup &setup, const QByteArray &icc, const VideoLut &lut)
{
    try {
        loadLut(lut);
        const QString path =
            m_devices.store->install(icc, QString::fromStdString(profileName(setup)));
        const qint64 run = logbook().createRun(setup);
        const StageEntry &entry = stageEntry(Stage::ByEye);
        logbook().finishStage(run, entry.stage, entry.version,
                              entry.keep(ByEyeResult{icc, lut, path.toStdString()}));
        emit installedByEye();
    } catch (const Error &e) {
        emit failed(inWords(e), static_cast<int>(e.kind));
    }
}

void RunEngine::greetMeter()
{
    if (m_run.status.activity == Activity::Working || m_taker.isBusy() || !m_devices.meter)
        return;
    m_taker.greet();
}

void RunEngine::readRoom()
{
    if (m_run.status.activity == Activity::Working || m_taker.isBusy() || !m_devices.meter)
        emit errandFailed(tr("The meter is busy. Pause the run first."));
    else
        m_taker.readRoom();
}

void RunEngine::readBlack()
{
    if (m_run.status.activity == Activity::Working || m_taker.isBusy() || !m_devices.meter) {
        emit errandFailed(tr("The meter is busy. Pause the run first."));
        return;
    }
    if (!m_devices.meter->readsAtOnce()) {
        emit errandFailed(tr("Numbers cannot be typed in while the screen is dark. Take the light "
                             "that is kept and the screen's reflectance instead."));
        return;
    }
    readApart(Apart::Black, {kDeviceBlack, ScreenRegion{}});
}

void RunEngine::readWhite(const std::optional<Mat3> &correction)
{
    if (m_run.status.activity == Activity::Working || m_taker.isBusy() || !m_devices.meter) {
        emit errandFailed(tr("The meter is busy. Pause the run first."));
        return;
    }
    m_taker.setCorrection(correction);
    readApart(Apart::White, {kDeviceWhite, {}});
}

void RunEngine::readApart(Apart what, const ReadPatch &patch)
{
    m_reads = what;
    ReadPatch settled = patch;
    constexpr double kSettleSeconds = 1; // from whatever was on the screen
    settled.settleSeconds = kSettleSeconds;
    m_taker.take(settled);
}

/// A reading for no run is over, whatever came of it. False: there was none.
bool RunEngine::endApart()
{
    const Apart read = std::exchange(m_reads, Apart::None);
    if (read != Apart::None)
        m_devices.presenter->hide();
    if (read == Apart::White)
        m_taker.setCorrection({});
    return read != Apart::None;
}

void RunEngine::setControls(const MonitorControls &controls)
{
    try {
        if (!m_devices.controls)
            throw Error(ErrorKind::Device, "monitor", "its controls cannot be reached",
                        "Turn them at the monitor.");
        m_devices.controls->write(controls);
        emit controlsSet(controls);
    } catch (const Error &e) {
        emit errandFailed(inWords(e));
    }
}

void RunEngine::resumeWithMeter(qint64 run, const RunSetup &facts)
{
    guarded([&] {
        RunSetup setup = loadResults(logbook(), run).setup;
        Stage stage = stagesOf(setup.kind).front();
        while (stage != Stage::Done && logbook().isFinished(run, stage))
            stage = stageAfter(setup.kind, stage);
        const std::string from = setup.meterName;
        if (from != facts.meterName) {
            const MeterChange change{stageKey(stage).toStdString(), from, facts.meterName};
            const bool back =
                !setup.meterChanges.empty() && setup.meterChanges.back().stage == change.stage;
            if (back) // the one before took nothing that counts
                setup.meterChanges.back().to = change.to;
            else
                setup.meterChanges.push_back(change);
            if (setup.meterChanges.back().from == change.to)
                setup.meterChanges.pop_back();
        }
        setup.meterName = facts.meterName;
        setup.correction = facts.correction;
        setup.meterCorrection = facts.meterCorrection;
        setup.correctionKind = facts.correctionKind;
        setup.certificate = facts.certificate;
        logbook().setLastAside(run, stage, static_cast<int>(logbook().readings(run, stage).size()));
        logbook().changeSetup(run, setup);
    });
    resumeRun(run);
}

void RunEngine::pause()
{
    if (m_run.status.activity == Activity::Working && m_run.work)
        m_run.pauseRequested = true;
}

void RunEngine::resume()
{
    if (m_run.status.activity == Activity::Paused) {
        setActivity(Activity::Working);
        step();
    } else if (m_run.status.activity == Activity::Faulted) {
        bool back = false;
        guarded([&] {
            if (std::exchange(m_run.lutTaken, false))
                m_devices.lut->restore(*m_run.lutInForce);
            if (std::exchange(m_run.controlsTaken, false))
                m_devices.controls->write(*m_run.controlsInForce);
            back = true;
        });
        if (!back)
            return; // and why was told
        if (m_run.work && std::exchange(m_run.tookBack, false)) {
            bool replayed = false;
            guarded([&] {
                replayStage();
                replayed = true;
            });
            if (!replayed)
                return;
        }
        if (m_run.work && std::exchange(m_run.wrongMeter, false)) {
            setActivity(Activity::Working);
            m_taker.greet(); // who is it now?
            return;
        }
        const bool wantsZeroing = m_run.status.fault == MeterFault::WantsZeroing;
        setActivity(Activity::Working);
        const bool asked = std::exchange(m_run.asking, false);
        if (m_run.work) {
            if (asked)
                m_run.work->plan().acknowledge();
            m_run.zeroingByHand = wantsZeroing;
            if (wantsZeroing)
                m_taker.zero();
            else
                step();
        } else {
            m_run.misfitAccepted |= asked; // the build has no other question
            startStage();
        }
    }
}

void RunEngine::stop()
{
    if (m_run.status.run == 0 || m_run.status.activity == Activity::Idle)
        return;                                        // the meter may be at something else
    if (m_run.status.activity == Activity::Finished) { // nothing to take up again: just leave it
        m_run.status = {};
        publishStatus();
        return;
    }
    m_taker.cancel();
    m_run.pauseRequested = false;
    m_run.work.reset();
    m_devices.presenter->hide();
    m_run.status.patch.reset();
    setActivity(Activity::Idle);
}

void RunEngine::abandon(qint64 run)
{
    guarded([&] {
        logbook().abandon(run); // first, so that whoever hears of the stop finds it done
        if (run != m_run.status.run)
            return;
        stop();
        m_run.status = {};
        m_run.results = {};
        emit resultsChanged(m_run.results);
        publishStatus();
    });
}

void RunEngine::setNote(qint64 run, const QString &note)
{
    guarded([&] { logbook().setNote(run, note); });
}

RunEngine::TakenIn RunEngine::takeIn(const Fetched &fetched)
{
    try {
        return {run::takeIn(logbook(), fetched), {}};
    } catch (const Error &e) {
        return {{}, inWords(e)};
    }
}

RunEngine::TakenIn RunEngine::mergeFrom(const QString &path)
{
    try {
        return {run::mergeFrom(logbook(), path), {}};
    } catch (const Error &e) {
        return {{}, inWords(e)};
    }
}

void RunEngine::setRemoved(qint64 run, bool removed)
{
    guarded([&] {
        if (run == m_run.status.run && removed)
            throw Error(ErrorKind::BadInput, "this run", "is under way",
                        "Finish, stop or discard it first.");
        logbook().setRemoved(run, removed);
    });
}

void RunEngine::turnControls(const MonitorControls &controls)
{
    guarded([&] {
        if (m_devices.controls)
            writeControls(controls);
    });
}

void RunEngine::noteControls(const MonitorControls &controls)
{
    m_run.noted = controls;
    m_run.results.controls = controls;
    emit resultsChanged(m_run.results);
}

void RunEngine::setAdjustMode(AdjustMode mode)
{
    if (m_run.status.run == 0 ||
        isAfter(m_run.results.setup.kind, m_run.status.stage, Stage::Adjust))
        return;
    const bool atWork =
        m_run.status.stage == Stage::Adjust && m_run.status.activity != Activity::Waiting;
    guarded([&] {
        RunSetup setup = m_run.results.setup;
        setup.adjust = mode;
        if (atWork) {
            m_taker.cancel();
            if (m_devices.controls)
                if (const auto controls = m_devices.controls->read())
                    setup.startControls = controls;
            // The stage starts again in the new way; the readings so far belong to the old one.
            logbook().restartStage(m_run.status.run, Stage::Adjust, setup);
        } else
            logbook().changeSetup(m_run.status.run, setup);
        m_run.results.setup = setup;
        if (atWork) {
            m_run.results.whites.clear();
            m_run.results.advice.reset();
            m_run.results.handAdvice.reset();
        }
        emit resultsChanged(m_run.results);
        if (m_run.status.activity == Activity::Working && atWork)
            startStage();
        else if (atWork)
            m_run.work.reset(); // it is begun anew when the run goes on
    });
}

void RunEngine::setProfileForm(const ProfileForm &form)
{
    changeProfile([&](RunSetup &setup) { form.applyTo(setup); });
}

void RunEngine::setProfileTitle(const QString &title)
{
    changeProfile([&](RunSetup &setup) { setup.profileTitle = title.trimmed().toStdString(); });
}

/// Does nothing once the profile is built.
void RunEngine::changeProfile(const std::function<void(RunSetup &)> &change)
{
    if (m_run.status.run == 0 ||
        isAfter(m_run.results.setup.kind, m_run.status.stage, Stage::Build))
        return;
    guarded([&] {
        change(m_run.results.setup);
        logbook().changeSetup(m_run.status.run, m_run.results.setup);
        emit resultsChanged(m_run.results);
    });
}

} // namespace lantern::run
