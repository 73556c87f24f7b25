#include "app/session/aim_part.h"

#include "core/base/error.h"
#include "run/book/in_words.h"

#include <QUndoCommand>

#include <algorithm>

namespace lantern::app {

namespace {

constexpr int kAimCommandId = 1;

} // namespace

/// One change of the aim.
class AimCommand : public QUndoCommand {
public:
    AimCommand(AimPart *part, Aim from, Aim to)
        : m_part(part), m_from(std::move(from)), m_to(std::move(to))
    {
        setText(AimPart::tr("change of the aim"));
    }
    void undo() override { m_part->apply(m_from); }
    void redo() override { m_part->apply(m_to); }
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

    AimPart *m_part;
    Aim m_from, m_to;
};

AimPart::AimPart(const QString &folder, QString formFile, QObject *parent)
    : QObject(parent),
      m_shelf(folder),
      m_charts(folder + QStringLiteral("/charts")),
      m_formFile(std::move(formFile))
{
    try {
        m_state.profileForm = run::readProfileForm(m_formFile);
    } catch (const Error &e) { // damaged: the usual kind, until one is chosen anew
        m_problem = run::inWords(e);
    }
    m_state.aim = aimPresets().front();
    m_state.ownAims = m_shelf.aims();
    m_state.ownCharts = m_charts.names();
}

QString AimPart::keepChart(const QString &name, const std::vector<DeviceRgb> &patches)
{
    m_charts.keep(name, patches);
    m_state.ownCharts = m_charts.names();
    emit changed();
    return tr("The chart is kept as %1.").arg(name);
}

void AimPart::chooseChart(const QString &name)
{
    m_state.measure.list = m_charts.read(name);
    m_state.measure.until = MeasureChoice::Until::Chart;
    emit changed();
}

QString AimPart::removeChart(const QString &name)
{
    m_charts.remove(name);
    m_state.ownCharts = m_charts.names();
    emit changed();
    return tr("The chart %1 was removed.").arg(name);
}

void AimPart::setAim(const Aim &aim)
{
    if (!(aim == m_state.aim))
        m_undo.push(new AimCommand(this, m_state.aim, aim));
}

void AimPart::apply(const Aim &aim)
{
    m_state.aim = aim;
    emit changed();
}

void AimPart::setMeasure(const MeasureChoice &choice)
{
    m_state.measure = choice;
    emit changed();
}

void AimPart::setProfileForm(const run::ProfileForm &form)
{
    m_state.profileForm = form;
    run::writeProfileForm(m_formFile, form);
    emit changed();
}

QString AimPart::keep(const QString &name)
{
    Aim aim = m_state.aim;
    aim.name = name.trimmed().toStdString();
    if (aim.name.empty())
        return tr("Give the aim a name first.");
    m_shelf.keep(aim);
    m_state.ownAims = m_shelf.aims();
    setAim(aim);
    emit changed();
    return tr("Kept among your own aims as %1.").arg(QString::fromStdString(aim.name));
}

QString AimPart::keepCopy()
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
    return keep(QString::fromStdString(copy.name));
}

QString AimPart::removeOwn(const QString &name)
{
    m_shelf.remove(name);
    m_state.ownAims = m_shelf.aims();
    emit changed();
    return tr("%1 was removed from your own aims. The aim itself stays as it is.").arg(name);
}

} // namespace lantern::app
