#pragma once

#include "run/logbook/merge.h"

namespace lantern::run {

struct RescueReport {
    int damagedPages = 0;        ///< of the file
    int rescued = 0;             ///< runs that are in the new logbook
    std::vector<LeftRun> hurt;   ///< of those: with losses
    std::vector<LeftRun> lost;   ///< runs that are not in it
    int homeless = 0;            ///< readings of lost runs: in a table beside the new logbook
    bool mayHoldDeleted = false; ///< what had been deleted could not be told from the rest
};

/// Whether the file is whole: every page, every link and every index is looked at.
/// \throws Error Device when it cannot be opened at all
bool isWhole(const QString &logbook);

/// Reads what a damaged logbook (schema 4 or later) still holds and makes a new one of it; the old
/// file stays as it is. \param fresh must not exist \param homeless CSV file for readings of runs
/// whose own row is lost; written when there are any
/// \throws Error BadInput: nothing of a logbook is in it; Device: the new one cannot be written
RescueReport rescue(const QString &damaged, const QString &fresh, const QString &homeless,
                    const Progress &progress = {});

/// A logbook that took a damaged one's place.
struct Replaced {
    RescueReport report;
    QString kept;     ///< where the damaged one lies now
    QString homeless; ///< table of readings of lost runs; empty: there are none
};
/// Rescues a damaged logbook and puts the new one in its place; the damaged one stays beside it.
/// Killed in its midst, finishRescue() ends it. Nobody may have it open. \throws Error as rescue()
Replaced rescueInPlace(const QString &logbook);
/// To be called before a logbook is opened: ends what was begun, or does nothing.
void finishRescue(const QString &logbook);

} // namespace lantern::run
