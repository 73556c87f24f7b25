#pragma once

#include "core/report/diagram.h"

#include <QSizeF>
#include <QString>

namespace lantern::paper {

/// Saves a diagram; the kind is told by the file's ending: .svg, .pdf (vectors), .png (300 dots an
/// inch) or .csv (its points). All but CSV and SVG need a QGuiApplication. \param points its size
/// \param speaker of its words; CSV, for programs, is English
/// \throws Error BadInput for another ending, Device when it cannot be written
void writeDiagram(const Diagram &diagram, const QString &path, const QSizeF &points,
                  const Speaker &speaker);

} // namespace lantern::paper
