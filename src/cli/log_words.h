#pragma once

#include "cli/said.h"
#include "run/logbook/desk_state.h"
#include "run/logbook/figure_trends.h"
#include "run/logbook/merge.h"

#include <string>
#include <vector>

namespace lantern::cli {

/// \throws Error BadInput listing the figures that are followed
run::TrendFigure trendFigureMeant(const std::string &key);
/// A trend as a line of text, or as JSON.
void tellTrend(const run::FigureTrend &trend, bool asJson);
Json trendToJson(const run::FigureTrend &trend);

/// \param reference key of a set of colours, or a file of colours. \throws Error BadInput
ReferenceSet referenceMeant(const std::string &reference, const run::DeskState &first);
void tellAgreement(const run::DeskState &first, const run::DeskState &second,
                   const std::string &reference, Viewing viewing, bool asJson);

/// \param what stands before each
void printRuns(const std::vector<run::LeftRun> &runs, const std::string &what);

} // namespace lantern::cli
