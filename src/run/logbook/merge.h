#pragma once

#include "core/base/message.h"
#include "run/logbook/logbook.h"

#include <QString>

#include <functional>
#include <vector>

namespace lantern::run {

/// A run that could not be taken over, and why.
struct LeftRun {
    QString run; ///< its number there, with its display and time where they can be read
    Message problem;
};

struct MergeReport {
    int added = 0, continued = 0, present = 0;
    std::vector<LeftRun> left;
};

/// Told now and then; false: stop, what was taken over so far stays.
using Progress = std::function<bool(int done, int of)>;

/// The whole logbook as one file, which any SQLite program reads; written whole or not at all.
/// \throws Error Device
void backUp(Logbook &book, const QString &file);

/// Takes over every run of another logbook, of any version, that is not here yet; removed ones stay
/// removed. Killed in its midst and begun again, nothing is missing and nothing twice.
/// \throws Error of the other file; of a full disk: what was taken over before stays
MergeReport mergeFrom(Logbook &book, const QString &other, const Progress &progress = {});

/// Takes over runs that somebody has, in a transaction for every hundred of them.
/// \param count of runs \param recordAt may throw Error BadInput: that one is left
MergeReport takeRuns(Logbook &book, int count, const std::function<RunRecord(int)> &recordAt,
                     const std::function<QString(int)> &nameAt, const Progress &progress = {});

} // namespace lantern::run
