#pragma once

#include "app/views/aim/aim_model.h"
#include "app/views/aim/eye_match_row.h"
#include "app/views/aim/primaries_edit.h"
#include "app/views/view.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QLineEdit>
#include <QPointer>
#include <QPushButton>
#include <QSpinBox>

namespace lantern::app {

class ChartDialog;

/// Presets by job and the numbers behind them. Aim files can be dropped here.
class AimView : public View {
    Q_OBJECT
public:
    explicit AimView(Intents *intents);
    void setState(const SessionState &state) override;
    void open(const QString &path) override;

private:
    void edited();
    void use(const Aim &aim);
    void showFields(const AimFields &fields);
    void measureEdited();
    void openChart();

    AimModel m_model;   ///< as shown last
    QStringList m_jobs; ///< that the box has
    QComboBox *m_preset, *m_whiteKind, *m_toneKind;
    QDoubleSpinBox *m_kelvin, *m_first, *m_second; ///< temperature; x or u', y or v'
    QDoubleSpinBox *m_luminance, *m_gamma;
    QComboBox *m_luminanceKind, *m_blackKind;
    QSpinBox *m_contrast, *m_patches;
    QComboBox *m_measureKind;
    QPushButton *m_chart;
    QPointer<ChartDialog> m_chartDialog;
    SessionState m_state; ///< for it
    QDoubleSpinBox *m_expected, *m_minutes;
    QLineEdit *m_name;
    QPushButton *m_remove;
    QLabel *m_problem;
    PrimariesEdit *m_primaries;
    QLabel *m_light;
    EyeMatchRow *m_eye;
    bool m_updating = true; ///< until it has been shown an aim for the first time
};

} // namespace lantern::app
