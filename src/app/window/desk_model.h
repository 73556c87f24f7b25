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
    /// Of the workshop, a line for each unit, the one on the bench first; title empty: no batch.
    QString queueTitle;
    QStringList queue;
    QString meterName, meterState, reading, room; ///< room: empty where it is not known
    bool hasReading = false;
};

DeskModel deskModel(const SessionState &state);

} // namespace lantern::app
