#include "app/session.h"

#include "app/ledger/ledger_rows.h"
#include "app/stage_words.h"
#include "core/base/error.h"

#include <QDateTime>

namespace lantern::app {

using run::Activity;
using run::RunKind;
using run::Stage;

void Session::beginRun()
{
    if (m_beginning) // a second press before the engine has answered
        return;
    if (!m_state.aimProblem.isEmpty()) {
        setNotice(m_state.aimProblem);
        return;
    }
    run::RunSetup setup;
    try {
        setup = m_workplace->setup(m_state.selected);
    } catch (const Error &e) { // its control channel has gone silent
        setNotice(QString::fromUtf8(e.what()));
        return;
    }
    addMeterFacts(setup);
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
    for (const ReadyPoint &point : m_state.ready)
        if (!point.done)
            setup.skipped.push_back(point.title.toStdString());
    if (!beginTrying())
        return;
    m_beginning = true;
    emit beginRequested(setup);
}

/// A small run of its own, done in one go; false when it has to wait.
bool Session::beginErrand(RunKind kind)
{
    if (m_state.isMeasuring() ||
        (m_state.hasRun() && m_state.status.activity != Activity::Finished)) {
        setNotice(tr("A run is under way. Finish or stop it first."));
        return false;
    }
    try {
        run::RunSetup setup = m_workplace->setup(m_state.selected);
        setup.kind = kind;
        setup.aim = m_state.aim;
        if (kind != RunKind::FourColours) // that is for making one
            addMeterFacts(setup);
        if (kind == RunKind::Check) {
            setup.referenceRun = m_state.lastRun;
            if (m_state.lastTime)
                setup.aim = m_state.lastTime->setup.aim;
        }
        setup.startedAt = QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString();
        m_state.notice.clear();
        m_state.liveReadings.clear();
        if (!beginTrying())
            return false;
        emit beginRequested(setup);
        return true;
    } catch (const Error &e) {
        setNotice(QString::fromUtf8(e.what()));
        return false;
    }
}

void Session::watchWarmUp()
{
    m_state.warmUp.reset();
    beginErrand(RunKind::WarmUp);
}

void Session::findMeter()
{
    m_state.placement.reset();
    beginErrand(RunKind::Placement);
}

void Session::checkFirst()
{
    if (m_state.hasRun() && m_state.status.activity == Activity::Finished) {
        emit stopRequested(); // the run just made is the one to check against
        m_state.lastTime = std::exchange(m_state.results, {});
        m_state.lastRun = std::exchange(m_state.status, {}).run;
        m_state.check.reset();
        readLogbook();
    }
    if (!m_state.lastTime) {
        setNotice(tr("There is no finished run of this display to check against."));
        return;
    }
    if (beginErrand(RunKind::Check)) {
        m_state.readyConfirmed = false; // what follows is another check or another run
        m_state.view = ViewId::Check;
    }
}

/// What an errand brought is kept; the engine is free again.
void Session::finishErrand()
{
    const run::RunResults &r = m_state.results;
    switch (r.setup.kind) {
    case RunKind::Calibration:
        return;
    case RunKind::WarmUp:
        m_state.warmUp = r.warmUp;
        break;
    case RunKind::Placement:
        m_state.placement = r.placement;
        if (r.placement) {
            const QRect screen = m_workplace->screenOf(m_state.selected);
            m_workplace->patchWindow()->placeAt(
                screen.topLeft() + QPoint(static_cast<int>(r.placement->x * screen.width()),
                                          static_cast<int>(r.placement->y * screen.height())));
        }
        break;
    case RunKind::FourColours:
        m_state.fourColours[QString::fromStdString(r.setup.meterName)] = r.fourColours;
        break;
    case RunKind::ByEye: // installed without a run of stages
    case RunKind::Validation:
        break;
    case RunKind::Check:
        m_state.check = r.check;
        m_state.checkedAt =
            QDateTime::fromString(QString::fromStdString(r.setup.startedAt), Qt::ISODate);
        readLogbook();
        m_state.view = ViewId::Check;
        break;
    }
    emit stopRequested();
    m_state.status = {};
    m_state.results = {};
}

void Session::bareDisplay(bool bare)
{
    if (m_state.isMeasuring() || m_state.hasRun())
        return;
    try {
        if (bare) {
            if (beginTrying())
                m_workplace->clearLut(m_state.selected);
        } else {
            putBack();
            m_trying = false;
            m_workplace->runEnds(m_state.selected);
        }
    } catch (const Error &e) {
        setNotice(QString::fromUtf8(e.what()));
    }
}

void Session::keepByEye(const EyeFindings &findings)
{
    if (m_state.isMeasuring() || m_state.hasRun()) {
        setNotice(tr("A run is under way. Finish or stop it first."));
        return;
    }
    try {
        run::RunSetup setup = m_workplace->setup(m_state.selected);
        setup.kind = RunKind::ByEye;
        setup.aim = m_state.aim;
        setup.meterName.clear();
        setup.correction.clear();
        setup.startedAt = QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString();
        setup.profileTitle = setup.displayName + " " + setup.startedAt.substr(0, 10) + " by eye";
        ProfileRequest request;
        request.name = setup.profileTitle;
        request.model = setup.displayName;
        request.date = run::iccDate(setup);
        const DisplayCard &card = m_state.displays[m_state.selected];
        const BuiltProfile built =
            profileByEye(findings, m_state.aim, card.primaries, card.white, request);
        emit byEyeRequested(setup,
                            QByteArray(reinterpret_cast<const char *>(built.icc.data()),
                                       static_cast<qsizetype>(built.icc.size())),
                            lutByEye(findings, m_state.aim));
    } catch (const Error &e) {
        setNotice(QString::fromUtf8(e.what()));
    }
}

void Session::readRoom()
{
    if (m_state.isMeasuring()) {
        setNotice(tr("The meter is busy. Pause or stop the run first."));
        return;
    }
    m_state.readingRoom = true;
    m_state.notice.clear();
    emit roomRequested();
    publish();
}

void Session::forgetRoomReadings()
{
    m_state.roomReadings.clear();
    publish();
}

void Session::resumeOldRun()
{
    m_state.notice.clear();
    if (!beginTrying())
        return;
    m_state.readyConfirmed = true;
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

void Session::noteControls(const MonitorControls &controls)
{
    emit notedControlsRequested(controls);
}

void Session::setAdjustMode(run::AdjustMode mode)
{
    emit adjustModeRequested(mode);
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
    case Intent::LeaveErrand:
        emit stopRequested();
        m_state.results = {};
        m_state.notice.clear();
        publish();
        break;
    case Intent::CheckFirst:
        checkFirst();
        break;
    case Intent::SameAgain:
        if (m_state.lastTime)
            setAim(m_state.lastTime->setup.aim);
        m_state.freshRunWanted = true;
        m_state.check.reset();
        showView(ViewId::Ready);
        break;
    case Intent::SaveReport:
        emit reportWanted();
        break;
    }
}

void Session::setProfileTitle(const QString &title)
{
    emit profileTitleRequested(title);
}

} // namespace lantern::app
