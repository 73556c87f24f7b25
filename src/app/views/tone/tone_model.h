#pragma once

#include "app/state/session_state.h"
#include "app/widgets/curve.h"

namespace lantern::app {

/// What the view of tone and grey shows.
struct ToneModel {
    QString explanation;
    std::vector<Curve> tone; ///< code value in % against L*
    std::vector<Curve> grey; ///< code value in % against a* and b*
    double greyReach = 3;    ///< of the axis of a* and b*, to both sides
    std::vector<Curve> lut;  ///< in, % against change, %
    double lutReach = 10;
};

ToneModel toneModel(const SessionState &state);

} // namespace lantern::app
