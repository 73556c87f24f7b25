#pragma once

#include "app/state/session_state.h"
#include "app/widgets/meter_drawing.h"

#include <QLabel>
#include <QWidget>

namespace lantern::app {

/// The strip above the Run bar that shows, in words and a drawing, what the meter needs from a
/// person's hand.
class MeterHelp : public QWidget {
    Q_OBJECT
public:
    explicit MeterHelp(QWidget *parent = nullptr);
    void setState(const SessionState &state);

private:
    MeterDrawing *m_drawing;
    QLabel *m_words;
};

} // namespace lantern::app
