#pragma once

#include "app/widgets/curve.h"

#include <qcustomplot.h>

#include <optional>
#include <vector>

namespace lantern::app {

/// A plot in the window's own look: no frame tricks, quiet grid, figures of one width. Hovering
/// tells the nearest point; with the focus on it, Left and Right go from point to point, Up and
/// Down from curve to curve. Its menu saves it as a picture or as numbers.
class Plot : public QCustomPlot {
    Q_OBJECT
public:
    Plot(const QString &title, const QString &xLabel, const QString &yLabel,
         QWidget *parent = nullptr);

    /// The lower axis is of days, in seconds since 1970, UTC.
    void setDates();
    /// Draws these curves instead of those drawn before, at the next repaint.
    void setCurves(const std::vector<Curve> &curves);
    /// What is drawn, as a value: for paper and files.
    [[nodiscard]] Diagram asDiagram() const;
    /// What is told of the point under the mouse or the keys; empty: none.
    [[nodiscard]] QString told() const { return m_told->visible() ? m_told->text() : QString(); }

protected:
    void mouseMoveEvent(QMouseEvent *event) override;
    void leaveEvent(QEvent *event) override;
    void keyPressEvent(QKeyEvent *event) override;
    void focusOutEvent(QFocusEvent *event) override;
    void contextMenuEvent(QContextMenuEvent *event) override;

private:
    struct At {
        size_t curve = 0;
        qsizetype point = 0;
    };
    void add(const Curve &curve);
    [[nodiscard]] QString inWords(const Curve &curve) const;
    void tell(const std::optional<At> &at);
    void step(int curves, qsizetype points);
    void save();

    [[nodiscard]] QString across(double x) const;

    QString m_title;
    bool m_dates = false;
    std::vector<Curve> m_curves;
    std::optional<At> m_at;
    QCPItemText *m_told;
    QCPItemEllipse *m_mark;
};

} // namespace lantern::app
