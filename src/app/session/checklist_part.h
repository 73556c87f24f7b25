#pragma once

#include "app/state/session_state.h"

#include <QObject>

#include <set>

namespace lantern::app {

/// What should be in order before a run: what the machine sees by itself, what errands found, and
/// what the person ticked.
class ChecklistPart : public QObject {
    Q_OBJECT
public:
    explicit ChecklistPart(QObject *parent = nullptr);
    [[nodiscard]] const ChecklistState &state() const { return m_state; }

    /// What the machine sees now. Whether the meter answers only the meter knows: where the new
    /// facts do not say, what it said before stays.
    void setFacts(ReadyFacts facts, const MeterCard &meter);
    void meterAnswers(const QString &name);
    void meterFails(const QString &message);
    /// Another meter: what the one before said is forgotten.
    void forgetMeter();
    void setWarmUp(const std::optional<WarmUp> &warmUp);
    void setPlacement(const std::optional<Placement> &placement);
    /// \param index into state().ready
    void tick(int index, bool done);
    /// The person goes on with the list as it is, or comes back to it.
    void confirm(bool confirmed);
    /// Another display: nothing ticked, watched or found.
    void startOver();
    /// Titles of the points left open, for the report.
    [[nodiscard]] std::vector<std::string> openPoints() const;

signals:
    void changed();

private:
    void update();

    ChecklistState m_state;
    std::set<QString> m_ticked; ///< keys of points that the person confirmed
};

} // namespace lantern::app
