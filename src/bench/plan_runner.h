#pragma once

#include "bench/bench.h"
#include "core/plan/plan.h"
#include "core/plan/settling.h"

namespace lantern::bench {

/// Carries a plan out on a bench, without waiting: the command-line-free way to a finished plan,
/// for benchmarks and tests. \throws Error Device when the meter fails.
/// \param settling of the display, waited for before each reading
void carryOut(StagePlan &plan, Bench &bench, const Settling &settling = {});

/// Learns it as a run would.
Settling learnSettling(Bench &bench);

} // namespace lantern::bench
