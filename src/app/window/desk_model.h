#pragma once

#include "app/state/session_state.h"

#include <QSizeF>

namespace lantern::app {

/// What the Desk shows.
struct DeskModel {
    struct Display {
        QString name, detail, verdict;
        QString age; ///< of the verdict, with its figure
        QSizeF sizeMm;
        Mark mark = Mark::NotMeasured;
    };
    std::vector<Display> displays;
    int selected = 0;
    QString meterName, meterState, reading, room; ///< room: empty where it is not known
    bool hasReading = false;
};

DeskModel deskModel(const SessionState &state);

} // namespace lantern::app
