#pragma once

#include "app/views/accuracy/accuracy_model.h"
#include "app/widgets/plot.h"

namespace lantern::app {

/// What comes in while the chart is read: the chromaticities, and how the error that is expected of
/// the profile falls.
class LivePlots : public QWidget {
    Q_OBJECT
public:
    explicit LivePlots(QWidget *parent = nullptr);
    void show(const LiveModel &m);

private:
    Plot *m_readings, *m_expected;
};

} // namespace lantern::app
