#pragma once

#include "core/report/diagram.h"

#include <QRectF>

class QPainter;

namespace lantern::paper {

/// Draws a diagram in the shipped typeface: lines as lines, text as text. \param unitsPerPoint of
/// the painter
void drawDiagram(QPainter &painter, const QRectF &rect, const Diagram &diagram,
                 double unitsPerPoint, const Speaker &speaker);

} // namespace lantern::paper
