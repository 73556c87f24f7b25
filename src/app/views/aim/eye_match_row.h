#pragma once

#include "app/session_state.h"

#include <QLabel>
#include <QPushButton>
#include <QWidget>

namespace lantern::app {

/// Takes the display's white as it was read for what the eye found equal to a print or another
/// display: an offset of the aim.
class EyeMatchRow : public QWidget {
    Q_OBJECT
public:
    explicit EyeMatchRow(QWidget *parent = nullptr);
    void setState(const SessionState &state);

signals:
    void changed(const lantern::Aim &aim);

private:
    QPushButton *m_take, *m_forget;
    QLabel *m_figures;
    Aim m_aim;
    std::optional<XYZ> m_white; ///< as read last
};

} // namespace lantern::app
