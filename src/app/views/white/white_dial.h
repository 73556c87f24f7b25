#pragma once

#include "app/views/white/white_model.h"

#include <QWidget>

namespace lantern::app {

/// The u'v' plane around the aimed white.
class WhiteDial : public QWidget {
    Q_OBJECT
public:
    explicit WhiteDial(QWidget *parent = nullptr);
    void setData(const DialData &data);
    [[nodiscard]] QSize minimumSizeHint() const override { return {120, 120}; }

protected:
    void paintEvent(QPaintEvent *event) override;

private:
    /// Δu'v' at the rim, widened in steps until the present white is on the dial.
    [[nodiscard]] double reach() const;
    [[nodiscard]] QPointF place(const UvPrime &c) const;
    void paintRings(QPainter &p) const;
    void paintLoci(QPainter &p) const;
    void paintDaylights(QPainter &p) const;
    void paintTrail(QPainter &p) const;

    DialData m_data;
};

} // namespace lantern::app
