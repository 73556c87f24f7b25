#pragma once

#include "app/state/session_state.h"

namespace lantern::app {

/// What the view of the checklist shows.
struct ReadyModel {
    struct Line {
        QString title, finding;
        bool done = false, automatic = false;
        ReadyErrand errand = ReadyErrand::None;
        QString errandText, errandTip; ///< of its button
    };
    /// What was found on a desk where nothing has been measured yet.
    struct Found {
        QString what, text;
    };
    std::vector<Found> found; ///< empty: something has
    std::vector<Line> lines;
    bool free = true;                     ///< for an errand
    QString display;                      ///< what is known of it
    QString detected;                     ///< first entry of the choice of technologies
    QString technology, technologyReason; ///< empty: as detected
    bool technologyFree = true;           ///< to be changed
    bool checkPossible = false;
};

ReadyModel readyModel(const SessionState &state);

} // namespace lantern::app
