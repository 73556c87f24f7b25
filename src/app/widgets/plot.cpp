#include "app/widgets/plot.h"

#include <algorithm>

namespace lantern::app {

Plot::Plot(const QString &title, const QString &xLabel, const QString &yLabel, QWidget *parent)
    : QCustomPlot(parent)
{
    setAccessibleName(title);
    setBackground(QBrush(theme::kWindow));
    setMinimumSize(160, 120);
    setAttribute(Qt::WA_OpaquePaintEvent);
    plotLayout()->insertRow(0);
    auto *heading = new QCPTextElement(this, title, theme::font(theme::kNormal, QFont::DemiBold));
    heading->setTextColor(theme::kText);
    heading->setTextFlags(Qt::AlignLeft | Qt::AlignVCenter);
    plotLayout()->addElement(0, 0, heading);
    axisRect()->setupFullAxesBox();
    for (QCPAxis *axis : {xAxis, yAxis, xAxis2, yAxis2}) {
        axis->setBasePen(QPen(theme::kLine));
        axis->setTickPen(QPen(theme::kLine));
        axis->setSubTickPen(Qt::NoPen);
        axis->setTickLabelColor(theme::kMuted);
        axis->setLabelColor(theme::kMuted);
        axis->setTickLabelFont(theme::font(theme::kSmall));
        axis->setLabelFont(theme::font(theme::kSmall));
        axis->setNumberFormat(QStringLiteral("gb"));
        axis->grid()->setPen(QPen(QColor(0x34, 0x34, 0x34)));
        axis->grid()->setZeroLinePen(QPen(theme::kLine));
        axis->ticker()->setTickCount(5);
    }
    xAxis->setLabel(xLabel);
    yAxis->setLabel(yLabel);
    xAxis2->setTicks(false);
    yAxis2->setTicks(false);
    legend->setBrush(Qt::NoBrush);
    legend->setBorderPen(Qt::NoPen);
    legend->setFont(theme::font(theme::kSmall));
    legend->setTextColor(theme::kMuted);
    axisRect()->insetLayout()->setInsetAlignment(0, Qt::AlignLeft | Qt::AlignTop);
}

/// A curve for those who cannot see it: its name and a dozen of its points.
QString Plot::inWords(const Curve &c)
{
    constexpr qsizetype kTold = 12;
    const qsizetype n = std::min(c.x.size(), c.y.size());
    QStringList points;
    const qsizetype shown = std::min(n, kTold);
    for (qsizetype k = 0; k < shown; ++k) {
        const qsizetype i = shown > 1 ? k * (n - 1) / (shown - 1) : 0;
        points << tr("%1: %2").arg(QLocale().toString(c.x[i], 'g', 3),
                                   QLocale().toString(c.y[i], 'g', 3));
    }
    const QString name = c.name.isEmpty() ? tr("Curve") : c.name;
    return n == 0 ? tr("%1: nothing yet.").arg(name)
                  : tr("%1, %2.").arg(name, points.join(QStringLiteral("; ")));
}

void Plot::add(const Curve &c)
{
    auto *curve = new QCPCurve(xAxis, yAxis);
    curve->setData(c.x, c.y);
    curve->setPen(QPen(c.look.colour, c.look.width, c.look.style));
    if (!c.look.line)
        curve->setLineStyle(QCPCurve::lsNone);
    if (c.look.dots)
        curve->setScatterStyle(
            QCPScatterStyle(QCPScatterStyle::ssDisc, c.look.colour, c.look.colour, 5));
    if (c.name.isEmpty())
        curve->removeFromLegend();
    else {
        curve->setName(c.name);
        legend->setVisible(true);
    }
}

void Plot::setCurves(const std::vector<Curve> &curves)
{
    clearPlottables();
    clearItems();
    legend->setVisible(false);
    QStringList told;
    for (const Curve &curve : curves) {
        add(curve);
        told << inWords(curve);
    }
    setAccessibleDescription(tr("%1 across, %2 up. %3")
                                 .arg(xAxis->label(), yAxis->label(), told.join(QLatin1Char(' '))));
    replot(QCustomPlot::rpQueuedReplot);
}

} // namespace lantern::app
