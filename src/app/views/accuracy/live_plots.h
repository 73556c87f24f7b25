#pragma once

#include "app/session_state.h"
#include "app/widgets/plot.h"

namespace lantern::app {

/// What comes in while the chart is read: the chromaticities, and how the error that is expected of
/// the profile falls.
class LivePlots : public QWidget {
    Q_OBJECT
public:
    explicit LivePlots(QWidget *parent = nullptr);
    void setState(const SessionState &state);

private:
    void showReadings(const SessionState &state);
    void showExpected(const SessionState &state);

    Plot *m_readings, *m_expected;
};

} // namespace lantern::app
