// What a person asks of the engine while, before or beside a run.

#include "run/run_engine.h"

namespace lantern::run {

void RunEngine::installByEye(const RunSetup &setup, const QByteArray &icc, const VideoLut &lut)
{
    try {
        RunResults made;
        made.setup = setup;
        made.profile = icc;
        made.lutByEye = lut;
        made.installedPath =
            m_devices.store->install(icc, QString::fromStdString(profileName(setup)));
        m_devices.lut->load(lut);
        const qint64 run = logbook().createRun(setup);
        logbook().finishStage(run, Stage::ByEye, packByEye(made));
        emit installedByEye();
    } catch (const Error &e) {
        emit failed(QString::fromUtf8(e.what()), static_cast<int>(e.kind));
    }
}

void RunEngine::greetMeter()
{
    if (m_status.activity == Activity::Working || m_taker.isBusy() || !m_devices.meter)
        return;
    if (m_devices.meter->zeroesByItself())
        m_taker.zero();
}

void RunEngine::readRoom()
{
    if (m_status.activity == Activity::Working || m_taker.isBusy() || !m_devices.meter)
        emit errandFailed(tr("The meter is busy. Pause the run first."));
    else
        m_taker.readRoom();
}

void RunEngine::pause()
{
    if (m_status.activity == Activity::Working && m_plan)
        m_pauseRequested = true;
}

void RunEngine::resume()
{
    if (m_status.activity == Activity::Paused) {
        setActivity(Activity::Working);
        step();
    } else if (m_status.activity == Activity::Faulted) {
        const bool wantsZeroing = m_status.fault == MeterFault::WantsZeroing;
        setActivity(Activity::Working);
        if (m_plan) {
            if (std::exchange(m_asking, false))
                m_plan->acknowledge();
            m_zeroingByHand = wantsZeroing;
            if (wantsZeroing)
                m_taker.zero();
            else
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
    m_taker.cancel();
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

void RunEngine::noteControls(const MonitorControls &controls)
{
    m_noted = controls;
    m_results.controls = controls;
    emit resultsChanged(m_results);
}

void RunEngine::setAdjustMode(AdjustMode mode)
{
    m_results.setup.adjust = mode;
    emit resultsChanged(m_results);
    if (m_status.stage != Stage::Adjust || m_status.activity != Activity::Working)
        return;
    // Start the stage again in the new way; the readings so far belong to the old one.
    guarded([this] {
        m_taker.cancel();
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
    if (m_status.run == 0 || isAfter(m_results.setup.kind, m_status.stage, Stage::Build))
        return;
    guarded([&] {
        m_results.setup.profileTitle = title.trimmed().toStdString();
        logbook().changeSetup(m_status.run, m_results.setup);
        emit resultsChanged(m_results);
    });
}

} // namespace lantern::run
