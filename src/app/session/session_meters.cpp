// The session and its meter: which one it is, what is known of it, the room's light.

#include "app/session/session.h"
#include "core/base/error.h"

#include <utility>

namespace lantern::app {

void Session::chooseMeter(const QString &choice)
{
    if (state().isMetersOwn()) {
        setProblem(
            tr("The meter is at work. Let it finish, or stop it, before changing the meter."));
        return;
    }
    attempt([&] {
        m_workplace->chooseMeter(choice);
        m_checklist.forgetMeter();
        takeDevices();
    });
}

/// One that is at work tells itself, when the person goes on.
void Session::onMeterCame(const QString &choice)
{
    if (state().isMetersOwn())
        return;
    if (choice != m_workplace->meterChoice())
        chooseMeter(choice);
    else
        m_run.ask([](run::RunEngine &engine) { engine.greetMeter(); });
}

void Session::swapMeter(const QString &choice)
{
    if (!state().mayBeSwapped()) {
        chooseMeter(choice);
        return;
    }
    attempt([&] {
        const qint64 run = m_run.state().status.run;
        m_run.stop();
        m_workplace->chooseMeter(choice);
        m_checklist.forgetMeter();
        m_swappedRun = run; // goes on when the meter has told its name
        takeDevices();
    });
}

/// The meter that a run is to go on with is there.
void Session::goOnWithMeter()
{
    const auto run = std::exchange(m_swappedRun, std::nullopt);
    if (!run)
        return;
    attempt([&] {
        if (giveToRun())
            m_run.ask([run, facts = setupWithMeter()](run::RunEngine &engine) {
                engine.resumeWithMeter(*run, facts);
            });
    });
}

void Session::enterReading(const XYZ &xyz)
{
    m_meter.wantEntry({});
    m_workplace->enterReading(xyz);
}

/// Facts of a new run on this display with this meter. \throws Error when the display's control
/// channel has gone silent
run::RunSetup Session::setupWithMeter() const
{
    run::RunSetup setup = facts();
    m_meter.addFacts(setup);
    return setup;
}

/// What Ready and Desk say about the meter.
void Session::refreshMeterFacts()
{
    attempt([this] {
        const QString problem = m_meter.refresh(facts());
        if (!problem.isEmpty())
            setProblem(problem);
    });
}

template <class F> void Session::changeMeterShelf(F &&change)
{
    if (state().isMeasuring()) {
        setProblem(tr("Finish or stop the run before changing what is known of the meter."));
        return;
    }
    attempt([&] { setNotice(change(facts())); });
    refreshMeterFacts();
    refreshReady();
}

void Session::keepCertificate(const QString &path)
{
    changeMeterShelf(
        [&](const run::RunSetup &setup) { return m_meter.keepCertificate(path, setup); });
}

void Session::keepCorrection(const QString &path)
{
    changeMeterShelf(
        [&](const run::RunSetup &setup) { return m_meter.keepCorrection(path, setup); });
}

void Session::computeCorrection(const QString &sensitivities, const QString &panel)
{
    changeMeterShelf([&](const run::RunSetup &setup) {
        return m_meter.computeCorrection(sensitivities, panel, setup);
    });
}

void Session::keepFourColours(const QString &meter, const QString &reference)
{
    changeMeterShelf([&](const run::RunSetup &setup) {
        return m_meter.keepFourColours(meter, reference, setup);
    });
}

void Session::forgetMeterFacts()
{
    changeMeterShelf([&](const run::RunSetup &setup) { return m_meter.forget(setup); });
}

bool Session::isMeterFree()
{
    if (!m_workplace->hasMeter())
        setProblem(tr("No meter is chosen. Choose one in the Meter menu."));
    else if (state().isMeasuring())
        setProblem(tr("The meter is busy. Pause or stop the run first."));
    else
        return true;
    return false;
}

void Session::readRoom()
{
    if (!isMeterFree())
        return;
    m_notice.clear();
    m_meter.setReadingRoom(true);
    m_run.ask([](run::RunEngine &engine) { engine.readRoom(); });
}

void Session::forgetRoomReadings()
{
    m_meter.forgetRoom();
}

} // namespace lantern::app
