#include "app/views/accuracy/accuracy_view.h"

#include "app/theme.h"
#include "app/widgets/number_cell.h"

#include <QHBoxLayout>
#include <QHeaderView>

namespace lantern::app {

namespace {

QPushButton *makeTab(const QString &text)
{
    auto *tab = new QPushButton(text);
    tab->setCheckable(true);
    tab->setAutoExclusive(true);
    tab->setProperty("tab", true);
    return tab;
}

} // namespace

AccuracyView::AccuracyView(Intents *intents)
    : View({}, intents),
      m_fields(new MatchFields),
      m_table(new QTableWidget),
      m_pages(new QStackedWidget),
      m_tabs(new QWidget),
      m_fieldsTab(makeTab(tr("Fields"))),
      m_tableTab(makeTab(tr("Table"))),
      m_rosesTab(makeTab(tr("Roses"))),
      m_proof(new ProofPanel(intents)),
      m_roses(new Plot(tr("Error roses"), QStringLiteral("a*"), QStringLiteral("b*"))),
      m_order(new QComboBox),
      m_side(new QWidget),
      m_mean(makeLabel({}, theme::kGiant, theme::kBright, QFont::Light)),
      m_meanUnit(makeLabel(tr("mean ΔE00"), theme::kNormal, theme::kMuted)),
      m_verdict(makeLabel({}, theme::kNormal, theme::kText)),
      m_tails(makeLabel({}, theme::kSmall, theme::kText)),
      m_figures(new WholeLabel),
      m_note(makeLabel({}, theme::kNormal, theme::kText)),
      m_curve(new Plot(tr("Share of colours below"), QStringLiteral("ΔE00"), QStringLiteral("%"))),
      m_live(new LivePlots)
{
    m_fields->setObjectName(QStringLiteral("matchFields"));
    m_verdict->setObjectName(QStringLiteral("validationVerdict"));
    m_figures->setObjectName(QStringLiteral("verdictFigures"));
    for (QLabel *table : {m_verdict, static_cast<QLabel *>(m_figures)})
        table->setTextFormat(Qt::RichText);
    m_table->setColumnCount(6);
    m_table->setObjectName(QStringLiteral("validationTable"));
    m_table->setSortingEnabled(true);
    m_table->horizontalHeader()->setSortIndicator(-1, Qt::AscendingOrder); // as in the chart
    m_roses->setObjectName(QStringLiteral("errorRoses"));
    m_tails->setObjectName(QStringLiteral("proofTails"));
    m_table->verticalHeader()->hide();
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_table->setAccessibleName(tr("Validation table"));
    m_pages->addWidget(m_fields);
    m_pages->addWidget(m_table);
    m_pages->addWidget(m_roses);
    m_fieldsTab->setChecked(true);
    for (QPushButton *tab : {m_fieldsTab, m_tableTab, m_rosesTab})
        connect(tab, &QPushButton::toggled, this, [this](bool on) {
            if (on && m_state)
                show(*m_state);
        });
    m_order->addItems({tr("Chart order"), tr("Worst first")});
    m_order->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    m_order->setMinimumContentsLength(6);
    m_order->setAccessibleName(tr("Order of the colours"));
    connect(m_order, &QComboBox::activated, this, [this] { show(*m_state); });
    m_curve->yAxis->setRange(0, 100);
    m_curve->axisRect()->insetLayout()->setInsetAlignment(0, Qt::AlignRight | Qt::AlignBottom);
    m_curve->setFixedHeight(180);

    auto *tabs = new QHBoxLayout(m_tabs);
    tabs->setContentsMargins(0, 4, 0, 0);
    tabs->addWidget(m_fieldsTab);
    tabs->addSpacing(2);
    tabs->addWidget(m_tableTab);
    tabs->addSpacing(2);
    tabs->addWidget(m_rosesTab);
    tabs->addStretch(1);
    tabs->addWidget(m_order);
    wrap(m_note);
    wrap(m_tails);
    auto *left = new QVBoxLayout;
    left->addWidget(m_pages, 1);
    left->addWidget(m_note);
    left->addWidget(m_tails);
    left->addWidget(m_tabs);

    auto *meanRow = new QHBoxLayout;
    meanRow->addWidget(m_mean);
    meanRow->addWidget(m_meanUnit, 0, Qt::AlignBottom);
    meanRow->addStretch(1);
    auto *side = new QVBoxLayout(m_side);
    side->setContentsMargins(0, 0, 0, 0);
    side->addLayout(meanRow);
    side->addWidget(m_verdict);
    side->addWidget(m_live);
    m_live->hide();
    side->addWidget(m_curve);
    side->addWidget(m_figures);
    side->addStretch(1);
    m_side->setFixedWidth(236);
    m_sideParts = {m_mean, m_meanUnit, m_verdict, m_curve, m_figures, m_tails};

    body()->addWidget(m_proof);
    auto *row = new QHBoxLayout;
    row->addLayout(left, 1);
    row->addSpacing(16);
    row->addWidget(m_side);
    body()->addLayout(row, 1);
}

void AccuracyView::setState(const SessionState &state)
{
    if (!isVisible())
        return;
    showDate(state);
    m_state = state; // for another order of the colours
    show(state);
}

void AccuracyView::show(const SessionState &state)
{
    constexpr int kWorstFirst = 1;
    const AccuracyModel m = accuracyModel(state, m_order->currentIndex() == kWorstFirst);
    setExplanation(m.date.isEmpty() ? m.explanation
                                    : m.date + QStringLiteral(" · ") + m.explanation);
    m_proof->show(proofModel(state));
    m_proof->setVisible(!state.isMeasuring()); // what it shows then is the run's
    m_fields->setFields(m.fields, m.validation ? m.validation->difference : QStringLiteral("ΔE00"));
    m_side->setVisible(!m.empty); // while measuring its room stays free for the patch window
    m_tabs->setVisible(m.validation.has_value());
    for (QWidget *part : m_sideParts)
        part->setVisible(m.validation.has_value());
    m_note->setVisible(m.validation && !m.validation->note.isEmpty());
    m_live->setVisible(m.live.has_value());
    if (m.live)
        m_live->show(*m.live);
    if (m.validation)
        show(*m.validation);
    else
        m_pages->setCurrentWidget(m_fields);
}

void AccuracyView::show(const ValidationModel &v)
{
    m_pages->setCurrentIndex(m_fieldsTab->isChecked() ? 0 : m_tableTab->isChecked() ? 1 : 2);
    m_mean->setText(v.mean);
    m_meanUnit->setText(tr("mean %1").arg(v.difference));
    m_verdict->setText(v.verdict);
    m_verdict->setToolTip(v.verdictTip);
    m_figures->setWhole(v.figures);
    m_figures->setToolTip(v.figuresTip);
    m_tails->setText(v.tails);
    m_note->setText(m_rosesTab->isChecked() ? v.roseWords : v.note);
    m_table->setHorizontalHeaderLabels({tr("Colour"), tr("RGB sent"), tr("Aimed L* a* b*"),
                                        tr("Measured L* a* b*"), v.difference, tr("out of gamut")});
    fillSorted(m_table, v.table);
    m_roses->xAxis->setRange(-v.roseReach, v.roseReach);
    m_roses->yAxis->setRange(-v.roseReach, v.roseReach);
    m_roses->setCurves(v.roses);
    m_curve->xAxis->setLabel(v.difference);
    m_curve->xAxis->setRange(0, v.shareReach);
    m_curve->setCurves(v.share);
}

} // namespace lantern::app
