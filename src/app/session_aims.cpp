#include "app/session.h"

#include "core/aim/aim_reach.h"
#include "core/base/error.h"

#include <nlohmann/json.hpp>

#include <QUndoCommand>

#include <algorithm>

namespace lantern::app {

using run::Activity;

namespace {

constexpr int kAimCommandId = 1;

} // namespace

/// One change of the aim; turning the same knob again and again is one step back.
class AimCommand : public QUndoCommand {
public:
    AimCommand(Session *session, Aim from, Aim to)
        : m_session(session), m_from(std::move(from)), m_to(std::move(to))
    {
        setText(QObject::tr("change of the aim"));
    }
    void undo() override { m_session->applyAim(m_from); }
    void redo() override { m_session->applyAim(m_to); }
    [[nodiscard]] int id() const override { return kAimCommandId; }
    bool mergeWith(const QUndoCommand *next) override
    {
        const auto *other = static_cast<const AimCommand *>(next); // Qt calls this for equal ids
        if (changedField(m_from, m_to) != changedField(other->m_from, other->m_to) ||
            changedField(m_from, m_to) < 0)
            return false;
        m_to = other->m_to;
        return true;
    }

private:
    /// The one number that differs, or -1 when it is more than that.
    static int changedField(const Aim &a, const Aim &b)
    {
        // The name follows from the first change of a preset; it is no knob of its own here.
        Aim c = a;
        c.name = b.name;
        c.luminanceCdM2 = b.luminanceCdM2;
        if (c == b)
            return 0;
        c = a;
        c.name = b.name;
        c.tone = b.tone;
        if (c == b && a.tone.index() == b.tone.index())
            return 1;
        c = a;
        c.name = b.name;
        c.white = b.white;
        return c == b && a.white.index() == b.white.index() ? 2 : -1;
    }

    Session *m_session;
    Aim m_from, m_to;
};

void Session::setAim(const Aim &aim)
{
    if (m_state.hasRun() && m_state.status.activity != Activity::Finished &&
        m_state.status.activity != Activity::Blocked) {
        setNotice(tr("The aim of a run under way stays as it is. Stop the run to change it."));
        return;
    }
    if (!(aim == m_state.aim))
        m_undo.push(new AimCommand(this, m_state.aim, aim));
}

void Session::applyAim(const Aim &aim)
{
    m_state.aim = aim;
    publish();
}

void Session::setMeasureChoice(const MeasureChoice &choice)
{
    m_state.measure = choice;
    publish();
}

void Session::keepAim(const QString &name)
{
    Aim aim = m_state.aim;
    aim.name = name.trimmed().toStdString();
    if (aim.name.empty())
        return setNotice(tr("Give the aim a name first."));
    try {
        m_shelf.keep(aim);
        m_state.ownAims = m_shelf.aims();
        setAim(aim);
        setNotice(tr("Kept among your own aims as %1.").arg(QString::fromStdString(aim.name)));
    } catch (const Error &e) {
        setNotice(QString::fromUtf8(e.what()));
    }
}

void Session::removeOwnAim(const QString &name)
{
    try {
        m_shelf.remove(name);
        m_state.ownAims = m_shelf.aims();
        setNotice(
            tr("%1 was removed from your own aims. The aim itself stays as it is.").arg(name));
    } catch (const Error &e) {
        setNotice(QString::fromUtf8(e.what()));
    }
}

void Session::duplicateAim()
{
    Aim copy = m_state.aim;
    const auto taken = [this](const std::string &name) {
        return std::any_of(m_state.ownAims.begin(), m_state.ownAims.end(),
                           [&](const Aim &a) { return a.name == name; });
    };
    const std::string base = copy.name;
    int number = 2;
    do
        copy.name = base + " " + std::to_string(number++);
    while (taken(copy.name));
    setAim(copy);
    keepAim(QString::fromStdString(copy.name));
}

/// By the newest readings of the display as found: this run's, else those of last time.
void Session::judgeAim()
{
    m_state.aimProblem.clear();
    try { // by the rules that a run keeps it by
        (void)aimFromJson(aimToJson(m_state.aim), tr("aim").toStdString());
    } catch (const Error &e) {
        m_state.aimProblem = QString::fromUtf8(e.what());
        return;
    }
    const bool ofThisRun = !m_state.results.found.empty();
    if (!ofThisRun && !m_state.lastTime)
        return;
    const run::RunResults &r = ofThisRun ? m_state.results : *m_state.lastTime;
    const auto &controls = r.setup.startControls;
    const bool canRise = !controls || controls->brightness < 100;
    const auto reach = DisplayReach::fromReadings(r.found, canRise);
    if (!reach)
        return;
    if (const auto why = whyOutOfReach(m_state.aim, *reach))
        m_state.aimProblem =
            tr("%1 cannot do this: %2")
                .arg(m_state.displays[m_state.selected].name, QString::fromStdString(*why));
}

} // namespace lantern::app
