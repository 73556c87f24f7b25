#pragma once

#include "app/state/session_state.h"

#include <optional>
#include <vector>

namespace lantern::app {

/// What the view of the evenness shows.
struct EvennessModel {
    /// A field of the map.
    struct Field {
        int column = 1, row = 1; ///< from the upper left corner
        bool isRead = false, isTarget = false, isMiddle = false;
        double ratio = 1;      ///< luminance over that of the middle
        UvPrime shift;         ///< of u'v' from the middle
        QString light, colour; ///< "97.2 %", "ΔE00 1.2"
        Mark mark = Mark::NotMeasured;
    };
    EvennessGrid grid;
    std::vector<Field> fields;      ///< row by row
    std::vector<EvennessSpot> path; ///< of the meter, in the order of its stops
    bool targetIsMiddle = false;    ///< of the screen, which is no field of its own here
    double lightRange = 0.3;        ///< difference from the middle that gets the darkest shade
    double shiftRange = 0.004;      ///< Δu'v' that the ring of a field stands for
    QStringList greys;              ///< to choose from; empty: nothing was read yet
    int grey = 0;                   ///< chosen
    QString sentence;               ///< how it stands, or where the meter is to hang
    Mark mark = Mark::NotMeasured;
    QStringList facts; ///< cost, drift, compensation, the time before
    QString of;        ///< from when it is
    // what can be done
    run::EvennessChoice choice;
    bool mayMeasure = false, mayResume = false, isMeasuring = false, mayEnd = false;
    /// One field in words, with all its figures.
    [[nodiscard]] QString words(const Field &field) const;
};

/// \param grey number of the grey to be shown, from the brightest
EvennessModel evennessModel(const SessionState &state, int grey);

} // namespace lantern::app
