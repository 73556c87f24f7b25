#pragma once

#include "run/device/devices.h"

#include <QColor>
#include <QElapsedTimer>
#include <QRasterWindow>
#include <QTimer>

#include <memory>

class QPainter;
class QScreen;

namespace lantern::platform {
class ScreenCapture;
}

namespace lantern::desk {

/// A window that fills with one colour and tells what of it can really be seen on the screen.
class ColourWindow : public QRasterWindow {
    Q_OBJECT
public:
    void setColour(const QColor &colour);
    [[nodiscard]] const QColor &colour() const { return m_colour; }
    /// What it paints there, whether or not anything covers it; in its own coordinates.
    [[nodiscard]] QImage painting(const QRect &area) const;

signals:
    /// What was set is painted, and the display server has it.
    void painted();

protected:
    explicit ColourWindow(Qt::WindowFlags flags);
    bool event(QEvent *event) override;
    [[nodiscard]] QRect whole() const { return {0, 0, width(), height()}; }
    /// Part that is filled with the colour; the rest is black.
    [[nodiscard]] virtual QRect lit() const { return whole(); }
    void paintEvent(QPaintEvent *event) override;
    /// What else is painted, off the colour.
    virtual void decorate(QPainter &painter) const { (void)painter; }

private:
    void paint(QPainter &painter) const;

    QColor m_colour = Qt::black;
    bool m_repaintAwaited = false;
    bool m_frameAwaited = false; ///< painted, and not yet taken by the compositor
};

/// Of a patch, pixels at 100 %: some 57 mm, twice the meter's circle.
inline constexpr int kUsualPatchSide = 216;

/// The small window that shows a patch.
class PatchWindow : public ColourWindow {
    Q_OBJECT
public:
    PatchWindow();

    /// Once the meter was found, or a person dragged the patch, it stays there.
    [[nodiscard]] bool isPlaced() const { return m_placed; }
    void placeAt(const QPoint &centre);
    /// \param side pixels at 100 %; its middle stays where it is
    void setSide(int side);
    /// In the toolkit's coordinates of the desktop, once it is placed.
    [[nodiscard]] QPoint centre() const { return m_centre; }
    /// Back to where the window keeps room for it.
    void forgetPlace() { m_placed = false; }
    /// Where programs cannot place their windows it becomes a part of that one, and can be dragged
    /// within it.
    void embedIn(QWindow *host) { setParent(host); }
    [[nodiscard]] bool isEmbedded() const { return parent() != nullptr; }

protected:
    void mousePressEvent(QMouseEvent *event) override;
    void mouseMoveEvent(QMouseEvent *event) override;

private:
    QPoint m_grip, m_centre;
    bool m_placed = false;
};

/// A whole screen, black but for a lit part; to find where the meter hangs.
class FieldWindow : public ColourWindow {
    Q_OBJECT
public:
    FieldWindow();
    void setRegion(const ScreenRegion &region);
    /// On the black, away from the lit part; nothing where the whole window is lit.
    void setWords(const QString &words);
    /// How a person gets away from it, said below those words.
    void setWayOut(const QString &words) { m_wayOut = words; }
    [[nodiscard]] QRect litPart() const { return lit(); }

signals:
    /// The person wants to see the rest of the screen again.
    void leaveWanted();
    /// The lit part was dragged. \param centre in the window's coordinates
    void dragged(const QPoint &centre);

protected:
    void keyPressEvent(QKeyEvent *event) override;
    void mousePressEvent(QMouseEvent *event) override;
    void mouseMoveEvent(QMouseEvent *event) override;
    [[nodiscard]] QRect lit() const override;
    void decorate(QPainter &painter) const override;

private:
    ScreenRegion m_region;
    QString m_words, m_wayOut;
    QPoint m_grip; ///< from the middle of the lit part
};

/// Programs see neither where their windows are nor what the screen shows; a whole screen can be
/// filled.
bool cannotPlaceWindows();

/// Pixels of a part of the desktop as the screen shows them, whatever is on top. Where the display
/// server does not let us look, what `window` itself painted there.
QImage seenAt(const QRect &area, const ColourWindow &window);

/// Presents patches: reports one as shown only when the screen shows it.
class WindowPresenter : public run::PatchPresenter {
    Q_OBJECT
public:
    /// \param window not owned; lives in the interface thread as this object does
    explicit WindowPresenter(PatchWindow *window, QObject *parent = nullptr);
    void show(run::Request request, const DeviceRgb &rgb,
              const std::optional<ScreenRegion> &region) override; ///< from any thread
    void hide() override;                                          ///< from any thread
    void say(const QString &words) override;                       ///< from any thread
    void uncover() override;                                       ///< from any thread

    ~WindowPresenter() override;

    /// The screen that lit parts are shares of; empty: the one the patch is on.
    void setScreen(const QRect &screen) { m_screen = screen; }
    /// What ends it where a whole screen is filled, for the person in front of that.
    void setWayOut(const QString &words) { m_field.setWayOut(words); }
    /// Where the meter looks if it hangs on the patch: the middle of what is shown.
    [[nodiscard]] QRect lookedAt() const;
    /// The window on show.
    [[nodiscard]] ColourWindow *window() const;

signals:
    /// The patch fills a screen, and the person wants to see the rest of that screen again.
    void leaveWanted();

private:
    /// A part of the program's own window, if that is on the screen to be measured.
    [[nodiscard]] bool fitsIntoHost() const;
    [[nodiscard]] QScreen *screen() const;
    void showField(const ScreenRegion &region);
    [[nodiscard]] ScreenRegion ownRegion() const;
    [[nodiscard]] QImage seen() const;
    void showHere(run::Request request, const QColor &colour,
                  const std::optional<ScreenRegion> &region);
    void check();

    PatchWindow *m_patch;
    FieldWindow m_field;
    std::optional<ScreenRegion> m_region;
    QRect m_screen;
    std::unique_ptr<platform::ScreenCapture> m_capture; ///< of a compositor; null: of none
    QTimer m_checkTimer;
    QElapsedTimer m_since;
    bool m_fills = false; ///< a screen, with m_field
    bool m_waiting = false;
    bool m_reached = false; ///< the compositor has taken it
    run::Request m_request = 0;
};

} // namespace lantern::desk
