#pragma once

#include "app/views/accuracy/accuracy_model.h"

namespace lantern::app {

/// A chart before it is measured.
struct ChartFigures {
    std::vector<MatchField> fields; ///< its patches in the order of measuring
    QString words;                  ///< patches, readings, time
};
/// \param patches empty: too many were asked for
ChartFigures chartFigures(const std::vector<DeviceRgb> &patches, const SessionState &state);

} // namespace lantern::app
