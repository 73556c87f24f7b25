#pragma once

#include "app/state/session_state.h"

#include <QStringList>

#include <vector>

namespace lantern::app {

/// What the view of the picture modes shows.
struct ModesModel {
    struct Row {
        QString name;
        QStringList figures; ///< in the order of modeColumns()
        QString against;     ///< what speaks against it; empty: nothing
        bool isBest = false;
    };
    std::vector<Row> rows; ///< the one to start from first
    QString sentence;
    QStringList names; ///< to choose from: those read, then usual ones
    bool mayRead = false, isReading = false;
};

/// Titles of the figures.
QStringList modeColumns(const SessionState &state);
ModesModel modesModel(const SessionState &state);

} // namespace lantern::app
