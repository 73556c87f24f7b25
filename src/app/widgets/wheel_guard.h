#pragma once

#include <QObject>

namespace lantern::app {

/// Keeps the wheel from changing choices and numbers that only happen to lie under the pointer:
/// they take it when they have the focus, else the page scrolls. Installed on the application.
class WheelGuard : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;

protected:
    bool eventFilter(QObject *watched, QEvent *event) override;
};

} // namespace lantern::app
