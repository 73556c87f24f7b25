#pragma once

#include <QFocusFrame>

namespace lantern::app {

/// A bright frame around whatever has the focus, the same for every kind of control.
class FocusRing : public QFocusFrame {
    Q_OBJECT
public:
    explicit FocusRing(QWidget *window);

protected:
    void paintEvent(QPaintEvent *event) override;

private:
    void follow(QWidget *focused);
};

} // namespace lantern::app
