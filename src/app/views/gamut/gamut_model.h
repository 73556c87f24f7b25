#pragma once

#include "app/state/session_state.h"
#include "app/widgets/curve.h"

namespace lantern::app {

/// What the view of the gamut shows, on the u'v' plane.
struct GamutModel {
    std::vector<Curve> curves;
    QString figures;
};

GamutModel gamutModel(const SessionState &state);

/// The triangle of three primaries in u'v', closed.
Curve triangleOf(const PrimarySet &primaries, const CurveLook &look, const QString &name = {});

} // namespace lantern::app
