#pragma once

#include "app/session/background.h"
#include "app/state/session_state.h"

#include <QObject>

#include <optional>

namespace lantern::app {

/// What each kind of profile would come to, while a run whose chart is read waits to build one.
class ForecastPart : public QObject {
    Q_OBJECT
public:
    explicit ForecastPart(QObject *parent = nullptr);
    [[nodiscard]] const ForecastState &state() const { return m_state; }
    /// Works it out anew where the run has changed what it depends on; forgets it where there is
    /// nothing to build.
    void look(const RunState &run);

signals:
    void changed();

private:
    struct Asked {
        qint64 run = 0;
        size_t readings = 0;
        run::ProfileForm form;
        bool operator==(const Asked &) const = default;
    };
    ForecastState m_state;
    std::optional<Asked> m_asked;
    Background<std::vector<ProfileForecast>> m_work;
};

} // namespace lantern::app
