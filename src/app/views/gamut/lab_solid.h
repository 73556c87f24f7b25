#pragma once

#include "app/views/gamut/gamut_model.h"

#include <QWidget>

#include <array>

namespace lantern::app {

/// Gamuts as solids in CIELAB: the display's own filled in its colours, others as wires; turned by
/// dragging or the arrow keys, made larger by wheel, + and -.
class LabSolid : public QWidget {
    Q_OBJECT
public:
    explicit LabSolid(QWidget *parent = nullptr);
    void show(const GamutModel &model, const std::vector<Lab> &points);
    [[nodiscard]] QSize minimumSizeHint() const override { return {220, 220}; }
    [[nodiscard]] double turned() const { return m_turn; }

protected:
    void paintEvent(QPaintEvent *event) override;
    void mousePressEvent(QMouseEvent *event) override;
    void mouseMoveEvent(QMouseEvent *event) override;
    void wheelEvent(QWheelEvent *event) override;
    void keyPressEvent(QKeyEvent *event) override;

private:
    struct Seen {
        QPointF at;
        double depth = 0; ///< towards the eye
    };
    struct Net {
        std::vector<Lab> points;
        std::vector<QColor> colours;
        [[nodiscard]] const Lab &at(int ring, int hue) const;
    };
    static Net netOf(const GamutBoundary &boundary);
    [[nodiscard]] Seen seen(const Lab &lab) const;
    void turn(double degrees, double tilt);
    void enlarge(double times);
    void tell();
    void paintSolid(QPainter &p) const;
    void paintWires(QPainter &p, const Net &net, Qt::PenStyle style) const;
    void paintAxes(QPainter &p) const;

    GamutModel m_model;
    std::vector<Lab> m_points;
    std::vector<bool> m_outside; ///< of the points: beyond the solid
    Net m_net;                   ///< of the solid
    std::vector<Net> m_otherNets;
    double m_turn = 35, m_tilt = 24; ///< degrees
    double m_scale = 1;
    QPointF m_grasp;
};

} // namespace lantern::app
