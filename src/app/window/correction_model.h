#pragma once

#include "app/state/session_state.h"

#include <QStringList>

namespace lantern::app {

/// What the dialog that corrects one meter by another shows.
struct CorrectionModel {
    QString readText; ///< on the button that reads
    bool mayRead = true;
    QString notice;
    QStringList meters;            ///< that have read this display's four colours
    std::vector<QStringList> rows; ///< of each: name, white x, y, cd/m²
};
CorrectionModel correctionModel(const SessionState &state);

/// What two of them say of each other.
struct CorrectionChoice {
    QString difference;
    bool mayKeep = false;
};
CorrectionChoice correctionChoice(const SessionState &state, const QString &meter,
                                  const QString &reference);

} // namespace lantern::app
