#pragma once

#include "core/profile/profile_writer.h"
#include "core/reading/drift.h"
#include "run/book/run_results.h"

namespace lantern::run {

/// The chart's readings with drift taken out and, if the setup says so, the room's light added.
DriftCorrection profileReadings(const RunResults &results);

/// The profile that a run with calibration and chart asks for.
ProfileRequest profileRequest(const RunResults &results);

} // namespace lantern::run
