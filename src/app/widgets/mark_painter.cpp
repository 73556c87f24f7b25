#include "app/widgets/mark_painter.h"

#include "app/theme.h"

#include <algorithm>

namespace lantern::app {

void paintMark(QPainter &painter, const QRectF &box, Mark mark)
{
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const double side = std::min(box.width(), box.height());
    const QRectF r(box.center().x() - side / 2 + 1, box.center().y() - side / 2 + 1, side - 2,
                   side - 2);
    painter.setPen(QPen(theme::kText, 1.6));
    painter.setBrush(Qt::NoBrush);
    switch (mark) {
    case Mark::Within:
        painter.setBrush(theme::kText);
        painter.drawEllipse(r);
        break;
    case Mark::NotJudged:
        painter.drawEllipse(r.center(), 0.14 * side, 0.14 * side);
        break;
    case Mark::Open:
        painter.drawEllipse(r);
        painter.setBrush(theme::kText);
        painter.drawPie(r, 90 * 16, 180 * 16);
        break;
    case Mark::Over:
        painter.drawEllipse(r);
        painter.drawLine(QPointF(r.left() + 0.15 * side, r.bottom() - 0.15 * side),
                         QPointF(r.right() - 0.15 * side, r.top() + 0.15 * side));
        break;
    case Mark::Stale:
        painter.drawEllipse(r);
        painter.drawLine(r.center(), QPointF(r.center().x(), r.top() + 0.2 * side));
        painter.drawLine(r.center(), QPointF(r.right() - 0.25 * side, r.center().y()));
        break;
    case Mark::ByEye: {
        const QRectF lens = r.adjusted(0, 0.22 * side, 0, -0.22 * side);
        painter.drawEllipse(lens);
        painter.setBrush(theme::kText);
        painter.drawEllipse(r.center(), 0.12 * side, 0.12 * side);
        break;
    }
    case Mark::NotMeasured:
        painter.drawLine(QPointF(r.left(), r.center().y()), QPointF(r.right(), r.center().y()));
        break;
    }
    painter.restore();
}

} // namespace lantern::app
