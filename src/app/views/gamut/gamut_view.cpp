#include "app/views/gamut/gamut_view.h"

#include "app/ledger/ledger_rows.h"
#include "app/theme.h"
#include "core/colour/spectra.h"

#include <QHBoxLayout>

namespace lantern::app {

namespace {

void addTriangle(Plot *plot, const PrimarySet &set, const Plot::Look &look, const QString &name)
{
    QVector<double> x, y;
    for (int i = 0; i <= 3; ++i) {
        const UvPrime c = uvPrime(set[i % 3]);
        x << c.u;
        y << c.v;
    }
    plot->addLine(x, y, look, name);
}

} // namespace

GamutView::GamutView(Session *session)
    : View(tr("Gamut"), tr("The colours the display can mix, on the u'v' plane."), session),
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
    m_plot->clearLines();
    QVector<double> x, y;
    for (int nm = 410; nm <= 700; nm += 5) {
        const int i = cmfIndex(nm);
        const UvPrime c = uvPrime(XYZ{cie1931().x[i], cie1931().y[i], cie1931().z[i]});
        x << c.u;
        y << c.v;
    }
    x << x.front();
    y << y.front();
    m_plot->addLine(x, y, {.colour = theme::kLine, .width = 1.2});
    addTriangle(m_plot, kSrgbPrimaries,
                {.colour = theme::kMuted, .width = 1.2, .style = Qt::DashLine}, tr("sRGB"));
    addTriangle(m_plot, kP3Primaries, {.colour = theme::kFaint, .width = 1.2, .style = Qt::DotLine},
                tr("P3"));

    const run::RunResults &r = state.shown();
    const DisplayState now = presentState(r);
    const DisplayState *known = now.primaries ? &now : r.before ? &*r.before : nullptr;
    if (known && known->primaries) {
        addTriangle(m_plot, *known->primaries, {.colour = theme::kBright, .width = 2.2},
                    tr("this display"));
        m_figures->setText(tr("covers %1 % of sRGB\ncovers %2 % of P3\n\nThe part of each triangle "
                              "that the display's own lies over: area in u'v', not volume.")
                               .arg(figure(100 * known->srgbCoverage.value_or(0), 1),
                                    figure(100 * known->p3Coverage.value_or(0), 1)));
    } else
        m_figures->setText(
            tr("The display's own triangle appears when its primaries have been read."));
    m_plot->replot(QCustomPlot::rpQueuedReplot);
}

} // namespace lantern::app
