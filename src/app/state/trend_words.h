#pragma once

#include "run/logbook/figure_trends.h"

#include <QString>

namespace lantern::app {

/// What a figure that is followed over time is called.
QString trendFigureWord(const run::TrendFigure &figure);

/// How a figure of a display goes and when it will leave its limits, for people; why that cannot be
/// told where it cannot. \param name of the display
QString trendInWords(const run::FigureTrend &trend, const QString &name);

/// "12 Mar: new meter, Reed".
QString eventInWords(const run::TrendEvent &event);

} // namespace lantern::app
