#pragma once

#include <QWidget>

namespace lantern::app {

/// Line drawings of what to do with the meter in one's hand.
class MeterDrawing : public QWidget {
    Q_OBJECT
public:
    enum class What {
        Hang, ///< on a screen tilted back, its counterweight behind
        Zero, ///< lying on a dark flat place
        Room, ///< diffuser on, looking up from beside the screen
    };
    explicit MeterDrawing(What what, QWidget *parent = nullptr);
    void setWhat(What what);
    [[nodiscard]] QSize sizeHint() const override { return {230, 170}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {180, 140}; }

protected:
    void paintEvent(QPaintEvent *event) override;

private:
    void paintHang(QPainter &painter) const;
    void paintZero(QPainter &painter) const;
    void paintRoom(QPainter &painter) const;
    void describe();

    What m_what;
};

} // namespace lantern::app
