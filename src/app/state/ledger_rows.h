#pragma once

#include "app/state/session_state.h"

namespace lantern::app {

/// One row of the Ledger, ready to show. Numbers carry their unit in `unit`, not in the cells.
struct LedgerRow {
    QString property = {}, unit = {};
    QString aim = {}, before = {}, now = {}, lastTime = {};
    Mark mark = Mark::NotMeasured;
    ViewId view = ViewId::Ready; ///< opened by choosing the row
    bool operator==(const LedgerRow &) const = default;
};

/// The rows in the order of the work.
std::vector<LedgerRow> ledgerRows(const SessionState &state);

/// What the big button says and does.
/// The unit whose turn it is in the workshop: the one that was left on the bench, else the first
/// that waits; empty: none.
QString nextUnit(const SessionState &state);

enum class NextStep {
    None,
    ShowReady,
    ConfirmReady,
    BeginRun,
    Proceed,
    Resume,
    ResumeOldRun,
    ChooseAim,
    SaveReport,
    OpenReport,
    NextDisplay,
    CarryMeter,    ///< to the next display of the match
    ShowMatch,     ///< all of it are done
    MeasureUnit,   ///< the workshop's next
    ReadReference, ///< the unit that watches the meter
    LeaveErrand,   ///< an errand that cannot be done
    CheckFirst,
    SameAgain, ///< a new run with the aim of the last one
    NewRun,    ///< a new run with the aim just chosen
};
struct MainAction {
    QString text = {};
    QString hint = {}; ///< one line below
    NextStep step = NextStep::None;
    QString other = {}; ///< a second choice below; empty: none
    NextStep otherStep = NextStep::None;
    bool operator==(const MainAction &) const = default;
};
MainAction mainAction(const SessionState &state);

/// The next display after the selected one whose newest verdict is not a good one; -1: none.
int nextDisplay(const SessionState &state);

} // namespace lantern::app
