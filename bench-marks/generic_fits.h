#pragma once

#include "core/reading/reading.h"

#include <functional>
#include <vector>

namespace lantern::marks {

/// Relative PCS Lab (D50) by code values 0..255.
using GenericFit = std::function<Lab(const DeviceRgb &)>;

/// What anybody can do with the same readings, to measure the engine by; nothing here is shared
/// with it. Three primaries, a black, and for each channel a curve through the readings of its
/// greys: curves and primaries are refined in turn until they stand still.
GenericFit matrixAndCurves(const std::vector<Reading> &readings);

/// A thin-plate spline of Lab by code value: kernel r and a plane, the smoothing that predicts each
/// reading best from all others. Source: Wahba, Spline Models for Observational Data (1990), 2.4
/// and 4.2. For up to some thousand readings.
GenericFit thinPlate(const std::vector<Reading> &readings);

/// A thin-plate spline of what matrix and curves leave over.
GenericFit bothInTurn(const std::vector<Reading> &readings);

} // namespace lantern::marks
