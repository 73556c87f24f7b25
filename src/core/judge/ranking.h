#pragma once

#include "core/base/message.h"
#include "core/judge/verdict.h"

#include <optional>
#include <string>
#include <vector>

namespace lantern {

/// How far a figure goes towards its limit: 1 is the limit; of figures with a least value the limit
/// over the value. Nothing where there is no limit.
std::optional<double> shareOfLimit(const JudgedFigure &figure);

/// What is known of a display, for choosing among several.
struct RankedDisplay {
    std::string name;
    std::vector<JudgedFigure> proof;    ///< right after its last calibration; empty: none
    std::vector<JudgedFigure> check;    ///< of a later check, against that; empty: none
    std::optional<double> brightness;   ///< where that control stands, 0..1; nothing: not known
    std::optional<double> daysToLimits; ///< by its forecast; nothing: not known, or never
    std::optional<double> p3Coverage;   ///< 0..1
};

struct Ranking {
    std::optional<size_t> best;    ///< for critical work
    Message bestReason;            ///< why it is, or why none is
    std::optional<size_t> replace; ///< what calibration no longer helps
    Message replaceReason;         ///< why it is, or why none is
};

/// Best: all of its figures are within their limits, and the one that comes nearest to its limit
/// leaves the most room; of equals the wider gamut. To be replaced: outside its limits right after
/// a calibration; of several the one that is farthest outside. Rules of our own.
Ranking rank(const std::vector<RankedDisplay> &displays);

} // namespace lantern
