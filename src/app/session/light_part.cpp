#include "app/session/light_part.h"

#include "core/base/error.h"
#include "run/book/in_words.h"

#include <QFile>
#include <QUndoCommand>

namespace lantern::app {

/// One change of what is kept of the light; one after another of the same kind is one step back.
class LightsCommand : public QUndoCommand {
public:
    LightsCommand(LightPart *part, const QString &words, run::Lights from, run::Lights to)
        : m_part(part), m_from(std::move(from)), m_to(std::move(to))
    {
        setText(words);
    }
    void undo() override { m_part->apply(m_from); }
    void redo() override { m_part->apply(m_to); }

private:
    LightPart *m_part;
    run::Lights m_from, m_to;
};

LightPart::LightPart(QString file, QUndoStack *undo, QObject *parent)
    : QObject(parent), m_file(std::move(file)), m_undo(undo)
{
    try {
        m_state.lights = run::readLights(m_file);
    } catch (const Error &e) { // what is kept anew is not to take its place
        const QString aside = m_file + QStringLiteral(".broken");
        QFile::remove(aside);
        m_problem = run::inWords(e);
        if (QFile::rename(m_file, aside))
            m_problem += QLatin1Char(' ') + tr("It was set aside as %1.").arg(aside);
    }
}

void LightPart::change(const QString &words, const std::function<void(run::Lights &)> &how)
{
    run::Lights to = m_state.lights;
    how(to);
    if (!(to == m_state.lights))
        m_undo->push(new LightsCommand(this, words, m_state.lights, to));
}

void LightPart::apply(const run::Lights &lights)
{
    m_state.lights = lights;
    try {
        run::writeLights(m_file, lights);
    } catch (const Error &e) {
        emit failed(run::inWords(e));
    }
    emit changed();
}

void LightPart::beginsReading(bool away)
{
    m_state.readingBlack = away ? BlackReading::Away : BlackReading::OnScreen;
    emit changed();
}

void LightPart::gaveUp()
{
    if (m_state.readingBlack == BlackReading::None)
        return;
    m_state.readingBlack = BlackReading::None;
    emit changed();
}

void LightPart::took(const XYZ &black, const QString &displayId)
{
    if (m_state.readingBlack == BlackReading::None)
        return; // of a display that was left meanwhile
    (m_state.readingBlack == BlackReading::Away ? m_state.blackAway : m_state.blackOnScreen) =
        black;
    m_state.readingBlack = BlackReading::None;
    if (m_state.blackAway && m_state.blackOnScreen) {
        const Vec3 stray = (vec(*m_state.blackAway) - vec(*m_state.blackOnScreen)).cwiseMax(0);
        change(tr("stray light"), [&](run::Lights &lights) {
            lights.stray[displayId.toStdString()] = toXyz(stray);
            lights.seenIn = run::SeenIn::Measured;
        });
    }
    emit changed();
}

void LightPart::forgetBlack()
{
    m_state.readingBlack = BlackReading::None;
    m_state.blackAway.reset();
    m_state.blackOnScreen.reset();
    emit changed();
}

} // namespace lantern::app
