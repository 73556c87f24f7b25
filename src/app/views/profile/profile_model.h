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
        run::ProfileForm form;
        bool isLost = false; ///< another program has changed what is in force
        QString madeFor, formNote, madeFrom, file, declared, lut;
        QString expected; ///< of each kind, before one is built; empty: nothing to say
    };
    std::optional<Facts> facts; ///< nothing: no run has measured this display

    /// A profile of this display, as a row.
    struct Row {
        QString path, title, aim, madeOn, maker, deltaE, inWords;
        bool inUse = false, mayBeUsed = false, mayBeRemoved = false, isOwn = false;
        bool operator==(const Row &) const = default;
    };
    std::vector<Row> rows;
    bool hasPrevious = false;           ///< one that can be gone back to
    QString inUseNote;                  ///< why the one in use is not the last run's; may be empty
    QString nextCheck;                  ///< when, and by what; empty: nothing is to be said
    std::optional<int> remindAfterDays; ///< 0: never; nothing: there is nothing to remind of
    std::optional<bool> keeper;         ///< started at every login; nothing: not here
};

ProfileModel profileModel(const SessionState &state);

} // namespace lantern::app
