#include "app/views/accuracy/live_plots.h"

#include <QVBoxLayout>

namespace lantern::app {

LivePlots::LivePlots(QWidget *parent)
    : QWidget(parent),
      m_readings(new Plot(tr("Readings so far"), QStringLiteral("u'"), QStringLiteral("v'"))),
      m_expected(new Plot(tr("Expected error"), tr("readings"), QStringLiteral("ΔE00")))
{
    m_readings->setObjectName(QStringLiteral("liveReadings"));
    m_readings->setFixedHeight(190);
    m_expected->setFixedHeight(120);
    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(m_readings);
    column->addWidget(m_expected);
    m_readings->xAxis->setRange(0.05, 0.6);
    m_readings->yAxis->setRange(0.05, 0.62);
}

void LivePlots::show(const LiveModel &m)
{
    m_readings->setCurves(m.readings);
    m_expected->setVisible(!m.expected.empty());
    m_expected->xAxis->setRange(0, m.mostReadings);
    m_expected->yAxis->setRange(0, m.mostExpected);
    m_expected->setCurves(m.expected);
}

} // namespace lantern::app
