// What the session does with the profiles of a display: another in use, one removed, both undone.

#include "app/session/session.h"
#include "core/base/error.h"
#include "platform/colour_device.h"
#include "run/book/in_words.h"
#include "run/file/files.h"

#include <QFile>
#include <QUndoCommand>

#include <algorithm>

namespace lantern::app {

namespace {

/// A profile's file removed: into the desktop's waste basket where it has one.
class RemoveCommand : public QUndoCommand {
public:
    RemoveCommand(InForcePart *part, QString path, QByteArray icc)
        : m_part(part), m_path(std::move(path)), m_icc(std::move(icc))
    {
        setText(Session::tr("removal of a profile"));
    }
    void undo() override
    {
        try {
            run::writeFile(m_path, m_icc);
        } catch (const Error &e) {
            emit m_part->told(run::inWords(e));
        }
        m_part->listProfiles();
    }
    void redo() override
    {
        if (!QFile::moveToTrash(m_path) && !QFile::remove(m_path)) {
            emit m_part->told(Session::tr("%1 cannot be removed. Whose file is it?").arg(m_path));
            setObsolete(true);
        }
        m_part->listProfiles();
    }

private:
    InForcePart *m_part;
    QString m_path;
    QByteArray m_icc;
};

} // namespace

/// Another profile in use on a display.
class UseCommand : public QUndoCommand {
public:
    UseCommand(Session *session, QString displayId, QString from, QString to)
        : m_session(session),
          m_displayId(std::move(displayId)),
          m_from(std::move(from)),
          m_to(std::move(to))
    {
        setText(Session::tr("change of the profile in use"));
    }
    void undo() override { m_session->applyProfile(m_displayId, m_from); }
    void redo() override
    {
        if (!m_session->applyProfile(m_displayId, m_to))
            setObsolete(true);
    }

private:
    Session *m_session;
    QString m_displayId, m_from, m_to;
};

void Session::useProfile(const QString &path)
{
    QString before;
    for (const desk::KnownProfile &p : state().profiles)
        if (p.inUse)
            before = p.path;
    if (path != before)
        undoStack()->push(new UseCommand(this, m_displays[m_selected].id, before, path));
}

/// \returns whether it is in use now; why not is told
bool Session::applyProfile(const QString &displayId, const QString &path)
{
    const auto card = std::ranges::find(m_displays, displayId, &DisplayCard::id);
    if (card == m_displays.end()) { // or is a unit of the workshop now
        setProblem(tr("This display is not connected now."));
        return false;
    }
    const int display = static_cast<int>(card - m_displays.begin());
    if (display == m_selected && m_inForce.isTrying()) {
        setProblem(tr("A run has its own LUT in force. Stop it before another profile is used."));
        return false;
    }
    const bool isUsed = m_inForce.useProfile(display, path);
    lookInForce();
    return isUsed;
}

void Session::usePreviousProfile()
{
    // The list begins with those that were used, the last one first.
    const auto &profiles = state().profiles;
    for (const desk::KnownProfile &p : profiles)
        if (!p.inUse) {
            useProfile(p.path);
            return;
        }
    setProblem(tr("No other profile of this display is known."));
}

void Session::removeProfile(const QString &path)
{
    for (const desk::KnownProfile &p : state().profiles)
        if (p.path == path && p.inUse) {
            setProblem(tr("This profile is in use. Use another one first."));
            return;
        }
    attempt([&] { undoStack()->push(new RemoveCommand(&m_inForce, path, run::readFile(path))); });
}

void Session::putBack()
{
    if (m_inForce.isTrying())
        return;                                   // a run has its own in force
    if (!state().results.installedPath.isEmpty()) // newer than what the logbook was asked about
        m_inForce.setOwn(state().results);
    m_inForce.putBack();
    dismissNotice();
    lookInForce();
}

void Session::installForAll(const QString &path)
{
    const QString why = m_workplace->installForAll(m_selected, path);
    if (why.isEmpty())
        setNotice(tr("All users of this machine find the profile now."));
    else
        setProblem(tr("It is not installed for all users: %1 Whoever may can do so with: %2")
                       .arg(why, platform::commandToInstallForAll(path)));
}

void Session::setReminder(int days, int hours)
{
    m_inForce.setReminder(days, hours);
}

} // namespace lantern::app
