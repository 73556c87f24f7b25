#pragma once

#include "app/state/session_state.h"

#include <QStringList>

#include <vector>

namespace lantern::app {

/// What the view of the workshop shows.
struct WorkshopModel {
    bool isOpen = false; ///< a batch is
    QString sentence;    ///< how far it is, or how to begin one
    QString recipe;      ///< of the batch, or that the next one would have
    struct Row {
        QString serial;
        QStringList cells; ///< in the order of unitColumns()
        std::vector<double> order;
        QString words; ///< all of it, for those who cannot see it
        bool waits = false;
    };
    std::vector<Row> units;
    std::vector<QStringList> spread; ///< in the order of spreadColumns()
    QString oddOnes;                 ///< units that stand out, and in what; empty: none
    QString meter;                   ///< what the reference unit says of it; empty: there is none
    bool meterDrifts = false;
    bool mayReadReference = false, mayClose = false;
    struct Earlier {
        QString key, title;
    };
    std::vector<Earlier> earlier; ///< batches that were closed, newest first
    QString folder;
};

QStringList unitColumns();
QStringList spreadColumns();
WorkshopModel workshopModel(const SessionState &state);

} // namespace lantern::app
