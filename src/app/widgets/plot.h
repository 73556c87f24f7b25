#pragma once

#include "app/theme.h"

#include <QVector>

#include <qcustomplot.h>

namespace lantern::app {

/// A plot in the window's own look: no frame tricks, quiet grid, figures of one width.
class Plot : public QCustomPlot {
    Q_OBJECT
public:
    Plot(const QString &title, const QString &xLabel, const QString &yLabel,
         QWidget *parent = nullptr);

    struct Look {
        QColor colour = theme::kText;
        double width = 1.6;
        Qt::PenStyle style = Qt::SolidLine;
        bool line = true;
        bool dots = false;
    };
    /// Adds a curve; `name` appears in the legend when given. Points keep their order.
    QCPCurve *addLine(const QVector<double> &x, const QVector<double> &y, const Look &look,
                      const QString &name = {});
    /// Takes everything drawn away again.
    void clearLines();
};

} // namespace lantern::app
