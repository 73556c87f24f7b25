#include "app/widgets/plot.h"

#include "app/widgets/file_choice.h"
#include "core/base/error.h"
#include "paper/diagram_file.h"
#include "run/book/in_words.h"

#include <QClipboard>
#include <QContextMenuEvent>
#include <QGuiApplication>
#include <QKeyEvent>
#include <QMenu>
#include <QMessageBox>

#include <algorithm>
#include <cmath>
#include <vector>

namespace lantern::app {

Plot::Plot(const QString &title, const QString &xLabel, const QString &yLabel, QWidget *parent)
    : QCustomPlot(parent),
      m_title(title),
      m_told(new QCPItemText(this)),
      m_mark(new QCPItemEllipse(this))
{
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    m_told->setVisible(false);
    m_told->position->setType(QCPItemPosition::ptAxisRectRatio);
    m_told->position->setCoords(0.5, 0.02);
    m_told->setPositionAlignment(Qt::AlignHCenter | Qt::AlignTop);
    m_told->setFont(theme::font(theme::kSmall));
    m_told->setColor(theme::kText);
    m_told->setBrush(QBrush(theme::kRaised));
    m_told->setPadding(QMargins(6, 2, 6, 2));
    m_mark->setVisible(false);
    m_mark->setPen(QPen(theme::kBright, 1.5));
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
        axis->grid()->setPen(QPen(theme::kGrid));
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

void Plot::setDates()
{
    m_dates = true;
    const QSharedPointer<QCPAxisTickerDateTime> ticker(new QCPAxisTickerDateTime);
    ticker->setDateTimeFormat(QStringLiteral("MMM yyyy"));
    ticker->setDateTimeSpec(Qt::UTC);
    ticker->setTickCount(6);
    xAxis->setTicker(ticker);
}

/// What stands at a place of the lower axis.
QString Plot::across(double x) const
{
    return m_dates ? locale().toString(
                         QDateTime::fromSecsSinceEpoch(static_cast<qint64>(x), Qt::UTC).date(),
                         QLocale::ShortFormat)
                   : xAxis->label() + QLatin1Char(' ') + locale().toString(x, 'g', 4);
}

/// A curve for those who cannot see it: its name and a dozen of its points. Where it has gaps there
/// is nothing to tell.
QString Plot::inWords(const Curve &c) const
{
    constexpr qsizetype kTold = 12;
    std::vector<qsizetype> drawn;
    for (qsizetype i = 0; i < std::min(c.x.size(), c.y.size()); ++i)
        if (std::isfinite(c.x[i]) && std::isfinite(c.y[i]))
            drawn.push_back(i);
    const auto n = static_cast<qsizetype>(drawn.size());
    QStringList points;
    const qsizetype shown = std::min(n, kTold);
    for (qsizetype k = 0; k < shown; ++k) {
        const qsizetype i = drawn[shown > 1 ? k * (n - 1) / (shown - 1) : 0];
        points << tr("%1: %2").arg(m_dates ? across(c.x[i]) : QLocale().toString(c.x[i], 'g', 3),
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
    // So many lie upon one another: plain pixels say as much, many times as fast.
    constexpr qsizetype kMany = 2000;
    if (c.x.size() > kMany) {
        curve->setAntialiased(false);
        curve->setAntialiasedScatters(false);
        curve->setPen(QPen(c.look.colour, 0, c.look.style));
        if (c.look.dots)
            curve->setScatterStyle(QCPScatterStyle(QCPScatterStyle::ssDot, c.look.colour, 1));
    }
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
    m_curves = curves;
    if (m_at && (m_at->curve >= curves.size() || m_at->point >= curves[m_at->curve].x.size()))
        m_at.reset();
    tell(m_at);
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

namespace {

/// What an ink of the window is on paper.
Ink inkOf(const CurveLook &look)
{
    if (look.colour == theme::kRedCurve)
        return Ink::Red;
    if (look.colour == theme::kGreenCurve)
        return Ink::Green;
    if (look.colour == theme::kBlueCurve)
        return Ink::Blue;
    constexpr double kBroad = 2.6; // as aims are drawn
    if (look.colour == theme::kMuted)
        return look.width >= kBroad ? Ink::Aim : Ink::Second;
    return look.colour == theme::kFaint || look.colour == theme::kLine ? Ink::Faint : Ink::Main;
}

} // namespace

Diagram Plot::asDiagram() const
{
    Diagram d{"plot",
              m_title.toStdString(),
              xAxis->label().toStdString(),
              yAxis->label().toStdString(),
              xAxis->range().lower,
              xAxis->range().upper,
              yAxis->range().lower,
              yAxis->range().upper};
    for (const Curve &c : m_curves)
        d.curves.push_back({c.name.toStdString(),
                            {c.x.begin(), c.x.end()},
                            {c.y.begin(), c.y.end()},
                            inkOf(c.look),
                            !c.look.line                   ? Stroke::None
                            : c.look.style == Qt::DashLine ? Stroke::Dashed
                            : c.look.style == Qt::DotLine  ? Stroke::Dotted
                                                           : Stroke::Solid,
                            c.look.dots});
    return d;
}

void Plot::tell(const std::optional<At> &at)
{
    m_at = at;
    m_told->setVisible(at.has_value());
    m_mark->setVisible(at.has_value());
    if (at) {
        const Curve &c = m_curves[at->curve];
        const double x = c.x[at->point];
        const double y = c.y[at->point];
        const auto number = [this](double v) { return locale().toString(v, 'g', 4); };
        const QString point = QStringLiteral("%1, %2 %3").arg(across(x), yAxis->label(), number(y));
        m_told->setText(c.name.isEmpty() ? point : c.name + QStringLiteral(": ") + point);
        const QPointF pixel(xAxis->coordToPixel(x), yAxis->coordToPixel(y));
        for (auto *corner : {m_mark->topLeft, m_mark->bottomRight})
            corner->setType(QCPItemPosition::ptAbsolute);
        m_mark->topLeft->setCoords(pixel.x() - 4, pixel.y() - 4);
        m_mark->bottomRight->setCoords(pixel.x() + 4, pixel.y() + 4);
        setToolTip({});
    }
    replot(QCustomPlot::rpQueuedReplot);
}

void Plot::mouseMoveEvent(QMouseEvent *event)
{
    QCustomPlot::mouseMoveEvent(event);
    constexpr double kReach = 18; // pixels
    double nearest = kReach;
    std::optional<At> at;
    for (size_t k = 0; k < m_curves.size(); ++k)
        for (qsizetype i = 0; i < std::min(m_curves[k].x.size(), m_curves[k].y.size()); ++i) {
            const double away =
                std::hypot(xAxis->coordToPixel(m_curves[k].x[i]) - event->position().x(),
                           yAxis->coordToPixel(m_curves[k].y[i]) - event->position().y());
            if (away < nearest) { // never of what is no number
                nearest = away;
                at = At{k, i};
            }
        }
    if (at || !hasFocus())
        tell(at);
}

void Plot::leaveEvent(QEvent *event)
{
    QCustomPlot::leaveEvent(event);
    if (!hasFocus())
        tell({});
}

void Plot::focusOutEvent(QFocusEvent *event)
{
    QCustomPlot::focusOutEvent(event);
    tell({});
}

void Plot::step(int curves, qsizetype points)
{
    const auto size = [this](size_t k) {
        return std::min(m_curves[k].x.size(), m_curves[k].y.size());
    };
    std::vector<size_t> filled;
    for (size_t k = 0; k < m_curves.size(); ++k)
        if (size(k) > 0)
            filled.push_back(k);
    if (filled.empty())
        return;
    At at = m_at.value_or(At{filled.back(), -1});
    if (curves != 0) {
        auto where = std::find(filled.begin(), filled.end(), at.curve) - filled.begin();
        const auto count = static_cast<long>(filled.size());
        where = (where + curves + count) % count;
        at = {filled[static_cast<size_t>(where)], std::max<qsizetype>(0, at.point)};
    }
    at.point += points;
    // What is no number is stepped over.
    while (at.point >= 0 && at.point < size(at.curve) &&
           !std::isfinite(m_curves[at.curve].x[at.point]))
        at.point += points < 0 ? -1 : 1;
    at.point = std::clamp<qsizetype>(at.point, 0, size(at.curve) - 1);
    if (std::isfinite(m_curves[at.curve].x[at.point]))
        tell(at);
}

void Plot::keyPressEvent(QKeyEvent *event)
{
    switch (event->key()) {
    case Qt::Key_Left:
        step(0, -1);
        break;
    case Qt::Key_Right:
        step(0, 1);
        break;
    case Qt::Key_Up:
        step(-1, 0);
        break;
    case Qt::Key_Down:
        step(1, 0);
        break;
    default:
        if (event->matches(QKeySequence::Copy))
            QGuiApplication::clipboard()->setText(
                QString::fromStdString(diagramToCsv(asDiagram())));
        else
            QCustomPlot::keyPressEvent(event);
    }
}

void Plot::contextMenuEvent(QContextMenuEvent *event)
{
    QMenu menu(this);
    menu.addAction(tr("Save the diagram…"), this, &Plot::save);
    menu.addAction(tr("Copy its numbers"), this, [this] {
        QGuiApplication::clipboard()->setText(QString::fromStdString(diagramToCsv(asDiagram())));
    });
    menu.exec(event->globalPos());
}

void Plot::save()
{
    const QString path = fileToSave(
        this, QStringLiteral("diagrams"), tr("Save the diagram"), m_title + QStringLiteral(".pdf"),
        tr("Drawings (*.pdf *.svg);;Pictures (*.png);;Numbers (*.csv)"));
    if (path.isEmpty())
        return;
    try {
        paper::writeDiagram(asDiagram(), path, {480, 340}, run::speaker());
    } catch (const Error &e) {
        QMessageBox::warning(this, tr("Save the diagram"), run::inWords(e));
    }
}

} // namespace lantern::app
