#include "paper/diagram_painter.h"

#include "paper/typeface.h"

#include <QFont>
#include <QFontMetricsF>
#include <QPainter>
#include <QPainterPath>

namespace lantern::paper {

namespace {

constexpr QRgb kTextColour = 0xff222222;

struct Painted {
    QPainter &p;
    double units; ///< of the painter, per point

    [[nodiscard]] QPointF at(double x, double y) const { return {x * units, y * units}; }
    void operator()(const DrawnPath &path) const
    {
        QPainterPath line;
        for (const auto &piece : path.pieces)
            for (size_t i = 0; i < piece.size(); ++i) {
                const QPointF point = at(piece[i][0], piece[i][1]);
                i == 0 ? line.moveTo(point) : line.lineTo(point);
            }
        QPen pen(QColor::fromRgb(QRgb(path.colour)), path.width * units);
        pen.setJoinStyle(Qt::RoundJoin);
        pen.setCapStyle(Qt::FlatCap);
        QList<qreal> pattern; // in widths of the pen
        for (const double length : dashes(path.stroke))
            pattern << length / path.width;
        if (!pattern.isEmpty())
            pen.setDashPattern(pattern);
        p.strokePath(line, pen);
    }
    void operator()(const DrawnDot &d) const
    {
        p.setPen(Qt::NoPen);
        p.setBrush(QColor::fromRgb(QRgb(d.colour)));
        p.drawEllipse(at(d.x, d.y), d.radius * units, d.radius * units);
    }
    void operator()(const DrawnBox &b) const
    {
        const QRectF box(at(b.x, b.y), QSizeF(b.width * units, b.height * units));
        if (b.ground) {
            QColor ground = QColor::fromRgb(QRgb(*b.ground));
            ground.setAlphaF(float(b.opacity));
            p.fillRect(box, ground);
        }
        if (b.line) {
            p.setPen(QPen(QColor::fromRgb(QRgb(*b.line)), 0.8 * units));
            p.setBrush(Qt::NoBrush);
            p.drawRect(box);
        }
    }
    void operator()(const DrawnText &t) const
    {
        QFont font(QString::fromLatin1(kTypeface));
        font.setWeight(t.bold ? QFont::DemiBold : QFont::Normal);
        font.setPixelSize(std::max(1, qRound(t.size * units)));
        const QString text = QString::fromStdString(t.text);
        const double width = QFontMetricsF(font, p.device()).horizontalAdvance(text);
        const double back = t.anchor == Anchor::Start    ? 0
                            : t.anchor == Anchor::Middle ? width / 2
                                                         : width;
        p.save();
        p.setFont(font);
        p.setPen(QColor::fromRgb(kTextColour));
        p.translate(at(t.x, t.y));
        if (t.upwards)
            p.rotate(-90);
        p.drawText(QPointF(-back, 0), text);
        p.restore();
    }
};

} // namespace

void drawDiagram(QPainter &painter, const QRectF &rect, const Diagram &diagram,
                 double unitsPerPoint, const Speaker &speaker)
{
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.translate(rect.topLeft());
    for (const DrawnPart &part :
         drawnParts(diagram, rect.width() / unitsPerPoint, rect.height() / unitsPerPoint, speaker))
        std::visit(Painted{painter, unitsPerPoint}, part);
    painter.restore();
}

} // namespace lantern::paper
