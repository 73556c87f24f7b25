#pragma once

#include "app/widgets/curve.h"

#include <qcustomplot.h>

#include <vector>

namespace lantern::app {

/// A plot in the window's own look: no frame tricks, quiet grid, figures of one width.
class Plot : public QCustomPlot {
    Q_OBJECT
public:
    Plot(const QString &title, const QString &xLabel, const QString &yLabel,
         QWidget *parent = nullptr);

    /// Draws these curves instead of those drawn before, at the next repaint.
    void setCurves(const std::vector<Curve> &curves);

private:
    void add(const Curve &curve);
    [[nodiscard]] static QString inWords(const Curve &curve);
};

} // namespace lantern::app
