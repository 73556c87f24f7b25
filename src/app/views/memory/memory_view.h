#pragma once

#include "app/views/memory/memory_model.h"
#include "app/views/view.h"

#include <QComboBox>
#include <QLineEdit>
#include <QPushButton>
#include <QTableWidget>

namespace lantern::app {

/// A monitor's own memory: what each slot holds, which is in use, where the next run goes.
class MemoryView : public View {
    Q_OBJECT
public:
    explicit MemoryView(Intents *intents);
    void setState(const SessionState &state) override;

private:
    void showRows();
    void useChosen();
    void choose();

    QLabel *m_sentence, *m_note;
    QTableWidget *m_table;
    QComboBox *m_target;
    QLineEdit *m_name;
    QPushButton *m_use, *m_putBack;
    QWidget *m_next;
    MemoryModel m_model;
};

} // namespace lantern::app
