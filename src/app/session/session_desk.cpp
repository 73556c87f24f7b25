// Trials on the display that no run makes: by eye, fine-tuned, as it was before; and displays that
// are to be alike.

#include "app/session/session.h"

#include "run/book/profile_request.h"

namespace lantern::app {

namespace {

using run::Activity;
using run::RunKind;

} // namespace

/// What no run tries on the display ends; it has its own again.
void Session::leaveTrials()
{
    m_tuneShown = false;
    m_showsFormer = false;
    if (!m_inForce.isTrying() || m_inForce.isLeft() || state().isMeasuring())
        return;
    m_inForce.putBack();
    m_inForce.endTrying();
}

void Session::bareDisplay(bool bare)
{
    if (bare)
        leaveFinishedRun();
    if (state().isMeasuring() || state().hasRun())
        return;
    if (!bare)
        leaveTrials();
    else if (m_inForce.beginTrying())
        m_inForce.showLut(VideoLut::identity());
}

void Session::lookByEye(const EyeFindings &findings, EyeLook look)
{
    if (!m_inForce.isTrying() || state().isMeasuring() || state().hasRun())
        return; // what is tried then is a run's
    VideoLut lut = VideoLut::identity();
    const auto &own = m_history.state().own();
    if (look == EyeLook::New)
        lut = lutByEye(findings, m_aim.state().aim);
    else if (look == EyeLook::Before && own)
        lut = desk::installedLut(*own).value_or(VideoLut::identity());
    m_inForce.showLut(lut);
}

void Session::showFormerState(qint64 run, bool on)
{
    if (state().isMeasuring() || (on && m_inForce.isTrying()))
        return;
    if (!on) {
        if (!std::exchange(m_showsFormer, false))
            return;                                         // what is tried is a run's
        if (!m_run.state().results.installedPath.isEmpty()) // of the run that has just ended
            m_inForce.setOwn(m_run.state().results);
        m_inForce.putBack();
        m_inForce.endTrying();
        return;
    }
    VideoLut lut = VideoLut::identity();
    const auto &loaded = m_history.state().loadedRuns;
    if (const auto it = loaded.find(run); it != loaded.end() && it->second->calibration)
        lut = it->second->calibration->lut;
    // Programs hear of the former profile, too; as it was found, there was none of ours.
    QByteArray profile;
    if (const auto it = loaded.find(run); it != loaded.end())
        profile = it->second->profile;
    m_showsFormer = m_inForce.beginTrying();
    if (m_showsFormer)
        m_inForce.showLut(lut, profile);
}

/// Facts of a run that keeps what a person's eye found. \param name empty: the usual one
run::RunSetup Session::setupByEye(const QString &name, const QString &usual) const
{
    run::RunSetup setup = facts();
    setup.kind = RunKind::ByEye;
    setup.meterName.clear();
    setup.correction.clear();
    setup.startedAt = now();
    setup.profileTitle = name.simplified().toStdString();
    if (setup.profileTitle.empty())
        setup.profileTitle =
            setup.displayName + " " + setup.startedAt.substr(0, 10) + " " + usual.toStdString();
    return setup;
}

void Session::keepByEye(const EyeFindings &findings, const QString &name)
{
    leaveFinishedRun();
    if (state().isMeasuring() || state().hasRun()) {
        setProblem(tr("A run is under way. Finish or stop it first."));
        return;
    }
    attempt([&] {
        const Aim &aim = m_aim.state().aim;
        run::RunSetup setup = setupByEye(name, QStringLiteral("by eye"));
        setup.aim = aim;
        ProfileRequest request;
        request.name = setup.profileTitle;
        request.model = setup.displayName;
        request.date = run::iccDate(setup);
        const DisplayCard &card = m_displays[m_selected];
        const BuiltProfile built = profileByEye(findings, aim, card.primaries, card.white, request);
        const QByteArray icc(reinterpret_cast<const char *>(built.icc.data()),
                             static_cast<qsizetype>(built.icc.size()));
        m_run.ask([setup, icc, lut = lutByEye(findings, aim)](run::RunEngine &engine) {
            engine.installByEye(setup, icc, lut);
        });
    });
}

/// Why the display's calibration cannot be fine-tuned now, apart from what it is; empty: it can.
QString Session::whyNotTune() const
{
    const HistoryState &h = m_history.state();
    if (state().isMeasuring() || state().hasRun())
        return tr("A run is under way. Finish or stop it first.");
    if (m_inForce.profiles().profileChosen)
        return tr("Another profile than the last run's was chosen for this display. Take the "
                  "run's own first, on the page Profile.");
    if (h.installed)
        return tr("The unfinished run has installed its profile. Finish it first.");
    if (h.byEye && !h.byEye->setup.fineTune)
        return tr("The profile in use was made by eye: nothing measured lies below it. Calibrate "
                  "the display first.");
    return {};
}

void Session::showTuning(bool on)
{
    m_tuning = on;
    if (!on) {
        if (m_tuneShown)
            leaveTrials();
        return;
    }
    leaveFinishedRun();
    attempt([this] { m_tuneControls = facts().startControls; });
    publish();
}

void Session::lookTuned()
{
    if (!m_tuning || m_history.state().readingHistory)
        return;
    m_tune.look(m_history.state().own(), m_history.state().lastTime, m_history.state().lastRun,
                whyNotTune(), m_tuneControls);
    publishTuned();
    m_stale = true; // it is shown next
}

void Session::publishTuned()
{
    const bool isFree = m_tuning && m_tune.state().whyNoTune.isEmpty();
    const auto lut = isFree ? m_tune.lut() : std::nullopt;
    if (!lut) {
        if (m_tuneShown)
            leaveTrials();
        return;
    }
    if (!m_tuneShown) {
        if (!m_inForce.beginTrying())
            return;
        m_tuneShown = true;
    }
    m_inForce.showLut(*lut);
}

void Session::readTuned()
{
    if (!isMeterFree()) {
        m_tune.gaveUp();
        return;
    }
    m_notice.clear();
    bool isAsked = false;
    attempt([&] {
        const auto correction = setupWithMeter().meterCorrection;
        const auto matrix = correction ? std::optional(correction->matrix) : std::nullopt;
        m_tune.beginsReading();
        m_run.ask([matrix](run::RunEngine &engine) { engine.readWhite(matrix); });
        isAsked = true;
    });
    if (!isAsked)
        m_tune.gaveUp();
}

void Session::keepTune(const QString &name)
{
    if (!whyNotTune().isEmpty()) {
        setProblem(whyNotTune());
        return;
    }
    attempt([&] {
        run::RunSetup setup = setupByEye(name, QStringLiteral("fine-tuned"));
        setup.aim = m_history.state().lastTime->setup.aim;
        if (m_tune.state().tunedWhite)
            setup.meterName = m_meter.state().meter.name.toStdString();
        m_tune.keep(setup);
    });
}

/// What would take the display away from it has to wait.
void Session::sayTuneIsMade()
{
    setProblem(tr("The fine-tuned profile is just being made. Try again in a moment."));
}

void Session::installTuned(const TunePart::Kept &kept)
{
    if (!kept.problem.isEmpty()) {
        setProblem(kept.problem);
        return;
    }
    if (kept.setup.displayId != m_displays[m_selected].id.toStdString()) {
        setProblem(tr("The fine-tuned profile was not kept: displays came or went while it was "
                      "made. Choose %1 and fine-tune it again.")
                       .arg(QString::fromStdString(kept.setup.displayName)));
        return;
    }
    m_run.ask(
        [kept](run::RunEngine &engine) { engine.installByEye(kept.setup, kept.icc, kept.lut); });
}

void Session::chooseSlot(int slot, const QString &name)
{
    m_slotWanted = slot >= 0 ? std::optional(slot) : std::nullopt;
    m_slotName = name.simplified();
    publish();
}

void Session::chooseMatched(const QStringList &displays)
{
    attempt([&] { m_match.choose(displays); });
}

void Session::readForMatch(const QString &displayId)
{
    const auto card = std::ranges::find(m_displays, displayId, &DisplayCard::id);
    if (card == m_displays.end()) {
        setProblem(tr("This display is not connected now."));
        return;
    }
    const int index = static_cast<int>(card - m_displays.begin());
    if (index != m_selected)
        selectDisplay(index);
    if (index != m_selected) // why not was told
        return;
    readPictureMode(tr("as it stands"));
    if (m_view == ViewId::Modes)
        m_viewAfter = m_view = ViewId::Match;
}

void Session::beginMatch()
{
    const auto &sheet = m_match.state().matchSheet;
    if (!sheet || !sheet->common || sheet->match.displays != m_match.state().match.displays)
        return;
    if (state().isMeasuring() ||
        (state().hasRun() && m_run.state().status.activity != Activity::Finished)) {
        setProblem(tr("A run is under way. Finish or stop it first."));
        return;
    }
    leaveFinishedRun();
    attempt([&] {
        const Aim aim = sheet->common->aim;
        m_match.begin(aim, QDateTime::currentDateTimeUtc());
        carryMeter();
    });
}

void Session::endMatch()
{
    attempt([this] { m_match.end(); });
}

/// The next display of the match is chosen, with its aim; the meter stays the same.
void Session::carryMeter()
{
    const int next = nextMatched(state()); // while the run that has just ended still counts as one
    leaveFinishedRun();
    if (next < 0) {
        showView(ViewId::Match);
        return;
    }
    selectDisplay(next);
    if (m_selected != next) // why not was told
        return;
    m_freshRunWanted = true;
    setAim(m_match.state().match.aim);
}

} // namespace lantern::app
