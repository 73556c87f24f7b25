#include "app/widgets/meter_drawing.h"

#include "app/theme.h"

#include <QPainter>
#include <QPainterPath>

#include <array>

namespace lantern::app {

namespace {

constexpr QSizeF kSheet(230, 170); ///< the drawings' own coordinates

void label(QPainter &p, const QPointF &at, const QString &text)
{
    p.setPen(theme::kMuted);
    p.setFont(theme::font(theme::kSmall));
    p.drawText(at, text);
}

void arrow(QPainter &p, const QPointF &from, const QPointF &to)
{
    p.setPen(QPen(theme::kMuted, 1.4));
    p.drawLine(from, to);
    const QLineF line(to, from);
    for (const double turn : {-25., 25.}) {
        QLineF wing = line;
        wing.setLength(7);
        wing.setAngle(line.angle() + turn);
        p.drawLine(wing);
    }
}

} // namespace

MeterDrawing::MeterDrawing(What what, QWidget *parent) : QWidget(parent), m_what(what)
{
    describe();
}

void MeterDrawing::setWhat(What what)
{
    m_what = what;
    describe();
    update();
}

void MeterDrawing::describe()
{
    setAccessibleName(tr("Drawing"));
    switch (m_what) {
    case What::Hang:
        setAccessibleDescription(
            tr("The meter lies flat on a screen tilted back; its cable runs over the top edge to a "
               "counterweight behind."));
        break;
    case What::Zero:
        setAccessibleDescription(tr("The meter lies with its opening down on a dark flat place."));
        break;
    case What::Room:
        setAccessibleDescription(tr("The meter stands beside the screen, diffuser on, facing up."));
        break;
    }
}

void MeterDrawing::paintEvent(QPaintEvent *)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const double scale = std::min(width() / kSheet.width(), height() / kSheet.height());
    p.scale(scale, scale);
    switch (m_what) {
    case What::Hang:
        paintHang(p);
        break;
    case What::Zero:
        paintZero(p);
        break;
    case What::Room:
        paintRoom(p);
        break;
    }
}

/// From the side: the screen leans back, the puck lies on it, the cable runs over the top.
void MeterDrawing::paintHang(QPainter &p) const
{
    p.setPen(QPen(theme::kFaint, 1.2));
    p.drawLine(20, 158, 210, 158); // the desk
    p.setPen(QPen(theme::kText, 1.6));
    p.setBrush(theme::kRaised);
    const QPointF top(112, 22);
    const QPointF foot(88, 132);
    p.drawPolygon(QPolygonF({top, top + QPointF(9, 2), foot + QPointF(9, 2), foot})); // the screen
    p.drawPolyline(QPolygonF({QPointF(103, 92), QPointF(126, 150), QPointF(126, 158)}));
    p.drawLine(QPointF(100, 158), QPointF(150, 158));
    const QPointF puck(98, 78); // flat on the glass
    p.save();
    p.translate(puck);
    p.rotate(12);
    p.setBrush(theme::kText);
    p.drawRoundedRect(QRectF(-16, -18, 15, 36), 4, 4);
    p.restore();
    QPainterPath cable(QPointF(91, 58));
    cable.cubicTo(QPointF(96, 30), QPointF(102, 10), QPointF(118, 14));
    cable.cubicTo(QPointF(132, 18), QPointF(140, 50), QPointF(142, 74));
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(theme::kMuted, 1.6));
    p.drawPath(cable);
    p.setBrush(theme::kFaint);
    p.setPen(Qt::NoPen);
    p.drawRoundedRect(QRectF(134, 72, 16, 26), 3, 3);
    arrow(p, QPointF(66, 26), QPointF(96, 18));
    label(p, QPointF(8, 24), tr("tilt back"));
    label(p, QPointF(12, 88), tr("opening on"));
    label(p, QPointF(12, 102), tr("the glass"));
    label(p, QPointF(158, 88), tr("weight"));
    label(p, QPointF(158, 102), tr("behind"));
}

void MeterDrawing::paintZero(QPainter &p) const
{
    p.setPen(Qt::NoPen);
    p.setBrush(theme::kDeep);
    p.drawRect(QRectF(34, 110, 162, 12));
    p.setPen(QPen(theme::kText, 1.6));
    p.setBrush(theme::kText);
    p.drawRoundedRect(QRectF(84, 78, 62, 32), 10, 10);
    p.setBrush(Qt::NoBrush);
    QPainterPath cable(QPointF(146, 92));
    cable.cubicTo(QPointF(180, 84), QPointF(184, 60), QPointF(212, 66));
    p.setPen(QPen(theme::kMuted, 1.6));
    p.drawPath(cable);
    arrow(p, QPointF(115, 34), QPointF(115, 70));
    label(p, QPointF(62, 26), tr("opening down, let it lie"));
    label(p, QPointF(62, 140), tr("dark, flat, no gap"));
}

void MeterDrawing::paintRoom(QPainter &p) const
{
    p.setPen(QPen(theme::kFaint, 1.2));
    p.drawLine(14, 150, 216, 150);
    p.setPen(QPen(theme::kText, 1.6));
    p.setBrush(theme::kRaised);
    p.drawRect(QRectF(24, 60, 8, 74)); // the screen from the side
    p.drawLine(QPointF(28, 134), QPointF(28, 150));
    p.setBrush(theme::kText);
    p.drawRoundedRect(QRectF(92, 128, 40, 20), 6, 6);
    p.setBrush(theme::kBright);
    p.setPen(Qt::NoPen);
    p.drawChord(QRectF(98, 112, 28, 32), 0, 180 * 16); // the diffuser
    for (const double x : {-34., 0., 34.})
        arrow(p, QPointF(112 + 1.6 * x, 56), QPointF(112 + 0.4 * x, 102));
    label(p, QPointF(56, 40), tr("the room's light"));
    label(p, QPointF(142, 122), tr("diffuser on,"));
    label(p, QPointF(142, 136), tr("facing up"));
}

} // namespace lantern::app
