#include "app/views/compare/picture_stage.h"

#include "app/state/wording.h"
#include "app/theme.h"

#include <QHelpEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>
#include <QWheelEvent>

#include <algorithm>
#include <cmath>

namespace lantern::app {

namespace {

constexpr int kBetween = 8; ///< two pictures side by side
constexpr double kMostZoom = 32;

} // namespace

PictureStage::PictureStage(QWidget *parent)
    : QWidget(parent), m_work([this](Frame frame) {
          m_frame = std::move(frame);
          tell();
          update();
          if (m_frame.precision == Rendition::Precision::Quick)
              start(Rendition::Precision::Exact);
          emit rendered();
      })
{
    setFocusPolicy(Qt::StrongFocus);
    setObjectName(QStringLiteral("pictureStage"));
    setAccessibleName(tr("Before and after"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setMouseTracking(true);
    tell();
}

void PictureStage::setPicture(std::shared_ptr<const Pyramid> picture)
{
    m_picture = std::move(picture);
    m_zoom = 0;
    if (m_picture)
        m_centre = QRectF(QPointF(0, 0), QSizeF(m_picture->size())).center();
    look();
}

void PictureStage::setRenditions(std::shared_ptr<const Renditions> renditions, bool comparable)
{
    m_renditions = std::move(renditions);
    m_comparable = comparable;
    look();
}

void PictureStage::setMode(Mode mode)
{
    m_mode = mode;
    look();
}

void PictureStage::swap()
{
    m_swapped = !m_swapped;
    tell();
    update();
}

void PictureStage::setDeltaReach(double deltaE00)
{
    m_reach = deltaE00;
    look();
}

void PictureStage::showFormer(bool former)
{
    m_former = former;
    update();
}

QSize PictureStage::pane() const
{
    const bool two = m_mode == Mode::SideBySide && m_comparable;
    return {two ? (width() - kBetween) / 2 : width(), height()};
}

double PictureStage::fitZoom() const
{
    if (!m_picture || m_picture->isEmpty() || pane().isEmpty())
        return 1;
    const QSize whole = m_picture->size();
    return std::min(double(pane().width()) / whole.width(),
                    double(pane().height()) / whole.height()) *
           devicePixelRatioF();
}

double PictureStage::zoom() const
{
    return m_zoom > 0 ? m_zoom : fitZoom();
}

/// In points of the widget.
QRectF PictureStage::target(double left) const
{
    if (!m_picture || m_picture->isEmpty())
        return {};
    const double points = zoom() / devicePixelRatioF();
    const QSizeF whole = QSizeF(m_picture->size()) * points;
    const QSizeF room = pane();
    const QPointF middle(left + room.width() / 2, room.height() / 2);
    const QPointF from = middle - m_centre * points;
    return QRectF(from, whole).intersected(QRectF(QPointF(left, 0), room));
}

Sight PictureStage::sight() const
{
    const QRectF on = target(0);
    if (on.isEmpty())
        return {};
    const double points = zoom() / devicePixelRatioF();
    const QPointF middle(pane().width() / 2.0, pane().height() / 2.0);
    const QPointF corner = m_centre + (on.topLeft() - middle) / points;
    return {QRectF(corner, on.size() / points), (on.size() * devicePixelRatioF()).toSize()};
}

/// Renders what is to be seen now, unless that was asked for already.
void PictureStage::look()
{
    if (!m_picture || !m_renditions || !isVisible()) {
        update();
        return;
    }
    const Rendered asked{m_picture, m_renditions, sight(), m_reach};
    if (m_asked == asked) {
        update();
        return;
    }
    m_asked = asked;
    // Much to do: a quick sight of it first.
    constexpr int kMuch = 200'000; // dots
    const QSize dots = asked.sight.size;
    const bool isMuch = dots.width() * dots.height() > kMuch && m_mode != Mode::Difference;
    start(isMuch ? Rendition::Precision::Quick : Rendition::Precision::Exact);
    update();
}

/// What was asked for last.
void PictureStage::start(Rendition::Precision precision)
{
    m_work.start([asked = *m_asked, precision] {
        return frameOf(*asked.picture, asked.sight, *asked.renditions, asked.reach, precision);
    });
}

void PictureStage::tell()
{
    QStringList parts = {tr("Before on the left %1 %, now on the rest")
                             .arg(locale().toString(100 * m_divider, 'f', 0))};
    if (!m_frame.difference.isNull())
        parts << tr("mean difference ΔE00 %1, largest %2")
                     .arg(figure(m_frame.meanDelta, 2), figure(m_frame.worstDelta, 1));
    setAccessibleDescription(parts.join(QStringLiteral("; ")));
}

void PictureStage::markBeyond(bool on)
{
    m_marks = on;
    update();
}

void PictureStage::tag(QPainter &p, const QString &text, double x, double y, bool leftOf) const
{
    const double w = QFontMetricsF(p.font()).horizontalAdvance(text) + 16;
    const QRectF box(leftOf ? x - w - 10 : x + 10, y + 10, w, 24);
    p.fillRect(box, QColor(0, 0, 0, 150));
    p.setPen(Qt::white);
    p.drawText(box, Qt::AlignCenter, text);
}

/// \param from, to shares of the picture's pane that are painted
void PictureStage::paintImage(QPainter &p, const QImage &image, double left, double from,
                              double to) const
{
    const QRectF on = target(left);
    if (image.isNull() || on.isEmpty())
        return;
    p.save();
    p.setClipRect(QRectF(left + from * pane().width(), 0, (to - from) * pane().width(), height()));
    const Sight now = sight();
    if (m_frame.sight == now)
        p.drawImage(on, image);
    else { // not rendered yet: what is there stands in, moved and stretched
        const double points = zoom() / devicePixelRatioF();
        const QRectF &part = m_frame.sight.part;
        p.drawImage(QRectF(on.topLeft() + (part.topLeft() - now.part.topLeft()) * points,
                           part.size() * points),
                    image);
    }
    p.restore();
}

void PictureStage::paintEvent(QPaintEvent *)
{
    QPainter p(this);
    if (!m_picture)
        return;
    p.setFont(theme::font(theme::kNormal, QFont::DemiBold));
    const QString names[] = {tr("Before"), tr("Now")};
    const QImage &before = m_former ? m_frame.former : m_frame.before;
    if (!m_comparable) {
        paintImage(p, m_frame.now, 0, 0, 1);
        return;
    }
    if (m_allBefore || m_former) {
        paintImage(p, before, 0, 0, 1);
        if (m_mode == Mode::SideBySide)
            paintImage(p, before, pane().width() + kBetween, 0, 1);
        if (m_marks && !m_former)
            paintImage(p, m_frame.beyond, 0, 0, 1);
        tag(p, m_former ? tr("The display as it was") : names[0], target(0).left(), target(0).top(),
            false);
        return;
    }
    const QImage &left = m_swapped ? m_frame.now : before;
    const QImage &right = m_swapped ? before : m_frame.now;
    const QString &leftName = names[m_swapped ? 1 : 0];
    const QString &rightName = names[m_swapped ? 0 : 1];
    if (m_mode == Mode::Difference) {
        paintImage(p, m_frame.difference, 0, 0, 1);
    } else if (m_mode == Mode::SideBySide) {
        const double second = pane().width() + kBetween;
        paintImage(p, left, 0, 0, 1);
        paintImage(p, right, second, 0, 1);
        if (m_marks)
            paintImage(p, m_frame.beyond, m_swapped ? second : 0, 0, 1);
        tag(p, leftName, target(0).left(), target(0).top(), false);
        tag(p, rightName, target(second).left(), target(second).top(), false);
    } else {
        paintImage(p, left, 0, 0, m_divider);
        paintImage(p, right, 0, m_divider, 1);
        if (m_marks)
            paintImage(p, m_frame.beyond, 0, m_swapped ? m_divider : 0, m_swapped ? 1 : m_divider);
        const double x = m_divider * width();
        p.fillRect(QRectF(x - 1, 0, 2, height()),
                   hasFocus() ? Qt::white : QColor(0xd0, 0xd0, 0xd0));
        if (m_divider > 0.12)
            tag(p, leftName, x, target(0).top(), true);
        if (m_divider < 0.88)
            tag(p, rightName, x, target(0).top(), false);
    }
}

void PictureStage::resizeEvent(QResizeEvent *event)
{
    QWidget::resizeEvent(event);
    look();
}

void PictureStage::showEvent(QShowEvent *event)
{
    QWidget::showEvent(event);
    look(); // nothing is rendered unseen
}

void PictureStage::moveDivider(double position)
{
    m_divider = std::clamp(position, 0.0, 1.0);
    tell();
    update();
}

void PictureStage::keepInside()
{
    if (!m_picture)
        return;
    const QSizeF whole = m_picture->size();
    const QSizeF seen = QSizeF(pane()) * devicePixelRatioF() / zoom();
    const auto held = [](double v, double whole, double seen) {
        return seen >= whole ? whole / 2 : std::clamp(v, seen / 2, whole - seen / 2);
    };
    m_centre = {held(m_centre.x(), whole.width(), seen.width()),
                held(m_centre.y(), whole.height(), seen.height())};
}

void PictureStage::moveBy(const QPointF &dots)
{
    m_centre -= dots * devicePixelRatioF() / zoom();
    keepInside();
    look();
}

void PictureStage::zoomTo(double dotsPerPixel)
{
    zoomAt(dotsPerPixel, QPointF(pane().width() / 2.0, height() / 2.0));
}

void PictureStage::fit()
{
    m_zoom = 0;
    keepInside();
    look();
    emit zoomed();
}

/// The pixel under `at` stays where it is.
void PictureStage::zoomAt(double dotsPerPixel, const QPointF &at)
{
    if (!m_picture)
        return;
    const double least = fitZoom();
    const double wanted = std::clamp(dotsPerPixel, std::min(least, 1.0), kMostZoom);
    const QPointF middle(pane().width() / 2.0, pane().height() / 2.0);
    const QPointF away = (at - middle) * devicePixelRatioF();
    const QPointF pixel = m_centre + away / zoom();
    m_zoom = wanted <= least ? 0 : wanted;
    m_centre = pixel - away / zoom();
    keepInside();
    look();
    emit zoomed();
}

void PictureStage::mousePressEvent(QMouseEvent *event)
{
    m_grasp = event->position();
    const bool near = std::abs(event->position().x() - m_divider * width()) < 12;
    const bool split = m_mode == Mode::Split && m_comparable;
    // Where the whole picture is seen there is nothing to move but the divider.
    m_dragsDivider = split && (near || m_zoom == 0) && event->button() == Qt::LeftButton;
    if (m_dragsDivider)
        moveDivider(event->position().x() / std::max(1, width()));
}

void PictureStage::mouseMoveEvent(QMouseEvent *event)
{
    const bool split = m_mode == Mode::Split && m_comparable;
    const bool near = std::abs(event->position().x() - m_divider * width()) < 12;
    setCursor(split && near ? Qt::SplitHCursor : m_zoom > 0 ? Qt::OpenHandCursor : Qt::ArrowCursor);
    if (event->buttons() == Qt::NoButton)
        return;
    if (m_dragsDivider)
        moveDivider(event->position().x() / std::max(1, width()));
    else
        moveBy(event->position() - m_grasp);
    m_grasp = event->position();
}

void PictureStage::wheelEvent(QWheelEvent *event)
{
    QPointF at = event->position();
    if (m_mode == Mode::SideBySide && at.x() > pane().width())
        at.rx() -= pane().width() + kBetween;
    zoomAt(zoom() * std::pow(1.002, event->angleDelta().y()), at);
    event->accept();
}

void PictureStage::keyPressEvent(QKeyEvent *event)
{
    constexpr double kStep = 0.02;
    constexpr double kMove = 40;
    const bool moves = m_zoom > 0 && (event->modifiers() & Qt::ShiftModifier);
    switch (event->key()) {
    case Qt::Key_Left:
        moves ? moveBy({kMove, 0}) : moveDivider(m_divider - kStep);
        return;
    case Qt::Key_Right:
        moves ? moveBy({-kMove, 0}) : moveDivider(m_divider + kStep);
        return;
    case Qt::Key_Up:
    case Qt::Key_Down:
        moveBy({0, event->key() == Qt::Key_Up ? kMove : -kMove});
        return;
    case Qt::Key_Plus:
        zoomTo(1.25 * zoom());
        return;
    case Qt::Key_Minus:
        zoomTo(zoom() / 1.25);
        return;
    case Qt::Key_1:
        zoomTo(1);
        return;
    case Qt::Key_0:
        fit();
        return;
    case Qt::Key_X:
        swap();
        return;
    case Qt::Key_PageDown:
        emit stepped(1);
        return;
    case Qt::Key_PageUp:
        emit stepped(-1);
        return;
    default:
        break;
    }
    if (event->key() == Qt::Key_Space && !event->isAutoRepeat()) {
        m_allBefore = true;
        update();
    } else if (event->key() == Qt::Key_D && !event->isAutoRepeat())
        emit formerWanted(true);
    else
        QWidget::keyPressEvent(event);
}

void PictureStage::keyReleaseEvent(QKeyEvent *event)
{
    if (event->key() == Qt::Key_Space && !event->isAutoRepeat()) {
        m_allBefore = false;
        update();
    } else if (event->key() == Qt::Key_D && !event->isAutoRepeat())
        emit formerWanted(false);
    else
        QWidget::keyReleaseEvent(event);
}

/// A key that was held when the window lost it is let go elsewhere.
void PictureStage::focusOutEvent(QFocusEvent *event)
{
    QWidget::focusOutEvent(event);
    m_allBefore = false;
    emit formerWanted(false);
    update();
}

bool PictureStage::event(QEvent *event)
{
    if (event->type() != QEvent::ToolTip || m_frame.difference.isNull())
        return QWidget::event(event);
    const auto *help = static_cast<QHelpEvent *>(event);
    const QRectF on = target(0);
    if (!on.contains(help->pos()) || m_frame.sight != sight())
        return QWidget::event(event);
    const QPointF at = (QPointF(help->pos()) - on.topLeft()) * devicePixelRatioF();
    const QPoint dot(std::clamp(int(at.x()), 0, m_frame.difference.width() - 1),
                     std::clamp(int(at.y()), 0, m_frame.difference.height() - 1));
    const double delta = qGray(m_frame.difference.pixel(dot)) / 255.0 * m_reach;
    QToolTip::showText(help->globalPos(),
                       delta >= m_reach ? tr("ΔE00 %1 or more").arg(figure(m_reach, 0))
                                        : tr("ΔE00 %1").arg(figure(delta, 1)),
                       this);
    return true;
}

} // namespace lantern::app
