#pragma once

#include "app/state/session_state.h"
#include "app/widgets/curve.h"

#include <QStringList>

#include <vector>

namespace lantern::app {

/// What the view of trends draws.
struct TrendsModel {
    QStringList displays; ///< names
    QStringList displayIds;
    int display = -1;
    QStringList figures; ///< names
    QStringList figureKeys;
    int figure = 0;
    QString yLabel, sentence;
    std::vector<Curve> curves; ///< over seconds since 1970
    QStringList events;        ///< newest first
    double xLeast = 0, xMost = 1, yLeast = 0, yMost = 1;
    bool isEmpty = true; ///< nothing was read of it
};

/// \param days of the past that are shown; 0: all
TrendsModel trendsModel(const SessionState &state, int days);

} // namespace lantern::app
