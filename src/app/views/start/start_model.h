#pragma once

#include "app/state/session_state.h"

namespace lantern::app {

/// The way from a bare display to a proved one, and how far one has come on it.
struct StartModel {
    struct Step {
        QString title, text;
        QString state; ///< how it stands, in words
        bool done = false;
        ViewId view = ViewId::Ready; ///< where it is done
        QString button;
    };
    std::vector<Step> steps;
};

StartModel startModel(const SessionState &state);

} // namespace lantern::app
