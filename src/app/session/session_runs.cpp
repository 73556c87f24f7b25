// Runs and errands of the session.

#include "app/session/session.h"
#include "app/state/ledger_rows.h"
#include "app/state/stage_words.h"
#include "core/base/error.h"

#include <QDateTime>
#include <QRandomGenerator>

#include <algorithm>

namespace lantern::app {

using run::Activity;
using run::RunKind;

std::string Session::now()
{
    return QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString();
}

/// The display becomes a run's own, and whatever else was to come on it ends. Why not is told.
bool Session::giveToRun()
{
    if (m_tune.state().keepingTune) {
        sayTuneIsMade();
        return false;
    }
    m_notice.clear();
    m_swappedRun.reset();
    leaveTrials();
    return m_inForce.beginTrying();
}

void Session::beginRun()
{
    if (m_run.isBeginning()) // a second press before the engine has answered
        return;
    if (!state().aimProblem.isEmpty()) {
        setProblem(state().aimProblem);
        return;
    }
    attempt([this] {
        run::RunSetup setup = setupWithMeter();
        setup.aim = m_aim.state().aim;
        m_aim.state().measure.applyTo(setup);
        m_aim.state().profileForm.applyTo(setup);
        run::applyLights(m_light.state().lights, setup);
        m_proof.state().proof.applyTo(setup, QRandomGenerator::global()->generate());
        setup.against.clear(); // a run proves its own profile
        setup.startedAt = now();
        if (const auto memory = m_workplace->memory(m_selected); memory && m_slotWanted) {
            setup.intoSlot = true;
            setup.slot = *m_slotWanted;
            setup.slotName = m_slotName.toStdString();
            setup.slotMixes = memory->mixes;
            if (!m_slotName.isEmpty())
                setup.profileTitle =
                    setup.displayName + " " + setup.slotName + " " + setup.startedAt.substr(0, 10);
        }
        setup.skipped = m_checklist.openPoints();
        if (const auto &placement = m_checklist.state().placement)
            setup.patchGain = placement->patchGain;
        if (giveToRun()) {
            m_freshRunWanted = false; // once it is stopped, it is the one to go on with
            m_run.begin(setup);
        }
    });
}

/// A small run of its own, done in one go; false when it has to wait.
bool Session::beginErrand(RunKind kind, const std::optional<run::ProofChoice> &proof)
{
    if (state().isMeasuring() ||
        (state().hasRun() && m_run.state().status.activity != Activity::Finished)) {
        setProblem(tr("A run is under way. Finish or stop it first."));
        return false;
    }
    bool begun = false;
    attempt([&] {
        const bool forCorrection = kind == RunKind::FourColours; // which it is to make
        run::RunSetup setup = forCorrection ? facts() : setupWithMeter();
        setup.kind = kind;
        setup.aim = m_aim.state().aim;
        if (kind == RunKind::Validation) {
            proof.value_or(m_proof.state().proof)
                .applyTo(setup, QRandomGenerator::global()->generate());
            setup.adjust = run::AdjustMode::Skip;
            if (m_history.state().lastTime)
                setup.aim = m_history.state().lastTime->setup.aim;
        }
        if (kind == RunKind::Mode) {
            setup.pictureMode = m_pictureMode;
            setup.adjust = run::AdjustMode::Skip;
        }
        if (kind == RunKind::Evenness) {
            setup.evenness = state().evennessChoice;
            if (m_evensMode) { // a few fields tell
                setup.evenness.grid = {2, 2};
                setup.evenness.greys = {255};
                setup.pictureMode = m_pictureMode;
            }
            setup.adjust = run::AdjustMode::Skip;
            m_proof.state().proof.applyTo(setup, 0); // judged by the same limits
            setup.against.clear();
        }
        if (kind == RunKind::Check) {
            setup.referenceRun = m_history.state().lastRun;
            if (m_history.state().lastTime)
                setup.aim = m_history.state().lastTime->setup.aim;
        }
        setup.startedAt = now();
        if (giveToRun()) {
            m_run.begin(setup);
            begun = true;
        }
    });
    return begun;
}

void Session::watchWarmUp()
{
    m_checklist.setWarmUp({});
    beginErrand(RunKind::WarmUp);
}

void Session::findMeter()
{
    m_checklist.setPlacement({});
    beginErrand(RunKind::Placement);
}

void Session::readFourColours()
{
    beginErrand(RunKind::FourColours);
}

/// A run that is complete gives way to what comes next; the logbook has it.
void Session::leaveFinishedRun()
{
    if (!state().hasRun() || m_run.state().status.activity != Activity::Finished)
        return;
    m_run.stop();
    m_history.finished(m_run.state().results, m_run.state().status.run);
    if (!m_run.state().results.installedPath.isEmpty()) // before the logbook has said so
        m_inForce.setOwn(m_run.state().results);
    m_run.forget();
    readLogbook();
}

void Session::checkFirst()
{
    leaveFinishedRun(); // the run just made is the one to check against
    if (!m_history.state().lastTime) {
        setProblem(tr("There is no finished run of this display to check against."));
        return;
    }
    if (m_history.state().byEye && m_history.state().byEye->setup.fineTune) {
        setProblem(tr("The profile in use was fine-tuned by eye since: the calibration below it is "
                      "no longer what is shown. Prove what is in use, on the page Fine-tune or "
                      "Colour accuracy."));
        return;
    }
    if (beginErrand(RunKind::Check)) {
        m_checklist.confirm(false); // what follows is another check or another run
        m_view = ViewId::Check;
    }
}

void Session::proveNow()
{
    leaveFinishedRun();
    if (beginErrand(RunKind::Validation))
        m_view = ViewId::Accuracy;
}

void Session::chooseEvenness(const run::EvennessChoice &choice)
{
    m_evenness = choice;
    publish();
}

void Session::measureEvenness()
{
    leaveFinishedRun();
    if (beginErrand(RunKind::Evenness))
        m_view = ViewId::Evenness;
}

void Session::resumeEvenness()
{
    leaveFinishedRun();
    const auto run = m_history.state().unfinishedEvenness;
    if (!run || state().isMeasuring() || state().hasRun())
        return;
    if (!giveToRun())
        return;
    m_run.resumeRun(*run);
    m_view = ViewId::Evenness;
}

void Session::readPictureMode(const QString &name)
{
    const QString called = name.simplified();
    if (called.isEmpty()) {
        setProblem(tr("Say first what the monitor calls this picture mode."));
        return;
    }
    leaveFinishedRun();
    m_pictureMode = called.toStdString();
    if (beginErrand(RunKind::Mode))
        m_view = ViewId::Modes;
}

void Session::evenPictureMode(const QString &name)
{
    leaveFinishedRun();
    m_pictureMode = name.toStdString();
    m_evensMode = true;
    if (beginErrand(RunKind::Evenness))
        m_view = ViewId::Evenness;
    m_evensMode = false;
}

void Session::forgetPictureMode(const QString &name)
{
    const auto &modes = m_history.state().modeRuns;
    const auto mode = std::ranges::find_if(
        modes, [&](const auto &read) { return read->mode.name == name.toStdString(); });
    if (mode == modes.end())
        return;
    std::vector<qint64> runs = (*mode)->older;
    runs.push_back((*mode)->id);
    undoStack()->beginMacro(tr("Forget picture mode %1").arg(name));
    for (const qint64 run : runs)
        removeRun(run);
    undoStack()->endMacro();
}

void Session::provePrint(const run::ProofChoice &choice)
{
    leaveFinishedRun();
    if (beginErrand(RunKind::Validation, choice))
        m_view = ViewId::Accuracy;
}

void Session::choosePrint(const run::PrintChoice &choice)
{
    attempt([&] { m_print.choose(choice); });
}

void Session::chooseProof(const run::ProofChoice &choice)
{
    attempt([&] { m_proof.choose(choice); });
}

void Session::keepTolerance(const Tolerance &tolerance)
{
    attempt([&] { setNotice(m_proof.keep(tolerance)); });
}

void Session::takeTolerance(const QString &path)
{
    attempt([&] { setNotice(m_proof.take(path)); });
}

void Session::removeTolerance(const QString &name)
{
    attempt([&] { setNotice(m_proof.remove(name)); });
}

/// What an errand brought is kept; the engine is free again.
void Session::finishErrand()
{
    const run::RunResults r = m_run.state().results;
    switch (r.setup.kind) {
    case RunKind::Calibration:
        return;
    case RunKind::WarmUp:
        m_checklist.setWarmUp(r.warmUp);
        break;
    case RunKind::Placement:
        m_checklist.setPlacement(r.placement);
        if (const QRect screen = m_workplace->screenOf(m_selected);
            r.placement && !screen.isEmpty()) // else it is on another device
            m_workplace->patchWindow()->placeAt(
                screen.topLeft() + QPoint(static_cast<int>(r.placement->x * screen.width()),
                                          static_cast<int>(r.placement->y * screen.height())));
        break;
    case RunKind::FourColours:
        attempt([&] { m_meter.tookFourColours(QString::fromStdString(r.setup.meterName), r); });
        break;
    case RunKind::ByEye: // installed without a run of stages
        break;
    case RunKind::Validation:
        m_history.proved(r);
        readLogbook();
        m_view = ViewId::Accuracy;
        break;
    case RunKind::Mode:
        if (!r.modeReadings.empty())
            m_history.readMode(r, m_run.state().status.run);
        readLogbook();
        m_view = std::exchange(m_viewAfter, std::nullopt).value_or(ViewId::Modes);
        break;
    case RunKind::Evenness:
        if (r.evenness && r.setup.pictureMode.empty())
            m_history.evened(r, m_run.state().status.run);
        readLogbook();
        m_view = r.setup.pictureMode.empty() ? ViewId::Evenness : ViewId::Modes;
        break;
    case RunKind::Check:
        if (r.check)
            m_history.checked(r);
        readLogbook();
        m_view = ViewId::Check;
        break;
    }
    m_run.stop();
    m_run.forget();
}

void Session::resumeOldRun()
{
    if (!giveToRun())
        return;
    m_checklist.confirm(true);
    m_run.resumeRun(*m_history.state().unfinishedRun);
    m_history.forgetUnfinished();
}

void Session::proceed()
{
    if (m_run.state().status.activity == Activity::Waiting)
        m_view = viewOf(m_run.state().status.stage);
    m_run.proceed();
}

void Session::pause()
{
    m_run.ask([](run::RunEngine &engine) { engine.pause(); });
}

void Session::resume()
{
    m_notice.clear();
    m_run.ask([](run::RunEngine &engine) { engine.resume(); });
    publish();
}

void Session::stop()
{
    const bool kept = state().hasRun();
    m_run.stop();
    m_checklist.confirm(false);
    if (kept)
        setNotice(tr("Stopped. Every reading is kept: the run can be taken up again."));
}

void Session::discardRun()
{
    const std::optional<qint64> run = state().hasRun() ? std::optional(m_run.state().status.run)
                                                       : m_history.state().unfinishedRun;
    const bool wasInstalled =
        m_history.state().installed || !m_run.state().results.installedPath.isEmpty();
    m_history.forgetUnfinished();
    clearRun();
    if (!run)
        return;
    m_run.ask([this, run, wasInstalled, id = m_displays[m_selected].id](run::RunEngine &engine) {
        engine.abandon(*run);
        if (wasInstalled) // the profile of the run before belongs to the display again
            QMetaObject::invokeMethod(this, [this, id] {
                const auto card = std::ranges::find(m_displays, id, &DisplayCard::id);
                if (card != m_displays.end()) // not unplugged meanwhile
                    attempt([&] {
                        m_workplace->giveUpInstalled(static_cast<int>(card - m_displays.begin()));
                    });
                m_putBackThen = true;
                readLogbook(0);
            });
    });
}

void Session::newRun()
{
    if (state().isMeasuring())
        return;
    m_run.stop();
    clearRun();
    m_freshRunWanted = true;
}

void Session::clearRun()
{
    m_run.forgetResults();
    m_run.forgetLiveReadings();
    m_checklist.confirm(false);
    m_swappedRun.reset();
    m_freshRunWanted = false;
    m_notice.clear();
    m_view = ViewId::Ready;
    publish();
}

void Session::turnControls(const MonitorControls &controls)
{
    m_run.ask([controls](run::RunEngine &engine) { engine.turnControls(controls); });
}

void Session::noteControls(const MonitorControls &controls)
{
    m_run.ask([controls](run::RunEngine &engine) { engine.noteControls(controls); });
}

void Session::setAdjustMode(run::AdjustMode mode)
{
    m_run.ask([mode](run::RunEngine &engine) { engine.setAdjustMode(mode); });
}

void Session::setProfileForm(const run::ProfileForm &form)
{
    m_run.ask([form](run::RunEngine &engine) { engine.setProfileForm(form); });
    attempt([&] { m_aim.setProfileForm(form); });
}

void Session::setProfileTitle(const QString &title)
{
    m_run.ask([title](run::RunEngine &engine) { engine.setProfileTitle(title); });
}

void Session::act()
{
    carryOut(mainAction(state()).step);
}

void Session::actOtherwise()
{
    carryOut(mainAction(state()).otherStep);
}

void Session::carryOut(NextStep step)
{
    switch (step) {
    case NextStep::None:
        break;
    case NextStep::ShowReady:
        showView(ViewId::Ready);
        break;
    case NextStep::ConfirmReady:
        m_checklist.confirm(true);
        showView(ViewId::Aim);
        break;
    case NextStep::ChooseAim:
        if (m_run.state().status.activity == Activity::Blocked)
            m_run.ask([run = m_run.state().status.run](run::RunEngine &e) { e.abandon(run); });
        showView(ViewId::Aim);
        break;
    case NextStep::BeginRun:
        beginRun();
        break;
    case NextStep::Proceed:
        proceed();
        break;
    case NextStep::Resume:
        resume();
        break;
    case NextStep::ResumeOldRun:
        resumeOldRun();
        break;
    case NextStep::LeaveErrand:
        m_run.stop();
        m_run.forgetResults();
        setNotice({});
        break;
    case NextStep::CheckFirst:
        checkFirst();
        break;
    case NextStep::SameAgain:
        if (m_history.state().lastTime)
            setAim(m_history.state().lastTime->setup.aim);
        m_freshRunWanted = true;
        m_history.forgetCheck();
        showView(ViewId::Ready);
        break;
    case NextStep::NewRun:
        m_history.finished(m_run.state().results, m_run.state().status.run);
        readLogbook(0); // what was asked before does not count that run yet
        beginRun();
        break;
    case NextStep::SaveReport:
        emit reportWanted();
        break;
    case NextStep::OpenReport:
        emit reportToBeOpened(m_reportFolder);
        break;
    case NextStep::NextDisplay:
        selectDisplay(nextDisplay(state()));
        break;
    case NextStep::CarryMeter:
        carryMeter();
        break;
    case NextStep::ShowMatch:
        showView(ViewId::Match);
        break;
    case NextStep::MeasureUnit:
        measureUnit(nextUnit(state()));
        break;
    case NextStep::ReadReference:
        readReferenceUnit();
        break;
    }
}

} // namespace lantern::app
