#pragma once

#include "run/logbook/merge.h"
#include "run/shared/shared_book.h"

#include <QDate>

#include <map>
#include <vector>

namespace lantern::run {

/// Which shared book this computer's logbook goes with; a file beside the logbook.
struct BookSetup {
    QString url;           ///< see addressFromUrl(); empty: none
    int days = kUsualDays; ///< runs of others that are older are left in the book
    bool fetches = true;   ///< false: own runs are brought, those of others are not fetched
    std::map<QString, qint64> seen; ///< by book: the last change that was fetched

    static constexpr int kUsualDays = 400;
    bool operator==(const BookSetup &) const = default;
};
QString bookSetupFile(const QString &logbook);
/// An empty one where there is no file. \throws Error BadInput
BookSetup readBookSetup(const QString &file);
/// \throws Error Device
void writeBookSetup(const QString &file, const BookSetup &setup);

/// What bringing came to.
struct Brought {
    int runs = 0, remarks = 0;
    std::vector<LeftRun> left; ///< somebody else has a run of that identity in the book
};
/// Brings finished and discarded runs of this workstation that the book does not have, and notes
/// and removals that changed. Begun again after a crash or a cut connection, it goes on where it
/// was: the book itself says what it has. \param everything those of other workstations, too, such
/// as from a backup
Brought bring(Logbook &mine, SharedBook &book, bool everything = false);

/// Runs of others, and remarks on them, up to a change of the book.
struct Fetched {
    std::vector<RunRecord> runs;  ///< what they are held against before them
    std::vector<HeldRun> remarks; ///< on runs that are here already
    std::vector<LeftRun> left;
    qint64 seen = 0;
    bool isAll = true; ///< nothing newer is in the book
};
/// One portion of what is newer than `seen`. Writes nothing.
Fetched fetch(Logbook &mine, SharedBook &book, qint64 seen, const QDate &since);
/// Takes it into the logbook; the same again changes nothing.
MergeReport takeIn(Logbook &mine, const Fetched &fetched);

} // namespace lantern::run
