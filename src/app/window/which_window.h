#pragma once

#include <QTimer>
#include <QWidget>

namespace lantern::app {

/// Lights a screen for a moment, with the name of its display large in the middle.
class WhichWindow : public QWidget {
    Q_OBJECT
public:
    explicit WhichWindow(QWidget *parent = nullptr);
    void light(const QRect &screen, const QString &name);

protected:
    void paintEvent(QPaintEvent *event) override;
    void mousePressEvent(QMouseEvent *event) override;

private:
    QString m_name;
    QTimer m_hide;
};

} // namespace lantern::app
