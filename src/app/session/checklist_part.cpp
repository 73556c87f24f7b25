#include "app/session/checklist_part.h"

#include <QDate>

namespace lantern::app {

ChecklistPart::ChecklistPart(QObject *parent) : QObject(parent)
{
    update();
}

void ChecklistPart::setFacts(ReadyFacts facts, const MeterCard &meter)
{
    if (!facts.meterAnswers) {
        facts.meterAnswers = m_state.readyFacts.meterAnswers;
        facts.meterSays = m_state.readyFacts.meterSays;
    }
    if (meter.certificate) {
        facts.certificateDue = QString::fromStdString(meter.certificate->due);
        facts.certificateOverdue =
            meter.certificate->isOverdue(QDate::currentDate().toString(Qt::ISODate).toStdString());
    }
    facts.correction = meter.correction;
    m_state.readyFacts = std::move(facts);
    update();
}

void ChecklistPart::meterAnswers(const QString &name)
{
    m_state.readyFacts.meterAnswers = true;
    m_state.readyFacts.meterName = name;
    update();
}

void ChecklistPart::meterFails(const QString &message)
{
    m_state.readyFacts.meterAnswers = false;
    m_state.readyFacts.meterSays = message;
    update();
}

void ChecklistPart::forgetMeter()
{
    m_state.readyFacts = {};
    update();
}

void ChecklistPart::setWarmUp(const std::optional<WarmUp> &warmUp)
{
    m_state.warmUp = warmUp;
    update();
}

void ChecklistPart::setPlacement(const std::optional<Placement> &placement)
{
    m_state.placement = placement;
    update();
}

void ChecklistPart::tick(int index, bool done)
{
    const ReadyPoint &point = m_state.ready.at(static_cast<size_t>(index));
    if (done)
        m_ticked.insert(point.key);
    else
        m_ticked.erase(point.key);
    update();
}

void ChecklistPart::confirm(bool confirmed)
{
    m_state.readyConfirmed = confirmed;
    emit changed();
}

void ChecklistPart::startOver()
{
    m_ticked.clear();
    m_state.warmUp.reset();
    m_state.placement.reset();
    m_state.readyConfirmed = false;
    update();
}

std::vector<std::string> ChecklistPart::openPoints() const
{
    std::vector<std::string> titles;
    for (const ReadyPoint &point : m_state.ready)
        if (!point.done)
            titles.push_back(point.title.toStdString());
    return titles;
}

void ChecklistPart::update()
{
    m_state.ready = readyPoints(m_state.readyFacts, m_state.warmUp, m_state.placement, m_ticked);
    emit changed();
}

} // namespace lantern::app
