#include "app/views/evenness/evenness_map.h"

#include "app/theme.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace lantern::app {

namespace {

constexpr double kAspect = 16.0 / 10.0;
constexpr double kGap = 3;
// Shades of the fields: any text on them has 4.5:1.
constexpr int kDarkest = 0x24, kAlike = 0x46, kBrightest = 0x5a;

QColor shade(double ratio, double range)
{
    const double off = std::clamp((ratio - 1) / range, -1.0, 1.0);
    const double end = off < 0 ? kDarkest : kBrightest;
    const int grey = static_cast<int>(std::lround(kAlike + std::abs(off) * (end - kAlike)));
    return {grey, grey, grey};
}

} // namespace

EvennessMap::EvennessMap(QWidget *parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("evennessMap"));
    setAccessibleName(tr("Map of the screen"));
    setMinimumSize(300, 200);
    setFocusPolicy(Qt::StrongFocus);
}

void EvennessMap::setModel(const EvennessModel &model)
{
    m_model = model;
    m_column = std::clamp(m_column, 1, std::max(1, m_model.grid.columns));
    m_row = std::clamp(m_row, 1, std::max(1, m_model.grid.rows));
    QStringList told;
    for (const EvennessModel::Field &f : m_model.fields)
        told << m_model.words(f);
    setAccessibleDescription(told.join(QStringLiteral("; ")));
    update();
}

const EvennessModel::Field *EvennessMap::chosen() const
{
    for (const EvennessModel::Field &f : m_model.fields)
        if (f.column == m_column && f.row == m_row)
            return &f;
    return nullptr;
}

QRectF EvennessMap::screen() const
{
    constexpr double kMargin = 4;
    const double w = std::min(width() - 2 * kMargin, (height() - 2 * kMargin) * kAspect);
    const double h = w / kAspect;
    return {kMargin, kMargin, w, h};
}

QRectF EvennessMap::fieldRect(const EvennessModel::Field &f) const
{
    const QRectF all = screen();
    const double w = all.width() / m_model.grid.columns;
    const double h = all.height() / m_model.grid.rows;
    return QRectF(all.left() + w * (f.column - 1), all.top() + h * (f.row - 1), w, h)
        .adjusted(kGap / 2, kGap / 2, -kGap / 2, -kGap / 2);
}

QPointF EvennessMap::spotPoint(const EvennessSpot &spot) const
{
    const SpotPlace at = placeOf(spot, m_model.grid);
    const QRectF all = screen();
    return {all.left() + at.x * all.width(), all.top() + at.y * all.height()};
}

/// While it is measured: the way that the meter has gone.
void EvennessMap::drawPath(QPainter &p) const
{
    if (m_model.path.size() < 2 || !m_model.isMeasuring)
        return;
    QPolygonF line;
    for (const EvennessSpot &spot : m_model.path)
        line << spotPoint(spot);
    p.setPen(QPen(theme::kFaint, 1));
    p.drawPolyline(line);
    p.setBrush(theme::kFaint);
    p.setPen(Qt::NoPen);
    for (const QPointF &stop : line)
        p.drawEllipse(stop, 2.2, 2.2);
}

void EvennessMap::drawField(QPainter &p, const EvennessModel::Field &f) const
{
    const QRectF r = fieldRect(f);
    p.setPen(Qt::NoPen);
    p.setBrush(f.isRead ? shade(f.ratio, m_model.lightRange) : theme::kWindow);
    p.drawRect(r);
    p.setBrush(Qt::NoBrush);
    if (!f.isRead) {
        p.setPen(QPen(theme::kLine, 1, Qt::DashLine));
        p.drawRect(r);
    }
    if (f.isTarget) {
        p.setPen(QPen(theme::kBright, 3));
        p.drawRect(r.adjusted(2, 2, -2, -2));
    }
    if (!f.isRead)
        return;
    constexpr double kLine = 20; // of the small figures
    const bool isSmall = r.height() < 84 || r.width() < 84;
    p.setPen(theme::kBright);
    p.setFont(theme::font(isSmall ? theme::kSmall : theme::kHeading, QFont::DemiBold));
    const QRectF figures = r.adjusted(7, 5, -3, -3);
    const double lightHeight = isSmall ? kLine : 1.4 * kLine;
    p.drawText(figures, Qt::AlignTop | Qt::AlignLeft, f.light);
    if (r.height() < 2 * kLine + 8)
        return;
    p.setFont(theme::font(theme::kSmall));
    p.setPen(theme::kText);
    p.drawText(figures.adjusted(0, lightHeight, 0, 0), Qt::AlignTop | Qt::AlignLeft,
               f.mark == Mark::Over ? f.colour + QStringLiteral("  ⊘") : f.colour);
    if (!isSmall)
        drawNeedle(p, f, r.adjusted(0, lightHeight + kLine, 0, 0));
}

/// In the lower right corner of its field.
void EvennessMap::drawNeedle(QPainter &p, const EvennessModel::Field &f, const QRectF &room) const
{
    constexpr double kMostRadius = 34;
    constexpr double kLongest = 1.4; // of the radius; longer ones end with a bar
    const double radius = std::min({room.height() / (2 * kLongest), room.width() / 5, kMostRadius});
    const QPointF centre = room.bottomRight() - kLongest * QPointF(radius, radius);
    p.setRenderHint(QPainter::Antialiasing);
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(theme::kMuted, 1));
    p.drawEllipse(centre, radius, radius);
    QPointF way(f.shift.u, -f.shift.v);
    way *= radius / m_model.shiftRange;
    const double length = std::hypot(way.x(), way.y());
    const double most = kLongest * radius;
    if (length > most)
        way *= most / length;
    p.setPen(QPen(theme::kBright, 2));
    p.drawLine(centre, centre + way);
    p.setBrush(theme::kBright);
    p.setPen(Qt::NoPen);
    p.drawEllipse(centre, 2.5, 2.5);
    if (length > most) {
        const QPointF across = QPointF(-way.y(), way.x()) * (5 / most);
        p.setPen(QPen(theme::kBright, 2));
        p.drawLine(centre + way - across, centre + way + across);
    }
    p.setRenderHint(QPainter::Antialiasing, false);
}

void EvennessMap::paintEvent(QPaintEvent *)
{
    QPainter p(this);
    p.fillRect(screen(), theme::kPanel);
    for (const EvennessModel::Field &f : m_model.fields)
        drawField(p, f);
    p.setRenderHint(QPainter::Antialiasing);
    drawPath(p);
    if (m_model.targetIsMiddle) {
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(theme::kBright, 3));
        p.drawRect(QRectF(screen().center() - QPointF(16, 12), QSizeF(32, 24)));
    }
    if (hasFocus())
        if (const EvennessModel::Field *f = chosen()) {
            p.setRenderHint(QPainter::Antialiasing, false);
            p.setBrush(Qt::NoBrush);
            p.setPen(QPen(theme::kBright, 1, Qt::DotLine));
            p.drawRect(fieldRect(*f).adjusted(5, 5, -5, -5));
        }
}

void EvennessMap::choose(int column, int row)
{
    m_column = std::clamp(column, 1, std::max(1, m_model.grid.columns));
    m_row = std::clamp(row, 1, std::max(1, m_model.grid.rows));
    update();
    emit fieldChosen();
}

void EvennessMap::keyPressEvent(QKeyEvent *event)
{
    switch (event->key()) {
    case Qt::Key_Left:
        choose(m_column - 1, m_row);
        break;
    case Qt::Key_Right:
        choose(m_column + 1, m_row);
        break;
    case Qt::Key_Up:
        choose(m_column, m_row - 1);
        break;
    case Qt::Key_Down:
        choose(m_column, m_row + 1);
        break;
    default:
        QWidget::keyPressEvent(event);
    }
}

void EvennessMap::mousePressEvent(QMouseEvent *event)
{
    for (const EvennessModel::Field &f : m_model.fields)
        if (fieldRect(f).contains(event->position()))
            choose(f.column, f.row);
}

} // namespace lantern::app
