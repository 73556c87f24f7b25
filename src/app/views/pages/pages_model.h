#pragma once

#include "app/state/session_state.h"

#include <QStringList>

#include <vector>

namespace lantern::app {

/// What the view of other devices shows.
struct PagesModel {
    bool isServing = false;
    QString sentence; ///< what is to be done, or who is there
    QString url;      ///< to be typed on a device
    QString host;     ///< that is served on
    int port = 0;
    QString code; ///< in groups of three
    QString scan; ///< address and code in one, to be scanned
    QStringList addresses;
    std::vector<QString> hosts; ///< in the order of `addresses`
    struct Row {
        QString id;
        QStringList cells; ///< in the order of pageColumns()
        QString words;
        int display = -1; ///< of the Desk; -1: it is none now
    };
    std::vector<Row> rows;
    bool mayChange = false; ///< nothing is being measured
};

QStringList pageColumns();
PagesModel pagesModel(const SessionState &state);

} // namespace lantern::app
