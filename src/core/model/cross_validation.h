#pragma once

#include "core/model/display_model.h"
#include "core/reading/drift.h"

#include <optional>
#include <vector>

namespace lantern {

/// Models fitted without each eighth of the readings, and what they predict for it.
struct Committee {
    DisplayModel whole; ///< fitted to all
    std::vector<DisplayModel> models;
    /// ΔE00 of each reading by the model that has not seen it; < 0 for the few that every model
    /// needs: the corners of the cube and one neutral.
    std::vector<double> heldOut;
};

/// \throws Error BadInput as DisplayModel::fit
Committee makeCommittee(const DriftCorrection &steady, const SignalPath &path);

/// Mean ΔE00 with which a chart of few levels, such as a regular grid, predicts one of its levels
/// from the others: leaving single patches out says nothing of what lies between its planes.
/// Nothing for charts that spread. \throws Error BadInput as DisplayModel::fit
std::optional<double> errorAcrossLevels(const DriftCorrection &steady, const SignalPath &path,
                                        const DisplayModel &whole);

} // namespace lantern
