#pragma once

#include "cli/place.h"
#include "run/engine/run_engine.h"

#include <functional>
#include <optional>
#include <string>

namespace lantern::cli {

/// Carries a run out at a place, in this thread, to its end. Whatever was only tried there is taken
/// back, however it ends.
/// \param start begins a run with the engine, or takes one up
/// \throws Error of whatever stopped it; what was read is kept
run::RunResults carryOut(run::RunEngine &engine, Place &place,
                         const std::function<void(run::RunEngine &)> &start);

/// Key of the first option in which two setups differ that a person gave; what runs find for
/// themselves, and the date, may differ.
std::optional<std::string> firstDifference(const run::RunSetup &begun, const run::RunSetup &wanted);

} // namespace lantern::cli
