#pragma once

#include "app/session/history_reader.h"
#include "app/state/session_state.h"
#include "runner.h"

namespace lantern::test {

/// A display of which nothing is known.
inline app::SessionState emptyState()
{
    app::SessionState s;
    app::DisplayCard card;
    card.name = QStringLiteral("North");
    card.can.gains = true;
    s.displays = {card};
    s.aim = aimPresets().front();
    return s;
}

/// A finished run of a real display, kept in its logbook by an earlier version. \throws Error
inline const run::RunResults &keptRun()
{
    static const run::RunResults kept = [] {
        run::Logbook book(QStringLiteral(LANTERN_TEST_DATA "/logbook-v4.sqlite"),
                          run::Logbook::Access::Read);
        return app::readDisplayHistory(book, QStringLiteral("north-desk"), 0).lastTime.value();
    }();
    return kept;
}

/// It was made on another day.
inline app::SessionState earlierRun()
{
    app::SessionState s = emptyState();
    s.lastTime = keptRun();
    s.lastRun = 1;
    return s;
}

/// It has just ended.
inline app::SessionState finishedRun()
{
    app::SessionState s = emptyState();
    s.status.run = 1;
    s.status.activity = run::Activity::Finished;
    s.status.stage = run::Stage::Done;
    s.results = keptRun();
    return s;
}

/// Another one is under way.
inline app::SessionState measuring(run::Stage stage)
{
    app::SessionState s = emptyState();
    s.status.run = 2;
    s.status.activity = run::Activity::Working;
    s.status.stage = stage;
    s.results.setup = keptRun().setup;
    s.results.found = keptRun().found;
    s.results.before = keptRun().before;
    return s;
}

} // namespace lantern::test
