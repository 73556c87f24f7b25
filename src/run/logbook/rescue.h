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

} // namespace lantern::run
