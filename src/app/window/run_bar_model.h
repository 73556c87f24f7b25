#pragma once

#include "app/state/session_state.h"

namespace lantern::app {

/// What the Run bar shows.
struct RunBarModel {
    bool shown = false;
    QString what, left;
    bool openEnded = false; ///< nobody knows how much there is to read
    int done = 0, total = 0;
    bool resumes = false; ///< what the first button does, else it pauses
};

RunBarModel runBarModel(const SessionState &state);

} // namespace lantern::app
