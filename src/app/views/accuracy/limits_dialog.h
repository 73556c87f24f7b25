#pragma once

#include "app/session/intents.h"

#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTableWidget>

namespace lantern::app {

/// Makes and edits a set of limits: each figure with its limit and where that comes from.
class LimitsDialog : public QDialog {
    Q_OBJECT
public:
    explicit LimitsDialog(Intents *intents, QWidget *parent = nullptr);
    /// \param isOwn the person's own, which can be changed under its name; else a copy is made
    void edit(const Tolerance &tolerance, bool isOwn);

private:
    void keep();
    /// As it stands in the fields; nothing, with what is wrong shown, where a number is none.
    [[nodiscard]] std::optional<Tolerance> edited();

    Intents *m_intents;
    Tolerance m_before;
    QLineEdit *m_title, *m_source;
    QComboBox *m_formula;
    QTableWidget *m_table;
    QLabel *m_problem;
    QPushButton *m_remove;
};

} // namespace lantern::app
