#pragma once

#include "run/device/bench_devices.h"

#include <QCheckBox>
#include <QComboBox>
#include <QFrame>
#include <QLabel>
#include <QSlider>

#include <vector>

namespace lantern::app {

/// Plays the buttons of the simulated monitor: a strip at the bottom of the window, clear of
/// everything else. Keeps its right end free, where the patch may lie.
class MonitorButtons : public QFrame {
    Q_OBJECT
public:
    explicit MonitorButtons(QWidget *parent = nullptr);
    /// Shows the controls of a display; those it lacks are disabled.
    void setDisplay(const QString &name, std::shared_ptr<run::BenchRig> rig);
    /// Shows what the controls stand at now (the program may have turned them).
    void refresh();

private:
    void turned();

    std::shared_ptr<run::BenchRig> m_rig;
    QLabel *m_title;
    std::vector<QSlider *> m_sliders; ///< contrast, red, green, blue, brightness
    QCheckBox *m_evens;
    QComboBox *m_mode; ///< the plain one first
    bool m_refreshing = false;
};

} // namespace lantern::app
