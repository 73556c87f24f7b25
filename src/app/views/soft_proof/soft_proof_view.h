#pragma once

#include "app/views/accuracy/match_fields.h"
#include "app/views/soft_proof/soft_proof_model.h"
#include "app/views/view.h"

#include <QCheckBox>
#include <QComboBox>
#include <QPushButton>
#include <QTableWidget>

namespace lantern::app {

/// Whether the display can stand for a print: foretold by its profile, and read.
class SoftProofView : public View {
    Q_OBJECT
public:
    explicit SoftProofView(Intents *intents);
    void setState(const SessionState &state) override;
    /// A characterisation or an ICC output profile.
    void open(const QString &path) override;

private:
    QWidget *makeTop();
    QWidget *makeSide();
    void take(const run::PrintChoice &choice);

    SoftProofModel m_model;
    QLabel *m_title, *m_sentence, *m_ends, *m_foreseen, *m_read, *m_tableTitle;
    QCheckBox *m_paperWhite;
    QComboBox *m_limits;
    MatchFields *m_fields;
    QTableWidget *m_table;
    QPushButton *m_prove, *m_pictures;
    QWidget *m_results;
    std::shared_ptr<const SoftProof> m_filled; ///< that the table is of
};

} // namespace lantern::app
