#pragma once

#include "core/judge/trend.h"
#include "run/logbook/logbook.h"

#include <vector>

namespace lantern::run {

/// How the light of a display's white has gone, and will go.
struct LightTrend {
    QString displayId, displayName;
    int readings = 0;
    std::optional<Trend> trend;       ///< of the natural logarithm of cd/m²; nothing: too few
    std::optional<Forecast> forecast; ///< nothing: no limit is known, or too few
    std::optional<double> low, high;  ///< cd/m² that it was judged by
    double firstDay = 0, today = 0;   ///< days since 1970
    /// Share of its light that white gains (or loses, below 0) in thirty days.
    [[nodiscard]] std::optional<double> perMonth() const;
};

/// Of every display that was proved, by white as read after each calibration and in each proof: one
/// drift for all, a level for each calibration and each meter. \param lines of the book
/// \param now for the forecast
std::vector<LightTrend> lightTrends(Logbook &book, const std::vector<LogLine> &lines,
                                    const QDateTime &now);

} // namespace lantern::run
