#pragma once

#include <QFocusFrame>

namespace lantern::app {

/// A bright frame around what has the focus, the same for every kind of control.
class FocusRing : public QFocusFrame {
    Q_OBJECT
public:
    explicit FocusRing(QWidget *window);
    void follow(QWidget *focused);

protected:
    void paintEvent(QPaintEvent *event) override;
};

/// Rings what has the focus, in this window and its dialogs, as long as the window lives.
void ringTheFocus(QWidget *window);

} // namespace lantern::app
