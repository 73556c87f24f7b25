#pragma once

#include "app/views/aim/aim_model.h"

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
    void setModel(const EyeMatchModel &m);

signals:
    void changed(const lantern::Aim &aim);

private:
    QPushButton *m_take, *m_forget;
    QLabel *m_figures;
    EyeMatchModel m_model; ///< as shown last
};

} // namespace lantern::app
