#pragma once

#include "bench/bench.h"
#include "core/plan.h"

namespace lantern::bench {

/// Carries a plan out on a bench, without waiting: the command-line-free way to a finished plan,
/// for benchmarks and tests. \throws Error Device when the meter fails.
void carryOut(StagePlan &plan, Bench &bench);

} // namespace lantern::bench
