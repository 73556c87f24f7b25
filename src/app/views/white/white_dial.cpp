#include "app/views/white/white_dial.h"

#include "app/state/wording.h"
#include "app/theme.h"
#include "core/colour/white.h"

#include <QPainter>
#include <QPainterPath>

#include <algorithm>
#include <array>
#include <cmath>

namespace lantern::app {

namespace {

constexpr std::array kReaches = {0.0046, 0.0092, 0.0184, 0.046, 0.115};

/// A word on a ground of its own, so that no line runs through it.
void paintLabel(QPainter &p, const QPointF &at, Qt::Alignment side, const QString &text)
{
    const QFontMetricsF metrics(p.font());
    const double w = metrics.horizontalAdvance(text) + 8;
    const double h = metrics.height();
    const QRectF box(side == Qt::AlignHCenter ? at.x() - w / 2 : at.x(), at.y() - h / 2, w, h);
    p.fillRect(box, theme::kWindow);
    p.setPen(theme::kMuted);
    p.drawText(box, Qt::AlignCenter, text);
}

} // namespace

WhiteDial::WhiteDial(QWidget *parent) : QWidget(parent)
{
    setAccessibleName(tr("White dial"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void WhiteDial::setData(const DialData &data)
{
    m_data = data;
    setAccessibleDescription(m_data.inWords);
    update();
}

double WhiteDial::reach() const
{
    if (m_data.trail.empty() || !m_data.aim)
        return kReaches.front();
    const double distance = deltaUvPrime(m_data.trail.back(), *m_data.aim);
    for (const double r : kReaches)
        if (distance < 0.95 * r)
            return r;
    return kReaches.back();
}

QPointF WhiteDial::place(const UvPrime &c) const
{
    const double radius = std::min(width(), height()) / 2.0 - 2;
    const double scale = radius / reach();
    return {width() / 2.0 + (c.u - m_data.aim->u) * scale,
            height() / 2.0 - (c.v - m_data.aim->v) * scale};
}

void WhiteDial::paintEvent(QPaintEvent *)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    if (!m_data.aim) {
        p.setPen(theme::kMuted);
        p.drawText(
            rect(), Qt::AlignCenter | Qt::TextWordWrap,
            tr("The white of the display will appear here,\nwith rings around the one aimed at.\n\n"
               "The main action on the left starts the readings."));
        return;
    }
    QPainterPath disc;
    const double radius = std::min(width(), height()) / 2.0 - 1;
    disc.addEllipse(QPointF(width() / 2.0, height() / 2.0), radius, radius);
    p.setClipPath(disc);
    paintLoci(p);
    paintRings(p);
    paintDaylights(p);
    paintTrail(p);
}

void WhiteDial::paintRings(QPainter &p) const
{
    struct Ring {
        double deltaUv;
        QString name;
    };
    // What the distances mean is common practice.
    const std::array<Ring, 6> rings = {{{0.001, tr("not visible")},
                                        {0.002, tr("side by side")},
                                        {0.004, tr("visible")},
                                        {0.010, tr("obvious")},
                                        {0.030, {}},
                                        {0.090, {}}}};
    const QPointF centre(width() / 2.0, height() / 2.0);
    const double scale = (std::min(width(), height()) / 2.0 - 2) / reach();
    p.setPen(QPen(theme::kRaised, 1));
    p.drawLine(QPointF(centre.x(), 0), QPointF(centre.x(), height()));
    p.drawLine(QPointF(0, centre.y()), QPointF(width(), centre.y()));
    p.setFont(theme::font(theme::kSmall));
    for (const Ring &ring : rings) {
        const double r = ring.deltaUv * scale;
        if (r > std::min(width(), height()) / 2.0 || r < 20)
            continue;
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(ring.deltaUv < 0.0015 ? theme::kMuted : theme::kLine,
                      ring.deltaUv < 0.0015 ? 2 : 1.2));
        p.drawEllipse(centre, r, r);
        // On the ring, which makes room for it.
        paintLabel(p, {centre.x(), centre.y() - r}, Qt::AlignHCenter,
                   (figure(ring.deltaUv, 3) + "  " + ring.name).trimmed());
    }
}

void WhiteDial::paintLoci(QPainter &p) const
{
    auto curve = [&](auto chromaticityAt, double from, double to, Qt::PenStyle style) {
        QPainterPath path;
        bool first = true;
        for (double mired = 1e6 / to; mired <= 1e6 / from; mired += 2) {
            const QPointF at = place(uvPrime(chromaticityAt(1e6 / mired)));
            first ? path.moveTo(at) : path.lineTo(at);
            first = false;
        }
        p.setPen(QPen(theme::kFaint, 1.2, style));
        p.setBrush(Qt::NoBrush);
        p.drawPath(path);
    };
    curve(daylight, 4000, kMaxCct, Qt::DashLine);
    curve(planckian, 2500, kMaxCct, Qt::DotLine);
}

/// Daylights of round temperatures.
void WhiteDial::paintDaylights(QPainter &p) const
{
    p.setFont(theme::font(theme::kSmall));
    QPointF last(-1000, -1000);
    constexpr double kApart = 70; // pixels between two marked temperatures
    for (const double kelvin :
         {4500., 5000., 5500., 6000., 6500., 7000., 7500., 8000., 9000., 10000.}) {
        const QPointF at = place(uvPrime(daylightNominal(kelvin)));
        const QPointF fromLast = at - last;
        if (!rect().contains(at.toPoint()) || std::hypot(fromLast.x(), fromLast.y()) < kApart)
            continue;
        last = at;
        p.setPen(Qt::NoPen);
        p.setBrush(theme::kFaint);
        p.drawEllipse(at, 2.5, 2.5);
        paintLabel(p, at + QPointF(8, 12), Qt::AlignLeft, tr("D %1 K").arg(kelvin));
    }
}

void WhiteDial::paintTrail(QPainter &p) const
{
    if (m_data.trail.empty())
        return;
    constexpr size_t kShown = 12;
    const size_t start = m_data.trail.size() > kShown ? m_data.trail.size() - kShown : 0;
    p.setPen(QPen(theme::kFaint, 1.2));
    for (size_t i = start + 1; i < m_data.trail.size(); ++i)
        p.drawLine(place(m_data.trail[i - 1]), place(m_data.trail[i]));
    p.setPen(Qt::NoPen);
    p.setBrush(theme::kMuted);
    for (size_t i = start; i + 1 < m_data.trail.size(); ++i)
        p.drawEllipse(place(m_data.trail[i]), 2.6, 2.6);
    const QPointF now = place(m_data.trail.back());
    p.setFont(theme::font(theme::kNormal, QFont::DemiBold));
    for (const DialData::Arrow &arrow : m_data.arrows) {
        const QPointF to = place(arrow.to);
        const QPointF d = to - now;
        const double length = std::hypot(d.x(), d.y());
        if (length < 10)
            continue;
        const QPointF u = d / length;
        const QPointF n(-u.y(), u.x());
        p.setPen(QPen(theme::kText, 2));
        p.drawLine(now, to - 6 * u);
        p.setPen(Qt::NoPen);
        p.setBrush(theme::kText);
        p.drawPolygon(QPolygonF({to, to - 10 * u + 5 * n, to - 10 * u - 5 * n}));
        p.setPen(theme::kText);
        p.drawText(to + QPointF(8, -6), arrow.label);
    }
    p.setPen(QPen(theme::kWindow, 2));
    p.setBrush(theme::kBright);
    p.drawEllipse(now, 8, 8);
}

} // namespace lantern::app
