#pragma once

#include "run/devices.h"

#include <QElapsedTimer>
#include <QTimer>
#include <QWidget>

namespace lantern::app {

/// The window that shows a patch, and what of it can really be seen on the screen.
class PatchWindow : public QWidget {
    Q_OBJECT
public:
    explicit PatchWindow(QWidget *parent = nullptr);

    void setPatch(const QColor &colour);
    [[nodiscard]] const QColor &patch() const { return m_colour; }
    /// Pixels in the middle of the window as the screen shows them, whatever covers it. Where the
    /// display server does not let us look, what the window itself painted.
    [[nodiscard]] QImage seen() const;

signals:
    void painted();

protected:
    void paintEvent(QPaintEvent *event) override;
    void mousePressEvent(QMouseEvent *event) override;
    void mouseMoveEvent(QMouseEvent *event) override;

private:
    QColor m_colour = Qt::black;
    QPoint m_grip;
    bool m_repaintAwaited = false;
};

/// Presents patches in a PatchWindow: reports a patch as shown only when the screen shows it.
class WindowPresenter : public run::PatchPresenter {
    Q_OBJECT
public:
    /// \param window not owned; lives in the interface thread as this object does
    explicit WindowPresenter(PatchWindow *window, QObject *parent = nullptr);
    void show(const DeviceRgb &rgb) override; ///< from any thread
    void hide() override;                     ///< from any thread

private:
    void showHere(const QColor &colour);
    void check();

    PatchWindow *m_window;
    QTimer m_checkTimer;
    QElapsedTimer m_since;
    bool m_waiting = false;
};

} // namespace lantern::app
