#pragma once

#include "app/state/session_state.h"

#include <array>

namespace lantern::app {

/// What the view of the check shows.
struct CheckModel {
    QString empty; ///< said instead of all below; empty: there is a check
    QString verdict, words;
    struct Row {
        QString name, then, now, limit;
    };
    static constexpr size_t kRows = 6;
    std::array<Row, kRows> rows;
    /// A bar for each patch, worst first: how far it is from what it was, ΔE00.
    std::vector<CheckFirst::Patch> bars;
    std::optional<double> holdsUpTo, driftsUpTo; ///< limits of the mean, ΔE00
    double mean = 0;                             ///< ΔE00
};

CheckModel checkModel(const SessionState &state);

} // namespace lantern::app
