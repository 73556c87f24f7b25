#pragma once

#include "app/state/session_state.h"

namespace lantern::app {

/// What of a running stage the views show as it is read.
enum class LiveShow { Nothing, Greys, White, Chart, KnownColours };

/// What the window says of a stage and where it shows it. One entry for each in stage_words.cpp.
struct StageWords {
    run::Stage stage = run::Stage::Done;
    ViewId view = ViewId::Profile; ///< that shows what it does
    QString title;                 ///< over the progress
    QString verb;                  ///< on the button that starts it; empty: it is begun elsewhere
    QString hint;                  ///< under that button
    QString working;               ///< on the button while it is at work
    bool openEnded = false;        ///< nobody knows how long it takes
};

/// \param state whose run and display the words are about
StageWords stageWords(run::Stage stage, const SessionState &state);

/// The view that shows what a stage does.
ViewId viewOf(run::Stage stage);

LiveShow liveShowOf(run::Stage stage);

} // namespace lantern::app
