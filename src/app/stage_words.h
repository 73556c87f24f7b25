#pragma once

#include "app/session_state.h"

namespace lantern::app {

/// What the window says of a stage and where it shows it. One entry for each in stage_words.cpp.
struct StageWords {
    run::Stage stage = run::Stage::Done;
    ViewId view = ViewId::Profile; ///< that shows what it does
    QString title;                 ///< over the progress
    QString verb;                  ///< on the button that starts it; empty: it is begun elsewhere
    QString hint;                  ///< under that button
    QString working;               ///< on the button while it is at work
};

/// \param state whose run and display the words are about
StageWords stageWords(run::Stage stage, const SessionState &state);

/// The view that shows what a stage does.
ViewId viewOf(run::Stage stage);

} // namespace lantern::app
