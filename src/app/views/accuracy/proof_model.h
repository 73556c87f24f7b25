#pragma once

#include "app/state/session_state.h"

#include <QString>

#include <vector>

namespace lantern::app {

/// What the panel of the next proof shows.
struct ProofModel {
    QString summary; ///< one line
    bool possible = false;
    QString why; ///< it is not possible now; else what it does
    run::ProofChoice choice;
    /// Sets of limits, the person's own last.
    std::vector<Tolerance> tolerances;
    bool isOwn = false; ///< the chosen set is the person's own
    bool throughProfile = true;
    bool hasFormulaOfItsOwn = false; ///< the limits were made for another formula
};

ProofModel proofModel(const SessionState &state);

/// A set of colours to prove with, for people.
struct ProofColours {
    QString key, title;
    int count = 0;           ///< that can be chosen; 0: it has its own
    int least = 0, most = 0; ///< of it
};
std::vector<ProofColours> proofColours();
/// Its key with a number, as runs know it; and back.
std::string proofKey(const ProofColours &colours, int count);
/// Where a choice stands in proofColours(); -1: a list of the person's own.
int proofColoursIndex(const run::ProofChoice &choice);
/// The number in its key, or the usual one.
int proofCount(const run::ProofChoice &choice);
QString againstTitle(const std::string &against);
/// The colours of a list or a print strip, or the key colours of a picture. \throws Error BadInput
ReferenceSet coloursToProve(const QString &path);

} // namespace lantern::app
