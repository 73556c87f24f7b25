#pragma once

#include "app/views/accuracy/accuracy_model.h"
#include "app/views/accuracy/live_plots.h"
#include "app/views/accuracy/match_fields.h"
#include "app/views/accuracy/proof_panel.h"
#include "app/views/view.h"
#include "app/widgets/plot.h"
#include "app/widgets/whole_label.h"

#include <QComboBox>
#include <QPushButton>
#include <QStackedWidget>
#include <QTableWidget>

namespace lantern::app {

/// Validation: match fields, table and cumulative curve. While the chart is measured, its patches.
class AccuracyView : public View {
    Q_OBJECT
public:
    explicit AccuracyView(Intents *intents);
    void setState(const SessionState &state) override;
    /// Colours to prove with.
    void open(const QString &path) override { m_proof->takeColours(path); }

private:
    void show(const SessionState &state);
    void show(const ValidationModel &validation);

    MatchFields *m_fields;
    QTableWidget *m_table;
    QStackedWidget *m_pages;
    QWidget *m_tabs;
    QPushButton *m_fieldsTab, *m_tableTab, *m_rosesTab;
    ProofPanel *m_proof;
    Plot *m_roses;
    QComboBox *m_order;
    QWidget *m_side;
    QLabel *m_mean, *m_meanUnit, *m_verdict, *m_tails;
    WholeLabel *m_figures;
    QLabel *m_note;
    Plot *m_curve;
    LivePlots *m_live;
    std::vector<QWidget *> m_sideParts;
    std::optional<SessionState> m_state; ///< as shown last
};

} // namespace lantern::app
