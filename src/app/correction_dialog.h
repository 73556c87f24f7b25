#pragma once

#include "app/session.h"

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
    explicit CorrectionDialog(Session *session, QWidget *parent = nullptr);

private:
    void showState();
    void showChoice();

    Session *m_session;
    QPushButton *m_read;
    QTableWidget *m_table;
    QComboBox *m_meter;
    QComboBox *m_reference;
    QLabel *m_difference;
    QLabel *m_notice;
    QPushButton *m_keep;
};

} // namespace lantern::app
