#pragma once

#include "core/profile/profile_writer.h"
#include "core/reading/drift.h"
#include "run/book/run_results.h"

namespace lantern::run {

/// The chart's readings with drift taken out and, if the setup says so, the room's light added.
DriftCorrection profileReadings(const RunResults &results);

/// The profile that a run with calibration and chart asks for.
ProfileRequest profileRequest(const RunResults &results);

/// Of a profile's metadata: the slot of the monitor's memory that it goes with, 1 the first.
inline constexpr const char *kSlotKey = "MEMORY_SLOT";
/// The same, 0 the first; nothing: it goes with none, or is no profile.
std::optional<int> slotOfProfile(const QByteArray &icc);

} // namespace lantern::run
