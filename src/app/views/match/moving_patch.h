#pragma once

#include "app/views/match/match_model.h"

#include <QVariantAnimation>
#include <QWidget>

namespace lantern::app {

/// Two screens side by side and a patch that goes from one to the other: the eye sees a change
/// where the colours differ. Drawn as the colours were read on both.
class MovingPatch : public QWidget {
    Q_OBJECT
public:
    explicit MovingPatch(QWidget *parent = nullptr);
    void setPair(const QString &first, const QString &second);
    void setColour(const MatchModel::Pair::Colour &colour);
    /// \param place 0: on the first, 1: on the second
    void moveTo(double place);
    [[nodiscard]] double place() const { return m_place; }
    /// From where it is to the other display, in two seconds.
    void go();
    [[nodiscard]] QSize minimumSizeHint() const override { return {300, 92}; }

signals:
    void moved(double place);

protected:
    void paintEvent(QPaintEvent *event) override;
    void keyPressEvent(QKeyEvent *event) override;
    void mousePressEvent(QMouseEvent *event) override;
    void mouseMoveEvent(QMouseEvent *event) override;

private:
    void tell();
    QString m_first, m_second;
    MatchModel::Pair::Colour m_colour;
    double m_place = 0;
    QVariantAnimation m_motion;
};

} // namespace lantern::app
