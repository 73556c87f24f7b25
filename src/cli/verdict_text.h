#pragma once

#include "core/judge/verdict.h"

#include <ostream>

namespace lantern::cli {

/// A line for each half that was judged, and one for each figure that is not surely within its
/// limit.
void printVerdict(const Verdict &verdict, std::ostream &out);

} // namespace lantern::cli
