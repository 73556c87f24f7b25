#pragma once

#include "app/views/modes/modes_model.h"
#include "app/views/view.h"

class QComboBox;
class QPushButton;
class QTableWidget;

namespace lantern::app {

/// A monitor's own picture modes, read one after the other, and which one to start from.
class ModesView : public View {
    Q_OBJECT
public:
    explicit ModesView(Intents *intents);
    void setState(const SessionState &state) override;

private:
    void showChosen();

    QComboBox *m_name;
    QPushButton *m_read, *m_forget, *m_even;
    QLabel *m_sentence, *m_against;
    QTableWidget *m_table;
    ModesModel m_model;
};

} // namespace lantern::app
