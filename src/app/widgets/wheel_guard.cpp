#include "app/widgets/wheel_guard.h"

#include <QAbstractSpinBox>
#include <QComboBox>
#include <QEvent>
#include <QSlider>

namespace lantern::app {

bool WheelGuard::eventFilter(QObject *watched, QEvent *event)
{
    if (event->type() != QEvent::Wheel && event->type() != QEvent::Polish)
        return false;
    auto *widget = qobject_cast<QWidget *>(watched);
    if (!qobject_cast<QComboBox *>(widget) && !qobject_cast<QAbstractSpinBox *>(widget) &&
        !qobject_cast<QSlider *>(widget))
        return false;
    if (event->type() == QEvent::Polish) { // else the wheel would give it the focus first
        if (widget->focusPolicy() == Qt::WheelFocus)
            widget->setFocusPolicy(Qt::StrongFocus);
        return false;
    }
    if (widget->window()->focusWidget() == widget)
        return false;
    event->ignore(); // for what lies around it
    return true;
}

} // namespace lantern::app
