#pragma once

#include "app/views/evenness/evenness_model.h"

#include <QWidget>

namespace lantern::app {

/// The screen, field by field: its shade tells the light, a needle the colour's way from that of
/// the middle (u' to the right, v' up; the ring is the limit), a thin line the way of the meter.
/// Arrow keys and clicks choose a field.
class EvennessMap : public QWidget {
    Q_OBJECT
public:
    explicit EvennessMap(QWidget *parent = nullptr);
    void setModel(const EvennessModel &model);
    [[nodiscard]] const EvennessModel::Field *chosen() const;
    [[nodiscard]] QSize sizeHint() const override { return {560, 330}; }

signals:
    void fieldChosen();

protected:
    void paintEvent(QPaintEvent *event) override;
    void keyPressEvent(QKeyEvent *event) override;
    void mousePressEvent(QMouseEvent *event) override;

private:
    [[nodiscard]] QRectF screen() const;
    [[nodiscard]] QRectF fieldRect(const EvennessModel::Field &field) const;
    [[nodiscard]] QPointF spotPoint(const EvennessSpot &spot) const;
    void drawField(QPainter &p, const EvennessModel::Field &field) const;
    void drawNeedle(QPainter &p, const EvennessModel::Field &field, const QRectF &room) const;
    void drawPath(QPainter &p) const;
    void choose(int column, int row);

    EvennessModel m_model;
    int m_column = 1, m_row = 1; ///< chosen
};

} // namespace lantern::app
