#pragma once

#include "app/theme.h"

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

} // namespace lantern::app
