#pragma once

#include "app/window/desk_model.h"

#include <QWidget>

namespace lantern::app {

/// The strip at the top: displays to scale in their arrangement, the meter and the room light.
/// Left and Right choose a display with the keyboard.
class DeskWidget : public QWidget {
    Q_OBJECT
public:
    explicit DeskWidget(QWidget *parent = nullptr);
    void setState(const SessionState &state);

signals:
    void displayChosen(int index);

protected:
    void paintEvent(QPaintEvent *event) override;
    void mousePressEvent(QMouseEvent *event) override;
    void keyPressEvent(QKeyEvent *event) override;

private:
    /// Where a display's drawing and its text go.
    struct Slot {
        QRectF screen;
        QRectF text;
    };
    [[nodiscard]] std::vector<Slot> slotsFor() const;
    void paintDisplay(QPainter &painter, size_t index, const Slot &slot) const;
    void paintMeter(QPainter &painter) const;

    [[nodiscard]] size_t selected() const;

    DeskModel m_model;
};

} // namespace lantern::app
