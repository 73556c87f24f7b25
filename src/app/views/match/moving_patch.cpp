#include "app/views/match/moving_patch.h"

#include "app/theme.h"
#include "app/widgets/list_table.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace lantern::app {

namespace {

constexpr int kTravelMs = 2000;
constexpr double kSeam = 6; ///< points between the screens

} // namespace

MovingPatch::MovingPatch(QWidget *parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("movingPatch"));
    setFocusPolicy(Qt::StrongFocus);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setAccessibleName(tr("A patch that moves from one display to the other"));
    m_motion.setDuration(kTravelMs);
    connect(&m_motion, &QVariantAnimation::valueChanged, this,
            [this](const QVariant &place) { moveTo(place.toDouble()); });
}

void MovingPatch::tell()
{
    setAccessibleDescription(
        tr("%1, on %2").arg(m_colour.title, m_place < 0.5 ? m_first : m_second));
}

void MovingPatch::setPair(const QString &first, const QString &second)
{
    m_first = first;
    m_second = second;
    tell();
    update();
}

void MovingPatch::setColour(const MatchModel::Pair::Colour &colour)
{
    m_colour = colour;
    tell();
    update();
}

void MovingPatch::moveTo(double place)
{
    m_place = std::clamp(place, 0.0, 1.0);
    tell();
    emit moved(m_place);
    update();
}

void MovingPatch::go()
{
    m_motion.stop();
    m_motion.setStartValue(m_place);
    m_motion.setEndValue(m_place < 0.5 ? 1.0 : 0.0);
    m_motion.start();
}

void MovingPatch::paintEvent(QPaintEvent *)
{
    QPainter p(this);
    const double half = (width() - kSeam) / 2;
    const QRectF first(0, 0, half, height()), second(half + kSeam, 0, half, height());
    p.fillRect(first, Qt::black);
    p.fillRect(second, Qt::black);
    const double side = std::min(0.62 * height(), 0.4 * half);
    const double from = half / 2, to = half + kSeam + half / 2;
    const QRectF patch(from + m_place * (to - from) - side / 2, (height() - side) / 2, side, side);
    p.setClipRect(first);
    p.fillRect(patch, shownColour(m_colour.first));
    p.setClipRect(second);
    p.fillRect(patch, shownColour(m_colour.second));
    p.setClipping(false);
    p.setPen(theme::kMuted);
    p.setFont(theme::font(theme::kSmall));
    const auto inside = [](const QRectF &r) { return r.adjusted(6, 3, -6, -3); };
    p.drawText(inside(first), Qt::AlignLeft | Qt::AlignBottom, m_first);
    p.drawText(inside(second), Qt::AlignRight | Qt::AlignBottom, m_second);
}

void MovingPatch::keyPressEvent(QKeyEvent *event)
{
    constexpr double kStep = 0.05;
    switch (event->key()) {
    case Qt::Key_Left:
        moveTo(m_place - kStep);
        break;
    case Qt::Key_Right:
        moveTo(m_place + kStep);
        break;
    case Qt::Key_Home:
        moveTo(0);
        break;
    case Qt::Key_End:
        moveTo(1);
        break;
    case Qt::Key_Space:
        go();
        break;
    default:
        QWidget::keyPressEvent(event);
    }
}

void MovingPatch::mousePressEvent(QMouseEvent *event)
{
    mouseMoveEvent(event);
}

void MovingPatch::mouseMoveEvent(QMouseEvent *event)
{
    const double half = (width() - kSeam) / 2;
    moveTo((event->position().x() - half / 2) / (half + kSeam));
}

} // namespace lantern::app
