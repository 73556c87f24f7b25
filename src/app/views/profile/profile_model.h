#pragma once

#include "app/state/session_state.h"

#include <optional>

namespace lantern::app {

/// What the view of the profile shows.
struct ProfileModel {
    QString explanation;
    struct Facts {
        QString name;
        bool nameFixed = false; ///< it is built, or of an earlier run
        QString madeFor, kind, madeFrom, file, declared, lut;
    };
    std::optional<Facts> facts; ///< nothing: no run has measured this display
};

ProfileModel profileModel(const SessionState &state);

} // namespace lantern::app
