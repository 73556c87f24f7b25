#pragma once

#include "app/views/view.h"
#include "app/views/white/white_dial.h"
#include "app/views/white/white_model.h"

#include <QGridLayout>
#include <QPushButton>
#include <QSpinBox>

#include <array>

namespace lantern::app {

/// White point and luminance while the monitor is adjusted.
class WhiteView : public View {
    Q_OBJECT
public:
    explicit WhiteView(Intents *intents);
    void setState(const SessionState &state) override;

protected:
    void resizeEvent(QResizeEvent *event) override;

private:
    struct ControlRow {
        QLabel *name;
        QSpinBox *value; ///< typed in where the monitor does not tell; kUnknown: not yet
        QLabel *advice, *lastTime;
        bool exists = true;
    };
    void setLow(bool low);
    void sizeKelvin();
    void showControls(const WhiteModel &m);
    void noted();

    WhiteDial *m_dial;
    QLabel *m_cct, *m_cctAim, *m_delta, *m_luminance;
    QWidget *m_controls;
    std::array<ControlRow, kControlFields.size()> m_rows;
    QLabel *m_note, *m_firstLook, *m_lastTitle;
    QPushButton *m_switch, *m_skip;
    run::AdjustMode m_switchTo = run::AdjustMode::ByHand;
    QString m_controlsOf; ///< run and display that the fields stand for
    bool m_updating = false;
    bool m_readFromAfar = false; ///< at the monitor's buttons
    bool m_low = false;          ///< the window
    QHBoxLayout *m_dialRow, *m_figures;
    QVBoxLayout *m_side;
    QWidget *m_sideBox;
};

} // namespace lantern::app
