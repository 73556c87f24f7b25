#pragma once

#include "app/session/intents.h"

#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>

namespace lantern::app {

/// Corrects one meter by a better one: both read red, green, blue and white of this display, then
/// the first is made to agree. Stays open while meters are changed.
class CorrectionDialog : public QDialog {
    Q_OBJECT
public:
    explicit CorrectionDialog(Intents *intents, QWidget *parent = nullptr);
    void setState(const SessionState &state);

private:
    void showChoice();

    SessionState m_state; ///< as shown last
    QPushButton *m_read;
    QTableWidget *m_table;
    QComboBox *m_meter;
    QComboBox *m_reference;
    QLabel *m_difference;
    QLabel *m_notice;
    QPushButton *m_keep;
};

} // namespace lantern::app
