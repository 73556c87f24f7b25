#include "app/views/gamut/gamut_view.h"

#include "app/views/gamut/gamut_model.h"

#include <QHBoxLayout>

namespace lantern::app {

GamutView::GamutView(Intents *intents)
    : View(tr("Gamut"), tr("The colours the display can mix, on the u'v' plane."), intents),
      m_plot(new Plot(tr("Gamut in u'v'"), QStringLiteral("u'"), QStringLiteral("v'"))),
      m_figures(makeLabel({}, 11, theme::kText))
{
    m_plot->xAxis->setRange(0, 0.64);
    m_plot->yAxis->setRange(0, 0.62);
    m_plot->axisRect()->insetLayout()->setInsetAlignment(0, Qt::AlignRight | Qt::AlignBottom);
    m_figures->setAlignment(Qt::AlignTop);
    m_figures->setFixedWidth(230);
    m_figures->setWordWrap(true);
    auto *row = new QHBoxLayout;
    row->addWidget(m_plot, 1);
    row->addSpacing(16);
    row->addWidget(m_figures);
    body()->addLayout(row, 1);
}

void GamutView::setState(const SessionState &state)
{
    if (!isVisible())
        return;
    showDate(state);
    const GamutModel m = gamutModel(state);
    m_plot->setCurves(m.curves);
    m_figures->setText(m.figures);
}

} // namespace lantern::app
