#pragma once

#include "app/session/intents.h"
#include "app/views/accuracy/proof_model.h"

#include <QComboBox>
#include <QLabel>
#include <QPointer>
#include <QPushButton>
#include <QSpinBox>
#include <QWidget>

namespace lantern::app {

class LimitsDialog;

/// With what the next proof is made: one line that unfolds, and the button that makes it.
class ProofPanel : public QWidget {
    Q_OBJECT
public:
    explicit ProofPanel(Intents *intents, QWidget *parent = nullptr);
    void show(const ProofModel &model);
    /// Colours of a list, a strip or a picture.
    void takeColours(const QString &path);

private:
    void take(const run::ProofChoice &choice);
    void chosen();
    void chooseColours(int index);
    void openList();
    void editLimits();
    void showChoices(const ProofModel &model);

    Intents *m_intents;
    ProofModel m_model;
    QLabel *m_summary, *m_formulaNote;
    QPushButton *m_unfold, *m_prove;
    QWidget *m_choices;
    QComboBox *m_colours, *m_limits, *m_formula, *m_white, *m_against, *m_intent;
    QSpinBox *m_count;
    QPushButton *m_edit;
    QPointer<LimitsDialog> m_dialog;
};

} // namespace lantern::app
