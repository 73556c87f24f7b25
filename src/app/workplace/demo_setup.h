#pragma once

#include "bench/bench.h"
#include "run/book/run_setup.h"

namespace lantern::app {

inline constexpr uint64_t kDemoSeed = 20;

/// Facts of a run on one of the demo's displays.
run::RunSetup demoSetup(bench::Bench &bench);

} // namespace lantern::app
