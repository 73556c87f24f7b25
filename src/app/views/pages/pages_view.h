#pragma once

#include "app/views/pages/pages_model.h"
#include "app/views/pages/scan_code.h"
#include "app/views/view.h"

#include <QComboBox>
#include <QPushButton>
#include <QSpinBox>
#include <QTableWidget>

namespace lantern::app {

/// Devices whose browsers show patches: open the page to them, pair them, measure them.
class PagesView : public View {
    Q_OBJECT
public:
    explicit PagesView(Intents *intents);
    void setState(const SessionState &state) override;

private:
    QWidget *makeAddress();
    QWidget *makeActions();
    void showRows();
    void onChosen();
    [[nodiscard]] const PagesModel::Row *chosen() const;

    QLabel *m_sentence, *m_url, *m_code, *m_limits;
    QComboBox *m_address;
    QSpinBox *m_port;
    QPushButton *m_open, *m_measure, *m_forget;
    QWidget *m_pairing;
    ScanCode *m_scan;
    QTableWidget *m_devices;
    PagesModel m_model;
    bool m_filling = false;
};

} // namespace lantern::app
