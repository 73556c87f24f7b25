#pragma once

#include "app/views/view.h"
#include "app/views/white/white_dial.h"

#include <QGridLayout>
#include <QPushButton>
#include <QSpinBox>

#include <array>

namespace lantern::app {

/// White point and luminance while the monitor is adjusted.
class WhiteView : public View {
    Q_OBJECT
public:
    explicit WhiteView(Session *session);
    void setState(const SessionState &state) override;

private:
    static constexpr int kControls = 5;
    struct ControlRow {
        QLabel *name;
        QSpinBox *value; ///< typed in where the monitor does not tell; kUnknown: not yet
        QLabel *advice, *lastTime;
    };
    void showControls(const SessionState &state);
    void noted();

    WhiteDial *m_dial;
    QLabel *m_cct, *m_cctAim, *m_delta, *m_luminance;
    QWidget *m_controls;
    std::array<ControlRow, kControls> m_rows;
    QLabel *m_note, *m_lastTitle;
    QPushButton *m_switch, *m_skip;
    run::AdjustMode m_mode = run::AdjustMode::Automatic;
    bool m_gains = true, m_updating = false;
};

/// Advice in the monitor's own units, or in percent of light where it does not tell what its
/// controls stand at: "down about 3", "up about 2", "leave".
QString adviceText(const std::optional<double> &now, double proposed, double lightFactor);

} // namespace lantern::app
