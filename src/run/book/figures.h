#pragma once

#include "run/book/run_results.h"

#include <optional>
#include <string>
#include <vector>

namespace lantern::run {

/// A figure as trends, reports and comparisons read it: a row of the logbook.
struct FigureRow {
    std::string name; ///< "white_delta_uv" …, docs/file-formats.md
    double value = 0;
    std::string unit;                  ///< "cd/m²", "ΔE00" …; empty: a number of its own
    std::optional<double> uncertainty; ///< standard (k = 1), where it is known
    std::optional<double> limit;       ///< that it was judged by
};

/// Rows that were judged, judged again by the limits that are kept with them; in the order in which
/// people read them.
std::vector<JudgedFigure> judgedAgain(const std::vector<FigureRow> &rows);

/// The figures of what a stage made. \param results of the run, with the stage's own in them
std::vector<FigureRow> figuresOf(const StageResult &result, const RunResults &results);

} // namespace lantern::run
