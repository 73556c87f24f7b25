#pragma once

#include "app/state/session_state.h"

#include <QPainter>
#include <QRectF>

namespace lantern::app {

/// Draws a state by shape alone: full disc = within, half disc = near, barred ring = over, dash =
/// not measured, ring with a clock hand = stale.
void paintMark(QPainter &painter, const QRectF &box, Mark mark);

} // namespace lantern::app
