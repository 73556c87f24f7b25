#include "app/views/agreement/agreement_view.h"

#include "app/widgets/list_table.h"
#include "app/widgets/number_cell.h"
#include "app/widgets/small_box.h"
#include <QHBoxLayout>
#include <QHeaderView>
#include <QHelpEvent>
#include <QPainter>
#include <QToolTip>

#include <cmath>

namespace lantern::app {

namespace {

constexpr int kAcross = 5;
constexpr double kPlace = 31; ///< points

QTableWidget *makeTable(const char *name, const QString &words, const QStringList &titles)
{
    QTableWidget *table = makeListTable(name, words, titles);
    constexpr int kLeast = 120;
    table->setMinimumHeight(kLeast);
    return table;
}

/// As high as its rows, up to what there is room for.
void fitRows(QTableWidget *table)
{
    constexpr int kFewest = 3;
    const int rows = std::max(1, table->rowCount());
    table->setMinimumHeight(heightOf(table, std::min(kFewest, rows)));
    table->setMaximumHeight(heightOf(table, rows));
}

} // namespace

AgreedColours::AgreedColours(QWidget *parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("agreedColours"));
    setMinimumWidth(static_cast<int>(kAcross * kPlace));
}

void AgreedColours::setFields(const std::vector<AgreementModel::Field> &fields)
{
    m_fields = fields;
    setMinimumHeight(static_cast<int>(
        kPlace * std::ceil(static_cast<double>(std::max<size_t>(fields.size(), 1)) / kAcross)));
    QStringList words;
    for (const AgreementModel::Field &f : fields)
        words << f.words;
    setAccessibleName(tr("Colours as both show them"));
    setAccessibleDescription(words.mid(0, 12).join(QStringLiteral("; ")));
    update();
}

QRectF AgreedColours::place(int index) const
{
    return {kPlace * (index % kAcross) + 2, kPlace * (index / kAcross) + 2, kPlace - 4, kPlace - 4};
}

void AgreedColours::paintEvent(QPaintEvent *)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(Qt::NoPen);
    for (size_t i = 0; i < m_fields.size(); ++i) {
        const QRectF outer = place(static_cast<int>(i));
        p.setBrush(shownColour(m_fields[i].first));
        p.drawEllipse(outer);
        const double in = outer.width() * 0.27;
        p.setBrush(shownColour(m_fields[i].second));
        p.drawEllipse(outer.adjusted(in, in, -in, -in));
    }
}

bool AgreedColours::event(QEvent *event)
{
    if (event->type() != QEvent::ToolTip)
        return QWidget::event(event);
    const auto *help = static_cast<QHelpEvent *>(event);
    for (size_t i = 0; i < m_fields.size(); ++i)
        if (place(static_cast<int>(i)).contains(help->pos())) {
            QToolTip::showText(help->globalPos(), m_fields[i].words, this);
            return true;
        }
    QToolTip::hideText();
    return true;
}

AgreementView::AgreementView(Intents *intents)
    : View(tr("What two displays, or two runs, make of the same colours; foretold from their "
              "readings."),
           intents),
      m_first(makeSmallBox("agreeFirst", tr("The first"), 10)),
      m_second(makeSmallBox("agreeSecond", tr("The second"), 10)),
      m_viewing(makeSmallBox("agreeViewing", tr("How they are seen"), 6)),
      m_set(makeSmallBox("agreeColours", tr("Colours"), 6)),
      m_curve(makeSmallBox("agreeCurve", tr("Curves of both"), 26)),
      m_swap(new QPushButton(tr("S&wap"))),
      m_pictures(new QPushButton(tr("In &pictures…"))),
      m_take(new QPushButton(tr("Ta&ke it as the aim"))),
      m_sentence(makeLabel({}, theme::kNormal, theme::kText)),
      m_remarks(makeLabel({}, theme::kSmall, theme::kMuted)),
      m_best(makeLabel({}, theme::kNormal, theme::kText)),
      m_replace(makeLabel({}, theme::kNormal, theme::kText)),
      m_common(makeLabel({}, theme::kNormal, theme::kText)),
      m_tabs(new QTabWidget),
      m_fields(new AgreedColours),
      m_colours(makeTable(
          "agreedTable", tr("Colours"),
          {tr("Colour"), QStringLiteral("ΔE00"), tr("L* first"), tr("L* second"), QString()})),
      m_figures(makeTable("agreedFigures", tr("Figures"),
                          {tr("Figure"), tr("First"), tr("Second"), tr("Difference"), QString()})),
      m_pairs(makeTable("agreedPairs", tr("Displays"),
                        {tr("Displays"), tr("Mean ΔE00"), tr("Largest")})),
      m_plans(makeTable("sharedPlans", tr("What the shared aim asks of each display"),
                        {tr("Display"), tr("Could give, cd/m²"), tr("Contrast"),
                         tr("Gives up: light"), tr("contrast"), tr("gamut")})),
      m_plot(new Plot(tr("Curves of both"), {}, {}))
{
    m_sentence->setObjectName(QStringLiteral("agreementSentence"));
    m_tabs->setObjectName(QStringLiteral("agreementTabs"));
    m_tabs->setDocumentMode(true);
    // As much as there is, and no page makes the others higher than the window.
    constexpr int kLeastTabs = 330;
    m_tabs->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Ignored);
    m_tabs->setMinimumHeight(kLeastTabs);
    for (QLabel *label : {m_sentence, m_remarks, m_best, m_replace, m_common})
        wrap(label);
    m_sentence->setContentsMargins(3, 4, 3, 0);
    m_remarks->setContentsMargins(3, 0, 3, 4);
    m_tabs->addTab(makeColours(), tr("Colours"));
    m_tabs->addTab(m_figures, tr("Figures"));
    m_tabs->addTab(makeCurves(), tr("Curves"));
    m_tabs->addTab(makeDisplays(), tr("All displays"));
    body()->addWidget(makeTop());
    body()->addWidget(m_sentence);
    body()->addWidget(m_remarks);
    body()->addWidget(m_tabs, 1);
}

QWidget *AgreementView::makeTop()
{
    m_viewing->addItem(tr("Side by side"), static_cast<int>(Viewing::SideBySide));
    m_viewing->addItem(tr("Each alone"), static_cast<int>(Viewing::EachAlone));
    m_viewing->setToolTip(tr("Side by side the eye is used to the brighter white, so that white "
                             "and luminance count; alone it gets used to each."));
    for (const AgreementColours &c : agreementColours())
        m_set->addItem(c.title, QLatin1String(c.key));
    m_swap->setObjectName(QStringLiteral("agreeSwap"));
    m_pictures->setObjectName(QStringLiteral("agreePictures"));
    m_pictures->setToolTip(tr("Your pictures as both show them, and a map of their differences."));
    for (QComboBox *box : {m_first, m_second, m_viewing, m_set})
        connect(box, &QComboBox::activated, this, &AgreementView::ask);
    connect(m_swap, &QPushButton::clicked, this, [this] {
        const int first = m_first->currentIndex();
        m_first->setCurrentIndex(m_second->currentIndex());
        m_second->setCurrentIndex(first);
        ask();
    });
    connect(m_pictures, &QPushButton::clicked, this,
            [this] { emit intents()->runsCompared(m_model.secondRun, m_model.firstRun); });
    auto *top = new QWidget;
    auto *column = new QVBoxLayout(top);
    column->setContentsMargins(3, 0, 3, 0);
    column->setSpacing(4);
    auto *both = new QHBoxLayout;
    both->addWidget(m_first, 1);
    both->addWidget(m_swap);
    both->addWidget(m_second, 1);
    auto *how = new QHBoxLayout;
    how->addWidget(m_viewing, 1);
    how->addWidget(m_set, 1);
    how->addStretch(1);
    how->addWidget(m_pictures);
    column->addLayout(both);
    column->addLayout(how);
    return top;
}

QWidget *AgreementView::makeColours()
{
    auto *page = new QWidget;
    auto *row = new QHBoxLayout(page);
    row->setContentsMargins(0, 6, 0, 0);
    auto *left = new QVBoxLayout;
    left->addWidget(m_fields);
    auto *legend =
        makeLabel(tr("Outside the first, inside the second"), theme::kSmall, theme::kMuted);
    left->addWidget(legend);
    left->addStretch(1);
    row->addLayout(left);
    row->addWidget(m_colours, 1);
    return page;
}

QWidget *AgreementView::makeCurves()
{
    auto *page = new QWidget;
    auto *column = new QVBoxLayout(page);
    column->setContentsMargins(0, 6, 0, 0);
    auto *row = new QHBoxLayout;
    row->addWidget(m_curve);
    row->addStretch(1);
    column->addLayout(row);
    column->addWidget(m_plot, 1);
    m_plot->setMinimumHeight(200);
    connect(m_curve, &QComboBox::currentIndexChanged, this, &AgreementView::showSheet);
    return page;
}

QWidget *AgreementView::makeDisplays()
{
    auto *page = new QWidget;
    auto *column = new QVBoxLayout(page);
    column->setContentsMargins(3, 6, 3, 0);
    m_best->setObjectName(QStringLiteral("bestDisplay"));
    m_replace->setObjectName(QStringLiteral("displayToReplace"));
    column->addWidget(m_best);
    column->addWidget(m_replace);
    column->addWidget(m_pairs, 1);
    m_common->setObjectName(QStringLiteral("commonAim"));
    m_take->setObjectName(QStringLiteral("takeCommonAim"));
    connect(m_take, &QPushButton::clicked, this, [this] {
        if (m_model.commonAim)
            emit intents()->aimChosen(*m_model.commonAim);
    });
    column->addSpacing(6);
    column->addWidget(m_common);
    column->addWidget(m_plans, 1);
    auto *row = new QHBoxLayout;
    row->addStretch(1);
    row->addWidget(m_take);
    column->addLayout(row);
    column->addStretch(2);
    return page;
}

void AgreementView::ask()
{
    if (m_model.keys.isEmpty())
        return;
    emit intents()->agreementChosen(
        {m_model.keys.value(m_first->currentIndex()), m_model.keys.value(m_second->currentIndex()),
         static_cast<Viewing>(m_viewing->currentData().toInt()), m_set->currentData().toString()});
}

void AgreementView::showSheet()
{
    const int index = m_curve->currentIndex();
    const bool there = index >= 0 && index < static_cast<int>(m_model.sheets.size());
    m_plot->setVisible(there);
    if (!there)
        return;
    const AgreementModel::Sheet &s = m_model.sheets[static_cast<size_t>(index)];
    m_plot->xAxis->setLabel(s.xLabel);
    m_plot->yAxis->setLabel(s.yLabel);
    m_plot->xAxis->setRange(s.xLeast, s.xMost);
    m_plot->yAxis->setRange(s.yLeast, s.yMost);
    if (s.isSquare)
        m_plot->xAxis->setScaleRatio(m_plot->yAxis, 1);
    m_plot->setCurves(s.curves);
}

void AgreementView::setState(const SessionState &state)
{
    if (!isVisible())
        return;
    if (!state.agreementSheet) {
        m_sentence->setText(tr("The logbook is being read…"));
        m_pictures->setEnabled(false);
        return;
    }
    if (state.agreementSheet == m_sheet)
        return;
    m_sheet = state.agreementSheet;
    show(agreementModel(state));
}

void AgreementView::show(const AgreementModel &m)
{
    m_model = m;
    setChoices(m_first, m.titles);
    setChoices(m_second, m.titles);
    m_first->setCurrentIndex(m.first);
    m_second->setCurrentIndex(m.second);
    m_viewing->setCurrentIndex(m_viewing->findData(static_cast<int>(m_sheet->question.viewing)));
    m_set->setCurrentIndex(std::max(0, m_set->findData(m_sheet->question.colours)));
    m_sentence->setText(m.sentence.isEmpty() ? tr("It takes two finished runs, of one display or "
                                                  "of two.")
                                             : m.sentence);
    m_remarks->setText(m.remarks);
    m_pictures->setEnabled(m.firstRun != 0 && m.secondRun != 0);
    m_fields->setFields(m.fields);
    fillSorted(m_colours, m.colours);
    fillSorted(m_figures, m.figures);
    fillSorted(m_pairs, m.pairs);
    fillSorted(m_plans, m.plans);
    fitRows(m_pairs);
    fitRows(m_plans);
    m_common->setText(m.common);
    m_plans->setVisible(!m.plans.empty());
    m_take->setVisible(m.commonAim.has_value());
    QStringList titles;
    for (const AgreementModel::Sheet &s : m.sheets)
        titles << s.title;
    setChoices(m_curve, titles);
    showSheet();
    m_best->setText(m.best);
    m_replace->setText(m.replace);
}

} // namespace lantern::app
