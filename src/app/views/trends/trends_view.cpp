#include "app/views/trends/trends_view.h"

#include "app/widgets/small_box.h"

#include <QHBoxLayout>

namespace lantern::app {

namespace {

/// Readings, limits and forecast leave no corner free: the legend gets a row of its own.
void putLegendAbove(Plot *plot)
{
    plot->axisRect()->insetLayout()->take(plot->legend);
    plot->plotLayout()->insertRow(1);
    plot->plotLayout()->addElement(1, 0, plot->legend);
    plot->plotLayout()->setRowStretchFactor(1, 0.001);
    plot->legend->setFillOrder(QCPLegend::foColumnsFirst);
    plot->legend->setWrap(4);
    plot->legend->setMargins({0, 0, 0, 0});
}

} // namespace

TrendsView::TrendsView(Intents *intents)
    : View(tr("How a figure went since the first reading, and where it goes. Bars: twice the "
              "standard uncertainty."),
           intents),
      m_display(makeSmallBox("trendDisplay", tr("Display"), 8)),
      m_figure(makeSmallBox("trendFigure", tr("Figure"), 8)),
      m_period(makeSmallBox("trendPeriod", tr("Time shown"), 6)),
      m_plot(new Plot(tr("Over time"), {}, {})),
      m_sentence(makeLabel({}, theme::kNormal, theme::kText)),
      m_events(new QListWidget)
{
    m_period->addItem(tr("All of it"), 0);
    m_period->addItem(tr("Last year"), 365);
    m_period->addItem(tr("Last 90 days"), 90);
    auto *choices = new QHBoxLayout;
    choices->setContentsMargins(3, 0, 3, 0);
    choices->addWidget(m_display, 3);
    choices->addWidget(m_figure, 3);
    choices->addWidget(m_period, 2);
    m_plot->setDates();
    m_plot->setMinimumHeight(220);
    putLegendAbove(m_plot);
    wrap(m_sentence);
    m_sentence->setObjectName(QStringLiteral("trendSentence"));
    m_events->setObjectName(QStringLiteral("trendEvents"));
    m_events->setAccessibleName(tr("What happened"));
    m_events->setMaximumHeight(120);
    m_events->setMinimumHeight(60);
    body()->addLayout(choices);
    body()->addWidget(m_plot, 1);
    body()->addWidget(m_sentence);
    body()->addWidget(m_events);
    connect(m_display, &QComboBox::activated, this, &TrendsView::choose);
    connect(m_figure, &QComboBox::activated, this, &TrendsView::choose);
    connect(m_period, &QComboBox::currentIndexChanged, this, [this] { m_sheet.reset(); });
    connect(m_period, &QComboBox::activated, this, &TrendsView::choose);
}

void TrendsView::choose()
{
    if (m_model.displayIds.isEmpty())
        return;
    emit intents()->trendChosen(m_model.displayIds.value(m_display->currentIndex()),
                                m_model.figureKeys.value(m_figure->currentIndex()));
}

void TrendsView::setState(const SessionState &state)
{
    if (!isVisible() || (state.trendSheet && state.trendSheet == m_sheet))
        return;
    m_sheet = state.trendSheet;
    show(trendsModel(state, m_period->currentData().toInt()));
}

void TrendsView::show(const TrendsModel &m)
{
    m_model = m;
    setChoices(m_display, m.displays);
    setChoices(m_figure, m.figures);
    m_display->setCurrentIndex(m.display);
    m_figure->setCurrentIndex(m.figure);
    m_plot->yAxis->setLabel(m.yLabel);
    m_plot->xAxis->setRange(m.xLeast, m.xMost);
    m_plot->yAxis->setRange(m.yLeast, m.yMost);
    m_plot->setCurves(m.curves);
    m_sentence->setText(
        m_sheet ? (m.displays.isEmpty() ? tr("Nothing has been measured yet.") : m.sentence)
                : tr("The logbook is being read…"));
    m_events->clear();
    m_events->addItems(m.events);
}

} // namespace lantern::app
