// What the engine does with a reading: asks for it, doubts it, keeps it.

#include "run/book/in_words.h"
#include "run/engine/run_engine.h"

#include <QDateTime>

#include <algorithm>
#include <utility>

namespace lantern::run {

namespace {

/// White does not lose more than this from one reading to the next unless the meter has left it.
constexpr double kFallenOff = 0.25;

} // namespace

void RunEngine::askForPatch(const ReadPatch &patch)
{
    m_run.status.patch = patch.rgb;
    publishStatus();
    if (!m_run.work) // who heard of it has stopped the run
        return;
    m_patchClock.start();
    m_run.region = patch.region;
    m_run.controlsAtPatch.reset();
    if (stageEntry(m_run.status.stage).controlsTurn && m_devices.controls)
        m_run.controlsAtPatch = m_devices.controls->read();
    if (!controlsAreWatched())
        m_run.controlsInForce.reset();
    else if (!m_run.controlsInForce)
        m_run.controlsInForce = m_devices.controls->read();
    m_devices.presenter->say(inWords(m_run.work->onScreen()));
    m_taker.take(patch);
}

/// Where white is not turned by a person or by the search for the meter, it cannot go dark.
bool RunEngine::hasFallenOff(const XYZ &xyz)
{
    if (!stageEntry(m_run.status.stage).whiteIsSteady ||
        !(*m_run.status.patch == DeviceRgb{255, 255, 255}))
        return false;
    // A LUT may take white down to the aim on purpose, not further.
    const double expected =
        std::min(m_run.lastWhite, m_run.results.setup.aim.luminanceCdM2.value_or(m_run.lastWhite));
    if (xyz.Y < kFallenOff * expected)
        return true;
    m_run.lastWhite = xyz.Y;
    return false;
}

/// A patch that is far from dark gave no light at all.
bool RunEngine::seesNothing(const XYZ &xyz) const
{
    const DisplayState *known = m_run.results.after    ? &*m_run.results.after
                                : m_run.results.before ? &*m_run.results.before
                                                       : nullptr;
    const double white = known && known->white ? known->white->Y : m_run.lastWhite;
    constexpr double kNotDark = 128;    // code value; a fifth of the light at least
    constexpr double kNoLight = 0.0001; // of white; blue alone gives a hundred times as much
    return !m_run.region && vec(*m_run.status.patch).maxCoeff() >= kNotDark && white > 0 &&
           vec(xyz).maxCoeff() < kNoLight * white;
}

/// A meter gave the same numbers for a colour that is far from the one before: no light does that.
/// Dark colours may be the same to a meter with few digits.
bool RunEngine::isStuck(const XYZ &xyz) const
{
    if (!m_run.lastReading || !(m_run.lastReading->xyz == xyz) || m_run.region)
        return false;
    constexpr double kFarApart = 32, kBright = 64; // code values
    const Vec3 now = vec(*m_run.status.patch);
    const Vec3 before = vec(m_run.lastReading->rgb);
    return (now - before).cwiseAbs().maxCoeff() >= kFarApart &&
           std::max(now.maxCoeff(), before.maxCoeff()) >= kBright;
}

/// A run is one meter's: its scatter, correction and certificate are that one's.
bool RunEngine::isOtherMeter()
{
    const QString now = m_devices.meter->name();
    if (m_run.meter.isEmpty() || now == m_run.meter)
        return false;
    m_run.wrongMeter = true;
    fault(
        tr("This run's readings are of %1, and the meter is now %2. Choose %1 again and go on; or "
           "choose %2 in the Meter menu, and the present stage begins anew with it.")
            .arg(m_run.meter, now));
    return true;
}

/// The reading before said the same: it need not have been of its patch either.
void RunEngine::takeBack(const XYZ &xyz)
{
    const auto logged = logbook().readings(m_run.status.run, m_run.status.stage);
    const auto same = std::find_if(logged.rbegin(), logged.rend(),
                                   [&](const LoggedReading &l) { return !(l.reading.xyz == xyz); });
    logbook().setLastAside(m_run.status.run, m_run.status.stage,
                           static_cast<int>(same - logged.rbegin()));
    m_run.tookBack = true;
}

/// The stage as if what was taken back had never been read.
void RunEngine::replayStage()
{
    m_run.work = stageEntry(m_run.status.stage).begin(m_run.results);
    m_run.lastWhite = 0;
    m_run.lastReading.reset();
    bringBack(logbook().readings(m_run.status.run, m_run.status.stage));
}

void RunEngine::onReading(const XYZ &xyz, double integrationSeconds)
{
    if (const Apart read = m_reads; endApart()) {
        if (read == Apart::Black)
            emit blackRead(xyz);
        else
            emit whiteRead(xyz);
        return;
    }
    const QString meter = m_devices.meter->name();
    if (hasFallenOff(xyz) || seesNothing(xyz)) {
        fault(inWords(meterFaultText(MeterFault::OffPatch, meter.toStdString())),
              MeterFault::OffPatch);
        return;
    }
    if (isStuck(xyz)) {
        guarded([&] { takeBack(xyz); });
        fault(inWords(meterFaultText(MeterFault::Stuck, meter.toStdString())), MeterFault::Stuck);
        return;
    }
    guarded([&] {
        if (isLutForeign()) {
            m_run.lutTaken = true;
            fault(tr("Another program has loaded a video LUT on this display, so this reading was "
                     "thrown away. Stop night light and other programs that load profiles; going "
                     "on loads ours again."));
            return;
        }
        if (areControlsTaken()) {
            m_run.controlsTaken = true;
            const auto brightness = [](const std::optional<MonitorControls> &c) {
                return QString::number(c ? c->brightness : 0, 'f', 0);
            };
            fault(tr("The panel's brightness went from %1 to %2 while it was measured, so this "
                     "reading was thrown away. Automatic brightness, power saving or a key did it: "
                     "switch them off. Going on sets it back.")
                      .arg(brightness(m_run.controlsInForce),
                           brightness(m_devices.controls->read())));
            return;
        }
        LoggedReading logged{{*m_run.status.patch, xyz, integrationSeconds},
                             m_devices.meter->state(),
                             {},
                             m_run.region,
                             QDateTime::currentDateTimeUtc().toString(Qt::ISODateWithMs),
                             meter};
        if (stageEntry(m_run.status.stage).wantsSpectra)
            logged.spectrum = m_devices.meter->lastSpectrum();
        if (stageEntry(m_run.status.stage).controlsTurn) {
            if (m_devices.controls)
                logged.controls = m_devices.controls->read();
            if (logged.controls != m_run.controlsAtPatch &&
                m_run.controlsAtPatch) { // turned meanwhile
                step();
                return;
            }
            if (!logged.controls)
                logged.controls = m_run.noted;
        }
        noteOwnCorrection();
        keep(logged);
    });
}

/// Commits a reading and tells the plan; the next step follows.
void RunEngine::keep(const LoggedReading &logged)
{
    logbook().appendReading(m_run.status.run, m_run.status.stage, logged);
    m_run.lastReading = logged.reading;
    m_run.meter = logged.meter;
    try {
        m_run.work->accept(logged);
    } catch (const Error &e) { // read and kept, but the aim is out of reach
        block(inWords(e));
        return;
    }
    if (m_run.work->show(m_run.results))
        emit resultsChanged(m_run.results);
    m_run.pace.add(logged.reading, static_cast<double>(m_patchClock.elapsed()) / 1000);
    emit readingTaken(m_run.status.stage, logged.reading);
    QMetaObject::invokeMethod(this, &RunEngine::step, Qt::QueuedConnection);
}

/// A meter that corrects itself is only known to do so once it has answered.
void RunEngine::noteOwnCorrection()
{
    RunSetup &s = m_run.results.setup;
    if (s.correctionKind != CorrectionKind::None || s.meterCorrection ||
        !m_devices.meter->correctsForTechnology())
        return;
    s.correctionKind = CorrectionKind::Technology;
    s.correction = "corrected for " + s.technology + " by its driver";
    logbook().changeSetup(m_run.status.run, s);
}

} // namespace lantern::run
