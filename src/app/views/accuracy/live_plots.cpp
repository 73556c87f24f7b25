#include "app/views/accuracy/live_plots.h"

#include <QVBoxLayout>

#include <algorithm>

namespace lantern::app {

namespace {

constexpr double kDarkest = 0.02; ///< of white: below, chromaticity is noise

} // namespace

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

void LivePlots::setState(const SessionState &state)
{
    showReadings(state);
    showExpected(state);
}

void LivePlots::showReadings(const SessionState &state)
{
    double white = 0;
    for (const Reading &r : state.liveReadings)
        white = std::max(white, r.xyz.Y);
    QVector<double> u, v;
    for (const Reading &r : state.liveReadings) {
        if (r.xyz.Y < kDarkest * white || r.xyz.Y <= 0)
            continue;
        const UvPrime c = uvPrime(r.xyz);
        u << c.u;
        v << c.v;
    }
    m_readings->clearLines();
    if (state.results.before && state.results.before->primaries) {
        QVector<double> tu, tv;
        const PrimarySet &own = *state.results.before->primaries;
        for (const size_t i : {0, 1, 2, 0}) {
            const UvPrime c = uvPrime(own[i]);
            tu << c.u;
            tv << c.v;
        }
        m_readings->addLine(tu, tv, {.colour = theme::kFaint, .width = 1.2});
    }
    m_readings->addLine(u, v, {.colour = theme::kText, .line = false, .dots = true});
    if (!u.empty())
        m_readings->addLine({u.back()}, {v.back()},
                            {.colour = theme::kBright, .width = 3, .line = false, .dots = true});
    m_readings->replot(QCustomPlot::rpQueuedReplot);
}

void LivePlots::showExpected(const SessionState &state)
{
    const auto &history = state.results.expectedSoFar;
    m_expected->setVisible(!history.empty());
    if (history.empty())
        return;
    QVector<double> x, y;
    for (const ExpectedError &e : history) {
        x << e.patches;
        y << e.meanDeltaE00;
    }
    m_expected->clearLines();
    m_expected->addLine(x, y, {.colour = theme::kBright, .dots = true});
    const double goal = state.results.setup.expectedError;
    if (goal > 0)
        m_expected->addLine({0, 1.1 * x.back()}, {goal, goal},
                            {.colour = theme::kMuted, .width = 1.2, .style = Qt::DashLine});
    m_expected->xAxis->setRange(0, 1.1 * x.back());
    m_expected->yAxis->setRange(0, 1.1 * *std::max_element(y.begin(), y.end()));
    m_expected->replot(QCustomPlot::rpQueuedReplot);
}

} // namespace lantern::app
