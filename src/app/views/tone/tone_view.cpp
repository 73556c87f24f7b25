#include "app/views/tone/tone_view.h"

#include "app/views/tone/tone_model.h"

#include <QHBoxLayout>

namespace lantern::app {

ToneView::ToneView(Intents *intents)
    : View(tr("Lightness of the greys, their tint, and what the video LUT does to get "
              "there."),
           intents),
      m_tone(new Plot(tr("Tone curve"), tr("input, %"), QStringLiteral("L*"))),
      m_grey(new Plot(tr("Tint of the greys"), tr("input, %"), tr("a*, b*"))),
      m_lut(new Plot(tr("Video LUT"), tr("input, %"), tr("change, %")))
{
    m_tone->xAxis->setRange(0, 100);
    m_tone->yAxis->setRange(0, 102);
    m_grey->xAxis->setRange(0, 100);
    m_lut->xAxis->setRange(0, 100);
    m_grey->legend->setFillOrder(QCPLegend::foColumnsFirst);
    m_grey->legend->setWrap(2);
    auto *row = new QHBoxLayout;
    row->addWidget(m_tone, 3);
    row->addWidget(m_lut, 2);
    body()->addLayout(row, 3);
    auto *below = new QHBoxLayout;
    below->addWidget(m_grey, 3);
    below->addStretch(2); // room for the patch window
    body()->addLayout(below, 2);
}

void ToneView::setState(const SessionState &state)
{
    if (!isVisible())
        return;
    showDate(state);
    const ToneModel m = toneModel(state);
    setExplanation(m.explanation);
    m_grey->yAxis->setRange(-m.greyReach, m.greyReach);
    m_lut->yAxis->setRange(-m.lutReach, m.lutReach);
    m_tone->setCurves(m.tone);
    m_grey->setCurves(m.grey);
    m_lut->setCurves(m.lut);
}

} // namespace lantern::app
