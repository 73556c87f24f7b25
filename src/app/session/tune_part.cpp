#include "app/session/tune_part.h"

#include "core/base/error.h"
#include "run/book/in_words.h"
#include "run/book/profile_request.h"

#include <QUndoCommand>

namespace lantern::app {

namespace {

std::vector<uint8_t> bytesOf(const QByteArray &bytes)
{
    return {bytes.begin(), bytes.end()};
}

/// White through the calibration's LUT.
std::optional<XYZ> whiteOf(const run::RunResults &r)
{
    if (r.validation && r.validation->state.white)
        return r.validation->state.white;
    return r.after ? r.after->white : std::nullopt;
}

} // namespace

/// One step of the eye.
class TuneCommand : public QUndoCommand {
public:
    TuneCommand(TunePart *part, const FineTune &from, const FineTune &to)
        : m_part(part), m_displayId(part->m_displayId), m_from(from), m_to(to)
    {
        setText(TunePart::tr("fine-tuning"));
    }
    void undo() override { m_part->apply(m_displayId, m_from); }
    void redo() override { m_part->apply(m_displayId, m_to); }

private:
    TunePart *m_part;
    QString m_displayId;
    FineTune m_from, m_to;
};

/// One turn of the monitor's controls that has been made.
class TurnCommand : public QUndoCommand {
public:
    struct Side {
        MonitorControls controls;
        Mat3 change;
        bool unknown;
    };
    TurnCommand(TunePart *part, const Side &from, const Side &to)
        : m_part(part), m_displayId(part->m_displayId), m_from(from), m_to(to)
    {
        setText(TunePart::tr("turn of the monitor's controls"));
    }
    void undo() override
    {
        m_part->applyTurn(m_displayId, m_from.controls, m_from.change, m_from.unknown);
    }
    void redo() override
    {
        if (std::exchange(m_isDone, true)) // the first time it is what has just happened
            m_part->applyTurn(m_displayId, m_to.controls, m_to.change, m_to.unknown);
    }

private:
    TunePart *m_part;
    QString m_displayId;
    Side m_from, m_to;
    bool m_isDone = false;
};

TunePart::TunePart(QUndoStack *undo, QObject *parent)
    : QObject(parent), m_undo(undo), m_making([this](const Kept &kept) {
          m_state.keepingTune = false;
          emit made(kept);
          emit changed();
      })
{}

void TunePart::select(const QString &displayId)
{
    m_displayId = displayId;
    m_state = {};
    m_base.reset();
    m_change = Mat3::Identity();
    m_turning = Turning::No;
    m_undoing = 0;
}

void TunePart::look(const std::optional<run::RunResults> &own,
                    const std::optional<run::RunResults> &calibration, qint64 run,
                    const QString &whyNot, const std::optional<MonitorControls> &controls)
{
    m_state.whyNoTune = whyNot;
    if (!m_state.controlTurn && m_turning == Turning::No) // else the part knows better
        m_state.tuneControls = controls;
    if (!calibration || calibration->profile.isEmpty() || !calibration->calibration ||
        !whiteOf(*calibration)) {
        if (whyNot.isEmpty())
            m_state.whyNoTune = tr("This display has no calibration yet that could be fine-tuned.");
        m_state.tunable.reset();
        return;
    }
    if (whyNot.isEmpty() && !calibration->setup.loadsLut)
        m_state.whyNoTune = tr("This display's output has no video LUT to tune. Turn the monitor's "
                               "own controls, then run again.");
    const bool isVariant = own && own->setup.fineTune && own->setup.referenceRun == run;
    const FineTune kept = isVariant ? own->setup.fineTune->tune : FineTune{};
    if (m_state.tunedRun == run && m_state.tunable && m_state.keptTune == kept)
        return;
    const bool wasTouched = m_state.tunedRun == run && !(m_state.tune == m_state.keptTune);
    m_state.tunedRun = run;
    m_state.keptTune = kept;
    if (!wasTouched)
        m_state.tune = kept;
    // Turned since the calibration, by whatever hand; after a restart what that did is not known.
    if (controls && calibration->controls && !(*controls == *calibration->controls) &&
        m_change == Mat3::Identity())
        m_state.isTurnUnknown = true;
    m_base = calibration;
    m_path = run::signalPathOf(*calibration);
    rebuild();
    emit lutWanted();
}

/// The display as it is known now: the calibration, and what the controls did since.
void TunePart::rebuild()
{
    try {
        m_state.tunable = std::make_shared<const TunableDisplay>(
            ProfileFile(bytesOf(m_base->profile), profileName(m_base->setup)), m_path,
            *whiteOf(*m_base), m_change);
        work();
    } catch (const Error &e) {
        m_state.tunable.reset();
        m_state.tuned.reset();
        m_state.whyNoTune = run::inWords(e);
    }
}

void TunePart::work()
{
    if (m_state.tunable)
        m_state.tuned = m_state.tunable->tuned(m_state.tune);
}

std::optional<VideoLut> TunePart::lut() const
{
    const bool isInUse = m_state.tune == m_state.keptTune;
    if (!m_state.tuned)
        return std::nullopt;
    if (m_state.holdsBefore) // what was there before the person began
        return isInUse && !m_state.keptTune.isNone() ? std::optional(m_path.lut) : std::nullopt;
    return isInUse ? std::nullopt : std::optional(m_state.tuned->lut);
}

void TunePart::tune(const FineTune &tune)
{
    if (m_state.tunable && !(tune == m_state.tune))
        m_undo->push(new TuneCommand(this, m_state.tune, tune));
}

void TunePart::apply(const QString &displayId, const FineTune &tune)
{
    if (displayId != m_displayId) // undone while another one is looked at
        return;
    m_state.tune = tune;
    m_state.tunedWhite.reset();
    m_state.holdsBefore = false;
    work();
    emit lutWanted();
    emit changed();
}

void TunePart::hold(bool before)
{
    if (before == m_state.holdsBefore)
        return;
    m_state.holdsBefore = before;
    emit lutWanted();
    emit changed();
}

void TunePart::setReadsTurns(bool reads)
{
    m_state.readsTurns = reads;
    emit changed();
}

void TunePart::beginsReading()
{
    m_state.readingTuned = true;
    emit changed();
}

void TunePart::gaveUp()
{
    m_state.readingTuned = false;
    m_undoing = 0;
    if (std::exchange(m_turning, Turning::No) == Turning::ReadsAfter)
        endTurn(); // they are turned; what that did is not known
    emit changed();
}

void TunePart::turn(const MonitorControls &controls)
{
    if (!m_state.tuneControls || controls == *m_state.tuneControls || m_turning != Turning::No)
        return;
    m_turn = {*m_state.tuneControls, controls, {}, {}};
    if (m_state.readsTurns)
        m_turn.before = m_state.tunedWhite;
    m_turning = m_state.readsTurns && !m_turn.before ? Turning::ReadsBefore : Turning::Sets;
    if (m_turning == Turning::ReadsBefore)
        emit whiteWanted();
    else
        emit controlsWanted(controls);
}

void TunePart::read(const XYZ &white)
{
    if (!std::exchange(m_state.readingTuned, false))
        return; // of a display that was left meanwhile
    m_state.tunedWhite = white;
    if (m_turning == Turning::ReadsBefore) {
        m_turn.before = white;
        m_turning = Turning::Sets;
        emit controlsWanted(m_turn.to);
    } else if (m_turning == Turning::ReadsAfter) {
        m_turn.after = white;
        m_turning = Turning::No;
        endTurn();
    }
    emit changed();
}

void TunePart::turned(const MonitorControls &controls)
{
    if (m_undoing > 0) { // answers come in the order of the questions
        --m_undoing;
        return;
    }
    m_state.tuneControls = controls;
    if (m_turning == Turning::Sets) {
        m_turn.to = controls; // as the monitor took them
        m_turning = m_turn.before ? Turning::ReadsAfter : Turning::No;
        if (m_turning == Turning::ReadsAfter)
            emit whiteWanted();
        else
            endTurn();
    }
    emit changed();
}

void TunePart::endTurn()
{
    const TurnCommand::Side from{m_turn.from, m_change, m_state.isTurnUnknown};
    if (m_turn.before && m_turn.after && m_state.tunable) {
        m_change = m_state.tunable->changeOfChannels(*m_turn.before, *m_turn.after) * m_change;
        rebuild();
    } else {
        m_state.isTurnUnknown = true;
        m_state.tunedWhite.reset();
    }
    m_state.controlTurn = m_turn;
    m_undo->push(new TurnCommand(this, from, {m_turn.to, m_change, m_state.isTurnUnknown}));
    emit lutWanted();
}

void TunePart::applyTurn(const QString &displayId, const MonitorControls &controls,
                         const Mat3 &change, bool unknown)
{
    if (displayId != m_displayId || !m_base)
        return;
    m_change = change;
    m_state.isTurnUnknown = unknown;
    m_state.tunedWhite.reset();
    m_state.controlTurn = ControlTurn{m_state.tuneControls.value_or(controls), controls, {}, {}};
    rebuild();
    m_state.tuneControls = controls;
    m_turning = Turning::No;
    ++m_undoing;
    emit controlsWanted(controls);
    emit lutWanted();
    emit changed();
}

void TunePart::keep(const run::RunSetup &setup)
{
    if (!m_state.tunable || !m_base || m_state.keepingTune)
        return;
    m_state.keepingTune = true;
    run::RunSetup s = setup;
    s.referenceRun = m_state.tunedRun;
    s.fineTune = run::KeptTune{m_state.tune, m_state.tunedWhite};
    s.startControls = m_state.tuneControls;
    ProfileRequest request = run::profileRequest(*m_base);
    request.name = s.profileTitle;
    request.date = run::iccDate(s);
    std::erase_if(request.metadata, [](const auto &entry) { // figures of the calibration alone
        return entry.first == "READINGS" || entry.first == "GREY_MEAN_DE2000";
    });
    m_making.start([s, request, profile = m_base->profile, name = profileName(m_base->setup),
                    path = m_path, white = *whiteOf(*m_base), change = m_change]() -> Kept {
        Kept kept{{}, {}, *s.fineTune, s, {}};
        try {
            const TunableDisplay display(ProfileFile(bytesOf(profile), name), path, white, change);
            const BuiltProfile built = profileOfTuned(display, s.fineTune->tune, request);
            kept.icc = QByteArray(reinterpret_cast<const char *>(built.icc.data()),
                                  static_cast<qsizetype>(built.icc.size()));
            kept.lut = display.tuned(s.fineTune->tune).lut;
        } catch (const Error &e) {
            kept.problem = run::inWords(e);
        }
        return kept;
    });
    emit changed();
}

} // namespace lantern::app
