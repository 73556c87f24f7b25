#include "app/widgets/focus_ring.h"

#include "app/theme.h"

#include <QApplication>
#include <QMenu>
#include <QMenuBar>
#include <QPainter>
#include <QPointer>

namespace lantern::app {

FocusRing::FocusRing(QWidget *window) : QFocusFrame(window) {}

void FocusRing::follow(QWidget *focused)
{
    const bool shown = focused && !focused->isWindow() && !qobject_cast<QMenu *>(focused) &&
                       !qobject_cast<QMenuBar *>(focused);
    if (!focused || shown) // a menu leaves it where it was
        setWidget(focused);
    raise(); // neighbours would hide parts of it
}

void FocusRing::paintEvent(QPaintEvent *)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(theme::kBright, 2));
    p.setBrush(Qt::NoBrush);
    p.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 3, 3);
}

void ringTheFocus(QWidget *window)
{
    // A ring becomes a child of the window it is in, and goes with a dialog that goes.
    QObject::connect(qApp, &QApplication::focusChanged, window,
                     [ring = QPointer<FocusRing>()](QWidget *, QWidget *now) mutable {
                         if (!ring && now)
                             ring = new FocusRing(now->window());
                         if (ring)
                             ring->follow(now);
                     });
}

} // namespace lantern::app
