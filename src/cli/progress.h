#pragma once

#include "run/engine/run_status.h"

namespace lantern::cli {

/// How far a run is, in one line of the terminal that is written over; nothing where standard error
/// is no terminal.
class Progress {
public:
    Progress();
    ~Progress();
    Progress(const Progress &) = delete;
    void show(const run::RunStatus &status);
    /// Takes the line away, so that something else can be said there.
    void clear();

private:
    bool m_isTerminal, m_isShown = false;
};

} // namespace lantern::cli
