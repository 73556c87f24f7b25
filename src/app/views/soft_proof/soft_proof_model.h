#pragma once

#include "app/views/accuracy/accuracy_model.h"

namespace lantern::app {

/// What the view of soft proofing shows.
struct SoftProofModel {
    QString explanation;
    QString title; ///< of the printing condition
    run::PrintChoice choice;
    std::vector<Tolerance> tolerances; ///< the person's own last
    int tolerance = -1;                ///< the chosen one among them
    QString sentence;                  ///< how much of it can be shown; empty: nothing known yet
    QString ends;                      ///< its paper and its black
    QString foreseen;                  ///< by the profile, rich text
    QString read;                      ///< by the last reading of it, rich text
    std::vector<MatchField> fields;    ///< paper, black and the corners of what is printed
    /// Colours that cannot be shown, the worst first: name, printed Lab, shown Lab, difference.
    struct Row {
        QStringList cells;
        std::vector<double> order;
    };
    std::vector<Row> beyond;
    std::optional<run::ProofChoice> proof; ///< what reading it would be; nothing: not possible now
    QString why;                           ///< it is not possible, else what it does
    bool showsPictures = false;            ///< there is an ICC profile to show them by
};

SoftProofModel softProofModel(const SessionState &state);

} // namespace lantern::app
