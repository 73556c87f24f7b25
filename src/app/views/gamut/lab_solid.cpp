#include "app/views/gamut/lab_solid.h"

#include "app/theme.h"
#include "core/colour/spaces.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QWheelEvent>

#include <algorithm>
#include <cmath>
#include <numbers>

namespace lantern::app {

namespace {

constexpr int kRings = 40, kHues = 90;
constexpr double kDegree = std::numbers::pi / 180;

Lab surfacePoint(const GamutBoundary &b, int ring, int hue)
{
    // Close to the ends but not on them: there the surface is a point.
    const double lightness = std::clamp(100.0 * ring / kRings, 0.3, 99.7);
    const double h = 360.0 * hue / kHues;
    return labFromLch({lightness, b.chromaLimit(lightness, h), h});
}

QColor colourOf(const Lab &lab)
{
    const Vec3 c = (vec(srgbCodesFromPcs(lab)) / 255).cwiseMax(0).cwiseMin(1);
    return QColor::fromRgbF(float(c[0]), float(c[1]), float(c[2]));
}

} // namespace

/// Points of the surface, and the colours between them; what turning it does not change.
LabSolid::Net LabSolid::netOf(const GamutBoundary &boundary)
{
    Net net;
    for (int ring = 0; ring <= kRings; ++ring)
        for (int hue = 0; hue <= kHues; ++hue)
            net.points.push_back(surfacePoint(boundary, ring, hue));
    for (int ring = 0; ring < kRings; ++ring)
        for (int hue = 0; hue < kHues; ++hue)
            net.colours.push_back(
                colourOf(toLabType((vec(net.at(ring, hue)) + vec(net.at(ring, hue + 1)) +
                                    vec(net.at(ring + 1, hue + 1)) + vec(net.at(ring + 1, hue))) /
                                   4)));
    return net;
}

const Lab &LabSolid::Net::at(int ring, int hue) const
{
    return points[static_cast<size_t>(ring * (kHues + 1) + hue)];
}

LabSolid::LabSolid(QWidget *parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("labSolid"));
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Gamut as a solid in L*a*b*"));
    setToolTip(tr("Drag or use the arrow keys to turn it; wheel, + and - make it larger or "
                  "smaller."));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setCursor(Qt::OpenHandCursor);
    tell();
}

void LabSolid::show(const GamutModel &model, const std::vector<Lab> &points)
{
    if (m_model.solid != model.solid)
        m_net = model.solid ? netOf(*model.solid) : Net{};
    m_otherNets.clear();
    for (const GamutModel::Other &other : model.others)
        m_otherNets.push_back(netOf(*other.boundary));
    m_model = model;
    m_points = points;
    m_outside.clear();
    for (const Lab &point : points)
        m_outside.push_back(model.solid && !holds(*model.solid, point));
    tell();
    update();
}

void LabSolid::tell()
{
    QStringList names;
    for (const GamutModel::Other &other : m_model.others)
        names << other.title;
    setAccessibleDescription(
        tr("Turned by %1 degrees, seen from %2 degrees above. As wires: %3.")
            .arg(locale().toString(m_turn, 'f', 0), locale().toString(m_tilt, 'f', 0),
                 names.isEmpty() ? tr("none") : names.join(QLatin1String(", "))));
}

LabSolid::Seen LabSolid::seen(const Lab &lab) const
{
    const double reach = reachOf(m_model);
    const double size = 0.42 * std::min(width(), height()) * m_scale;
    const double x = lab.a / reach;
    const double z = lab.b / reach;
    const double y = (lab.L - 50) / 50 * 0.72;
    const double c = std::cos(m_turn * kDegree);
    const double s = std::sin(m_turn * kDegree);
    const double across = c * x + s * z;
    const double away = -s * x + c * z;
    const double ct = std::cos(m_tilt * kDegree);
    const double st = std::sin(m_tilt * kDegree);
    const double up = ct * y + st * away;
    return {QPointF(width() / 2.0 + size * across, height() / 2.0 - size * up),
            -ct * away + st * y};
}

void LabSolid::paintSolid(QPainter &p) const
{
    struct Face {
        QPolygonF corners;
        double depth;
        QColor colour;
    };
    std::vector<Seen> seenPoints;
    seenPoints.reserve(m_net.points.size());
    for (const Lab &point : m_net.points)
        seenPoints.push_back(seen(point));
    std::vector<Face> faces;
    faces.reserve(m_net.colours.size());
    for (int ring = 0; ring < kRings; ++ring)
        for (int hue = 0; hue < kHues; ++hue) {
            Face face{{}, 0, m_net.colours[static_cast<size_t>(ring * kHues + hue)]};
            for (const auto &[r, h] :
                 {std::pair{ring, hue}, {ring, hue + 1}, {ring + 1, hue + 1}, {ring + 1, hue}}) {
                const Seen &s = seenPoints[static_cast<size_t>(r * (kHues + 1) + h)];
                face.corners << s.at;
                face.depth += s.depth / 4;
            }
            faces.push_back(face);
        }
    if (faces.empty())
        return;
    // Of a closed body only what faces the eye is seen; the nearest face does.
    const auto turning = [](const Face &face) {
        const QPointF u = face.corners[2] - face.corners[0];
        const QPointF v = face.corners[3] - face.corners[1];
        return u.x() * v.y() - u.y() * v.x();
    };
    const bool isLeftwards =
        turning(*std::max_element(faces.begin(), faces.end(), [](const Face &a, const Face &b) {
            return a.depth < b.depth;
        })) < 0;
    std::erase_if(faces, [&](const Face &face) { return (turning(face) < 0) != isLeftwards; });
    std::sort(faces.begin(), faces.end(),
              [](const Face &a, const Face &b) { return a.depth < b.depth; });
    for (const Face &face : faces) {
        p.setPen(QPen(face.colour.darker(118), 0.6));
        p.setBrush(face.colour);
        p.drawPolygon(face.corners);
    }
}

void LabSolid::paintWires(QPainter &p, const Net &net, Qt::PenStyle style) const
{
    p.setBrush(Qt::NoBrush);
    const auto line = [&](auto &&point, int count) {
        for (int i = 0; i < count; ++i) {
            const Seen a = seen(point(i));
            const Seen b = seen(point(i + 1));
            const bool isNear = a.depth + b.depth > 0;
            p.setPen(QPen(isNear ? theme::kBright : theme::kFaint, isNear ? 1.2 : 0.7, style));
            p.drawLine(a.at, b.at);
        }
    };
    for (int ring = 4; ring < kRings; ring += 6)
        line([&](int hue) { return net.at(ring, hue); }, kHues);
    for (int hue = 0; hue < kHues; hue += 10)
        line([&](int ring) { return net.at(ring, hue); }, kRings);
}

void LabSolid::paintAxes(QPainter &p) const
{
    p.setPen(QPen(theme::kMuted, 1));
    const double reach = reachOf(m_model);
    p.drawLine(seen({0, 0, 0}).at, seen({100, 0, 0}).at);
    p.drawLine(seen({50, -reach, 0}).at, seen({50, reach, 0}).at);
    p.drawLine(seen({50, 0, -reach}).at, seen({50, 0, reach}).at);
    p.setFont(theme::font(theme::kSmall));
    p.setPen(theme::kText);
    p.drawText(seen({106, 0, 0}).at, QStringLiteral("L*"));
    p.drawText(seen({50, 1.04 * reach, 0}).at, QStringLiteral("a*"));
    p.drawText(seen({50, 0, 1.04 * reach}).at, QStringLiteral("b*"));
}

void LabSolid::paintEvent(QPaintEvent *)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    if (!m_model.solid && m_model.others.empty()) {
        p.setPen(theme::kMuted);
        p.drawText(rect(), Qt::AlignCenter | Qt::TextWordWrap, m_model.own);
        return;
    }
    if (m_model.solid)
        paintSolid(p);
    paintAxes(p);
    for (size_t i = 0; i < m_otherNets.size(); ++i)
        paintWires(p, m_otherNets[i], i == 0 ? Qt::SolidLine : Qt::DotLine);
    for (size_t i = 0; i < m_points.size(); ++i) {
        const Lab &point = m_points[i];
        const bool outside = m_outside[i];
        p.setPen(QPen(Qt::black, 0.6));
        p.setBrush(outside ? theme::kBright : colourOf(point));
        if (outside) // told apart by shape
            p.drawRect(QRectF(seen(point).at - QPointF(2.5, 2.5), QSizeF(5, 5)));
        else
            p.drawEllipse(seen(point).at, 2.2, 2.2);
    }
}

void LabSolid::turn(double degrees, double tilt)
{
    m_turn = std::fmod(m_turn + degrees + 360, 360);
    m_tilt = std::clamp(m_tilt + tilt, -89.0, 89.0);
    tell();
    update();
}

void LabSolid::enlarge(double times)
{
    m_scale = std::clamp(m_scale * times, 0.4, 6.0);
    update();
}

void LabSolid::mousePressEvent(QMouseEvent *event)
{
    m_grasp = event->position();
}

void LabSolid::mouseMoveEvent(QMouseEvent *event)
{
    const QPointF moved = event->position() - m_grasp;
    m_grasp = event->position();
    turn(0.5 * moved.x(), 0.5 * moved.y());
}

void LabSolid::wheelEvent(QWheelEvent *event)
{
    enlarge(std::pow(1.0015, event->angleDelta().y()));
    event->accept();
}

void LabSolid::keyPressEvent(QKeyEvent *event)
{
    constexpr double kStep = 5;
    switch (event->key()) {
    case Qt::Key_Left:
        turn(-kStep, 0);
        break;
    case Qt::Key_Right:
        turn(kStep, 0);
        break;
    case Qt::Key_Up:
        turn(0, kStep);
        break;
    case Qt::Key_Down:
        turn(0, -kStep);
        break;
    case Qt::Key_Plus:
        enlarge(1.15);
        break;
    case Qt::Key_Minus:
        enlarge(1 / 1.15);
        break;
    default:
        QWidget::keyPressEvent(event);
    }
}

} // namespace lantern::app
