#pragma once

#include "app/theme.h"
#include "core/report/diagram.h"

#include <QVector>

namespace lantern::app {

/// How a curve is drawn.
struct CurveLook {
    QColor colour = theme::kText;
    double width = 1.6;
    Qt::PenStyle style = Qt::SolidLine;
    bool line = true;
    bool dots = false;
    bool operator==(const CurveLook &) const = default;
};

/// A curve to draw; points keep their order. The name stands in the legend where there is one.
struct Curve {
    QVector<double> x = {}, y = {};
    CurveLook look = {};
    QString name = {};
    bool operator==(const Curve &) const = default;
};

/// The points of a diagram's curve, drawn in the window's own look.
inline Curve drawn(const DiagramCurve &c, const CurveLook &look, const QString &name)
{
    return {QVector<double>(c.x.begin(), c.x.end()), QVector<double>(c.y.begin(), c.y.end()), look,
            name};
}

} // namespace lantern::app
