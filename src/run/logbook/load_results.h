#pragma once

#include "run/book/run_results.h"
#include "run/logbook/logbook.h"

namespace lantern::run {

/// Results of all finished stages of a run as they were kept. A result that cannot be read is left
/// out and named in `problem`. \throws Error when the run itself cannot be read.
RunResults loadResults(Logbook &logbook, qint64 run);

/// What a display was last found to take to settle, seen by this meter.
std::optional<Settling> knownSettling(Logbook &logbook, const RunSetup &setup);

} // namespace lantern::run
