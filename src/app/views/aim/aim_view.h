#pragma once

#include "app/views/view.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QSpinBox>

namespace lantern::app {

/// Presets by job and the numbers behind them. Aim files can be dropped here.
class AimView : public View {
    Q_OBJECT
public:
    explicit AimView(Session *session);
    void setState(const SessionState &state) override;

protected:
    void dragEnterEvent(QDragEnterEvent *event) override;
    void dropEvent(QDropEvent *event) override;

private:
    void edited();
    void openFile(const QString &path);
    void showKind(const SessionState &state);

    Aim m_aim;
    QComboBox *m_preset, *m_whiteKind, *m_toneKind;
    QDoubleSpinBox *m_kelvin, *m_first, *m_second; ///< temperature; x or u', y or v'
    QDoubleSpinBox *m_luminance, *m_gamma;
    QComboBox *m_luminanceKind, *m_blackKind;
    QSpinBox *m_contrast, *m_patches;
    bool m_updating = false;
};

} // namespace lantern::app
