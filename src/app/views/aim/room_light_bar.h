#pragma once

#include "app/views/aim/aim_model.h"

#include <QDoubleSpinBox>
#include <QLabel>
#include <QPushButton>
#include <QWidget>

namespace lantern::app {

/// Reads the light of the room or of a viewing booth through the diffuser, several times over, and
/// offers it for the aim.
class RoomLightBar : public QWidget {
    Q_OBJECT
public:
    explicit RoomLightBar(QWidget *parent = nullptr);
    void setModel(const LightModel &m);
    /// Luminance of the paper in the light read last, cd/m²; nothing before.
    [[nodiscard]] std::optional<double> paperLuminance() const;
    [[nodiscard]] QPushButton *readButton() const { return m_read; }

signals:
    void readWanted();
    void startOverWanted();
    void whiteChosen(const lantern::Chromaticity &white);
    void luminanceChosen(double cdM2);

private:
    void showFigures();

    QPushButton *m_read, *m_white, *m_luminance, *m_startOver;
    QDoubleSpinBox *m_paper; ///< L* of the paper
    QLabel *m_figures;
    std::vector<run::RoomLight> m_readings;
};

} // namespace lantern::app
