#pragma once

#include "app/session/background.h"
#include "app/views/compare/compare_model.h"

#include <QWidget>

#include <memory>
#include <optional>

namespace lantern::app {

/// A picture before and now: parted by a divider, side by side, or as a map of their differences;
/// enlarged to its pixels with both sides locked together. What is seen is rendered in another
/// thread; until it is there, what was seen last stands in for it.
class PictureStage : public QWidget {
    Q_OBJECT
public:
    enum class Mode { Split, SideBySide, Difference };
    explicit PictureStage(QWidget *parent = nullptr);
    void setPicture(std::shared_ptr<const Pyramid> picture);
    /// Renditions that fit the picture. \param comparable there is a before
    void setRenditions(std::shared_ptr<const Renditions> renditions, bool comparable);
    void setMode(Mode mode);
    /// Before and now change sides.
    void swap();
    void setDeltaReach(double deltaE00);
    /// A seam around what the display cannot show of a print.
    void markBeyond(bool on);
    /// What the display showed in its former state is drawn, not what shows it now.
    void showFormer(bool former);
    void zoomTo(double dotsPerPixel);
    void fit();
    [[nodiscard]] double divider() const { return m_divider; }
    [[nodiscard]] double zoom() const; ///< dots of the screen for a pixel of the picture
    [[nodiscard]] const Frame &frame() const { return m_frame; }
    [[nodiscard]] bool isRendering() const { return m_work.isBusy(); }
    [[nodiscard]] QSize minimumSizeHint() const override { return {320, 200}; }

signals:
    void rendered();
    void zoomed();
    void stepped(int by);       ///< another picture is wanted
    void formerWanted(bool on); ///< the key for it is held

protected:
    void paintEvent(QPaintEvent *event) override;
    void resizeEvent(QResizeEvent *event) override;
    void showEvent(QShowEvent *event) override;
    void mousePressEvent(QMouseEvent *event) override;
    void mouseMoveEvent(QMouseEvent *event) override;
    void wheelEvent(QWheelEvent *event) override;
    void keyPressEvent(QKeyEvent *event) override;
    void keyReleaseEvent(QKeyEvent *event) override;
    void focusOutEvent(QFocusEvent *event) override;
    bool event(QEvent *event) override; ///< tool tips: the difference under the mouse

private:
    struct Rendered {
        std::shared_ptr<const Pyramid> picture;
        std::shared_ptr<const Renditions> renditions;
        Sight sight;
        double reach = 10;
        bool operator==(const Rendered &) const = default;
    };
    /// Room for one picture.
    [[nodiscard]] QSize pane() const;
    [[nodiscard]] double fitZoom() const;
    /// Where the picture lies in a pane that begins at `left`.
    [[nodiscard]] QRectF target(double left) const;
    [[nodiscard]] Sight sight() const;
    void look();
    void start(Rendition::Precision precision);
    void moveDivider(double position);
    void moveBy(const QPointF &dots);
    void zoomAt(double dotsPerPixel, const QPointF &at);
    void keepInside();
    void paintImage(QPainter &p, const QImage &image, double left, double from, double to) const;
    void tag(QPainter &p, const QString &text, double x, double y, bool leftOf) const;
    void tell();

    std::shared_ptr<const Pyramid> m_picture;
    std::shared_ptr<const Renditions> m_renditions;
    bool m_comparable = false;
    Background<Frame> m_work;
    std::optional<Rendered> m_asked;
    Frame m_frame;
    Mode m_mode = Mode::Split;
    bool m_swapped = false, m_allBefore = false, m_former = false, m_marks = false;
    double m_divider = 0.5; ///< 0..1 from the left
    double m_zoom = 0;      ///< 0: as it fits
    QPointF m_centre;       ///< in pixels of the picture
    double m_reach = 10;
    QPointF m_grasp;
    bool m_dragsDivider = false;
};

} // namespace lantern::app
