#pragma once

#include "app/state/session_state.h"

#include <QStringList>

#include <vector>

namespace lantern::app {

/// What the view of a match shows.
struct MatchModel {
    struct Row {
        QString id;
        QStringList cells; ///< in the order of matchColumns()
        Mark mark = Mark::NotMeasured;
        bool isChosen = false, mayChoose = false;
        bool mayRead = false; ///< it is here, and the meter is free
        QString words;        ///< all of it, for those who cannot see it
    };
    std::vector<Row> rows; ///< all displays that are here or chosen
    QString sentence;      ///< what they can share, how far it is, or how alike they are
    QString why;           ///< what limits it
    bool isBegun = false, mayBegin = false;
    struct PairRow {
        QStringList cells; ///< in the order of pairColumns()
        std::vector<double> order;
    };
    std::vector<PairRow> pairs; ///< the most different first
    /// One pair for the eye.
    struct Pair {
        QString title;
        QString firstName, secondName;
        int firstDisplay = -1, secondDisplay = -1; ///< of the Desk; -1: not here
        struct Colour {
            QString title; ///< with its ΔE00
            Lab first, second;
            DeviceRgb firstCodes, secondCodes;
        };
        std::vector<Colour> colours; ///< white and greys first, then the most different
    };
    std::vector<Pair> forTheEye; ///< in the order of `pairs`
    bool isReal = false;         ///< the displays can show it themselves
};

QStringList matchColumns();
QStringList pairColumns();
MatchModel matchModel(const SessionState &state);

} // namespace lantern::app
