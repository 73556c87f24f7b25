#pragma once

#include "app/views/agreement/agreement_model.h"
#include "app/views/view.h"
#include "app/widgets/plot.h"

#include <QComboBox>
#include <QPushButton>
#include <QTabWidget>
#include <QTableWidget>

namespace lantern::app {

/// The colours of both, each a disc of two halves that lie in one another: where they match, the
/// inner one vanishes.
class AgreedColours : public QWidget {
    Q_OBJECT
public:
    explicit AgreedColours(QWidget *parent = nullptr);
    void setFields(const std::vector<AgreementModel::Field> &fields);
    [[nodiscard]] QSize minimumSizeHint() const override { return {180, 160}; }

protected:
    void paintEvent(QPaintEvent *event) override;
    bool event(QEvent *event) override; ///< tool tips

private:
    [[nodiscard]] QRectF place(int index) const;

    std::vector<AgreementModel::Field> m_fields;
};

/// Two runs, or two displays, held against each other; and all displays of the logbook.
class AgreementView : public View {
    Q_OBJECT
public:
    explicit AgreementView(Intents *intents);
    void setState(const SessionState &state) override;

private:
    QWidget *makeTop();
    QWidget *makeColours();
    QWidget *makeCurves();
    QWidget *makeDisplays();
    void ask();
    void show(const AgreementModel &m);
    void showSheet();

    AgreementModel m_model;
    std::shared_ptr<const AgreementSheet> m_sheet; ///< that is shown
    QComboBox *m_first, *m_second, *m_viewing, *m_set, *m_curve;
    QPushButton *m_swap, *m_pictures, *m_take;
    QLabel *m_sentence, *m_remarks, *m_best, *m_replace, *m_common;
    QTabWidget *m_tabs;
    AgreedColours *m_fields;
    QTableWidget *m_colours, *m_figures, *m_pairs, *m_plans;
    Plot *m_plot;
};

} // namespace lantern::app
